package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** The weld cycle in a real browser: pulled, typed, undone, played, tried. */
class ScoreJourneysIT extends Journeys {

    /** Notes every phase the readout tells and how wide the pool gets, however busy the machine is. */
    private static final String WATCH = """
            window.seen = { phases: [], widest: 0 };
            const phase = document.getElementById('now-phase');
            new MutationObserver(() => window.seen.phases.push(phase.textContent)).observe(phase, { childList: true, characterData: true, subtree: true });
            const pool = document.querySelector('#pool-picture .pool');
            new MutationObserver(() => {
              const width = Number(pool.getAttribute('transform').replace(/[^0-9.]/g, ''));
              window.seen.widest = Math.max(window.seen.widest, width);
            }).observe(pool, { attributes: true });""";

    @BeforeEach
    void aNewJobWithATorchSwitchOnItsScore() {
        browser.open("/");
        browser.click("#new-job");
        browser.find("#workingCurrent");
        browser.keep(() -> new Select(browser.field("choose-control")).selectByValue("TRIGGER_4T"));
        browser.click("[data-step='2']");
        handle("downSlope");
    }

    private WebElement handle(String setting) {
        return browser.find("[id='handle-own." + setting + "']");
    }

    private double figure(String setting) {
        return Double.parseDouble(handle(setting).getAttribute("aria-valuenow"));
    }

    private double scoreLengthS() {
        return ((Number) browser.driver()
                        .executeScript(
                                "return JSON.parse(document.getElementById('score-data').dataset.score).lengthS"))
                .doubleValue();
    }

    private String typed(String setting) {
        return browser.field("own." + setting).getAttribute("value");
    }

    private void zoomToTheEnd() {
        browser.click("[data-do='end']");
        browser.waitFor("the handle in view", () -> handle("downSlope").isDisplayed());
    }

    /** The current drawn at the end handle, as the page shows it. */
    private boolean warned() {
        return browser.text("#warnings").contains("quicker than the pool can freeze");
    }

    @Test
    void theDownSlopeIsPulledAndFigureSheetAndWarningFollowAndUndoBringsItBack() {
        zoomToTheEnd();
        double engine = figure("downSlope");
        assertThat(warned()).isFalse();

        pullLeft("downSlope");

        browser.waitFor("the warning", this::warned);
        browser.waitFor(
                "the own mark",
                () -> browser.attribute("[id='cell-own.downSlope']", "class").contains("own"));
        double own = figure("downSlope");
        assertThat(own).isLessThan(0.7 * engine);
        assertThat(Double.parseDouble(typed("downSlope"))).isEqualTo(own);

        browser.click("[data-step='1']");
        browser.waitFor("the sheet's own value", () -> browser.text("#owns").contains("Down-slope"));
        assertThat(Double.parseDouble(browser.figure("downSlope"))).isEqualTo(own);
        assertThat(browser.attribute("#downSlope .bracket .low", "class")).contains("passed");

        browser.click("[data-step='2']");
        handle("downSlope");
        browser.waitFor(
                "something to undo", () -> browser.find("[data-history='undo']").isEnabled());
        while (figure("downSlope") != engine) {
            double before = figure("downSlope");
            browser.click("[data-history='undo']");
            browser.waitFor("a step back", () -> figure("downSlope") != before);
        }
        assertThat(warned()).isFalse();
        browser.click("[data-step='1']");
        browser.find("#downSlope");
        assertThat(browser.all("#owns")).isEmpty();
    }

    private void pullLeft(String name) {
        new Actions(browser.driver())
                .moveToElement(handle(name).findElement(By.cssSelector(".grip")))
                .clickAndHold()
                .moveByOffset(-60, 0)
                .moveByOffset(-60, 0)
                .release()
                .perform();
    }

    @Test
    void theKeyboardAloneDoesTheSame() {
        double engine = figure("downSlope");
        browser.driver().executeScript("arguments[0].focus()", handle("downSlope"));
        browser.press(Keys.PAGE_DOWN);
        browser.press(Keys.PAGE_DOWN);
        browser.waitFor("the warning", this::warned);
        assertThat(browser.focused()).isEqualTo("handle-own.downSlope");
        browser.press(Keys.ARROW_RIGHT);
        double expected = Math.max(0, Math.round(10 * engine) / 10.0 - 2) + 0.1;
        browser.waitFor("one step up", () -> Math.abs(figure("downSlope") - expected) < 1e-9);

        while (figure("downSlope") != engine) {
            double before = figure("downSlope");
            browser.press(Keys.chord(Keys.CONTROL, "z"));
            browser.waitFor("a step back", () -> figure("downSlope") != before);
        }
        assertThat(warned()).isFalse();
        browser.press(Keys.chord(Keys.CONTROL, Keys.SHIFT, "z"));
        browser.waitFor("a step again", () -> figure("downSlope") != engine);
    }

