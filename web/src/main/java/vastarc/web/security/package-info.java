/**
 * Who may ask the program for what: this machine, paired devices, devices that may only look, meters. Who asks is found out in
 * {@link vastarc.web.security.CallerFilter}, what each may do is in {@link vastarc.web.security.SecurityConfiguration}.
 */
@NullMarked
package vastarc.web.security;

import org.jspecify.annotations.NullMarked;
