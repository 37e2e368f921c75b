package vastarc.core.domain.joint;

/**
 * What is welded, and how the welder goes about it.
 *
 * @param joint    what is joined to what
 * @param practice position, technique, control and all that the welder decides
 */
public record Weld(Joint joint, WeldingConditions practice) {}
