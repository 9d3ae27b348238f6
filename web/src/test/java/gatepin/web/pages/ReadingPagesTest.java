package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The gates where things are read: diagrams with odd marks, motors without plates, windings by eye, rotations by machine; the library. */
class ReadingPagesTest {
    private static final String COLOURS = "LOW VOLTS L1: BLK WHT RED, L2: BLU ORG YEL."
            + " HIGH VOLTS L1: BLK, L2: ORG YEL, WHT-BLU-RED TOGETHER. TO REVERSE INTERCHANGE RED AND YEL.";

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private String dual(String machine) {
        String job = gates.bringIn(machine);
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        visit.go(job + "/diagram");
        return job;
    }

    private List<String> windings() {
        return visit.all(".lead-row select").stream()
                .map(Visit::valueOf)
                .filter(w -> !w.isEmpty())
                .toList();
    }

    @Test
    @DisplayName("colours as marks mean what both columns leave them to mean; saved, the engine runs and reverses it")
    void oddMarksAreWorkedOut() {
        String job = dual("Coloured machine");
        visit.type("#volts", "230").type("#text", COLOURS).press("Read it into the groups");
        assertThat(visit.text("[role='status']"))
                .contains("worked out", "run 1 BLK–BLU", "run 2 ORG–WHT", "start RED–YEL");
        assertThat(windings()).hasSize(6).allMatch(w -> w.startsWith("run ") || w.startsWith("start 1"));
        visit.press("Save the diagram");
        assertThat(visit.text(".ticket")).contains("Interchanging really reverses it", "It starts");
        visit.go(job + "/diagram?volts=230");
        assertThat(visit.text("details summary")).contains("BLK", "YEL");
        visit.press("Save the diagram");
        assertThat(visit.text(".ticket"))
                .as("what was worked out survives being saved again")
                .contains("Interchanging really reverses it");
    }

    @Test
    @DisplayName(
            "one column alone leaves two meanings: both are offered with the reading that decides, and one can be taken")
    void severalMeaningsAreAsked() {
        dual("Half read machine");
        visit.type("#volts", "115")
                .type("#text", "L1: A C E, L2: B D F, INTERCHANGE E AND F")
                .press("Read it into the groups");
        for (String mark : List.of("A", "B", "C", "D", "E", "F")) {
            visit.type("[name='leads[" + "ABCDEF".indexOf(mark) + "].mark']", mark);
        }
        visit.type("#line1", "A C E")
                .type("#line2", "B D F")
                .type("#joined", "")
                .type("#swap", "E F")
                .type("#text", "")
                .press("Work out what the marks mean");
        assertThat(visit.text(".notice.hot[role='status']"))
                .contains(
                        "more than one thing", "The column for the other voltage may decide it", "Read the ohms from");
        assertThat(visit.all("button[name='meaning']")).hasSize(2);
        visit.press(visit.one("button[name='meaning'][value='1']"));
        assertThat(windings()).hasSize(6);
        visit.press("Save the diagram");
        assertThat(visit.text(".ticket")).contains("Interchanging really reverses it");
    }

    @Test
    @DisplayName("columns that no meaning fits name the slip that would make them sound, and nothing is filled in")
    void misreadColumnsAreSaid() {
        dual("Wrongly read machine");
        visit.type("#volts", "230")
                .type("#text", COLOURS.replace("WHT-BLU-RED TOGETHER", "WHT-BLU TOGETHER"))
                .press("Read it into the groups");
        assertThat(visit.text("[role='status']")).contains("No meaning of these marks", "RED is missing");
        assertThat(windings()).isEmpty();
    }

    @Test
    @DisplayName(
            "a motor without a plate: windings come first, a band comes of what is left, supply and switch are sized for its end")
    void aMotorWithoutAPlate() {
        String job = gates.bringIn("Plateless machine");
        visit.type("#cordVolts", "lots").type("#shaft", "1/2").press("Save what is left of it");
        assertThat(gates.complaints()).singleElement().asString().contains("“lots” is no number");
        assertThat(visit.value("#shaft")).isEqualTo("1/2");
        visit.type("#cordVolts", "120").type("#conductor", "16 AWG").press("Save what is left of it");
        assertThat(visit.text(".ticket")).contains("About 1/8 to 1 hp", "Its amps are not known");
        visit.go(job);
        assertThat(visit.path()).as("the windings tell its size").startsWith(job + "/windings");

        visit.type("#leads", "1 2 3 4").press("Put them on the pad");
        for (String[] reading : new String[][] {
            {"1", "2", "3.7"}, {"3", "4", "9"}, {"1", "3", "OL"}, {"1", "frame", "OL"}, {"3", "frame", "OL"}
        }) {
            visit.choose("#a", reading[0])
                    .choose("#b", reading[1])
                    .type("#ohms", reading[2])
                    .press("Write it down");
        }
        gates.pullPin();
        visit.go(job + "/plate");
        assertThat(visit.text(".ticket")).contains("Its run winding reads 3.7 Ω", "1/8 to 1/3 hp");
        gates.pullPin();
        visit.go(job + "/supply");
        assertThat(visit.text(".sheet"))
                .contains("No plate: an estimate", "sized for 1/3 hp")
                .contains("7.2 A");
        visit.go(job + "/plate")
                .type("#text", "1/3 HP 115 V 6.2 A 60 HZ 1725 RPM")
                .press("Read it into the fields");
        visit.press("Save the plate");
        visit.go(job + "/supply");
        assertThat(visit.text(".sheet")).as("the plate was found after all").doesNotContain("No plate");
    }

