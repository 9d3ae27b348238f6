package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What is practised, in the order of work. */
public enum Level {
    SAFE,
    PLATE,
    DIAGRAM,
    WINDINGS,
    VOLTAGE,
    BOARD,
    ROTATION,
    TOGGLE,
    DRUM,
    CAM,
    CONTACTORS,
    TICK,
    COLD,
    STRANGER,
    FAULT_DEAD,
    FAULT_LIVE,
    WHOLE;

    /** The word used in addresses and files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public Sentence title() {
        return Sentence.of("practice.level." + name());
    }

    /** The level of a word; empty for what is none. */
    public static Optional<Level> of(String word) {
        return Arrays.stream(values()).filter(l -> l.word().equals(word)).findFirst();
    }
}
