package gatepin.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.MadeUpWirings;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AddedTest {
    private static final List<MadeUpWirings> MADE = MadeUpWirings.some(20, 9100);

    /** A made-up wiring as if it had been laid on the bench. */
    private static HandWiring laid(MadeUpWirings made) {
        return new HandWiring(made.request().circuit().wires());
    }

    /** The gear of a made-up wiring as a kind of switch: its chart is all that counts. */
    private static Optional<SwitchKind> gear(MadeUpWirings made) {
        SwitchKind any = SwitchKind.CROSS_CORNER_DRUM;
        return Optional.of(new SwitchKind(
                "made",
                "made up",
                "",
                List.of(made.request().circuit().chart().terminals()),
                made.request().circuit().chart(),
                any.springReturn(),
                any.hasOff(),
                Set.of(),
                Set.of()));
    }

    private static List<Rule> rules(Analysis analysis) {
        return analysis.verdicts().stream().map(v -> v.rule()).sorted().toList();
    }

    /** The first line brought through a pole of something: the wires that lay on the line lie on its far side. */
    private static HandWiring through(HandWiring wiring, String near, String far) {
        Terminal in = Terminal.fromId(near);
        Terminal out = Terminal.fromId(far);
        List<Wire> wires = new ArrayList<>();
        for (Wire wire : wiring.wires()) {
            wires.add(
                    wire.from().equals(Terminal.L1)
                            ? HandWiring.wire(out, wire.to())
                            : wire.to().equals(Terminal.L1) ? HandWiring.wire(wire.from(), out) : wire);
        }
        wires.add(HandWiring.wire(Terminal.L1, in));
        in.device()
                .frame()
                .filter(f -> wires.stream().noneMatch(w -> w.lands(f)))
                .ifPresent(f -> wires.add(HandWiring.wire(f, Terminal.GROUND)));
        return new HandWiring(wires, wiring.added(), wiring.studs());
    }

    @ParameterizedTest
    @EnumSource(
            value = Added.Kind.class,
            names = {"DISCONNECT", "CONTACTOR"})
    @DisplayName(
            "a line brought through a pole does what it did while the pole is closed, and nothing while it is open")
    void aPoleInALine(Added.Kind kind) {
        for (MadeUpWirings made : MADE) {
            Circuit circuit = made.request().circuit();
            HandWiring with =
                    laid(made).with(kind, 0, circuit.terminals()).value().orElseThrow();
            String name = with.added().get(0).name();
            HandWiring open = through(with, name + ".1", name + ".2");
            HandWiring closed = open.thrown(name, 1).value().orElseThrow();
            Analysis before = Analysis.of(circuit, made.request().rated());
            Analysis after =
                    Analysis.of(closed.in(circuit, gear(made)), made.request().rated());
            for (Setting setting : circuit.settings()) {
                assertThat(after.in(setting).way())
                        .as("%s at %s", made.name(), setting)
                        .isEqualTo(before.in(setting).way());
            }
            assertThat(rules(after)).as(made.name()).isEqualTo(rules(before));
            Circuit off = open.in(circuit, gear(made));
            circuit.settings().stream()
                    .filter(HandlePosition.class::isInstance)
                    .forEach(s -> assertThat(Analysis.of(off, made.request().rated())
                                    .in(s)
                                    .standstill()
                                    .lineAmps())
                            .as(made.name())
                            .isLessThan(Carrying.NOTHING_AMPS));
        }
    }

    @Test
    void whatIsAddedAndNotWiredChangesNothing() {
        for (MadeUpWirings made : MADE) {
            Circuit circuit = made.request().circuit();
            Analysis before = Analysis.of(circuit, made.request().rated());
            for (Added.Kind kind : Added.Kind.values()) {
                HandWiring with =
                        laid(made).with(kind, 40, circuit.terminals()).value().orElseThrow();
                Analysis after =
                        Analysis.of(with.in(circuit, gear(made)), made.request().rated());
                for (Setting setting : circuit.settings()) {
                    assertThat(after.in(setting).way())
                            .as("%s, %s", made.name(), kind)
                            .isEqualTo(before.in(setting).way());
                }
            }
        }
    }

    @Test
    void aCapacitorAcrossTheLinesIsSaid() {
        MadeUpWirings made = MADE.get(0);
        Circuit circuit = made.request().circuit();
        HandWiring with = laid(made)
                .with(Added.Kind.CAPACITOR, 40, circuit.terminals())
                .value()
                .orElseThrow();
        List<Terminal> points = List.copyOf(with.in(circuit, gear(made)).terminals());
        HandWiring across = with.join(Terminal.fromId("capacitor2.C2A"), Terminal.L1, points)
                .value()
                .orElseThrow()
                .join(Terminal.fromId("capacitor2.C2B"), Terminal.L2, points)
                .value()
                .orElseThrow();
        assertThat(rules(Analysis.of(
                        across.in(circuit, gear(made)), made.request().rated())))
                .contains(Rule.CORRECTION_CAPACITOR)
                .doesNotContain(Rule.CAPACITOR_ACROSS_LINES);
    }

    @Test
    void namesAreFreeAndDevicesComeAndGoWithTheirWires() {
        List<Terminal> points = List.copyOf(SwitchKind.CONTACTORS_3.chart().terminals());
        HandWiring wiring = HandWiring.NOTHING;
        for (Added.Kind kind :
                List.of(Added.Kind.CONTACTOR, Added.Kind.DISCONNECT, Added.Kind.TOGGLE, Added.Kind.CAPACITOR)) {
            wiring = wiring.with(kind, 12.5, points).value().orElseThrow();
        }
        assertThat(wiring.added()).extracting(Added::name).containsExactly("K3", "Q2", "S2", "capacitor2");
        assertThat(wiring.added().get(3).label()).isEqualTo("C2, 12.5 µF");
        assertThat(wiring.with(Added.Kind.TOGGLE, 0, points).problems().get(0).message())
                .contains("Take one away first");
        SwitchKind all = Added.beside(Optional.of(SwitchKind.CONTACTORS_3), wiring.added())
                .orElseThrow();
        List<Terminal> every = all.chart().terminals();
        assertThat(every).doesNotHaveDuplicates();
        assertThat(all.rows().stream().flatMap(List::stream)).hasSameSizeAs(every);
        HandWiring wired = wiring.join(Terminal.fromId("K3.1"), Terminal.fromId("Q2.2"), every)
                .value()
                .orElseThrow()
                .join(Terminal.fromId("K1.1"), Terminal.fromId("S2.3"), every)
                .value()
                .orElseThrow();
        assertThat(wired.without("K3").value().orElseThrow().wires()).hasSize(1);
        assertThat(wired.cleared().added()).isEqualTo(wiring.added());
        assertThat(wired.without("K9").value()).isEmpty();
        assertThat(wired.thrown("Q2", 2).value()).isEmpty();
        assertThat(HandWiring.NOTHING
                        .with(Added.Kind.CAPACITOR, 0, points)
                        .problems()
                        .get(0)
                        .field())
                .isEqualTo("microfarads");
    }

    @Test
    @DisplayName(
            "links are in when a switch comes new, and come out by hand; on a board a wire from stud to stud is a link")
    void links() {
        HandWiring fresh = HandWiring.newOn(SwitchKind.TWO_TIER);
        assertThat(fresh.wires()).extracting(Wire::toString).containsExactly("S1.2 → S1.5", "S1.4 → S1.6");
        assertThat(fresh.part(Terminal.onSwitch("5"), Terminal.onSwitch("2"))
                        .value()
                        .orElseThrow()
                        .wires())
                .hasSize(1);
        assertThat(HandWiring.newOn(SwitchKind.CROSS_CORNER_DRUM).wires()).isEmpty();

        List<Terminal> studs =
                List.of("U1", "U2", "V1", "V2").stream().map(Terminal::motor).toList();
        HandWiring board = HandWiring.NOTHING.onStuds();
        for (String pair : List.of("U1 V1", "U1 V2", "U1 U2")) {
            String[] ends = pair.split(" ");
            board = board.join(Terminal.motor(ends[0]), Terminal.motor(ends[1]), studs)
                    .value()
                    .orElseThrow();
        }
        assertThat(board.wires()).hasSize(3).noneMatch(w -> w.to().equals(Terminal.splice("X1")));
        List<Terminal> more = new ArrayList<>(studs);
        more.add(Terminal.L1);
        assertThat(board.join(Terminal.L1, Terminal.motor("U1"), more)
                        .problems()
                        .get(0)
                        .message())
                .contains("full");
    }
}
