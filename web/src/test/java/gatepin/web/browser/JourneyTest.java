package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** From a machine's name to a fully ticked wire list, as a person does it. */
class JourneyTest {
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

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800", "390, 844"})
    void fromAPlateToAWiredDrumSwitch(int width, int height) {
        browser.screen(width, height);
        String job = shop.bringIn("Journey machine " + width);
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725");
        assertThat(browser.text(".ticket")).contains("4 poles", "1800 rpm");
        shop.pullPin();

        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(browser.text(".ticket")).contains("T2 + T3 + T5");
        shop.pullPin().relyOnTheMarks();

        assertThat(browser.text(".ticket")).contains("Recommended: 230 V, two hots");
        assertThat(browser.text(".sheet")).contains("14 AWG copper", "NEC 430.22", "NEMA 6-15");
        shop.passSupply("40").passRotation();

        shop.chooseSwitch("Cross-corner drum");
        assertThat(browser.text(".ticket")).contains("nothing hot in OFF, both lines broken");
        shop.lookAtThePlanOfThePlate();
        assertThat(browser.text(".ticket h1")).isEqualTo("Five conductors, no jumpers");
        assertThat(shownContacts()).containsExactlyInAnyOrder("1–3", "2–4", "5–6");
        assertThat(browser.text(".sheet")).contains("L1 → T1 (run 1) T2 → T3 (run 2) T4 → L2");
        browser.press("REVERSE");
        assertThat(shownContacts()).containsExactlyInAnyOrder("1–2", "3–4", "5–6");
        browser.press("OFF");
        assertThat(shownContacts()).isEmpty();
        assertThat(browser.text(".sheet")).contains("Stays hot", "T1 T2 T3 T4");
        assertThat(hotDots()).as("dots along the wires that stay hot").isPositive();

        assertThat(shop.flags()).as("flags beside the leads that stay hot").isEqualTo(5);
        assertThat(browser.text(".ticket")).contains("FORWARD and REVERSE turn opposite ways", "T1, T2, T3, T4 sit at");

        browser.press("Use plan C, pull the pin");
        int wires = browser.all(".step").size();
        assertThat(browser.all(".step[data-section=GEAR]")).hasSize(11);
        assertThat(browser.all(".step[data-section=AHEAD]"))
                .as("what stands ahead")
                .isNotEmpty();
        for (int made = 1; made <= 3; made++) {
            browser.press("Made. Next wire");
            browser.untilText("[x-ref=said]", made + " of " + wires);
        }
        browser.reload();
        assertThat(browser.all(".step.is-made")).as("ticks outlive a reload").hasSize(3);
        for (int made = 4; made < wires; made++) {
            browser.press("Made. Next wire");
            browser.untilText("[x-ref=said]", made + " of " + wires);
        }
        browser.press("Made. Next wire");
        browser.untilText("[x-ref=said]", "Every wire is made");
        browser.press("Pull the pin");
        browser.untilText(".expects", "It should show");
        browser.go(job + "/papers/cover");
        browser.untilText("h2", "FORWARD");
        assertThat(browser.text("main")).contains("T1 T2 T3 T4 stay hot");
        assertThat(browser.script("return [...document.querySelectorAll('svg.bench')].map(s => s.dataset.at).join()"))
                .as("each drawing on the paper stands at the position its words speak of")
                .isEqualTo("forward,reverse");
        browser.go(job + "/log");
        assertThat(browser.text("table")).contains("Wire: pin pulled.", "Plan chosen: five conductors, no jumpers.");
        assertThat(browser.complaints()).isEmpty();
    }

    private List<String> shownContacts() {
        return browser.all("svg.bench .contact").stream()
                .filter(c -> !"none".equals(c.getCssValue("stroke")) && c.isDisplayed())
                .map(c -> (String) browser.script("return arguments[0].querySelector('title').textContent", c))
                .toList();
    }

    private long hotDots() {
        return browser.all("svg.bench .dots").stream()
                .filter(d -> !"none".equals(d.getCssValue("stroke")))
                .count();
    }

