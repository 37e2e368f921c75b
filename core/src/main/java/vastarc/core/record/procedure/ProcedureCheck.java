package vastarc.core.record.procedure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.joint.Joint;

/** Where a sheet leaves a procedure. That it leaves it nowhere is no approval. */
public final class ProcedureCheck {

    private final WeldProcedure procedure;
    private final SetupSheet sheet;
    private final List<Departure> departures = new ArrayList<>();

    private ProcedureCheck(WeldProcedure procedure, SetupSheet sheet) {
        this.procedure = procedure;
        this.sheet = sheet;
    }

    /**
     * A limit that a sheet does not keep.
     *
     * @param field of the procedure
     * @param value of the sheet: a number in the field's unit, an API name, a day, or whether it is purged
     * @param limit range of the procedure; one that limits nothing where the field is no range
     * @param pass  whose value it is, from 1; empty where the field is not one of passes
     * @param words in a sentence
     */
    public record Departure(String field, Object value, OpenRange limit, OptionalInt pass, Phrase words) {}

    /**
     * {@return where a sheet leaves a procedure; empty where it keeps within}
     *
     * @param procedure the procedure
     * @param sheet     the sheet
     * @param day       on which it is to be welded, ISO 8601: such days compare as text
     */
    public static List<Departure> of(WeldProcedure procedure, SetupSheet sheet, String day) {
        ProcedureCheck check = new ProcedureCheck(procedure, sheet);
        check.days(day);
        check.joint();
        check.heat();
        check.filler();
        return List.copyOf(check.departures);
    }

    private void days(String day) {
        procedure
                .from()
                .filter(from -> day.compareTo(from) < 0)
                .ifPresent(from -> note("from", day, Phrase.of("procedure.notYet", from)));
        procedure
                .until()
                .filter(until -> day.compareTo(until) > 0)
                .ifPresent(until -> note("until", day, Phrase.of("procedure.over", until)));
    }

    private void joint() {
        Joint joint = sheet.joint();
        Stream.of(joint.material(), joint.other())
                .distinct()
                .forEach(metal ->
                        among("materials", procedure.materials(), metal, Phrase.of("material." + metal.name())));
        among(
                "joints",
                procedure.joints(),
                joint.form(),
                Phrase.of("joint." + joint.form().name()));
        Stream.of(joint.thinnerMm(), joint.thickerMm())
                .distinct()
                .forEach(
                        mm -> within("thicknessMm", procedure.thicknessMm(), mm, Unit.MILLIMETRE, OptionalInt.empty()));
        joint.tubeOd()
                .map(Length::inMillimetres)
                .ifPresent(mm -> within("tubeOdMm", procedure.tubeOdMm(), mm, Unit.MILLIMETRE, OptionalInt.empty()));
        among(
                "positions",
                procedure.positions(),
                sheet.practice().position(),
                Phrase.of(
                        "procedure.position",
                        sheet.practice().position().name(),
                        Phrase.of("position." + sheet.practice().position().name())));
        procedure
                .purged()
                .filter(purged -> purged != sheet.practice().purged())
                .ifPresent(purged -> note(
                        "purged",
                        sheet.practice().purged(),
                        Phrase.of(purged ? "procedure.purgeWanted" : "procedure.purgeUnwanted")));
    }

    private void heat() {
        passes("currentA", procedure.currentA(), ScheduledPass::currentA, ParameterKey.WORKING_CURRENT);
        passes(
                "heatInputKjPerMm",
                procedure.heatInputKjPerMm(),
                ScheduledPass::heatInputKjPerMm,
                ParameterKey.HEAT_INPUT);
        value(ParameterKey.PREHEAT)
                .ifPresent(c -> within("preheatC", procedure.preheatC(), c, Unit.CELSIUS, OptionalInt.empty()));
        value(ParameterKey.INTERPASS)
                .ifPresent(c -> within("interpassC", procedure.interpassC(), c, Unit.CELSIUS, OptionalInt.empty()));
    }

    /** By every pass; the one that the sheet shows by its own figures, which may be the welder's. */
    private void passes(String field, OpenRange range, ToDoubleFunction<ScheduledPass> figure, ParameterKey shown) {
        List<ScheduledPass> passes = sheet.passes().map(plan -> plan.passes()).orElse(List.of());
        int count = Math.max(1, passes.size());
        for (int pass = 1; pass <= count; pass++) {
            double value = pass == sheet.pass() || passes.isEmpty()
                    ? sheet.setting(shown).value()
                    : figure.applyAsDouble(passes.get(pass - 1));
            within(field, range, value, shown.unit(), OptionalInt.of(pass));
        }
    }

    private Optional<Double> value(ParameterKey key) {
        return sheet.find(key).filter(parameter -> parameter.text().isEmpty()).map(Parameter::value);
    }

    private void filler() {
        Joint joint = sheet.joint();
        String alloy = sheet.practice().wire()
                ? FillerAlloy.of(
                                joint.material(),
                                joint.other(),
                                sheet.practice().service())
                        .alloy()
                        .orElse(WeldProcedure.NO_FILLER)
                : WeldProcedure.NO_FILLER;
        among(
                "fillers",
                procedure.fillers(),
                alloy,
                alloy.equals(WeldProcedure.NO_FILLER) ? Phrase.of("procedure.noFiller") : alloy);
    }

    private <T> void among(String field, Collection<T> covered, T value, Object words) {
        if (!covered.isEmpty() && !covered.contains(value)) {
            Object shown = value instanceof Enum<?> name ? name.name() : value;
            note(field, shown, Phrase.of("procedure.notCovered", Phrase.of("procedure.field." + field), words));
        }
    }

    private void within(String field, OpenRange range, double value, Unit unit, OptionalInt pass) {
        if (range.holds(value)) {
            return;
        }
        departures.add(new Departure(
                field,
                value,
                range,
                pass,
                Phrase.of(
                        "procedure.outside",
                        Phrase.of("procedure.field." + field),
                        Quantity.of(value, unit),
                        range.words(unit))));
    }

    private void note(String field, Object value, Phrase words) {
        departures.add(new Departure(field, value, OpenRange.ALL, OptionalInt.empty(), words));
    }
}
