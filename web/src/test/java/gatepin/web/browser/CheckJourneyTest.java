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

/** From a wired machine to one that runs: mistakes found cold, found live, and in a stranger's wiring. */
class CheckJourneyTest {
    private final Browser browser = new Browser();

    @BeforeEach
    void wide() {
        browser.screen(1280, 800);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    private String wired(String machine, String hidden) {
        Gates gates = new Gates(new Visit(browser.address()));
        String job = gates.wireListOfASixLeadMotor(machine);
        gates.tickEveryWire();
        RunningGatePin.get().bean(CheckDesk.class).hide(number(job), hidden);
        return job;
    }

    private static long number(String job) {
        return Long.parseLong(job.replaceAll("\\D", ""));
    }

    /** Holds the simulated instruments on until nothing is asked for any more, by one key. */
    private void byTheKey() {
        for (int i = 0; i < 40 && !browser.all(".pad-cold").isEmpty(); i++) {
            int before = browser.all(".checks .open").size();
            browser.keys("m");
            for (int wait = 0; wait < 50 && browser.all(".checks .open").size() == before; wait++) {
                if (!browser.all(".suspects").isEmpty()) {
                    break;
                }
                browser.one(".kicker");
            }
        }
    }

    @Test
    @DisplayName(
            "a planted mistake is found cold, flagged in the drawing, mended, what it moved is read again, and it is passed")
    void foundCold() {
        String job = wired("Cold journey", "on-0to-S1.4");
        browser.go(job + "/cold");
        String handle = browser.one("svg.bench").getAttribute("data-at");
        assertThat(browser.one(".handle [aria-pressed='true']").getAttribute("value"))
                .isEqualTo(handle);
        assertThat(browser.all("svg.bench .flag.probe").stream().filter(f -> f.isDisplayed()))
                .hasSize(2);
        // the first reading by hand, on the number pad
        browser.press("OL");
        browser.press("Write it down");
        browser.one(".checks .agrees, .checks .disagrees");
        byTheKey();
        browser.untilText(".suspects", "sits on switch terminal 4");
        assertThat(browser.all("svg.bench .flag.danger").stream().filter(f -> f.isDisplayed()))
                .isNotEmpty();
        browser.press("Mended. Read again");
        browser.one(".pad-cold");
        byTheKey();
        browser.untilText(".ticket", "All readings agree");
        browser.press("Cold check passed");
        browser.untilText(".ticket h1", "Make it ready");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName(
            "halves that oppose agree cold and hum at the first bump; the finder names the half, and the pin stays")
    void foundLive() {
        String job = wired("Live journey", "coil-run 2-turned");
        browser.go(job + "/cold");
        byTheKey();
        browser.untilText(".ticket", "All readings agree");
        browser.press("Cold check passed");
        for (String box : new String[] {"cover", "strapped", "belt", "clear", "watcher"}) {
            browser.tick("input[name='" + box + "']");
        }
        browser.tick("input[name='standsAt'][value='OPPOSITE_END']").press("Ready for power");
        browser.untilText(".ticket", "Volts at the outlet");
        browser.type("#ohms", "231" + Keys.ENTER);
        browser.untilText(".ticket h1", "Bump");
        browser.press("hums and stands");
        browser.untilText(".suspects", "marked the wrong way round");
        assertThat(browser.text(".ticket")).contains("Off, and find out why", "Pass without it");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("a stranger's wiring, written down as found, is judged before it gets power")
    void aStrangersWiring() {
        Visit visit = new Visit(browser.address());
        Gates gates = new Gates(visit);
        String job = gates.bringIn("Stranger's machine");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8")
                .pullPin();
        visit.go(job + "/switch");
        gates.chooseSwitch("Cross-corner drum");
        // as somebody left it: runs both ways, and no frame has a ground
        String[][] ends = {
            {"T1", "2"}, {"T4", "3"}, {"T8", "1"}, {"1", "5"}, {"4", "L1"}, {"6", "L2"}, {"T2", "T3"}, {"T5", "T2"}
        };
        visit.go(job + "/found");
        for (int i = 0; i < ends.length; i++) {
            visit.type("[name='wires[" + i + "].oneEnd']", ends[i][0])
                    .type("[name='wires[" + i + "].otherEnd']", ends[i][1]);
        }
        visit.all("[name='nothingConnected']").forEach(b -> b.removeAttr("checked"));
        visit.press("Save the wires");
        assertThat(visit.complaints()).isEmpty();
        browser.go(job + "/cold");
        assertThat(browser.text(".ticket"))
                .contains("Nobody planned this wiring", "This wiring must not get power", "no ground");
        assertThat(browser.all(".checks li")).isNotEmpty();
        assertThat(browser.complaints()).isEmpty();
    }
}
