/**
 * The shop's own network: who may reach the program from another machine, and how a device is paired. On this machine itself nothing is asked.
 */
@NullMarked
package vastarc.web.lan;

import org.jspecify.annotations.NullMarked;
