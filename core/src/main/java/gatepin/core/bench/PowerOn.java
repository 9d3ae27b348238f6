package gatepin.core.bench;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.Copper;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Load;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUp.Throw;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.machine.RunUpTrace.Event;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.InSetting;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What happens when a wiring gets power in one position, second by second, from standstill or as the shaft turned when the handle was
 * thrown; the machine on the shaft starts free.
 *
 * @param isShort the lines are joined
 * @param peakAmps the most that flows, A
 * @param toSpeed seconds until it is at speed; empty where it never is
 * @param rpm how fast it turns in the end, negative in the minus direction
 * @param amps what it draws in the end, A
 * @param opens seconds until its start switch clicks out; empty where it does not
 * @param closes seconds until its start switch clicks in again; empty where it does not
 * @param stops seconds until it stands, where it turned; empty where it does not
 * @param thrownRpm how fast it turned when the handle was thrown, negative in the minus direction
 * @param way which way it would turn from standstill: 1, -1 in the minus direction, 0 where it does not start
 * @param trips seconds until the breaker trips; negative where it holds
 * @param smoke seconds until copper would have burnt; negative where it would not
 * @param burnt the windings that burn
 * @param speeds the shaft, the first second finely
 * @param starting what flows in each wire while the start switch is closed
 * @param running what flows in each wire at rated speed
 */
