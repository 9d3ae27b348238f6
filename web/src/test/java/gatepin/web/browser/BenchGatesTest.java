package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The gates of the bench: Safe, As found, Windings. */
class BenchGatesTest {
    private Browser browser;
    private Shop shop;

    @BeforeEach
    void openBrowser() {
        browser = new Browser();
        shop = new Shop(browser);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    @Test
    void theSafePinStaysInUntilEveryCapacitorIsMeasured() {
        String job = shop.open("Charged machine");
        assertThat(browser.text(".ticket-actions")).contains("Say how the machine is disconnected");
        browser.tick("input[name='disconnect'][value='LOCKED']");
        for (String step : List.of("meterBefore", "dead", "meterAfter")) {
            browser.tick("input[name='" + step + "']");
        }
        browser.type("#note", "Breaker 7, my lock").press("Save the lock-out");
        assertThat(browser.text(".ticket-actions")).contains("Write down every capacitor");

        browser.type("#microfarads", "some").type("#volts", "165").press("Add this capacitor");
        assertThat(shop.complaints()).singleElement().asString().contains("“some” is no number of µF");
        assertThat(browser.one("#volts").getAttribute("value")).isEqualTo("165");
        browser.type("#microfarads", "300 MFD").type("#bleedOhms", "15k").press("Add this capacitor");
        assertThat(browser.text(".capacitor"))
                .contains(
                        "hold 8.2 J: enough to hurt", "4.7 kΩ", "Its own resistor of 15 kΩ needs 15 s", "not measured");
        assertThat(browser.text(".ticket-actions")).contains("start capacitor is not measured");

        browser.type(".capacitor [name='measured']", "63").press("Write it down");
        assertThat(browser.text(".ticket")).contains("The start capacitor is charged", "still holds 63 V");
        browser.type(".capacitor [name='measured']", "0,4").press("Write it down");
        assertThat(browser.text(".capacitor")).contains("measured 0.4 V: discharged");
        shop.pullPin();
        assertThat(browser.path()).startsWith(job + "/found");

        browser.go(job + "/safe").type(".capacitor [name='measured']", "35").press("Write it down");
        assertThat(shop.post("Safe"))
                .as("a charge that comes back drops the pin")
                .isEqualTo("pin dropped");
        browser.press("Pass without it")
                .type("#reason", "meter broken, new one tomorrow")
                .press("by override");
        browser.go(job + "/paper");
        assertThat(browser.text("main")).contains("meter broken, new one tomorrow");
        browser.go(job + "/log");
        assertThat(browser.text("main"))
                .as("no measurement is ever taken away")
                .contains("measured: 63.0 V", "measured: 0.4 V", "measured: 35.0 V");
    }

    @Test
    void photosWithPinsSurviveAReloadAndPrint(@TempDir Path folder) throws Exception {
        String job = shop.bringIn("Snapped machine");
        browser.go(job + "/found");
        Path picture = folder.resolve("wires.png");
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(800, 500, java.awt.image.BufferedImage.TYPE_INT_RGB),
                "png",
                picture.toFile());
        browser.one("#photo").sendKeys(picture.toString());
        browser.press("Add the photo");
        WebElement image = browser.one(".snap img");
        browser.until(d -> Boolean.TRUE.equals(
                browser.script("return arguments[0].complete && arguments[0].naturalWidth === 800", image)));
        browser.script("arguments[0].scrollIntoView({block: 'center'})", image);
        browser.at(image, 100, -40);
        browser.type(".pin-form [name='mark']", "T5")
                .type(".pin-form [name='colour']", "black")
                .type(".pin-form [name='bands']", "2")
                .press("Set the pin");
        browser.reload();
        assertThat(browser.text(".pins")).contains("T5", "black, 2 bands");
        assertThat(pinLeft()).isBetween(55.0, 95.0);

        // the pin fills the row in hand
        browser.script("document.querySelector(\"[name='wires[0].oneEnd']\").focus()");
        browser.one(".pin-name").click();
        assertThat(value("wires[0].oneEnd") + value("wires[0].colour") + value("wires[0].bands"))
                .isEqualTo("T5black2");
        browser.press("cap 1");
        assertThat(value("wires[0].otherEnd")).isEqualTo("cap 1");

        browser.go(job + "/found/labels");
        assertThat(browser.text("main")).contains("Photos with their pins", "T5, black, bands: 2");
        assertThat(pinLeft()).isBetween(55.0, 95.0);

        Path text = Files.writeString(folder.resolve("wires.jpg"), "no picture");
        browser.go(job + "/found").one("#photo").sendKeys(text.toString());
        browser.press("Add the photo");
        assertThat(shop.complaints()).singleElement().asString().contains("no JPEG, PNG or WebP");
        assertThat(browser.all(".snap img")).as("the photo before is kept").hasSize(1);

        Path large = folder.resolve("large.jpg");
        try (var file = new java.io.RandomAccessFile(large.toFile(), "rw")) {
            file.setLength(60_000_000);
        }
        browser.type("[name='wires[0].mark']", "T5").one("#photo").sendKeys(large.toString());
        browser.press("Add the photo");
        assertThat(shop.complaints()).singleElement().asString().contains("at most 12 MB");
        assertThat(browser.all(".snap img")).hasSize(1);
        assertThat(value("wires[0].mark")).as("what was typed is kept").isEqualTo("T5");
    }

