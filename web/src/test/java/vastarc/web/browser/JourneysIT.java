package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.support.ui.Select;

/** What a welder does in the running program, in a real browser. */
class JourneysIT extends Journeys {

    private String pool() {
        return browser.attribute("#workspace .right .picture .pool", "d");
    }

    @Test
    void fromTheBenchToASheetThatIsStillThereAfterAReload() {
        browser.open("/");
        assertThat(browser.all("#jobs .card")).hasSizeGreaterThanOrEqualTo(5);
        newJob();
        String currentBefore = browser.figure("workingCurrent");
        String pictureBefore = pool();

        browser.keep(() -> browser.retype(BASE, "16 ga"));
        choose("joint", "T_FILLET");

        assertThat(browser.figure("workingCurrent")).isNotEqualTo(currentBefore);
        assertThat(pool()).isNotEqualTo(pictureBefore);
        assertThat(browser.text("#workspace")).contains("1.52 mm = 0.06 in", "Base plate", "Stem");

        String current = browser.figure("workingCurrent");
        browser.driver().navigate().refresh();
        assertThat(browser.field(BASE).getAttribute("value")).isEqualTo("16 ga");
        assertThat(browser.figure("workingCurrent")).isEqualTo(current);
        assertThat(browser.find("input[name='joint'][value='T_FILLET']").isSelected())
                .isTrue();
    }

    @Test
    void aThicknessThatCannotBeReadShowsItsMessageBesideTheFieldAndStays() {
        newJob();
        browser.keep(() -> browser.retype(BASE, "thick"));

        assertThat(browser.text("[id='" + BASE + "-said']")).contains("“thick” cannot be read as a length", "16 ga");
        assertThat(browser.field(BASE).getAttribute("value")).isEqualTo("thick");
        assertThat(browser.field(BASE).getAttribute("aria-invalid")).isEqualTo("true");
        assertThat(browser.text("#no-sheet")).contains("No sheet for this joint yet");

        browser.keep(() -> browser.retype(BASE, "1/8"));
        assertThat(browser.figure("workingCurrent")).isNotBlank();
    }

    @Test
    void titaniumHasNoGauge() {
        newJob();
        choose("material", "TITANIUM_GR2");
        browser.keep(() -> browser.retype(BASE, "16 ga"));

        assertThat(browser.text("[id='" + BASE + "-said']")).contains("no gauge scale");
    }

    @Test
    void unitsTurnInPlaceAndAreRemembered() {
        newJob();
        browser.click("#turn-units");
        browser.waitFor("inch units", () -> browser.text("#travelSpeed").contains("in/min"));
        browser.driver().navigate().refresh();
        assertThat(browser.text("#travelSpeed")).contains("in/min");

        browser.click("#turn-units");
        browser.waitFor("metric units", () -> browser.text("#travelSpeed").contains("mm/min"));
    }

    @Test
    void themeTurnsAndIsRemembered() {
        browser.open("/");
        assertThat(browser.attribute("html", "data-theme")).isEqualTo("dark");
        browser.click("#turn-theme");
        browser.driver().navigate().refresh();
        assertThat(browser.attribute("html", "data-theme")).isEqualTo("light");
        browser.click("#turn-theme");
        browser.click("#turn-theme");
        assertThat(browser.attribute("html", "data-theme")).isEqualTo("dark");
    }

    @Test
    void aFigureOpensToItsReasoningInPlace() {
        newJob();
        new Select(browser.field("choose-control")).selectByValue("TRIGGER_4T");
        browser.waitFor(
                "slopes awake", () -> !browser.attribute("#downSlope", "class").contains("idle"));
        browser.click("#downSlope summary");

        browser.waitFor("the reasoning", () -> browser.text("#downSlope .why").contains("Source"));
        assertThat(browser.text("#downSlope .why"))
                .contains("How it is calculated", "Inputs", "pool length", "If it does not weld right", "Source");
        browser.press(Keys.ESCAPE);
        browser.waitFor(
                "closed again", () -> browser.all("details[name='why'][open]").isEmpty());
    }

    @Test
    void aThinButtIsTurnedFromOneSideToBothWithOneTap() {
        newJob();
        browser.keep(() -> browser.click("#butts button"));
        browser.waitFor("both sides", () -> browser.figure("passes").equals("2"));

        assertThat(browser.find("input[name='wire'][value='false']").isSelected())
                .isTrue();
        assertThat(browser.text("#butts")).contains("this sheet: Fused from both sides, no filler");
        assertThat(browser.field("choose-penetration").getAttribute("value")).isEqualTo("BOTH_SIDES");
    }

    @Test
    void twoWindowsOnOneJobLoseNothing() {
        newJob();
        browser.keep(() -> browser.retype("job-name", "Both hands"));
        String address = browser.driver().getCurrentUrl();
        String first = browser.driver().getWindowHandle();
        // A window that does not hear of the other: else it would show the other's thickness before a hand types here.
        browser.driver().executeScript("window.EventSource = class { close() {} }");
        browser.driver().switchTo().newWindow(WindowType.TAB);
        browser.driver().get(address);
        browser.keep(() -> browser.retype(BASE, "1.2"));

        browser.driver().switchTo().window(first);
        browser.retype(BASE, "1.6");
        browser.waitFor(
                "the conflict to be told", () -> !browser.all("#conflict").isEmpty());

        assertThat(browser.text("#conflict")).contains("Nothing is lost", "Both hands (second version)");
        assertThat(browser.field(BASE).getAttribute("value")).isEqualTo("1.6");
        assertThat(browser.driver().getCurrentUrl()).isNotEqualTo(address);
        browser.click("#conflict a");
        browser.waitFor(
                "the other version",
                () -> browser.field(BASE).getAttribute("value").equals("1.2"));
        closeOtherTabs(first);
    }