    @Test
    @DisplayName(
            "what eye and ear say is kept and narrows; a start winding that was tried and reversed becomes the start winding")
    void eyeAndTrials() {
        String job = gates.bringIn("Opened machine");
        visit.go(job + "/windings").type("#leads", "1 2 3 4").press("Put them on the pad");
        visit.type("#thick", "1 9").press(visit.one("form[action$='/eye'] button"));
        assertThat(gates.complaints()).singleElement().asString().contains("There is no lead 9");
        visit.type("#thick", "1 2")
                .type("#thin", "3 4")
                .type("#humps", "1")
                .press(visit.one("form[action$='/eye'] button"));
        assertThat(visit.value("#thin").split(" ")).containsExactlyInAnyOrder("3", "4");

        visit.choose("#outcome", "PUT_BACK")
                .type("#firstEnd", "x")
                .type("#secondEnd", "x")
                .press("Write the trial down");
        assertThat(gates.complaints()).singleElement().asString().contains("two ends");
    }

    @Test
    @DisplayName(
            "of two start windings the one that reversed the motor is its start winding on the diagram from then on")
    void theTriedWindingIsTheStartWinding() {
        String job = gates.wireListOfASixLeadMotor("Twice wound machine");
        visit.go(job + "/windings");
        for (String outcome : List.of("SAME_WAY", "PUT_BACK")) {
            visit.choose("#outcome", outcome)
                    .type("#firstEnd", "T5")
                    .type("#secondEnd", "T8")
                    .press("Write the trial down");
        }
        visit.choose("#winding", "B")
                .choose("#outcome", "REVERSED")
                .choose("#direction", "CLOCKWISE")
                .type("#firstEnd", "B1")
                .type("#secondEnd", "B2")
                .press("Write the trial down");
        assertThat(visit.text("#trials"))
                .contains("A T5 – T8 turned the same way", "put back", "B B1 – B2", "clockwise");
        visit.go(job + "/diagram");
        assertThat(visit.all(".lead-row").stream()
                        .map(r -> r.selectFirst("[name$='.mark']").val() + " " + Visit.valueOf(r.selectFirst("select")))
                        .toList())
                .contains("B1 start 1", "B2 start 1")
                .noneMatch(r -> r.startsWith("T5"));
        assertThat(gates.post("Diagram")).as("the leads have changed").isEqualTo("pin dropped");
    }

    @Test
    @DisplayName("the machine's own words stand on the handle, in the findings and on the paper")
    void ownWords() {
        String job = gates.wireListOfASixLeadMotor("Lifting machine");
        visit.go(job + "/rotation").press("hoist or winch");
        assertThat(visit.value("#work")).isEqualTo("UP");
        assertThat(visit.text()).contains("not saved yet");
        visit.choose("#direction", "CLOCKWISE").type("#back", "UP").press("Save the rotation");
        assertThat(gates.complaints()).singleElement().asString().contains("a word each");
        visit.type("#back", "lower").press("Save the rotation");
        assertThat(visit.text(".ticket")).contains("UP works the tool, LOWER goes back");
        visit.go(job + "/switch");
        assertThat(visit.all(".handle button").stream().map(Element::text)).containsExactly("UP", "OFF", "LOWER");
        assertThat(visit.text(".ticket"))
                .contains("UP and LOWER turn opposite ways")
                .doesNotContain("REVERSE");
        visit.go(job + "/papers/sheet");
        assertThat(visit.text("h3")).contains("UP", "LOWER").doesNotContain("FORWARD");
    }

    @Test
    @DisplayName(
            "the library shows the core's own tables with their sources, and a figure of the Supply gate leads to its table")
    void library() {
        visit.go("/library");
        assertThat(visit.all("details.shelf-part[id]").stream().map(Element::id))
                .contains(
                        "patterns", "faces", "marks", "full-load", "code-letters", "conductors", "frames", "glossary");
        assertThat(visit.text("#full-load")).contains("430.248", "from memory", "1 1/2 20 11.5 11 10");
        assertThat(visit.text("#marks")).contains("T5 start 1 like end black");
        assertThat(visit.all("#patterns .pattern-picture")).hasSizeGreaterThan(12);
        String job = new Gates(visit).demo("Apple scratter");
        visit.go(job + "/supply");
        assertThat(visit.all(".voltages th a").stream().map(a -> a.attr("href")))
                .contains("/library#full-load", "/library#conductors", "/library#grounds");
    }
}
