package gatepin.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.Sentence;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.supply.Region;
import gatepin.core.words.SentenceText;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How strong a motor without a plate is: known motors, made-up ones, and clues that do not go together. */
class PowerClassTest {
    private static final double[] SIZES = {1.0 / 6, 1.0 / 4, 1.0 / 3, 0.5, 0.75, 1, 1.5, 2, 3, 5};

    private static Traces.Typed typed(String volts, String shaft, String idle) {
        return new Traces.Typed(volts, shaft, "", "", "", "", idle, "", "");
    }

    private static PowerClass band(Traces.Typed typed, int hertz, Optional<Double> ohms, int halves) {
        assertThat(Traces.read(typed).problems()).isEmpty();
        Optional<PowerClass> band = PowerClass.of(Traces.read(typed).value().orElseThrow(), hertz, ohms, halves);
        assertThat(band).as("%s, %s Ω", typed, ohms).isPresent();
        return band.orElseThrow();
    }

    @ParameterizedTest(name = "{0} V, {1}: {4} hp")
    @CsvSource({
        // common practice: a salvaged 1/3 hp motor reads 3.7 Ω, one takes 4.35 A with only a fan; 1 1/2 hp on 230 V
        // idles at 4.8 A
        "120, 1/2, '', 3.7, 0.3333",
        "120, '', 4.35, 0, 0.3333",
        "230, 7/8, 4.8, 0, 1.5"
    })
    @DisplayName("motors whose size is known are in their band, and the band is no wider than a factor of eight")
    void knownMotors(String volts, String shaft, String idle, double ohms, double hp) {
        PowerClass band = band(typed(volts, shaft, idle), 60, ohms > 0 ? Optional.of(ohms) : Optional.empty(), 1);
        assertThat(band.leastHp()).isLessThanOrEqualTo(hp * 1.001);
        assertThat(band.mostHp()).isGreaterThanOrEqualTo(hp * 0.999).isLessThanOrEqualTo(8 * band.leastHp());
        assertThat(band.agree()).isTrue();
        assertThat(band.likelyHp()).isBetween(band.leastHp(), band.mostHp());
    }

    @Test
    @DisplayName(
            "made-up motors of every family, size, voltage and frequency are in the band that their own clues give")
    void madeUpMotors() {
        List<String> missed = new ArrayList<>();
        int asked = 0;
        for (MotorFamily family : MotorFamily.values()) {
            for (double hp : SIZES) {
                for (int volts : new int[] {115, 230}) {
                    for (int hertz : new int[] {50, 60}) {
                        Random random = new Random((long) (hp * 1000) + volts + hertz + family.ordinal());
                        MotorValues values = made(family, hp, volts, hertz, random);
                        PowerClass band = band(
                                new Traces.Typed(
                                        "" + volts,
                                        shaft(hp, random),
                                        "",
                                        values.startMicrofarads() > 10 && values.startMicrofarads() < 2000
                                                ? "" + Math.round(values.startMicrofarads())
                                                : "",
                                        values.runMicrofarads() > 0.5 && values.runMicrofarads() < 150
                                                ? "" + Math.round(values.runMicrofarads() * 10) / 10.0
                                                : "",
                                        "",
                                        "",
                                        "" + Math.round(hertz * 28.7),
                                        family.key()),
                                hertz,
                                Optional.of(values.runOhms()),
                                1);
                        asked++;
                        if (band.leastHp() > hp * 1.01 || band.mostHp() < hp * 0.99) {
                            missed.add(family + " " + hp + " hp " + volts + " V: " + band.words());
                        }
                    }
                }
            }
        }
        assertThat(asked).isEqualTo(160);
        assertThat(missed).isEmpty();
    }

    /** A motor of a size whose locked current, amps and so its copper lie anywhere in what is usual. */
    private static MotorValues made(MotorFamily family, double hp, int volts, int hertz, Random random) {
        Given typical =
                Given.typical(family, hp * Plate.WATTS_PER_HP, volts, hertz, 0.035 + 0.02 * random.nextDouble());
        Given varied = new Given(
                family,
                typical.outputWatts(),
                volts,
                Optional.empty(),
                hertz,
                typical.rpm(),
                4,
                typical.lockedKva() * (0.8 + 0.4 * random.nextDouble()),
                true,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return PlateFit.fit(varied).value().orElseThrow().values();
    }

    /** A shaft that such a motor comes with. */
    private static String shaft(double hp, Random random) {
        List<Frame> frames = Frame.ALL.stream()
                .filter(f -> hp >= f.leastHp() && hp <= f.mostHp())
                .toList();
        return Math.round(frames.get(random.nextInt(frames.size())).shaftMillimetres() * 10) / 10.0 + " mm";
    }

    @Test
    @DisplayName("clues that no size fits are not averaged: the band spans them, and is said not to agree")
    void disagreeing() {
        PowerClass band = band(typed("115", "3/8", "12"), 60, Optional.empty(), 0);
        assertThat(band.agree()).isFalse();
        assertThat(band.leastHp()).isLessThanOrEqualTo(1.0 / 12);
        assertThat(band.mostHp()).isGreaterThanOrEqualTo(1);
    }

    @Test
    @DisplayName("a clue is said in the shop's own unit, and survives being kept")
    void inTheShopsUnit() {
        Sentence shaft = band(typed("115", "5/8", ""), 60, Optional.empty(), 0)
                .clues()
                .get(0)
                .words();
        assertThat(Wording.of(Region.NORTH_AMERICA).say(shaft)).contains("A shaft of 0.62 in");
        assertThat(Wording.of(Region.IEC).say(SentenceText.read(SentenceText.write(shaft))))
                .contains("A shaft of 15.9 mm");
    }

    @Test
    @DisplayName("a cord alone tells no size; with nothing else there is no band")
    void aCordIsNoSize() {
        Traces traces = Traces.read(new Traces.Typed("115", "", "", "", "", "14 AWG", "", "", ""))
                .value()
                .orElseThrow();
        assertThat(PowerClass.of(traces, 60, Optional.empty(), 0)).isEmpty();
    }

    @ParameterizedTest(name = "{0} = {1} mm")
    @CsvSource({
        "5/8, 15.875",
        "0.625, 15.875",
        "0.625 in, 15.875",
        "1-1/8, 28.575",
        "14, 14",
        "14 mm, 14",
        "'1,4 cm', 14"
    })
    void lengths(String shaft, double millimetres) {
        assertThat(Traces.read(typed("115", shaft, "")).value().orElseThrow().shaftMillimetres())
                .hasValueSatisfying(
                        mm -> assertThat(mm).isCloseTo(millimetres, org.assertj.core.data.Offset.offset(0.01)));
    }

    @ParameterizedTest(name = "{3}: {0} {1} {2}")
    @CsvSource({
        "'', ten, '', volts",
        "115, 5 ft, '', shaft",
        "115, 500 mm, '', shaft",
        "115, 1/0, '', shaft",
        "115, '', lots, idleAmps",
        "7000, '', '', volts"
    })
    void badInputIsNamed(String volts, String shaft, String idle, String field) {
        assertThat(Traces.read(typed(volts, shaft, idle)).problems())
                .extracting(Problem::field)
                .contains(field);
    }
}
