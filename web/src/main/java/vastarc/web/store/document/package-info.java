/**
 * Documents that can grow old. A value object that is only ever read whole is stored as JSON in one column, with the number of the format
 * it was written in; {@link vastarc.web.store.document.DocumentFormat} reads every number that was ever written, one step at a time. Reading
 * runs no rules of the trade: what cannot be read is shown as such, alone, and can be mended or exported.
 */
@NullMarked
package vastarc.web.store.document;

import org.jspecify.annotations.NullMarked;