public record PowerOn(
        boolean isShort,
        double peakAmps,
        Optional<Double> toSpeed,
        double rpm,
        double amps,
        Optional<Double> opens,
        Optional<Double> closes,
        Optional<Double> stops,
        double thrownRpm,
        int way,
        double trips,
        double smoke,
        List<String> burnt,
        List<Spin> speeds,
        List<Flow> starting,
        List<Flow> running) {
    private static final double LOOK_FOR = 120;
    /** Slower than this nobody sees it turn, 1/min. */
    private static final double STANDS = 5;
    /** At more than this share of its speed a shaft that is driven back hurts what hangs on it (common practice). */
    private static final double FAST = 0.2;

    private static final double FINE_UNTIL = 1;
    private static final double COARSE_STEP = 0.25;
    private static final double SHOWN_UNTIL = 8;
    /** A breaker carries a start of this many times its size for some seconds, and trips beyond (common practice). */
    private static final double TRIPS_BEYOND = 8;

    /** The shaft at a moment: s, rpm, and whether the start switch is closed. */
    public record Spin(double at, long rpm, boolean starting, long amps) {}

    /** The current of a wire, by both its ends: A, and how far it is behind the first line's voltage, degrees. */
    public record Flow(String ends, double amps, long degrees) {}

    /** The lines are joined: the breaker trips at once. */
    private static final PowerOn SHORT = new PowerOn(
            true,
            0,
            Optional.empty(),
            0,
            0,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            0,
            0,
            0,
            -1,
            List.of(),
            List.of(),
            List.of(),
            List.of());

    private static List<Flow> flows(Circuit circuit, AcSolution solution) {
        List<Flow> flows = new ArrayList<>();
        for (Wire wire : circuit.wires()) {
            Complex current = solution.current(wire);
            if (current.norm() >= Carrying.NOTHING_AMPS) {
                flows.add(new Flow(
                        wire.key(),
                        Math.round(current.norm() * 100) / 100.0,
                        Math.round(-Math.toDegrees(current.getArgument()))));
            }
        }
        return flows;
    }

    /** It stands still when power comes: the handle was nowhere before. */
    public static PowerOn of(FittedMotor fitted, Analysis analysis, HandlePosition position, Optional<Double> breaker) {
        return of(fitted, analysis, List.of(), new Throw(0, position), breaker);
    }

    /**
     * Gives it power.
     *
     * @param fitted the motor as fitted to its plate
     * @param analysis what the wiring does
     * @param before how the handle was thrown before, from standstill on
     * @param thrown the throw that is looked at: all times are counted from it
     * @param breaker the size of the breaker it hangs on, A; empty where nobody knows
     */
    public static PowerOn of(
            FittedMotor fitted, Analysis analysis, List<Throw> before, Throw thrown, Optional<Double> breaker) {
        Circuit circuit = analysis.circuit();
        HandlePosition position = thrown.position();
        if (Carrying.of(circuit, position).isShort()) {
            return SHORT;
        }
        double from = thrown.seconds();
        List<Throw> all = new ArrayList<>(before);
        all.add(thrown);
        Load load = Load.startsFree(fitted);
        RunUpTrace trace = since(RunUp.simulate(circuit, load, under(all, from + LOOK_FOR)), from);
        // a long run is sampled too coarsely for the first seconds
        RunUpTrace whole = RunUp.simulate(circuit, load, under(all, from + SHOWN_UNTIL));
        RunUpTrace first = since(whole, from);
        boolean settles =
                trace.secondsToSpeed().filter(s -> s < SHOWN_UNTIL / 2).isPresent();
        double peak = Math.max(first.peakAmps(), trace.peakAmps());
        double trips =
                breaker.filter(b -> peak > TRIPS_BEYOND * b).map(b -> 0.02).orElse(-1.0);
        double smoke = trips >= 0 ? -1 : trace.secondsToDamage().orElse(-1.0);
        InSetting in = analysis.in(position);
        return new PowerOn(
                false,
                peak,
                settles ? first.secondsToSpeed() : trace.secondsToSpeed(),
                trace.last().rpm(),
                trace.last().lineAmps(),
                trace.first(Happening.START_SWITCH_OPENED),
                trace.first(Happening.START_SWITCH_CLOSED),
                Math.abs(trace.last().rpm()) < STANDS ? trace.first(Happening.STOPPED) : Optional.empty(),
                trace.samples().get(0).rpm(),
                in.way() == Way.PLUS ? 1 : in.way() == Way.MINUS ? -1 : 0,
                trips,
                smoke,
                smoke < 0 ? List.of() : burnt(circuit, trace, smoke),
                speeds(first, isClosedAt(whole, from)),
                flows(circuit, in.standstill()),
                flows(circuit, in.running()));
    }

    private static Conditions under(List<Throw> thrown, double seconds) {
        Conditions usual = Conditions.starting(HandlePosition.OFF, seconds);
        return new Conditions(thrown, seconds, usual.opensAt(), usual.closesAt(), usual.celsius());
    }

    /** A run from a moment on, as if it began there. */
    private static RunUpTrace since(RunUpTrace run, double from) {
        if (from <= 0) {
            return run;
        }
        return new RunUpTrace(
                run.coils(),
                run.synchronousRpm(),
                run.samples().stream()
                        .filter(s -> s.seconds() >= from)
                        .map(s -> new Sample(
                                s.seconds() - from,
                                s.rpm(),
                                s.torqueNm(),
                                s.loadNm(),
                                s.lineAmps(),
                                s.coilAmps(),
                                s.coilCelsius()))
                        .toList(),
                run.events().stream()
                        .filter(e -> e.seconds() >= from)
                        .map(e -> new Event(e.seconds() - from, e.what(), e.position(), e.rpm()))
                        .toList());
    }

    /** Whether the start switch is closed at a moment: it is so at standstill. */
    private static boolean isClosedAt(RunUpTrace run, double when) {
        boolean closed = true;
        for (Event event : run.events()) {
            if (event.seconds() < when) {
                closed = switchOf(event).orElse(closed);
            }
        }
        return closed;
    }

    private static Optional<Boolean> switchOf(Event event) {
        return switch (event.what()) {
            case START_SWITCH_OPENED -> Optional.of(false);
            case START_SWITCH_CLOSED -> Optional.of(true);
            default -> Optional.empty();
        };
    }

    /** Whether it turned when the handle was thrown. */
    public boolean isThrownTurning() {
        return Math.abs(thrownRpm) > STANDS;
    }

    /** Whether it goes on turning the way it turned, against what its wires would do from standstill. */
    public boolean goesOnTheOldWay() {
        return isThrownTurning() && way * thrownRpm < 0 && rpm * thrownRpm > 0 && Math.abs(rpm) > STANDS;
    }

    /** Whether its start switch was open when the handle was thrown. */
    public boolean isStartCircuitOut() {
        return !speeds.isEmpty() && !speeds.get(0).starting();
    }

    /** Whether it was braked and driven the other way while it turned fast. */
    public boolean isPlugged() {
        return Math.abs(thrownRpm) > FAST * Math.abs(rpm) && Math.abs(rpm) > STANDS && rpm * thrownRpm < 0;
    }

    /** Whether nothing flows at all. */
    public boolean isNothing() {
        return !isShort && peakAmps < Carrying.NOTHING_AMPS;
    }

    /** Whether it gets up to speed and stays whole. */
    public boolean runsWell() {
        return toSpeed.isPresent() && trips < 0 && smoke < 0;
    }

    private static List<String> burnt(Circuit circuit, RunUpTrace trace, double smoke) {
        Sample at = trace.samples().stream()
                .filter(s -> s.seconds() >= smoke)
                .findFirst()
                .orElse(trace.last());
        List<String> burnt = new ArrayList<>();
        List<Coil> coils = circuit.motor().coils();
        for (int i = 0; i < coils.size(); i++) {
            if (at.coilCelsius().get(i) >= Copper.DAMAGE_CELSIUS) {
                burnt.add(coils.get(i).name());
            }
        }
        return burnt;
    }

    private static List<Spin> speeds(RunUpTrace trace, boolean closedAtFirst) {
        List<Spin> spins = new ArrayList<>();
        double next = 0;
        boolean closed = closedAtFirst;
        int event = 0;
        for (Sample sample : trace.samples()) {
            while (event < trace.events().size() && trace.events().get(event).seconds() <= sample.seconds()) {
                closed = switchOf(trace.events().get(event++)).orElse(closed);
            }
            if (sample.seconds() >= next && sample.seconds() <= SHOWN_UNTIL) {
                spins.add(new Spin(
                        Math.round(sample.seconds() * 1000) / 1000.0,
                        Math.round(sample.rpm()),
                        closed,
                        Math.round(sample.lineAmps())));
                next = sample.seconds() + (sample.seconds() < FINE_UNTIL ? 0.02 : COARSE_STEP);
            }
        }
        return spins;
    }
}
