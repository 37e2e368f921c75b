/** The Route place: how much there is to weld, tacks and runs in order, waits, and what it all takes. */
@NullMarked
package vastarc.web.route;

import org.jspecify.annotations.NullMarked;
