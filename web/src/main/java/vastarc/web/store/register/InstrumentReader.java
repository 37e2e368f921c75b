package vastarc.web.store.register;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.format.CoreJson;
import vastarc.web.store.ListBound;
import vastarc.web.store.register.RegisterFields.Days;

/** A meter with its calibration as JSON: as a form sends it, as it is kept, as an archive holds it. */
public final class InstrumentReader {

    /** Most meters of a shop. */
    public static final int MOST = 300;

    private static final int SINCE = 12;
    private static final String NUMBER = "number";
    private static final String MEASURES = "measures";
    private static final String WHAT = "what";
    private static final String METER = "meter";
    private static final String CERTIFICATE = "certificate";

    /** The register of meters. */
    public static final RegisterKind<MeasuringInstrument> KIND = RegisterKind.of(
            ListBound.Name.INSTRUMENTS,
            MOST,
            MeasuringInstrument::number,
            InstrumentReader::read,
            InstrumentReader::document,
            "instrument",
            SINCE);

    private InstrumentReader() {}

    /**
     * {@return a meter, or every fault of it}
     *
     * @param body an object
     */
    public static Outcome<MeasuringInstrument> read(JsonNode body) {
        RegisterFields fields = new RegisterFields(body, NUMBER, MEASURES, WHAT, METER, CERTIFICATE, "from", "until");
        String number = fields.number(NUMBER, "OX-0412");
        if (body.path(MEASURES).isMissingNode()) {
            fields.note(Problem.badValue(MEASURES, "register.measures"));
        }
        Days days = fields.days();
        return fields.outcome(new MeasuringInstrument(
                number,
                fields.choices(MEASURES, MeasuredQuantity.class),
                fields.text(WHAT, BatchReader.MAX_WHAT),
                fields.text(METER, RegisterFields.MAX_NUMBER),
                fields.text(CERTIFICATE, BatchReader.MAX_WHAT),
                days.from(),
                days.until()));
    }

    /**
     * {@return a meter as JSON}
     *
     * @param instrument the meter
     */
    public static ObjectNode document(MeasuringInstrument instrument) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put(NUMBER, instrument.number());
        RegisterFields.put(json, MEASURES, instrument.measures());
        RegisterFields.put(json, WHAT, instrument.what());
        RegisterFields.put(json, METER, instrument.meter());
        RegisterFields.put(json, CERTIFICATE, instrument.certificate());
        RegisterFields.put(json, instrument.from(), instrument.until());
        return json;
    }
}
