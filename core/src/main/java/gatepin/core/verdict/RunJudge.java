package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.AcrossTheLines;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.CoilRoles;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Copper;
import gatepin.core.machine.Normal;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Judge.Solved;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.complex.Complex;

/**
 * Judges one setting in which the motor is meant to run. Limits are common practice: ten percent for a run winding (the
 * tolerance plates are made for; NEMA MG 1 part 12, from memory), twice that for a start winding.
 */
final class RunJudge {
    private static final double RUN_TOLERANCE = 0.10;
    private static final double START_TOLERANCE = 0.2;
    /** Beyond this a winding does not last. */
    private static final double MUCH_TOO_HIGH = 1.25;

    private static final double MUCH_TOO_LOW = 0.75;
    /** A start winding at speed that carries this many times what it should stays in. */
    private static final double STAYS_IN = 1.3;
    /** A feeder that leaves less of the starting torque is worth a word, less than the second a warning (common practice). */
    private static final double WEAKENED = 0.85;

    private static final double MUCH_WEAKENED = 0.6;
    private static final double HALF_AN_HOUR = 1800;
    /** Less of its current at speed than this share of what it should carry: what feeds the start winding there is out. */
    private static final double HARDLY_FED = 0.6;
    /** Capacitors that put this many times more or less in series than they should are not those that belong there. */
    private static final double OTHER_CAPACITOR = 1.33;

    private static final double QUITE_OTHER_CAPACITOR = 2;
    /** A motor that starts with less than this share of the torque it should is worth a warning, with less than the second a danger. */
    private static final double WEAK = 0.6;

    private static final double MUCH_TOO_WEAK = 0.35;
    /** No family starts anything with less of rated torque than this (common practice: a fan's PSC motor has a fifth and more). */
    private static final double LEAST_START = 0.1;
    /** More than this times rated amps, with nothing else found, is worth a warning, more than the second a danger. */
    private static final double DRAWS_MORE = 1.25;

    private static final double DRAWS_FAR_MORE = 1.6;

    private final Circuit circuit;
    private final Circuit stiff;
    private final Networks networks;
    private final Networks stiffNetworks;
    private final Networks uncorrected;
    private final RatedPoint rated;
    private final Normal usual;
    private final Setting setting;
    private final Solved now;
    private final CoilRoles roles;
    private final List<Verdict> verdicts = new ArrayList<>();

    /**
     * Judges a setting.
     *
     * @param uncorrected the stiff circuit without what only corrects the power factor
     */
    RunJudge(
            Networks networks,
            Networks stiff,
            Networks uncorrected,
            RatedPoint rated,
            Normal usual,
            Setting setting,
            Solved now) {
        this.uncorrected = uncorrected;
        this.circuit = networks.circuit();
        this.stiff = stiff.circuit();
        this.networks = networks;
        this.stiffNetworks = stiff;
        this.rated = rated;
        this.usual = usual;
        this.setting = setting;
        this.now = now;
        this.roles = new CoilRoles(circuit.motor());
    }

    private void say(Rule rule, Severity severity, UnaryVerdict how) {
        verdicts.add(how.apply(Verdict.of(rule, severity).in(setting)));
    }

    /** Adds to a verdict what it is about. */
    private interface UnaryVerdict extends java.util.function.UnaryOperator<Verdict> {}

    List<Verdict> verdicts() {
        if (circuit.motor().coils().stream().noneMatch(c -> usual.carries(now.standstill(), c))) {
            nothing();
            return verdicts;
        }
        boolean opposing = opposing(Role.RUN, Rule.HALVES_OPPOSING);
        // halves that work against each other may be on the right voltage or on too little, but too much is a fault of
        // its own
        coils(Role.RUN).stream().filter(c -> !opposing || isMuchTooHigh(c)).forEach(this::runVoltage);
        capacitorsAcrossLines();
        boolean startOpposing = opposing(Role.START, Rule.START_HALVES_OPPOSING);
        boolean startFed = true;
        for (Coil coil : coils(Role.START)) {
            startFed &= startOpposing || start(coil);
        }
        if (now.way() == Way.NONE) {
            boolean fed = startFed;
            double amps = networks.atRest(setting).lineAmps();
            say(
                    Rule.HUMS,
                    Severity.DANGER,
                    v -> v.at(fed ? List.of() : startLeads()).reading(amps, 0));
        } else {
            coils(Role.START).forEach(this::startAtSpeed);
            turns();
            draws();
        }
        burns();
        return verdicts;
    }

