package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Leads;
import gatepin.core.winding.MeterReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What the marks of a motor's leads mean, worked out: every way to give its leads to windings under which each column of the
 * diagram runs it soundly, its interchange reverses it, and every ohm reading is as it must be. Plates use marks their own way:
 * the same T6 is a start winding's end on one and a protector's third terminal on the next.
 *
 * <p>Soundly means what {@link StandardWay} says: halves in parallel for the lower voltage and in series for the higher, like ends
 * alike, the start winding on the voltage of one half.
 */
public final class MarkMeanings {
    /** Readings of whole windings that are further apart than this are no halves of one motor. */
    private static final double HALVES_APART = 0.25;

    /** More meanings than this nobody compares: by then the answer is that it is open. */
    public static final int MOST = 200;

    /** What looking at two leads, and at a whole meaning, counts; and how much one question may take, about a tenth of a second. */
    private static final int PAIR = 1;

    private static final int WHOLE = 20;
    private static final long ENOUGH = 1_500_000;

    private final Known known;
    private final Budget budget;
    private final List<String> marks;
    private final List<StandardWay> ways;

    private MarkMeanings(Known known, List<Connection> columns, Budget budget) {
        this.budget = budget;
        this.known = known;
        this.marks = known.marks();
        this.ways = StandardWay.of(columns, marks, known.plateVolts());
    }

    /** How much looking is left. */
    private static final class Budget {
        private long left;

        Budget(long left) {
            this.left = left;
        }

        boolean isSpent() {
            return left <= 0;
        }
    }

    /**
     * What is known beside the columns.
     *
     * @param marks the marks of all leads
     * @param plateVolts the voltages on the plate; empty where it is not read
     * @param capacitorInside a capacitor may stand in series with the start winding inside, so that no meter sees through it
     * @param readings ohm readings between leads by these marks
     */
    public record Known(
            List<String> marks, List<Integer> plateVolts, boolean capacitorInside, List<MeterReading> readings) {
        public Known {
            SortedSet<String> sorted = new TreeSet<>(Marks.NATURAL_ORDER);
            sorted.addAll(marks);
            marks = List.copyOf(sorted);
            plateVolts = List.copyOf(plateVolts);
            readings = List.copyOf(readings);
        }
    }

    /**
     * Every meaning that fits, those that lead all current through the protector alone where there are such; no more than {@link #MOST},
     * and of columns that leave next to everything open only those that were come upon in good time.
     *
     * @param columns the columns of the diagram, each with its interchange; one that is not stated has two blank marks
     */
    public static List<Leads> of(Known known, List<Connection> columns) {
        List<Leads> all = of(known, columns, new Budget(ENOUGH));
        if (!known.plateVolts().isEmpty() || columns.size() != 1) {
            return all;
        }
        // nobody says that it has one voltage only: its one column may be that of the higher of two
        int volts = columns.get(0).volts();
        Known ofTwo = new Known(known.marks(), List.of(volts / 2, volts), known.capacitorInside(), known.readings());
        return Stream.concat(of(ofTwo, columns, new Budget(ENOUGH)).stream(), all.stream())
                .distinct()
                .limit(MOST)
                .toList();
    }

    private static List<Leads> of(Known known, List<Connection> columns, Budget budget) {
        boolean tooMany = known.marks().size() < 3 || known.marks().size() > Leads.MOST;
        return tooMany || columns.isEmpty() ? List.of() : new MarkMeanings(known, columns, budget).all();
    }

    /** Whether leads as they are understood have a meaning that fits. */
    public static boolean fits(Leads leads, List<Leads> meanings) {
        return meanings.stream().anyMatch(m -> windings(m).equals(windings(leads)));
    }

    private static Map<Role, SortedSet<String>> windings(Leads leads) {
        Map<Role, SortedSet<String>> windings = new TreeMap<>();
        leads.windings()
                .forEach(w -> windings.computeIfAbsent(w.role(), k -> new TreeSet<>())
                        .add(new TreeSet<>(List.of(w.like().mark(), w.other().mark())).toString()));
        return windings;
    }

