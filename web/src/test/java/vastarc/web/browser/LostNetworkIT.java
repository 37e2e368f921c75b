package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.store.run.WeldRunService;

/** A booth whose network comes and goes: nothing is lost, nothing is there twice, the order stays. */
class LostNetworkIT extends Journeys {

    /** So often in the build; a hundred with {@code -Dvastarc.cuts=100}. */
    private static final int CUTS = Integer.getInteger("vastarc.cuts", 12);

    private static final List<String> MARKS = List.of("DIPPED", "STOPPED", "GUST");

    @Autowired
    private WeldRunService runs;

    private UUID booth() {
        newJob();
        browser.click("[data-step='7']");
        browser.waitFor("ready", () -> browser.text("#stage").equals("ready"));
        return UUID.fromString(browser.attribute("#booth", "data-job"));
    }

    /** Of some hundred clicks of the driver one misses, while the line that says what is not sent comes and goes. */
    private void tap(String css) {
        browser.driver().executeScript("document.querySelector(arguments[0]).click()", css);
    }

    private boolean nothingWaits() {
        return !browser.find("#unsent").isDisplayed();
    }

    /** What a browser writes of a request that nothing answered is no fault of the page. */
    private void onlyTheNetworkWasMissed() {
        assertThat(browser.complaints()).allMatch(said -> said.contains("ERR_INTERNET_DISCONNECTED"));
    }

    @Test
    void tapsAreKeptWhileTheNetworkComesAndGoes() {
        UUID job = booth();
        Random random = new Random(100);
        List<EventKind> tapped = new ArrayList<>();
        boolean online = true;
        int cuts = 0;
        for (int i = 0; cuts < CUTS; i++) {
            // Also while what was tapped last is on its way: then the program may have it and the page not know.
            if (random.nextInt(5) > 0) {
                online = !online;
                browser.online(online);
                cuts += online ? 0 : 1;
            }
            boolean arc = i == 0 || random.nextInt(10) == 0;
            if (arc) {
                boolean burns = browser.text("#arc-button").equals("Arc out");
                tapped.add(burns ? EventKind.ARC_OFF : EventKind.ARC_ON);
                browser.driver()
                        .executeScript("performance.now = (was => () => was.call(performance) + 400 * " + (i + 1)
                                + ")(Performance.prototype.now)");
                tap("#arc-button");
                browser.waitFor(
                        "the page to show it", () -> browser.text("#arc-button").equals("Arc out") != burns);
            } else {
                String mark = MARKS.get(random.nextInt(MARKS.size()));
                tapped.add(EventKind.valueOf(mark));
                tap("[data-mark=" + mark + "]");
            }
        }
        browser.online(true);
        browser.waitFor("everything sent", this::nothingWaits);
        assertThat(runs.openRun(job).orElseThrow().events())
                .extracting(RunEvent::kind)
                .isEqualTo(tapped);
        onlyTheNetworkWasMissed();
    }

    @Test
    void whatWaitsOutlivesThePage() {
        UUID job = booth();
        browser.online(false);
        browser.click("#arc-button");
        browser.waitFor("it is told", () -> browser.text("#unsent").startsWith("1 not sent yet"));
        browser.waitFor("the clock runs on", () -> browser.text("#clock").matches("0:0[1-9]"));
        assertThat(browser.text("#stage")).isEqualTo("arc");
        browser.online(true);
        browser.open("/");
        browser.open("/jobs/" + job + "/run");
        browser.waitFor("it arrived", () -> runs.openRun(job).isPresent());
        browser.waitFor(
                "one arc", () -> runs.openRun(job).orElseThrow().events().size() == 1);
        browser.waitFor("arc", () -> browser.text("#stage").equals("arc"));
        onlyTheNetworkWasMissed();
    }
}
