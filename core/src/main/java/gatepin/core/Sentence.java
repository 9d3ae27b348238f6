package gatepin.core;

import java.util.ArrayList;
import java.util.List;

/**
 * A computed sentence: a key, and what it speaks of. It is stored so, and put into words at the edge for the region of whoever reads it
 * ({@link gatepin.core.words.Wording}).
 *
 * @param key names the sentence in the book of sentences
 * @param args what it speaks of: text and numbers as they stand, a {@link Metres distance}, another sentence, or a list of any of
 *     these
 */
public record Sentence(String key, List<Object> args) {
    /** The key of a sentence that a person wrote: its one argument are his words. */
    private static final String OWN_WORDS = "own";

    /**
     * A length or distance, said in the region's unit.
     *
     * @param metres how long, m
     */
    public record Metres(double metres) {}

    /**
     * A size that is measured with a rule or a calliper, said in the region's unit.
     *
     * @param millimetres how large, mm
     */
    public record Size(double millimetres) {}

    public Sentence {
        List<Object> kept = new ArrayList<>();
        for (Object arg : args) {
            kept.add(arg instanceof List<?> list ? List.copyOf(list) : arg);
        }
        args = List.copyOf(kept);
    }

    /** A sentence about these things. */
    public static Sentence of(String key, Object... args) {
        return new Sentence(key, List.of(args));
    }

    /** What a person wrote, word for word. */
    public static Sentence own(String words) {
        return of(OWN_WORDS, words);
    }

    /** Nothing to say. */
    public static Sentence none() {
        return own("");
    }

    /** Whether it is what a person wrote. */
    public boolean isOwn() {
        return key.equals(OWN_WORDS);
    }

    /** Whether it says nothing at all. */
    public boolean isNone() {
        return equals(none());
    }
}
