/**
 * The room for streams: readings of meters, simulated ones marked as such, by channel. Everything is bounded: what is stored of a channel, what
 * waits for a listener, how many listen, how often they hear.
 */
@NullMarked
package vastarc.web.stream;

import org.jspecify.annotations.NullMarked;
