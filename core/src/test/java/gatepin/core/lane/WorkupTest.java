package gatepin.core.lane;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.Diagram;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.job.Lane.Pin;
import gatepin.core.lane.Facts.BenchFacts;
import gatepin.core.lane.Facts.GearFacts;
import gatepin.core.lane.Facts.SupplyFacts;
import gatepin.core.lane.Facts.WirePlan;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Plan;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.TypedPlate;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.SafeRecord;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.winding.Hints;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.WindingRecord;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A whole job judged without pages or database. */
class WorkupTest {
    private static final Memory MEMORY = new Memory();

    /** What a person would have typed by the time he stands at the Wire gate. */
    private record Typed(
            String pattern, String output, int volts, String family, String rating, List<MeterReading> readings) {}

    private static Plate plate(String output, String family) {
        return PlateReader.read(
                        TypedPlate.of(output, "hp", "115", "13.8", "230", "6.9", "60", "1725", family, "", "", "", ""))
                .value()
                .orElseThrow();
    }

    private static Facts facts(Typed typed, Optional<WirePlan> plan, Lane lane) {
        DiagramPattern pattern = DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(typed.pattern()))
                .findFirst()
                .orElseThrow();
        Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
        return new Facts(
                Region.NORTH_AMERICA,
                new BenchFacts(
                        Optional.of(
                                new SafeRecord(SafeRecord.Disconnect.LOOSE, "", false, false, false, true, List.of())),
                        new WindingRecord(leads.marks(), typed.readings(), Hints.NONE, true, Optional.empty())),
                new SupplyFacts(
                        Optional.of(typed.volts()),
                        typed.volts() == 230 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL),
                new GearFacts(Optional.of(SwitchKind.CROSS_CORNER_DRUM), typed.rating(), plan, made(plan, 0)),
                Kept.NOTHING
                        .with(Plate.PART, plate(typed.output(), typed.family()))
                        .with(
                                Diagram.PART,
                                Diagram.NONE
                                        .with(leads)
                                        .with(new Column(
                                                ConnectionReader.read(
                                                                pattern.column(typed.volts(), List.of(115, 230)), leads)
                                                        .value()
                                                        .orElseThrow(),
                                                StatedRotation.NOT_STATED)))
                        .with(FoundRecord.PART, new FoundRecord(true, List.of()))
                        .with(CableLengths.PART, new CableLengths(2, 3)),
                lane);
    }

    /** All wires of a plan are made but so many. */
    private static Done made(Optional<WirePlan> plan, int left) {
        List<String> names = plan.stream()
                .flatMap(p -> p.wires().stream())
                .map(Wire::key)
                .skip(left)
                .toList();
        return new Done(Map.of(Section.GEAR, Set.copyOf(names)), Map.of());
    }

    private static Facts allButTwoMade(Facts facts) {
        GearFacts gear = facts.gear();
        return new Facts(
                facts.region(),
                facts.bench(),
                facts.supply(),
                new GearFacts(gear.kind(), gear.rating(), gear.plan(), made(gear.plan(), 2)),
                facts.kept(),
                facts.lane());
    }

    private static Lane open(Gate... gates) {
        Map<Gate, Pin> pins = new EnumMap<>(Gate.class);
        Arrays.stream(gates).forEach(g -> pins.put(g, new Pin(Pin.State.PULLED, Sentence.none())));
        return new Lane(pins);
    }

    private static List<Wire> bestPlan(Typed typed) {
        List<Plan> plans = Workup.of(facts(typed, Optional.empty(), open()), MEMORY)
                .planning()
                .plans(Effort.unlimited())
                .orElseThrow()
                .plans();
        assertThat(plans).isNotEmpty();
        return WorkingOrder.of(plans.get(0));
    }

    static List<Typed> jobs() {
        return List.of(
                new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of()),
                new Typed("six-lead", "3/4", 115, "capacitor-start", "", List.of()),
                new Typed("six-lead-protector", "3/4", 230, "capacitor-start", "", List.of()),
                new Typed("six-lead-three-terminal-protector", "3/4", 115, "capacitor-start", "", List.of()),
                new Typed("iec-halves", "3/4", 230, "split-phase", "", List.of()));
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void aSoundJobKeepsItsPins(Typed typed) {
        WirePlan plan = new WirePlan(bestPlan(typed));
        Workup workup = Workup.of(facts(typed, Optional.of(plan), open(Gate.PLATE, Gate.SWITCH, Gate.WIRE)), MEMORY);

        assertThat(workup.fallen()).isEmpty();
        assertThat(workup.inCircuit(plan.wires(), SwitchKind.CROSS_CORNER_DRUM.chart())
                        .orElseThrow()
                        .analysis()
                        .settings())
                .hasSize(3);
    }

    @Test
    void whateverChangesAPinWhoseEvidenceNoLongerHoldsDrops() {
        Typed half = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        Typed grown = new Typed("six-lead", "1-1/2", 230, "capacitor-start", "1 HP 240 V", List.of());
        Typed restamped = new Typed("six-lead", "3/4", 230, "capacitor-start", "1/2 HP 240 V", List.of());
        WirePlan plan = new WirePlan(bestPlan(half));
        Lane lane = open(Gate.PLATE, Gate.SWITCH, Gate.WIRE);

        for (Typed after : List.of(grown, restamped)) {
            assertThat(Workup.of(facts(after, Optional.of(plan), lane), MEMORY).fallen())
                    .extracting(Lane.Drop::gate)
                    .containsExactly(Gate.SWITCH, Gate.WIRE);
        }
        Map<Gate, Pin> overridden = new EnumMap<>(lane.pins());
        overridden.put(Gate.SWITCH, new Pin(Pin.State.OVERRIDDEN, Sentence.own("it is what I have")));
        assertThat(Workup.of(facts(grown, Optional.of(plan), new Lane(overridden)), MEMORY)
                        .fallen())
                .as("an override was never evidence")
                .extracting(Lane.Drop::gate)
                .containsExactly(Gate.WIRE);
    }

    @Test
    void aJobOfWhichNothingIsKnownLacksTheEvidenceOfEveryGate() {
        Facts nothing = new Facts(
                Region.NORTH_AMERICA,
                new BenchFacts(Optional.empty(), WindingRecord.NOTHING),
                new SupplyFacts(Optional.empty(), Supply.Kind.HOT_AND_NEUTRAL),
                new GearFacts(Optional.empty(), "", Optional.empty()),
                Kept.NOTHING,
                open());
        Evidence evidence = Workup.of(nothing, MEMORY).evidence();

        for (Gate gate : Gate.values()) {
            assertThat(evidence.lack(gate)).as(gate.title()).isPresent();
        }
    }

    @Test
    void wiresThatAreNotMadeHoldTheLastPinOnly() {
        Typed typed = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        Evidence evidence = Workup.of(
                        allButTwoMade(facts(typed, Optional.of(new WirePlan(bestPlan(typed))), open())), MEMORY)
                .evidence();

        assertThat(evidence.lack(Gate.WIRE)).hasValue(Sentence.of("lack.wires", 2L));
        assertThat(evidence.lack(Gate.SWITCH)).isEmpty();
        assertThat(evidence.lack(Gate.DIAGRAM)).isEmpty();
    }

    @Test
    void aConnectionThatBurnsHoldsTheDiagramsPinAndNoOther() {
        Typed typed = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        Facts right = facts(typed, Optional.empty(), open());
        Typed lower = new Typed("six-lead", "3/4", 115, "capacitor-start", "1 HP 240 V", List.of());
        Column low = facts(lower, Optional.empty(), open()).motor().column().orElseThrow();
        Facts burning = new Facts(
                right.region(),
                right.bench(),
                right.supply(),
                right.gear(),
                right.kept()
                        .with(
                                Diagram.PART,
                                right.diagram().with(new Column(low.connection().at(230), low.rotation(), false))),
                right.lane());
        Evidence evidence = Workup.of(burning, MEMORY).evidence();

        assertThat(evidence.lack(Gate.DIAGRAM))
                .hasValueSatisfying(l -> assertThat(l.key()).isEqualTo("lack.connection.danger"));
        assertThat(evidence.lack(Gate.PLATE)).isEmpty();
    }

    @Test
    void aPlanForAnotherVoltageIsFoundDangerous() {
        Typed high = new Typed("six-lead", "3/4", 230, "capacitor-start", "", List.of());
        Typed low = new Typed("six-lead", "3/4", 115, "capacitor-start", "", List.of());
        WirePlan plan = new WirePlan(bestPlan(low));

        assertThat(Workup.of(facts(high, Optional.of(plan), open(Gate.WIRE)), MEMORY)
                        .fallen())
                .singleElement()
                .satisfies(d -> assertThat(d.reason().key()).isEqualTo("lack.plan.danger"));
    }

    /** The six-lead job, its connection turning so, on a machine with a screwed-on wheel that must turn one way only. */
    private static Workup oneWay(StatedRotation stated, Optional<WirePlan> plan) {
        Typed typed = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        Facts facts = facts(typed, plan, open());
        Column column = facts.motor().column().orElseThrow();
        return Workup.of(
                new Facts(
                        facts.region(),
                        facts.bench(),
                        facts.supply(),
                        facts.gear(),
                        facts.kept()
                                .with(Diagram.PART, facts.diagram().with(new Column(column.connection(), stated)))
                                .with(
                                        RotationPlan.PART,
                                        new RotationPlan(
                                                RotationPlan.Machine.usual(Tool.LATHE),
                                                ToolMotion.LATHE,
                                                Direction.CLOCKWISE,
                                                new DriveTrain(List.of(), true),
                                                false,
                                                List.of(Hazard.SCREWED_ON),
                                                false,
                                                Optional.empty(),
                                                false)),
                        facts.lane()),
                MEMORY);
    }

    @ParameterizedTest
    @EnumSource(
            value = Direction.class,
            names = {"CLOCKWISE", "COUNTER_CLOCKWISE"})
    void thePositionThatMustNotBeLiveIsThatOfTheWiresLookedAt(Direction direction) {
        StatedRotation stated = new StatedRotation(direction, End.SHAFT_END);
        Typed typed = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        List<Wire> planned = bestPlan(typed);
        Workup workup = oneWay(stated, Optional.of(new WirePlan(planned)));
        List<Wire> exchanged = planned.stream()
                .map(w -> new Wire(exchanged(w.from()), exchanged(w.to()), w.run()))
                .toList();
        List<HandlePosition> wrong = new ArrayList<>();
        for (List<Wire> wires : List.of(planned, exchanged)) {
            Analysis analysis = workup.inCircuit(wires, SwitchKind.CROSS_CORNER_DRUM.chart())
                    .orElseThrow()
                    .analysis();
            Turning.WrongPosition found =
                    workup.turning().wrongPosition(analysis).orElseThrow();
            StatedRotation turns = workup.turning().turns(analysis, found.position());
            boolean works = workup.facts()
                    .rotation()
                    .orElseThrow()
                    .worksAsWritten(turns)
                    .orElseThrow();
            assertThat(works).as("%s turns %s", found.position(), turns).isFalse();
            assertThat(found.hazards()).containsExactly(Hazard.SCREWED_ON);
            wrong.add(found.position());
        }
        assertThat(wrong).containsExactlyInAnyOrder(HandlePosition.FORWARD, HandlePosition.REVERSE);
    }

    /** The start winding's leads exchanged. */
    private static Terminal exchanged(Terminal end) {
        Terminal five = Terminal.motor("T5");
        Terminal eight = Terminal.motor("T8");
        return end.equals(five) ? eight : end.equals(eight) ? five : end;
    }

    @Test
    void aPositionAloneIsNotWrongWhileNobodyKnowsWhichWayItTurns() {
        Workup workup = oneWay(StatedRotation.NOT_STATED, Optional.empty());
        Typed typed = new Typed("six-lead", "3/4", 230, "capacitor-start", "1 HP 240 V", List.of());
        List<Wire> planned = bestPlan(typed);
        ContactChart both = SwitchKind.CROSS_CORNER_DRUM.chart();
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        both.settings().forEach(s -> closed.put(s, Set.copyOf(both.closedIn(s))));
        closed.put(HandlePosition.FORWARD, Set.of());
        ContactChart backOnly = new ContactChart(both.terminals(), closed);

        assertThat(workup.turning()
                        .wrongPosition(
                                workup.inCircuit(planned, both).orElseThrow().analysis()))
                .hasValueSatisfying(w -> assertThat(w.position()).isEqualTo(HandlePosition.REVERSE));
        assertThat(workup.turning()
                        .wrongPosition(workup.inCircuit(planned, backOnly)
                                .orElseThrow()
                                .analysis()))
                .isEmpty();
    }

    @Test
    void whatWasMeasuredCounts() {
        Typed silent = new Typed("six-lead", "3/4", 230, "capacitor-start", "", List.of());
        List<MeterReading> readings = List.of(
                new MeterReading("T1", "T2", 1.9, 0.2, 20, MeterReading.StartSwitch.AT_REST),
                new MeterReading("T3", "T4", 1.9, 0.2, 20, MeterReading.StartSwitch.AT_REST));
        Typed measured = new Typed("six-lead", "3/4", 230, "capacitor-start", "", readings);
        var before = Workup.of(facts(silent, Optional.empty(), open()), MEMORY)
                .fitted()
                .orElseThrow();
        var after = Workup.of(facts(measured, Optional.empty(), open()), MEMORY)
                .fitted()
                .orElseThrow();

        assertThat(after.given().runOhms())
                .hasValueSatisfying(o -> assertThat(o).isBetween(0.84, 0.86));
        var bandBefore = before.estimate(v -> v.runOhms());
        var bandAfter = after.estimate(v -> v.runOhms());
        assertThat((bandAfter.high() - bandAfter.low()) / bandAfter.value())
                .isLessThan(0.6 * (bandBefore.high() - bandBefore.low()) / bandBefore.value());
    }

    @Test
    void readingsThatBelongToAnotherMotorAreAFinding() {
        List<MeterReading> readings = List.of(
                MeterReading.of("T1", "T2", 38), MeterReading.of("T3", "T4", 38), MeterReading.of("T5", "T8", 90));
        Typed odd = new Typed("six-lead", "3/4", 230, "capacitor-start", "", readings);

        Workup workup = Workup.of(facts(odd, Optional.empty(), open()), MEMORY);
        assertThat(workup.misfit()).isPresent();
        assertThat(workup.fitted()).as("the plate alone has to do").isPresent();
    }

    @Test
    void aPermanentCapacitorMotorsCapacitorIsAPart() {
        Typed psc = new Typed("psc-colours", "3/4", 115, "permanent-split-capacitor", "", List.of());
        List<Wire> wires = bestPlan(psc);

        assertThat(wires).anyMatch(w -> w.from().is(Type.CAPACITOR));
        assertThat(Workup.of(facts(psc, Optional.empty(), open()), MEMORY)
                        .circuit(wires, SwitchKind.CROSS_CORNER_DRUM.chart())
                        .orElseThrow()
                        .motor()
                        .capacitors())
                .singleElement()
                .satisfies(c -> assertThat(c.a().is(Type.CAPACITOR)).isTrue());
    }

    @Test
    void whatTakesTooLongIsGivenUpWithASentence() {
        Typed job = new Typed("six-lead-three-terminal-protector", "3/4", 230, "capacitor-start", "", List.of());
        Effort none = Effort.of(Duration.ofNanos(1));

        assertThat(org.assertj.core.api.Assertions.catchThrowableOfType(
                                Effort.TooMuch.class,
                                () -> Workup.of(facts(job, Optional.empty(), open()), new Memory())
                                        .planning()
                                        .plans(none))
                        .why())
                .endsWith("was given up.");
    }

    @Test
    void aCapacitorOfTheJobCounts() {
        CapacitorCheck can = new CapacitorCheck("start capacitor", 233, 165, Optional.empty(), Optional.of(0.1));
        Typed job = new Typed("six-lead", "3/4", 230, "capacitor-start", "", List.of());
        Facts plain = facts(job, Optional.empty(), open());
        SafeRecord safe = new SafeRecord(SafeRecord.Disconnect.LOOSE, "", false, false, false, false, List.of(can));
        Facts with = new Facts(
                plain.region(),
                new BenchFacts(Optional.of(safe), plain.bench().windings()),
                plain.supply(),
                plain.gear(),
                plain.kept(),
                plain.lane());

        assertThat(Workup.of(with, MEMORY).fitted().orElseThrow().values().startMicrofarads())
                .isBetween(220.0, 246.0);
    }

    @Test
    @DisplayName("what ran may hold a charge, unless somebody looked for a capacitor and its family has none")
    void charge() {
        // the job of these tests says that there is no capacitor; the plate of a capacitor motor says otherwise
        for (String family : List.of("capacitor-start", "permanent-split-capacitor")) {
            assertThat(charged(
                            facts(new Typed("six-lead", "3/4", 230, family, "", List.of()), Optional.empty(), open())))
                    .as(family)
                    .isTrue();
        }
        Facts plain = facts(new Typed("six-lead", "3/4", 230, "split-phase", "", List.of()), Optional.empty(), open());
        assertThat(charged(plain)).as("looked for, and of no such family").isFalse();
        assertThat(charged(new Facts(
                        plain.region(),
                        new BenchFacts(Optional.empty(), plain.bench().windings()),
                        plain.supply(),
                        plain.gear(),
                        plain.kept(),
                        plain.lane())))
                .as("nobody looked")
                .isTrue();
    }

    private static boolean charged(Facts facts) {
        return Workup.of(facts, MEMORY).checks().mayHoldCharge();
    }
}
