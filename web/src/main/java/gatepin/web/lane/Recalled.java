package gatepin.web.lane;

import gatepin.core.check.CheckRecord;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.lane.Facts;
import gatepin.core.machine.Traces;
import gatepin.core.paper.PaperRecord;
import gatepin.core.plate.Plate;
import gatepin.core.safe.SafeRecord;
import gatepin.core.winding.Hints;
import gatepin.core.winding.WindingRecord;
import gatepin.core.wire.Done;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A job while it is being loaded: every room puts in what it keeps. What nobody puts in is not known yet. */
public final class Recalled {
    private final Map<Class<?>, Object> kept = new HashMap<>();
    private Optional<SafeRecord> safe = Optional.empty();
    private WindingRecord windings = WindingRecord.NOTHING;
    private Kept parts = Kept.NOTHING;
    private Optional<SwitchKind> kind = Optional.empty();
    private Optional<Facts.WirePlan> plan = Optional.empty();
    private Done done = Done.NOTHING;
    private CheckRecord checks = CheckRecord.NOTHING;
    private PaperRecord papers = PaperRecord.NOTHING;

    Recalled() {}

    public void safe(SafeRecord record) {
        safe = Optional.of(record);
    }

    public void windings(WindingRecord record) {
        windings = record;
    }

    /** The parts that are kept as a whole. */
    void parts(Kept whole) {
        parts = whole;
    }

    public void gear(SwitchKind chosen) {
        kind = Optional.of(chosen);
    }

    /** The wires of the chosen plan. */
    public void plan(List<Wire> wires) {
        plan = Optional.of(new Facts.WirePlan(wires));
    }

    /** What hands made of the wires, and read of them. */
    void done(Done events) {
        done = events;
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
        Optional<Plate> plate = parts.find(Plate.PART);
        return windings.hints()
                .orOfPlate(
                        plate.map(Plate::isDualVoltage),
                        plate.flatMap(p -> p.details().phases()));
    }

    Facts facts(Job job, Map<Gate, Lane.Pin> pins) {
        boolean plateGone = parts.find(Plate.PART).isEmpty()
                && parts.find(Traces.Typed.PART).isPresent();
        return new Facts(
                job.region(),
                new Facts.BenchFacts(safe, windings.withHints(hints())),
                new Facts.SupplyFacts(job.volts(), job.supplyKind()),
                new Facts.GearFacts(kind, job.switchRating(), plan, done),
                new Facts.ProofFacts(checks, papers),
                parts,
                new Lane(pins, plateGone));
    }
}
