package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.BenchMotors;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Setting.Purpose;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.RatedPoint;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** No two findings of one circuit exclude each other, and every good word is held against the solution that it speaks of. */
class TrueWordsTest {
    private static final int RANDOM = 400;
    private static final Set<Rule> IT_TURNS = EnumSet.of(Rule.TURNS, Rule.STARTS_WEAKLY, Rule.START_LEFT_IN);
    private static final Set<Rule> IT_STANDS = EnumSet.of(Rule.HUMS, Rule.NOTHING_HAPPENS);

    /** A circuit with where its motor works. */
    private record Tried(String name, Circuit circuit, RatedPoint rated) {}

    /** Any wires at all, and made-up motors on their column with wires moved, parts failed and leaks put in. */
    private static List<Tried> circuits() {
        List<Tried> all = new ArrayList<>();
        for (long seed = 0; seed < RANDOM; seed++) {
            all.add(new Tried("random " + seed, BenchMotors.randomWiring(seed), new RatedPoint(0.042, 3.1)));
        }
        for (long seed = 700; seed < 700 + RANDOM; seed++) {
            long number = seed;
            HealthyMotors.madeUp(seed).ifPresent(m -> {
                Circuit sound = new Circuit(
                        m.motor(),
                        ContactChart.NONE,
                        m.supply(),
                        Feeder.USUAL,
                        m.connection().direct(m.leads()));
                all.add(new Tried(m.name() + " spoilt", spoilt(sound, new Random(number)), m.rated()));
            });
        }
        return all;
    }

