package gatepin.core.winding;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.winding.Found.State;
import gatepin.core.winding.MeterReading.StartSwitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * The winding finder on 2 000 made-up motors of all families, three to nine leads with random marks, read by a meter that is
 * off by up to 1 % and 0.1 Ω after zeroing. A second solver says where no meter of that error can tell windings apart. Prints
 * the figures of docs/winding-finder.md.
 */
class MadeUpMotorsTest {
    private static final int MOTORS = 2000;

    /** How the finder did on motors of one kind. */
    private static final class Tally {
        private int motors;
        private int right;
        private int wrong;
        private int rightlyOpen;
        private int wronglyOpen;
        private int asked;
        private int pairs;

        private void add(Tally other) {
            motors += other.motors;
            right += other.right;
            wrong += other.wrong;
            rightlyOpen += other.rightlyOpen;
            wronglyOpen += other.wronglyOpen;
            asked += other.asked;
            pairs += other.pairs;
        }

        private String line(String kind) {
            return String.format(
                    java.util.Locale.ROOT,
                    "%-34s %6d %6d %6d %12d %12d %8.0f %%",
                    kind,
                    motors,
                    right,
                    wrong,
                    rightlyOpen,
                    wronglyOpen,
                    100.0 * asked / pairs);
        }
    }

    private static Set<Part> truth(MadeUpMotor motor) {
        return motor.parts().stream().map(Part::asWhole).collect(Collectors.toSet());
    }

    @Test
    @DisplayName("2 000 motors: never wrong but sure, and open only where a second solver finds two namings")
    void itNamesWhatCanBeNamedAndNothingElse() {
        Map<String, Tally> byKind = new TreeMap<>();
        List<String> differences = new ArrayList<>();
        for (long seed = 0; seed < MOTORS; seed++) {
            MadeUpMotor motor = MadeUpMotor.draw(new Random(seed));
            SimulatedMeter meter = new SimulatedMeter(motor.hidden(), MeterError.USUAL, 0.2, seed);
            List<MeterReading> readings = new ArrayList<>();
            Found found = measure(motor.hidden(), meter, readings);

            int leads = motor.hidden().leads().size();
            Tally tally = byKind.computeIfAbsent(
                    motor.kind().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '), k -> new Tally());
            tally.motors++;
            tally.asked += readings.size();
            tally.pairs += leads * (leads - 1) / 2;
            boolean settled = found.state() == State.SETTLED;
            if (settled && found.fits().get(0).circuits().equals(truth(motor))) {
                tally.right++;
            } else if (settled) {
                tally.wrong++;
            }
            if (!settled || seed % 5 == 0) {
                Set<Set<Part>> namings = ArrangementOracle.namings(motor.hidden(), meter);
                if (!namings.contains(truth(motor)) || settled != (namings.size() == 1)) {
                    differences.add("seed " + seed + " " + found.state() + ", second solver: " + namings);
                }
                if (!settled) {
                    tally.rightlyOpen += namings.size() > 1 ? 1 : 0;
                    tally.wronglyOpen += namings.size() > 1 ? 0 : 1;
                }
            }
        }

        Tally all = new Tally();
        System.out.printf(
                "%-34s %6s %6s %6s %12s %12s %10s%n",
                "kind", "motors", "right", "wrong", "rightly open", "wrongly open", "pairs asked");
        byKind.forEach((kind, tally) -> {
            System.out.println(tally.line(kind));
            all.add(tally);
        });
        System.out.println(all.line("all"));
        assertThat(differences).as("the finder and the second solver agree").isEmpty();
        assertThat(all.wrong).as("wrong but sure").isZero();
        assertThat(all.right)
                .as("settled, of those a meter can tell")
                .isGreaterThan((MOTORS - all.rightlyOpen) * 95 / 100);
        assertThat(all.asked).as("pairs asked for").isLessThan(all.pairs * 60 / 100);
    }

    private static Found measure(HiddenMotor motor, SimulatedMeter meter, List<MeterReading> readings) {
        Found found = WindingFinder.find(motor.leads(), readings, Hints.NONE, MeterError.USUAL);
        while (found.next().isPresent()) {
            Probe probe = found.next().orElseThrow();
            readings.add(meter.read(probe.a(), probe.b(), StartSwitch.AT_REST));
            found = WindingFinder.find(motor.leads(), readings, Hints.NONE, MeterError.USUAL);
        }
        return found;
    }
}
