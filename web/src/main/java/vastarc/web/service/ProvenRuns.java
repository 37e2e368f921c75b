package vastarc.web.service;

import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.advice.parameters.CalibrationRuns;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.WeldRunQueries;

/** What a machine's own good runs may teach: the newest of them, from the logbook. */
@Component
public class ProvenRuns {

    static final int LOOKED_AT = 200;

    private final WeldRunQueries runs;
    private final MachineStore machines;

    ProvenRuns(WeldRunQueries runs, MachineStore machines) {
        this.runs = runs;
        this.machines = machines;
    }

    /**
     * Of a machine by its id; nothing where there is none such.
     *
     * @param machine id of the machine
     * @return the calibration runs
     */
    public CalibrationRuns at(UUID machine) {
        return machines.name(machine).map(this::at).orElseGet(CalibrationRuns::nothing);
    }

    /**
     * Of a machine by its name.
     *
     * @param machine name of the machine
     * @return the calibration runs
     */
    public CalibrationRuns at(String machine) {
        return new CalibrationRuns(
                machine,
                runs.lessons(machine, LOOKED_AT).stream()
                        .map(runLesson -> new ProvenRun(
                                runLesson.metal(),
                                runLesson.form(),
                                runLesson.position(),
                                runLesson.mm(),
                                machine,
                                runLesson.ratio()))
                        .toList());
    }
}
