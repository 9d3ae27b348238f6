package gatepin.web.library;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Frame;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PowerClass;
import gatepin.core.machine.StandardMarks;
import gatepin.core.plate.CodeLetter;
import gatepin.core.safe.CapacitorKind;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.Breaker;
import gatepin.core.supply.ConductorSize;
import gatepin.core.supply.CordSize;
import gatepin.core.supply.FullLoadAmps;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.Region;
import gatepin.core.words.WordList;
import gatepin.web.drawing.FacePicture;
import gatepin.web.drawing.PatternPicture;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The library: tables as the core computes with them, patterns and faces as it draws them, and words.
 *
 * @param tables the tables
 * @param patterns connection patterns
 * @param faces switches with their charts
 */
public record LibraryPage(List<Table> tables, List<Pattern> patterns, List<Face> faces) {
    private static final List<Integer> DUAL = List.of(115, 230);

    /** What people look for when they mean a table. */
    private static final Map<String, String> ALSO_CALLED = Map.of(
            "conductors", "wire size gauge cable thickness ampacity",
            "conductors-metric", "wire size cable thickness cross-section",
            "cords", "cord cable wire size",
            "grounds", "ground earth wire size",
            "full-load", "motor amps horsepower current draw",
            "full-load-three", "motor amps horsepower current draw",
            "code-letters", "code letter starting current inrush locked rotor",
            "marks", "lead wire colour color meaning");

    /** µF from volts and amps: 10^6 / (2π f). */
    private static final double MICRO = 1e6 / (2 * Math.PI);

    /**
     * A table.
     *
     * @param id where it is found on the page
     * @param source where its figures come from
     */
    public record Table(String id, String title, String source, List<String> head, List<List<String>> rows) {
        /** A row's words, for the search, with what people call such a table. */
        public String words(List<String> row) {
            return (title + " " + ALSO_CALLED.getOrDefault(id, "") + " " + String.join(" ", row))
                    .toLowerCase(Locale.ROOT);
        }
    }

    /** A connection pattern, with its lower or only voltage and its higher one where there are two. */
    public record Pattern(String name, List<PatternPicture> pictures, String swap) {
        public String words() {
            return ("connection pattern " + name).toLowerCase(Locale.ROOT);
        }
    }

    /** A switch as it is seen, and what it joins where. */
    public record Face(String name, FacePicture picture, List<List<String>> chart) {
        public String words() {
            return ("contact chart switch " + name).toLowerCase(Locale.ROOT);
        }
    }

    static LibraryPage make() {
        return new LibraryPage(allTables(), allPatterns(), allFaces());
    }

    private static List<Table> allTables() {
        List<Table> all = new ArrayList<>();
        all.add(words("cautions", "Cautions", "common practice", "Where", WordList.CAUTIONS));
        all.add(new Table(
                "marks",
                "Marks and colours of leads",
                "NEMA MG 1 part 2 and IEC 60034-8, from memory; capacitor's own leads: common practice. Plates differ: the plate wins.",
                List.of("Mark", "Ends", "Sense", "Colour, where used"),
                StandardMarks.all().stream()
                        .map(m -> StandardMarks.meaning(m).stream()
                                .map(e -> List.of(
                                        m,
                                        e.windingName(),
                                        e.like() ? "like end" : "other end",
                                        StandardMarks.usualColour(m).orElse("–")))
                                .findFirst()
                                .orElseThrow())
                        .toList()));
        all.add(amps(
                "full-load",
                "Full-load current, single phase, A",
                "NEC Table 430.248",
                FullLoadAmps.VOLTS,
                FullLoadAmps.rows()));
        all.add(amps(
                "full-load-three",
                "Full-load current, three phases, A",
                "NEC Table 430.250",
                FullLoadAmps.THREE_PHASE_VOLTS,
                FullLoadAmps.threePhaseRows()));
        all.add(new Table(
                "code-letters",
                "Code letters: kVA per hp with the shaft held",
                "NEC Table 430.7(B), from memory",
                List.of("Letter", "From", "Below"),
                List.of(CodeLetter.values()).stream()
                        .map(c -> List.of(
                                c.name(), number(c.from()), c == CodeLetter.V ? "and above" : number(c.below())))
                        .toList()));
        all.add(conductors(
                "conductors",
                "Copper conductors, AWG",
                "NEC 310.16 (60 °C column) and chapter 9 table 8, from memory",
                ConductorSize.AWG));
        all.add(conductors(
                "conductors-metric",
                "Copper conductors, mm²",
                "IEC 60364-5-52 method B2 and IEC 60228, from memory",
                ConductorSize.METRIC));
        List<List<String>> cords = new ArrayList<>();
        CordSize.AWG.forEach(c -> cords.add(List.of(c.name(), number(c.amps()) + " A")));
        CordSize.METRIC.forEach(c -> cords.add(List.of(c.name(), number(c.amps()) + " A")));
        all.add(new Table(
                "cords",
                "Flexible cords, two loaded conductors",
                "NEC Table 400.5(A)(1) column B, IEC 60364-5-52; from memory",
                List.of("Size", "Carries"),
                cords));
        all.add(new Table(
                "grounds",
                "Equipment ground, copper",
                "NEC 250.122, from memory; metric: as large as the line up to 16 mm² (IEC 60364-5-54, from memory)",
                List.of("Breaker up to", "Size"),
                BranchCircuit.grounds().entrySet().stream()
                        .map(e -> List.of(e.getKey() + " A", e.getValue()))
                        .toList()));
        all.add(new Table(
                "breakers",
                "Breakers",
                "NEC 240.6 and IEC 60898-1, from memory",
                List.of("Type", "Sizes, A"),
                List.of(Breaker.values()).stream()
                        .map(b -> List.of(
                                b.words(),
                                b.sizes().stream().map(String::valueOf).collect(Collectors.joining(" "))))
                        .toList()));
        all.add(new Table(
                "plugs",
                "Plugs and outlets",
                "NEMA WD 6, IEC 60309, IEC 60884; from memory",
                List.of("Where", "Kind"),
                plugs()));
        all.add(new Table(
                "capacitors",
                "Capacitors and their prints",
                "common practice; tolerances EIA-463 and usual, from memory",
                List.of("Kind", "How it looks", "What stands on it", "May be off by"),
                List.of(CapacitorKind.values()).stream()
                        .map(k -> List.of(
                                k.words(),
                                k.look(),
                                k.print(),
                                Math.round(100 * k.least()) + " to +" + Math.round(100 * k.most()) + " %"))
                        .toList()));
        all.add(new Table(
                "microfarads",
                "µF from a clamp and a voltmeter",
                "µF = 10⁶ I / (2π f V)",
                List.of("At", "µF"),
                List.of(
                        List.of("60 Hz", Math.round(MICRO / 60) + " × amps / volts"),
                        List.of("50 Hz", Math.round(MICRO / 50) + " × amps / volts"))));
        all.add(new Table(
                "frames",
                "Frames",
                "NEMA MG 1 part 4 and IEC 60072-1, from memory; powers: common practice",
                List.of("Frame", "Shaft height", "Shaft Ø", "Feet", "Usual power"),
                Frame.ALL.stream().map(LibraryPage::frame).toList()));
        all.add(words("glossary", "Words of the trade", "own words, common practice", "Word", WordList.GLOSSARY));
        return all;
    }

