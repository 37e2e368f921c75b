package vastarc.web.drill;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.training.PracticalTest;
import vastarc.core.training.PracticalTest.BeadLevel;
import vastarc.web.drill.PracticalForm.TypedLevel;
import vastarc.web.layout.Choice;
import vastarc.web.store.drill.PracticalResult;

/**
 * A practical test, finished for display.
 *
 * @param learner who does it; may be empty
 * @param jobs    of the shop, to choose from
 * @param job     id of the one it is; empty for none
 * @param name    of that job
 * @param weld    what is to be welded, in words
 * @param levels  as typed
 * @param wrong   what does not fit besides; empty where nothing
 * @param results of the learner, the newest first
 */
public record PracticalPage(
        String learner,
        List<Choice> jobs,
        String job,
        String name,
        String weld,
        List<TypedLevel> levels,
        String wrong,
        List<PracticalLine> results) {

    /**
     * A test that was done.
     *
     * @param when  it was kept
     * @param job   as it was called then
     * @param score levels held of those there were
     * @param came  passed, not passed, or not measured in full
     * @param more  each level with what was measured
     */
    public record PracticalLine(String when, String job, String score, String came, String more) {

        static PracticalLine of(PracticalResult result) {
            String when = result.doneAt().toString().substring(0, 10);
            return result.test()
                    .value()
                    .map(test -> new PracticalLine(
                            when,
                            result.job(),
                            test.held() + " / " + test.levels().size(),
                            say("practical." + came(test)),
                            test.levels().stream().map(PracticalLine::level).collect(Collectors.joining("; "))))
                    .orElseGet(() -> new PracticalLine(
                            when, result.job(), "", result.test().fault(), ""));
        }

        private static String came(PracticalTest test) {
            return test.isPassed() ? "passed" : test.isComplete() ? "notPassed" : "notMeasured";
        }

        private static String level(BeadLevel level) {
            return say("practical.measure." + level.measure()) + ": "
                    + (level.measured().isPresent() ? figure(level.measured()) : say("practical.unmeasured"))
                    + " (" + range(level.level()) + ")";
        }

        private static String range(OpenRange range) {
            if (range.low().isEmpty()) {
                return say("practical.atMost", figure(range.high()));
            }
            return range.high().isEmpty()
                    ? say("practical.atLeast", figure(range.low()))
                    : say("practical.between", figure(range.low()), figure(range.high()));
        }

        private static String figure(OptionalDouble value) {
            return String.format(Locale.ROOT, "%.2f", value.orElseThrow()).replaceAll("\\.?0+$", "");
        }
    }

    static String say(String key, Object... arguments) {
        return Phrasebook.say(Phrase.of(key, arguments), UnitSystem.METRIC);
    }
}
