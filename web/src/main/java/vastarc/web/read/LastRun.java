package vastarc.web.read;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.record.weldlog.ArcShape;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.web.store.document.Document;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunService;

/** The values really used in the last run of a job, by its readings. */
@Component
class LastRun {

    private static final double FLOWS = 1;

    private final WeldRunService runs;
    private final WeldRunQueries book;

    LastRun(WeldRunService runs, WeldRunQueries book) {
        this.runs = runs;
        this.book = book;
    }

    /**
     * What was read.
     *
     * @param run  it was read of
     * @param set  figures as they were
     */
    record LastRunFigures(WeldRun run, Map<ParameterKey, Double> set) {}

    /** The last closed run of a job; empty where there is none. */
    Optional<LastRunFigures> of(UUID job) {
        return book.last(job).map(run -> new LastRunFigures(run, set(run)));
    }

    private Map<ParameterKey, Double> set(WeldRun run) {
        Map<ParameterKey, Double> set = new HashMap<>();
        put(set, ParameterKey.WORKING_CURRENT, run.figures().currentA());
        put(set, ParameterKey.TRAVEL_SPEED, run.figures().travel());
        Recording recording = runs.trace(run.id());
        Optional<RunRecord> record = runs.record(run.id()).flatMap(Document::value);
        RunAnalysis seen = RunAnalysis.of(recording, run.figures().seamMm(), record.map(RunRecord::plan));
        boolean foot = record.map(runRecord -> runRecord.plan().foot()).orElse(true);
        seen.shape().filter(shape -> !foot).ifPresent(shape -> slopes(set, shape));
        Channel flow = recording.channel(MeasuredQuantity.GAS_FLOW);
        if (!flow.isEmpty() && !seen.arcs().isEmpty()) {
            double out = seen.arcs().get(seen.arcs().size() - 1).toS();
            put(set, ParameterKey.GAS_FLOW, flow.mean(seen.arcs().get(0).fromS(), out));
            after(flow, out).ifPresent(s -> set.put(ParameterKey.POST_FLOW, s));
        }
        return set;
    }

    private static void slopes(Map<ParameterKey, Double> set, ArcShape shape) {
        set.put(ParameterKey.UP_SLOPE, tenth(shape.upS()));
        set.put(ParameterKey.DOWN_SLOPE, tenth(shape.downS()));
        set.put(ParameterKey.END_CURRENT, tenth(shape.endA()));
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

    private static void put(Map<ParameterKey, Double> set, ParameterKey key, OptionalDouble value) {
        value.ifPresent(one -> set.put(key, tenth(one)));
    }

    static List<ParameterKey> keys() {
        return List.of(
                ParameterKey.WORKING_CURRENT,
                ParameterKey.TRAVEL_SPEED,
                ParameterKey.UP_SLOPE,
                ParameterKey.DOWN_SLOPE,
                ParameterKey.END_CURRENT,
                ParameterKey.GAS_FLOW,
                ParameterKey.POST_FLOW);
    }
}
