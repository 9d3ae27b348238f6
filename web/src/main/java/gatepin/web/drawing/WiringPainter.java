package gatepin.web.drawing;

import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.web.drawing.Drawing.Coil;
import gatepin.web.drawing.Drawing.ContactBar;
import gatepin.web.drawing.Drawing.Inner;
import gatepin.web.drawing.Drawing.Joint;
import gatepin.web.drawing.Drawing.States;
import gatepin.web.drawing.Drawing.Trace;
import gatepin.web.drawing.Router.Cell;
import gatepin.web.drawing.Router.Route;
import gatepin.web.drawing.Sheet.Spot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Lays the wires on a sheet and gives every part its state in each handle position, from the engine's own model. */
final class WiringPainter {
    private static final int BESIDE = 7;
    /** How far apart windings stand that reach over the same leads, in pixels. */
    private static final int LANE = 14;

    private static final int FLAG_PITCH = 19;

    private final WiringPicture picture;
    private final Sheet sheet;
    /** Where the line of each winding runs, in pixels. */
    private final Map<Winding, Integer> lines = new HashMap<>();

    private final Map<String, List<Cell>> ways = new HashMap<>();

    private final Map<HandlePosition, Carrying> flows = new EnumMap<>(HandlePosition.class);

    WiringPainter(WiringPicture picture, Sheet sheet) {
        this.picture = picture;
        this.sheet = sheet;
        for (HandlePosition position : HandlePosition.values()) {
            flows.put(position, Carrying.of(picture.circuit(), position));
        }
    }

    /** The cells that each wire passes, by its ends; none before it is painted. */
    Map<String, List<Cell>> ways() {
        return Map.copyOf(ways);
    }

