package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import gatepin.web.check.CheckDesk;
import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What only adds to a page is sent without leaving it. */
class InPlaceTest {
    private final Browser browser = new Browser();
    private String job = "";

    @BeforeEach
    void wiredMachine() {
        Gates gates = new Gates(new Visit(browser.address()));
        job = gates.wireListOfASixLeadMotor("In place " + System.nanoTime());
        gates.tickEveryWire();
        RunningGatePin.get().bean(CheckDesk.class).hide(Long.parseLong(job.replaceAll("\\D", "")), "");
    }

    @AfterEach
    void closeBrowser() {
        browser.online(true).close();
    }

    private void mark() {
        browser.script("window.samePage = true");
    }

    private boolean samePage() {
        return Boolean.TRUE.equals(browser.script("return window.samePage === true"));
    }

    @Test
    @DisplayName(
            "on a phone readings are written down one after another without the page leaving, and what is unfolded stays so")
    void readings() {
        browser.screen(390, 844).go(job + "/cold");
        mark();
        browser.tick(".list-below details summary");
        int open = browser.all(".checks .open").size();
        for (int i = 1; i <= 3; i++) {
            int left = open - i;
            browser.press("OL").press("Write it down");
            browser.until(d -> browser.all(".checks .open").size() <= left);
            if (!browser.all(".suspects").isEmpty()) {
                break;
            }
        }
        assertThat(samePage()).isTrue();
        assertThat(browser.path()).startsWith(job + "/cold").doesNotContain("readings");
        assertThat(browser.all(".list-below details[open]")).isNotEmpty();
        assertThat(browser.all("main")).hasSize(1);
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("on a phone a usual pattern fills the diagram in, folds away, and what it did is in view")
    void filledIn() {
        Gates gates = new Gates(new Visit(browser.address()));
        String fresh = gates.bringIn("Filled in " + System.nanoTime());
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        browser.screen(390, 844).go(fresh + "/diagram");
        mark();
        String pattern = "button.pattern[value='six-lead']";
        if (!browser.one(pattern).isDisplayed()) {
            browser.tick("details:has(" + pattern + ") > summary");
        }
        browser.tick(pattern);
        browser.until(d ->
                browser.all("[name='leads[5].mark']").stream().anyMatch(f -> "T8".equals(f.getAttribute("value"))));
        assertThat(browser.text("main .notice[role='status']")).contains("Filled in from");
        assertThat(browser.script(
                        "const n = document.querySelector('main .notice[role=status]').getBoundingClientRect();"
                                + " return n.top >= 0 && n.bottom <= innerHeight"))
                .as("the notice is in view")
                .isEqualTo(true);
        assertThat(samePage()).isTrue();
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("what is no reading is said by its field, in the same place, with what was typed")
    void noReading() {
        browser.go(job + "/cold");
        mark();
        browser.type("#ohms", "plenty" + Keys.ENTER);
        assertThat(browser.text(".field .wrong")).isNotEmpty();
        assertThat(browser.one("#ohms").getAttribute("value")).isEqualTo("plenty");
        assertThat(browser.script("return document.activeElement.id")).isEqualTo("ohms");
        assertThat(samePage()).isTrue();
    }

    @Test
    @DisplayName("a page that was open for so long that it is no longer known goes on as if it were")
    void openForLong() {
        browser.go(job + "/cold");
        mark();
        int open = browser.all(".checks .open").size();
        browser.forgetCookies();
        browser.type("#ohms", "OL").press("Write it down");
        browser.until(d -> browser.all(".checks .open").size() == open - 1);
        browser.forgetCookies();
        browser.type("#ohms", "plenty").press("Write it down");
        assertThat(browser.text(".field .wrong")).isNotEmpty();
        assertThat(samePage()).isTrue();
    }

    @Test
    @DisplayName("where nobody answers that is said, what was typed stays, and it is stored once when it is sent again")
    void noAnswer() {
        browser.go(job + "/cold");
        mark();
        int open = browser.all(".checks .open").size();
        browser.online(false).type("#ohms", "OL");
        browser.script("document.querySelector('.keypad .go').scrollIntoView({block: 'center'})");
        browser.one(".keypad .go").click();
        browser.untilText(".not-sent", "no answer");
        assertThat(browser.one("#ohms").getAttribute("value")).isEqualTo("OL");
        browser.online(true).press("Write it down");
        browser.until(d -> browser.all(".checks .open").size() < open);
        assertThat(browser.all(".checks .open")).hasSize(open - 1);
        assertThat(browser.all(".not-sent")).isEmpty();
        assertThat(samePage()).isTrue();
    }
}
