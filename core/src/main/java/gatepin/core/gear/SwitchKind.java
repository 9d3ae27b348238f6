package gatepin.core.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A generic kind of reversing switch: its face and its contact chart (common practice).
 *
 * @param key a short name for files and addresses
 * @param name what it is called
 * @param hint how to know it
 * @param rows the terminals as seen on the face, top to bottom, left to right
 * @param chart which contacts close in each position
 * @param springReturn the handle springs back to OFF
 * @param hasOff the handle has a place of its own for OFF; without one it can only go straight across
 * @param links jumpers fitted between terminals that can come out
 * @param worn terminals of contacts that do not close every time
 */
public record SwitchKind(
        String key,
        String name,
        String hint,
        List<List<Terminal>> rows,
        ContactChart chart,
        boolean springReturn,
        boolean hasOff,
        Set<Contact> links,
        Set<Terminal> worn) {
    /** One pole that makes and breaks one line: nothing else. */
    public static final SwitchKind ON_OFF_1 = onOff(
            "on-off-1",
            "On and off, one pole",
            "Two terminals: a toggle, a rocker, a push-pull switch. It breaks one line; the other stays on the motor.",
            List.of("1", "2"),
            "1-2");

    /** Two poles that make and break both lines: a toggle, a push-pull switch, a manual starter. */
    public static final SwitchKind ON_OFF_2 = onOff(
            "on-off-2",
            "On and off, two poles",
            "Four terminals: a toggle, a push-pull switch, a manual starter. Both lines are broken.",
            List.of("1 3", "2 4"),
            "1-2 3-4");

    /** A pressure or float switch, which makes and breaks both lines by itself. */
    public static final SwitchKind BY_ITSELF_2 = onOff(
            "by-itself-2",
            "Pressure or float switch",
            "Four terminals, the line's outside. It makes and breaks both lines by itself: the motor starts without warning.",
            List.of("1 3", "2 4"),
            "1-2 3-4");

    /** Gear for a motor that turns one way only. */
    public static final List<SwitchKind> ONE_WAY = List.of(ON_OFF_1, ON_OFF_2, BY_ITSELF_2);

    /** Both contactors of a pair in at once. */
    public static final Setting BOTH_IN = new Stand("both in", Setting.Purpose.NEVER);

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

    /** Double-pole double-throw toggle that only goes straight across. */
    public static final SwitchKind DPDT_STRAIGHT_ACROSS = of(
                    "dpdt-straight-across",
                    "DPDT toggle, no centre",
                    "Six terminals, the commons in the middle row; the handle rests on one side or the other.",
                    List.of("1 2", "3 4", "5 6"),
                    "3-1 4-2",
                    "3-5 4-6")
            .withoutOff();

    /** Three-pole double-throw toggle that only goes straight across. */
    public static final SwitchKind TPDT_STRAIGHT_ACROSS = of(
                    "tpdt-straight-across",
                    "3PDT toggle, no centre",
                    "Nine terminals, the commons in the middle row; the handle rests on one side or the other.",
                    List.of("1 2 3", "4 5 6", "7 8 9"),
                    "4-1 5-2 6-3",
                    "4-7 5-8 6-9")
            .withoutOff();

    /** Four-pole double-throw toggle with a centre-off; the commons are in the middle row. */
    public static final SwitchKind FOURPDT_CENTRE_OFF = of(
            "4pdt-centre-off",
            "4PDT toggle, centre off",
            "Twelve terminals, the commons in the middle row.",
            List.of("1 2 3 4", "5 6 7 8", "9 10 11 12"),
            "5-1 6-2 7-3 8-4",
            "5-9 6-10 7-11 8-12");

    /** Four-pole double-throw toggle that only goes straight across. */
    public static final SwitchKind FOURPDT_STRAIGHT_ACROSS = of(
                    "4pdt-straight-across",
                    "4PDT toggle, no centre",
                    "Twelve terminals, the commons in the middle row; the handle rests on one side or the other.",
                    List.of("1 2 3 4", "5 6 7 8", "9 10 11 12"),
                    "5-1 6-2 7-3 8-4",
                    "5-9 6-10 7-11 8-12")
            .withoutOff();

    /** The cross-corner drum whose handle springs back. */
    public static final SwitchKind SPRING_DRUM = CROSS_CORNER_DRUM.sprung(
            "cross-corner-drum-spring",
            "Cross-corner drum, spring return",
            "As the cross-corner drum, but the handle springs back to the middle.");

    /** The three-pole toggle whose handle springs back. */
    public static final SwitchKind SPRING_TPDT = TPDT_CENTRE_OFF.sprung(
            "tpdt-spring",
            "3PDT toggle, spring return",
            "Nine terminals, the commons in the middle row; the handle springs back from both sides.");

    /** The two-pole toggle whose handle springs back. */
    public static final SwitchKind SPRING_DPDT = DPDT_CENTRE_OFF.sprung(
            "dpdt-spring",
            "DPDT toggle, spring return",
            "Six terminals, the commons in the middle row; the handle springs back from both sides.");

    /** Cam switch with two pairs for each way. */
    public static final SwitchKind CAM_8 = of(
            "cam-8",
            "Cam switch, 8 terminals",
            "Four pairs side by side: two close one way, two the other way.",
            List.of("1 2", "3 4", "5 6", "7 8"),
            "1-2 3-4",
            "5-6 7-8");

    /** Cam switch with two pairs for each way and one for both. */
    public static final SwitchKind CAM_10 = of(
            "cam-10",
            "Cam switch, 10 terminals",
            "Five pairs side by side: two close one way, two the other way, one both ways.",
            List.of("1 2", "3 4", "5 6", "7 8", "9 10"),
            "1-2 3-4 9-10",
            "5-6 7-8 9-10");

    /** Cam switch with two pairs for each way and two for both. */
    public static final SwitchKind CAM_12 = of(
            "cam-12",
            "Cam switch, 12 terminals",
            "Six pairs side by side: two close one way, two the other way, two both ways.",
            List.of("1 2", "3 4", "5 6", "7 8", "9 10", "11 12"),
            "1-2 3-4 9-10 11-12",
            "5-6 7-8 9-10 11-12");

    /** One deck makes and breaks two lines, the other crosses a pair over; two links join the decks. */
    public static final SwitchKind TWO_TIER = of(
                    "two-tier",
                    "Two-tier switch",
                    "Upper deck on and off, lower deck crosses a pair over. Links join the decks; they come out unless the"
                            + " plan uses them.",
                    List.of("1 2", "3 4", "5 6", "7 8"),
                    "1-2 3-4 5-7 6-8",
                    "1-2 3-4 5-8 6-7")
            .linked("2-5 4-6");

    /** Two contactors of three poles each: K1 is in at FORWARD, K2 at REVERSE; both in at once must never be. */
    public static final SwitchKind CONTACTORS_3 = contactors(3);

    /** Two contactors of four poles each. */
    public static final SwitchKind CONTACTORS_4 = contactors(4);

    /** The kinds known so far, in the order they are offered. */
    public static final List<SwitchKind> ALL = List.of(
            CROSS_CORNER_DRUM,
            CENTRE_SWAP_DRUM,
            SPRING_DRUM,
            DPDT_CENTRE_OFF,
            DPDT_STRAIGHT_ACROSS,
            SPRING_DPDT,
            TPDT_CENTRE_OFF,
            TPDT_STRAIGHT_ACROSS,
            SPRING_TPDT,
            FOURPDT_CENTRE_OFF,
            FOURPDT_STRAIGHT_ACROSS,
            CAM_8,
            CAM_10,
            CAM_12,
            TWO_TIER,
            CONTACTORS_3,
            CONTACTORS_4);

    public SwitchKind {
        rows = rows.stream().map(List::copyOf).toList();
        links = Set.copyOf(links);
        worn = Set.copyOf(worn);
    }

    /** The same face and chart on a handle that springs back. */
    private SwitchKind sprung(String otherKey, String otherName, String otherHint) {
        return new SwitchKind(otherKey, otherName, otherHint, rows, chart, true, hasOff, links, worn);
    }

    private SwitchKind withoutOff() {
        return new SwitchKind(key, name, hint, rows, chart, springReturn, false, links, worn);
    }

    private SwitchKind linked(String pairs) {
        return new SwitchKind(key, name, hint, rows, chart, springReturn, hasOff, contacts(pairs), worn);
    }

    /** The links that are in the way of a wiring: those that none of its jumpers takes the place of. */
    public Set<Contact> linksToTakeOut(Collection<Wire> wires) {
        Set<Contact> out = new HashSet<>(links);
        wires.stream()
                .filter(w -> w.run() == Wire.Run.SWITCH_BOX)
                .forEach(w -> out.remove(new Contact(w.from(), w.to())));
        return out;
    }

    private static SwitchKind of(
            String key, String name, String hint, List<String> rows, String forward, String reverse) {
        List<List<Terminal>> face = face(rows);
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        closed.put(HandlePosition.FORWARD, contacts(forward));
        closed.put(HandlePosition.REVERSE, contacts(reverse));
        List<Terminal> terminals = face.stream().flatMap(List::stream).toList();
        return new SwitchKind(
                key, name, hint, face, ContactChart.ofHandle(terminals, closed), false, true, Set.of(), Set.of());
    }

    /**
     * A pair of contactors, the power terminals with the marks of IEC 60947-4-1 (from memory): 1, 3, 5 on the line side, 2, 4, 6 on the
     * motor's.
     */
    private static SwitchKind contactors(int poles) {
        List<List<Terminal>> rows = List.of(new ArrayList<>(), new ArrayList<>());
        Set<Contact> first = new LinkedHashSet<>();
        Set<Contact> second = new LinkedHashSet<>();
        for (String name : List.of("K1", "K2")) {
            Device device = Device.named(name).orElseThrow();
            for (int pole = 0; pole < poles; pole++) {
                Terminal line = new Terminal(device, "" + (2 * pole + 1));
                Terminal load = new Terminal(device, "" + (2 * pole + 2));
                rows.get(0).add(line);
                rows.get(1).add(load);
                Contact contact = new Contact(line, load);
                (name.equals("K1") ? first : second).add(contact);
            }
        }
        Set<Contact> both = new LinkedHashSet<>(first);
        both.addAll(second);
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        closed.put(HandlePosition.FORWARD, first);
        closed.put(HandlePosition.OFF, Set.of());
        closed.put(HandlePosition.REVERSE, second);
        closed.put(BOTH_IN, both);
        // lines are landed on the last terminals of a face, leads on the first: 1, 3, 5 are the line side
        List<Terminal> terminals = new ArrayList<>(rows.get(1));
        terminals.addAll(rows.get(0));
        return new SwitchKind(
                "contactors-" + poles,
                "Two contactors, " + (poles == 3 ? "three" : "four") + " poles",
                "K1 is in one way, K2 the other; push-buttons and a control circuit work them.",
                rows,
                new ContactChart(terminals, closed),
                false,
                true,
                Set.of(),
                Set.of());
    }

    private static List<List<Terminal>> face(List<String> rows) {
        return rows.stream()
                .map(r -> Arrays.stream(r.split(" ")).map(Terminal::onSwitch).toList())
                .toList();
    }

    /** The chart as it is planned by where one way is enough: gear with one place for ON as if it had two that close the same. */
    public ContactChart chartForOneWay() {
        if (!isOneWay()) {
            return chart;
        }
        Map<Setting, Set<Contact>> alike = new LinkedHashMap<>(chart.closed());
        alike.put(HandlePosition.REVERSE, chart.closedIn(HandlePosition.FORWARD));
        return new ContactChart(chart.terminals(), alike);
    }

    /** Gear with a place for ON and one for OFF, and none for another way. */
    private static SwitchKind onOff(String key, String name, String hint, List<String> rows, String on) {
        List<List<Terminal>> face = face(rows);
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        closed.put(HandlePosition.FORWARD, contacts(on));
        closed.put(HandlePosition.OFF, Set.of());
        List<Terminal> terminals = face.stream().flatMap(List::stream).toList();
        return new SwitchKind(
                key, name, hint, face, new ContactChart(terminals, closed), false, true, Set.of(), Set.of());
    }

    /** The kind of a key that is no handle of three places: contactors, and gear for one way only. */
    public static Optional<SwitchKind> ofOwnSettings(String key) {
        return Stream.concat(Stream.of(CONTACTORS_3, CONTACTORS_4), ONE_WAY.stream())
                .filter(k -> k.key().equals(key))
                .findFirst();
    }

    /** Whether it has no place for another way. */
    public boolean isOneWay() {
        return chart.settings().stream().noneMatch(s -> s.purpose() == Setting.Purpose.REVERSE);
    }

    /** Whether coils move it and not a hand: then a control circuit goes with it. */
    public boolean hasCoils() {
        return chart.terminals().stream().anyMatch(t -> t.is(Device.Type.CONTACTOR));
    }

    static Set<Contact> contacts(String pairs) {
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
        return places(rows);
    }

    static Map<Terminal, int[]> places(List<List<Terminal>> rows) {
        Map<Terminal, int[]> places = new LinkedHashMap<>();
        for (int row = 0; row < rows.size(); row++) {
            for (int column = 0; column < rows.get(row).size(); column++) {
                places.put(rows.get(row).get(column), new int[] {row, column});
            }
        }
        return places;
    }
}
