package vastarc.web.logbook;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.TrendChart;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.WeldRun;

/**
 * How figures go over the weeks.
 *
 * @param charts a figure each
 * @param count  runs that are plotted
 * @param most   that are plotted at the most
 * @param coach  how those with the coach came out beside the others; empty where none was heard
 */
public record Trends(List<Drawing> charts, int count, int most, List<CoachedRuns> coach) {

    /** Newest runs that are plotted. */
    static final int MOST = 2000;

    private static final double WEEK = 7;

    /** Of runs, the newest first, and of what was measured in their photographs. */
    static Trends of(List<WeldRun> runs, Map<UUID, KeptMeasure> measures) {
        List<WeldRun> judged =
                runs.stream().filter(run -> run.endedAt().isPresent()).toList();
        if (judged.isEmpty()) {
            return new Trends(List.of(), 0, MOST, List.of());
        }
        Instant first = judged.get(judged.size() - 1).startedAt();
        Instant last = judged.get(0).startedAt();
        Plot plot = new Plot(judged, first, last);
        List<Drawing> charts = new ArrayList<>(List.of(
                plot.of("current read over current planned", Trends::currentRatio, 1),
                plot.of("travel read over travel planned", Trends::travelRatio, 1),
                plot.of("heat input, kJ/mm", run -> run.figures().heat(), Double.NaN),
                plot.of("argon at the torch for a minute of arc, L", Trends::gasPerMin, Double.NaN),
                plot.firstTimeRight()));
        if (!measures.isEmpty()) {
            charts.add(plot.of("bead width by photograph, mm", run -> width(measures, run), Double.NaN));
            charts.add(plot.of(
                    "evenness of the ripples by photograph, 0 to 1", run -> evenness(measures, run), Double.NaN));
        }
        return new Trends(charts, judged.size(), MOST, CoachedRuns.of(judged));
    }

    private static OptionalDouble currentRatio(WeldRun run) {
        return ratio(run.figures().currentA(), run.head().planned().currentA());
    }

    static OptionalDouble travelRatio(WeldRun run) {
        return ratio(run.figures().travel(), run.head().planned().travel());
    }

    private static OptionalDouble gasPerMin(WeldRun run) {
        return ratio(run.figures().gasL(), run.figures().arcS() / 60);
    }

    private static OptionalDouble width(Map<UUID, KeptMeasure> measures, WeldRun run) {
        KeptMeasure measure = measures.get(run.id());
        return measure == null ? OptionalDouble.empty() : OptionalDouble.of(measure.widthMm());
    }

    private static OptionalDouble evenness(Map<UUID, KeptMeasure> measures, WeldRun run) {
        KeptMeasure measure = measures.get(run.id());
        Double even = measure == null ? null : measure.evenness();
        return even == null ? OptionalDouble.empty() : OptionalDouble.of(even);
    }

    private static OptionalDouble ratio(OptionalDouble read, double planned) {
        return read.isPresent() && planned > 0
                ? OptionalDouble.of(read.getAsDouble() / planned)
                : OptionalDouble.empty();
    }

    private record Plot(List<WeldRun> runs, Instant first, Instant last) {

        private double day(WeldRun run) {
            return Duration.between(first, run.startedAt()).toMillis() / 86_400_000.0;
        }

        private double days() {
            return Math.max(1, Duration.between(first, last).toMillis() / 86_400_000.0);
        }

        Drawing of(String name, Function<WeldRun, OptionalDouble> figure, double line) {
            List<TrendChart.Dot> dots = new ArrayList<>();
            for (int i = runs.size() - 1; i >= 0; i--) {
                OptionalDouble value = figure.apply(runs.get(i));
                if (value.isPresent()) {
                    dots.add(new TrendChart.Dot(day(runs.get(i)), value.getAsDouble()));
                }
            }
            return TrendChart.of(trend(name, dots, weeks(dots, Plot::median), line, false));
        }

        /** Share of the runs that were judged, and good at once, week by week. */
        Drawing firstTimeRight() {
            List<TrendChart.Dot> judged = new ArrayList<>();
            for (int i = runs.size() - 1; i >= 0; i--) {
                if (runs.get(i).verdict() != RunVerdict.UNJUDGED) {
                    judged.add(
                            new TrendChart.Dot(day(runs.get(i)), runs.get(i).verdict() == RunVerdict.GOOD ? 100 : 0));
                }
            }
            List<TrendChart.Dot> weeks = weeks(
                    judged,
                    values -> values.stream()
                            .mapToDouble(value -> value)
                            .average()
                            .orElse(0));
            return TrendChart.of(trend("passed, % of the week's runs", weeks, weeks, Double.NaN, true));
        }

        private TrendChart.Trend trend(
                String name, List<TrendChart.Dot> dots, List<TrendChart.Dot> weeks, double line, boolean percent) {
            return new TrendChart.Trend(name, dots, weeks, days(), date(first), date(last), line, percent, List.of());
        }

        private static String date(Instant at) {
            return LocalDate.ofInstant(at, ZoneOffset.UTC).toString();
        }

        private static List<TrendChart.Dot> weeks(List<TrendChart.Dot> dots, Function<List<Double>, Double> middle) {
            Map<Integer, List<Double>> by = new TreeMap<>();
            dots.forEach(dot -> by.computeIfAbsent((int) (dot.day() / WEEK), week -> new ArrayList<>())
                    .add(dot.value()));
            double end = dots.isEmpty() ? 0 : dots.get(dots.size() - 1).day();
            return by.entrySet().stream()
                    .map(week -> new TrendChart.Dot(
                            Math.min(end, (week.getKey() + 0.5) * WEEK), middle.apply(week.getValue())))
                    .toList();
        }

        private static double median(List<Double> values) {
            List<Double> sorted = values.stream().sorted().toList();
            int half = sorted.size() / 2;
            return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
        }
    }
}
