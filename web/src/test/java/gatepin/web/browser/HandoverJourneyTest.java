package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Hand over and exchange as a person does them, at both sizes. */
class HandoverJourneyTest {
    private final Browser browser = new Browser();

    @BeforeEach
    void wide() {
        browser.screen(1280, 800);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    @Test
    @DisplayName(
            "what isolates it goes onto the label, both papers are looked at and taken, the last pin comes out by Enter")
    void handOver() {
        Gates gates = new Gates(new Visit(browser.address()));
        String job = gates.wireListOfASixLeadMotor("Handed journey");
        gates.tickEveryWire();
        browser.go(job + "/cold").press("Pass without it").type("#reason", "read before, with another meter");
        browser.press("Pull the pin by override").untilText("h1", "Make it ready");
        browser.press("Pass without it").type("#reason", "ran before");
        browser.press("Pull the pin by override").untilText("h1", "What stays with the machine");
        assertThat(browser.text(".ticket")).contains("Say what isolates the machine");
        browser.type("#isolator", "disconnect 3").press("Write it down");
        browser.untilText(".notice", "Saved");

        browser.go(job + "/papers/danger");
        assertThat(browser.text("main")).contains("Open and lock disconnect 3 before removing covers.");
        browser.press("Back to Hand over");
        for (int paper = 0; paper < 2; paper++) {
            int taken = paper + 1;
            browser.one(".leaf .button.main").click();
            browser.until(d -> browser.all(".leaf.true").size() == taken);
        }
        assertThat(browser.all(".leaf.true")).hasSize(2);
        browser.keys(Keys.ENTER);
        browser.untilText(".fence .here .standing", "passed");
        browser.screen(390, 844).go(job + "/papers/sheet");
        assertThat(browser.text("main")).contains("read before, with another meter", "disconnect 3");
        assertThat(browser.script("return document.documentElement.scrollWidth <= 391"))
                .as("a telephone shows the paper without sliding")
                .isEqualTo(true);
    }

    @Test
    @DisplayName("the three-phase grinder gets the pump's motor from the shelf, and its lane goes on at the plate")
    void exchange() {
        Visit visit = new Visit(browser.address());
        String grinder = new Gates(visit).bringIn("Grinder of the journey");
        browser.go(grinder + "/plate")
                .type("#text", "1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60")
                .press("Read it into the fields");
        browser.press("Save the plate");
        browser.press("Exchange it for another motor");
        browser.type("#pulley", "2 1/2")
                .type("#shaft", "5/8")
                .type("#height", "3 1/2")
                .press("Write it down");
        browser.untilText(".candidates", "does not do");
        assertThat(browser.text(".candidates")).contains("third conductor falls away");
        browser.press("Put this one in");
        browser.untilText("h1", "");
        assertThat(browser.path()).contains("/plate");
        browser.go("/shops/1/motors");
        assertThat(browser.text(".shelf-board")).contains("Motor of the Grinder of the journey");
    }
}
