package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import gatepin.core.rotation.StatedRotation.Direction;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The ways plates write a diagram, all made-up. */
class DiagramTextTest {
    private static final List<Integer> DUAL = List.of(115, 230);

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "L1: T1; L2: T4 T8; INS: T2 T3 T5; TO REVERSE INTERCHANGE T5 AND T8 | T1 | T4 T8 | T2 T3 T5 | T5 T8",
                "LINE A - T1, LINE B - T4 - T8, T2-T3-T5 TOGETHER. TO REVERSE INTERCHANGE T5 & T8 | T1 | T4 T8 | T2 T3 T5 | T5 T8",
                "T1 TO L1; T4+T8 TO L2; T2+T3+T5 TIE; REV T5 <-> T8 | T1 | T4 T8 | T2 T3 T5 | T5 T8",
                "Line 1: 1, 3, 5; Line 2: 2, 4, 8. Swap 5 and 8 | T1 T3 T5 | T2 T4 T8 | | T5 T8",
                "P1 L1; T4-T5 L2; P2-T1 JOINED; T2-T3-T8 JOINED; INTERCHANGE LEADS T5 AND T8 FOR OPPOSITE ROTATION | P1 | T4 T5 | P2 T1/T2 T3 T8 | T5 T8",
                "U1+Z1 L1; U2+Z2 N; REVERSE: Z1 Z2 | U1 Z1 | U2 Z2 | | Z1 Z2",
                "t1 t3 t5 to line 1; t2 t4 t8 to line 2; interchange t5 t8 | T1 T3 T5 | T2 T4 T8 | | T5 T8"
            })
    void oneColumn(String text, String line1, String line2, String joined, String swap) {
        DiagramText read = DiagramText.read(text, List.of());
        ConnectionReader.Typed fields = read.columns().get(0).fields("230");

        assertThat(read.columns()).hasSize(1);
        assertThat(fields.line1()).isEqualTo(line1);
        assertThat(fields.line2()).isEqualTo(line2 == null ? "" : line2);
        assertThat(fields.joined()).isEqualTo(joined == null ? "" : joined.replace('/', '\n'));
        assertThat(fields.swap()).isEqualTo(swap == null ? "" : swap);
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
            var leads = gatepin.core.machine.Leads.read(pattern.leads()).value().orElseThrow();
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
}
