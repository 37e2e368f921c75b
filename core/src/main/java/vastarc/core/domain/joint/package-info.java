/**
 * What is to be welded ({@link vastarc.core.domain.joint.Joint}) and how the welder goes about it ({@link vastarc.core.domain.joint.WeldingConditions}), with
 * the limits inside which the product answers ({@link vastarc.core.domain.joint.JointLimits}).
 */
@NullMarked
package vastarc.core.domain.joint;

import org.jspecify.annotations.NullMarked;
