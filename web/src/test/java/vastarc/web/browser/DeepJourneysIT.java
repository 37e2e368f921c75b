package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** From a refusal to a sheet, from pass to pass, on a phone, and through a purge, in a real browser. */
class DeepJourneysIT extends Journeys {

    /** From the bench to a named job with figures: the line and Enter. */
    /** From the bench to the figures of 3 mm mild steel, T fillet, horizontal: by its form, and by its line. */
    @Test
    void aJointTakesTwelveKeysByItsForm() {
        browser.open("/");
        List<CharSequence> keys =
                List.of("n", Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB, Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.TAB, "3");
        browser.press(keys.get(0));
        browser.waitFor("the line of a new job", () -> "phrase".equals(browser.focused()));
        browser.keep(() -> keys.subList(1, keys.size())
                .forEach(key -> new Actions(browser.driver()).sendKeys(key).perform()));

        browser.waitFor("the joint", () -> browser.text("#job-strip").contains("carbon steel · 3 mm · T fillet · 2F"));
        assertThat(keys).hasSizeLessThanOrEqualTo(12);
    }

    @Test
    void aNewJobTakesItsJointInOneLine() {
        browser.open("/");
        browser.press("n");
        browser.waitFor("the line of a new job", () -> "phrase".equals(browser.focused()));
        browser.find("#phrase").sendKeys("3 mm mild steel tee 2F pedal");
        browser.waitFor(
                "the figures", () -> !browser.all("#phrase-figures .number").isEmpty());
        assertThat(browser.find("#job-name").getDomProperty("value"))
                .as("typing a line saves nothing")
                .isEqualTo("Untitled job");
        browser.find("#phrase").sendKeys(Keys.ENTER);

        browser.waitFor("the joint", () -> browser.text("#job-strip").contains("T fillet · 2F"));
        assertThat(browser.all("#ask-the-line")).isEmpty();
        assertThat(browser.find("#job-name").getDomProperty("value")).contains("T fillet");
    }

    @Test
    void oneLineMakesAJobAndWhatIsDoubtfulIsAsked() {
        browser.open("/");
        browser.find("#phrase").sendKeys("1,5 mm titan lap bright");
        browser.waitFor(
                "the figures", () -> !browser.all("#phrase-figures .number").isEmpty());
        assertThat(browser.text("#phrase-reading")).contains("titanium grade 2", "What do you mean?");

        browser.click("#phrase-reading [data-to='titanium grade 5']");
        browser.waitFor(
                "grade 5 alone",
                () -> browser.text("#phrase-reading").contains("titanium grade 5")
                        && browser.all("#phrase-reading [data-to]").isEmpty());
        assertThat(browser.find("#phrase").getDomProperty("value")).isEqualTo("1,5 mm titanium grade 5 lap bright");

        browser.find("#phrase").sendKeys(Keys.ENTER);
        browser.waitFor(
                "the sheet", () -> !browser.all("#workingCurrent .number").isEmpty());
        assertThat(browser.field("job-name").getDomProperty("value")).isEqualTo("Titanium grade 5 lap 1.5 mm");
        assertThat(browser.field(BASE).getDomProperty("value")).isEqualTo("1.5 mm");
    }

    @Test
    void aRefusalIsTappedIntoASheetAndTakenBack() {
        newJob();
        browser.keep(() -> browser.retype(BASE, "6 mm"));
        assertThat(browser.text("#no-sheet")).contains("at most 3.2 mm", "What works instead");
        assertThat(browser.all("#ways button")).hasSizeGreaterThanOrEqualTo(3);

        browser.click("#ways [data-way='0']");
        browser.waitFor("the sheet of the V", () -> !browser.all("#pass-list").isEmpty());
        assertThat(browser.find("input[name='joint'][value='V_BUTT']").isSelected())
                .isTrue();
        assertThat(browser.all("#pass-list tbody tr")).hasSizeGreaterThanOrEqualTo(3);

        browser.click("[data-history=undo]");
        browser.waitFor("the refusal again", () -> !browser.all("#ways").isEmpty());
    }

