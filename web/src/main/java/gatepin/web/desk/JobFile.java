package gatepin.web.desk;

import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wiring;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchRating;
import gatepin.core.job.Evidence;
import gatepin.core.job.Lane;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.Plate;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.safe.SafeRecord;
import gatepin.core.supply.Region;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.winding.WindingRecord;
import gatepin.core.wire.CableLengths;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.JobStore.Run;
import gatepin.web.store.MotorStore.Column;
import gatepin.web.store.MotorStore.Motor;
import gatepin.web.store.MotorStore.Rating;
import gatepin.web.store.PlanStore.ChosenPlan;
import gatepin.web.store.PlanStore.PlannedWire;
import java.util.List;
import java.util.Optional;

/**
 * Everything known of a job, as loaded at one moment.
 *
 * @param job the job and the names around it
 * @param safe how it was made safe; empty until the lock-out is written down
 * @param found the wires as they were found
 * @param windings what was measured between the leads
 * @param rotation which way the machine must turn; empty until that is said
 * @param motor the plate's fields as stored
 * @param ratings the plate's voltages
 * @param plate the plate, once it is readable
 * @param leads the motor's leads; none until they are written down
 * @param column the diagram's column for the chosen voltage
 * @param run how the supply gets to the machine
 * @param cables how long the cables between motor, switch and supply are
 * @param wishes what is asked of a plan besides running the motor right
 * @param gear the reversing switch
 * @param plan the chosen plan
 * @param lane how the pins stand
 * @param connectionDanger what the engine finds dangerous in the diagram's connection; empty where it finds nothing
 */
public record JobFile(
        Job job,
        Optional<SafeRecord> safe,
        FoundRecord found,
        WindingRecord windings,
        Optional<RotationPlan> rotation,
        Motor motor,
        List<Rating> ratings,
        Optional<Plate> plate,
        Leads leads,
        Optional<Column> column,
        Optional<Run> run,
        CableLengths cables,
        Wishes wishes,
        Optional<SwitchKind> gear,
        Optional<ChosenPlan> plan,
        Lane lane,
        Optional<String> connectionDanger) {

    JobFile withDanger(Optional<String> danger) {
        return new JobFile(
                job, safe, found, windings, rotation, motor, ratings, plate, leads, column, run, cables, wishes, gear,
                plan, lane, danger);
    }

    public Evidence evidence() {
        return new Evidence(
                safe.map(SafeRecord::lack).orElse(Optional.of("Say how the machine is disconnected.")),
                found.lack(),
                windings.lack(),
                rotation.map(RotationPlan::lack).orElse(Optional.of("Say which way the machine must turn.")),
                plate.isPresent(),
                plate.flatMap(p -> p.details().obstacle()),
                job.volts().isPresent(),
                column.isPresent(),
                connectionDanger,
                run.isPresent(),
                gear.isPresent(),
                switchObjection(),
                plan.isPresent(),
                plan.map(p -> p.wires().size() - (int) p.made()).orElse(0));
    }

    /** Why the switch must not carry the motor, by what is stamped on it; empty where nothing speaks against it. */
    public Optional<String> switchObjection() {
        return plate.flatMap(p -> job.volts()
                .flatMap(v ->
                        SwitchRating.read(job.switchRating()).objection(p.ratedOutputWatts() / Plate.WATTS_PER_HP, v)));
    }

    /** The supply chosen for the job; empty until its voltage is. */
    public Optional<Supply> supply() {
        int hertz = motor.hertz() == 0 ? 60 : motor.hertz();
        return job.volts().map(v -> new Supply(v, hertz, job.supplyKind()));
    }

    /** The supply for a voltage: the job's own, or the usual one of the region. */
    public Supply supplyAt(int volts) {
        boolean twoHots = volts >= 200 && job.region() == Region.NORTH_AMERICA;
        int hertz = plate.map(Plate::hertz).orElse(60);
        return supply().filter(s -> s.volts() == volts)
                .orElse(new Supply(volts, hertz, twoHots ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL));
    }

    /** The voltages the plate states, lowest first. */
    public List<Integer> plateVolts() {
        return ratings.stream().map(Rating::volts).toList();
    }

    /** One voltage for each connection of the plate, lowest first. */
    public List<Integer> connectionVolts() {
        return VoltageRange.connections(plateVolts());
    }

    /** The voltages the motor can take, compared for a run of cable; empty until the plate is read. */
    public Optional<SupplyAdvice> advice(double metres) {
        return plate.map(p -> SupplyAdvice.compare(
                new SupplyAdvice.Needs(
                        p.ratedOutputWatts() / Plate.WATTS_PER_HP,
                        p.details().serviceFactor().orElse(1.0),
                        p.lockedKva(),
                        p.ratings().stream()
                                .map(r -> new SupplyAdvice.Rated(r.volts(), r.amps()))
                                .toList()),
                job.region(),
                metres));
    }

    /** The wiring of the chosen plan. */
    public Optional<Wiring> plannedWiring() {
        if (plan.isEmpty() || supply().isEmpty() || column.isEmpty() || gear.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Wiring(
                leads.terminals(),
                leads.windings(),
                gear.orElseThrow().chart(),
                supply().orElseThrow(),
                plan.orElseThrow().wires().stream().map(PlannedWire::wire).toList()));
    }
}
