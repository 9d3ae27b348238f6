package gatepin.core.check;

import gatepin.core.Severity;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.format.WiringReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Sweep;
import gatepin.core.plan.Wishes;
import gatepin.core.verdict.HealthyMotors;
import gatepin.core.verdict.Judgement;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/**
 * Wirings nobody has seen: a made-up motor of any family on some switch, wired by some plan from the front.
 *
 * @param name what it is
 * @param request what to check
 */
public record MadeUpWirings(String name, CheckRequest request) {
    /** The wiring of a seed; empty where that motor cannot be wired on that switch. */
    static Optional<MadeUpWirings> of(long seed) {
        Random chance = new Random(seed * 104_729);
        Optional<HealthyMotors> made = HealthyMotors.madeUp(seed);
        if (made.isEmpty()) {
            return Optional.empty();
        }
        HealthyMotors motor = made.orElseThrow();
        SwitchKind kind = SwitchKind.ALL.get(chance.nextInt(SwitchKind.ALL.size()));
        List<Plan> plans = Planner.search(new PlanRequest(
                        motor.leads().terminals(),
                        motor.leads().windings(),
                        motor.supply(),
                        kind.chart(),
                        kind.hasOff(),
                        RunningConnections.of(
                                motor.motor(), motor.leads(), motor.rated(), motor.connection(), motor.supply()),
                        Wishes.NONE))
                .plans();
        if (plans.isEmpty()) {
            return Optional.empty();
        }
        Plan plan = plans.get(chance.nextInt(plans.size()));
        Circuit circuit = new Circuit(motor.motor(), kind.chart(), motor.supply(), Feeder.USUAL, plan.wires());
        return Optional.of(new MadeUpWirings(
                motor.name() + " on " + kind.key(),
                CheckRequest.of(circuit, motor.rated()).on(kind.hasOff(), kind.linksToTakeOut(plan.wires()))));
    }

    /** The demo shops' jobs, as the files of the formats have them, as far as they run both ways. */
    static List<MadeUpWirings> demo() {
        List<MadeUpWirings> demo = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("../docs/formats/examples"))) {
            for (Path file : files.sorted().toList()) {
                WiringReader.read(Files.readString(file))
                        .value()
                        .filter(w -> new Judgement.Measure(w.circuit(), w.rated())
                                .of(w.circuit()).verdicts().stream().noneMatch(v -> v.severity() == Severity.DANGER))
                        .ifPresent(
                                w -> demo.add(new MadeUpWirings(w.machine(), CheckRequest.of(w.circuit(), w.rated()))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return demo;
    }

    /** So many wirings from a seed on. */
    public static List<MadeUpWirings> some(int number, long from) {
        List<MadeUpWirings> some = new ArrayList<>();
        for (long seed = from; some.size() < number; seed++) {
            of(seed).ifPresent(some::add);
        }
        return some;
    }

    /** Every usual diagram on every kind of switch, by its best plan. */
    static List<MadeUpWirings> sweep() {
        List<MadeUpWirings> all = new ArrayList<>();
        for (Sweep.Wired motor : Sweep.all()) {
            RunningConnections running = motor.running();
            for (SwitchKind kind : SwitchKind.ALL) {
                Planner.search(motor.on(kind, running)).plans().stream()
                        .findFirst()
                        .ifPresent(plan -> all.add(new MadeUpWirings(
                                motor.name() + " on " + kind.key(),
                                CheckRequest.of(
                                                new Circuit(
                                                        motor.motor(),
                                                        kind.chart(),
                                                        motor.supply(),
                                                        Feeder.USUAL,
                                                        plan.wires()),
                                                motor.rated())
                                        .on(kind.hasOff(), kind.linksToTakeOut(plan.wires())))));
            }
        }
        return all;
    }

    @Override
    public String toString() {
        return name;
    }
}
