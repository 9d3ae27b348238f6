package gatepin.web.check;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRecord.Entry;
import gatepin.core.check.CheckRecord.Mended;
import gatepin.core.check.CheckRecord.Reading;
import gatepin.core.check.CheckRecord.Ready;
import gatepin.core.check.CheckRecord.Seen;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultFinder;
import gatepin.core.check.Faults;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep;
import gatepin.core.check.Meter;
import gatepin.core.check.Read;
import gatepin.core.check.SimulatedReading;
import gatepin.core.check.SimulatedRun;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Circuit;
import gatepin.core.job.Fact;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.web.lane.Act;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobFile;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** What a person reads, mends and sees of a wiring. */
@Service
public class CheckDesk {
    /** What the simulated meter shows with its probes held together, Ω. */
    private static final double SIMULATED_ZERO = 0.2;

    private static final StatedRotation SILENT = new StatedRotation(StatedRotation.Direction.CLOCKWISE, End.SHAFT_END);

    private final Acts acts;
    private final CheckStore store;

    CheckDesk(Acts acts, CheckStore store) {
        this.acts = acts;
        this.store = store;
    }

    private List<Drop> on(long jobId, java.util.function.Function<Act, List<Change>> work) {
        return acts.on(jobId, gatepin.web.lane.Seen.any(Parts.CHECKS), work);
    }

    /** Writes a reading down. A later one of the same corrects it. */
    public List<Drop> read(long jobId, Taken taken) {
        return on(jobId, act -> take(act, new Reading(taken), false));
    }

    /** Writes down what was seen under power. */
    public List<Drop> see(long jobId, LiveSeen seen) {
        return on(jobId, act -> take(act, new Seen(seen), false));
    }

    /** Writes down that it was made ready for power. */
    public List<Drop> ready(long jobId, End standsAt) {
        return on(jobId, act -> take(act, new Ready(standsAt), false));
    }

    private List<Change> take(Act act, Entry entry, boolean simulated) {
        store.add(act.job(), entry, simulated, act.person());
        Sentence by = simulated ? Sentence.of("log.cold.simulated") : Sentence.none();
        if (entry instanceof Reading reading) {
            CheckWords.log(act, by, reading.taken());
        } else if (entry instanceof Seen seen) {
            CheckWords.log(act, by, seen.seen());
        } else if (entry instanceof Ready ready) {
            act.at(Gate.LIVE).saved("log.ready", ready.standsAt().words());
        }
        return List.of();
    }

    /** Something was wrong and is mended: what it moved has to be read again, and what was seen under power to be seen again. */
    public List<Drop> mended(long jobId, String key) {
        return on(jobId, act -> {
            CheckRequest request = request(act.before());
            List<Fault> faults = Faults.of(request.circuit(), request.links());
            Fault mended = Faults.named(key, faults).orElseThrow(() -> new IllegalArgumentException("no fault " + key));
            store.add(act.job(), new Mended(key), false, act.person());
            Sentence words = mended.words(request.circuit());
            act.saved("log.mended", words);
            act.before()
                    .kept(Hidden.class)
                    .flatMap(h -> Faults.named(h.fault(), faults))
                    .filter(h -> FaultFinder.isAlike(request, h, mended))
                    .ifPresent(h -> store.hide(jobId, ""));
            return List.of(new Change(Fact.MENDED, Sentence.of("change.mended", words)));
        });
    }

    /** A wire was taken back, as part of an act on it: what was read and seen before counts no more. */
    public void wireTakenBack(Act act) {
        if (!act.before().facts().checks().entries().isEmpty()) {
            store.add(act.job(), Mended.A_WIRE_TAKEN_BACK, false, act.person());
        }
    }

    /** Saves what a person says of his meter. */
    public void meter(long jobId, Meter meter) {
        on(jobId, act -> {
            store.saveMeter(act.person(), meter);
            act.saved(
                    "log.meter",
                    number(100 * meter.error().relative()),
                    number(meter.error().ohms()),
                    number(meter.zeroOhms()),
                    meter.measuresCapacitance() ? Sentence.of("log.meter.farads") : Sentence.none());
            return List.of();
        });
    }

    private static String number(double number) {
        return String.format(java.util.Locale.ROOT, "%.3g", number).replaceAll("\\.?0+$", "");
    }

    private static CheckRequest request(JobFile file) {
        return file.workup()
                .checks()
                .request()
                .orElseThrow(() -> new IllegalArgumentException("there is no wiring to check"));
    }

    /** Whether simulated instruments can be held on the wiring. */
    public static boolean isSimulated(JobFile file) {
        return file.kept(Hidden.class).isPresent();
    }

    private static Circuit actual(JobFile file, CheckRequest request) {
        return file.kept(Hidden.class)
                .flatMap(h -> Faults.named(h.fault(), Faults.of(request.circuit(), request.links())))
                .map(f -> f.applyTo(request.circuit()))
                .orElse(request.circuit());
    }

    /** Holds the simulated meter on a demo job's wiring. */
    public Optional<Taken> probe(JobFile file, Read read) {
        if (!isSimulated(file)) {
            return Optional.empty();
        }
        CheckRequest request = request(file);
        Meter own = request.meter();
        Meter meter = new Meter(own.error(), SIMULATED_ZERO, own.measuresCapacitance(), 0);
        Taken taken =
                new SimulatedReading(actual(file, request), meter, file.job().id()).take(read);
        on(file.job().id(), act -> take(act, new Reading(taken), true));
        return Optional.of(taken);
    }

    /** Looks at a step of a demo job with the simulated instruments. */
    public Optional<LiveSeen> look(JobFile file, LiveStep step) {
        if (!isSimulated(file)) {
            return Optional.empty();
        }
        CheckRequest request = request(file);
        // where the diagram is silent the motor turns as it turns, whatever the work needs
        StatedRotation stated = file.workup().checks().plusStated(request);
        StatedRotation plus =
                stated.isStated() ? stated : file.workup().checks().fromHere(SILENT);
        LiveSeen seen = new SimulatedRun(
                        actual(file, request), request.rated(), plus, file.job().id())
                .see(step);
        on(file.job().id(), act -> take(act, new Seen(seen), true));
        return Optional.of(seen);
    }

    /** Makes the simulated instruments find something wrong with a demo job's wiring; blank for nothing. */
    public void hide(long jobId, String fault) {
        on(jobId, act -> {
            store.hide(jobId, fault);
            return List.of();
        });
    }
}
