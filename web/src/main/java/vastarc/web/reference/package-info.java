/** The Reference place: words, tables, positions, symptoms, methods, cautions; the search that finds them; the wall chart. */
@NullMarked
package vastarc.web.reference;

import org.jspecify.annotations.NullMarked;
