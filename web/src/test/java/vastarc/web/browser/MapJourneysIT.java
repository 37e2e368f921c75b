package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** A point of the map, chosen by pointer and by keys, taken as own values, undone, simulated. */
class MapJourneysIT extends Journeys {

    private String words() {
        return browser.text("#map-point-words");
    }

    private void map() {
        newJob();
        browser.click("#to-map");
        browser.waitFor("the map", () -> !browser.all(".map-chart[data-ready]").isEmpty());
    }

    @Test
    void aPointIsDraggedTakenAndUndone() {
        map();
        String own = words();
        assertThat(own).contains(": right. ");
        WebElement chart = browser.find(".map-chart svg");
        new Actions(browser.driver())
                .moveToElement(chart)
                .clickAndHold()
                .moveByOffset(-300, 60)
                .release()
                .perform();
        browser.waitFor("cold", () -> words().contains("not fused") || words().contains("not melt"));
        new Actions(browser.driver()).moveToElement(chart, -30, 40).click().perform();
        browser.waitFor("another point", () -> !words().contains("not fused"));
        String pressed = words();
        browser.find(".map-chart").sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT, Keys.ARROW_UP);
        browser.waitFor("nudged", () -> !words().equals(pressed));
        String chosen = words();
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.click("#map-png");
        browser.waitFor("a picture", () -> !browser.all("[data-saved]").isEmpty());
        browser.click("#map-take");
        browser.waitFor("taken", () -> !browser.all("#map-taken").isEmpty());
        assertThat(words()).startsWith(chosen.substring(0, chosen.indexOf(" A")));
        browser.click("#map-taken a");
        browser.waitFor("own values", () -> browser.all(".own-mark").size() >= 1);
        browser.click("[data-history=undo]");
        browser.waitFor("undone", () -> browser.all(".own-mark").isEmpty());
        browser.click("#to-map");
        browser.waitFor("as it was", () -> words().equals(own));
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void theMapBesideTheFiguresTakesItsPointAndFollowsThem() {
        newJob();
        browser.click("#sheet-map summary");
        browser.waitFor(
                "the map",
                () -> !browser.all("#map-beside .map-chart[data-ready]").isEmpty());
        String own = words();
        WebElement chart = browser.find("#map-beside .map-chart svg");
        new Actions(browser.driver())
                .moveToElement(chart, 20, 20)
                .clickAndHold()
                .moveByOffset(6, -8)
                .release()
                .perform();
        browser.waitFor("own values", () -> !browser.all(".own-mark").isEmpty());
        browser.waitFor("the map of the new sheet", () -> !words().equals(own));
        String amperes = words().replaceAll("At ([0-9]+).*", "$1");
        assertThat(browser.text("#workingCurrent")).contains(amperes);

        browser.click("[data-history=undo]");
        browser.waitFor("undone", () -> browser.all(".own-mark").isEmpty());
        browser.waitFor("as it was", () -> words().equals(own));

        browser.find("#map-beside .map-chart").sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        browser.waitFor("taken by keys", () -> !browser.all(".own-mark").isEmpty());
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    void aPointIsSimulatedBesideTheSheet() {
        map();
        browser.find(".map-chart").sendKeys(Keys.ARROW_RIGHT);
        browser.waitFor(
                "asked", () -> !browser.attribute("[data-point=x]", "value").isEmpty());
        browser.click("#map-rehearse");
        browser.waitFor(
                "chosen", () -> browser.text("#choose-change option:checked").endsWith("from the map"));
        browser.click("#run");
        browser.waitFor(
                "both",
                () -> browser.all("#told table").size() >= 1
                        && browser.text("#told").contains("from the map"));
        assertThat(browser.complaints()).isEmpty();
    }
}
