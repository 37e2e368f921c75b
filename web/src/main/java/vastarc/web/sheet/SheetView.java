package vastarc.web.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ButtChoice;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.sheet.CornerChoice;
import vastarc.core.advice.sheet.MethodCurrent;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.Sensitivity;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TackKind;
import vastarc.core.advice.sheet.TackPlan;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView;
import vastarc.web.layout.ParameterView.FigureLine;

/**
 * A sheet finished for display.
 *
 * @param owns     what the welder has set itself
 * @param ownProblems own values that cannot stand
 * @param gaveUps  what the stock cost, by setting
 * @param hero     the working current
 * @param heroNote who set it, and whether it is the peak of a pulse
 * @param panel    the other settings of the machine's panel
 * @param torch    what the torch is built up from
 * @param wire     wire and purge
 * @param weld     how the weld will go
 * @param idle     settings that have no effect on this weld
 * @param unused   which these are, and why
 * @param schoolsTitle what the methods are compared on
 * @param schools  the methods' currents
 * @param wires    what thinner and thicker wire would take
 * @param passes   the passes of a joint that takes more than one run
 * @param fillets  the back of a corner and what changes it
 * @param tacks    fusion tacks, a line each
 * @param butts    both ways to weld a thin butt
 * @param steps    how the current moves with one step
 * @param slips    how far current and travel may slip
 * @param cautions what to mind
 * @param drawing  the joint in section
 */
