package vastarc.web.store.register;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.batch.MaterialBatch.BatchKind;
import vastarc.web.format.CoreJson;
import vastarc.web.store.ListBound;
import vastarc.web.store.register.RegisterFields.Days;

/** A batch of material as JSON: as a form sends it, as it is kept, as an archive holds it. */
public final class BatchReader {

    /** Most batches of a shop. */
    public static final int MOST = 2000;

    /** Longest description, characters. */
    public static final int MAX_WHAT = 120;

    private static final String NUMBER = "number";
    private static final String KIND_FIELD = "kind";
    private static final String WHAT = "what";
    private static final String CERTIFICATE = "certificate";

    /** The register of batches. */
    public static final RegisterKind<MaterialBatch> KIND = RegisterKind.of(
            ListBound.Name.BATCHES, MOST, MaterialBatch::number, BatchReader::read, BatchReader::document, "batch", 11);

    private BatchReader() {}

    /**
     * {@return a batch, or every fault of it}
     *
     * @param body an object
     */
    public static Outcome<MaterialBatch> read(JsonNode body) {
        RegisterFields fields = new RegisterFields(body, NUMBER, KIND_FIELD, WHAT, CERTIFICATE, "from", "until");
        String number = fields.number(NUMBER, "H-4471");
        Days days = fields.days();
        return fields.outcome(new MaterialBatch(
                number,
                fields.choice(KIND_FIELD, BatchKind.BASE_METAL),
                fields.text(WHAT, MAX_WHAT),
                fields.text(CERTIFICATE, MAX_WHAT),
                days.from(),
                days.until()));
    }

    /**
     * {@return a batch as JSON}
     *
     * @param batch the batch
     */
    public static ObjectNode document(MaterialBatch batch) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put(NUMBER, batch.number());
        json.put(KIND_FIELD, batch.kind().name());
        RegisterFields.put(json, WHAT, batch.what());
        RegisterFields.put(json, CERTIFICATE, batch.certificate());
        RegisterFields.put(json, batch.from(), batch.until());
        return json;
    }
}
