package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;

/** A bead measured on a phone: seam drawn, a toe put right, kept, shown in trends. */
class MeasureJourneysIT extends Journeys {

    @Autowired
    private PhotoStore photos;

    @Autowired
    private WeldRunQueries runs;

    @TempDir
    private Path folder;

    private WebElement picture() {
        return browser.find("#picture");
    }

    /** Shares of the picture, from its middle. */
    private void drawn(double... shares) {
        int width = picture().getSize().getWidth();
        int height = picture().getSize().getHeight();
        Actions finger = new Actions(browser.driver())
                .moveToElement(picture(), (int) (width * shares[0]), (int) (height * shares[1]))
                .clickAndHold();
        for (int i = 2; i < shares.length; i += 2) {
            finger.moveToElement(picture(), (int) (width * shares[i]), (int) (height * shares[i + 1]));
        }
        finger.release().perform();
    }

    private String width() {
        List<WebElement> lines = browser.all("#measures b");
        return lines.isEmpty() ? "" : lines.get(0).getText();
    }

    @Test
    void aBeadIsMeasuredCorrectedKeptAndTrended() throws IOException {
        List<WeldRun> newest = runs.newest(RunFilter.all(), 500);
        byte[] jpeg = newest.stream()
                .flatMap(run -> photos.of(run.id()).stream())
                .findFirst()
                .flatMap(photo -> photos.jpeg(photo.id()))
                .orElseThrow();
        Path file = Files.write(folder.resolve("bead.jpg"), jpeg);
        WeldRun bare = newest.stream()
                .filter(run -> photos.of(run.id()).isEmpty() && run.endedAt().isPresent())
                .findFirst()
                .orElseThrow();
        browser.size(390, 844);
        browser.open("/logbook/" + bare.id());
        browser.find("input[data-photo=BEAD]").sendKeys(file.toString());
        browser.waitFor(
                "the photograph",
                () -> !browser.all("#photos a[href$='/measure']").isEmpty());
        browser.click("#photos a[href$='/measure']");
        browser.waitFor(
                "the picture", () -> !browser.all("#picture[data-ready]").isEmpty());
        drawn(-0.4, -0.09, 0, -0.08, 0.4, -0.09);
        browser.waitFor("measured", () -> width().contains("±"));
        assertThat(width()).startsWith("6.4");
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.click("[name=mode][value=TOE]");
        drawn(0, 0);
        String before = width();
        browser.waitFor("a toe put right", () -> !width().equals(before));
        browser.click("#keep");
        browser.waitFor("kept", () -> !browser.all("#kept").isEmpty());
        browser.click("#to-run");
        browser.waitFor(
                "said under the photograph", () -> browser.text("#photos").contains("wide"));
        browser.open("/logbook/trends");
        assertThat(browser.text(".trends")).contains("bead width by photograph");
        assertThat(browser.complaints()).isEmpty();
        browser.size(1280, 800);
    }
}
