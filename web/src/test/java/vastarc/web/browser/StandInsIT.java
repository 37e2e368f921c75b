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
class StandInsIT {

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
        browser.find("#jobs li:nth-child(2) a.open").click();
        browser.find("#workingCurrent");
        new Actions(browser.driver()).sendKeys("b").perform();
        browser.waitFor("the booth", () -> browser.text("#stage").equals("ready"));
        new Select(browser.find("#fault")).selectByValue("EARLY_RELEASE");
        browser.find("#stand-in").click();
        clock.pass(Duration.ofSeconds(6));
        browser.waitFor(
                "the arc, by the readings alone", () -> browser.text("#stage").equals("arc"));
        browser.waitFor("the current as it is read", () -> browser.text("#read").matches("[1-9].*"));
        clock.pass(Duration.ofMinutes(10));
        browser.waitFor("the arc is over", () -> !browser.text("#stage").equals("arc"));
        browser.find("#seam").sendKeys("100");
        browser.find("#close-run").click();
        browser.waitFor("the logbook", () -> browser.driver().getCurrentUrl().contains("/logbook/"));
        assertThat(browser.text("#run-place header")).contains("simulated");
        assertThat(browser.text("#findings")).isNotBlank();
        assertThat(browser.complaints()).isEmpty();
    }
}
