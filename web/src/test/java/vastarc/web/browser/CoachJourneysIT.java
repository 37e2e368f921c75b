package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;

/** What is heard, asserted by what was given to the browser's audio clock and when. */
class CoachJourneysIT extends Journeys {

    /** A planned cue is given ahead, so that it sounds within this of its time, s. */
    private static final double LATEST_S = 0.03;

    private static final String BOOTH = "return document.getElementById('booth').ear.given";
    private static final String SCORE = "return document.getElementById('score-drawing').ear.given";

    private static final String DRY = "return document.getElementById('dry-place').ear.given";

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> given(String script) {
        return (List<Map<String, Object>>) browser.driver().executeScript(script);
    }

    private List<Map<String, Object>> given(String script, String kind) {
        return given(script).stream()
                .filter(cue -> cue.get("kind").equals(kind))
                .toList();
    }

    private static double number(Map<String, Object> of, String name) {
        return ((Number) of.get(name)).doubleValue();
    }

    private void booth() {
        newJob();
        browser.click("[data-step='7']");
        browser.waitFor("the coach", () -> browser.driver().executeScript(BOOTH) != null);
    }

    private void hear(String level) {
        new Select(browser.find("#coach-level")).selectByValue(level);
    }

    @Test
    void theBoothPacesTheDabsAndWarnsOfGasThatIsGone() {
        booth();
        hear("BEGINNER");
        new Select(browser.find("#fault")).selectByValue("GAS_RUNS_OUT");
        browser.click("#stand-in");
        browser.waitFor("dabs", () -> given(BOOTH, "DAB").size() > 3);
        List<Map<String, Object>> dabs = given(BOOTH, "DAB");
        List<Double> steps = IntStream.range(1, dabs.size())
                .mapToObj(i -> number(dabs.get(i), "at") - number(dabs.get(i - 1), "at"))
                .toList();
        double beat = steps.stream().min(Double::compare).orElseThrow();
        // A machine that is busy for longer than cues are given ahead leaves one out; none is moved.
        assertThat(steps).allSatisfy(step -> assertThat(step / beat).isCloseTo(Math.rint(step / beat), within(0.005)));
        assertThat(dabs)
                .allSatisfy(dab -> assertThat(number(dab, "now")).isLessThanOrEqualTo(number(dab, "at") + LATEST_S));
        browser.waitFor("no gas", () -> !given(BOOTH, "GAS_LOST").isEmpty());
        browser.waitFor("said", () -> browser.text("#coach-said").startsWith("no gas"));
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.click("#close-run");
        browser.waitFor("the logbook", () -> !browser.all("#heard").isEmpty());
        assertThat(browser.text("#heard")).contains("No gas");
    }

    @Test
    void whoWantsWarningsOnlyHearsNoPaceAndIsRemembered() {
        booth();
        hear("WARNINGS");
        new Select(browser.find("#fault")).selectByValue("GAS_RUNS_OUT");
        browser.click("#stand-in");
        browser.waitFor("no gas", () -> !given(BOOTH, "GAS_LOST").isEmpty());
        assertThat(given(BOOTH, "DAB")).isEmpty();
        browser.driver().navigate().refresh();
        browser.waitFor(
                "the choice",
                () -> "WARNINGS"
                        .equals(new Select(browser.find("#coach-level"))
                                .getFirstSelectedOption()
                                .getAttribute("value")));
    }

    @Test
    void theScorePlaysWithItsSound() {
        newJob();
        browser.click("[data-step='2']");
        browser.click("#ticks");
        browser.click("#play");
        browser.waitFor("three cues", () -> given(SCORE).size() >= 3);
        List<Map<String, Object>> cues = given(SCORE);
        List<Map<String, Object>> planned = planned();
        // A beat that would come late is left out; what is given is given at its time.
        assertThat(planned)
                .anySatisfy(first -> assertThat(cues.subList(0, 3))
                        .allSatisfy(cue -> assertThat(planned).anySatisfy(wanted -> {
                            assertThat(cue.get("kind")).isEqualTo(wanted.get("kind"));
                            assertThat(number(cue, "at") - number(cues.get(0), "at"))
                                    .isCloseTo(number(wanted, "s") - number(first, "s"), within(LATEST_S));
                        })));
        browser.click("#play");
    }

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> planned() {
        return (List<Map<String, Object>>) browser.driver()
                .executeScript("return JSON.parse(document.getElementById('score-data').dataset.score).cues");
    }

    @Test
    void aWeldIsPractisedColdAndJudged() {
        browser.open("/drill/dry?learner=Isk");
        browser.click("#dry-trigger");
        browser.waitFor("the coach to dab", () -> given(DRY, "DAB").size() > 1);
        for (int dabs = 2; dabs < 7; dabs++) {
            int next = dabs;
            browser.waitFor("the next", () -> given(DRY, "DAB").size() > next);
            browser.press("j");
        }
        browser.press(Keys.SPACE);
        browser.waitFor("the result", () -> browser.text("#dry-figures").contains("Evenness"));
        assertThat(browser.text("#dry-figures tbody tr:first-child td")).isEqualTo("5");
        browser.waitFor("kept", () -> browser.all("#dry-tries li").size() == 1);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/drill/dry?learner=Isk");
        browser.waitFor("still there", () -> browser.all("#dry-tries li").size() == 1);
    }

    @Test
    void withoutSoundThePageSaysSoAndWritesTheWarnings() {
        Browser usual = browser;
        try (Browser deaf = new Browser(port)) {
            browser = deaf;
            browser.withoutSound();
            booth();
            hear("BEGINNER");
            browser.waitFor("it is said", () -> browser.find("#coach-mute").isDisplayed());
            new Select(browser.find("#fault")).selectByValue("GAS_RUNS_OUT");
            browser.click("#stand-in");
            browser.waitFor("written", () -> browser.text("#coach-said").startsWith("no gas"));
            assertThat(browser.complaints()).isEmpty();
        } finally {
            browser = usual;
        }
    }
}