    @Test
    void theKeyboardIsEnough() {
        browser.go("/").one(".yard");
        browser.keys(Keys.ENTER);
        browser.tabTo("#machine").keys("Keyboard machine").keys(Keys.ENTER);
        browser.tabTo("input[name='disconnect']").keys(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN);
        browser.tabTo("input[name='noCapacitor']").keys(Keys.SPACE, Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        assertThat(
                        browser.script(
                                "sessionStorage.setItem('gatepin:entered', Date.now());"
                                        + "return document.body.dispatchEvent(new KeyboardEvent('keydown', {key: 'Enter', bubbles: true, cancelable: true}))"))
                .as("a double Enter pulls no pin")
                .isEqualTo(false);
        goOn();
        browser.tabTo("input[name='nothingConnected']").keys(Keys.SPACE, Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        goOn();
        browser.tabTo("#output").keys("1/2");
        browser.tabTo("#lowVolts").keys("115");
        browser.tabTo("#lowAmps").keys("9.8");
        browser.tabTo("#hertz").keys("60");
        browser.tabTo("#rpm").keys("1725").keys(Keys.ENTER);
        browser.one(".finding");
        goOn();

        browser.tabTo("[name='leads[0].mark']").keys("T1");
        browser.tabTo("[name='leads[1].mark']").keys("T4");
        browser.tabTo("[name='leads[2].mark']").keys("T5");
        browser.tabTo("[name='leads[3].mark']").keys("T8");
        browser.tabTo("#line1").keys("T1+T5");
        browser.tabTo("#line2").keys("T4 and T8");
        browser.tabTo("#swap").keys("T5, T8").keys(Keys.ENTER);
        browser.untilText(".ticket", "T1 + T5");
        goOn();
        browser.tabTo("button[name='trusted']").keys(Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        goOn();

        browser.tabTo("#distance").keys("25").keys(Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        goOn();
        browser.tabTo("button[value='DRILL']").keys(Keys.ENTER);
        browser.untilText(".notice[role='status']", "Drawn as it stands here");
        browser.tabTo("#work").keys(Keys.chord(Keys.CONTROL, "a"), "forward");
        browser.tabTo("#back").keys(Keys.chord(Keys.CONTROL, "a"), "reverse");
        browser.tabTo("#coast").keys("3").keys(Keys.ENTER);
        browser.untilText(".sheet", "Saved.");
        goOn();

        browser.tabTo("input[name='device']").keys(Keys.SPACE, Keys.ENTER);
        browser.one("svg.bench");
        browser.keys("r");
        assertThat(browser.one(".handle button[value='reverse']").getAttribute("aria-pressed"))
                .isEqualTo("true");
        goOn();

        browser.one(".big-wire");
        int wires = browser.all(".step").size();
        browser.keys("t");
        browser.untilText("[x-ref=said]", "1 of " + wires);
        browser.keys(Keys.ARROW_DOWN, "t");
        browser.untilText("[x-ref=said]", "2 of " + wires);
        assertThat(browser.all(".step.is-made")).hasSize(2);
        browser.keys("?");
        assertThat(browser.one("dialog").isDisplayed()).isTrue();
    }

    /** Enter, as one presses it who has seen the page: not as the second half of a double Enter. */
    private void goOn() {
        browser.until(d -> Boolean.TRUE.equals(
                browser.script("return Date.now() - Number(sessionStorage.getItem('gatepin:entered') || 0) > 500")));
        browser.keys(Keys.ENTER);
    }

    @Test
    void aTickIsNotShownBeforeItIsSaved() {
        shop.wireListOfASixLeadMotor("Lost answer machine");
        browser.script("window.fetch = () => Promise.reject(new Error('no answer'))");

        browser.press("Made. Next wire");

        browser.untilText("[x-ref=said]", "Not saved");
        assertThat(browser.all(".step.is-made")).isEmpty();
    }

    @Test
    void changingTheVoltageDropsThePinsThatReliedOnItAndSaysWhy() {
        String job = shop.wireListOfASixLeadMotor("Voltage machine");
        browser.go(job + "/diagram?volts=115");
        shop.typeColumn("115", "HOT_AND_NEUTRAL", "T1 T3 T5", "T2 T4 T8", "", "T5 T8");

        assertThat(browser.text(".sheet"))
                .contains("Saved. Pins further on dropped", "changed from 230 V (two hots) to 115 V");
        assertThat(shop.post("Plate")).isEqualTo("passed");
        assertThat(shop.post("Switch")).isEqualTo("pin dropped");
        browser.go(job + "/switch");
        assertThat(browser.text(".ticket h1"))
                .as("another voltage, another plan")
                .contains("Four conductors, one jumper");
    }

    @Test
    void aGateIsNotPassedWithoutItsEvidenceButByAReason() {
        String job = shop.bringIn("Override machine");
        assertThat(browser.text(".ticket")).contains("The plate is not read yet");

        browser.press("Pass without it")
                .type("#reason", "plate painted over, motor known")
                .press("by override");

        browser.go(job + "/plate");
        assertThat(shop.post("Plate")).isEqualTo("passed by override");
        browser.go(job + "/papers/sheet");
        assertThat(browser.text("main")).contains("plate painted over, motor known");
    }

    @Test
    void twoPeopleEditingAreToldAndLoseNothing() {
        String job = shop.bringIn("Two tabs machine");
        String first = browser.newTab(job + "/plate");
        shop.typePlate("1/3", "115", "7.2", "", "", "1725");
        browser.switchTo(first);
        shop.typePlate("1/2", "115", "9.8", "", "", "1725");

        assertThat(browser.text(".notice.stop")).contains("Somebody saved this", "1/3 hp", "1/2 hp");
        assertThat(browser.one("#output").getAttribute("value"))
                .as("what was typed stays")
                .isEqualTo("1/2");
        browser.press("Save the plate");
        assertThat(browser.text(".sheet")).contains("Saved.");
    }

    @Test
    void badInputGetsAMessageByTheFieldAndLosesNothing() {
        String job = shop.bringIn("Bad input machine");
        shop.typePlate("lots", "115", "minus", "", "", "1800");
        assertThat(shop.complaints())
                .anyMatch(c -> c.contains("“lots” is no power"))
                .anyMatch(c -> c.contains("“minus”"));
        assertThat(browser.one("#output").getAttribute("value")).isEqualTo("lots");
        shop.typePlate("3/4", "115", "2", "", "", "1725");
        assertThat(shop.complaints()).singleElement().asString().contains("more comes out than goes in");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725");

        browser.go(job + "/diagram");
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1 T9", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("This motor has no lead T9"));
        assertThat(browser.one("#line1").getAttribute("value")).isEqualTo("T1 T9");
        shop.typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5 T4", "T4 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("T4 is already on L2"));
        shop.typeColumn("208", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        assertThat(shop.complaints()).anyMatch(c -> c.contains("no column for 208 V"));
    }

    @Test
    void aSwitchThatCannotDoItIsSaidPlainly() {
        String job = shop.bringIn("Toggle machine");
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        shop.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("115", "HOT_AND_NEUTRAL", "T1 T3 T5", "T2 T4 T8", "", "T5 T8")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("10")
                .passRotation();
        shop.chooseSwitch("DPDT toggle, centre off");

        assertThat(browser.text(".sheet"))
                .contains("This switch cannot turn it off", "one more pole", "Cross-corner drum; Centre-swap drum");
        shop.chooseSwitch("Centre-swap drum");
        assertThat(browser.path()).startsWith(job + "/switch");
        assertThat(browser.all("svg.bench")).isNotEmpty();
    }

    @Test
    void whatIsTypedButNotSavedOutlivesAReload() {
        shop.bringIn("Draft machine");
        browser.type("#output", "1-1/2").reload();

        WebElement output = browser.one("#output");
        browser.until(d -> output.isDisplayed());
        assertThat(browser.one("#output").getAttribute("value")).isEqualTo("1-1/2");
        assertThat(browser.text(".sheet")).contains("typed before but not saved");
    }
}
