package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Contactors and their control circuit over HTTP. */
class ControlTest {
    private static final String PARTS = "S0 stop\nS1 button forward\nS2 button reverse\nF2 overload\n"
            + "K1 contactor forward\nK2 contactor reverse\nshared: S0 nc - F2 nc\n";

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private String contactors(String machine) {
        String job = gates.wireListOfASixLeadMotor(machine);
        visit.go(job + "/switch");
        gates.chooseSwitch("Two contactors, three poles");
        return job;
    }

    @Test
    @DisplayName(
            "contactors are planned like a switch; their pin waits for a control circuit that holds, their wires stand in one list")
    void fromPlanToTicks() {
        String job = contactors("Contactor box");
        assertThat(visit.text("main")).contains("K1.1–K1.2", "Now its control circuit");
        visit.press("Use plan A, pull the pin");
        assertThat(visit.text("main")).contains("The contactors have no control circuit yet");

        visit.go(job + "/control");
        assertThat(visit.text("main")).contains("This is what most reversing boxes get");
        visit.choose("#before", "TIMER").type("#wait", "soon").press("Save this circuit");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("“soon” will not do"));
        assertThat(visit.value("#wait")).isEqualTo("soon");
        visit.type("#wait", "7,5 s").press("Save this circuit");
        assertThat(visit.text(".ticket"))
                .contains(
                        "Holds while nothing has failed",
                        "Never both contactors in at once",
                        "Even with any single part failed",
                        "The shaft stands still before it is driven the other way",
                        "With S9 pressed, these wires stay live",
                        "NEMA size");
        assertThat(visit.text("svg.ladder")).contains("S9", "K3", "13-14", "95-96");

        visit.go(job + "/switch").press("Use plan A, pull the pin");
        assertThat(visit.text(".fence")).contains("Switch passed");
        visit.go(job + "/wire");
        assertThat(visit.text(".steps"))
                .contains("The motor and its gear", "The control circuit", "control fuse F9", "wire number 1");
        gates.tickEveryWire();

