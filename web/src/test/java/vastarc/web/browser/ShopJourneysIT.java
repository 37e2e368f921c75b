package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;

/** Shop, reference, search and wall chart in a real browser. */
class ShopJourneysIT extends Journeys {

    @Test
    void theSearchOpensWithASlashAndGoesByArrowKeysAndEnter() {
        browser.open("/");
        browser.find("body").sendKeys("/");
        browser.find("#search[open]");
        browser.press("crater");
        browser.waitFor("results", () -> browser.all("#search-results li").size() > 3);
        browser.press(Keys.ARROW_DOWN);
        browser.waitFor(
                "the second one",
                () -> browser.attribute("#found-1", "aria-selected").equals("true"));
        int found = 1;
        while (!browser.text("#found-" + found).contains("crater time")) {
            browser.press(Keys.ARROW_DOWN);
            found++;
        }
        assertThat(browser.text("#found-" + found)).contains("down-slope");
        browser.press(Keys.ENTER);
        browser.waitFor(
                "the word", () -> browser.driver().getCurrentUrl().endsWith("/reference/terms#word-down-slope"));

        browser.find("body").sendKeys("/");
        browser.press("stilling");
        browser.waitFor("the job", () -> browser.text("#search-results").contains("Stilling tube"));
        browser.press(Keys.ENTER);
        browser.find("#workingCurrent");
    }

    @Test
    void aJointTypedInTheSearchIsOfferedAndBecomesAJob() {
        browser.open("/machines");
        browser.find("body").sendKeys("/");
        browser.find("#search[open]");
        browser.press("2 mm 304 lap");
        browser.waitFor("the joint", () -> browser.text("#found-0").contains("304L lap 2 mm"));
        browser.press(Keys.ENTER);
        browser.waitFor("its page", () -> browser.driver().getCurrentUrl().contains("/line?text="));
        browser.waitFor("its figures", () -> browser.text("#phrase-figures").contains("Working current"));
        browser.click("#phrase-make");
        browser.find("#workingCurrent");
        assertThat(browser.text("#job-strip")).contains("304L lap 2 mm");
    }

    @Test
    void whereNothingIsFoundTheSearchSaysWhatToTry() {
        browser.open("/");
        browser.find("body").sendKeys("/");
        browser.find("#search[open]");
        browser.press("zzqx");
        browser.waitFor("what to try", () -> browser.text("#search-nothing").contains("a position (4G)"));
    }

    @Test
    void aHabitIsAskedKeptAndTakenBack() {
        browser.open("/shop");
        new Select(browser.field("habit-PRE_FLOW")).selectByVisibleText("A short puff");
        browser.waitFor("whom it moves", () -> browser.text("#pending").contains("Stilling tube"));
        browser.click("#keep-habit");
        browser.waitFor("kept", () -> browser.all("#pending").isEmpty());
        browser.open("/");
        browser.click(".card a");
        browser.waitFor(
                "the habit on the figure", () -> browser.text("#preFlow").contains("a short puff"));

        browser.open("/shop");
        new Select(browser.field("habit-PRE_FLOW")).selectByVisibleText("From hose length");
        browser.click("#keep-habit");
        browser.waitFor("taken back", () -> browser.all("#pending").isEmpty());
    }

    @Test
    void theWallChartPrintsOnA4AcrossWithoutACutCell() throws IOException {
        browser.open("/chart?metal=STAINLESS_316L");
        List<String> currents = browser.all(".chart-table td b").stream()
                .map(WebElement::getText)
                .toList();
        List<String> rows = browser.all(".chart-table tbody th").stream()
                .map(WebElement::getText)
                .toList();
        Object printed = browser.driver()
                .executeCdpCommand("Page.printToPDF", Map.of("preferCSSPageSize", true, "printBackground", true))
                .get("data");

        try (PDDocument document = Loader.loadPDF(Base64.getDecoder().decode(printed.toString()))) {
            Glyphs glyphs = new Glyphs();
            String text = glyphs.getText(document);
            document.getPages().forEach(page -> {
                PDRectangle box = page.getMediaBox();
                assertThat(box.getWidth()).isBetween(841f, 843f);
                assertThat(box.getHeight()).isBetween(594f, 597f);
            });
            assertThat(glyphs.outside).isEmpty();
            assertThat(rows).hasSize(12).allSatisfy(row -> assertThat(text).contains(row));
            String spaceless = text.replaceAll("\\s", "");
            assertThat(currents)
                    .isNotEmpty()
                    .allSatisfy(current -> assertThat(spaceless).contains(current.replace(" ", "")));
            assertThat(count(text, " A")).isGreaterThanOrEqualTo(currents.size());
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                rowsAreWhole(document, page);
            }
        }
    }

    private static int count(String text, String part) {
        return text.split(part, -1).length - 1;
    }

    /** As many tungsten lines as currents on each page: no cell is torn between two. */
    private static void rowsAreWhole(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        String text = stripper.getText(document);
        int currents = text.split("\\d A", -1).length - 1;
        int cups = text.split("no\\. \\d", -1).length - 1;
        assertThat(cups).isEqualTo(currents);
    }

    /** Notes every letter that does not stand wholly on its page. */
    private static final class Glyphs extends PDFTextStripper {
        private final List<String> outside = new ArrayList<>();

        Glyphs() throws IOException {}

        @Override
        protected void processTextPosition(TextPosition text) {
            boolean inside = text.getX() >= 0
                    && text.getX() + text.getWidth() <= text.getPageWidth()
                    && text.getY() >= 0
                    && text.getY() <= text.getPageHeight();
            if (!inside) {
                outside.add(text.getUnicode());
            }
            super.processTextPosition(text);
        }
    }

    @Test
    void shopReferenceAndChartAreWithinReachOfEveryone() {
        for (String path : List.of("/shop", "/reference/settings", "/chart")) {
            browser.open(path);
            browser.find("h1");
            assertThat(browser.accessibilityFindings()).as(path).isEmpty();
        }
    }

    @Test
    void aCertificateIsHandedInAndGoesWithItsPaper() throws IOException {
        Path scan = Files.write(Files.createTempDirectory("certificate").resolve("OX 7.pdf"), "%PDF-1.7".getBytes());
        browser.open("/shop/instruments");
        browser.type("number", "OX-7");
        browser.click("label.tile:has([value=OXYGEN])");
        browser.click("#keep-paper");
        browser.find("[data-file]").sendKeys(scan.toString());
        browser.waitFor("the file", () -> browser.text("#papers").contains("OX 7.pdf"));

        Path words = Files.writeString(scan.resolveSibling("notes.txt"), "calibrated");
        browser.find("[data-file]").sendKeys(words.toString());
        browser.waitFor("why not", () -> browser.text("#file-trouble").contains("Give a PDF, a JPEG or a PNG."));
        assertThat(browser.complaints()).singleElement().asString().contains("status of 422");

        browser.click("#papers summary");
        browser.click("#papers details form button");
        browser.find("#no-papers");
    }
}
