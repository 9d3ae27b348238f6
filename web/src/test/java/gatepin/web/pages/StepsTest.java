package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.job.Gate;
import gatepin.web.Figures;
import gatepin.web.pages.Visit.Cost;
import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What a job costs a person, counted by walking it as the pages lead him. */
class StepsTest {
    private static final String ON = "Save, on to the next gate";

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private void looseMotorWithAPlate() {
        visit.tick("input[name='disconnect'][value='LOOSE']")
                .tick("input[name='noCapacitor']")
                .press(ON);
        visit.tick("input[name='nothingConnected']").press(ON);
        visit.type("#text", "3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM CAPACITOR START")
                .press("Read it into the fields")
                .press(ON);
    }

    private void relyingOnTheMarksUpToTheSwitch() {
        gates.relyOnTheMarks();
        visit.type("#distance", "40").press(ON);
        visit.press("drill press").press("+ belt").press(ON);
    }

    private void upToTheSwitch() {
        visit.go("/jobs/new").type("#machine", "Plain job").press("Open the job");
        looseMotorWithAPlate();
        assertThat(visit.path()).as(visit.text(".findings")).contains("/diagram");
        visit.press(visit.all("button.pattern").stream()
                .filter(b -> b.val().equals("six-lead"))
                .findFirst()
                .orElseThrow());
        assertThat(visit.path()).contains("diagram");
        visit.type("#volts", "230").choose("#supplyKind", "TWO_HOT");
        visit.press(visit.all("button.pattern").stream()
                .filter(b -> b.val().equals("six-lead"))
                .findFirst()
                .orElseThrow());
        visit.press(ON);
        assertThat(visit.path()).as(visit.text(".findings")).contains("/windings");
        relyingOnTheMarksUpToTheSwitch();
    }

    @Test
    @DisplayName(
            "the plain job, from a new machine to Hand over: at most 20 pages and 60 taps besides readings and wire ticks")
    void plainJob() {
        Cost before = visit.cost();
        upToTheSwitch();
        assertThat(visit.path()).contains("/switch");
        visit.tick("input[name='device'][value='" + switchOf("Cross-corner drum") + "']")
                .press("Use this switch");
        visit.press("Use plan A, pull the pin");
        toItsEnd("plain job", before);
    }

    @Test
    @DisplayName("the same straight from the wires: what was chosen there is not asked again")
    void straightFromTheWires() {
        Cost before = visit.cost();
        visit.go("/wires");
        for (String tile : List.of("Six leads, two voltages", "240 V", "Cross-corner drum", "both ways")) {
            gates.tapTile(tile);
        }
        visit.type("#machine", "Plain job from the wires").press("Make it a job");
        looseMotorWithAPlate();
        assertThat(visit.text(".sheet")).contains("read off no lid yet");
        visit.press(ON);
        assertThat(visit.path()).as(visit.text(".findings")).contains("/windings");
        relyingOnTheMarksUpToTheSwitch();
        assertThat(visit.path()).contains("/switch");
        visit.press("pull the pin");
        toItsEnd("straight from the wires", before);
    }

    /** From the wire list to Hand over. */
    private void toItsEnd(String way, Cost before) {
        Cost planned = visit.cost().less(before);
        List<Element> wires = visit.all(".step");
        wires.forEach(w -> gates.tick(w, true));
        visit.press("Pull the pin");

        Cost reading = visit.cost();
        int dead = visit.all("#dead form").size();
        gates.readDead();
        int cold = dead + gates.readAsExpected();
        Cost coldly = visit.cost().less(reading);
        visit.press("Cold check passed");
        for (String box : List.of("cover", "strapped", "belt", "clear", "watcher")) {
            visit.tick("input[name='" + box + "']");
        }
        visit.tick("input[name='standsAt'][value='SHAFT_END']").press("Ready for power");
        reading = visit.cost();
        int live = gates.readAsExpected();
        Cost lively = visit.cost().less(reading);
        visit.press("Live check passed");
        visit.type("#isolator", "the plug").press("Write it down");
        for (Element taken : visit.all("form[action$='/taken'] button")) {
            visit.press(visit.one("form[action='" + taken.closest("form").attr("action") + "'] button"));
        }
        visit.press(visit.one(".ticket-actions button"));

        for (Gate gate : Gate.values()) {
            assertThat(gates.post(gate.title())).as(gate.title()).isEqualTo("passed");
        }
        Cost all = visit.cost().less(before);
        int besides = all.taps() - coldly.taps() - lively.taps();
        Figures.say(
                way
                        + ": %d pages loaded, %d taps and %d fields besides %d wires and %d readings; to the plan %d pages, %d taps, %d fields",
                all.loads(),
                besides,
                all.typed() - coldly.typed() - lively.typed(),
                wires.size(),
                cold + live,
                planned.loads(),
                planned.taps(),
                planned.typed());
        assertThat(coldly.loads() + lively.loads())
                .as("readings are written down in place")
                .isZero();
        assertThat(all.loads()).isLessThanOrEqualTo(20);
        assertThat(besides).isLessThanOrEqualTo(60);
    }

    private String switchOf(String name) {
        return visit.all("label.plan-choice").stream()
                .filter(l -> l.text().contains(name))
                .findFirst()
                .orElseThrow()
                .selectFirst("input")
                .val();
    }
}
