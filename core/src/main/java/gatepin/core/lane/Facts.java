package gatepin.core.lane;

import gatepin.core.ahead.AheadRecord;
import gatepin.core.check.CheckRecord;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlRecord;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Diagram;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.machine.Leads;
import gatepin.core.machine.Traces;
import gatepin.core.paper.PaperRecord;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.safe.SafeRecord;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.winding.WindingRecord;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Done;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything known of a job at one moment, and nothing worked out of it: that is the {@link Workup}'s business.
 *
 * @param region whose words and rules hold in the shop
 * @param bench what was seen and measured before anything was undone, and of the windings
 * @param supply what it is to run on
 * @param gear the switch, and how it is to be wired
 * @param proof what proves it
 * @param kept the parts that are kept as a whole
 * @param lane how the pins stand
 */
public record Facts(
        Region region, BenchFacts bench, SupplyFacts supply, GearFacts gear, ProofFacts proof, Kept kept, Lane lane) {
    /** A job of whose wiring nothing is proved yet. */
    public Facts(Region region, BenchFacts bench, SupplyFacts supply, GearFacts gear, Kept kept, Lane lane) {
        this(region, bench, supply, gear, ProofFacts.NOTHING, kept, lane);
    }

    /** The leads, and all that the diagram says of them. */
    public Diagram diagram() {
        return kept.find(Diagram.PART).orElse(Diagram.NONE);
    }

    /** What plate and diagram say; where the plate is gone, the voltage is the one that the old cord brought, at the shop's frequency. */
    public MotorFacts motor() {
        Optional<Plate> plate = kept.find(Plate.PART);
        Optional<Traces> traces = plate.isPresent()
                ? Optional.empty()
                : kept.find(Traces.Typed.PART).flatMap(t -> Traces.read(t).value());
        return new MotorFacts(
                plate.map(Plate::hertz)
                        .or(() -> traces.map(t -> region.hertz()))
                        .orElse(0),
                plate.map(p -> p.ratings().stream().map(Plate.Rating::volts).toList())
                        .or(() -> traces.map(t -> List.of(t.volts())))
                        .orElse(List.of()),
                plate,
                diagram().leads(),
                supply.volts().flatMap(v -> diagram().at(v)),
                traces);
    }

    /** The wires as they were found. */
    public FoundRecord found() {
        return kept.find(FoundRecord.PART).orElse(FoundRecord.NOTHING);
    }

    /** Which way the machine must turn; empty until that is said. */
    public Optional<RotationPlan> rotation() {
        return kept.find(RotationPlan.PART);
    }

    /** How the supply gets to the machine; empty until that is said. */
    public Optional<PanelRun> run() {
        return kept.find(PanelRun.PART);
    }

    /** How long the cables between motor, switch and supply are. */
    public CableLengths cables() {
        return kept.find(CableLengths.PART).orElse(CableLengths.USUAL);
    }

    /** What is asked of a plan besides running the motor right. */
    public Wishes wishes() {
        return kept.find(Wishes.PART).orElse(Wishes.NONE);
    }

    /** What was read and seen of the wiring. */
    public CheckRecord checks() {
        return proof.checks();
    }

    /** The papers that stay with the machine. */
    public PaperRecord papers() {
        return proof.papers();
    }

    /** The control circuit of contactors; empty until that is decided. */
    public Optional<ControlRecord> control() {
        return kept.find(ControlRecord.PART);
    }

    /** What stands ahead of the gear; empty until that is decided. */
    public Optional<AheadRecord> ahead() {
        return kept.find(AheadRecord.PART);
    }

    /** What planning hangs on: the same without the pins, the chosen plan and its ticks, and what is decided after it. */
    public Facts forPlanning() {
        return new Facts(
                region,
                bench,
                supply,
                new GearFacts(gear.kind(), gear.rating(), Optional.empty()),
                kept.without(ControlRecord.PART).without(AheadRecord.PART),
                new Lane(Map.of()));
    }

    /**
     * What was seen and measured on the bench.
     *
     * @param safe how it was made safe, with its capacitors; empty until the lock-out is written down
     * @param windings what was measured between the leads
     */
    public record BenchFacts(Optional<SafeRecord> safe, WindingRecord windings) {}

    /**
     * What plate and diagram say of the motor.
     *
     * @param hertz the frequency on the plate, Hz; 0 where it is not known
     * @param volts the voltages on the plate, lowest first
     * @param plate the plate, once it is read
     * @param leads the leads; none until they are written down
     * @param column the diagram's column for the chosen voltage
     * @param traces what is left to see where the plate is gone
     */
    public record MotorFacts(
            int hertz,
            List<Integer> volts,
            Optional<Plate> plate,
            Leads leads,
            Optional<Column> column,
            Optional<Traces> traces) {
        public MotorFacts {
            volts = List.copyOf(volts);
        }
    }

    /**
     * What it is to run on.
     *
     * @param volts the chosen voltage; empty until it is chosen
     * @param kind whether the second line is hot
     */
    public record SupplyFacts(Optional<Integer> volts, Supply.Kind kind) {}

    /**
     * The switch, and how it is to be wired.
     *
     * @param kind the switch
     * @param rating what is stamped on it; blank where nothing is
     * @param plan the chosen plan
     * @param done what hands made of the wires, and read of them
     */
    public record GearFacts(Optional<SwitchKind> kind, String rating, Optional<WirePlan> plan, Done done) {
        /** Nothing of it is made. */
        public GearFacts(Optional<SwitchKind> kind, String rating, Optional<WirePlan> plan) {
            this(kind, rating, plan, Done.NOTHING);
        }
    }

    /**
     * What proves that it is as it should be.
     *
     * @param checks what was read and seen of the wiring
     * @param papers the papers that stay with the machine
     */
    public record ProofFacts(CheckRecord checks, PaperRecord papers) {
        /** Nobody has held a meter on it. */
        public static final ProofFacts NOTHING = new ProofFacts(CheckRecord.NOTHING, PaperRecord.NOTHING);
    }

    /**
     * A chosen plan.
     *
     * @param wires every wire in working order
     */
    public record WirePlan(List<Wire> wires) {
        public WirePlan {
            wires = List.copyOf(wires);
        }
    }
}
