package gatepin.core.lane;

import gatepin.core.Sentence;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.LiveCheck;
import gatepin.core.job.Gate;
import gatepin.core.job.Kept;
import gatepin.core.job.Taken;
import gatepin.core.safe.SafeRecord;
import gatepin.core.verdict.ConnectionCheck;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** What each gate of a job still lacks; a gate that lacks nothing has its evidence. */
public final class Evidence {
    private final Map<Gate, Optional<Sentence>> lacks = new EnumMap<>(Gate.class);
    private final Kept kept;

    private Evidence(Kept kept) {
        this.kept = kept;
    }

    /** Asks every gate's room what it lacks. */
    static Evidence of(Workup workup) {
        Evidence evidence = new Asking(workup, workup.facts()).all();
        // of the others only their parts are asked
        Arrays.stream(Gate.values())
                .filter(g -> !evidence.lacks.containsKey(g))
                .forEach(g -> evidence.ask(g, List.of()));
        return evidence;
    }

    private record Asking(Workup workup, Facts facts) {
        Evidence all() {
            return new Evidence(facts.kept())
                    .ask(
                            Gate.SAFE,
                            List.of(() -> facts.bench()
                                    .safe()
                                    .map(SafeRecord::lack)
                                    .orElse(Optional.of(Sentence.of("lack.safe.disconnect")))))
                    .ask(
                            Gate.PLATE,
                            List.of(
                                    () -> unless(
                                            workup.plate().isPresent(),
                                            facts.motor().traces().isPresent() ? "lack.plate.traces" : "lack.plate"),
                                    () -> facts.motor()
                                            .plate()
                                            .flatMap(p -> p.details().obstacle())
                                            .map(o -> Sentence.of("lack.plate.obstacle", o))))
                    .ask(
                            Gate.DIAGRAM,
                            List.of(
                                    this::noVolts,
                                    () -> unless(facts.motor().column().isPresent(), "lack.connection"),
                                    () -> workup.connectionDanger().map(Asking::connection)))
                    .ask(Gate.WINDINGS, List.of(() -> facts.bench().windings().lack()))
                    .ask(Gate.SUPPLY, List.of(this::noVolts))
                    .ask(
                            Gate.SWITCH,
                            List.of(
                                    () -> unless(facts.gear().kind().isPresent(), "lack.switch"),
                                    this::wrongSwitch,
                                    () -> unless(facts.gear().plan().isPresent(), "lack.plan"),
                                    this::unsoundPlan,
                                    workup::controlLack,
                                    () -> workup.standsAhead().lack()))
                    .ask(
                            Gate.WIRE,
                            List.of(
                                    () -> unless(facts.gear().plan().isPresent(), "lack.wire.plan"),
                                    this::wrongSwitch,
                                    this::unsoundPlan,
                                    workup::controlLack,
                                    () -> workup.wireList().lack()))
                    .ask(
                            Gate.COLD,
                            List.of(
                                    () -> unless(workup.checks().circuit().isPresent(), "lack.wire.plan"),
                                    this::wrongSwitch,
                                    this::unsoundWiring,
                                    () -> unless(facts.checks().hasReadings(), "lack.cold.none"),
                                    () -> workup.checks()
                                            .cold()
                                            .map(ColdCheck::lack)
                                            .orElse(Optional.of(Sentence.of("lack.cold.motor"))),
                                    workup::controlDeadLack,
                                    () -> workup.standsAhead().deadLack()))
                    .ask(
                            Gate.LIVE,
                            List.of(
                                    () -> unless(workup.checks().circuit().isPresent(), "lack.wire.plan"),
                                    this::wrongSwitch,
                                    this::unsoundWiring,
                                    () -> unless(facts.checks().ready().isPresent(), "lack.live.ready"),
                                    () -> workup.checks()
                                            .live()
                                            .map(LiveCheck::lack)
                                            .orElse(Optional.of(Sentence.of("lack.cold.motor")))))
                    .ask(
                            Gate.HANDOVER,
                            List.of(
                                    () -> notPassed(Gate.COLD),
                                    () -> notPassed(Gate.LIVE),
                                    () -> facts.papers().lack(workup::paperMark)));
        }

        private Optional<Sentence> notPassed(Gate gate) {
            return unless(facts.lane().pin(gate).isOpen(), "lack.handover." + gate.word());
        }

        /** A motor that is not reversed by its two leads is in no danger for it. */
        private static Sentence connection(Sentence danger) {
            return danger.key().equals(ConnectionCheck.NOT_REVERSED)
                    ? Sentence.of("lack.connection.notReversed")
                    : Sentence.of("lack.connection.danger", danger);
        }

        private static Optional<Sentence> unless(boolean there, String lack) {
            return there ? Optional.empty() : Optional.of(Sentence.of(lack));
        }

        private Optional<Sentence> noVolts() {
            return unless(facts.supply().volts().isPresent(), "lack.volts");
        }

        private Optional<Sentence> wrongSwitch() {
            return workup.switchObjection().map(o -> Sentence.of("lack.switch.objection", o));
        }

        private Optional<Sentence> unsoundWiring() {
            return workup.checks().danger().map(d -> Sentence.of("lack.cold.danger", d));
        }

        private Optional<Sentence> unsoundPlan() {
            return workup.planDanger().map(d -> Sentence.of("lack.plan.danger", d));
        }
    }

    /** Asks what a gate lacks, in the order in which a person would mend it: the first that lacks something is told. */
    private Evidence ask(Gate gate, List<Supplier<Optional<Sentence>>> questions) {
        lacks.put(
                gate,
                Stream.concat(questions.stream().map(Supplier::get), ofParts(gate))
                        .flatMap(Optional::stream)
                        .findFirst()
                        .or(() -> kept.find(Taken.PART).flatMap(t -> t.at(gate))));
        return this;
    }

    /** What is lacking of the parts that are written at a gate. */
    private Stream<Optional<Sentence>> ofParts(Gate gate) {
        return Parts.all().stream()
                .filter(p -> p.gate().equals(Optional.of(gate)))
                .map(p -> p.lack(kept));
    }

    /** What a gate lacks first; empty where its evidence is there. */
    public Optional<Sentence> lack(Gate gate) {
        return lacks.getOrDefault(gate, Optional.empty());
    }
}
