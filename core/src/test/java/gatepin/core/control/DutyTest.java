package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Claim.Rule;
import gatepin.core.control.Simulation.Act;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What has to hold of a control circuit follows from what its contactors carry; nothing is proved of what nobody said. */
class DutyTest {
    private static final Duty BOTH_WAYS = new Duty(
            Map.of("K1", Set.of(HandlePosition.FORWARD), "K2", Set.of(HandlePosition.REVERSE)),
            false,
            List.of(230, 115));

    private static Ladder ladder(String text) {
        return LadderText.read(text.replace(" / ", "\n")).value().orElseThrow();
    }

    private static Proof prove(Ladder ladder, Optional<Duty> duty) {
        return Prover.prove(ladder, Asked.USUAL, duty, Effort.unlimited());
    }

    private static final String BOX =
            "S0 stop / S1 button forward / S2 button reverse / F2 overload / K1 contactor forward"
                    + " / K2 contactor reverse / shared: S0 nc - F2 nc";

    private static final String SOUND = BOX + " / K1: (S1 no or K1 no) - K2 nc / K2: (S2 no or K2 no) - K1 nc";

    @Test
    void aSoundBoxIsSoundWithItsPowerCircuitAndWithout() {
        assertThat(prove(ladder(SOUND), Optional.of(BOTH_WAYS)).isSound()).isTrue();
        assertThat(prove(ladder(SOUND), Optional.empty()).isSound()).isTrue();
    }

    static Stream<String> proofsOfNothing() {
        return Stream.of(
                // no contactor says which way it turns
                "S0 stop / S1 button / S2 button / F2 overload / K1 contactor / K2 contactor / shared: S0 nc - F2 nc"
                        + " / K1: S1 no or K1 no / K2: S2 no or K2 no",
                // one without a way
                "S0 stop / S1 button forward / S2 button / F2 overload / K1 contactor forward / K2 contactor / shared: S0 nc - F2 nc"
                        + " / K1: S1 no or K1 no / K2: S2 no or K2 no",
                // both of one way
                "S0 stop / S1 button forward / S2 button forward / F2 overload / K1 contactor forward / K2 contactor forward"
                        + " / shared: S0 nc - F2 nc / K1: S1 no or K1 no / K2: S2 no or K2 no",
                // a stop that drops only the coolant's contactor
                "S0 stop / S1 button forward / S2 button reverse / F2 overload / K1 contactor forward / K2 contactor reverse"
                        + " / K3 contactor / shared: F2 nc / K1: (S1 no or K1 no) - K2 nc / K2: (S2 no or K2 no) - K1 nc / K3: S0 nc",
                // no stop at all
                "S1 button forward / S2 button reverse / F2 overload / K1 contactor forward / K2 contactor reverse / shared: F2 nc"
                        + " / K1: (S1 no or K1 no) - K2 nc / K2: (S2 no or K2 no) - K1 nc",
                // a stop that is called a button
                "S0 button / S1 button forward / S2 button reverse / F2 overload / K1 contactor forward / K2 contactor reverse"
                        + " / shared: S0 nc - F2 nc / K1: (S1 no or K1 no) - K2 nc / K2: (S2 no or K2 no) - K1 nc",
                // nothing overloads it
                "S0 stop / S1 button forward / S2 button reverse / K1 contactor forward / K2 contactor reverse / shared: S0 nc"
                        + " / K1: (S1 no or K1 no) - K2 nc / K2: (S2 no or K2 no) - K1 nc",
                // forward's button pulls in reverse
                BOX + " / K1: (S2 no or K1 no) - K2 nc / K2: (S1 no or K2 no) - K1 nc",
                // a back contact as seal-in
                BOX + " / K1: (S1 no or K1 nc) - K2 nc / K2: (S2 no or K2 no) - K1 nc",
                // a limit switch that nobody can hold to a way
                BOX + " / S3 limit / K1: (S1 no or K1 no) - K2 nc - S3 nc / K2: (S2 no or K2 no) - K1 nc",
                // a limit switch that lets nothing come back
                BOX
                        + " / S3 limit forward / K1: (S1 no or K1 no) - K2 nc - S3 nc / K2: (S2 no or K2 no) - K1 nc - S3 nc");
    }

    @ParameterizedTest
    @MethodSource("proofsOfNothing")
    @DisplayName("what is not said, or stops nothing, is never sound")
    void nothingIsNotProved(String text) {
        assertThat(prove(ladder(text), Optional.empty()).isSound()).isFalse();
        assertThat(prove(ladder(text), Optional.of(BOTH_WAYS)).isSound()).isFalse();
        assertThat(Prover.objection(ladder(text), Asked.USUAL, Optional.of(BOTH_WAYS), Effort.unlimited()))
                .isPresent();
    }

