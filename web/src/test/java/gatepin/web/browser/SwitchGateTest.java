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

/** The gates Switch and Wire on the demo's machines, each to a fully ticked wire list; and the map of a switch. */
class SwitchGateTest {
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

    /** Ticks every wire by its key, and pulls the pin. */
    private void tickEveryWire() {
        int wires = browser.all(".step").size();
        for (int made = 1; made <= wires; made++) {
            browser.keys("t");
            browser.untilText("[x-ref=said]", made == wires ? "Every wire is made" : made + " of " + wires + " made");
        }
        assertThat(browser.all(".step.is-made")).hasSize(wires);
        shop.pullPin();
        assertThat(browser.path()).contains("/paper");
    }

    @Test
    void theScratterIsWiredOnItsDrum() {
        String job = shop.demo("Apple scratter");
        browser.go(job + "/switch");
        assertThat(browser.text(".ticket"))
                .contains("As found, it is wired right", "both lines broken", "as the plate shows", "one line broken");
        browser.press("What the plan must have");
        assertThat(browser.text(".ticket")).contains("As found: T1 on 5, L1 on 6, T5 on 1, T8 on 4, T4 on 2, L2 on 2");

        shop.takePlanOfThePlate();
        assertThat(browser.text(".wire-facts")).contains("14 AWG", "cut 6 ft");
        assertThat(browser.text("#buy")).contains("Motor cable: 6 ft of 6 conductors", "connector listed for", "in³");
        browser.type("#motorCable", "long").press("Count again");
        assertThat(shop.complaints()).singleElement().asString().contains("“long” is no length");
        assertThat(browser.one("#motorCable").getAttribute("value")).isEqualTo("long");
        browser.type("#motorCable", "3,2").press("Count again");
        assertThat(browser.text("#buy")).contains("Motor cable: 4.5 ft");
        tickEveryWire();
    }

    @Test
    void whatIsThereAlreadyMayStay() {
        String job = shop.demo("Apple scratter");
        browser.go(job + "/switch").press("What the plan must have");
        browser.type("#kept", "T5 on 1, T8 on 4, L1 on 6").press("Plan with these");
        assertThat(browser.text(".ticket")).contains("as the plate shows");
        browser.press("What the plan must have")
                .type("#kept", "T5 on 1, T8 on 1")
                .press("Plan with these");
        assertThat(browser.text("main")).contains("No plan has all that you ask", "wires that stay");
        browser.press("What the plan must have").type("#kept", "").press("Plan with these");
        assertThat(browser.text(".ticket")).contains("nothing hot in OFF, both lines broken");
    }

    @Test
    void theExtractorIsWiredOnAThreePoleToggle() {
        String job = shop.demo("Honey extractor");
        browser.go(job + "/switch");
        shop.chooseSwitch("DPDT toggle, centre off");
        assertThat(browser.text("main")).contains("This switch cannot turn it off", "3PDT toggle, centre off");
        shop.chooseSwitch("3PDT toggle, centre off");
        assertThat(browser.text(".ticket"))
                .contains("nothing hot in OFF", "Four conductors")
                .doesNotContain("switches the neutral");
        assertThat(browser.text("svg.bench.wide-only")).contains("CAPACITOR", "C1", "C2");
        browser.press("Use plan A, pull the pin");
        assertThat(browser.text("#buy")).contains("Run capacitor: 10 µF", "push-on terminal");
        assertThat(browser.all(".step").stream().map(WebElement::getText))
                .anyMatch(t -> t.contains("C1"))
                .anyMatch(t -> t.contains("C2"));
        tickEveryWire();
    }

    @ParameterizedTest(name = "{0} at {1} V")
    @CsvSource(
            delimiter = '|',
            value = {
                "P1 P2 T1 T2 T3 T4 T5 T8 | 230 | TWO_HOT | P1 | T4 T8 | P2 T1; T2 T3 T5",
                "P1 P2 P3 T1 T2 T3 T4 T5 T8 | 230 | TWO_HOT | P1 | T4 T8 | P2 T1; T2 T3 T5",
                "P1 P2 P3 T1 T2 T3 T4 T5 T8 | 115 | HOT_AND_NEUTRAL | P1 | T2 T4 T8 | P2 T1 T5; P3 T3"
            })
    void aMotorWithAProtectorGoesFromItsPlateToATickedWireList(
            String leads, String volts, String kind, String line1, String line2, String joined) {
        shop.bringIn("Protected " + leads.length() + " " + volts);
        shop.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        shop.typeLeads(leads.split(" "))
                .typeColumn(volts, kind, line1, line2, joined, "T5 T8")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("12")
                .passRotation();
        shop.chooseSwitch("Cross-corner drum");
        assertThat(browser.text(".ticket")).contains("opposite ways");
        assertThat(browser.all("svg.bench .wire")).isNotEmpty();
        browser.press("Use plan A, pull the pin");
        tickEveryWire();
    }

    @Test
    void aPlanIsTakenByWhatItIsAndNotByItsPlaceInAList() {
        String job = shop.wireListOfASixLeadMotor("Two windows");
        browser.go(job + "/switch");
        String shown = browser.one("form[action$='/switch/plan'] input[name='plan'], a[href*='plan=']")
                .getAttribute("outerHTML");
        assertThat(shown).containsPattern("[0-9a-f]{12}");
        browser.go(job + "/switch?plan=0123456789ab");
        assertThat(browser.text(".ticket")).contains("plan ");
    }

