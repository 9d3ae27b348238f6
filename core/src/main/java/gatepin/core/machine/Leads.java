package gatepin.core.machine;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead.WindingEnd;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The leads of a motor, each bringing out one winding's end, or several that are joined inside.
 *
 * @param all every lead, in the order of their marks
 */
public record Leads(List<Lead> all) {
    /** Most leads one motor box can have here. */
    public static final int MOST = 12;

    private static final Pattern MARK = Pattern.compile("[A-Za-z0-9][A-Za-z0-9/.']{0,11}");
    private static final Pattern WINDING_WORD = Pattern.compile(
            "(run|main|start|aux|auxiliary|protector|capacitor)\\s*([12])?(?:\\s+(like|other)\\s+end)?",
            Pattern.CASE_INSENSITIVE);

    public Leads {
        all = all.stream()
                .sorted(Comparator.comparing(Lead::mark, Marks.NATURAL_ORDER))
                .toList();
    }

    /** One lead as typed; {@code winding} is empty where the mark speaks for itself. */
    public record Typed(String mark, String colour, String winding) {
        boolean isBlank() {
            return mark.isBlank() && colour.isBlank() && winding.isBlank();
        }
    }

    /**
     * Reads the rows of a lead table. Rows left blank are passed over. Problems name the field as {@code
     * leads[row].mark}, {@code leads[row].winding} or {@code leads}.
     */
    public static Reading<Leads> read(List<Typed> rows) {
        List<Problem> problems = new ArrayList<>();
        List<Lead> leads = new ArrayList<>();
        Map<String, Integer> endsUsed = new TreeMap<>();
        Set<String> seen = new HashSet<>();
        Set<Role> whole = EnumSet.noneOf(Role.class);
        boolean threeTerminal = countMarks(rows, "P1", "P3") == 2;
        if (countMarks(rows, "T1", "T2", "T3", "T4") == 2) {
            whole.add(Role.RUN);
        }
        if (countMarks(rows, "T5", "T6", "T7", "T8") == 2) {
            whole.add(Role.START);
        }
        for (int i : inNaturalOrder(rows)) {
            Typed row = rows.get(i);
            if (row.isBlank()) {
                continue;
            }
            String field = "leads[" + i + "]";
            String mark = row.mark().strip();
            if (!MARK.matcher(mark).matches()) {
                problems.add(new Problem(
                        field + ".mark",
                        row.mark(),
                        mark.isEmpty()
                                ? "This lead has no mark. Write what is on it, or a letter of your own."
                                : "“" + mark + "” cannot be a mark: use up to 12 letters and digits, no spaces."));
                continue;
            }
            if (!seen.add(mark.toUpperCase(Locale.ROOT))) {
                problems.add(new Problem(
                        field + ".mark",
                        mark,
                        mark + " is here twice. If two leads carry the same mark, add a letter of your own to one."));
                continue;
            }
            if (row.colour().length() > 30) {
                problems.add(new Problem(field + ".colour", row.colour(), "Say the colour in at most 30 letters."));
                continue;
            }
            List<WindingEnd> ends = ends(mark, row.winding(), endsUsed, whole);
            if (threeTerminal && mark.equalsIgnoreCase("P1") && row.winding().isBlank()) {
                ends = List.of(ends.get(0), new WindingEnd(Role.PROTECTOR, 2, true));
            }
            if (ends.isEmpty()) {
                problems.add(new Problem(
                        field + ".winding",
                        row.winding(),
                        row.winding().isBlank()
                                ? mark + " is not a standard mark. Say which winding it belongs to."
                                : "“" + row.winding().strip()
                                        + "” is no winding. Choose run 1, run 2, start 1, start 2, protector or"
                                        + " capacitor; two with a plus between where the lead ends both."));
                continue;
            }
            leads.add(new Lead(mark, row.colour().strip(), ends));
        }
        problems.sort(Comparator.comparing(Problem::field, Marks.NATURAL_ORDER));
        if (problems.isEmpty()) {
            wholeWindings(leads).ifPresent(problems::add);
        }
        return problems.isEmpty() ? Reading.of(new Leads(leads)) : Reading.failed(problems);
    }

