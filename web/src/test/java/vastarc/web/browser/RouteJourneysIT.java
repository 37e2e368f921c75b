package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.interactions.Actions;

/** How much there is to weld, its runs moved by hand, and the day over two jobs, in a real browser. */
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
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open("/day");
        browser.find(".day input[name=job]").click();
        browser.find("#plan-day").click();
        browser.waitFor("the day", () -> !browser.all("#makespan").isEmpty());
        assertThat(browser.text("#in-turn")).isEqualTo(browser.text("#makespan"));
        assertThat(browser.accessibilityFindings()).isEmpty();
    }
}
