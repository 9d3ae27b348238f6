package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.PlanResult.Hindrance;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Rule;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {
    private static final int ODD_CHARTS = 24;
    private static final Map<List<Object>, PlanResult> RESULTS = new HashMap<>();

    /** Searched once for all tests. */
    private static PlanResult on(SwitchKind kind, SampleMotors motor) {
        return RESULTS.computeIfAbsent(List.of(kind, motor), k -> Planner.search(motor.on(kind)));
    }

    @Test
    void wishesForATerminalThatTheFaceLacksAreLeftAside() {
        Wire stays = new Wire(Terminal.motor("T1"), Terminal.onSwitch("8"), Wire.Run.MOTOR_CABLE);
        Wishes wishes = new Wishes(
                true,
                false,
                OptionalInt.empty(),
                Set.of(Terminal.onSwitch("5"), Terminal.onSwitch("7")),
                Set.of(stays));
        List<Terminal> face = SwitchKind.CROSS_CORNER_DRUM.chart().terminals();

        assertThat(wishes.notOn(face)).extracting(Terminal::mark).containsExactly("7", "8");
        assertThat(wishes.on(face))
                .isEqualTo(new Wishes(true, false, OptionalInt.empty(), Set.of(Terminal.onSwitch("5")), Set.of()));
        assertThat(wishes.on(SwitchKind.CAM_8.chart().terminals())).isEqualTo(wishes);
    }

    @Test
    @DisplayName("six leads, 230 V, cross-corner drum: plans with five, four and three conductors (common practice)")
    void highVoltageOnTheCrossCornerDrum() {
        assertThat(on(SwitchKind.CROSS_CORNER_DRUM, SampleMotors.PROTECTED).plans())
                .extracting(p -> p.cost().conductors())
                .contains(5, 4, 3);
        assertThat(on(SwitchKind.CROSS_CORNER_DRUM, SampleMotors.SIX_LEAD_HIGH).plans())
                .extracting(p -> p.cost().conductors())
                .contains(5, 3);
    }

    @Test
    @DisplayName(
            "five conductors let all current pass the motor's protector; with three and no jumper some passes beside it"
                    + " (common practice)")
    void fewerConductorsCostTheProtector() {
        List<Plan> plans =
                on(SwitchKind.CROSS_CORNER_DRUM, SampleMotors.PROTECTED).plans();

        assertThat(plans)
                .filteredOn(p -> p.cost().conductors() == 3)
                .isNotEmpty()
                .allMatch(p -> p.cost().besideProtector() > 0);
        assertThat(plans)
                .anyMatch(p -> p.cost().conductors() == 5
                        && p.cost().besideProtector() == 0
                        && p.cost().beyondDiagram() == 0
                        && p.cost().hotLinesUnbroken() == 1);
    }

    @Tag("long")
    @Test
    void thePlatesOwnReversalIsAlwaysAmongThePlansWhereTheSwitchCanDoIt() {
        for (SampleMotors motor : SampleMotors.ALL) {
            for (SwitchKind kind : SwitchKind.ALL) {
                PlanRequest all = motor.on(kind);
                boolean can = !Planner.search(new PlanRequest(
                                all.leads(),
                                all.windings(),
                                all.supply(),
                                all.chart(),
                                all.hasOff(),
                                motor.asWritten(),
                                Wishes.NONE))
                        .plans()
                        .isEmpty();
                assertThat(on(kind, motor).plans().stream()
                                .anyMatch(p -> p.cost().beyondDiagram() == 0))
                        .as(motor + " on " + kind.name())
                        .isEqualTo(can);
            }
        }
    }

    @Test
    @DisplayName("six leads, 115 V, cross-corner drum: four conductors, one jumper, hot broken, neutral left alone")
    void lowVoltageOnTheCrossCornerDrum() {
        PlanCost best = on(SwitchKind.CROSS_CORNER_DRUM, SampleMotors.SIX_LEAD_LOW)
                .plans()
                .get(0)
                .cost();

        assertThat(best.conductors()).isEqualTo(4);
        assertThat(best.jumpers()).isEqualTo(1);
        assertThat(best.hotLeadsInOff()).isZero();
        assertThat(best.neutralSwitched()).isZero();
    }

    @Test
    @DisplayName("six leads, 115 V, centre-swap drum: four conductors and no jumper (common practice)")
    void lowVoltageOnTheCentreSwapDrum() {
        PlanResult result = on(SwitchKind.CENTRE_SWAP_DRUM, SampleMotors.SIX_LEAD_LOW);

        assertThat(result.plans()).anySatisfy(plan -> {
            assertThat(plan.cost().conductors()).isEqualTo(4);
            assertThat(plan.cost().jumpers()).isZero();
            assertThat(plan.cost().hotLeadsInOff()).isZero();
        });
    }

    @Test
    void theDemoPlateOfTheTradeSaysWhichCornersTheSwapGoesTo() {
        Plan plan = on(SwitchKind.CROSS_CORNER_DRUM, SampleMotors.SIX_LEAD_HIGH).plans().stream()
                .filter(p -> p.cost().beyondDiagram() == 0)
                .findFirst()
                .orElseThrow();

        List<String> corners = plan.wires().stream()
                .filter(w -> w.from().equals(Terminal.motor("T5")) || w.from().equals(Terminal.motor("T8")))
                .map(w -> w.to().mark())
                .sorted()
                .toList();
        assertThat(corners)
                .as("the two leads to interchange go to opposite corners of the upper four")
                .isIn(List.of("1", "4"), List.of("2", "3"));
    }

    @Test
    @DisplayName("a third pole breaks a line: what a two-pole toggle cannot do, a three-pole one can (common practice)")
    void aThreePoleToggleReversesAndDisconnects() {
        for (SampleMotors motor : SampleMotors.ALL) {
            PlanResult result = on(SwitchKind.TPDT_CENTRE_OFF, motor);

            assertThat(result.plans()).as(motor.toString()).isNotEmpty();
            assertThat(result.plans().get(0).cost().hotLinesUnbroken()).isLessThanOrEqualTo(1);
        }
    }

    @Test
    @DisplayName("two poles swap the start winding and have none left for the line (common practice)")
    void aTwoPoleToggleCannotReverseAndAlsoDisconnectOnTheLowerVoltage() {
        PlanResult result = on(SwitchKind.DPDT_CENTRE_OFF, SampleMotors.SIX_LEAD_LOW);

        assertThat(result.plans()).isEmpty();
        assertThat(result.hindrance()).isEqualTo(Hindrance.NO_OFF);
    }

    @Test
    void aSwitchWithOnePoleCannotReverse() {
        PlanRequest drum = SampleMotors.FOUR_LEAD.on(SwitchKind.DPDT_CENTRE_OFF);
        ContactChart onePole = new ContactChart(
                drum.chart().terminals(),
                Map.of(
                        HandlePosition.FORWARD, Set.of(Contact.between("3", "1")),
                        HandlePosition.REVERSE, Set.of(Contact.between("3", "5"))));
        PlanResult result = Planner.search(new PlanRequest(
                drum.leads(), drum.windings(), drum.supply(), onePole, true, drum.running(), Wishes.NONE));

        assertThat(result.plans()).isEmpty();
        assertThat(result.hindrance()).isEqualTo(Hindrance.BOTH_WAYS_IMPOSSIBLE);
    }

    @Test
    void wishesNarrowThePlansAndTheOneThatAsksTooMuchIsNamed() {
        PlanRequest request = SampleMotors.PROTECTED.on(SwitchKind.CROSS_CORNER_DRUM);
        Wishes fourWires = new Wishes(true, true, OptionalInt.of(4), Set.of(), Set.of());
        Wishes threeWires = new Wishes(true, true, OptionalInt.of(3), Set.of(), Set.of());

        assertThat(Planner.search(request.wishing(fourWires)).plans())
                .isNotEmpty()
                .allMatch(p -> p.cost().conductors() <= 4
                        && p.cost().hotLinesUnbroken() == 0
                        && p.cost().besideProtector() == 0);
        PlanResult none = Planner.search(request.wishing(threeWires));
        assertThat(none.plans()).isEmpty();
        assertThat(none.hindrance()).isEqualTo(Hindrance.WISHES);
        assertThat(none.asksTooMuch()).contains("protector always in circuit", "at most 3 conductors");
    }

    @Test
    void aBurntTerminalStaysEmptyAndAKeptWireStays() {
        PlanRequest request = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.TPDT_CENTRE_OFF);
        Terminal burnt = Terminal.onSwitch("7");
        Wishes notSeven = new Wishes(false, false, OptionalInt.empty(), Set.of(burnt), Set.of());

        assertThat(Planner.search(request.wishing(notSeven)).plans())
                .isNotEmpty()
                .allMatch(p -> p.wires().stream().noneMatch(w -> w.lands(burnt)));
        assertThat(Planner.search(SampleMotors.SIX_LEAD_HIGH
                                .on(SwitchKind.CROSS_CORNER_DRUM)
                                .wishing(SampleMotors.keep("T5", "1")))
                        .plans())
                .isNotEmpty()
                .allMatch(p -> Nodes.of(p.wires(), List.of()).same(Terminal.motor("T5"), Terminal.onSwitch("1")));
    }

    @Test
    void noCurrentPassesThroughATerminalThatMustNotBeUsed() {
        for (SwitchKind kind : List.of(SwitchKind.CENTRE_SWAP_DRUM, SwitchKind.CROSS_CORNER_DRUM, SwitchKind.CAM_12)) {
            for (Terminal worn : kind.chart().terminals()) {
                Wishes without = new Wishes(false, false, OptionalInt.empty(), Set.of(worn), Set.of());
                PlanRequest request = SampleMotors.FOUR_LEAD.on(kind).wishing(without);
                for (Plan plan : Planner.search(request).plans()) {
                    for (HandlePosition position : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE)) {
                        List<Contact> sound = kind.chart().closedIn(position).stream()
                                .filter(c -> !c.a().equals(worn) && !c.b().equals(worn))
                                .toList();
                        assertThat(Nodes.of(plan.wires(), sound).groupsAmong(request.points()))
                                .as(kind.name() + " without " + worn.mark() + ", " + plan.wires())
                                .isEqualTo(Nodes.of(plan.wires(), kind.chart().closedIn(position))
                                        .groupsAmong(request.points()));
                    }
                }
            }
        }
    }

    @Test
    void wiresThatCannotBothStayLeaveNoPlan() {
        PlanRequest request = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM);
        Set<Wire> both = new HashSet<>(SampleMotors.keep("T5", "1").kept());
        both.addAll(SampleMotors.keep("T8", "1").kept());

        PlanResult none =
                Planner.search(request.wishing(new Wishes(false, false, OptionalInt.empty(), Set.of(), both)));
        assertThat(none.plans()).isEmpty();
        assertThat(none.asksTooMuch()).containsExactly("wires that stay");
        PlanResult burnt = Planner.search(request.wishing(new Wishes(
                false,
                false,
                OptionalInt.empty(),
                Set.of(Terminal.onSwitch("1")),
                SampleMotors.keep("T5", "1").kept())));
        assertThat(burnt.plans()).isEmpty();
        assertThat(burnt.asksTooMuch()).contains("wires that stay");
    }

    @Test
    @DisplayName("two hot lines take one pole more than hot and neutral to break both (common practice)")
    void twoHotLinesTakeOnePoleMore() {
        Supply twoHots = new Supply(115, 60, Supply.Kind.TWO_HOT);
        PlanRequest three = SampleMotors.PERMANENT_CAPACITOR.on(SwitchKind.TPDT_CENTRE_OFF, twoHots);
        PlanRequest four = SampleMotors.PERMANENT_CAPACITOR.on(SwitchKind.FOURPDT_CENTRE_OFF, twoHots);

        assertThat(Planner.search(three).plans().get(0).cost().hotLinesUnbroken())
                .isEqualTo(1);
        assertThat(Planner.search(four).plans().get(0).cost().hotLinesUnbroken())
                .isZero();
    }

    @Test
    void aPermanentCapacitorMotorOnAThreePoleToggleHasTheHotBrokenAndTheNeutralLeftAlone() {
        PlanResult result = on(SwitchKind.TPDT_CENTRE_OFF, SampleMotors.PERMANENT_CAPACITOR);

        assertThat(result.plans().get(0).cost().hotLeadsInOff()).isZero();
        assertThat(result.plans().get(0).cost().neutralSwitched()).isZero();
    }

    static Stream<Arguments> everyMotorOnEverySwitch() {
        return SampleMotors.ALL.stream().flatMap(m -> SwitchKind.ALL.stream().map(s -> Arguments.of(m, s)));
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everyMotorOnEverySwitch")
    void everyPlanPassesTheEngine(SampleMotors motor, SwitchKind kind) {
        Motor real = motor.fitted().values().motor(motor.leads());
        for (Plan plan : on(kind, motor).plans()) {
            Analysis analysis = Analysis.of(
                    new Circuit(real, kind.chart(), motor.supply(), Feeder.STIFF, plan.wires()), motor.rated());
            assertThat(analysis.verdicts())
                    .as(plan.wires().toString())
                    .noneMatch(v -> v.severity() == Severity.DANGER && (kind.hasOff() || !v.isOfOff()))
                    .anyMatch(v -> v.rule() == Rule.REVERSES);
            assertThat(analysis.in(HandlePosition.FORWARD).way()).isEqualTo(wayAsWritten(motor, real));
            assertThat(kind.hasOff()
                            && !Carrying.of(motor.circuit(kind, plan.wires()), HandlePosition.OFF)
                                    .nothingFlows())
                    .as("current in OFF")
                    .isFalse();
        }
    }

    private static Way wayAsWritten(SampleMotors motor, Motor real) {
        return Analysis.of(
                        new Circuit(
                                real,
                                ContactChart.NONE,
                                motor.supply(),
                                Feeder.STIFF,
                                motor.connection().direct(motor.leads())),
                        motor.rated())
                .in(HandlePosition.FORWARD)
                .way();
    }

    @Tag("long")
    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everyMotorOnEverySwitch")
    void theCostOfAPlanIsWhatItsWiresCost(SampleMotors motor, SwitchKind kind) {
        for (Plan plan : on(kind, motor).plans()) {
            Carrying off = Carrying.of(motor.circuit(kind, plan.wires()), HandlePosition.OFF);
            assertThat(plan.cost().hotLeadsInOff())
                    .isEqualTo(kind.hasOff() ? off.hotLeads().size() : 0);
            assertThat(plan.cost().jumpers()).isEqualTo(count(plan, Wire.Run.SWITCH_BOX));
            assertThat(plan.cost().conductors())
                    .as("a ground is no conductor")
                    .isEqualTo(count(plan, Wire.Run.MOTOR_CABLE) - 1);
            for (Terminal terminal : kind.chart().terminals()) {
                assertThat(plan.wires().stream().filter(w -> w.lands(terminal)).count())
                        .isLessThanOrEqualTo(plan.cost().mostOnOneTerminal());
            }
        }
    }

    private static int count(Plan plan, Wire.Run run) {
        return (int) plan.wires().stream().filter(w -> w.run() == run).count();
    }

    @Tag("long")
    @Test
    @DisplayName("nothing is left out: an exhaustive search over all landings of a small motor finds no cheaper plan")
    void theBestIsBest() {
        PlanRequest request = SampleMotors.FOUR_LEAD.on(SwitchKind.CROSS_CORNER_DRUM);

        List<PlanCost> found =
                Planner.search(request).plans().stream().map(Plan::cost).toList();

        assertThat(found).isEqualTo(ExhaustiveSearch.front(request)).isNotEmpty();
    }

    /** A chart like the given one with a contact more or less in some position, OFF too. */
    private static ContactChart altered(ContactChart chart, Random chance) {
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : HandlePosition.values()) {
            closed.put(position, new LinkedHashSet<>(chart.closedIn(position)));
        }
        for (int change = 0; change < 2; change++) {
            HandlePosition position = HandlePosition.values()[chance.nextInt(3)];
            Terminal a = chart.terminals().get(chance.nextInt(chart.terminals().size()));
            Terminal b = chart.terminals().get(chance.nextInt(chart.terminals().size()));
            if (!a.equals(b)) {
                Contact contact = new Contact(a, b);
                Set<Contact> there = closed.getOrDefault(position, Set.of());
                if (!there.remove(contact)) {
                    there.add(contact);
                }
            }
        }
        return ContactChart.ofHandle(chart.terminals(), closed);
    }

    @Tag("long")
    @Test
    @DisplayName(
            "on odd charts, too, with contacts closed in OFF, the whole front is that of a search that prunes nothing")
    void nothingIsLeftOutOnOddCharts() {
        Random chance = new Random(42);
        PlanRequest plain = SampleMotors.FOUR_LEAD.on(SwitchKind.CROSS_CORNER_DRUM);
        int withPlans = 0;
        for (int n = 0; n < ODD_CHARTS; n++) {
            ContactChart kind = (n % 2 == 0 ? SwitchKind.CENTRE_SWAP_DRUM : SwitchKind.CROSS_CORNER_DRUM).chart();
            ContactChart chart = altered(kind, chance);
            PlanRequest request = new PlanRequest(
                    plain.leads(), plain.windings(), plain.supply(), chart, true, plain.running(), Wishes.NONE);
            List<PlanCost> front =
                    Planner.search(request).plans().stream().map(Plan::cost).toList();

            assertThat(front).as(chart.closed().toString()).isEqualTo(ExhaustiveSearch.front(request));
            withPlans += front.isEmpty() ? 0 : 1;
        }
        assertThat(withPlans).as("charts with plans among them").isGreaterThan(6);
    }

    @Test
    void aSupplyWithTwoHotsCountsBothLinesAsHot() {
        SampleMotors motor = SampleMotors.FOUR_LEAD;
        PlanRequest onTwoHots = motor.on(SwitchKind.CROSS_CORNER_DRUM, new Supply(115, 60, Supply.Kind.TWO_HOT));

        assertThat(Planner.search(onTwoHots).plans().get(0).cost().hotLeadsInOff())
                .isPositive();
    }
}
