package vastarc.web.ui;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import vastarc.web.lan.Lan;

/** Prints the address when the program is ready to be used. */
@Component
class Ready {

    private final Lan lan;

    Ready(Lan lan) {
        this.lan = lan;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                && web.getWebServer() != null) {
            System.out.println("Vast Arc is ready: " + (lan.isSecure() ? "https" : "http") + "://127.0.0.1:"
                    + web.getWebServer().getPort() + "/   (Ctrl-C stops it)");
        }
    }
}
