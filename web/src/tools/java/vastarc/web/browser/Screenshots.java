package vastarc.web.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/**
 * Takes the pictures of {@code docs/screenshots} from the demo shop. Not a test of the build: run it when a page has changed, with
 * {@code mvn -Ptools -pl core,web verify -Dit.test=Screenshots -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false}.
 */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "spring.datasource.url=jdbc:h2:mem:pictures;DB_CLOSE_DELAY=-1")
@ActiveProfiles("test")
class Screenshots {

    private static final Path FOLDER = Path.of("../docs/screenshots");

    @LocalServerPort
    private int port;

    @Test
    void takeThem() throws IOException {
        try (Browser browser = new Browser(port)) {
            browser.withMotion();
            browser.open("/");
            take(browser, "bench");
            sheet(browser, "Pier frame – gusset to post", "sheet-t-fillet");
            browser.click("#turn-theme");
            sheet(browser, "Stilling tube – girth joint", "sheet-tube-light");
            browser.click("#turn-theme");
            browser.click("#turn-theme");
            special(browser);
            scores(browser);
            panels(browser);
            shop(browser);
            rehearsals(browser);
            routes(browser);
            runs(browser);
        }
    }

    /** The weld in three dimensions half way, and the map of a job. */
    private static void rehearsals(Browser browser) throws IOException {
        rehearse(browser, "Pier frame – gusset to post", 0.45);
        take(browser, "rehearse");
        browser.open("/");
        browser.driver().findElement(By.linkText("Stilling tube – girth joint")).click();
        browser.click("#to-map");
        browser.waitFor("the map", () -> !browser.all(".map-chart[data-ready]").isEmpty());
        take(browser, "map");
    }

    /** The way through a job, and the day of all of them. */
    private static void routes(Browser browser) throws IOException {
        browser.open("/shop/prices");
        Map.of("money", "€", "argonPerM3", "9.50", "hour", "48", "tungsten", "6", "wire.ER308L", "26")
                .forEach((field, price) -> browser.field(field).sendKeys(price));
        browser.click("#keep-prices");
        browser.find("#prices-said");
        browser.open("/");
        browser.driver()
                .findElement(By.linkText("Cabinet door – folded corner"))
                .click();
        browser.click("[data-step='6']");
        browser.find("#runs li");
        browser.retype("work.seamMm", "600");
        browser.waitFor(
                "the longer seam", () -> browser.text("#route-place svg").contains("0 to 600 mm"));
        browser.driver()
                .executeScript("const at = document.getElementById('heat-at'); at.value = 700;"
                        + "at.dispatchEvent(new Event('input', { bubbles: true }))");
        browser.waitFor("the heat left", () -> !browser.text("#heat-said").startsWith("At 0 s"));
        take(browser, "route");
        browser.open("/day");
        browser.find("#makespan");
        take(browser, "day");
    }

    /** The booth with a stand-in welding, the logbook, a run of it, and a bead read. */
    private static void runs(Browser browser) throws IOException {
        browser.open("/");
        browser.driver().findElement(By.linkText("Pier frame – gusset to post")).click();
        browser.click("[data-step='7']");
        browser.waitFor("the booth", () -> browser.text("#clock").equals("0:00"));
        browser.click("#stand-in");
        browser.waitFor("an arc", () -> browser.text("#stage").equals("arc"));
        browser.waitFor("some of the strip", () -> browser.text("#clock").matches("0:(09|1[0-9])"));
        browser.driver().executeScript("window.scrollTo(0, 0)");
        take(browser, "booth");
        browser.click("#drop-run");
        browser.waitFor("no run", () -> !browser.all("#drop-run[disabled]").isEmpty());
        browser.open("/logbook");
        take(browser, "logbook");
        browser.click("#runs a");
        browser.find("#figures");
        take(browser, "logbook-run");
        browser.click("#photos a[href$='/measure']");
        browser.click("#measure-now");
        browser.find("#measures");
        browser.driver().executeScript("window.scrollTo(0, 0)");
        take(browser, "measure");
        browser.open("/");
        browser.driver().findElement(By.linkText("Stilling tube – girth joint")).click();
        browser.click("[data-step='8']");
        for (String sign : List.of("TINT_END_ONLY", "CRATER")) {
            browser.click("[data-sign=" + sign + "]");
            browser.find("[data-sign=" + sign + "][data-state=seen]");
        }
        browser.driver().executeScript("window.scrollTo(0, 0)");
        take(browser, "read");
        browser.open("/drill/ask?learner=Ansa&topic=PANEL_CHECK&seed=11");
        browser.find(".drill-controls");
        take(browser, "panel-check");
    }

    private static void rehearse(Browser browser, String job, double share) {
        browser.open("/");
        browser.driver().findElement(By.linkText(job)).click();
        browser.click("[data-step='5']");
        browser.waitFor("what came of it", () -> !browser.all("#figures").isEmpty());
        browser.driver()
                .executeScript(
                        "const s = document.getElementById('scrub'); s.value = Math.round(s.max * arguments[0]);"
                                + " s.dispatchEvent(new Event('input', { bubbles: true }));",
                        share);
    }

