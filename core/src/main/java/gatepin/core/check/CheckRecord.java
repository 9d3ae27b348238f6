package gatepin.core.check;

import gatepin.core.rotation.StatedRotation.End;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was read, mended and seen of a wiring, in order. Nothing is ever taken away: what comes later counts.
 *
 * @param meter the meter in hand
 * @param entries what was written down
 */
public record CheckRecord(Meter meter, List<Entry> entries) {
    /** Nobody has held a meter on it. */
    public static final CheckRecord NOTHING = new CheckRecord(Meter.USUAL, List.of());

    /** One thing written down. */
    public sealed interface Entry {}

    /** A reading with the plug pulled. */
    public record Reading(Taken taken) implements Entry {}

    /** Something was wrong and is mended: what it moved is read again; everything where the fault is none of the wiring's. */
    public record Mended(String fault) implements Entry {
        /** A wire was taken off that had been checked: where it lands next nobody knows yet. */
        public static final Mended A_WIRE_TAKEN_BACK = new Mended("wire-taken-back");
    }

    /** Made ready for power: cover, strap, belt, hands, who watches; and from which end the shaft is looked at. */
    public record Ready(End standsAt) implements Entry {}

    /** Something seen under power. */
    public record Seen(LiveSeen seen) implements Entry {}

    public CheckRecord {
        entries = List.copyOf(entries);
    }

    /** The same with one more entry. */
    public CheckRecord with(Entry entry) {
        List<Entry> more = new ArrayList<>(entries);
        more.add(entry);
        return new CheckRecord(meter, more);
    }

    /** Whether anything was read with the plug pulled. */
    public boolean hasReadings() {
        return entries.stream().anyMatch(Reading.class::isInstance);
    }

    /** What was written down after the last mend: what was seen under power before it counts no more. */
    private List<Entry> sinceMended() {
        int from = 0;
        for (int i = 0; i < entries.size(); i++) {
            from = entries.get(i) instanceof Mended ? i + 1 : from;
        }
        return entries.subList(from, entries.size());
    }

    /** From which end the shaft is looked at, once it was made ready for power; empty until then. */
    public Optional<End> ready() {
        return sinceMended().stream()
                .filter(Ready.class::isInstance)
                .map(e -> ((Ready) e).standsAt())
                .reduce((before, last) -> last);
    }

    /** What was seen under power since it was last mended, the last of each step. */
    public List<LiveSeen> seen() {
        List<LiveSeen> seen = new ArrayList<>();
        sinceMended().stream()
                .filter(Seen.class::isInstance)
                .map(e -> ((Seen) e).seen())
                .forEach(s -> {
                    seen.removeIf(before -> before.step().equals(s.step()));
                    seen.add(s);
                });
        return seen;
    }
}
