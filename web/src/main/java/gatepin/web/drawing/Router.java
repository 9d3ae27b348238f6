package gatepin.web.drawing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * Lays wires on a grid: right angles only, never through a blocked place, crossing other wires straight and as
 * seldom as may be, never lying on another wire unless the two land on the same terminal. Finds for each wire the
 * cheapest way (A*), then takes each up again once the others lie.
 */
final class Router {
    /** Directions a wire can run. */
    enum Heading {
        EAST(1, 0),
        SOUTH(0, 1),
        WEST(-1, 0),
        NORTH(0, -1);

        final int dx;
        final int dy;

        Heading(int dx, int dy) {
            this.dx = dx;
            this.dy = dy;
        }

        Heading back() {
            return values()[(ordinal() + 2) % 4];
        }

        boolean isAcross(Heading other) {
            return (ordinal() + other.ordinal()) % 2 == 1;
        }
    }

    /** A grid point. */
    record Cell(int x, int y) {}

    /** A place where a wire may leave a terminal, the way it leaves, and the point where it is made fast. */
    record Port(Cell cell, Heading out, Cell anchor) {
        /** The port next to an anchor. */
        static Port beside(int x, int y, Heading out) {
            return new Port(new Cell(x + out.dx, y + out.dy), out, new Cell(x, y));
        }
    }

    /** Two terminals to be joined; terminals that are the same object may share the wires' last stretch. */
    record Route(Object fromTerminal, List<Port> from, Object toTerminal, List<Port> to) {
        boolean sharesTerminal(Route other) {
            return fromTerminal.equals(other.fromTerminal)
                    || fromTerminal.equals(other.toTerminal)
                    || toTerminal.equals(other.fromTerminal)
                    || toTerminal.equals(other.toTerminal);
        }
    }

    private static final int STEP = 2;
    private static final int BEND = 7;
    private static final int CROSS = 9;
    private static final int SHARE = 3;
    private static final int NEAR = 6;
    /** So dear that it is taken only where there is no other way at all. */
    private static final int OVERLAP = 400;

    private static final int PASSES = 4;

    private final int width;
    private final int height;
    private final boolean[] blocked;
    private final boolean[] near;
    private final List<Route> routes = new ArrayList<>();
    private final List<List<Cell>> paths = new ArrayList<>();

    Router(int width, int height) {
        this.width = width;
        this.height = height;
        this.blocked = new boolean[width * height];
        this.near = new boolean[width * height];
    }

    /** Keeps wires out of a rectangle, its borders included. */
    void block(int x1, int y1, int x2, int y2) {
        for (int y = Math.max(0, y1); y <= Math.min(height - 1, y2); y++) {
            for (int x = Math.max(0, x1); x <= Math.min(width - 1, x2); x++) {
                blocked[y * width + x] = true;
            }
        }
    }

    /** Keeps wires away from a point where they can go elsewhere. */
    void avoid(int x, int y) {
        if (x >= 0 && y >= 0 && x < width && y < height) {
            near[y * width + x] = true;
        }
    }

