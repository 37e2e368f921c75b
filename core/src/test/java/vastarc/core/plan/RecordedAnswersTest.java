package vastarc.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Handle;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.RandomJoints;
import vastarc.core.sheet.Schools;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.wording.Phrasebook;

/**
 * Every figure and sentence shown for 2,000 seeded joints, against those recorded. A change of shape must not move one of them; a change
 * of rule moves them on purpose, and is recorded anew with {@code -Dvastarc.record=true}.
 */
class RecordedAnswersTest {

    private static final long SEED = 2026;
    private static final int JOINTS = 2000;
    private static final String FILE = "regression/two-thousand-joints.csv";
    private static final List<SettingKey> SHOWN = List.of(
            SettingKey.WORKING_CURRENT, SettingKey.POST_FLOW, SettingKey.TUNGSTEN_DIAMETER, SettingKey.TRAVEL_SPEED);

    @Test
    void noFigureAndNoSentenceShownHasMoved() throws IOException {
        List<String> recorded;
        try (InputStream in = RecordedAnswersTest.class.getResourceAsStream("/" + FILE)) {
            recorded = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
        assertThat(answers()).isEqualTo(recorded);
    }

    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        Files.writeString(Path.of("src/test/resources", FILE), String.join("\n", answers()) + "\n");
    }

    private static List<String> answers() {
        RandomJoints random = new RandomJoints(SEED);
        List<String> lines = new ArrayList<>();
        lines.add("draw,material,form,working,post_flow,tungsten,travel,all_shown_crc32,score_shown_crc32");
        for (int draw = 0; draw < JOINTS; draw++) {
            Joint joint = random.joint();
            Practice practice = random.practiceFor(joint);
            Schools schools = random.schools();
            Outcome<Sheet> outcome = SheetPlanner.plan(joint, practice, schools);
            lines.add(draw + "," + joint.material() + "," + joint.form() + ","
                    + outcome.value().map(RecordedAnswersTest::line).orElseGet(() -> refused(outcome.problems())));
        }
        return lines;
    }

    private static String refused(List<Problem> problems) {
        return "refused,,,," + crc(problems.stream().map(Problem::toString).collect(Collectors.joining("\n"))) + ",";
    }

    private static String line(Sheet sheet) {
        String figures = SHOWN.stream()
                .map(key ->
                        UnitSystem.METRIC.show(sheet.setting(key).quantity()).figure())
                .collect(Collectors.joining(","));
        return figures + "," + crc(shown(sheet)) + "," + crc(shown(ScorePlanner.plan(sheet, ScoreChoices.none())));
    }

    private static String crc(String text) {
        CRC32 crc = new CRC32();
        crc.update(text.getBytes(StandardCharsets.UTF_8));
        return String.format(Locale.ROOT, "%08x", crc.getValue());
    }

    private static String shown(Sheet sheet) {
        StringBuilder text = new StringBuilder();
        for (UnitSystem units : UnitSystem.values()) {
            sheet.settings()
                    .values()
                    .forEach(setting -> text.append(shown(setting, units)).append('\n'));
            sheet.schools()
                    .forEach(school -> text.append(show(units, Quantity.amperes(school.currentA())))
                            .append(Phrasebook.say(school.note(), units)));
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

    private static String shown(Setting setting, UnitSystem units) {
        String value = setting.window()
                .map(window -> String.join(
                        " ",
                        show(units, setting.quantity()),
                        show(units, Quantity.of(window.low(), setting.key().unit())),
                        show(units, Quantity.of(window.high(), setting.key().unit()))))
                .orElseGet(() -> Phrasebook.say(setting.text().orElseThrow(), units));
        String others = setting.others().stream()
                .map(other -> other.school() + show(units, other.value()))
                .collect(Collectors.joining(" "));
        String inputs = setting.inputs().stream()
                .map(input -> input.name() + show(units, input.value()))
                .collect(Collectors.joining(" "));
        return setting.key() + " " + value + " " + setting.idle() + " " + setting.school() + " "
                + Phrasebook.say(setting.reason(), units) + " " + others + " " + inputs;
    }

    private static String shown(Score score) {
        UnitSystem units = UnitSystem.METRIC;
        StringBuilder text = new StringBuilder();
        for (Handle handle : score.handles().values()) {
            text.append(handle.key()).append(show(units, handle.quantity()));
            handle.idle().ifPresent(idle -> text.append(Phrasebook.say(idle, units)));
            handle.warning().ifPresent(warning -> text.append(Phrasebook.say(warning, units)));
        }
        score.touches().forEach(touch -> text.append(touch.kind()).append(figure(touch.atS())));
        score.timeline().spans().forEach(span -> text.append(span.phase()).append(figure(span.endS())));
        text.append(figure(score.integrals().energyKj()))
                .append(figure(score.integrals().rmsA()))
                .append(figure(score.pool().widestMm()));
        score.notes().forEach(note -> text.append(Phrasebook.say(note, units)));
        return text.toString();
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, " %.5g", value);
    }

    private static String show(UnitSystem units, Quantity quantity) {
        return " " + units.show(quantity).line();
    }
}
