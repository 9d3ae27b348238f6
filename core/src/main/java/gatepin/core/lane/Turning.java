package gatepin.core.lane;

import gatepin.core.check.LiveStep;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.diagram.Column;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.Ways;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which way the job's shaft turns in each position of the handle, by the wires in force, and what that makes of the positions. */
public final class Turning {
    private final Workup workup;
    private final Memo memo;

    Turning(Workup workup, Memo memo) {
        this.workup = workup;
        this.memo = memo;
    }

    /**
     * Which way a position of the handle turns the shaft, for the wires in force: as the engine finds it by the diagram's own statement;
     * where that is silent, as somebody saw it at the bump. While no wires are chosen, as the diagram states it. Not stated where nothing
     * is known, or where it does not start.
     */
    public StatedRotation turns(HandlePosition position) {
        return memo.of(List.of("turns", position), () -> {
            StatedRotation wired = wiredToTurn(position);
            return wired.isStated() ? wired : seenToTurn(position).orElse(wired);
        });
    }

    private Optional<StatedRotation> seenToTurn(HandlePosition position) {
        return workup.facts()
                .checks()
                .ready()
                .filter(e -> workup.facts().gear().plan().isPresent())
                .flatMap(end -> workup.facts().checks().seen().stream()
                        .filter(s -> s.turn().isPresent())
                        .filter(s -> s.step().equals(LiveStep.turning(position).key()))
                        .flatMap(s -> s.turn().orElseThrow().direction().stream())
                        .map(d -> new StatedRotation(d, end))
                        .findFirst());
    }

    private StatedRotation wiredToTurn(HandlePosition position) {
        StatedRotation written =
                workup.facts().motor().column().map(Column::rotation).orElse(StatedRotation.NOT_STATED);
        Optional<InCircuit> wired = workup.plannedCircuit().flatMap(workup::inCircuit);
        if (wired.isEmpty()) {
            return position == HandlePosition.REVERSE ? written.reversed() : written;
        }
        return wired.map(b -> byEngine(b, position)).orElse(StatedRotation.NOT_STATED);
    }

    private static StatedRotation byEngine(InCircuit wired, HandlePosition position) {
        return way(wired.analysis(), position).map(wired::seen).orElse(StatedRotation.NOT_STATED);
    }

    /** Which way it starts in a position; empty where there is no such position. */
    private static Optional<Way> way(Analysis analysis, HandlePosition position) {
        return analysis.settings().entrySet().stream()
                .filter(e -> e.getKey().purpose() == position.purpose())
                .findFirst()
                .map(e -> e.getValue().way());
    }

    /** The same of any wires: those in force, or some that are only looked at. */
    public StatedRotation turns(Analysis analysis, HandlePosition position) {
        return workup.plannedCircuit().filter(analysis.circuit()::equals).isPresent()
                ? turns(position)
                : workup.inCircuit(analysis.circuit())
                        .map(b -> byEngine(b, position))
                        .orElse(StatedRotation.NOT_STATED);
    }

    /** What the two positions of the handle are called on this machine, as the wires in force turn it. */
    public Ways ways() {
        return memo.of(
                "ways",
                () -> workup.facts().gear().kind().filter(SwitchKind::isOneWay).isPresent()
                        ? Ways.ON
                        : workup.facts()
                                .rotation()
                                .map(r -> r.handle(turns(HandlePosition.FORWARD)))
                                .orElse(Ways.USUAL));
    }

    /**
     * The position in which some wires turn a machine the way it must never turn, where it is to turn one way only. While nobody knows
     * which way they turn it, the other position where both are live and do not turn it alike; for one of the two is wrong.
     */
    public Optional<WrongPosition> wrongPosition(Analysis analysis) {
        return workup.facts().rotation().filter(r -> !r.bothWays()).flatMap(r -> {
            List<HandlePosition> live = Stream.of(HandlePosition.FORWARD, HandlePosition.REVERSE)
                    .filter(p -> way(analysis, p).filter(w -> w != Way.NONE).isPresent())
                    .toList();
            List<HandlePosition> unknown = live.stream()
                    .filter(p -> r.worksAsWritten(turns(analysis, p)).isEmpty())
                    .toList();
            return live.stream()
                    .filter(p -> r.worksAsWritten(turns(analysis, p)).equals(Optional.of(false)))
                    .findFirst()
                    .or(() -> Optional.of(HandlePosition.REVERSE)
                            .filter(p -> unknown.size() == 2 && !turnsAlike(analysis)))
                    .map(p -> new WrongPosition(p, r.hazards()));
        });
    }

    private static boolean turnsAlike(Analysis analysis) {
        return way(analysis, HandlePosition.FORWARD).equals(way(analysis, HandlePosition.REVERSE));
    }

    /**
     * A position that must not be live.
     *
     * @param position the position
     * @param hazards what makes it dangerous on this machine; empty where only nobody wants it
     */
    public record WrongPosition(HandlePosition position, List<RotationPlan.Hazard> hazards) {}
}