    @Test
    @DisplayName(
            "a circuit whose ways are the power circuit's the other way round, or whose contactors are called otherwise, is a danger")
    void theWaysArePowersWays() {
        Duty turned = new Duty(
                Map.of("K1", Set.of(HandlePosition.REVERSE), "K2", Set.of(HandlePosition.FORWARD)),
                false,
                List.of(230, 115));
        Duty others = new Duty(
                Map.of("K3", Set.of(HandlePosition.FORWARD), "K4", Set.of(HandlePosition.REVERSE)),
                false,
                List.of(230, 115));
        Duty master = new Duty(
                Map.of(
                        "K1",
                        Set.of(HandlePosition.FORWARD),
                        "K2",
                        Set.of(HandlePosition.REVERSE),
                        "K5",
                        Set.of(HandlePosition.FORWARD, HandlePosition.REVERSE)),
                false,
                List.of(230, 115));

        assertThat(keys(prove(ladder(SOUND), Optional.of(turned)))).contains("control.duty.otherWay");
        assertThat(keys(prove(ladder(SOUND), Optional.of(others))))
                .contains("control.duty.missing", "control.duty.stranger");
        assertThat(keys(prove(ladder(SOUND), Optional.of(master)))).contains("control.duty.missing");
        String withMaster = SOUND + " / K5 contactor both / K5: (S1 no or S2 no or K5 no)";
        assertThat(prove(ladder(withMaster), Optional.of(master)).isSound()).isTrue();
    }

    private static List<String> keys(Proof proof) {
        return proof.findings().stream()
                .filter(Proof.Finding::danger)
                .map(f -> f.words().key())
                .toList();
    }

    @Test
    @DisplayName("a ladder as text says a master, and says it again when it is written")
    void aMasterIsWritten() {
        Ladder master = ladder("K5 contactor both / K5: wire");
        assertThat(master.parts().get(0).way()).contains(HandlePosition.OFF);
        assertThat(LadderText.read(LadderText.write(master)).value()).contains(master);
    }

    @Test
    @DisplayName("in 300 ladders spoilt at random whatever the simulation says chatters the proof says, too")
    void simulationAndProofAgree() {
        Random random = new Random(2929);
        int chattering = 0;
        for (int i = 0; i < 300; i++) {
            Ladder ladder = spoilt(random);
            boolean quiet = Prover.failing(ladder, Asked.USUAL, Effort.unlimited()).stream()
                    .noneMatch(c -> c.rule() == Rule.NO_CHATTER);
            boolean chatters = false;
            for (int run = 0; run < 6 && !chatters; run++) {
                chatters = Simulation.run(ladder, acts(ladder, random), 3, 30_000, Effort.unlimited())
                        .chatters();
            }
            chattering += chatters ? 1 : 0;
            assertThat(chatters && quiet).as(LadderText.write(ladder)).isFalse();
        }
        assertThat(chattering).isGreaterThan(5);
    }

    /** A made-up box with one or two of its contacts turned round, and now and then a coil's own. */
    private static Ladder spoilt(Random random) {
        Ladder ladder = MadeUpLadders.any(random).ladder();
        for (int n = random.nextInt(2); n >= 0; n--) {
            int number = random.nextInt(ladder.touches().size());
            ladder = LadderEdit.at(
                    ladder, number, LadderEdit.Act.TURN, ladder.touches().get(number));
        }
        return ladder;
    }

    private static List<Act> acts(Ladder ladder, Random random) {
        List<Act> acts = new ArrayList<>();
        int at = 0;
        List<Part> hands = ladder.parts().stream()
                .filter(p -> !p.kind().isLoad() && p.kind() != Part.Kind.STANDSTILL)
                .toList();
        for (int a = 0; a < 8; a++) {
            at += 200 + random.nextInt(2000);
            acts.add(new Act(at, hands.get(random.nextInt(hands.size())).name(), random.nextBoolean()));
        }
        return acts;
    }

    @Test
    void coilsAreForTheVoltageTheyGet() {
        Ladder usual = ControlWishes.USUAL.ladder();
        String text = LadderText.write(usual);
        Ladder printed = LadderText.read(text.replace("K1 contactor forward", "K1 contactor forward 230 V"))
                .value()
                .orElseThrow();
        assertThat(printed.part("K1").orElseThrow().volts()).isEqualTo(230);
        assertThat(LadderText.read(LadderText.write(printed)).value()).contains(printed);
        assertThat(keys(prove(printed, Optional.of(BOTH_WAYS)))).anyMatch(f -> f.startsWith("control.plain.coilVolts"));
        Ladder right = LadderText.read(text.replace("K1 contactor forward", "K1 contactor forward 24 V"))
                .value()
                .orElseThrow();
        assertThat(keys(prove(right, Optional.of(BOTH_WAYS)))).noneMatch(f -> f.startsWith("control.plain.coilVolts"));
        assertThat(LadderText.read(text.replace("S0 stop", "S0 stop 24 V")).value())
                .isEmpty();
        // from the line it gets what the line has: line to line, or one hot to the neutral
        for (int volts : List.of(24, 115, 230, 400)) {
            Ladder fed = usual.on(new ControlSupply(volts, ControlSupply.Source.LINE, false, false));
            assertThat(keys(prove(fed, Optional.of(BOTH_WAYS))).contains("control.duty.lineVolts"))
                    .as("%d V", volts)
                    .isEqualTo(volts == 24 || volts == 400);
        }
    }
}
