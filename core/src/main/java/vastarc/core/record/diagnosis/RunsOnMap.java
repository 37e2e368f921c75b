package vastarc.core.record.diagnosis;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.parameters.CalibrationRuns;
import vastarc.core.advice.parameters.Drift;
import vastarc.core.advice.parameters.MachineCalibration;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.record.diagnosis.AcceptanceChance.Chance;
import vastarc.core.record.diagnosis.AcceptanceChance.JudgedRun;
import vastarc.core.record.weldlog.RunVerdict;

/**
 * A shop's runs of like joints, laid on the map of a sheet: the same metal, form and position, a thickness not far off, the same machine. A run of another thickness
 * lies where its share of its own calculated current and travel lies here.
 *
 * @param overTravel the map goes over travel
 * @param runs   dots, the newest first; none where the map goes over anything but travel
 * @param known  what is known of the machine's current for this joint
 * @param drifted the machine's current has changed: only runs since then count in {@code known}
 * @param chance that a run is accepted; empty until there are enough runs
 */
public record RunsOnMap(
        boolean overTravel,
        List<RunDot> runs,
        MachineCalibration known,
        boolean drifted,
        Optional<AcceptanceChance> chance) {

    /** Copies its collections, so that it cannot change. */
    public RunsOnMap {
        runs = List.copyOf(runs);
    }

    /**
     * A run on the map.
     *
     * @param x       current, A
     * @param y       travel, mm/min
     * @param verdict what a person made of it
     */
    public record RunDot(double x, double y, RunVerdict verdict) {}

    /**
     * A run with what was read.
     *
     * @param proven    joint, machine, current read over calculated
     * @param paceRatio travel read over planned; 0 where none was read
     * @param verdict   what a person made of it
     */
    public record ReadRun(ProvenRun proven, double paceRatio, RunVerdict verdict) {}

    /**
     * {@return the runs of a machine on the map of a sheet}
     *
     * @param sheet the sheet
     * @param map   its map
     * @param good  what the machine's good runs teach
     * @param all   its runs of whatever verdict, the newest first
     */
    public static RunsOnMap of(SetupSheet sheet, WeldMap map, CalibrationRuns good, List<ReadRun> all) {
        List<ReadRun> like = all.stream()
                .filter(run -> run.paceRatio() > 0 && run.proven().isLike(sheet.weld()))
                .toList();
        boolean overTravel = map.axis() == MapAxis.TRAVEL;
        List<RunDot> dots = overTravel
                ? like.stream()
                        .map(run -> new RunDot(
                                run.proven().ratio() * sheet.balanceA(),
                                run.paceRatio() * travel(sheet),
                                run.verdict()))
                        .toList()
                : List.of();
        List<JudgedRun> judged = like.stream()
                .filter(run -> run.verdict() != RunVerdict.UNJUDGED)
                .map(run -> new JudgedRun(run.proven().ratio(), run.paceRatio(), run.verdict() == RunVerdict.GOOD))
                .toList();
        return new RunsOnMap(
                overTravel,
                dots,
                good.known(sheet.weld()),
                good.drift().filter(Drift::isOut).isPresent(),
                AcceptanceChance.of(judged));
    }

    /**
     * {@return the chance at a point of a map over travel; at its planned travel where the map goes over anything else}
     *
     * @param sheet of the map
     * @param point the point, current above 0
     * @throws java.util.NoSuchElementException where there is no chance yet
     */
    public Chance chanceAt(SetupSheet sheet, MapPoint point) {
        return chance.orElseThrow().at(point.x() / sheet.balanceA(), overTravel ? point.y() / travel(sheet) : 1);
    }

    private static double travel(SetupSheet sheet) {
        return sheet.setting(ParameterKey.TRAVEL_SPEED).engineValue();
    }
}
