package gatepin.web.desk;

import gatepin.core.lane.Facts;
import gatepin.core.lane.Workup;
import gatepin.core.plate.PlateReader;
import gatepin.web.store.CableStore;
import gatepin.web.store.FoundStore;
import gatepin.web.store.JobStore;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.MotorStore;
import gatepin.web.store.MotorStore.Motor;
import gatepin.web.store.MotorStore.Rating;
import gatepin.web.store.PinStore;
import gatepin.web.store.PlanStore;
import gatepin.web.store.PlanStore.ChosenPlan;
import gatepin.web.store.PlanStore.PlannedWire;
import gatepin.web.store.RotationStore;
import gatepin.web.store.SafeStore;
import gatepin.web.store.SwitchStore;
import gatepin.web.store.WindingStore;
import gatepin.web.store.WishStore;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Loads jobs with everything known of them. */
@Component
class JobFiles {
    private final JobStore jobs;
    private final MotorStore motors;
    private final SwitchStore switches;
    private final PlanStore plans;
    private final PinStore pins;
    private final SafeStore safe;
    private final FoundStore found;
    private final WindingStore windings;
    private final RotationStore rotations;
    private final WishStore wishes;
    private final CableStore cables;
    private final Computing computing;

    JobFiles(
            JobStore jobs,
            MotorStore motors,
            SwitchStore switches,
            PlanStore plans,
            PinStore pins,
            SafeStore safe,
            FoundStore found,
            WindingStore windings,
            RotationStore rotations,
            WishStore wishes,
            CableStore cables,
            Computing computing) {
        this.jobs = jobs;
        this.motors = motors;
        this.switches = switches;
        this.plans = plans;
        this.pins = pins;
        this.safe = safe;
        this.found = found;
        this.windings = windings;
        this.rotations = rotations;
        this.wishes = wishes;
        this.cables = cables;
        this.computing = computing;
    }

    Optional<JobFile> find(long jobId) {
        return jobs.job(jobId).map(this::load);
    }

    /**
     * A job that is known to be there.
     *
     * @throws IllegalArgumentException when it is not
     */
    JobFile file(long jobId) {
        return find(jobId).orElseThrow(() -> new IllegalArgumentException("there is no job " + jobId));
    }

    List<JobFile> all() {
        return jobs.jobs().stream().map(this::load).toList();
    }

    private JobFile load(Job job) {
        Motor motor = motors.motor(job.motorId());
        List<Rating> ratings = motors.ratings(job.motorId());
        Optional<ChosenPlan> plan = job.planId().flatMap(plans::plan);
        Facts facts = new Facts(
                job.region(),
                new Facts.BenchFacts(safe.record(job.id()), found.record(job.id()), windings.record(job.motorId())),
                new Facts.MotorFacts(
                        motor.hertz(),
                        ratings.stream().map(Rating::volts).toList(),
                        PlateReader.read(PlateFields.of(motor, ratings)).value(),
                        motors.leads(job.motorId()),
                        job.volts().flatMap(v -> motors.column(job.motorId(), v))),
                new Facts.SupplyFacts(job.volts(), job.supplyKind(), jobs.run(job.id()), cables.lengths(job.id())),
                rotations.plan(job.id()),
                new Facts.GearFacts(
                        job.switchId().map(switches::kind),
                        job.switchRating(),
                        wishes.wishes(job.id()),
                        plan.map(p -> new Facts.WirePlan(
                                p.wires().stream().map(PlannedWire::wire).toList(),
                                p.wires().size() - (int) p.made()))),
                pins.lane(job.id()));
        return new JobFile(job, motor, ratings, plan, Workup.of(facts, computing.memory()));
    }
}
