/**
 * The disk under what is stored. A change is acknowledged only when the disk has it ({@link vastarc.web.store.disk.Flusher}), and none is
 * begun that the disk has no room for ({@link vastarc.web.store.disk.Disk}).
 */
@NullMarked
package vastarc.web.store.disk;

import org.jspecify.annotations.NullMarked;
