package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Reading;
import gatepin.web.RunningGatePin;
import gatepin.web.parcel.Parcels;
import gatepin.web.parcel.Parcels.Unpacked;
import gatepin.web.shop.Shops;
import java.io.ByteArrayInputStream;
import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("computes")
class SwitchGateTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    @Test
    void theScratterIsWiredOnItsDrum() {
        String job = gates.demo("Apple scratter");
        visit.go(job + "/switch");
        assertThat(visit.text(".ticket"))
                .contains("As found, it is wired right", "both lines broken", "as the plate shows", "one line broken");
        visit.press("What the plan must have");
        assertThat(visit.text(".ticket")).contains("As found: T1 on 5, L1 on 6, T5 on 1, T8 on 4, T4 on 2, L2 on 2");

        gates.takePlanOfThePlate();
        assertThat(visit.all(".step"))
                .extracting(s -> s.attr("data-facts"))
                .anyMatch(f -> f.contains("14 AWG, cut 6 ft"));
        assertThat(visit.text("#buy")).contains("Motor cable: 6 ft of 6 conductors", "connector listed for", "in³");
        visit.type("#motorCable", "long").press("Count again");
        assertThat(gates.complaints()).singleElement().asString().contains("“long” is no length");
        assertThat(visit.value("#motorCable")).isEqualTo("long");
        visit.type("#motorCable", "3,2").press("Count again");
        assertThat(visit.text("#buy")).contains("Motor cable: 4.5 ft");
        gates.tickEveryWire();
    }

    @Test
    void whatIsThereAlreadyMayStay() {
        String job = gates.demo("Apple scratter");
        visit.go(job + "/switch").press("What the plan must have");
        visit.type("#kept", "T5 on 1, T8 on 4, L1 on 6").press("Plan with these");
        assertThat(visit.text(".ticket")).contains("as the plate shows");
        visit.press("What the plan must have").type("#kept", "T5 on 1, T8 on 1").press("Plan with these");
        assertThat(visit.text("main")).contains("No plan has all that you ask", "wires that stay");
        visit.press("What the plan must have").type("#kept", "").press("Plan with these");
        assertThat(visit.text(".ticket")).contains("nothing hot in OFF, both lines broken");
    }

    @ParameterizedTest(name = "a face of {0}")
    @ValueSource(
            strings = {"1 2 3 4 5 6 7 8 9 10", "1 2 3 4 5 6 7 8 9 10 11 12", "1 / 2 / 3 / 4 / 5 / 6 / 7 / 8", "1 2 / 3"
            })
    void everyPageOpensWhateverTheFace(String face) {
        String job = gates.wireListOfASixLeadMotor("Face of " + face);
        visit.go(job + "/switch/map").type("#name", "Odd").type("#face", face).press("Lay the face out");
        for (String page : List.of("switch/map", "switch", "wire", "run-up", "plate", "log")) {
            visit.go(job + "/" + page);
            assertThat(visit.status()).as(page).isEqualTo(200);
        }
    }

    @Test
    void theExtractorIsWiredOnAThreePoleToggle() {
        String job = gates.demo("Honey extractor");
        visit.go(job + "/switch");
        gates.chooseSwitch("DPDT toggle, centre off");
        assertThat(visit.text("main")).contains("This switch cannot turn it off", "3PDT toggle, centre off");
        gates.chooseSwitch("3PDT toggle, centre off");
        assertThat(visit.text(".ticket"))
                .contains("nothing hot in OFF", "Four conductors")
                .doesNotContain("switches the neutral");
        assertThat(visit.text("svg.bench.wide-only")).contains("CAPACITOR", "C1", "C2");
        visit.press("Use plan A, pull the pin");
        assertThat(visit.text("#buy")).contains("Run capacitor: 10 µF", "push-on terminal");
        assertThat(visit.all(".step").stream().map(Element::text))
                .anyMatch(t -> t.contains("C1"))
                .anyMatch(t -> t.contains("C2"));
        gates.tickEveryWire();
    }

    @ParameterizedTest(name = "{0} at {1} V")
    @CsvSource(
            delimiter = '|',
            value = {
                "P1 P2 T1 T2 T3 T4 T5 T8 | 230 | TWO_HOT | P1 | T4 T8 | P2 T1; T2 T3 T5",
                "P1 P2 P3 T1 T2 T3 T4 T5 T8 | 230 | TWO_HOT | P1 | T4 T8 | P2 T1; T2 T3 T5",
                "P1 P2 P3 T1 T2 T3 T4 T5 T8 | 115 | HOT_AND_NEUTRAL | P1 | T2 T4 T8 | P2 T1 T5; P3 T3"
            })
    void aMotorWithAProtectorGoesFromItsPlateToATickedWireList(
            String leads, String volts, String kind, String line1, String line2, String joined) {
        gates.bringIn("Protected " + leads.length() + " " + volts);
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        gates.typeLeads(leads.split(" "))
                .typeColumn(volts, kind, line1, line2, joined, "T5 T8")
                .pullPin()
                .relyOnTheMarks()
                .passSupply("12")
                .passRotation();
        gates.chooseSwitch("Cross-corner drum");
        assertThat(visit.text(".ticket")).contains("opposite ways");
        assertThat(visit.all("svg.bench .wire")).isNotEmpty();
        visit.press("Use plan A, pull the pin");
        gates.tickEveryWire();
    }

    @Test
    void aPlanIsTakenByWhatItIsAndNotByItsPlaceInAList() {
        String job = gates.wireListOfASixLeadMotor("Two windows");
        visit.go(job + "/switch");
        String shown = visit.one("form[action$='/switch/plan'] input[name='plan'], a[href*='plan=']")
                .outerHtml();
        assertThat(shown).containsPattern("[0-9a-f]{12}");
        visit.go(job + "/switch?plan=0123456789ab");
        assertThat(visit.text(".ticket")).contains("plan ");
    }

    @Test
    void aPinDropsWhenItsEvidenceNoLongerHoldsWhateverChanged() {
        String job = gates.wireListOfASixLeadMotor("Outgrown machine");
        visit.go(job + "/switch").press("Switch: Cross-corner drum");
        visit.type("#rating", "1/4 HP 240 V");
        gates.chooseSwitch("Cross-corner drum");
        assertThat(gates.post("Switch")).isEqualTo("pin dropped");
        assertThat(visit.text(".ticket")).contains("The switch is not for this motor");
    }

    @Test
    void theDrillsCamIsMappedWithTheMeterAndWired() {
        String job = gates.demo("Tapping drill");
        visit.go(job + "/switch/map");
        assertThat(visit.text(".ticket")).contains("0 of 198 pairs");
        int probes = 0;
        while (visit.all(".ticket form").isEmpty() && probes < 120) {
            visit.press("Hold the simulated meter on");
            probes++;
        }
        assertThat(probes).as("deduced, not probed pair by pair").isLessThan(99);
        assertThat(visit.text(".ticket"))
                .contains(
                        "All 198 pairs are known",
                        "1–7, 3–9, 5–11, 6–12",
                        "wired inside like the Cam switch, 12 terminals");

        visit.press("Use this switch");
        assertThat(visit.text(".ticket")).contains("Four conductors", "No motor lead is hot in OFF");
        visit.press("Use plan A, pull the pin");
        gates.tickEveryWire();
        // a switch that was mapped here goes along into another shop, and into this one again
        Parcels parcels = RunningGatePin.get().bean(Parcels.class);
        long other = RunningGatePin.get()
                .bean(Shops.class)
                .open("Shop without that cam", "NORTH_AMERICA", "UTC", List.of())
                .value()
                .orElseThrow();
        byte[] out = parcels.pack(Long.parseLong(job.replaceAll("\\D", "")));
        for (long shop : new long[] {other, 1, other}) {
            Reading<Unpacked> in = parcels.unpack(shop, new ByteArrayInputStream(out));
            assertThat(in.problems()).isEmpty();
            assertThat(visit.statusOf("/jobs/" + in.value().orElseThrow().jobId() + "/wire"))
                    .isEqualTo(200);
        }
    }

    @Test
    void theWinchTakesOnlyAHandleThatSpringsBack() {
        String job = gates.demo("Hay-loft winch");
        visit.go(job + "/switch");
        gates.chooseSwitch("Centre-swap drum");
        assertThat(visit.text(".ticket")).contains("This handle stays where it is put");
        visit.press("Switch: Centre-swap drum");
        visit.type("#rating", "1/2 HP 240 V");
        gates.chooseSwitch("spring return");
        assertThat(visit.text(".ticket"))
                .contains("The switch is not for this motor")
                .doesNotContain("stays where it is put");
        visit.press("Switch: Cross-corner drum, spring return");
        visit.type("#rating", "2 HP 240 V");
        gates.chooseSwitch("Cross-corner drum, spring return");
        assertThat(visit.text(".ticket")).doesNotContain("The switch is not for this motor");
        visit.press("Use plan A, pull the pin");
        gates.tickEveryWire();
    }

    @Test
    void wishesNarrowThePlansAndSayWhatAsksTooMuch() {
        String job = gates.wireListOfASixLeadMotor("Wishing machine");
        visit.go(job + "/switch").press("What the plan must have");
        visit.type("#mostConductors", "few")
                .type("#unusable", "9")
                .type("#kept", "T5 1 2")
                .press("Plan with these");
        assertThat(gates.complaints())
                .hasSize(3)
                .anyMatch(c -> c.contains("“few” is no number"))
                .anyMatch(c -> c.contains("no terminal 9"))
                .anyMatch(c -> c.contains("“T5 1 2” is no wire"));
        assertThat(visit.value("#kept")).isEqualTo("T5 1 2");

        visit.type("#mostConductors", "3")
                .type("#unusable", "")
                .type("#kept", "")
                .press("Plan with these");
        assertThat(visit.all(".plan-choice strong").stream().map(Element::text).filter(t -> t.matches("[A-Z]\\. .*")))
                .isNotEmpty()
                .allMatch(t -> t.contains("Three conductors"));
        visit.press("What the plan must have").type("#mostConductors", "2").press("Plan with these");
        assertThat(visit.text("main")).contains("No plan has all that you ask", "at most 2 conductors");
        visit.press("What the plan must have")
                .type("#mostConductors", "")
                .type("#kept", "T5 on 1")
                .press("Plan with these");
        assertThat(visit.text(".ticket")).contains("What the plan must have: asked", "nothing hot in OFF");
    }

    @Test
    void aMapThatContradictsItselfIsSaidPlainlyAndNothingIsLost() {
        String job = gates.wireListOfASixLeadMotor("Mapped machine");
        visit.go(job + "/switch/map").type("#face", "A B / B C").press("Lay the face out");
        assertThat(gates.complaints())
                .anyMatch(c -> c.contains("two terminals B"))
                .anyMatch(c -> c.contains("Give the switch a name"));
        assertThat(visit.value("#face")).isEqualTo("A B / B C");
        visit.type("#name", "Box without labels")
                .type("#face", "A B / C D / E F")
                .press("Lay the face out");

        probe("A", "B", "It buzzes");
        probe("B", "C", "It buzzes");
        probe("A", "C", "Silent");
        assertThat(visit.text(".ticket"))
                .contains("A–C cannot be silent at FORWARD", "A to B to C buzzed", "not settled yet");
        assertThat(visit.text("main")).contains("3 readings");
        probe("A", "C", "It buzzes");
        assertThat(visit.text(".ticket")).doesNotContain("cannot be silent");

        visit.press("Its chart is printed somewhere")
                .type("#forward", "A-C B-D E-F")
                .type("#reverse", "A-B C-X")
                .press("Write the chart down");
        assertThat(gates.complaints()).singleElement().asString().contains("X, which is not on the face");
        visit.type("#reverse", "A-B C-D E-F").press("Write the chart down");
        assertThat(visit.text(".ticket")).contains("wired inside like the Cross-corner drum");
        visit.press("Use this switch");
        assertThat(gates.post("Switch")).as("another switch is another plan").isEqualTo("pin dropped");
        assertThat(visit.text(".ticket")).contains("Box without labels", "Five conductors");
    }

    private void probe(String a, String b, String says) {
        visit.choose("#a", a).choose("#b", b).press(says);
    }
}
