/** The JSON API: the same core, for scripts, meters and checks. Figures in fixed units, whatever the reader's units. */
@NullMarked
package vastarc.web.api;

import org.jspecify.annotations.NullMarked;
