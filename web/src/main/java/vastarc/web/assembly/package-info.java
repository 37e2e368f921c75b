/** The Assemblies pages: seams as a list and on a drawing, what happened to each, what is left to weld, the log. */
@NullMarked
package vastarc.web.assembly;

import org.jspecify.annotations.NullMarked;
