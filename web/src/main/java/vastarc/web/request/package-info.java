/**
 * From what was sent to a joint and a practice. {@link vastarc.web.request.JobReader} maps the fields in one place;
 * {@link vastarc.web.request.Fields} hides whether they come as JSON in fixed units or as text in whatever units a hand typed.
 */
package vastarc.web.request;
