package vastarc.web.drawing;

import java.util.Map;
import vastarc.core.base.tables.Maps;
import vastarc.core.domain.joint.JointForm;

/** Small section of each joint form, for choosing by picture. View box 0 0 48 32. */
public final class JointIcon {

    private static final Map<JointForm, String> METAL = Map.of(
            JointForm.SQUARE_BUTT, "M3 14H22.5V20H3ZM25.5 14H45V20H25.5Z",
            JointForm.V_BUTT, "M3 11H17L22.5 20V22H3ZM45 11H31L25.5 20V22H45Z",
            JointForm.T_FILLET, "M4 22H44V28H4ZM21 4H27V22H21Z",
            JointForm.LAP, "M4 19H32V25H4ZM18 13H45V19H18Z",
            JointForm.INSIDE_CORNER, "M10 22H42V28H10ZM10 4H16V22H10Z",
            JointForm.OUTSIDE_CORNER, "M24 9L28 5L46 23L42 27ZM24 9L20 5L2 23L6 27Z",
            JointForm.EDGE, "M17 8H23.5V30H17ZM24.5 8H31V30H24.5Z",
            JointForm.TUBE_BUTT, "M3 7H23V11H3ZM25 7H45V11H25ZM3 23H23V27H3ZM25 23H45V27H25Z",
            JointForm.TUBE_SADDLE, "M4 20Q24 12 44 20V24Q24 16 4 24ZM17 3H20V16H17ZM28 3H31V16H28Z",
            JointForm.TUBE_TO_PLATE, "M4 23H44V28H4ZM15 4H18V23H15ZM30 4H33V23H30Z");

    private static final Map<JointForm, String> WELD = Map.of(
            JointForm.SQUARE_BUTT, "M19 14Q24 10 29 14L26 20H22Z",
            JointForm.V_BUTT, "M16 11Q24 6 32 11L26 22H22Z",
            JointForm.T_FILLET, "M27 15L34 22H27Z",
            JointForm.LAP, "M18 13V19H11Z",
            JointForm.INSIDE_CORNER, "M16 15L23 22H16Z",
            JointForm.OUTSIDE_CORNER, "M20 5Q24 0 28 5L24 9Z",
            JointForm.EDGE, "M17 8Q24 2 31 8V10H17Z",
            JointForm.TUBE_BUTT, "M20 7Q24 3 28 7L26 11H22ZM22 23H26L28 27Q24 31 20 27Z",
            JointForm.TUBE_SADDLE, "M31 11L36 17L31 16ZM17 11L12 17L17 16Z",
            JointForm.TUBE_TO_PLATE, "M33 17L39 23H33ZM15 17L9 23H15Z");

    private JointIcon() {}

    /**
     * {@return the SVG path of the members of a joint form}
     *
     * @param form the joint form
     */
    public static String metal(JointForm form) {
        return Maps.get(METAL, form);
    }

    /**
     * {@return the SVG path of the weld of a joint form}
     *
     * @param form the joint form
     */
    public static String weld(JointForm form) {
        return Maps.get(WELD, form);
    }
}
