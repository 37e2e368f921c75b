/** Numbers of many numbers, asked for by several layers. */
@NullMarked
package vastarc.core.base.numerics;

import org.jspecify.annotations.NullMarked;
