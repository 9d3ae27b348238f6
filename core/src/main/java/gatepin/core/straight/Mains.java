package gatepin.core.straight;

import gatepin.core.circuit.Supply;
import gatepin.core.supply.Region;
import java.util.Arrays;
import java.util.Optional;

/** A supply as people call it, with the land it is found in and the voltage that plates give it (common practice). */
public enum Mains {
    V120("120", "120 V, hot and neutral", Region.NORTH_AMERICA, 115),
    V240("240", "240 V, two hots", Region.NORTH_AMERICA, 230),
    V230("230", "230 V, line and neutral", Region.IEC, 230);

    private final String key;
    private final String words;
    private final Region region;
    private final int plateVolts;

    Mains(String key, String words, Region region, int plateVolts) {
        this.key = key;
        this.words = words;
        this.region = region;
        this.plateVolts = plateVolts;
    }

    /** What stands for it in addresses. */
    public String key() {
        return key;
    }

    public String words() {
        return words;
    }

    /** Whose words and rules hold there. */
    public Region region() {
        return region;
    }

    /** The supply that the engine runs the motor on: the plate's volts. */
    public Supply supply() {
        return new Supply(plateVolts, region.hertz(), region.usualKind(plateVolts));
    }

    static Optional<Mains> of(String key) {
        return Arrays.stream(values()).filter(m -> m.key.equals(key)).findFirst();
    }
}
