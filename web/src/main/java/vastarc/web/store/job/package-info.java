/** The shop's jobs as they are stored: joints as typed, what is beside them, and their history. */
@NullMarked
package vastarc.web.store.job;

import org.jspecify.annotations.NullMarked;
