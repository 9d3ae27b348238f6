package gatepin.core.straight;

import gatepin.core.Sentence;
import gatepin.core.circuit.Marks;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.DiagramText;
import gatepin.core.diagram.MarkMeanings;
import gatepin.core.machine.Leads;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What stands under the lid, as a person types or pastes it. It is taken only where all of it was understood, and its marks have one
 * meaning: of half a lid no wire is drawn.
 *
 * @param leads its leads, with what they mean; none where that is not certain
 * @param columns its columns; none where that is not certain
 * @param namesVolts every column says for which voltage it is
 * @param questions what keeps it from being taken
 */
public record Lid(Leads leads, List<Column> columns, boolean namesVolts, List<Sentence> questions) {
    /** Nothing is typed. */
    public static final Lid NOTHING = new Lid(new Leads(List.of()), List.of(), true, List.of());

    private static final List<Integer> USUAL_VOLTS = List.of(115, 230);

    public Lid {
        columns = List.copyOf(columns);
        questions = List.copyOf(questions);
    }

    private static Lid asking(List<Sentence> questions) {
        return new Lid(new Leads(List.of()), List.of(), true, questions);
    }

    /** Whether it was taken. */
    public boolean isRead() {
        return !columns.isEmpty();
    }

    /** The column for a voltage. */
    public Optional<Column> at(int volts) {
        return columns.stream()
                .filter(c -> VoltageRange.same(c.connection().volts(), volts))
                .findFirst();
    }

    /**
     * Reads it.
     *
     * @param plateVolts the voltages of the plate; empty where that is not known
     * @param volts the supply that is at hand, for a column without a voltage
     */
    public static Lid read(String typed, List<Integer> plateVolts, int volts) {
        if (typed.isBlank()) {
            return NOTHING;
        }
        DiagramText text = DiagramText.read(typed, List.of());
        List<Sentence> questions = new ArrayList<>();
        text.questions().forEach(q -> questions.add(Sentence.own(q)));
        if (!text.doubts().isEmpty()) {
            questions.add(Sentence.of("lid.notUnderstood", text.doubts()));
        }
        List<Column> columns = columns(text, plateVolts.isEmpty() ? USUAL_VOLTS : plateVolts, volts);
        if (columns.isEmpty() && questions.isEmpty()) {
            questions.add(Sentence.of("lid.noColumn"));
        }
        if (!questions.isEmpty()) {
            return asking(questions);
        }
        Optional<Leads> leads =
                meaning(text, columns.stream().map(Column::connection).toList(), plateVolts);
        boolean names = text.columns().stream()
                .allMatch(c -> c.volts().isPresent() || c.low().isPresent());
        return leads.map(l -> new Lid(l, columns, names, List.of()))
                .orElseGet(() -> asking(List.of(Sentence.of("lid.marks"))));
    }

    private static List<Column> columns(DiagramText text, List<Integer> of, int volts) {
        return text.columns().stream()
                .map(c -> new Column(
                        new Connection(
                                c.volts().orElseGet(() -> volts(c, of, volts)),
                                c.line1(),
                                c.line2(),
                                c.joined(),
                                c.swap().orElse(Connection.Swap.NONE)),
                        text.seenFrom()
                                .filter(end -> c.direction() != Direction.NOT_STATED)
                                .map(end -> new StatedRotation(c.direction(), end))
                                .orElse(StatedRotation.NOT_STATED)))
                .toList();
    }

    private static int volts(DiagramText.Column column, List<Integer> of, int volts) {
        return column.low()
                .flatMap(low -> of.stream()
                        .filter(v -> low ? VoltageRange.isLower(v, of) : VoltageRange.isHigher(v, of))
                        .findFirst())
                .orElse(volts);
    }

    /** What the marks mean: what they say by themselves, or the only thing that makes every column run. */
    private static Optional<Leads> meaning(DiagramText text, List<Connection> columns, List<Integer> plateVolts) {
        SortedSet<String> marks = new TreeSet<>(Marks.NATURAL_ORDER);
        text.columns().forEach(c -> marks.addAll(c.leads()));
        List<Leads> all =
                MarkMeanings.of(new MarkMeanings.Known(List.copyOf(marks), plateVolts, true, List.of()), columns);
        Optional<Leads> asSaid = Leads.read(
                        marks.stream().map(m -> new Leads.Typed(m, "", "")).toList())
                .value()
                .filter(l -> MarkMeanings.fits(l, all));
        return asSaid.or(() -> all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty());
    }
}
