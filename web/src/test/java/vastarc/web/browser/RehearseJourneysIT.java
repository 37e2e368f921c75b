package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;

/** The weld on simulated metal, in a real browser: run, two compared, scrubbed, stopped, a setting found and put on the sheet. */
class RehearseJourneysIT extends Journeys {

    @BeforeEach
    void rehearse() {
        newJob();
        choose("material", "STAINLESS_304L");
        browser.click("[data-step='5']");
        browser.waitFor("the joint stands", () -> !browser.text(".weld-scale").isBlank());
    }

    private void seam(String text) {
        browser.type("seamMm", text);
    }

    private void awaitFigures(String heading) {
        browser.waitFor("what came of it", () -> browser.text("#told").contains(heading));
    }

    @Test
    void twoAreRunBesideEachOtherAndScrubbed() {
        seam("24");
        new Select(browser.field("choose-change")).selectByValue("CURRENT");
        browser.type("amount", "15");
        browser.click("#run");
        awaitFigures("Difference");

        assertThat(browser.text("#figures")).contains("As on the sheet", "current +15 %", "Difference");
        assertThat(browser.all("#rehearsed li")).hasSize(2);
        assertThat(browser.text(".weld-name.two")).contains("Current +15 %");
        String end = browser.text("#clock");
        browser.find("#scrub").sendKeys(Keys.HOME);
        browser.waitFor("the first moment", () -> browser.text("#clock").startsWith("0.0"));
        assertThat(browser.text(".weld-name.one")).contains("A");
        assertThat(end).isNotEqualTo("0.0 s");
        browser.click("#sound");
        browser.click("#play");
        browser.waitFor("it plays", () -> !browser.text("#clock").startsWith("0.0"));
        browser.waitFor(
                "the coach",
                () -> !((List<?>) browser.driver()
                                .executeScript("return document.getElementById('sound').closest('[x-data]').ear.given"))
                        .isEmpty());
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void oneThatIsStoppedSaysSoAndTheNextOneRuns() {
        seam("200");
        new Select(browser.field("choose-quality")).selectByValue("FINE");
        browser.click("#run");
        browser.waitFor(
                "it runs",
                () -> browser.text(".weld-name.one").contains("%")
                        && browser.find("#stop").isDisplayed());
        browser.click("#stop");
        browser.waitFor("it stopped", () -> browser.text(".weld-name.one").contains("stopped"));
        assertThat(browser.all("#figures")).isEmpty();

        browser.field("seamMm").clear();
        seam("16");
        new Select(browser.field("choose-quality")).selectByValue("LIVE");
        browser.click("#run");
        awaitFigures("Sheet and simulation agree");
        browser.click("#rehearsed [name=kept]");
        browser.find("#told")
                .findElements(By.cssSelector("#stations summary"))
                .get(0)
                .click();
        assertThat(browser.find("#stations table").isDisplayed()).isTrue();
    }

    @Test
    void whatCannotBeRunIsSaidAndWhatIsTypedStays() {
        seam("a long one");
        browser.click("#run");
        browser.waitFor("the words", () -> browser.text("[role=alert]").contains("“a long one”"));
        assertThat(browser.field("seamMm").getAttribute("value")).isEqualTo("a long one");
    }

    @Test
    void aSettingIsFoundAndStandsOnTheSheet() {
        seam("16");
        browser.field("targetMm").sendKeys("3");
        browser.click("#find");
        browser.waitFor("what was found", () -> !browser.all("#take").isEmpty());
        String wanted = browser.text("#take").replaceAll("[Uu]se (.*) on the sheet", "$1");
        browser.click("#take");
        browser.waitFor("it is taken", () -> browser.text("#weld").contains(wanted));
        browser.click("[data-step='1']");
        browser.waitFor("the sheet", () -> !browser.all("#workingCurrent").isEmpty());
        assertThat(browser.text("#workingCurrent")).contains(wanted.replace(" A", ""));
    }

    @Test
    void theSolverIsHeldAgainstClosedSolutionsOnTheReference() {
        browser.open("/reference/simulation");
        browser.click("#prove");
        browser.waitFor("the lines", () -> browser.all("#proof-lines tbody tr").size() == 8);
        assertThat(browser.text("#proof-lines")).contains("freezing front", "6.57 mm");
    }
}
