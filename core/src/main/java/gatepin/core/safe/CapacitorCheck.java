package gatepin.core.safe;

import java.util.Optional;

/**
 * A capacitor of the machine, and what was measured on it.
 *
 * @param name what it is called
 * @param microfarads capacitance, µF
 * @param volts the alternating voltage on its can, V rms
 * @param bleedOhms its bleed resistor, Ω; empty where none was seen. Its presence proves nothing: it may be open
 * @param voltsAfter what a meter showed across it last, V; empty while nobody measured
 */
public record CapacitorCheck(
        String name, double microfarads, int volts, Optional<Double> bleedOhms, Optional<Double> voltsAfter) {
    /** The charge it can hold. */
    public Discharge discharge() {
        return Discharge.onAlternating(microfarads, volts);
    }

    public boolean isDischarged() {
        return voltsAfter.map(v -> v <= Discharge.SAFE_VOLTS).orElse(false);
    }
}
