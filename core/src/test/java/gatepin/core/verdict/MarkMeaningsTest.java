package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.diagram.MarkMeanings;
import gatepin.core.diagram.MarkMeanings.Known;
import gatepin.core.machine.Given;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.MotorFamily;
import gatepin.core.winding.MeterReading;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What marks mean, worked out from a diagram's columns, and every meaning held against the engine. */
class MarkMeaningsTest {
    private static final List<Integer> DUAL = List.of(115, 230);

    private record Job(DiagramPattern pattern, Leads leads, List<Connection> columns, List<Integer> volts) {
        @Override
        public String toString() {
            return pattern.key();
        }
    }

    private static Job job(DiagramPattern pattern) {
        Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
        List<Integer> volts = pattern.low().equals(pattern.high()) ? List.of(230) : DUAL;
        return new Job(
                pattern,
                leads,
                volts.stream()
                        .map(v -> ConnectionReader.read(pattern.column(v, volts), leads)
                                .value()
                                .orElseThrow())
                        .toList(),
                volts);
    }

    static Stream<Job> jobs() {
        return DiagramPattern.ALL.stream().map(MarkMeaningsTest::job);
    }

    private static Known known(Leads leads, List<Integer> volts) {
        return new Known(leads.marks(), volts, false, List.of());
    }