    /** The rows by their marks: which end of a winding is the like one hangs on the marks, and not on the order they are typed in. */
    private static List<Integer> inNaturalOrder(List<Typed> rows) {
        return IntStream.range(0, rows.size())
                .boxed()
                .sorted(Comparator.comparing(i -> rows.get(i).mark().strip(), Marks.NATURAL_ORDER))
                .toList();
    }

    /** The leads of a motor as its windings tell them, without colours. */
    public static Leads of(Motor motor) {
        return of(motor.windings());
    }

    /** The leads that windings come out on, without colours. */
    public static Leads of(List<Winding> windings) {
        Map<Role, Integer> counted = new EnumMap<>(Role.class);
        Map<Terminal, List<WindingEnd>> ends = new LinkedHashMap<>();
        for (Winding winding : windings) {
            int number = counted.merge(winding.role(), 1, Integer::sum);
            ends.computeIfAbsent(winding.like(), k -> new ArrayList<>())
                    .add(new WindingEnd(winding.role(), number, true));
            ends.computeIfAbsent(winding.other(), k -> new ArrayList<>())
                    .add(new WindingEnd(winding.role(), number, false));
        }
        return new Leads(ends.entrySet().stream()
                .map(e -> new Lead(e.getKey().mark(), "", e.getValue()))
                .toList());
    }

    /**
     * The rows of a lead table that read as these leads: the winding is left blank where the mark speaks for itself, and which of its
     * ends a lead brings out is said only where the order of the marks would give another.
     */
    public List<Typed> typed() {
        List<Typed> plain = all.stream()
                .map(l -> new Typed(l.mark(), l.colour(), isByItsMark(l) ? "" : l.windingNames()))
                .toList();
        return reads(plain)
                ? plain
                : all.stream()
                        .map(l -> new Typed(
                                l.mark(),
                                l.colour(),
                                l.ends().stream()
                                        .map(e -> e.windingName() + (e.like() ? " like end" : " other end"))
                                        .collect(Collectors.joining(" + "))))
                        .toList();
    }

    private boolean reads(List<Typed> rows) {
        return read(rows).value().filter(this::equals).isPresent();
    }

    private static long countMarks(List<Typed> rows, String... marks) {
        Set<String> wanted = Set.of(marks);
        return rows.stream()
                .map(r -> r.mark().strip().toUpperCase(Locale.ROOT))
                .filter(wanted::contains)
                .distinct()
                .count();
    }

    /**
     * The winding ends a lead brings out; none where its words name no winding.
     *
     * @param whole circuits of which two marks only come out: halves joined inside, so the two are one winding's ends
     */
    private static List<WindingEnd> ends(String mark, String winding, Map<String, Integer> endsUsed, Set<Role> whole) {
        Optional<WindingEnd> standard = StandardMarks.meaning(mark);
        if (winding.isBlank()) {
            return standard
                    .map(e -> whole.contains(e.role())
                            ? new WindingEnd(e.role(), 1, isFirst(e.role().word() + " 1", endsUsed))
                            : e)
                    .stream()
                    .toList();
        }
        List<WindingEnd> ends = new ArrayList<>();
        for (String part : winding.strip().split("(?i)\\s*(?:\\+|,|&|\\band\\b)\\s*")) {
            Matcher word = WINDING_WORD.matcher(part);
            if (!word.matches()) {
                return List.of();
            }
            ends.add(typedEnd(word, standard, endsUsed));
        }
        long different = ends.stream().map(WindingEnd::windingName).distinct().count();
        return different < ends.size() ? List.of() : ends;
    }

