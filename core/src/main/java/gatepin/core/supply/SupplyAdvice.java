package gatepin.core.supply;

import gatepin.core.supply.BranchCircuit.Asked;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The voltages a motor can take, side by side, and which one to choose.
 *
 * @param options what each voltage takes, the lowest first
 * @param recommended the one to choose; empty where nothing can be sized
 * @param reasons why, in sentences
 */
public record SupplyAdvice(List<Option> options, Optional<Option> recommended, List<String> reasons) {
    /** A general-purpose circuit of 15 A is loaded to four fifths at most (common practice). */
    private static final double MOST_ON_A_COMMON_OUTLET = 12;

    /**
     * A voltage.
     *
     * @param volts the plate's voltage, V
     * @param twoHots whether both lines are hot
     * @param circuit what it takes; empty where neither table nor plate gives a current
     */
    public record Option(int volts, boolean twoHots, Optional<BranchCircuit> circuit) {
        /** What a person calls it: 115 V on a plate is the shop's 120 V. */
        public String name(Region region) {
            if (region == Region.IEC) {
                return volts + " V, line and neutral";
            }
            return twoHots ? volts + " V, two hots" : volts + " V, hot and neutral";
        }
    }

    /** A voltage of the plate with its amps where it states them. */
    public record Rated(int volts, Optional<Double> amps) {}

    /**
     * What is known of the motor.
     *
     * @param horsepower rated output, hp
     * @param serviceFactor of the plate; 1 where it is silent
     * @param lockedKva apparent power with the rotor held, kVA
     * @param ratings the plate's voltages
     */
    public record Needs(double horsepower, double serviceFactor, double lockedKva, List<Rated> ratings) {}

    /** Compares the voltages for a run of cable. */
    public static SupplyAdvice compare(Needs needs, Region region, double metres) {
        List<Option> options = new ArrayList<>();
        for (Rated rated : needs.ratings()) {
            boolean twoHots = region == Region.NORTH_AMERICA && rated.volts() >= 200;
            options.add(new Option(
                    rated.volts(),
                    twoHots,
                    BranchCircuit.size(new Asked(
                            region,
                            rated.volts(),
                            twoHots,
                            needs.horsepower(),
                            rated.amps(),
                            needs.lockedKva() * 1000 / rated.volts(),
                            needs.serviceFactor(),
                            metres))));
        }
        List<Option> possible = options.stream()
                .filter(o -> o.circuit().isPresent() && available(o, region))
                .toList();
        if (possible.isEmpty()) {
            return new SupplyAdvice(
                    options,
                    Optional.empty(),
                    List.of("No circuit can be sized: the plate's amps are missing, or the way is too long."));
        }
        Option low = possible.get(0);
        Option high = possible.get(possible.size() - 1);
        if (low == high) {
            return new SupplyAdvice(options, Optional.of(low), List.of("It is the only one this shop can give it."));
        }
        BranchCircuit atLow = low.circuit().orElseThrow();
        BranchCircuit atHigh = high.circuit().orElseThrow();
        boolean heavy = atLow.sizingAmps() > MOST_ON_A_COMMON_OUTLET;
        boolean dropped = !atLow.conductor().equals(atLow.forCurrent());
        List<String> reasons = new ArrayList<>();
        if (heavy || dropped) {
            reasons.add(String.format(
                    Locale.ROOT,
                    "Half the current: %.1f A in place of %.1f A, and a quarter of the cable's loss.",
                    atHigh.sizingAmps(),
                    atLow.sizingAmps()));
            if (heavy) {
                reasons.add("At the lower voltage it asks more than a common outlet should give for long.");
            }
            reasons.add("Both lines are hot: the switch should break both, and the disconnect must.");
            return new SupplyAdvice(options, Optional.of(high), reasons);
        }
        reasons.add(String.format(
                Locale.ROOT,
                "%.1f A is within a common outlet's means, and only one line is hot.",
                atLow.sizingAmps()));
        reasons.add("A higher voltage does not make the motor stronger or cheaper to run.");
        return new SupplyAdvice(options, Optional.of(low), reasons);
    }

    /** A 230 V 50 Hz shop has no 115 V line. */
    private static boolean available(Option option, Region region) {
        return region == Region.NORTH_AMERICA || option.volts() >= 200;
    }

    /** The option for a voltage. */
    public Optional<Option> at(int volts) {
        return options.stream().filter(o -> o.volts() == volts).min(Comparator.comparingInt(Option::volts));
    }
}
