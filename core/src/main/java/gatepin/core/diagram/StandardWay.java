package gatepin.core.diagram;

import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.plate.VoltageRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.stream.IntStream;

/**
 * One column of a diagram as a motor's usual connection: which leads are on one node, as written and interchanged, and how many run
 * halves lie in series. Run halves are parallel for the lower voltage and in series for the higher, and each start winding lies on
 * the voltage of one half (common practice; marks NEMA MG 1 part 2, from memory).
 */
final class StandardWay {
    /** Potentials are counted in halves of the line voltage. */
    private static final int LINE_1 = 2;

    private static final int UNKNOWN = -1;

    private final int line1;
    private final int line2;
    private final int[] written;
    private final Optional<int[]> interchanged;
    private final int halvesInSeries;
    private final boolean twoVoltages;

    private StandardWay(
            int leads, int[] written, Optional<int[]> interchanged, int halvesInSeries, boolean twoVoltages) {
        this.line1 = leads;
        this.line2 = leads + 1;
        this.written = written;
        this.interchanged = interchanged;
        this.halvesInSeries = halvesInSeries;
        this.twoVoltages = twoVoltages;
    }

    static List<StandardWay> of(List<Connection> columns, List<String> marks, List<Integer> plateVolts) {
        List<Integer> stated = columns.stream().map(Connection::volts).toList();
        List<Integer> all = new ArrayList<>(plateVolts);
        all.addAll(stated);
        boolean two = all.stream().anyMatch(v -> VoltageRange.isHigher(v, all));
        return columns.stream()
                .map(c -> {
                    boolean silent = c.swap().isNone();
                    return new StandardWay(
                            marks.size(),
                            nodes(c, marks),
                            silent ? Optional.empty() : Optional.of(nodes(c.reversed(), marks)),
                            !two ? 0 : VoltageRange.isHigher(c.volts(), all) ? 2 : 1,
                            two);
                })
                .toList();
    }

    /** The node of each lead, then of line 1 and line 2. */
    private static int[] nodes(Connection connection, List<String> marks) {
        int[] node = new int[marks.size() + 2];
        for (int i = 0; i < node.length; i++) {
            node[i] = i;
        }
        put(node, marks, connection.line1(), marks.size());
        put(node, marks, connection.line2(), marks.size() + 1);
        connection.joined().stream()
                .filter(g -> !g.isEmpty())
                .forEach(g -> put(node, marks, g, marks.indexOf(g.first())));
        return node;
    }

    private static void put(int[] node, List<String> marks, SortedSet<String> group, int as) {
        for (String mark : group) {
            int at = marks.indexOf(mark);
            if (at >= 0 && as >= 0) {
                node[at] = as;
            }
        }
    }

    /** 1 for the lower of two voltages, 2 for the higher, 0 where there is one only. */
    int halvesInSeries() {
        return halvesInSeries;
    }

    boolean isOfTwoVoltages() {
        return twoVoltages;
    }

    /** As written it goes straight to a line. */
    boolean isOnALine(int lead) {
        return written[lead] == line1 || written[lead] == line2;
    }

    /** Both as written and interchanged it is on a line, or joined with another lead. */
    boolean hasCompany(int lead) {
        return hasCompany(written, lead)
                && interchanged.map(n -> hasCompany(n, lead)).orElse(true);
    }

    private boolean hasCompany(int[] node, int lead) {
        if (node[lead] == line1 || node[lead] == line2) {
            return true;
        }
        for (int other = 0; other < line1; other++) {
            if (other != lead && node[other] == node[lead]) {
                return true;
            }
        }
        return false;
    }

    /** Neither as written nor interchanged are these two leads on one node. */
    boolean areApart(int a, int b) {
        return written[a] != written[b] && interchanged.map(n -> n[a] != n[b]).orElse(true);
    }

    /**
     * How windings lie.
     *
     * @param turned by winding: its second lead is the like one
     * @param forward whether the start winding lies the same way round as the run winding
     */
    record Sound(boolean[] turned, boolean forward, boolean allCurrentProtected) {
        private boolean agrees(Sound other) {
            return Arrays.equals(turned, other.turned) && forward == other.forward;
        }

