/**
 * The room for long work: {@link vastarc.web.work.WorkRoom} does two pieces at once and lets the rest wait, keeps the result of them, and
 * stops what nobody looks at any more. Pages hear of it by events.
 */
@NullMarked
package vastarc.web.work;

import org.jspecify.annotations.NullMarked;