    private void nothing() {
        say(Rule.NOTHING_HAPPENS, Severity.DANGER, v -> v);
        Carrying carrying = Carrying.of(stiffNetworks, setting);
        List<Terminal> hot = List.copyOf(carrying.hotLeads());
        if (!hot.isEmpty()) {
            double volts = hot.stream().mapToDouble(carrying::volts).max().orElse(0);
            say(Rule.ALIVE_AT_STANDSTILL, Severity.DANGER, v -> v.at(hot).reading(volts, 0));
        }
    }

    /** The coils that serve as run or as start winding here. */
    private List<Coil> coils(Role role) {
        return roles.coils(role, now.standstill().nodes());
    }

    /** The coil by whose name another serves here. */
    private Coil like(Coil coil) {
        return roles.like(coil, now.standstill().nodes());
    }

    private List<Terminal> leads(Coil coil) {
        return circuit.motor().windings().stream()
                .filter(w -> w.name().equals(coil.name()))
                .flatMap(w -> List.of(w.like(), w.other()).stream())
                .toList();
    }

    private List<Terminal> startLeads() {
        return circuit.motor().coils(Role.START).stream()
                .flatMap(c -> leads(c).stream())
                .distinct()
                .toList();
    }

    /** Two coils along one axis whose fields work against each other; on a nine-lead motor each phase has two. */
    private boolean opposing(Role role, Rule rule) {
        List<Coil> pair = Opposing.pair(coils(role), now.standstill(), usual);
        if (pair.isEmpty()) {
            return false;
        }
        List<Terminal> leads = pair.stream().flatMap(c -> leads(c).stream()).toList();
        double amps = role == Role.RUN
                ? now.standstill().lineAmps()
                : now.standstill().current(pair.get(0)).norm();
        say(
                rule,
                Severity.DANGER,
                v -> v.at(leads)
                        .reading(amps, 0)
                        .advising(role == Role.RUN ? Advice.forOpposing(stiff, setting, rated) : Advice.NONE));
        return true;
    }

    private boolean isMuchTooHigh(Coil coil) {
        return now.running().voltage(coil).norm() > MUCH_TOO_HIGH * coil.ratedVolts();
    }

    /** Judged at speed, where both halves share alike; at standstill the start winding loads one of them more. */
    private void runVoltage(Coil coil) {
        AcSolution running = now.running();
        double volts = running.voltage(coil).norm();
        double[] should = usual.runVolts(like(coil));
        boolean idle = !usual.carries(now.standstill(), coil)
                && running.current(coil).norm() < Normal.NOTHING * usual.amps(like(coil));
        Rule rule = idle
                ? Rule.RUN_HALF_IDLE
                : volts > (1 + RUN_TOLERANCE) * should[1] ? Rule.RUN_OVERVOLTAGE : Rule.RUN_UNDERVOLTAGE;
        if (!idle && volts >= (1 - RUN_TOLERANCE) * should[0] && volts <= (1 + RUN_TOLERANCE) * should[1]) {
            return;
        }
        double share = volts / coil.ratedVolts();
        boolean grave = idle || share > MUCH_TOO_HIGH || share < MUCH_TOO_LOW;
        say(
                rule,
                grave ? Severity.DANGER : Severity.WARN,
                v -> v.about(coil.name())
                        .at(leads(coil))
                        .reading(idle ? 0 : volts, idle ? 0 : coil.ratedVolts())
                        .advising(idle ? Advice.NONE : Advice.forVoltage(stiff)));
    }

    private void capacitorsAcrossLines() {
        for (Capacitor capacitor : circuit.capacitors()) {
            if (isAcross(capacitor)) {
                boolean corrects = !usual.isOfStartBranch(capacitor);
                say(
                        corrects ? Rule.CORRECTION_CAPACITOR : Rule.CAPACITOR_ACROSS_LINES,
                        corrects ? Severity.GOOD : Severity.DANGER,
                        v -> v.about(capacitor.name())
                                .at(List.of(capacitor.a(), capacitor.b()))
                                .reading(now.standstill().current(capacitor).norm(), 0));
            }
        }
    }

