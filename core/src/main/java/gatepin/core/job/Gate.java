package gatepin.core.job;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** The gates of a job in the order of work. */
public enum Gate {
    SAFE("Safe", EnumSet.of(Fact.SAFE)),
    FOUND("As found", EnumSet.noneOf(Fact.class)),
    PLATE("Plate", EnumSet.of(Fact.PLATE)),
    DIAGRAM("Diagram", EnumSet.of(Fact.LEADS, Fact.VOLTAGE, Fact.CONNECTION)),
    WINDINGS("Windings", EnumSet.of(Fact.LEADS, Fact.WINDINGS)),
    SUPPLY("Supply", EnumSet.of(Fact.PLATE, Fact.VOLTAGE)),
    ROTATION("Rotation", EnumSet.noneOf(Fact.class)),
    SWITCH("Switch", EnumSet.of(Fact.LEADS, Fact.VOLTAGE, Fact.CONNECTION, Fact.SWITCH, Fact.PLAN, Fact.CONTROL)),
    WIRE("Wire", wiring()),
    COLD("Cold check", wiring(Fact.MENDED)),
    LIVE("Live check", wiring(Fact.MENDED)),
    HANDOVER("Hand over", wiring(Fact.MENDED, Fact.PAPERS));

    private final String title;
    private final Set<Fact> reliesOn;

    Gate(String title, Set<Fact> reliesOn) {
        this.title = title;
        this.reliesOn = Set.copyOf(reliesOn);
    }

    /** All that the wires hang on, and what is named besides. */
    private static Set<Fact> wiring(Fact... more) {
        Set<Fact> all = EnumSet.of(
                Fact.LEADS,
                Fact.VOLTAGE,
                Fact.CONNECTION,
                Fact.SWITCH,
                Fact.PLAN,
                Fact.CONTROL,
                Fact.AHEAD,
                Fact.WIRES);
        all.addAll(Arrays.asList(more));
        return all;
    }

    public String title() {
        return title;
    }

    /** The word used in addresses and in the database. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The gate of a word; empty where it is none. */
    public static Optional<Gate> of(String word) {
        return Arrays.stream(values()).filter(g -> g.word().equals(word)).findFirst();
    }

    /** The facts whose change drops this gate's pin; of parts each says itself who relies on it. */
    public Set<Fact> reliesOn() {
        return reliesOn;
    }
}
