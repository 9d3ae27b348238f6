package gatepin.web.desk;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Fact;
import gatepin.core.lane.Gate;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.lane.Lane.Pin;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Plan;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.core.supply.PanelRun;
import gatepin.web.store.JobStore;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.LogStore;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.MotorStore;
import gatepin.web.store.MotorStore.Rating;
import gatepin.web.store.PinStore;
import gatepin.web.store.PlanStore;
import gatepin.web.store.PlanStore.ChosenPlan;
import gatepin.web.store.PlanStore.PlannedWire;
import gatepin.web.store.ShopStore;
import gatepin.web.store.StaleEdit;
import gatepin.web.store.SwitchStore;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person does to a job. Each act is one transaction: the facts, the pins that drop, and the log. */
@Service
@Transactional
public class JobDesk {
    private final JobStore jobs;
    private final MotorStore motors;
    private final SwitchStore switches;
    private final PlanStore plans;
    private final PinStore pins;
    private final LogStore log;
    private final ShopStore shops;
    private final JobFiles files;
    private final Changes changes;

    JobDesk(
            JobStore jobs,
            MotorStore motors,
            SwitchStore switches,
            PlanStore plans,
            PinStore pins,
            LogStore log,
            ShopStore shops,
            JobFiles files,
            Changes changes) {
        this.jobs = jobs;
        this.motors = motors;
        this.switches = switches;
        this.plans = plans;
        this.pins = pins;
        this.log = log;
        this.shops = shops;
        this.files = files;
        this.changes = changes;
    }

    /** Everything known of a job; empty when there is no such job. */
    @Transactional(readOnly = true)
    public Optional<JobFile> open(long jobId) {
        return files.find(jobId);
    }

    /**
     * Everything known of a job.
     *
     * @throws IllegalArgumentException when there is no such job
     */
    @Transactional(readOnly = true)
    public JobFile file(long jobId) {
        return files.file(jobId);
    }

    /** Everything known of all jobs, for the yard. */
    @Transactional(readOnly = true)
    public List<JobFile> yard() {
        return files.all();
    }

    /** Opens a job for a new machine; gives its id, or what is wrong with the name. */
    public Reading<Long> newJob(long shopId, String machine, String note) {
        String name = machine.strip();
        if (name.isEmpty() || name.length() > 80) {
            return Reading.failed(List.of(new Problem(
                    "machine",
                    machine,
                    name.isEmpty() ? "Give the machine a name, such as Apple scratter." : "Use at most 80 letters.")));
        }
        if (note.length() > 400) {
            return Reading.failed(List.of(new Problem("note", note, "Use at most 400 letters.")));
        }
        Optional<ShopStore.Shop> shop = shops.shop(shopId);
        if (shop.isEmpty()) {
            return Reading.failed(List.of(new Problem("shop", "" + shopId, "Choose the shop the machine stands in.")));
        }
        if (jobs.machineExists(shopId, name)) {
            return Reading.failed(List.of(new Problem(
                    "machine", machine, shop.orElseThrow().name() + " already has a machine called " + name + ".")));
        }
        long id = jobs.open(shopId, name, note.strip(), Supply.Kind.HOT_AND_NEUTRAL);
        log.add(job(id), who(job(id)), Kind.OPENED, "Job opened for the " + name + ".");
        return Reading.of(id);
    }

    private Job job(long jobId) {
        return jobs.job(jobId).orElseThrow(() -> new IllegalArgumentException("there is no job " + jobId));
    }

    private long who(Job job) {
        return shops.ownerOf(job.shopId());
    }

    /**
     * Saves the plate.
     *
     * @throws StaleEdit when somebody saved the motor after {@code version}
     */
    public List<Drop> savePlate(long jobId, int version, PlateReader.Typed typed, Plate plate) {
        JobFile before = files.file(jobId);
        List<Rating> ratings = plate.ratings().stream()
                .map(r -> new Rating(r.volts(), r.amps().map(BigDecimal::valueOf)))
                .toList();
        boolean kilowatts = typed.outputUnit().equalsIgnoreCase("kW");
        motors.savePlate(before.motor().id(), version, typed.output().strip(), kilowatts ? "kW" : "hp", plate, ratings);
        List<Change> changed = new ArrayList<>();
        if (!before.plate().equals(Optional.of(plate))) {
            changed.add(new Change(Fact.PLATE, "the plate was read anew"));
            log.add(before.job(), who(before.job()), Kind.SAVED, "Plate saved: " + summary(plate) + ".");
        }
        return changes.apply(before, changed);
    }

    private static String summary(Plate plate) {
        String volts = String.join(
                "/", plate.ratings().stream().map(r -> "" + r.volts()).toList());
        return plate.outputAsWritten() + ", " + volts + " V, " + plate.hertz() + " Hz, " + plate.rpm() + " rpm";
    }