    /** Where no meaning fits: the single slips that would leave one, the likeliest first. */
    public static List<Misread.Mend> mends(Known known, List<Connection> columns, int column) {
        Budget budget = new Budget(2 * ENOUGH);
        Predicate<Connection> sound = other -> {
            if (budget.isSpent()) {
                return false;
            }
            List<Connection> changed = new ArrayList<>(columns);
            changed.set(column, other);
            return !of(known, changed, budget).isEmpty();
        };
        return Misread.mends(columns.get(column), known.marks(), sound);
    }

    /**
     * The two leads whose ohms tell most meanings apart.
     *
     * @param outcomes what the meter says there, with how many meanings are left then
     */
    public record Question(String one, String other, Map<String, Integer> outcomes) {}

    /** The next reading that leaves fewest meanings at worst; empty where no ohmmeter can tell them apart. */
    public static Optional<Question> question(List<Leads> meanings, boolean capacitorInside) {
        List<String> marks = meanings.isEmpty() ? List.of() : meanings.get(0).marks();
        Optional<Question> best = Optional.empty();
        for (int i = 0; i < marks.size(); i++) {
            for (int j = i + 1; j < marks.size(); j++) {
                Question question = question(marks.get(i), marks.get(j), meanings, capacitorInside);
                boolean better = question.outcomes().size() > 1
                        && best.map(b -> worst(question) < worst(b)).orElse(true);
                best = better ? Optional.of(question) : best;
            }
        }
        return best;
    }

    private static int worst(Question question) {
        return question.outcomes().values().stream().max(Integer::compare).orElse(0);
    }

    private static Question question(String one, String other, List<Leads> meanings, boolean capacitorInside) {
        Map<String, Integer> outcomes = new TreeMap<>(meanings.stream()
                .collect(Collectors.groupingBy(
                        m -> outcome(m, one, other, capacitorInside), Collectors.summingInt(m -> 1))));
        return new Question(one, other, outcomes);
    }

    private static String outcome(Leads leads, String one, String other, boolean capacitorInside) {
        return leads.windings().stream()
                .filter(w -> List.of(w.like().mark(), w.other().mark()).containsAll(List.of(one, other)))
                .findFirst()
                .map(w -> w.role() == Role.CAPACITOR || w.role() == Role.START && capacitorInside
                        ? "OL"
                        : w.role() == Role.PROTECTOR ? "0" : w.role().word())
                .orElse(joined(leads, one, other, capacitorInside) ? "several" : "OL");
    }

    /** Whether a meter finds its way between two leads, through whatever windings. */
    private static boolean joined(Leads leads, String one, String other, boolean capacitorInside) {
        SortedSet<String> reached = new TreeSet<>(List.of(one));
        boolean grows = true;
        while (grows) {
            grows = leads.windings().stream()
                    .filter(w -> w.role() != Role.CAPACITOR && !(w.role() == Role.START && capacitorInside))
                    .map(w -> List.of(w.like().mark(), w.other().mark()))
                    .filter(ends -> ends.stream().anyMatch(reached::contains))
                    .map(reached::addAll)
                    .reduce(false, Boolean::logicalOr);
        }
        return reached.contains(other);
    }

    private List<Leads> all() {
        List<Found> found = new ArrayList<>();
        shapes(0).forEach(s -> new Search(s, found).place(0));
        if (found.isEmpty()) {
            // a protector's third terminal may carry another mark, such as T6
            shapes(1).forEach(s -> new Search(s, found).place(0));
        }
        boolean whole = found.stream().anyMatch(Found::allCurrentProtected);
        return found.stream()
                .filter(f -> !whole || f.allCurrentProtected())
                .map(Found::leads)
                .filter(this::agreesWithReadings)
                .toList();
    }

