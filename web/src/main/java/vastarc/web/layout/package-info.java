/** What every page shares: the reader's units and theme, words, choices and fields finished for display, the way through long lists. May be used by every place; uses what is stored, and no place. */
@NullMarked
package vastarc.web.layout;

import org.jspecify.annotations.NullMarked;
