/** What every page shares: units and theme of the reader, security of the page, answers to errors. */
@NullMarked
package vastarc.web.ui;

import org.jspecify.annotations.NullMarked;
