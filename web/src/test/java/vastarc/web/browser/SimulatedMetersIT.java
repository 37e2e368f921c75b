package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.test.context.ActiveProfiles;

/** A whole run welded by a stand-in, from the strike into the logbook, under a clock that the test moves on. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "spring.datasource.url=jdbc:h2:mem:standins;DB_CLOSE_DELAY=-1")
@ActiveProfiles("test")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SimulatedMetersIT {

    /** Goes as clocks go, and may be moved on. */
    static final class Moved extends Clock {
        private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);

        void pass(Duration time) {
            ahead.updateAndGet(before -> before.plus(time));
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(ahead.get());
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }
    }

    @TestConfiguration
    static class Clocks {

        @Bean
        @Primary
        Moved moved() {
            return new Moved();
        }
    }

    @LocalServerPort
    private int port;

    @Autowired
    private Moved clock;

    private Browser browser;

    @BeforeAll
    void open() {
        browser = new Browser(port);
    }

    @AfterAll
    void close() {
        browser.close();
    }

    @Test
    void aStandInWeldsAWholeRunAndItIsKeptAsSimulated() {
        browser.open("/");
        browser.click("#jobs li:nth-child(2) a.open");
        browser.find("#workingCurrent");
        new Actions(browser.driver()).sendKeys("b").perform();
        browser.waitFor("the booth", () -> browser.text("#stage").equals("ready"));
        new Select(browser.find("#fault")).selectByValue("EARLY_RELEASE");
        browser.click("#stand-in");
        clock.pass(Duration.ofSeconds(6));
        browser.waitFor(
                "the arc, by the readings alone", () -> browser.text("#stage").equals("arc"));
        browser.waitFor("the current as it is read", () -> browser.text("#read").matches("[1-9].*"));
        clock.pass(Duration.ofMinutes(10));
        browser.waitFor("the arc is over", () -> !browser.text("#stage").equals("arc"));
        browser.find("#seam").sendKeys("100");
        browser.click("#close-run");
        browser.waitFor("the logbook", () -> browser.driver().getCurrentUrl().contains("/logbook/"));
        assertThat(browser.text("#run-place header")).contains("Simulated");
        assertThat(browser.text("#findings")).isNotBlank();
        assertThat(browser.complaints()).isEmpty();
        browser.open("/");
        assertThat(browser.all("#cooling")).isEmpty();
    }

    @Test
    void aPieceJustWeldedIsCountedDownOnTheBenchUntilItHasCooled() {
        browser.open("/");
        browser.click("#jobs li:nth-child(2) a.open");
        browser.find("#workingCurrent");
        new Actions(browser.driver()).sendKeys("b").perform();
        browser.waitFor("the booth", () -> browser.text("#stage").equals("ready"));
        browser.click("#arc-button");
        browser.waitFor("the arc", () -> browser.text("#stage").equals("arc"));
        // Two touches within a quarter of a second are one that bounced.
        browser.waitFor("a second of it", () -> !browser.text("#clock").equals("0:00"));
        sent();
        clock.pass(Duration.ofSeconds(20));
        browser.click("#arc-button");
        browser.waitFor("post-flow", () -> !browser.text("#stage").equals("arc"));
        sent();
        browser.open("/");
        browser.waitFor(
                "hot", () -> browser.text("#cooling").matches("“.*” is hot: .*safe to touch in about \\d+:\\d\\d\\."));
        clock.pass(Duration.ofMinutes(20));
        browser.open("/");
        assertThat(browser.all("#cooling")).isEmpty();
        browser.click("#bench-place .notice a.act");
        browser.waitFor("the run left open", () -> !browser.all("#close-run").isEmpty());
        browser.click("#close-run");
        browser.waitFor("the logbook", () -> browser.driver().getCurrentUrl().contains("/logbook/"));
    }

    /** The page shows what happens at once; the program knows of it when nothing waits to be sent any more. */
    private void sent() {
        browser.waitFor("sent", () -> !browser.all("#booth[data-waiting='0']").isEmpty());
    }

    @Test
    void aSimulatedMeterIsListenedToUntilThePurgeIsReadyAndOnRecord() {
        browser.open("/");
        browser.click("#jobs li:nth-child(1) a.open");
        browser.click("[data-step='4']");
        browser.waitFor("the purge", () -> !browser.all("#meter-readings").isEmpty());
        browser.click("#meter-readings summary");
        browser.click("#listen");
        browser.waitFor("the listening", () -> !browser.all("#keep-read").isEmpty());
        browser.waitFor("air, at first", () -> browser.text("#live-ppm").endsWith("ppm"));
        assertThat(browser.attribute("#meter", "value")).isEmpty();
        assertThat(browser.accessibilityFindings()).isEmpty();
        clock.pass(Duration.ofMinutes(5));
        browser.waitFor(
                "the target is read", () -> browser.attribute("#meter", "value").endsWith("ppm"));
        browser.waitFor("told so", () -> browser.text("#state").startsWith("Reached."));
        browser.waitFor("silver, if struck now", () -> browser.text("#inside").contains("accept"));
        browser.click("#felt");
        browser.waitFor("ready", () -> browser.text("#state").equals("Ready to weld."));
        browser.waitFor("enough to keep", () -> browser.find("#keep-read").isEnabled());
        browser.click("#keep-read");
        browser.waitFor(
                "what it read, taken over",
                () -> browser.attribute("#readings", "value").lines().count() > 30);
        browser.waitFor("and told", () -> browser.text("#meter-lines").contains("Most likely"));
        browser.click("#stop-listening");
        browser.waitFor("nobody listens", () -> browser.all("#live").isEmpty());
        assertThat(browser.text("#state")).isEqualTo("Ready to weld.");
        assertThat(browser.complaints()).isEmpty();
    }
}
