package vastarc.web.store.register;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.format.CoreJson;
import vastarc.web.store.ListBound;
import vastarc.web.store.register.RegisterFields.Days;

/** What a welder is qualified for as JSON: as a form sends it, as it is kept, as an archive holds it. An absent key limits nothing. */
public final class WelderReader {

    /** Most papers of a shop's welders. */
    public static final int MOST = 500;

    /** Longest name, characters. */
    public static final int MAX_NAME = 60;

    private static final String NUMBER = "number";
    private static final String WELDER = "welder";
    private static final String MATERIALS = "materials";
    private static final String JOINTS = "joints";
    private static final String POSITIONS = "positions";
    private static final String EXAMINED_BY = "examinedBy";
    private static final InputRange THICKNESS = new InputRange("thicknessMm", 0, 100, Unit.MILLIMETRE);
    private static final InputRange TUBE = new InputRange("tubeOdMm", 0, 10_000, Unit.MILLIMETRE);

    private static final String[] FIELDS = {
        NUMBER, WELDER, MATERIALS, JOINTS, THICKNESS.field(), TUBE.field(), POSITIONS, EXAMINED_BY, "from", "until"
    };

    /** The register of welders' papers. */
    public static final RegisterKind<WelderQualification> KIND = RegisterKind.of(
            ListBound.Name.WELDERS,
            MOST,
            WelderQualification::number,
            WelderReader::read,
            WelderReader::document,
            WELDER,
            11);

    private WelderReader() {}

    /**
     * {@return a welder's paper, or every fault of it}
     *
     * @param body an object
     */
    public static Outcome<WelderQualification> read(JsonNode body) {
        RegisterFields fields = new RegisterFields(body, FIELDS);
        String number = fields.number(NUMBER, "W-3");
        String welder = fields.text(WELDER, MAX_NAME);
        if (welder.isEmpty()) {
            fields.note(Problem.badValue(WELDER, "welder.name"));
        }
        Days days = fields.days();
        return fields.outcome(new WelderQualification(
                number,
                welder,
                fields.choices(MATERIALS, Material.class),
                fields.choices(JOINTS, JointForm.class),
                fields.range(THICKNESS),
                fields.range(TUBE),
                fields.choices(POSITIONS, Position.class),
                fields.text(EXAMINED_BY, ProcedureReader.MAX_NAME),
                days.from(),
                days.until()));
    }

    /**
     * {@return a welder's paper as JSON; what limits nothing is left out}
     *
     * @param paper the paper
     */
    public static ObjectNode document(WelderQualification paper) {
        ObjectNode json = CoreJson.kept().createObjectNode();
        json.put(NUMBER, paper.number());
        json.put(WELDER, paper.welder());
        RegisterFields.put(json, MATERIALS, paper.materials());
        RegisterFields.put(json, JOINTS, paper.joints());
        RegisterFields.put(json, THICKNESS, paper.thicknessMm());
        RegisterFields.put(json, TUBE, paper.tubeOdMm());
        RegisterFields.put(json, POSITIONS, paper.positions());
        RegisterFields.put(json, EXAMINED_BY, paper.examinedBy());
        RegisterFields.put(json, paper.from(), paper.until());
        return json;
    }
}
