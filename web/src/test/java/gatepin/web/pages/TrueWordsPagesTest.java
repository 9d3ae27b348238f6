package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import gatepin.web.check.CheckDesk;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What the pages say of direction, of wires laid by hand, of what is missing: over HTTP. */
class TrueWordsPagesTest {
    /** The six-lead motor on 230 V on the cross-corner drum, its start leads the other way round. */
    private static final String[][] TURNED = {
        {"T2", "T3"},
        {"T2", "T8"},
        {"T1", "2"},
        {"T4", "3"},
        {"T5", "1"},
        {"1", "5"},
        {"4", "L1"},
        {"6", "L2"},
        {"motor.G", "S1.G"},
        {"S1.G", "supply.G"}
    };

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    /** A job whose diagram states its direction, up to the wire list. */
    private String stated(String machine) {
        String job = gates.wireListOfASixLeadMotor(machine);
        visit.go(job + "/diagram").choose("#rotation", "CLOCKWISE").press("Save the diagram");
        return job;
    }

    private void layTurned(String job) {
        visit.go(job + "/bench")
                .type("#name", "turned")
                .choose("#start", "NOTHING")
                .press("Lay it out");
        String base = visit.one("main").attr("data-base");
        for (String[] wire : TURNED) {
            visit.post(base + "/join", "one", wire[0], "other", wire[1]);
        }
        visit.go(job + "/bench");
    }

    @Test
    @DisplayName(
            "wires by hand that turn the shaft the other way: said on the bench, on the button, on the cover; the Switch gate shows"
                    + " them and asks before it replaces them")
    void directionBelongsToWhatIsWired() {
        String job = stated("Turned by hand");
        visit.go(job + "/papers/cover");
        String before = visit.text("main");
        assertThat(before).contains("clockwise");
        visit.go(job + "/switch");
        visit.go(job + "/bench");
        layTurned(job);
        assertThat(visit.text("[data-part=ticket]"))
                .doesNotContain("Both do the same")
                .contains("turns counter-clockwise");
        assertThat(visit.text(".ticket-actions")).contains("Take it over: ", "turns counter-clockwise");
        visit.press("Take it over");
        assertThat(visit.path()).contains("/wire");

        visit.go(job + "/papers/cover");
        assertThat(headings(before)).isNotEqualTo(headings(visit.text("main")));
        visit.go(job + "/switch");
        assertThat(visit.text(".ticket"))
                .contains("Your own wires are in force")
                .doesNotContain("Use plan A, pull the pin");
        String plan = visit.one("a.plan-choice").attr("href");
        visit.go(plan);
        assertThat(visit.text(".ticket-actions")).contains("instead of my wires");
        visit.press("instead of my wires");
        assertThat(visit.status()).as("it asks").isEqualTo(409);
        assertThat(visit.text(".ticket-actions")).contains("Put them aside");
        visit.go(job + "/switch");
        assertThat(visit.text(".ticket")).as("nothing is replaced yet").contains("Your own wires are in force");
        visit.go(plan).press("instead of my wires").press("Put mine aside");
        visit.go(job + "/switch");
        assertThat(visit.text(".ticket")).doesNotContain("Your own wires are in force");
    }

    /** The positions with what the paper says they do, in their order. */
    private static String headings(String paper) {
        java.util.regex.Matcher found = java.util.regex.Pattern.compile(
                        "(FORWARD|REVERSE): (counter-clockwise|clockwise)")
                .matcher(paper);
        StringBuilder all = new StringBuilder();
        while (found.find()) {
            all.append(found.group()).append(' ');
        }
        assertThat(all).isNotEmpty();
        return all.toString();
    }

    @Test
    @DisplayName(
            "a machine that turns one way only, with a wheel that unscrews: a live second position is a danger on every page")
    void oneWayOnly() {
        String job = stated("Screwed-on wheel");
        visit.go(job + "/rotation");
        visit.one("[name='bothWays']").removeAttr("checked");
        visit.one("[name='hazards'][value='SCREWED_ON']").attr("checked", "checked");
        visit.press("Save the rotation");
        for (String page : new String[] {"/switch", "/cold", "/live", "/bench"}) {
            if (page.equals("/bench")) {
                visit.go(job + page)
                        .type("#name", "as planned")
                        .choose("#start", "PLAN")
                        .press("Lay it out");
            } else {
                visit.go(job + page);
            }
            assertThat(visit.text("main")).as(page).contains("this machine must turn one way only", "unscrews");
        }
        visit.go(job + "/papers/danger");
        assertThat(visit.text("main")).contains("this machine must turn one way only");
    }

