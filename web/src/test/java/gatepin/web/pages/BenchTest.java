package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import gatepin.web.parcel.Parcels;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Wires by hand, over HTTP. */
class BenchTest {
    /** The six-lead motor on 230 V, on the cross-corner drum, by hand. */
    private static final String[][] WIRES = {
        {"T2", "T3"}, {"T2", "T5"}, {"T1", "2"}, {"T4", "3"}, {"T8", "1"}, {"1", "5"}, {"4", "L1"}, {"6", "L2"}
    };

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private String bench(String machine, String start) {
        String job = gates.wireListOfASixLeadMotor(machine);
        visit.go(job + "/bench")
                .type("#name", "by hand")
                .choose("#start", start)
                .press("Lay it out");
        return job;
    }

    private void join(String one, String other) {
        visit.type("#one", one).type("#other", other).press("Join");
    }

    private void ground() {
        visit.post(at() + "/join", "one", "motor.G", "other", "S1.G");
        visit.post(at() + "/join", "one", "S1.G", "other", "supply.G");
        visit.go(visit.path());
    }

    private String at() {
        return visit.one("main").attr("data-base");
    }

    @Test
    @DisplayName(
            "from nothing to the plan: each wire is judged, and what is laid becomes the job's plan with its wire list")
    void fromNothing() throws Exception {
        String job = bench("Hand-wired", "NOTHING");
        assertThat(visit.text("main")).as("an empty bench does nothing").contains("does not start");
        for (String[] wire : WIRES) {
            join(wire[0], wire[1]);
            assertThat(visit.status()).as("%s to %s", wire[0], wire[1]).isEqualTo(200);
        }
        ground();
        assertThat(visit.text("[data-part=sheet]")).contains("T2 + T3 + T5", "L1 → T1 (run 1)", "11 wires");
        assertThat(visit.text("[data-part=ticket]")).contains("FORWARD and REVERSE turn opposite ways");
        visit.press("Take it over as the plan");
        assertThat(visit.path()).contains("/wire");
        assertThat(visit.all(".step[data-section='GEAR']")).hasSize(11);
        assertThat(visit.text("main"))
                .as("a plan by hand brings what it needs ahead")
                .contains("What stands ahead");
        visit.go(job + "/log");
        assertThat(visit.text("main")).contains("Plan taken over from the bench, “by hand”");

        // it goes out with the job and comes in with it
        Parcels parcels = RunningGatePin.get().bean(Parcels.class);
        long id = Long.parseLong(job.replaceAll("\\D+", ""));
        var brought = parcels.unpack(1, new ByteArrayInputStream(parcels.pack(id)));
        assertThat(brought.problems()).isEmpty();
        visit.go("/jobs/" + brought.value().orElseThrow().jobId() + "/bench");
        assertThat(visit.text("main")).contains("by hand", "11 wires");
    }

    @Test
    @DisplayName("undo and redo without end, kept over a reload; a step after an undo forgets what was ahead")
    void undo() {
        bench("Hand undone", "NOTHING");
        for (String[] wire : WIRES) {
            join(wire[0], wire[1]);
        }
        String base = at();
        for (int i = 0; i < WIRES.length; i++) {
            visit.post(base + "/undo");
        }
        assertThat(visit.go(visit.path()).text("[data-part=sheet]")).contains("0 wires");
        visit.post(base + "/undo");
        for (int i = 0; i < 3; i++) {
            visit.post(base + "/redo");
        }
        assertThat(visit.go(visit.path()).text("[data-part=sheet]")).contains("4 wires");
        join("T8", "1");
        visit.post(base + "/redo");
        assertThat(visit.go(visit.path()).text("[data-part=sheet]")).contains("5 wires", "T8 to 1");
    }