        /** The leads with what they mean. */
        Leads leads(List<String> marks, List<Role> roles, int[][] ends) {
            Map<Role, Integer> counted = new EnumMap<>(Role.class);
            List<List<WindingEnd>> of = new ArrayList<>();
            marks.forEach(m -> of.add(new ArrayList<>()));
            for (int w = 0; w < ends.length; w++) {
                int number = counted.merge(roles.get(w), 1, Integer::sum);
                for (int end = 0; end < 2; end++) {
                    of.get(ends[w][end]).add(new WindingEnd(roles.get(w), number, (end == 0) != turned[w]));
                }
            }
            List<Lead> leads = new ArrayList<>();
            for (int i = 0; i < marks.size(); i++) {
                leads.add(new Lead(marks.get(i), "", of.get(i)));
            }
            return new Leads(leads);
        }
    }

    /** Whether windings between these leads run soundly in every column; how they lie then. */
    static Optional<Sound> judge(List<StandardWay> ways, List<Role> roles, int[][] ends) {
        for (int series = 1; series <= 2; series++) {
            Optional<Sound> sound = judge(ways, roles, ends, series);
            if (sound.isPresent()) {
                return sound;
            }
        }
        return Optional.empty();
    }

    private static Optional<Sound> judge(
            List<StandardWay> ways, List<Role> roles, int[][] ends, int seriesIfOneVoltage) {
        Optional<Sound> first = Optional.empty();
        boolean protectedAll = true;
        for (StandardWay way : ways) {
            int series = way.halvesInSeries == 0 ? seriesIfOneVoltage : way.halvesInSeries;
            Optional<Sound> here = way.judge(roles, ends, series);
            boolean agrees =
                    here.isPresent() && (first.isEmpty() || first.orElseThrow().agrees(here.orElseThrow()));
            if (!agrees) {
                return Optional.empty();
            }
            first = first.or(() -> here);
            protectedAll &= here.orElseThrow().allCurrentProtected();
        }
        boolean all = protectedAll;
        return first.map(s -> new Sound(s.turned(), s.forward(), all));
    }

    private Optional<Sound> judge(List<Role> roles, int[][] ends, int series) {
        Optional<Sound> as = new Nodes(written, roles, ends, series).sound();
        if (as.isEmpty() || interchanged.isEmpty()) {
            return as;
        }
        Optional<Sound> back = new Nodes(interchanged.orElseThrow(), roles, ends, series).sound();
        boolean reverses = back.isPresent()
                && back.orElseThrow().forward() != as.orElseThrow().forward()
                && Arrays.equals(back.orElseThrow().turned(), as.orElseThrow().turned());
        if (reverses) {
            return as;
        }
        // three leads and a capacitor: the line moves to the other winding, which is then the one without the capacitor
        boolean alike = roles.stream().filter(r -> r == Role.RUN).count() == 1
                && roles.contains(Role.CAPACITOR)
                && new Nodes(interchanged.orElseThrow(), exchanged(roles), ends, series)
                        .sound()
                        .isPresent();
        return alike ? as : Optional.empty();
    }

    private static List<Role> exchanged(List<Role> roles) {
        return roles.stream()
                .map(r -> r == Role.RUN ? Role.START : r == Role.START ? Role.RUN : r)
                .toList();
    }

    /** One way round, with potentials as ideal halves divide them. */
    private final class Nodes {
        private final int[] open;
        private final int[] node;
        private final List<Role> roles;
        private final int[][] ends;
        private final int series;
        private final int[] potential;

        Nodes(int[] open, List<Role> roles, int[][] ends, int series) {
            this.open = open;
            this.node = open.clone();
            this.roles = roles;
            this.ends = ends;
            this.series = series;
            this.potential = new int[open.length];
        }

        Optional<Sound> sound() {
            Arrays.fill(potential, UNKNOWN);
            for (int w = 0; w < ends.length; w++) {
                if (roles.get(w) == Role.CAPACITOR && !seesThrough(w)) {
                    return Optional.empty();
                }
                if (!isWinding(w)) {
                    merge(ends[w]);
                }
            }
            // of a protector's heaters the higher voltage may need one only
            if (roles.contains(Role.PROTECTOR)
                    && windings(Role.PROTECTOR).stream().noneMatch(this::seesThrough)) {
                return Optional.empty();
            }
            if (node[line1] == node[line2]) {
                return Optional.empty();
            }
            potential[node[line1]] = LINE_1;
            potential[node[line2]] = 0;
            boolean[] turned = new boolean[ends.length];
            List<Integer> run = windings(Role.RUN);
            List<Integer> start = windings(Role.START);
            if (!halves(run) || !starts(start)) {
                return Optional.empty();
            }
            boolean runUp = isUp(run.get(0));
            boolean startUp = isUp(start.get(0));
            run.forEach(w -> turned[w] = isUp(w) != runUp);
            start.forEach(w -> turned[w] = isUp(w) != startUp);
            return Optional.of(new Sound(turned, runUp == startUp, allCurrentProtected()));
        }

