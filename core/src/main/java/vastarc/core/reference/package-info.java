/**
 * What the welder looks up: terms with their other names, the pages of the model, figures beside those of standards.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.reference;

import org.jspecify.annotations.NullMarked;
