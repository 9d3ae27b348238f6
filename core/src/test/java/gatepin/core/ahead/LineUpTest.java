package gatepin.core.ahead;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.check.MadeUpWirings;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Rule;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LineUpTest {
    private static final int SUBSETS = 1 << Kind.values().length;

    /** Every line-up there can be. */
    static List<LineUp> all() {
        List<LineUp> all = new ArrayList<>();
        for (Supply.Kind supply : Supply.Kind.values()) {
            for (boolean coils : new boolean[] {true, false}) {
                for (int subset = 1; subset < SUBSETS; subset++) {
                    all.add(LineUp.of(kinds(subset), supply, coils));
                }
            }
        }
        return all;
    }

    private static List<Kind> kinds(int subset) {
        return Stream.of(Kind.values())
                .filter(k -> (subset >> k.ordinal() & 1) == 1)
                .toList();
    }

    private static boolean passes(LineUp lineUp, List<Contact> closed, Terminal line) {
        return Nodes.of(lineUp.wires(), closed).same(line, lineUp.feeds(line));
    }

    @ParameterizedTest
    @MethodSource("all")
    void closedItPassesEachLineAndKeepsThemApart(LineUp lineUp) {
        Nodes nodes = Nodes.of(lineUp.wires(), lineUp.closed(Optional.empty()));
        assertThat(nodes.same(Terminal.L1, lineUp.feeds(Terminal.L1))).isTrue();
        assertThat(nodes.same(Terminal.L2, lineUp.feeds(Terminal.L2))).isTrue();
        assertThat(nodes.same(Terminal.L1, Terminal.L2)).isFalse();
        assertThat(nodes.same(Terminal.L1, lineUp.frame())).isFalse();
        assertThat(nodes.same(Terminal.GROUND, lineUp.frame())).isTrue();
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachDeviceOpensEveryHotLineAndEachPoleOfAnOverloadCarriesTheCurrent(LineUp lineUp) {
        for (Stage stage : lineUp.stages()) {
            List<Contact> open = lineUp.closed(Optional.of(stage.kind()));
            assertThat(passes(lineUp, open, Terminal.L1)).isFalse();
            assertThat(passes(lineUp, open, Terminal.L2)).isEqualTo(!stage.second());
            for (Contact pole : stage.poles()) {
                List<Contact> closed = new ArrayList<>(lineUp.closed(Optional.empty()));
                closed.remove(pole);
                assertThat(passes(lineUp, closed, Terminal.L1) && passes(lineUp, closed, Terminal.L2))
                        .as("pole %s in the way", pole)
                        .isFalse();
            }
        }
    }

    /** NEC 240.22 and IEC 60364-4-43 (from memory): no fuse in a grounded conductor alone. */
    @Test
    void aNeutralIsNeverFused() {
        LineUp lineUp = LineUp.of(List.of(Kind.FUSES), Supply.Kind.HOT_AND_NEUTRAL, false);
        assertThat(lineUp.terminals()).hasSize(2);
        assertThat(lineUp.feeds(Terminal.L2)).isEqualTo(Terminal.L2);
        assertThat(LineUp.of(List.of(Kind.FUSES), Supply.Kind.TWO_HOT, false).terminals())
                .hasSize(4);
    }

    private static boolean shown(LineUp lineUp, DeadLineUp.Read read, Optional<DeadLineUp.Fault> fault) {
        List<Wire> wires = new ArrayList<>(
                lineUp.wires().stream().filter(w -> !w.to().isLine()).toList());
        List<Contact> closed = new ArrayList<>(lineUp.closed(read.open()));
        fault.ifPresent(f -> f.applyTo(wires, closed));
        return Nodes.of(wires, closed).same(read.a(), read.b());
    }

    @ParameterizedTest
    @MethodSource("all")
    void theDeadCheckSeesEveryFaultThatAnOhmmeterCanSee(LineUp lineUp) {
        DeadLineUp dead = DeadLineUp.of(lineUp);
        assertThat(dead.reads())
                .allSatisfy(r -> assertThat(shown(lineUp, r, Optional.empty())).isEqualTo(r.joined()));
        List<Terminal> points = new ArrayList<>(lineUp.terminals());
        points.addAll(List.of(lineUp.frame(), Terminal.GROUND));
        for (Wire wire : lineUp.wires()) {
            if (!wire.to().isLine()) {
                DeadLineUp.Fault gone = new DeadLineUp.Fault.Missing(wire);
                assertThat(dead.reads())
                        .as("without %s", wire)
                        .anyMatch(r -> shown(lineUp, r, Optional.of(gone)) != r.joined());
            }
        }
        for (Stage stage : lineUp.stages()) {
            for (Contact pole : stage.poles()) {
                DeadLineUp.Fault dies = new DeadLineUp.Fault.Dead(pole);
                assertThat(dead.reads()).anyMatch(r -> shown(lineUp, r, Optional.of(dies)) != r.joined());
                DeadLineUp.Fault welds = new DeadLineUp.Fault.Welded(pole);
                assertThat(dead.reads().stream().anyMatch(r -> shown(lineUp, r, Optional.of(welds)) != r.joined()))
                        .isEqualTo(stage.opens());
            }
        }
        for (DeadLineUp.Fault fault : dead.unseen()) {
            for (Terminal a : points) {
                for (Terminal b : points) {
                    DeadLineUp.Read any = new DeadLineUp.Read(a, b, Optional.empty(), false);
                    assertThat(shown(lineUp, any, Optional.of(fault)))
                            .as("%s between %s and %s", fault, a, b)
                            .isEqualTo(shown(lineUp, any, Optional.empty()));
                }
            }
        }
    }

    /** Only where a pole cannot be opened can a wire sit on its other side and nothing tell. */
    @ParameterizedTest
    @MethodSource("all")
    void whatNoReadingTellsIsAPoleOfARelayPassedBy(LineUp lineUp) {
        boolean relay = lineUp.stages().stream().anyMatch(s -> !s.opens());
        assertThat(DeadLineUp.of(lineUp).unseen().isEmpty()).isEqualTo(!relay);
    }

    @Test
    void behindItAMotorRunsAsItDoesWithoutIt() {
        int subset = 1;
        for (MadeUpWirings made : MadeUpWirings.some(40, 900)) {
            Circuit gear = made.request().circuit();
            RatedPoint rated = made.request().rated();
            LineUp lineUp = LineUp.of(kinds(subset), gear.supply().kind(), false);
            subset = subset % (SUBSETS - 1) + 1;
            Analysis without = Analysis.of(gear, rated);
            Analysis behind = Analysis.of(lineUp.ahead(gear), rated);
            for (Setting setting : gear.settings()) {
                assertThat(behind.in(setting).way())
                        .as("%s, %s", made.name(), setting)
                        .isEqualTo(without.in(setting).way());
                assertThat(behind.in(setting).standstill().lineAmps())
                        .isCloseTo(without.in(setting).standstill().lineAmps(), within(1e-6));
                assertThat(rules(behind, setting)).isEqualTo(rules(without, setting));
            }
            assertThat(behind.verdicts())
                    .as(made.name())
                    .noneMatch(v -> v.rule() == Rule.OVERLOAD_BESIDE || v.rule() == Rule.OVERLOAD_POLE_IDLE);
        }
    }

    private static Set<String> rules(Analysis analysis, Setting setting) {
        return analysis.verdictsIn(setting).stream()
                .filter(v -> v.rule() != Rule.OVERLOAD_PASSED)
                .map(v -> v.rule() + " " + v.severity())
                .collect(Collectors.toSet());
    }

    @Test
    void whatIsNeededIsPutInOrThereOrLeftOutWithAReason() {
        List<Ahead> asked = Ahead.of(new Ahead.Asked(false, true, true, false, 0, 6.9, "15 A"));
        Map<Kind, Chosen> usual = AheadRecord.usual(asked, true);
        assertThat(usual.get(Kind.DISCONNECT).stands()).isEqualTo(Stands.THERE);
        assertThat(usual.get(Kind.FUSES).stands()).isEqualTo(Stands.THERE);
        assertThat(usual.get(Kind.OVERLOAD).stands()).isEqualTo(Stands.FITTED);
        assertThat(usual.get(Kind.NO_VOLT_RELEASE).stands()).isEqualTo(Stands.FITTED);
        assertThat(usual.get(Kind.RESIDUAL_CURRENT).stands()).isEqualTo(Stands.LEFT_OUT);
        assertThat(AheadRecord.usual(asked, false).get(Kind.DISCONNECT).stands())
                .isEqualTo(Stands.FITTED);
        assertThat(record(usual).lack(asked)).isEmpty();

        Map<Kind, Chosen> without = new EnumMap<>(usual);
        without.put(Kind.OVERLOAD, new Chosen(Stands.LEFT_OUT));
        assertThat(record(without).lack(asked)).isPresent();
        without.put(Kind.OVERLOAD, new Chosen(Stands.LEFT_OUT, "the converter trips"));
        assertThat(record(without).lack(asked)).isEmpty();
    }

    private static AheadRecord record(Map<Kind, Chosen> chosen) {
        return new AheadRecord(chosen);
    }

    @Test
    void theLastReadingOfTwoPointsCounts() {
        LineUp lineUp = LineUp.of(List.of(Kind.DISCONNECT), Supply.Kind.TWO_HOT, false);
        DeadLineUp dead = DeadLineUp.of(lineUp);
        List<DeadRead> reads = new ArrayList<>();
        for (DeadLineUp.Read read : dead.reads()) {
            reads.add(new DeadRead(read.key(), read.joined() ? Shows.OPEN : Shows.JOINED));
        }
        assertThat(dead.lack(read(reads))).isPresent();
        for (DeadLineUp.Read read : dead.reads()) {
            reads.add(new DeadRead(read.key(), read.joined() ? Shows.JOINED : Shows.OPEN));
        }
        assertThat(dead.lack(read(reads))).isEmpty();
        assertThat(dead.lack(read(reads.subList(1, dead.reads().size())))).isPresent();
    }

    private static Done read(List<DeadRead> reads) {
        return new Done(Map.of(), Map.of(Section.AHEAD, reads));
    }
}
