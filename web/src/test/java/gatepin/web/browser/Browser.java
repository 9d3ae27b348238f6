package gatepin.web.browser;

import gatepin.web.RunningGatePin;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.Pause;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import org.openqa.selenium.support.ui.ExpectedCondition;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A browser as a person in the shop has it: a screen of some size, a mouse, a keyboard. */
final class Browser implements AutoCloseable {
    /** One Chromium for the whole run; each browser starts with nothing kept from the one before. */
    private static final ChromeDriver DRIVER = start();

    private final ChromeDriver driver = DRIVER;
    private final String address;

    Browser() {
        this(RunningGatePin.get().address());
    }

    Browser(String address) {
        this.address = address;
        screen(1280, 800).dark(false);
    }

    private static ChromeDriver start() {
        Path profile;
        try {
            profile = Files.createTempDirectory("gatepin-profile");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--user-data-dir=" + profile);
        ChromeDriver driver = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
                        .build(),
                options);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> end(driver, profile)));
        return driver;
    }

    private static void end(ChromeDriver driver, Path profile) {
        driver.quit();
        try (Stream<Path> files = Files.walk(profile)) {
            files.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
        } catch (IOException | UncheckedIOException e) {
            // the browser may still be taking its own files away
        }
    }

    /** The address of the application, without a slash at its end. */
    String address() {
        return address;
    }

    Browser screen(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", width < 600));
        return this;
    }

    Browser dark(boolean dark) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", dark ? "dark" : "light"))));
        return this;
    }

    /** Cuts the line to the application, or mends it. */
    Browser online(boolean online) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", !online, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
        return this;
    }

    Browser go(String path) {
        driver.get(address + path);
        return this;
    }

    Browser reload() {
        driver.navigate().refresh();
        return this;
    }

    String path() {
        return driver.getCurrentUrl().substring(address.length());
    }

    WebElement one(String css) {
        return until(d -> d.findElement(By.cssSelector(css)));
    }

    List<WebElement> all(String css) {
        return driver.findElements(By.cssSelector(css));
    }

    String text(String css) {
        return until(d -> d.findElement(By.cssSelector(css)).getText());
    }

    Browser type(String css, String text) {
        WebElement field = one(css);
        field.clear();
        field.sendKeys(text);
        return this;
    }

    Browser choose(String css, String value) {
        one(css + " option[value='" + value + "']").click();
        return this;
    }

    /** Clicks a button or link by the words on it. */
    Browser press(String words) {
        String quoted = "'" + words + "'";
        WebElement element = until(d -> d
                .findElements(By.xpath("//button[contains(normalize-space(.)," + quoted
                        + ")]|//a[contains(normalize-space(.)," + quoted + ")]|//summary[contains(normalize-space(.),"
                        + quoted + ")]"))
                .stream()
                .filter(WebElement::isDisplayed)
                .findFirst()
                .orElse(null));
        driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", element);
        boolean leaves = (Boolean) driver.executeScript(
                "const e = arguments[0]; window.stillHere = document.querySelector('main');"
                        + " return e.tagName === 'A' || (e.tagName === 'BUTTON' && e.type === 'submit')",
                element);
        element.click();
        if (leaves) {
            untilPage();
        }
        return this;
    }

    /** Ticks a box or chooses one of several. */
    Browser tick(String css) {
        WebElement box = one(css);
        driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", box);
        box.click();
        return this;
    }

    /** Clicks on a point so far from the middle of an element, in pixels. */
    Browser at(WebElement element, int right, int down) {
        new Actions(driver).moveToElement(element, right, down).click().perform();
        return this;
    }

    /** Presses a key while Control is held. */
    Browser control(String key) {
        new Actions(driver)
                .keyDown(Keys.CONTROL)
                .sendKeys(key)
                .keyUp(Keys.CONTROL)
                .perform();
        return this;
    }

    /** Draws a mouse from one element to another, or holds a finger on the one first. */
    Browser drag(PointerInput.Kind with, WebElement from, WebElement to) {
        return drag(with, from, to, with == PointerInput.Kind.TOUCH ? 400 : 0);
    }

    /** Wipes a finger from one element to another, as one who moves the page. */
    Browser swipe(WebElement from, WebElement to) {
        return drag(PointerInput.Kind.TOUCH, from, to, 0);
    }

    private Browser drag(PointerInput.Kind with, WebElement from, WebElement to, long heldMillis) {
        PointerInput pointer = new PointerInput(with, with.toString());
        driver.perform(List.of(new Sequence(pointer, 0)
                .addAction(pointer.createPointerMove(Duration.ZERO, PointerInput.Origin.fromElement(from), 0, 0))
                .addAction(pointer.createPointerDown(PointerInput.MouseButton.LEFT.asArg()))
                .addAction(new Pause(pointer, Duration.ofMillis(heldMillis)))
                .addAction(
                        pointer.createPointerMove(Duration.ofMillis(80), PointerInput.Origin.fromElement(from), 12, 0))
                .addAction(pointer.createPointerMove(Duration.ofMillis(120), PointerInput.Origin.fromElement(to), 0, 0))
                .addAction(pointer.createPointerUp(PointerInput.MouseButton.LEFT.asArg()))));
        return this;
    }

    /** Types into whatever has the focus. */
    Browser keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
        return this;
    }

    /** Tabs until an element has the focus; fails when the keyboard cannot reach it. */
    Browser tabTo(String css) {
        WebElement wanted = one(css);
        for (int i = 0; i < 120; i++) {
            if (driver.switchTo().activeElement().equals(wanted)) {
                return this;
            }
            keys(Keys.TAB);
        }
        throw new AssertionError("the keyboard does not reach " + css);
    }

    <T> T until(ExpectedCondition<T> condition) {
        try {
            return new WebDriverWait(driver, Duration.ofSeconds(10), Duration.ofMillis(50))
                    // what is drawn anew under the hand is taken hold of again, until there is an end of patience
                    .ignoring(
                            org.openqa.selenium.StaleElementReferenceException.class,
                            org.openqa.selenium.ElementNotInteractableException.class)
                    .until(d -> {
                        try {
                            return condition.apply(d);
                        } catch (WebDriverException e) {
                            if (isOfThePageBefore(e)) {
                                return null;
                            }
                            throw e;
                        }
                    });
        } catch (TimeoutException e) {
            throw new AssertionError("waited in vain on " + path() + ", which shows: " + shown(), e);
        }
    }

    /** What stands in the main part of the page, its alerts first, as far as a message has room for it. */
    private String shown() {
        return String.valueOf(
                driver.executeScript(
                        "const main = document.querySelector('main') || document.body;"
                                + " return [...main.querySelectorAll('[role=alert], .wrong'), main].map(e => e.innerText.replace(/\\s+/g, ' ')).join(' | ').slice(0, 900)"));
    }

    /** A page went while it was being read: the driver has no name of its own for that. */
    private static boolean isOfThePageBefore(WebDriverException failure) {
        return String.valueOf(failure.getMessage()).contains("does not belong to the document");
    }

    /** As if the page had been open for months: what the browser kept for it is gone. */
    void forgetCookies() {
        driver.manage().deleteAllCookies();
    }

    /** Waits for the page after the one whose main part was marked with {@code window.stillHere}, loaded or put in its place. */
    void untilPage() {
        until(d -> (Boolean) driver.executeScript(
                "return window.stillHere !== document.querySelector('main') && document.readyState === 'complete'"));
    }

    void untilText(String css, String words) {
        until(d -> d.findElement(By.cssSelector(css)).getText().contains(words));
    }

    Object script(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    Object scriptLater(String script, Object... arguments) {
        return driver.executeAsyncScript(script, arguments);
    }

    /** Opens a second tab on the same address and works there until the returned tab is closed. */
    String newTab(String path) {
        String before = driver.getWindowHandle();
        driver.switchTo().newWindow(org.openqa.selenium.WindowType.TAB);
        go(path);
        return before;
    }

    void switchTo(String tab) {
        driver.switchTo().window(tab);
    }

    /** What the browser complained about since last asked: broken policy, missing files, script errors. */
    List<String> complaints() {
        List<String> complaints = new ArrayList<>();
        driver.manage().logs().get("browser").forEach(entry -> complaints.add(entry.getMessage()));
        return complaints;
    }

    /** Forgets everything that was kept, and closes all windows but one. */
    @Override
    public void close() {
        List<String> windows = List.copyOf(driver.getWindowHandles());
        for (String window : windows.subList(1, windows.size())) {
            driver.switchTo().window(window).close();
        }
        driver.switchTo().window(windows.get(0));
        driver.get("about:blank");
        driver.executeCdpCommand("Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "all"));
        driver.manage().deleteAllCookies();
        complaints();
    }
}
