package gatepin.core.machine;

import gatepin.core.Sentence;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.supply.FullLoadAmps;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoublePredicate;
import java.util.function.ToDoubleFunction;

/**
 * How strong a motor without a plate is, as far as what is left of it tells: a band with honest ends. Each clue rules sizes out; a
 * typical motor of every standard size is laid out by the engine and held against what was measured, with room for how much motors of
 * one size differ (common practice). What is sized for it is sized for the upper end.
 *
 * @param leastHp the smallest standard size that fits, hp
 * @param likelyHp the size in the middle, hp
 * @param mostHp the largest that fits, hp: supply and switch are sized for it
 * @param clues what each clue says
 * @param agree whether some size fits all clues; otherwise the band spans them all
 */
public record PowerClass(double leastHp, double likelyHp, double mostHp, List<Clue> clues, boolean agree) {
    /** Standard sizes of small motors, hp (NEC Table 430.248 and, below it, common practice). */
    private static final double[] SIZES = {
        1.0 / 20, 1.0 / 12, 1.0 / 8, 1.0 / 6, 1.0 / 4, 1.0 / 3, 1.0 / 2, 3.0 / 4, 1, 1.5, 2, 3, 5, 7.5, 10
    };

    private static final double TYPICAL_SLIP = 0.04;
    /** Typical motors are laid out for this voltage; ohms go with the square of another, capacitance against it. */
    private static final double LAID_OUT_VOLTS = 115;

    private record Size(MotorFamily family, double hp, int hertz, int poles) {}

    private static final Map<Size, Optional<MotorValues>> TYPICAL = new ConcurrentHashMap<>();
    /** Motors of one size differ by up to these factors from a typical one (common practice). */
    private static final double OHMS_DIFFER = 2.6;

    private static final double CAPACITORS_DIFFER = 2.2;
    /** A motor running free takes between these shares of its rated current (common practice). */
    private static final double LEAST_IDLE = 0.45;

    private static final double MOST_IDLE = 0.85;
    /** Rated current as a share of the table's, which is the largest usual: with a start winding, and PSC (common practice). */
    private static final double LEAST_OF_TABLE = 0.7;

    private static final double LEAST_OF_TABLE_PSC = 0.5;
    private static final double SMALLEST_IN_TABLE = 1.0 / 6;
    /** A shaft or a height is read with a rule or a calliper. */
    private static final double RULE = 0.06;

    /** Old cords carry more than they should now and then. */
    private static final double CORD_OVERLOADED = 1.3;

    /**
     * A clue.
     *
     * @param words what was seen and what it says
     * @param leastHp the smallest size that fits it
     * @param mostHp the largest size that fits it
     */
    public record Clue(Sentence words, double leastHp, double mostHp) {}

    public PowerClass {
        clues = List.copyOf(clues);
    }

    /**
     * Works out the class.
     *
     * @param hertz of the shop's supply
     * @param runOhms the run winding with all halves in parallel, Ω at 20 °C, if measured
     * @param runHalves how many run halves come out; 0 where that is not known
     * @return empty where nothing that was seen speaks of its size
     */
    public static Optional<PowerClass> of(Traces traces, int hertz, Optional<Double> runOhms, int runHalves) {
        return new Detective(traces, hertz, runOhms, runHalves).band();
    }

    /** The plate that this class stands in for: the likely size, without amps, at the speed usual for its poles. */
    public Plate standIn(Traces traces, int hertz) {
        int rpm = (int) Math.round(120.0 * hertz / traces.poles(hertz) * (1 - TYPICAL_SLIP));
        return new Plate(
                likelyHp * Plate.WATTS_PER_HP,
                words(),
                List.of(new Plate.Rating(traces.volts(), Optional.empty())),
                hertz,
                rpm,
                new Plate.Extras(
                        traces.family(), Optional.empty(), traces.startMicrofarads(), traces.runMicrofarads(), ""));
    }

    /** The band in words: "1/4 to 3/4 hp". */
    public String words() {
        return leastHp == mostHp ? name(leastHp) + " hp" : name(leastHp) + " to " + name(mostHp) + " hp";
    }

    /** The size that supply and switch are sized for, in words. */
    public String mostWords() {
        return name(mostHp) + " hp";
    }

    /** A standard size as it is said: 3/4, 1 1/2, 2. */
    public static String name(double hp) {
        int whole = (int) hp;
        double rest = hp - whole;
        if (rest < 1e-9) {
            return "" + whole;
        }
        for (int below : new int[] {2, 3, 4, 6, 8, 12, 20}) {
            double above = rest * below;
            if (Math.abs(above - Math.rint(above)) < 1e-9) {
                return (whole > 0 ? whole + " " : "") + Math.round(above) + "/" + below;
            }
        }
        return "" + hp;
    }

