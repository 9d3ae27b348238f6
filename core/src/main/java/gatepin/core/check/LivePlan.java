package gatepin.core.check;

import gatepin.core.check.LiveStep.Turn;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.Taken.Standing;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.complex.Complex;

/**
 * What to see, hear and measure when a wiring gets power for the first time, with what the engine expects of it; and what ends it at once.
 *
 * @param steps in the order of work
 * @param stopAmps more than this, once it should turn, and it is off at once, A
 * @param stopSeconds so long it may hum without turning, s
 */
public record LivePlan(List<Expected> steps, double stopAmps, double stopSeconds) {
    /** Supply voltages as they are delivered (ANSI C84.1 and IEC 60038, from memory: about ten percent either way). */
    private static final double VOLTS_OFF = 0.1;
    /** How far the engine's currents of a motor that is known by its plate may be off (common practice for a clamp meter on it). */
    private static final double AMPS_OFF = 0.25;

    private static final double RPM_OFF = 0.015;
    /** A hum without turning is off within this, s (common practice). */
    private static final double MOST_HUM_SECONDS = 3;
    /** Starting current may be this much above what is computed before it means something. */
    private static final double STOP = 1.3;

    private static final double ROOM_CELSIUS = -20;
    /** What a frame may be after four starts: a hand stays on it (common practice). */
    private static final double WARM_CELSIUS = 60;

    private static final double MOST_COAST_SECONDS = 120;

    /**
     * A step and what is expected.
     *
     * @param step the step
     * @param band what may be measured; for a question 1 for yes and 0 for no
     * @param turn how it should turn; empty where nothing is known of that, or it is not asked
     */
    public record Expected(LiveStep step, Band band, Optional<Turn> turn) {
        /** Holds what was seen against it. */
        public Standing against(LiveSeen seen) {
            if (step.what().answer() == LiveStep.Answer.DIRECTION) {
                Turn is = seen.turn().orElse(Turn.NOTHING);
                boolean turns = is == Turn.CLOCKWISE || is == Turn.COUNTER_CLOCKWISE;
                return turns && (turn.isEmpty() || turn.orElseThrow() == is) ? Standing.AGREES : Standing.DISAGREES;
            }
            if (step.what().answer() == LiveStep.Answer.YES_OR_NO) {
                return band.holds(seen.number()) ? Standing.AGREES : Standing.DISAGREES;
            }
            if (band.holds(seen.number())) {
                return Standing.AGREES;
            }
            double off = 0.1 * (Math.abs(band.likely()) + 1e-6);
            return seen.number() >= band.least() - off && seen.number() <= band.most() + off
                    ? Standing.BETWEEN
                    : Standing.DISAGREES;
        }
    }

    public LivePlan {
        steps = List.copyOf(steps);
    }

    /** The same with what a control circuit has to show under power, each answered with yes. */
    public LivePlan with(List<LiveStep> ofControl) {
        List<Expected> all = new ArrayList<>(steps);
        ofControl.forEach(s -> all.add(new Expected(s, new Band(1, 1, 1), Optional.empty())));
        return new LivePlan(all, stopAmps, stopSeconds);
    }

    /** The step of a key. */
    public Optional<Expected> step(String key) {
        return steps.stream().filter(s -> s.step().key().equals(key)).findFirst();
    }

    /**
     * Plans the live check of a wiring.
     *
     * @param plusIs what the plus direction looks like from the end the person stands at; not stated where nobody knows
     */
    public static LivePlan of(CheckRequest request, StatedRotation plusIs) {
        return new Planning(request, plusIs).plan();
    }

    private record Planning(CheckRequest request, StatedRotation plusIs) {
        LivePlan plan() {
            Circuit circuit = request.circuit();
            List<Expected> steps = new ArrayList<>();
            Supply supply = circuit.supply();
            number(steps, What.OUTLET_VOLTS, Optional.empty(), around(supply.volts(), VOLTS_OFF));
            number(steps, What.FIRST_TO_GROUND, Optional.empty(), toGround(supply, Terminal.L1));
            number(steps, What.SECOND_TO_GROUND, Optional.empty(), toGround(supply, Terminal.L2));
            double most = 0;
            double hum = MOST_HUM_SECONDS;
            List<Setting> ways =
                    circuit.settings().stream().filter(Setting::isMeantToRun).toList();
            for (Setting setting : ways) {
                Behaviour runs = Behaviour.of(circuit, request.rated(), setting);
                most = Math.max(most, runs.standstillAmps());
                way(steps, setting, runs);
            }
            number(steps, What.CELSIUS, Optional.empty(), new Band(ROOM_CELSIUS, 30, WARM_CELSIUS));
            return new LivePlan(steps, STOP * most, hum);
        }

