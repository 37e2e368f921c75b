package vastarc.web.browser;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.JavascriptException;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A headless browser and what the journeys do with it. Every wait is for a condition. */
final class Browser implements AutoCloseable {

    private static final int USUAL_TEXT_PX = 16;

    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final ChromeDriver driver;
    private final String address;

    Browser(int port) {
        this(port, USUAL_TEXT_PX);
    }

    /** A browser whose reader has chosen another size of text. */
    Browser(int port, int textPx) {
        address = "http://127.0.0.1:" + port;
        driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                        .usingAnyFreePort()
                        .build(),
                options(textPx));
        size(1280, 800);
    }

    private static ChromeOptions options(int textPx) {
        LoggingPreferences logging = new LoggingPreferences();
        logging.enable(LogType.BROWSER, Level.WARNING);
        ChromeOptions options = new ChromeOptions().setBinary("/usr/bin/chromium");
        options.setCapability("goog:loggingPrefs", logging);
        options.setExperimentalOption("prefs", Map.of("webkit.webprefs.default_font_size", textPx));
        return options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--use-angle=swiftshader",
                "--enable-unsafe-swiftshader",
                "--force-prefers-reduced-motion",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--hide-scrollbars",
                "--force-device-scale-factor=1",
                "--window-size=1280,800",
                "--user-data-dir=" + freshFolder());
    }

    private static String freshFolder() {
        try {
            return Files.createTempDirectory("vastarc-browser").toString();
        } catch (IOException e) {
            throw new IllegalStateException("no folder for the browser", e);
        }
    }

    ChromeDriver driver() {
        return driver;
    }

    void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
    }

    void open(String path) {
        driver.get(address + path);
    }

    /** From now on pages may move by themselves; elsewhere journeys ask for no motion, and no weld is begun that they did not ask for. */
    void withMotion() {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-reduced-motion", "value", "no-preference"))));
    }

    /** From now on pages find no way to draw in three dimensions. */
    void withoutThreeDimensions() {
        driver.executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", """
                const real = HTMLCanvasElement.prototype.getContext;
                HTMLCanvasElement.prototype.getContext = function (kind, ...more) {
                  return kind.startsWith('webgl') ? null : real.call(this, kind, ...more);
                };"""));
    }

    /** The network is there, or cut. */
    void online(boolean there) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", !there, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    /** From now on pages find nothing that plays sound. */
    void withoutSound() {
        driver.executeCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument", Map.of("source", "delete window.AudioContext;"));
    }

    /** Stops the page's own clock, which from then on goes only as far as it is given to. */
    void holdClock() {
        driver.executeScript(
                "const now = performance.now(); window.heldMs = now; performance.now = () => window.heldMs;");
    }

    /** Lets time pass on a held clock. */
    void pass(double seconds) {
        driver.executeScript("window.heldMs += 1000 * arguments[0]", seconds);
    }

    /** Plays time on a held clock, a tenth of a second with every frame the page draws. */
    void play(double seconds) {
        driver.executeAsyncScript("""
                let left = arguments[0];
                const done = arguments[arguments.length - 1];
                const step = () => {
                  if (left <= 0) return done();
                  left -= 0.1;
                  window.heldMs += 100;
                  requestAnimationFrame(step);
                };
                step();""", seconds);
    }

    /** Leaves the field being typed into and waits until nothing is on its way to the server. */
    void settle() {
        driver.executeScript("document.activeElement.blur()");
        waitFor("everything kept", () -> all("#workspace[aria-busy=true]").isEmpty());
    }

    WebElement find(String css) {
        return patience().until(page -> page.findElement(By.cssSelector(css)));
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    WebElement field(String name) {
        return find("[id='" + name + "']");
    }

    /** Presses something as soon as it can be pressed; the page may draw it anew meanwhile. */
    void click(String css) {
        patience()
                .ignoring(ElementNotInteractableException.class)
                .withMessage("press " + css)
                .until(page -> {
                    page.findElement(By.cssSelector(css)).click();
                    return true;
                });
    }

    /** Types into a field as soon as it can be typed into: it may only just be coming into sight. */
    void type(String name, String text) {
        patience()
                .ignoring(ElementNotInteractableException.class)
                .withMessage("type into " + name)
                .until(page -> {
                    page.findElement(By.id(name)).sendKeys(text);
                    return true;
                });
    }

    /** What an element says; the page may draw it anew meanwhile, of which the driver complains in more than one way. */
    String text(String css) {
        return patience()
                .ignoring(WebDriverException.class)
                .until(page -> page.findElement(By.cssSelector(css)).getText());
    }

    /** What an attribute says; the page may draw the element anew meanwhile. */
    String attribute(String css, String name) {
        return patience()
                .ignoring(WebDriverException.class)
                .until(page -> page.findElement(By.cssSelector(css)).getAttribute(name));
    }

    /** The figure of a setting, as shown. */
    String figure(String setting) {
        return (String) driver.executeScript(
                "return document.querySelector('#' + arguments[0] + ' .value .number').textContent", setting);
    }

    void waitFor(String what, BooleanSupplier condition) {
        patience().withMessage(what).until(page -> condition.getAsBoolean());
    }

    private WebDriverWait patience() {
        WebDriverWait wait = new WebDriverWait(driver, PATIENCE, Duration.ofMillis(40));
        wait.ignoring(StaleElementReferenceException.class);
        wait.ignoring(NoSuchElementException.class);
        wait.ignoring(JavascriptException.class);
        return wait;
    }

    /** Version of the job that the page shows. */
    int version() {
        return Integer.parseInt(find("#kept").getAttribute("data-version"));
    }

    /** Does something that changes the job, and waits until the change is stored and shown. */
    void keep(Runnable change) {
        int before = version();
        change.run();
        waitFor("the change to be kept", () -> version() > before);
    }

    void retype(String field, String text) {
        WebElement input = field(field);
        input.sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
    }

    void press(CharSequence... keys) {
        driver.switchTo().activeElement().sendKeys(keys);
    }

    String focused() {
        return (String) driver.executeScript(
                "const e = document.activeElement; return e.id || e.name || e.className || e.tagName");
    }

    /** Every finding of the accessibility check on this page, of whatever impact. */
    List<String> accessibilityFindings() {
        // Pages have no frames: the old way needs no window of its own, which now and then does not open in time.
        AxeBuilder axe = new AxeBuilder().setLegacyMode(true);
        // Of what passes nothing is told: telling it takes longer than finding it.
        axe.setOptions(
                "{\"rules\": {\"label-content-name-mismatch\": {\"enabled\": true}}, \"resultTypes\": [\"violations\"], \"preload\": false}");
        return axe.analyze(driver).getViolations().stream().map(Browser::line).toList();
    }

    private static String line(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " "
                + rule.getNodes().stream()
                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                        .limit(3)
                        .toList();
    }

    /** Everything the browser complained about. */
    List<String> complaints() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .toList();
    }

    byte[] picture() {
        return driver.getScreenshotAs(OutputType.BYTES);
    }

    @Override
    public void close() {
        driver.quit();
    }
}
