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
import vastarc.core.vision.MeasureRequest;
import vastarc.core.vision.ScaleSource;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.PhotoPixels;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;

/** A bead measured on a phone: seam drawn, a toe put right, kept, shown in trends, its proposals taken to Read. */
class MeasureJourneysIT extends Journeys {

    @Autowired
    private PhotoStore photos;

    @Autowired
    private WeldRunQueries runs;

    @Autowired
    private JobStore jobs;

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

    /** A photograph of the demo shop of which uneven ripples are proposed. */
    private byte[] uneven(List<WeldRun> newest) {
        MeasureRequest strip = MeasureRequest.of(new ScaleSource.PrintedStrip(), List.of());
        return newest.stream()
                .flatMap(run -> photos.of(run.id()).stream())
                .map(photo -> photos.jpeg(photo.id()).orElseThrow())
                .filter(jpeg -> PhotoPixels.measure(jpeg, strip).measurement().bead().stream()
                        .flatMap(bead -> bead.signs().stream())
                        .anyMatch(sign -> sign.symptom().equals("RIPPLE_UNEVEN")))
                .findFirst()
                .orElseThrow();
    }

    private void dragged(WebElement handle, int dx, int dy) {
        new Actions(browser.driver())
                .moveToElement(handle)
                .clickAndHold()
                .moveByOffset(dx, dy)
                .release()
                .perform();
    }

    private void photographed(WeldRun run, Path file) {
        browser.open("/logbook/" + run.id());
        browser.find("input[data-photo=BEAD]").sendKeys(file.toString());
        browser.waitFor(
                "the photograph",
                () -> !browser.all("#photos a[href$='/measure']").isEmpty());
        browser.click("#photos a[href$='/measure']");
    }

    @Test
    void aBeadIsMeasuredCorrectedKeptTrendedAndTakenToRead() throws IOException {
        List<WeldRun> newest = runs.newest(RunFilter.all(), 500);
        Path file = Files.write(folder.resolve("bead.jpg"), uneven(newest));
        WeldRun bare = newest.stream()
                .filter(run -> photos.of(run.id()).isEmpty() && run.endedAt().isPresent())
                .filter(run -> run.head().job().flatMap(jobs::onBench).isPresent())
                .findFirst()
                .orElseThrow();
        browser.size(390, 844);
        photographed(bare, file);
        browser.waitFor(
                "the picture", () -> !browser.all("#picture[data-ready]").isEmpty());
        drawn(-0.4, -0.09, 0, -0.08, 0.4, -0.09);
        browser.waitFor("measured", () -> width().contains("±"));
        assertThat(width()).startsWith("6.");
        assertThat(browser.accessibilityFindings()).isEmpty();

        String before = width();
        dragged(browser.all("circle.toe").get(5), 0, -18);
        browser.waitFor("a toe dragged", () -> !width().equals(before));
        assertThat(browser.all("circle.moved")).hasSize(1);
        browser.click("#keep");
        browser.waitFor("kept", () -> !browser.all("#kept").isEmpty());
        String kept = width();
        browser.driver().navigate().refresh();
        browser.waitFor("it comes back as it was", () -> width().equals(kept));
        assertThat(browser.all("circle.moved")).hasSize(1);
        browser.open("/logbook/trends");
        assertThat(browser.text(".trends")).contains("bead width by photograph");

        browser.open("/logbook/" + bare.id());
        browser.waitFor(
                "said under the photograph", () -> browser.text("#photos").contains("wide"));
        browser.click("#photos a[href$='/measure']");
        browser.click("[data-sign=RIPPLE_UNEVEN]");
        browser.click("#to-read-signs");
        browser.waitFor("Read has it", () -> browser.driver().getCurrentUrl().endsWith("/read"));
        assertThat(browser.attribute("[data-sign=RIPPLE_UNEVEN]", "aria-pressed"))
                .isEqualTo("true");
        assertThat(browser.complaints()).isEmpty();
        browser.size(1280, 800);
    }
}
