/** How the shop works, as it is stored, and the shop as one archive. */
@NullMarked
package vastarc.web.store.shop;

import org.jspecify.annotations.NullMarked;
