package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Reading;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.JobFiles;
import gatepin.web.parcel.Parcels;
import gatepin.web.parcel.Parcels.Unpacked;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every usual diagram at every voltage, brought in as a job and taken through all gates, on every kind of switch. */
@Execution(ExecutionMode.CONCURRENT)
@Tag("computes")
class SweepTest {
    /** No page is larger, in letters: a picture of the largest wiring, wide and tall, with all its words. */
    private static final int LARGEST = 400_000;

    private static final List<String> EVERY_PAGE = List.of(
            "safe",
            "found",
            "plate",
            "diagram",
            "windings",
            "supply",
            "rotation",
            "switch",
            "switch/map",
            "wire",
            "cold",
            "live",
            "trouble",
            "handover",
            "papers/sheet",
            "papers/cover",
            "papers/cover.pdf",
            "papers/labels",
            "papers/danger",
            "log",
            "run-up",
            "bench",
            "ahead",
            "board",
            "machine",
            "wiring.json");

    /** Every wired job goes out into a file and in again, and not the last of each diagram alone. */
    private static final boolean EVERY_TRIP = Boolean.getBoolean("gatepin.everyTrip");

    private final Parcels parcels = RunningGatePin.get().bean(Parcels.class);
    private final JobFiles files = RunningGatePin.get().bean(JobFiles.class);
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    static Stream<Arguments> jobs() {
        return DiagramPattern.ALL.stream().flatMap(p -> Stream.of(115, 230).map(volts -> Arguments.of(p.key(), volts)));
    }

    private void outAndIn(String job) {
        long id = Long.parseLong(job.replaceAll("\\D", ""));
        Reading<Unpacked> in = parcels.unpack(1, new ByteArrayInputStream(parcels.pack(id)));
        assertThat(in.problems()).as(job).isEmpty();
        assertThat(files.file(in.value().orElseThrow().jobId()).facts())
                .as(job)
                .isEqualTo(files.file(id).facts());
        if (EVERY_TRIP) {
            assertThat(visit.statusOf(job + "/papers/cover.pdf")).isEqualTo(200);
            System.out.println("figure: round trip of " + job);
        }
    }

    /** Whether the diagram has two columns. */
    private static boolean isDual(String key) {
        DiagramPattern pattern = DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow();
        return !ConnectionReader.groups(pattern.column(115, List.of(115, 230)))
                .equals(ConnectionReader.groups(pattern.column(230, List.of(115, 230))));
    }

    @ParameterizedTest(name = "{0} at {1} V")
    @MethodSource("jobs")
    @DisplayName("no gate fails on any usual diagram, and a plan that is offered can be taken")
    void everyDiagramGoesThroughEveryGate(String pattern, int volts) {
        String job = gates.bringIn("Swept " + pattern + " " + volts);
        boolean psc = pattern.startsWith("psc");
        String output = psc ? "1/4" : "3/4";
        String rpm = psc ? "1680" : "1725";
        String lowAmps = psc ? "3.2" : "13.8";
        String highAmps = psc ? "1.6" : "6.9";
        if (!isDual(pattern)) {
            gates.typePlate(output, "" + volts, volts > 200 ? highAmps : lowAmps, "", "", rpm);
        } else {
            gates.typePlate(output, "115", lowAmps, "230", highAmps, rpm);
        }
        if (psc) {
            visit.choose("#family", "permanent-split-capacitor").press("Save the plate");
        }
        gates.pullPin();
        visit.type("#volts", "" + volts).press(visit.one("button[name='pattern'][value='" + pattern + "']"));
        visit.choose("#supplyKind", volts > 200 ? "TWO_HOT" : "HOT_AND_NEUTRAL").press("Save the diagram");
        assertThat(visit.text(".ticket")).contains("Interchanging really reverses it");
        gates.pullPin().relyOnTheMarks().passSupply(volts > 200 ? "60 m" : "30").passRotation();

        int taken = 0;
        for (SwitchKind kind : SwitchKind.ALL) {
            visit.go(job + "/switch");
            gates.chooseSwitch(kind.name());
            if (visit.all("form[action$='/switch/plan']").isEmpty()) {
                assertThat(visit.text()).containsAnyOf("This switch cannot turn it off", "This switch cannot do it");
                continue;
            }
            visit.press("Use plan A");
            visit.go(job + "/wire");
            assertThat(visit.all(".step")).as(kind.name()).isNotEmpty();
            taken++;
            if (EVERY_TRIP) {
                outAndIn(job);
            }
        }
        outAndIn(job);
        assertThat(taken).as("switches that do it").isPositive();
        for (String page : EVERY_PAGE) {
            assertThat(visit.statusOf(job + "/" + page)).as(page).isEqualTo(200);
            assertThat(visit.body(job + "/" + page).length()).as(page).isLessThan(LARGEST);
        }
    }
}
