package gatepin.web.desk;

import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.machine.Leads;
import gatepin.core.winding.HiddenMotor;
import gatepin.core.winding.MeterError;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.SimulatedMeter;
import gatepin.core.winding.WindingFinder;
import gatepin.core.winding.WindingRecord;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.MotorStore;
import gatepin.web.store.ShopStore;
import gatepin.web.store.WindingStore;
import gatepin.web.store.WindingStore.PadLead;
import gatepin.web.store.WindingStore.Taken;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person measures between the leads of a motor, and what he makes of it. */
@Service
@Transactional
public class WindingDesk {
    /** What the simulated meter shows with its probes held together, Ω. */
    private static final double SIMULATED_ZERO = 0.2;

    private final JobDesk desk;
    private final WindingStore windings;
    private final MotorStore motors;
    private final ShopStore shops;
    private final Changes changes;

    WindingDesk(JobDesk desk, WindingStore windings, MotorStore motors, ShopStore shops, Changes changes) {
        this.desk = desk;
        this.windings = windings;
        this.motors = motors;
        this.shops = shops;
        this.changes = changes;
    }

    @Transactional(readOnly = true)
    public List<PadLead> pad(long jobId) {
        return windings.pad(desk.file(jobId).motor().id());
    }

    @Transactional(readOnly = true)
    public List<Taken> readings(long jobId) {
        return windings.readings(desk.file(jobId).motor().id());
    }

    /** Whether the motor is a demo motor that the simulated meter can be held on. */
    @Transactional(readOnly = true)
    public boolean hasSimulatedMeter(long jobId) {
        return windings.hidden(desk.file(jobId).motor().id()).isPresent();
    }

    /** Writes down the leads that are to be measured. */
    public List<Drop> setPad(long jobId, List<PadLead> leads) {
        JobFile before = desk.file(jobId);
        if (windings.pad(before.motor().id()).equals(leads)) {
            return List.of();
        }
        windings.setPad(before.motor().id(), leads);
        changes.note(
                before.job(),
                Kind.SAVED,
                "Leads to measure: "
                        + String.join(", ", leads.stream().map(PadLead::name).toList()) + ".");
        return changes.apply(before, List.of(new Change(Fact.WINDINGS, "the leads to measure changed")));
    }

    /** Adds a reading. Nothing is ever taken away: a later one between the same points corrects it. */
    public List<Drop> add(long jobId, MeterReading reading) {
        return take(desk.file(jobId), reading, false);
    }

    private List<Drop> take(JobFile before, MeterReading reading, boolean simulated) {
        windings.add(
                before.motor().id(),
                reading,
                simulated,
                shops.ownerOf(before.job().shopId()));
        changes.note(
                before.job(),
                Kind.SAVED,
                "Ohmmeter" + (simulated ? " (simulated)" : "") + ": " + reading.a() + " to " + reading.b() + " "
                        + WindingFinder.ohms(reading.shownOhms())
                        + (reading.startSwitch() == StartSwitch.HELD_OPEN ? ", start switch held open" : "") + ".");
        return changes.apply(before, List.of(new Change(Fact.WINDINGS, "another reading came in")));
    }

    /** Holds the simulated meter's probes on two leads of a demo motor; empty for a real motor. */
    public Optional<MeterReading> probe(long jobId, String a, String b, StartSwitch startSwitch) {
        JobFile before = desk.file(jobId);
        Optional<HiddenMotor> hidden = windings.hidden(before.motor().id());
        Optional<MeterReading> reading = hidden.map(h -> new SimulatedMeter(
                        h, MeterError.USUAL, SIMULATED_ZERO, before.motor().id())
                .read(a, b, startSwitch));
        reading.ifPresent(r -> take(before, r, true));
        return reading;
    }

    /** Gives a demo motor its inside, for the simulated meter. */
    public void hide(long jobId, List<HiddenMotor.Way> ways) {
        windings.hide(desk.file(jobId).motor().id(), ways);
    }

    /** Saves what is said of the windings beside the readings. */
    public List<Drop> say(
            long jobId, boolean marksTrusted, Optional<Boolean> dualVoltage, Optional<Boolean> turnSecondHalf) {
        JobFile before = desk.file(jobId);
        WindingRecord old = before.windings();
        windings.say(before.motor().id(), marksTrusted, dualVoltage, turnSecondHalf);
        if (old.marksTrusted() == marksTrusted
                && old.hints().dualVoltage().equals(dualVoltage)
                && old.turnSecondHalf().equals(turnSecondHalf)) {
            return List.of();
        }
        if (marksTrusted && !old.marksTrusted()) {
            changes.note(before.job(), Kind.SAVED, "The marks on the leads are relied on as the maker's own.");
        }
        turnSecondHalf
                .filter(t -> !old.turnSecondHalf().equals(turnSecondHalf))
                .ifPresent(turned -> changes.note(
                        before.job(),
                        Kind.SAVED,
                        "Sense test of the run halves: the ends joined were " + (turned ? "alike" : "unlike") + "."));
        return changes.apply(before, List.of(new Change(Fact.WINDINGS, "what is said of the windings changed")));
    }

    /** Writes into the log a step of a guided work on the motor. */
    public void note(long jobId, String words) {
        changes.note(desk.file(jobId).job(), Kind.SAVED, words);
    }

    /** Marks the motor's leads: from now on they are its leads. */
    public List<Drop> useMarks(long jobId, Leads leads) {
        JobFile before = desk.file(jobId);
        if (before.leads().equals(leads)) {
            return List.of();
        }
        motors.saveLeads(before.motor().id(), leads);
        changes.note(before.job(), Kind.SAVED, "Leads marked: " + String.join(", ", leads.marks()) + ".");
        return before.leads().all().isEmpty()
                ? List.of()
                : changes.apply(before, List.of(new Change(Fact.LEADS, "the leads were marked from the readings")));
    }
}