    private boolean isAcross(Capacitor capacitor) {
        return AcrossTheLines.isAcross(capacitor, now.standstill().nodes());
    }

    /** Gives false when the coil carries nothing at standstill. */
    private boolean start(Coil coil) {
        double amps = now.standstill().current(coil).norm();
        double should = usual.amps(like(coil));
        if (amps < Normal.NOTHING * should) {
            say(
                    Rule.START_NOT_ENERGISED,
                    Severity.DANGER,
                    v -> v.about(coil.name()).at(startLeads()));
            return false;
        }
        double share = amps / should;
        double volts = now.standstill().voltage(coil).norm();
        double series = seriesShare();
        if (share > 1 + START_TOLERANCE && series < 1 / OTHER_CAPACITOR) {
            boolean passedBy = throughCapacitors() < amps / 2;
            say(
                    passedBy ? Rule.CAPACITOR_PASSED_BY : Rule.START_CAPACITOR_WRONG,
                    Severity.DANGER,
                    v -> v.about(coil.name()).at(startLeads()).reading(amps, should));
        } else if (share > 1 + START_TOLERANCE) {
            say(
                    Rule.START_OVERVOLTAGE,
                    Severity.DANGER,
                    v -> v.about(coil.name())
                            .at(startLeads())
                            .reading(volts, usual.volts(like(coil)))
                            .advising(Advice.forVoltage(stiff)));
        } else if (share < 1 - START_TOLERANCE && startCapacitorIsOut(amps)) {
            say(
                    Rule.START_CAPACITOR_OUT,
                    Severity.WARN,
                    v -> v.about(coil.name()).at(startLeads()).reading(share, 1));
        } else if (series > QUITE_OTHER_CAPACITOR
                || series < 1 / QUITE_OTHER_CAPACITOR
                || (share < 1 - START_TOLERANCE && series > OTHER_CAPACITOR)) {
            say(
                    Rule.START_CAPACITOR_WRONG,
                    Severity.WARN,
                    v -> v.about(coil.name()).at(startLeads()).reading(amps, should));
        } else if (share < 1 - START_TOLERANCE) {
            say(
                    Rule.START_UNDERVOLTAGE,
                    Severity.WARN,
                    v -> v.about(coil.name()).at(startLeads()).reading(volts, usual.volts(like(coil))));
        }
        return true;
    }

    /** The capacitors in series with the start winding, and not straight across the lines. */
    private List<Capacitor> startCapacitors() {
        return circuit.capacitors().stream().filter(c -> !isAcross(c)).toList();
    }

    /** What capacitors put in series with the start winding, times what they should; 1 where that cannot be told. */
    private double seriesShare() {
        double should = usual.seriesOhms().orElse(0.0);
        if (should == 0) {
            return 1;
        }
        return Normal.seriesOhms(
                        now.standstill(),
                        startCapacitors(),
                        coils(Role.START),
                        circuit.supply().hertz())
                / should;
    }

    private double throughCapacitors() {
        return startCapacitors().stream()
                .mapToDouble(c -> now.standstill().current(c).norm())
                .sum();
    }

    /** A run capacitor feeds the start winding, and nothing passes the start switch, which should be closed. */
    private boolean startCapacitorIsOut(double startAmps) {
        List<InnerContact> switches = circuit.motor().contacts().stream()
                .filter(c -> c.kind() == Kind.START_SWITCH)
                .toList();
        return !switches.isEmpty()
                && throughCapacitors() > startAmps / 2
                && switches.stream().allMatch(c -> now.standstill().current(c).norm() < Normal.NOTHING * startAmps);
    }

