package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What an ohmmeter shows of a dead control circuit (common practice). */
class DeadCheckTest {
    private static DeadCheck check(Ladder ladder, String... hold) {
        return DeadPlan.of(ladder).checks().stream()
                .filter(c -> c.isAcross() && c.hold().equals(List.of(hold)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aButtonShowsItsCoilAndNoLamp() {
        Ladder usual = ControlWishes.USUAL.ladder();
        assertThat(check(usual).expected()).isEqualTo(Shows.OPEN);
        assertThat(check(usual, "S1").coils()).containsExactly("K1");
        assertThat(check(usual, "S2").coils()).containsExactly("K2");
        assertThat(check(usual, "S1").key()).isEqualTo("S1");
        // lamps are out: pushed in, a contactor shows its own coil alone
        assertThat(DeadPlan.of(usual).checks())
                .filteredOn(c -> c.isAcross() && c.expected() == Shows.LOAD)
                .allSatisfy(c -> assertThat(c.coils()).hasSize(1).noneMatch(l -> l.startsWith("H")));
    }

    /** What a meter shows, worked out from the list of wires alone. */
    private static Shows shown(ControlNet net, ControlFault fault, DeadCheck check) {
        List<Set<String>> joined = new ArrayList<>();
        List<Set<String>> withCoils = new ArrayList<>();
        for (ControlNet.ControlWire wire : net.wires()) {
            if (!(fault instanceof ControlFault.Broken broken && broken.wire().equals(wire))) {
                joined.add(Set.of(wire.from(), wire.to()));
            }
        }
        Map<Integer, List<String>> points = net.terminals();
        if (fault instanceof ControlFault.Touching touching) {
            joined.add(Set.of(
                    points.get(touching.onePoint()).get(0),
                    points.get(touching.otherPoint()).get(0)));
        }
        if (fault instanceof ControlFault.Earth earth) {
            joined.add(Set.of(points.get(earth.point()).get(0), ControlNet.COMMON));
        }
        for (ControlNet.Contact contact : net.contacts()) {
            boolean open = fault instanceof ControlFault.StuckOpen stuck && stuck.contact() == contact.number();
            boolean shut = fault instanceof ControlFault.StuckClosed stuck && stuck.contact() == contact.number();
            boolean held = check.hold().contains(contact.touch().part());
            if (shut || !open && held != contact.touch().normallyClosed()) {
                joined.add(Set.of(contact.a(), contact.b()));
            }
        }
        withCoils.addAll(joined);
        for (ControlNet.Load load : net.loads()) {
            boolean lamp = net.ladder().part(load.part()).orElseThrow().kind() == Kind.LAMP;
            if (!lamp
                    && !(fault instanceof ControlFault.DeadCoil dead
                            && dead.part().equals(load.part()))) {
                withCoils.add(Set.of(load.a(), load.b()));
            }
        }
        return reaches(joined, check) ? Shows.JOINED : reaches(withCoils, check) ? Shows.LOAD : Shows.OPEN;
    }

    private static boolean reaches(List<Set<String>> joined, DeadCheck check) {
        Set<String> reached = new HashSet<>(Set.of(check.from()));
        int before = 0;
        while (before != reached.size()) {
            before = reached.size();
            joined.stream().filter(j -> j.stream().anyMatch(reached::contains)).forEach(reached::addAll);
        }
        return reached.contains(check.to());
    }

    @Test
    @Timeout(60)
    void aLadderOfThreeHundredContactsEndsAndClaimsNothing() {
        StringBuilder text = new StringBuilder("S0 stop\nF2 overload\n");
        StringBuilder rungs = new StringBuilder("shared: S0 nc - F2 nc\n");
        for (int i = 1; i <= 40; i++) {
            text.append("S").append(100 + i).append(i % 2 == 0 ? " button forward\n" : " button reverse\n");
            text.append("K")
                    .append(100 + i)
                    .append(i > 2 ? " relay\n" : i == 1 ? " contactor reverse\n" : " contactor forward\n");
            rungs.append("K" + (100 + i) + ": (S" + (100 + i) + " no or K" + (100 + i) + " no) - K" + (100 + i % 40 + 1)
                    + " nc - K" + (100 + (i + 5) % 40 + 1) + " nc - S" + (100 + (i + 2) % 40 + 1) + " nc\n");
        }
        Ladder large = LadderText.read(text.append(rungs).toString()).value().orElseThrow();
        DeadPlan plan = DeadPlan.of(large);
        assertThat(plan.whole()).isFalse();
        assertThat(plan.checks()).hasSize(41);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whateverBreaksAStopAnOverloadOrAnInterlockIsToldLampsOrNot(long seed) {
        Random random = new Random(seed);
        int broken = 0;
        for (int i = 0; i < 5; i++) {
            ControlWishes made = MadeUpLadders.any(random);
            Ladder ladder = made.ladder();
            ControlNet net = ControlNet.of(ladder);
            DeadPlan plan = DeadPlan.of(ladder);
            assertThat(plan.unseen()).as("%s", LadderText.write(ladder)).isEmpty();
            assertThat(plan.whole()).as("%s", LadderText.write(ladder)).isTrue();
            for (DeadCheck check : plan.checks()) {
                if (!check.wireOff()) {
                    assertThat(shown(net, ControlFault.NONE, check))
                            .as("%s of %s", check, LadderText.write(ladder))
                            .isEqualTo(check.expected());
                }
            }
            Proof proof = Prover.prove(ladder, Asked.USUAL, Effort.unlimited());
            Set<ControlFault> dangerous = new HashSet<>();
            proof.outcomes().forEach(o -> dangerous.addAll(o.brokenBy()));
            for (ControlFault fault : dangerous) {
                boolean byHand = fault instanceof ControlFault.Welded
                        || fault instanceof ControlFault.LooseAuxiliaries
                        || fault instanceof ControlFault.NoWait
                        || fault instanceof ControlFault.NoMechanicalInterlock;
                if (!byHand) {
                    broken++;
                    assertThat(plan.checks())
                            .as("%s in %s", fault, LadderText.write(ladder))
                            .anyMatch(c -> c.wireOff() ? isOf(fault, net, c) : shown(net, fault, c) != c.expected());
                }
            }
        }
        assertThat(broken).isPositive();
    }

    @Test
    void aPersonReadsNoMoreThanACircuitOfItsSizeNeeds() {
        for (ControlWishes wishes : MadeUpLadders.wishes()) {
            Ladder ladder = wishes.ladder();
            DeadPlan plan = DeadPlan.of(ladder);
            assertThat(plan.unseen()).isEmpty();
            assertThat(plan.whole()).as("%s", LadderText.write(ladder)).isTrue();
            assertThat(plan.checks().size())
                    .as("%s", LadderText.write(ladder))
                    .isLessThanOrEqualTo(ControlNet.of(ladder).wires().size() * 5 / 4);
            assertThat(plan.checks()).doesNotHaveDuplicates();
        }
    }

    private static boolean isOf(ControlFault fault, ControlNet net, DeadCheck check) {
        int contact = fault instanceof ControlFault.StuckOpen open
                ? open.contact()
                : fault instanceof ControlFault.StuckClosed closed ? closed.contact() : -1;
        return net.contacts().stream().anyMatch(c -> c.number() == contact && c.a().equals(check.from()));
    }

    @Test
    void withAStopHeldNoContactorsCoilShowsInAnyBuiltCircuit() {
        Random random = new Random(33);
        for (int i = 0; i < 25; i++) {
            Ladder ladder = MadeUpLadders.any(random).ladder();
            for (DeadCheck check : DeadPlan.of(ladder).checks()) {
                boolean stopped = check.hold().stream()
                        .anyMatch(h -> ladder.part(h).orElseThrow().kind().isStop()
                                || ladder.part(h).orElseThrow().kind() == Kind.OVERLOAD);
                if (stopped && check.isAcross()) {
                    assertThat(check.coils())
                            .as("%s in %s", check, LadderText.write(ladder))
                            .noneMatch(s -> ladder.part(s).orElseThrow().kind() == Kind.CONTACTOR);
                }
            }
        }
    }
}
