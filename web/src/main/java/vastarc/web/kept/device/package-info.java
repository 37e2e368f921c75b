/** The devices that may reach the shop over its network. */
@NullMarked
package vastarc.web.kept.device;

import org.jspecify.annotations.NullMarked;