    @Test
    void aPinDropsWhenItsEvidenceNoLongerHoldsWhateverChanged() {
        String job = shop.wireListOfASixLeadMotor("Outgrown machine");
        browser.go(job + "/switch").press("Switch: Cross-corner drum");
        browser.type("#rating", "1/4 HP 240 V");
        shop.chooseSwitch("Cross-corner drum");
        assertThat(shop.post("Switch")).isEqualTo("pin dropped");
        assertThat(browser.text(".ticket")).contains("The switch is not for this motor");
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
    void theDrillsCamIsMappedWithTheMeterAndWired() {
        String job = shop.demo("Tapping drill");
        browser.go(job + "/switch/map");
        assertThat(browser.text(".ticket")).contains("0 of 198 pairs");
        int probes = 0;
        while (browser.all(".ticket form").isEmpty() && probes < 120) {
            browser.press("Hold the simulated meter on");
            probes++;
        }
        assertThat(probes).as("deduced, not probed pair by pair").isLessThan(99);
        assertThat(browser.text(".ticket"))
                .contains(
                        "All 198 pairs are known",
                        "1–7, 3–9, 5–11, 6–12",
                        "wired inside like the Cam switch, 12 terminals");

        browser.press("Use this switch");
        assertThat(browser.text(".ticket")).contains("Four conductors", "No motor lead is hot in OFF");
        browser.press("Use plan A, pull the pin");
        tickEveryWire();
    }

    @Test
    void theWinchTakesOnlyAHandleThatSpringsBack() {
        String job = shop.demo("Hay-loft winch");
        browser.go(job + "/switch");
        shop.chooseSwitch("Centre-swap drum");
        assertThat(browser.text(".ticket")).contains("This handle stays where it is put");
        browser.press("Switch: Centre-swap drum");
        browser.type("#rating", "1/2 HP 240 V");
        shop.chooseSwitch("spring return");
        assertThat(browser.text(".ticket"))
                .contains("The switch is not for this motor")
                .doesNotContain("stays where it is put");
        browser.press("Switch: Cross-corner drum, spring return");
        browser.type("#rating", "2 HP 240 V");
        shop.chooseSwitch("Cross-corner drum, spring return");
        assertThat(browser.text(".ticket")).doesNotContain("The switch is not for this motor");
        browser.press("Use plan A, pull the pin");
        tickEveryWire();
    }

    @Test
    void wishesNarrowThePlansAndSayWhatAsksTooMuch() {
        String job = shop.wireListOfASixLeadMotor("Wishing machine");
        browser.go(job + "/switch").press("What the plan must have");
        browser.type("#mostConductors", "few")
                .type("#unusable", "9")
                .type("#kept", "T5 1 2")
                .press("Plan with these");
        assertThat(shop.complaints())
                .hasSize(3)
                .anyMatch(c -> c.contains("“few” is no number"))
                .anyMatch(c -> c.contains("no terminal 9"))
                .anyMatch(c -> c.contains("“T5 1 2” is no wire"));
        assertThat(browser.one("#kept").getAttribute("value")).isEqualTo("T5 1 2");

        browser.type("#mostConductors", "3")
                .type("#unusable", "")
                .type("#kept", "")
                .press("Plan with these");
        assertThat(browser.all(".plan-choice strong").stream()
                        .map(WebElement::getText)
                        .filter(t -> t.matches("[A-Z]\\. .*")))
                .isNotEmpty()
                .allMatch(t -> t.contains("Three conductors"));
        browser.press("What the plan must have").type("#mostConductors", "2").press("Plan with these");
        assertThat(browser.text("main")).contains("No plan has all that you ask", "at most 2 conductors");
        browser.press("What the plan must have")
                .type("#mostConductors", "")
                .type("#kept", "T5 on 1")
                .press("Plan with these");
        assertThat(browser.text(".ticket")).contains("What the plan must have: asked", "nothing hot in OFF");
    }

    @Test
    void aMapThatContradictsItselfIsSaidPlainlyAndNothingIsLost() {
        String job = shop.wireListOfASixLeadMotor("Mapped machine");
        browser.go(job + "/switch/map").type("#face", "A B / B C").press("Lay the face out");
        assertThat(shop.complaints())
                .anyMatch(c -> c.contains("two terminals B"))
                .anyMatch(c -> c.contains("Give the switch a name"));
        assertThat(browser.one("#face").getAttribute("value")).isEqualTo("A B / B C");
        browser.type("#name", "Box without labels")
                .type("#face", "A B / C D / E F")
                .press("Lay the face out");

        probe("A", "B", "It buzzes");
        probe("B", "C", "It buzzes");
        probe("A", "C", "Silent");
        assertThat(browser.text(".ticket"))
                .contains("A–C cannot be silent at FORWARD", "A to B to C buzzed", "not settled yet");
        assertThat(browser.text("main")).contains("3 readings");
        probe("A", "C", "It buzzes");
        assertThat(browser.text(".ticket")).doesNotContain("cannot be silent");

        browser.press("Its chart is printed somewhere")
                .type("#forward", "A-C B-D E-F")
                .type("#reverse", "A-B C-X")
                .press("Write the chart down");
        assertThat(shop.complaints()).singleElement().asString().contains("X, which is not on the face");
        browser.type("#reverse", "A-B C-D E-F").press("Write the chart down");
        assertThat(browser.text(".ticket")).contains("wired inside like the Cross-corner drum");
        browser.press("Use this switch");
        assertThat(shop.post("Switch")).as("another switch is another plan").isEqualTo("pin dropped");
        assertThat(browser.text(".ticket")).contains("Box without labels", "Five conductors");
    }

    private void probe(String a, String b, String says) {
        browser.choose("#a", a).choose("#b", b).press(says);
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
}
