/** The formats the application publishes, as JSON Schemas, and the check of documents against them. */
@NullMarked
package vastarc.web.format;

import org.jspecify.annotations.NullMarked;
