package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What is practised, in the order of work. */
public enum Level {
    SAFE(0),
    PLATE(1),
    DIAGRAM(2),
    WINDINGS(3),
    VOLTAGE(4),
    BOARD(5),
    ROTATION(6),
    TOGGLE(7),
    DRUM(8),
    CAM(9),
    CONTACTORS(10),
    TICK(11),
    COLD(12),
    STRANGER(13),
    FAULT_DEAD(14),
    FAULT_LIVE(15),
    WHOLE(16);

    private final int chance;

    /**
     * A level.
     *
     * @param chance what its exercises are drawn by: no other level's, and never another one, wherever a level is put in between
     */
    Level(int chance) {
        this.chance = chance;
    }

    int chance() {
        return chance;
    }

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
