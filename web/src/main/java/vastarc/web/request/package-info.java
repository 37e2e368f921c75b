/**
 * From what was sent or is kept to a plan. {@link vastarc.core.joint.WeldFields} knows every input; {@link TypedInputs} reads them from texts in
 * whatever units a hand typed, {@link JsonInputs} from JSON in fixed units.
 */
@NullMarked
package vastarc.web.request;

import org.jspecify.annotations.NullMarked;
