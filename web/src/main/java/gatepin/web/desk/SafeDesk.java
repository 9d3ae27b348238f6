package gatepin.web.desk;

import gatepin.core.lane.Fact;
import gatepin.core.lane.Lane.Change;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.SafeRecord;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.SafeStore;
import gatepin.web.store.ShopStore;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person does to make a machine safe. */
@Service
@Transactional
public class SafeDesk {
    private final JobDesk desk;
    private final SafeStore safe;
    private final ShopStore shops;
    private final Changes changes;

    SafeDesk(JobDesk desk, SafeStore safe, ShopStore shops, Changes changes) {
        this.desk = desk;
        this.safe = safe;
        this.shops = shops;
        this.changes = changes;
    }

    /** The capacitors written down for a job. */
    @Transactional(readOnly = true)
    public List<CapacitorCheck> capacitors(long jobId) {
        return safe.capacitors(jobId);
    }

    /** Saves the lock-out. What is saved again unchanged drops no pin. */
    public List<Drop> save(long jobId, SafeRecord record) {
        JobFile before = desk.file(jobId);
        safe.save(jobId, record);
        if (before.safe().equals(Optional.of(record))) {
            return List.of();
        }
        changes.note(
                before.job(),
                Kind.SAVED,
                "Lock-out saved: " + record.disconnect().words()
                        + (record.note().isBlank() ? "" : ", " + record.note())
                        + "; meter tried before: " + yes(record.meterBefore()) + ", dead: " + yes(record.dead())
                        + ", meter tried after: " + yes(record.meterAfter()) + ".");
        return changes.apply(before, List.of(new Change(Fact.SAFE, "the lock-out was written down anew")));
    }

    private static String yes(boolean done) {
        return done ? "yes" : "no";
    }

    /** Adds a capacitor; gives false when there is one of that name. */
    public boolean add(long jobId, CapacitorCheck capacitor) {
        JobFile before = desk.file(jobId);
        if (!safe.add(jobId, capacitor)) {
            return false;
        }
        changes.note(
                before.job(),
                Kind.SAVED,
                String.format(
                        Locale.ROOT,
                        "Capacitor written down: %s, %.0f µF, %d V.",
                        capacitor.name(),
                        capacitor.microfarads(),
                        capacitor.volts()));
        changes.apply(before, List.of(new Change(Fact.SAFE, "another capacitor was found: " + capacitor.name())));
        return true;
    }

    /** Takes a capacitor off the list. */
    public void remove(long jobId, String name) {
        JobFile before = desk.file(jobId);
        safe.remove(jobId, name);
        changes.note(before.job(), Kind.SAVED, "Capacitor taken off the list: " + name + ".");
        changes.apply(before, List.of());
    }

    /** Adds what was measured across a capacitor. One that is charged drops the pin. */
    public void measured(long jobId, String name, double volts, String how) {
        JobFile before = desk.file(jobId);
        if (!safe.measured(jobId, name, volts, how, shops.ownerOf(before.job().shopId()))) {
            return;
        }
        changes.note(
                before.job(),
                Kind.SAVED,
                String.format(Locale.ROOT, "%s measured: %.1f V, discharged through %s.", name, volts, how));
        if (volts > gatepin.core.safe.Discharge.SAFE_VOLTS) {
            changes.apply(before, List.of(new Change(Fact.SAFE, "the " + name + " was found charged")));
        }
    }
}
