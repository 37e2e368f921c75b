package vastarc.web.drill;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.TrendChart;
import vastarc.web.store.drill.DrillStore.DatedAnswer;

/** A learner's answers over the weeks: what share of each week's was right. */
final class LearningProgress {

    private static final int LEAST = 5;
    private static final double WEEK = 7;
    private static final double DAY_MS = 86_400_000;

    private LearningProgress() {}

    /** In order of time; empty for too few answers to say anything. */
    static Optional<Drawing> of(List<DatedAnswer> answers) {
        if (answers.size() < LEAST) {
            return Optional.empty();
        }
        Instant first = answers.get(0).at();
        Instant last = answers.get(answers.size() - 1).at();
        Map<Integer, int[]> weeks = new TreeMap<>();
        for (DatedAnswer answer : answers) {
            int[] week = weeks.computeIfAbsent((int) (days(first, answer.at()) / WEEK), number -> new int[2]);
            week[0]++;
            week[1] += answer.right() ? 1 : 0;
        }
        double end = days(first, last);
        List<TrendChart.Dot> dots = new ArrayList<>();
        weeks.forEach((number, week) ->
                dots.add(new TrendChart.Dot(Math.min(end, (number + 0.5) * WEEK), 100.0 * week[1] / week[0])));
        return Optional.of(TrendChart.of(new TrendChart.Trend(
                "right, % of the week's answers",
                dots, dots, Math.max(1, end), date(first), date(last), Double.NaN, true, List.of())));
    }

    private static double days(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / DAY_MS;
    }

    private static String date(Instant at) {
        return LocalDate.ofInstant(at, ZoneOffset.UTC).toString();
    }
}
