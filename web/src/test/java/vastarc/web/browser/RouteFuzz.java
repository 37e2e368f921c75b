package vastarc.web.browser;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Requests for the program's own routes: real ids and absurd ones, fields it knows with values it does not expect, by a seed. */
final class RouteFuzz {

    private static final Pattern VARIABLE = Pattern.compile("\\{[^}/]+}");
    private static final List<String> ODD = List.of(
            "",
            " ",
            "0",
            "-1",
            "1",
            "2",
            "3/16",
            "1,5 mm",
            "1e400",
            "NaN",
            "9".repeat(310),
            "-0.0",
            "٣",
            "🔥",
            "null",
            "true",
            "<b>",
            "\u0000",
            "../..",
            "x".repeat(5000),
            "STAINLESS_316L",
            "TITANIUM_GR2",
            "TUBE_BUTT",
            "V_BUTT",
            "TRIGGER_4T",
            "HEAT",
            "[]",
            "{}",
            "%",
            "{Ann}",
            "{}",
            "${x}",
            "#{1}",
            "=1+1",
            "a=b&c=d");
    private static final List<String> FIELDS = List.of(
            "version",
            "name",
            "notes",
            "material",
            "joint",
            "thicknessMm[0]",
            "thicknessMm[1]",
            "tubeOdMm",
            "control",
            "wire",
            "pulse",
            "own.downSlope",
            "own.workingCurrent",
            "logic",
            "machine",
            "torch",
            "stands.amps",
            "element",
            "item",
            "answer",
            "slot",
            "school",
            "tungsten",
            "cup",
            "wire",
            "days",
            "mark",
            "amps",
            "band",
            "setting",
            "kind",
            "fault",
            "meter",
            "seam",
            "verdict",
            "order",
            "from",
            "run",
            "column",
            "x",
            "y",
            "take",
            "find",
            "page",
            "compare",
            "proven",
            "seen",
            "label",
            "low",
            "high",
            "text",
            "step",
            "metal",
            "cooling",
            "ratedA",
            "was.tungsten",
            "learner",
            "topic",
            "seed",
            "level",
            "hand",
            "note",
            "one");
    private static final String BOUNDARY = "----odd";
    private static final List<String> TYPES = List.of(
            "application/json",
            "application/x-www-form-urlencoded",
            "text/plain",
            "text/csv",
            "application/xml",
            "application/octet-stream",
            "image/png",
            "multipart/form-data; boundary=" + BOUNDARY,
            "multipart/form-data",
            "application/json;charset=nothing",
            "x/y");
    private static final List<String> ACCEPTS = List.of(
            "*/*",
            "text/html",
            "application/json",
            "text/event-stream",
            "image/png",
            "text/csv",
            "application/problem+json",
            "x/y",
            "text/html;q=oops");
    private static final List<String> JSON = List.of(
            "",
            "{",
            "null",
            "[]",
            "{}",
            "[[[[[[[[]]]]]]]]",
            "\"text\"",
            "{\"material\":\"CARBON_STEEL\",\"joint\":\"LAP\",\"thicknessMm\":[%s]}",
            "{\"joint\":{\"material\":\"CARBON_STEEL\"},\"machine\":%s}",
            "{\"touches\":[{\"atS\":%s,\"kind\":\"PRESS\"}],\"over\":true}",
            "{\"format\":\"vast-arc-machine\",\"version\":1,\"name\":\"%s\"}");

    private final List<Route> routes;
    private final List<String> ids;
    private final Random random;

    /** A route of the program. */
    record Route(String method, String pattern) {}

    /** A request. */
    record Sent(String method, String path, String type, String accept, String body) {}

    RouteFuzz(List<Route> routes, List<String> ids, Random random) {
        this.routes = routes;
        this.ids = ids;
        this.random = random;
    }

    private <T> T any(List<T> values) {
        return values.get(random.nextInt(values.size()));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    Sent next() {
        Route route = any(routes);
        Matcher variables = VARIABLE.matcher(route.pattern());
        String path = variables.replaceAll(match -> Matcher.quoteReplacement(
                random.nextInt(4) == 0 ? encoded(any(ODD)).replace("%00", "0") : any(ids)));
        String query = random.nextInt(3) == 0 ? "?" + form() : "";
        boolean json = route.pattern().startsWith("/api/") || random.nextInt(6) == 0;
        String body = route.method().equals("GET") ? "" : json ? any(JSON).replace("%s", any(ODD)) : form();
        String usual = json ? "application/json" : "application/x-www-form-urlencoded";
        String type = random.nextInt(5) == 0 ? any(TYPES) : usual;
        return new Sent(
                route.method(),
                path.replace("**", "x") + query,
                type,
                random.nextInt(3) == 0 ? any(ACCEPTS) : "*/*",
                type.contains(BOUNDARY) ? parts() : body);
    }

    private String parts() {
        StringBuilder parts = new StringBuilder();
        for (int i = 0; i < random.nextInt(4); i++) {
            parts.append("--")
                    .append(BOUNDARY)
                    .append("\r\nContent-Disposition: form-data; name=\"")
                    .append(any(FIELDS))
                    .append(random.nextBoolean() ? "\"; filename=\"x.png\"" : "\"")
                    .append("\r\n\r\n")
                    .append(any(ODD))
                    .append("\r\n");
        }
        return parts.append("--")
                .append(BOUNDARY)
                .append(random.nextBoolean() ? "--\r\n" : "")
                .toString();
    }

    private String form() {
        StringBuilder form = new StringBuilder();
        for (int i = 0; i < random.nextInt(8); i++) {
            form.append(form.isEmpty() ? "" : "&")
                    .append(encoded(any(FIELDS)))
                    .append('=')
                    .append(encoded(random.nextInt(6) == 0 ? any(ids) : any(ODD)));
        }
        return form.toString();
    }
}