    private record Detective(Traces traces, int hertz, Optional<Double> runOhms, int runHalves) {
        Optional<PowerClass> band() {
            List<Clue> clues = new ArrayList<>();
            traces.shaftMillimetres().ifPresent(s -> frame(clues, "clue.shaft", s, Frame::shaftMillimetres));
            traces.heightMillimetres().ifPresent(h -> frame(clues, "clue.height", h, Frame::heightMillimetres));
            runOhms.ifPresent(r -> typical(clues, "clue.ohms", r, OHMS_DIFFER, TypicalMotor::runOhms));
            traces.startMicrofarads()
                    .ifPresent(c -> typical(
                            clues, "clue.startCapacitor", c, CAPACITORS_DIFFER, TypicalMotor::startMicrofarads));
            traces.runMicrofarads()
                    .ifPresent(c ->
                            typical(clues, "clue.runCapacitor", c, CAPACITORS_DIFFER, TypicalMotor::runMicrofarads));
            traces.idleAmps().ifPresent(a -> sizes(clues, "clue.idle", a, hp -> mayIdleAt(a, hp)));
            boolean sized = !clues.isEmpty();
            traces.cordAmps().ifPresent(a -> sizes(clues, "clue.cord", a, hp -> tableAmps(hp) <= a * CORD_OVERLOADED));
            return sized ? Optional.of(together(clues)) : Optional.empty();
        }

        /** The table's current for a size, A; below its first row in proportion. */
        private double tableAmps(double hp) {
            double inTable = Math.max(hp, SMALLEST_IN_TABLE);
            double amps = FullLoadAmps.amps(inTable, 230).orElse(Double.MAX_VALUE);
            return amps * hp / inTable * 230 / traces.volts();
        }

        private boolean mayIdleAt(double amps, double hp) {
            boolean psc = traces.likelyFamily() == MotorFamily.PERMANENT_SPLIT_CAPACITOR;
            double most = tableAmps(hp) * (1 + RULE);
            double least = tableAmps(hp) * (psc ? LEAST_OF_TABLE_PSC : LEAST_OF_TABLE);
            return amps / MOST_IDLE <= most && amps / LEAST_IDLE >= least;
        }

        private static PowerClass together(List<Clue> clues) {
            double least = clues.stream().mapToDouble(Clue::leastHp).max().orElse(0);
            double most = clues.stream().mapToDouble(Clue::mostHp).min().orElse(0);
            boolean agree = least <= most;
            if (!agree) {
                // no size fits them all: nothing is left out, and the larger end is what is sized for
                least = clues.stream().mapToDouble(Clue::leastHp).min().orElse(0);
                most = clues.stream().mapToDouble(Clue::mostHp).max().orElse(0);
            }
            double middle = Math.sqrt(least * most);
            double likely = least;
            for (double size : SIZES) {
                likely = Math.abs(Math.log(size / middle)) < Math.abs(Math.log(likely / middle)) ? size : likely;
            }
            return new PowerClass(least, likely, most, clues, agree);
        }

        private static void frame(List<Clue> clues, String key, double seen, ToDoubleFunction<Frame> dimension) {
            sizes(
                    clues,
                    key,
                    new Sentence.Size(seen),
                    hp -> Frame.ALL.stream()
                            .filter(f -> Math.abs(dimension.applyAsDouble(f) / seen - 1) <= RULE)
                            .anyMatch(f -> hp >= f.leastHp() * 0.95 && hp <= f.mostHp() * 1.05));
        }

        /** The sizes of which a typical motor is within a factor of what was seen. */
        private void typical(
                List<Clue> clues, String key, double seen, double factor, ToDoubleFunction<TypicalMotor> figure) {
            sizes(
                    clues,
                    key,
                    seen,
                    hp -> motors(hp).stream()
                            .mapToDouble(figure)
                            .anyMatch(
                                    typical -> typical > 0 && Math.abs(Math.log(typical / seen)) <= Math.log(factor)));
        }

        private static void sizes(List<Clue> clues, String key, Object seen, DoublePredicate fits) {
            double least = 0;
            double most = 0;
            for (double hp : SIZES) {
                if (fits.test(hp)) {
                    least = least == 0 ? hp : least;
                    most = hp;
                }
            }
            if (most > 0) {
                clues.add(new Clue(Sentence.of(key, seen, name(least), name(most)), least, most));
            }
        }

        /** Typical motors of a size on this voltage; two run halves may be in parallel or in series for it. */
        private List<TypicalMotor> motors(double hp) {
            List<Double> halfVolts = new ArrayList<>();
            boolean mayBeHalf = traces.volts() >= 200 && runHalves != 1;
            if (mayBeHalf) {
                halfVolts.add(traces.volts() / 2.0);
            }
            if (!(mayBeHalf && runHalves == 2 && hertz == 60)) {
                halfVolts.add((double) traces.volts());
            }
            Size size = new Size(traces.likelyFamily(), hp, hertz, traces.poles(hertz));
            Optional<MotorValues> laidOut = TYPICAL.computeIfAbsent(
                    size,
                    k -> PlateFit.fit(Given.typical(
                                            k.family(),
                                            k.hp() * Plate.WATTS_PER_HP,
                                            LAID_OUT_VOLTS,
                                            k.hertz(),
                                            TYPICAL_SLIP)
                                    .withPoles(k.poles(), TYPICAL_SLIP))
                            .value()
                            .map(f -> f.values()));
            return laidOut.stream()
                    .flatMap(m -> halfVolts.stream().map(v -> new TypicalMotor(m, v)))
                    .toList();
        }
    }

    /** A typical motor's figures, its run halves laid out for a voltage. */
    private record TypicalMotor(MotorValues values, double halfVolts) {
        double runOhms() {
            return values.runOhms() * square();
        }

        double startMicrofarads() {
            return values.startMicrofarads() / square();
        }

        double runMicrofarads() {
            return values.runMicrofarads() / square();
        }

        private double square() {
            return Math.pow(halfVolts / LAID_OUT_VOLTS, 2);
        }
    }
}
