package gatepin.core.winding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Severity;
import gatepin.core.supply.Region;
import gatepin.core.winding.Arrangement.Kind;
import gatepin.core.winding.Found.State;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.Part.Role;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The awkward ones, by name; what readings mean is common practice unless a source is named. */
class WindingFinderTest {
    private static final Wording SAID = Wording.of(Region.NORTH_AMERICA);

    private static List<String> titles(Found found) {
        return found.remarks().stream().map(r -> SAID.say(r.title())).toList();
    }

    private static List<String> words(Found found) {
        return found.remarks().stream().map(r -> SAID.say(r.words())).toList();
    }

    private static final double OL = Double.POSITIVE_INFINITY;

    /** Readings as "A-B 1.8, A-C OL, A-frame 2M". */
    private static List<MeterReading> readings(String text) {
        return Arrays.stream(text.split(","))
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(t -> {
                    String[] parts = t.split(" ");
                    String[] points = parts[0].split("-");
                    double ohms = parts[1].equals("OL") ? OL : Double.parseDouble(parts[1]);
                    StartSwitch held = parts.length > 2 ? StartSwitch.HELD_OPEN : StartSwitch.AT_REST;
                    return new MeterReading(points[0], points[1], ohms, 0, 20, held);
                })
                .toList();
    }

    private static Found find(String leads, String text) {
        return find(leads, text, Hints.NONE);
    }

    private static Found find(String leads, String text, Hints hints) {
        return WindingFinder.find(List.of(leads.split(" ")), readings(text), hints, MeterError.USUAL);
    }

    private static String parts(Arrangement arrangement) {
        return arrangement.inOrder().stream()
                .map(p -> p.role() + " " + String.join("-", p.leads()))
                .collect(Collectors.joining(", "));
    }

    @Test
    @DisplayName("before anything is read nothing is said, however many leads there are")
    void withoutReadingsNothingIsSaid() {
        for (List<String> leads : List.of(List.<String>of(), List.of("1"), List.of("1", "2", "3"))) {
            Found found = WindingFinder.find(leads, List.of(), Hints.NONE, MeterError.USUAL);
            assertThat(found.state()).isEqualTo(State.MEASURING);
            assertThat(found.remarks()).isEmpty();
        }
    }

    @Test
    @DisplayName("three leads: lowest is the main winding, middle the auxiliary, highest is the sum")
    void threeLeadsOnACommon() {
        Found found = find("A B C", "A-B 2.1, A-C 7.3, B-C 5.2");

        assertThat(found.state()).isEqualTo(State.SETTLED);
        assertThat(parts(found.fits().get(0))).isEqualTo("RUN A-B, START B-C");
    }

    @Test
    void threeLeadsThatDoNotAddUpAreAWrongReading() {
        Found found = find("A B C", "A-B 2.1, A-C 9.3, B-C 5.2");

        assertThat(found.state()).isEqualTo(State.CONTRADICTION);
        assertThat(titles(found)).contains("2.10 Ω and 5.20 Ω together are 7.30 Ω, but the highest reads 9.30 Ω");
        assertThat(words(found)).anyMatch(w -> w.contains("A to C (9.30 Ω)"));
    }

    @Test
    @DisplayName("240 V small motor: about 6 Ω run and 16 Ω start; nothing is named before the pairs are proved apart")
    void nothingIsNamedWhileAnotherArrangementStillFits() {
        Found half = find("1 2 3 4", "1-2 6, 3-4 16");
        assertThat(half.state()).isEqualTo(State.MEASURING);
        assertThat(half.fits()).isEmpty();
        assertThat(half.next()).contains(new Probe("1", "3"));

        Found whole = find("1 2 3 4", "1-2 6, 3-4 16, 1-3 OL");
        assertThat(whole.next()).isEmpty();
        assertThat(parts(whole.settled().orElseThrow())).isEqualTo("RUN 1-2, START 3-4");
        assertThat(whole.frameLeft()).containsExactly(new Probe("1", "frame"), new Probe("3", "frame"));
    }

    @Test
    void equalWindingsAreLeftOpenAndWhatIsCertainIsSaid() {
        Found found = find("1 2 3 4 5 6", "1-2 9.0, 3-4 9.1, 1-3 OL, 5-6 0.05, 1-5 OL, 3-5 OL");

        assertThat(found.state()).isEqualTo(State.OPEN);
        assertThat(found.fits()).extracting(Arrangement::kind).contains(Kind.SINGLE_VOLTAGE, Kind.TWO_HALVES);
        assertThat(found.certain()).containsExactly(new Part(Role.PROTECTOR, List.of("5", "6")));
    }

    @Test
    void thePlateTellsThreeEqualWindingsApart() {
        String three = "1-2 4.0, 3-4 4.02, 5-6 3.98, 1-3 OL, 1-5 OL, 3-5 OL";

        assertThat(find("1 2 3 4 5 6", three).state()).isEqualTo(State.OPEN);
        Found threePhase = find("1 2 3 4 5 6", three, new Hints(Optional.empty(), Optional.of(3)));
        assertThat(threePhase.settled().map(Arrangement::kind)).contains(Kind.THREE_PHASE_SIX);
    }

