package gatepin.core.control;

import gatepin.core.control.Branch.InSeries;
import gatepin.core.control.Branch.SideBySide;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A ladder as it is wired: terminals with the marks of EN 50005 and IEC 60947 (from memory), points that wires join, and the wires in their
 * order. The hot side begins behind the control fuse, at {@code F9.2}; the common side ends at {@code T9.0}.
 */
public final class ControlNet {
    /** The terminal where the hot side begins. */
    public static final String HOT = "F9.2";
    /** The terminal where the common side ends. */
    public static final String COMMON = "T9.0";

    private final Ladder ladder;
    private final List<Contact> contacts = new ArrayList<>();
    private final List<Load> loads = new ArrayList<>();
    private final List<List<String>> points = new ArrayList<>();
    private final Map<String, Integer> used = new HashMap<>();
    private final List<Integer> same = new ArrayList<>();

    /**
     * A contact with its terminals.
     *
     * @param number its place in the net, from 0
     * @param rung the rung it stands in, from 0; −1 in the head
     */
    public record Contact(int number, Touch touch, String a, String b, int from, int to, int rung) {
        /** Both ends, {@code S0.12>S1.13}: unique in a circuit. */
        public String key() {
            return from + ">" + to;
        }

        /** As it is read out: {@code K1 13-14}. */
        public String title() {
            return touch.part() + " " + a.substring(a.indexOf('.') + 1) + "-" + b.substring(b.indexOf('.') + 1);
        }
    }

    /** A coil or lamp with its terminals. */
    public record Load(int number, String part, String a, String b, int from, int to, int rung) {}

    /** A wire between two terminals of one point. */
    public record ControlWire(int point, String from, String to) {
        /** Both ends, {@code S0.12>S1.13}: unique in a circuit. */
        public String key() {
            return from + ">" + to;
        }

        /** As it is read out: {@code S0.12 to S1.13}. */
        public String title() {
            return from + "–" + to;
        }
    }

    private ControlNet(Ladder ladder) {
        this.ladder = ladder;
    }

    /** Wires a ladder. */
    public static ControlNet of(Ladder ladder) {
        ControlNet net = new ControlNet(ladder);
        int hot = net.point();
        int common = net.point();
        net.points.get(hot).add(HOT);
        int behind = ladder.head().isWire() ? hot : net.point();
        net.lay(ladder.head(), hot, behind, -1);
        for (int r = 0; r < ladder.rungs().size(); r++) {
            Rung rung = ladder.rungs().get(r);
            int start = rung.afterHead() ? behind : hot;
            int a = rung.before().isWire() ? start : net.point();
            int b = rung.after().isWire() ? common : net.point();
            net.lay(rung.before(), start, a, r);
            Load load = new Load(
                    net.loads.size(),
                    rung.load(),
                    rung.load() + net.coilMark(rung.load(), 1),
                    rung.load() + net.coilMark(rung.load(), 2),
                    a,
                    b,
                    r);
            net.loads.add(load);
            net.points.get(a).add(load.a());
            net.points.get(b).add(load.b());
            net.lay(rung.after(), b, common, r);
        }
        net.points.get(common).add(COMMON);
        return net;
    }

    private String coilMark(String part, int end) {
        boolean lamp = ladder.part(part).map(p -> p.kind() == Kind.LAMP).orElse(false);
        return lamp ? ".X" + end : ".A" + end;
    }

    private int point() {
        points.add(new ArrayList<>());
        same.add(points.size() - 1);
        return points.size() - 1;
    }

    private void lay(Branch branch, int from, int to, int rung) {
        if (branch instanceof Touch touch) {
            contact(touch, from, to, rung);
        } else if (branch instanceof InSeries series) {
            int at = from;
            for (int i = 0; i < series.parts().size(); i++) {
                Branch part = series.parts().get(i);
                int next = i == series.parts().size() - 1 ? to : part.isWire() ? at : point();
                lay(part, at, next, rung);
                at = next;
            }
            if (series.parts().isEmpty()) {
                join(from, to);
            }
        } else if (branch instanceof SideBySide beside) {
            beside.parts().forEach(b -> lay(b, from, to, rung));
        }
    }

