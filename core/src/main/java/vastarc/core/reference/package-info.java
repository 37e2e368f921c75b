/** What a hand looks up: words with their other names, symptoms with their causes. Read from tables, nothing reckoned. */
package vastarc.core.reference;
