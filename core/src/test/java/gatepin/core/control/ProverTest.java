package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gatepin.core.Effort;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Claim.Rule;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Proof.Outcome;
import gatepin.core.control.Proof.Standing;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of control circuits: rules of IEC 60204-1 and ISO 13850 (from memory), and common practice of contactor boxes. */
class ProverTest {
    static Stream<ControlWishes> wishes() {
        return MadeUpLadders.wishes().stream();
    }

    private static Ladder ladder(String... lines) {
        return LadderText.read(String.join("\n", lines)).value().orElseThrow();
    }

    private static Proof prove(Ladder ladder, Asked asked) {
        return Prover.prove(ladder, asked, Effort.unlimited());
    }

    private static Set<String> failing(Ladder ladder, Asked asked) {
        return Prover.failing(ladder, asked, Effort.unlimited()).stream()
                .map(Claim::key)
                .collect(Collectors.toSet());
    }

    private static final String[] PARTS = {
        "S0 stop",
        "S1 button forward",
        "S2 button reverse",
        "F2 overload",
        "K1 contactor forward",
        "K2 contactor reverse"
    };

    private static Ladder box(String... rungs) {
        List<String> lines = new ArrayList<>(List.of(PARTS));
        lines.addAll(List.of(rungs));
        return ladder(lines.toArray(String[]::new));
    }

    @ParameterizedTest
    @MethodSource("wishes")
    void whatIsBuiltFromWishesHoldsAllThatIsAsked(ControlWishes wishes) {
        Proof proof = prove(wishes.ladder(), wishes.asked());

        assertThat(proof.outcomes())
                .allSatisfy(o -> assertThat(o.standing()).as(o.claim().key()).isNotEqualTo(Standing.FAILS));
        assertThat(proof.isSound()).isTrue();
    }

    @ParameterizedTest
    @MethodSource("wishes")
    void aContactLeftOutIsFound(ControlWishes wishes) {
        Ladder whole = wishes.ladder();
        Proof sound = prove(whole, wishes.asked());
        for (int i = 0; i < whole.touches().size(); i++) {
            Touch touch = whole.touches().get(i);
            Kind kind = whole.part(touch.part()).orElseThrow().kind();
            boolean interlock = kind == Kind.CONTACTOR && touch.normallyClosed() && !inTimersRung(whole, i);
            boolean guards = kind.isStop() || kind == Kind.OVERLOAD || kind == Kind.LIMIT;
            if (!touch.normallyClosed() || !interlock && !guards) {
                continue;
            }
            Ladder without = LadderEdit.at(whole, i, LadderEdit.Act.TAKE_OUT, touch);

            Proof proof = prove(without, wishes.asked());

            assertThat(worse(sound, proof)).as("%s without %s", wishes, touch).isTrue();
        }
    }

    private static boolean inTimersRung(Ladder ladder, int number) {
        int seen = ladder.head().touches().size();
        for (Rung rung : ladder.rungs()) {
            int next = seen + rung.touches().size();
            if (number >= seen && number < next) {
                return ladder.part(rung.load()).orElseThrow().kind() != Kind.CONTACTOR;
            }
            seen = next;
        }
        return false;
    }

    /** Something that held does not, or is broken by more faults, or is said to do nothing. */
    private static boolean worse(Proof before, Proof after) {
        boolean fails =
                after.outcomes().stream().anyMatch(o -> o.standing() == Standing.FAILS && holds(before, o.claim()));
        boolean more = after.outcomes().stream()
                .anyMatch(o -> before.of(o.claim())
                        .map(b -> b.standing() == Standing.HOLDS && o.standing() == Standing.HOLDS_SOUND)
                        .orElse(false));
        return fails || more || after.findings().stream().anyMatch(Proof.Finding::danger);
    }

    private static boolean holds(Proof proof, Claim claim) {
        return proof.of(claim).map(o -> o.standing() != Standing.FAILS).orElse(false);
    }

    @Test
    void withoutInterlocksBothGetIn() {
        Ladder box = box("shared: S0 nc - F2 nc", "K1: S1 no or K1 no", "K2: S2 no or K2 no");
        Outcome both = prove(box, Asked.USUAL).outcomes().get(0);

        assertThat(both.claim().rule()).isEqualTo(Rule.NEVER_BOTH);
        assertThat(both.standing()).isEqualTo(Standing.FAILS);
        // two buttons, and two main contacts that close
        assertThat(both.trace().orElseThrow().events()).isEqualTo(2);
        assertThat(both.trace().orElseThrow().steps()).hasSize(4);
    }

    @Test
    void buttonsThatOpenEachOthersCircuitAreNoInterlock() {
        // pressed one after the other, the one falls out while the other pulls in
        assertThat(failing(
                        box("shared: S0 nc - F2 nc", "K1: (S1 no or K1 no) - S2 nc", "K2: (S2 no or K2 no) - S1 nc"),
                        Asked.USUAL))
                .containsExactly("never-both");
    }

