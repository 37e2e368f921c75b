/**
 * The trainer: questions made from the shop's own machines, jobs and tables. A maker is a pure function of seed, topic, level and shop; a
 * question is data with its answer and the reason why every other choice is wrong.
 *
 * <p>Uses: base, domain, physics, advice, equipment, record, reference.
 */
@NullMarked
package vastarc.core.training;

import org.jspecify.annotations.NullMarked;
