/**
 * Findings as values: a {@link vastarc.core.validation.Problem} stops the sheet and says what would work; a
 * {@link vastarc.core.validation.Caution} goes with it. All of them are returned at once, none is thrown.
 */
@NullMarked
package vastarc.core.validation;

import org.jspecify.annotations.NullMarked;
