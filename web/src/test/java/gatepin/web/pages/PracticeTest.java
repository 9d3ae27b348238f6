package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.practice.Act;
import gatepin.core.practice.Exercise;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Exercises;
import gatepin.core.practice.Grade;
import gatepin.core.practice.Level;
import gatepin.core.practice.Step;
import gatepin.core.winding.Found;
import gatepin.core.winding.Hints;
import gatepin.core.winding.MeterError;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.Part;
import gatepin.core.winding.Probe;
import gatepin.core.winding.WindingFinder;
import gatepin.web.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The practice yard over HTTP, as a person uses it. */
class PracticeTest {
    /** Of each level and grade; {@code ./gatepin practice} takes many more. */
    private static final int SEEDS = Integer.getInteger("gatepin.practiceSeeds", 2);

    private static final Pattern OHMS = Pattern.compile("(\\S+) to (\\S+): (OL|([0-9.]+) Ω)");

    private final Visit visit = new Visit();

    private static void as(Visit visit, String name) {
        visit.go("/practice").type("#name", name).press("That is me");
    }

    private void use(String number, Act act) {
        var answer =
                visit.post("/practice/" + number + "/act", "tool", act.tool(), "one", act.one(), "other", act.other());
        assertThat(answer.statusCode()).as("%s: %s", number, act).isEqualTo(302);
    }

    private void done(String number, Map<String, String> answers) {
        List<String> typed = new ArrayList<>();
        answers.forEach((field, given) -> typed.addAll(List.of("answer." + field, given)));
        assertThat(visit.post("/practice/" + number + "/done", typed.toArray(String[]::new))
                        .statusCode())
                .isEqualTo(302);
        visit.go("/practice/" + number);
    }

    private int points() {
        return Integer.parseInt(visit.text(".big-speed strong"));
    }

    /** Every level; the command that measures may ask for one. */
    static Stream<Level> levels() {
        String one = System.getProperty("gatepin.practiceLevel", "");
        return Arrays.stream(Level.values())
                .filter(l -> one.isEmpty() || l.word().equals(one));
    }

    @ParameterizedTest
    @MethodSource("levels")
    @DisplayName("every level is solved by what the page offers, nothing is hurt, and the page marks it a hundred")
    void solved(Level level) {
        as(visit, "Solver of " + level.word());
        List<String> figures = new ArrayList<>();
        for (Grade grade : Grade.values()) {
            int acts = 0;
            int least = Integer.MAX_VALUE;
            int most = 0;
            for (int i = 1; i <= SEEDS; i++) {
                String number = new ExerciseNumber(level, grade, 1 + 1009 * (i - 1)).toString();
                Exercise exercise = Exercises.of(ExerciseNumber.read(number).orElseThrow());
                assertThat(visit.go("/practice/" + number).status()).isEqualTo(200);
                for (Step step : exercise.better()) {
                    if (!step.act().tool().isEmpty()) {
                        use(number, step.act());
                    }
                }
                int moves = (int) exercise.better().stream()
                        .filter(st -> !st.act().tool().isEmpty())
                        .count();
                acts += moves;
                least = Math.min(least, moves);
                most = Math.max(most, moves);
                done(number, exercise.answers());
                assertThat(visit.text("h1")).as(number).isEqualTo("Solved");
                assertThat(points()).as(number).isEqualTo(100);
                visit.go("/practice/" + number + "?step=" + exercise.better().size());
                assertThat(visit.all(".better .here")).hasSizeLessThanOrEqualTo(1);
            }
            figures.add(String.format(
                    java.util.Locale.ROOT, "%s %d to %d, %.1f", grade.word(), least, most, acts / (double) SEEDS));
        }
        Figures.say("practice %s: moves %s", level.word(), String.join("; ", figures));
    }

    /** One who knows the trade and nothing of the exercise: he has what stands on the page. */
    @Test
    @DisplayName(
            "windings are found from the readings on the page alone, with no more probes than the page calls enough")
    void windingsFromThePage() {
        for (int seed = 1; seed <= 6 * SEEDS; seed++) {
            String number = new ExerciseNumber(Level.WINDINGS, Grade.values()[seed % 3], 31 * seed).toString();
            visit.go("/practice/" + number);
            List<String> leads =
                    visit.all(".lead-end").stream().map(Element::text).toList();
            String brief = visit.text(".brief");
            Hints hints = brief.contains("PH")
                    ? new Hints(
                            Optional.of(brief.contains("two voltages")), Optional.of(brief.contains("PH 3") ? 3 : 1))
                    : Hints.NONE;
            use(number, Act.of("zero"));
            List<MeterReading> readings = new ArrayList<>();
            Found found = WindingFinder.find(leads, readings, hints, MeterError.USUAL);
            while (found.next().isPresent()) {
                Probe probe = found.next().orElseThrow();
                use(number, new Act("ohms", probe.a(), probe.b()));
                readings.add(read(visit.go("/practice/" + number)
                        .all(".notebook li")
                        .get(0)
                        .text()));
                found = WindingFinder.find(leads, readings, hints, MeterError.USUAL);
            }
            Set<Part> parts = found.settled().orElseThrow().parts();
            done(
                    number,
                    Map.of(
                            "main",
                            groups(
                                    parts,
                                    EnumSet.of(Part.Role.RUN, Part.Role.RUN_HALF, Part.Role.PHASE, Part.Role.STAR)),
                            "start",
                            groups(parts, EnumSet.of(Part.Role.START, Part.Role.START_HALF)),
                            "rest",
                            groups(parts, EnumSet.of(Part.Role.PROTECTOR, Part.Role.UNRELATED, Part.Role.SILENT))));
            assertThat(visit.text("h1")).as(number).isEqualTo("Solved");
        }
    }