    private double pinLeft() {
        browser.one(".pin[data-x]");
        return Double.parseDouble(((String) browser.until(d -> {
                    Object left = browser.script("return document.querySelector('.pin[data-x]').style.left");
                    return String.valueOf(left).isEmpty() ? null : left;
                }))
                .replace("%", ""));
    }

    private String value(String name) {
        return browser.one("[name='" + name + "']").getAttribute("value");
    }

    @Test
    void theWiringAsFoundIsHeldAgainstTheDiagramAndLabelsArePrinted() {
        String job = shop.wireListOfASixLeadMotor("Wired machine");
        browser.go(job + "/found").tick("input[name='nothingConnected']");
        String[][] wires = {
            {"T1", "T1", "switch 5"},
            {"", "switch 6", "L1"},
            {"T5", "T5", "switch 1"},
            {"T8", "T8", "switch 4"},
            {"T2", "T2", "nut a"},
            {"T3", "T3", "nut a"},
            {"", "nut a", "switch 3"},
            {"T4", "T4", "switch 2"},
            {"", "switch 2", "L2"},
            {"", "frame", "ground"},
            {"6", "lamp", "switch 2"}
        };
        for (int i = 0; i < wires.length; i++) {
            if (!browser.one("[name='wires[" + i + "].mark']").isDisplayed()) {
                browser.press("One more wire");
            }
            browser.type("[name='wires[" + i + "].mark']", wires[i][0])
                    .type("[name='wires[" + i + "].oneEnd']", wires[i][1])
                    .type("[name='wires[" + i + "].otherEnd']", wires[i][2]);
        }
        browser.type("[name='wires[10].aside']", "work lamp").press("Save the wires");
        assertThat(browser.text(".ticket"))
                .contains(
                        "What is there equals the diagram for 230 V",
                        "L1 + T1; L2 + T4 + T8; T2 + T3 + T5",
                        "The wire 2 belongs to T1: it gets there through contacts",
                        "FORWARD and REVERSE turn opposite ways");
        assertThat(browser.all("svg.bench .wire")).isNotEmpty();
        assertThat(shop.post("As found")).isEqualTo("pin dropped");

        browser.type("[name='wires[3].otherEnd']", "switch 3").press("Save the wires");
        assertThat(browser.text(".ticket")).contains("In FORWARD it is not what the diagram shows for 230 V");

        browser.type("[name='wires[3].otherEnd']", "%&/").press("Save the wires");
        assertThat(shop.complaints()).singleElement().asString().contains("cannot be a place");
        assertThat(value("wires[3].otherEnd")).isEqualTo("%&/");
        browser.type("[name='wires[3].otherEnd']", "switch 4")
                .press("Save the wires")
                .press("Labels to print");
        assertThat(browser.all(".flag-label")).as("two for each wire").hasSize(2 * wires.length);
        assertThat(browser.all(".flag-label .underline").stream().map(WebElement::getText))
                .containsOnly("6", "9");
    }

