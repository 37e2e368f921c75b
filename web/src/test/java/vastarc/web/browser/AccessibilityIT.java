package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Cookie;

/** Every page in both themes and four widths: nothing that the accessibility check finds, and nothing wider than the screen. */
class AccessibilityIT extends Journeys {

    /** Both themes at all four widths, the check at each, take five times as long: {@code -Dvastarc.every-width=true}. */
    private static final boolean EVERY_WIDTH = Boolean.getBoolean("vastarc.every-width");

    private static final List<String> OF_THE_SHOP = List.of(
            "/",
            "/machines",
            "/logbook",
            "/logbook/trends",
            "/drill",
            "/drill/practical",
            "/day",
            "/shop",
            "/shop/prices",
            "/shop/devices",
            "/shop/meters",
            "/shop/procedures",
            "/shop/welders",
            "/shop/batches",
            "/shop/instruments",
            "/assemblies",
            "/reference",
            "/reference/terms",
            "/reference/symptoms",
            "/reference/tables",
            "/reference/settings",
            "/reference/simulation",
            "/reference/cautions",
            "/reference/model",
            "/chart",
            "/joints",
            "/away",
            "/line?text=2+mm+304+lap");

    private static final List<String> OF_A_JOB = List.of(
            "sheet",
            "score",
            "panel",
            "purge",
            "rehearse",
            "route",
            "run",
            "read",
            "card",
            "procedure",
            "papers",
            "map");

    @ParameterizedTest
    @CsvSource({"1280, 800, dark, true", "820, 1180, light, false", "390, 844, light, true", "320, 700, dark, false"})
    void everyPageIsWithinReachOfEveryone(int width, int height, String theme, boolean always) {
        check(width, height, theme, always);
        if (EVERY_WIDTH) {
            check(width, height, theme.equals("dark") ? "light" : "dark", true);
        }
    }

    private void check(int width, int height, String theme, boolean always) {
        browser.open("/");
        browser.driver().manage().addCookie(new Cookie("theme", theme));
        browser.size(width, height);
        List<String> found = new ArrayList<>();
        for (String path : pages()) {
            browser.open(path);
            if (always || EVERY_WIDTH) {
                browser.accessibilityFindings().forEach(finding -> found.add(path + " " + finding));
            }
            long wide = (Long) browser.driver().executeScript("return document.documentElement.scrollWidth");
            if (wide > width) {
                found.add(path + " is " + wide + " px wide");
            }
        }
        browser.size(1280, 800);
        browser.driver().manage().deleteCookieNamed("theme");
        assertThat(found).as(width + " " + theme).isEmpty();
    }

    /** Twice the usual size of text, as a reader sets it for all pages: nothing is cut and nothing is wider than the screen. */
    @Test
    void textTwiceAsLargeFitsTheScreen() {
        browser.open("/");
        List<String> pages = pages();
        Browser large = new Browser(port, 32);
        large.withMotion();
        try {
            for (int width : new int[] {1280, 820}) {
                large.size(width, 1180);
                for (String path : pages) {
                    large.open(path);
                    if (path.endsWith("/rehearse")) {
                        large.find("#figures");
                    }
                    assertThat((Long) large.driver().executeScript("return document.documentElement.scrollWidth"))
                            .as(path + " at " + width)
                            .isLessThanOrEqualTo(width);
                }
            }
        } finally {
            large.close();
        }
    }

    private List<String> pages() {
        String job = browser.attribute("#jobs a[href$='/sheet']", "href").replaceAll(".*/jobs/([^/]+)/.*", "$1");
        browser.open("/assemblies");
        String assembly = browser.attribute("#assemblies a", "href").replaceAll(".*(/assemblies/.*)", "$1");
        return Stream.of(
                        OF_THE_SHOP.stream(),
                        Stream.of(assembly, assembly + "?seam=S5", assembly + "/log"),
                        OF_A_JOB.stream().map(place -> "/jobs/" + job + "/" + place))
                .flatMap(paths -> paths)
                .toList();
    }
}