    /**
     * Draws it; empty where a wire found no way of its own.
     *
     * @param known where wires lay before: those stay where they are
     */
    Optional<Drawing> paint(Map<String, List<Cell>> known) {
        List<Route> routes = new ArrayList<>();
        for (Wire wire : picture.wires()) {
            Spot from = spot(wire.from());
            Spot to = spot(wire.to());
            routes.add(new Route(wire.from(), from.starts(), wire.to(), to.ports()));
        }
        Optional<List<List<Cell>>> laid = sheet.router.lay(
                routes,
                picture.wires().stream()
                        .map(w -> known.getOrDefault(w.key(), List.of()))
                        .toList());
        if (laid.isEmpty()) {
            return Optional.empty();
        }
        List<List<Cell>> paths = laid.orElseThrow();
        List<Trace> traces = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            ways.put(picture.wires().get(i).key(), paths.get(i));
            traces.add(trace(i + 1, picture.wires().get(i), paths.get(i)));
        }
        traces.sort(Comparator.comparing(
                t -> t.states().in(HandlePosition.FORWARD.word()).contains("is-run")));
        return Optional.of(new Drawing(
                sheet.shape,
                sheet.width * sheet.unit,
                sheet.height * sheet.unit,
                List.copyOf(sheet.boxes),
                List.copyOf(sheet.tags),
                List.copyOf(sheet.studs),
                contacts(),
                coils(),
                inner(),
                traces,
                List.copyOf(sheet.splices),
                joints(routes, paths),
                marks()));
    }

    /** Flags stand at the upper right corner of what they are about, where no wire comes in; several side by side. */
    private List<Drawing.Mark> marks() {
        List<Drawing.Mark> marks = new ArrayList<>();
        Map<Terminal, Integer> taken = new HashMap<>();
        for (Flag flag : picture.flags()) {
            for (Terminal terminal : flag.terminals()) {
                sheet.corner(terminal).ifPresent(corner -> {
                    int before = taken.merge(terminal, 1, Integer::sum) - 1;
                    marks.add(new Drawing.Mark(
                            flag.number(), flag.kind(), shown(flag), corner.x() - FLAG_PITCH * before, corner.y()));
                });
            }
        }
        return marks;
    }

    private Spot spot(Terminal terminal) {
        return sheet.spot(terminal);
    }

    private States states(Function<Carrying, Optional<Role>> circuit, Function<Carrying, Boolean> hot) {
        return States.of(position -> word(circuit.apply(flow(position)))
                + (position == HandlePosition.OFF && hot.apply(flow(position)) ? " hot" : ""));
    }

    /** A flag is shown in the positions it speaks of; in all where it names none. */
    private static States shown(Flag flag) {
        List<String> at = List.of(flag.at().split(" "));
        return States.of(p -> flag.at().isEmpty() || at.contains(p.word()) ? "shown" : "idle");
    }

    private Carrying flow(HandlePosition position) {
        Carrying flow = flows.get(position);
        if (flow == null) {
            throw new IllegalStateException("every position has its flow");
        }
        return flow;
    }

    private static String word(Optional<Role> circuit) {
        return circuit.map(c -> c == Role.START ? "start" : "run").orElse("idle");
    }

    private Trace trace(int step, Wire wire, List<Cell> cells) {
        List<int[]> points = new ArrayList<>();
        Spot from = spot(wire.from());
        Spot to = spot(wire.to());
        anchor(from.starts(), cells.get(0)).ifPresent(c -> points.add(pixels(c.x(), c.y())));
        cells.forEach(c -> points.add(pixels(c.x(), c.y())));
        anchor(to.ports(), cells.get(cells.size() - 1)).ifPresent(c -> points.add(pixels(c.x(), c.y())));
        List<int[]> corners = corners(points);
        States states =
                wire.isGround() ? States.always("ground") : states(f -> f.roleOf(wire), f -> f.isHot(wire.from()));
        return new Trace(
                step,
                wire.from().label() + " to " + wire.to().label(),
                path(corners),
                path(beside(corners)),
                states,
                wire.key());
    }

    /** The point where a wire that ends at this cell is made fast. */
    private static Optional<Cell> anchor(List<Router.Port> ports, Cell end) {
        return ports.stream()
                .filter(p -> p.cell().equals(end))
                .map(Router.Port::anchor)
                .findFirst();
    }

    private int[] pixels(int x, int y) {
        return new int[] {x * sheet.unit, y * sheet.unit};
    }

    private static List<int[]> corners(List<int[]> points) {
        List<int[]> corners = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            boolean inLine = i > 0
                    && i < points.size() - 1
                    && ((points.get(i - 1)[0] == points.get(i)[0] && points.get(i)[0] == points.get(i + 1)[0])
                            || (points.get(i - 1)[1] == points.get(i)[1] && points.get(i)[1] == points.get(i + 1)[1]));
            if (!inLine) {
                corners.add(points.get(i));
            }
        }
        return corners;
    }

    /** The same line a few pixels to its side. */
    private static List<int[]> beside(List<int[]> corners) {
        List<int[]> moved = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int[] in = i > 0 ? normal(corners.get(i - 1), corners.get(i)) : new int[2];
            int[] out = i < corners.size() - 1 ? normal(corners.get(i), corners.get(i + 1)) : new int[2];
            moved.add(new int[] {
                corners.get(i)[0] + BESIDE * Integer.signum(in[0] + out[0]),
                corners.get(i)[1] + BESIDE * Integer.signum(in[1] + out[1])
            });
        }
        return moved;
    }

    private static int[] normal(int[] a, int[] b) {
        return new int[] {-Integer.signum(b[1] - a[1]), Integer.signum(b[0] - a[0])};
    }

    private static String path(List<int[]> points) {
        StringBuilder path = new StringBuilder();
        for (int[] point : points) {
            path.append(path.isEmpty() ? 'M' : 'L').append(point[0]).append(' ').append(point[1]);
        }
        return path.toString();
    }

    private List<ContactBar> contacts() {
        List<ContactBar> bars = new ArrayList<>();
        for (Contact contact : picture.circuit().chart().contacts()) {
            Spot a = spot(contact.a());
            Spot b = spot(contact.b());
            bars.add(new ContactBar(
                    a.x() * sheet.unit,
                    a.y() * sheet.unit,
                    b.x() * sheet.unit,
                    b.y() * sheet.unit,
                    contact.toString(),
                    States.of(position -> contactState(contact, position))));
        }
        return bars;
    }

    private String contactState(Contact contact, HandlePosition position) {
        if (!picture.circuit().chart().closedIn(position).contains(contact)) {
            return "open";
        }
        return "closed " + word(flow(position).roleOf(contact));
    }

    private List<Coil> coils() {
        List<Coil> coils = new ArrayList<>();
        List<int[]> drawn = new ArrayList<>();
        for (Winding winding : picture.leads().windings()) {
            int[] span = span(winding);
            int lane = 0;
            while (isTaken(drawn, lane, span)) {
                lane++;
            }
            drawn.add(new int[] {lane, span[0], span[1]});
            lines.put(winding, sheet.coilLine - LANE * lane);
            int line = sheet.coilLine - LANE * lane;
            String path = switch (winding.role()) {
                case PROTECTOR -> heater(span[0], span[1], line);
                case CAPACITOR -> plates(span[0], span[1], line);
                default -> humps(span[0], span[1], line, innerAt(winding));
            };
            States states = states(
                    f -> f.isLit(winding) ? Optional.of(f.serves(winding)) : Optional.empty(),
                    f -> f.isHot(winding.like()));
            coils.add(new Coil(path, winding.name(), states));
        }
        return coils;
    }

    /** What is in series with the windings, on the way to the lead that no other winding comes out on. */
    private List<Inner> inner() {
        List<Inner> inner = new ArrayList<>();
        for (Winding winding : picture.leads().windings()) {
            Inside inside = Inside.of(picture.circuit().motor(), winding);
            if (inside.isNothing()) {
                continue;
            }
            int from = lines.getOrDefault(winding, sheet.coilLine);
            int at = innerAt(winding);
            inner.add(new Inner(
                    InsidePainter.path(inside, from, sheet.tagEdge, at, sheet.isTall()),
                    named(inside),
                    states(
                            f -> f.isLit(winding) ? Optional.of(f.serves(winding)) : Optional.empty(),
                            f -> f.isHot(winding.like()))));
        }
        return inner;
    }

    /** Across the way where what is inside is drawn, in pixels; below nothing where there is none. */
    private int innerAt(Winding winding) {
        if (Inside.of(picture.circuit().motor(), winding).isNothing()) {
            return -1;
        }
        Spot spot = spot(isShared(winding.other()) && !isShared(winding.like()) ? winding.like() : winding.other());
        return (sheet.isTall() ? spot.x() : spot.y()) * sheet.unit;
    }

    private boolean isShared(Terminal lead) {
        return picture.leads().windings().stream().filter(w -> w.has(lead)).count() > 1;
    }

    private static String named(Inside inside) {
        List<String> names = new ArrayList<>();
        if (inside.startSwitch()) {
            names.add("start switch");
        }
        if (inside.startCapacitor()) {
            names.add("start capacitor");
        }
        if (inside.runCapacitor()) {
            names.add("run capacitor");
        }
        return String.join(", ", names);
    }

    /** From where to where a winding reaches along the leads, in pixels. */
    private int[] span(Winding winding) {
        Spot a = spot(winding.like());
        Spot b = spot(winding.other());
        int u = sheet.unit;
        return sheet.isTall()
                ? new int[] {Math.min(a.x(), b.x()) * u, Math.max(a.x(), b.x()) * u}
                : new int[] {Math.min(a.y(), b.y()) * u, Math.max(a.y(), b.y()) * u};
    }

    /** Another winding is drawn there already; two that only meet at a lead do not disturb each other. */
    private static boolean isTaken(List<int[]> drawn, int lane, int[] span) {
        return drawn.stream().anyMatch(d -> d[0] == lane && d[1] < span[1] && span[0] < d[2]);
    }

    /** A winding's line; on the way at {@code innerAt} it leaves the room to what is drawn there. */
    private String humps(int from, int to, int line, int innerAt) {
        int humps = 3;
        int size = Math.min(12, (to - from) / humps);
        int start = (from + to - size * humps) / 2;
        int first = from == innerAt ? line : sheet.tagEdge;
        int last = to == innerAt ? line : sheet.tagEdge;
        String hump = sheet.isTall()
                ? "a" + size / 2 + " " + size / 2 + " 0 0 1 " + size + " 0"
                : "a" + size / 2 + " " + size / 2 + " 0 0 1 0 " + size;
        return sheet.isTall()
                ? "M" + from + " " + first + "V" + line + "H" + start + hump.repeat(humps) + "H" + to + "V" + last
                : "M" + first + " " + from + "H" + line + "V" + start + hump.repeat(humps) + "V" + to + "H" + last;
    }

    /** A protector: a contact that opens with heat, drawn as a flat bridge. */
    private String heater(int from, int to, int line) {
        int middle = (from + to) / 2;
        return sheet.isTall()
                ? branch(from, to, line, "H" + (middle - 7) + "v-7h14v7")
                : branch(from, to, line, "V" + (middle - 7) + "h-7v14h7");
    }

    /** A capacitor: two plates that face each other across a gap. */
    private String plates(int from, int to, int line) {
        int middle = (from + to) / 2;
        return sheet.isTall()
                ? branch(from, to, line, "H" + (middle - 3) + "m0 -9v18m6 -18v18m0 -9")
                : branch(from, to, line, "V" + (middle - 3) + "m-9 0h18m-18 6h18m-9 0");
    }

    /** From one lead's tag to the other's, with a symbol between. */
    private String branch(int from, int to, int line, String symbol) {
        int tag = sheet.tagEdge;
        return sheet.isTall()
                ? "M" + from + " " + tag + "V" + line + symbol + "H" + to + "V" + tag
                : "M" + tag + " " + from + "H" + line + symbol + "V" + to + "H" + tag;
    }

    /** Dots where a wire leaves the line of another that lands on the same terminal. */
    private List<Joint> joints(List<Route> routes, List<List<Cell>> paths) {
        List<Joint> joints = new ArrayList<>();
        Set<Cell> done = new HashSet<>();
        for (int i = 0; i < paths.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (!routes.get(i).sharesTerminal(routes.get(j))) {
                    continue;
                }
                Map<Cell, Integer> there = new HashMap<>();
                for (int k = 0; k < paths.get(j).size(); k++) {
                    there.put(paths.get(j).get(k), k);
                }
                List<Cell> path = paths.get(i);
                for (int k = 0; k < path.size(); k++) {
                    boolean here = there.containsKey(path.get(k));
                    boolean before = k > 0 && there.containsKey(path.get(k - 1));
                    boolean after = k < path.size() - 1 && there.containsKey(path.get(k + 1));
                    if (here && before != after && k > 0 && k < path.size() - 1 && done.add(path.get(k))) {
                        joints.add(new Joint(
                                path.get(k).x() * sheet.unit, path.get(k).y() * sheet.unit));
                    }
                }
            }
        }
        return joints;
    }
}
