package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;
import vastarc.core.domain.joint.JointForm;

/** The weld in three dimensions, in a real browser: what the picture holds is asked of the scene, not of pixels. */
class WeldViewIT extends Journeys {

    private static final String STAGE = "const stage = document.getElementById('weld-canvas').stage; ";

    /** Pixels of the canvas that are not its ground, and how bright they are on the mean. */
    private static final String SEEN = STAGE + """
            stage.render();
            const gl = stage.renderer.getContext();
            const [w, h] = [gl.drawingBufferWidth, gl.drawingBufferHeight];
            const pixels = new Uint8Array(4 * w * h);
            gl.readPixels(0, 0, w, h, gl.RGBA, gl.UNSIGNED_BYTE, pixels);
            let [count, light] = [0, 0];
            for (let i = 0; i < pixels.length; i += 4) {
              if (pixels[i + 3] > 0) count += 1;
              light += pixels[i] + pixels[i + 1] + pixels[i + 2];
            }
            return { share: count / (w * h), light: light / (3 * w * h) };""";

    /** The bead as it stands in the scene: its volume over the old joint, its width and the way between ripples in its middle. */
    private static final String BEAD = STAGE + """
            stage.lookFrom('whole');
            stage.lay(stage.models.map((model) => model.moment));
            const side = stage.models[0].sides[0];
            const { surface, strip, geometry } = side.bead;
            const at = geometry.getAttribute('position');
            const { lines, stepMm } = surface;
            const n = strip.across;
            const volumeOf = ({ bead, old }) => {
              const points = bead.geometry.getAttribute('position');
              const { across, place } = bead.strip;
              let volume = 0;
              for (let first = 0; first < lines * across; first += across) {
                const around = [];
                for (let i = first; i < first + across; i += 1) around.push([points.getY(i), points.getZ(i)]);
                const [from, to] = [place[first], place[first + across - 1]];
                for (let i = 400; i >= 0; i -= 1) around.push(old.at(from + ((to - from) * i) / 400));
                around.forEach(([y, z], i) => {
                  const [toY, toZ] = around[(i + 1) % around.length];
                  volume += ((y * toZ - toY * z) / 2) * stepMm;
                });
              }
              return volume;
            };
            const [front, back] = stage.models[0].sides;
            const volume = volumeOf(front) - (back ? volumeOf(back) : 0);
            const middle = Math.round(0.6 * lines);
            const end = [middle * n, middle * n + n - 1].map((i) => [at.getY(i), at.getZ(i)]);
            const width = Math.hypot(end[0][0] - end[1][0], end[0][1] - end[1][1]);
            const starts = [];
            for (let line = Math.round(lines / 4); line < (3 * lines) / 4; line += 1) {
              const beats = (i) => strip.frozen[i * n + (n >> 1)] / surface.rippleS;
              const [now, before] = [beats(line), beats(line - 1)];
              if (Math.floor(now) > Math.floor(before)) starts.push(line - (now - Math.floor(now)) / (now - before));
            }
            const ripple = ((starts[starts.length - 1] - starts[0]) / (starts.length - 1)) * stepMm;
            return { volume, laid: surface.laidMm3, width, solver: surface.width[middle], ripple };""";

    @SuppressWarnings("unchecked")
    private Map<String, Number> ask(String script) {
        return (Map<String, Number>) browser.driver().executeScript(script);
    }

    private double number(String script) {
        return ((Number) browser.driver().executeScript(STAGE + "return " + script)).doubleValue();
    }

    private void rehearse(JointForm form) {
        newJob();
        choose("material", "STAINLESS_304L");
        if (form != JointForm.SQUARE_BUTT) {
            choose("joint", form.name());
        }
        browser.click("[data-step='5']");
        browser.waitFor("the joint stands", () -> number("stage.models.length") == 1);
    }

