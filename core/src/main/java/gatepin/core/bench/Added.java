package gatepin.core.bench;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A device that was put on the bench beside the switch. It stands where a hand left it, whatever the switch's handle does.
 *
 * @param name its name, unique on the bench
 * @param kind what it is
 * @param stand where it stands: one of its kind's stands, counted from 0
 * @param microfarads what is in a capacitor box, µF; 0 for all else
 */
public record Added(String name, Kind kind, int stand, double microfarads) {
    /** No capacitor that starts or runs a single-phase motor is larger, µF (common practice). */
    public static final double MOST_MICROFARADS = 2000;

    /** What a capacitor has in series, as a share of its reactance at 60 Hz (common practice: an oil-filled one). */
    private static final double ESR_SHARE = 0.02;

    /** What can be added. */
    public enum Kind {
        /** Two poles that isolate. */
        DISCONNECT("Disconnect", "Q", List.of("off", "on")),
        /** Three poles; its armature is pushed in by hand. */
        CONTACTOR("Contactor, three poles", "K", List.of("out", "in")),
        /** A second switch of two poles, each with its common in the middle. */
        TOGGLE("Second switch, DPDT", "S", List.of("up", "middle", "down")),
        CAPACITOR("Capacitor box", "capacitor", List.of("in its box"));

        private final String title;
        private final String letter;
        private final List<String> stands;

        Kind(String title, String letter, List<String> stands) {
            this.title = title;
            this.letter = letter;
            this.stands = stands;
        }

        public String title() {
            return title;
        }

        /** Where it can stand, in words. */
        public List<String> stands() {
            return stands;
        }
    }

    public Added {
        if (!name.matches("(?:[QKS]|capacitor)[0-9]{1,2}") || !name.startsWith(kind.letter)) {
            throw new IllegalArgumentException(name + " is no name of a " + kind.title());
        }
        if (stand < 0 || stand >= kind.stands().size()) {
            throw new IllegalArgumentException("a " + kind.title() + " cannot stand at " + stand);
        }
        if (kind == Kind.CAPACITOR && !(microfarads > 0 && microfarads <= MOST_MICROFARADS)) {
            throw new IllegalArgumentException(microfarads + " µF is no capacitor of a motor");
        }
    }

    /** The first name of its kind that no device has. */
    static String freeName(Kind kind, Set<String> taken) {
        // the first of each letter is the job's own, or stands ahead of it
        for (int number = 2; ; number++) {
            if (!taken.contains(kind.letter + number)) {
                return kind.letter + number;
            }
        }
    }

    Added at(int other) {
        return new Added(name, kind, other, microfarads);
    }

    private Device device() {
        return Device.named(name).orElseThrow();
    }

    private Terminal terminal(String mark) {
        return new Terminal(device(), mark);
    }

    /** How a person calls it. */
    public String label() {
        return kind == Kind.CAPACITOR ? shortName() + ", " + plain() + " µF" : name;
    }

    private String plain() {
        return microfarads == Math.rint(microfarads)
                ? "" + Math.round(microfarads)
                : "" + Math.round(microfarads * 10) / 10.0;
    }

    private String shortName() {
        return "C" + name.substring(Kind.CAPACITOR.letter.length());
    }

    /** Its terminals as seen on its face, row by row. */
    List<List<Terminal>> rows() {
        return switch (kind) {
            case DISCONNECT -> face("1 3", "2 4");
            case CONTACTOR -> face("1 3 5", "2 4 6");
            case TOGGLE -> face("1 2", "3 4", "5 6");
            case CAPACITOR -> face(tag("A") + " " + tag("B"));
        };
    }

    private String tag(String end) {
        return shortName() + end;
    }

    private List<List<Terminal>> face(String... rows) {
        return Arrays.stream(rows)
                .map(r -> Arrays.stream(r.split(" ")).map(this::terminal).toList())
                .toList();
    }

    private Set<Contact> closed() {
        String pairs = switch (kind) {
            case DISCONNECT -> stand == 1 ? "1-2 3-4" : "";
            case CONTACTOR -> stand == 1 ? "1-2 3-4 5-6" : "";
            case TOGGLE -> stand == 0 ? "3-1 4-2" : stand == 2 ? "3-5 4-6" : "";
            case CAPACITOR -> "";
        };
        Set<Contact> closed = new LinkedHashSet<>();
        for (String pair : pairs.isEmpty() ? new String[0] : pairs.split(" ")) {
            closed.add(new Contact(
                    terminal(pair.substring(0, pair.indexOf('-'))), terminal(pair.substring(pair.indexOf('-') + 1))));
        }
        return closed;
    }

    /** The capacitor in it; empty where it is something else. */
    Optional<Capacitor> capacitor() {
        return kind == Kind.CAPACITOR
                ? Optional.of(new Capacitor(
                        label(),
                        terminal(tag("A")),
                        terminal(tag("B")),
                        microfarads,
                        ESR_SHARE * 1e6 / (2 * Math.PI * 60 * microfarads)))
                : Optional.empty();
    }

    /**
     * A switch with what was added beside it: its face grows by the rows of each device, whose contacts are closed in every position where
     * the device stands closed. Without a switch the devices are all there is.
     */
    public static Optional<SwitchKind> beside(Optional<SwitchKind> own, List<Added> added) {
        if (added.isEmpty()) {
            return own;
        }
        ContactChart chart = own.map(SwitchKind::chart).orElse(ContactChart.NONE);
        List<List<Terminal>> rows = new ArrayList<>(own.map(SwitchKind::rows).orElse(List.of()));
        List<Terminal> terminals = new ArrayList<>(chart.terminals());
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        List<Setting> settings = own.isPresent() ? chart.settings() : List.of(HandlePosition.FORWARD);
        settings.forEach(s -> closed.put(s, new LinkedHashSet<>(chart.closedIn(s))));
        Set<Terminal> frames = new LinkedHashSet<>();
        own.ifPresent(k -> frames.add(k.chart().frame()));
        for (Added one : added) {
            List<List<Terminal>> face = new ArrayList<>(one.rows());
            Optional<Terminal> frame =
                    one.rows().get(0).get(0).device().frame().filter(f -> !frames.isEmpty() && frames.add(f));
            frame.ifPresent(f -> {
                List<Terminal> last = new ArrayList<>(face.get(face.size() - 1));
                last.add(f);
                face.set(face.size() - 1, last);
            });
            one.rows().get(0).get(0).device().frame().ifPresent(frames::add);
            rows.addAll(face);
            face.forEach(terminals::addAll);
            closed.values().forEach(c -> c.addAll(one.closed()));
        }
        String names = String.join(
                ", ",
                added.stream()
                        .map(a -> a.kind() == Kind.CAPACITOR ? a.shortName() : a.name())
                        .toList());
        return Optional.of(new SwitchKind(
                own.map(SwitchKind::key).orElse("added"),
                own.map(k -> k.name() + ", ").orElse("") + names,
                own.map(SwitchKind::hint).orElse(""),
                rows,
                new ContactChart(terminals, closed),
                own.map(SwitchKind::springReturn).orElse(false),
                own.map(SwitchKind::hasOff).orElse(true),
                own.map(SwitchKind::links).orElse(Set.of()),
                own.map(SwitchKind::worn).orElse(Set.of())));
    }
}
