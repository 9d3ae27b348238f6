package gatepin.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Sentence;
import gatepin.core.practice.Sensed.Effect;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ExercisesTest {
    private static final Wording WORDS = Wording.of(Region.NORTH_AMERICA);
    private static final int SEEDS = 4;

    private static Stream<Exercise> of(Level level) {
        return Stream.of(Grade.values())
                .flatMap(g -> Stream.iterate(1, s -> s <= SEEDS, s -> s + 1)
                        .map(s -> Exercises.of(new ExerciseNumber(level, g, s * 977))));
    }

    /** The better way walked by the same acts that a person has. */
    private static List<Act> walked(Exercise exercise) {
        List<Act> acts = new ArrayList<>();
        for (Step step : exercise.better()) {
            if (!step.act().tool().isEmpty()) {
                assertThat(exercise.act(acts, step.act()))
                        .as("%s: %s after %s", exercise.number(), step.act(), acts)
                        .isPresent();
                acts.add(step.act());
            }
        }
        return acts;
    }

    @ParameterizedTest
    @EnumSource
    @DisplayName("the better way of every exercise solves it, as cheap as anybody can, and nothing is hurt")
    void theBetterWayIsTheMeasure(Level level) {
        of(level).forEach(exercise -> {
            List<Act> acts = walked(exercise);
            Marked marked = exercise.mark(acts, exercise.answers(), 0);
            assertThat(marked.isSolved())
                    .as("%s: %s, %s", exercise.number(), marked.answers(), marked.slips())
                    .isTrue();
            assertThat(marked.slips()).as("%s", exercise.number()).isEmpty();
            assertThat(marked.points()).as("%s: %s", exercise.number(), marked).isEqualTo(100);
        });
    }

    @ParameterizedTest
    @EnumSource
    @DisplayName("none is solved by doing and answering nothing, and what is wrong costs")
    void noneIsTrivial(Level level) {
        of(level).forEach(exercise -> {
            Marked marked = exercise.mark(List.of(), Map.of(), 0);
            assertThat(marked.isRight()).as("%s", exercise.number()).isFalse();
            assertThat(marked.points()).isLessThan(60);
        });
    }

    @ParameterizedTest
    @EnumSource
    @DisplayName("every sentence of it has words, whatever is done; nothing a hand does breaks it")
    void everythingIsSaid(Level level) {
        of(level).forEach(exercise -> {
            List<Sentence> said = new ArrayList<>(exercise.brief());
            said.addAll(exercise.hints());
            exercise.better().forEach(s -> said.add(s.why()));
            exercise.tools().forEach(t -> said.add(t.title()));
            exercise.asked().forEach(q -> {
                said.add(q.words());
                q.choices().forEach(c -> said.add(c.label()));
            });
            Random chance = new Random(exercise.number().seed());
            List<Act> acts = new ArrayList<>();
            for (int i = 0; i < 25; i++) {
                List<Tool> tools = exercise.tools(acts);
                List<Point> points = exercise.points(acts);
                if (tools.isEmpty()) {
                    break;
                }
                Tool tool = tools.get(chance.nextInt(tools.size()));
                String one = tool.points() > 0
                        ? points.get(chance.nextInt(points.size())).id()
                        : "";
                String other = tool.points() > 1
                        ? points.get(chance.nextInt(points.size())).id()
                        : "";
                Act act = new Act(tool.word(), one, other);
                said.add(exercise.act(acts, act).orElseThrow().words());
                acts.add(act);
                exercise.scene(acts);
            }
            Marked marked = exercise.mark(acts, Map.of("fault", "no such", "lines", "T1/", "drop", "x"), 2);
            marked.slips().forEach(s -> said.add(s.words()));
            marked.answers().forEach(a -> said.addAll(List.of(a.question(), a.given(), a.right(), a.consequence())));
            said.forEach(s -> assertThat(WORDS.say(s)).doesNotContain("{", "}", "Sentence["));
        });
    }

    @Test
    @DisplayName("a number gives the same exercise again, made anew")
    void theSameAgain() {
        for (Level level : Level.values()) {
            ExerciseNumber number = new ExerciseNumber(level, Grade.HARD, 4711);
            Exercise one = Exercises.made(number);
            Exercise other = Exercises.made(number);
            assertThat(other.brief()).isEqualTo(one.brief());
            assertThat(other.answers()).isEqualTo(one.answers());
            assertThat(other.better()).isEqualTo(one.better());
            assertThat(ExerciseNumber.read(number.toString())).contains(number);
        }
        assertThat(ExerciseNumber.read("drum-hard-0")).isEmpty();
        assertThat(ExerciseNumber.read("drum-hard-1000000")).isEmpty();
        assertThat(ExerciseNumber.read("drum-impossible-7")).isEmpty();
        assertThat(ExerciseNumber.read("../drum-hard-7")).isEmpty();
    }

    @Test
    @DisplayName("each level has a wrong move whose consequence is computed")
    void wrongMovesHaveConsequences() {
        Map<Level, Integer> hurt = new EnumMap<>(Level.class);
        for (Level level : Level.values()) {
            of(level).forEach(exercise -> {
                List<Act> acts = new ArrayList<>();
                for (Tool tool : exercise.tools()) {
                    if (tool.points() == 0
                            && exercise.act(acts, Act.of(tool.word())).isPresent()) {
                        acts.add(Act.of(tool.word()));
                    }
                }
                Map<String, String> wrong = new java.util.HashMap<>();
                exercise.asked()
                        .forEach(q -> wrong.put(
                                q.field(),
                                q.choices().isEmpty()
                                        ? "99"
                                        : q.choices().stream()
                                                .map(Asked.Choice::word)
                                                .filter(w -> !w.equals(
                                                        exercise.answers().get(q.field())))
                                                .findFirst()
                                                .orElse("")));
                Marked marked = exercise.mark(acts, wrong, 0);
                boolean told = marked.answers().stream()
                                .anyMatch(a -> !a.consequence().isNone())
                        || marked.slips().stream().anyMatch(Slip::isHarm)
                        || acts.stream()
                                .anyMatch(a -> exercise.sense(List.of(), a).effect() != Effect.NONE);
                if (told) {
                    hurt.merge(level, 1, Integer::sum);
                }
            });
        }
        assertThat(hurt.keySet()).containsExactlyInAnyOrder(Level.values());
    }

    @Test
    @DisplayName(
            "what misleads is there: a board unlike its diagram, a six for a nine, hot windings, a meter not zeroed, worn amps")
    void whatMisleads() {
        Map<String, Integer> met = new TreeMap<>();
        for (Level level : List.of(Level.BOARD, Level.TICK, Level.WINDINGS, Level.PLATE, Level.SAFE)) {
            for (Grade grade : List.of(Grade.MIDDLING, Grade.HARD)) {
                for (int seed = 1; seed <= 30; seed++) {
                    Exercise exercise = Exercises.made(new ExerciseNumber(level, grade, 7919 * seed));
                    exercise.brief().forEach(b -> met.merge(b.key(), 1, Integer::sum));
                    exercise.better().forEach(b -> met.merge(b.why().key(), 1, Integer::sum));
                }
            }
        }
        assertThat(met)
                .containsKeys(
                        "practice.board.why.crossed",
                        "practice.board.why.trap",
                        "practice.tick.why.sixNine",
                        "practice.windings.hot",
                        "practice.windings.why.zero",
                        "practice.plate.why.worn",
                        "practice.safe.why.silent",
                        "practice.safe.why.second");
    }

    @Test
    @DisplayName(
            "the ohmmeter on a board reads what sits on its studs inside: the winding of a crossed lead shows where it sits")
    void ohmsOnACrossedBoard() {
        int crossed = 0;
        for (int seed = 1; seed <= 40; seed++) {
            Exercise exercise = Exercises.made(new ExerciseNumber(Level.BOARD, Grade.HARD, 7919 * seed));
            if (exercise.better().stream().noneMatch(s -> s.why().key().equals("practice.board.why.crossed"))) {
                continue;
            }
            crossed++;
            List<Act> acts = walked(exercise);
            for (Point one : exercise.points(acts)) {
                for (Point other : exercise.points(acts)) {
                    Sentence there = exercise.act(acts, new Act("ohms", one.id(), other.id()))
                            .orElseThrow()
                            .words();
                    Sentence back = exercise.act(acts, new Act("ohms", other.id(), one.id()))
                            .orElseThrow()
                            .words();
                    assertThat(there.key()).isEqualTo(back.key());
                }
            }
        }
        assertThat(crossed).isGreaterThan(3);
    }

    @Test
    @DisplayName("a fault takes more readings the less is open, and a probe does not go through a cover")
    void coversStayOn() {
        for (int seed = 1; seed <= 12; seed++) {
            Exercise hard = Exercises.of(new ExerciseNumber(Level.FAULT_DEAD, Grade.HARD, seed));
            Exercise easy = Exercises.of(new ExerciseNumber(Level.FAULT_DEAD, Grade.EASY, seed));

            assertThat(hard.fewest()).isGreaterThan(1);
            assertThat(hard.points(List.of())).hasSize(4);
            assertThat(easy.points(List.of())).hasSizeGreaterThan(8);
            assertThat(hard.act(List.of(), new Act("ohms-off", "supply.L1", "S1.1")))
                    .isEmpty();
        }
    }
}
