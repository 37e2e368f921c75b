/** What every page shares: units and theme of the reader, security of the page, answers to errors. */
package vastarc.web.ui;
