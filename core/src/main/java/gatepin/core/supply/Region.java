package gatepin.core.supply;

import gatepin.core.circuit.Supply;
import java.util.List;

/** Whose words, sizes and rules hold. */
public enum Region {
    /** 120/240 V split-phase or 208 V, 60 Hz; AWG; NEC. */
    NORTH_AMERICA(
            "North America: 120 and 240 V, 60 Hz",
            new NorthAmericanCode(),
            Breaker.INVERSE_TIME,
            ConductorSize.AWG,
            LengthUnit.FEET),
    /** 230 V, 50 Hz; mm²; IEC. */
    IEC("230 V, 50 Hz lands", new IecCode(), Breaker.C, ConductorSize.METRIC, LengthUnit.METRES);

    private final String words;
    private final WiringCode code;
    private final Breaker breaker;
    private final List<ConductorSize> sizes;
    private final LengthUnit lengths;

    Region(String words, WiringCode code, Breaker breaker, List<ConductorSize> sizes, LengthUnit lengths) {
        this.words = words;
        this.code = code;
        this.breaker = breaker;
        this.sizes = sizes;
        this.lengths = lengths;
    }

    /** Where that is, for a choice. */
    public String words() {
        return words;
    }

    /** The rules that hold there. */
    public WiringCode code() {
        return code;
    }

    /** What cable and wire are measured in. */
    public LengthUnit lengths() {
        return lengths;
    }

    /** The usual breaker for a motor. */
    public Breaker breaker() {
        return breaker;
    }

    /** Whether a supply of this voltage usually has two hots: in North America from 200 V on (common practice). */
    public Supply.Kind usualKind(int volts) {
        return this == NORTH_AMERICA && volts >= 200 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
    }

    /** Conductor sizes, smallest first. */
    public List<ConductorSize> sizes() {
        return sizes;
    }

    /** The voltages that a shop there can give a motor, as plates call them, V, the lowest first. */
    public List<Integer> volts() {
        return this == IEC ? List.of(230) : List.of(115, 230);
    }

    /** The frequency of its supplies, Hz. */
    public int hertz() {
        return this == NORTH_AMERICA ? 60 : 50;
    }

    /** The region whose mains have this frequency: 60 Hz in North America (common practice; some 60 Hz lands use IEC rules). */
    public static Region at(int hertz) {
        return hertz == 60 ? NORTH_AMERICA : IEC;
    }

    /** What the grounded frame's wire is called. */
    public String ground() {
        return this == NORTH_AMERICA ? "ground" : "earth";
    }

    /** What a thing that is joined to a line is said to be. */
    public String live() {
        return this == NORTH_AMERICA ? "hot" : "live";
    }

    /** What trips at a current that comes back another way. */
    public String residual() {
        return this == NORTH_AMERICA ? "GFCI" : "RCD";
    }

    /** What the hot line is called. */
    public String hot() {
        return this == NORTH_AMERICA ? "hot" : "line";
    }
}
