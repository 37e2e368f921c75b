package vastarc.web.layout;

import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;

/** What is joined, in one line: metal, thickness of both members, form and position. */
public final class JointLine {

    private JointLine() {}

    /**
     * {@return the joint of a sheet in one line, such as {@code Carbon steel · 5 mm to 3 mm · T fillet · PB · 2F}}
     *
     * @param sheet the setup sheet
     * @param units the units to show lengths in
     */
    public static String of(SetupSheet sheet, UnitSystem units) {
        Joint joint = sheet.joint();
        String base = units.show(joint.base().quantity()).line();
        String thickness = joint.base().equals(joint.abutting())
                ? base
                : base + " to " + units.show(joint.abutting().quantity()).line();
        return say("material." + joint.material().name()) + " · " + thickness + " · "
                + say("joint." + joint.form().name()) + " · "
                + position(sheet);
    }

    /**
     * {@return the position of a sheet's joint by number and letter, such as {@code 2F}}
     *
     * @param sheet the setup sheet
     */
    public static String position(SetupSheet sheet) {
        return sheet.practice().position().numberLetterName(sheet.joint().form());
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
