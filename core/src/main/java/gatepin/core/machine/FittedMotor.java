package gatepin.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A motor as fitted to a plate.
 *
 * @param given what it was fitted to
 * @param values the most likely equivalent circuit
 * @param spreads one standard deviation up and down along each independent direction the data leave open
 * @param residuals how well each thing known is reproduced
 */
public record FittedMotor(Given given, MotorValues values, List<Spread> spreads, List<Residual> residuals) {
    /** Nine of ten lie within this many standard deviations of a normal distribution. */
    public static final double NINE_OF_TEN = 1.645;
    /** What linear magnetics and a one-cage rotor may be off by in any figure, whatever the data say. */
    private static final double MODEL_ERROR = 0.06;

    public FittedMotor {
        spreads = List.copyOf(spreads);
        residuals = List.copyOf(residuals);
    }

    /** Two motors that the data can hardly tell from the best one, to either side of it. */
    public record Spread(MotorValues up, MotorValues down) {}

    /**
     * How one thing known is reproduced.
     *
     * @param what its name with its unit
     * @param wanted what the plate states, or what is typical where it is silent
     * @param got what the fitted motor does
     * @param tolerances how far that is off, in tolerances
     */
    public record Residual(String what, double wanted, double got, double tolerances) {}

    /** Every figure is a number. */
    boolean isFinite() {
        return Double.isFinite(misfit())
                && spreads.stream()
                        .flatMap(s -> java.util.stream.Stream.of(s.up(), s.down()))
                        .allMatch(v -> Double.isFinite(v.runOhms() + v.rotor().magnetizingOhms() + v.startOhms()));
    }

    /** The thing known that fits worst. */
    public Residual worst() {
        return residuals.stream()
                .max(Comparator.comparingDouble(r -> Math.abs(r.tolerances())))
                .orElseThrow();
    }

    /** Root mean square of the residuals, in tolerances: about 1 or less where the plate is a plausible motor. */
    public double misfit() {
        return Math.sqrt(residuals.stream()
                .mapToDouble(r -> r.tolerances() * r.tolerances())
                .average()
                .orElse(0));
    }

    /** A prediction with its band: how far it moves when the motor moves as far as the data allow. */
    public Estimate estimate(ToDoubleFunction<MotorValues> figure) {
        double value = figure.applyAsDouble(values);
        double variance = MODEL_ERROR * MODEL_ERROR * value * value;
        for (Spread spread : spreads) {
            double half = (figure.applyAsDouble(spread.up()) - figure.applyAsDouble(spread.down())) / 2;
            variance += half * half;
        }
        double band = NINE_OF_TEN * Math.sqrt(variance);
        double low = value >= 0 ? Math.max(0, value - band) : value - band;
        return new Estimate(value, low, value + band);
    }
}
