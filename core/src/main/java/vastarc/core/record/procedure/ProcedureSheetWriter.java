package vastarc.core.record.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassKind;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.record.procedure.ProcedureSheet.LineValue;
import vastarc.core.record.procedure.ProcedureSheet.MeasureValue;
import vastarc.core.record.procedure.ProcedureSheet.NamedValue;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureHeading;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureLine;
import vastarc.core.record.procedure.ProcedureSheet.ProcedurePass;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureSection;

/** Puts a setup sheet under the headings of a procedure. It takes the sheet's numbers and works out none but the arc voltage of the other passes. */
public final class ProcedureSheetWriter {

    private final SetupSheet sheet;
    private final Joint joint;
    private final WeldingConditions conditions;

    private ProcedureSheetWriter(SetupSheet sheet) {
        this.sheet = sheet;
        this.joint = sheet.joint();
        this.conditions = sheet.practice();
    }

    /**
     * {@return the sheet as a preliminary procedure}
     *
     * @param sheet the sheet
     */
    public static ProcedureSheet of(SetupSheet sheet) {
        ProcedureSheetWriter writer = new ProcedureSheetWriter(sheet);
        List<ProcedureSection> sections = List.of(
                writer.joint(),
                writer.baseMetals(),
                writer.filler(),
                writer.position(),
                writer.preheat(),
                writer.gas(),
                writer.electrode(),
                writer.electrical(),
                writer.technique());
        return new ProcedureSheet(sections, writer.passes(), sheet.cautions());
    }

    /** Collects the lines of a section; what the sheet does not say is left out. */
    private final class Lines {

        private final ProcedureHeading heading;
        private final List<ProcedureLine> lines = new ArrayList<>();

        Lines(ProcedureHeading heading) {
            this.heading = heading;
        }

        Lines line(String field, LineValue value) {
            lines.add(new ProcedureLine(field, value));
            return this;
        }

        Lines named(String field, String words, Enum<?> value) {
            return line(field, new NamedValue(value.name(), Phrase.of(words + "." + value.name())));
        }

        Lines said(String field, String apiName, String key) {
            return line(field, new NamedValue(apiName, Phrase.of(key)));
        }

        Lines length(String field, Optional<Length> length) {
            length.map(Length::inMillimetres)
                    .filter(mm -> mm > 0)
                    .ifPresent(mm -> line(field, new MeasureValue(mm, Optional.empty(), Unit.MILLIMETRE)));
            return this;
        }

        Lines measure(String field, double value, Unit unit) {
            return line(field, new MeasureValue(value, Optional.empty(), unit));
        }

        /** As the sheet has it, where it has an effect. */
        Lines setting(String field, ParameterKey key) {
            sheet.find(key)
                    .filter(parameter -> !parameter.idle())
                    .ifPresent(parameter -> line(field, value(parameter)));
            return this;
        }

        ProcedureSection section() {
            return new ProcedureSection(heading, lines);
        }
    }

    private static LineValue value(Parameter parameter) {
        return parameter
                .text()
                .<LineValue>map(text -> new NamedValue(Phrasebook.say(text, UnitSystem.METRIC), text))
                .orElseGet(() -> new MeasureValue(
                        parameter.value(), parameter.window(), parameter.key().unit()));
    }

    private ProcedureSection joint() {
        Lines lines = new Lines(ProcedureHeading.JOINT)
                .named("form", "joint", joint.form())
                .named("preparation", "preparation", joint.preparation())
                .named("penetration", "penetration", sheet.penetration());
        joint.groove()
                .ifPresent(groove -> lines.measure("grooveAngleDeg", groove.angleDeg(), Unit.DEGREE)
                        .length("rootFaceMm", Optional.of(groove.rootFace())));
        lines.length("gapMm", Optional.of(joint.groove().map(Groove::gap).orElse(joint.gap())))
                .length("baseMm", Optional.of(joint.base()))
                .length("abuttingMm", Optional.of(joint.abutting()))
                .length("tubeOdMm", joint.tubeOd());
        if (joint.isCorner() && conditions.wire()) {
            lines.measure("legMm", joint.legMm(), Unit.MILLIMETRE);
        }
        return lines.named("backing", "chill", conditions.chill()).section();
    }

    private ProcedureSection baseMetals() {
        return new Lines(ProcedureHeading.BASE_METALS)
                .named("base", "material", joint.material())
                .named("abutting", "material", joint.other())
                .section();
    }

    private ProcedureSection filler() {
        Lines lines = new Lines(ProcedureHeading.FILLER);
        if (!conditions.wire()) {
            return lines.said("class", WeldProcedure.NO_FILLER, "procedure.noFiller")
                    .section();
        }
        Optional<String> alloy = FillerAlloy.of(joint.material(), joint.other(), conditions.service())
                .alloy();
        alloy.ifPresent(name -> lines.line("class", new NamedValue(name, Phrase.of("procedureSheet.class", name))));
        return lines.setting("diameterMm", ParameterKey.WIRE_DIAMETER).section();
    }

