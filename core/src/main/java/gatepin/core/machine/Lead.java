package gatepin.core.machine;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A lead that comes out of the motor.
 *
 * @param mark its mark, such as T1 or U1; unique in the motor
 * @param colour its colour in words; empty where it has none or nobody noted it
 * @param ends the winding ends it brings out: one, or several where ends are joined inside
 */
public record Lead(String mark, String colour, List<WindingEnd> ends) {
    /**
     * One end of a winding.
     *
     * @param role the role of the winding
     * @param number 1 for the first winding of that circuit, 2 for its second half
     * @param like whether this is the like end (odd mark)
     */
    public record WindingEnd(Role role, int number, boolean like) {
        public String windingName() {
            return role.word() + " " + number;
        }
    }

    public Lead {
        ends = ends.stream()
                .sorted(Comparator.comparing(WindingEnd::role).thenComparing(WindingEnd::number))
                .toList();
        if (ends.isEmpty()) {
            throw new IllegalArgumentException(mark + " ends no winding");
        }
    }

    /** A lead that brings out one end. */
    public Lead(String mark, String colour, WindingEnd end) {
        this(mark, colour, List.of(end));
    }

    /** The first winding end it brings out; the only one unless ends are joined inside. */
    public WindingEnd winding() {
        return ends.get(0);
    }

    /** Whether it brings out an end of this circuit. */
    public boolean isOf(Role role) {
        return ends.stream().anyMatch(e -> e.role() == role);
    }

    /** Whether it brings out the end of a winding that another lead brings out too. */
    public boolean sharesWindingWith(Lead other) {
        return ends.stream()
                .anyMatch(e -> other.ends.stream().anyMatch(o -> o.windingName().equals(e.windingName())));
    }

    /** The windings it ends, in words: "run 1" or "run 1 + start 1". */
    public String windingNames() {
        return ends.stream().map(WindingEnd::windingName).collect(Collectors.joining(" + "));
    }

    /** Where it is met: on the motor, or on the capacitor that it is a tag of. */
    public Terminal terminal() {
        return isCapacitorTag() ? Terminal.capacitor(mark) : Terminal.motor(mark);
    }

    /** It ends nothing but a capacitor. */
    public boolean isCapacitorTag() {
        return ends.stream().allMatch(e -> e.role() == Role.CAPACITOR);
    }
}