    @Test
    void shortedTurnsShowInAHalfThatReadsLow() {
        Found found = find("1 2 3 4 5 6", "1-2 4.0, 3-4 3.0, 5-6 6.5, 1-3 OL, 1-5 OL, 3-5 OL");

        assertThat(found.settled()).isEmpty();
        assertThat(found.remarks())
                .filteredOn(r -> r.severity() == Severity.DANGER)
                .singleElement()
                .satisfies(r -> assertThat(SAID.say(r.title()))
                        .isEqualTo("Halves that should be alike differ by 25 %: 3 to 4 reads low"));
        assertThat(words(found)).anyMatch(w -> w.contains("Read it again"));
    }

    @Test
    void aLeadToTheFrameIsAFindingAndItsPlaceIsTold() {
        Found found = find("1 2 3 4", "1-2 6, 3-4 16, 1-3 OL, 1-frame 4.5, 2-frame 1.5, 3-frame OL");

        assertThat(found.state()).as("its windings are named all the same").isEqualTo(State.SETTLED);
        assertThat(found.remarks()).singleElement().satisfies(r -> {
            assertThat(r.severity()).isEqualTo(Severity.DANGER);
            assertThat(SAID.say(r.title())).isEqualTo("2 to the frame reads 1.50 Ω");
            assertThat(SAID.say(r.words())).contains("Do not power this motor", "the fault is nearer to 2");
        });
        assertThat(found.frameLeft()).isEmpty();
    }

    @ParameterizedTest(name = "{0} Ω to the frame: {1}")
    @CsvSource({"2000000, GOOD", "600000, WARN", "40000, DANGER"})
    @DisplayName("one megohm to the frame is the shop's floor (common practice)")
    void insulationToTheFrame(double ohms, Severity severity) {
        Found found = WindingFinder.find(
                List.of("1", "2"), List.of(MeterReading.of("1", "frame", ohms)), Hints.NONE, MeterError.USUAL);

        assertThat(found.remarks())
                .extracting(Remark::severity)
                .isEqualTo(severity == Severity.GOOD ? List.of() : List.of(severity));
    }

    @Test
    void aThermistorPairIsNoWinding() {
        Found found = find("1 2 3 4 7 8", "1-2 1.5, 3-4 4.0, 7-8 310, 1-3 OL, 1-7 OL, 3-7 OL");

        assertThat(parts(found.settled().orElseThrow())).isEqualTo("RUN 1-2, START 3-4, UNRELATED 7-8");
    }

    @Test
    void heaterContactsReadNothingAndAreNotTakenForAWinding() {
        Found found = find("1 2 3 4 H J", "1-2 1.5, 3-4 4.0, 1-3 OL, H-J OL, 1-H OL, 1-J OL, 3-H OL, 3-J OL");

        assertThat(parts(found.settled().orElseThrow())).isEqualTo("RUN 1-2, START 3-4, SILENT H, SILENT J");
        assertThat(found.remarks())
                .singleElement()
                .satisfies(r -> assertThat(SAID.say(r.words())).contains("a contact of something else"));
    }

    @Test
    void aProtectorInSeriesWithTheCommonIsWithinTheSum() {
        // 0.12 Ω of protector inside the common lead count twice in the two lower readings
        Found found = find("C M A", "C-M 2.12, C-A 5.12, A-M 7.0");

        assertThat(parts(found.settled().orElseThrow())).isEqualTo("RUN C-M, START A-C");
    }

    @Test
    void aStartSwitchThatIsStuckOpenHidesTheStartWinding() {
        Found found = find("1 2 3 4", "1-2 1.5, 3-4 OL, 1-3 OL, 1-4 OL");

        assertThat(found.state()).as("the pair that reads may be run or start").isEqualTo(State.OPEN);
        assertThat(titles(found)).contains("3, 4 read OL to every other lead");
        assertThat(words(found)).anyMatch(w -> w.contains("stuck open"));
    }

    @Test
    @DisplayName("1.8 Ω that becomes 3.7 Ω with the start switch held open: a start winding of about 3.5 Ω")
    void aStartWindingThatShowsOnlyInParallel() {
        Found found = find("1 2", "1-2 1.8, 1-2 3.7 held");

        assertThat(found.parallelStarts()).singleElement().satisfies(s -> {
            assertThat(s.startOhms()).isCloseTo(3.5, within(0.05));
            assertThat(s.band()).isBetween(0.2, 0.9);
        });
        assertThat(parts(found.settled().orElseThrow())).isEqualTo("RUN 1-2");
    }

    @Test
    void thePairThatGoesOpenWithTheStartSwitchIsTheStartWinding() {
        String equal = "1-2 4.0, 3-4 4.0, 1-3 OL";

        assertThat(find("1 2 3 4", equal).state()).isEqualTo(State.OPEN);
        assertThat(parts(find("1 2 3 4", equal + ", 1-2 OL held").settled().orElseThrow()))
                .isEqualTo("RUN 3-4, START 1-2");
    }