    private void join(int a, int b) {
        int one = find(a);
        int other = find(b);
        same.set(Math.max(one, other), Math.min(one, other));
    }

    private int find(int point) {
        int at = point;
        while (same.get(at) != at) {
            at = same.get(at);
        }
        return at;
    }

    private void contact(Touch touch, int from, int to, int rung) {
        int place = used.merge(touch.part(), 1, Integer::sum);
        Kind kind = ladder.part(touch.part()).map(Part::kind).orElse(Kind.BUTTON);
        String digits = switch (kind) {
            case OVERLOAD -> touch.normallyClosed() ? "5 6" : "7 8";
            case TIMER -> touch.normallyClosed() ? "5 6" : "7 8";
            default -> touch.normallyClosed() ? "1 2" : "3 4";
        };
        int tens = kind == Kind.OVERLOAD ? 10 - place : place;
        String a = touch.part() + "." + tens + digits.charAt(0);
        String b = touch.part() + "." + tens + digits.charAt(2);
        contacts.add(new Contact(contacts.size(), touch, a, b, from, to, rung));
        points.get(from).add(a);
        points.get(to).add(b);
    }

    public Ladder ladder() {
        return ladder;
    }

    public List<Contact> contacts() {
        return List.copyOf(contacts);
    }

    public List<Load> loads() {
        return List.copyOf(loads);
    }

    /** How many points there were before plain wires joined some. */
    int size() {
        return points.size();
    }

    /** The point that a point is one with. */
    public int root(int point) {
        return find(point);
    }

    /** The terminals of every point that has any, in the order in which a wire goes through them. */
    public Map<Integer, List<String>> terminals() {
        Map<Integer, List<String>> all = new LinkedHashMap<>();
        for (int p = 0; p < points.size(); p++) {
            all.computeIfAbsent(find(p), k -> new ArrayList<>()).addAll(points.get(p));
        }
        all.values().removeIf(List::isEmpty);
        return all;
    }

    /**
     * The number written on the wires of a point: 1 behind the fuse, 2 and on in the order of the ladder, 0 on the common side.
     */
    public int wireNumber(int point) {
        int root = find(point);
        int number = 0;
        for (Integer other : terminals().keySet()) {
            if (other == find(1)) {
                if (other == root) {
                    return 0;
                }
                continue;
            }
            number++;
            if (other == root) {
                return number;
            }
        }
        throw new IllegalArgumentException("there is no point " + point);
    }

    /** Every wire, point by point: from each terminal to the next. */
    public List<ControlWire> wires() {
        List<ControlWire> wires = new ArrayList<>();
        terminals().forEach((point, on) -> {
            for (int i = 1; i < on.size(); i++) {
                wires.add(new ControlWire(point, on.get(i - 1), on.get(i)));
            }
        });
        return wires;
    }

    /** The load of a part; empty where it has no rung. */
    public Optional<Load> load(String part) {
        return loads.stream().filter(l -> l.part().equals(part)).findFirst();
    }

    /** The points that are live while these contacts are closed: joined to the hot side through contacts alone. */
    public Set<Integer> live(Set<Integer> closed, boolean power) {
        return power ? joined(find(0), closed) : Set.of();
    }

    /** The points that closed contacts join with one. */
    Set<Integer> joined(int point, Set<Integer> closed) {
        Set<Integer> joined = new HashSet<>(Set.of(find(point)));
        boolean more = true;
        while (more) {
            more = false;
            for (Contact contact : contacts) {
                boolean one = joined.contains(find(contact.from()));
                boolean other = joined.contains(find(contact.to()));
                if (one != other && closed.contains(contact.number())) {
                    joined.add(find(contact.from()));
                    joined.add(find(contact.to()));
                    more = true;
                }
            }
        }
        return joined;
    }
}