    private static WindingEnd typedEnd(Matcher word, Optional<WindingEnd> standard, Map<String, Integer> endsUsed) {
        Role role = switch (word.group(1).toLowerCase(Locale.ROOT)) {
            case "run", "main" -> Role.RUN;
            case "protector" -> Role.PROTECTOR;
            case "capacitor" -> Role.CAPACITOR;
            default -> Role.START;
        };
        int number = word.group(2) == null ? 1 : Integer.parseInt(word.group(2));
        boolean first = isFirst(role.word() + " " + number, endsUsed);
        boolean like = word.group(3) != null
                ? word.group(3).equalsIgnoreCase("like")
                : standard.filter(e -> e.role() == role && e.number() == number)
                        .map(WindingEnd::like)
                        .orElse(first);
        return new WindingEnd(role, number, like);
    }

    private static boolean isFirst(String winding, Map<String, Integer> endsUsed) {
        return endsUsed.merge(winding, 1, Integer::sum) == 1;
    }

    private static Optional<Problem> wholeWindings(List<Lead> leads) {
        if (leads.isEmpty()) {
            return Optional.of(new Problem("leads", "", "Write down the motor's leads, one in each row."));
        }
        if (leads.size() > MOST) {
            return Optional.of(new Problem("leads", "" + leads.size(), "At most " + MOST + " leads fit here."));
        }
        Map<String, List<Lead>> byWinding = byWinding(leads);
        for (Map.Entry<String, List<Lead>> entry : byWinding.entrySet()) {
            if (entry.getValue().size() != 2) {
                List<String> marks = entry.getValue().stream().map(Lead::mark).toList();
                return Optional.of(new Problem(
                        "leads",
                        String.join(" ", marks),
                        "A winding has two ends, but " + entry.getKey() + " has "
                                + (marks.size() == 1 ? "only " + marks.get(0) : String.join(", ", marks))
                                + ". Add the missing lead, or say which winding it belongs to."));
            }
        }
        if (byWinding.keySet().stream().noneMatch(w -> w.startsWith(Role.RUN.word()))) {
            return Optional.of(new Problem("leads", "", "No lead belongs to a run winding. A motor has at least one."));
        }
        return Optional.empty();
    }

    /** Whether a lead's mark says by itself which winding it belongs to. */
    public static boolean isByItsMark(Lead lead) {
        return StandardMarks.meaning(lead.mark())
                .map(end -> lead.ends().stream().allMatch(e -> e.role() == end.role()))
                .orElse(false);
    }

    /** The marks of all leads, in order. */
    public List<String> marks() {
        return all.stream().map(Lead::mark).toList();
    }

    public List<Terminal> terminals() {
        return all.stream().map(Lead::terminal).toList();
    }

    /** The terminal of the lead with this mark; a lead of the motor where none has it. */
    public Terminal terminal(String mark) {
        return find(mark).map(Lead::terminal).orElseGet(() -> Terminal.motor(mark));
    }

    /** The lead with this mark, in whatever case it is written. */
    public Optional<Lead> find(String mark) {
        return all.stream().filter(l -> l.mark().equalsIgnoreCase(mark)).findFirst();
    }

    private static Map<String, List<Lead>> byWinding(List<Lead> leads) {
        Map<String, List<Lead>> byWinding = new TreeMap<>();
        leads.forEach(l -> l.ends()
                .forEach(e -> byWinding
                        .computeIfAbsent(e.windingName(), k -> new ArrayList<>())
                        .add(l)));
        return byWinding;
    }

    private static WindingEnd end(Lead lead, String winding) {
        return lead.ends().stream()
                .filter(e -> e.windingName().equals(winding))
                .findFirst()
                .orElseThrow();
    }

    /** The windings between the leads. */
    public List<Winding> windings() {
        List<Winding> windings = new ArrayList<>();
        byWinding(all).forEach((name, two) -> {
            if (two.size() == 2) {
                Lead first = two.get(0);
                Lead second = two.get(1);
                boolean firstLike =
                        end(first, name).like() || !end(second, name).like();
                windings.add(new Winding(
                        name,
                        end(first, name).role(),
                        (firstLike ? first : second).terminal(),
                        (firstLike ? second : first).terminal()));
            }
        });
        return windings;
    }
}
