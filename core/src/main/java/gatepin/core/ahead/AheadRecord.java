package gatepin.core.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.check.DeadRead;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What was decided to stand ahead of the gear, and how far it is made and checked.
 *
 * @param chosen what becomes of each device; what is not in it was not spoken of
 * @param made the wires of the line-up that are made, as {@code Q1.2>F1.1}
 * @param reads what an ohmmeter showed of it since it was last changed, later readings of the same thing last
 */
public record AheadRecord(Map<Kind, Chosen> chosen, Set<String> made, List<DeadRead> reads) {
    /** The longest reason, in letters. */
    public static final int LONGEST_REASON = 200;

    /** What becomes of a device. */
    public enum Stands {
        /** It is put in here and wired. */
        FITTED,
        /** It stands there already: the plug, the breaker in the panel. */
        THERE,
        /** There is none. */
        LEFT_OUT
    }

    /**
     * What becomes of a device.
     *
     * @param reason why one that is needed is left out; blank otherwise
     */
    public record Chosen(Stands stands, String reason) {
        public Chosen(Stands stands) {
            this(stands, "");
        }
    }

    public AheadRecord {
        chosen = Map.copyOf(chosen);
        made = Set.copyOf(made);
        reads = List.copyOf(reads);
    }

    /**
     * What is usual: a plug isolates, the panel has the breaker, everything else that is needed is put in.
     *
     * @param plug the machine hangs on a plug
     */
    public static Map<Kind, Chosen> usual(List<Ahead> asked, boolean plug) {
        Map<Kind, Chosen> chosen = new EnumMap<>(Kind.class);
        for (Ahead ahead : asked) {
            boolean there = ahead.kind() == Kind.FUSES || ahead.kind() == Kind.DISCONNECT && plug;
            chosen.put(ahead.kind(), new Chosen(there ? Stands.THERE : ahead.must() ? Stands.FITTED : Stands.LEFT_OUT));
        }
        return chosen;
    }

    /** The devices that are put in here. */
    public LineUp lineUp(Supply.Kind supply, boolean coils) {
        return LineUp.of(
                chosen.entrySet().stream()
                        .filter(e -> e.getValue().stands() == Stands.FITTED)
                        .map(Map.Entry::getKey)
                        .toList(),
                supply,
                coils);
    }

    public boolean isMade(Wire wire) {
        return made.contains(wire.key());
    }

    /** What was shown last of a reading; empty where it was not taken. */
    public Optional<DeadRead.Shows> shown(DeadLineUp.Read read) {
        return reads.stream()
                .filter(r -> r.about().equals(read.key()))
                .reduce((before, last) -> last)
                .map(DeadRead::shows);
    }

    /** A device that is needed and neither put in nor there, without a word why. */
    public Optional<Sentence> lack(List<Ahead> asked) {
        return asked.stream()
                .filter(Ahead::must)
                .filter(a -> Optional.ofNullable(chosen.get(a.kind()))
                        .map(c -> c.stands() == Stands.LEFT_OUT && c.reason().isBlank())
                        .orElse(true))
                .findFirst()
                .map(a -> Sentence.of("lack.ahead", a.kind().device(), Sentence.of("ahead.kind." + a.kind())));
    }

    /** What the dead check of the line-up still lacks: a reading that is not taken, or one that shows something else. */
    public Optional<Sentence> lack(DeadLineUp dead) {
        long left = dead.reads().stream().filter(r -> shown(r).isEmpty()).count();
        return dead.reads().stream()
                .filter(r -> shown(r).map(s -> !r.agrees(s)).orElse(false))
                .findFirst()
                .map(r -> Sentence.of("lack.aheadWrong", r.a().id(), r.b().id()))
                .or(() -> left > 0 ? Optional.of(Sentence.of("lack.aheadReads", left)) : Optional.empty());
    }
}
