package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;

class BenchGatesTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    @Test
    void theSafePinStaysInUntilEveryCapacitorIsMeasured() {
        String job = gates.open("Charged machine");
        assertThat(visit.text(".ticket-actions")).contains("Say how the machine is disconnected");
        visit.tick("input[name='disconnect'][value='LOCKED']");
        for (String step : List.of("meterBefore", "dead", "meterAfter")) {
            visit.tick("input[name='" + step + "']");
        }
        visit.type("#note", "Breaker 7, my lock").press("Save the lock-out");
        assertThat(visit.text(".ticket-actions")).contains("Write down every capacitor");

        visit.type("#microfarads", "some").type("#volts", "165").press("Add this capacitor");
        assertThat(gates.complaints()).singleElement().asString().contains("“some” is no number of µF");
        assertThat(visit.value("#volts")).isEqualTo("165");
        visit.type("#microfarads", "300 MFD").type("#bleedOhms", "15k").press("Add this capacitor");
        assertThat(visit.text(".capacitor"))
                .contains(
                        "hold 8.2 J: enough to hurt", "4.7 kΩ", "Its own resistor of 15 kΩ needs 15 s", "not measured");
        assertThat(visit.text(".ticket-actions")).contains("start capacitor is not measured");

        visit.type(".capacitor [name='measured']", "63").press("Write it down");
        assertThat(visit.text(".ticket")).contains("The start capacitor is charged", "still holds 63 V");
        visit.type(".capacitor [name='measured']", "0,4").press("Write it down");
        assertThat(visit.text(".capacitor")).contains("measured 0.4 V: discharged");
        gates.pullPin();
        assertThat(visit.path()).startsWith(job + "/found");

        visit.go(job + "/safe").type(".capacitor [name='measured']", "35").press("Write it down");
        assertThat(gates.post("Safe"))
                .as("a charge that comes back drops the pin")
                .isEqualTo("pin dropped");
        visit.press("Pass without it")
                .type("#reason", "meter broken, new one tomorrow")
                .press("by override");
        visit.go(job + "/papers/sheet");
        assertThat(visit.text("main")).contains("meter broken, new one tomorrow");
        visit.go(job + "/log");
        assertThat(visit.text("main"))
                .as("no measurement is ever taken away")
                .contains("measured: 63.0 V", "measured: 0.4 V", "measured: 35.0 V");
    }

    @Test
    void theWiringAsFoundIsHeldAgainstTheDiagramAndLabelsArePrinted() {
        String job = gates.wireListOfASixLeadMotor("Wired machine");
        visit.go(job + "/found").tick("input[name='nothingConnected']");
        String[][] wires = {
            {"T1", "T1", "switch 5"},
            {"", "switch 6", "L1"},
            {"T5", "T5", "switch 1"},
            {"T8", "T8", "switch 4"},
            {"T2", "T2", "nut a"},
            {"T3", "T3", "nut a"},
            {"", "nut a", "switch 3"},
            {"T4", "T4", "switch 2"},
            {"", "switch 2", "L2"},
            {"", "frame", "ground"},
            {"6", "lamp", "switch 2"}
        };
        for (int i = 0; i < wires.length; i++) {
            visit.type("[name='wires[" + i + "].mark']", wires[i][0])
                    .type("[name='wires[" + i + "].oneEnd']", wires[i][1])
                    .type("[name='wires[" + i + "].otherEnd']", wires[i][2]);
        }
        visit.type("[name='wires[10].aside']", "work lamp").press("Save the wires");
        assertThat(visit.text(".ticket"))
                .contains(
                        "What is there equals the diagram for 230 V",
                        "L1 + T1; L2 + T4 + T8; T2 + T3 + T5",
                        "The wire 2 belongs to T1: it gets there through contacts",
                        "FORWARD and REVERSE turn opposite ways");
        assertThat(visit.all("svg.bench .wire")).isNotEmpty();
        assertThat(gates.post("As found")).isEqualTo("pin dropped");

        visit.type("[name='wires[3].otherEnd']", "switch 3").press("Save the wires");
        assertThat(visit.text(".ticket")).contains("In FORWARD it is not what the diagram shows for 230 V");

        visit.type("[name='wires[3].otherEnd']", "%&/").press("Save the wires");
        assertThat(gates.complaints()).singleElement().asString().contains("cannot be a place");
        assertThat(visit.value("[name='wires[3].otherEnd']")).isEqualTo("%&/");
        visit.type("[name='wires[3].otherEnd']", "switch 4")
                .press("Save the wires")
                .press("Labels to print");
        assertThat(visit.all(".flag-label")).as("two for each wire").hasSize(2 * wires.length);
        assertThat(visit.all(".flag-label .underline").stream().map(Element::text))
                .containsOnly("6", "9");
    }

    @Test
    void theBlowersFiveWiresAreMeasuredWithTheSimulatedMeterAndMarked() {
        String job = gates.demo("Sorting-belt blower");
        visit.go(job + "/windings");
        assertThat(visit.text(".ticket")).contains("Next: 1 and 2");
        int asked = 0;
        while (visit.text(".ticket").contains("Next:")) {
            assertThat(asked++).as("readings taken").isLessThan(13);
            visit.press("Hold the simulated meter on");
        }
        assertThat(visit.all(".named p").stream()
                        .map(p -> p.select("strong").text() + ": "
                                + p.select("span > span").text()))
                .containsExactlyInAnyOrder(
                        "1 – 4: half of the run winding", "2 – 5: half of the run winding", "3 – 5: start winding");
        assertThat(visit.text(".named")).contains("Ω: like the other half");
        assertThat(visit.text(".ticket")).contains("The common lead is 5.");
        assertThat(visit.text(".ticket")).contains("Settled: two run halves and a start winding");
        assertThat(visit.all(".lead-ring .chord.run")).hasSize(2);
        assertThat(visit.all(".lead-ring .chord.start")).hasSize(1);

        visit.type("#fedVolts", "12").type("#seriesVolts", "12.2").press("Write the test down");
        assertThat(gates.complaints()).singleElement().asString().contains("near nothing or near double");
        visit.type("#fedVolts", "12").type("#seriesVolts", "0.7").press("Write the test down");
        assertThat(visit.text(".ticket")).contains("like ends were joined");

        assertThat(visit.all(".marks").get(1).text()).as("the other scheme").contains("U1", "V2", "Z1");
        visit.press("Mark them T1 to T8");
        assertThat(visit.path()).startsWith(job + "/diagram");
        assertThat(visit.all(".lead-row").stream()
                        .limit(5)
                        .map(r -> r.selectFirst("[name$='.mark']").val()
                                + r.selectFirst("[name$='.colour']").val()
                                + Visit.valueOf(r.selectFirst("select"))))
                .containsExactly("T11", "T24", "T35run 2 + start 1", "T42", "T53");
    }

    @Test
    void theShaftsDirectionFollowsFromTheToolAndADangerousReverseHoldsThePin() {
        String job = gates.bringIn("Turning machine");
        visit.go(job + "/rotation").press("lathe");
        assertThat(visit.one("[value='SCREWED_ON']").hasAttr("checked"))
                .as("what reversing a lathe can hurt is proposed")
                .isTrue();
        visit.press("+ belt")
                .type("[name='stages[0].driver']", "63")
                .type("[name='stages[0].driven']", "big")
                .tick("[name='shaftOtherWay']")
                .press("Save the rotation");
        assertThat(gates.complaints()).singleElement().asString().contains("“big” is no size");
        assertThat(visit.value("[name='stages[0].driven']")).isEqualTo("big");
        visit.type("[name='stages[0].driven']", "126").press("Save the rotation");

        assertThat(visit.all(".end").stream().map(Element::text))
                .containsExactly(
                        "clockwise facing the shaft end", "counter-clockwise facing the end opposite the shaft");
        assertThat(visit.text(".ticket"))
                .contains("The tool turns at about 863 rpm", "Reversing is dangerous: chuck or wheel screwed on");
        assertThat(visit.all(".train .wheel")).hasSize(2);
        assertThat(visit.text(".ticket-actions")).contains("Deal with it and say so");
        visit.tick("[name='secured']").press("Save the rotation");
        assertThat(visit.text(".ticket-actions")).doesNotContain("Deal with it");
    }

    @Test
    void aSwitchThatIsRatedTooLowOrStaysWhereItIsPutIsSaidPlainly() {
        String job = gates.wireListOfASixLeadMotor("Rated machine");
        visit.go(job + "/rotation").choose("#momentary", "true").press("Save the rotation");
        visit.go(job + "/switch");
        visit.press("Switch: Cross-corner drum");
        visit.type("#rating", "1/2 HP 240 V").press("Use this switch");
        assertThat(visit.text(".ticket"))
                .contains(
                        "The switch is not for this motor",
                        "rated for 0.50 hp at 230 V; the motor has 0.75 hp",
                        "This handle stays where it is put");
        visit.press("Switch: Cross-corner drum");
        assertThat(visit.value("#rating")).isEqualTo("1/2 HP 240 V");
        visit.type("#rating", "2 HP 240 V");
        gates.chooseSwitch("spring return");
        assertThat(visit.text(".ticket"))
                .contains("FORWARD and REVERSE turn opposite ways")
                .doesNotContain("not for this motor", "stays where it is put");

        visit.press("Switch: Cross-corner drum");
        gates.chooseSwitch("3PDT toggle");
        assertThat(visit.all("svg.bench .stud"))
                .as("nine studs, on a wide sheet and a tall one")
                .hasSize(18);
        assertThat(visit.text(".ticket")).contains("FORWARD and REVERSE turn opposite ways");
    }
}
