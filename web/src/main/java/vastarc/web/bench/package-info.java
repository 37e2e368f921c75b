/** The Bench place: the home, with the jobs in hand. */
package vastarc.web.bench;