    /** What a motor with these leads does on each column, for the engine. */
    private static boolean isSound(Leads leads, List<Connection> columns, List<Integer> volts) {
        boolean capacitor = leads.all().stream().anyMatch(Lead::isCapacitorTag);
        boolean alike = columns.get(0).reversesByOtherWinding(leads);
        Given typical = Given.typical(
                capacitor || alike ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START,
                373,
                volts.size() > 1 ? volts.get(0) : volts.get(0) / columns.get(0).runHalvesInSeries(leads),
                60,
                0.045);
        MotorValues values = PlateFit.fit(alike ? typical.withEqualWindings() : typical)
                .value()
                .orElseThrow()
                .values();
        Motor motor = values.motor(leads);
        return columns.stream()
                .allMatch(c -> ConnectionCheck.of(
                                c,
                                leads,
                                motor,
                                new RatedPoint(0.045, typical.ratedNm()),
                                new Supply(c.volts(), 60, Supply.Kind.HOT_AND_NEUTRAL),
                                Feeder.STIFF)
                        .danger()
                        .isEmpty());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("jobs")
    @DisplayName("every pattern's own meaning is among those found, whatever its leads are called")
    void findsTheTruthUnderAnyMarks(Job job) {
        for (long seed = 0; seed < 12; seed++) {
            Map<String, String> names = renamed(job.leads().marks(), new Random(seed));
            Leads leads = new Leads(job.leads().all().stream()
                    .map(l -> new Lead(names.get(l.mark()), "", l.ends()))
                    .toList());
            List<Connection> columns =
                    job.columns().stream().map(c -> under(c, names)).toList();
            List<Leads> meanings = MarkMeanings.of(known(leads, job.volts()), columns);
            assertThat(MarkMeanings.fits(leads, meanings))
                    .as("seed %s: %s %s", seed, columns, meanings)
                    .isTrue();
        }
    }

    /** Capacitor tags keep their marks: by columns alone nobody tells a capacitor from a winding. */
    private static Map<String, String> renamed(List<String> marks, Random random) {
        List<String> fresh = new ArrayList<>(IntStream.range(0, marks.size())
                .mapToObj(i -> "" + (char) ('D' + i))
                .toList());
        Collections.shuffle(fresh, random);
        Map<String, String> names = new HashMap<>();
        for (int i = 0; i < marks.size(); i++) {
            boolean tag = marks.get(i).matches("C[12]");
            names.put(marks.get(i), tag ? marks.get(i) : fresh.get(i));
        }
        return names;
    }

    private static Connection under(Connection c, Map<String, String> names) {
        return new Connection(
                c.volts(),
                under(c.line1(), names),
                under(c.line2(), names),
                c.joined().stream().map(g -> under(g, names)).toList(),
                new Connection.Swap(
                        names.get(c.swap().first()), names.get(c.swap().second())));
    }

    private static SortedSet<String> under(SortedSet<String> group, Map<String, String> names) {
        SortedSet<String> other = new TreeSet<>();
        group.forEach(m -> other.add(names.get(m)));
        return other;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("jobs")
    @DisplayName("the engine finds every meaning sound: it runs on each column, and the interchange reverses it")
    void everyMeaningRuns(Job job) {
        List<Leads> meanings = MarkMeanings.of(known(job.leads(), job.volts()), job.columns());
        assertThat(meanings)
                .isNotEmpty()
                .allSatisfy(m -> assertThat(isSound(m, job.columns(), job.volts()))
                        .as("%s", m)
                        .isTrue());
    }

    /** Every way to pair six leads to two run halves and a start winding, both ways round: a second opinion by the engine alone. */
    private static List<Leads> allPairings(List<String> marks) {
        List<Leads> all = new ArrayList<>();
        for (int[] p : permutations(marks.size())) {
            boolean inOrder = p[0] < p[1] && p[4] < p[5] && Math.min(p[0], p[1]) < Math.min(p[2], p[3]);
            if (inOrder) {
                all.add(Leads.read(List.of(
                                typed(marks, p[0], "run 1 like end"),
                                typed(marks, p[1], "run 1 other end"),
                                typed(marks, p[2], "run 2 like end"),
                                typed(marks, p[3], "run 2 other end"),
                                typed(marks, p[4], "start 1 like end"),
                                typed(marks, p[5], "start 1 other end")))
                        .value()
                        .orElseThrow());
            }
        }
        return all;
    }

    private static Leads.Typed typed(List<String> marks, int lead, String winding) {
        return new Leads.Typed(marks.get(lead), "", winding);
    }

    private static List<int[]> permutations(int of) {
        List<int[]> all = new ArrayList<>();
        permute(new int[of], 0, new boolean[of], all);
        return all;
    }

    private static void permute(int[] so, int at, boolean[] taken, List<int[]> all) {
        if (at == so.length) {
            all.add(so.clone());
            return;
        }
        for (int i = 0; i < so.length; i++) {
            if (!taken[i]) {
                taken[i] = true;
                so[at] = i;
                permute(so, at + 1, taken, all);
                taken[i] = false;
            }
        }
    }

    @Test
    @DisplayName(
            "six leads: the engine alone, asked for every pairing, finds the same meanings, for sound columns and for misread ones")
    void sameAsTheEngineOnEveryPairing() {
        Job six = job(DiagramPattern.ALL.get(0));
        List<Leads> pairings = allPairings(six.leads().marks());
        for (List<Connection> columns : List.of(
                six.columns(),
                six.columns().subList(0, 1),
                six.columns().subList(1, 2),
                List.of(
                        six.columns().get(0),
                        under(
                                six.columns().get(1),
                                Map.of("T1", "T3", "T2", "T2", "T3", "T1", "T4", "T4", "T5", "T5", "T8", "T8"))))) {
            List<Leads> meanings = MarkMeanings.of(known(six.leads(), DUAL), columns);
            List<Leads> engine =
                    pairings.stream().filter(p -> isSound(p, columns, DUAL)).toList();
            assertThat(meanings).as("%s", columns).hasSameSizeAs(engine);
            assertThat(engine)
                    .allSatisfy(e -> assertThat(MarkMeanings.fits(e, meanings)).isTrue());
        }
    }

    @Test
    @DisplayName("a reading decides where the columns leave two meanings, and the one asked for does")
    void readingsDecide() {
        Job six = job(DiagramPattern.ALL.get(0));
        List<Connection> low = six.columns().subList(0, 1);
        List<Leads> both = MarkMeanings.of(known(six.leads(), DUAL), low);
        MarkMeanings.Question question = MarkMeanings.question(both, false).orElseThrow();
        assertThat(both).hasSize(2);
        assertThat(question.outcomes()).containsEntry("OL", 1).containsEntry("run", 1);
        assertThat(List.of(2.1, Double.POSITIVE_INFINITY))
                .allSatisfy(ohms -> assertThat(MarkMeanings.of(
                                new Known(
                                        six.leads().marks(),
                                        DUAL,
                                        false,
                                        List.of(MeterReading.of(question.one(), question.other(), ohms))),
                                low))
                        .hasSize(1));
    }

    @Test
    @DisplayName("a column whose lead was left out has no meaning, and the slip that makes it sound is named")
    void namesTheMissingLead() {
        Job six = job(DiagramPattern.ALL.get(0));
        Connection high = six.columns().get(1);
        Connection scratched = new Connection(
                230, high.line1(), high.line2(), List.of(new TreeSet<>(List.of("T2", "T3"))), high.swap());
        List<Connection> columns = List.of(six.columns().get(0), scratched);
        Known known = known(six.leads(), DUAL);
        assertThat(MarkMeanings.of(known, columns)).isEmpty();
        assertThat(MarkMeanings.mends(known, columns, 1))
                .first()
                .satisfies(m -> assertThat(m.words()).contains("T5 is missing").contains("T2, T3"));
    }

    @Test
    @DisplayName(
            "columns that leave next to everything open end with the most that anybody compares, and those without sense with none")
    void openColumnsEnd() {
        Random random = new Random(5);
        for (int leads = 3; leads <= Leads.MOST; leads++) {
            for (int round = 0; round < 20; round++) {
                List<SortedSet<String>> groups =
                        List.of(new TreeSet<>(), new TreeSet<>(), new TreeSet<>(), new TreeSet<>());
                List<String> marks = new ArrayList<>();
                for (int i = 0; i < leads; i++) {
                    String mark = "" + (char) ('D' + i);
                    marks.add(mark);
                    groups.get(i < 2 ? i : random.nextInt(4)).add(mark);
                }
                Connection open = new Connection(
                        115,
                        groups.get(0),
                        groups.get(1),
                        groups.subList(2, 4).stream().filter(g -> g.size() > 1).toList(),
                        new Connection.Swap("", ""));
                List<Leads> meanings = MarkMeanings.of(new Known(marks, DUAL, true, List.of()), List.of(open));
                assertThat(meanings).hasSizeLessThanOrEqualTo(MarkMeanings.MOST);
                MarkMeanings.question(meanings, true);
            }
        }
    }

    @Test
    @DisplayName("leads with a meaning of their own are written down and read again alike, like ends too")
    void survivesTheTable() {
        jobs().flatMap(j -> MarkMeanings.of(known(j.leads(), j.volts()), j.columns()).stream())
                .forEach(m -> assertThat(Leads.read(m.typed()).value()).contains(m));
        List<Leads> turned = allPairings(List.of("A", "B", "C", "D", "E", "F"));
        assertThat(turned)
                .allSatisfy(m -> assertThat(Leads.read(m.typed()).value()).contains(m));
    }
}
