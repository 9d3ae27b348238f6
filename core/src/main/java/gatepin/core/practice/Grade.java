package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** How hard an exercise is: by what is missing or misleading. */
public enum Grade {
    EASY,
    MIDDLING,
    HARD;

    /** The word used in addresses and files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Sentence title() {
        return Sentence.of("practice.grade." + name());
    }

    boolean isAtLeast(Grade other) {
        return compareTo(other) >= 0;
    }

    /** The grade of a word; empty for what is none. */
    public static Optional<Grade> of(String word) {
        return Arrays.stream(values()).filter(g -> g.word().equals(word)).findFirst();
    }
}
