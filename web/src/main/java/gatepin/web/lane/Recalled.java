package gatepin.web.lane;

import gatepin.core.ahead.AheadRecord;
import gatepin.core.check.CheckRecord;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Column;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.lane.Facts;
import gatepin.core.machine.Leads;
import gatepin.core.machine.Traces;
import gatepin.core.paper.PaperRecord;
import gatepin.core.plate.Plate;
import gatepin.core.safe.SafeRecord;
import gatepin.core.winding.Hints;
import gatepin.core.winding.WindingRecord;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A job while it is being loaded: every room puts in what it keeps. What nobody puts in is not known yet. */
public final class Recalled {
    private final Map<Class<?>, Object> kept = new HashMap<>();
    private Optional<SafeRecord> safe = Optional.empty();
    private WindingRecord windings = WindingRecord.NOTHING;
    private int hertz;
    private List<Integer> volts = List.of();
    private Optional<Plate> plate = Optional.empty();
    private Optional<Traces> traces = Optional.empty();
    private Leads leads = new Leads(List.of());
    private Optional<Column> column = Optional.empty();
    private Kept parts = Kept.NOTHING;
    private Optional<SwitchKind> kind = Optional.empty();
    private Optional<Facts.WirePlan> plan = Optional.empty();
    private Optional<Facts.ControlFacts> control = Optional.empty();
    private Optional<AheadRecord> ahead = Optional.empty();
    private CheckRecord checks = CheckRecord.NOTHING;
    private PaperRecord papers = PaperRecord.NOTHING;

    Recalled() {}

    public void safe(SafeRecord record) {
        safe = Optional.of(record);
    }

    public void windings(WindingRecord record) {
        windings = record;
    }

    /** What plate and diagram say. */
    public void motor(int platesHertz, List<Integer> platesVolts, Optional<Plate> read) {
        hertz = platesHertz;
        volts = platesVolts;
        plate = read;
    }

    /** What is left to see of a motor whose plate is gone. */
    public void traces(Traces left) {
        traces = Optional.of(left);
    }

    /** The leads, and the column for the job's voltage. */
    public void diagram(Leads written, Optional<Column> chosen) {
        leads = written;
        column = chosen;
    }

    /** The parts that are kept as a whole. */
    void parts(Kept whole) {
        parts = whole;
    }

    public void gear(SwitchKind chosen) {
        kind = Optional.of(chosen);
    }

    /** The chosen plan, and how many of its wires are not made yet. */
    public void plan(List<Wire> wires, int left) {
        plan = Optional.of(new Facts.WirePlan(wires, left));
    }

    /** The control circuit of contactors. */
    public void control(Facts.ControlFacts circuit) {
        control = Optional.of(circuit);
    }

    /** What stands between panel and gear. */
    public void ahead(AheadRecord decided) {
        ahead = Optional.of(decided);
    }

    /** What was read and seen of the wiring. */
    public void checks(CheckRecord record) {
        checks = record;
    }

    /** The papers that stay with the machine. */
    public void papers(PaperRecord record) {
        papers = record;
    }

    /** What only the room itself reads again, by its type ({@link JobFile#kept}). */
    public <T> void keep(Class<T> type, T value) {
        kept.put(type, value);
    }

    Map<Class<?>, Object> kept() {
        return Map.copyOf(kept);
    }

    /** What the plate says of the windings holds where nobody said otherwise. */
    private Hints hints() {
        return windings.hints()
                .orOfPlate(
                        plate.map(Plate::isDualVoltage),
                        plate.flatMap(p -> p.details().phases()));
    }

    /** Where the plate is gone, its voltage is the one that the old cord brought, at the shop's frequency. */
    private Facts.MotorFacts motor(Job job) {
        Optional<Traces> left = plate.isPresent() ? Optional.empty() : traces;
        return new Facts.MotorFacts(
                hertz == 0 && left.isPresent() ? job.region().hertz() : hertz,
                volts.isEmpty() ? left.map(t -> List.of(t.volts())).orElse(volts) : volts,
                plate,
                leads,
                column,
                left);
    }

    Facts facts(Job job, Lane lane) {
        return new Facts(
                job.region(),
                new Facts.BenchFacts(safe, windings.withHints(hints())),
                motor(job),
                new Facts.SupplyFacts(job.volts(), job.supplyKind()),
                new Facts.GearFacts(kind, job.switchRating(), plan, control, ahead),
                new Facts.ProofFacts(checks, papers),
                parts,
                lane);
    }
}
