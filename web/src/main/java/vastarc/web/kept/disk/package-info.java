/**
 * The disk under what is kept. A change is acknowledged only when the disk has it ({@link vastarc.web.kept.disk.Flusher}), and none is
 * begun that the disk has no room for ({@link vastarc.web.kept.disk.Disk}).
 */
@NullMarked
package vastarc.web.kept.disk;

import org.jspecify.annotations.NullMarked;