    private void run(String seam) {
        browser.field("seamMm").sendKeys(seam);
        browser.click("#run");
        browser.waitFor("it is kept", () -> !browser.all("#rehearsed li").isEmpty());
        browser.waitFor("all of it is drawn", () -> number("stage.models[0].moment.lifted ? 1 : 0") == 1);
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyFormStandsThereAndIsWelded(JointForm form) {
        rehearse(form);
        assertThat(ask(SEEN).get("share").doubleValue()).isGreaterThan(0.05);
        run("20");
        assertThat(number("stage.models[0].sides[0].bead.surface.width.reduce((a, b) => Math.max(a, b), 0)"))
                .isGreaterThan(0.5);
        assertThat(ask(SEEN).get("share").doubleValue()).isGreaterThan(0.05);
    }

    /** Shown with its figures and not kept; where no motion is wanted the joint stands and waits. */
    @Test
    void aFirstRunBeginsByItself() {
        rehearse(JointForm.SQUARE_BUTT);
        assertThat(number("stage.models[0].sides.length")).isZero();
        try (Browser moving = new Browser(port)) {
            moving.withMotion();
            moving.open("/");
            moving.click("#new-job");
            moving.find("#workingCurrent");
            moving.click("[data-step='5']");
            moving.waitFor("what came of it", () -> !moving.all("#figures").isEmpty());
            assertThat(moving.all("#rehearsed li")).isEmpty();
        }
    }

    @Test
    void thePicturesFiguresAreTheSolvers() {
        rehearse(JointForm.SQUARE_BUTT);
        run("60");
        Map<String, Number> bead = ask(BEAD);
        assertThat(bead.get("width").doubleValue()).isCloseTo(bead.get("solver").doubleValue(), withPercentage(1));
        double pitch = figure("ripple");
        assertThat(bead.get("ripple").doubleValue()).isCloseTo(pitch, withPercentage(3));
        assertThat(figure("face width")).isCloseTo(bead.get("solver").doubleValue(), withPercentage(6));
    }

    @Test
    void theDrawnBeadHoldsTheMetalLaid() {
        rehearse(JointForm.T_FILLET);
        run("30");
        Map<String, Number> bead = ask(BEAD);
        assertThat(bead.get("volume").doubleValue()).isCloseTo(bead.get("laid").doubleValue(), withPercentage(2));
    }

    private double figure(String name) {
        return browser.all("#figures tbody tr").stream()
                .filter(row -> row.getText().toLowerCase(Locale.ROOT).contains(name))
                .map(row -> row.getText().replaceAll("^\\D*([\\d.]+).*$", "$1"))
                .mapToDouble(Double::parseDouble)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void oneLooksByKeysThroughAHelmetAndIntoTheCut() {
        rehearse(JointForm.SQUARE_BUTT);
        run("24");
        browser.click("#weld-canvas");
        Map<String, String> looks = Map.of("s", "side", "a", "seam", "k", "back", "c", "section", "w", "whole");
        for (Map.Entry<String, String> named : looks.entrySet()) {
            browser.press(named.getKey());
            String look = named.getValue();
            browser.waitFor(look, () -> "true".equals(browser.attribute("[data-look=" + look + "]", "aria-pressed")));
            assertThat(ask(SEEN).get("share").doubleValue()).as(look).isGreaterThan(0.03);
            boolean cut = look.equals("section");
            assertThat(number("stage.models[0].section.group.visible ? 1 : 0")).isEqualTo(cut ? 1 : 0);
        }
        browser.press("s");
        double before = number("stage.camera.position.x");
        browser.press(Keys.ARROW_LEFT);
        assertThat(number("stage.camera.position.x")).isNotEqualTo(before);
        double looksAt = number("stage.controls.target.lengthSq()");
        browser.press(Keys.chord(Keys.SHIFT, Keys.ARROW_UP));
        assertThat(number("stage.controls.target.lengthSq()")).isNotEqualTo(looksAt);

        double daylight = ask(SEEN).get("light").doubleValue();
        browser.press("e");
        browser.waitFor("the helmet", () -> browser.find("#shade").isDisplayed());
        assertThat(ask(SEEN).get("light").doubleValue()).isLessThan(0.3 * daylight);
        browser.press("e");
        String picture = (String) browser.driver().executeScript(STAGE + "return stage.picture()");
        assertThat(picture).startsWith("data:image/png").hasSizeGreaterThan(40_000);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.size(390, 844);
        assertThat(browser.accessibilityFindings()).isEmpty();
        browser.size(1280, 800);
    }

    @Test
    void twoAreHeldAgainstEachOther() {
        rehearse(JointForm.SQUARE_BUTT);
        new Select(browser.field("choose-change")).selectByValue("CURRENT");
        run("20");
        assertThat(number("stage.models.length")).isEqualTo(2);
        double plain = ask(SEEN).get("light").doubleValue();
        browser.click("#differs");
        browser.waitFor("it is painted", () -> number("stage.differs ? 1 : 0") == 1);
        browser.waitFor("in colour", () -> Math.abs(ask(SEEN).get("light").doubleValue() - plain) > 0.01);
        assertThat(browser.text(".key-line"))
                .isEqualTo("Orange: wider or hotter than the other. Blue: narrower or colder.");
    }

    @Test
    void aPlaceThatIsPointedAtIsTold() {
        rehearse(JointForm.SQUARE_BUTT);
        run("24");
        browser.click("#weld-canvas");
        browser.waitFor("its words", () -> browser.text(".weld-point").contains("hottest"));
    }

    @Test
    void withoutThreeDimensionsThePlatesAreDrawnFlat() {
        Browser usual = browser;
        try (Browser flat = new Browser(port)) {
            browser = flat;
            browser.withoutThreeDimensions();
            newJob();
            browser.click("[data-step='5']");
            browser.field("seamMm").sendKeys("20");
            browser.click("#run");
            browser.waitFor("what came of it", () -> !browser.all("#figures").isEmpty());
            browser.waitFor("flat plates painted", () -> painted() > 10_000);
            assertThat(browser.find("#weld-view").isDisplayed()).isFalse();
            assertThat(browser.complaints()).isEmpty();
        } finally {
            browser = usual;
        }
    }

    private int painted() {
        return ((Number) browser.driver()
                        .executeScript(
                                "const c = document.getElementById('canvas-0'); const copy = Object.assign(document.createElement('canvas'),"
                                        + " { width: c.width, height: c.height }).getContext('2d', { willReadFrequently: true });"
                                        + " copy.drawImage(c, 0, 0); const d = copy.getImageData(0, 0, c.width, c.height).data;"
                                        + " return d.filter((v, i) => i % 4 === 3 && v > 0).length;"))
                .intValue();
    }
}