    @Test
    void theBlowersFiveWiresAreMeasuredWithTheSimulatedMeterAndMarked() {
        browser.go("/").all(".stall").stream()
                .filter(e -> e.getText().contains("Sorting-belt blower"))
                .findFirst()
                .orElseThrow()
                .click();
        browser.one(".post");
        String job = browser.path().replaceAll("(/jobs/\\d+).*", "$1");
        browser.go(job + "/windings");
        assertThat(browser.text(".ticket")).contains("Next: 1 and 2");
        int asked = 0;
        while (browser.text(".ticket").contains("Next:")) {
            assertThat(asked++).as("readings taken").isLessThan(13);
            browser.press("Hold the simulated meter on");
        }
        assertThat(browser.all(".named p").stream()
                        .map(p -> p.getText().lines().limit(2).collect(Collectors.joining(": "))))
                .containsExactlyInAnyOrder(
                        "1 – 4: half of the run winding", "2 – 5: half of the run winding", "3 – 5: start winding");
        assertThat(browser.text(".named")).contains("Ω: like the other half");
        assertThat(browser.text(".ticket")).contains("The common lead is 5.");
        assertThat(browser.text(".ticket")).contains("Settled: two run halves and a start winding");
        assertThat(browser.all(".lead-ring .chord.run")).hasSize(2);
        assertThat(browser.all(".lead-ring .chord.start")).hasSize(1);

        browser.type("#fedVolts", "12").type("#seriesVolts", "12.2").press("Write the test down");
        assertThat(shop.complaints()).singleElement().asString().contains("near nothing or near double");
        browser.type("#fedVolts", "12").type("#seriesVolts", "0.7").press("Write the test down");
        assertThat(browser.text(".ticket")).contains("like ends were joined");

        assertThat(browser.all(".marks").get(1).getText())
                .as("the other scheme")
                .contains("U1", "V2", "Z1");
        browser.press("Mark them T1 to T8");
        assertThat(browser.path()).startsWith(job + "/diagram");
        assertThat(browser.all(".lead-row").stream()
                        .limit(5)
                        .map(r ->
                                r.findElement(By.cssSelector("[name$='.mark']")).getAttribute("value")
                                        + r.findElement(By.cssSelector("[name$='.colour']"))
                                                .getAttribute("value")
                                        + r.findElement(By.tagName("select")).getAttribute("value")))
                .containsExactly("T11", "T24", "T35run 2 + start 1", "T42", "T53");
    }

    @Test
    void readingsAreTypedOnTheNumberPadAndNothingTypedIsLost() {
        String job = shop.bringIn("Measured machine");
        browser.go(job + "/windings").type("#leads", "1 2 2").press("Put them on the pad");
        assertThat(shop.complaints()).singleElement().asString().contains("2 is here twice");
        browser.type("#leads", "1 2 3 4 H").type("#aside", "H: heater contact").press("Put them on the pad");

        browser.choose("#a", "1").choose("#b", "2").type("#zero", "0.2");
        for (String key : List.of("6", ".", "2")) {
            browser.one(".keypad button[value='" + key + "']").click();
        }
        browser.press("Write it down");
        assertThat(browser.text(".lead-ring")).contains("6.00 Ω");
        assertThat(browser.one("#zero").getAttribute("value"))
                .as("the zero is kept")
                .isEqualTo("0.20");

        browser.choose("#a", "3").choose("#b", "4").type("#ohms", "1b6").press("Write it down");
        assertThat(shop.complaints()).singleElement().asString().contains("“1b6” is no reading");
        assertThat(browser.one("#ohms").getAttribute("value")).isEqualTo("1b6");
        browser.type("#ohms", "-16").press("Write it down");
        assertThat(shop.complaints()).singleElement().asString().contains("less than nothing");
        browser.type("#ohms", "16.2").press("Write it down");
        browser.choose("#a", "1").choose("#b", "3");
        browser.one(".keypad button[value='OL']").click();
        browser.press("Write it down");
        assertThat(browser.text(".ticket")).contains("1 – 2", "3 – 4", "Settled: run and start winding");

        // the same pair again, with another reading
        browser.choose("#a", "1").choose("#b", "2").type("#ohms", "9").press("Write it down");
        assertThat(browser.text(".ticket")).contains("1 to 2 read 6.00 Ω, and now 8.80 Ω");
        assertThat(browser.text(".readings")).as("both are kept").contains("6.20 Ω", "9.00 Ω");
        browser.choose("#a", "1").choose("#b", "2").type("#ohms", "6.2" + Keys.ENTER);
        browser.untilText(".ticket", "Settled");
        assertThat(browser.text(".ticket-actions")).contains("To the frame is still to be read: 1, 3");
        for (String lead : List.of("1", "3")) {
            browser.choose("#a", lead).choose("#b", "frame").type("#ohms", "OL").press("Write it down");
        }
        assertThat(browser.text(".ticket-actions")).doesNotContain("frame");
    }