        private boolean isWinding(int w) {
            return roles.get(w) == Role.RUN || roles.get(w) == Role.START;
        }

        private List<Integer> windings(Role role) {
            return IntStream.range(0, ends.length)
                    .filter(w -> roles.get(w) == role)
                    .boxed()
                    .toList();
        }

        /** A protector or a capacitor that something lies before and behind; a capacitor stands beside a start end alone. */
        private boolean seesThrough(int w) {
            int[] two = ends[w];
            if (open[two[0]] == open[two[1]]) {
                return false;
            }
            boolean company = company(two[0], w) && company(two[1], w);
            return company && (roles.get(w) == Role.PROTECTOR || onlyStart(two[0], w) || onlyStart(two[1], w));
        }

        private boolean company(int lead, int winding) {
            if (open[lead] == line1 || open[lead] == line2) {
                return true;
            }
            for (int w = 0; w < ends.length; w++) {
                if (w != winding && (open[ends[w][0]] == open[lead] || open[ends[w][1]] == open[lead])) {
                    return true;
                }
            }
            return false;
        }

        private boolean onlyStart(int lead, int winding) {
            if (open[lead] == line1 || open[lead] == line2) {
                return false;
            }
            for (int w = 0; w < ends.length; w++) {
                boolean here = open[ends[w][0]] == open[lead] || open[ends[w][1]] == open[lead];
                if (w != winding && here && roles.get(w) != Role.START) {
                    return false;
                }
            }
            return true;
        }

        private void merge(int[] two) {
            int from = node[two[1]];
            int to = node[two[0]];
            if (from == node[line1] || from == node[line2]) {
                int keep = from;
                from = to;
                to = keep;
            }
            for (int i = 0; i < node.length; i++) {
                node[i] = node[i] == from ? to : node[i];
            }
        }

        private int at(int winding, int end) {
            return potential[node[ends[winding][end]]];
        }

        private boolean isUp(int winding) {
            return at(winding, 0) > at(winding, 1);
        }

        private boolean halves(List<Integer> run) {
            if (series == 1) {
                return run.stream().allMatch(w -> Math.abs(at(w, 0) - at(w, 1)) == LINE_1 && isKnown(w));
            }
            return run.size() == 2 && middle(run.get(0), run.get(1));
        }

        private boolean isKnown(int w) {
            return at(w, 0) != UNKNOWN && at(w, 1) != UNKNOWN;
        }

        /** Two windings of a kind in series between the lines: the node between them gets half. */
        private boolean middle(int one, int other) {
            for (int end : ends[one]) {
                int between = node[end];
                boolean shared = node[ends[other][0]] == between || node[ends[other][1]] == between;
                if (shared && potential[between] == UNKNOWN) {
                    potential[between] = LINE_1 / 2;
                    return Math.abs(at(one, 0) - at(one, 1)) == 1
                            && Math.abs(at(other, 0) - at(other, 1)) == 1
                            && isKnown(one)
                            && isKnown(other)
                            && far(one, between) != far(other, between);
                }
            }
            return false;
        }

        private int far(int winding, int between) {
            int a = node[ends[winding][0]];
            return potential[a == between ? node[ends[winding][1]] : a];
        }

        private boolean starts(List<Integer> start) {
            if (series == 2 && start.size() == 2 && !isKnown(start.get(0)) && !middle(start.get(0), start.get(1))) {
                return false;
            }
            return start.stream().allMatch(w -> isKnown(w) && Math.abs(at(w, 0) - at(w, 1)) == LINE_1 / series);
        }

        /** With the protector open nothing is left between the lines: one line meets no winding. */
        private boolean allCurrentProtected() {
            return meetsNone(line1) || meetsNone(line2);
        }

        private boolean meetsNone(int line) {
            for (int w = 0; w < ends.length; w++) {
                if (isWinding(w) && (open[ends[w][0]] == open[line] || open[ends[w][1]] == open[line])) {
                    return false;
                }
            }
            return true;
        }
    }
}
