package vastarc.web.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;
import vastarc.web.job.Job;
import vastarc.web.job.JobStore;

/**
 * Takes the pictures of {@code docs/screenshots} from the demo shop. Not a test of the build: run it when a page has changed, with
 * {@code mvn -pl core,web verify -Dit.test=Screenshots -Dsurefire.skip=true}.
 */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "spring.datasource.url=jdbc:h2:mem:pictures;DB_CLOSE_DELAY=-1")
@ActiveProfiles("test")
class Screenshots {

    private static final Path FOLDER = Path.of("../docs/screenshots");

    @LocalServerPort
    private int port;

    @Autowired
    private JobStore store;

    @Test
    void takeThem() throws IOException {
        try (Browser browser = new Browser(port)) {
            browser.open("/");
            take(browser, "bench");
            sheet(browser, "Pier frame – gusset to post", "sheet-t-fillet");
            browser.find("#downSlope summary").click();
            take(browser, "sheet-reason");
            browser.find("#turn-theme").click();
            sheet(browser, "Stilling tube – girth joint", "sheet-tube-light");
            browser.open("/");
            take(browser, "bench-light");
            browser.find("#turn-theme").click();
            browser.find("#turn-theme").click();
            browser.size(820, 1180);
            sheet(browser, "Sensor cage – ring to upright", "sheet-tablet");
            browser.size(1280, 800);
            error(browser);
            empty(browser);
        }
    }

    private static void sheet(Browser browser, String job, String name) throws IOException {
        browser.open("/");
        browser.driver().findElement(By.linkText(job)).click();
        browser.find("#workingCurrent");
        take(browser, name);
    }

    private static void error(Browser browser) throws IOException {
        browser.open("/");
        browser.find("#new-job").click();
        browser.keep(() -> browser.retype("thicknessMm[0]", "6 mm"));
        take(browser, "sheet-out-of-scope");
    }

    private void empty(Browser browser) throws IOException {
        for (Job job : store.onTheBench()) {
            store.delete(job.id());
        }
        browser.open("/");
        take(browser, "bench-empty");
    }

    private static void take(Browser browser, String name) throws IOException {
        browser.driver().executeAsyncScript("document.fonts.ready.then(arguments[0])");
        Files.createDirectories(FOLDER);
        Files.write(FOLDER.resolve(name + ".png"), browser.picture());
    }
}
