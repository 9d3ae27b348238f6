package gatepin.core.circuit;

import java.util.Comparator;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A named thing with terminals: the motor, a drum S1, contactors K1 and K2, an overload relay F2, a capacitor, the supply.
 * The letters are those of IEC 81346-2 as shops use them (from memory; common practice for K).
 *
 * @param name its name, unique in a circuit
 * @param type what it is
 */
public record Device(String name, Type type) implements Comparable<Device> {
    /** What a device is. */
    public enum Type {
        /** The motor: its leads, or the studs of its board. */
        MOTOR,
        /** A capacitor outside the motor's windings, with tags of its own. */
        CAPACITOR,
        /** Wire nuts and connectors. */
        SPLICE,
        /** A switch that a hand throws: drum, toggle, cam. */
        SWITCH,
        /** A contactor: a coil and the contacts it moves. */
        CONTACTOR,
        /** An overload relay: heaters and the contact they open. */
        OVERLOAD_RELAY,
        /** A station of push-buttons, or a limit switch. */
        BUTTONS,
        /** A disconnect that isolates. */
        DISCONNECT,
        /** The enclosure that contactors and relays stand in. */
        BOX,
        /** The conductors that bring the supply. */
        SUPPLY,
        /** Joints inside the motor that no wire can reach. */
        INSIDE
    }

    public static final Device MOTOR = new Device("motor", Type.MOTOR);
    public static final Device CAPACITOR = new Device("capacitor", Type.CAPACITOR);
    public static final Device SPLICE = new Device("splice", Type.SPLICE);
    /** The reversing switch where there is one only. */
    public static final Device SWITCH = new Device("S1", Type.SWITCH);

    public static final Device BOX = new Device("box", Type.BOX);
    public static final Device SUPPLY = new Device("supply", Type.SUPPLY);
    public static final Device INSIDE = new Device("inside", Type.INSIDE);

    private static final Pattern CAPACITOR_NAME = Pattern.compile("capacitor[0-9]{0,2}");
    private static final Pattern LETTERED = Pattern.compile("([SKFBQ])[0-9]{1,2}");
    private static final Comparator<Device> ORDER =
            Comparator.comparing(Device::type).thenComparing(Device::name, Marks.NATURAL_ORDER);

    /** The device that a name stands for; empty where it is no name of a device. */
    public static Optional<Device> named(String name) {
        Optional<Device> plain = switch (name) {
            case "motor" -> Optional.of(MOTOR);
            case "splice" -> Optional.of(SPLICE);
            case "supply" -> Optional.of(SUPPLY);
            case "box" -> Optional.of(BOX);
            case "inside" -> Optional.of(INSIDE);
            default -> Optional.empty();
        };
        Matcher lettered = LETTERED.matcher(name);
        if (plain.isPresent() || !lettered.matches()) {
            return CAPACITOR_NAME.matcher(name).matches() ? Optional.of(new Device(name, Type.CAPACITOR)) : plain;
        }
        return Optional.of(new Device(
                name,
                switch (lettered.group(1)) {
                    case "S" -> Type.SWITCH;
                    case "K" -> Type.CONTACTOR;
                    case "F" -> Type.OVERLOAD_RELAY;
                    case "B" -> Type.BUTTONS;
                    default -> Type.DISCONNECT;
                }));
    }

    /** Whether it has a metal enclosure of its own that can come alive, with a ground screw G. */
    public boolean hasFrame() {
        return switch (type) {
            case MOTOR, SWITCH, BUTTONS, DISCONNECT, BOX -> true;
            case CAPACITOR, SPLICE, CONTACTOR, OVERLOAD_RELAY, SUPPLY, INSIDE -> false;
        };
    }

    /** The ground screw of the enclosure it sits in; empty for what sits in none. */
    public Optional<Terminal> frame() {
        if (hasFrame()) {
            return Optional.of(Terminal.frameOf(this));
        }
        return type == Type.CONTACTOR || type == Type.OVERLOAD_RELAY
                ? Optional.of(Terminal.frameOf(BOX))
                : Optional.empty();
    }

    @Override
    public int compareTo(Device other) {
        return ORDER.compare(this, other);
    }

    @Override
    public String toString() {
        return name;
    }
}
