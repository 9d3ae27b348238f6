package gatepin.core.circuit;

import java.util.Comparator;

/**
 * A point a wire can land on.
 *
 * @param place where it sits
 * @param mark what is stamped or written there, as the person reads it; never blank
 */
public record Terminal(Place place, String mark) implements Comparable<Terminal> {
    /** The first line: the hot of a hot-and-neutral supply, one of two hots otherwise. */
    public static final Terminal L1 = new Terminal(Place.SUPPLY, "L1");
    /** The second line: the neutral of a hot-and-neutral supply, the other hot otherwise. */
    public static final Terminal L2 = new Terminal(Place.SUPPLY, "L2");
    /** The ground (earth) conductor of the supply. */
    public static final Terminal GROUND = new Terminal(Place.SUPPLY, "G");
    /** The ground screw of the motor's frame. */
    public static final Terminal MOTOR_FRAME = new Terminal(Place.MOTOR, "G");
    /** The ground screw of the switch's box. */
    public static final Terminal SWITCH_FRAME = new Terminal(Place.SWITCH, "G");

    private static final Comparator<Terminal> ORDER =
            Comparator.comparing(Terminal::place).thenComparing(Terminal::mark, Marks.NATURAL_ORDER);

    public Terminal {
        if (mark.isBlank()) {
            throw new IllegalArgumentException("a terminal in the " + place.word() + " has a blank mark");
        }
    }

    public static Terminal motor(String mark) {
        return new Terminal(Place.MOTOR, mark);
    }

    public static Terminal onSwitch(String mark) {
        return new Terminal(Place.SWITCH, mark);
    }

    public static Terminal splice(String mark) {
        return new Terminal(Place.SPLICE, mark);
    }

    /** The inverse of {@link #id()}. */
    public static Terminal fromId(String id) {
        int dot = id.indexOf('.');
        if (dot > 0) {
            for (Place place : Place.values()) {
                if (place.word().equals(id.substring(0, dot))) {
                    return new Terminal(place, id.substring(dot + 1));
                }
            }
        }
        throw new IllegalArgumentException(
                "'" + id + "' does not name a terminal: write place.mark, such as motor.T1 or switch.3");
    }

    /** Place and mark in one word, such as {@code motor.T1}: unique within a wiring. */
    public String id() {
        return place.word() + "." + mark;
    }

    public boolean isLine() {
        return equals(L1) || equals(L2);
    }

    public boolean isGround() {
        return equals(GROUND) || equals(MOTOR_FRAME) || equals(SWITCH_FRAME);
    }

    @Override
    public int compareTo(Terminal other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        return id();
    }
}
