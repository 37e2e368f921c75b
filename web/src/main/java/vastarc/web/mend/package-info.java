/** The Mend place: what is stored and can no longer be read, shown as the text it is, to be mended or exported as a file. */
@NullMarked
package vastarc.web.mend;

import org.jspecify.annotations.NullMarked;
