/** Answers to what cannot be taken: problem details under {@code /api}, the error page elsewhere. May be used by every place; uses the stores' troubles alone. */
@NullMarked
package vastarc.web.error;

import org.jspecify.annotations.NullMarked;
