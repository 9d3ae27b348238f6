package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.Reading;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ladders as text, in and out again. */
class LadderTextTest {
    @Test
    void whatIsWrittenIsReadAgain() {
        Random random = new Random(61);
        for (int i = 0; i < 300; i++) {
            Ladder ladder = MadeUpLadders.any(random).ladder();
            for (int edits = random.nextInt(4); edits > 0 && !ladder.touches().isEmpty(); edits--) {
                LadderEdit.Act act = LadderEdit.Act.values()[random.nextInt(5)];
                ladder = LadderEdit.at(
                        ladder,
                        random.nextInt(ladder.touches().size()),
                        act,
                        new Branch.Touch("S0", random.nextBoolean()));
            }
            assertThat(LadderText.read(LadderText.write(ladder)).value())
                    .as(LadderText.write(ladder))
                    .contains(ladder);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            K1 contactor; K1: S1 no                       | line 2 | There is no S1
            K1 contactor; K1 contactor; K1: wire          | line 2 | two parts of the name K1
            S1 button; K1 contactor; K1: S1               | line 3 | no (normally open) or nc
            S1 button; K1 contactor; K1: (S1 no           | line 3 | bracket is open
            S1 button; K1 contactor; K1: S1 no S1 nc      | line 3 | a dash, "or" or the end
            S1 button; S1: S1 no                          | line 2 | has no coil
            S1 button; K1 contactor; K1: S1 no; K1: S1 no | line 4 | two rungs for K1
            H1 lamp; K1 contactor; K1: H1 no              | line 3 | is a lamp
            K1 timer; K1: wire                            | line 1 | how long it waits
            supply 9000 V; K1 contactor; K1: wire         | line 1 | 5 to 690 V
            K1 gearbox; K1: wire                          | line 1 | is no part
            S1 button                                     | line 1 | There is no rung
            K1 contactor; K1: S1 no - or                  | line 2 | is no contact
            """)
    void whatIsWrongIsSaidWithItsLine(String text, String line, String message) {
        Reading<Ladder> read = LadderText.read(text.replace("; ", "\n"));
        assertThat(read.value()).isEmpty();
        assertThat(read.problems()).anySatisfy(p -> {
            assertThat(p.field()).isEqualTo(line);
            assertThat(p.message()).contains(message);
        });
    }

    @Test
    void hugeAndHostileTextsAreRefused() {
        assertThat(LadderText.read("K1: S1 no\n".repeat(1000)).problems())
                .extracting(Problem::message)
                .containsExactly("A ladder of more than 250 lines is not read.");
        assertThat(LadderText.read("S1 button\nK1 contactor\nK1: " + "S1 no - ".repeat(240) + "S1 no\n")
                        .value())
                .isPresent();
        assertThat(LadderText.read("S1 button\nK1 contactor\nK1: " + "(".repeat(900) + "S1 no")
                        .problems())
                .isNotEmpty();
        Random random = new Random(5);
        List<String> bits = List.of(
                "K1", "S1", ":", " ", "no", "nc", "(", ")", "-", "or", "coil", "\n", "timer 5 s", "#", "shared", "é");
        for (int i = 0; i < 3000; i++) {
            StringBuilder text = new StringBuilder();
            for (int b = random.nextInt(40); b > 0; b--) {
                text.append(bits.get(random.nextInt(bits.size())));
            }
            Reading<Ladder> read = LadderText.read(text.toString());
            assertThat(read.value().isPresent()).isEqualTo(read.problems().isEmpty());
        }
    }
}