    @Test
    void theShaftsDirectionFollowsFromTheToolAndADangerousReverseHoldsThePin() {
        String job = shop.bringIn("Turning machine");
        browser.go(job + "/rotation")
                .choose("#motion", "LATHE")
                .choose("[name='stages[0].kind']", "BELT")
                .type("[name='stages[0].driver']", "63")
                .type("[name='stages[0].driven']", "big")
                .tick("[name='shaftOtherWay']")
                .tick("[value='SCREWED_ON']")
                .press("Save the rotation");
        assertThat(shop.complaints()).singleElement().asString().contains("“big” is no size");
        assertThat(browser.one("[name='stages[0].driven']").getAttribute("value"))
                .isEqualTo("big");
        browser.type("[name='stages[0].driven']", "126").press("Save the rotation");

        assertThat(browser.all(".end").stream().map(WebElement::getText))
                .containsExactly(
                        "clockwise facing the shaft end", "counter-clockwise facing the end opposite the shaft");
        assertThat(browser.text(".ticket"))
                .contains("The tool turns at about 863 rpm", "Reversing is dangerous: chuck or wheel screwed on");
        assertThat(browser.all(".train .wheel")).hasSize(2);
        assertThat(browser.text(".ticket-actions")).contains("Deal with it and say so");
        browser.tick("[name='secured']").press("Save the rotation");
        assertThat(browser.text(".ticket-actions")).doesNotContain("Deal with it");
    }

    @Test
    void aSwitchThatIsRatedTooLowOrStaysWhereItIsPutIsSaidPlainly() {
        String job = shop.wireListOfASixLeadMotor("Rated machine");
        browser.go(job + "/rotation").choose("#momentary", "true").press("Save the rotation");
        browser.go(job + "/switch");
        browser.press("Switch: Cross-corner drum");
        browser.type("#rating", "1/2 HP 240 V").press("Use this switch");
        assertThat(browser.text(".ticket"))
                .contains(
                        "The switch is not for this motor",
                        "rated for 0.50 hp at 230 V; the motor has 0.75 hp",
                        "This handle stays where it is put");
        browser.press("Switch: Cross-corner drum");
        assertThat(browser.one("#rating").getAttribute("value")).isEqualTo("1/2 HP 240 V");
        browser.type("#rating", "2 HP 240 V");
        shop.chooseSwitch("spring return");
        assertThat(browser.text(".ticket"))
                .contains("FORWARD and REVERSE turn opposite ways")
                .doesNotContain("not for this motor", "stays where it is put");

        browser.press("Switch: Cross-corner drum");
        shop.chooseSwitch("3PDT toggle");
        assertThat(browser.all("svg.bench .stud"))
                .as("nine studs, on a wide sheet and a tall one")
                .hasSize(18);
        assertThat(browser.text(".ticket")).contains("FORWARD and REVERSE turn opposite ways");
    }
}
