package gatepin.core.supply;

import java.util.Arrays;
import java.util.List;
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

    /** Three-phase: 200, 208, 230 and 460 V (NEC Table 430.250, from memory). */
    private static final NavigableMap<Double, double[]> THREE_PHASE = new TreeMap<>(Map.ofEntries(
            row(1.0 / 2, 2.5, 2.4, 2.2, 1.1),
            row(3.0 / 4, 3.7, 3.5, 3.2, 1.6),
            row(1, 4.8, 4.6, 4.2, 2.1),
            row(1.5, 6.9, 6.6, 6.0, 3.0),
            row(2, 7.8, 7.5, 6.8, 3.4),
            row(3, 11.0, 10.6, 9.6, 4.8),
            row(5, 17.5, 16.7, 15.2, 7.6),
            row(7.5, 25.3, 24.2, 22, 11),
            row(10, 32.2, 30.8, 28, 14)));

    /** Columns of the single-phase table, V. */
    public static final List<Integer> VOLTS = List.of(115, 200, 208, 230);
    /** Columns of the three-phase table, V. */
    public static final List<Integer> THREE_PHASE_VOLTS = List.of(200, 208, 230, 460);

    private FullLoadAmps() {}

    /**
     * A row of a table.
     *
     * @param horsepower rated output, hp
     * @param amps by the table's columns, A
     */
    public record Row(double horsepower, List<Double> amps) {}

    /** The single-phase table as it is printed. */
    public static List<Row> rows() {
        return rows(AMPS);
    }

    /** The three-phase table as it is printed. */
    public static List<Row> threePhaseRows() {
        return rows(THREE_PHASE);
    }

    private static List<Row> rows(NavigableMap<Double, double[]> table) {
        return table.entrySet().stream()
                .map(e ->
                        new Row(e.getKey(), Arrays.stream(e.getValue()).boxed().toList()))
                .toList();
    }

    private static Map.Entry<Double, double[]> row(double hp, double... amps) {
        return Map.entry(hp, amps);
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
        return amps(AMPS, horsepower, column);
    }

    /** The same for a three-phase motor; 440 to 480 V counts as 460. */
    public static Optional<Double> threePhase(double horsepower, int volts) {
        int column = volts == 200
                ? 0
                : volts == 208 ? 1 : volts >= 220 && volts <= 240 ? 2 : volts >= 440 && volts <= 480 ? 3 : -1;
        return amps(THREE_PHASE, horsepower, column);
    }

    private static Optional<Double> amps(NavigableMap<Double, double[]> table, double horsepower, int column) {
        Map.Entry<Double, double[]> row = table.ceilingEntry(horsepower - 1e-3 * horsepower);
        return column < 0 || row == null ? Optional.empty() : Optional.of(row.getValue()[column]);
    }
}
