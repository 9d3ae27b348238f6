package gatepin.web.desk;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Column;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Evidence;
import gatepin.core.lane.Lane;
import gatepin.core.lane.Workup;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.safe.SafeRecord;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.winding.WindingRecord;
import gatepin.core.wire.CableLengths;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.MotorStore.Motor;
import gatepin.web.store.MotorStore.Rating;
import gatepin.web.store.PlanStore.ChosenPlan;
import java.util.List;
import java.util.Optional;

/**
 * A job as loaded at one moment: its facts with what the engine makes of them, and what of it only pages and stores need.
 *
 * @param job the job and the names around it
 * @param motor the plate's fields as stored
 * @param ratings the plate's voltages
 * @param plan the chosen plan with its ticks
 * @param workup the facts, and what the engine makes of them
 */
public record JobFile(Job job, Motor motor, List<Rating> ratings, Optional<ChosenPlan> plan, Workup workup) {
    public Optional<SafeRecord> safe() {
        return workup.facts().bench().safe();
    }

    public FoundRecord found() {
        return workup.facts().bench().found();
    }

    public WindingRecord windings() {
        return workup.facts().bench().windings();
    }

    public Optional<RotationPlan> rotation() {
        return workup.facts().rotation();
    }

    public Optional<Plate> plate() {
        return workup.facts().motor().plate();
    }

    public Leads leads() {
        return workup.facts().motor().leads();
    }

    /** The leads as they are wired, with the tags of a capacitor beside the motor. */
    public Leads wiredLeads() {
        return workup.wiredLeads();
    }

    public Optional<Column> column() {
        return workup.facts().motor().column();
    }

    public Optional<PanelRun> run() {
        return workup.facts().supply().run();
    }

    public CableLengths cables() {
        return workup.facts().supply().cables();
    }

    public Wishes wishes() {
        return workup.facts().gear().wishes();
    }

    public Optional<SwitchKind> gear() {
        return workup.facts().gear().kind();
    }

    public Lane lane() {
        return workup.facts().lane();
    }

    public Evidence evidence() {
        return workup.evidence();
    }

    public Optional<String> connectionDanger() {
        return workup.connectionDanger();
    }

    public Optional<String> switchObjection() {
        return workup.switchObjection();
    }

    public Optional<Supply> supply() {
        return workup.supply();
    }

    public Supply supplyAt(int volts) {
        return workup.supplyAt(volts);
    }

    /** The voltages the plate states, lowest first. */
    public List<Integer> plateVolts() {
        return workup.facts().motor().volts();
    }

    public List<Integer> connectionVolts() {
        return workup.connectionVolts();
    }

    public Optional<SupplyAdvice> advice(double metres) {
        return workup.advice(metres);
    }

    /** The circuit of the chosen plan. */
    public Optional<Circuit> plannedCircuit() {
        return column().isEmpty() ? Optional.empty() : workup.plannedCircuit();
    }
}
