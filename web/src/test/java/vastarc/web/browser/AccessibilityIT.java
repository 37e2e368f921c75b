package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

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

    private record Screen(int width, int height, String theme, boolean checked) {}

    /** From narrow to wide: a page is opened at the width that is hardest for it, and gets more room from there on. */
    private static final List<Screen> SCREENS = List.of(
            new Screen(320, 700, "dark", false),
            new Screen(390, 844, "light", true),
            new Screen(820, 1180, "light", false),
            new Screen(1280, 800, "dark", true));

    @Test
    void everyPageIsWithinReachOfEveryone() {
        browser.open("/");
        List<String> pages = pages();
        writeDownAnInstrument();
        List<String> found = new ArrayList<>();
        for (String path : pages) {
            browser.size(SCREENS.get(0).width(), SCREENS.get(0).height());
            browser.open(path);
            for (Screen screen : SCREENS) {
                browser.size(screen.width(), screen.height());
                found.addAll(faults(path, screen, screen.theme(), screen.checked() || EVERY_WIDTH));
                if (EVERY_WIDTH) {
                    found.addAll(faults(path, screen, screen.theme().equals("dark") ? "light" : "dark", true));
                }
            }
        }
        deleteTheInstrument();
        assertThat(found).isEmpty();
    }

    private List<String> faults(String path, Screen screen, String theme, boolean checked) {
        String at = path + " at " + screen.width() + " px, " + theme + ": ";
        browser.driver().executeScript("document.documentElement.dataset.theme = arguments[0]", theme);
        List<String> found = new ArrayList<>();
        if (checked) {
            browser.accessibilityFindings().forEach(finding -> found.add(at + finding));
        }
        long wide = widthOfThePage(browser);
        if (wide > screen.width()) {
            found.add(at + wide + " px wide");
        }
        return found;
    }

    private static long widthOfThePage(Browser browser) {
        return (Long) browser.driver().executeScript("return document.documentElement.scrollWidth");
    }

    /** So that a register has lines: an empty one shows no table. */
    private void writeDownAnInstrument() {
        browser.open("/shop/instruments");
        browser.type("number", "OX-11");
        browser.click("label.tile:has([value=OXYGEN])");
        browser.click("#keep-paper");
        browser.find("#papers");
    }

    private void deleteTheInstrument() {
        browser.open("/shop/instruments");
        browser.click("#papers summary");
        browser.click("#papers details form button");
        browser.find("#no-papers");
    }

    /** Twice the usual size of text, as a reader sets it for all pages: nothing is cut and nothing is wider than the screen. */
    @Test
    void textTwiceAsLargeFitsTheScreen() {
        browser.open("/");
        List<String> pages = pages();
        Browser large = new Browser(port, 32);
        large.withMotion();
        try {
            for (String path : pages) {
                large.size(820, 1180);
                large.open(path);
                if (path.endsWith("/rehearse")) {
                    large.find("#figures");
                }
                for (int width : new int[] {820, 1280}) {
                    large.size(width, 1180);
                    assertThat(widthOfThePage(large)).as(path + " at " + width).isLessThanOrEqualTo(width);
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
