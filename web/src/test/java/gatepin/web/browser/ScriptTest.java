package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** What needs a script: taps, keys, photos, what outlives a reload. */
class ScriptTest {
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
    void aPhotoOfThePlateStaysWithTheMotor(@org.junit.jupiter.api.io.TempDir java.nio.file.Path folder)
            throws Exception {
        String job = shop.bringIn("Photo machine");
        java.nio.file.Path picture = folder.resolve("plate.png");
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(640, 400, java.awt.image.BufferedImage.TYPE_INT_RGB),
                "png",
                picture.toFile());
        browser.one("#photo").sendKeys(picture.toString());
        browser.press("Add it");
        browser.one(".photo img");
        browser.go(job + "/plate");
        browser.until(d -> Boolean.TRUE.equals(browser.script(
                "const i = document.querySelector('.photo img'); return i.complete && i.naturalWidth === 640")));
        browser.press("Closer");
        assertThat((String) browser.script("return document.querySelector('.photo-sheet').style.width"))
                .isEqualTo("150%");

        java.nio.file.Path text = java.nio.file.Files.writeString(folder.resolve("plate.jpg"), "no picture");
        browser.one("#photo").sendKeys(text.toString());
        browser.press("Add it");
        assertThat(shop.complaints()).singleElement().asString().contains("no JPEG, PNG or WebP");
        assertThat(browser.all(".photo img")).as("the photo before is kept").hasSize(1);
    }

    @Test
    void leadsAreTappedIntoGroupsAndAMisreadOneIsMended() {
        shop.bringIn("Tapped machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        browser.press("Six leads, two voltages");
        browser.type("#volts", "230").choose("#supplyKind", "TWO_HOT");
        for (String mark : List.of("T1", "T2", "T3", "T4", "T5", "T8")) {
            cross(mark, "nothing");
        }
        assertThat(browser.one("#line1").getAttribute("value")).isEmpty();
        cross("T1", "L1");
        cross("T3", "L2");
        // the keyboard steps along a lead's crossings
        cross("T8", "L1");
        browser.keys(Keys.ARROW_RIGHT);
        for (String mark : List.of("T2", "T4", "T5")) {
            cross(mark, "joined a");
        }
        assertThat(browser.one("#line2").getAttribute("value")).isEqualTo("T3 T8");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket")).contains("Likely misread", "T3 and T4 are mistaken for each other");

        WebElement mend = browser.all(".ticket form").stream()
                .filter(f -> f.getText().contains("T3 and T4"))
                .findFirst()
                .orElseThrow()
                .findElement(org.openqa.selenium.By.tagName("button"));
        browser.script("arguments[0].scrollIntoView({block: 'center'})", mend);
        mend.click();
        browser.untilText(".notice.done", "Compare it with the plate");
        browser.press("Save the diagram");
        assertThat(browser.text(".ticket"))
                .contains("Interchanging really reverses it")
                .doesNotContain("misread");
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
    void whatAScriptCouldNotDoIsSaidBesideIt() {
        String job = shop.wireListOfASixLeadMotor("Forgotten machine");
        browser.go(job + "/wire").online(false);
        browser.press("Made. Next wire");
        browser.untilText("[x-ref=said]", "Not saved: no answer");
        assertThat(browser.all(".step.is-made")).as("nothing is ticked").isEmpty();
        // a page that was open for long goes on
        browser.online(true).forgetCookies();
        browser.press("Made. Next wire");
        browser.until(d -> browser.all(".step.is-made").size() == 1);

        browser.go(job + "/diagram").online(false);
        browser.type("#line1", "T1");
        browser.untilText("[x-ref=failed]", "The crossbar shows what was read last");
        browser.online(true);
    }

    @Test
    void aHandleWithoutOffShowsNoneAndWishesForAnotherSwitchAreTold() {
        String job = shop.wireListOfASixLeadMotor("Straight-across machine");
        browser.go(job + "/switch").press("Switch: ");
        shop.chooseSwitch("3PDT toggle, centre off");
        browser.press("What the plan must have").type("#unusable", "9").press("Plan with these");
        assertThat(browser.text(".ticket")).doesNotContain("What the plan must have names");
        browser.press("Switch: ");
        shop.chooseSwitch("DPDT toggle, no centre");
        assertThat(browser.text(".ticket"))
                .contains("What the plan must have names 9", "no such terminal", "This handle has no OFF");

        assertThat(browser.all(".handle button"))
                .extracting(WebElement::getText)
                .containsExactly("FORWARD", "REVERSE");
        assertThat(browser.text("main")).doesNotContain("hot in OFF", "Stays hot");
        browser.keys("o");
        assertThat(browser.one("svg.bench").getAttribute("data-at")).isEqualTo("forward");
    }

    @Test
    void theMapWorksByKeysAndTaps() {
        String job = shop.wireListOfASixLeadMotor("Keyed machine");
        browser.go(job + "/switch/map")
                .type("#name", "Drum")
                .type("#face", "1 2 / 3 4 / 5 6")
                .press("Lay the face out");
        browser.one("[data-node='1']").click();
        browser.one("[data-node='3']").click();
        assertThat(List.of(
                        browser.one("#a").getAttribute("value"),
                        browser.one("#b").getAttribute("value")))
                .containsExactly("1", "3");
        browser.script("document.activeElement.blur()");
        browser.keys("b");
        browser.untilText(".ticket .words", "1–3");
        browser.one("[data-node='1']").click();
        browser.script("document.activeElement.blur()");
        browser.keys("e");
        browser.untilText("[role='status']", "9 of 45 pairs are known");
        browser.keys(Keys.TAB);
        assertThat(browser.all(".face .bar.joined")).hasSize(1);
    }

    private void cross(String mark, String rail) {
        // the server's answer to the tap before may draw the crossbar anew just now
        browser.until(d -> {
            browser.one(".crossbar input[aria-label='" + mark + " to " + rail + "']")
                    .sendKeys(Keys.SPACE);
            return true;
        });
    }

    @Test
    void lettersAreKeysOfThePageUntilTheyAreTurnedOff() {
        browser.go("/jobs/1/switch").keys("?");
        assertThat(browser.one("dialog[open]").getText()).contains("Letters and digits are keys of the page");
        browser.one("dialog input[type='checkbox']").click();
        browser.press("Close").keys("r");
        assertThat(browser.one(".handle [aria-pressed='true']").getText()).isEqualTo("FORWARD");
        browser.go("/jobs/1/switch").keys("r");
        assertThat(browser.one(".handle [aria-pressed='true']").getText())
                .as("and stay off")
                .isEqualTo("FORWARD");
        browser.keys("?");
        browser.one("dialog input[type='checkbox']").click();
        browser.press("Close").keys("r");
        assertThat(browser.one(".handle [aria-pressed='true']").getText()).isNotEqualTo("FORWARD");

        browser.go("/jobs/1/switch").keys(Keys.TAB);
        assertThat((String) browser.script("return document.activeElement.textContent"))
                .as("the first of all is past the head")
                .isEqualTo("Past the head of the page");
    }

    @Test
    void theLibraryFindsWhatPeopleCallAThingAndBeginsFoldedOnAPhone() {
        browser.go("/library").type("#q", "What is the size of wires?");
        browser.until(d -> browser.one("#conductors").isDisplayed()
                && !browser.one("#cautions").isDisplayed());
        assertThat(browser.one("#cords").isDisplayed()).isTrue();
        assertThat(browser.one("#faces").isDisplayed()).isFalse();
        browser.screen(390, 844).go("/library");
        browser.until(d -> browser.all("details.shelf-part[open]").isEmpty());
        browser.one("#marks summary").click();
        assertThat(browser.one("#marks td").isDisplayed()).isTrue();
    }
}
