/**
 * The seams of an assembly from the first arc to the last examination: the state of each, and how many had to be repaired. What an examination found is
 * what a person entered; nothing here accepts a weld.
 */
@NullMarked
package vastarc.core.record.assembly;

import org.jspecify.annotations.NullMarked;
