package vastarc.web.lan;

import org.springframework.web.util.HtmlUtils;

/** The one page an unpaired device sees: it wants no style and no script of the program's, which are not for it. */
final class PairingPage {

    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Pair this device – Vast Arc</title></head>
            <body><main><h1>Vast Arc</h1><p>Pair this device with the shop: type the six digits that are shown where the program was started, or in Shop under devices.</p>%s
            <form method="post" action="/pair"><p><label>code<br><input name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="12" size="12" value="%s" required></label></p>
            <p><label>name of this device, such as “booth 2”<br><input name="name" maxlength="60" size="30" value="%s" required></label></p><p><button>pair</button></p></form>%s</main></body></html>
            """;
    private static final String OPEN =
            "<p>This shop’s network can read along: what is sent between this device and the program is not encrypted.</p>";

    private PairingPage() {}

    static String html(boolean secure, String code, String name, String wrong) {
        return PAGE.formatted(
                wrong.isEmpty() ? "" : "<p role=\"alert\"><strong>" + HtmlUtils.htmlEscape(wrong) + "</strong></p>",
                HtmlUtils.htmlEscape(code),
                HtmlUtils.htmlEscape(name),
                secure ? "" : OPEN);
    }
}
