/** The devices that may reach the shop over its network. */
@NullMarked
package vastarc.web.store.device;

import org.jspecify.annotations.NullMarked;
