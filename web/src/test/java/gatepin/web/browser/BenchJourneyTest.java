package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.PointerInput;

/** The bench as a person meets it: with keys, a mouse, a finger. */
class BenchJourneyTest {
    /** The scratter's motor on the cross-corner drum, 230 V; the first two make a nut of three. */
    private static final List<List<String>> WIRES = List.of(
            List.of("t2", "t3"),
            List.of("t2", "t5"),
            List.of("t1", "2"),
            List.of("t4", "3"),
            List.of("t8", "1"),
            List.of("1", "5"),
            List.of("4", "l1"),
            List.of("6", "l2"));

    private final Browser browser = new Browser();

    @BeforeEach
    void wide() {
        browser.screen(1280, 800);
    }

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    private String bench(String machine, String start) {
        Visit visit = new Visit(browser.address());
        String job = new Gates(visit).wireListOfASixLeadMotor(machine);
        visit.go(job + "/bench")
                .type("#name", "by hand")
                .choose("#start", start)
                .press("Lay it out");
        browser.go(job + "/bench");
        return job;
    }

    private void untilWires(String words) {
        browser.untilText("[data-part=sheet] h2", words);
    }

    private WebElement point(String id) {
        return browser.all("svg.by-hand [data-terminal='" + id + "']").stream()
                .filter(WebElement::isDisplayed)
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("wired from nothing by the keyboard alone, undone, done again, and taken over as the plan")
    void byKeyboard() {
        bench("Bench by keys", "NOTHING");
        untilWires("0 wires");
        int laid = 0;
        for (List<String> wire : WIRES) {
            for (String mark : wire) {
                browser.keys(mark, Keys.ENTER);
            }
            laid += laid == 0 ? 2 : 1;
            untilWires(laid == 1 ? "One wire" : laid + " wires");
        }
        assertThat(browser.text("[role=status]")).contains("L2", "FORWARD");
        assertThat(browser.text("[data-part=sheet]")).contains("T2 + T3 + T5");
        // three points are marked G: one after the other
        browser.keys("g", Keys.ENTER);
        browser.untilText("[role=status]", "Marked so too");
        browser.keys("g", Keys.ENTER);
        untilWires(++laid + " wires");
        browser.keys("g", Keys.ENTER, "g", Keys.ENTER);
        untilWires(++laid + " wires");
        assertThat(browser.text("[data-part=ticket]")).doesNotContain("no ground");
        // in the fields, by their whole names
        browser.type("#one", "S1.2").type("#other", "S1.4" + Keys.ENTER);
        untilWires(laid + 1 + " wires");
        browser.script("document.activeElement.blur()");
        browser.control("z");
        untilWires(laid + " wires");
        browser.control("z");
        untilWires(laid - 1 + " wires");
        browser.control("y");
        untilWires(laid + " wires");
        browser.reload();
        untilWires(laid + " wires");
        // off with one, by its points, and on again
        browser.keys("t1", Keys.ENTER, "2", Keys.DELETE);
        untilWires(laid - 1 + " wires");
        browser.keys("t1", Keys.ENTER, "2", Keys.ENTER);
        untilWires(laid + " wires");
        browser.keys("r");
        assertThat(browser.one("svg.by-hand").getAttribute("data-at")).isEqualTo("reverse");
        browser.press("Take it over as the plan");
        assertThat(browser.all(".step[data-section=GEAR]")).hasSize(laid);
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("by mouse and by finger: from point to point, one after the other; a full point says so")
    void byHand() {
        bench("Bench by hand", "NOTHING");
        browser.drag(PointerInput.Kind.MOUSE, point("motor.T1"), point("S1.2"));
        untilWires("One wire");
        browser.drag(PointerInput.Kind.TOUCH, point("motor.T2"), point("motor.T3"));
        untilWires("3 wires");
        point("motor.T4").click();
        browser.untilText(".ticket h1", "T4 to");
        point("S1.3").click();
        untilWires("4 wires");
        browser.drag(PointerInput.Kind.MOUSE, point("motor.T4"), point("S1.5"));
        browser.untilText("[role=status]", "one end only");
        untilWires("4 wires");
        browser.press("Save as PNG");
        browser.untilText("[role=status]", "Saved as wiring.png");
        browser.keys("+");
        assertThat(browser.one("svg.by-hand").getAttribute("style")).contains("140%");
        browser.screen(390, 844).reload();
        browser.swipe(point("motor.T8"), point("S1.1"));
        browser.drag(PointerInput.Kind.TOUCH, point("motor.T8"), point("S1.1"));
        untilWires("5 wires");
        assertThat(browser.all(".laid li")).as("a swipe lays no wire").hasSize(5);
        assertThat(browser.script("return document.documentElement.scrollWidth <= 391"))
                .isEqualTo(true);
    }

    @Test
    @DisplayName("on contactors the buttons of the control circuit throw it, once there is power")
    void pressed() {
        Visit visit = new Visit(browser.address());
        String job = new Gates(visit).wireListOfASixLeadMotor("Bench with buttons");
        visit.go(job + "/bench")
                .type("#name", "contactors")
                .choose("#gear", "contactors-3")
                .press("Lay it out");
        browser.go(job + "/bench");
        browser.keys("o");
        hand("S1", "down");
        browser.untilText("[role=status]", "There is no power");
        hand("S1", "up");
        assertThat(at()).isEqualTo("off");
        browser.press("Power");
        hand("S1", "down");
        browser.until(d -> at().equals("forward"));
        hand("S1", "up");
        browser.untilText("[role=status]", "K1 in");
        hand("S0", "down");
        browser.until(d -> at().equals("off"));
        hand("S0", "up");
        hand("S2", "down");
        browser.until(d -> at().equals("reverse"));
        hand("S2", "up");
        browser.press("Power");
        browser.until(d -> at().equals("off"));
        assertThat(browser.complaints()).isEmpty();
    }

    private String at() {
        return browser.one("svg.by-hand").getAttribute("data-at");
    }

    private void hand(String part, String way) {
        browser.script(
                "document.querySelector(`.hand[data-part=${arguments[0]}]`).dispatchEvent(new PointerEvent(`pointer${arguments[1]}`, {bubbles: true}))",
                part,
                way);
    }

    @Test
    @DisplayName(
            "a wrong wire trips or smokes, the meter tells where, undo takes it back; another tab sees the same bench")
    void wrongWire() {
        String job = bench("Bench that smokes", "PLAN");
        int wires = browser.all(".laid li").size();
        browser.press("Power");
        browser.untilText(".reading-line", "rpm");
        browser.press("Power");
        browser.keys("l1", Keys.ENTER, "l2", Keys.ENTER);
        untilWires(wires + 1 + " wires");
        browser.press("Power");
        browser.untilText(".reading-line", "breaker trips");
        assertThat(browser.all("main.tripped")).hasSize(1);
        browser.control("z");
        untilWires(wires + " wires");
        browser.untilText(".reading-line", "rpm");
        browser.press("Power");

        // with the start winding left off it hums until it burns
        browser.all(".laid button").stream()
                .filter(b -> b.getText().startsWith("T8 "))
                .findFirst()
                .orElseThrow()
                .click();
        browser.untilText(".reading-line", "Clamp:");
        browser.keys(Keys.DELETE);
        untilWires(wires - 1 + " wires");
        browser.press("Power");
        browser.untilText(".reading-line", "Smoke after");
        // what comes later is the last step of the time line
        browser.one("#time").sendKeys(Keys.END);
        browser.until(d -> !browser.all("main.smoking .coil.is-burnt").isEmpty());
        assertThat(browser.all(".smoke circle")).isNotEmpty();
        assertThat(browser.text(".run-it")).contains("smoke, ");

        String first = browser.newTab(job + "/bench");
        untilWires(wires - 1 + " wires");
        browser.control("z");
        untilWires(wires + " wires");
        browser.switchTo(first);
        browser.script("document.dispatchEvent(new Event('visibilitychange'))");
        untilWires(wires + " wires");
        browser.press("Meter");
        browser.keys("l1", Keys.ENTER, "l2", Keys.ENTER);
        browser.untilText(".reading-line", "under power");
    }

    @Test
    @DisplayName(
            "wires as they were found are laid out and judged; a wire off says something else, and undo says the same again")
    void strangers() {
        Visit visit = new Visit(browser.address());
        String job = new Gates(visit).demo("Apple scratter");
        browser.go(job + "/bench");
        browser.type("#name", "as found").choose("#start", "FOUND").press("Lay it out");
        int wires = browser.all(".laid li").size();
        assertThat(wires).isGreaterThan(5);
        String before = browser.text("[data-part=ticket]");
        browser.all(".laid button").get(0).click();
        browser.keys(Keys.DELETE);
        untilWires(wires - 1 + " wires");
        assertThat(browser.text("[data-part=ticket]")).isNotEqualTo(before);
        browser.press("Undo");
        untilWires(wires + " wires");
        assertThat(browser.text("[data-part=ticket]")).isEqualTo(before);
    }

    @Test
    @DisplayName(
            "a stranger's wiring is entered by its marks, found wrong, mended where it is wrong, and runs both ways")
    void strangersMended() {
        bench("Bench of a stranger", "NOTHING");
        int laid = 0;
        for (List<String> wire : WIRES) {
            // he brought T4 to the supply's side
            List<String> his = wire.equals(List.of("t4", "3")) ? List.of("t4", "6") : wire;
            browser.keys(his.get(0), Keys.ENTER, his.get(1), Keys.ENTER);
            laid += laid == 0 ? 2 : 1;
            untilWires(laid == 1 ? "One wire" : laid + " wires");
        }
        browser.type("#one", "motor.G").type("#other", "S1.G" + Keys.ENTER);
        untilWires(++laid + " wires");
        browser.type("#one", "S1.G").type("#other", "supply.G" + Keys.ENTER);
        untilWires(++laid + " wires");
        browser.script("document.activeElement.blur()");
        assertThat(browser.text("[data-part=ticket]")).contains("Nothing happens in REVERSE");
        browser.keys("t4", Keys.ENTER, "6", Keys.DELETE);
        untilWires(laid - 1 + " wires");
        browser.keys("t4", Keys.ENTER, "3", Keys.ENTER);
        untilWires(laid + " wires");
        assertThat(browser.text("[data-part=ticket]"))
                .contains("FORWARD and REVERSE turn opposite ways")
                .doesNotContain("Nothing happens");
        browser.press("Power");
        browser.untilText(".reading-line", "start switch clicks out");
        browser.press("Take it over as the plan");
        assertThat(browser.all(".step[data-section=GEAR]")).hasSize(laid);
    }

    @Test
    @DisplayName(
            "it runs before one's eyes: traces, the click, either end; thrown across at speed it goes on the old way, in OFF it coasts")
    void seenToRun() {
        Visit visit = new Visit(browser.address());
        String job = new Gates(visit).demo("Apple scratter");
        visit.go(job + "/bench")
                .type("#name", "to see it run")
                .choose("#start", "FOUND")
                .press("Lay it out");
        browser.go(job + "/bench");
        browser.press("Power");
        browser.untilText(".reading-line", "start switch clicks out");
        browser.untilText(".run-it .stamped", "clockwise");
        browser.one("#time").sendKeys(Keys.END);
        browser.until(d -> !browser.all(".inner.is-out").isEmpty());
        String way = browser.text(".run-it .stamped");
        browser.press("opposite end");
        assertThat(browser.text(".run-it .stamped")).isNotEqualTo(way);
        browser.press("shaft end");
        assertThat(browser.one(".traces .speed").getAttribute("d").length()).isGreaterThan(100);
        browser.script("document.activeElement.blur()");
        browser.keys("r");
        browser.untilText(".reading-line", "goes on turning the old way");
        browser.until(d -> browser.text(".run-it .stamped").equals(way));
        browser.keys("o");
        browser.untilText(".reading-line", "it coasts");
        browser.one("#time").sendKeys(Keys.END);
        browser.script("document.activeElement.blur()");
        browser.keys("r");
        browser.untilText(".reading-line", "start switch clicks out");
        browser.untilText(".run-it .stamped", "clockwise");
        browser.one("#time").sendKeys(Keys.END);
        assertThat(browser.text(".run-it .stamped")).isNotEqualTo(way);
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("a contactor is put beside the switch, its armature pushed in by hand, and taken away")
    void device() {
        bench("Bench with a contactor", "PLAN");
        browser.all("[data-part=ticket] summary").get(0).click();
        browser.choose("#kind", "CONTACTOR").script("document.querySelector('[data-words=\"Put beside it\"]').click()");
        browser.untilText("[data-part=ticket]", "K2");
        assertThat(point("K2.1")).isNotNull();
        browser.script("document.querySelector('[data-words=\"K2 in\"]').click()");
        browser.untilText("[data-words='K2 in'][aria-pressed=true]", "in");
        browser.script("document.querySelector('[data-words=\"K2 taken away\"]').click()");
        browser.untilText("[role=status]", "K2 taken away");
        assertThat(browser.all("[data-words='K2 in']")).isEmpty();
        browser.press("Undo");
        browser.untilText("[data-part=ticket]", "K2");
    }
}
