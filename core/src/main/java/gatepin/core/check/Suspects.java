package gatepin.core.check;

import java.util.List;
import java.util.Optional;

/**
 * What may be wrong, by what was read.
 *
 * @param likely the likeliest first: single faults, or pairs where no single one explains everything
 * @param next the reading that tells most of them apart; empty where one is left or no reading does
 * @param soundExplains nothing needs to be wrong: all that was read agrees
 */
public record Suspects(List<Suspect> likely, Optional<Read> next, boolean soundExplains) {
    /**
     * One explanation.
     *
     * @param faults what is wrong: one thing or two
     * @param share how likely it is beside the others, 0 to 1
     * @param explains every reading so far lies where it should with this wrong
     */
    public record Suspect(List<Fault> faults, double share, boolean explains) {
        public Suspect {
            faults = List.copyOf(faults);
        }

        /** A short word for it. */
        public String key() {
            return String.join("+", faults.stream().map(Fault::key).toList());
        }
    }

    public Suspects {
        likely = List.copyOf(likely);
    }

    /** One explanation is left, or those that are left no reading tells apart. */
    public boolean isSettled() {
        return next.isEmpty() && !likely.isEmpty();
    }
}
