package vastarc.web.store.register;

import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.format.CoreJson;
import vastarc.web.store.ListBound;
import vastarc.web.store.register.RegisterFields.Days;

/** A procedure as JSON: as a call sends it, as it is kept, as an archive holds it. Every fault is named; an absent key limits nothing. */
public final class ProcedureReader {

    /** Most procedures of a shop. */
    public static final int MOST = 300;

    /** Longest name of who decided on it, characters. */
    public static final int MAX_NAME = 120;

    /** Most classes of filler. */
    public static final int MOST_FILLERS = 20;

    private static final Pattern FILLER = Pattern.compile("[A-Za-z0-9][A-Za-z0-9 ./-]{0,23}");

    private static final String NUMBER_FIELD = "number";
    private static final String MATERIALS = "materials";
    private static final String JOINTS = "joints";
    private static final String POSITIONS = "positions";
    private static final String FILLERS = "fillers";
    private static final String PURGED = "purged";
    private static final String QUALIFIED_BY = "qualifiedBy";
    private static final InputRange THICKNESS = new InputRange("thicknessMm", 0, 100, Unit.MILLIMETRE);
    private static final InputRange TUBE = new InputRange("tubeOdMm", 0, 10_000, Unit.MILLIMETRE);
    private static final InputRange CURRENT = new InputRange("currentA", 0, 1000, Unit.AMPERE);
    private static final InputRange HEAT = new InputRange("heatInputKjPerMm", 0, 20, Unit.KJ_PER_MM);
    private static final InputRange PREHEAT = new InputRange("preheatC", -50, 800, Unit.CELSIUS);
    private static final InputRange INTERPASS = new InputRange("interpassC", -50, 800, Unit.CELSIUS);

    private static final String[] FIELDS = {
        NUMBER_FIELD,
        MATERIALS,
        JOINTS,
        THICKNESS.field(),
        TUBE.field(),
        POSITIONS,
        CURRENT.field(),
        HEAT.field(),
        PREHEAT.field(),
        INTERPASS.field(),
        FILLERS,
        PURGED,
        QUALIFIED_BY,
        "from",
        "until"
    };

    /** The register of procedures. */
    public static final RegisterKind<WeldProcedure> KIND = RegisterKind.of(
            ListBound.Name.PROCEDURES,
            MOST,
            WeldProcedure::number,
            ProcedureReader::read,
            ProcedureReader::document,
            "procedure",
            9);

    private ProcedureReader() {}

    /**
     * {@return a procedure, or every fault of it}
     *
     * @param body an object
     */
    public static Outcome<WeldProcedure> read(JsonNode body) {
        RegisterFields fields = new RegisterFields(body, FIELDS);
        String number = fields.number(NUMBER_FIELD, "P-12");
        Days days = fields.days();
        return fields.outcome(new WeldProcedure(
                number,
                fields.choices(MATERIALS, Material.class),
                fields.choices(JOINTS, JointForm.class),
                fields.range(THICKNESS),
                fields.range(TUBE),
                fields.choices(POSITIONS, Position.class),
                fields.range(CURRENT),
                fields.range(HEAT),
                fields.range(PREHEAT),
                fields.range(INTERPASS),
                fields.texts(FILLERS, FILLER, MOST_FILLERS, "procedure.filler"),
                fields.flag(PURGED),
                fields.text(QUALIFIED_BY, MAX_NAME),
                days.from(),
                days.until()));
    }

    /**
     * {@return a procedure as JSON; what limits nothing is left out}
     *
     * @param procedure the procedure
     */
    public static ObjectNode document(WeldProcedure procedure) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put(NUMBER_FIELD, procedure.number());
        RegisterFields.put(json, MATERIALS, procedure.materials());
        RegisterFields.put(json, JOINTS, procedure.joints());
        RegisterFields.put(json, THICKNESS, procedure.thicknessMm());
        RegisterFields.put(json, TUBE, procedure.tubeOdMm());
        RegisterFields.put(json, POSITIONS, procedure.positions());
        RegisterFields.put(json, CURRENT, procedure.currentA());
        RegisterFields.put(json, HEAT, procedure.heatInputKjPerMm());
        RegisterFields.put(json, PREHEAT, procedure.preheatC());
        RegisterFields.put(json, INTERPASS, procedure.interpassC());
        RegisterFields.put(json, FILLERS, procedure.fillers());
        procedure.purged().ifPresent(purged -> json.put(PURGED, purged));
        RegisterFields.put(json, QUALIFIED_BY, procedure.qualifiedBy());
        RegisterFields.put(json, procedure.from(), procedure.until());
        return json;
    }
}