        visit.go(job + "/wire");
        gates.tick(visit.one(".step[data-section='CONTROL']"), false);
        visit.go(job + "/wire");
        assertThat(visit.text("main")).contains("is not made any more");
        assertThat(visit.all(".step:not(.is-made)")).hasSize(1);
        visit.go(job + "/log");
        assertThat(visit.text("main")).contains("Control circuit saved", "Control wire");
    }

    @Test
    @DisplayName("a stranger's ladder is proved; what fails is shown step by step, and the mend is done by a button")
    void strangersLadder() {
        String job = contactors("Stranger's box");
        visit.go(job + "/control")
                .type("#own", PARTS + "K1: (S1 no or K1 no) - S2 nc\nK2: (S2 no or K2 no) - S1 nc - K7 nc\n")
                .press("Save and prove it");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(visit.text(".ticket")).contains("line 9: There is no K7");
        assertThat(visit.value("#own")).contains("K7 nc");
        visit.type("#own", PARTS + "K1: (S1 no or K1 no) - S2 nc\nK2: (S2 no or K2 no) - S1 nc\n")
                .press("Save and prove it");
        assertThat(visit.text(".ticket")).contains("Not to get power like this", "Show how it fails");
        visit.press("Show how it fails");
        assertThat(visit.text(".events"))
                .contains("is pressed", "Main contacts of K1 close", "Main contacts of K2 close");
        visit.go(job + "/switch");
        visit.press("Use plan A, pull the pin");
        assertThat(visit.text("main")).contains("does not hold what it must");

        visit.go(job + "/control").press("Do that");
        assertThat(visit.text(".ticket")).contains("Holds while nothing has failed");
        assertThat(visit.value("#own")).contains("S2 nc - K2 nc");

        visit.press(visit.all(".claims details a").get(0));
        assertThat(visit.text("main")).contains("How it fails:", "with");
        assertThat(visit.all(".events .event-step")).isNotEmpty();
    }

    @Test
    @DisplayName("a contact is changed on the ladder itself; one that is gone is told")
    void onTheLadder() {
        String job = contactors("Changed ladder");
        visit.go(job + "/control").press("Save this circuit");
        int before = visit.all("svg.ladder .touch").size();
        String last = visit.all("svg.ladder .touch").get(3).attr("href");
        visit.go(last);
        visit.choose("#part", "S0").choose("#normally", "nc").press("before it");
        assertThat(visit.all("svg.ladder .touch")).hasSize(before + 1);
        visit.go(job + "/control?contact=3").press("Take it out");
        assertThat(visit.all("svg.ladder .touch")).hasSize(before);
        visit.go(job + "/control?contact=999");
        assertThat(visit.status()).isEqualTo(200);
    }

    @Test
    @DisplayName(
            "rungs and parts are put in and taken out on the ladder; what does not go together is told and nothing is lost")
    void rungs() {
        String job = contactors("Rungs by hand");
        visit.go(job + "/control").press("Save this circuit");
        int coils = visit.all("svg.ladder .load").size();
        visit.choose("#newPart", "TIMER")
                .choose("#newContact", "S1")
                .type("#newSeconds", "soon")
                .press("Put it in");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("how long it waits"));
        assertThat(visit.value("#newSeconds")).isEqualTo("soon");
        visit.type("#newSeconds", "4 s").press("Put it in");
        assertThat(visit.all("svg.ladder .load")).hasSize(coils + 1);
        visit.choose("#newPart", "RELAY").press("Put it in");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("first contact of its rung"));
        visit.choose("#newContact", "K1").press("Put it in");
        assertThat(visit.all("svg.ladder .load")).hasSize(coils + 2);
        String last = visit.all("svg.ladder .load").get(coils + 1).attr("data-load");
        visit.choose("#outPart", last)
                .press(visit.all("form:has(#outPart) button").get(0));
        assertThat(visit.all("svg.ladder .load")).hasSize(coils + 1);
        visit.choose("#newPart", "LIMIT").choose("#newWay", "FORWARD").press("Put it in");
        visit.go(job + "/control?contact=3").choose("#part", "B1").press("before it");
        assertThat(visit.text("svg.ladder")).contains("B1");
        visit.choose("#outPart", "K1")
                .press(visit.all("form:has(#outPart) button").get(0));
        // without its contactor the one way is gone, and with it the interlock of the other
        assertThat(visit.text("svg.ladder")).doesNotContain("K1");
        assertThat(visit.text(".ticket h1")).isEqualTo("Not to get power like this");
        assertThat(visit.statusOf(job + "/control")).isEqualTo(200);
    }

    @Test
    @DisplayName("what the ohmmeter shows of the dead circuit is kept, and the cold check waits for it")
    void dead() {
        String job = contactors("Dead ladder");
        visit.go(job + "/control").press("Save this circuit");
        visit.go(job + "/switch").press("Use plan A, pull the pin");
        visit.go(job + "/cold");
        assertThat(visit.text("main")).contains("readings of the dead control circuit are not taken yet");
        gates.readDead();
        assertThat(visit.text("main")).doesNotContain("dead control circuit");
        visit.press(visit.all("#dead tr button").get(2));
        assertThat(visit.text("main")).contains("does not show what it has to with nothing held");
        assertThat(visit.go(job + "/papers/checks").text("main"))
                .contains("Control circuit and what stands ahead, dead");
        assertThat(visit.go(job + "/papers/cover").text("main")).contains("95-96");
    }

    @Test
    @DisplayName("it runs: the frames say what is in, and what nobody knows is left out")
    void runs() {
        String job = contactors("Run box");
        visit.go(job + "/control").press("Save this circuit");
        visit.go(job + "/switch").press("Use plan A, pull the pin");
        String run = visit.body(job + "/control/run?acts=S1%2B100,S1-300,nonsense,X9%2B400&until=2000");
        assertThat(run).contains("\"motion\":\"forward\"", "\"in\":\"K1\"", "\"chatters\":false", "\"rpm\":17");
        assertThat(visit.statusOf(job + "/control/run?until=999999999")).isEqualTo(400);
    }
}
