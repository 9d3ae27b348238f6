package gatepin.core.practice;

import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What an exercise is called: with it anybody gets the same one on any machine.
 *
 * @param level what is practised
 * @param grade how hard it is
 * @param seed what it is made from, from 1 to {@link #MOST}
 */
public record ExerciseNumber(Level level, Grade grade, int seed) {
    /** The highest seed. */
    public static final int MOST = 999_999;

    private static final Pattern FORM = Pattern.compile("([a-z-]+)-(easy|middling|hard)-([1-9][0-9]{0,5})");

    public ExerciseNumber {
        if (seed < 1 || seed > MOST) {
            throw new IllegalArgumentException("a seed is from 1 to " + MOST + ", not " + seed);
        }
    }

    /** Reads it as it is written, such as {@code windings-hard-1234}; empty for what is none. */
    public static Optional<ExerciseNumber> read(String written) {
        Matcher form = FORM.matcher(written);
        if (!form.matches()) {
            return Optional.empty();
        }
        return Level.of(form.group(1))
                .flatMap(level -> Grade.of(form.group(2))
                        .map(grade -> new ExerciseNumber(level, grade, Integer.parseInt(form.group(3)))));
    }

    /** Chance that gives the same again: another for each thing that is drawn. */
    Random chance(int what) {
        long mixed = (seed * 31L + level.chance()) * 31L + grade.ordinal();
        return new Random(mixed * 1_000_003L + what);
    }

    @Override
    public String toString() {
        return level.word() + "-" + grade.word() + "-" + seed;
    }
}
