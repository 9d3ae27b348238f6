package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Column;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Lane;
import gatepin.core.job.Part;
import gatepin.core.lane.Evidence;
import gatepin.core.lane.Facts;
import gatepin.core.lane.Workup;
import gatepin.core.machine.Leads;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.Ways;
import gatepin.core.winding.WindingRecord;
import gatepin.core.words.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A job as loaded at one moment: its facts with what the engine makes of them, and what of it only the rooms that keep it need.
 *
 * @param job the job and the names around it
 * @param workup the facts, and what the engine makes of them
 * @param versions how often each part was saved
 * @param rooms what the rooms keep beside the facts, by its type
 */
public record JobFile(Job job, Workup workup, Map<Part<?>, Integer> versions, Map<Class<?>, Object> rooms) {
    public Facts facts() {
        return workup.facts();
    }

    /** How often a part was saved. */
    public int version(Part<?> part) {
        return versions.getOrDefault(part, 0);
    }

    /** What a room keeps of the job beside the facts; empty while it has nothing. */
    public <T> Optional<T> kept(Class<T> type) {
        return Optional.ofNullable(rooms.get(type)).map(type::cast);
    }

    /** Puts sentences into the words of the shop's region and of the machine. */
    public Wording wording() {
        return Wording.of(job.region()).with(ways());
    }

    /** What the first and the other position of the handle are called on this machine. */
    public Ways ways() {
        return workup.turning().ways();
    }

    /** A sentence in the words of the shop's region. */
    public String say(Sentence sentence) {
        return wording().say(sentence);
    }

    /** What the wire of the frames is called in the shop's region: ground or earth. */
    public String ground() {
        return job.region().ground();
    }

    public FoundRecord found() {
        return facts().found();
    }

    public WindingRecord windings() {
        return facts().bench().windings();
    }

    /** What the plate states; where it is gone, what stands in for it by the likely size. */
    public Optional<Plate> plate() {
        return workup.plate();
    }

    public Leads leads() {
        return facts().motor().leads();
    }

    /** The leads as they are wired, with the tags of a capacitor beside the motor. */
    public Leads wiredLeads() {
        return workup.wiredLeads();
    }

    public Optional<Column> column() {
        return facts().motor().column();
    }

    public Optional<SwitchKind> gear() {
        return facts().gear().kind();
    }

    public Lane lane() {
        return facts().lane();
    }

    public Evidence evidence() {
        return workup.evidence();
    }

    public Optional<Supply> supply() {
        return workup.supply();
    }

    public Supply supplyAt(int volts) {
        return workup.supplyAt(volts);
    }

    /** The voltages the plate states, lowest first. */
    public List<Integer> plateVolts() {
        return facts().motor().volts();
    }

    /** The circuit of the chosen plan. */
    public Optional<Circuit> plannedCircuit() {
        return column().isEmpty() ? Optional.empty() : workup.plannedCircuit();
    }
}
