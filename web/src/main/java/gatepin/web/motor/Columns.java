package gatepin.web.motor;

import gatepin.core.diagram.Column;
import gatepin.core.plate.VoltageRange;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;

/**
 * The columns of a motor's diagram.
 *
 * @param byVolts by the voltage they stand under
 */
public record Columns(Map<Integer, Column> byVolts) {
    public Columns {
        byVolts = Map.copyOf(byVolts);
    }

    /** The column for a voltage: its own, or else that of a voltage of the same connection. */
    public Optional<Column> at(int volts) {
        return byVolts.keySet().stream()
                .filter(v -> VoltageRange.same(v, volts))
                .min(Comparator.comparingInt((Integer v) -> Math.abs(v - volts)).thenComparingInt(v -> v))
                .map(byVolts::get)
                .map(c -> new Column(c.connection().at(volts), c.rotation(), c.rebuilt()));
    }
}
