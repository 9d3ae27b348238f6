package gatepin.core.machine;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.FittedMotor.Residual;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Finds the equivalent circuit that best explains a plate and a few ohm readings.
 *
 * <p>The logarithms of the parameters are fitted by least squares (Levenberg–Marquardt). What the plate states counts
 * with the accuracy of a plate; what nobody measured is held, more loosely, to what is typical of the family and size
 * (common practice). What the data leave open shows in the spread, and so in the band of every prediction.
 */
public final class PlateFit {
    /** Parameters: run ohms, run leakage, rotor ohms, rotor leakage, magnetizing, rotational loss, start ohms and turns. */
    private static final int FIXED = 8;

    private static final double STEP = 1e-5;
    /** How far a shop's meter may be off on a winding, as a share. */
    private static final double METER = 0.03;

    /** A motor of a few watts takes up to about eight volt-amperes for each of them (common practice, doubled). */
    private static final double MOST_VOLT_AMPERES_A_WATT = 16;

    /** A capacitor this many times larger or smaller than usual of its family and output belongs to another motor (common practice). */
    private static final double BELIEVED = 4;

    private static final Supply.Kind KIND = Supply.Kind.HOT_AND_NEUTRAL;

    private final Given given;
    private final double[] prior;
    private final double[] loose;
    private final List<Observation> observations = new ArrayList<>();
    private final double usualAmps;
    /** The networks of the values tried last, at speed and at standstill: all that are tried are wired alike. */
    private Optional<AcNetwork> up = Optional.empty();

    private Optional<AcNetwork> still = Optional.empty();

    /** One thing the model should reproduce: its name, what it should be, and how far off counts as one. */
    private record Observation(String what, double wanted, double tolerance) {}

    private PlateFit(Given given) {
        this.given = given;
        this.usualAmps = given.amps().orElse(given.outputWatts() / given.volts() / usualEfficiencyTimesPowerFactor());
        double base = given.volts() / usualAmps;
        MotorFamily family = given.family();
        this.prior = new double[FIXED + 2];
        this.loose = new double[FIXED + 2];
        set(0, given.runOhms().orElse(0.07 * base), given.runOhms().isPresent() ? METER : 0.35);
        set(1, 0.09 * base, 0.35);
        set(2, Math.max(0.03, 2 * given.slip()) * base, 0.6);
        set(3, 0.075 * base, 0.35);
        set(4, 2.0 * base, 0.5);
        set(5, 0.1 * given.outputWatts(), 0.5);
        double ratio = family == MotorFamily.SPLIT_PHASE ? 3.0 : family.hasStartSwitch() ? 2.5 : 1.6;
        double square = square();
        set(
                6,
                given.startOhms().map(o -> o / square).orElse(ratio * prior(0)),
                given.startOhms().isPresent() ? METER : 0.35);
        set(7, family == MotorFamily.SPLIT_PHASE ? 0.8 : 1.2, 0.2);
        double scale = (115 / given.volts()) * (115 / given.volts()) * 60 / given.hertz();
        double usualStart = 370 * Math.pow(given.horsepower(), 0.75) * scale;
        double usualRun = 80 * Math.pow(given.horsepower(), 0.85) * scale;
        believed(
                8,
                usualStart,
                given.startMicrofarads().filter(c -> areInPlace(given)).map(c -> c * square),
                0.3);
        believed(
                9,
                usualRun,
                given.runMicrofarads().filter(c -> areInPlace(given)).map(c -> c * square),
                0.35);
        observe();
    }

    /** A start winding for so many times the voltage has this many times the ohms, and that much less of a capacitor. */
    private double square() {
        return given.startAcross() * given.startAcross();
    }

    private void set(int parameter, double value, double tolerance) {
        prior[parameter] = Math.log(value);
        loose[parameter] = tolerance;
    }

    /** A capacitor that is there is fitted to where such a motor can have it; else the motor is what it should be with another. */
    private void believed(int parameter, double usual, Optional<Double> there, double tolerance) {
        Optional<Double> believed = there.filter(c -> c > usual / BELIEVED && c < usual * BELIEVED);
        set(parameter, believed.orElse(usual), believed.isPresent() ? 0.02 : tolerance);
    }