    @Test
    @DisplayName("what no hand can do is told by the field, and nothing is lost")
    void refused() {
        String job = bench("Hand refused", "PLAN");
        int wires = visit.all(".laid li").size();
        join("T1", "T1");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("to itself"));
        assertThat(visit.value("#one")).isEqualTo("T1");
        join("Z9", "1");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("There is no Z9"));
        join("", "");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("Type their marks"));
        join("T1", "T4");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("one end only"));
        assertThat(visit.all(".laid li")).hasSize(wires);
        visit.go(job + "/bench").type("#name", "By Hand").press("Lay it out");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("one of that name already"));
        visit.type("#name", "").press("Lay it out");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("Give it a name"));
        assertThat(visit.statusOf(job + "/bench/999999/work")).isEqualTo(404);
        assertThat(visit.post(job + "/bench/999999/join", "one", "T1", "other", "1")
                        .statusCode())
                .isEqualTo(404);
        assertThat(visit.statusOf(gates.bringIn("No leads, no bench") + "/bench"))
                .isEqualTo(200);
    }

    @Test
    @DisplayName("a wrong wire is found, its power told, and it does not become the plan")
    void wrongWire() {
        bench("Hand wrong", "PLAN");
        String base = at();
        assertThat(visit.text("[data-part=ticket]")).contains("Against the plan", "The same wires");
        visit.post(base + "/part", "one", "T8", "other", wireOf("T8"));
        visit.post(base + "/join", "one", "L1", "other", "L2");
        visit.go(visit.path());
        assertThat(visit.text("[data-part=ticket]")).contains("Only here", "L1 to L2", "Only in the plan");
        assertThat(visit.body(base + "/power?at=forward")).contains("The breaker trips at once");
        visit.press("Take it over as the plan");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("mend it first"));
        visit.post(base + "/undo");
        visit.post(base + "/undo");
        assertThat(visit.body(base + "/power?at=forward"))
                .contains("Up to 17", "start switch clicks out", "\"ends\":\"motor.T1>S1.2\",\"amps\":");
        assertThat(visit.body(base + "/power?at=off")).contains("no current flows");
    }

    private String wireOf(String lead) {
        return visit.all(".laid button").stream()
                .filter(b -> b.attr("data-one").equals("motor." + lead))
                .findFirst()
                .orElseThrow()
                .attr("data-other");
    }

    @Test
    @DisplayName("whatever is laid on whatever switch, every step is answered, under power too")
    void anything() {
        Random chance = new Random(17);
        for (String machine : List.of("Apple scratter", "Honey extractor", "Seed auger", "Tapping drill")) {
            String job = gates.demo(machine);
            for (String gear : List.of("", "cam-12", "contactors-4")) {
                visit.go(job + "/bench")
                        .type("#name", machine + " on " + gear)
                        .choose("#gear", known(gear))
                        .press("Lay it out");
                assertThat(visit.status()).as("%s, %s", machine, gear).isEqualTo(200);
                String base = at();
                List<String> points =
                        visit.all("#points option").stream().map(o -> o.val()).toList();
                for (int i = 0; i < 24; i++) {
                    String one = points.get(chance.nextInt(points.size()));
                    String other = points.get(chance.nextInt(points.size()));
                    assertThat(visit.post(base + (i % 6 == 5 ? "/undo" : "/join"), "one", one, "other", other)
                                    .statusCode())
                            .as("%s: %s to %s", machine, one, other)
                            .isIn(302, 422);
                    if (i % 8 == 7) {
                        for (String position : List.of("forward", "off", "reverse")) {
                            assertThat(visit.statusOf(base + "/power?at=" + position))
                                    .isEqualTo(200);
                        }
                        assertThat(visit.statusOf(base + "/meter?one=" + one + "&other=" + other))
                                .isEqualTo(200);
                    }
                }
                assertThat(visit.go(job + "/bench?copy=" + base.replaceAll(".*/", ""))
                                .status())
                        .isEqualTo(200);
            }
        }
    }

    @Test
    @DisplayName("a capacitor beside the motor helps only where the wires bring it in")
    void capacitor() {
        String job = gates.demo("Honey extractor");
        visit.go(job + "/bench").type("#name", "with and without").press("Lay it out");
        String base = at();
        for (String[] wire : new String[][] {
            {"motor.black", "supply.L1"},
            {"motor.black/yellow", "supply.L2"},
            {"motor.blue", "supply.L1"},
            {"motor.G", "supply.G"}
        }) {
            assertThat(visit.post(base + "/join", "one", wire[0], "other", wire[1])
                            .statusCode())
                    .isEqualTo(302);
        }
        visit.post(base + "/join", "one", "motor.blue/yellow", "other", "supply.L2");
        String page = job + "/bench?copy=" + base.replaceAll(".*/", "");
        visit.go(page);
        assertThat(visit.all("svg.by-hand .inner"))
                .as("no capacitor sits in the motor unseen")
                .isEmpty();
        String without = visit.body(base + "/power?at=forward");
        visit.press("Take it over as the plan");
        assertThat(visit.status()).isEqualTo(422);
        visit.go(page);
        visit.post(base + "/part", "one", "motor.blue/yellow", "other", "supply.L2");
        visit.post(base + "/join", "one", "motor.blue/yellow", "other", "capacitor.C1");
        visit.post(base + "/join", "one", "capacitor.C2", "other", "supply.L2");
        visit.go(page);
        assertThat(visit.text("[data-part=sheet]")).doesNotContain("does not start");
        assertThat(visit.body(base + "/power?at=forward")).contains("Up to 1").isNotEqualTo(without);
    }

    /** A switch of the list, as near as may be. */
    private String known(String gear) {
        return visit.all("#gear option").stream()
                .map(o -> o.val())
                .filter(v -> v.startsWith(gear))
                .findFirst()
                .orElse("");
    }

    @Test
    @DisplayName("what if it were another switch: tried on one of the library, taken over only on the job's own")
    void anotherSwitch() {
        String job = bench("Hand elsewhere", "PLAN");
        int wires = visit.all(".laid li").size();
        visit.go(job + "/bench")
                .type("#name", "on a toggle")
                .choose("#start", "PLAN")
                .choose("#gear", "tpdt-centre-off");
        visit.press("Lay it out");
        assertThat(visit.text("svg.by-hand")).contains("TOGGLE");
        assertThat(visit.all(".laid li").size()).isBetween(4, wires);
        visit.press("Take it over as the plan");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("another switch than the job's"));
        visit.post(job + "/bench", "name", "on nothing known", "gear", "no-such", "start", "NOTHING");
        assertThat(visit.go(job + "/bench").text("nav.plans")).doesNotContain("on nothing known");
    }

    @Test
    @DisplayName(
            "a disconnect put beside the switch is wired, drawn, thrown, taken away again; what cannot be is told by its field")
    void devices() {
        bench("Hand with a disconnect", "PLAN");
        String base = at();
        int wires = visit.all(".laid li").size();
        String line = visit.all(".laid button").stream()
                .filter(b -> b.attr("data-other").equals("supply.L1"))
                .findFirst()
                .orElseThrow()
                .attr("data-one");
        visit.post(base + "/device", "kind", "DISCONNECT");
        visit.post(base + "/part", "one", line, "other", "supply.L1");
        visit.post(base + "/join", "one", "supply.L1", "other", "Q2.1");
        visit.post(base + "/join", "one", "Q2.2", "other", line);
        visit.go(visit.path());
        assertThat(visit.text("svg.by-hand")).contains("Q2.1", "Q2.4");
        assertThat(visit.all(".laid li")).hasSize(wires + 1);
        assertThat(visit.body(base + "/power?at=forward")).contains("Nothing happens");
        visit.press(visit.one("button[data-words='Q2 on']"));
        assertThat(visit.body(base + "/power?at=forward")).contains("Up to 17");
        visit.press("Take it over as the plan");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("Take away what you put beside it"));
        visit.press("Take away");
        assertThat(visit.all(".laid li")).hasSize(wires - 1);
        visit.post(base + "/undo");
        assertThat(visit.go(visit.path()).all(".laid li")).hasSize(wires + 1);

        visit.choose("#kind", "CAPACITOR").type("#microfarads", "many").press("Put it there");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(gates.complaints()).anyMatch(c -> c.contains("Give its µF"));
        assertThat(visit.value("#microfarads")).isEqualTo("many");
        visit.choose("#kind", "CAPACITOR").type("#microfarads", "88 µF").press("Put it there");
        assertThat(visit.text("[data-part=ticket]")).contains("C2, 88 µF");
        assertThat(visit.text("svg.by-hand")).contains("C2A", "C2B");
        visit.choose("#kind", "TOGGLE").press("Put it there");
        visit.choose("#kind", "CONTACTOR").press("Put it there");
        assertThat(visit.all("svg.by-hand")).as("the drawing").isNotEmpty();
        visit.choose("#kind", "CONTACTOR").press("Put it there");
        assertThat(gates.complaints()).anyMatch(c -> c.contains("Take one away first"));
        for (String[] hostile : new String[][] {
            {"device", "kind", "no-such"},
            {"throw", "name", "Q2", "stand", "7"},
            {"throw", "name", "S9", "stand", "x"},
            {"away", "name", "<b>"}
        }) {
            assertThat(visit.post(base + "/" + hostile[0], java.util.Arrays.copyOfRange(hostile, 1, hostile.length))
                            .statusCode())
                    .isEqualTo(422);
        }
    }

    @Test
    @DisplayName(
            "a switch comes with its maker's links in, and they come out by hand; leads on studs are linked stud to stud")
    void links() {
        String job = gates.wireListOfASixLeadMotor("Hand linked");
        visit.go(job + "/bench")
                .type("#name", "two decks")
                .choose("#gear", "two-tier")
                .press("Lay it out");
        assertThat(visit.all(".laid li").stream().map(l -> l.text())).containsExactly("2 to 5", "4 to 6");
        String base = at();
        visit.post(base + "/part", "one", "S1.2", "other", "S1.5");
        assertThat(visit.go(visit.path()).text("[data-part=sheet]")).contains("One wire");

        visit.go(job + "/bench")
                .type("#name", "on a board")
                .tick("input[name=studs]")
                .press("Lay it out");
        base = at();
        for (String[] link : new String[][] {{"T1", "T2"}, {"T2", "T3"}, {"T2", "T5"}}) {
            assertThat(visit.post(base + "/join", "one", link[0], "other", link[1])
                            .statusCode())
                    .isEqualTo(302);
        }
        assertThat(visit.post(base + "/join", "one", "T2", "other", "T4").statusCode())
                .isEqualTo(422);
        visit.go(visit.path());
        assertThat(visit.text("[data-part=sheet]")).contains("3 wires", "T1 + T2 + T3 + T5");
        assertThat(visit.all("svg.by-hand")).as("links are drawn").isNotEmpty();
    }

    @Test
    @DisplayName("meter and clamp: dead ohms, volts under power, amps of a wire")
    void meter() {
        bench("Hand metered", "PLAN");
        String base = at();
        assertThat(visit.body(base + "/meter?one=supply.L1&other=supply.L2&at=forward"))
                .contains("Ω", "223 V at standstill", "229 V running");
        assertThat(visit.body(base + "/meter?one=supply.L1&other=supply.L2&at=off"))
                .contains("dead OL");
        assertThat(visit.body(base + "/meter?one=nothing&other=supply.L2")).contains("lie on nothing");
        String amps = visit.body(base + "/clamp?one=motor.T1&other=" + wireOf("T1") + "&at=forward");
        assertThat(amps).contains("A at standstill");
        assertThat(visit.body(base + "/clamp?one=motor.T1&other=S1.G")).contains("That wire is off");
    }

    @Test
    @DisplayName("the fragment for scripts: a drawing with its words, or why not with the place")
    void asked() {
        bench("Hand asked", "NOTHING");
        assertThat(visit.body(at() + "/work")).contains("data-part=\"sheet\"", "data-part=\"ticket\"", "0 wires");
        assertThat(visit.body(at() + "/drawing.svg?at=off"))
                .contains("<svg", "viewBox", "<style>", "CROSS-CORNER DRUM")
                .doesNotContain("<script");
        List<String> points = visit.all("#points option").stream()
                .map(o -> o.attr("data-label"))
                .toList();
        assertThat(points).contains("T1", "1", "X1", "L1");
    }
}
