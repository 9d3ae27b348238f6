package gatepin.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import gatepin.core.check.ColdPlan.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The fewest readings, against a general constraint solver (OR-Tools CP-SAT) and against trying everything. */
class FewestReadsTest {
    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    @Test
    void noChoiceIsSmallerByAConstraintSolver() {
        for (long seed = 0; seed < 120; seed++) {
            Random chance = new Random(seed);
            int rows = 6 + chance.nextInt(20);
            List<BitSet> columns = columns(chance, rows, 8 + chance.nextInt(18));
            BitSet wanted = wanted(columns);
            int[] access = columns.stream().mapToInt(c -> chance.nextInt(9)).toArray();

            FewestReads.Choice choice = FewestReads.choose(columns, access, List.of(), wanted);

            BitSet covered = new BitSet();
            choice.chosen().forEach(c -> covered.or(columns.get(c)));
            assertThat(holds(covered, wanted))
                    .as("seed %d covers every row", seed)
                    .isTrue();
            int[] best = byConstraints(columns, access, wanted);
            assertThat(choice.chosen()).as("seed %d", seed).hasSize(best[0]);
            assertThat(choice.leastNumber()).isEqualTo(best[0]);
            assertThat(choice.chosen().stream().mapToInt(c -> access[c]).sum())
                    .as("seed %d: and the easiest of them", seed)
                    .isEqualTo(best[1]);
        }
    }

    @Test
    void whatIsGivenIsInItAndNotPaidTwice() {
        List<BitSet> columns = List.of(bits(0, 1, 2), bits(0, 1), bits(2), bits(3));
        FewestReads.Choice choice = FewestReads.choose(columns, new int[4], List.of(1), bits(0, 1, 2, 3));

        assertThat(choice.chosen()).hasSize(3).contains(1, 3);
        assertThat(choice.leastNumber()).isEqualTo(3);
    }

    /** Every subset of the readings of a real wiring that is smaller by one misses a danger. */
    @Test
    void noReadingOfARealPlanCanBeLeftOut() {
        for (MadeUpWirings wiring : MadeUpWirings.some(8, 7000)) {
            CheckRequest request = wiring.request();
            ColdPlan plan = ColdPlanner.plan(request);
            List<Fault> seen = FaultList.of(request).stream()
                    .filter(j -> j.harm().isDanger())
                    .map(FaultList.Judged::fault)
                    .filter(f -> plan.unseen().stream().noneMatch(u -> u.fault().equals(f)))
                    .toList();
            List<Read> reads = plan.steps().stream().map(Step::read).toList();
            assertThat(missed(request, seen, reads)).as("%s", wiring).isEmpty();
            // the bond of every frame, and the plug in every setting, are read whatever comes
            for (Read left : reads) {
                List<Read> fewer = new ArrayList<>(reads);
                fewer.remove(left);
                boolean always = left instanceof Read.Ohms o
                        && (o.b().isFrame()
                                || o.a().isLine() && o.b().isLine() && !o.heldOpen()
                                || o.setting().purpose().name().equals("OFF"));
                if (!always) {
                    assertThat(missed(request, everyDemand(request), fewer))
                            .as("%s without %s", wiring, left.key())
                            .isNotEmpty();
                }
            }
        }
    }

