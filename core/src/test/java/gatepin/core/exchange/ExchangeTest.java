package gatepin.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Sentence;
import gatepin.core.exchange.Match.About;
import gatepin.core.exchange.Match.Point;
import gatepin.core.exchange.Match.Standing;
import gatepin.core.exchange.Mount.Fixing;
import gatepin.core.machine.Frame;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Spare motors held against what a machine needs: made-up machines and shelves, and frames of the published tables. */
class ExchangeTest {
    private static final int WORLDS = 300;
    private static final double[] POWERS = {0.25, 1 / 3.0, 0.5, 0.75, 1, 1.5, 2};
    private static final int[] SPEEDS = {860, 1140, 1725, 3450};
    private static final int[] SPEEDS_AT_50 = {940, 1425, 2850};

    private static Plate plate(String text) {
        return PlateReader.read(PlateText.read(text).fields()).value().orElseThrow();
    }

    private static Plate plate(double hp, String volts, int hertz, int rpm, String more) {
        return plate(String.format(Locale.ROOT, "%.3f HP %s V %d HZ %d RPM %s", hp, volts, hertz, rpm, more));
    }

    private static Mount mount(Optional<Double> pulley, double shaft, double height, Fixing fixing) {
        return new Mount(
                pulley,
                Optional.empty(),
                Optional.of(shaft),
                Optional.empty(),
                Optional.of(height),
                Optional.empty(),
                fixing);
    }

    private static Wanted wanted(double hp, int rpm, Mount mount) {
        return new Wanted(
                hp,
                rpm,
                false,
                Optional.of(9.0),
                true,
                StatedRotation.NOT_STATED,
                mount,
                Region.NORTH_AMERICA.volts(),
                60,
                Region.NORTH_AMERICA,
                15,
                "");
    }

    private static Spare spare(String name, Plate plate, Mount mount) {
        return new Spare(name, Optional.of(plate), Optional.of(true), mount, true);
    }

    private static Point about(Match match, About about) {
        return match.points().stream()
                .filter(p -> p.about() == about)
                .findFirst()
                .orElseThrow();
    }

    private static Spare madeUp(Random random, int number) {
        boolean metric = random.nextInt(5) == 0;
        boolean gone = random.nextInt(6) == 0;
        String volts = random.nextBoolean() ? "115/230" : random.nextBoolean() ? "230" : "115";
        String more = (random.nextInt(5) == 0 ? "3 PH" : "")
                + (random.nextInt(3) == 0
                        ? " FR "
                                + Frame.ALL
                                        .get(random.nextInt(Frame.ALL.size()))
                                        .name()
                        : "")
                + (random.nextInt(4) == 0 ? " NON-REVERSIBLE" : "");
        Plate plate = plate(
                POWERS[random.nextInt(POWERS.length)],
                volts,
                metric ? 50 : 60,
                metric ? SPEEDS_AT_50[random.nextInt(SPEEDS_AT_50.length)] : SPEEDS[random.nextInt(SPEEDS.length)],
                more);
        Optional<Boolean> out = random.nextInt(3) == 0 ? Optional.empty() : Optional.of(random.nextBoolean());
        Mount mount = random.nextInt(3) == 0
                ? Mount.UNMEASURED
                : mount(
                        Optional.empty(),
                        10 + random.nextInt(20),
                        60 + random.nextInt(60),
                        Fixing.values()[random.nextInt(4)]);
        return new Spare(
                "motor " + number, gone ? Optional.empty() : Optional.of(plate), out, mount, random.nextBoolean());
    }

