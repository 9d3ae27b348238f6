package gatepin.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.practice.Act;
import gatepin.core.practice.Asked;
import gatepin.core.practice.Exercise;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Exercises;
import gatepin.core.practice.Grade;
import gatepin.core.practice.Level;
import gatepin.core.practice.Step;
import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.PointerInput;

/** The practice yard in a browser. */
class PracticeJourneyTest {
    private final Browser browser = new Browser();

    @AfterEach
    void closeBrowser() {
        browser.close();
    }

    private static Exercise exercise(Level level, int seed) {
        return Exercises.of(new ExerciseNumber(level, Grade.EASY, seed));
    }

    private void use(Act act) {
        if (!act.one().isEmpty()) {
            browser.choose("#one", act.one());
        }
        if (!act.other().isEmpty()) {
            browser.choose("#other", act.other());
        }
        noted(() ->
                browser.script("document.querySelector('button[name=tool][value=\"" + act.tool() + "\"]').click()"));
    }

    /** Does something that makes a line in the notebook, and waits for it. */
    private void noted(Runnable act) {
        int lines = browser.all(".notebook li").size();
        act.run();
        browser.until(d -> browser.all(".notebook li").size() == lines + 1);
    }

    /** Does something that sends the form, and waits for the next page. */
    private void sent(String script) {
        browser.script("window.stillHere = document.querySelector('main'); " + script);
        browser.untilPage();
    }

