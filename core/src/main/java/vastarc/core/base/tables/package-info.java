/**
 * The tables of the trade, read from {@code resources/tables/*.csv}.
 *
 * <p>What an experienced welder might correct is in a data file, not in code. Each row carries the key of the
 * {@link vastarc.core.base.tables.Source} of its figures, listed in {@code docs/model/sources.csv}, and a note. A file with a missing column, an
 * empty or unreadable figure or an unknown source stops the start with file, line and column.
 */
@NullMarked
package vastarc.core.base.tables;

import org.jspecify.annotations.NullMarked;
