package gatepin.core.bench;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.control.Simulation.Moment;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Load;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUp.Throw;
import gatepin.core.machine.RunUpTrace.Sample;
import java.util.ArrayList;
import java.util.List;

/** The motor behind a pair of contactors as the engine runs it up, with a usual load on it. Immutable; safe to share. */
public final class ShaftBehind {
    /** What a small machine coasts where the engine has no motor for it, s (common practice). */
    public static final double USUAL_COAST = 3;

    private static final double LOOK_FOR = 60;
    private static final double STANDS_RPM = 5;
    private static final int MOST_SAMPLES = 400;
    /** A run of longer than this is not run up by the engine: nobody looks at its speed that long, and a request must not cost without end. */
    private static final int LONGEST_MILLIS = 300_000;

    private final Circuit circuit;
    private final Load load;

    private ShaftBehind(Circuit circuit, Load load) {
        this.circuit = circuit;
        this.load = load;
    }

    /** The motor of a circuit, with its rated torque on the shaft. */
    public static ShaftBehind of(Circuit circuit, FittedMotor fitted) {
        return new ShaftBehind(circuit, Load.usual(fitted));
    }

    /** A speed at a moment: ms, rpm in the way of FORWARD. */
    public record Spin(int at, long rpm) {}

    /** How long it coasts from full speed, s; the usual time where it never stands. */
    public double coast() {
        double off = LOOK_FOR / 2;
        List<Sample> samples = RunUp.simulate(
                        circuit,
                        load,
                        Conditions.starting(HandlePosition.FORWARD, LOOK_FOR).thenAt(off, HandlePosition.OFF))
                .samples();
        return samples.stream()
                .filter(s -> s.seconds() > off && Math.abs(s.rpm()) < STANDS_RPM)
                .findFirst()
                .map(s -> Math.max(0.2, s.seconds() - off))
                .orElse(USUAL_COAST);
    }

    /**
     * How fast it turns while contactors go in and out.
     *
     * @param moments the moments of a simulated run of the ladder
     * @param untilMillis how long it is looked at, ms
     * @return none where nothing goes in, and none of a run of more than five minutes
     */
    public List<Spin> speeds(Ladder ladder, List<Moment> moments, int untilMillis) {
        List<Throw> throwsOfThem = new ArrayList<>();
        HandlePosition last = HandlePosition.OFF;
        for (Moment moment : moments) {
            HandlePosition now = drives(ladder, moment);
            if (now != last) {
                throwsOfThem.add(new Throw(moment.millis() / 1000.0, now));
                last = now;
            }
        }
        if (throwsOfThem.isEmpty() || untilMillis < 1 || untilMillis > LONGEST_MILLIS) {
            return List.of();
        }
        Conditions usual = Conditions.starting(HandlePosition.OFF, 1);
        List<Sample> samples = RunUp.simulate(
                        circuit,
                        load,
                        new Conditions(
                                throwsOfThem, untilMillis / 1000.0, usual.opensAt(), usual.closesAt(), usual.celsius()))
                .samples();
        double sign = forwardSign();
        List<Spin> spins = new ArrayList<>();
        int step = Math.max(1, samples.size() / MOST_SAMPLES);
        for (int i = 0; i < samples.size(); i += step) {
            Sample sample = samples.get(i);
            spins.add(new Spin((int) Math.round(sample.seconds() * 1000), Math.round(sign * sample.rpm())));
        }
        return spins;
    }

    private double forwardSign() {
        double rpm = RunUp.simulate(circuit, load, Conditions.starting(HandlePosition.FORWARD, 1))
                .last()
                .rpm();
        return rpm < 0 ? -1 : 1;
    }

    private static HandlePosition drives(Ladder ladder, Moment moment) {
        boolean power = moment.look().power();
        boolean forward = power && isIn(ladder, moment, HandlePosition.FORWARD);
        boolean reverse = power && isIn(ladder, moment, HandlePosition.REVERSE);
        return forward == reverse ? HandlePosition.OFF : forward ? HandlePosition.FORWARD : HandlePosition.REVERSE;
    }

    private static boolean isIn(Ladder ladder, Moment moment, HandlePosition way) {
        return ladder.contactors(way).stream()
                .map(Part::name)
                .anyMatch(n -> moment.look().in().contains(n));
    }
}
