/** The shop's jobs as they are kept: joints as typed, what stands beside them, and their history. */
@NullMarked
package vastarc.web.store.job;

import org.jspecify.annotations.NullMarked;
