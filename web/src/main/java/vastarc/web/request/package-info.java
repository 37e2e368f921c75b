/**
 * From what was sent or is stored to a plan. {@link vastarc.core.input.WeldFields} knows every input; {@link TypedInputs} reads them from texts in
 * whatever units a welder typed, {@link JsonInputs} from JSON in fixed units.
 */
@NullMarked
package vastarc.web.request;

import org.jspecify.annotations.NullMarked;