    private static MeterReading read(String note) {
        Matcher ohms = OHMS.matcher(note);
        assertThat(ohms.find()).as(note).isTrue();
        return MeterReading.of(
                ohms.group(1),
                ohms.group(2),
                ohms.group(3).equals("OL") ? Double.POSITIVE_INFINITY : Double.parseDouble(ohms.group(4)));
    }

    private static String groups(Set<Part> parts, Set<Part.Role> roles) {
        return parts.stream()
                .filter(p -> roles.contains(p.role()))
                .map(p -> String.join(" ", p.leads()))
                .collect(Collectors.joining(" / "));
    }

    @Test
    @DisplayName("what is wrong is told with what it would have done; hints cost; who gives up is shown the way")
    void wrong() {
        as(visit, "Unlucky");
        visit.go("/practice/safe-easy-42").press("Take the cover off");
        assertThat(visit.text(".notebook")).contains("It was never off");
        visit.press("A hint");
        assertThat(visit.text(".hints")).contains("Off, locked, proved dead");
        visit.press("Done");
        assertThat(visit.text("h1")).isEqualTo("Right, but it would have hurt");
        assertThat(visit.text(".slips")).contains("Lock it and tag it", "Off is not dead");
        assertThat(points()).isLessThan(60);
        visit.press("Walk it step by step");
        assertThat(visit.text(".better .here")).isNotBlank();
        visit.go("/practice");
        assertThat(visit.text(".practice-next"))
                .as("it comes again at once")
                .contains("Once more", "Make it safe, easy");
        visit.press("Begin");
        assertThat(visit.path()).contains("/practice/safe-easy-");

        visit.go("/practice/diagram-easy-7")
                .type("input[name='answer.lines']", "T1 / T2")
                .press("Show me the way");
        assertThat(visit.text("h1")).isEqualTo("The way, shown");
        assertThat(points()).isZero();
        visit.press("The same once more");
        assertThat(visit.value("input[name='answer.lines']")).isEmpty();
    }

    @Test
    @DisplayName("an exercise's motor says why; one without a motor has nothing to say")
    void why() {
        for (Level level : Level.values()) {
            String number = new ExerciseNumber(level, Grade.MIDDLING, 77).toString();
            boolean can =
                    Exercises.of(ExerciseNumber.read(number).orElseThrow()).canAskWhy();
            assertThat(visit.statusOf("/practice/" + number + "/why"))
                    .as(number)
                    .isEqualTo(can ? 200 : 404);
        }
        visit.go("/practice/drum-easy-78").press("Show me the way");
        visit.press("Why does this motor do that?");
        assertThat(visit.text("main")).contains("It only grows and shrinks", "Back to the exercise");
        assertThat(visit.statusOf("/practice/nothing/why")).isEqualTo(404);
    }

    @Test
    @DisplayName("people keep their own progress; a number opens the same for all; what is none is told")
    void people() {
        as(visit, "Ada of the yard");
        Exercise plate = Exercises.of(new ExerciseNumber(Level.PLATE, Grade.EASY, 11));
        done("plate-easy-11", plate.answers());
        assertThat(visit.go("/practice").all(".practice-cell.passed")).hasSize(1);
        Visit other = new Visit();
        as(other, "Bert of the yard");
        assertThat(other.go("/practice").all(".practice-cell.passed")).isEmpty();
        assertThat(other.go("/practice/plate-easy-11").text(".name-plate"))
                .isEqualTo(new Visit().go("/practice/plate-easy-11").text(".name-plate"));
        other.go("/practice").type("#number", "PLATE-easy-11").press("Open it");
        assertThat(other.path()).isEqualTo("/practice/plate-easy-11");
        other.go("/practice").type("#number", "no such").press("Open it");
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.text("main")).contains("such as drum-easy-4711");
        assertThat(other.value("#number")).isEqualTo("no such");
        other.go("/practice").type("#name", " ").press("That is me");
        assertThat(other.text("main")).contains("Give a name");
        for (String none : List.of("/practice/plate-easy-0", "/practice/nothing", "/practice/new?level=x&grade=easy")) {
            assertThat(other.statusOf(none)).as(none).isEqualTo(404);
        }
        assertThat(other.post("/practice/drum-easy-3/act", "tool", "join", "one", "nowhere", "other", "S1.1")
                        .statusCode())
                .isEqualTo(422);
        assertThat(other.post("/practice/drum-easy-3/act", "tool", "saw", "one", "a\tb", "other", "\n")
                        .statusCode())
                .isEqualTo(422);
        assertThat(other.statusOf("/practice/drum-easy-3")).isEqualTo(200);
    }
}
