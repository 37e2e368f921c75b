/**
 * Words kept apart from logic.
 *
 * <p>A rule answers with a {@link vastarc.core.base.text.Phrase}: a key and its figures. The {@link vastarc.core.base.text.Phrasebook}
 * turns it into a sentence in the reader's units. All sentences of the core are in {@code words.properties}, so that they can be
 * read, checked and corrected in one place, and so that an inch shop never meets a millimetre inside a sentence.
 */
@NullMarked
package vastarc.core.base.text;

import org.jspecify.annotations.NullMarked;
