package gatepin.core.winding;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import java.util.List;

/**
 * Something the readings say.
 *
 * @param severity how bad it is
 * @param title what it is, in one sentence without its full stop
 * @param words why, or what to do
 * @param leads the leads it is about
 */
public record Remark(Severity severity, Sentence title, Sentence words, List<String> leads) {
    /** The remark of that name in the book of sentences; both its sentences take the same values. */
    static Remark of(Severity severity, String key, List<String> leads, Object... values) {
        return new Remark(
                severity,
                Sentence.of("windings." + key + ".title", values),
                Sentence.of("windings." + key + ".words", values),
                leads);
    }
}
