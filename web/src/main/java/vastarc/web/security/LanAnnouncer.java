package vastarc.web.security;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says, where the program was started, under which address it is reached, with a code to scan and the digits to type. */
@Component
class LanAnnouncer {

    private final Lan lan;
    private final Pairing pairing;

    LanAnnouncer(Lan lan, Pairing pairing) {
        this.lan = lan;
        this.pairing = pairing;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (!lan.isOpen() || !(event.getApplicationContext() instanceof ServletWebServerApplicationContext web)) {
            return;
        }
        List<String> addresses = lan.reachable();
        int port = web.getWebServer() == null ? 0 : web.getWebServer().getPort();
        addresses.forEach(address -> System.out.println("On the shop's network: " + lan.url(address, port)));
        addresses.stream()
                .findFirst()
                .ifPresent(address -> System.out.println(code(lan.url(address, port) + "pair?code=" + pairing.code())));
        System.out.println("Pairing code: " + pairing.code() + "   (another one after every use: Shop, devices)");
        if (!lan.isSecure()) {
            System.out.println("Without a certificate (--cert, --key) this network can read along.");
        }
    }

    /** Two rows of cells in a line of half blocks. */
    private static String code(String text) {
        BitMatrix cells;
        try {
            cells = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0);
        } catch (WriterException e) {
            return text;
        }
        StringBuilder lines = new StringBuilder();
        for (int y = 0; y < cells.getHeight(); y += 2) {
            for (int x = 0; x < cells.getWidth(); x++) {
                boolean top = !cells.get(x, y);
                boolean low = y + 1 >= cells.getHeight() || !cells.get(x, y + 1);
                lines.append(top ? low ? '█' : '▀' : low ? '▄' : ' ');
            }
            lines.append('\n');
        }
        return lines.toString();
    }
}
