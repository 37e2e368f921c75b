package vastarc.web.browser;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import org.springframework.boot.test.web.server.LocalServerPort;
import vastarc.web.BrowserTest;

/**
 * Measures how long a search takes while typing, how long the weld cycle takes to be drawn anew (a 30 s weld at 5 pulses a second, script and layout together). Not a test of the build; run it with {@code mvn -Ptools -pl core,web verify -Dit.test=RedrawMeasure -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false} and read the line it prints.
 */
@BrowserTest
class RedrawMeasure {

    private static final String REDRAWS = """
            const lanes = document.getElementById('score-lanes');
            const times = [];
            for (let i = 0; i < 300; i += 1) {
              const begun = performance.now();
              window.dispatchEvent(new Event('resize'));
              lanes.getBBox();
              document.body.getBoundingClientRect();
              times.push(performance.now() - begun);
            }
            times.splice(0, 50);
            times.sort((a, b) => a - b);
            return [times[125], times[237], times[249]];""";

    /** Types every letter of some words, and waits each time until the results stand there. */
    private static final String SEARCHES = """
            const done = arguments[0];
            const field = document.getElementById('search-field');
            const list = document.getElementById('search-results');
            const plain = window.fetch;
            let asked = Promise.resolve();
            window.fetch = (...what) => (asked = plain(...what));
            (async () => {
              const times = [];
              for (const word of ['crater current', 'pulse amps', 'stilling tube', 'sugar', 'down-slope', 'root pushed out']) {
                for (let i = 1; i <= word.length; i += 1) {
                  const begun = performance.now();
                  field.value = word.slice(0, i);
                  field.dispatchEvent(new Event('input', { bubbles: true }));
                  await asked;
                  await new Promise((turn) => requestAnimationFrame(turn));
                  await new Promise((turn) => setTimeout(turn, 0));
                  list.getBoundingClientRect();
                  times.push(performance.now() - begun);
                }
              }
              times.sort((a, b) => a - b);
              done([times[Math.floor(times.length / 2)], times[Math.floor(0.95 * times.length)], times[times.length - 1]]);
            })();""";

    private static final String DRAGS = """
            const picture = document.querySelector('#section svg');
            const box = picture.getBoundingClientRect();
            const at = (type, x) => picture.dispatchEvent(
              new PointerEvent(type, { bubbles: true, cancelable: true, clientX: x, clientY: box.top + box.height / 2 }));
            const times = [];
            at('pointerdown', box.left + 10);
            for (let i = 0; i < 300; i += 1) {
              const begun = performance.now();
              at('pointermove', box.left + 10 + (i % 100));
              picture.getBoundingClientRect();
              document.body.getBoundingClientRect();
              times.push(performance.now() - begun);
            }
            at('pointercancel', box.left + 10);
            times.splice(0, 50);
            times.sort((a, b) => a - b);
            return [times[125], times[237], times[249]];""";

    /** From Enter on the line to the first paint of the new job's sheet, ms. */
    private static final String ENTER_ON_THE_LINE = """
            const line = document.getElementById('phrase-form');
            line.addEventListener('submit', () => sessionStorage.setItem('entered', Date.now()));
            line.requestSubmit();""";

    private static final String PAINTED = """
            const paint = performance.getEntriesByName('first-contentful-paint')[0];
            return paint && document.getElementById('workingCurrent')
              ? Math.round(performance.timeOrigin + paint.startTime - Number(sessionStorage.getItem('entered'))) : null;""";

    @LocalServerPort
    private int port;

    @Test
    void oneLine() {
        try (Browser browser = new Browser(port)) {
            for (String line : new String[] {
                "3 mm mild steel tee 2F pedal",
                "1/8 304 lap, 4T, ripple",
                "2in sch 10 316 butt 5G purged",
                "2 mm 4130 lap"
            }) {
                browser.open("/");
                browser.find("#phrase").sendKeys(line);
                browser.waitFor(
                        "its figures",
                        () -> !browser.all("#phrase-figures .number").isEmpty());
                browser.driver().executeScript(ENTER_ON_THE_LINE);
                browser.waitFor(
                        "its sheet",
                        () -> browser.driver().getCurrentUrl().endsWith("/sheet")
                                && browser.driver().executeScript(PAINTED) != null);
                System.out.printf(
                        Locale.ROOT,
                        "%s: from Enter to the sheet %s ms%n",
                        line,
                        browser.driver().executeScript(PAINTED));
            }
        }
    }

    @Test
    void redraw() {
        try (Browser browser = new Browser(port)) {
            browser.open("/");
            browser.click("#new-job");
            browser.find("#workingCurrent");
            browser.keep(() -> new Select(browser.field("choose-control")).selectByValue("TRIGGER_4T"));
            browser.click("[data-step='2']");
            browser.find("[id='handle-own.downSlope']");
            new Select(browser.field("choose-pulse")).selectByValue("RIPPLE");
            browser.waitFor(
                    "a pulse", () -> !browser.all("[id='own.pulseRate']").isEmpty());
            browser.retype("own.pulseRate", "5");
            browser.waitFor(
                    "5 a second",
                    () -> browser.text("#how").length() > 0
                            && browser.attribute("#score-data", "data-score").contains("[5.0,"));
            browser.retype("own.seamMm", "57");
            browser.waitFor(
                    "30 s",
                    () -> browser.attribute("[id='handle-own.seamMm']", "aria-valuenow")
                            .equals("57"));
            measure(browser, "whole, pulses as a band");
            browser.click("[data-do='closer']");
            measure(browser, "half, pulses as pulses");
        }
    }

    @Test
    void search() {
        try (Browser browser = new Browser(port)) {
            browser.open("/");
            browser.find("body").sendKeys("/");
            browser.press("c");
            browser.waitFor("results", () -> !browser.all("#search-results li").isEmpty());
            System.out.printf(
                    Locale.ROOT,
                    "search, a letter typed until results stand: median, p95, worst in ms %s%n",
                    browser.driver().executeAsyncScript(SEARCHES));
        }
    }

    /** A dam of the purge pulled along: what the page does between two places of the pointer. */
    @Test
    void purgeDragged() {
        try (Browser browser = new Browser(port)) {
            browser.open("/");
            browser.click("#jobs li:nth-child(1) a.open");
            browser.click("[data-step='4']");
            browser.find("#section svg");
            System.out.printf(
                    Locale.ROOT,
                    "purge, a dam pulled: median, p95, worst of 250 in ms %s%n",
                    browser.driver().executeScript(DRAGS));
        }
    }

    private static void measure(Browser browser, String view) {
        Object figures = browser.driver().executeScript(REDRAWS);
        Object corners = browser.driver()
                .executeScript(
                        "return document.querySelector('#score-lanes .curve').getAttribute('d').split('L').length");
        System.out.printf(
                Locale.ROOT,
                "redraw, %s: median, p95, worst of 250 in ms %s; corners drawn %s%n",
                view,
                figures,
                corners);
    }
}
