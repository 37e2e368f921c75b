/**
 * The tables of the trade, read from {@code resources/tables/*.csv}.
 *
 * <p>What an experienced welder might correct is in a data file, not in code. Each row carries its {@code kind}, the
 * {@link vastarc.core.base.tables.SourceKind} of its figures, and a note. A file with a missing column, an empty or unreadable figure or an
 * unknown kind stops the start with file, line and column.
 */
@NullMarked
package vastarc.core.base.tables;

import org.jspecify.annotations.NullMarked;
