package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Circuit;
import gatepin.core.circuit.WiredMotor;
import gatepin.core.machine.Copper;
import gatepin.core.verdict.Analysis.InPosition;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.hipparchus.complex.Complex;

/**
 * Judges a wiring. Voltages are judged as on a stiff supply, so that a long cable does not hide or fake a wrong
 * connection. Limits are common practice: ±10 % for a run winding (the tolerance plates are made for), a little more for
 * a start winding, which also sees what the other half leaves it.
 */
final class Judge {
    private static final double RUN_TOLERANCE = 0.10;
    private static final double START_TOLERANCE = 0.2;
    /** Beyond this a winding does not last. */
    private static final double MUCH_TOO_HIGH = 1.25;
    /** Above this a person feels it. */
    private static final double FELT_VOLTS = 10;

    private static final double HALF_AN_HOUR = 1800;

    private final WiredMotor wired;
    private final WiredMotor stiff;
    private final RatedPoint rated;
    private final UsualCurrents usual;
    private final CoilRoles roles;
    private final Map<HandlePosition, InPosition> solved = new EnumMap<>(HandlePosition.class);
    private final List<Verdict> verdicts = new ArrayList<>();

    Judge(WiredMotor wired, RatedPoint rated) {
        this.wired = wired;
        this.rated = rated;
        this.usual = new UsualCurrents(wired);
        this.roles = new CoilRoles(wired.motor());
        this.stiff = new WiredMotor(
                wired.motor(), wired.chart(), wired.supply(), Feeder.STIFF, wired.wires(), wired.outside());
        for (HandlePosition position : Analysis.positionsOf(wired)) {
            solved.put(position, Analysis.solve(stiff, rated, position));
        }
    }

    List<Verdict> verdicts() {
        for (HandlePosition position : Analysis.positionsOf(wired)) {
            faults(position);
            if (position != HandlePosition.OFF) {
                position(position);
            }
        }
        if (solved.size() > 1) {
            direction();
            off();
        }
        protector();
        wholeWiring();
        verdicts.sort(Comparator.comparing(Verdict::severity).reversed().thenComparing(Verdict::rule));
        return verdicts;
    }

    private InPosition in(HandlePosition position) {
        InPosition found = solved.get(position);
        if (found == null) {
            throw new IllegalStateException("every position is solved");
        }
        return found;
    }

    private void say(Verdict verdict) {
        verdicts.add(verdict);
    }

    /** A line goes straight to the other or to ground: nothing else matters there. */
    private boolean isShort(HandlePosition position) {
        Nodes nodes = in(position).standstill().nodes();
        return nodes.same(Terminal.L1, Terminal.L2)
                || List.of(Terminal.L1, Terminal.L2).stream().anyMatch(l -> isHot(l) && nodes.same(l, Terminal.GROUND));
    }

    private boolean isHot(Terminal line) {
        return wired.supply().isHot(line);
    }