    private boolean agreesWithReadings(Leads leads) {
        for (MeterReading reading : known.readings()) {
            if (!marks.contains(reading.a()) || !marks.contains(reading.b())) {
                continue;
            }
            boolean through = joined(leads, reading.a(), reading.b(), false);
            boolean sure = joined(leads, reading.a(), reading.b(), known.capacitorInside());
            if (reading.isOpen() ? sure : !through) {
                return false;
            }
        }
        double[] run = ohms(leads, Role.RUN);
        double[] start = ohms(leads, Role.START);
        boolean halvesAlike = run.length < 2 || Math.abs(run[0] - run[1]) <= HALVES_APART * Math.max(run[0], run[1]);
        return halvesAlike && (run.length == 0 || start.length == 0 || run[0] < start[0] * (1 + HALVES_APART));
    }

    /** The last readings of whole windings of a kind, Ω. */
    private double[] ohms(Leads leads, Role role) {
        return leads.windings().stream()
                .filter(w -> w.role() == role)
                .flatMap(w -> known.readings().stream()
                        .filter(r -> !r.isOpen()
                                && r.isBetween(w.like().mark(), w.other().mark()))
                        .reduce((before, last) -> last)
                        .stream())
                .mapToDouble(MeterReading::ohms)
                .toArray();
    }

    // what windings there can be

    /** Windings by number, and how many leads bring out two ends. */
    private record Shape(int run, int start, int protectors, int capacitors, int joints) {
        List<Role> roles() {
            List<Role> roles = new ArrayList<>();
            add(roles, Role.PROTECTOR, protectors);
            add(roles, Role.RUN, run);
            add(roles, Role.START, start);
            add(roles, Role.CAPACITOR, capacitors);
            return roles;
        }

        private static void add(List<Role> roles, Role role, int times) {
            IntStream.range(0, times).forEach(i -> roles.add(role));
        }
    }

    private boolean isMarked(int lead, char letter) {
        String mark = marks.get(lead);
        return mark.length() == 2 && mark.charAt(0) == letter && Character.isDigit(mark.charAt(1));
    }

    private int marked(char letter) {
        return (int) IntStream.range(0, marks.size())
                .filter(i -> isMarked(i, letter))
                .count();
    }

    /** @param unmarked how many terminals of a protector may be marked otherwise where others are marked P */
    private List<Shape> shapes(int unmarked) {
        List<Shape> shapes = new ArrayList<>();
        int capacitors = marked('C') == 2 ? 1 : 0;
        boolean dual = ways.stream().anyMatch(w -> w.halvesInSeries() == 2)
                || ways.stream().anyMatch(w -> w.halvesInSeries() == 1 && w.isOfTwoVoltages());
        for (int run = dual ? 2 : 1; run <= 2; run++) {
            for (int start = 1; start <= run; start++) {
                for (int protectors = 0; protectors <= 2; protectors++) {
                    int ends = 2 * (run + start + protectors + capacitors);
                    int joints = ends - marks.size();
                    int usual = protectors == 2 ? 1 : 0;
                    boolean known = unmarked > 0
                            ? protectors == 2 && marked('P') == protectors + 1 - unmarked
                            : marked('P') == 0 || marked('P') == protectors + 1 || marked('P') == 1 && protectors == 1;
                    if (known && joints >= usual && joints <= usual + 1) {
                        shapes.add(new Shape(run, start, protectors, capacitors, joints));
                    }
                }
            }
        }
        return shapes;
    }

    private record Found(Leads leads, boolean allCurrentProtected) {}

    /** Gives the ends of one winding after the other to leads. */
    private final class Search {
        private final List<Role> roles;
        private final int jointsLeft;
        private final int[][] ends;
        private final int[] used;
        private final List<Found> found;
        private int joints;

        Search(Shape shape, List<Found> found) {
            this.roles = shape.roles();
            this.jointsLeft = shape.joints();
            this.ends = new int[roles.size()][];
            this.used = new int[marks.size()];
            this.found = found;
        }

