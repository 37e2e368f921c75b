/**
 * A machine as it is in the shop: what its panel looks like, what each control sets, what its dials really give, and how far it can
 * go.
 *
 * <p>{@link vastarc.core.equipment.MachineProfile} is plain data. {@link vastarc.core.equipment.PanelPlan} puts a weld cycle on it: the place of every
 * control, the fewest changes from the current settings, and the limits. {@link vastarc.core.equipment.DialCurve} is what a clamp meter says
 * of a dial. A place is a double in the control's own terms: share of the sweep for a knob, number of the stop for a switch, the figure
 * shown for a display.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.equipment;

import org.jspecify.annotations.NullMarked;
