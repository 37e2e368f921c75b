package vastarc.web.request;

import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.sheet.ProvenCurrent;
import vastarc.core.sheet.ProvenHere;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.run.RunBook;

/** What a machine's own good runs may teach: the newest of them, from the logbook. */
@Component
public class ProvenRuns {

    static final int LOOKED_AT = 200;

    private final RunBook runs;
    private final MachineStore machines;

    ProvenRuns(RunBook runs, MachineStore machines) {
        this.runs = runs;
        this.machines = machines;
    }

    /** Of a machine by its id; nothing where there is none such. */
    public ProvenHere at(UUID machine) {
        return machines.name(machine).map(this::at).orElseGet(ProvenHere::nothing);
    }

    /** Of a machine by its name. */
    public ProvenHere at(String machine) {
        return new ProvenHere(
                machine,
                runs.lessons(machine, LOOKED_AT).stream()
                        .map(one -> new ProvenCurrent.Run(one.metal(), one.form(), one.mm(), machine, one.ratio()))
                        .toList());
    }
}
