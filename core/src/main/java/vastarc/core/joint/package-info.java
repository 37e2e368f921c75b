/**
 * What is to be welded ({@link vastarc.core.joint.Joint}) and how the welder goes about it ({@link vastarc.core.joint.WeldingConditions}), with
 * the limits inside which the product answers ({@link vastarc.core.joint.JointLimits}).
 */
@NullMarked
package vastarc.core.joint;

import org.jspecify.annotations.NullMarked;