    @Test
    @DisplayName("a pin that stays in says why")
    void thePinSaysWhy() {
        String job = gates.wireListOfASixLeadMotor("Held at Wire");
        visit.all(".step[data-section='GEAR']").forEach(s -> gates.tick(s, true));
        visit.go(job + "/wire").press("Pull the pin");
        assertThat(visit.path()).contains("held");
        assertThat(visit.text(".sheet")).contains("The pin stays in.", "ahead");
    }

    @Test
    @DisplayName("a capacitor that is refused leaves the lock-out above it as it was; a can's range is understood")
    void capacitorsAsCansSayThem() {
        String job = gates.bringIn("Ranged can");
        visit.go(job + "/safe");
        visit.one("[name='disconnect']").attr("checked", "checked");
        visit.type("#note", "panel, breaker 7").press("Save the lock-out");
        visit.go(job + "/safe")
                .type("#microfarads", "27O-ab")
                .type("#volts", "125")
                .press("Add this capacitor");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(visit.value("#note")).isEqualTo("panel, breaker 7");
        assertThat(visit.all("[name='disconnect'][checked]")).hasSize(1);
        assertThat(visit.value("#microfarads")).isEqualTo("27O-ab");
        visit.type("#microfarads", "270-324 MFD").type("#volts", "110-125 VAC").press("Add this capacitor");
        assertThat(visit.text(".capacitor")).contains("297 µF, 110 V");
    }

    @Test
    @DisplayName("one's own meter holds for every job of the shop at once")
    void theMeterIsThePersons() {
        String one = gates.wireListOfASixLeadMotor("Metered one");
        gates.tickEveryWire();
        String other = gates.wireListOfASixLeadMotor("Metered other");
        gates.tickEveryWire();
        String before = visit.go(other + "/cold").value("#percent");
        visit.go(one + "/cold").type("#percent", before.equals("5") ? "4" : "5").press("Keep it");
        assertThat(visit.go(other + "/cold").value("#percent")).isNotEqualTo(before);
        visit.type("#percent", before).press("Keep it");
    }

    @Test
    @DisplayName("trouble on a machine whose checks passed has an answer")
    void troubleInService() {
        String job = gates.wireListOfASixLeadMotor("In service");
        gates.tickEveryWire();
        RunningGatePin.get().bean(CheckDesk.class).hide(Long.parseLong(job.replaceAll("\\D", "")), "");
        visit.go(job + "/cold");
        for (int i = 0; i < 40 && !visit.page().select(".pad-cold").isEmpty(); i++) {
            visit.press("Hold the simulated meter on");
        }
        for (String seen : new String[] {"hums", "shock", "dead", "trips-at-once", "no-click"}) {
            visit.go(job + "/trouble?seen=" + seen);
            assertThat(visit.text(".ticket")).as(seen).doesNotContain("Tick what it does");
            assertThat(visit.text(".suspects")).as(seen).isNotBlank();
        }
    }

    @Test
    @DisplayName("a wiring that was taken off the bench can be put back")
    void takenOffAndPutBack() {
        String job = gates.wireListOfASixLeadMotor("Taken off");
        visit.go(job + "/bench").type("#name", "mine").choose("#start", "PLAN").press("Lay it out");
        int wires = visit.all(".laid li").size();
        visit.press("Take this wiring off the bench");
        assertThat(visit.page().select(".laid li")).isEmpty();
        visit.press("Put “mine” back");
        assertThat(visit.all(".laid li")).hasSize(wires);
    }

    @Test
    @DisplayName("the override stands apart from what the thumb presses")
    void theOverrideStandsApart() {
        String job = gates.bringIn("Tempting");
        for (String gate : new String[] {"plate", "diagram", "windings", "supply", "rotation", "cold", "live"}) {
            visit.go(job + "/" + gate);
            assertThat(visit.page().select(".ticket-actions").text()).as(gate).doesNotContain("Pass without it");
            assertThat(visit.text(".override")).as(gate).contains("Pass without it");
        }
    }
}
