package gatepin.core.trouble;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.Symptom;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What people say of machines, and whether the cause is among what is told first. */
public class StoriesTest {
    /** How often the cause stands where. */
    record Places(int stories, long first, long three, long five) {
        static Places of(boolean held) {
            List<Integer> places = Story.all().stream()
                    .filter(s -> s.held() == held)
                    .map(Story::place)
                    .toList();
            return new Places(places.size(), within(places, 1), within(places, 3), within(places, 5));
        }

        private static long within(List<Integer> places, int most) {
            return places.stream().filter(p -> p <= most).count();
        }

        private String row(String what) {
            return String.format(
                    Locale.ROOT,
                    "| %s | %d | %.0f %% | %.0f %% | %.0f %% |%n",
                    what,
                    stories,
                    100.0 * first / stories,
                    100.0 * three / stories,
                    100.0 * five / stories);
        }
    }

    /** The figures as a table for docs/checking.md. */
    public static String table() {
        return "\n| stories | how many | first | among three | among five |\n|---|---|---|---|---|\n"
                + Places.of(false).row("looked at while weighing")
                + Places.of(true).row("held back");
    }

    @Test
    void theCauseIsAmongWhatIsToldFirst() {
        Places tuned = Places.of(false);
        Places held = Places.of(true);
        assertThat(tuned.stories()).isGreaterThanOrEqualTo(60);
        assertThat(held.stories()).isGreaterThanOrEqualTo(20);
        assertThat(tuned.first()).as("%s", tuned).isGreaterThanOrEqualTo(60 * tuned.stories() / 100);
        assertThat(tuned.three()).as("%s", tuned).isGreaterThanOrEqualTo(90 * tuned.stories() / 100);
        assertThat(tuned.five()).as("%s", tuned).isGreaterThanOrEqualTo(95 * tuned.stories() / 100);
        assertThat(held.three()).as("%s", held).isGreaterThanOrEqualTo(80 * held.stories() / 100);
        assertThat(held.five()).as("%s", held).isGreaterThanOrEqualTo(90 * held.stories() / 100);
    }

    @Test
    void whatLiesBehindTheMachineDecidesWhereTheWordsDoNot() {
        Set<Symptom> hums = EnumSet.of(Symptom.HUMS, Symptom.BY_HAND_ONLY);
        assertThat(first("drum", Past.USED_TO_RUN, hums)).isEqualTo(Repair.START_CAPACITOR);
        assertThat(first("drum", Past.JUST_WIRED, hums)).isIn(Repair.WRONG_TERMINAL, Repair.LOOSE);
        assertThat(first("psc", Past.USED_TO_RUN, hums)).isEqualTo(Repair.RUN_CAPACITOR);
        // who has no start capacitor is told of none
        assertThat(first("saw", Past.USED_TO_RUN, hums)).isEqualTo(Repair.START_SWITCH);
    }

    private static Repair first(String machine, Past past, Set<Symptom> said) {
        return new Story(false, machine, past, said, "LOOSE")
                .trouble()
                .suspicions()
                .get(0)
                .repair();
    }

    @Test
    void everySymptomHasACauseOnSomeMachineAndEveryRepairWordsAndATest() {
        Set<Repair> told = EnumSet.noneOf(Repair.class);
        for (Symptom symptom : Symptom.values()) {
            boolean any = false;
            for (String machine : List.of("protected", "contactors")) {
                for (Past past : Past.values()) {
                    List<Suspicion> suspicions = new Story(false, machine, past, EnumSet.of(symptom), "LOOSE")
                            .trouble()
                            .suspicions();
                    any |= suspicions.stream().anyMatch(Suspicion::explains);
                    suspicions.forEach(s -> told.add(s.repair()));
                    assertThat(suspicions.stream().mapToDouble(Suspicion::share).sum())
                            .isLessThanOrEqualTo(1 + 1e-9);
                }
            }
            assertThat(any).as("%s", symptom).isTrue();
        }
        for (Repair repair : told) {
            Suspicion suspicion = new Suspicion(repair, "start 1", List.of(), List.of(), 1, true);
            assertThat(Story.say(suspicion.title())).as("%s", repair).isNotBlank();
            assertThat(Story.say(suspicion.test())).as("%s", repair).endsWith(".");
        }
        assertThat(told).hasSizeGreaterThan(32);
    }
}
