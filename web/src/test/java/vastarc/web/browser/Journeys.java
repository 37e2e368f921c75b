package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.openqa.selenium.Keys;
import org.springframework.boot.test.web.server.LocalServerPort;
import vastarc.web.BrowserTest;

/** What every journey does alike: one browser on the running program, which must have nothing to complain about. */
@BrowserTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class Journeys {

    static final String BASE = "thicknessMm[0]";

    @LocalServerPort
    int port;

    Browser browser;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    @AfterEach
    void theBrowserHasNothingToComplainAbout() {
        assertThat(browser.complaints()).isEmpty();
    }

    void newJob() {
        browser.open("/");
        browser.click("#new-job");
        browser.find("#workingCurrent");
        leaveTheLine();
    }

    /** A new job stands in its line; Esc gives the keys back to the page. */
    private void leaveTheLine() {
        browser.waitFor("the keys", () -> {
            browser.press(Keys.ESCAPE);
            return !"phrase".equals(browser.focused());
        });
    }

    void choose(String name, String value) {
        browser.keep(() -> browser.click("input[name='" + name + "'][value='" + value + "']"));
    }
}
