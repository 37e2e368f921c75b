package vastarc.web.service;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.core.record.diagnosis.RunsOnMap.ReadRun;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.WeldRunQueries;

/** Lays the runs of a machine, from the logbook, on the map of a sheet. */
@Component
public class MachineRuns {

    private final WeldRunQueries runs;
    private final ProvenRuns proven;
    private final MachineStore machines;

    MachineRuns(WeldRunQueries runs, ProvenRuns proven, MachineStore machines) {
        this.runs = runs;
        this.proven = proven;
        this.machines = machines;
    }

    /**
     * How far currents go, and for how long.
     *
     * @param machineA     highest current of the machine, A
     * @param machinePlate its duty points
     * @param torchPlate   duty points of the shop's strongest torch; none where it has entered none
     */
    public record CurrentLimits(double machineA, List<DutyPoint> machinePlate, List<DutyPoint> torchPlate) {

        /** Copies its collections, so that it cannot change. */
        public CurrentLimits {
            machinePlate = List.copyOf(machinePlate);
            torchPlate = List.copyOf(torchPlate);
        }

        /** {@return highest rated current of the shop's torches, A; empty where it has entered none} */
        public OptionalDouble torchA() {
            return highestA(torchPlate);
        }
    }

    private static OptionalDouble highestA(List<DutyPoint> plate) {
        return plate.stream().mapToDouble(DutyPoint::currentA).max();
    }

    /**
     * {@return how far currents go on a machine; empty where the shop has none of that name}
     *
     * @param machine name of the machine
     */
    public Optional<CurrentLimits> limits(String machine) {
        List<DutyPoint> torch = machines.torches().stream()
                .map(known -> known.profile().plate())
                .max(Comparator.comparingDouble(plate -> highestA(plate).orElse(0)))
                .orElse(List.of());
        return machines.machines().stream()
                .filter(known -> known.name().equals(machine))
                .findFirst()
                .map(known -> new CurrentLimits(
                        known.profile().maxA(), known.profile().plate(), torch));
    }

    /**
     * {@return the machine's runs of like joints on a map}
     *
     * @param machine name of the machine
     * @param sheet   the sheet
     * @param map     its map
     */
    public RunsOnMap on(String machine, SetupSheet sheet, WeldMap map) {
        List<ReadRun> read = runs.outcomes(machine, ProvenRuns.LOOKED_AT).stream()
                .map(run -> new ReadRun(
                        new ProvenRun(run.metal(), run.form(), run.position(), run.mm(), machine, run.ratio()),
                        run.paceRatio(),
                        run.verdict()))
                .toList();
        return RunsOnMap.of(sheet, map, proven.at(machine), read);
    }
}
