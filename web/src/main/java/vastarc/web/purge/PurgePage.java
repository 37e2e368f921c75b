package vastarc.web.purge;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.physics.purge.Cylinder;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.RootPressure;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.OxygenChart;
import vastarc.web.drawing.PurgeDrawing;
import vastarc.web.drawing.RootDrawing;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.layout.TypedField;
import vastarc.web.purge.PurgeMeter.RefusedReadings;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.PurgeReader.ParsedPurge;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.PurgeText;

/**
 * The Purge place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param history  whether there is a step to undo or do again
 * @param refusals why there is nothing to purge; empty where there is
 * @param form     what is typed
 * @param view     what is calculated; empty where something typed cannot be read
 * @param waiting  the wait
 * @param meter    what a meter read
 * @param measuredWith serial numbers and calibration of the meters that read oxygen or the flow; empty where none is chosen
 * @param stale    a change was asked for on an older version, and not made
 */
public record PurgePage(
        String id,
        long version,
        String name,
        History history,
        List<String> refusals,
        Optional<PurgeForm> form,
        Optional<PurgeView> view,
        Optional<PurgeWait> waiting,
        Optional<PurgeMeter> meter,
        String measuredWith,
        boolean stale) {

    private static final double SMALL_L = 0.1;

    /** What is typed: the chain, the gas, and what may be added. */
    public record PurgeForm(
            List<PartForm> parts,
            List<TypedField> gas,
            List<Choice> inlets,
            List<Choice> vents,
            List<Choice> kinds,
            String notNeeded) {}

    /** A part of the chain. */
    public record PartForm(
            int number, String kind, List<TypedField> fields, String volume, boolean last, boolean only) {}

    /** What is calculated. */
    public record PurgeView(
            String hero,
            String heroNote,
            List<FigureLine> figures,
            List<FigureLine> root,
            List<String> problems,
            Drawing section,
            Drawing chart,
            List<RootPicture> pictures,
            List<FigureLine> bottle,
            List<String> rules,
            List<String> cautions,
            List<String> otherWays) {}

    /** The root at a flow. */
    public record RootPicture(String name, String flow, String verdict, Drawing drawing) {
        public RootPicture {
            name = Labels.of(name);
        }
    }

    /** What the page is made from. */
    record PurgeSource(
            Job job,
            List<Problem> refusals,
            Optional<SetupSheet> sheet,
            History history,
            Instant now,
            boolean stale,
            Optional<RefusedReadings> readings,
            List<String> meters,
            String oxygenMeters) {}

    static PurgePage of(PurgeSource source, UnitSystem units) {
        Job job = source.job();
        PurgeText typed = job.content().purge();
        Optional<ParsedPurge> read = source.sheet().map(sheet -> PurgeReader.read(typed, sheet));
        Optional<PurgePlan> plan = read.flatMap(ParsedPurge::plan);
        return new PurgePage(
                job.id().toString(),
                job.version(),
                job.name(),
                source.history(),
                source.refusals().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                source.sheet().map(sheet -> form(sheet, typed, read.orElseThrow(), units)),
                plan.map(found -> view(
                        found,
                        source.sheet().orElseThrow(),
                        read.orElseThrow().bottle(),
                        PurgeMeter.readings(typed),
                        units)),
                plan.map(found ->
                        PurgeWait.of(found, typed, source.now(), source.sheet().orElseThrow())),
                plan.map(found -> PurgeMeter.of(found, typed, source.readings(), source.meters(), units)),
                source.oxygenMeters(),
                source.stale());
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    private static PurgeForm form(SetupSheet sheet, PurgeText typed, ParsedPurge read, UnitSystem units) {
        Map<String, String> messages = new TreeMap<>();
        read.problems().forEach(problem -> messages.putIfAbsent(problem.field(), problem.message(units)));
        List<PartForm> parts = new ArrayList<>();
        for (PurgePart part : read.parts()) {
            parts.add(part(part, parts.size(), read.parts().size(), typed, messages, units));
        }
        return new PurgeForm(
                parts,
                PurgeReader.fields(sheet).stream()
                        .map(field -> new TypedField(
                                field.name(),
                                say(field.name()),
                                typed.text(field.name()).orElse(""),
                                "",
                                units.show(Quantity.of(
                                                field.usual(), field.range().unit()))
                                        .line(),
                                messages.getOrDefault(field.name(), "")))
                        .toList(),
                Choice.of(
                        GasPort.values(), "purge.end", typed.text("purge.inlet").orElse("LOW")),
                Choice.of(
                        GasPort.values(),
                        "purge.end",
                        typed.text("purge.ventAt").orElse("HIGH")),
                Choice.of(PurgePartKind.values(), "purge.part", ""),
                sheet.joint().wantsPurge() || sheet.practice().purged() ? "" : say("purge.notNeeded"));
    }

    private static PartForm part(
            PurgePart part, int number, int of, PurgeText typed, Map<String, String> messages, UnitSystem units) {
        List<TypedField> fields = part.kind().fields().stream()
                .map(range -> {
                    String name = "purge.part." + number + "." + range.field();
                    return new TypedField(
                            name,
                            say("purge.field." + range.field()),
                            typed.text(name).orElse(""),
                            "",
                            units.show(Quantity.of(
                                            part.of(range.field()),
                                            range.unit() == Unit.MILLIMETRE ? Unit.RULED_MILLIMETRE : range.unit()))
                                    .line(),
                            messages.getOrDefault(name, ""));
                })
                .toList();
        return new PartForm(
                number,
                say("purge.part." + part.kind()),
                fields,
                volume(part.volumeL(), units),
                number == of - 1,
                of == 1);
    }

    private static String time(Optional<Double> seconds) {
        return seconds.map(PurgePage::time).orElse("never");
    }

    private static String time(double seconds) {
        long whole = Math.round(seconds);
        return whole < 100 ? whole + " s" : whole / 60 + " min " + (whole % 60 == 0 ? "" : whole % 60 + " s");
    }

    private static FigureLine line(String key, String value) {
        return new FigureLine(say(key), value);
    }

    private static PurgeView view(
            PurgePlan plan, SetupSheet sheet, Cylinder cylinder, List<OxygenReading> readings, UnitSystem units) {
        return new PurgeView(
                time(plan.waitS()),
                plan.waitWithoutMeter()
                        .map(wait -> Phrasebook.say(
                                Phrase.of(
                                        "purge.longest." + wait.longest(),
                                        Quantity.number(plan.ask().targetPpm())),
                                units))
                        .orElse("the target is never reached"),
                figures(plan, units),
                root(plan, units),
                plan.problems().stream()
                        .map(problem -> PurgeReader.sentence(problem, units))
                        .toList(),
                PurgeDrawing.of(plan, units),
                OxygenChart.of(plan, readings),
                pictures(plan, units),
                bottle(plan, sheet, cylinder, units),
                List.of(
                        say("purge.rule.lasts"),
                        say("purge.rule.break"),
                        say("purge.rule.tape"),
                        say("purge.rule.closing")),
                List.of(
                        say("caution.argonPurge"),
                        say("purge.caution.monitor"),
                        say("purge.caution.vent"),
                        say("caution.qualified")),
                List.of(
                        say("purge.other.bar"),
                        say("purge.other.paste"),
                        say("purge.other.flux"),
                        say("purge.other.tape")));
    }

    /** A volume; of a small tube in millilitres. */
    private static String volume(double litres, UnitSystem units) {
        return litres < SMALL_L
                ? Math.round(1000 * litres) + " mL"
                : units.show(Quantity.of(litres, Unit.LITRE)).line();
    }

    private static List<FigureLine> figures(PurgePlan plan, UnitSystem units) {
        List<FigureLine> lines = new ArrayList<>();
        lines.add(line("purge.volume", volume(plan.purge().volumeL(), units)));
        lines.add(line(
                "purge.displacement",
                plan.purge().displacementS().map(PurgePage::time).orElse("does not apply")));
        lines.add(line("purge.blend", time(plan.purge().blendS())));
        lines.add(line("purge.mixed", time(plan.purge().mixedS())));
        plan.waitS().ifPresent(s -> {
            lines.add(line(
                    "purge.changes",
                    units.show(Quantity.number(plan.purge().changes(s))).line()));
            lines.add(line(
                    "purge.used",
                    units.show(Quantity.of(plan.purge().argonL(s), Unit.LITRE)).line()));
        });
        lines.add(line("purge.floor", Math.round(plan.purge().floorPpm() * 10) / 10.0 + " ppm"));
        return lines;
    }

    private static List<FigureLine> root(PurgePlan plan, UnitSystem units) {
        List<FigureLine> lines = new ArrayList<>();
        String low = units.show(Quantity.litresPerMin(plan.hold().low())).figure();
        lines.add(line(
                "purge.hold",
                units.show(Quantity.litresPerMin(plan.hold().value())).line() + " (" + low + " – "
                        + units.show(Quantity.litresPerMin(plan.hold().high())).figure() + ")"));
        lines.add(line(
                "purge.closing",
                units.show(Quantity.litresPerMin(plan.closingLPerMin())).line()));
        lines.add(line("purge.pressure", Math.round(plan.holdPa()) + " Pa"));
        lines.add(line("purge.head", Math.round(plan.ask().root().headPa()) + " Pa"));
        lines.add(line("purge.limit", Math.round(plan.ask().root().limitPa()) + " Pa"));
        plan.balanceVentMm()
                .ifPresent(vent -> lines.add(
                        line("purge.balance", units.show(Quantity.ruled(vent)).line())));
        return lines;
    }

    private static List<RootPicture> pictures(PurgePlan plan, UnitSystem units) {
        RootPressure root = plan.ask().root();
        double burst = 1.15 * (root.limitPa() + root.headPa());
        double much = RootPressure.flowLPerMin(burst, plan.ask().vent());
        return List.of(
                picture("purge.picture.off", 0, plan, units),
                picture("purge.picture.hold", plan.hold().value(), plan, units),
                picture("purge.picture.much", much, plan, units));
    }

    private static RootPicture picture(String key, double flow, PurgePlan plan, UnitSystem units) {
        double pressure = RootPressure.ventPa(flow, plan.ask().vent());
        String verdict = say("purge.verdict." + plan.ask().root().verdict(pressure));
        return new RootPicture(
                say(key),
                units.show(Quantity.litresPerMin(flow)).line(),
                verdict,
                RootDrawing.of(plan.ask().root(), pressure, say(key) + ": the root " + verdict));
    }

    private static List<FigureLine> bottle(PurgePlan plan, SetupSheet sheet, Cylinder cylinder, UnitSystem units) {
        double torch = sheet.setting(ParameterKey.GAS_FLOW).value();
        return List.of(
                line(
                        "purge.bottle.left",
                        units.show(Quantity.of(cylinder.argonL(), Unit.LITRE)).line()),
                line(
                        "purge.bottle.both",
                        minutes(cylinder.minutes(torch + plan.hold().value()))),
                line("purge.bottle.fill", minutes(cylinder.minutes(plan.ask().flow()))));
    }

    private static String minutes(double minutes) {
        return minutes < 90 ? Math.round(minutes) + " min" : Math.round(minutes / 6) / 10.0 + " h";
    }
}
