package gatepin.core.machine;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.machine.RunUpTrace.Event;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.sampling.StepNormalizer;

/**
 * The motor over time: J dω/dt = T(ω) − T_load(ω) − friction, with the start switch opening and closing by speed, the
 * handle thrown at any moment, and the copper warming. Currents follow the speed at once (quasi-steady); the flicker at
 * twice the mains frequency and the first cycle's inrush are left out.
 */
public final class RunUp {
    private static final double STANDS = 1e-6;

    private final Circuit circuit;
    private final Load load;
    private final Conditions conditions;
    private final Rotor rotor;
    private final double synchronous;
    private final int coils;
    private final Networks networks;
    private final List<Sample> samples = new ArrayList<>();
    private final List<Event> events = new ArrayList<>();

    private HandlePosition position = HandlePosition.OFF;
    private boolean startSwitchClosed = true;

    /** The handle goes to a position at a time. */
    public record Throw(double seconds, HandlePosition position) {}

    /**
     * What a run is made under.
     *
     * @param throwsOfTheHandle in the order of time; before the first the handle is at OFF
     * @param seconds how long to look
     * @param opensAt speed at which the start switch opens, as a share of synchronous speed
     * @param closesAt speed at which it closes again on the way down
     * @param celsius the copper's temperature at the start
     */
    public record Conditions(
            List<Throw> throwsOfTheHandle, double seconds, double opensAt, double closesAt, double celsius) {
        /** The start switch opens near three quarters of synchronous speed (common practice). */
        public static final double USUAL_OPENING = 0.75;
        /** It closes again well below (common practice). */
        public static final double USUAL_CLOSING = 0.45;

        public Conditions {
            throwsOfTheHandle = throwsOfTheHandle.stream()
                    .sorted(Comparator.comparingDouble(Throw::seconds))
                    .toList();
            if (!(seconds > 0) || seconds > 3600 || !(closesAt > 0) || !(closesAt < opensAt) || !(opensAt < 1)) {
                throw new IllegalArgumentException("a run lasts up to an hour, and the start switch closes below the"
                        + " speed at which it opens: " + seconds + " s, " + opensAt + ", " + closesAt);
            }
        }

        /** From a cold standstill into a position, for so long. */
        public static Conditions starting(HandlePosition position, double seconds) {
            return new Conditions(
                    List.of(new Throw(0, position)), seconds, USUAL_OPENING, USUAL_CLOSING, Copper.COLD_CELSIUS);
        }

        /** The same with one more throw. */
        public Conditions thenAt(double when, HandlePosition position) {
            List<Throw> more = new ArrayList<>(throwsOfTheHandle);
            more.add(new Throw(when, position));
            return new Conditions(more, seconds, opensAt, closesAt, celsius);
        }
    }

    private RunUp(Circuit circuit, Load load, Conditions conditions) {
        this.circuit = circuit;
        this.networks = Networks.of(circuit);
        this.load = load;
        this.conditions = conditions;
        this.rotor = circuit.motor().rotor();
        this.synchronous = rotor.synchronousRadians(circuit.supply().hertz());
        this.coils = circuit.motor().coils().size();
    }

    /** Runs the motor from standstill. */
    public static RunUpTrace simulate(Circuit circuit, Load load, Conditions conditions) {
        return new RunUp(circuit, load, conditions).run();
    }

    private AcNetwork network() {
        return networks.in(new State(position, startSwitchClosed, true));
    }

    private RunUpTrace run() {
        double[] y = new double[1 + coils];
        java.util.Arrays.fill(y, 1, y.length, conditions.celsius());
        double now = 0;
        int next = 0;
        List<Throw> handle = conditions.throwsOfTheHandle();
        while (now < conditions.seconds()) {
            while (next < handle.size() && handle.get(next).seconds() <= now) {
                position = handle.get(next++).position();
                event(now, Happening.THROWN, y[0]);
            }
            double until = next < handle.size()
                    ? Math.min(handle.get(next).seconds(), conditions.seconds())
                    : conditions.seconds();
            ODEStateAndDerivative end = phase(now, y, until);
            now = end.getTime();
            y = end.getCompleteState();
        }
        sample(now, y);
        return new RunUpTrace(
                circuit.motor().coils(), rotor.synchronousRpm(circuit.supply().hertz()), samples, events);
    }

    private void event(double now, Happening happening, double omega) {
        events.add(new Event(now, happening, position, rpm(omega)));
    }

    private static double rpm(double omega) {
        return omega * 30 / Math.PI;
    }

