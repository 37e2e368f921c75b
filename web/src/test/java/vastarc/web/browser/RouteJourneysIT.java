package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Quantity, its runs moved by hand, and the day over two jobs, in a real browser. */
class RouteJourneysIT extends Journeys {

    @Test
    void workIsTypedARunIsMovedAndTheDayPlanned() {
        newJob();
        browser.click("[data-step='6']");
        browser.waitFor("the route", () -> !browser.all("#runs li").isEmpty());
        int before = browser.all("#runs li").size();
        browser.field("work.seams").sendKeys("3");
        browser.waitFor("three seams", () -> browser.all("#runs li").size() == 3 * before);

        browser.click("#runs [data-down='1']");
        browser.waitFor("a hand's order", () -> !browser.all("#planned").isEmpty());
        browser.click("#planned");
        browser.waitFor("the planned order", () -> browser.all("#planned").isEmpty());
        drag("#runs li:nth-child(3)", "#runs li:nth-child(1)");
        browser.waitFor("dragged", () -> !browser.all("#planned").isEmpty());
        browser.click("[data-history=undo]");
        browser.waitFor("taken back", () -> browser.all("#planned").isEmpty());
        assertThat(browser.field("work.seams").getAttribute("value")).isEqualTo("3");
        browser.click("#runs [data-n='2'] a");
        browser.waitFor("the booth, with that run", () -> browser.text("#stage").equals("ready"));
        assertThat(browser.driver().getCurrentUrl()).contains("n=2");
        browser.driver().navigate().back();
        browser.waitFor("the route again", () -> !browser.all("#runs li").isEmpty());
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open("/day");
        assertThat(browser.text("#day-proposed")).contains("still to be welded");
        browser.find("#makespan");
        browser.all(".day input[name=job]:checked").stream().skip(1).forEach(WebElement::click);
        browser.click("#plan-day");
        browser.waitFor("the day of one job", () -> browser.all("#day-proposed").isEmpty());
        assertThat(browser.text("#in-turn")).isEqualTo(browser.text("#makespan"));
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void pricesGiveACostAndTheHeatLeftIsLookedAtByKeys() {
        newJob();
        browser.click("[data-step='6']");
        browser.click("#no-prices a");
        browser.field("hour").sendKeys("48");
        browser.field("money").sendKeys("crowns");
        browser.click("#keep-prices");
        browser.waitFor("kept", () -> browser.text("#prices-said").equals("Kept."));
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.driver().navigate().back();
        browser.driver().navigate().back();
        browser.driver().navigate().refresh();
        browser.waitFor("the cost", () -> browser.text("#cost").contains("crowns"));

        browser.click("#route-drawn-true > summary");
        browser.find("#heat-at").sendKeys(Keys.END);
        browser.waitFor(
                "the end of the job, when the last run is still hot",
                () -> browser.text("#heat-said").matches("At .*: no arc; over \\d+ °C: .*"));
        assertThat(browser.all("#route-place .picture [class*=heat-]")).isNotEmpty();
        browser.find("#heat-at").sendKeys(Keys.HOME);
        browser.waitFor(
                "the start, cold",
                () -> browser.all("#route-place .picture [class*=heat-]").isEmpty());
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void aTurnOfTheDayIsDraggedAndPutBack() {
        browser.open("/day");
        browser.all(".day input[name=job]").stream().limit(2).forEach(WebElement::click);
        browser.click("#plan-day");
        browser.waitFor(
                "the turns of what was ticked",
                () -> browser.all("#day-proposed").isEmpty()
                        && browser.all("#stints [data-turn]").size() > 1);
        String planned = browser.attribute("#stints", "data-turns");
        drag("#stints [data-turn='1']", "#stints [data-turn='0']");
        browser.waitFor("a hand's order", () -> !browser.all("#against").isEmpty());
        assertThat(browser.attribute("#stints", "data-turns")).isNotEqualTo(planned);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.click("#planned-day");
        browser.waitFor("the planned order", () -> browser.all("#against").isEmpty());
        assertThat(browser.attribute("#stints", "data-turns")).isEqualTo(planned);
    }

    /** Drags one thing onto another; the page may draw them anew meanwhile. */
    private void drag(String what, String onto) {
        browser.waitFor("a drag", () -> {
            new Actions(browser.driver())
                    .dragAndDrop(browser.find(what), browser.find(onto))
                    .perform();
            return true;
        });
    }
}
