package vastarc.web.api;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.request.ApiNames;
import vastarc.web.service.ProvenRuns;
import vastarc.web.store.machine.MachineStore;

/** The machine of the shop that a call names, by its name. */
@Component
class NamedMachine {

    static final String FIELD = "machine";

    private final MachineStore machines;
    private final ProvenRuns proven;

    NamedMachine(MachineStore machines, ProvenRuns proven) {
        this.machines = machines;
        this.proven = proven;
    }

    /** Its name; empty where none is named; a problem where the shop has none of that name. */
    Outcome<Optional<String>> of(JsonNode body) {
        JsonNode machine = body.path(FIELD);
        if (machine.isMissingNode() || machine.isNull()) {
            return Outcome.of(Optional.empty());
        }
        List<String> names = machines.names();
        String entered = machine.asString("");
        return names.contains(entered)
                ? Outcome.of(Optional.of(entered))
                : Outcome.failed(Problem.badValue(
                        FIELD,
                        "sheet.machine",
                        ApiNames.shortened(machine.asString(machine.toString())),
                        names.isEmpty() ? "none yet" : String.join(", ", names)));
    }

    /** The product's defaults; at a machine of the shop, with what its own good runs teach. */
    ShopDefaults defaults(Optional<String> machine) {
        return machine.map(name -> ShopDefaults.usual().at(proven.at(name))).orElseGet(ShopDefaults::usual);
    }
}
