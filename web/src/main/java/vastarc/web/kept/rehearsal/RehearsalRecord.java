package vastarc.web.kept.rehearsal;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.plan.WeldPlan;
import vastarc.core.rehearsal.Hand;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.Setup;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.ShopWays;
import vastarc.core.table.InOrder;
import vastarc.core.wording.Phrase;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.document.Completion;
import vastarc.web.kept.document.DocumentFormat;

/**
 * A rehearsal as it is kept. It says the same however the engine moves afterwards.
 *
 * @param engine   that made it
 * @param weld     joint and practice
 * @param currentA working current, A
 * @param seamMm   length rehearsed, mm
 * @param changed  what was changed beside the job's own weld
 * @param hand     that led the torch
 * @param quality  how finely the joint was cut
 * @param legMm    how far the members reached, mm
 * @param outcome  what came of it
 * @param verdict  the same in words
 * @param asked    what was set by hand, so that it can be done again
 * @param missing  what the program that kept it did not record yet, by the names of fields; read, never written
 */
public record RehearsalRecord(
        String engine,
        Weld weld,
        double currentA,
        double seamMm,
        Phrase changed,
        Hand hand,
        Quality quality,
        double legMm,
        Rehearsal outcome,
        List<Phrase> verdict,
        Asked asked,
        @JsonIgnore List<String> missing) {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final JsonNode NOTHING = nothing();

    /** How it is kept. */
    public static final DocumentFormat<RehearsalRecord> FORMAT = new DocumentFormat<>(
            "rehearsal",
            JSON,
            RehearsalRecord::read,
            JSON::<JsonNode>valueToTree,
            List.of(RehearsalRecord::preheatTold));

    public RehearsalRecord {
        verdict = List.copyOf(verdict);
        missing = missing == null ? List.of() : List.copyOf(missing);
    }

    /**
     * What was set by hand.
     *
     * @param sheet  values of the sheet's settings
     * @param cycle  values that only the weld cycle has
     * @param logic  of the control; empty for the sheet's own
     * @param pass   of the weld, from 1
     * @param wireMm another wire at the same feed, mm; empty for the sheet's
     */
    public record Asked(
            Map<SettingKey, Double> sheet,
            Map<ScoreKey, Double> cycle,
            Optional<ControlLogic.Name> logic,
            int pass,
            OptionalDouble wireMm) {

        public Asked {
            sheet = InOrder.map(sheet);
            cycle = InOrder.map(cycle);
        }

        /** Nothing set by hand. */
        public static Asked nothing() {
            return new Asked(Map.of(), Map.of(), Optional.empty(), 1, OptionalDouble.empty());
        }

        /** What a setup asks for. */
        public static Asked of(Setup setup) {
            return new Asked(
                    setup.plan().own().values(),
                    setup.plan().choices().own(),
                    setup.plan().choices().logic().map(ControlLogic::name),
                    setup.plan().pass(),
                    setup.wireMm());
        }
    }

    /** The same once more, in a shop of some ways. */
    public Setup setup(ShopWays ways) {
        WeldPlan.Ask plan = new WeldPlan.Ask(
                weld,
                ways,
                new OwnValues(asked.sheet()),
                new ScoreChoices(asked.logic().map(ControlLogic::of), asked.cycle()),
                Optional.empty(),
                asked.pass());
        return new Setup(plan, hand, quality, legMm, asked.wireMm());
    }

    private RehearsalRecord lacking(List<String> fields) {
        return new RehearsalRecord(
                engine, weld, currentA, seamMm, changed, hand, quality, legMm, outcome, verdict, asked, fields);
    }

    /** Format 1 said of a preheat that was not told that it was the room's. */
    private static JsonNode preheatTold(JsonNode one) {
        ObjectNode document = ((ObjectNode) one).deepCopy();
        if (document.path("weld").path("practice") instanceof ObjectNode practice
                && practice.path("preheatC").asDouble(Practice.ROOM_C) == Practice.ROOM_C) {
            practice.putNull("preheatC");
        }
        return document;
    }

    /** What a kept document lacks is filled with nothing, and named. */
    private static RehearsalRecord read(JsonNode content) {
        ObjectNode complete = (ObjectNode) content.deepCopy();
        List<String> missing = Completion.fill(complete, NOTHING);
        return JSON.treeToValue(complete, RehearsalRecord.class).lacking(missing);
    }

    /** Every field that may be missing, as it is where there is nothing to tell. */
    private static JsonNode nothing() {
        ObjectNode nothing = JSON.createObjectNode();
        nothing.set("outcome", JSON.valueToTree(Rehearsal.nothing()));
        nothing.set("hand", JSON.valueToTree(Hand.steady()));
        nothing.putObject("weld").set("practice", JSON.valueToTree(Practice.usual()));
        nothing.set("asked", JSON.valueToTree(Asked.nothing()));
        return nothing;
    }
}
