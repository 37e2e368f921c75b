package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** Questions by keyboard, a panel checked, an exam with its key, in a real browser. */
class DrillJourneysIT extends Journeys {

    private void press(CharSequence key) {
        new Actions(browser.driver()).sendKeys(key).perform();
    }

    @Test
    void tenQuestionsByKeyboardAndAPanelByTapping() {
        browser.open("/drill");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/drill/ask?learner=Journey&topic=WORDS&seed=1&same=true");
        for (int i = 0; i < 10; i++) {
            browser.waitFor("a question", () -> !browser.all("#answer-form").isEmpty());
            press("2");
            browser.waitFor("it is told", () -> !browser.all("#mark").isEmpty());
            press(Keys.ENTER);
        }
        browser.open("/drill?learner=Journey");
        assertThat(browser.text("#topics")).contains("of 10 right");

        browser.open("/drill/ask?learner=Journey&topic=PANEL_CHECK&seed=5");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.find(".drill-controls input").click();
        browser.find("#answer").click();
        browser.waitFor("it is told", () -> !browser.all("#mark").isEmpty());
        assertThat(browser.text("#why")).isNotBlank();
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open("/drill/exam?seed=7&n=6");
        assertThat(browser.all("#questions > li")).hasSize(6);
        assertThat(browser.all("#exam-key > li")).hasSize(6);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/drill?learner=Journey");
        browser.find("#forget-learner").click();
        browser.waitFor("forgotten", () -> browser.all("#forget-learner").isEmpty());
    }
}
