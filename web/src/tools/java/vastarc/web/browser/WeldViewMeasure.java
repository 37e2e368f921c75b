package vastarc.web.browser;

import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Measures the weld in three dimensions without a graphics card: from the tap on "Rehearse" to the joint, how long a picture takes while a film
 * plays and at rest, and the page's memory after twenty rehearsals. Not a test of the build; run it with {@code mvn -Ptools -pl core,web verify
 * -Dit.test=WeldViewMeasure -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false} and read the lines it prints.
 */
class WeldViewMeasure extends Journeys {

    private static final int REHEARSALS = 20;
    private static final double MB = 1024.0 * 1024;

    /** Lays and draws every tenth picture of the film, and waits each time until the picture is there. */
    private static final String FRAMES = """
            const [moving] = arguments;
            const stage = document.getElementById('weld-canvas').stage;
            const gl = stage.renderer.getContext();
            const pixel = new Uint8Array(4);
            stage.moving = moving;
            stage.resize();
            const { film } = stage.models[0].moment;
            const times = [];
            for (let round = 0; round < 3; round += 1) {
              for (let at = 0; at < film.frames.length; at += 10) {
                const frame = film.frames[at];
                const begun = performance.now();
                stage.lay([{ film, frame, s: frame.s, x: frame.x, burns: frame.burns }]);
                stage.render();
                gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, pixel);
                if (round) times.push(performance.now() - begun);
              }
            }
            times.sort((a, b) => a - b);
            return [times[times.length >> 1], times[Math.floor(0.95 * times.length)]];""";

    private Object script(String text, Object... arguments) {
        return browser.driver().executeScript(text, arguments);
    }

    @Test
    void firstPictureFramesAndMemory() {
        browser.withMotion();
        newJob();
        choose("material", "STAINLESS_304L");
        for (int i = 0; i < 5; i++) {
            browser.click("[data-step='5']");
            browser.waitFor("the joint", () ->
                    (Boolean) script("return performance.getEntriesByName('joint-shown').length > 0"));
            System.out.printf(
                    Locale.ROOT,
                    "joint after %.0f ms%n",
                    ((Number) script("return performance.getEntriesByName('joint-shown')[0].startTime")).doubleValue());
            browser.waitFor("a first run", () -> !browser.all("#figures").isEmpty());
            if (i < 4) {
                browser.click("[data-step='1']");
                browser.find("#workingCurrent");
            }
        }
        System.out.println("a picture while it plays, p50 and p95 ms: " + script(FRAMES, true));
        System.out.println("a picture at rest, p50 and p95 ms: " + script(FRAMES, false));
        System.out.println("before: " + memory());
        for (int i = 0; i < REHEARSALS; i++) {
            script("document.getElementById('told').replaceChildren()");
            browser.retype("seamMm", String.valueOf(40 + i));
            browser.click("#run");
            browser.waitFor("it is over", () -> !browser.all("#figures").isEmpty());
        }
        System.out.println("after twenty rehearsals: " + memory());
    }

    private String memory() {
        browser.driver().executeCdpCommand("HeapProfiler.collectGarbage", Map.of());
        Map<String, Object> use = browser.driver().executeCdpCommand("Runtime.getHeapUsage", Map.of());
        double used = ((Number) use.get("usedSize")).doubleValue();
        double backing = ((Number) use.getOrDefault("backingStorageSize", 0)).doubleValue();
        return String.format(Locale.ROOT, "%.0f MB of objects, %.0f MB of arrays", used / MB, backing / MB);
    }
}
