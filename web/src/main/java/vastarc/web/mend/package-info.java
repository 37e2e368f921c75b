/** The Mend place: what is kept and can no longer be read, shown as the text it is, to be mended or taken out as a file. */
@NullMarked
package vastarc.web.mend;

import org.jspecify.annotations.NullMarked;
