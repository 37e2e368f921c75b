/**
 * What was really welded: readings of meters, the arcs, slopes and pulse that are seen in them, and what differs from the weld cycle. Nothing
 * here knows what was planned unless it is given: a trace alone already says when the arc burned and how it came and went.
 */
@NullMarked
package vastarc.core.record.weldlog;

import org.jspecify.annotations.NullMarked;
