package gatepin.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.ColdPlan.Step;
import gatepin.core.circuit.Circuit;
import gatepin.core.trouble.StoriesTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What cold check and fault finder are worth on wirings nobody has seen; {@code ./gatepin checking} writes it down at length. */
class CheckingFiguresTest {
    private static final int WIRINGS = Integer.getInteger("gatepin.wirings", 24);
    private static final int PAIRS_OF_THE_SWEEP = Integer.getInteger("gatepin.sweep", 12);
    private static final int SINGLES = Integer.getInteger("gatepin.singles", 3);
    private static final int DOUBLES = Integer.getInteger("gatepin.doubles", 1);

    /** Counts over many wirings. */
    private static final class Count {
        private int wirings;
        private int dangers;
        private int visible;
        private int caught;
        private int readings;
        private long every;
        private int proved;
        private int apart;
        private int singles;
        private int first;
        private int third;
        private int more;
        private int doubles;
        private int fifth;
        private int falsely;
        private final List<String> missed = new ArrayList<>();

        void add(Count other) {
            wirings += other.wirings;
            dangers += other.dangers;
            visible += other.visible;
            caught += other.caught;
            readings += other.readings;
            every += other.every;
            proved += other.proved;
            apart = Math.max(apart, other.apart);
            singles += other.singles;
            first += other.first;
            third += other.third;
            more += other.more;
            doubles += other.doubles;
            fifth += other.fifth;
            falsely += other.falsely;
            missed.addAll(other.missed);
        }

        String row(String what) {
            return String.format(
                    Locale.ROOT,
                    "| %s | %d | %d | %d | %.1f %% | %.1f | %.0f | %d of %d | %d |%n",
                    what,
                    wirings,
                    dangers,
                    visible,
                    100.0 * caught / visible,
                    readings / (double) wirings,
                    every / (double) wirings,
                    proved,
                    wirings,
                    apart);
        }

        String hunted(String what) {
            return String.format(
                    Locale.ROOT,
                    "| %s | %d | %.1f %% | %.1f %% | %.1f | %d | %.1f %% | %d |%n",
                    what,
                    singles,
                    100.0 * first / singles,
                    100.0 * third / singles,
                    more / (double) singles,
                    doubles,
                    doubles == 0 ? 0 : 100.0 * fifth / doubles,
                    falsely);
        }
    }

    private static Count over(List<MadeUpWirings> wirings) {
        Count all = new Count();
        wirings.parallelStream().map(CheckingFiguresTest::of).forEachOrdered(all::add);
        return all;
    }

    private static Count of(MadeUpWirings wiring) {
        Count count = new Count();
        Random chance = new Random(wiring.name().hashCode());
        CheckRequest request = wiring.request();
        ColdPlan plan = ColdPlanner.plan(request);
        List<Fault> seen = covered(count, wiring, plan);
        count.wirings++;
        count.readings += plan.steps().size();
        count.every += plan.everyReading();
        count.proved += plan.isProved() ? 1 : 0;
        count.apart = plan.steps().size() - plan.leastNumber();
        for (int i = 0; i < SINGLES; i++) {
            Fault fault = seen.get(chance.nextInt(seen.size()));
            hunt(count, wiring, plan, List.of(fault), chance.nextLong());
        }
        for (int i = 0; i < DOUBLES; i++) {
            hunt(
                    count,
                    wiring,
                    plan,
                    List.of(seen.get(chance.nextInt(seen.size())), seen.get(chance.nextInt(seen.size()))),
                    chance.nextLong());
        }
        Hunt sound = Hunt.of(request, plan, request.circuit(), chance.nextLong());
        assertThat(sound.isNoticed()).as("a sound wiring agrees: %s", wiring).isFalse();
        return count;
    }

    /** Counts the dangerous faults, and those of them that every reading there is, and the chosen ones, show. */
    private static List<Fault> covered(Count count, MadeUpWirings wiring, ColdPlan plan) {
        CheckRequest request = wiring.request();
        Harms harms = new Harms(request.circuit(), request.rated(), request.hasOff());
        Set<String> unseen = new HashSet<>();
        plan.unseen().forEach(u -> unseen.add(u.fault().key()));
        List<Read> reads = plan.steps().stream().map(Step::read).toList();
        List<Fault> seen = new ArrayList<>();
        for (Fault fault : Faults.of(request.circuit(), request.links())) {
            if (!harms.of(fault).harm().isDanger()) {
                continue;
            }
            count.dangers++;
            if (unseen.contains(fault.key())) {
                continue;
            }
            count.visible++;
            if (FaultFinder.moved(request, fault, reads).isEmpty()) {
                count.missed.add(wiring + ": " + fault.key());
            } else {
                count.caught++;
                seen.add(fault);
            }
        }
        return seen;
    }

