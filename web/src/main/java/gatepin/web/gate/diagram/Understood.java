package gatepin.web.gate.diagram;

import gatepin.core.circuit.Winding;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.DiagramText;
import gatepin.core.diagram.MarkMeanings;
import gatepin.core.diagram.MarkMeanings.Known;
import gatepin.core.diagram.MarkMeanings.Question;
import gatepin.core.diagram.Misread.Mend;
import gatepin.core.machine.Leads;
import gatepin.core.machine.StandardMarks;
import gatepin.core.plate.VoltageRange;
import gatepin.core.winding.MeterReading;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What the marks on the screen can mean, by the columns that are known.
 *
 * @param all every meaning that fits, the usual one first
 * @param asSaid the marks as they are said to mean: by themselves, or by the table; empty where a lead's winding is not said
 * @param columns the columns it was worked out from
 * @param known what else was known
 */
record Understood(List<Leads> all, Optional<Leads> asSaid, List<Connection> columns, Known known) {
    /** More than this nobody compares. */
    static final int SHOWN = 6;

    /** For columns told apart by low and high on a motor whose plate is not read. */
    private static final List<Integer> USUAL_VOLTS = List.of(115, 230);

    static Understood of(JobFile file, List<Leads.Typed> table, List<Connection> columns) {
        List<String> marks = table.stream()
                .map(t -> t.mark().strip())
                .filter(m -> !m.isEmpty())
                .toList();
        boolean capacitorInside = file.plate()
                .map(p ->
                        p.likelyFamily().hasStartCapacitor() || p.likelyFamily().hasRunCapacitor())
                .orElse(true);
        List<MeterReading> readings =
                file.windings().readings().stream().filter(r -> !r.isToFrame()).toList();
        Known known = new Known(marks, file.plateVolts(), capacitorInside, readings);
        List<Leads> all = new ArrayList<>(MarkMeanings.of(known, columns));
        all.sort(Comparator.comparing(l -> !isUsual(l)));
        return new Understood(all, Leads.read(table).value(), columns, known);
    }

    /** The columns of a text; those without a voltage in figures get the plate's. */
    static List<Connection> columns(DiagramText text, int volts, List<Integer> plateVolts) {
        List<Integer> of = plateVolts.isEmpty() ? USUAL_VOLTS : plateVolts;
        return text.columns().stream()
                .map(c -> new Connection(
                        c.volts()
                                .or(() -> c.low()
                                        .flatMap(low -> of.stream()
                                                .filter(v -> low
                                                        ? VoltageRange.isLower(v, of)
                                                        : VoltageRange.isHigher(v, of))
                                                .findFirst()))
                                .orElse(volts > 0 ? volts : of.get(0)),
                        c.line1(),
                        c.line2(),
                        c.joined(),
                        c.swap().orElse(Connection.Swap.NONE)))
                .toList();
    }

    /** A number stands for the standard mark with that number, and a standard mark for itself. */
    private static boolean isUsual(Leads leads) {
        return leads.all().stream().allMatch(l -> {
            String mark = l.mark().matches("\\d") ? "T" + l.mark() : l.mark();
            return StandardMarks.meaning(mark).map(e -> l.isOf(e.role())).orElse(false);
        });
    }

    /** The marks mean what they are said to mean: nothing is to be worked out. */
    boolean isAsSaid() {
        return asSaid.isPresent() && MarkMeanings.fits(asSaid.orElseThrow(), all);
    }

    /** The one meaning there is; empty where there are none or several. */
    Optional<Leads> only() {
        return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
    }

    /** The rows of the lead table with a meaning, colours kept. */
    static List<Leads.Typed> rows(Leads meaning, List<Leads.Typed> table) {
        return meaning.typed().stream()
                .map(t -> new Leads.Typed(
                        t.mark(),
                        table.stream()
                                .filter(r -> r.mark().strip().equals(t.mark()))
                                .map(Leads.Typed::colour)
                                .findFirst()
                                .orElse(""),
                        t.winding()))
                .toList();
    }

    /** A meaning in words, winding by winding. */
    static String words(Leads meaning) {
        return meaning.windings().stream()
                .map(w -> (meaning.windings().stream()
                                                .filter(o -> o.role() == w.role())
                                                .count()
                                        == 1
                                ? w.role().word()
                                : w.name())
                        + " " + ends(w))
                .collect(Collectors.joining(", "));
    }

    private static String ends(Winding winding) {
        return String.join(
                "–",
                new TreeSet<>(List.of(winding.like().mark(), winding.other().mark())));
    }

    /** The meanings in words, as many as anybody compares. */
    List<String> choices() {
        return all.stream().limit(SHOWN).map(Understood::words).toList();
    }

    /** What would tell the meanings apart. */
    String whatTellsThemApart() {
        Optional<Question> question = MarkMeanings.question(all, known.capacitorInside());
        boolean otherColumn = VoltageRange.connections(known.plateVolts()).size()
                > columns.stream()
                        .map(c -> VoltageRange.isHigher(c.volts(), known.plateVolts()))
                        .distinct()
                        .count();
        String ohms = question.map(q -> "Read the ohms from " + q.one() + " to " + q.other() + " on the Windings page: "
                        + q.outcomes().keySet().stream()
                                .map(Understood::outcome)
                                .collect(Collectors.joining(", "))
                        + " decides.")
                .orElse("");
        return ((otherColumn ? "The column for the other voltage may decide it: type it in as well. " : "") + ohms)
                .strip();
    }

    private static String outcome(String reading) {
        return switch (reading) {
            case "OL" -> "OL";
            case "0" -> "next to nothing";
            case "run" -> "few ohms (a run winding)";
            case "start" -> "more ohms (a start winding)";
            default -> "the ohms of several windings";
        };
    }

    /** The slips that would leave a meaning, where there is none. */
    List<String> mends() {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < columns.size() && all.isEmpty(); i++) {
            for (Mend mend : MarkMeanings.mends(known, columns, i)) {
                words.add((columns.size() > 1 ? "At " + columns.get(i).volts() + " V: " : "") + mend.words());
            }
        }
        return words;
    }
}
