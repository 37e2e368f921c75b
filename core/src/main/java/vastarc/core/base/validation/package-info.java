/**
 * Findings as values: a {@link vastarc.core.base.validation.Problem} stops the sheet and says what would work; a
 * {@link vastarc.core.base.validation.Caution} goes with it. All of them are returned at once, none is thrown.
 */
@NullMarked
package vastarc.core.base.validation;

import org.jspecify.annotations.NullMarked;
