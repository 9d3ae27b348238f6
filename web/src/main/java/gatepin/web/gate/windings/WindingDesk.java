package gatepin.web.gate.windings;

import gatepin.core.Sentence;
import gatepin.core.circuit.Winding;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Fact;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.winding.Eye;
import gatepin.core.winding.HiddenMotor;
import gatepin.core.winding.MeterError;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.SimulatedMeter;
import gatepin.core.winding.WindingFinder;
import gatepin.core.winding.WindingRecord;
import gatepin.web.gate.windings.TrialStore.Trial;
import gatepin.web.gate.windings.WindingStore.PadLead;
import gatepin.web.gate.windings.WindingStore.Taken;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person measures between the leads of a motor, and what he makes of it. */
@Service
public class WindingDesk {
    /** What the simulated meter shows with its probes held together, Ω. */
    private static final double SIMULATED_ZERO = 0.2;

    private final Acts acts;
    private final WindingStore windings;
    private final PartStore parts;
    private final TrialStore trials;

    WindingDesk(Acts acts, WindingStore windings, PartStore parts, TrialStore trials) {
        this.trials = trials;
        this.acts = acts;
        this.windings = windings;
        this.parts = parts;
    }

    List<PadLead> pad(JobFile file) {
        return file.kept(Pad.class).map(Pad::leads).orElse(List.of());
    }

    List<Taken> readings(JobFile file) {
        return file.kept(Pad.class).map(Pad::readings).orElse(List.of());
    }

    /** Whether the motor is a demo motor that the simulated meter can be held on. */
    boolean hasSimulatedMeter(JobFile file) {
        return file.kept(Pad.class).map(Pad::simulated).orElse(false);
    }

    /**
     * Writes down the leads that are to be measured.
     *
     * @throws StaleEdit when somebody wrote them down after {@code version}
     */
    public List<Drop> setPad(long jobId, int version, List<PadLead> leads) {
        return acts.on(jobId, Seen.of(Parts.WINDINGS, version), act -> {
            if (windings.pad(act.job().motorId()).equals(leads)) {
                return List.of();
            }
            windings.setPad(act.job().motorId(), leads);
            act.saved("log.pad", leads.stream().map(PadLead::name).toList());
            return List.of(new Change(Fact.WINDINGS, Sentence.of("change.pad")));
        });
    }

    /** Adds a reading. Nothing is ever taken away: a later one between the same points corrects it. */
    public List<Drop> add(long jobId, MeterReading reading) {
        return acts.on(jobId, Seen.any(Parts.WINDINGS), act -> take(act, reading, false));
    }

    private List<Change> take(Act act, MeterReading reading, boolean simulated) {
        windings.add(act.job().motorId(), reading, simulated, act.person());
        act.saved(
                "log.ohms",
                simulated ? Sentence.of("log.ohms.simulated") : Sentence.none(),
                reading.a(),
                reading.b(),
                WindingFinder.ohms(reading.shownOhms()),
                reading.startSwitch() == StartSwitch.HELD_OPEN ? Sentence.of("log.ohms.heldOpen") : Sentence.none());
        return List.of(new Change(Fact.WINDINGS, Sentence.of("change.reading")));
    }

    /** Holds the simulated meter's probes on two leads of a demo motor; empty for a real motor. */
    Optional<MeterReading> probe(JobFile file, String a, String b, StartSwitch startSwitch) {
        long motorId = file.job().motorId();
        Optional<MeterReading> reading = windings.hidden(motorId)
                .map(h -> new SimulatedMeter(h, MeterError.USUAL, SIMULATED_ZERO, motorId).read(a, b, startSwitch));
        reading.ifPresent(r -> acts.on(file.job().id(), Seen.any(Parts.WINDINGS), act -> take(act, r, true)));
        return reading;
    }

    /** Gives a demo motor its inside, for the simulated meter. */
    public void hide(long jobId, List<HiddenMotor.Way> ways) {
        acts.on(jobId, Seen.any(Parts.WINDINGS), act -> {
            windings.hide(act.job().motorId(), ways);
            return List.of();
        });
    }

    /**
     * Saves what is said of the windings beside the readings.
     *
     * @throws StaleEdit when somebody saved something of the windings after {@code version}
     */
    public List<Drop> say(
            long jobId,
            int version,
            boolean marksTrusted,
            Optional<Boolean> dualVoltage,
            Optional<Boolean> turnSecondHalf) {
        return acts.on(jobId, Seen.of(Parts.WINDINGS, version), act -> {
            WindingRecord old = act.before().windings();
            windings.say(act.job().motorId(), marksTrusted, dualVoltage, turnSecondHalf);
            boolean turnedAnew = !old.turnSecondHalf().equals(turnSecondHalf);
            if (old.marksTrusted() == marksTrusted && saidDual(act.before()).equals(dualVoltage) && !turnedAnew) {
                return List.of();
            }
            if (marksTrusted && !old.marksTrusted()) {
                act.saved("log.marksTrusted");
            }
            turnSecondHalf
                    .filter(t -> turnedAnew)
                    .ifPresent(turned -> act.saved(
                            "log.senseTest", Sentence.of(turned ? "log.senseTest.alike" : "log.senseTest.unlike")));
            return List.of(new Change(Fact.WINDINGS, Sentence.of("change.windings")));
        });
    }

