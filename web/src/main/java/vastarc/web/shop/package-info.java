/** The Shop place: shop defaults, stock, backup and restore. */
@NullMarked
package vastarc.web.shop;

import org.jspecify.annotations.NullMarked;
