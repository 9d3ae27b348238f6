package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Straight to the wires by mouse, by keys, and on a phone. */
class StraightJourneyTest {
    private Browser browser;

    @BeforeEach
    void openBrowser() {
        browser = new Browser();
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    private static String tile(int number) {
        return "details[open] .tile:nth-child(" + number + ")";
    }

    private long closed() {
        return browser.all("svg.bench.wide-only .contact.is-closed").size();
    }

    @Test
    void fourPicturesAndAJob() {
        browser.go("/").press("Straight to the wires");
        for (int picture : List.of(1, 2, 1, 1)) {
            browser.one(tile(picture)).click();
            browser.one("svg.bench");
        }
        browser.until(d -> browser.all("details[open]").isEmpty());
        assertThat(browser.one(".questions").getText()).contains("240 V, two hots", "Cross-corner drum", "both ways");
        assertThat(closed()).isEqualTo(3);
        browser.press("OFF");
        assertThat(closed()).isZero();
        browser.press("REVERSE");
        assertThat(closed()).isEqualTo(3);

        // one of them is changed: its pictures unfold, the others stay as they are
        browser.one("#switch summary").click();
        browser.one("#switch .tile:nth-child(4)").click();
        browser.untilText(".questions", "DPDT toggle, centre off");
        browser.one("#switch summary").click();
        browser.one("#switch .tile:nth-child(7)").click();
        browser.untilText(".questions", "3PDT toggle");

        browser.one("body").sendKeys(Keys.ENTER);
        browser.untilText("header", "New machine");
        assertThat(browser.one("h1").getText()).isNotBlank();
    }

    @Test
    void onAPhoneTheAnswerStandsUnderTheQuestions() {
        browser.screen(390, 844).go("/wires?motor=four-lead&supply=120&switch=tpdt-centre-off&turns=both");
        assertThat(browser.one("svg.bench.tall-only").isDisplayed()).isTrue();
        assertThat(browser.one("svg.bench.tall-only").getLocation().getY()).isLessThan(700);
        assertThat(browser.one(".ticket-actions button").isDisplayed()).isTrue();
        assertThat((Boolean) browser.script("return document.documentElement.scrollWidth <= window.innerWidth"))
                .isTrue();
    }
}
