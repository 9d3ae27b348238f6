package gatepin.bench;

import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.diagram.DiagramText;
import gatepin.core.diagram.MarkMeanings;
import gatepin.core.diagram.MarkMeanings.Known;
import gatepin.core.machine.Leads;
import gatepin.core.plate.PlateText;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Reading a plate and a diagram, and what the marks of nine leads mean (goals: 50 ms, 50 ms, 100 ms). */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReadingBench {
    private static final List<Integer> DUAL = List.of(115, 230);
    private static final String PLATE =
            "1-1/2 HP 115/208-230 V 18.4/9.6-9.2 A 1PH 60HZ 1725 RPM SF 1.15 CODE K INS CL B AMB 40C CONT FR 56";
    private static final String DIAGRAM = "LOW VOLTAGE L1: P1, L2: T2 T4 T8, P2 T1 T5 TOGETHER, P3 T3 TOGETHER."
            + " HIGH VOLTAGE L1: P1, L2: T4 T8, P2 T1 TOGETHER, T2 T3 T5 TOGETHER. TO REVERSE INTERCHANGE T5 AND T8.";

    private final List<Connection> columns = columns();

    private static List<Connection> columns() {
        DiagramPattern pattern = DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals("six-lead-three-terminal-protector"))
                .findFirst()
                .orElseThrow();
        Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
        return DUAL.stream()
                .map(v -> ConnectionReader.read(pattern.column(v, DUAL), leads)
                        .value()
                        .orElseThrow())
                .toList();
    }

    /** The same columns with letters for marks, so that nothing is known beforehand. */
    private static Connection lettered(Connection c) {
        return new Connection(
                c.volts(),
                lettered(c.line1()),
                lettered(c.line2()),
                c.joined().stream().map(ReadingBench::lettered).toList(),
                new Connection.Swap(letter(c.swap().first()), letter(c.swap().second())));
    }

    private static SortedSet<String> lettered(SortedSet<String> group) {
        SortedSet<String> letters = new TreeSet<>();
        group.forEach(m -> letters.add(letter(m)));
        return letters;
    }

    private static String letter(String mark) {
        return "" + (char) ("P1P2P3T1T2T3T4T5T8".indexOf(mark) / 2 + 'D');
    }

    private final List<Connection> unmarked =
            columns.stream().map(ReadingBench::lettered).toList();
    private final Known letters =
            new Known(List.of("D", "E", "F", "G", "H", "I", "J", "K", "L"), DUAL, true, List.of());

    /** A plate of fourteen pieces. */
    @Benchmark
    public PlateText plate() {
        return PlateText.read(PLATE);
    }

    /** A diagram of two columns. */
    @Benchmark
    public DiagramText diagram() {
        return DiagramText.read(DIAGRAM, List.of());
    }

    /** What nine letters mean, from both columns. */
    @Benchmark
    public List<Leads> meaningsOfNineLetters() {
        return MarkMeanings.of(letters, unmarked);
    }

    /** The same from the column for the lower voltage alone. */
    @Benchmark
    public List<Leads> meaningsOfNineLettersFromOneColumn() {
        return MarkMeanings.of(letters, unmarked.subList(0, 1));
    }
}
