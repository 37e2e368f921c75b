/**
 * What meters send, over HTTP or MQTT: read, taken in once, passed on to the runs that listen; and what has arrived, for the page of the shop.
 * Used by the API and the Shop place.
 */
@NullMarked
package vastarc.web.meter;

import org.jspecify.annotations.NullMarked;
