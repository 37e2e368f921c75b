package vastarc.web.store.simulation;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.purge.PurgeSetup;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.source.TorchOperator;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.Completion;
import vastarc.web.store.document.DocumentFormat;

/**
 * A simulation as it is stored. It says the same however the engine moves afterwards.
 *
 * @param engine   that made it
 * @param weld     joint and practice
 * @param currentA working current, A
 * @param seamMm   length simulated, mm
 * @param changed  what was changed beside the job's own weld
 * @param hand     the welder
 * @param quality  how finely the joint was cut
 * @param legMm    how far the members reached, mm
 * @param outcome  its result
 * @param verdict  the same in words
 * @param asked    what was set by the welder, so that it can be done again
 * @param missing  what the program that kept it did not record yet, by the names of fields; read, never written
 */
public record SimulationRecord(
        String engine,
        Weld weld,
        double currentA,
        double seamMm,
        Phrase changed,
        TorchOperator hand,
        MeshDetail quality,
        double legMm,
        SimulationResult outcome,
        List<Phrase> verdict,
        SimulationChoices asked,
        @JsonIgnore List<String> missing) {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final JsonNode NOTHING = nothing();

    /** How it is stored. */
    public static final DocumentFormat<SimulationRecord> FORMAT = new DocumentFormat<>(
            "rehearsal",
            JSON,
            SimulationRecord::read,
            JSON::<JsonNode>valueToTree,
            List.of(SimulationRecord::withPreheat));

    public SimulationRecord {
        verdict = List.copyOf(verdict);
        missing = missing == null ? List.of() : List.copyOf(missing);
    }

    /**
     * What was set by the welder.
     *
     * @param sheet  values of the sheet's settings
     * @param cycle  values that only the weld cycle has
     * @param logic  of the control; empty for the sheet's own
     * @param pass   of the weld, from 1
     * @param wireMm another wire at the same feed, mm; empty for the sheet's
     */
    public record SimulationChoices(
            Map<ParameterKey, Double> sheet,
            Map<CycleKey, Double> cycle,
            Optional<TriggerModeName> logic,
            int pass,
            OptionalDouble wireMm) {

        public SimulationChoices {
            sheet = OrderedCollections.map(sheet);
            cycle = OrderedCollections.map(cycle);
        }

        /** {@return nothing set by the welder} */
        public static SimulationChoices nothing() {
            return new SimulationChoices(Map.of(), Map.of(), Optional.empty(), 1, OptionalDouble.empty());
        }

        /**
         * {@return what a setup asks for}
         *
         * @param setup the setup
         */
        public static SimulationChoices of(SimulationSetup setup) {
            return new SimulationChoices(
                    setup.plan().own().values(),
                    setup.plan().choices().own(),
                    setup.plan().choices().logic().map(TriggerMode::name),
                    setup.plan().pass(),
                    setup.wireMm());
        }
    }

    /**
     * {@return the same once more, in a shop of some ways}
     *
     * @param shop the defaults of the shop
     */
    public SimulationSetup setup(ShopDefaults shop) {
        PlanRequest plan = new PlanRequest(
                weld,
                shop,
                new OwnValues(asked.sheet()),
                PurgeSetup.usual(),
                new CycleChoices(asked.logic().map(TriggerMode::of), asked.cycle()),
                Optional.empty(),
                asked.pass());
        return new SimulationSetup(plan, hand, quality, legMm, asked.wireMm(), false);
    }

    private SimulationRecord lacking(List<String> fields) {
        return new SimulationRecord(
                engine, weld, currentA, seamMm, changed, hand, quality, legMm, outcome, verdict, asked, fields);
    }

    /** Format 1 said of a preheat that was not given that it was the room's. */
    private static JsonNode withPreheat(JsonNode node) {
        ObjectNode document = ((ObjectNode) node).deepCopy();
        if (document.path("weld").path("practice") instanceof ObjectNode practice
                && practice.path("preheatC").asDouble(PhysicalConstants.ROOM_C) == PhysicalConstants.ROOM_C) {
            practice.putNull("preheatC");
        }
        return document;
    }

    /** What a kept document lacks is filled with nothing, and named. */
    private static SimulationRecord read(JsonNode content) {
        ObjectNode complete = (ObjectNode) content.deepCopy();
        List<String> missing = Completion.fill(complete, NOTHING);
        return JSON.treeToValue(complete, SimulationRecord.class).lacking(missing);
    }

    /** Every field that may be missing, as it is where there is nothing to tell. */
    private static JsonNode nothing() {
        ObjectNode nothing = JSON.createObjectNode();
        nothing.set("outcome", JSON.valueToTree(SimulationResult.nothing()));
        nothing.set("hand", JSON.valueToTree(TorchOperator.steady()));
        nothing.putObject("weld").set("practice", JSON.valueToTree(WeldingConditions.usual()));
        nothing.set("asked", JSON.valueToTree(SimulationChoices.nothing()));
        return nothing;
    }
}