    /** A start capacitor is larger than the run capacitor beside it; where it is not, they are exchanged. */
    private static boolean areInPlace(Given given) {
        return !given.family().hasStartCapacitor()
                || !given.family().hasRunCapacitor()
                || given.startMicrofarads().isEmpty()
                || given.runMicrofarads().isEmpty()
                || given.startMicrofarads().orElseThrow()
                        > given.runMicrofarads().orElseThrow();
    }

    private double prior(int parameter) {
        return Math.exp(prior[parameter]);
    }

    private double usualEfficiency() {
        return Math.min(0.82, Math.max(0.3, 0.55 + 0.075 * Math.log(given.outputWatts() / 150)));
    }

    private double usualEfficiencyTimesPowerFactor() {
        return usualEfficiency() * (given.family().hasRunCapacitor() ? 0.9 : 0.62);
    }

    private void observe() {
        observations.add(new Observation("output at rated speed, W", given.outputWatts(), 0.02));
        observations.add(
                new Observation("rated current, A", usualAmps, given.amps().isPresent() ? 0.03 : 0.2));
        boolean psc = given.family() == MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        observations.add(new Observation(
                "locked-rotor current, A", given.lockedKva() * 1000 / given.volts(), given.codeStated() ? 0.06 : 0.25));
        double starts = psc ? 0.5 : given.family() == MotorFamily.SPLIT_PHASE ? 1.5 : 2.8;
        observations.add(new Observation("starting torque, N·m", starts * given.ratedNm(), 0.3));
        observations.add(new Observation("breakdown torque, N·m", 2.6 * given.ratedNm(), 0.2));
        observations.add(new Observation("input at rated load, W", given.outputWatts() / usualEfficiency(), 0.12));
    }

    /**
     * Fits.
     *
     * @return the fitted motor, or why this plate cannot be: more out than in, a speed no induction motor has, a
     *     reading that is no number
     */
    public static Reading<FittedMotor> fit(Given given) {
        List<Problem> problems = impossible(given);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        Optional<FittedMotor> fitted = Optional.empty();
        try {
            fitted = Optional.of(new PlateFit(given).fit()).filter(FittedMotor::isFinite);
        } catch (MathRuntimeException | IllegalArgumentException e) {
            // no circuit of this kind comes near: told as such
        }
        return fitted.map(Reading::of)
                .orElseGet(() -> Reading.failed(List.of(new Problem(
                        "output",
                        given.outputWatts() + " W",
                        "No motor can be found that does what this plate says. Read its output, volts, amps and speed"
                                + " again."))));
    }

    private static List<Problem> impossible(Given given) {
        List<Problem> problems = new ArrayList<>();
        positive(problems, "output", given.outputWatts(), "W");
        positive(problems, "volts", given.volts(), "V");
        given.amps().ifPresent(a -> positive(problems, "amps", a, "A"));
        given.runOhms().ifPresent(o -> positive(problems, "runOhms", o, "Ω"));
        given.startOhms().ifPresent(o -> positive(problems, "startOhms", o, "Ω"));
        given.startMicrofarads().ifPresent(c -> positive(problems, "startMicrofarads", c, "µF"));
        given.runMicrofarads().ifPresent(c -> positive(problems, "runMicrofarads", c, "µF"));
        if (!problems.isEmpty()) {
            return problems;
        }
        if (given.slip() <= 0 || given.slip() >= 0.25) {
            problems.add(new Problem(
                    "rpm",
                    "" + given.rpm(),
                    String.format(
                            Locale.ROOT,
                            "%d rpm is no speed of a %d-pole motor at %d Hz: under load it turns a little slower than"
                                    + " %.0f rpm.",
                            given.rpm(),
                            given.poles(),
                            given.hertz(),
                            120.0 * given.hertz() / given.poles())));
        }
        given.amps()
                .flatMap(a -> implausibleAmps(given.outputWatts(), given.volts(), a))
                .ifPresent(
                        m -> problems.add(new Problem("amps", "" + given.amps().orElse(0.0), m)));
        return problems;
    }

