package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** A machine built in the editor and a job put on it, in a real browser. */
class MachineJourneysIT extends Journeys {

    private void add(String setting, String kind) {
        int before = browser.all(".control-form").size();
        new Select(browser.field("add-setting")).selectByValue(setting);
        new Select(browser.field("add-kind")).selectByValue(kind);
        browser.click("#add");
        browser.waitFor(
                "the control for " + setting, () -> browser.all(".control-form").size() == before + 1);
    }

    private void read(String mark) {
        int before = browser.all(".reading-list li").size();
        browser.retype("mark-0", mark);
        browser.click("[data-do='simulate']");
        browser.waitFor(
                "a reading at " + mark, () -> browser.all(".reading-list li").size() == before + 1);
    }

    private WebElement control(String id) {
        return browser.find("[data-control='" + id + "']");
    }

    @Test
    void aKnobMachineIsBuiltReadPutToAJobAndAWrongPolarityStopsTheCheck() {
        browser.open("/machines");
        browser.click("[value='nothing']");
        browser.find("#no-controls");
        add("MAIN_CURRENT", "KNOB");
        add("CONTROL", "SELECTOR");
        add("DOWN_SLOPE", "KNOB");
        add("POST_FLOW", "KNOB");
        add("PROCESS", "TOGGLE");
        browser.retype("machine-name", "Back room set");
        browser.press(Keys.TAB);
        dragged("down_slope3");
        for (String mark : new String[] {"0", "3", "7", "10"}) {
            read(mark);
        }
        browser.waitFor("a curve", () -> !browser.all("#dial-0 .picture").isEmpty());
        assertThat(browser.text("#dial-0")).contains("Measure next at", "Simulated");

        newJobOn("Back room set");
        browser.waitFor("the machine", () -> browser.text("#controls").contains("by the meter"));
        assertThat(browser.text("#control-main_current1")).contains("mark", "for", "±");
        assertThat(browser.text("#control-down_slope3")).contains("mark");

        browser.click("[data-item='power'][data-answer='right']");
        browser.waitFor("the first tick", () -> browser.text("#check").contains("1 of "));
        browser.click("[data-item='polarity'][data-answer='positive']");
        browser.waitFor("the stop", () -> !browser.all("#stopped").isEmpty());
        assertThat(browser.text("#stopped")).contains("melts within seconds");
        assertThat(browser.find("[data-item='clamp']").isEnabled()).isFalse();
        browser.click("[data-item='polarity'][data-answer='right']");
        browser.waitFor("going on", () -> browser.all("#stopped").isEmpty());
    }

    private void newJobOn(String machine) {
        browser.open("/");
        browser.click("#new-job");
        browser.find("#workingCurrent");
        browser.keep(() -> new Select(browser.field("choose-control")).selectByValue("TRIGGER_4T"));
        browser.click("[data-step='3']");
        new Select(browser.find("#choose-machine")).selectByVisibleText(machine);
    }

    private void dragged(String knob) {
        String place = control(knob).getAttribute("data-x");
        new Actions(browser.driver())
                .moveToElement(control(knob).findElement(By.cssSelector(".cap")))
                .clickAndHold()
                .moveByOffset(40, 60)
                .moveByOffset(40, 60)
                .release()
                .perform();
        browser.waitFor(
                "the knob at its place",
                () -> !control(knob).getAttribute("data-x").equals(place));
    }

    @Test
    void tellingHowItStandsListsTheChangesUntilAllIsDone() {
        browser.open("/");
        browser.driver().findElement(By.linkText("Pier frame – gusset to post")).click();
        browser.find("#workingCurrent");
        browser.click("[data-step='3']");
        new Select(browser.find("#choose-machine")).selectByVisibleText("Bench knob set");
        browser.waitFor("the machine", () -> browser.text("#controls").contains("amperage"));
        new Select(browser.field("stands.process")).selectByVisibleText("electrode");
        browser.waitFor("the change", () -> browser.text("#changes").contains("“electrode” → “tungsten”"));
        assertThat(control("process").getAttribute("class")).contains("differs");

        browser.click("[data-done='process']");
        browser.waitFor("nothing left", () -> browser.text("#changes").contains("Nothing to change"));
    }

    @Test
    void aScaleUpsideDownIsToldBeneathItsFormAndWhatWasTypedStays() {
        browser.open("/machines");
        browser.click("[value='knobs']");
        browser.click("#form-down summary");
        WebElement low = browser.find("#form-down [name='low']");
        low.sendKeys(Keys.chord(Keys.CONTROL, "a"), "50", Keys.TAB);
        browser.waitFor(
                "the words", () -> browser.text("#form-down [data-said]").contains("Low must be below high"));

        assertThat(low.getAttribute("value")).isEqualTo("50");
        // The browser notes the refusal; it is what was asked for here.
        assertThat(browser.complaints()).allMatch(line -> line.contains("422"));
    }

    @Test
    void panelAndEditorAreWithinReachOfEveryone() {
        for (String path : List.of("/machines")) {
            browser.open(path);
            browser.find("#torches");
            assertThat(browser.accessibilityFindings()).as(path).isEmpty();
        }
        browser.click(".machine-cards a");
        browser.find("#editor-front");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.open("/");
        browser.driver().findElement(By.linkText("Pier frame – gusset to post")).click();
        browser.find("#workingCurrent");
        browser.click("[data-step='3']");
        browser.find("#check");
        assertThat(browser.accessibilityFindings()).isEmpty();
    }
}
