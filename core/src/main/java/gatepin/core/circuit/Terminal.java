package gatepin.core.circuit;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * A point a wire can land on, written {@code motor.T5}, {@code S1.3} or {@code K1.A1}.
 *
 * @param device what it sits on
 * @param mark what is stamped or written there, as the person reads it; never blank
 */
public record Terminal(Device device, String mark) implements Comparable<Terminal> {
    /** The first line: the hot of a hot-and-neutral supply, one of two hots otherwise. */
    public static final Terminal L1 = new Terminal(Device.SUPPLY, "L1");
    /** The second line: the neutral of a hot-and-neutral supply, the other hot otherwise. */
    public static final Terminal L2 = new Terminal(Device.SUPPLY, "L2");
    /** The ground (earth) conductor of the supply. */
    public static final Terminal GROUND = new Terminal(Device.SUPPLY, "G");
    /** The ground screw of the motor's frame. */
    public static final Terminal MOTOR_FRAME = frameOf(Device.MOTOR);
    /** The ground screw of the switch's box. */
    public static final Terminal SWITCH_FRAME = frameOf(Device.SWITCH);

    private static final Comparator<Terminal> ORDER =
            Comparator.comparing(Terminal::device).thenComparing(Terminal::mark, Marks.NATURAL_ORDER);

    public Terminal {
        if (mark.isBlank()) {
            throw new IllegalArgumentException("a terminal of " + device.name() + " has a blank mark");
        }
    }

    public static Terminal motor(String mark) {
        return new Terminal(Device.MOTOR, mark);
    }

    /** A tag of the capacitor beside the motor. */
    public static Terminal capacitor(String mark) {
        return new Terminal(Device.CAPACITOR, mark);
    }

    public static Terminal onSwitch(String mark) {
        return new Terminal(Device.SWITCH, mark);
    }

    public static Terminal splice(String mark) {
        return new Terminal(Device.SPLICE, mark);
    }

    /** A joint inside the motor. */
    public static Terminal inside(String mark) {
        return new Terminal(Device.INSIDE, mark);
    }

    /** The ground screw of a device's enclosure. */
    public static Terminal frameOf(Device device) {
        return new Terminal(device, "G");
    }

    /** The inverse of {@link #id()}. */
    public static Terminal fromId(String id) {
        int dot = id.indexOf('.');
        if (dot > 0) {
            var device = Device.named(id.substring(0, dot));
            if (device.isPresent()) {
                return new Terminal(device.orElseThrow(), id.substring(dot + 1));
            }
        }
        throw new IllegalArgumentException(
                "'" + id + "' does not name a terminal: write device.mark, such as motor.T1 or S1.3");
    }

    /** Device and mark in one word, such as {@code motor.T1}: unique within a circuit. */
    public String id() {
        return device.name() + "." + mark;
    }

    /** Whether it sits on a device of a type. */
    public boolean is(Device.Type type) {
        return device.type() == type;
    }

    /** Whether it sits on the gear between motor and supply: a switch, contactors, and what stands before them. */
    public boolean isGear() {
        return switch (device.type()) {
            case SWITCH, CONTACTOR, OVERLOAD_RELAY, BUTTONS, DISCONNECT -> !isFrame();
            case MOTOR, CAPACITOR, SPLICE, BOX, SUPPLY, INSIDE -> false;
        };
    }

    /**
     * How it is read out: by its mark, with its device where a mark alone would be taken for another's.
     */
    public String label() {
        return isGear() && !device.equals(Device.SWITCH) ? id() : mark;
    }

    public boolean isLine() {
        return equals(L1) || equals(L2);
    }

    /** The ground screw of an enclosure, the motor's frame among them. */
    public boolean isFrame() {
        return device.hasFrame() && mark.equals("G");
    }

    public boolean isGround() {
        return equals(GROUND) || isFrame();
    }

    @Override
    public int hashCode() {
        // strings keep theirs, and a device's name is unique in a circuit
        return 31 * device.name().hashCode() + mark.hashCode();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Terminal t && mark.equals(t.mark) && (device == t.device || device.equals(t.device));
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
