package gatepin.web.gate.safe;

import gatepin.core.Sentence;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.Discharge;
import gatepin.core.safe.SafeRecord;
import gatepin.web.lane.Acts;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.stereotype.Service;

/** What a person does to make a machine safe. */
@Service
public class SafeDesk {
    private final Acts acts;
    private final SafeStore safe;

    SafeDesk(Acts acts, SafeStore safe) {
        this.acts = acts;
        this.safe = safe;
    }

    /** The capacitors written down for a job. */
    public List<CapacitorCheck> capacitors(long jobId) {
        return safe.capacitors(jobId);
    }

    /**
     * Saves the lock-out. What is saved again unchanged drops no pin.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public List<Drop> save(long jobId, int version, SafeRecord record) {
        return acts.on(jobId, Seen.of(Parts.SAFE, version), act -> {
            safe.save(jobId, record);
            if (act.before().facts().bench().safe().equals(Optional.of(record))) {
                return List.of();
            }
            act.saved(
                    "log.safe",
                    record.disconnect().words(),
                    record.note().isBlank() ? Sentence.none() : Sentence.of("log.safe.note", record.note()),
                    yes(record.meterBefore()),
                    yes(record.dead()),
                    yes(record.meterAfter()));
            return List.of(new Change(Fact.SAFE, Sentence.of("change.safe")));
        });
    }

    private static Sentence yes(boolean done) {
        return Sentence.of(done ? "yes" : "no");
    }

    /** Adds a capacitor; gives false when there is one of that name. */
    public boolean add(long jobId, CapacitorCheck capacitor) {
        AtomicBoolean added = new AtomicBoolean();
        acts.on(jobId, Seen.any(Parts.SAFE), act -> {
            added.set(safe.add(jobId, capacitor));
            if (!added.get()) {
                return List.of();
            }
            act.saved("log.capacitor", capacitor.name(), Math.round(capacitor.microfarads()), capacitor.volts());
            return List.of(new Change(Fact.SAFE, Sentence.of("change.capacitor", capacitor.name())));
        });
        return added.get();
    }

    /** Takes a capacitor off the list; gives false when there is none of that name. */
    boolean remove(long jobId, String name) {
        AtomicBoolean removed = new AtomicBoolean();
        acts.on(jobId, Seen.any(Parts.SAFE), act -> {
            removed.set(safe.remove(jobId, name));
            if (removed.get()) {
                act.saved("log.capacitor.off", name);
            }
            return List.of();
        });
        return removed.get();
    }

    /** Adds what was measured across a capacitor; gives false when there is none of that name. One that is charged drops the pin. */
    public boolean measured(long jobId, String name, double volts, String how) {
        AtomicBoolean there = new AtomicBoolean();
        acts.on(jobId, Seen.any(Parts.SAFE), act -> {
            there.set(safe.measured(jobId, name, volts, how, act.person()));
            if (!there.get()) {
                return List.of();
            }
            act.saved("log.capacitor.measured", name, String.format(Locale.ROOT, "%.1f", volts), how);
            return volts > Discharge.SAFE_VOLTS
                    ? List.of(new Change(Fact.SAFE, Sentence.of("change.charged", name)))
                    : List.of();
        });
        return there.get();
    }
}
