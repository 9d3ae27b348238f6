package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What stands ahead of the gear, over HTTP. */
class AheadTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private void putInADisconnect(String job) {
        visit.go(job + "/ahead")
                .tick("input[name='DISCONNECT'][value='FITTED']")
                .press("Save what stands ahead");
    }

    @Test
    @DisplayName("taking a plan puts ahead of it what it needs; its wires and readings are part of the gates' evidence")
    void fromPlanToColdCheck() {
        String job = gates.wireListOfASixLeadMotor("Drum with a line-up");
        assertThat(visit.text("main")).contains("What stands ahead", "from F2.4");
        visit.go(job + "/ahead");
        assertThat(visit.text("svg.line-up"))
                .as("a plug isolates")
                .contains("K0", "F2")
                .doesNotContain("Q1");
        putInADisconnect(job);
        assertThat(visit.text("svg.line-up")).contains("PANEL", "Q1", "K0", "F2", "TO THE GEAR");
        assertThat(visit.text(".ticket")).contains("Motor-protection switch", "set to", "lockable");
        visit.go(job + "/wire");
        assertThat(visit.text(".steps")).contains("loop from pole to pole", "the panel's L1");
        assertThat(visit.all(".step").get(visit.all(".step").size() - 1).text()).contains("last of all");

        // a wrong reading is told where it stands, and corrected by the next one
        gates.tickEveryWire();
        visit.press(visit.all("#dead button[aria-pressed='false']").get(0));
        assertThat(visit.all("#dead tr.wrong-read")).hasSize(1);
        assertThat(visit.text(".ticket")).contains("What stands ahead does not show what it has to between");
        gates.readDead();

        // the same said twice is said once
        visit.go(job + "/log");
        int lines = visit.all("main tr").size();
        visit.go(job + "/ahead").press("Save what stands ahead");
        visit.go(job + "/cold")
                .press(visit.all("#dead button[aria-pressed='true']").get(0));
        visit.go(job + "/log");
        assertThat(visit.all("main tr")).hasSize(lines);

        // a wire taken back: what was read before counts no more
        visit.go(job + "/wire");
        gates.tick(visit.one(".step[data-section='AHEAD']"), false);
        visit.go(job + "/cold");
        assertThat(visit.all("#dead tr.made")).isEmpty();
        assertThat(visit.text("main")).contains("readings of what stands ahead are not taken yet");
        visit.go(job + "/log");
        assertThat(visit.text("main")).contains("What stands ahead: Q1, K0, F2 put in", "taken back");
    }

    @Test
    @DisplayName("what is needed is not left out without a word; with one it is, and it stands in the log")
    void leftOut() {
        String job = gates.wireListOfASixLeadMotor("Drum without overload");
        visit.go(job + "/ahead")
                .tick("input[name='OVERLOAD'][value='LEFT_OUT']")
                .press("Save what stands ahead");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("It is needed here"));
        visit.type("[name='OVERLOAD-reason']", "x".repeat(201)).press("Save what stands ahead");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(visit.all("input[name='DISCONNECT'][checked]")).hasSize(1);
        visit.tick("input[name='OVERLOAD'][value='LEFT_OUT']")
                .tick("input[name='DISCONNECT'][value='FITTED']")
                .type("[name='OVERLOAD-reason']", "its own thermistor relay stops it")
                .tick("input[name='FUSES'][value='FITTED']")
                .press("Save what stands ahead");
        assertThat(visit.text("svg.line-up")).contains("Q1", "F1").doesNotContain("F2");
        assertThat(visit.value("[name='OVERLOAD-reason']")).isEqualTo("its own thermistor relay stops it");
        visit.go(job + "/switch");
        assertThat(visit.text(".fence")).contains("Switch passed");
        for (String kind : new String[] {"DISCONNECT", "FUSES", "NO_VOLT_RELEASE"}) {
            visit.go(job + "/ahead")
                    .tick("input[name='" + kind + "'][value='THERE']")
                    .press("Save what stands ahead");
        }
        assertThat(visit.text("main")).contains("Nothing is put in here");
    }

    @Test
    @DisplayName("the papers carry it: drawing, danger label, buying list, readings")
    void papers() {
        String job = gates.wireListOfASixLeadMotor("Papers of a line-up");
        putInADisconnect(job);
        visit.go(job + "/wire");
        gates.tickEveryWire();
        assertThat(visit.go(job + "/papers/danger").text("main")).contains("Q1 isolates", "F2 tripped", "start on K0");
        assertThat(visit.go(job + "/handover").value("#isolator")).isEqualTo("the disconnect Q1");
        assertThat(visit.go(job + "/papers/cover").text("main")).contains("Ahead of it", "TO THE GEAR");
        assertThat(visit.go(job + "/papers/buying").text("main")).contains("F2: motor-protection switch, set to");
        assertThat(visit.go(job + "/papers/checks").text("main")).contains("what stands ahead, dead", "Q1 open");
    }

    @Test
    @DisplayName("a form without its parts, a wire and a reading that are not there do no harm")
    void nothingThere() {
        String job = gates.wireListOfASixLeadMotor("Line-up asked for nothing");
        assertThat(visit.go(job + "/ahead").status()).isEqualTo(200);
        assertThat(visit.post(job + "/wires", "section", "AHEAD", "wire", "Q9.1>Q8.2", "made", "true")
                        .statusCode())
                .isEqualTo(409);
        assertThat(visit.post(job + "/cold/dead", "section", "AHEAD", "about", "nothing", "shows", "OPEN")
                        .statusCode())
                .isEqualTo(409);
        assertThat(visit.post(job + "/cold/dead", "section", "AHEAD", "about", "nothing", "shows", "MAYBE")
                        .statusCode())
                .isEqualTo(400);
        assertThat(visit.post(job + "/ahead", "version", "0", "DISCONNECT", "SOMEWHERE")
                        .statusCode())
                .isEqualTo(422);
        assertThat(visit.post(job + "/ahead", "version", "-1", "DISCONNECT", "FITTED")
                        .statusCode())
                .isEqualTo(409);
        assertThat(visit.statusOf(gates.bringIn("No plan, no line-up") + "/ahead"))
                .isEqualTo(200);
    }
}