    private static void sheet(Browser browser, String job, String name) throws IOException {
        browser.open("/");
        browser.driver().findElement(By.linkText(job)).click();
        browser.find("#workingCurrent");
        take(browser, name);
    }

    /** The weld cycle: pulled outside its range, in the light on a tablet, tried. */
    private void scores(Browser browser) throws IOException {
        score(browser, "Pier frame – gusset to post");
        new Select(browser.field("choose-pulse")).selectByValue("RIPPLE");
        browser.waitFor("a pulse", () -> !browser.all("[id='own.pulseRate']").isEmpty());
        browser.retype("own.endCurrent", "140");
        browser.waitFor("a warning", () -> browser.text("#warnings").contains("Crater likely"));
        browser.click("[data-do='end']");
        browser.driver()
                .executeScript("document.getElementById('handle-own.endCurrent').focus(); window.scrollTo(0, 0)");
        take(browser, "score-pulled");
        browser.click("#turn-theme");
        browser.size(820, 1180);
        score(browser, "Stilling tube – girth joint");
        browser.size(1280, 800);
        browser.click("#turn-theme");
        browser.click("#turn-theme");
    }

    /** The three fronts of the demo shop with a job on them, the list, and the editor with a dial read. */
    private static void panels(Browser browser) throws IOException {
        browser.open("/machines");
        panel(browser, "Pier frame – gusset to post", "Bench knob set");
        new Select(browser.field("stands.process")).selectByVisibleText("electrode");
        browser.waitFor("a change", () -> browser.text("#changes").contains("tungsten"));
        browser.retype("stands.down", "8");
        browser.press(Keys.TAB);
        browser.waitFor("another change", () -> browser.text("#changes").contains("fall"));
        take(browser, "panel-knobs");
        browser.click("#turn-theme");
        panel(browser, "Mast arm – brace lap", "Yard generator set");
        browser.click("#turn-theme");
        browser.click("#turn-theme");
        browser.open("/machines");
        browser.driver().findElement(By.partialLinkText("Bench knob set")).click();
        browser.find("#editor-front");
        for (String mark : new String[] {"0", "10", "5", "7.5"}) {
            int before = browser.all(".reading-list li").size();
            browser.retype("mark-0", mark);
            browser.click("[data-do='simulate']");
            browser.waitFor("a reading", () -> browser.all(".reading-list li").size() == before + 1);
        }
        browser.driver().executeScript("window.scrollTo(0, 330)");
        take(browser, "machine-dial");
    }

    /** Shop with a shop default asked, reference on paper, the wall chart. */
    private static void shop(Browser browser) throws IOException {
        browser.open("/shop");
        new Select(browser.field("habit-GAS_FLOW")).selectByValue("GAS_GENEROUS");
        browser.waitFor("whom it moves", () -> !browser.all("#pending").isEmpty());
        take(browser, "shop");
        browser.open("/assemblies");
        browser.click("#assemblies a");
        browser.driver().findElement(By.linkText("S5")).click();
        browser.find("#happened");
        browser.driver().executeScript("window.scrollTo(0, 0)");
        take(browser, "assembly");
    }

    private static void panel(Browser browser, String job, String machine) {
        browser.open("/");
        browser.driver().findElement(By.linkText(job)).click();
        browser.find("#workingCurrent");
        browser.click("[data-step='3']");
        new Select(browser.find("#choose-machine")).selectByVisibleText(machine);
        browser.waitFor(machine, () -> browser.attribute(".front", "aria-label").contains(machine));
    }

    private static void score(Browser browser, String job) {
        browser.open("/");
        browser.driver().findElement(By.linkText(job)).click();
        browser.find("#workingCurrent");
        browser.click("[data-step='2']");
        browser.find(".handle");
    }

    /** A purge while it is filled. */
    private static void special(Browser browser) throws IOException {
        browser.open("/");
        browser.driver().findElement(By.linkText("Stilling tube – girth joint")).click();
        browser.find("#workingCurrent");
        browser.click("[data-step='4']");
        browser.click("#open-argon");
        browser.waitFor("the clock", () -> browser.text("#state").equals("Filling."));
        browser.click("#meter-readings summary");
        browser.click("#listen");
        browser.waitFor(
                "some seconds of readings", () -> browser.text("#live-ppm").matches("[4-9]\\d\\D.*"));
        browser.click("#meter-readings summary");
        browser.driver().executeScript("scrollTo(0, 0)");
        take(browser, "purge");
    }

    private static void take(Browser browser, String name) throws IOException {
        browser.driver().executeAsyncScript("document.fonts.ready.then(arguments[0])");
        Files.createDirectories(FOLDER);
        Files.write(FOLDER.resolve(name + ".png"), browser.picture());
    }
}