    /**
     * Lays all wires.
     *
     * @param known where each lay before; nothing for those that are new, and for all that have to find a way anew. What lay before stays
     *     as long as it may
     * @return for each the cells it passes, from port to port; empty where one has no way, or none but on top of another
     */
    Optional<List<List<Cell>>> lay(List<Route> wanted, List<List<Cell>> known) {
        routes.addAll(wanted);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            boolean stays = fits(wanted.get(i), known.get(i));
            paths.add(stays ? known.get(i) : List.of());
            if (!stays) {
                order.add(i);
            }
        }
        order.sort(java.util.Comparator.comparingInt(i -> distance(wanted.get(i))));
        for (int pass = 0; pass < PASSES; pass++) {
            for (int i : order) {
                paths.set(i, List.of());
                List<Cell> way = cheapest(i);
                if (way.isEmpty()) {
                    return Optional.empty();
                }
                paths.set(i, way);
            }
            if ((pass > 0 || order.size() < 2) && isClear()) {
                return Optional.of(paths);
            }
        }
        return Optional.empty();
    }

    /** A way is still one: it begins and ends at the terminals, and nothing stands on it. */
    private boolean fits(Route route, List<Cell> way) {
        return !way.isEmpty()
                && route.from().stream().anyMatch(p -> p.cell().equals(way.get(0)))
                && route.to().stream().anyMatch(p -> p.cell().equals(way.get(way.size() - 1)))
                && way.stream().allMatch(c -> c.x() < width && c.y() < height && !blocked[c.y() * width + c.x()]);
    }

    /** Wires that share no terminal meet only where both run straight across each other. */
    private boolean isClear() {
        Map<Cell, List<Integer>> at = new HashMap<>();
        for (int i = 0; i < paths.size(); i++) {
            for (Cell cell : paths.get(i)) {
                at.computeIfAbsent(cell, k -> new ArrayList<>()).add(i);
            }
        }
        for (Map.Entry<Cell, List<Integer>> there : at.entrySet()) {
            for (int one : there.getValue()) {
                for (int other : there.getValue()) {
                    boolean apart = one < other && !routes.get(one).sharesTerminal(routes.get(other));
                    if (apart && !cross(run(one, there.getKey()), run(other, there.getKey()))) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private static boolean cross(Run one, Run other) {
        return (one == Run.ALONG_X && other == Run.ALONG_Y) || (one == Run.ALONG_Y && other == Run.ALONG_X);
    }

    /** How a wire passes a cell. */
    private enum Run {
        ALONG_X,
        ALONG_Y,
        BENDS_OR_ENDS
    }

    private Run run(int route, Cell cell) {
        List<Cell> path = paths.get(route);
        int at = path.indexOf(cell);
        if (at == 0 || at == path.size() - 1) {
            return Run.BENDS_OR_ENDS;
        }
        Cell before = path.get(at - 1);
        Cell after = path.get(at + 1);
        return before.y() == after.y() ? Run.ALONG_X : before.x() == after.x() ? Run.ALONG_Y : Run.BENDS_OR_ENDS;
    }

    private static int distance(Route route) {
        Cell a = route.from().get(0).cell();
        Cell b = route.to().get(0).cell();
        return Math.abs(a.x() - b.x()) + Math.abs(a.y() - b.y());
    }

    /** What lies at each cell already, as seen by one route: for each heading the price of moving through. */
    private int[][] prices(int self) {
        int[][] price = new int[4][width * height];
        for (int other = 0; other < paths.size(); other++) {
            if (other == self || paths.get(other).isEmpty()) {
                continue;
            }
            boolean share = routes.get(other).sharesTerminal(routes.get(self));
            List<Cell> path = paths.get(other);
            for (int i = 0; i < path.size(); i++) {
                Cell cell = path.get(i);
                boolean straight = i > 0
                        && i < path.size() - 1
                        && (path.get(i - 1).x() == path.get(i + 1).x()
                                || path.get(i - 1).y() == path.get(i + 1).y());
                boolean alongX = i > 0
                        ? path.get(i - 1).y() == cell.y()
                        : path.size() > 1 && path.get(1).y() == cell.y();
                for (Heading heading : Heading.values()) {
                    boolean across = straight && (alongX == (heading.dx == 0));
                    price[heading.ordinal()][cell.y() * width + cell.x()] += share ? SHARE : across ? CROSS : OVERLAP;
                }
            }
        }
        return price;
    }

    /** A bend on a cell that another wire crosses would look like a joint. */
    private int bendPrice(int[][] price, int cell, Heading in, Heading out) {
        boolean crossed = price[in.ordinal()][cell] > SHARE || price[out.ordinal()][cell] > SHARE;
        return BEND + (crossed ? OVERLAP / 4 : 0);
    }

    private record Step(int state, int cost, int estimate) {}

    private List<Cell> cheapest(int index) {
        Route route = routes.get(index);
        int[][] price = prices(index);
        int states = width * height * 4;
        int[] cost = new int[states];
        int[] before = new int[states];
        Arrays.fill(cost, Integer.MAX_VALUE);
        Arrays.fill(before, -1);
        PriorityQueue<Step> open = new PriorityQueue<>(
                java.util.Comparator.comparingInt(Step::estimate).thenComparingInt(Step::state));
        for (Port port : route.from()) {
            int state = state(port.cell(), port.out());
            cost[state] = price[port.out().ordinal()][state / 4];
            open.add(new Step(state, cost[state], cost[state] + guess(port.cell(), route)));
        }
        while (!open.isEmpty()) {
            Step step = open.remove();
            if (step.cost() > cost[step.state()]) {
                continue;
            }
            Cell cell = new Cell(step.state() / 4 % width, step.state() / 4 / width);
            Heading in = Heading.values()[step.state() % 4];
            for (Port port : route.to()) {
                if (port.cell().equals(cell) && port.out().back() == in) {
                    return trace(step.state(), before);
                }
            }
            for (Heading out : Heading.values()) {
                if (out == in.back()) {
                    continue;
                }
                int x = cell.x() + out.dx;
                int y = cell.y() + out.dy;
                if (x < 0 || y < 0 || x >= width || y >= height || blocked[y * width + x]) {
                    continue;
                }
                int next = state(new Cell(x, y), out);
                int fresh = step.cost()
                        + STEP
                        + (out == in ? 0 : bendPrice(price, step.state() / 4, in, out))
                        + price[out.ordinal()][y * width + x]
                        + (near[y * width + x] ? NEAR : 0);
                if (fresh < cost[next]) {
                    cost[next] = fresh;
                    before[next] = step.state();
                    open.add(new Step(next, fresh, fresh + guess(new Cell(x, y), route)));
                }
            }
        }
        return List.of();
    }

    private int state(Cell cell, Heading heading) {
        return (cell.y() * width + cell.x()) * 4 + heading.ordinal();
    }

    private static int guess(Cell cell, Route route) {
        int least = Integer.MAX_VALUE;
        for (Port port : route.to()) {
            least = Math.min(
                    least,
                    Math.abs(port.cell().x() - cell.x()) + Math.abs(port.cell().y() - cell.y()));
        }
        return least * STEP;
    }

    private List<Cell> trace(int state, int[] before) {
        Deque<Cell> path = new ArrayDeque<>();
        for (int s = state; s >= 0; s = before[s]) {
            path.push(new Cell(s / 4 % width, s / 4 / width));
        }
        return List.copyOf(path);
    }
}