    private static void hunt(Count count, MadeUpWirings wiring, ColdPlan plan, List<Fault> planted, long seed) {
        Circuit actual = wiring.request().circuit();
        for (Fault fault : planted) {
            actual = fault.applyTo(actual);
        }
        Hunt hunt = Hunt.of(wiring.request(), plan, actual, seed);
        int place = planted.size() == 1 ? hunt.place() : hunt.placeOfBoth(planted, plan, seed);
        boolean single = planted.size() == 1;
        // two faults can cancel each other; a single one that a reading shows never passes
        count.falsely += single && !hunt.isNoticed() ? 1 : 0;
        if (single) {
            count.singles++;
            count.first += place == 1 ? 1 : 0;
            count.third += place <= 3 ? 1 : 0;
            count.more += hunt.more();
        } else if (hunt.isNoticed()) {
            count.doubles++;
            count.fifth += place <= 5 ? 1 : 0;
        }
        if (place > 3) {
            count.missed.add(
                    wiring + " hunting " + planted.stream().map(Fault::key).toList() + ": "
                            + hunt.suspects().likely().stream()
                                    .limit(3)
                                    .map(s -> s.key())
                                    .toList());
        }
    }

    @Test
    @DisplayName("every danger that the meter sees moves a chosen reading, and the finder names it")
    void figures() throws IOException {
        List<MadeUpWirings> sweep = MadeUpWirings.sweep();
        List<MadeUpWirings> some = new ArrayList<>();
        for (int i = 0; i < PAIRS_OF_THE_SWEEP && i < sweep.size(); i++) {
            some.add(sweep.get((int) ((long) i * sweep.size() / Math.min(PAIRS_OF_THE_SWEEP, sweep.size()))));
        }
        Count demo = over(MadeUpWirings.demo());
        Count usual = over(some);
        Count madeUp = over(MadeUpWirings.some(WIRINGS, 1000));
        report(demo, usual, madeUp);
        assertThat(demo.wirings).isGreaterThanOrEqualTo(5);
        for (Count count : List.of(demo, usual, madeUp)) {
            assertThat(count.caught)
                    .as("dangers that are seen: %s", count.missed)
                    .isEqualTo(count.visible);
            assertThat(count.falsely).as("dangers that passed").isZero();
            assertThat(count.first / (double) count.singles)
                    .as("%s", count.missed)
                    .isGreaterThan(0.8);
            assertThat(count.third / (double) count.singles)
                    .as("%s", count.missed)
                    .isGreaterThan(0.97);
        }
        // of few pairs one more or less says nothing: all together
        assertThat((demo.fifth + usual.fifth + madeUp.fifth) / (double) (demo.doubles + usual.doubles + madeUp.doubles))
                .as("%s %s %s", demo.missed, usual.missed, madeUp.missed)
                .isGreaterThan(0.8);
    }

    private static void report(Count demo, Count usual, Count madeUp) throws IOException {
        String where = System.getProperty("gatepin.report", "");
        if (where.isEmpty()) {
            return;
        }
        Files.writeString(
                Path.of(where),
                """

                | wirings | how many | dangers | of them seen by any reading | and by the chosen ones | readings | of | proved fewest | furthest from the proof |
                |---|---|---|---|---|---|---|---|---|
                """
                        + demo.row("demo jobs")
                        + usual.row("usual diagrams on every switch")
                        + madeUp.row("made up")
                        + """

                | hunts | single faults | first | among three | more readings | pairs | among five | dangers that passed |
                |---|---|---|---|---|---|---|---|
                """
                        + demo.hunted("demo jobs")
                        + usual.hunted("usual diagrams on every switch")
                        + madeUp.hunted("made up")
                        + SlipsTest.table(Integer.getInteger("gatepin.slipped", 10), 300)
                        + StoriesTest.table());
    }
}