    /** Why a motor of this output cannot draw these amps; empty where it can. Even the least efficient small motors take less. */
    public static Optional<String> implausibleAmps(double outputWatts, double volts, double amps) {
        if (amps * volts >= outputWatts && amps * volts <= MOST_VOLT_AMPERES_A_WATT * outputWatts) {
            return Optional.empty();
        }
        return Optional.of(String.format(
                Locale.ROOT,
                amps * volts < outputWatts
                        ? "%.0f V × %.1f A is %.0f VA in, but %.0f W come out: more than goes in."
                        : "%.0f V × %.1f A is %.0f VA in for %.0f W at the shaft: no motor takes that much.",
                volts,
                amps,
                volts * amps,
                outputWatts));
    }

    private static void positive(List<Problem> problems, String field, double value, String unit) {
        if (!Double.isFinite(value) || value <= 0) {
            problems.add(new Problem(field, "" + value, value + " " + unit + " cannot be: it must be above zero."));
        }
    }

    private FittedMotor fit() {
        int size = observations.size() + prior.length;
        Optimum optimum = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .model(this::withJacobian)
                        .start(prior)
                        .target(new double[size])
                        .maxEvaluations(200)
                        .maxIterations(100)
                        .lazyEvaluation(false)
                        .checkerPair((i, before, after) -> Math.abs(before.getValue()[0] - after.getValue()[0]) < 1e-9)
                        .build());
        double[] best = optimum.getPoint().toArray();
        RealMatrix raw = optimum.getCovariances(1e-14);
        RealMatrix covariance = raw.add(raw.transpose()).scalarMultiply(0.5);
        EigenDecompositionSymmetric axes = new EigenDecompositionSymmetric(covariance);
        List<FittedMotor.Spread> spreads = new ArrayList<>();
        for (int i = 0; i < best.length; i++) {
            double deviation = Math.sqrt(Math.max(0, axes.getEigenvalue(i)));
            RealVector step = axes.getEigenvector(i).mapMultiply(deviation);
            if (deviation > 1e-3) {
                spreads.add(new FittedMotor.Spread(
                        values(optimum.getPoint().add(step).toArray()),
                        values(optimum.getPoint().subtract(step).toArray())));
            }
        }
        MotorValues values = values(best);
        double[] got = reproduce(values);
        List<Residual> residuals = new ArrayList<>();
        for (int i = 0; i < observations.size(); i++) {
            Observation o = observations.get(i);
            residuals.add(new Residual(o.what(), o.wanted(), got[i], Math.log(got[i] / o.wanted()) / o.tolerance()));
        }
        given.runOhms().ifPresent(o -> residuals.add(measured("run winding, Ω", o, values.runOhms())));
        given.startOhms().ifPresent(o -> residuals.add(measured("start winding, Ω", o, values.startOhms() * square())));
        return new FittedMotor(
                given,
                inHand(values),
                spreads.stream()
                        .map(s -> new FittedMotor.Spread(inHand(s.up()), inHand(s.down())))
                        .toList(),
                residuals);
    }

    /** With the capacitors that are there, where they are not those that should be. */
    private MotorValues inHand(MotorValues sound) {
        return sound.inHand(
                there(given.startInHand().or(given::startMicrofarads).map(c -> c * square()), sound.startMicrofarads()),
                there(given.runInHand().or(given::runMicrofarads).map(c -> c * square()), sound.runMicrofarads()));
    }

    private static double there(Optional<Double> there, double should) {
        return should > 0
                ? there.filter(c -> Math.abs(Math.log(c / should)) > 0.1).orElse(should)
                : 0;
    }

    private static Residual measured(String what, double wanted, double got) {
        return new Residual(what, wanted, got, Math.log(got / wanted) / METER);
    }

    private Pair<RealVector, RealMatrix> withJacobian(RealVector point) {
        double[] at = point.toArray();
        double[] value = deviations(at);
        double[][] jacobian = new double[value.length][at.length];
        for (int p = 0; p < at.length; p++) {
            double[] moved = at.clone();
            moved[p] += STEP;
            double[] there = deviations(moved);
            for (int r = 0; r < value.length; r++) {
                jacobian[r][p] = (there[r] - value[r]) / STEP;
            }
        }
        return new Pair<>(new ArrayRealVector(value, false), new Array2DRowRealMatrix(jacobian, false));
    }

    /** How far the model is from each observation and each parameter from what is typical, in tolerances. */
    private double[] deviations(double[] parameters) {
        double[] result = new double[observations.size() + prior.length];
        double[] got = reproduce(values(parameters));
        for (int i = 0; i < observations.size(); i++) {
            Observation o = observations.get(i);
            result[i] = Math.log(Math.max(got[i], 1e-3 * o.wanted()) / o.wanted()) / o.tolerance();
        }
        for (int p = 0; p < prior.length; p++) {
            result[observations.size() + p] = (parameters[p] - prior[p]) / loose[p];
        }
        return result;
    }

    private MotorValues values(double[] logarithms) {
        double[] p = Arrays.stream(logarithms).map(Math::exp).toArray();
        Rotor rotor = new Rotor(given.poles(), given.hertz(), p[2], p[3], p[4], p[5], inertia());
        double start = given.family().hasStartCapacitor() ? p[8] : 0;
        double run = given.family().hasRunCapacitor() ? p[9] : 0;
        return new MotorValues(
                        given.family(),
                        given.volts(),
                        usualAmps,
                        given.slip(),
                        p[0],
                        p[1],
                        rotor,
                        given.equalWindings() ? p[0] : p[6],
                        given.equalWindings() ? 1 : p[7],
                        start,
                        run)
                .startAcross(given.startAcross());
    }

    /** A rotor of this torque weighs about this much, kg m² (common practice: 0.004 kg m² for 3/4 hp, 4 poles). */
    private double inertia() {
        return 0.004 * Math.pow(given.ratedNm() / 3.1, 1.2);
    }

    private double[] reproduce(MotorValues values) {
        Circuit circuit = acrossTheLine(values);
        double synchronous = values.rotor().synchronousRadians(given.hertz());
        AcNetwork running = AcNetwork.like(up, circuit, State.atSpeed(HandlePosition.FORWARD));
        AcNetwork starting = AcNetwork.like(still, circuit, State.atRest(HandlePosition.FORWARD));
        up = Optional.of(running);
        still = Optional.of(starting);
        AcSolution rated = running.at(given.slip());
        AcSolution locked = starting.at(1);
        double breakdown = 0;
        for (double slip = 0.08; slip < 0.5; slip += 0.03) {
            breakdown = Math.max(breakdown, running.torqueAt(slip));
        }
        double turning = 1 - given.slip();
        double shaft = rated.torqueNm() * synchronous * turning - values.rotor().rotationalWatts() * turning * turning;
        return new double[] {
            shaft, rated.lineAmps(), locked.lineAmps(), locked.torqueNm(), breakdown, rated.inputWatts()
        };
    }

    /** A plain motor of these values with run and start circuit across the line. */
    static Circuit acrossTheLine(MotorValues values) {
        Terminal[] t = {Terminal.motor("T1"), Terminal.motor("T4"), Terminal.motor("T5"), Terminal.motor("T8")};
        Motor motor = values.unheated(
                List.of(t),
                List.of(new Winding("run 1", Role.RUN, t[0], t[1]), new Winding("start 1", Role.START, t[2], t[3])));
        List<Wire> wires = List.of(
                new Wire(t[0], Terminal.L1, Wire.Run.MOTOR_CABLE),
                new Wire(t[2], Terminal.L1, Wire.Run.MOTOR_CABLE),
                new Wire(t[1], Terminal.L2, Wire.Run.MOTOR_CABLE),
                new Wire(t[3], Terminal.L2, Wire.Run.MOTOR_CABLE));
        Supply supply = new Supply(
                (int) Math.round(values.ratedVolts()), (int) values.rotor().ratedHertz(), KIND);
        return new Circuit(motor, ContactChart.NONE, supply, Feeder.STIFF, wires, List.of());
    }
}
