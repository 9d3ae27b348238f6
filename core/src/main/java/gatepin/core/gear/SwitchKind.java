package gatepin.core.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A generic kind of reversing switch: its face and its contact chart (common practice).
 *
 * @param key a short name for files and addresses
 * @param name what it is called
 * @param hint how to know it
 * @param rows the terminals as seen on the face, top to bottom, left to right
 * @param chart which contacts close in each position
 * @param springReturn the handle springs back to OFF
 */
public record SwitchKind(
        String key, String name, String hint, List<List<Terminal>> rows, ContactChart chart, boolean springReturn) {
    /** Six terminals in three rows; the upper four cross over, the lower pair makes and breaks. */
    public static final SwitchKind CROSS_CORNER_DRUM = of(
            "cross-corner-drum",
            "Cross-corner drum",
            "Six terminals in three rows. The upper four cross over, the lower pair is on both ways.",
            List.of("1 2", "3 4", "5 6"),
            "1-3 2-4 5-6",
            "1-2 3-4 5-6");

    /** Six terminals in two columns; the two centres change places. */
    public static final SwitchKind CENTRE_SWAP_DRUM = of(
            "centre-swap-drum",
            "Centre-swap drum",
            "Six terminals in two columns. Top pair and bottom pair each take one centre, the other way the other.",
            List.of("1 2", "3 4", "5 6"),
            "1-2 1-3 5-6 5-4",
            "1-2 1-4 5-6 5-3");

    /** Double-pole double-throw toggle with a centre-off; the commons are in the middle row. */
    public static final SwitchKind DPDT_CENTRE_OFF = of(
            "dpdt-centre-off",
            "DPDT toggle, centre off",
            "Six terminals, the commons in the middle row.",
            List.of("1 2", "3 4", "5 6"),
            "3-1 4-2",
            "3-5 4-6");

    /** Three-pole double-throw toggle with a centre-off; the commons are in the middle row. */
    public static final SwitchKind TPDT_CENTRE_OFF = of(
            "tpdt-centre-off",
            "3PDT toggle, centre off",
            "Nine terminals, the commons in the middle row.",
            List.of("1 2 3", "4 5 6", "7 8 9"),
            "4-1 5-2 6-3",
            "4-7 5-8 6-9");

    /** The cross-corner drum whose handle springs back. */
    public static final SwitchKind SPRING_DRUM = new SwitchKind(
            "cross-corner-drum-spring",
            "Cross-corner drum, spring return",
            "As the cross-corner drum, but the handle springs back to the middle.",
            CROSS_CORNER_DRUM.rows,
            CROSS_CORNER_DRUM.chart,
            true);

    /** The kinds known so far, in the order they are offered. */
    public static final List<SwitchKind> ALL =
            List.of(CROSS_CORNER_DRUM, CENTRE_SWAP_DRUM, DPDT_CENTRE_OFF, TPDT_CENTRE_OFF, SPRING_DRUM);

    public SwitchKind {
        rows = rows.stream().map(List::copyOf).toList();
    }

    private static SwitchKind of(
            String key, String name, String hint, List<String> rows, String forward, String reverse) {
        List<List<Terminal>> face = rows.stream()
                .map(r -> Arrays.stream(r.split(" ")).map(Terminal::onSwitch).toList())
                .toList();
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        closed.put(HandlePosition.FORWARD, contacts(forward));
        closed.put(HandlePosition.REVERSE, contacts(reverse));
        List<Terminal> terminals = face.stream().flatMap(List::stream).toList();
        return new SwitchKind(key, name, hint, face, new ContactChart(terminals, closed), false);
    }

    private static Set<Contact> contacts(String pairs) {
        Set<Contact> contacts = new LinkedHashSet<>();
        for (String pair : pairs.split(" ")) {
            String[] ends = pair.split("-");
            contacts.add(Contact.between(ends[0], ends[1]));
        }
        return contacts;
    }

    /** Every contact lies within one column of the face, as in a toggle: wires may pass between the columns. */
    public boolean hasColumnsApart() {
        Map<Terminal, int[]> places = places();
        return chart.contacts().stream()
                .allMatch(c -> places.getOrDefault(c.a(), new int[2])[1] == places.getOrDefault(c.b(), new int[2])[1]);
    }

    /** Every terminal with its row and column on the face, counted from 0. */
    public Map<Terminal, int[]> places() {
        Map<Terminal, int[]> places = new LinkedHashMap<>();
        for (int row = 0; row < rows.size(); row++) {
            for (int column = 0; column < rows.get(row).size(); column++) {
                places.put(rows.get(row).get(column), new int[] {row, column});
            }
        }
        return places;
    }
}
