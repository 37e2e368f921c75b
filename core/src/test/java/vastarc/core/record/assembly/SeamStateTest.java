package vastarc.core.record.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.core.record.assembly.SeamEvent.SeamEventKind.EXAMINED;
import static vastarc.core.record.assembly.SeamEvent.SeamEventKind.RELEASED;
import static vastarc.core.record.assembly.SeamEvent.SeamEventKind.REPAIRED;
import static vastarc.core.record.assembly.SeamEvent.SeamEventKind.WELDED;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;

class SeamStateTest {

    private static SeamEvent event(String word) {
        SeamEventKind kind = switch (word) {
            case "release" -> RELEASED;
            case "weld" -> WELDED;
            case "repair" -> REPAIRED;
            default -> EXAMINED;
        };
        Examination method = kind == EXAMINED ? Examination.VISUAL : Examination.NONE;
        return new SeamEvent(kind, "2026-11-29", "Ansa", method, word.equals("accept"), "");
    }

    @ParameterizedTest
    @CsvSource({
        "false, '', OPEN",
        "true, '', HELD",
        "true, release, OPEN",
        "true, weld, WELDED",
        "false, weld, WELDED",
        "false, accept, OPEN",
        "false, weld accept, ACCEPTED",
        "false, weld reject, REJECTED",
        "false, weld reject repair, WELDED",
        "false, weld reject repair accept, ACCEPTED",
        "false, weld accept reject, REJECTED",
        "true, weld release, WELDED"
    })
    void aSeamStandsWhereItsEventsHaveBroughtIt(boolean hold, String words, SeamState state) {
        List<SeamEvent> events = Arrays.stream(words.split(" "))
                .filter(word -> !word.isEmpty())
                .map(SeamStateTest::event)
                .toList();
        assertThat(SeamState.of(hold, events)).isEqualTo(state);
    }

    /** Along 500 ways through what may be entered next, a seam is never accepted that was not welded and examined since. */
    @Test
    void noWayLeadsToAcceptanceWithoutAnExaminationAfterTheLastWelding() {
        SplittableRandom random = new SplittableRandom(7);
        for (int way = 0; way < 500; way++) {
            boolean hold = random.nextBoolean();
            List<SeamEvent> events = new ArrayList<>();
            for (int step = 0; step < 8; step++) {
                List<SeamEventKind> next = SeamState.of(hold, events).next();
                SeamEventKind kind = next.get(random.nextInt(next.size()));
                events.add(new SeamEvent(kind, "2026-11-29", "", Examination.NONE, random.nextBoolean(), ""));
                SeamEvent last = events.get(events.size() - 1);
                boolean accepted = SeamState.of(hold, events) == SeamState.ACCEPTED;
                assertThat(accepted).isEqualTo(last.kind() == EXAMINED && last.accepted());
            }
        }
    }

    @Test
    void ofNothingWeldedNothingWasRepaired() {
        assertThat(new RepairRate("Ansa", 0, 0).share()).isZero();
        assertThat(new RepairRate("Ansa", 8, 2).share()).isEqualTo(0.25);
    }
}
