package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** An assembly of six seams: listed, marked on its drawing, held, welded, rejected, repaired, accepted, and logged. */
class AssemblyJourneysIT extends Journeys {

    @TempDir
    private Path folder;

    private String drawing() throws IOException {
        BufferedImage image = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 900, 600);
        pen.setColor(Color.BLACK);
        pen.drawRect(200, 150, 500, 300);
        pen.dispose();
        Path file = folder.resolve("frame.png");
        ImageIO.write(image, "png", file.toFile());
        return file.toString();
    }

    private void choose(String seam) {
        browser.driver().findElements(By.linkText(seam)).get(0).click();
        browser.waitFor("seam " + seam, () -> browser.text("#seam h2").endsWith(seam));
    }

    private void tap(double x, double y) {
        WebElement picture = browser.find("#drawing");
        int width = picture.getSize().getWidth();
        int height = picture.getSize().getHeight();
        int before = browser.all("[data-mark]").size();
        new Actions(browser.driver())
                .moveToElement(picture, (int) (width * (x - 0.5)), (int) (height * (y - 0.5)))
                .click()
                .perform();
        browser.waitFor("marked", () -> browser.all("[data-mark]").size() == before + 1);
    }

    private void enter(String kind, String by, String... more) {
        browser.click("label:has(input[value=" + kind + "])");
        browser.type("by", by);
        for (String press : more) {
            browser.click(press);
        }
        int before = browser.all("#happened li").size();
        browser.click("#enter");
        browser.waitFor(kind, () -> browser.all("#happened li").size() == before + 1);
    }

    private String stands() {
        return browser.text("#stands");
    }

    private void listedAndMarked() throws IOException {
        browser.open("/assemblies");
        browser.type("name", "Ladder");
        browser.click("#new-assembly");
        browser.type("list", "L1; left foot\nL2; right foot\nL3; rung one\nL4; rung two\nL5; rung three\nL6; hook");
        browser.click("#add-seams");
        browser.waitFor("six seams", () -> browser.all("#seams tbody tr").size() == 6);
        browser.find("#drawing-file").sendKeys(drawing());
        browser.waitFor("the drawing", () -> !browser.all("#drawing").isEmpty());
        for (int i = 1; i <= 6; i++) {
            choose("L" + i);
            tap(0.1 + 0.13 * i, 0.3);
        }
        WebElement mark = browser.find("[data-mark=L6]");
        String placed = mark.getAttribute("transform");
        new Actions(browser.driver())
                .moveToElement(mark)
                .clickAndHold()
                .moveByOffset(0, 90)
                .release()
                .perform();
        browser.waitFor(
                "dragged",
                () -> !browser.attribute("[data-mark=L6]", "transform").equals(placed));
        String dragged = browser.attribute("[data-mark=L6]", "transform");
        browser.find("[data-mark=L6]").sendKeys(Keys.ARROW_LEFT);
        browser.waitFor(
                "nudged",
                () -> !browser.attribute("[data-mark=L6]", "transform").equals(dragged));
    }

    @Test
    void sixSeamsGoFromTheListOverTheMapToTheLogWithOneRepair() throws IOException {
        String job = job();
        listedAndMarked();

        choose("L1");
        browser.click("#seam details:not([open]) > summary");
        browser.click("#job option[value='" + job + "']");
        browser.type("hold", "fit-up looked at");
        browser.click("#keep-seam");
        browser.waitFor("held", () -> stands().equals("held"));
        String assembly = browser.driver().getCurrentUrl().replaceAll(".*(/assemblies/[^?#]+).*", "$1");
        browser.open("/jobs/" + job + "/run");
        assertThat(browser.text("#paper-notes")).contains("L1: hold point “fit-up looked at” is not signed");

        browser.open(assembly + "?seam=L1");
        enter("RELEASED", "Maren");
        enter("WELDED", "Ansa");
        enter("EXAMINED", "Maren", "label:has(input[name=accepted][value=false])");
        assertThat(stands()).isEqualTo("to repair");
        enter("REPAIRED", "Ansa");
        enter("EXAMINED", "Maren", "label:has(input[name=accepted][value=true])");
        assertThat(stands()).isEqualTo("accepted");
        assertThat(browser.accessibilityFindings()).isEmpty();

        browser.open(assembly + "/log");
        assertThat(List.of(browser.text(".weld-log").split("\n")))
                .anyMatch(line -> line.contains("1 accepted"))
                .anyMatch(line -> line.contains("welder Ansa") && line.contains("1 / 1"));
    }

    private String job() {
        browser.open("/");
        return browser.attribute("#jobs a[href$='/sheet']", "href").replaceAll(".*/jobs/([^/]+)/.*", "$1");
    }
}
