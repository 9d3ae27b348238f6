package gatepin.core.lane;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.DeadLineUp;
import gatepin.core.ahead.LineUp;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Protection;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.RatedPoint;
import gatepin.core.rotation.Tool;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What stands between the panel and a job's gear: what is needed there, what was decided, how far that is made and checked. */
public final class StandsAhead {
    private final Workup workup;
    private final JobMotor motor;
    private final Memo memo;

    StandsAhead(Workup workup, JobMotor motor, Memo memo) {
        this.workup = workup;
        this.motor = motor;
        this.memo = memo;
    }

    private Facts.GearFacts gear() {
        return workup.facts().gear();
    }

    /** The branch circuit as the Supply gate sizes it; empty until it can. */
    public Optional<BranchCircuit> branch() {
        double metres = workup.facts().run().map(r -> r.metres().doubleValue()).orElse(0.0);
        return workup.advice(metres)
                .flatMap(a -> workup.facts().supply().volts().flatMap(a::at))
                .flatMap(SupplyAdvice.Option::circuit);
    }

    /**
     * What has to stand ahead, nearest the panel first.
     *
     * @param besideProtector directions in which some current of the plan passes beside the motor's own protector
     */
    public List<Ahead> asked(int besideProtector) {
        Tool tool = workup.facts().rotation().map(r -> r.machine().tool()).orElse(Tool.OTHER);
        Optional<BranchCircuit> branch = branch();
        return Ahead.of(new Ahead.Asked(
                workup.hasCoils(),
                gear().kind().map(k -> !k.springReturn()).orElse(true),
                tool.hurtsUnseen(),
                workup.facts().motor().leads().all().stream().anyMatch(l -> l.isOf(Role.PROTECTOR)),
                besideProtector,
                branch.map(BranchCircuit::overloadAmps).orElse(0.0),
                branch.map(c -> c.breakerLow() == c.breakerHigh()
                                ? c.breakerLow() + " A"
                                : c.breakerLow() + " to " + c.breakerHigh() + " A")
                        .orElse("")));
    }

    /** What has to stand ahead of the plan that was chosen; empty while there is none. */
    public List<Ahead> asked() {
        return memo.of(
                "ahead",
                () -> workup.plannedCircuit()
                        .map(c -> asked(besideProtector(c)))
                        .orElse(List.of()));
    }

    /** In how many directions some current passes beside the motor's own protector. */
    public int besideProtector(Circuit circuit) {
        double slip = motor.rated().map(RatedPoint::slip).orElse(JobMotor.TYPICAL_SLIP);
        Optional<Analysis> analysis = workup.analysis(circuit);
        return (int) circuit.settings().stream()
                .filter(Setting::isMeantToRun)
                .map(s -> {
                    boolean minus =
                            analysis.filter(a -> a.in(s).way() == Way.MINUS).isPresent();
                    return Protection.of(circuit.behind(Feeder.STIFF), s, minus ? 2 - slip : slip);
                })
                .filter(p -> p.protects() && !p.isWhole())
                .count();
    }

    /** The machine hangs on a plug, which isolates it. */
    public boolean hasPlug() {
        return workup.facts()
                .run()
                .filter(r -> !r.presentPlug().equals(Outlets.FIXED))
                .isPresent();
    }

    /** The machine is wired in, without an outlet; false where nobody said. */
    public boolean isFixed() {
        return workup.facts()
                .run()
                .filter(r -> r.presentPlug().equals(Outlets.FIXED))
                .isPresent();
    }

    /** What is usual to become of each device. */
    public Map<Ahead.Kind, Chosen> usual(List<Ahead> asked) {
        return AheadRecord.usual(asked, hasPlug());
    }

    /** What is put in here; nothing until that is decided, and while nothing is planned. */
    public LineUp lineUp() {
        LineUp none = new LineUp(workup.facts().supply().kind(), List.of());
        return gear().plan().isEmpty()
                ? none
                : workup.facts()
                        .ahead()
                        .map(a -> a.lineUp(workup.facts().supply().kind(), workup.hasCoils()))
                        .orElse(none);
    }

    /** What to read of it with everything dead. */
    public DeadLineUp dead() {
        return memo.of("deadLineUp", () -> DeadLineUp.of(lineUp()));
    }

    /** A device that is needed and left out without a word why; empty until what stands ahead is decided. */
    Optional<Sentence> lack() {
        return workup.facts().ahead().flatMap(a -> a.lack(asked()));
    }

    /** What its dead check lacks; empty where nothing stands in it. */
    public Optional<Sentence> deadLack() {
        return workup.facts().ahead().flatMap(a -> dead().lack(gear().done()));
    }
}
