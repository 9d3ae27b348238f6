package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Faces too large for lists of ways are filled place by place: nothing may hang on the order of the places. */
class LargeFacesTest {
    /** A chart of so many terminals in one piece: each hangs on one before it, and some on another, too. */
    private static ContactChart inOnePiece(int terminals, Random chance) {
        List<Terminal> face = new ArrayList<>();
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : HandlePosition.values()) {
            closed.put(position, new HashSet<>());
        }
        for (int i = 0; i < terminals; i++) {
            Terminal fresh = Terminal.onSwitch("" + (i + 1));
            for (int c = chance.nextInt(3); c >= 0 && i > 0; c--) {
                HandlePosition position = chance.nextBoolean() ? HandlePosition.FORWARD : HandlePosition.REVERSE;
                closed.get(position).add(new Contact(face.get(chance.nextInt(i)), fresh));
            }
            face.add(fresh);
        }
        return ContactChart.ofHandle(face, closed);
    }

    @Tag("long")
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 4, 5, 6, 7, 8, 10, 11, 12, 22, 23, 24, 25, 26, 28, 100, 101, 102, 103})
    @DisplayName("a switch whose terminals are named in another order can do the same, with the same wishes")
    void theOrderOfTerminalsIsNoMatter(long seed) {
        Random chance = new Random(seed);
        SampleMotors motor = SampleMotors.ALL.get((int) (seed % SampleMotors.ALL.size()));
        PlanRequest plain = motor.on(SwitchKind.CROSS_CORNER_DRUM);
        ContactChart chart = inOnePiece(7 + chance.nextInt(3), chance);
        List<Terminal> face = chart.terminals();
        Wishes wishes = new Wishes(
                false,
                false,
                OptionalInt.empty(),
                Set.of(face.get(0)),
                Set.of(new Wire(Terminal.L1, face.get(1 + chance.nextInt(5)), Wire.Run.SUPPLY_CABLE)));
        List<Terminal> shuffled = new ArrayList<>(face);
        Collections.shuffle(shuffled, chance);
        ContactChart other = new ContactChart(shuffled, chart.closed());

        assertThat(costs(plain, other, Wishes.NONE)).isEqualTo(costs(plain, chart, Wishes.NONE));
        assertThat(costs(plain, other, wishes)).isEqualTo(costs(plain, chart, wishes));
    }

    private static List<PlanCost> costs(PlanRequest plain, ContactChart chart, Wishes wishes) {
        return Planner.search(new PlanRequest(
                        plain.leads(), plain.windings(), plain.supply(), chart, true, plain.running(), wishes))
                .plans()
                .stream()
                .map(Plan::cost)
                .toList();
    }
}
