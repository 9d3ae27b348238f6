package gatepin.core.practice;

import gatepin.core.Sentence;

/**
 * What a hand can take up.
 *
 * @param word its word, unique in an exercise
 * @param points on how many points it is used: 0, 1 or 2
 * @param counts whether each use counts against the fewest there could be
 */
public record Tool(String word, int points, boolean counts) {
    /** What it is called. */
    public Sentence title() {
        return Sentence.of("practice.tool." + word);
    }

    static Tool on(String word, int points) {
        return new Tool(word, points, false);
    }

    static Tool counted(String word, int points) {
        return new Tool(word, points, true);
    }
}
