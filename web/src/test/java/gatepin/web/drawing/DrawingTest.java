package gatepin.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Wishes;
import gatepin.web.drawing.Drawing.Stud;
import gatepin.web.drawing.Drawing.Tag;
import gatepin.web.drawing.Drawing.Trace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures hold what they promise: right angles, nothing crossed that may not be, each wire where it belongs. */
class DrawingTest {
    static Stream<Arguments> pictures() {
        List<Arguments> pictures = new ArrayList<>();
        for (String[] motor : new String[][] {
            {"T1 T2 T3 T4 T5 T8", "230", "T1", "T4 T8", "T2 T3 T5", "T5 T8"},
            {"T1 T2 T3 T4 T5 T8", "115", "T1 T3 T5", "T2 T4 T8", "", "T5 T8"},
            {"P1 P2 T1 T2 T3 T4 T5 T8", "230", "P1", "T4 T5", "P2 T1; T2 T3 T8", "T5 T8"},
            {"U1 U2 Z1 Z2", "230", "U1 Z1", "U2 Z2", "", "Z1 Z2"},
            {"U1 U2 Z1 Z2", "230", "U1 Z1", "U2 Z2", "", "U1 U2"}
        }) {
            for (SwitchKind kind : SwitchKind.ALL) {
                Leads leads = Leads.read(Arrays.stream(motor[0].split(" "))
                                .map(m -> new Leads.Typed(m, "blue", ""))
                                .toList())
                        .value()
                        .orElseThrow();
                Connection connection = ConnectionReader.read(
                                new ConnectionReader.Typed(motor[1], motor[2], motor[3], motor[4], motor[5]), leads)
                        .value()
                        .orElseThrow();
                Supply supply = new Supply(connection.volts(), 60, Supply.Kind.TWO_HOT);
                PlanRequest request = new PlanRequest(
                        leads.terminals(),
                        leads.windings(),
                        supply,
                        kind.chart(),
                        kind.hasOff(),
                        RunningConnections.asWritten(connection, leads, supply),
                        Wishes.NONE);
                for (Plan plan : Planner.search(request).plans()) {
                    for (Drawing drawing : new Bench(leads, Optional.of(kind), plan.wiring(), plan.wires()).draw()) {
                        String name = motor[0] + ", " + motor[1] + " V, " + kind.key() + ", " + drawing.shape();
                        pictures.add(Arguments.of(name, drawing, plan));
                    }
                }
            }
        }
        return pictures.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pictures")
    void wiresRunSquareAndKeepOffStudsAndWords(String name, Drawing drawing, Plan plan) {
        assertThat(drawing.traces()).hasSameSizeAs(plan.wires());
        for (Trace trace : drawing.traces()) {
            List<double[]> points = points(trace.path());
            for (int i = 1; i < points.size(); i++) {
                double[] a = points.get(i - 1);
                double[] b = points.get(i);
                assertThat(a[0] == b[0] || a[1] == b[1])
                        .as(name + ": " + trace.name() + " runs aslant")
                        .isTrue();
                boolean end = i == 1 || i == points.size() - 1;
                for (Stud stud : drawing.studs()) {
                    assertThat(!end && passes(a, b, stud.x() - 14, stud.y() - 14, stud.x() + 14, stud.y() + 14))
                            .as(name + ": " + trace.name() + " runs through stud " + stud.mark())
                            .isFalse();
                }
                for (Tag tag : drawing.tags()) {
                    assertThat(passes(
                                    a,
                                    b,
                                    tag.x() + 2,
                                    tag.y() + 2,
                                    tag.x() + tag.width() - 2,
                                    tag.y() + tag.height() - 2))
                            .as(name + ": " + trace.name() + " runs through tag " + tag.mark())
                            .isFalse();
                }
            }
            assertThat(points)
                    .as(name + ": " + trace.name() + " stays on the sheet")
                    .allMatch(p -> p[0] >= 0 && p[1] >= 0 && p[0] <= drawing.width() && p[1] <= drawing.height());
        }
    }

    private static boolean passes(double[] a, double[] b, double left, double top, double right, double bottom) {
        return Math.min(a[0], b[0]) < right
                && Math.max(a[0], b[0]) > left
                && Math.min(a[1], b[1]) < bottom
                && Math.max(a[1], b[1]) > top;
    }

    private static List<double[]> points(String path) {
        return Arrays.stream(path.split("[ML]"))
                .filter(p -> !p.isBlank())
                .map(p -> Arrays.stream(p.trim().split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toList();
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "blue, 7, blue",
        "black/yellow, 7, BK/YE",
        "Black - yellow, 7, BK/YE",
        "yellow, 4, YE",
        "teal with dots, 7, teal/w…"
    })
    @org.junit.jupiter.api.DisplayName("two-letter colours by IEC 60757, from memory")
    void aLongColourIsWrittenShort(String colour, int letters, String fitted) {
        assertThat(ColourCode.fitted(colour, letters)).isEqualTo(fitted);
    }
}
