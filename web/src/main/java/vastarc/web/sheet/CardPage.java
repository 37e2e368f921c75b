package vastarc.web.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelPlan;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.MapDrawing;
import vastarc.web.drawing.MapDrawing.ShopOnMap;
import vastarc.web.drawing.PanelDrawing;
import vastarc.web.layout.ParameterView;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.paper.QrCode;
import vastarc.web.request.PurgeReader;
import vastarc.web.request.PurgeReader.ParsedPurge;
import vastarc.web.service.JobPlan;
import vastarc.web.store.job.Job;
import vastarc.web.store.machine.Machine;

/**
 * A job's setup card: everything that goes on panel and torch, on one page of paper.
 *
 * @param id       job
 * @param name     of the job
 * @param joint    in words
 * @param proven   the day it was proven; empty while it is open
 * @param notes    of the job, as far as they fit
 * @param sheet    the figures; empty where the joint has none
 * @param problems why there is none
 * @param panel    figures of the machine's panel
 * @param torch    figures of torch, gas and wire
 * @param weld     how it will go
 * @param purge    the wait and the hold flow, where it is purged
 * @param machine  it is welded with; empty where the shop has none
 * @param front    its panel with the job on it
 * @param controls where each control must be set
 * @param map      where it works, over current and travel; empty without a sheet
 * @param booth    how a tablet opens the job's booth; empty where no other machine may ask
 */
public record CardPage(
        String id,
        String name,
        String joint,
        String proven,
        String notes,
        Optional<SheetView> sheet,
        List<String> problems,
        List<ParameterView> panel,
        List<ParameterView> torch,
        List<ParameterView> weld,
        List<FigureLine> purge,
        String machine,
        Optional<PanelDrawing> front,
        List<FigureLine> controls,
        Optional<Drawing> map,
        Optional<BoothCode> booth) {

    /**
     * The booth of a job, for a tablet.
     *
     * @param code    to be read by its camera
     * @param address the same, to type
     */
    public record BoothCode(Drawing code, String address) {}

    private static final int NOTE = 160;

    /** The purge's flows are given with its wait; the rest is of use at the desk, not at the bench. */
    private static final Set<String> LEFT_OUT = Stream.of(
                    ParameterKey.PURGE_FLOW,
                    ParameterKey.PURGE_HOLD,
                    ParameterKey.AVERAGE_CURRENT,
                    ParameterKey.RMS_CURRENT,
                    ParameterKey.ARC_ENERGY,
                    ParameterKey.WIRE_SHARE,
                    ParameterKey.POOL_WIDTH,
                    ParameterKey.BACK_BEAD)
            .map(ParameterKey::apiName)
            .collect(Collectors.toSet());

    /**
     * What the card is made from.
     *
     * @param machine chosen for the job, and what its panel must be
     * @param booth   address of the job's booth; empty where no other machine may ask
     */
    record CardSource(
            Job job, JobPlan plan, Optional<Machine> machine, Optional<PanelPlan> panel, Optional<String> booth) {}

    static CardPage of(CardSource source, UnitSystem units) {
        Job job = source.job();
        Optional<SheetView> view = source.plan()
                .sheet()
                .value()
                .map(sheet -> SheetView.of(sheet, source.plan().ownProblemsOfSheet(), units));
        return new CardPage(
                job.id().toString(),
                job.name(),
                source.plan().sheet().value().map(sheet -> joint(sheet, units)).orElse(""),
                job.content().proof().map(proof -> "proven " + proof.day()).orElse("a starting point, not proven yet"),
                job.notes().length() > NOTE ? job.notes().substring(0, NOTE).strip() + " …" : job.notes(),
                view,
                source.plan().sheet().problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                view.map(sheet -> working(sheet.panel())).orElse(List.of()),
                view.map(sheet -> working(Stream.concat(sheet.torch().stream(), sheet.wire().stream())
                                .toList()))
                        .orElse(List.of()),
                view.map(sheet -> working(sheet.weld())).orElse(List.of()),
                purge(source, units),
                source.machine().map(Machine::name).orElse(""),
                both(source, (machine, panel) -> PanelDrawing.of(machine.profile(), panel, units)),
                source.panel().map(panel -> controls(panel, units)).orElse(List.of()),
                source.plan().sheet().value().flatMap(sheet -> map(sheet, units)),
                source.booth().map(address -> new BoothCode(QrCode.of(address), address)));
    }

    private static Optional<Drawing> map(SetupSheet sheet, UnitSystem units) {
        return MapPlanner.of(sheet, MapRequest.usual(MapAxis.TRAVEL))
                .value()
                .map(made -> MapDrawing.small(made, ShopOnMap.NOTHING, sheet, units));
    }

    private static <T> Optional<T> both(CardSource source, BiFunction<Machine, PanelPlan, T> use) {
        return source.machine().flatMap(machine -> source.panel().map(panel -> use.apply(machine, panel)));
    }

    private static List<ParameterView> working(List<ParameterView> figures) {
        return figures.stream()
                .filter(figure -> !figure.idle() && !LEFT_OUT.contains(figure.id()))
                .toList();
    }

    private static String joint(SetupSheet sheet, UnitSystem units) {
        List<String> words = new ArrayList<>();
        words.add(say(Phrase.of("material." + sheet.joint().material().name()), units));
        words.add(units.show(Quantity.millimetres(sheet.joint().thinnerMm())).line());
        words.add(say(Phrase.of("joint." + sheet.joint().form().name()), units));
        words.add(say(Phrase.of(sheet.practice().wire() ? "card.wire" : "card.fusion"), units));
        return String.join(", ", words);
    }

    private static List<FigureLine> purge(CardSource source, UnitSystem units) {
        return source.plan()
                .sheet()
                .value()
                .filter(sheet -> sheet.joint().wantsPurge())
                .map(sheet -> PurgeReader.read(source.job().content().purge(), sheet))
                .flatMap(ParsedPurge::plan)
                .map(plan -> List.of(
                        line(
                                "purge.flow",
                                units.show(Quantity.litresPerMin(plan.ask().flow()))
                                        .line()),
                        line(
                                "card.wait",
                                plan.waitS()
                                        .map(wait -> units.show(Quantity.time(Math.ceil(wait)))
                                                .line())
                                        .orElse("never")),
                        line(
                                "purge.hold",
                                units.show(Quantity.litresPerMin(plan.hold().value()))
                                        .line())))
                .orElse(List.of());
    }

    private static FigureLine line(String key, String value) {
        return new FigureLine(say(Phrase.of(key), UnitSystem.METRIC), value);
    }

    private static List<FigureLine> controls(PanelPlan panel, UnitSystem units) {
        return panel.controls().stream()
                .filter(control -> control.idle().isEmpty())
                .map(control -> new FigureLine(
                        control.element().label().isBlank()
                                ? say(Phrase.of(control.element().setting().words()), units)
                                : control.element().label(),
                        say(control.words(), units)))
                .toList();
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
