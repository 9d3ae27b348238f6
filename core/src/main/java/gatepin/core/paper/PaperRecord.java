package gatepin.core.paper;

import gatepin.core.Sentence;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What is written down of the papers.
 *
 * @param isolator what isolates the machine, by the name that stands on it; blank until it is said
 * @param taken the papers that were printed or saved, each with the mark of what it showed
 */
public record PaperRecord(String isolator, Map<Paper, String> taken) {
    /** Nothing is said and nothing printed yet. */
    public static final PaperRecord NOTHING = new PaperRecord("", Map.of());

    /** A longer name fits on no label. */
    public static final int LONGEST_ISOLATOR = 60;

    /** The papers without which nobody hands a machine over. */
    public static final List<Paper> NEEDED = List.of(Paper.DANGER, Paper.COVER);

    public PaperRecord {
        taken = Map.copyOf(taken);
        if (isolator.length() > LONGEST_ISOLATOR) {
            throw new IllegalArgumentException("an isolator's name is at most " + LONGEST_ISOLATOR + " letters long");
        }
    }

    /** How a paper stands. */
    public enum Standing {
        /** Nobody printed or saved it. */
        OPEN,
        /** What was printed shows the job as it is. */
        TRUE,
        /** Something it shows has changed since. */
        OLD
    }

    /**
     * How a paper stands.
     *
     * @param now the mark of what it would show now
     */
    public Standing standing(Paper paper, String now) {
        String then = taken.get(paper);
        return then == null ? Standing.OPEN : then.equals(now) ? Standing.TRUE : Standing.OLD;
    }

    /**
     * What is still lacking before the machine can be handed over.
     *
     * @param now the mark of what each paper would show now
     */
    public Optional<Sentence> lack(Function<Paper, String> now) {
        if (isolator.isBlank()) {
            return Optional.of(Sentence.of("lack.handover.isolator"));
        }
        for (Paper paper : NEEDED) {
            Standing standing = standing(paper, now.apply(paper));
            if (standing != Standing.TRUE) {
                return Optional.of(Sentence.of(
                        "lack.handover." + standing.name(), Sentence.of("paper." + paper.word()), paper.place()));
            }
        }
        return Optional.empty();
    }
}
