package gatepin.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import gatepin.core.Effort;
import gatepin.core.Reading;
import gatepin.core.Severity;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.ColdPlanner;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultList;
import gatepin.core.check.Harm;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.Stated;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.SampleMotors;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.HealthyMotors;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One verdict wherever it is asked: check, plan, cold check, faults, and a written file read again. */
class AgreementTest {
    private static final List<SwitchKind> GEAR = List.of(
            SwitchKind.CROSS_CORNER_DRUM, SwitchKind.TPDT_CENTRE_OFF, SwitchKind.FOURPDT_CENTRE_OFF, SwitchKind.CAM_10);

    /** A made-up motor fitted to its plate, on some switch by some plan, with none or some of its wires moved. */
    private record Made(
            HealthyMotors of, Plate plate, Given given, SwitchKind kind, Circuit circuit, RatedPoint rated) {
        static Optional<Made> up(long seed, int moved) {
            Random chance = new Random(seed);
            Optional<HealthyMotors> motor = HealthyMotors.madeUp(seed);
            if (motor.isEmpty()) {
                return Optional.empty();
            }
            HealthyMotors m = motor.orElseThrow();
            Plate plate = FilesMadeUp.plate(m);
            Given given =
                    m.connection().alike(Connection.given(plate, Optional.of(m.connection()), m.leads()), m.leads());
            var fitted = PlateFit.fit(given).value();
            if (fitted.isEmpty()) {
                return Optional.empty();
            }
            Motor made = fitted.orElseThrow().values().motor(m.leads());
            RatedPoint rated = new RatedPoint(
                    plate.slip(),
                    given.ratedNm(),
                    Stated.of(plate, fitted.orElseThrow().values()));
            SwitchKind kind = GEAR.get(chance.nextInt(GEAR.size()));
            List<Plan> plans = Planner.search(new PlanRequest(
                            m.leads().terminals(),
                            m.leads().windings(),
                            m.supply(),
                            kind.chart(),
                            true,
                            RunningConnections.of(made, m.leads(), rated, m.connection(), m.supply()),
                            Wishes.NONE))
                    .plans();
            if (plans.isEmpty()) {
                return Optional.empty();
            }
            List<Wire> wires =
                    new ArrayList<>(plans.get(chance.nextInt(plans.size())).wires());
            for (int i = 0; i < moved; i++) {
                int at = chance.nextInt(wires.size());
                Terminal to = kind.chart()
                        .terminals()
                        .get(chance.nextInt(kind.chart().terminals().size()));
                if (!wires.get(at).from().equals(to)) {
                    wires.set(
                            at, new Wire(wires.get(at).from(), to, wires.get(at).run()));
                }
            }
            return Optional.of(new Made(
                    m, plate, given, kind, new Circuit(made, kind.chart(), m.supply(), Feeder.USUAL, wires), rated));
        }

        String written() {
            return WiringWriter.write(
                    new WiringWriter.Described(
                            "Made up", plate, of.leads(), Optional.of(kind), given, Optional.of(of.connection())),
                    circuit,
                    StatedRotation.NOT_STATED);
        }
    }

    private static Set<String> said(Circuit circuit, RatedPoint rated) {
        Set<String> said = new TreeSet<>();
        for (Verdict v : Analysis.of(circuit, rated).verdicts()) {
            said.add(v.rule() + " " + v.severity() + " "
                    + v.setting().map(s -> s.purpose().name()).orElse("") + " "
                    + new TreeSet<>(v.terminals().stream().map(Terminal::id).toList()));
        }
        return said;
    }

    private static WiringFile read(String text) {
        Reading<WiringFile> read = WiringReader.read(text);
        return read.value().orElseThrow(() -> new AssertionError(read.problems() + text));
    }

    @Test
    @DisplayName("what is written of 120 wirings, right and wrong, reads back to the same verdicts")
    void aWrittenFileSaysTheSame() {
        int tried = 0;
        for (long seed = 0; seed < 130; seed++) {
            Optional<Made> made = Made.up(seed, (int) (seed % 3));
            if (made.isEmpty()) {
                continue;
            }
            tried++;
            Made m = made.orElseThrow();
            WiringFile file = read(m.written());

            assertThat(said(file.circuit(), file.rated())).as(m.of().name()).isEqualTo(said(m.circuit(), m.rated()));
        }
        assertThat(tried).isGreaterThan(80);
    }

