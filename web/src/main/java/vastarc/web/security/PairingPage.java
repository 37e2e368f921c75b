package vastarc.web.security;

import org.springframework.web.util.HtmlUtils;

/** The one page an unpaired device sees, with a style of its own: the program's is not for it. */
final class PairingPage {

    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>Pair this device – Vast Arc</title><link rel="stylesheet" href="/pair.css"></head>
            <body><main><h1>Vast Arc</h1><p>Pair this device with the shop: type the six digits that are shown where the program was started, or in Shop under devices.</p>%s
            <form method="post" action="/pair"><p><label>code<br><input name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="12" size="12" value="%s" required></label></p>
            <p><label>name of this device, such as “booth 2”<br><input name="name" maxlength="60" size="30" value="%s" required></label></p><p><button>pair</button></p></form>%s</main></body></html>
            """;
    /** Controls for a gloved finger. */
    static final String STYLE = """
            body { margin: 0; background: #1d2225; color: #ece7da; font: 18px/1.35 sans-serif; }
            main { max-width: 34em; margin: 0 auto; padding: 16px; }
            input, button { font: inherit; min-height: 48px; padding: 0 12px; margin-top: 4px; box-sizing: border-box; max-width: 100%; }
            input { width: 100%; background: #171b1e; color: inherit; border: 1px solid #9aa39f; }
            button { min-width: 120px; background: #e8672c; color: #1a1410; border: 0; font-weight: 700; }
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
