/**
 * Welding procedures that qualified people of a shop have decided on, and where a sheet leaves one. Nothing here approves a weld: it holds limits and
 * says which of them a sheet does not keep.
 */
@NullMarked
package vastarc.core.record.procedure;

import org.jspecify.annotations.NullMarked;