    /** What is asked at this stage is answered. */
    private void answer(Exercise exercise, List<Act> acts) {
        for (Asked asked : exercise.asked(acts)) {
            String right = exercise.answers().get(asked.field());
            String field = "[name='answer." + asked.field() + "']";
            if (!asked.choices().isEmpty()) {
                browser.choose("select" + field, right);
            } else if (!right.isEmpty()) {
                browser.type("input" + field, right);
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    @DisplayName("one exercise of every level is solved with what stands on the screen")
    void everyLevel(Level level) {
        Exercise exercise = exercise(level, 20_261);
        browser.go("/practice/" + exercise.number());
        List<Act> acts = new ArrayList<>();
        for (Step step : exercise.better()) {
            if (!step.act().tool().isEmpty()) {
                if (step.act().tool().equals("next")) {
                    answer(exercise, acts);
                }
                use(step.act());
                acts.add(step.act());
            }
        }
        answer(exercise, acts);
        sent("document.querySelector('.ticket-actions button').click()");
        assertThat(browser.text("h1"))
                .as("%s: %s", exercise.number(), browser.text("aside"))
                .isEqualTo("Solved");
        assertThat(browser.text(".big-speed strong")).isEqualTo("100");
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("by keyboard alone: the points typed in their lists, the tool pressed with Enter")
    void byKeyboard() {
        Exercise exercise = exercise(Level.WINDINGS, 31);
        browser.go("/practice/" + exercise.number());
        Act act = exercise.better().get(0).act();
        browser.tabTo("#one").keys(act.one());
        browser.tabTo("#other").keys(act.other());
        browser.tabTo("button[value=ohms]");
        noted(() -> browser.keys(Keys.ENTER));
        assertThat(browser.text(".notebook")).contains(act.one() + " to " + act.other());
        assertThat(browser.script("return document.activeElement.value")).isEqualTo("ohms");
        // Enter in an answer goes on to Done and takes up no tool
        browser.tabTo("input[name^='answer.']");
        browser.keys("A B", Keys.ENTER);
        assertThat(browser.script("return document.activeElement.textContent")).isEqualTo("Done");
        assertThat(browser.all(".notebook li")).hasSize(1);
    }

    @Test
    @DisplayName(
            "wires are dragged, pressed and typed from point to point; what lies there tells nobody what flows in it")
    void wiredByHand() {
        Exercise exercise = exercise(Level.DRUM, 33);
        browser.go("/practice/" + exercise.number());
        List<Act> wires = exercise.better().stream()
                .map(Step::act)
                .filter(a -> a.tool().equals("join"))
                .toList();
        for (int i = 0; i < wires.size(); i++) {
            Act wire = wires.get(i);
            String one = drawn(wire.one());
            String other = drawn(wire.other());
            noted(
                    switch (i % 3) {
                        case 0 -> () -> browser.drag(PointerInput.Kind.MOUSE, browser.one(one), browser.one(other));
                        case 1 -> () -> browser.drag(PointerInput.Kind.TOUCH, browser.one(one), browser.one(other));
                        default -> () -> browser.keys(wire.one(), Keys.ENTER, wire.other(), Keys.ENTER);
                    });
        }
        assertThat(browser.all(".scene .wire.is-run, .scene .wire.is-start, .scene .wire.is-hot"))
                .isEmpty();
        sent("document.querySelector('.ticket-actions button').click()");
        assertThat(browser.text("h1")).as(browser.text("aside")).isEqualTo("Solved");
        browser.go(
                "/practice/" + exercise.number() + "?step=" + exercise.better().size());
        assertThat(browser.all(".scene .wire.is-run")).isNotEmpty();
        assertThat(browser.complaints()).isEmpty();
    }

    @Test
    @DisplayName("what a probe cannot reach is said, and what is answered meanwhile stays")
    void outOfReach() {
        browser.go("/practice/" + new ExerciseNumber(Level.FAULT_DEAD, Grade.HARD, 34));
        browser.script("document.querySelector('select[name^=\"answer.\"]').selectedIndex = 1");
        noted(() ->
                browser.drag(PointerInput.Kind.MOUSE, browser.one(drawn("supply.L1")), browser.one(drawn("motor.G"))));
        assertThat(browser.script("return document.querySelector('select[name^=\"answer.\"]').selectedIndex"))
                .isEqualTo(1L);
        WebElement covered = browser.one("svg.by-hand.wide-only .stud");
        browser.drag(PointerInput.Kind.MOUSE, browser.one(drawn("supply.L1")), covered);
        browser.untilText("[role=status]", "Not done: that cannot be done there.");
        assertThat(browser.all(".notebook li")).hasSize(1);
    }

    /** A point on the drawing that is shown. */
    private static String drawn(String terminal) {
        return "svg.by-hand.wide-only [data-terminal='" + terminal + "']";
    }

    @Test
    @DisplayName("on a phone by finger: two leads are tapped and read, nothing runs off the edge")
    void byTouch() {
        browser.screen(390, 844).go("/practice/" + exercise(Level.WINDINGS, 32).number());
        noted(() -> {
            browser.all(".lead-end").get(0).click();
            browser.all(".lead-end").get(1).click();
        });
        assertThat(browser.text(".notebook")).contains("Ω");
        assertThat(browser.all(".lead-end.is-picked")).hasSize(2);
        assertThat(browser.script("return document.querySelector('#other').value"))
                .isNotEqualTo("");
        for (Level level : Level.values()) {
            browser.go("/practice/" + exercise(level, 32).number());
            assertThat(browser.script("return document.documentElement.scrollWidth <= 391"))
                    .as(level.name())
                    .isEqualTo(true);
        }
        browser.go("/practice");
        assertThat(browser.script("return document.documentElement.scrollWidth <= 391"))
                .isEqualTo(true);
    }

    @Test
    @DisplayName("a verdict leads to the pictures that say why; the slider moves the field")
    void why() {
        Visit visit = new Visit(browser.address());
        String job = new Gates(visit).wireListOfASixLeadMotor("Asked why");
        visit.go(job + "/bench").type("#name", "why").choose("#start", "PLAN").press("Lay it out");
        browser.go(job + "/bench");
        browser.press("Why?");
        assertThat(browser.path()).contains("/why#");
        String before = browser.all(".tip").get(1).getAttribute("x2");
        browser.script(
                "const m = document.querySelector('#moment'); m.value = 9; m.dispatchEvent(new Event('input'));");
        assertThat(browser.all(".tip").get(1).getAttribute("x2")).isNotEqualTo(before);
        assertThat(browser.text("main"))
                .contains("It only grows and shrinks", "Side by side on 115 V", "One after the other on 230 V");
        assertThat(browser.complaints()).isEmpty();
    }
}
