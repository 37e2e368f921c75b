package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
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
        WebElement tapped = browser.find(".drill-picture [data-control] path");
        new Actions(browser.driver()).click(tapped).perform();
        browser.waitFor(
                "a tap on the drawing ticks the list",
                () -> browser.all(".drill-controls input:checked").size() == 1);
        browser.click("#answer");
        browser.waitFor("it is told", () -> !browser.all("#mark").isEmpty());
        assertThat(browser.text("#why")).isNotBlank();
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open("/drill/exam?seed=7&n=6");
        assertThat(browser.all("#questions > .question")).hasSize(6);
        assertThat(browser.all("#exam-key tr")).hasSize(6);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/drill?learner=Journey");
        browser.click("#forget-learner");
        browser.waitFor("forgotten", () -> browser.all("#forget-learner").isEmpty());
    }

    @Test
    void aFrontIsSetByKeyboardAndMarked() {
        browser.open("/drill/set?learner=Journey&seed=5&level=1");
        assertThat(browser.accessibilityFindings()).isEmpty();
        WebElement turned = browser.find("input[type=range][data-turn]");
        String id = turned.getDomAttribute("data-turn");
        String before = browser.text("[data-words='" + id + "']");
        turned.sendKeys(Keys.HOME);
        turned.sendKeys(Keys.ARROW_RIGHT);
        browser.waitFor(
                "the words follow the turn",
                () -> !browser.text("[data-words='" + id + "']").equals(before));
        browser.click("#mark-it");
        browser.waitFor("it is marked", () -> !browser.all("#marked").isEmpty());
        assertThat(browser.text("#mark")).contains("right");
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void anExamIsAnsweredHereAndMarked() {
        browser.open("/drill/sit?seed=3&n=4&topic=WORDS&topic=ORDER&minutes=30");
        assertThat(browser.text("#clock")).matches("(30|29) min .*");
        browser.all("input[type=radio][value='0']").forEach(WebElement::click);
        browser.click("#hand-in");
        browser.waitFor("it is marked", () -> !browser.all("#score").isEmpty());
        assertThat(browser.text("#score")).matches("[0-4] of 4 right");
        assertThat(browser.text("#took")).isEqualTo("In 1 min of 30.");
        assertThat(browser.all("#marked > li")).hasSize(4);
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void aHandFollowsTheMarkAndGoesOnToTheRehearsal() {
        browser.open("/drill/steady");
        assertThat(browser.accessibilityFindings()).isEmpty();
        String samples = IntStream.rangeClosed(0, 250)
                .mapToObj(i -> String.format(Locale.ROOT, "%.2f,%.3f,0", i * 0.08, i * 0.16 + Math.sin(i * 0.2)))
                .collect(Collectors.joining(";"));
        browser.driver()
                .executeScript("document.getElementById('samples').value = '" + samples
                        + "'; document.getElementById('steady-form').requestSubmit()");
        browser.waitFor("the hand is told", () -> !browser.all("#steady-result").isEmpty());
        browser.click("#to-rehearse");
        browser.waitFor("a shaky welder", () -> browser.find("#unsteady").isSelected());
        assertThat(browser.find("[name=scatterPercent]").getDomProperty("value"))
                .matches("\\d+");
    }
}
