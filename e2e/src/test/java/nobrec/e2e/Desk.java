package nobrec.e2e;

import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TakesScreenshot;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A person at a desk: a browser of exactly 1280 x 800, and what she does in it. */
final class Desk implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(40);

    private static final Duration BETWEEN_KEYS = Duration.ofMillis(140);

    private final ChromeDriver browser;
    private final Application application;
    private int acts;

    Desk(Application application) {
        this(application, 1280, 800);
    }

    Desk(Application application, int width, int height) {
        this.application = application;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-background-networking",
                "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost");
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build();
        browser = new ChromeDriver(service, options);
        Map<String, Object> metrics =
                new HashMap<>(Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        browser.executeCdpCommand("Emulation.setDeviceMetricsOverride", metrics);
    }

    ChromeDriver browser() {
        return browser;
    }

    /** Signs in by keyboard. */
    Desk signIn(String name) {
        browser.get(application.address("/"));
        WebElement field = waitFor("input[name=name]");
        field.sendKeys(name, Keys.TAB, Application.PASSWORD, Keys.ENTER);
        waitFor("nav[aria-label=Sections]");
        return this;
    }

    void open(String path) {
        browser.get(application.address(path));
    }

    /** Keys, scans and clicks so far: a letter is a key, keys held together are one, and so is a whole scan. */
    int acts() {
        return acts;
    }

    private static int keysIn(CharSequence keys) {
        boolean heldTogether = keys.length() > 1
                && keys.charAt(keys.length() - 1) == Keys.NULL.toString().charAt(0);
        return heldTogether ? 1 : keys.length();
    }

    /** To whatever has the focus: it may be drawn afresh just then. */
    void press(CharSequence... keys) {
        for (CharSequence each : keys) {
            acts += keysIn(each);
        }
        send(keys);
    }

    /** What a scanner types into a field, with its Enter. */
    void scanInto(String text) {
        acts++;
        send(text, Keys.ENTER);
    }

    private void send(CharSequence... keys) {
        try {
            browser.switchTo().activeElement().sendKeys(keys);
        } catch (StaleElementReferenceException drawnAfresh) {
            browser.switchTo().activeElement().sendKeys(keys);
        }
    }

    /** Clicks on the first thing that an XPath finds. */
    void click(String path) {
        acts++;
        browser.findElement(By.xpath(path)).click();
    }

    /** Types as a person does: slower than a scanner, which is told apart by its speed. */
    void type(String text) {
        acts += text.length();
        Actions hands = new Actions(browser);
        for (char letter : text.toCharArray()) {
            hands.sendKeys(String.valueOf(letter)).pause(BETWEEN_KEYS);
        }
        hands.perform();
    }

    void pressWithAlt(CharSequence key) {
        press(Keys.chord(Keys.ALT, key));
    }

    /** Goes on by Tab until what has the focus says this, as its words or its label. */
    void tabTo(String words) {
        String focused = "const at = document.activeElement;"
                + " return at === document.body ? '' : (at.getAttribute('aria-label') || '') + ' ' + (at.labels?.[0]?.innerText || '') + ' ' + at.innerText;";
        for (int tabs = 0; tabs < 300; tabs++) {
            press(Keys.TAB);
            if (String.valueOf(browser.executeScript(focused)).contains(words)) {
                return;
            }
        }
        throw new AssertionError("Tab does not lead to “" + words + "”: " + screen());
    }

    /** Like a scanner: every letter at once, and Enter. */
    void scan(String text) {
        acts++;
        browser.executeScript(
                "for (const key of [...arguments[0], 'Enter'])"
                        + " document.activeElement.dispatchEvent(new KeyboardEvent('keydown', {key, bubbles: true, cancelable: true}))",
                text);
    }

    WebElement waitFor(String css) {
        return new WebDriverWait(browser, PATIENCE)
                .until(ExpectedConditions.visibilityOfElementLocated(By.cssSelector(css)));
    }

    /** Waits until a text stands somewhere on the screen. */
    void waitForText(String text) {
        new WebDriverWait(browser, PATIENCE)
                .withMessage(() -> "“" + text + "” does not come; there is: " + screen())
                .until(driver -> screen().contains(text));
    }

    /** Waits until a text stands nowhere on the screen any more. */
    void waitUntilGone(String text) {
        new WebDriverWait(browser, PATIENCE)
                .withMessage(() -> "“" + text + "” stays; there is: " + screen())
                .until(driver -> !screen().contains(text));
    }

    String screen() {
        return browser.findElement(By.tagName("body")).getText();
    }

    String textOf(String css) {
        return waitFor(css).getText();
    }

    void chooseFile(Path file) {
        browser.findElement(By.cssSelector("input[type=file]")).sendKeys(file.toString());
    }

    /** Drops a file somewhere on the page. */
    void dropFile(String name, String content) {
        browser.executeScript(
                "const data = new DataTransfer(); data.items.add(new File([arguments[1]], arguments[0], {type: 'text/csv'}));"
                        + "document.querySelector('main > *').dispatchEvent(new DragEvent('drop', {dataTransfer: data, bubbles: true, cancelable: true}));",
                name,
                content);
    }

    byte[] picture() {
        return ((TakesScreenshot) browser).getScreenshotAs(OutputType.BYTES);
    }

    @Override
    public void close() {
        browser.quit();
    }
}