    /**
     * Saves the leads, the voltage and the diagram's column for it.
     *
     * @throws StaleEdit when somebody saved the motor or the job after these versions
     */
    public List<Drop> saveDiagram(
            long jobId, int motorVersion, int jobVersion, Leads leads, Column column, Supply.Kind supplyKind) {
        JobFile before = files.file(jobId);
        int volts = column.connection().volts();
        motors.saveDiagram(before.motor().id(), motorVersion, leads, column);
        jobs.setSupply(jobId, jobVersion, volts, supplyKind);
        List<Change> changed = new ArrayList<>();
        if (!before.leads().all().isEmpty() && !before.leads().equals(leads)) {
            changed.add(new Change(Fact.LEADS, leadChange(before.leads(), leads)));
        }
        boolean voltsChanged =
                !before.job().volts().equals(Optional.of(volts)) || before.job().supplyKind() != supplyKind;
        if (voltsChanged) {
            changed.add(new Change(
                    Fact.VOLTAGE,
                    before.job()
                            .volts()
                            .map(old -> "the supply voltage changed from "
                                    + supply(old, before.job().supplyKind()) + " to " + supply(volts, supplyKind))
                            .orElse("the supply voltage was chosen: " + supply(volts, supplyKind))));
        }
        Optional<Connection> old = before.column().map(Column::connection);
        if (!voltsChanged && !old.equals(Optional.of(column.connection()))) {
            changed.add(new Change(Fact.CONNECTION, "the connection for " + volts + " V was read anew"));
        }
        if (!changed.isEmpty()) {
            log.add(
                    before.job(),
                    who(before.job()),
                    Kind.SAVED,
                    "Diagram saved for " + supply(volts, supplyKind) + ": L1 with "
                            + String.join(" ", column.connection().line1()) + ", L2 with "
                            + String.join(" ", column.connection().line2()) + ".");
        }
        return changes.apply(before, changed);
    }

    /**
     * Saves voltage, distance and present plug.
     *
     * @throws StaleEdit when somebody saved the job after {@code version}
     */
    public List<Drop> saveSupply(long jobId, int version, int volts, Supply.Kind kind, PanelRun run) {
        JobFile before = files.file(jobId);
        jobs.setRun(jobId, version, volts, kind, run);
        List<Change> changed = new ArrayList<>();
        Optional<Supply> old = before.supply();
        boolean sameVolts = old.map(s -> s.volts() == volts && s.kind() == kind).orElse(false);
        if (!sameVolts) {
            changed.add(new Change(
                    Fact.VOLTAGE,
                    old.map(s -> "the supply voltage changed from " + supply(s.volts(), s.kind()) + " to "
                                    + supply(volts, kind))
                            .orElse("the supply voltage was chosen: " + supply(volts, kind))));
        }
        if (!before.run().equals(Optional.of(run))) {
            changed.add(new Change(Fact.SUPPLY, "the way from the panel or the plug changed"));
        }
        if (!changed.isEmpty()) {
            log.add(
                    before.job(),
                    who(before.job()),
                    Kind.SAVED,
                    "Supply saved: " + supply(volts, kind) + ", "
                            + before.job()
                                    .region()
                                    .lengths()
                                    .distance(run.metres().doubleValue()) + " from the panel, present plug: "
                            + run.presentPlug() + ".");
        }
        return changes.apply(before, changed);
    }

    private static String supply(int volts, Supply.Kind kind) {
        return volts + " V" + (kind == Supply.Kind.TWO_HOT ? " (two hots)" : "");
    }

    private static String leadChange(Leads before, Leads after) {
        List<String> gone = new ArrayList<>(before.marks());
        gone.removeAll(after.marks());
        List<String> come = new ArrayList<>(after.marks());
        come.removeAll(before.marks());
        if (gone.isEmpty() && come.isEmpty()) {
            return "what is known of the leads changed";
        }
        return "the leads changed"
                + (gone.isEmpty() ? "" : ": " + String.join(", ", gone) + " gone")
                + (come.isEmpty() ? "" : (gone.isEmpty() ? ": " : ", ") + String.join(", ", come) + " added");
    }

    /**
     * Chooses the switch.
     *
     * @throws StaleEdit when somebody saved the job after {@code version}
     * @throws IllegalArgumentException when the shop has no such switch
     */
    public List<Drop> chooseSwitch(long jobId, int version, long switchId, String rating) {
        JobFile before = files.file(jobId);
        if (switches.devices(before.job().shopId()).stream().noneMatch(d -> d.id() == switchId)) {
            throw new IllegalArgumentException("this shop has no switch " + switchId);
        }
        jobs.setSwitch(jobId, version, switchId, rating.strip());
        if (before.job().switchId().equals(Optional.of(switchId))) {
            return changes.apply(before, List.of());
        }
        SwitchKind kind = switches.kind(switchId);
        log.add(before.job(), who(before.job()), Kind.SAVED, "Switch chosen: " + kind.name() + ".");
        return changes.apply(
                before,
                List.of(new Change(
                        Fact.SWITCH,
                        before.gear()
                                .map(old -> "the switch changed from " + old.name() + " to " + kind.name())
                                .orElse("the switch was chosen: " + kind.name()))));
    }

