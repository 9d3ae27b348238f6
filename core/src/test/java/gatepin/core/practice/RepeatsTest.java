package gatepin.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.practice.Repeats.Of;
import gatepin.core.practice.Repeats.Past;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RepeatsTest {
    private static final Instant START = Instant.parse("2026-01-01T08:00:00Z");
    private static final Of DRUM = new Of(Level.DRUM, Grade.EASY);

    private static Past drum(int day, boolean solved) {
        return new Past(new ExerciseNumber(Level.DRUM, Grade.EASY, 1 + day), at(day), solved);
    }

    private static Instant at(double days) {
        return START.plus(Duration.ofMinutes(Math.round(days * 24 * 60)));
    }

    @Test
    void whatWentWrongComesAgainAtOnceAndThenAtGrowingDistance() {
        List<Past> past = new ArrayList<>(List.of(drum(0, false)));
        assertThat(Repeats.due(past, at(0))).containsExactly(DRUM);
        int[] goodOn = {0, 1, 4, 11, 32};
        int[] dueOn = {1, 4, 11, 32, 92};
        for (int i = 0; i < goodOn.length; i++) {
            past.add(drum(goodOn[i], true));
            assertThat(Repeats.due(past, at(dueOn[i] - 0.1))).isEmpty();
            assertThat(Repeats.due(past, at(dueOn[i]))).containsExactly(DRUM);
        }
        past.add(drum(92, false));
        assertThat(Repeats.due(past, at(92))).containsExactly(DRUM);
    }

    /** A level put in between makes no other exercise of one that somebody wrote down. */
    @Test
    void anExerciseIsDrawnByItsLevelsOwnNumberForEver() {
        assertThat(Arrays.stream(Level.values()).map(Level::chance)).doesNotHaveDuplicates();
        assertThat(new ExerciseNumber(Level.WINDINGS, Grade.HARD, 1234)
                        .chance(1)
                        .nextInt(1_000_000))
                .isEqualTo(new Random(((1234L * 31 + 3) * 31 + 2) * 1_000_003L + 1).nextInt(1_000_000));
        assertThat(new ExerciseNumber(Level.WHOLE, Grade.EASY, 7).chance(0).nextInt(1_000_000))
                .isEqualTo(new Random((7L * 31 + 16) * 31 * 1_000_003L).nextInt(1_000_000));
    }

    @Test
    void whatNeverWentWrongDoesNotComeAgain() {
        assertThat(Repeats.due(List.of(drum(0, true), drum(1, true)), at(400))).isEmpty();
    }

    @Test
    void oneGoesOnInTheOrderOfWorkAndRepeatsComeFirst() {
        assertThat(Repeats.next(List.of(), START)).contains(new Of(Level.SAFE, Grade.EASY));
        List<Past> past = new ArrayList<>();
        for (Level level : Level.values()) {
            past.add(new Past(new ExerciseNumber(level, Grade.EASY, 7), START, true));
        }
        assertThat(Repeats.next(past, START)).contains(new Of(Level.SAFE, Grade.MIDDLING));
        past.add(drum(1, false));
        assertThat(Repeats.next(past, at(1))).contains(DRUM);
    }
}