    @Test
    @DisplayName("every plan of a file is good to check, whatever the file; a wiring that is good has plans")
    void plansAreGoodToCheck() {
        int tried = 0;
        for (long seed = 300; seed < 345; seed++) {
            Optional<Made> made = Made.up(seed, 0);
            if (made.isEmpty()) {
                continue;
            }
            Made m = made.orElseThrow();
            List<String> texts = new ArrayList<>(List.of(
                    m.written(), FilesMadeUp.partByPart(m.plate(), m.circuit(), Optional.of(m.of().connection()))));
            if (m.circuit().motor().contacts().stream()
                            .filter(c -> c.kind() == Kind.PROTECTOR)
                            .count()
                    < 2) {
                // where a three-terminal protector goes only its diagram tells
                texts.add(FilesMadeUp.partByPart(m.plate(), m.circuit(), Optional.empty()));
            }
            for (String text : texts) {
                WiringFile file = read(text);
                Analysis asWired = Analysis.of(file.circuit(), file.rated());
                Reading<PlanResult> plans = PlanFile.read(text, Effort.unlimited())
                        .value()
                        .orElseThrow(() -> new AssertionError(m.of().name()))
                        .search(Effort.unlimited());
                assertThat(asWired.worst()).as(m.of().name()).isNotEqualTo(Severity.DANGER);
                assertThat(plans.value()).as(m.of().name() + plans.problems()).isPresent();
                for (Plan plan : plans.value().orElseThrow().plans()) {
                    tried++;
                    assertThat(Analysis.of(file.circuit().rewired(plan.wires()), file.rated())
                                    .worst())
                            .as(m.of().name())
                            .isNotEqualTo(Severity.DANGER);
                }
            }
        }
        assertThat(tried).isGreaterThan(100);
    }

    @Test
    @DisplayName("cold check and faults say first what check says of the wiring itself")
    void deadlyWiringsAreSaidFirst() throws Exception {
        int deadly = 0;
        for (long seed = 400; seed < 420; seed++) {
            Optional<Made> made = Made.up(seed, 1);
            if (made.isEmpty()) {
                continue;
            }
            Made m = made.orElseThrow();
            Severity worst = Analysis.of(m.circuit(), m.rated()).worst();
            ChecksWriter writer = new ChecksWriter("Made up", CheckRequest.of(m.circuit(), m.rated()));
            for (String text : List.of(writer.cold(), writer.faults())) {
                JsonNode root = new ObjectMapper().readTree(text);
                List<String> fields = new ArrayList<>();
                root.fieldNames().forEachRemaining(fields::add);
                assertThat(fields.indexOf("wiring")).isLessThan(4);
                assertThat(root.path("wiring").path("worst").asText()).isEqualTo(worst.word());
                assertThat(root.path("wiring").has("first")).isEqualTo(worst == Severity.DANGER);
            }
            deadly += worst == Severity.DANGER ? 1 : 0;
        }
        assertThat(deadly).isPositive();
    }

    @Test
    @DisplayName("hot and ground exchanged is said before there is anything to tick")
    void hotAndGroundExchanged() throws Exception {
        Made m = Made.up(1, 0).orElseThrow();
        Circuit exchanged = m.circuit()
                .rewired(m.circuit().wires().stream()
                        .map(w -> new Wire(exchanged(w.from()), exchanged(w.to()), w.run()))
                        .toList());
        JsonNode root =
                new ObjectMapper().readTree(new ChecksWriter("Made up", CheckRequest.of(exchanged, m.rated())).cold());

        assertThat(root.path("wiring").path("first").asText()).contains("mend it first");
    }

    private static Terminal exchanged(Terminal t) {
        return t.equals(Terminal.L1) ? Terminal.GROUND : t.equals(Terminal.GROUND) ? Terminal.L1 : t;
    }

    @Test
    @DisplayName("faults of a motor with two capacitors given part by part that burn it are not harmless")
    void theFaultsThatBurnAreHarms() {
        int tried = 0;
        for (long seed = 2; tried < 12; seed += 4) {
            Optional<Made> made = Made.up(seed, 0);
            if (made.isEmpty()) {
                continue;
            }
            Made m = made.orElseThrow();
            tried++;
            WiringFile file = read(FilesMadeUp.partByPart(m.plate(), m.circuit(), Optional.empty()));
            for (FaultList.Judged judged : FaultList.of(CheckRequest.of(file.circuit(), file.rated()))) {
                String key = judged.fault().key();
                if (key.startsWith("inner-closed-start_switch") || key.startsWith("inner-closed-start switch")) {
                    assertThat(judged.harm()).as(m.of().name() + " " + key).isIn(Harm.MOTOR, Harm.PERSON);
                }
                if (key.startsWith("capacitors-")) {
                    assertThat(judged.harm()).as(m.of().name() + " " + key).isNotEqualTo(Harm.NONE);
                }
            }
        }
    }