    private void faults(HandlePosition position) {
        AcSolution actual = AcNetwork.of(wired, State.atRest(position)).at(1);
        Nodes nodes = actual.nodes();
        if (nodes.same(Terminal.L1, Terminal.L2)) {
            say(Verdict.of(Rule.SHORT, Severity.DANGER)
                    .in(position)
                    .at(List.of(Terminal.L1, Terminal.L2))
                    .along(Joints.path(wired, position, Terminal.L1, Terminal.L2))
                    .reading(actual.lineAmps(), 0));
        }
        double toGround = actual.lineCurrent(Terminal.GROUND).norm();
        for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
            if (nodes.same(line, Terminal.GROUND)) {
                List<Terminal> path = Joints.path(wired, position, line, Terminal.GROUND);
                say(
                        isHot(line)
                                ? Verdict.of(Rule.EARTH_FAULT, Severity.DANGER)
                                        .in(position)
                                        .at(List.of(line, Terminal.GROUND))
                                        .along(path)
                                        .reading(toGround, 0)
                                : Verdict.of(Rule.NEUTRAL_ON_FRAME, Severity.WARN)
                                        .in(position)
                                        .at(List.of(line, Terminal.GROUND))
                                        .along(path));
                return;
            }
        }
        if (toGround > 0.005) {
            say(Verdict.of(Rule.EARTH_FAULT, Severity.DANGER)
                    .in(position)
                    .at(groundedLeads(nodes))
                    .reading(toGround, 0));
        }
    }

    private List<Terminal> groundedLeads(Nodes nodes) {
        return wired.motor().leads().stream()
                .filter(l -> nodes.same(l, Terminal.GROUND))
                .toList();
    }

    private List<Coil> coils(Circuit circuit) {
        return wired.motor().coils(circuit);
    }

    /** The coils that serve as run or as start winding in a position. */
    private List<Coil> coils(Circuit circuit, HandlePosition position) {
        return roles.coils(circuit, in(position).standstill().nodes());
    }

    /** What a coil carries at standstill where it is wired as it should be, A. */
    private double usualAmps(Coil coil, HandlePosition position) {
        return usual.amps(roles.like(coil, in(position).standstill().nodes()));
    }

    private static List<Terminal> ends(Coil coil) {
        return List.of(coil.like(), coil.other());
    }

    private void position(HandlePosition position) {
        if (isShort(position)) {
            return;
        }
        InPosition now = in(position);
        boolean anything = wired.motor().coils().stream().anyMatch(c -> usual.carries(now.standstill(), c));
        if (!anything) {
            say(Verdict.of(Rule.NOTHING_HAPPENS, Severity.DANGER).in(position));
            return;
        }
        boolean opposing = opposing(position);
        if (!opposing) {
            coils(Circuit.RUN, position).forEach(c -> runVoltage(position, c));
        }
        boolean startFed = true;
        for (Coil coil : coils(Circuit.START, position)) {
            startFed &= startVoltage(position, coil);
        }
        if (now.way() == Way.NONE) {
            say(Verdict.of(Rule.HUMS, Severity.DANGER)
                    .in(position)
                    .at(startFed ? List.of() : startLeads())
                    .reading(AcNetwork.of(wired, State.atRest(position)).at(1).lineAmps(), 0));
        } else {
            coils(Circuit.START).forEach(c -> leftIn(position, c));
            say(Verdict.of(Rule.TURNS, Severity.GOOD)
                    .in(position)
                    .reading(now.standstill().torqueNm(), rated.torqueNm()));
        }
        burns(position);
    }

    private List<Terminal> startLeads() {
        List<Terminal> leads = new ArrayList<>();
        for (Coil coil : coils(Circuit.START)) {
            ends(coil).stream().filter(wired.motor().leads()::contains).forEach(leads::add);
        }
        return leads;
    }

    private boolean opposing(HandlePosition position) {
        AcSolution standstill = in(position).standstill();
        List<Coil> run = coils(Circuit.RUN).stream()
                .filter(c -> c.degrees() == Coil.RUN_AXIS)
                .toList();
        Complex sum = Complex.ZERO;
        double size = 0;
        for (Coil coil : run) {
            Complex mmf = standstill.current(coil).multiply(coil.turns());
            sum = sum.add(mmf);
            size += mmf.norm();
        }
        boolean found =
                run.size() > 1 && run.stream().allMatch(c -> usual.carries(standstill, c)) && sum.norm() < 0.3 * size;
        if (found) {
            List<Terminal> leads = new ArrayList<>();
            run.forEach(c -> leads.addAll(ends(c)));
            say(Verdict.of(Rule.HALVES_OPPOSING, Severity.DANGER)
                    .in(position)
                    .at(leads)
                    .reading(standstill.lineAmps(), 0));
        }
        return found;
    }

    /** Judged at speed, where both halves share alike; at standstill the start winding loads one of them more. */
    private void runVoltage(HandlePosition position, Coil coil) {
        AcSolution running = in(position).running();
        double volts = running.voltage(coil).norm();
        double share = volts / coil.ratedVolts();
        if (!usual.carries(in(position).standstill(), coil)
                && running.current(coil).norm() < UsualCurrents.NOTHING * usualAmps(coil, position)) {
            say(Verdict.of(Rule.RUN_HALF_IDLE, Severity.DANGER)
                    .in(position)
                    .about(coil.name())
                    .at(ends(coil)));
        } else if (share > 1 + RUN_TOLERANCE) {
            say(Verdict.of(Rule.RUN_OVERVOLTAGE, share > MUCH_TOO_HIGH ? Severity.DANGER : Severity.WARN)
                    .in(position)
                    .about(coil.name())
                    .at(ends(coil))
                    .reading(volts, coil.ratedVolts()));
        } else if (share < 1 - RUN_TOLERANCE) {
            say(Verdict.of(Rule.RUN_UNDERVOLTAGE, share < 0.75 ? Severity.DANGER : Severity.WARN)
                    .in(position)
                    .about(coil.name())
                    .at(ends(coil))
                    .reading(volts, coil.ratedVolts()));
        }
    }

    /** Gives false when the coil carries nothing at standstill. */
    private boolean startVoltage(HandlePosition position, Coil coil) {
        double share = in(position).standstill().current(coil).norm() / usualAmps(coil, position);
        Verdict verdict = Verdict.of(Rule.START_NOT_ENERGISED, Severity.DANGER)
                .in(position)
                .about(coil.name())
                .at(startLeads());
        if (share < UsualCurrents.NOTHING) {
            say(verdict);
            return false;
        }
        if (share > 1 + START_TOLERANCE) {
            say(Verdict.of(Rule.START_OVERVOLTAGE, Severity.DANGER)
                    .in(position)
                    .about(coil.name())
                    .at(startLeads())
                    .reading(share * coil.ratedVolts(), coil.ratedVolts()));
        } else if (share < 1 - START_TOLERANCE) {
            say(Verdict.of(Rule.START_UNDERVOLTAGE, Severity.WARN)
                    .in(position)
                    .about(coil.name())
                    .at(startLeads())
                    .reading(share * coil.ratedVolts(), coil.ratedVolts()));
        }
        return true;
    }

    /** A start switch whose opening changes nothing in the start winding is bypassed or stuck. */
    private void leftIn(HandlePosition position, Coil coil) {
        if (!wired.motor().has(Kind.START_SWITCH)) {
            return;
        }
        double slip = in(position).running().slip();
        double open = in(position).running().current(coil).norm();
        double closed = AcNetwork.of(stiff, State.atRest(position))
                .at(slip)
                .current(coil)
                .norm();
        if (open > UsualCurrents.NOTHING * usual.amps(coil) && Math.abs(open - closed) < 0.1 * closed) {
            say(Verdict.of(Rule.START_LEFT_IN, Severity.DANGER)
                    .in(position)
                    .about(coil.name())
                    .at(startLeads())
                    .reading(open, 0));
        }
    }

    /** How long the windings last in the state they end up in: up to speed, or standing and humming. */
    private void burns(HandlePosition position) {
        InPosition now = in(position);
        AcSolution ends = now.way() == Way.NONE ? now.standstill() : now.running();
        wired.motor().coils().stream()
                .map(c -> Verdict.of(Rule.BURNS, Severity.DANGER)
                        .in(position)
                        .about(c.name())
                        .at(ends(c).stream()
                                .filter(wired.motor().leads()::contains)
                                .toList())
                        .reading(Copper.secondsToDamage(c, ends.current(c).norm(), Copper.COLD_CELSIUS), 0))
                .filter(v -> v.value() < HALF_AN_HOUR)
                .min(Comparator.comparingDouble(Verdict::value))
                .ifPresent(this::say);
    }

    private void direction() {
        Way forward = in(HandlePosition.FORWARD).way();
        Way reverse = in(HandlePosition.REVERSE).way();
        if (forward != Way.NONE && reverse != Way.NONE && !isShort(HandlePosition.FORWARD)) {
            say(
                    forward == reverse
                            ? Verdict.of(Rule.SAME_WAY, Severity.DANGER)
                            : Verdict.of(Rule.REVERSES, Severity.GOOD));
        }
    }

    private void off() {
        HandlePosition off = HandlePosition.OFF;
        AcSolution standstill = in(off).standstill();
        Nodes nodes = standstill.nodes();
        if (wired.motor().coils().stream().anyMatch(c -> usual.carries(standstill, c))) {
            say(Verdict.of(Rule.RUNS_IN_OFF, Severity.DANGER).in(off).reading(standstill.lineAmps(), 0));
        }
        TreeSet<Terminal> hot = new TreeSet<>();
        double highest = 0;
        for (Terminal lead : wired.motor().leads()) {
            double volts = standstill.potential(lead).map(Complex::norm).orElse(0.0);
            if (volts > FELT_VOLTS) {
                hot.add(lead);
                highest = Math.max(highest, volts);
            }
        }
        List<Terminal> on = new ArrayList<>();
        for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
            if (wired.motor().leads().stream().anyMatch(l -> nodes.same(l, line))) {
                on.add(line);
            }
        }
        List<Terminal> hotOn = on.stream().filter(this::isHot).toList();
        say(
                hot.isEmpty()
                        ? Verdict.of(Rule.DEAD_IN_OFF, Severity.GOOD).in(off)
                        : Verdict.of(Rule.HOT_IN_OFF, Severity.WARN)
                                .in(off)
                                .at(List.copyOf(hot))
                                .along(hotOn)
                                .reading(highest, 0));
        if (!hotOn.isEmpty()) {
            say(Verdict.of(Rule.LINE_NOT_BROKEN, Severity.WARN)
                    .in(off)
                    .at(hotOn)
                    .reading(hotOn.size(), 0));
        }
        if (wired.supply().kind() == Supply.Kind.HOT_AND_NEUTRAL && !on.contains(Terminal.L2) && neutralIsUsed()) {
            say((hotOn.isEmpty()
                            ? Verdict.of(Rule.NEUTRAL_SWITCHED_TOO, Severity.WARN)
                            : Verdict.of(Rule.NEUTRAL_ALONE_SWITCHED, Severity.DANGER))
                    .in(off)
                    .at(List.of(Terminal.L2)));
        }
    }

    private boolean neutralIsUsed() {
        return wired.wires().stream().anyMatch(w -> w.lands(Terminal.L2));
    }

    private void protector() {
        List<InnerContact> protectors = wired.motor().contacts().stream()
                .filter(c -> c.kind() == Kind.PROTECTOR)
                .toList();
        if (protectors.isEmpty()) {
            return;
        }
        double least = 1;
        Optional<HandlePosition> where = Optional.empty();
        for (HandlePosition position : solved.keySet()) {
            for (AcSolution solution :
                    List.of(in(position).standstill(), in(position).running())) {
                if (solution.lineAmps() < 1e-3) {
                    continue;
                }
                double passed = protectors.stream()
                        .mapToDouble(p -> solution.current(p).norm())
                        .sum();
                double share = Math.min(1, passed / solution.lineAmps());
                if (share < least - 1e-6) {
                    least = share;
                    where = Optional.of(position);
                }
            }
        }
        List<Terminal> leads = protectors.stream()
                .flatMap(p -> java.util.stream.Stream.of(p.a(), p.b()))
                .toList();
        if (least > 0.98) {
            say(Verdict.of(Rule.PROTECTED, Severity.GOOD).at(leads));
        } else {
            Verdict bypassed = Verdict.of(Rule.PROTECTOR_BYPASSED, least < 0.02 ? Severity.DANGER : Severity.WARN)
                    .at(leads)
                    .reading(least, 1);
            say(where.map(bypassed::in).orElse(bypassed));
        }
    }

    private void wholeWiring() {
        AcSolution standstill = in(HandlePosition.FORWARD).standstill();
        if (!standstill.nodes().same(Terminal.MOTOR_FRAME, Terminal.GROUND)) {
            say(Verdict.of(Rule.FRAME_NOT_BONDED, Severity.DANGER).at(List.of(Terminal.MOTOR_FRAME)));
            for (HandlePosition position : solved.keySet()) {
                double volts = in(position)
                        .standstill()
                        .potential(Terminal.MOTOR_FRAME)
                        .map(Complex::norm)
                        .orElse(0.0);
                if (volts > FELT_VOLTS) {
                    say(Verdict.of(Rule.FRAME_LIVE, Severity.DANGER)
                            .in(position)
                            .at(List.of(Terminal.MOTOR_FRAME))
                            .reading(volts, 0));
                }
            }
        }
        double hertz = wired.motor().rotor().ratedHertz();
        if (hertz != wired.supply().hertz()) {
            say(Verdict.of(Rule.WRONG_FREQUENCY, Severity.WARN)
                    .reading(wired.supply().hertz(), hertz));
        }
    }
}
