/** The Shop place: habits, stock, backup and restore. */
package vastarc.web.shop;
