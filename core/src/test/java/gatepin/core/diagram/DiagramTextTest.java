package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The ways plates write a diagram, all made-up. */
class DiagramTextTest {
    private static final int SEEDS = 70;
    private static final List<Integer> DUAL = List.of(115, 230);

    static Stream<String> corpus() {
        return Stream.of("diagrams.txt", "diagrams-2.txt", "diagrams-3.txt").flatMap(DiagramTextTest::lines);
    }

    private static Stream<String> lines(String file) {
        try (InputStream in = DiagramTextTest.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.startsWith("#") && !l.isBlank()).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<String> silent() {
        return corpus().filter(l -> !l.startsWith("?"));
    }

    @Test
    void aTableWithTabsIsReadAndOneWithACellTooFewIsAsked() {
        String table = "\tLOW\tHIGH\nL1\t1,3,8\t1\nL2\t2,4,5\t4,5\nTIE\t-\t2,3,8\n";
        assertThat(DiagramText.read(table, List.of()).columns())
                .extracting(DiagramText.Column::joined)
                .hasSize(2)
                .last()
                .hasToString("[[T2, T3, T8]]");
        for (String spoilt : List.of(
                table.replace("\t4,5", ""),
                table.replace("TIE", "WHO"),
                table.replace("2,3,8", "2,3,FLUX"),
                table.replace("L2", "L1"))) {
            DiagramText read = DiagramText.read(spoilt, List.of());
            assertThat(read.questions().size() + read.doubts().size())
                    .as(spoilt)
                    .isPositive();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ':',
            value = {
                "P2-T1, T2-T3-T5 : [[P2, T1], [T2, T3, T5]]",
                "P2 T1, T2 T3 T5 : [[P2, T1], [T2, T3, T5]]",
                "P2 T1; T2, T3, T5 : [[P2, T1], [T2, T3, T5]]",
                "P2,T1 / T2,T3,T5 : [[P2, T1], [T2, T3, T5]]",
                "T2/T3/T5 : [[T2, T3, T5]]",
                "T2, T3 AND T5 : "
            })
    void groupsOfATablesCellAreNeverRunTogether(String cell, String joined) {
        DiagramText read = DiagramText.read("| V | L1 | L2 | JOIN |\n| 230 | P1 | T4 T8 | " + cell + " |", List.of());

        if (joined == null) {
            assertThat(read.questions()).isNotEmpty();
        } else {
            assertThat(read.columns())
                    .singleElement()
                    .satisfies(c -> assertThat(c.joined()).hasToString(joined));
            assertThat(read.questions()).isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("silent")
    void diagramsAreReadIntoTheirGroups(String line) {
        String[] sides = line.split("=>");
        DiagramText read = DiagramText.read(sides[0].strip().replace("\\n", "\n"), List.of());

        assertThat(read.columns().stream().map(DiagramTextTest::words).collect(Collectors.joining(" ## ")))
                .isEqualTo(sides[1].replaceAll("\\s+", " ").strip());
        assertThat(read.doubts()).isEmpty();
        assertThat(read.questions()).isEmpty();
    }

    private static String words(DiagramText.Column column) {
        return String.join(
                        " | ",
                        column.heading().isBlank() ? "-" : column.heading(),
                        String.join(" ", column.line1()),
                        String.join(" ", column.line2()),
                        column.joined().stream().map(g -> String.join(" ", g)).collect(Collectors.joining("/")),
                        column.swap().map(s -> s.first() + " " + s.second()).orElse(""))
                .replaceAll("\\s+", " ")
                .strip();
    }

    @Test
    @DisplayName(
            "every pattern at both voltages, printed in fourteen styles: read back, and nothing else taken without a question")
    void printedDiagramsAreReadBack() {
        int printed = 0;
        int right = 0;
        List<String> wrong = new ArrayList<>();
        for (DiagramPattern pattern : DiagramPattern.ALL) {
            Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
            List<String> marks = leads.all().stream().map(Lead::mark).toList();
            for (int volts : DUAL) {
                Connection connection = ConnectionReader.read(pattern.column(volts, DUAL), leads)
                        .value()
                        .orElseThrow();
                for (long seed = 0; seed < SEEDS; seed++) {
                    DiagramPrinter.Printed diagram = DiagramPrinter.print(connection, seed);
                    for (List<String> known : List.of(marks, List.<String>of())) {
                        DiagramText read = DiagramText.read(diagram.text(), known);
                        boolean same = read.columns().size() == 1
                                && isRead(connection, read.columns().get(0));
                        printed += known.isEmpty() ? 0 : 1;
                        right += same && !known.isEmpty() ? 1 : 0;
                        if (!same && read.doubts().isEmpty() && read.questions().isEmpty()) {
                            wrong.add(diagram.style() + " " + diagram.text() + ": " + read.columns());
                        }
                    }
                }
            }
        }
        assertThat(wrong).as("silently misread").isEmpty();
        assertThat(right / (double) printed)
                .as("read right, where the leads are known")
                .isGreaterThan(0.99);
    }

    private static boolean isRead(Connection connection, DiagramText.Column column) {
        return connection.line1().equals(column.line1())
                && connection.line2().equals(column.line2())
                && Set.copyOf(connection.joined()).equals(Set.copyOf(column.joined()))
                && column.swap()
                        .map(s -> Set.of(s.first(), s.second())
                                .equals(Set.of(
                                        connection.swap().first(),
                                        connection.swap().second())))
                        .orElse(false);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "L1: T1; L2: T4; T2 T3                     | T2 T3: joined together, or each by itself?",
                "L1: T1 T3; L2: T3 T4                      | T3 stands in two places",
                "L1: T1; L2: T4; T8                        | T8 has no place",
                "L1: T1; L2: T4 T5; INS: T2 T3             | T8 is not mentioned",
                "L1: T1; L2: T4; SWAP T5 T8; SWAP T1 T4    | Two interchanges",
                "TIE T5,T1, T4,T8 TO L2, P1 TO L1          | Two readings"
            })
    void whatIsNotSaidIsAsked(String text, String question) {
        assertThat(DiagramText.read(text, List.of("T1", "T2", "T3", "T4", "T5", "T8"))
                        .questions())
                .anyMatch(q -> q.contains(question));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "L1: T1 T5; L2: T4 T8. CWOPE., OPPOSITE_END",
        "CWSE: L1 T1 T5; L2 T4 T8, SHAFT_END",
        "ROTATION CCW FACING END OPPOSITE SHAFT: L1 T1 T5; L2 T4 T8, OPPOSITE_END",
        "L1 T1 T5; L2 T4 T8. CW VIEWED FROM THE DRIVE END., SHAFT_END",
        "CCW (LEAD END): L1 T1 T5; L2 T4 T8, OPPOSITE_END",
        "L1 T1 T5; L2 T4 T8. CW FACING SHAFT., SHAFT_END",
        "L1 T1 T5; L2 T4 T8,"
    })
    void theEndItIsSeenFrom(String text, StatedRotation.End end) {
        DiagramText read = DiagramText.read(text, List.of());
        assertThat(read.seenFrom()).isEqualTo(Optional.ofNullable(end));
        assertThat(read.doubts()).isEmpty();
    }

    @Test
    void columnsByVoltage() {
        DiagramText read = DiagramText.read(
                "LOW VOLTAGE L1: T1 T3 T5, L2: T2 T4 T8. HIGH VOLTAGE L1: T1, L2: T4 T8, T2 T3 T5 TOGETHER."
                        + " TO REVERSE ROTATION INTERCHANGE T5 AND T8.",
                List.of());

        assertThat(read.columns()).hasSize(2);
        assertThat(read.columnFor(115, DUAL).orElseThrow().line1()).containsExactly("T1", "T3", "T5");
        assertThat(read.columnFor(230, DUAL).orElseThrow().joined()).hasSize(1);
        assertThat(read.columns()).allSatisfy(c -> assertThat(c.swap()).contains(new Connection.Swap("T5", "T8")));
        DiagramText figures = DiagramText.read("115V L1 1 3 5; L2 2 4 8; 230V L1 1; L2 4 8; INS 2 3 5", List.of());
        assertThat(figures.columnFor(230, DUAL).orElseThrow().line2()).containsExactly("T4", "T8");
        assertThat(figures.columnFor(115, DUAL).orElseThrow().joined()).isEmpty();
    }

    @Test
    void tablesByRotationGiveTheSwap() {
        DiagramText read = DiagramText.read(
                "CCW: P1 TO L1; T1 T8 TOGETHER; T4 T5 TO L2. CW: P1 TO L1; T1 T5 TOGETHER; T4 T8 TO L2", List.of());

        assertThat(read.columns()).singleElement().satisfies(c -> {
            assertThat(c.direction()).isEqualTo(Direction.COUNTER_CLOCKWISE);
            assertThat(c.swap()).contains(new Connection.Swap("T5", "T8"));
            assertThat(c.line2()).containsExactly("T4", "T5");
        });
    }

    @Test
    void knownLeadsAreFoundByTheirOwnMarks() {
        DiagramText read = DiagramText.read("L1: k b; L2: ky by; interchange k ky", List.of("K", "KY", "B", "BY"));

        assertThat(read.columns().get(0).line2()).containsExactly("BY", "KY");
        assertThat(DiagramText.read("L1: T1 SPARKLE", List.of()).doubts()).containsExactly("SPARKLE");
    }

    @Test
    void everyPatternReadsAsAConnection() {
        for (DiagramPattern pattern : DiagramPattern.ALL) {
            var leads = Leads.read(pattern.leads()).value().orElseThrow();
            assertThat(leads.windings()).as(pattern.name()).isNotEmpty();
            for (int volts : DUAL) {
                assertThat(ConnectionReader.read(pattern.column(volts, DUAL), leads)
                                .problems())
                        .as(pattern.name())
                        .isEmpty();
            }
        }
    }

    @Test
    void nothingTypedMakesItFail() {
        String letters = "T123458LPUZ -+:,;.&\nVHIGHLOWINS<>CW";
        for (long seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            StringBuilder text = new StringBuilder();
            for (int i = random.nextInt(200); i > 0; i--) {
                text.append(
                        random.nextInt(8) > 0
                                ? letters.charAt(random.nextInt(letters.length()))
                                : (char) random.nextInt(0x3000));
            }
            assertThatCode(() -> {
                        DiagramText read = DiagramText.read(text.toString(), List.of());
                        read.columns().forEach(c -> c.fields("230"));
                        read.columnFor(230, DUAL);
                    })
                    .as("seed %d: %s", seed, text)
                    .doesNotThrowAnyException();
        }
    }

    @ParameterizedTest(name = "{0}")
    @DisplayName("articles and nuts are no leads; what may be two things, or changes nothing, is asked")
    @CsvSource(delimiter = '|', textBlock = """
                    L1 T1 A WIRE NUT ON T2 T3 T5 L2 T4 T8 INTERCHANGE T5 T8          | - T1 T4 T8 T2 T3 T5 T5 T8 |
                    L1: T1. L2: T4 T8. JOIN T2 T3 T5 WITH A NUT. SWAP T5 AND T8      | - T1 T4 T8 T2 T3 T5 T5 T8 |
                    L1 T1, L2 T4 T8, T2 T3 T5 IN ONE NUT                             | - T1 T4 T8 T2 T3 T5       |
                    N.C. T9, L1 T1, L2 T4 T8, T2-T3-T5 TOGETHER                      | - T1 T4 T8 T2 T3 T5       |
                    CAP T2 T3 T5, L1 T1, L2 T4 T8                                    | - T1 T4 T8 T2 T3 T5       |
                    L1 T1  L2 T4 T8  CAP T6 T7  JOIN T2 T3 T5                        |                           | a capacitor between them
                    L1 T1 T3 T5 L2 T2 T4 T8 REVERSE T1 AND T3                        |                           | changes nothing
                    """)
    void neverInSilence(String typed, String column, String question) {
        DiagramText read = DiagramText.read(typed, List.of());
        if (column != null) {
            assertThat(read.columns())
                    .singleElement()
                    .satisfies(c -> assertThat(words(c).replaceAll("[|/]", " ")
                                    .replaceAll("\\s+", " ")
                                    .strip())
                            .isEqualTo(column));
        }
        if (question == null) {
            assertThat(read.questions()).isEmpty();
            assertThat(read.doubts()).isEmpty();
        } else {
            assertThat(read.questions()).anyMatch(q -> q.contains(question));
        }
    }
}