    @Test
    void anAbsurdFigureGetsItsMessageAtTheHandlesFieldAndTheScoreKeepsTheLastGoodOne() {
        String drawn = browser.attribute("#score-lanes .curve", "d");
        browser.retype("own.endCurrent", "900");
        browser.waitFor(
                "the message", () -> browser.text("[id='own.endCurrent-said']").contains("Give a value from"));

        assertThat(browser.field("own.endCurrent").getAttribute("aria-invalid")).isEqualTo("true");
        assertThat(handle("endCurrent").getAttribute("aria-valuetext")).contains("Give a value from");
        assertThat(handle("endCurrent").getText()).contains("out of range");
        assertThat(browser.attribute("#score-lanes .curve", "d")).isEqualTo(drawn);
        browser.click("[data-back='own.endCurrent']");
        browser.waitFor(
                "the message gone",
                () -> browser.text("[id='own.endCurrent-said']").isEmpty());
    }

    @Test
    void playRunsThroughTheWeldAndEndsInPostFlow() {
        browser.retype("own.seamMm", "4");
        browser.waitFor("a short run", () -> figure("seamMm") == 4);
        browser.retype("own.postFlow", "2");
        browser.waitFor("a short post-flow", () -> figure("postFlow") == 2);
        browser.settle();
        for (int i = 0; i < 2; i++) {
            browser.click("#pace");
        }
        assertThat(browser.text("#pace")).endsWith("×4");
        browser.driver().executeScript(WATCH);
        browser.holdClock();
        browser.click("#play");

        browser.waitFor("the play to begin", () -> browser.text("#play").equals("Stop"));
        browser.play(scoreLengthS() / 4 + 1);
        assertThat(browser.text("#play")).isEqualTo("Play");
        List<?> phases = (List<?>) browser.driver().executeScript("return window.seen.phases");
        assertThat(phases.stream().map(Object::toString))
                .containsSubsequence("pre-flow", "welding", "down-slope", "post-flow", "At rest");
        Number widest = (Number) browser.driver().executeScript("return window.seen.widest");
        assertThat(widest.doubleValue()).isBetween(0.5, 1.6);
        assertThat(browser.text("#now-gas")).isEqualTo("gas shut");
        assertThat(browser.text("#now-phase")).isEqualTo("At rest");
    }

    @Test
    void tryingItTellsWhatTheHandsTimingDid() {
        browser.holdClock();
        browser.click("#try");
        WebElement pad = browser.find("#try-trigger");
        browser.waitFor("the trigger", pad::isDisplayed);
        new Actions(browser.driver()).clickAndHold(pad).perform();
        browser.pass(2);
        browser.waitFor("start hold", () -> browser.text("#now-phase").equals("start hold"));
        new Actions(browser.driver()).release().perform();
        browser.pass(0.2);
        browser.waitFor("up-slope", () -> browser.text("#now-phase").equals("up-slope"));
        new Actions(browser.driver()).clickAndHold(pad).perform();
        browser.pass(0.1);
        browser.waitFor("down-slope", () -> browser.text("#now-phase").equals("down-slope"));
        browser.click("#away");

        browser.waitFor("the verdict", () -> browser.text("#tried").contains("Pressed in the up-slope"));
        assertThat(browser.text("#try")).isEqualTo("Practise");
    }

    @Test
    void spaceIsTheTriggerAndTheFormStaysUntouched() {
        browser.holdClock();
        browser.click("#try");
        browser.driver().executeScript("document.activeElement.blur()");
        new Actions(browser.driver()).keyDown(Keys.SPACE).perform();
        browser.pass(2);
        browser.waitFor("start hold", () -> browser.text("#now-phase").equals("start hold"));
        new Actions(browser.driver()).keyUp(Keys.SPACE).perform();
        browser.pass(0.2);
        browser.waitFor("up-slope", () -> browser.text("#now-phase").equals("up-slope"));
        browser.click("#try");
        browser.waitFor("the verdict", () -> !browser.text("#tried").isEmpty());
        assertThat(browser.version()).isPositive();
    }

    @Test
    void theScoreIsWithinReachOfEveryone() {
        new Select(browser.field("choose-compare")).selectByValue("engine");
        browser.waitFor("the comparison", () -> !browser.all("#comparison").isEmpty());

        assertThat(browser.accessibilityFindings()).isEmpty();
        List<WebElement> small = browser.all(".score button, .score select, .score input[type=text]").stream()
                .filter(WebElement::isDisplayed)
                .filter(control -> control.getSize().getHeight() < 44)
                .toList();
        assertThat(small).isEmpty();
    }
}