    @Test
    @DisplayName("a welded and a bridged protector are faults, and read or declared")
    void protectorsThatDoNotOpen() {
        int tried = 0;
        for (long seed = 0; tried < 8; seed++) {
            Optional<Made> made = Made.up(seed, 0)
                    .filter(m -> m.circuit().motor().contacts().stream()
                                    .filter(c -> c.kind() == Kind.PROTECTOR)
                                    .count()
                            == 1);
            if (made.isEmpty()) {
                continue;
            }
            tried++;
            Made m = made.orElseThrow();
            CheckRequest request = CheckRequest.of(m.circuit(), m.rated());
            List<FaultList.Judged> welded = FaultList.of(request).stream()
                    .filter(j -> j.fault().key().startsWith("inner-closed-protector"))
                    .toList();
            ColdPlan plan = ColdPlanner.plan(request);
            Set<String> declared = new LinkedHashSet<>();
            plan.unseen().forEach(u -> declared.add(u.fault().key()));

            assertThat(welded).as(m.of().name()).isNotEmpty();
            for (FaultList.Judged judged : welded) {
                assertThat(judged.harm()).as(m.of().name()).isEqualTo(Harm.MOTOR);
                Fault fault = judged.fault();
                assertThat(declared).as(m.of().name()).contains(fault.key());
            }
        }
    }

    @Test
    @DisplayName("an axis that is not quite a right angle, and like ends the other way round, change no good verdict")
    void axesNeedNotBeExact() {
        for (long seed = 0; seed < 40; seed++) {
            Optional<Made> made = Made.up(seed, 0);
            if (made.isEmpty()) {
                continue;
            }
            Made m = made.orElseThrow();
            Motor motor = m.circuit().motor();
            for (double degrees : new double[] {87, 93, 95}) {
                Motor skew = motor.withCoils(motor.coils().stream()
                        .map(c -> c.role() == Role.RUN
                                ? c
                                : new Coil(
                                        c.name(),
                                        c.role(),
                                        c.like(),
                                        c.other(),
                                        degrees,
                                        c.turns(),
                                        c.ohms(),
                                        c.leakageOhms(),
                                        c.ratedVolts(),
                                        c.joulesPerKelvin()))
                        .toList());
                WiringFile file =
                        read(FilesMadeUp.partByPart(m.plate(), m.circuit().with(skew), Optional.empty()));
                assertThat(Analysis.of(file.circuit(), file.rated()).worst())
                        .as(m.of().name() + " at " + degrees)
                        .isNotEqualTo(Severity.DANGER);
            }
        }
    }

