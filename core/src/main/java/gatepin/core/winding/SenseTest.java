package gatepin.core.winding;

import java.util.List;

/**
 * How two run halves are wound to each other, which no ohmmeter shows. One half is fed with a low alternating voltage, its
 * far end joined with one end of the other half: across both in series the meter shows the sum where they aid and the
 * difference where they oppose (common practice).
 */
public final class SenseTest {
    /** What a test says. */
    public enum Sense {
        /** The end of one half is joined with the beginning of the other. */
        AIDING,
        /** Two ends, or two beginnings, are joined. */
        OPPOSING,
        /** The figures do not tell. */
        UNSURE
    }

    private static final List<Integer> VOLTS = List.of(24, 12, 6);
    private static final double MOST_AMPS = 5;

    private SenseTest() {}

    /**
     * From voltages.
     *
     * @param fedVolts across the half that is fed, V
     * @param seriesVolts across both halves in series, V
     */
    public static Sense byVolts(double fedVolts, double seriesVolts) {
        double share = seriesVolts / fedVolts;
        return share > 1.2 ? Sense.AIDING : share < 0.8 ? Sense.OPPOSING : Sense.UNSURE;
    }

    /**
     * From the currents that the two halves in series draw on one voltage: aiding draws little, opposing much.
     *
     * @param amps joined as said
     * @param amps2 joined the other way round
     */
    public static Sense byAmps(double amps, double amps2) {
        return amps * 1.3 < amps2 ? Sense.AIDING : amps2 * 1.3 < amps ? Sense.OPPOSING : Sense.UNSURE;
    }

    /** A transformer's voltage that drives no more than a few amperes through a half, V; the lowest where all would. */
    public static int volts(double halfOhms) {
        return VOLTS.stream().filter(v -> v / halfOhms <= MOST_AMPS).findFirst().orElse(VOLTS.get(VOLTS.size() - 1));
    }
}