    /** Whether somebody said that the plate names two voltages. */
    static Optional<Boolean> saidDual(JobFile file) {
        return file.kept(Pad.class).flatMap(Pad::saidDual);
    }

    static Eye eye(JobFile file) {
        return file.kept(Pad.class).map(Pad::eye).orElse(Eye.SHUT);
    }

    /**
     * Saves what eye and ear say.
     *
     * @throws StaleEdit when somebody saved something of the windings after {@code version}
     */
    List<Drop> look(long jobId, int version, Eye eye) {
        return acts.on(jobId, Seen.of(Parts.WINDINGS, version), act -> {
            if (eye(act.before()).equals(eye)) {
                return List.of();
            }
            windings.look(act.job().motorId(), eye);
            act.saved("log.eye");
            return List.of(new Change(Fact.WINDINGS, Sentence.of("change.windings")));
        });
    }

    List<Trial> trials(JobFile file) {
        return trials.trials(file.job().motorId());
    }

    Optional<byte[]> trialPhoto(JobFile file, long trial) {
        return trials.photo(file.job().motorId(), trial);
    }

    /** Writes a trial of a start winding down; one that reversed the motor makes its two ends the start winding's leads. */
    List<Drop> tried(long jobId, Trial trial, Optional<byte[]> jpeg) {
        return acts.on(jobId, Seen.any(Parts.WINDINGS).and(Diagram.PART, Seen.ANY), act -> {
            trials.add(act.job().motorId(), trial, jpeg, act.person());
            act.at(Gate.WINDINGS)
                    .saved(
                            "log.trial",
                            trial.name(),
                            trial.first(),
                            trial.second(),
                            trial.outcome().words());
            Leads before = act.before().leads();
            Leads after = trial.outcome() == TrialStore.Outcome.REVERSED ? withStart(before, trial) : before;
            if (after.equals(before)) {
                return List.of();
            }
            parts.write(act.job(), Diagram.PART, act.before().facts().diagram().with(after));
            return List.of(new Change(Fact.LEADS, Sentence.of("change.leads.marked")));
        });
    }

    /** The leads with this winding as the start winding; where another one was taken for it, it is no longer. */
    private static Leads withStart(Leads before, Trial trial) {
        List<Lead> leads = new ArrayList<>(before.all().stream()
                .filter(l -> !l.isOf(Winding.Role.START))
                .filter(l ->
                        !l.mark().equalsIgnoreCase(trial.first()) && !l.mark().equalsIgnoreCase(trial.second()))
                .toList());
        boolean shared = before.all().stream()
                .anyMatch(l -> l.isOf(Winding.Role.START) && l.ends().size() > 1);
        if (shared || leads.isEmpty() || leads.size() + 2 > Leads.MOST) {
            return before;
        }
        leads.add(new Lead(trial.first(), "", new WindingEnd(Winding.Role.START, 1, true)));
        leads.add(new Lead(trial.second(), "", new WindingEnd(Winding.Role.START, 1, false)));
        return new Leads(leads);
    }

    /** Writes into the log a step of a guided work on the motor. */
    void note(long jobId, String guide, String step, String words) {
        acts.on(jobId, Seen.any(Parts.WINDINGS), act -> {
            act.saved("log.step", guide, step, words.isEmpty() ? Sentence.none() : Sentence.of("log.step.note", words));
            return List.of();
        });
    }

    /**
     * Marks the motor's leads: from now on they are its leads.
     *
     * @throws StaleEdit when somebody saved the diagram after {@code diagramVersion}
     */
    List<Drop> useMarks(long jobId, int diagramVersion, Leads leads) {
        return acts.on(jobId, Seen.of(Diagram.PART, diagramVersion), act -> {
            Leads before = act.before().leads();
            if (before.equals(leads)) {
                return List.of();
            }
            parts.write(act.job(), Diagram.PART, act.before().facts().diagram().with(leads));
            act.at(Gate.WINDINGS).saved("log.marked", List.copyOf(leads.marks()));
            return before.all().isEmpty()
                    ? List.of()
                    : List.of(new Change(Fact.LEADS, Sentence.of("change.leads.marked")));
        });
    }
}
