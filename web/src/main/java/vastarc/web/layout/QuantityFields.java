package vastarc.web.layout;

import java.util.List;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.store.job.JointText;

/** How much there is to weld, as fields to type into. */
public final class QuantityFields {

    private QuantityFields() {}

    /**
     * {@return what is asked first, and on the sheet: how many seams, how long each}
     *
     * @param typed the joint as typed
     * @param read the quantity as read
     * @param tube whether the joint is of tube
     * @param units the units
     */
    public static List<TypedField> first(JointText typed, WeldQuantityText read, boolean tube, UnitSystem units) {
        String usual =
                units.show(Quantity.of(Joint.USUAL_SEAM_MM, Unit.MILLIMETRE)).line();
        return List.of(
                of(typed, read, WeldQuantityText.SEAMS, "number of seams", "1", units),
                of(typed, read, WeldQuantityText.SEAM, "length each", tube ? "once round" : usual, units));
    }

    /**
     * {@return one field as typed, with what is wrong with it}
     *
     * @param typed the joint as typed
     * @param read the quantity as read
     * @param name the name
     * @param label the label
     * @param hint an example of what to type
     * @param units the units
     */
    public static TypedField of(
            JointText typed, WeldQuantityText read, String name, String label, String hint, UnitSystem units) {
        String message = read.problems().stream()
                .filter(problem -> problem.field().equals(name))
                .map(problem -> problem.message(units))
                .findFirst()
                .orElse("");
        return new TypedField(name, label, typed.work(name).orElse(""), "", hint, message);
    }
}