    private static Circuit spoilt(Circuit circuit, Random chance) {
        List<Wire> wires = new ArrayList<>(circuit.wires());
        List<Terminal> points = new ArrayList<>(circuit.motor().leads());
        points.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.splice("X1")));
        for (int i = chance.nextInt(3); i >= 0; i--) {
            int at = chance.nextInt(wires.size());
            Terminal to = points.get(chance.nextInt(points.size()));
            if (!wires.get(at).from().equals(to)) {
                wires.set(at, new Wire(wires.get(at).from(), to, Wire.Run.MOTOR_CABLE));
            }
        }
        List<Element> outside = new ArrayList<>();
        if (chance.nextInt(3) == 0) {
            Terminal lead = points.get(chance.nextInt(points.size()));
            outside.add(new Resistor("leak", lead, Terminal.MOTOR_FRAME, 100 * Math.pow(10, 3 * chance.nextDouble())));
        }
        return new Circuit(circuit.motor(), circuit.chart(), circuit.supply(), circuit.feeder(), wires, outside);
    }

    @Test
    @DisplayName("of 800 random and spoilt wirings no two findings exclude each other")
    void findingsAgree() {
        for (Tried tried : circuits()) {
            Analysis analysis = Analysis.of(tried.circuit(), tried.rated());
            for (Setting setting : tried.circuit().settings()) {
                Set<Rule> rules = EnumSet.noneOf(Rule.class);
                analysis.verdicts().stream()
                        .filter(v -> v.setting().filter(setting::equals).isPresent())
                        .forEach(v -> rules.add(v.rule()));
                boolean turns = rules.stream().anyMatch(IT_TURNS::contains);
                boolean stands = rules.stream().anyMatch(IT_STANDS::contains);
                assertThat(turns && stands)
                        .as(tried.name() + " " + setting + ": " + rules)
                        .isFalse();
                assertThat(rules.contains(Rule.HUMS) && rules.contains(Rule.NOTHING_HAPPENS))
                        .isFalse();
                assertThat(rules.contains(Rule.DEAD_IN_OFF) && rules.contains(Rule.HOT_IN_OFF))
                        .isFalse();
                if (rules.contains(Rule.HUMS)) {
                    assertThat(analysis.in(setting).way())
                            .as(tried.name() + " hums")
                            .isEqualTo(Way.NONE);
                }
            }
            Set<Rule> all = EnumSet.noneOf(Rule.class);
            analysis.verdicts().forEach(v -> all.add(v.rule()));
            assertThat(all.contains(Rule.REVERSES) && all.contains(Rule.SAME_WAY))
                    .isFalse();
            assertThat(all.contains(Rule.PROTECTED)
                            && (all.contains(Rule.PROTECTOR_BYPASSED) || all.contains(Rule.PROTECTOR_IN_NEUTRAL)))
                    .isFalse();
        }
    }

    @Test
    @DisplayName("every good word about them holds in the solution it speaks of")
    void goodWordsHold() {
        Map<Rule, Integer> said = new LinkedHashMap<>();
        for (Tried tried : circuits()) {
            Analysis analysis = Analysis.of(tried.circuit(), tried.rated());
            for (Verdict verdict : analysis.verdicts()) {
                if (verdict.severity() == Severity.GOOD) {
                    said.merge(verdict.rule(), 1, Integer::sum);
                    holds(tried, analysis, verdict);
                }
            }
        }
        assertThat(said).containsKeys(Rule.TURNS, Rule.DEAD_IN_OFF, Rule.PROTECTED);
    }

    private static void holds(Tried tried, Analysis analysis, Verdict verdict) {
        Circuit circuit = tried.circuit();
        switch (verdict.rule()) {
            case TURNS -> {
                Analysis.InSetting in = analysis.in(verdict.setting().orElseThrow());
                assertThat(in.way()).as(tried.name()).isNotEqualTo(Way.NONE);
                assertThat(Math.abs(in.standstill().torqueNm()))
                        .as(tried.name())
                        .isGreaterThan(0.03 * tried.rated().torqueNm());
            }
            case DEAD_IN_OFF -> {
                AcSolution off = AcNetwork.of(
                                circuit, State.atRest(verdict.setting().orElseThrow()))
                        .at(1);
                List<Terminal> touched = new ArrayList<>(circuit.motor().leads());
                circuit.terminals().stream()
                        .filter(t -> t.is(Device.Type.CAPACITOR) || t.is(Device.Type.SPLICE))
                        .forEach(touched::add);
                assertThat(touched)
                        .allSatisfy(t -> assertThat(
                                        off.potential(t).map(Complex::norm).orElse(0.0))
                                .as(tried.name() + " " + t)
                                .isLessThan(Carrying.FELT_VOLTS));
            }
            case REVERSES -> {
                Set<Way> forward = ways(analysis, Purpose.FORWARD);
                Set<Way> reverse = ways(analysis, Purpose.REVERSE);
                assertThat(forward).as(tried.name()).hasSize(1).isNotEqualTo(reverse);
                assertThat(reverse).hasSize(1).doesNotContain(Way.NONE);
            }
            case PROTECTED ->
                circuit.settings().stream()
                        .filter(Setting::isMeantToRun)
                        .forEach(s -> assertThat(AcNetwork.of(circuit, new State(s, true, false))
                                        .at(1)
                                        .lineAmps())
                                .as(tried.name())
                                .isLessThan(0.2));
            default -> assertThat(verdict.rule()).isIn(Rule.FEEDER_WEAKENS, Rule.CORRECTION_CAPACITOR);
        }
    }

    private static Set<Way> ways(Analysis analysis, Purpose purpose) {
        Set<Way> ways = new LinkedHashSet<>();
        analysis.settings().forEach((s, in) -> {
            if (s.purpose() == purpose) {
                ways.add(in.way());
            }
        });
        return ways;
    }

    @Test
    @DisplayName("no sentence names a joint inside the motor")
    void nothingInsideIsNamed() {
        for (Tried tried : circuits()) {
            Set<String> inside = new LinkedHashSet<>();
            tried.circuit().motor().terminals().stream()
                    .filter(t -> t.is(Device.Type.INSIDE))
                    .filter(t -> t.mark().length() > 1)
                    .forEach(t -> inside.add(t.mark()));
            for (Verdict verdict : Analysis.of(tried.circuit(), tried.rated()).verdicts()) {
                VerdictWords words = VerdictWords.of(verdict, tried.circuit().supply());
                String text = Wording.of(Region.NORTH_AMERICA).say(words.title()) + " "
                        + Wording.of(Region.NORTH_AMERICA).say(words.words());
                assertThat(inside).as(tried.name() + ": " + text).noneMatch(m -> text.matches(".*\\b" + m + "\\b.*"));
            }
        }
    }

    @Test
    @DisplayName("a few milliamperes to the frame trip no breaker in words either, and what leaks is named")
    void aLeakIsCalledALeak() {
        HealthyMotors m = HealthyMotors.of(4);
        Terminal lead = m.leads().terminals().get(0);
        Circuit sound = new Circuit(
                m.motor(),
                ContactChart.NONE,
                m.supply(),
                Feeder.USUAL,
                m.connection().direct(m.leads()));
        Circuit leaks = new Circuit(
                sound.motor(),
                sound.chart(),
                sound.supply(),
                sound.feeder(),
                sound.wires(),
                List.of(new Resistor("damp", lead, Terminal.MOTOR_FRAME, 16_000)));
        Verdict leak = Analysis.of(leaks, m.rated()).verdicts().stream()
                .filter(v -> v.rule() == Rule.EARTH_FAULT)
                .findFirst()
                .orElseThrow();
        String words = Wording.of(Region.NORTH_AMERICA)
                .say(VerdictWords.of(leak, m.supply()).words());

        assertThat(leak.value()).isLessThan(0.02);
        assertThat(words).contains("mA").contains(lead.mark()).contains("No breaker trips");
    }

    private static Circuit onDrum(HealthyMotors m, ContactChart chart, List<Wire> wires) {
        return new Circuit(m.motor(), chart, m.supply(), Feeder.USUAL, wires);
    }

    private static List<Wire> planned(HealthyMotors m) {
        return gatepin.core.plan.Planner.search(new gatepin.core.plan.PlanRequest(
                        m.leads().terminals(),
                        m.leads().windings(),
                        m.supply(),
                        SwitchKind.TPDT_CENTRE_OFF.chart(),
                        true,
                        gatepin.core.plan.RunningConnections.of(
                                m.motor(), m.leads(), m.rated(), m.connection(), m.supply()),
                        gatepin.core.plan.Wishes.NONE))
                .plans()
                .get(0)
                .wires();
    }

    @Test
    @DisplayName(
            "a jog or a second place for FORWARD that turns the other way is found; a switch without REVERSE has none")
    void allSettingsCount() {
        HealthyMotors m = HealthyMotors.of(1);
        List<Wire> wires = planned(m);
        ContactChart plain = SwitchKind.TPDT_CENTRE_OFF.chart();
        Map<Setting, Set<Contact>> more = new LinkedHashMap<>();
        Setting forward = new Stand("forward", Purpose.FORWARD);
        Setting jog = new Stand("jog", Purpose.FORWARD);
        Setting off = new Stand("off", Purpose.OFF);
        Setting reverse = new Stand("reverse", Purpose.REVERSE);
        plain.closed().forEach((s, contacts) -> {
            more.put(s.purpose() == Purpose.FORWARD ? forward : s.purpose() == Purpose.OFF ? off : reverse, contacts);
        });
        Map<Setting, Set<Contact>> wrong = new LinkedHashMap<>(more);
        wrong.put(jog, more.getOrDefault(reverse, Set.of()));
        Map<Setting, Set<Contact>> right = new LinkedHashMap<>(more);
        right.put(jog, more.getOrDefault(forward, Set.of()));
        Map<Setting, Set<Contact>> oneWay = new LinkedHashMap<>(more);
        oneWay.remove(reverse);

        assertThat(rules(onDrum(m, new ContactChart(plain.terminals(), wrong), wires), m.rated()))
                .contains(Rule.WAYS_DIFFER)
                .doesNotContain(Rule.REVERSES);
        assertThat(rules(onDrum(m, new ContactChart(plain.terminals(), right), wires), m.rated()))
                .contains(Rule.REVERSES)
                .doesNotContain(Rule.WAYS_DIFFER);
        assertThat(rules(onDrum(m, new ContactChart(plain.terminals(), oneWay), wires), m.rated()))
                .contains(Rule.TURNS)
                .doesNotContain(Rule.NOTHING_HAPPENS, Rule.REVERSES, Rule.SAME_WAY);
    }

    private static List<Rule> rules(Circuit circuit, RatedPoint rated) {
        return Analysis.of(circuit, rated).verdicts().stream()
                .map(Verdict::rule)
                .toList();
    }

    @Test
    @DisplayName("a protector moved from the hot into the neutral is said to protect nothing that is hot")
    void aProtectorInTheNeutral() {
        int tried = 0;
        for (long seed = 0; seed < 160; seed++) {
            HealthyMotors m = HealthyMotors.madeUp(seed).orElse(HealthyMotors.of(0));
            if (!m.motor().has(Kind.PROTECTOR) || m.supply().kind() != Supply.Kind.HOT_AND_NEUTRAL) {
                continue;
            }
            tried++;
            Circuit direct = onDrum(m, ContactChart.NONE, m.connection().direct(m.leads()));
            Circuit exchanged = direct.rewired(direct.wires().stream()
                    .map(w -> new Wire(exchanged(w.from()), exchanged(w.to()), w.run()))
                    .toList());
            List<Rule> one = rules(direct, m.rated());
            List<Rule> other = rules(exchanged, m.rated());

            assertThat(List.of(one.contains(Rule.PROTECTED), other.contains(Rule.PROTECTED)))
                    .as(m.name() + " " + one + " " + other)
                    .containsExactlyInAnyOrder(true, false);
            assertThat(List.of(one.contains(Rule.PROTECTOR_IN_NEUTRAL), other.contains(Rule.PROTECTOR_IN_NEUTRAL)))
                    .as(m.name())
                    .containsExactlyInAnyOrder(true, false);
        }
        assertThat(tried).isGreaterThan(10);
    }

    private static Terminal exchanged(Terminal t) {
        return t.equals(Terminal.L1) ? Terminal.L2 : t.equals(Terminal.L2) ? Terminal.L1 : t;
    }

    @Test
    @DisplayName("a reversed coil of a nine-lead motor is called by its cause")
    void aReversedCoilOfNineLeads() throws java.io.IOException {
        gatepin.core.format.WiringFile grinder = gatepin.core.format.WiringReader.read(java.nio.file.Files.readString(
                        java.nio.file.Path.of("../docs/formats/examples/tool-grinder.json")))
                .value()
                .orElseThrow();
        Motor sound = grinder.circuit().motor();
        int told = 0;
        for (var coil : sound.coils()) {
            Motor turned = sound.withCoils(sound.coils().stream()
                    .map(c -> c.equals(coil) ? c.turned() : c)
                    .toList());
            told += rules(grinder.circuit().with(turned), grinder.rated()).contains(Rule.HALVES_OPPOSING) ? 1 : 0;
        }
        assertThat(rules(grinder.circuit(), grinder.rated())).doesNotContain(Rule.HALVES_OPPOSING);
        assertThat(told).isPositive();
    }
}
