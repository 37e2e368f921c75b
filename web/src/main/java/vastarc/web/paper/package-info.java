/**
 * What goes on paper: pages pressed into PDF, the ink their drawings are drawn with, and codes that a tablet reads. What is on a paper is
 * its place's own matter.
 */
@NullMarked
package vastarc.web.paper;

import org.jspecify.annotations.NullMarked;
