/** The Reference place: words, tables, positions, symptoms, schools, cautions; the search that finds them; the wall chart. */
package vastarc.web.reference;
