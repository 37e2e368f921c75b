package vastarc.web.read;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.run.ArcShape;
import vastarc.core.run.Channel;
import vastarc.core.run.Measured;
import vastarc.core.run.RunAnalysis;
import vastarc.core.run.Trace;
import vastarc.core.sheet.SettingKey;
import vastarc.web.kept.document.Document;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunBook;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.kept.run.RunStore;

/** How the figures of a job really stood in its last run, by its readings. */
@Component
class LastRun {

    private static final double FLOWS = 1;

    private final RunStore runs;
    private final RunBook book;

    LastRun(RunStore runs, RunBook book) {
        this.runs = runs;
        this.book = book;
    }

    /**
     * What was read.
     *
     * @param run  it was read of
     * @param set  figures as they stood
     */
    record Found(Run run, Map<SettingKey, Double> set) {}

    /** The last closed run of a job; empty where there is none. */
    Optional<Found> of(UUID job) {
        return book.last(job).map(run -> new Found(run, set(run)));
    }

    private Map<SettingKey, Double> set(Run run) {
        Map<SettingKey, Double> set = new HashMap<>();
        put(set, SettingKey.WORKING_CURRENT, run.figures().currentA());
        put(set, SettingKey.TRAVEL_SPEED, run.figures().travel());
        Trace trace = runs.trace(run.id());
        Optional<RunRecord> record = runs.record(run.id()).flatMap(Document::value);
        RunAnalysis seen = RunAnalysis.of(trace, run.figures().seamMm(), record.map(RunRecord::plan));
        boolean foot = record.map(one -> one.plan().foot()).orElse(true);
        seen.shape().filter(shape -> !foot).ifPresent(shape -> slopes(set, shape));
        Channel flow = trace.channel(Measured.GAS_FLOW);
        if (!flow.isEmpty() && !seen.arcs().isEmpty()) {
            double out = seen.arcs().get(seen.arcs().size() - 1).toS();
            put(set, SettingKey.GAS_FLOW, some(flow.mean(seen.arcs().get(0).fromS(), out)));
            after(flow, out).ifPresent(s -> set.put(SettingKey.POST_FLOW, s));
        }
        return set;
    }

    private static void slopes(Map<SettingKey, Double> set, ArcShape shape) {
        set.put(SettingKey.UP_SLOPE, tenth(shape.upS()));
        set.put(SettingKey.DOWN_SLOPE, tenth(shape.downS()));
        set.put(SettingKey.END_CURRENT, tenth(shape.endA()));
    }

    /** How long the gas went on, where it is seen to stop. */
    private static Optional<Double> after(Channel flow, double outS) {
        double shut = outS;
        for (int i = 0; i < flow.size(); i++) {
            if (flow.s(i) >= outS && flow.value(i) <= FLOWS) {
                return Optional.of(tenth(shut - outS));
            }
            shut = flow.s(i) >= outS ? flow.s(i) : shut;
        }
        return Optional.empty();
    }

    private static double tenth(double value) {
        return Math.round(10 * value) / 10.0;
    }

    private static OptionalDouble some(double value) {
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }

    private static void put(Map<SettingKey, Double> set, SettingKey key, OptionalDouble value) {
        value.ifPresent(one -> set.put(key, tenth(one)));
    }

    static List<SettingKey> keys() {
        return List.of(
                SettingKey.WORKING_CURRENT,
                SettingKey.TRAVEL_SPEED,
                SettingKey.UP_SLOPE,
                SettingKey.DOWN_SLOPE,
                SettingKey.END_CURRENT,
                SettingKey.GAS_FLOW,
                SettingKey.POST_FLOW);
    }
}