    /** Goes on until the handle is thrown, the start switch moves, or the shaft stops; then the equations change. */
    private ODEStateAndDerivative phase(double from, double[] y, double until) {
        double omega = y[0];
        double direction;
        boolean held = false;
        if (Math.abs(omega) < STANDS) {
            y[0] = 0;
            double torque = network().torqueAt(1);
            direction = Math.signum(torque);
            held = Math.abs(torque) <= Math.max(load.breakawayNm(), frictionNm(0)) + 1e-9;
        } else {
            direction = Math.signum(omega);
        }
        double length = until - from;
        ODEIntegrator integrator =
                new DormandPrince54Integrator(1e-7, Math.max(1e-4, length / 4), tolerances(true), tolerances(false));
        integrator.addStepHandler(new StepNormalizer(
                Math.max(conditions.seconds() / 600, 1e-4),
                (state, isLast) -> sample(state.getTime(), state.getCompleteState())));
        if (!held) {
            watch(integrator, direction);
        }
        return integrator.integrate(equation(direction, held), new ODEState(from, y), until);
    }

    private double[] tolerances(boolean absolute) {
        double[] t = new double[1 + coils];
        java.util.Arrays.fill(t, absolute ? 1e-2 : 1e-6);
        t[0] = absolute ? 1e-3 : 1e-6;
        return t;
    }

    /** Friction, windage and core loss as a drag that grows with speed, N·m. */
    private double frictionNm(double share) {
        return rotor.rotationalWatts() / synchronous * Math.abs(share);
    }

    private OrdinaryDifferentialEquation equation(double direction, boolean held) {
        double[] amps = new double[coils];
        return new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1 + coils;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double share = y[0] / synchronous;
                double torque = network().torqueAt(1 - share, amps);
                double[] rate = new double[1 + coils];
                if (!held) {
                    rate[0] = (torque - direction * (load.torqueNm(share) + frictionNm(share))) / load.inertiaKgM2();
                }
                for (int i = 0; i < coils; i++) {
                    rate[1 + i] = Copper.kelvinPerSecond(circuit.motor().coils().get(i), amps[i], y[1 + i]);
                }
                return rate;
            }
        };
    }

    private void watch(ODEIntegrator integrator, double direction) {
        integrator.addEventDetector(new Crossing(s -> s[0] * direction, false, state -> {
            event(state.getTime(), Happening.STOPPED, 0);
        }));
        if (!circuit.motor().has(Kind.START_SWITCH)) {
            return;
        }
        double threshold = (startSwitchClosed ? conditions.opensAt() : conditions.closesAt()) * synchronous;
        boolean closed = startSwitchClosed;
        integrator.addEventDetector(new Crossing(s -> s[0] * direction - threshold, closed, state -> {
            event(
                    state.getTime(),
                    closed ? Happening.START_SWITCH_OPENED : Happening.START_SWITCH_CLOSED,
                    state.getPrimaryState()[0]);
            startSwitchClosed = !closed;
        }));
    }

    private void sample(double now, double[] y) {
        if (!samples.isEmpty() && now <= samples.get(samples.size() - 1).seconds()) {
            return;
        }
        double[] amps = new double[coils];
        double share = y[0] / synchronous;
        double torque = network().torqueAt(1 - share, amps);
        List<Double> celsius = new ArrayList<>();
        List<Double> coilAmps = new ArrayList<>();
        for (int i = 0; i < coils; i++) {
            celsius.add(y[1 + i]);
            coilAmps.add(amps[i]);
        }
        samples.add(new Sample(
                now,
                rpm(y[0]),
                torque,
                load.torqueNm(share) + frictionNm(share),
                network().lineAmps(),
                List.copyOf(coilAmps),
                List.copyOf(celsius)));
    }

    /** Something that ends a phase when a function of the state crosses zero the watched way. */
    private record Crossing(
            ToDoubleFunction<double[]> function,
            boolean upward,
            java.util.function.Consumer<ODEStateAndDerivative> then)
            implements ODEEventDetector {
        @Override
        public AdaptableInterval getMaxCheckInterval() {
            return (state, isForward) -> 0.02;
        }

        @Override
        public int getMaxIterationCount() {
            return 100;
        }

        @Override
        public BracketedUnivariateSolver<UnivariateFunction> getSolver() {
            return new BracketingNthOrderBrentSolver(0, 1e-9, 0, 5);
        }

        @Override
        public double g(ODEStateAndDerivative state) {
            return function.applyAsDouble(state.getPrimaryState());
        }

        @Override
        public ODEEventHandler getHandler() {
            return (state, detector, increasing) -> {
                if (increasing != upward) {
                    return Action.CONTINUE;
                }
                then.accept(state);
                return Action.STOP;
            };
        }
    }
}
