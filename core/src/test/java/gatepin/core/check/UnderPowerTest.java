package gatepin.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.MotorFault.CapacitorBad;
import gatepin.core.check.MotorFault.CoilBad;
import gatepin.core.check.MotorFault.InnerStuck;
import gatepin.core.check.Taken.Standing;
import gatepin.core.check.WiringFault.EndsExchanged;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.trouble.Past;
import gatepin.core.trouble.Repair;
import gatepin.core.trouble.Suspicion;
import gatepin.core.trouble.Trouble;
import gatepin.core.verdict.Judgement;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What is seen under power on sound wirings and on those with one thing wrong, over made-up motors of every family. */
class UnderPowerTest {
    private static final StatedRotation CLOCKWISE = new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END);
    private static List<MadeUpWirings> wirings = List.of();

    @BeforeAll
    static void makeUp() {
        wirings = MadeUpWirings.some(16, 9000);
    }

    private static LiveCheck seen(CheckRequest request, Circuit actual) {
        LivePlan plan = LivePlan.of(request, CLOCKWISE);
        SimulatedRun bench = new SimulatedRun(actual, request.rated(), CLOCKWISE, 3);
        CheckRecord record = CheckRecord.NOTHING.with(new CheckRecord.Ready(End.SHAFT_END));
        for (LivePlan.Expected step : plan.steps()) {
            record = record.with(new CheckRecord.Seen(bench.see(step.step())));
        }
        return new LiveCheck(plan, record);
    }

    @Test
    void aSoundWiringDoesAllThatIsExpectedOfItAndNobodyComplains() {
        for (MadeUpWirings wiring : wirings) {
            LiveCheck check = seen(wiring.request(), wiring.request().circuit());
            assertThat(check.lines())
                    .as("%s", wiring)
                    .allSatisfy(l -> assertThat(l.standing()).as("%s", l).contains(Standing.AGREES));
            assertThat(check.lack()).isEmpty();
            assertThat(check.symptoms()).isEmpty();
            assertThat(Complaint.of(wiring.request(), List.of()))
                    .as("%s", wiring)
                    .isEmpty();
        }
    }

    @Test
    void aStartSwitchThatStaysClosedIsFoundByTheMissingClick() {
        int tried = 0;
        for (MadeUpWirings wiring : wirings) {
            Optional<InnerContact> contact = wiring.request().circuit().motor().contacts().stream()
                    .filter(c -> c.kind() == InnerContact.Kind.START_SWITCH)
                    .findFirst();
            if (contact.isEmpty()) {
                continue;
            }
            Fault stuck = new InnerStuck(contact.orElseThrow().name(), false);
            LiveCheck check =
                    seen(wiring.request(), stuck.applyTo(wiring.request().circuit()));
            assertThat(check.disagrees()).as("%s", wiring).isTrue();
            assertThat(check.symptoms()).as("%s", wiring).contains(Symptom.NO_CLICK);
            List<List<Fault>> named = trouble(wiring.request(), check.symptoms()).suspicions().stream()
                    .limit(3)
                    .flatMap(s -> s.faults().stream())
                    .toList();
            assertThat(named).as("%s: %s", wiring, check.symptoms()).contains(List.of(stuck));
            tried++;
        }
        assertThat(tried).isGreaterThan(4);
    }

    @Test
    void halvesThatOpposeShowAtTheFirstBumpAndInNoReading() {
        int tried = 0;
        for (MadeUpWirings wiring : wirings) {
            List<Coil> run = wiring.request().circuit().motor().coils(Role.RUN);
            if (run.size() != 2) {
                continue;
            }
            Fault turned = new CoilBad(run.get(1).name(), CoilBad.How.TURNED);
            ColdPlan plan = ColdPlanner.plan(wiring.request());
            assertThat(FaultFinder.moved(
                            wiring.request(),
                            turned,
                            plan.steps().stream().map(ColdPlan.Step::read).toList()))
                    .isEmpty();
            assertThat(plan.unseen()).anySatisfy(u -> {
                assertThat(u.fault()).isEqualTo(turned);
                assertThat(u.caught()).isEqualTo(Caught.SENSE_TEST);
            });
            LiveCheck check =
                    seen(wiring.request(), turned.applyTo(wiring.request().circuit()));
            assertThat(check.disagrees()).as("%s", wiring).isTrue();
            tried++;
        }
        assertThat(tried).isGreaterThan(2);
    }

    @Test
    void aDeadCapacitorHumsAndStartsByHand() {
        int tried = 0;
        for (MadeUpWirings wiring : wirings) {
            Circuit circuit = wiring.request().circuit();
            if (circuit.capacitors().size() != 1) {
                continue;
            }
            Fault dead = new CapacitorBad(circuit.capacitors().get(0).name(), CapacitorBad.How.OPEN);
            assertThat(Complaint.of(wiring.request(), List.of(dead)))
                    .as("%s", wiring)
                    .contains(Symptom.HUMS, Symptom.BY_HAND_ONLY);
            tried++;
        }
        assertThat(tried).isGreaterThan(3);
    }

    @Test
    void theEndsToExchangeTurnItRoundBothWaysAndBringNothingNew() {
        for (MadeUpWirings wiring : wirings) {
            EndsExchanged mend = WrongWay.mend(wiring.request()).orElseThrow(() -> new AssertionError(wiring.name()));
            Circuit circuit = wiring.request().circuit();
            Judgement.Measure measure =
                    new Judgement.Measure(circuit, wiring.request().rated());
            Judgement before = measure.of(circuit);
            Judgement after = measure.of(mend.applyTo(circuit));
            before.ways().forEach((setting, way) -> {
                if (setting.isMeantToRun()) {
                    assertThat(after.ways().get(setting)).as("%s", wiring).isEqualTo(way.opposite());
                }
            });
            assertThat(after.verdicts()).hasSameSizeAs(before.verdicts());
            LiveCheck check = seen(wiring.request(), mend.applyTo(circuit));
            assertThat(check.symptoms()).as("%s", wiring).isEqualTo(EnumSet.of(Symptom.WRONG_WAY));
        }
    }

    private static Trouble trouble(CheckRequest request, Set<Symptom> seen) {
        return Trouble.of(new Trouble.Machine(request, Optional.empty(), Past.JUST_WIRED, List.of()), seen);
    }

    @Test
    void aShockFromTheFrameTakesLostInsulationAndALostBond() {
        for (MadeUpWirings wiring : wirings.subList(0, 5)) {
            Suspicion first = trouble(wiring.request(), Set.of(Symptom.SHOCK))
                    .suspicions()
                    .get(0);
            assertThat(first.repair()).as("%s", wiring).isEqualTo(Repair.LEAK_WITHOUT_GROUND);
            assertThat(first.faults()).isNotEmpty().allSatisfy(f -> {
                assertThat(Complaint.of(wiring.request(), f)).contains(Symptom.SHOCK);
                // with the bond in place it would not have tripped the breaker, or nobody had felt it
                assertThat(Complaint.of(wiring.request(), f.subList(0, 1))).doesNotContain(Symptom.TRIPS_AT_ONCE);
            });
        }
    }

    @Test
    void aMotorWhoseWiringNobodyKnowsIsTriedAsMotorsAreConnected() {
        for (MadeUpWirings wiring : wirings.subList(0, 8)) {
            Circuit circuit = wiring.request().circuit();
            Optional<CheckRequest> usual =
                    CheckRequest.asIsUsual(circuit.motor(), wiring.request().rated(), circuit.supply());
            usual.ifPresent(u -> {
                assertThat(Complaint.of(u, List.of())).as("%s", wiring).isEmpty();
                assertThat(trouble(u, EnumSet.of(Symptom.HUMS)).suspicions())
                        .as("%s", wiring)
                        .isNotEmpty()
                        .allSatisfy(s -> assertThat(s.share()).isPositive());
                assertThat(trouble(u, EnumSet.of(Symptom.HUMS))
                                .suspicions()
                                .get(0)
                                .explains())
                        .as("%s", wiring)
                        .isTrue();
            });
        }
        assertThat(wirings.subList(0, 8))
                .filteredOn(w -> CheckRequest.asIsUsual(
                                w.request().circuit().motor(),
                                w.request().rated(),
                                w.request().circuit().supply())
                        .isPresent())
                .hasSizeGreaterThan(5);
    }

    @Test
    void whatWasSeenBeforeAMendCountsNoMore() {
        CheckRecord record = CheckRecord.NOTHING
                .with(new CheckRecord.Ready(End.SHAFT_END))
                .with(new CheckRecord.Seen(LiveSeen.of("forward/idle-amps", 5)))
                .with(new CheckRecord.Seen(LiveSeen.of("forward/idle-amps", 6)));
        assertThat(record.seen()).containsExactly(LiveSeen.of("forward/idle-amps", 6));
        CheckRecord mended = record.with(new CheckRecord.Mended("out-1"));
        assertThat(mended.seen()).isEmpty();
        assertThat(mended.ready()).isEmpty();
        assertThat(new ArrayList<>(mended.entries())).hasSize(4);
    }
}