    private void closeOtherTabs(String keep) {
        List<String> tabs = List.copyOf(browser.driver().getWindowHandles());
        tabs.stream()
                .filter(tab -> !tab.equals(keep))
                .forEach(tab -> browser.driver().switchTo().window(tab).close());
        browser.driver().switchTo().window(keep);
    }

    @Test
    void aJobIsRenamedCopiedDeletedAndPutBack() {
        newJob();
        browser.keep(() -> browser.retype("job-name", "Ladder rung"));
        browser.open("/");
        browser.click("[aria-label='Duplicate Ladder rung']");
        browser.waitFor(
                "the copy",
                () -> browser.field("job-name").getAttribute("value").equals("Ladder rung (copy)"));
        browser.open("/");
        browser.click("[aria-label='Delete Ladder rung (copy)']");
        browser.waitFor(
                "the offer to undo", () -> browser.text("#content").contains("“Ladder rung (copy)” is off the bench"));
        assertThat(browser.text("#jobs")).doesNotContain("Ladder rung (copy)");
        browser.click("#undo-delete");
        browser.waitFor("the job back", () -> browser.text("#jobs").contains("Ladder rung (copy)"));
    }

    @Test
    void theWholeJourneyGoesByKeyboardAlone() {
        browser.open("/");
        browser.find("body").sendKeys("?");
        browser.waitFor("the list of keys", () -> browser.find("#keys").isDisplayed());
        browser.press(Keys.ESCAPE);
        browser.waitFor("the list closed", () -> !browser.find("#keys").isDisplayed());
        browser.find("body").sendKeys("n");
        browser.find("#workingCurrent");

        tabTo(BASE);
        browser.keep(() -> browser.press(Keys.chord(Keys.CONTROL, "a"), "16 ga"));
        tabBackTo("joint");
        browser.keep(() -> browser.press(Keys.ARROW_RIGHT));
        browser.keep(() -> browser.press(Keys.ARROW_RIGHT));
        assertThat(browser.find("input[name='joint'][value='T_FILLET']").isSelected())
                .isTrue();
        String steel = browser.figure("workingCurrent");
        tabBackTo("material");
        browser.keep(() -> browser.press(Keys.ARROW_RIGHT));
        assertThat(browser.figure("workingCurrent")).isNotEqualTo(steel);
        browser.press("u");
        browser.waitFor("inch units", () -> browser.text("#travelSpeed").contains("in/min"));
        browser.press("u");
        browser.waitFor("metric units", () -> browser.text("#travelSpeed").contains("mm/min"));
        browser.press("h");
        browser.waitFor("the bench", () -> !browser.all("#jobs").isEmpty());
        assertThat(browser.text("#jobs")).contains("4130 T fillet 1.52 mm", "2F");
    }

    private void tabTo(String wanted) {
        move(wanted, Keys.TAB);
    }

    private void tabBackTo(String wanted) {
        move(wanted, Keys.chord(Keys.SHIFT, Keys.TAB));
    }

    private void move(String wanted, CharSequence key) {
        for (int steps = 0; steps < 60 && !browser.focused().equals(wanted); steps++) {
            browser.press(key);
        }
        assertThat(browser.focused()).isEqualTo(wanted);
    }

    @Test
    void neitherPageHasASeriousAccessibilityFinding() {
        for (String theme : List.of("dark", "light")) {
            browser.open("/");
            browser.driver().executeScript("document.cookie = 'theme=' + arguments[0] + '; Path=/'", theme);
            browser.open("/");
            assertThat(browser.accessibilityFindings()).as("bench " + theme).isEmpty();
            browser.click(".card .open");
            browser.click("#workingCurrent summary");
            browser.waitFor(
                    "the reasoning", () -> browser.text("#workingCurrent .why").contains("Source"));
            assertThat(browser.accessibilityFindings()).as("sheet " + theme).isEmpty();
        }
        browser.driver().executeScript("document.cookie = 'theme=dark; Path=/'");
    }

    @Test
    void jointFiguresForPanelAndTorchAndPictureFitOneScreen() {
        browser.open("/");
        browser.driver().findElement(By.linkText("Pier frame – gusset to post")).click();
        browser.find("#workingCurrent");
        for (String inView : List.of(
                "#job-name",
                "[id='" + BASE + "']",
                "#positions",
                "#choose-control",
                "#workingCurrent",
                "#postFlow",
                "#tungstenDiameter",
                "#gasFlow",
                ".right .picture")) {
            Object bottom = browser.driver()
                    .executeScript(
                            "return document.querySelector(arguments[0]).getBoundingClientRect().bottom", inView);
            assertThat(((Number) bottom).doubleValue()).as(inView).isLessThanOrEqualTo(800);
        }
    }
}
