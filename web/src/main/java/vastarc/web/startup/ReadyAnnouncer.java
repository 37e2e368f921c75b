package vastarc.web.startup;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import vastarc.web.security.Lan;

/** Prints the address when the program is ready to be used. */
@Component
class ReadyAnnouncer {

    private static final String ANY = "0.0.0.0";
    private static final String LOOP = "127.0.0.1";

    private final Lan lan;
    private final String address;

    ReadyAnnouncer(Lan lan, @Value("${server.address:127.0.0.1}") String address) {
        this.lan = lan;
        this.address = address.equals(ANY) ? LOOP : address;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                && web.getWebServer() != null) {
            System.out.println("Vast Arc is ready: " + (lan.isSecure() ? "https" : "http") + "://" + address + ":"
                    + web.getWebServer().getPort() + "/   (Ctrl-C stops it)");
        }
    }
}