    @Test
    void anElectricalInterlockHoldsUntilAContactWeldsAndMirrorContactsHoldThenToo() {
        String[] rungs = {"shared: S0 nc - F2 nc", "K1: (S1 no or K1 no) - K2 nc", "K2: (S2 no or K2 no) - K1 nc"};
        Outcome plain = prove(box(rungs), Asked.USUAL).outcomes().get(0);
        assertThat(plain.standing()).isEqualTo(Standing.HOLDS_SOUND);
        assertThat(plain.brokenBy()).contains(new ControlFault.Welded("K1"), new ControlFault.Welded("K2"));

        Ladder mirrored = box(rungs).with(new Ladder.Guards(false, true));
        assertThat(prove(mirrored, Asked.USUAL).outcomes().get(0).brokenBy())
                .doesNotContain(new ControlFault.Welded("K1"), new ControlFault.Welded("K2"));

        Ladder both = box(rungs).with(new Ladder.Guards(true, true));
        assertThat(prove(both, Asked.USUAL).outcomes().get(0).standing()).isEqualTo(Standing.HOLDS);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            shared: F2 nc | K1: (S0 nc - S1 no or K1 no) - K2 nc | K2: S0 nc - (S2 no or K2 no) - K1 nc | stops-S0 something-stops
            shared: S0 nc | K1: (S1 no or K1 no) - K2 nc | K2: (S2 no or K2 no) - K1 nc - F2 nc | overload-stops-F2
            shared: S0 nc - F2 nc | K1: (S1 no or K1 no) - K2 no | K2: (S2 no or K2 no) - K1 nc | never-both runs-forward button-S1 no-chatter
            shared: S0 nc - F2 nc | K1: (S1 nc or K1 no) - K2 nc | K2: (S2 no or K2 no) - K1 nc | power-returns let-go-S0 let-go-F2 button-S1 button-S2
            shared: S0 no - F2 nc | K1: (S1 no or K1 no) - K2 nc | K2: (S2 no or K2 no) - K1 nc | stops-S0 something-stops button-S1 button-S2
            """)
    void whatGoesWrongInBoxesIsFound(String shared, String one, String other, String failing) {
        assertThat(failing(box(shared, one, other), Asked.USUAL)).containsExactlyInAnyOrder(failing.split(" "));
    }

    @Test
    void aSelectorStartsByItselfAndARelayBeforeItDoesNot() {
        Ladder selector = ladder(
                "S0 stop",
                "S1 selector forward",
                "S2 selector reverse",
                "F2 overload",
                "K1 contactor forward",
                "K2 contactor reverse",
                "shared: S0 nc - F2 nc",
                "K1: S1 no - K2 nc",
                "K2: S2 no - K1 nc");
        assertThat(failing(selector, Asked.USUAL)).containsExactlyInAnyOrder("power-returns", "let-go-S0", "let-go-F2");
        assertThat(failing(selector, new Asked(true, false))).isEmpty();
        Claim claim = new Claim(Rule.POWER_RETURNS, "", gatepin.core.circuit.HandlePosition.OFF);
        assertThat(failing(
                        Mends.of(selector, Asked.USUAL, claim, Effort.unlimited())
                                .orElseThrow()
                                .after(),
                        Asked.USUAL))
                .isEmpty();
    }

    @Test
    void inAGroundedCircuitAnEarthFaultPassesByWhatStandsBehindTheCoil() {
        Outcome behind = prove(
                        box(
                                "shared: S0 nc",
                                "K1: (S1 no or K1 no) - K2 nc - coil - F2 nc",
                                "K2: (S2 no or K2 no) - K1 nc - coil - F2 nc"),
                        Asked.USUAL)
                .outcomes()
                .stream()
                .filter(o -> o.claim().rule() == Rule.OVERLOAD_STOPS)
                .findFirst()
                .orElseThrow();
        assertThat(behind.brokenBy()).anyMatch(ControlFault.Earth.class::isInstance);
        Outcome before = prove(
                        box("shared: S0 nc - F2 nc", "K1: (S1 no or K1 no) - K2 nc", "K2: (S2 no or K2 no) - K1 nc"),
                        Asked.USUAL)
                .outcomes()
                .stream()
                .filter(o -> o.claim().rule() == Rule.OVERLOAD_STOPS)
                .findFirst()
                .orElseThrow();
        assertThat(before.brokenBy()).noneMatch(ControlFault.Earth.class::isInstance);
    }

    @Test
    void aReversalOnTheRunIsFoundAndATimerMendsIt() {
        Ladder quick = box("shared: S0 nc - F2 nc", "K1: (S1 no or K1 no) - K2 nc", "K2: (S2 no or K2 no) - K1 nc");
        Asked asked = new Asked(false, true);
        assertThat(failing(quick, asked)).containsExactly("stands-still-first");
        Claim claim = new Claim(Rule.STANDS_STILL_FIRST, "", gatepin.core.circuit.HandlePosition.OFF);
        Ladder waits =
                Mends.of(quick, asked, claim, Effort.unlimited()).orElseThrow().after();
        assertThat(failing(waits, asked)).isEmpty();
        assertThat(waits.of(Kind.TIMER)).hasSize(1);
    }

    @Test
    void everyMendThatIsAdvisedMends() {
        Random random = new Random(16);
        int mended = 0;
        for (int i = 0; i < 60; i++) {
            ControlWishes wishes = MadeUpLadders.any(random);
            Ladder ladder = wishes.ladder();
            int number = random.nextInt(ladder.touches().size());
            LadderEdit.Act act = random.nextBoolean() ? LadderEdit.Act.TURN : LadderEdit.Act.TAKE_OUT;
            Ladder spoilt = LadderEdit.at(ladder, number, act, ladder.touches().get(number));
            List<Claim> failing = Prover.failing(spoilt, wishes.asked(), Effort.unlimited());
            for (Claim claim : failing) {
                var mend = Mends.of(spoilt, wishes.asked(), claim, Effort.unlimited());
                if (mend.isPresent()) {
                    mended++;
                    assertThat(Prover.failing(mend.get().after(), wishes.asked(), Effort.unlimited()))
                            .isSubsetOf(failing)
                            .doesNotContain(claim);
                }
            }
        }
        assertThat(mended).isGreaterThan(20);
    }

    @Test
    void everyFaultThatBreaksAClaimHasASequenceThatEndsInWhatItClaims() {
        for (ControlWishes wishes : MadeUpLadders.wishes().subList(0, 4)) {
            Ladder ladder = wishes.ladder();
            Proof proof = prove(ladder, wishes.asked());
            for (Outcome outcome : proof.outcomes()) {
                for (ControlFault fault : outcome.brokenBy()) {
                    Trace trace = Examined.broken(ladder, outcome.claim(), fault, Effort.unlimited())
                            .orElseThrow(
                                    () -> new AssertionError(outcome.claim().key() + " " + fault));
                    Set<String> in =
                            trace.steps().get(trace.steps().size() - 1).look().in();
                    assertThat(in).as(outcome.claim().key() + " " + fault).isNotEmpty();
                    if (outcome.claim().rule() == Rule.NEVER_BOTH) {
                        assertThat(in).contains("K1", "K2");
                    }
                }
            }
        }
    }

    @Test
    void onAnEmergencyStopOnlyWhatIsBeforeItStaysLive() {
        Ladder usual = ControlWishes.USUAL.ladder();
        Proof proof = prove(usual, ControlWishes.USUAL.asked());
        ControlNet net = ControlNet.of(usual);
        int last = net.wireNumber(net.contacts().stream()
                .filter(c -> c.touch().part().equals("F2") && !c.touch().normallyClosed())
                .findFirst()
                .orElseThrow()
                .to());
        // behind the fuse, and the lamp that tells of the overload
        assertThat(proof.liveOnEmergencyStop()).containsExactly(new Proof.LiveOnStop("S9", List.of(1, last)));
    }

    @Test
    void whatIsPlainToSeeIsSaid() {
        assertThat(keys(ladder("K1 contactor forward", "K1: K1 nc"))).contains("control.plain.buzzes");
        assertThat(keys(ladder("S1 button", "K1 contactor forward", "K1: K1 no - S1 no")))
                .contains("control.plain.never");
        assertThat(keys(ladder("S1 button", "K1 contactor forward", "K2 contactor reverse", "K1: S1 no")))
                .contains("control.plain.noRung");
        assertThat(keys(ladder("S0 stop", "S1 button", "K1 contactor forward", "K1: S1 no")))
                .contains("control.plain.unused");
        assertThat(keys(ladder("S1 button", "K1 contactor forward", "K1: S1 no or wire")))
                .contains("control.plain.always");
        assertThat(keys(ladder(
                        "supply 120 V line ahead of the disconnect", "S1 button", "K1 contactor forward", "K1: S1 no")))
                .contains("control.plain.ahead");
    }

    private static List<String> keys(Ladder ladder) {
        return prove(ladder, Asked.USUAL).findings().stream()
                .map(f -> f.words().key())
                .toList();
    }

    @Test
    void whatIsTooLargeIsRefusedInTime() {
        StringBuilder text = new StringBuilder("S0 stop\n");
        for (int i = 1; i < 60; i++) {
            text.append("K").append(i).append(" relay\n");
        }
        for (int i = 1; i < 60; i++) {
            text.append("K").append(i).append(": S0 nc - K").append(i % 59 + 1).append(" nc\n");
        }
        Ladder large = ladder(text.toString());
        assertThatThrownBy(() -> Prover.prove(large, Asked.USUAL, Effort.of(java.time.Duration.ofSeconds(20))))
                .isInstanceOf(Effort.TooMuch.class);
        assertThat(Prover.objection(large, Asked.USUAL, Effort.of(java.time.Duration.ofSeconds(20)))
                        .orElseThrow()
                        .key())
                .isEqualTo("lack.control.large");
    }
}