    /**
     * Chooses a plan. Wires it has in common with the plan before stay ticked: they are made.
     *
     * @throws StaleEdit when somebody saved the job after {@code version}
     */
    public List<Drop> choosePlan(long jobId, int version, Plan plan, String name) {
        JobFile before = files.file(jobId);
        if (before.job().version() != version) {
            throw new StaleEdit("the job");
        }
        List<Wire> wires = WorkingOrder.of(plan);
        if (before.plan().map(p -> sameWires(p, wires)).orElse(false)) {
            return List.of();
        }
        Job job = before.job();
        long planId = plans.add(jobId, name, plan.cost(), wires);
        jobs.setPlan(jobId, Optional.of(planId));
        log.add(job, who(job), Kind.SAVED, "Plan chosen: " + name + ".");
        before.plan().ifPresent(old -> carryOver(job, old, planId));
        return changes.apply(before, List.of(new Change(Fact.PLAN, "another wiring plan was chosen")));
    }

    private static boolean sameWires(ChosenPlan plan, List<Wire> wires) {
        return plan.wires().stream().map(PlannedWire::wire).toList().equals(wires);
    }

    private void carryOver(Job job, ChosenPlan old, long planId) {
        ChosenPlan chosen = plans.plan(planId).orElseThrow();
        List<String> comeOut = new ArrayList<>();
        for (PlannedWire made : old.wires()) {
            if (made.isMade()) {
                chosen.wires().stream()
                        .filter(w -> w.wire().equals(made.wire()))
                        .findFirst()
                        .ifPresentOrElse(
                                w -> plans.mark(planId, w.id(), true, who(job)),
                                () -> comeOut.add(made.wire().from().mark() + " to "
                                        + made.wire().to().mark()));
            }
        }
        if (!comeOut.isEmpty()) {
            log.add(
                    job,
                    who(job),
                    Kind.SAVED,
                    "Made for the plan before, must come out: " + String.join("; ", comeOut) + ".");
        }
    }

    /**
     * Ticks a wire, or takes the tick back. Ticking twice does no harm.
     *
     * @param planId the plan the person has on the screen
     * @throws StaleEdit when the job has another plan by now
     */
    public ChosenPlan tick(long jobId, long planId, long wireId, boolean made) {
        JobFile before = files.file(jobId);
        if (!before.job().planId().equals(Optional.of(planId))) {
            throw new StaleEdit("the plan");
        }
        Job job = before.job();
        if (plans.mark(planId, wireId, made, who(job))) {
            Wire wire = plans.plan(planId).orElseThrow().wires().stream()
                    .filter(w -> w.id() == wireId)
                    .findFirst()
                    .orElseThrow()
                    .wire();
            String words = wire.from().mark() + " to " + wire.to().mark();
            log.add(job, who(job), made ? Kind.MADE : Kind.UNMADE, words + (made ? " made." : " taken back."));
            if (!made) {
                changes.apply(before, List.of(new Change(Fact.WIRES, "the wire " + words + " was taken back")));
            }
        }
        return plans.plan(planId).orElseThrow();
    }

    /**
     * Pulls the pin of a gate.
     *
     * @param override why the gate is passed without its evidence; blank to pass it with
     * @return what kept the pin in; empty when it is out
     */
    public List<Problem> pull(long jobId, Gate gate, String override) {
        JobFile file = files.file(jobId);
        if (file.lane().pin(gate).isOpen()) {
            return List.of();
        }
        String reason = override.strip();
        if (reason.length() > 500) {
            return List.of(new Problem("reason", override, "Give the reason in at most 500 letters."));
        }
        List<Problem> hindrances = file.lane().hindrances(gate, file.evidence().missing(gate));
        if (hindrances.isEmpty()) {
            pins.set(jobId, gate, new Pin(Pin.State.PULLED, ""));
            log.add(file.job(), who(file.job()), Kind.PULLED, gate.title() + ": pin pulled.");
            return List.of();
        }
        if (reason.isEmpty()) {
            return hindrances;
        }
        pins.set(jobId, gate, new Pin(Pin.State.OVERRIDDEN, reason));
        log.add(file.job(), who(file.job()), Kind.OVERRIDDEN, gate.title() + ": passed by override. " + reason);
        return List.of();
    }
}