    @Test
    void pipeByItsScheduleGoesPassByPassToThePanel() {
        newJob();
        choose("joint", "TUBE_BUTT");
        browser.keep(() -> browser.retype("tubeOdMm", "4\" sch 40"));
        browser.keep(() -> browser.retype(BASE, Keys.DELETE.toString()));
        browser.keep(() -> new Select(browser.field("choose-preparation")).selectByValue("V"));
        browser.waitFor("the passes", () -> browser.all("#pass-list tbody tr").size() == 3);
        assertThat(browser.text("#workspace")).contains("6.02 mm by the schedule");
        String root = browser.figure("workingCurrent");

        browser.click("#pass-list [data-pass='2']");
        browser.waitFor("the hot pass", () -> !browser.figure("workingCurrent").equals(root));
        browser.click("[data-step='3']");
        browser.waitFor("the panel", () -> !browser.all("#choose-pass").isEmpty());
        assertThat(new Select(browser.field("choose-pass"))
                        .getFirstSelectedOption()
                        .getText())
                .isEqualTo("2 hot");
        new Select(browser.field("choose-pass")).selectByValue("1");
        browser.waitFor(
                "the root pass on the panel",
                () -> new Select(browser.field("choose-pass"))
                        .getFirstSelectedOption()
                        .getText()
                        .equals("1 root"));
    }

    @Test
    void onAPhoneOneLineChangesTheJointFiguresFollowAndTheBarIsOneRow() {
        newJob();
        try {
            browser.size(390, 844);
            browser.driver().navigate().refresh();
            browser.waitFor(
                    "a new job asks what it is", () -> browser.field(BASE).isDisplayed());
            browser.keep(() -> browser.retype(BASE, "3 mm"));
            browser.driver().navigate().refresh();
            browser.waitFor(
                    "the joint folded", () -> browser.all(".joint-form[open]").isEmpty());
            assertThat(browser.find(".bar").getSize().height).isLessThan(70);
            assertThat(browser.find("#workingCurrent").getLocation().y)
                    .isGreaterThan(browser.find(".joint-form").getLocation().y)
                    .isLessThan(300);
            browser.click(".joint-form summary");
            browser.waitFor("the joint", () -> browser.field(BASE).isDisplayed());
            browser.click(".places .fold");
            browser.waitFor("the places", () -> browser.find("#to-shop").isDisplayed());
        } finally {
            browser.size(1280, 800);
        }
    }

    @Test
    void aPurgeIsBuiltWaitedForAndConfirmed() {
        newJob();
        choose("material", "STAINLESS_316L");
        browser.click("[data-step='4']");
        browser.waitFor("the purge", () -> !browser.all("#parts").isEmpty());
        String before = browser.text(".middle");
        browser.click("[data-add='BOX']");
        browser.waitFor("two parts", () -> browser.all("#parts li").size() == 2);
        assertThat(browser.text(".middle")).as("volume and times").isNotEqualTo(before);
        takesThePictureByTheHand();
        browser.click("#meter-readings summary");
        new Select(browser.field("simulated-fault")).selectByValue("EMPTY_BOTTLE");
        browser.click("[data-do='simulate']");
        browser.waitFor("the fault named", () -> browser.text("#meter-lines").contains("the cylinder ran empty"));
        browser.click("#open-argon");
        browser.waitFor("the clock", () -> browser.text("#state").equals("Filling."));
        browser.driver().navigate().refresh();
        browser.waitFor("the clock still", () -> browser.text("#state").equals("Filling."));

        browser.retype("meter", "30");
        browser.waitFor("the reading", () -> browser.text("#state").contains("Feel the gas"));
        browser.click("#felt");
        browser.waitFor("ready", () -> browser.text("#state").equals("Ready to weld."));
        browser.click("[data-history=undo]");
        browser.waitFor("not felt again", () -> browser.text("#state").contains("Feel the gas"));
        assertThat(browser.find("#felt").isSelected()).isFalse();
    }

    private void takesThePictureByTheHand() {
        WebElement picture = browser.find("#section svg");
        int right = picture.getSize().width / 2 - 25;
        new Actions(browser.driver())
                .moveToElement(picture, right, 0)
                .clickAndHold()
                .moveByOffset(-30, 0)
                .release()
                .perform();
        browser.waitFor(
                "the dam further in",
                () -> !browser.field("purge.part.1.lengthMm")
                        .getAttribute("value")
                        .equals("150 mm"));
        new Actions(browser.driver()).moveToElement(picture, right, 0).click().perform();
        browser.waitFor("the air out low", () -> browser.text("#purge-problems").contains("heavier than air"));
        new Actions(browser.driver()).moveToElement(picture, right, 0).click().perform();
        browser.waitFor(
                "the air out high again", () -> !browser.text("#workspace").contains("heavier than air"));
    }
}