    private ProcedureSection position() {
        Lines lines = new Lines(ProcedureHeading.POSITION)
                .line(
                        "position",
                        new NamedValue(
                                conditions.position().name(),
                                Phrase.of(
                                        "procedure.position",
                                        conditions.position().name(),
                                        Phrase.of("position."
                                                + conditions.position().name()))));
        if (joint.form().isTube()) {
            lines.said(
                    "tube",
                    conditions.rotated() ? "TURNED" : "FIXED",
                    conditions.rotated() ? "procedureSheet.turned" : "procedureSheet.fixed");
        }
        return lines.section();
    }

    private ProcedureSection preheat() {
        return new Lines(ProcedureHeading.PREHEAT)
                .setting("preheatC", ParameterKey.PREHEAT)
                .setting("interpassC", ParameterKey.INTERPASS)
                .section();
    }

    private ProcedureSection gas() {
        Lines lines = new Lines(ProcedureHeading.GAS)
                .said("shielding", "ARGON", "procedureSheet.argon")
                .setting("flowLPerMin", ParameterKey.GAS_FLOW)
                .setting("cupNumber", ParameterKey.CUP_SIZE)
                .setting("preFlowS", ParameterKey.PRE_FLOW)
                .setting("postFlowS", ParameterKey.POST_FLOW);
        if (conditions.purged()) {
            lines.said("backingGas", "ARGON", "procedureSheet.argon")
                    .setting("backingFlowLPerMin", ParameterKey.PURGE_HOLD);
        } else {
            lines.said("backingGas", "NONE", "procedureSheet.none");
        }
        return lines.setting("trailLengthMm", ParameterKey.TRAIL_LENGTH)
                .setting("trailFlowLPerMin", ParameterKey.TRAIL_FLOW)
                .section();
    }

    private ProcedureSection electrode() {
        return new Lines(ProcedureHeading.ELECTRODE)
                .setting("type", ParameterKey.TUNGSTEN_TYPE)
                .setting("diameterMm", ParameterKey.TUNGSTEN_DIAMETER)
                .setting("tipAngleDeg", ParameterKey.TIP_ANGLE)
                .setting("stickOutMm", ParameterKey.STICK_OUT)
                .section();
    }

    private ProcedureSection electrical() {
        Lines lines = new Lines(ProcedureHeading.ELECTRICAL)
                .said("current", "DC", "procedureSheet.direct")
                .said("polarity", "ELECTRODE_NEGATIVE", "procedureSheet.negative");
        if (sheet.isPulsed()) {
            lines.setting("pulseHz", ParameterKey.PULSE_RATE)
                    .setting("pulseOnPercent", ParameterKey.PULSE_ON_TIME)
                    .setting("backgroundA", ParameterKey.PULSE_BACKGROUND_CURRENT)
                    .setting("averageA", ParameterKey.AVERAGE_CURRENT);
        }
        return lines.setting("startA", ParameterKey.START_CURRENT)
                .setting("upSlopeS", ParameterKey.UP_SLOPE)
                .setting("downSlopeS", ParameterKey.DOWN_SLOPE)
                .setting("endA", ParameterKey.END_CURRENT)
                .section();
    }

    private ProcedureSection technique() {
        Lines lines = new Lines(ProcedureHeading.TECHNIQUE).named("torch", "technique", conditions.technique());
        if (conditions.wire()) {
            lines.named("feed", "feed", conditions.wireFeed());
        }
        return lines.named("control", "control", conditions.control())
                .named("finish", "finish", conditions.finish())
                .measure("passes", Math.max(1, scheduled().size()), Unit.NUMBER)
                .section();
    }

    private List<ScheduledPass> scheduled() {
        return sheet.passes().map(PassSchedule::passes).orElse(List.of());
    }

    private List<ProcedurePass> passes() {
        List<ScheduledPass> scheduled = scheduled();
        if (scheduled.isEmpty()) {
            return List.of(shown(PassKind.ONLY));
        }
        List<ProcedurePass> passes = new ArrayList<>(scheduled.size());
        for (int pass = 1; pass <= scheduled.size(); pass++) {
            ScheduledPass planned = scheduled.get(pass - 1);
            passes.add(pass == sheet.pass() ? shown(planned.kind()) : of(pass, planned));
        }
        return passes;
    }

    /** The pass that the sheet shows by its own figures, which may be the welder's. */
    private ProcedurePass shown(PassKind kind) {
        Parameter current = sheet.setting(ParameterKey.WORKING_CURRENT);
        return new ProcedurePass(
                sheet.pass(),
                kind,
                current.value(),
                current.window().orElseThrow(),
                figure(ParameterKey.ARC_VOLTAGE),
                sheet.setting(ParameterKey.TRAVEL_SPEED).value(),
                figure(ParameterKey.WIRE_DIAMETER).orElse(0),
                sheet.setting(ParameterKey.HEAT_INPUT).value());
    }

    private OptionalDouble figure(ParameterKey key) {
        return sheet
                .find(key)
                .filter(parameter -> !parameter.idle() && parameter.text().isEmpty())
                .stream()
                .mapToDouble(Parameter::value)
                .findFirst();
    }

    private ProcedurePass of(int number, ScheduledPass planned) {
        return new ProcedurePass(
                number,
                planned.kind(),
                planned.currentA(),
                Range.around(planned.currentA(), planned.lowA(), planned.highA()),
                OptionalDouble.of(sheet.heat().arc().voltageV(planned.currentA())),
                planned.travelMmPerMin(),
                planned.wireDiameterMm(),
                planned.heatInputKjPerMm());
    }
}