    private static Table words(String id, String title, String source, String first, WordList list) {
        return new Table(
                id,
                title,
                source,
                List.of(first, "What"),
                list.entries().stream().map(e -> List.of(e.word(), e.meaning())).toList());
    }

    private static List<List<String>> plugs() {
        List<List<String>> rows = new ArrayList<>();
        for (Region region : Region.values()) {
            Outlets.all(region).stream()
                    .filter(o -> !o.equals(Outlets.FIXED))
                    .forEach(o -> rows.add(List.of(region == Region.IEC ? "230 V lands" : "North America", o)));
        }
        return rows;
    }

    private static Table amps(
            String id, String title, String source, List<Integer> volts, List<FullLoadAmps.Row> rows) {
        List<String> head = new ArrayList<>(List.of("hp"));
        volts.forEach(v -> head.add(v + " V"));
        return new Table(
                id,
                title,
                source + ", from memory",
                head,
                rows.stream().map(LibraryPage::amps).toList());
    }

    private static List<String> amps(FullLoadAmps.Row row) {
        List<String> cells = new ArrayList<>(List.of(PowerClass.name(row.horsepower())));
        row.amps().forEach(a -> cells.add(number(a)));
        return cells;
    }

    private static Table conductors(String id, String title, String source, List<ConductorSize> sizes) {
        return new Table(
                id,
                title,
                source,
                List.of("Size", "Carries", "Ω/km"),
                sizes.stream()
                        .map(c -> List.of(c.name(), number(c.amps()) + " A", number(c.ohmsPerKilometre())))
                        .toList());
    }

    private static List<String> frame(Frame f) {
        double by = f.isNema() ? 25.4 : 1;
        String unit = f.isNema() ? " in" : " mm";
        return List.of(
                f.name(),
                number(f.heightMillimetres() / by) + unit,
                number(f.shaftMillimetres() / by) + unit,
                number(f.feetMillimetres()[0] / by) + " × " + number(f.feetMillimetres()[1] / by) + unit,
                f.isNema()
                        ? PowerClass.name(f.leastHp()) + " to " + PowerClass.name(f.mostHp()) + " hp"
                        : number(f.leastHp() * 0.7457) + " to " + number(f.mostHp() * 0.7457) + " kW");
    }

    private static String number(double value) {
        return new java.text.DecimalFormat("0.###", java.text.DecimalFormatSymbols.getInstance(Locale.ROOT))
                .format(value);
    }

    private static List<Pattern> allPatterns() {
        return DiagramPattern.ALL.stream()
                .map(p -> {
                    Leads leads = Leads.read(p.leads()).value().orElseThrow();
                    boolean dual = !p.low().equals(p.high());
                    List<Connection> columns = (dual ? DUAL : DUAL.subList(0, 1))
                            .stream()
                                    .map(v -> ConnectionReader.read(p.column(v, DUAL), leads)
                                            .value()
                                            .orElseThrow())
                                    .toList();
                    Connection.Swap swap = columns.get(0).swap();
                    return new Pattern(
                            p.name(),
                            columns.stream()
                                    .map(c -> PatternPicture.of(c, leads, "L2"))
                                    .toList(),
                            "To reverse, interchange " + swap.first() + " and " + swap.second() + ".");
                })
                .toList();
    }

    private static List<Face> allFaces() {
        return SwitchKind.ALL.stream()
                .map(k -> new Face(
                        k.name(),
                        FacePicture.of(k),
                        List.of(HandlePosition.values()).stream()
                                .map(p -> List.of(p.title(), joined(k, p)))
                                .toList()))
                .toList();
    }

    private static String joined(SwitchKind kind, HandlePosition position) {
        String pairs = kind.chart().closedIn(position).stream()
                .map(c -> mark(c.a()) + "–" + mark(c.b()))
                .sorted()
                .collect(Collectors.joining("  "));
        return pairs.isEmpty() ? "nothing" : pairs;
    }

    private static String mark(Terminal terminal) {
        return terminal.label();
    }
}
