/**
 * What is welded, how, and with what; records without rules of advice.
 *
 * <p>Uses: base.
 */
@NullMarked
package vastarc.core.domain;

import org.jspecify.annotations.NullMarked;
