package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;

/** What the server answers is what every kind of control shows, in all places of a job: after changes, after undo, after five quick ones. */
class UndoJourneysIT extends Journeys {

    /** Controls that stand otherwise than the server sent them. */
    private static final String OTHERWISE = """
            return [...document.querySelectorAll('#workspace input, #workspace select, #workspace textarea')]
              .filter((c) => !c.closest('[data-live]') && c.type !== 'file')
              .filter((c) => {
                if (c.matches('[type=checkbox], [type=radio]')) return c.checked !== c.hasAttribute('checked');
                if (c.matches('select')) return c.value !== (c.querySelector('option[selected]') ?? c.options[0])?.value;
                if (c.matches('textarea')) return c.value !== c.textContent;
                return c.value !== (c.getAttribute('value') ?? '');
              })
              .map((c) => `${c.name || c.id}: ${c.value}`);
            """;

    private List<?> otherwise() {
        return (List<?>) browser.driver().executeScript(OTHERWISE);
    }

    private void shownAsAnswered(String what) {
        browser.waitFor(
                what + ": every control as answered, but " + otherwise(),
                () -> otherwise().isEmpty());
    }

    private void undo() {
        browser.keep(() -> browser.click("[data-history='undo']"));
        shownAsAnswered("after undo");
    }

    @Test
    void afterUndoEveryKindOfControlShowsWhatTheServerHolds() {
        newJob();
        browser.keep(() -> {
            browser.retype(BASE, "3 mm");
            browser.press(Keys.TAB);
        });
        browser.keep(() -> browser.click("input[name='material'][value='STAINLESS_304L']"));
        browser.keep(() -> browser.click("input[name='joint'][value='LAP']"));
        browser.keep(() -> browser.field("purged").click());
        browser.keep(() -> browser.click("input[name='position'][value='PF']"));
        shownAsAnswered("after the changes");
        assertThat(browser.field("purged").isSelected()).isTrue();

        undo();
        assertThat(browser.find("input[name='position'][value='PB']").isSelected())
                .isTrue();
        undo();
        assertThat(browser.field("purged").isSelected()).isFalse();
        undo();
        undo();
        assertThat(browser.find("input[name='material'][value='CARBON_STEEL']").isSelected())
                .isTrue();
        undo();
        assertThat(browser.field(BASE).getDomProperty("value")).isEqualTo("2 mm");
    }

    @Test
    void fiveQuickUndosTakeFiveStepsBackInOrder() {
        newJob();
        for (String choice : List.of(
                "[name='wire'][value='false']",
                "[name='material'][value='STAINLESS_304L']",
                "[name='joint'][value='LAP']",
                "#purged",
                "#smallTab")) {
            browser.driver().executeScript("document.getElementById('fit-up').open = true");
            browser.keep(() -> browser.click(choice));
        }
        long before = browser.version();
        browser.driver()
                .executeScript("for (let i = 0; i < 5; i++) document.querySelector('[data-history=undo]').click()");
        browser.waitFor("five steps back", () -> browser.version() >= before + 5);
        shownAsAnswered("after five");
        assertThat(browser.find("input[name='wire'][value='true']").isSelected())
                .isTrue();
        assertThat(browser.find("input[name='material'][value='CARBON_STEEL']").isSelected())
                .isTrue();
        assertThat(browser.field("purged").isSelected()).isFalse();
    }

    @Test
    void scoreAndPanelShowWhatTheServerHolds() {
        newJob();
        browser.keep(() -> new Select(browser.field("choose-control")).selectByValue("TRIGGER_4T"));
        browser.click("[data-step='2']");
        browser.waitFor("the score", () -> !browser.all("[id='own.downSlope']").isEmpty());
        browser.keep(() -> {
            browser.retype("own.downSlope", "9");
            browser.press(Keys.TAB);
        });
        shownAsAnswered("score");
        undo();
        assertThat(browser.field("own.downSlope").getDomProperty("value")).isNotEqualTo("9");

        browser.click("[data-step='3']");
        new Select(browser.find("#choose-machine")).selectByVisibleText("Booth 1 inverter");
        browser.waitFor("the machine", () -> !browser.all("#choose-slot").isEmpty());
        shownAsAnswered("panel");
        browser.click("[data-do='store']");
        browser.waitFor("the slot", () -> browser.text("#slots").contains("Slot 1"));
        assertThat(browser.text("#choose-slot option[value='1']")).doesNotContain("empty");
        shownAsAnswered("panel after storing");
    }
}
