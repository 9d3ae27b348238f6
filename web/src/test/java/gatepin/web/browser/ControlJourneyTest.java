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

        browser.one("#wires summary").click();
        browser.all("#wires button").get(0).click();
        browser.untilText("#wires .made", "made");
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
}