        void place(int winding) {
            if (winding == roles.size()) {
                judge();
                return;
            }
            Role role = roles.get(winding);
            if (budget.isSpent() || found.size() >= MOST) {
                return;
            }
            boolean second = winding > 0 && roles.get(winding - 1) == role;
            for (int a = 0; a < used.length; a++) {
                for (int b = a + 1; b < used.length; b++) {
                    budget.left -= PAIR;
                    // the order of two windings of a kind is of no matter
                    if (second && compare(ends[winding - 1], a, b) >= 0) {
                        continue;
                    }
                    int more = joint(a, winding) + joint(b, winding);
                    if (more <= 1 && joints + more <= jointsLeft && suits(role, a, b)) {
                        ends[winding] = new int[] {a, b};
                        used[a]++;
                        used[b]++;
                        joints += more;
                        place(winding + 1);
                        joints -= more;
                        used[a]--;
                        used[b]--;
                    }
                }
            }
        }

        private int compare(int[] before, int a, int b) {
            return before[0] != a ? Integer.compare(before[0], a) : Integer.compare(before[1], b);
        }

        /** 1 where the lead brings out an end already that may be joined with this winding's; too many where it must not. */
        private int joint(int lead, int winding) {
            if (used[lead] == 0) {
                return 0;
            }
            if (used[lead] > 1) {
                return 2;
            }
            for (int w = 0; w < winding; w++) {
                if (ends[w][0] == lead || ends[w][1] == lead) {
                    return mayJoin(roles.get(w), roles.get(winding)) ? 1 : 2;
                }
            }
            return 2;
        }

        private boolean mayJoin(Role one, Role other) {
            return one == Role.PROTECTOR && (other == Role.PROTECTOR || other == Role.RUN)
                    || one == Role.RUN && other == Role.START;
        }

        private boolean suits(Role role, int a, int b) {
            boolean capacitor = isMarked(a, 'C') && isMarked(b, 'C');
            boolean protectorMarks = isMarked(a, 'P') || isMarked(b, 'P');
            return switch (role) {
                        case CAPACITOR -> capacitor;
                        case PROTECTOR -> marked('P') == 0 || protectorMarks;
                        default ->
                            !(protectorMarks && used[a] + used[b] == 0 && marked('P') > 1)
                                    && !(roles.contains(Role.CAPACITOR) && (isMarked(a, 'C') || isMarked(b, 'C')));
                    }
                    && ways.stream().allMatch(w -> w.areApart(a, b));
        }

        /** A winding's end by itself carries nothing, unless it is joined with the protector inside. */
        private boolean isLive(int lead) {
            boolean behindProtector = IntStream.range(0, roles.lastIndexOf(Role.PROTECTOR) + 1)
                    .anyMatch(w -> ends[w] != null && (ends[w][0] == lead || ends[w][1] == lead));
            return behindProtector || ways.stream().allMatch(w -> w.hasCompany(lead));
        }

        private void judge() {
            budget.left -= WHOLE;
            for (int i = 0; i < used.length; i++) {
                if (used[i] == 0 || isMarked(i, 'P') && !isProtectors(i)) {
                    return;
                }
            }
            if (roles.lastIndexOf(Role.PROTECTOR) == 1 && !heatersShareALead()) {
                return;
            }
            StandardWay.judge(ways, roles, ends)
                    .ifPresent(s -> found.add(new Found(s.leads(marks, roles, ends), s.allCurrentProtected())));
        }

        private boolean isProtectors(int lead) {
            return IntStream.range(0, roles.size())
                    .anyMatch(w -> roles.get(w) == Role.PROTECTOR && (ends[w][0] == lead || ends[w][1] == lead));
        }

        /** A protector with three terminals: both its heaters begin at one, and there the line enters. */
        private boolean heatersShareALead() {
            return IntStream.of(ends[0])
                    .filter(one -> ends[1][0] == one || ends[1][1] == one)
                    .anyMatch(one -> ways.stream().allMatch(w -> w.isOnALine(one)));
        }
    }
}
