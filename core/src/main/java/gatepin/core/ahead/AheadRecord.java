package gatepin.core.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.circuit.Supply;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was decided to stand ahead of the gear.
 *
 * @param chosen what becomes of each device; what is not in it was not spoken of
 */
public record AheadRecord(Map<Kind, Chosen> chosen) {
    /** What stands ahead. */
    public static final Part<AheadRecord> PART = Part.of(
                    "ahead", "what stands ahead of it", Gate.SWITCH, AheadRecord.class)
            .possibleIf(
                    r -> r.chosen().values().stream().allMatch(c -> c.reason().length() <= AheadRecord.LONGEST_REASON));

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
}
