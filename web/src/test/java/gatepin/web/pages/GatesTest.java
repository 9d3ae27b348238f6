package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

class GatesTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    @Test
    @DisplayName("one press saves and goes on; where anything lacks it stays, says what, and no pin is pulled")
    void oneSaveAndOn() {
        String job = gates.open("One press machine");
        visit.press("Save, on to the next gate");
        assertThat(visit.path()).startsWith(job + "/safe");
        assertThat(gates.post("Safe")).isNotEqualTo("passed");
        visit.tick("input[name='disconnect'][value='LOOSE']")
                .tick("input[name='noCapacitor']")
                .press("Save, on to the next gate");
        assertThat(visit.path()).startsWith(job + "/found");
        assertThat(gates.post("Safe")).isEqualTo("passed");
        visit.tick("input[name='nothingConnected']").press("Save, on to the next gate");
        assertThat(visit.path()).startsWith(job + "/plate");
        visit.go(job + "/found");
        assertThat(visit.text("main")).doesNotContain("Save, on to the next gate");
        assertThat(visit.go(job + "/log").text("table")).contains("Safe: pin pulled.", "As found: pin pulled.");
    }

    @Test
    void aPlateIsReadFromOneLineOfText() {
        gates.bringIn("One line machine");
        visit.type("#text", "3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM CODE K SF 1.25 CW ZORK")
                .press("Read it into the fields");
        assertThat(visit.text(".pieces")).contains("13.8 A or 6.9 A", "service factor 1.25");
        assertThat(visit.all(".piece.doubt")).hasSize(2);
        assertThat(visit.text(".sheet")).contains("does not say from which end", "“ZORK” is not understood");
        assertThat(visit.value("#highAmps")).isEqualTo("6.9");
        visit.press("Save the plate");
        assertThat(visit.text(".ticket")).contains("Service factor 1.25", "52 to 59 A at 115 V");

        gates.bringIn("Three-phase machine");
        visit.type("#text", "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM")
                .press("Read it into the fields")
                .press("Save the plate");
        assertThat(visit.text(".ticket"))
                .contains("This is a three-phase motor", "T4 T5 T6 joined", "not for this job");
    }

    @Test
    @DisplayName(
            "a plate that was read and saved stands, even where a later reader would take its text otherwise or not at all")
    void aPlateStaysAsItWasRead() {
        String job = gates.bringIn("Kept plate machine");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725");
        // what was typed then is nothing that is read today
        RunningGatePin.get()
                .bean(JdbcClient.class)
                .sql("update motor_part join motor on motor.id = motor_id join job on job.machine_id = motor.machine_id"
                        + " set json = replace(json, '3/4 hp', 'three quarters hp'), revision = revision + 1"
                        + " where part = 'plate' and job.id = :job")
                .param("job", job.replaceAll("\\D", ""))
                .update();

        assertThat(visit.go(job + "/plate").text(".beam")).contains("three quarters hp, 115/230 V, 1725 rpm");
        assertThat(visit.text(".ticket")).doesNotContain("no power");
        assertThat(visit.go(job + "/supply").status()).isEqualTo(200);
    }

    @Test
    @DisplayName(
            "one press saves and goes on only where what was saved is good: a doubt is looked at first, and the pin stays in")
    void aDoubtIsLookedAtFirst() {
        String on = "Save, on to the next gate";
        gates.bringIn("Machine of a doubtful plate");
        visit.type("#text", "3/4 HP 115/230 V 13.8/6.9 A 60 HZ 1725 RPM")
                .press("Read it into the fields")
                .press(on);
        assertThat(visit.path()).as("its family is not stated").contains("/plate?");
        assertThat(gates.post("Plate")).isNotEqualTo("passed");
        visit.choose("#family", "capacitor-start").press(on);
        assertThat(visit.path()).contains("/diagram");
        assertThat(gates.post("Plate")).isEqualTo("passed");

        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8");
        visit.type("#volts", "230").choose("#supplyKind", "TWO_HOT");
        visit.type("#line1", "T1").type("#line2", "T4 T8").type("#joined", "T2 T3 T5");
        visit.type("#swap", "").press(on);
        assertThat(visit.path()).as("no interchange is written").contains("/diagram?");
        assertThat(gates.post("Diagram")).isNotEqualTo("passed");
        visit.type("#swap", "T5 T8").press(on);
        assertThat(visit.path()).contains("/windings");
        assertThat(gates.post("Diagram")).isEqualTo("passed");
    }

    @Test
    @DisplayName("what no figure of a motor can be long is refused where the plate is gone, and not kept")
    void longTraces() {
        String job = gates.bringIn("Long traces machine");
        visit.type("#cordVolts", "120")
                .type("#seenRpm", "1725" + " ".repeat(5000))
                .press("Save what is left of it");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(visit.text(".wrong")).contains("at most 40 letters");
        assertThat(visit.go(job + "/plate").value("#cordVolts")).isEmpty();
    }

    @Test
    void theSupplyComparesTheVoltagesAndTheWrongPlugMustGo() {
        String job = gates.wireListOfASixLeadMotor("Supply machine");
        visit.go(job + "/supply");
        visit.type("#distance", "far").press("Save the supply");
        assertThat(gates.complaints()).singleElement().asString().contains("“far” is no number of feet");
        assertThat(visit.value("#distance")).isEqualTo("far");

        visit.tick("input[name='outlet'][value='NEMA 6-15']");
        visit.type("#distance", "250").choose("#plug", "NEMA 5-15").press("Save the supply");
        assertThat(visit.text(".ticket"))
                .contains("The shop has no outlet for it", "the shop has NEMA 5-15, NEMA 5-20");
        visit.tick("input[name='outlet'][value='NEMA 6-15']");
        assertThat(visit.text(".ticket")).contains("The plug must go", "NEMA 5-15 is on the cord");
        assertThat(visit.text(".sheet")).contains("would carry it, but drops too much", "of the starting torque");
        assertThat(gates.post("Supply")).isEqualTo("pin dropped");

        visit.tick("input[name='volts'][value='115']");
        visit.press("Save the supply");
        assertThat(visit.text(".sheet")).contains("Pins further on dropped");
        assertThat(gates.post("Switch")).isEqualTo("pin dropped");
        visit.go(job + "/diagram?volts=230");
        assertThat(visit.text(".sheet")).contains("changed from 230 V (two hots) to 115 V");
    }

    @Test
    void aMisreadDiagramIsJudgedAtOnce() {
        gates.bringIn("Misread machine");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        // 230 V on the joins for 115 V
        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1 T3 T5", "T2 T4 T8", "", "T5 T8");
        assertThat(visit.text(".ticket")).contains("Run 1 gets 2", "not 115 V", "start winding smokes");
        assertThat(gates.flags()).isPositive();

        // one half turned round
        gates.typeColumn("230", "TWO_HOT", "T1", "T3 T8", "T2 T4 T5", "T5 T8");
        assertThat(visit.text(".ticket")).contains("The run halves work against each other");
        assertThat(visit.text(".sheet")).contains("does not start");
        assertThat(visit.text(".ticket-actions"))
                .as("a connection that burns holds the pin")
                .contains("the motor is in danger: The run halves work against each other")
                .doesNotContain("Pass without it");
    }

    @Test
    void aDiagramIsReadAsThePlateWritesItAndTheScratchedColumnIsRebuilt() {
        String job = gates.bringIn("Plate text machine");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        visit.type("#volts", "115")
                .type("#text", "LOW VOLTS LINE 1: T1 T3 T5, LINE 2: T2 T4 T8. TO REVERSE INTERCHANGE T5 AND T8 WOBBLE")
                .press("Read it into the groups");
        assertThat(visit.text(".notice.done")).contains("Read into the fields", "Not understood: WOBBLE");
        assertThat(visit.value("#line1")).isEqualTo("T1 T3 T5");
        visit.press("Save the diagram");
        assertThat(visit.text(".ticket")).contains("Interchanging really reverses it");

        visit.go(job + "/diagram?volts=230").press("Rebuild it");
        assertThat(visit.value("#joined")).isEqualTo("T2 T3 T5");
        visit.press("Save the diagram");
        assertThat(visit.text(".ticket")).contains("Rebuilt, not read", "Both columns describe the same motor");
    }

    @Test
    void thePottersWheelsBoardIsATrapAndTheMoveListSaysSo() {
        String board = gates.boardOfThePottersWheel();
        visit.go(board);
        assertThat(visit.text(".ticket"))
                .contains(
                        "What is there equals the diagram for 115 V",
                        "Moving the links alone is a trap",
                        "Z1, L2 sit on the far stud",
                        "Run 1 gets 230 V, not 115 V",
                        "it runs on 230 V");
        assertThat(visit.all(".moves li").stream()
                        .map(e -> e.select("strong, .trap-word").text())
                        .toList())
                .containsExactly(
                        "Link U1–V1 out",
                        "Link U2–V2 out",
                        "Z1: from U1 to V1 trap",
                        "Link U2–V1 in",
                        "L2: from U2 to V2 trap");

        visit.type("#links-230", "U2-X1").press("Save the board");
        assertThat(gates.complaints()).singleElement().asString().contains("no stud X1");
        assertThat(visit.value("#links-230")).isEqualTo("U2-X1");
        visit.go(board);
        visit.type("#leads-found", "L1 on U1, L2 on V2, Z1 on V1, Z2 on V2").press("Save the board");
        assertThat(visit.text(".ticket")).contains("Moving the links is enough");
    }

    @Test
    void theMotorIsRunUpOnPaper() {
        String job = gates.wireListOfASixLeadMotor("Run-up machine");
        visit.go(job + "/switch").one("svg.bench");
        visit.press(visit.one("[data-key='u']"));
        visit.one(".figures");
        assertThat(visit.text(".figures")).contains("Starting current", "Running current", "rpm");
        assertThat(visit.text(".ticket")).contains("Draws about", "breaker rides through it", "Listen for the click");
        assertThat(visit.text(".ticket"))
                .as("the plate typed here is silent about the family")
                .contains("capacitor start is assumed");

        visit.choose("#then", "STRAIGHT_ACROSS").press("Run it");
        assertThat(visit.text(".ticket")).contains("goes on turning the old way");
        visit.choose("#then", "STOP_THEN_REVERSE").press("Run it");
        assertThat(visit.text(".ticket")).contains("Stopped first, it turns the other way");
        visit.type("#load", "400").type("#breakaway", "1000").press("Run it");
        assertThat(visit.text(".ticket")).contains("It does not start under this load");
        visit.type("#load", "much").press("Run it");
        assertThat(gates.complaints()).singleElement().asString().contains("“much” is no number");
        assertThat(visit.value("#load")).isEqualTo("much");
    }

    @Test
    void aJobsWiringCanBeTakenAlongAsAFile() {
        String job = gates.wireListOfASixLeadMotor("File machine");
        String file = visit.body(job + "/wiring.json");

        var read = gatepin.core.format.WiringReader.read(file);

        assertThat(read.problems()).isEmpty();
        assertThat(read.value().orElseThrow().circuit().wires()).hasSize(11);
        assertThat(gatepin.core.format.AnalysisWriter.analyse(read.value().orElseThrow()))
                .contains("\"reverses\"");
    }

    @Test
    void aThreeLeadMotorWithEqualWindingsReversesByItsCapacitorAndStaysAsSaved() {
        String job = gates.bringIn("Three-lead machine");
        gates.typePlate("1/8", "115", "2.1", "", "", "1650");
        visit.choose("#family", "permanent-split-capacitor").press("Save the plate");
        gates.pullPin();
        visit.press("PSC, three leads, two equal windings");
        visit.type("#volts", "115").press("Save the diagram");
        visit.go(job + "/diagram");

        assertThat(visit.text(".ticket")).contains("Interchanging really reverses it", "reverse A ⇄ B");
        assertThat(visit.all(".lead-row select").stream()
                        .map(Visit::valueOf)
                        .limit(5)
                        .toList())
                .containsExactly("run 1", "start 1", "run 1 + start 1", "", "");
    }

    @Test
    void everyVoltageOfARangeIsOfferedAndOneColumnServesThemAll() {
        String job = gates.bringIn("Range machine");
        gates.typePlate("1-1/2", "115", "18.4", "208-230", "9.6-9.2", "1725").pullPin();
        gates.typeLeads("T1", "T2", "T3", "T4", "T5", "T8")
                .typeColumn("230", "TWO_HOT", "T1", "T4 T8", "T2 T3 T5", "T5 T8");
        visit.go(job + "/diagram?volts=208");
        assertThat(visit.text(".ticket")).contains("At 208 V", "T4 + T8");
        visit.go(job + "/supply");
        assertThat(visit.text(".sheet")).contains("115 V", "208 V", "230 V", "the plate says 9.6 A");
        visit.go(job + "/plate");
        assertThat(visit.value("#highVolts")).isEqualTo("208-230");
    }
}
