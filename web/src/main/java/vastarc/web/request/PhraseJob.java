package vastarc.web.request;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointReading;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JointText;

/** A job of a joint said in one line. */
public final class PhraseJob {

    private static final int PLACES = 4;

    private PhraseJob() {}

    /**
     * {@return a fresh job with what the line says typed into it}
     *
     * @param reading what the line says
     * @param fresh a job as the shop starts it
     */
    public static JobContent of(JointReading reading, JobContent fresh) {
        JointText joint = fresh.joint();
        for (Map.Entry<String, Object> entry : reading.fields().entrySet()) {
            if (entry.getValue() instanceof List<?> both) {
                joint = typed(joint, WeldFields.BASE, both.get(0));
                joint = both.size() > 1 ? typed(joint, WeldFields.ABUTTING, both.get(1)) : joint;
            } else {
                joint = typed(joint, WeldFields.named(entry.getKey()).orElseThrow(), entry.getValue());
            }
        }
        return fresh.with(joint);
    }

    /** A length with its unit, so that it says the same in a shop that measures in inches. */
    private static JointText typed(JointText joint, InputField<?> field, Object value) {
        String text = value instanceof Double figure ? plain(figure) : value.toString();
        return joint.with(field, Optional.of(field.kind() == InputKind.LENGTH ? text + " mm" : text));
    }

    private static String plain(double figure) {
        return BigDecimal.valueOf(figure)
                .setScale(PLACES, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
