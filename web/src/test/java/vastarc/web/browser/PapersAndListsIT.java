package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.Cookie;
import org.springframework.beans.factory.annotation.Autowired;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRunQueries;

/** Papers, lists and devices on the screen: nothing for an accessibility check to find in either theme, and nothing wider than a phone. */
class PapersAndListsIT extends Journeys {

    private static final float MM = 72 / 25.4f;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunQueries runs;

    private List<String> places() {
        UUID job = jobs.newest(1).get(0).id();
        UUID run = runs.newest(RunFilter.all(), 1).get(0).id();
        return List.of(
                "/jobs/" + job + "/card",
                "/logbook/" + run + "/record",
                "/cope?branch=38&run=50.8&angle=60",
                "/cope?branch=60&run=50.8",
                "/joints",
                "/shop/devices",
                "/drill/exam?seed=3&n=4",
                "/drill/steady",
                "/drill/dry");
    }

    @ParameterizedTest
    @ValueSource(strings = {"dark", "light"})
    void nothingIsFoundInEitherTheme(String theme) {
        browser.open("/");
        browser.driver().manage().addCookie(new Cookie("theme", theme));
        try {
            for (String place : places()) {
                browser.open(place);
                assertThat(browser.accessibilityFindings())
                        .as(place + ", " + theme)
                        .isEmpty();
            }
        } finally {
            browser.driver().manage().deleteCookieNamed("theme");
        }
    }

    @Test
    void listsAndTemplatesFitAPhone() {
        browser.size(390, 844);
        try {
            for (String place : List.of(
                    "/joints",
                    "/cope",
                    "/shop/devices",
                    "/drill/set?seed=5",
                    "/drill/sit?seed=3&n=3",
                    "/drill/steady",
                    "/drill/dry")) {
                browser.open(place);
                assertThat((Boolean) browser.driver()
                                .executeScript("return document.documentElement.scrollWidth <= window.innerWidth + 1"))
                        .as(place)
                        .isTrue();
            }
        } finally {
            browser.size(1280, 800);
        }
    }

    @Test
    void aListIsTakenAndItsJobsOpened() {
        browser.open("/joints");
        browser.find("#list").sendKeys("name,metal,thickness,form\nListed,304,2 mm,lap\nOdd,cheese,2,lap");
        browser.click("#take-joints");
        browser.waitFor("the report", () -> browser.all("#rows tbody tr").size() == 2);
        assertThat(browser.text("#taken")).contains("1 of 2");
        browser.click("#rows a");
        browser.waitFor("its sheet", () -> !browser.all("#workingCurrent").isEmpty());
        assertThat(browser.field("job-name").getDomProperty("value")).isEqualTo("Listed");
    }

    /** The sheet printed from its page: A4, whole, with what is set and what is to be heeded. */
    @Test
    void theSheetPrintsOnTwoPages() throws IOException {
        browser.open("/");
        browser.click("#jobs a.open");
        browser.find("#workingCurrent");
        Map<String, Object> printed = browser.driver()
                .executeCdpCommand("Page.printToPDF", Map.of("preferCSSPageSize", true, "printBackground", true));
        try (PDDocument pdf = Loader.loadPDF(Base64.getDecoder().decode((String) printed.get("data")))) {
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getHeight() / MM).isCloseTo(297, within(1.0f));
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Working current", "Gas flow", "Cautions", "Starting points, not approval")
                    .doesNotContain("Mark as proven", "Export");
        }
    }
}
