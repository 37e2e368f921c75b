/** What happens when the program starts and while nobody asks it: its address is printed, its own pages are asked for once. Used by nothing. */
@NullMarked
package vastarc.web.startup;

import org.jspecify.annotations.NullMarked;
