package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/** The tour of {@code docs/tour.md}, step by step, on an empty shop and by keyboard alone. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"vastarc.demo=false", "spring.datasource.url=jdbc:h2:mem:tour;DB_CLOSE_DELAY=-1"})
@ActiveProfiles("test")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TourIT {

    private static final int MOST_TABS = 250;

    @LocalServerPort
    private int port;

    private Browser browser;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    private void press(CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    private boolean isAt(String css) {
        return Boolean.TRUE.equals(
                browser.driver().executeScript("return document.activeElement.matches(arguments[0])", css));
    }

    private void tabTo(String css) {
        for (int i = 0; i < MOST_TABS && !isAt(css); i++) {
            press(Keys.TAB);
        }
        assertThat(isAt(css)).as("by Tab to " + css).isTrue();
    }

    private void arrive(String what, String addressPart) {
        browser.waitFor(
                what,
                () -> browser.driver().getCurrentUrl().contains(addressPart)
                        && "complete".equals(browser.driver().executeScript("return document.readyState")));
    }

    @Test
    void tour() {
        layOutTheDemoShop();
        openAJobAndReadAReason();
        scorePanelAndRoute();
        weldARun();
        proveItAndPrintItsCard();
        assertThat(browser.complaints()).isEmpty();
    }

    private void layOutTheDemoShop() {
        browser.open("/");
        assertThat(browser.text("#empty-bench")).contains("Nothing on the bench");
        tabTo("#try-demo");
        press(Keys.ENTER);
        browser.waitFor("five jobs", () -> browser.all("#jobs > li").size() == 5);
        press("?");
        browser.waitFor("what the bench is for", () -> browser.text("#about").startsWith("Jobs being worked on"));
        press(Keys.ESCAPE);
    }

    private void openAJobAndReadAReason() {
        tabTo("#jobs li:nth-child(2) a.open");
        press(Keys.ENTER);
        arrive("the sheet", "/sheet");
        assertThat(browser.field("job-name").getDomProperty("value")).contains("Pier frame");
        tabTo("#workingCurrent > summary");
        press(Keys.ENTER);
        browser.waitFor("the reason", () -> browser.text("#workingCurrent .why").contains("W"));
        press(Keys.ESCAPE);
    }

    private void scorePanelAndRoute() {
        press("2");
        arrive("the score", "/score");
        press("3");
        arrive("the panel", "/panel");
        assertThat(browser.all("[data-control]")).isNotEmpty();
        press("6");
        arrive("the route", "/route");
        assertThat(browser.text("#hero")).isNotBlank();
    }

    private void weldARun() {
        press("7");
        arrive("the booth", "/run");
        browser.waitFor("ready", () -> browser.text("#stage").equals("ready"));
        press("k");
        browser.waitFor(
                "two seconds of arc",
                () -> browser.text("#stage").equals("arc")
                        && browser.text("#clock").matches("0:0[2-9]|0:[1-5]\\d"));
        press(Keys.SPACE);
        browser.waitFor("post-flow", () -> browser.text("#stage").equals("hold still"));
        tabTo("#seam");
        press("60");
        tabTo("#hand");
        press(Keys.chord(Keys.CONTROL, "a"), "Isk");
        tabTo("#close-run");
        press(Keys.ENTER);
        arrive("the logbook", "/logbook/");
        assertThat(browser.text("#figures")).contains("60 mm");
    }

    private void proveItAndPrintItsCard() {
        tabTo("#prove");
        press(Keys.ENTER);
        browser.waitFor("it is proven", () -> browser.text("#prove").contains("is proven with this sheet"));
        press("h");
        browser.waitFor("the bench", () -> browser.text("#jobs").contains("proven"));
        tabTo("#jobs li:first-child a.open");
        press(Keys.ENTER);
        arrive("the sheet", "/sheet");
        tabTo("#open-files");
        press(Keys.ENTER);
        tabTo("#to-card");
        press(Keys.ENTER);
        arrive("the card", "/card");
        assertThat(browser.text("#card-place")).contains("proven");
        assertThat(browser.accessibilityFindings()).isEmpty();
    }
}
