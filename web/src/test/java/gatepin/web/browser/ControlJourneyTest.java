package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Contactors as a person meets them: the auger's box, and one that somebody else wired. */
class ControlJourneyTest {
    private final Browser browser = new Browser();

    @BeforeEach
    void wide() {
        browser.screen(1280, 800);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    private String auger() {
        return new Gates(new Visit(browser.address())).demo("Seed auger");
    }

    /** A key that is held or let go. */
    private void key(String event, String key) {
        browser.script("window.dispatchEvent(new KeyboardEvent(arguments[0], {key: arguments[1]}))", event, key);
    }

    @Test
    @DisplayName(
            "the auger from its plan to its control circuit: it runs by keyboard, waits for its timer, and its wires are ticked")
    void theAuger() {
        String job = auger();
        browser.go(job + "/switch");
        assertThat(browser.text("main")).contains("K1.1");
        browser.press("Its control circuit");
        browser.untilText(".ticket h1", "Holds");
        // before its timer has run nothing starts
        key("keydown", "f");
        browser.untilText("#run-status", "Nothing is in");
        browser.untilText("#run-status", "K1 in");
        key("keyup", "f");
        assertThat(browser.all("svg.ladder .load.is-live")).isNotEmpty();
        browser.untilText("#run-status", "turns FORWARD");
        key("keydown", "s");
        browser.untilText("#run-status", "Nothing is in");

        browser.go(job + "/cold");
        assertThat(browser.text("main")).doesNotContain("went wrong");
    }

    @Test
    @DisplayName("a box with its interlock left out, entered by keyboard, is found, replayed and mended")
    void stranger() {
        String job = new Gates(new Visit(browser.address())).wireListOfASixLeadMotor("Keyed ladder");
        browser.go(job + "/control");
        browser.press("Check one that is there already");
        browser.one("#own").clear();
        browser.one("#own")
                .sendKeys(
                        "S0 stop\nS1 button forward\nS2 button reverse\nF2 overload\nK1 contactor forward\n"
                                + "K2 contactor reverse\nshared: S0 nc - F2 nc\nK1: S1 no or K1 no\nK2: (S2 no or K2 no) - K1 nc\n");
        browser.tabTo("form[action$='/text'] button");
        browser.keys(Keys.ENTER);
        browser.untilText(".ticket h1", "Not to get power");
        browser.press("Show how it fails");
        browser.untilText("main", "How it fails");
        var steps = browser.all(".events .event-step");
        steps.get(steps.size() - 1).click();
        assertThat(browser.all(".events .event-step.shown")).hasSize(1);
        assertThat(browser.all("svg.ladder .touch.is-closed")).isNotEmpty();
        browser.press("Do that");
        browser.untilText(".ticket h1", "Holds");
        browser.screen(390, 844).reload();
        assertThat(browser.script("return document.documentElement.scrollWidth <= 391"))
                .as("a telephone slides the ladder, not the page")
                .isEqualTo(true);
    }

    /** Types a ladder in place of the one that is there. */
    private void ladder(String text) {
        browser.press("Check one that is there already");
        browser.one("#own").clear();
        browser.one("#own").sendKeys(text);
        browser.tabTo("form[action$='/text'] button");
        browser.keys(Keys.ENTER);
    }

    @Test
    @DisplayName(
            "a control circuit that is opposite to the wired plan keeps the pin; with lamps in it, the dead check has them out and tells every coil")
    void oppositeToItsPlanAndLamps() {
        String job = new Gates(new Visit(browser.address())).bringIn("Opposite ladder");
        Visit visit = new Visit(browser.address());
        Gates gates = new Gates(visit);
        visit.go(job + "/plate");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("40")
                .passRotation();
        gates.chooseSwitch("Two contactors, four poles");
        visit.press("Use plan A");
        String parts = "S0 stop\nS1 button forward\nS2 button reverse\nF2 overload\nH1 lamp\nH2 lamp\n";
        String rungs = "shared: S0 nc - F2 nc\nK1: (S1 no or K1 no) - K2 nc\nK2: (S2 no or K2 no) - K1 nc\n"
                + "H1 direct: K1 no\nH2 direct: K2 no\n";
        browser.go(job + "/control");
        ladder(parts.replace("button forward", "button x")
                        .replace("button reverse", "button forward")
                        .replace("button x", "button reverse")
                + "K1 contactor reverse\nK2 contactor forward\n" + rungs);
        browser.untilText(".ticket h1", "Not to get power");
        assertThat(browser.text(".ticket")).contains("in the power circuit");
        browser.go(job + "/switch");
        assertThat(browser.text("main")).contains("control circuit");

        browser.go(job + "/control");
        ladder(parts + "K1 contactor forward\nK2 contactor reverse\n" + rungs);
        browser.untilText(".ticket h1", "Holds");
        browser.go(job + "/cold");
        assertThat(browser.text("#dead"))
                .contains("every pilot lamp out", "coil K1", "coil K2")
                .doesNotContain("lamp H1");
    }
}
