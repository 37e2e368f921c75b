/** What the shop measures with: meters by serial number, what each reads, and the days its calibration holds. */
@NullMarked
package vastarc.core.record.instrument;

import org.jspecify.annotations.NullMarked;
