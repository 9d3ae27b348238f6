package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.job.Gate;
import gatepin.core.paper.Paper;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Machines that turn one way only, from a new machine to Hand over, with no gate passed by override. */
@Tag("computes")
class OneWayTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private JobFile file(String job) {
        return RunningGatePin.get().bean(JobFiles.class).file(Long.parseLong(job.replaceAll("\\D", "")));
    }

    /** A motor without an interchange on its diagram, up to its Rotation gate. */
    private String upToRotation(String machine, String line1, String line2) {
        String job = gates.bringIn(machine);
        gates.typePlate("1/2", "115", "8.8", "", "", "1725").pullPin();
        gates.typeLeads((line1 + " " + line2).split(" ")).typeColumn("115", "HOT_AND_NEUTRAL", line1, line2, "", "");
        assertThat(visit.complaints()).allMatch(String::isEmpty);
        assertThat(visit.go(job + "/diagram").text(".ticket")).contains("No interchange is written");
        assertThat(visit.all("[aria-label='Rotation shown']")).isEmpty();
        assertThat(visit.text(".ticket").contains("No end of its start winding comes out"))
                .isEqualTo(!line1.contains("T5"));
        gates.pullPin().relyOnTheMarks().passSupply("40");
        return job;
    }

    private void oneWayOnly() {
        visit.press("drill press").press("+ belt").type("#work", "on");
        visit.one("input[name='bothWays']").removeAttr("checked");
        visit.press("Save the rotation");
        gates.pullPin();
    }

    @ParameterizedTest
    @CsvSource({
        "Saw, 'On and off, two poles', T1 T5, T4 T8",
        "Blower, 'On and off, one pole', T1 T5, T4 T8",
        "Pump, Pressure or float switch, T1 T5, T4 T8",
        "Mangle, Cross-corner drum, T1 T5, T4 T8",
        // no end of the start winding comes out
        "Dryer, 'On and off, two poles', T1, T4",
        "Fan, DPDT toggle, T1, T4"
    })
    @DisplayName("a machine that turns one way only comes to its end on on-and-off gear, and on a reversing switch")
    void fromItsPlateToHandOver(String machine, String gear, String line1, String line2) {
        String job = upToRotation("One way " + machine, line1, line2);
        oneWayOnly();
        gates.chooseSwitch(gear);
        assertThat(visit.text("main")).doesNotContain("cannot do it");
        visit.press("Use plan A, pull the pin");
        boolean handle = !gear.startsWith("On and off") && !gear.startsWith("Pressure");
        visit.go(job + "/switch");
        assertThat(visit.all(".handle button")).hasSize(handle ? 3 : 2);
        assertThat(visit.text(".sheet")).doesNotContain(handle ? "no such word" : "REVERSE");
        visit.go(job + "/wire");
        gates.tickEveryWire();
        gates.readAsExpected();
        assertThat(visit.text(".ticket")).contains("All readings agree");
        visit.press("Cold check passed");
        for (String box : List.of("cover", "strapped", "belt", "clear", "watcher")) {
            visit.tick("input[name='" + box + "']");
        }
        visit.tick("input[name='standsAt'][value='SHAFT_END']").press("Ready for power");
        gates.readAsExpected();
        visit.press("Live check passed");
        for (Gate gate : Gate.values()) {
            if (gate != Gate.HANDOVER) {
                assertThat(gates.post(gate.title())).as(gate.title()).isEqualTo("passed");
            }
        }
        for (Paper paper : Paper.values()) {
            visit.go(job + "/papers/" + paper.word());
            assertThat(visit.status()).isEqualTo(200);
            assertThat(visit.text("main")).as(paper.word()).doesNotContain(handle ? "no such word" : "REVERSE");
        }
        for (String page : List.of("trouble?seen=hums", "bench", "run-up", "found", "log", "why", "rotation")) {
            assertThat(visit.statusOf(job + "/" + page)).as(page).isEqualTo(200);
        }
        assertThat(file(job).workup().fallen()).isEmpty();
    }

    @Test
    @DisplayName(
            "a diagram without an interchange on a machine that must turn both ways: the windings tell, or that they do not is said")
    void bothWaysWithoutAnInterchange() {
        String job = upToRotation("Both ways anyway", "T1 T5", "T4 T8");
        gates.passRotation();
        gates.chooseSwitch("Cross-corner drum");
        assertThat(visit.text(".ticket")).contains("Use plan A");
        visit.go(job + "/switch");
        assertThat(visit.all("label.plan-choice").stream().map(l -> l.text()))
                .as("gear for one way is not offered")
                .noneMatch(t -> t.contains("On and off"));

        String two = upToRotation("Two leads only", "T1", "T4");
        gates.passRotation();
        gates.chooseSwitch("Cross-corner drum");
        assertThat(visit.go(two + "/switch").text("main")).contains("Its leads let this motor turn one way only");
    }
}