public record SheetView(
        List<OwnLine> owns,
        List<String> ownProblems,
        List<FigureLine> gaveUps,
        ParameterView hero,
        String heroNote,
        List<ParameterView> panel,
        List<ParameterView> torch,
        List<ParameterView> wire,
        List<ParameterView> weld,
        List<ParameterView> idle,
        List<FigureLine> unused,
        String schoolsTitle,
        List<MethodLine> schools,
        List<WireLine> wires,
        Optional<PassTable> passes,
        List<FilletLine> fillets,
        List<FigureLine> tacks,
        List<ButtLine> butts,
        List<StepLine> steps,
        String slips,
        List<String> cautions,
        Drawing drawing) {

    /** An own value, and what the engine would set. */
    public record OwnLine(String key, String name, String value, String engine) {}

    /** A method's current, its share of the longest bar, its note for this joint, and what becomes of a weld made with it. */
    public record MethodLine(
            String name, String figure, long barPercent, boolean chosen, String note, String outcome) {}

    /** A wire diameter and what it takes. */
    public record WireLine(
            String school,
            String diameter,
            String sameDeposit,
            String sameFeed,
            String plateLeft,
            String keeps,
            String chill) {}

    /**
     * The passes of a joint and what a metre uses.
     *
     * @param now   which one the sheet shows, in words
     * @param clock current round a fixed pipe, a line each
     */
    public record PassTable(String now, List<PassLine> passes, List<FigureLine> clock, List<FigureLine> totals) {}

    /** One depth of a corner. */
    public record FilletLine(
            String change, String way, boolean chosen, String current, String leg, String backWidth, String back) {}

    /** One way to weld a thin butt. */
    public record ButtLine(
            String way,
            boolean both,
            boolean possible,
            boolean chosen,
            String current,
            int passes,
            String heat,
            String shrinkage,
            String pull) {}

    /** The current one step below, now, and one step above. */
    public record StepLine(String what, String low, String lowCurrent, String now, String high, String highCurrent) {}

    /** One pass. */
    public record PassLine(
            int number,
            boolean shown,
            String kind,
            String current,
            String window,
            String wire,
            String travel,
            String heat,
            String area) {}

    private static final List<String> SOURCED = List.of("passes", "butts", "fillets", "tacks", "wires");

    /** Where the figures of a table come from, by the table's name. */
    public Map<String, String> sources() {
        return SOURCED.stream()
                .collect(Collectors.toMap(table -> table, table -> text("source." + table, UnitSystem.METRIC)));
    }

    static SheetView of(SetupSheet sheet, List<Problem> ownProblems, UnitSystem units) {
        return new SheetView(
                sheet.own().values().keySet().stream()
                        .sorted()
                        .map(key -> own(sheet.setting(key), units))
                        .toList(),
                ownProblems.stream().map(problem -> problem.message(units)).toList(),
                sheet.settings().values().stream()
                        .filter(parameter -> parameter.gaveUp().isPresent())
                        .map(parameter -> new FigureLine(
                                text(parameter.key().words(), units),
                                Phrasebook.say(parameter.gaveUp().get(), units)))
                        .toList(),
                ParameterView.of(sheet.setting(ParameterKey.WORKING_CURRENT), units),
                heroNote(sheet, units),
                SheetFigures.used(sheet, ParameterGroup.PANEL, units),
                SheetFigures.used(sheet, ParameterGroup.TORCH, units),
                SheetFigures.used(sheet, ParameterGroup.WIRE, units),
                SheetFigures.used(sheet, ParameterGroup.WELD, units),
                SheetFigures.idle(sheet, units),
                SheetFigures.unused(sheet, units),
                text(sheet.isPulsed() ? "schools.pulsed" : "schools.steady", units),
                schools(sheet, units),
                sheet.wireChoices().stream().map(choice -> wire(choice, units)).toList(),
                sheet.passes().map(plan -> passes(plan, sheet.pass(), units)),
                sheet.corners().stream().map(choice -> fillet(choice, units)).toList(),
                tacks(sheet, units),
                sheet.butts().stream().map(choice -> butt(choice, units)).toList(),
                Sensitivity.of(sheet).stream().map(step -> step(step, units)).toList(),
                Phrasebook.say(MapPlanner.tolerance(sheet).words(), units),
                sheet.cautions().stream()
                        .map(caution -> Phrasebook.say(caution.text(), units))
                        .toList(),
                JointDrawing.of(sheet, units));
    }

    private static OwnLine own(Parameter parameter, UnitSystem units) {
        return new OwnLine(
                parameter.key().apiName(),
                Labels.of(text(parameter.key().words(), units)),
                units.show(parameter.quantity()).line(),
                units.show(Quantity.of(parameter.engineValue(), parameter.key().unit()))
                        .line());
    }

    private static String heroNote(SetupSheet sheet, UnitSystem units) {
        String school =
                text(sheet.setting(ParameterKey.WORKING_CURRENT).school().words(), units);
        return sheet.isPulsed() ? school + ", " + text("hero.peak", units) : school;
    }

    private static List<MethodLine> schools(SetupSheet sheet, UnitSystem units) {
        double most = sheet.schools().stream()
                .mapToDouble(MethodCurrent::currentA)
                .max()
                .orElse(1);
        return sheet.schools().stream()
                .map(methodCurrent -> new MethodLine(
                        Labels.of(
                                Phrasebook.say(Phrase.of(methodCurrent.school().words()), units)),
                        units.show(Quantity.amperes(methodCurrent.currentA())).line(),
                        Math.round(100 * methodCurrent.currentA() / most),
                        methodCurrent.school()
                                == sheet.setting(ParameterKey.WORKING_CURRENT).school(),
                        Phrasebook.say(methodCurrent.note(), units),
                        Phrasebook.say(outcome(sheet, methodCurrent), units)))
                .toList();
    }

    /** Where the map puts a method's current, with the sheet's pulse and travel. */
    private static Phrase outcome(SetupSheet sheet, MethodCurrent method) {
        Parameter working = sheet.setting(ParameterKey.WORKING_CURRENT);
        double steady = sheet.schools().stream()
                .filter(other -> other.school() == working.school())
                .mapToDouble(MethodCurrent::currentA)
                .findFirst()
                .orElse(working.engineValue());
        double current = method.currentA() * working.engineValue() / steady;
        double travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();
        WeldZone zone = MapPlanner.zone(sheet, current, travel);
        return zone == WeldZone.GOOD
                ? Phrase.of(
                        "schools.right",
                        MapPlanner.tolerance(sheet, current, travel, 1).eitherWay(current))
                : Phrase.of("schools.wrong", Phrase.of(zone.shortWords()));
    }

    private static WireLine wire(FillerChoice choice, UnitSystem units) {
        return new WireLine(
                Phrasebook.say(Phrase.of(choice.school().words()), units),
                units.show(Quantity.stockMillimetres(choice.diameterMm())).line(),
                units.show(Quantity.percent(choice.sameDepositPercent())).line(),
                units.show(Quantity.percent(choice.sameFeedPercent())).line(),
                units.show(Quantity.watts(choice.plateLeftW())).line(),
                units.show(Quantity.amperes(choice.currentToKeepA())).line(),
                units.show(Quantity.of(choice.chillPerDabK(), Unit.KELVIN)).line());
    }

    private static PassTable passes(PassSchedule plan, int shown, UnitSystem units) {
        List<PassLine> lines = new ArrayList<>();
        for (ScheduledPass pass : plan.passes()) {
            lines.add(pass(pass, lines.size() + 1, shown, units));
        }
        return new PassTable(
                text(plan.passes().get(shown - 1).kind().words(), units) + ", " + shown + " of " + lines.size(),
                lines,
                plan.clock().stream()
                        .map(hour -> new FigureLine(
                                hour.hour() + " o’clock, " + text("position." + hour.position(), units),
                                units.show(Quantity.amperes(hour.currentA())).line()))
                        .toList(),
                List.of(
                        total("total.wire", Quantity.of(plan.wireMPerM(), Unit.METRE), units),
                        total("total.mass", Quantity.of(plan.gramPerM(), Unit.GRAM), units),
                        total("total.arc", Quantity.of(plan.arcMinPerM(), Unit.MINUTE), units),
                        total("total.gas", Quantity.of(plan.gasLPerM(), Unit.LITRE), units)));
    }

    private static PassLine pass(ScheduledPass pass, int number, int shown, UnitSystem units) {
        String low = units.show(Quantity.amperes(pass.lowA())).figure();
        return new PassLine(
                number,
                number == shown,
                Labels.of(text(pass.kind().words(), units)),
                units.show(Quantity.amperes(pass.currentA())).line(),
                low + " – " + units.show(Quantity.amperes(pass.highA())).figure(),
                pass.wireDiameterMm() > 0
                        ? units.show(Quantity.stockMillimetres(pass.wireDiameterMm()))
                                .line()
                        : "–",
                units.show(Quantity.mmPerMin(pass.travelMmPerMin())).line(),
                units.show(Quantity.of(pass.heatInputKjPerMm(), Unit.KJ_PER_MM)).line(),
                units.show(Quantity.of(pass.areaMm2(), Unit.SQUARE_MM)).line());
    }

    private static FilletLine fillet(CornerChoice choice, UnitSystem units) {
        return new FilletLine(
                query(choice.change()),
                Labels.of(text(choice.way().words(), units)),
                choice.chosen(),
                units.show(Quantity.amperes(choice.currentA())).line(),
                choice.legMm() > 0 ? units.show(Quantity.ruled(choice.legMm())).line() : "–",
                choice.backMm() > 0
                        ? units.show(Quantity.ruled(choice.backMm())).line()
                        : "–",
                Phrasebook.say(choice.back(), units));
    }

    /** Fields of the form and what to set them to, as the page's buttons carry them. */
    private static String query(Map<String, Object> change) {
        UriComponentsBuilder query = UriComponentsBuilder.newInstance();
        change.forEach(query::queryParam);
        return Optional.ofNullable(query.build().getQuery()).orElse("");
    }

    private static FigureLine total(String words, Quantity quantity, UnitSystem units) {
        return new FigureLine(
                Phrasebook.say(Phrase.of(words), units), units.show(quantity).line());
    }

    private static List<FigureLine> tacks(SetupSheet sheet, UnitSystem units) {
        TackPlan plan = sheet.tacks();
        List<FigureLine> lines = new ArrayList<>();
        lines.add(new FigureLine(text("tack.kind", units), text("tack.kind." + TackKind.of(sheet), units)));
        lines.add(new FigureLine(text("tack.held", units), Phrasebook.say(TackKind.heldBy(sheet), units)));
        if (plan.fusion()) {
            lines.add(total("tack.current", Quantity.amperes(plan.currentA()), units));
            lines.add(total("tack.on", Quantity.seconds(plan.onS()), units));
            lines.add(total("tack.pause", Quantity.seconds(plan.pauseS()), units));
            lines.add(total("tack.pitch", Quantity.ruled(plan.stitchPitchMm()), units));
        } else {
            lines.add(new FigureLine(text("tack.fusion", units), text("tack.withWire", units)));
        }
        plan.quick()
                .ifPresent(spot -> lines.add(new FigureLine(
                        text("tack.quick", units),
                        units.show(Quantity.amperes(spot.currentA())).line() + ", "
                                + units.show(Quantity.seconds(spot.onS())).line())));
        lines.add(total("tack.pre", Quantity.seconds(plan.preFlowS()), units));
        lines.add(total("tack.post", Quantity.seconds(plan.postFlowS()), units));
        lines.add(range("tack.length", plan.lengthLowMm(), plan.lengthHighMm(), units));
        lines.add(
                plan.count() > 0
                        ? total("tack.count", Quantity.number(plan.count()), units)
                        : range("tack.spacing", plan.spacingLowMm(), plan.spacingHighMm(), units));
        lines.add(new FigureLine(
                text("tack.order", units), Phrasebook.say(plan.order().phrase(), units)));
        return lines;
    }

    private static FigureLine range(String words, double low, double high, UnitSystem units) {
        String from = units.show(Quantity.ruled(low)).figure();
        return new FigureLine(
                text(words, units),
                from + " – " + units.show(Quantity.ruled(high)).line());
    }

    private static String text(String words, UnitSystem units) {
        return Phrasebook.say(Phrase.of(words), units);
    }

    private static ButtLine butt(ButtChoice choice, UnitSystem units) {
        return new ButtLine(
                Labels.of(text("butt." + choice.way(), units)),
                choice.passes() > 1,
                choice.possible(),
                choice.chosen(),
                units.show(Quantity.amperes(choice.currentA())).line(),
                choice.passes(),
                units.show(Quantity.of(choice.heatInputKjPerMm(), Unit.KJ_PER_MM))
                        .line(),
                units.show(Quantity.millimetres(choice.shrinkageMm())).line(),
                choice.pullDeg() == 0
                        ? text("butt.balanced", units)
                        : units.show(Quantity.of(choice.pullDeg(), Unit.DEGREE_FINE))
                                .line());
    }

    private static StepLine step(Sensitivity step, UnitSystem units) {
        return new StepLine(
                Labels.of(text("sensitivity." + step.what(), units)),
                units.show(Quantity.of(step.low(), step.unit())).figure(),
                units.show(Quantity.amperes(step.lowCurrentA())).line(),
                units.show(Quantity.of(step.now(), step.unit())).line(),
                units.show(Quantity.of(step.high(), step.unit())).figure(),
                units.show(Quantity.amperes(step.highCurrentA())).line());
    }
}
