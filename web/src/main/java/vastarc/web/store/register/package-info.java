/**
 * Registers of the shop: papers of one kind, each by its number. Its qualified procedures, what its welders are qualified for,
 * its batches of material, its meters with their calibration; the file of each, and which of them jobs and runs have.
 */
@NullMarked
package vastarc.web.store.register;

import org.jspecify.annotations.NullMarked;