    @Test
    void aReadingThatContradictsTheOthersIsNamed() {
        Found found = find("1 2 3", "1-2 2.0, 2-3 3.0, 1-3 OL");

        assertThat(found.state()).isEqualTo(State.CONTRADICTION);
        assertThat(found.remarks()).singleElement().satisfies(r -> {
            assertThat(SAID.say(r.title())).isEqualTo("1 to 3 reads OL, but other readings join them");
            assertThat(SAID.say(r.words())).contains("1 to 2", "2 to 3", "1 to 3");
        });
    }

    @Test
    @DisplayName(
            "opening the start switch takes a branch away: a lower reading is questioned, and nothing is settled on it")
    void aReadingThatFallsWhenTheStartSwitchIsHeldOpenIsQuestioned() {
        Found found = find("1 2 3 4", "1-2 6, 3-4 16, 1-3 OL, 1-2 3.7 held");

        assertThat(titles(found)).contains("1 to 2 reads 3.70 Ω with the start switch held open, and 6.00 Ω at rest");
        assertThat(found.settled()).isEmpty();
        Found again = find("1 2 3 4", "1-2 6, 3-4 16, 1-3 OL, 1-2 3.7 held, 1-2 6.02 held");
        assertThat(parts(again.settled().orElseThrow())).as("read once more").isEqualTo("RUN 1-2, START 3-4");
    }

    @Test
    void theSamePairTwiceWithDifferentReadingsIsDisputedUntilAThirdAgrees() {
        String base = "1-2 6, 3-4 16, 1-3 OL";

        Found twice = find("1 2 3 4", base + ", 1-2 12");
        assertThat(twice.settled()).isEmpty();
        assertThat(titles(twice)).contains("1 to 2 read 6.00 Ω, and now 12.0 Ω");
        Found thrice = find("1 2 3 4", base + ", 1-2 12, 1-2 6.05");
        assertThat(parts(thrice.settled().orElseThrow())).isEqualTo("RUN 1-2, START 3-4");
    }

    @Test
    @DisplayName(
            "R2 = R1 (234.5 + t2) / (234.5 + t1) (IEEE 112 and IEC 60034-1, from memory); the meter's zero comes off")
    void hotWindingsAndTheMetersZeroAreTakenOff() {
        MeterReading hot = new MeterReading("1", "2", 5.2, 0.2, 80, StartSwitch.AT_REST);

        assertThat(hot.ohms()).isCloseTo(5.0 * (234.5 + 20) / (234.5 + 80), within(1e-9));
        Found found = WindingFinder.find(
                List.of("1", "2", "3", "4", "5", "6"),
                List.of(
                        hot,
                        MeterReading.of("3", "4", 4.05),
                        MeterReading.of("5", "6", 6.4),
                        MeterReading.of("1", "3", OL),
                        MeterReading.of("1", "5", OL),
                        MeterReading.of("3", "5", OL)),
                Hints.NONE,
                MeterError.USUAL);
        assertThat(parts(found.settled().orElseThrow()))
                .as("5.2 Ω hot and 4.05 Ω cold are the same copper")
                .isEqualTo("RUN_HALF 1-2, RUN_HALF 3-4, START 5-6");
    }

    @Test
    @DisplayName("five leads: a start winding that shares a lead with one run half")
    void fiveLeads() {
        Found found = find("1 2 3 4 5", "1-2 3.0, 3-4 3.02, 4-5 4.5, 3-5 7.5, 1-3 OL");

        assertThat(parts(found.settled().orElseThrow())).isEqualTo("RUN_HALF 1-2, RUN_HALF 3-4, START 4-5");
    }

    @Test
    void anyOrderOfReadingsGivesTheSameAnswer() {
        List<MeterReading> all =
                readings("1-2 3.0, 3-4 3.02, 4-5 4.5, 3-5 7.5, 1-3 OL, 1-4 OL, 1-5 OL, 2-3 OL, 2-4 OL, 2-5 OL");
        Set<Set<Part>> answers = new java.util.HashSet<>();
        for (long seed = 0; seed < 50; seed++) {
            List<MeterReading> order = new ArrayList<>(all);
            java.util.Collections.shuffle(order, new Random(seed));
            answers.add(WindingFinder.find(List.of("1", "2", "3", "4", "5"), order, Hints.NONE, MeterError.USUAL)
                    .settled()
                    .orElseThrow()
                    .parts());
        }
        assertThat(answers).hasSize(1);
    }

    @Test
    void readingsOfNobodysLeadsAndImpossibleOnesAreRefused() {
        assertThatThrownBy(() -> find("1 2", "1-9 4"))
                .hasMessageContaining("1 to 9 names a lead that is not in [1, 2]");
        assertThatThrownBy(() -> MeterReading.of("1", "1", 4)).hasMessageContaining("not 1 twice");
        assertThatThrownBy(() -> MeterReading.of("1", "2", -4)).hasMessageContaining("no meter shows -4.0 ohms");
    }
}