    /** A plate of one voltage whose halves its own column joins. */
    private static String oneVoltage(String line1, String line2, String joined, boolean inSeries) {
        Leads leads = Leads.read(Stream.of("T1", "T2", "T3", "T4", "T5", "T8")
                        .map(t -> new Leads.Typed(t, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        Connection column = ConnectionReader.read(
                        new ConnectionReader.Typed("230", line1, line2, joined, "T5 T8"), leads)
                .value()
                .orElseThrow();
        Plate plate = new Plate(
                560,
                "0.56 kW",
                List.of(new Plate.Rating(230, Optional.of(6.9))),
                60,
                1725,
                new Plate.Extras(
                        Optional.of(MotorFamily.CAPACITOR_START),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        ""));
        Supply supply = new Supply(230, 60, Supply.Kind.TWO_HOT);
        Given given = Connection.given(plate, Optional.of(column), leads);
        Motor motor = PlateFit.fit(given).value().orElseThrow().values().motor(leads);
        Connection wired = inSeries
                ? column
                : ConnectionReader.read(new ConnectionReader.Typed("230", "T1 T3 T5", "T2 T4 T8", "", "T5 T8"), leads)
                        .value()
                        .orElseThrow();
        return WiringWriter.write(
                new WiringWriter.Described("One voltage", plate, leads, Optional.empty(), given, Optional.of(column)),
                new Circuit(motor, ContactChart.NONE, supply, Feeder.STIFF, wired.direct(leads)),
                StatedRotation.NOT_STATED);
    }

    @ParameterizedTest
    @ValueSource(strings = {"T1|T4 T8|T2 T3 T5", "T1 T5|T4 T8|T2 T3"})
    @DisplayName("a motor of one voltage is sound as its own column joins its halves, and burns the other way")
    void theFilesConnectionIsTheMeasure(String column) {
        String[] groups = column.split("\\|");
        WiringFile own = read(oneVoltage(groups[0], groups[1], groups[2], true));
        WiringFile other = read(oneVoltage(groups[0], groups[1], groups[2], false));

        assertThat(Analysis.of(own.circuit(), own.rated()).verdicts())
                .filteredOn(v -> v.severity() != Severity.GOOD)
                .isEmpty();
        assertThat(Analysis.of(other.circuit(), other.rated()).verdicts())
                .extracting(Verdict::rule)
                .contains(Rule.RUN_OVERVOLTAGE, Rule.BURNS);
    }

    /** A pair of contactors with an overload relay of so many poles, and nothing wired yet. */
    private static ContactChart contactors(int poles, int relayPoles) {
        List<Terminal> terminals = new ArrayList<>();
        Setting one = new Stand("K1 in", Setting.Purpose.FORWARD);
        Setting off = new Stand("both out", Setting.Purpose.OFF);
        Setting two = new Stand("K2 in", Setting.Purpose.REVERSE);
        Setting both = new Stand("both in", Setting.Purpose.NEVER);
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        List.of(one, off, two, both).forEach(s -> closed.put(s, new LinkedHashSet<>()));
        for (String name : List.of("K1", "K2")) {
            for (int p = 0; p < poles; p++) {
                Terminal a = Terminal.fromId(name + "." + (2 * p + 1));
                Terminal b = Terminal.fromId(name + "." + (2 * p + 2));
                terminals.addAll(List.of(a, b));
                Contact contact = new Contact(a, b);
                closed.getOrDefault(name.equals("K1") ? one : two, Set.of()).add(contact);
                closed.getOrDefault(both, Set.of()).add(contact);
            }
        }
        for (int p = 0; p < relayPoles; p++) {
            Terminal a = Terminal.fromId("F2." + (2 * p + 1));
            Terminal b = Terminal.fromId("F2." + (2 * p + 2));
            terminals.addAll(List.of(a, b));
            closed.values().forEach(c -> c.add(new Contact(a, b)));
        }
        return new ContactChart(terminals, closed);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    @DisplayName(
            "every plan for contactors with an overload relay leads all current of both ways through it, within 5 s")
    void overloadsArePassed(int relayPoles) {
        for (SampleMotors motor : SampleMotors.ALL) {
            for (int poles : new int[] {3, 4}) {
                Circuit bare = new Circuit(
                        motor.motor(), contactors(poles, relayPoles), motor.supply(), Feeder.USUAL, List.of());
                String text = FilesMadeUp.partByPart(plate(motor), bare, Optional.of(motor.connection()));
                WiringFile file = read(text);
                Effort effort = Effort.of(Duration.ofSeconds(20));
                long began = System.nanoTime();
                List<Plan> plans = PlanFile.read(text, effort)
                        .value()
                        .orElseThrow()
                        .search(effort)
                        .value()
                        .orElseThrow()
                        .plans();
                System.out.printf(
                        "%s, %d poles, relay of %d: %d plans, %.1f s%n",
                        motor.name(), poles, relayPoles, plans.size(), (System.nanoTime() - began) / 1e9);
                for (Plan plan : plans) {
                    Circuit wired = file.circuit().rewired(plan.wires());
                    assertThat(rules(wired, file.rated()))
                            .as(motor.name())
                            .contains(Rule.OVERLOAD_PASSED)
                            .doesNotContain(Rule.OVERLOAD_BESIDE, Rule.OVERLOAD_POLE_IDLE);
                    assertThat(rules(beside(wired, relayPoles), file.rated()))
                            .as(motor.name() + " beside")
                            .contains(Rule.OVERLOAD_BESIDE)
                            .doesNotContain(Rule.OVERLOAD_PASSED);
                }
            }
        }
    }

    /** Both lines past the relay: its poles are wired to nothing. */
    private static Circuit beside(Circuit circuit, int relayPoles) {
        List<Wire> wires = new ArrayList<>();
        for (Wire wire : circuit.wires()) {
            Terminal from = past(wire.from(), relayPoles);
            Terminal to = past(wire.to(), relayPoles);
            if (!from.equals(to)) {
                wires.add(new Wire(from, to, wire.run()));
            }
        }
        return circuit.rewired(wires);
    }

    private static Terminal past(Terminal t, int relayPoles) {
        if (!t.is(Device.Type.OVERLOAD_RELAY)) {
            return t;
        }
        int pole = (Integer.parseInt(t.mark()) - 1) / 2;
        return relayPoles > 1 && pole == relayPoles - 1 ? Terminal.L2 : Terminal.L1;
    }

    private static List<Rule> rules(Circuit circuit, RatedPoint rated) {
        return Analysis.of(circuit, rated).verdicts().stream()
                .map(Verdict::rule)
                .toList();
    }

    private static Plate plate(SampleMotors motor) {
        Given given = motor.given();
        List<Plate.Rating> ratings = new ArrayList<>();
        ratings.add(new Plate.Rating((int) given.volts(), given.amps()));
        if (motor.leads().windings().stream().filter(w -> w.role() == Role.RUN).count() == 2) {
            ratings.add(new Plate.Rating((int) (2 * given.volts()), given.amps().map(a -> a / 2)));
        }
        return new Plate(
                given.outputWatts(),
                given.outputWatts() / 1000 + " kW",
                ratings,
                given.hertz(),
                given.rpm(),
                Plate.Extras.NONE);
    }

    @Test
    @DisplayName("where the protector leaves no plan, that is the reason given")
    void theRealReason() {
        SampleMotors motor = SampleMotors.PROTECTED;
        Motor sound = motor.motor();
        // the protector sits inside, in the start winding's lead alone: nothing guards the run winding
        List<Terminal> leads = new ArrayList<>(sound.leads());
        leads.removeAll(List.of(Terminal.motor("P1"), Terminal.motor("P2")));
        Motor guarded = new Motor(
                leads,
                sound.coils().stream()
                        .map(c -> c.role() == Role.START ? c.between(Terminal.inside("g"), c.other()) : c)
                        .toList(),
                sound.capacitors(),
                sound.contacts().stream()
                        .map(c -> c.kind() == Kind.PROTECTOR
                                ? new gatepin.core.circuit.InnerContact(
                                        c.name(), c.kind(), Terminal.motor("T5"), Terminal.inside("g"), c.health())
                                : c)
                        .toList(),
                sound.rotor());
        Circuit bare =
                new Circuit(guarded, SwitchKind.TPDT_CENTRE_OFF.chart(), motor.supply(), Feeder.USUAL, List.of());
        Reading<PlanFile.Ready> ready =
                PlanFile.read(FilesMadeUp.partByPart(plate(motor), bare, Optional.empty()), Effort.unlimited());

        assertThat(ready.problems())
                .anySatisfy(p -> assertThat(p.message()).contains("beside the motor's own protector"));
    }

    @Test
    @DisplayName("a file without REVERSE has no such setting")
    void noReverse() {
        WiringFile file = read("""
                {"format": "gatepin-wiring", "version": 2, "machine": "Saw",
                 "motor": {"family": "split-phase",
                  "plate": {"output": 0.5, "unit": "hp", "ratings": [{"volts": 115, "amps": 8.8}], "hertz": 60, "rpm": 1725},
                  "leads": [{"mark": "T1"}, {"mark": "T4"}, {"mark": "T5"}, {"mark": "T8"}],
                  "windings": [{"name": "run 1", "circuit": "run", "like": "T1", "other": "T4"},
                               {"name": "start 1", "circuit": "start", "like": "T5", "other": "T8"}]},
                 "switch": {"name": "Toggle", "face": [["1", "2"]], "closed": {"forward": [["1", "2"]]}},
                 "supply": {"volts": 115, "hertz": 60, "kind": "hot-and-neutral"},
                 "wires": [{"from": "supply.L1", "to": "S1.1"}, {"from": "S1.2", "to": "motor.T1"},
                           {"from": "S1.2", "to": "motor.T5"}, {"from": "motor.T4", "to": "supply.L2"},
                           {"from": "motor.T8", "to": "supply.L2"}, {"from": "motor.G", "to": "supply.G"},
                           {"from": "S1.G", "to": "supply.G"}]}
                """);
        assertThat(file.circuit().settings()).containsExactly(HandlePosition.FORWARD, HandlePosition.OFF);
        assertThat(Analysis.of(file.circuit(), file.rated()).verdicts())
                .filteredOn(v -> v.severity() != Severity.GOOD)
                .isEmpty();
    }
}