        private void way(List<Expected> steps, Setting setting, Behaviour runs) {
            Circuit circuit = request.circuit();
            Rotor rotor = circuit.motor().rotor();
            double synchronous = rotor.synchronousRpm(circuit.supply().hertz());
            Optional<Setting> in = Optional.of(setting);
            steps.add(new Expected(new LiveStep(What.TURNS, in), Band.OPEN, seen(runs.way())));
            boolean switched = circuit.motor().has(InnerContact.Kind.START_SWITCH);
            if (switched) {
                number(steps, What.CLICK_UP, in, new Band(1, 1, 1));
            }
            // a single-phase motor idles at more than half of what it draws under load
            number(steps, What.IDLE_AMPS, in, around(runs.idleAmps(), AMPS_OFF));
            AcSolution idling = AcNetwork.of(circuit, State.atSpeed(setting))
                    .at(runs.way() == Way.MINUS ? 2 - runs.idleSlip() : runs.idleSlip());
            double volts = idling.potential(Terminal.L1)
                    .flatMap(one -> idling.potential(Terminal.L2).map(one::subtract))
                    .map(Complex::norm)
                    .orElse((double) circuit.supply().volts());
            number(steps, What.VOLTS, in, around(volts, VOLTS_OFF));
            number(
                    steps,
                    What.SPEED,
                    in,
                    new Band(
                            synchronous * (1 - runs.loadSlip() - RPM_OFF),
                            synchronous * (1 - runs.idleSlip()),
                            synchronous * (1 + RPM_OFF / 2)));
            number(
                    steps,
                    What.LOAD_AMPS,
                    in,
                    new Band(
                            runs.idleAmps() * (1 - AMPS_OFF),
                            runs.loadAmps(),
                            Math.max(runs.loadAmps(), runs.idleAmps()) * (1 + AMPS_OFF / 2)));
            if (switched) {
                number(steps, What.CLICK_DOWN, in, new Band(1, 1, 1));
            }
            number(steps, What.COAST, in, new Band(0.2, coast(rotor), MOST_COAST_SECONDS));
        }

        /** The rotor alone, held by its own friction that falls with speed: until a twentieth is left. */
        private double coast(Rotor rotor) {
            double omega = rotor.synchronousRadians(request.circuit().supply().hertz());
            double perRadian = rotor.rotationalWatts() / (omega * omega);
            return Math.min(MOST_COAST_SECONDS / 2, 3 * rotor.inertiaKgM2() / perRadian);
        }

        private Optional<Turn> seen(Way way) {
            StatedRotation stated = way == Way.MINUS ? plusIs.reversed() : plusIs;
            if (way == Way.NONE || stated.direction() == Direction.NOT_STATED) {
                return Optional.empty();
            }
            return Optional.of(stated.direction() == Direction.CLOCKWISE ? Turn.CLOCKWISE : Turn.COUNTER_CLOCKWISE);
        }

        private static void number(List<Expected> steps, What what, Optional<Setting> setting, Band band) {
            steps.add(new Expected(new LiveStep(what, setting), band, Optional.empty()));
        }

        private static Band around(double value, double share) {
            return new Band(value * (1 - share), value, value * (1 + share));
        }

        private static Band toGround(Supply supply, Terminal line) {
            double volts = supply.emf(line).norm();
            return volts < 1 ? new Band(0, 0, 5) : around(volts, VOLTS_OFF);
        }
    }

    /** What a person would complain of who saw this: what goes to the fault finder. */
    public Set<Symptom> symptoms(List<LiveSeen> seen) {
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        List<Turn> turns = new ArrayList<>();
        List<Turn> should = new ArrayList<>();
        for (LiveSeen one : seen) {
            Optional<Expected> expected = step(one.step());
            if (expected.isEmpty()) {
                continue;
            }
            Expected step = expected.orElseThrow();
            one.turn().ifPresent(t -> {
                turns.add(t);
                should.add(step.turn().orElse(t));
            });
            if (step.against(one) != Standing.AGREES) {
                symptomOf(step, one).ifPresent(symptoms::add);
            }
        }
        turning(turns, should, symptoms);
        return symptoms;
    }

    private static void turning(List<Turn> turns, List<Turn> should, Set<Symptom> symptoms) {
        Set<Turn> real = EnumSet.of(Turn.CLOCKWISE, Turn.COUNTER_CLOCKWISE);
        boolean all = !turns.isEmpty() && real.containsAll(turns);
        if (turns.size() == 2 && all && turns.get(0) == turns.get(1)) {
            symptoms.add(Symptom.SAME_WAY);
        } else if (all && !turns.equals(should)) {
            symptoms.add(Symptom.WRONG_WAY);
        } else if (turns.size() == 2 && turns.stream().anyMatch(real::contains) && !all) {
            symptoms.add(Symptom.ONE_WAY_ONLY);
        }
        if (!turns.isEmpty() && turns.stream().allMatch(t -> t == Turn.NOTHING)) {
            symptoms.add(Symptom.DEAD);
        }
    }

    private static Optional<Symptom> symptomOf(Expected step, LiveSeen seen) {
        boolean more = seen.number() > step.band().likely();
        return Optional.ofNullable(
                switch (step.step().what()) {
                    case TURNS ->
                        switch (seen.turn().orElse(Turn.NOTHING)) {
                            case HUMS -> Symptom.HUMS;
                            case TRIPS -> Symptom.TRIPS_AT_ONCE;
                            default -> null;
                        };
                    case CLICK_UP, CLICK_DOWN -> Symptom.NO_CLICK;
                    case STOPS, LIMIT_STOPS -> Symptom.WILL_NOT_STOP;
                    case STAYS_OFF, POWER_BACK -> Symptom.BY_ITSELF;
                    case BOTH_BUTTONS -> Symptom.TRIPS_AT_ONCE;
                    case IDLE_AMPS, LOAD_AMPS -> more ? Symptom.HOT : null;
                    case SPEED -> more ? null : Symptom.SLOW;
                    case CELSIUS -> more ? Symptom.HOT : null;
                    default -> null;
                });
    }
}
