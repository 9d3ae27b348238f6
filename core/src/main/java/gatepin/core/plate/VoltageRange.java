package gatepin.core.plate;

import java.util.List;

/**
 * Which voltages of a plate belong to one connection. A plate writes a range for one connection with a hyphen, as 208-230;
 * the other connection of a two-voltage motor lies at half or double of it.
 */
public final class VoltageRange {
    /** Voltages nearer to each other than this belong to one connection (common practice: 208 and 230, 220 and 240). */
    private static final double ONE_CONNECTION = 1.3;

    private VoltageRange() {}

    /** Whether two voltages belong to one connection. */
    public static boolean same(int one, int other) {
        return Math.max(one, other) < ONE_CONNECTION * Math.min(one, other);
    }

    /** Whether a plate's voltages, lowest first, are for two connections. */
    public static boolean isDual(List<Integer> plateVolts) {
        return plateVolts.size() > 1 && !same(plateVolts.get(0), plateVolts.get(plateVolts.size() - 1));
    }

    /** One voltage for each connection, the highest of its range, lowest first. */
    public static List<Integer> connections(List<Integer> plateVolts) {
        return plateVolts.stream()
                .filter(v -> plateVolts.stream().noneMatch(other -> other > v && same(v, other)))
                .toList();
    }

    /** Whether this is a voltage of the lower of two connections. */
    public static boolean isLower(int volts, List<Integer> plateVolts) {
        return isDual(plateVolts) && plateVolts.contains(volts) && same(volts, plateVolts.get(0));
    }

    /** Whether this is a voltage of the higher of two connections. */
    public static boolean isHigher(int volts, List<Integer> plateVolts) {
        return isDual(plateVolts) && plateVolts.contains(volts) && !same(volts, plateVolts.get(0));
    }
}
