package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.web.meter.MeterIntake;
import vastarc.web.meter.MeterTraffic.Way;
import vastarc.web.request.JsonObjects;

/** A run at the booth from the strike into the logbook, an interrupted one, two compared, and a bead read; in a real browser. */
class RunJourneysIT extends Journeys {

    @Autowired
    private MeterIntake intake;

    private void arc() {
        new Actions(browser.driver()).sendKeys("k").perform();
        browser.waitFor(
                "a second of arc",
                () -> browser.text("#stage").equals("arc")
                        && !browser.text("#clock").equals("0:00"));
        new Actions(browser.driver()).sendKeys(Keys.SPACE).perform();
        browser.waitFor("post-flow", () -> browser.text("#stage").equals("hold still"));
    }

    private void close(String length, String welder) {
        browser.find("#seam").sendKeys(length);
        browser.find("#hand").clear();
        browser.find("#hand").sendKeys(welder);
        browser.click("#close-run");
        browser.waitFor("the logbook", () -> browser.driver().getCurrentUrl().contains("/logbook/"));
    }

    @Test
    void aWholeRunAnInterruptedOneAndTwoCompared() {
        newJob();
        new Actions(browser.driver()).sendKeys("b").perform();
        browser.waitFor("the booth", () -> browser.driver().getCurrentUrl().endsWith("/run"));
        assertThat(browser.text("#stage")).isEqualTo("ready");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.waitFor("the score on the strip", () -> browser.find("#strip").isDisplayed());
        arc();
        browser.click("[data-mark=GUST]");
        browser.waitFor("the mark", () -> browser.text("#marks").contains("draught"));

        String booth = browser.driver().getCurrentUrl();
        browser.open("/booth");
        assertThat(browser.driver().getCurrentUrl()).isEqualTo(booth);
        assertThat(browser.text("#marks")).contains("draught");
        browser.find("#seam").sendKeys("long");
        browser.click("#close-run");
        browser.waitFor(
                "what is wrong", () -> !browser.text("[data-wrong=seam]").isEmpty());
        browser.find("#seam").clear();
        close("60", "Isk");
        assertThat(browser.text("#figures")).contains("60 mm");
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.click("#to-booth");
        arc();
        close("60", "Isk");
        browser.click("#others a");
        browser.waitFor("both", () -> !browser.all("#read").isEmpty());
        assertThat(browser.text("#same-sheet")).contains("the same sheet");
        assertThat(browser.accessibilityFindings()).isEmpty();

        logbook();
    }

    private void logbook() {
        browser.open("/logbook");
        browser.find("#find").sendKeys("Isk");
        browser.click("#filter .act");
        browser.waitFor("both runs", () -> browser.all("#runs tbody tr").size() == 2);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/logbook/trends");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/shop/meters");
        browser.find("#meter-name").sendKeys("journey clamp");
        browser.click("#make-key");
        browser.waitFor("the key", () -> !browser.text("#key").isEmpty());
        intake.accept(
                Way.HTTP,
                "journey clamp",
                JsonObjects.read(
                        "{\"readings\":[{\"quantity\":\"CURRENT\",\"value\":62}]}".getBytes(StandardCharsets.UTF_8),
                        ""));
        browser.waitFor(
                "what has arrived",
                () -> !browser.all("#arrived").isEmpty()
                        && browser.text("#arrived").contains("Current 62 A"));
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void aBeadIsReadChangedAndBetter() {
        newJob();
        new Actions(browser.driver()).sendKeys("8").perform();
        browser.waitFor("the question", () -> !browser.all("#nothing-seen").isEmpty());
        browser.click("[data-sign=BURN_THROUGH]");
        browser.waitFor("causes", () -> !browser.all("#causes li").isEmpty());
        assertThat(browser.attribute("#causes li", "data-cause")).isEqualTo("CURRENT_HIGH");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.click("#question [data-value]");
        browser.waitFor(
                "an answer",
                () -> browser.all(".sign[data-state=seen]").size()
                                + browser.all("#told button").size()
                        > 1);
        browser.click("[data-try=CURRENT_HIGH]");
        browser.waitFor("trying", () -> !browser.all("#trying").isEmpty());
        browser.click("[data-outcome=BETTER]");
        browser.waitFor("learned", () -> browser.text("#learned").contains("helped"));
        browser.click("[data-forget]");
        browser.waitFor("forgotten", () -> browser.all("#learned").isEmpty());
        browser.click("[data-step='1']");
        browser.waitFor("an own value", () -> !browser.all(".own-mark").isEmpty());
    }
}