    @Test
    @DisplayName(
            "its own twin fits in everything and stands first, however many others lie there and in whatever order")
    void theTwinStandsFirst() {
        for (int seed = 0; seed < WORLDS; seed++) {
            Random random = new Random(seed);
            double hp = POWERS[random.nextInt(POWERS.length)];
            int rpm = SPEEDS[random.nextInt(SPEEDS.length)];
            Mount mount = mount(Optional.of(63.0), 16, 89, Fixing.FEET);
            List<Spare> shelf = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(12); i++) {
                shelf.add(madeUp(random, i));
            }
            Spare twin = spare("0 twin", plate(hp, "115/230", 60, rpm, ""), mount);
            shelf.add(random.nextInt(shelf.size() + 1), twin);

            List<Match> ranked = Exchange.rank(wanted(hp, rpm, mount), shelf);

            assertThat(ranked).as("seed %d", seed).hasSameSizeAs(shelf);
            assertThat(ranked.get(0).spare()).as("seed %d", seed).isEqualTo(twin);
            assertThat(ranked.get(0).points()).extracting(Point::standing).containsOnly(Standing.FITS);
            Collections.shuffle(shelf, random);
            assertThat(Exchange.rank(wanted(hp, rpm, mount), shelf))
                    .as("seed %d", seed)
                    .isEqualTo(ranked);
        }
    }

    @Test
    @DisplayName("what does not do never stands before what does; every word is said without a hole in both regions")
    void whatDoesNotDoStandsBehind() {
        for (int seed = 0; seed < WORLDS; seed++) {
            Random random = new Random(1000 + seed);
            List<Spare> shelf = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                shelf.add(madeUp(random, i));
            }
            Wanted wanted = wanted(
                    POWERS[random.nextInt(POWERS.length)],
                    SPEEDS[random.nextInt(SPEEDS.length)],
                    random.nextBoolean() ? Mount.UNMEASURED : mount(Optional.of(80.0), 16, 89, Fixing.FEET));
            boolean lacking = false;
            for (Match match : Exchange.rank(wanted, shelf)) {
                assertThat(!lacking || !match.does()).as("seed %d", seed).isTrue();
                lacking |= !match.does();
                List<Sentence> all = new ArrayList<>(match.changes());
                match.points().forEach(p -> all.add(p.words()));
                for (Sentence sentence : all) {
                    assertThat(Wording.of(Region.NORTH_AMERICA).say(sentence))
                            .doesNotContain("{", "Optional")
                            .isNotBlank();
                    assertThat(Wording.of(Region.IEC).say(sentence))
                            .doesNotContain("{", "Optional")
                            .isNotBlank();
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"1140, 1725, 63", "3450, 1725, 80", "1725, 1140, 100", "860, 1725, 50"})
    @DisplayName("the pulley that is advised keeps the belt's speed: diameter times revolutions is the same")
    void theBeltKeepsItsSpeed(int before, int now, double pulley) {
        Match match = Exchange.rank(
                        wanted(0.75, before, mount(Optional.of(pulley), 16, 89, Fixing.FEET)),
                        List.of(spare(
                                "it",
                                plate(0.75, "115/230", 60, now, ""),
                                mount(Optional.empty(), 16, 89, Fixing.FEET))))
                .get(0);

        Point speed = about(match, About.SPEED);
        assertThat(speed.standing()).isEqualTo(Standing.OTHERWISE);
        double advised = ((Sentence.Size) speed.words().args().get(2)).millimetres();
        assertThat(advised * now).isCloseTo(pulley * before, within(1e-6));
    }

    @ParameterizedTest(name = "{0}: {1} in high, shaft {2} in")
    @CsvSource({"48, 3.00, 0.500", "56, 3.50, 0.625", "56C, 3.50, 0.625", "145T, 3.50, 0.875", "184T, 4.50, 1.125"})
    @DisplayName("a frame on the plate stands in for the rule: NEMA MG 1 part 4, from memory")
    void framesOfThePlate(String frame, double height, double shaft) {
        Mount there = mount(Optional.empty(), shaft * 25.4, height * 25.4, Fixing.FEET);
        Spare spare = new Spare(
                "it",
                Optional.of(plate(1, "115/230", 60, 1725, "FR " + frame)),
                Optional.of(true),
                Mount.UNMEASURED,
                true);

        Match match = Exchange.rank(wanted(0.75, 1725, there), List.of(spare)).get(0);

        assertThat(about(match, About.HEIGHT).standing()).isEqualTo(Standing.FITS);
        assertThat(about(match, About.SHAFT).standing()).isEqualTo(Standing.FITS);
    }

    @Test
    @DisplayName(
            "nine leads: every lead has its place once, and both connections join the same ends of the same phases")
    void nineLeads() {
        for (NineLeads connection : NineLeads.BOTH) {
            List<String> all = new ArrayList<>();
            connection.lines().forEach(l -> Collections.addAll(all, l.split(" ")));
            connection.joined().forEach(j -> Collections.addAll(all, j.split(" ")));
            assertThat(all).containsExactlyInAnyOrder("T1", "T2", "T3", "T4", "T5", "T6", "T7", "T8", "T9");
        }
        for (int phase = 1; phase <= 3; phase++) {
            assertThat(NineLeads.LOW.lines().get(phase - 1)).isEqualTo("T" + phase + " T" + (phase + 6));
            assertThat(NineLeads.HIGH.joined().get(phase - 1)).isEqualTo("T" + (phase + 3) + " T" + (phase + 6));
        }
    }

    @Test
    @DisplayName(
            "from three phases to one: the third conductor falls away, more amps, another switch; a third of the power is too little")
    void fromThreePhasesToOne() {
        Wanted grinder = new Wanted(
                1,
                1725,
                true,
                Optional.of(3.4),
                false,
                new StatedRotation(StatedRotation.Direction.CLOCKWISE, StatedRotation.End.SHAFT_END),
                Mount.UNMEASURED,
                Region.NORTH_AMERICA.volts(),
                60,
                Region.NORTH_AMERICA,
                20,
                "1/2 HP 240 V");
        Wording wording = Wording.of(Region.NORTH_AMERICA);
        List<Match> ranked = Exchange.rank(
                grinder,
                List.of(
                        spare("weak", plate(1 / 3.0, "115/230", 60, 1725, ""), Mount.UNMEASURED),
                        spare("three", plate("1 HP 230/460 V 60 HZ 1725 RPM 3 PH"), Mount.UNMEASURED),
                        spare("good", plate("1 HP 115/230 V 16/8 A 60 HZ 1725 RPM"), Mount.UNMEASURED)));

        assertThat(ranked).extracting(m -> m.spare().name()).first().isEqualTo("good");
        assertThat(ranked)
                .filteredOn(Match::does)
                .extracting(m -> m.spare().name())
                .containsExactly("good");
        String changes = String.join(
                " ", ranked.get(0).changes().stream().map(wording::say).toList());
        assertThat(changes).contains("third conductor", "in place of 3.4 A", "NEMA 6-15", "must not carry it");
    }
}
