/** One index of all that can be found from any page, and the order in which it is offered. */
@NullMarked
package vastarc.web.search;

import org.jspecify.annotations.NullMarked;
