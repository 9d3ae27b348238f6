package gatepin.core.supply;

import java.util.List;

/**
 * A copper conductor.
 *
 * @param name its size as it is asked for: "14 AWG" or "2.5 mm²"
 * @param ohmsPerKilometre resistance, Ω/km: AWG stranded at 75 °C (NEC chapter 9 table 8, from memory), metric at 20 °C
 *     (IEC 60228, from memory)
 * @param amps what it may carry: AWG in the 60 °C column (NEC 310.16, from memory); metric for two loaded cores in conduit
 *     on a wall, method B2 (IEC 60364-5-52, from memory)
 */
public record ConductorSize(String name, double ohmsPerKilometre, double amps) {
    private static final double FEET_PER_KILOMETRE = 3280.84;

    /** American sizes, smallest first. */
    public static final List<ConductorSize> AWG = List.of(
            awg(14, 3.14, 15),
            awg(12, 1.98, 20),
            awg(10, 1.24, 30),
            awg(8, 0.778, 40),
            awg(6, 0.491, 55),
            awg(4, 0.308, 70),
            awg(2, 0.194, 95));

    /** Metric sizes, smallest first. */
    public static final List<ConductorSize> METRIC = List.of(
            new ConductorSize("1.5 mm²", 12.1, 16.5),
            new ConductorSize("2.5 mm²", 7.41, 23),
            new ConductorSize("4 mm²", 4.61, 30),
            new ConductorSize("6 mm²", 3.08, 38),
            new ConductorSize("10 mm²", 1.83, 52),
            new ConductorSize("16 mm²", 1.15, 69));

    private static ConductorSize awg(int gauge, double ohmsPerThousandFeet, double amps) {
        return new ConductorSize(gauge + " AWG", ohmsPerThousandFeet * FEET_PER_KILOMETRE / 1000, amps);
    }
}
