/** The formats the application publishes, as JSON Schemas, and the check of documents against them. */
package vastarc.web.format;
