package gatepin.core.plate;

import java.util.List;
import java.util.Optional;

/**
 * What a single-phase motor's plate states.
 *
 * @param ratedOutputWatts output at the shaft, W
 * @param outputAsWritten the output in the plate's own words, such as "3/4 hp"
 * @param ratings volts with their amps, lowest voltage first; never empty
 * @param hertz rated frequency, Hz
 * @param rpm rated speed, 1/min
 */
public record Plate(double ratedOutputWatts, String outputAsWritten, List<Rating> ratings, int hertz, int rpm) {
    /** One horsepower in watts (mechanical horsepower). */
    public static final double WATTS_PER_HP = 745.7;

    /**
     * One voltage of the plate.
     *
     * @param volts rated voltage, V
     * @param amps rated current at that voltage, A; empty where the plate is silent
     */
    public record Rating(int volts, Optional<Double> amps) {}

    public Plate {
        ratings = List.copyOf(ratings);
    }

    /** The number of poles whose synchronous speed lies next above the rated speed. */
    public int poles() {
        int poles = 2;
        while (120.0 * hertz / (poles + 2) > rpm) {
            poles += 2;
        }
        return poles;
    }

    /** Synchronous speed, 1/min: 120 f / poles. */
    public double synchronousRpm() {
        return 120.0 * hertz / poles();
    }

    /** Rated slip as a fraction of synchronous speed. */
    public double slip() {
        return 1 - rpm / synchronousRpm();
    }

    /** Efficiency times power factor that the plate implies at this rating; empty without amps. */
    public Optional<Double> efficiencyTimesPowerFactor(Rating rating) {
        return rating.amps().map(a -> ratedOutputWatts / (rating.volts() * a));
    }

    public Optional<Rating> at(int volts) {
        return ratings.stream().filter(r -> r.volts() == volts).findFirst();
    }
}
