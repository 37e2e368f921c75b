/** Registers of the shop: papers of one kind, each by its number. Its qualified procedures, what its welders are qualified for, its batches of material. */
@NullMarked
package vastarc.web.store.register;

import org.jspecify.annotations.NullMarked;
