package gatepin.core.practice;

import gatepin.core.Sentence;

/**
 * Something that should not have been done, or was left out.
 *
 * @param kind its word: what goes wrong again is told by it
 * @param words what it was, and what it would have done
 * @param isHarm somebody or something would have been hurt
 */
public record Slip(String kind, Sentence words, boolean isHarm) {
    static Slip of(String kind, Object... args) {
        return new Slip(kind, Sentence.of("practice.slip." + kind, args), false);
    }

    static Slip harm(String kind, Object... args) {
        return new Slip(kind, Sentence.of("practice.slip." + kind, args), true);
    }
}
