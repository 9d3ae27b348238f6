package gatepin.core.supply;

import java.util.List;
import java.util.Optional;

/**
 * An outlet and the plug that belongs to it, by their standard designation (NEMA WD 6, IEC 60309, IEC 60884, BS 1363, AS/NZS 3112; all from
 * memory).
 *
 * @param name the designation, as it is stored and shown
 * @param region where it is found
 * @param lines what its line contacts bring
 * @param amps what it is rated for, A
 * @param steadyAmps what it carries for hours, A (common practice: a household outlet less than its rating)
 * @param grounded whether it has a contact for the ground
 * @param locking whether the plug is turned and held
 */
public record Outlet(
        String name, Region region, Lines lines, int amps, double steadyAmps, boolean grounded, boolean locking) {
    /** What the line contacts bring. */
    public enum Lines {
        /** One hot of 120 V and the neutral. */
        LOW,
        /** Two hots of 240 V, and no neutral. */
        HIGH,
        /** Two hots and the neutral beside them. */
        HIGH_AND_NEUTRAL,
        /** One phase of 230 V and the neutral. */
        PHASE
    }

    private static final List<Outlet> ALL = List.of(
            nema("NEMA 5-15", Lines.LOW, 15),
            nema("NEMA 5-20", Lines.LOW, 20),
            nema("NEMA 5-30", Lines.LOW, 30),
            nema("NEMA 5-50", Lines.LOW, 50),
            nema("NEMA 6-15", Lines.HIGH, 15),
            nema("NEMA 6-20", Lines.HIGH, 20),
            nema("NEMA 6-30", Lines.HIGH, 30),
            nema("NEMA 6-50", Lines.HIGH, 50),
            nema("NEMA 14-30", Lines.HIGH_AND_NEUTRAL, 30),
            nema("NEMA 14-50", Lines.HIGH_AND_NEUTRAL, 50),
            new Outlet("NEMA 10-30", Region.NORTH_AMERICA, Lines.HIGH_AND_NEUTRAL, 30, 30, false, false),
            locking("NEMA L5-15", Lines.LOW, 15),
            locking("NEMA L5-20", Lines.LOW, 20),
            locking("NEMA L6-15", Lines.HIGH, 15),
            locking("NEMA L6-20", Lines.HIGH, 20),
            locking("NEMA L6-30", Lines.HIGH, 30),
            household("household outlet 16 A", 16, 13),
            household("household outlet 13 A, fused plug", 13, 13),
            household("household outlet 10 A", 10, 8),
            household("household outlet 15 A", 15, 13),
            new Outlet("IEC 60309 16 A 2P+E 6h (blue)", Region.IEC, Lines.PHASE, 16, 16, true, false),
            new Outlet("IEC 60309 32 A 2P+E 6h (blue)", Region.IEC, Lines.PHASE, 32, 32, true, false),
            new Outlet("IEC 60309 63 A 2P+E 6h (blue)", Region.IEC, Lines.PHASE, 63, 63, true, false));

    private static Outlet nema(String name, Lines lines, int amps) {
        return new Outlet(name, Region.NORTH_AMERICA, lines, amps, amps, true, false);
    }

    private static Outlet locking(String name, Lines lines, int amps) {
        return new Outlet(name, Region.NORTH_AMERICA, lines, amps, amps, true, true);
    }

    private static Outlet household(String name, int amps, double steady) {
        return new Outlet(name, Region.IEC, Lines.PHASE, amps, steady, true, false);
    }

    /** Those a region knows, the usual first. */
    public static List<Outlet> of(Region region) {
        return ALL.stream().filter(o -> o.region() == region).toList();
    }

    /** The outlet of a name; empty where there is none, and for fixed wiring. */
    public static Optional<Outlet> named(String name) {
        return ALL.stream().filter(o -> o.name().equals(name)).findFirst();
    }

    /** Which conductor of the supply cord goes where in the plug, a sentence (NEC 200.10, IEC 60445, from memory). */
    public String screws() {
        WiringCode.Colours colours = region.code().colours();
        String first = colours.lines().get(0);
        String begin = Character.toUpperCase(first.charAt(0)) + first.substring(1);
        String second = colours.lines().get(1);
        return switch (lines) {
            case LOW ->
                begin + " under the brass screw, " + second + " under the silver one, " + colours.ground()
                        + " under the green one.";
            case HIGH ->
                begin + " and the re-marked " + second + " under the two brass screws, " + colours.ground()
                        + " under the green one.";
            case HIGH_AND_NEUTRAL ->
                begin + " and the re-marked " + second + " under the two brass screws, " + colours.ground()
                        + " under the green one; nothing under the silver one.";
            case PHASE -> begin + " to L, " + second + " to N, " + colours.ground() + " to the earth.";
        };
    }

    /** Why a motor is not put on it. */
    public enum Objection {
        /** It belongs to another land's mains. */
        ELSEWHERE,
        /** It brings another voltage, or no second hot where two are wanted. */
        OTHER_VOLTAGE,
        /** It has no contact for the ground. */
        NO_GROUND,
        /** The motor asks for more than it carries. */
        TOO_SMALL
    }

    /**
     * Why a motor is not put on it; empty where it carries the motor, also where it could carry more.
     *
     * @param high whether the motor is to run between two hots, in North America
     * @param amps what it has to carry, with what the rules add, A
     */
    public Optional<Objection> objection(boolean high, double amps) {
        boolean brings = lines == Lines.PHASE || (lines == Lines.LOW) != high;
        if (!brings) {
            return Optional.of(Objection.OTHER_VOLTAGE);
        }
        if (!grounded) {
            return Optional.of(Objection.NO_GROUND);
        }
        return steadyAmps < amps ? Optional.of(Objection.TOO_SMALL) : Optional.empty();
    }

    /** Whether a plug of another designation goes in: one of 15 A into a straight outlet of 20 A of the same voltage (NEMA WD 6). */
    public boolean takesPlugOf(Outlet other) {
        return equals(other)
                || !locking
                        && !other.locking
                        && region == Region.NORTH_AMERICA
                        && other.region == Region.NORTH_AMERICA
                        && lines == other.lines
                        && lines != Lines.HIGH_AND_NEUTRAL
                        && amps == 20
                        && other.amps == 15;
    }
}
