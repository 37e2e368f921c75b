package vastarc.web.browser;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.RunFeed.RunMeasurement;

/**
 * Measures how long after a reading without gas the booth's page gives its warning to the audio clock. Not a test of the build; run it with
 * {@code mvn -Ptools -pl core,web verify -Dit.test=CueMeasure -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false} and read the line it prints.
 */
class CueMeasure extends Journeys {

    private static final int TIMES = 40;
    private static final double FLOW = 12;
    private static final String WALL =
            "return document.getElementById('booth').ear.given.filter(c => c.kind === 'GAS_LOST').map(c => c.wall)";

    @Autowired
    private WeldRunService runs;

    @Autowired
    private RunFeed feed;

    @Test
    void live() {
        newJob();
        browser.click("[data-step='7']");
        browser.waitFor(
                "the coach",
                () -> browser.driver().executeScript("return document.getElementById('booth').ear ?? null") != null);
        new Select(browser.find("#coach-level")).selectByValue("WARNINGS");
        browser.click("#arc-button");
        UUID job = UUID.fromString(browser.attribute("#booth", "data-job"));
        Awaitility.await().until(() -> runs.openRun(job).isPresent());
        WeldRun run = runs.openRun(job).orElseThrow().run();
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            for (int good = 0; good < 10; good++) {
                read(run, FLOW);
                Awaitility.await().pollDelay(Duration.ofMillis(100)).until(() -> true);
            }
            int before = warnings().size();
            long read = read(run, 0);
            Awaitility.await().until(() -> warnings().size() > before);
            took.add((double) warnings().get(before).longValue() - read);
        }
        took.sort(Double::compare);
        System.out.printf(
                Locale.ROOT,
                "a reading without gas until its warning is given: median %.0f, p95 %.0f, worst %.0f ms (%d times)%n",
                took.get(TIMES / 2),
                took.get(TIMES * 95 / 100),
                took.get(TIMES - 1),
                TIMES);
    }

    private long read(WeldRun run, double flow) {
        Instant now = Instant.now();
        feed.accept(run, List.of(new RunMeasurement(now, MeasuredQuantity.GAS_FLOW, flow)), false);
        return now.toEpochMilli();
    }

    @SuppressWarnings("unchecked")
    private List<Number> warnings() {
        return (List<Number>) browser.driver().executeScript(WALL);
    }
}
