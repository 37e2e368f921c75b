/** What is stored and can no longer be read: the documents of every store as the texts they are, to be exported and put back mended. */
@NullMarked
package vastarc.web.store.unreadable;

import org.jspecify.annotations.NullMarked;
