/**
 * What is stored: the stores of jobs, machines and the shop, and the documents they hold. No store knows a place of the interface.
 */
@NullMarked
package vastarc.web.store;

import org.jspecify.annotations.NullMarked;
