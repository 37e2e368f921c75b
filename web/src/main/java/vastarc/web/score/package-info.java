/** The Score place: a job's weld in time, played, tried, pulled into shape. */
package vastarc.web.score;
