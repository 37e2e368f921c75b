/**
 * Reads what was sent or is stored. {@link vastarc.core.input.WeldFields} knows every input; {@link TypedInputs} reads them from texts in whatever
 * units a welder typed, {@link JsonInputs} from JSON in fixed units. May be used by every place, the calls and {@code service}; uses the stores.
 */
@NullMarked
package vastarc.web.request;

import org.jspecify.annotations.NullMarked;
