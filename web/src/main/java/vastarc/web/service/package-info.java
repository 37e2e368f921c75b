/** What a job comes to, worked out from what is stored: its plan, its machines, its sequence, what the shop has learned. May be used by every place and the calls; uses the stores and {@code request}. */
@NullMarked
package vastarc.web.service;

import org.jspecify.annotations.NullMarked;
