/**
 * The way through a whole job: tacks, runs, waits and what it uses ({@link vastarc.core.route.RoutePlanner}), a changed way checked
 * ({@link vastarc.core.route.RouteCheck}), and one pair of hands over several jobs ({@link vastarc.core.route.DayPlanner}).
 */
@NullMarked
package vastarc.core.route;

import org.jspecify.annotations.NullMarked;
