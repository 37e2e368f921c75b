/**
 * Findings as values: a {@link vastarc.core.finding.Problem} stops the sheet and says what would work; a
 * {@link vastarc.core.finding.Caution} goes with it. All of them are returned at once, none is thrown.
 */
@NullMarked
package vastarc.core.finding;

import org.jspecify.annotations.NullMarked;
