package gatepin.core.supply;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Full-load current of single-phase AC motors by horsepower (NEC Table 430.248, from memory). Conductors and breakers are
 * sized from it, the overload from the plate.
 */
public final class FullLoadAmps {
    private static final NavigableMap<Double, double[]> AMPS = new TreeMap<>(Map.ofEntries(
            row(1.0 / 6, 4.4, 2.5, 2.4, 2.2),
            row(1.0 / 4, 5.8, 3.3, 3.2, 2.9),
            row(1.0 / 3, 7.2, 4.1, 4.0, 3.6),
            row(1.0 / 2, 9.8, 5.6, 5.4, 4.9),
            row(3.0 / 4, 13.8, 7.9, 7.6, 6.9),
            row(1, 16, 9.2, 8.8, 8.0),
            row(1.5, 20, 11.5, 11.0, 10),
            row(2, 24, 13.8, 13.2, 12),
            row(3, 34, 19.6, 18.7, 17),
            row(5, 56, 32.2, 30.8, 28),
            row(7.5, 80, 46.0, 44.0, 40),
            row(10, 100, 57.5, 55.0, 50)));

    private FullLoadAmps() {}

    private static Map.Entry<Double, double[]> row(double hp, double at115, double at200, double at208, double at230) {
        return Map.entry(hp, new double[] {at115, at200, at208, at230});
    }

    /**
     * The table's current, A. Between two sizes the larger one's counts.
     *
     * @param horsepower rated output, hp
     * @param volts rated voltage: 110 to 120 counts as 115, 220 to 240 as 230
     * @return empty where the table has no row or column
     */
    public static Optional<Double> amps(double horsepower, int volts) {
        int column = volts >= 105 && volts <= 125
                ? 0
                : volts == 200 ? 1 : volts == 208 ? 2 : volts >= 220 && volts <= 240 ? 3 : -1;
        Map.Entry<Double, double[]> row = AMPS.ceilingEntry(horsepower - 1e-3 * horsepower);
        return column < 0 || row == null ? Optional.empty() : Optional.of(row.getValue()[column]);
    }
}
