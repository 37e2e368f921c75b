/** Assemblies of the shop: their seams, where each stands, what happened to it, and the drawing that they are marked on. */
@NullMarked
package vastarc.web.store.assembly;

import org.jspecify.annotations.NullMarked;