    /**
     * What the start winding carries at speed, against what it should: nothing where it is switched out, what the run capacitor feeds it
     * where there is one. One that should be out and carries, or carries what it does with the start switch closed, stays in: the switch
     * is stuck, bypassed or missing.
     */
    private void startAtSpeed(Coil coil) {
        double slip = now.running().slip();
        double carries = now.running().current(coil).norm();
        double starting = usual.amps(like(coil));
        double should = usual.runningAmps(like(coil));
        boolean out = should < Normal.NOTHING * starting;
        double most = out ? Normal.NOTHING * starting : STAYS_IN * should;
        if (carries > most) {
            double closed = stiffNetworks
                    .in(State.atRest(setting))
                    .at(slip)
                    .current(coil)
                    .norm();
            boolean stays =
                    out || (circuit.motor().has(Kind.START_SWITCH) && Math.abs(carries - closed) < 0.1 * closed);
            if (stays || !isOnWrongVoltage()) {
                boolean grave = stays ? carries > MUCH_WEAKENED / 2 * starting || !out : carries > 1.5 * should;
                say(
                        stays ? Rule.START_LEFT_IN : Rule.START_OVERLOADED,
                        grave ? Severity.DANGER : Severity.WARN,
                        v -> v.about(coil.name()).at(startLeads()).reading(carries, should));
            }
        } else if (!out && carries < HARDLY_FED * should && !isOnWrongVoltage()) {
            say(
                    Rule.RUN_CAPACITOR_OUT,
                    Severity.WARN,
                    v -> v.about(coil.name()).at(startLeads()).reading(carries, should));
        }
    }

    private boolean isOnWrongVoltage() {
        return verdicts.stream()
                .anyMatch(v -> v.rule() == Rule.RUN_OVERVOLTAGE
                        || v.rule() == Rule.RUN_UNDERVOLTAGE
                        || v.rule() == Rule.RUN_HALF_IDLE
                        || v.rule() == Rule.HALVES_OPPOSING);
    }

    /** What it draws at rated load, against its plate, where nothing else that was found explains it. */
    private void draws() {
        if (isOnWrongVoltage() || verdicts.stream().anyMatch(v -> v.severity() == Severity.DANGER)) {
            return;
        }
        double scale = usual.ownVolts() > 0 ? Math.max(1, circuit.supply().volts() / usual.ownVolts()) : 1;
        usual.lineAmps().ifPresent(rated -> {
            double amps = uncorrected
                    .in(State.atSpeed(setting))
                    .at(now.running().slip())
                    .lineAmps();
            if (amps > DRAWS_MORE * scale * rated) {
                say(
                        Rule.DRAWS_TOO_MUCH,
                        amps > DRAWS_FAR_MORE * scale * rated ? Severity.DANGER : Severity.WARN,
                        v -> v.reading(amps, rated));
            }
        });
    }

    /** It starts, on the supply as it is; and what the feeder leaves of that. */
    private void turns() {
        AcSolution actual = networks.atRest(setting);
        boolean starts = Analysis.way(actual.torqueNm(), rated) != Way.NONE;
        double nm = Math.abs(now.standstill().torqueNm());
        double should = usual.startNm().orElse(nm);
        if (nm < WEAK * should || nm < LEAST_START * rated.torqueNm()) {
            say(
                    Rule.STARTS_WEAKLY,
                    nm < MUCH_TOO_WEAK * should ? Severity.DANGER : Severity.WARN,
                    v -> v.reading(nm / rated.torqueNm(), should / rated.torqueNm()));
        } else if (starts) {
            say(Rule.TURNS, Severity.GOOD, v -> v.reading(now.standstill().torqueNm(), rated.torqueNm()));
        }
        double share = actual.torqueNm() / now.standstill().torqueNm();
        if (share < WEAKENED) {
            Severity severity = !starts ? Severity.DANGER : share < MUCH_WEAKENED ? Severity.WARN : Severity.GOOD;
            double volts = actual.potential(Terminal.L1)
                    .flatMap(one -> actual.potential(Terminal.L2).map(one::subtract))
                    .map(Complex::norm)
                    .orElse(0.0);
            say(Rule.FEEDER_WEAKENS, severity, v -> v.reading(share, volts));
        }
    }

    /** How long the windings last in the state they end up in: up to speed, or standing and humming. */
    private void burns() {
        AcSolution ends = now.way() == Way.NONE ? now.standstill() : now.running();
        ToDoubleFunction<Coil> seconds =
                c -> Copper.secondsToDamage(c, ends.current(c).norm(), Copper.COLD_CELSIUS);
        circuit.motor().coils().stream()
                .filter(c -> seconds.applyAsDouble(c) < HALF_AN_HOUR)
                .min(Comparator.comparingDouble(seconds))
                .ifPresent(c -> say(
                        Rule.BURNS,
                        Severity.DANGER,
                        v -> v.about(c.name()).at(leads(c)).reading(seconds.applyAsDouble(c), 0)));
    }
}
