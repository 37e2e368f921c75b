/**
 * From what is seen on a bead to the next change: causes weighed by what is seen and not seen, by how the figures really stood, and by what a
 * hand tells; the question worth asking next; the change with its amount. Symptoms, causes and grades are tables.
 */
@NullMarked
package vastarc.core.diagnosis;

import org.jspecify.annotations.NullMarked;
