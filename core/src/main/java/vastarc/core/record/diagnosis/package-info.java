/**
 * From what is seen on a bead to the next change: causes weighed by what is seen and not seen, by the values really used, and by the welder's answers; the question worth asking next; the change with its amount. Symptoms, causes and grades are tables.
 */
@NullMarked
package vastarc.core.record.diagnosis;

import org.jspecify.annotations.NullMarked;
