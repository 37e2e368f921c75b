package vastarc.core.advice.plan;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.RandomJoints;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;

/**
 * Every figure and sentence shown for 2,000 seeded joints, against those recorded. A change of shape must not move one of them; a change
 * of rule moves them on purpose, and is recorded anew with {@code -Dvastarc.record=true}.
 */
class RecordedAnswersTest {

    private static final long SEED = 2026;
    /** All of them, but where a run over thousands of small changes asks for fewer. */
    private static final int JOINTS = Integer.getInteger("vastarc.recorded.joints", 2000);

    private static final String FILE = "two-thousand-joints.csv";

    @Test
    void noFigureAndNoSentenceShownHasMoved() throws IOException {
        RecordedTable.assertNothingMoved(FILE, answers());
    }

    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        RecordedTable.record(FILE, answers());
    }

    private static List<String> answers() {
        RandomJoints random = new RandomJoints(SEED);
        List<String> lines = new ArrayList<>();
        lines.add("draw,material,form,refused," + names("sheet", ParameterKey.values()) + ","
                + names("cycle", CycleKey.values()) + ",sheet_words_crc32,cycle_words_crc32");
        for (int draw = 0; draw < JOINTS; draw++) {
            Joint joint = random.joint();
            WeldingConditions conditions = random.practiceFor(joint);
            ChosenMethods methods = random.schools();
            Outcome<SetupSheet> outcome = SheetPlanner.plan(joint, conditions, methods);
            lines.add(draw + "," + joint.material() + "," + joint.form() + ","
                    + outcome.value().map(RecordedAnswersTest::line).orElseGet(() -> refused(outcome.problems())));
        }
        return lines;
    }

    private static String names(String of, Enum<?>[] keys) {
        return Stream.of(keys).map(key -> of + "." + key.name()).collect(Collectors.joining(","));
    }

    private static String refused(List<Problem> problems) {
        String fields = problems.stream().map(Problem::field).distinct().collect(Collectors.joining(" "));
        return fields + ",".repeat(ParameterKey.values().length + CycleKey.values().length + 1)
                + crc(problems.stream().map(Problem::toString).collect(Collectors.joining("\n"))) + ",";
    }

    private static String line(SetupSheet sheet) {
        WeldCycle cycle = CyclePlanner.plan(sheet, CycleChoices.none());
        String parameters = Stream.of(ParameterKey.values())
                .map(key -> sheet.find(key).map(RecordedAnswersTest::figure).orElse(""))
                .collect(Collectors.joining(","));
        String values = Stream.of(CycleKey.values())
                .map(key -> number(cycle.values().of(key)))
                .collect(Collectors.joining(","));
        return "," + parameters + "," + values + "," + crc(shown(sheet)) + "," + crc(shown(cycle));
    }

    private static String figure(Parameter parameter) {
        return parameter
                .text()
                .map(text -> Phrasebook.say(text, UnitSystem.METRIC).replace(',', ';'))
                .orElseGet(() -> number(parameter.value()));
    }

    private static String number(double value) {
        return new BigDecimal(value)
                .round(new MathContext(5))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String crc(String text) {
        CRC32 crc = new CRC32();
        crc.update(text.getBytes(StandardCharsets.UTF_8));
        return String.format(Locale.ROOT, "%08x", crc.getValue());
    }

    private static String shown(SetupSheet sheet) {
        StringBuilder text = new StringBuilder();
        for (UnitSystem units : UnitSystem.values()) {
            sheet.settings()
                    .values()
                    .forEach(parameter -> text.append(shown(parameter, units)).append('\n'));
            sheet.schools()
                    .forEach(methodCurrent -> text.append(show(units, Quantity.amperes(methodCurrent.currentA())))
                            .append(Phrasebook.say(methodCurrent.note(), units)));
            sheet.cautions().forEach(caution -> text.append(Phrasebook.say(caution.text(), units)));
            sheet.passes()
                    .ifPresent(passes -> passes.passes()
                            .forEach(pass ->
                                    text.append(pass.kind()).append(show(units, Quantity.amperes(pass.currentA())))));
            text.append(show(units, Quantity.amperes(sheet.tacks().currentA())))
                    .append(show(units, Quantity.seconds(sheet.tacks().onS())))
                    .append(sheet.tacks().count());
            sheet.butts().forEach(butt -> text.append(show(units, Quantity.amperes(butt.currentA()))));
            sheet.wireChoices().forEach(wire -> text.append(show(units, Quantity.amperes(wire.currentToKeepA()))));
        }
        return text.toString();
    }

    private static String shown(Parameter parameter, UnitSystem units) {
        String value = parameter
                .window()
                .map(range -> String.join(
                        " ",
                        show(units, parameter.quantity()),
                        show(units, Quantity.of(range.low(), parameter.key().unit())),
                        show(units, Quantity.of(range.high(), parameter.key().unit()))))
                .orElseGet(() -> Phrasebook.say(parameter.text().orElseThrow(), units));
        String others = parameter.others().stream()
                .map(other -> other.school() + show(units, other.value()))
                .collect(Collectors.joining(" "));
        String inputs = parameter.inputs().stream()
                .map(input -> input.name() + show(units, input.value()))
                .collect(Collectors.joining(" "));
        return parameter.key() + " " + value + " " + parameter.idle() + " " + parameter.school() + " "
                + Phrasebook.say(parameter.reason(), units) + " " + others + " " + inputs;
    }

    private static String shown(WeldCycle cycle) {
        UnitSystem units = UnitSystem.METRIC;
        StringBuilder text = new StringBuilder();
        for (CycleHandle handle : cycle.handles().values()) {
            text.append(handle.key()).append(show(units, handle.quantity()));
            handle.idle().ifPresent(idle -> text.append(Phrasebook.say(idle, units)));
            handle.warning().ifPresent(warning -> text.append(Phrasebook.say(warning, units)));
        }
        cycle.touches().forEach(input -> text.append(input.kind()).append(figure(input.atS())));
        cycle.timeline().spans().forEach(span -> text.append(span.phase()).append(figure(span.endS())));
        text.append(figure(cycle.integrals().energyKj()))
                .append(figure(cycle.integrals().rmsA()))
                .append(figure(cycle.pool().widestMm()));
        cycle.notes().forEach(note -> text.append(Phrasebook.say(note, units)));
        return text.toString();
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, " %.5g", value);
    }

    private static String show(UnitSystem units, Quantity quantity) {
        return " " + units.show(quantity).line();
    }
}
