package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.control.Part.Kind;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What an ohmmeter shows of a dead control circuit (common practice). */
class DeadCheckTest {
    private static List<String> shows(Ladder ladder, String... hold) {
        return DeadCheck.of(ladder).stream()
                .filter(c -> c.hold().equals(List.of(hold)))
                .findFirst()
                .orElseThrow()
                .shows();
    }

    @Test
    void aButtonShowsItsCoilAndWhatStopsItOpensIt() {
        Ladder usual = ControlWishes.USUAL.ladder();
        assertThat(shows(usual)).isEmpty();
        assertThat(shows(usual, "S1")).containsExactly("K1");
        assertThat(shows(usual, "S1", "S0")).isEmpty();
        assertThat(shows(usual, "S1", "F2")).containsExactly("H3");
        // the seal, and the lamp; pressed in, K1 keeps K2's button from its coil
        assertThat(shows(usual, "K1")).containsExactly("K1", "H1");
        assertThat(shows(usual, "K1", "S2")).containsExactly("H1");
    }

    @Test
    void withAStopHeldNoContactorsCoilShowsInAnyBuiltCircuit() {
        Random random = new Random(33);
        for (int i = 0; i < 200; i++) {
            Ladder ladder = MadeUpLadders.any(random).ladder();
            for (DeadCheck check : DeadCheck.of(ladder)) {
                boolean stopped = check.hold().stream()
                        .anyMatch(h -> ladder.part(h).orElseThrow().kind().isStop()
                                || ladder.part(h).orElseThrow().kind() == Kind.OVERLOAD);
                if (stopped) {
                    assertThat(check.shows())
                            .as("%s in %s", check, LadderText.write(ladder))
                            .noneMatch(s -> ladder.part(s).orElseThrow().kind() == Kind.CONTACTOR);
                }
            }
        }
    }
}