    /** Who follows the plan reads all of it; what somebody read besides takes the place of what it shows, and nothing goes unseen. */
    @Test
    void whatIsLeftShowsWhatIsNotShownYet() {
        int spared = 0;
        for (MadeUpWirings wiring : MadeUpWirings.some(8, 7100)) {
            CheckRequest request = wiring.request();
            ColdPlan plan = ColdPlanner.plan(request);
            Set<String> followed = new HashSet<>();
            for (int i = 0; i < plan.steps().size(); i++) {
                assertThat(plan.left(followed))
                        .as("%s after %d", wiring, i)
                        .isEqualTo(plan.steps().subList(i, plan.steps().size()));
                followed.add(plan.steps().get(i).read().key());
            }
            assertThat(plan.left(followed)).isEmpty();

            List<Read> besides = new ArrayList<>(everything(request));
            Collections.shuffle(besides, new Random(7100));
            besides = besides.subList(0, besides.size() / 4);
            Set<String> agreed = besides.stream().map(Read::key).collect(Collectors.toSet());
            List<Read> all = new ArrayList<>(besides);
            plan.left(agreed).forEach(s -> all.add(s.read()));
            assertThat(missed(request, everyDemand(request), all))
                    .as("%s", wiring)
                    .isEmpty();
            spared += plan.steps().size() - plan.left(agreed).size();
        }
        assertThat(spared).isPositive();
    }

    private static List<Fault> everyDemand(CheckRequest request) {
        return FaultList.of(request).stream()
                .filter(j -> j.harm().isDanger()
                        || j.fault() instanceof WiringFault.HandleSlipped
                        || (j.fault() instanceof MotorFault.CoilBad bad
                                && bad.how() == MotorFault.CoilBad.How.TO_FRAME))
                .map(FaultList.Judged::fault)
                .filter(f -> !FaultFinder.moved(request, f, everything(request)).isEmpty())
                .toList();
    }

    private static List<Read> everything(CheckRequest request) {
        ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
        List<Read> all = new ArrayList<>();
        for (ColdReadings.Stand stand : readings.stands()) {
            for (int i = 0; i < readings.probed().size(); i++) {
                for (int j = 0; j < i; j++) {
                    all.add(new Read.Ohms(
                            readings.probed().get(i), readings.probed().get(j), stand.setting(), stand.heldOpen()));
                }
            }
        }
        request.circuit().capacitors().forEach(c -> all.add(new Read.OfCapacitor(c.name())));
        return all;
    }

    private static List<String> missed(CheckRequest request, List<Fault> faults, List<Read> reads) {
        return faults.stream()
                .filter(f -> FaultFinder.moved(request, f, reads).isEmpty())
                .map(Fault::key)
                .toList();
    }

    private static boolean holds(BitSet larger, BitSet smaller) {
        BitSet rest = (BitSet) smaller.clone();
        rest.andNot(larger);
        return rest.isEmpty();
    }

    private static BitSet bits(int... bits) {
        BitSet set = new BitSet();
        IntStream.of(bits).forEach(set::set);
        return set;
    }

    private static List<BitSet> columns(Random chance, int rows, int count) {
        List<BitSet> columns = new ArrayList<>();
        for (int c = 0; c < count; c++) {
            BitSet column = new BitSet();
            for (int r = 0; r < rows; r++) {
                column.set(r, chance.nextInt(5) == 0);
            }
            columns.add(column);
        }
        return columns;
    }

    private static BitSet wanted(List<BitSet> columns) {
        BitSet wanted = new BitSet();
        columns.forEach(wanted::or);
        return wanted;
    }

    /** The least number of columns, and the least price among choices of that number. */
    private static int[] byConstraints(List<BitSet> columns, int[] access, BitSet wanted) {
        CpModel model = new CpModel();
        BoolVar[] chosen = IntStream.range(0, columns.size())
                .mapToObj(c -> model.newBoolVar("c" + c))
                .toArray(BoolVar[]::new);
        wanted.stream()
                .forEach(r -> model.addBoolOr(IntStream.range(0, chosen.length)
                        .filter(c -> columns.get(c).get(r))
                        .mapToObj(c -> chosen[c])
                        .toArray(BoolVar[]::new)));
        long[] costs = Arrays.stream(access).mapToLong(a -> 1000 + a).toArray();
        model.minimize(LinearExpr.weightedSum(chosen, costs));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        int least = (int) Math.round(solver.objectiveValue());
        return new int[] {least / 1000, least % 1000};
    }
}
