/**
 * The whole shop out of the database and back into it, as one zip of JSON files. Each kind of thing that is stored is a
 * {@link vastarc.web.store.archive.ArchiveSection} beside its store; {@link vastarc.web.store.archive.Backup} goes through them one element after the
 * other, so that neither way needs room for more than one.
 */
@NullMarked
package vastarc.web.store.archive;

import org.jspecify.annotations.NullMarked;
