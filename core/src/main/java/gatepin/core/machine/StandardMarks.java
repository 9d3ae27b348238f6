package gatepin.core.machine;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead.WindingEnd;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What standard lead marks say: main halves T1–T2 and T3–T4, auxiliary halves T5–T6 and T7–T8, protector P1–P2 and, with
 * three terminals, P1–P3 (NEMA MG 1 part 2, from memory); a capacitor's own leads C1–C2 (common practice); main U1–U2, auxiliary Z1–Z2 (IEC 60034-8, from memory). Odd numbers are the
 * like ends. A start winding for one voltage comes out as T5 and T8, on some plates as T6 and T8: its two ends
 * are then marked by two halves joined inside.
 */
public final class StandardMarks {
    private static final Map<String, WindingEnd> MEANING = Map.ofEntries(
            entry("T1", Role.RUN, 1, true),
            entry("T2", Role.RUN, 1, false),
            entry("T3", Role.RUN, 2, true),
            entry("T4", Role.RUN, 2, false),
            entry("T5", Role.START, 1, true),
            entry("T6", Role.START, 1, false),
            entry("T7", Role.START, 2, true),
            entry("T8", Role.START, 2, false),
            entry("P1", Role.PROTECTOR, 1, true),
            entry("P2", Role.PROTECTOR, 1, false),
            entry("P3", Role.PROTECTOR, 2, false),
            entry("C1", Role.CAPACITOR, 1, true),
            entry("C2", Role.CAPACITOR, 1, false),
            entry("U1", Role.RUN, 1, true),
            entry("U2", Role.RUN, 1, false),
            entry("V1", Role.RUN, 2, true),
            entry("V2", Role.RUN, 2, false),
            entry("Z1", Role.START, 1, true),
            entry("Z2", Role.START, 1, false));

    /** Colours, where a maker uses them for T1 to T8 and P2 (NEMA MG 1 part 2, from memory). */
    private static final Map<String, String> COLOURS = Map.of(
            "T1", "blue", "T2", "white", "T3", "orange", "T4", "yellow", "T5", "black", "T6", "grey", "T7", "pink",
            "T8", "red", "P2", "brown");

    private StandardMarks() {}

    private static Map.Entry<String, WindingEnd> entry(String mark, Role role, int number, boolean like) {
        return Map.entry(mark, new WindingEnd(role, number, like));
    }

    /** Every standard mark, in natural order. */
    public static List<String> all() {
        return MEANING.keySet().stream().sorted(Marks.NATURAL_ORDER).toList();
    }

    /** What a mark means on its own; empty where it is no standard mark. */
    public static Optional<WindingEnd> meaning(String mark) {
        return Optional.ofNullable(MEANING.get(mark.toUpperCase(Locale.ROOT)));
    }

    /** The colour usual for a mark, as a proposal. */
    public static Optional<String> usualColour(String mark) {
        return Optional.ofNullable(COLOURS.get(mark.toUpperCase(Locale.ROOT)));
    }
}
