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
        browser.find("[data-step='6']").click();
        browser.waitFor("the route", () -> !browser.all("#runs li").isEmpty());
        int before = browser.all("#runs li").size();
        browser.field("work.seams").sendKeys("3");
        browser.waitFor("three seams", () -> browser.all("#runs li").size() == 3 * before);

        browser.find("#runs [data-down='1']").click();
        browser.waitFor("a hand's order", () -> !browser.all("#planned").isEmpty());
        browser.find("#planned").click();
        browser.waitFor("the planned order", () -> browser.all("#planned").isEmpty());
        new Actions(browser.driver())
                .dragAndDrop(browser.find("#runs li:nth-child(3)"), browser.find("#runs li:nth-child(1)"))
                .perform();
        browser.waitFor("dragged", () -> !browser.all("#planned").isEmpty());
        browser.find("[data-history=undo]").click();
        browser.waitFor("taken back", () -> browser.all("#planned").isEmpty());
        assertThat(browser.field("work.seams").getAttribute("value")).isEqualTo("3");
        browser.find("#runs [data-n='2'] a").click();
        browser.waitFor("the booth, with that run", () -> browser.text("#stage").equals("ready"));
        assertThat(browser.driver().getCurrentUrl()).contains("n=2");
        browser.driver().navigate().back();
        browser.waitFor("the route again", () -> !browser.all("#runs li").isEmpty());
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open("/day");
        assertThat(browser.text("#day-proposed")).contains("still to be welded");
        browser.find("#makespan");
        browser.all(".day input[name=job]:checked").stream().skip(1).forEach(WebElement::click);
        browser.find("#plan-day").click();
        browser.waitFor("the day of one job", () -> browser.all("#day-proposed").isEmpty());
        assertThat(browser.text("#in-turn")).isEqualTo(browser.text("#makespan"));
        assertThat(browser.accessibilityFindings()).isEmpty();
    }

    @Test
    void pricesGiveACostAndTheHeatLeftIsLookedAtByKeys() {
        newJob();
        browser.find("[data-step='6']").click();
        browser.find("#no-prices a").click();
        browser.field("hour").sendKeys("48");
        browser.field("money").sendKeys("crowns");
        browser.find("#keep-prices").click();
        browser.waitFor("kept", () -> browser.text("#prices-said").equals("Kept."));
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.driver().navigate().back();
        browser.driver().navigate().back();
        browser.driver().navigate().refresh();
        browser.waitFor("the cost", () -> browser.text("#cost").contains("crowns"));

        browser.find("#route-drawn-true > summary").click();
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
        browser.find("#plan-day").click();
        browser.waitFor("the turns", () -> browser.all("#stints [data-turn]").size() > 1);
        String planned = browser.find("#stints").getAttribute("data-turns");
        new Actions(browser.driver())
                .dragAndDrop(browser.find("#stints [data-turn='1']"), browser.find("#stints [data-turn='0']"))
                .perform();
        browser.waitFor("a hand's order", () -> !browser.all("#against").isEmpty());
        assertThat(browser.find("#stints").getAttribute("data-turns")).isNotEqualTo(planned);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.find("#planned-day").click();
        browser.waitFor("the planned order", () -> browser.all("#against").isEmpty());
        assertThat(browser.find("#stints").getAttribute("data-turns")).isEqualTo(planned);
    }
}
