package gatepin.web.practice;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.practice.Act;
import gatepin.core.practice.Asked;
import gatepin.core.practice.Exercise;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Exercises;
import gatepin.core.practice.Grade;
import gatepin.core.practice.Level;
import gatepin.core.practice.Marked;
import gatepin.core.practice.Repeats;
import gatepin.core.practice.Repeats.Past;
import gatepin.core.practice.Tool;
import gatepin.web.practice.PracticeStore.Attempt;
import gatepin.web.practice.PracticeStore.Person;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What is done in the practice yard. Acts of one attempt come one after the other. */
@Service
class PracticeDesk {
    /** Who never gave a name. */
    private static final String SOMEBODY = "Somebody";

    private static final int LONGEST_ANSWER = 200;

    private final PracticeStore store;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final SecureRandom chance = new SecureRandom();

    PracticeDesk(PracticeStore store, Clock clock, PlatformTransactionManager transactions) {
        this.store = store;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** The person of a cookie; somebody where it is none. */
    Person person(String cookie) {
        return (cookie.matches("[0-9]{1,12}") ? store.person(Long.parseLong(cookie)) : Optional.<Person>empty())
                .orElseGet(() -> store.called(SOMEBODY));
    }

    List<Person> people() {
        return store.people();
    }

    Person called(String name) {
        return store.called(name);
    }

    List<Attempt> ended(Person person) {
        return store.ended(person.id());
    }

    private List<Past> past(Person person) {
        return store.ended(person.id()).stream()
                .map(a -> new Past(a.number(), a.ended().orElseThrow(), a.solved()))
                .toList();
    }

    /** What to go on with. */
    Optional<Repeats.Of> next(Person person) {
        return Repeats.next(past(person), clock.instant());
    }

    /** What went wrong before and is due again. */
    List<Repeats.Of> due(Person person) {
        return Repeats.due(past(person), clock.instant());
    }

    /** A number of a kind that this person never had. */
    ExerciseNumber fresh(Person person, Level level, Grade grade) {
        List<ExerciseNumber> had =
                store.ended(person.id()).stream().map(Attempt::number).toList();
        while (true) {
            ExerciseNumber number = new ExerciseNumber(level, grade, 1 + chance.nextInt(ExerciseNumber.MOST));
            if (!had.contains(number)) {
                return number;
            }
        }
    }

    /**
     * An exercise as it stands for a person.
     *
     * @param attempt the latest time it was taken up; empty where it never was
     */
    record Standing(
            Exercise exercise, Person person, Optional<Attempt> attempt, List<Act> acts, Map<String, String> answers) {
        boolean isEnded() {
            return attempt.flatMap(Attempt::ended).isPresent();
        }

        int hints() {
            return attempt.map(Attempt::hints).orElse(0);
        }

        Marked marked() {
            return exercise.mark(acts, answers, hints());
        }
    }

    Standing standing(Person person, ExerciseNumber number) {
        Optional<Attempt> attempt = store.latest(person.id(), number);
        return new Standing(
                Exercises.of(number),
                person,
                attempt,
                attempt.map(a -> store.acts(a.id())).orElse(List.of()),
                attempt.map(a -> store.answers(a.id())).orElse(Map.of()));
    }

    /** Does something in the attempt that is under way; a new one is begun where there is none. */
    private <T> T under(Person person, ExerciseNumber number, Function<Attempt, T> work) {
        return Objects.requireNonNull(transaction.execute(t -> {
            long id = store.latest(person.id(), number)
                    .filter(a -> a.ended().isEmpty())
                    .map(Attempt::id)
                    .orElseGet(() -> store.begin(person.id(), number));
            return work.apply(store.held(id).orElseThrow());
        }));
    }

    /** Takes an exercise up anew. */
    void begin(Person person, ExerciseNumber number) {
        transaction.executeWithoutResult(t -> store.begin(person.id(), number));
    }

    /** Does from point to point what hands do there; false where that cannot be done. */
    boolean byHand(Person person, ExerciseNumber number, String one, String other, HandlePosition at) {
        Standing standing = standing(person, number);
        return standing.exercise()
                .byHand(standing.acts(), plain(one), plain(other), at)
                .filter(a -> act(person, number, a.tool(), a.one(), a.other()))
                .isPresent();
    }

    /** Uses a tool; false where that cannot be done. */
    boolean act(Person person, ExerciseNumber number, String tool, String one, String other) {
        return under(person, number, attempt -> {
            Exercise exercise = Exercises.of(number);
            List<Act> acts = store.acts(attempt.id());
            int points = exercise.tools(acts).stream()
                    .filter(t -> t.word().equals(tool))
                    .map(Tool::points)
                    .findFirst()
                    .orElse(-1);
            if (points < 0 || attempt.ended().isPresent()) {
                return false;
            }
            Act act = new Act(tool, points > 0 ? plain(one) : "", points > 1 ? plain(other) : "");
            if (exercise.act(acts, act).isEmpty()) {
                return false;
            }
            store.add(attempt.id(), acts.size(), act);
            return true;
        });
    }

    private static String plain(String point) {
        return point.replaceAll("[\\t\\n\\r]", " ").strip();
    }

    void hint(Person person, ExerciseNumber number) {
        under(person, number, attempt -> {
            if (attempt.hints() < Exercises.of(number).hints().size()) {
                store.hint(attempt.id());
            }
            return true;
        });
    }

    /** Keeps what was answered, of a stage of a whole job too. */
    void keep(Person person, ExerciseNumber number, Map<String, String> typed) {
        under(person, number, attempt -> {
            store.answer(attempt.id(), answers(Exercises.of(number), typed));
            return true;
        });
    }

    /** Ends it: with what was answered, or given up. */
    Marked end(Person person, ExerciseNumber number, Map<String, String> typed, boolean gaveUp) {
        return under(person, number, attempt -> {
            Exercise exercise = Exercises.of(number);
            store.answer(attempt.id(), answers(exercise, typed));
            Marked marked = exercise.mark(store.acts(attempt.id()), store.answers(attempt.id()), attempt.hints());
            store.end(attempt.id(), marked, gaveUp);
            return marked;
        });
    }

    private static Map<String, String> answers(Exercise exercise, Map<String, String> typed) {
        Map<String, String> answers = new HashMap<>();
        for (Asked asked : exercise.asked()) {
            String given = typed.get("answer." + asked.field());
            if (given != null) {
                answers.put(asked.field(), given.substring(0, Math.min(LONGEST_ANSWER, given.length())));
            }
        }
        return answers;
    }
}
