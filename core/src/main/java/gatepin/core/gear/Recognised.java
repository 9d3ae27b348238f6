package gatepin.core.gear;

import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A switch of a known kind under other numbers: however its terminals are numbered or turned, it joins what the kind joins.
 *
 * @param kind the kind
 * @param numbers for each terminal of the kind the terminal of this switch in its place
 * @param waysExchanged its FORWARD is the kind's REVERSE
 */
public record Recognised(SwitchKind kind, Map<Terminal, Terminal> numbers, boolean waysExchanged) {
    /** The first kind that a chart follows, in the order of the library; a handle that springs back is another kind. */
    public static Optional<Recognised> in(ContactChart chart, boolean springReturn, boolean hasOff) {
        for (SwitchKind kind : SwitchKind.ALL) {
            if (kind.springReturn() != springReturn
                    || kind.hasOff() != hasOff
                    || kind.chart().terminals().size() != chart.terminals().size()) {
                continue;
            }
            for (boolean exchanged : new boolean[] {false, true}) {
                Optional<Recognised> found = laidOver(kind, chart, exchanged);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Recognised> laidOver(SwitchKind kind, ContactChart chart, boolean exchanged) {
        boolean[][][] of = new boolean[3][][];
        boolean[][][] there = new boolean[3][][];
        for (HandlePosition position : HandlePosition.values()) {
            HandlePosition other = !exchanged || position == HandlePosition.OFF
                    ? position
                    : position == HandlePosition.FORWARD ? HandlePosition.REVERSE : HandlePosition.FORWARD;
            of[position.ordinal()] = joined(kind.chart(), position);
            there[position.ordinal()] = joined(chart, other);
        }
        int size = chart.terminals().size();
        int[] way = new int[size];
        if (!lay(0, way, of, there)) {
            return Optional.empty();
        }
        Map<Terminal, Terminal> numbers = new LinkedHashMap<>();
        for (int i = 0; i < size; i++) {
            numbers.put(kind.chart().terminals().get(i), chart.terminals().get(way[i]));
        }
        return Optional.of(new Recognised(kind, numbers, exchanged));
    }

    private static boolean lay(int place, int[] way, boolean[][][] of, boolean[][][] there) {
        if (place == way.length) {
            return true;
        }
        for (int to = 0; to < way.length; to++) {
            int target = to;
            if (Arrays.stream(way, 0, place).noneMatch(w -> w == target) && fits(place, to, way, of, there)) {
                way[place] = to;
                if (lay(place + 1, way, of, there)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean fits(int place, int to, int[] way, boolean[][][] of, boolean[][][] there) {
        for (int position = 0; position < of.length; position++) {
            if (degree(of[position][place]) != degree(there[position][to])) {
                return false;
            }
            for (int before = 0; before < place; before++) {
                if (of[position][place][before] != there[position][to][way[before]]) {
                    return false;
                }
            }
        }
        return true;
    }

    private static int degree(boolean[] row) {
        int degree = 0;
        for (boolean joined : row) {
            degree += joined ? 1 : 0;
        }
        return degree;
    }

    /** Which terminals are one point in a position. */
    private static boolean[][] joined(ContactChart chart, HandlePosition position) {
        List<Terminal> terminals = new ArrayList<>(chart.terminals());
        int[] set = new int[terminals.size()];
        Arrays.setAll(set, i -> i);
        chart.closedIn(position).forEach(c -> {
            int a = set[terminals.indexOf(c.a())];
            int b = set[terminals.indexOf(c.b())];
            for (int i = 0; i < set.length; i++) {
                set[i] = set[i] == b ? a : set[i];
            }
        });
        boolean[][] joined = new boolean[set.length][set.length];
        for (int a = 0; a < set.length; a++) {
            for (int b = 0; b < set.length; b++) {
                joined[a][b] = set[a] == set[b];
            }
        }
        return joined;
    }
}
