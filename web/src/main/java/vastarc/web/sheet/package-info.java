/** The Sheet place: the joint on the left, the sheet in the middle, the picture on the right. */
@NullMarked
package vastarc.web.sheet;

import org.jspecify.annotations.NullMarked;
