package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import gatepin.core.plate.PlatePiece.Kind;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Plates of our own invention in many styles, all made-up. */
class PlateTextTest {
    static Stream<String> corpus() {
        return Stream.of("plates.txt", "plates-2.txt", "plates-3.txt", "plates-4.txt")
                .flatMap(PlateTextTest::lines);
    }

    private static Stream<String> lines(String file) {
        try (InputStream in = PlateTextTest.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(l -> !l.startsWith("#") && !l.isBlank())
                            .map(l -> l.replace("\\n", "\n"))
                            .toList()
                            .stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<String> silent() {
        return corpus().filter(l -> !l.startsWith("?"));
    }

    @Test
    void theCorpusIsLargeEnough() {
        assertThat(corpus()).hasSizeGreaterThanOrEqualTo(150);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("silent")
    void platesAreReadPieceByPiece(String line) {
        String[] sides = line.split("=>");
        String[] wanted = sides[1].split("\\|", -1);
        PlateText plate = PlateText.read(sides[0].strip());

        assertThat(plate.value(Kind.OUTPUT).orElse(""))
                .as("output in " + plate)
                .isEqualTo(wanted[0].strip().replace("1 1/2", "1-1/2"));
        assertThat(plate.value(Kind.VOLTS).orElse("")).as("volts in " + plate).isEqualTo(wanted[1].strip());
        assertThat(plate.value(Kind.AMPS).orElse("")).as("amps in " + plate).isEqualTo(wanted[2].strip());
        assertThat(plate.value(Kind.FREQUENCY).orElse(""))
                .as("hertz in " + plate)
                .isEqualTo(wanted[3].strip());
        assertThat(plate.value(Kind.SPEED).orElse("")).as("rpm in " + plate).isEqualTo(wanted[4].strip());
        for (String further : wanted[5].strip().split("\\s+")) {
            if (!further.isBlank()) {
                String[] pair = further.split("=");
                assertThat(plate.value(Kind.valueOf(pair[0].toUpperCase(Locale.ROOT))))
                        .as(pair[0] + " in " + plate)
                        .hasValue(pair[1].replace('_', ' '));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM 42         | 42    | Write its unit",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM ZORK       | ZORK  | not understood",
                "1/2 HP 3/4 HP 115 V                          | 3/4 HP | A second output",
                "1/3 HP 115 V 60 HZ CW                        | CW    | does not say from which end",
                "1/3 HP 115 V 60 HZ CW FACING LEAD END        | CW FACING LEAD END | Look whether it is",
                "0.25 kW 230V 50/60Hz                         | 50/60Hz | allows 50 and 60 Hz"
            })
    void doubtfulPiecesAreAskedAbout(String text, String piece, String question) {
        assertThat(PlateText.read(text).doubts()).singleElement().satisfies(p -> {
            assertThat(p.text()).isEqualTo(piece);
            assertThat(p.question()).contains(question);
        });
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1/2 HP 1725 115 V 60 CY 8.2 A  | 1725    | SPEED     | 1725",
                "3/4 HP 115/230 13.8/6.9 A 60 HZ 1725 RPM | 115/230 | VOLTS | 115/230",
                "1/2 115 V 60 CY 8.2 A 1725 RPM | 1/2     | OUTPUT    | 1/2 hp"
            })
    void aNumberThatOnlyOneFigureCanBeIsOfferedAndTakenWhenConfirmed(
            String text, String number, Kind kind, String value) {
        PlateText plate = PlateText.read(text);

        assertThat(plate.value(kind)).as("before it is confirmed").isEmpty();
        PlatePiece guess = plate.doubts().get(0);
        assertThat(guess.text()).isEqualTo(number);
        assertThat(guess.isGuess()).isTrue();
        PlateText confirmed = PlateText.read(plate.confirmed(guess.start()));
        assertThat(confirmed.value(kind)).hasValue(value);
        assertThat(confirmed.doubts()).isEmpty();
        assertThat(plate.confirmed(9999)).isEqualTo(plate.text());
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "HP.5 V115 A8 HZ60 RPM1725  | OUTPUT | Is it .5 or 5?",
                "V 115 A                    | VOLTS  | the voltage, or the current",
                "A 115 V                    | AMPS   | the current, or the voltage",
                "110/220 A                  | VOLTS  | Is 110/220 the voltage?",
                "HZ 60/50 RPM 1725/1425     | SPEED  | Two speeds",
                "OUTPUT RPM 58 RATIO 30:1   | OUTPUT_SPEED | turns about 1740 rpm"
            })
    void whatCouldBeTwoThingsIsAskedAndNothingGetsAFigureThatItCannotBe(String text, Kind kind, String question) {
        PlateText plate = PlateText.read(text);

        assertThat(plate.value(kind)).as(plate.toString()).isEmpty();
        assertThat(plate.value(Kind.AMPS)).as("no volts become amps").isNotEqualTo(java.util.Optional.of("110/220"));
        assertThat(plate.doubts())
                .filteredOn(d -> d.kind() == kind)
                .extracting(PlatePiece::question)
                .anyMatch(q -> q.contains(question));
    }

    @Test
    void ofAPlateForTwoFrequenciesTheFiguresOfTheOwnOneAreTaken() {
        PlateText plate = PlateText.read("HP 1/2 V 115 A 8/9.6 HZ 60/50 RPM 1725/1425");

        TypedPlate here = plate.at(60).fields();
        assertThat(List.of(here.at(PlateField.HERTZ), here.at(PlateField.RPM), here.at(PlateField.LOW_AMPS)))
                .containsExactly("60", "1725", "8");
        TypedPlate there = plate.at(50).fields();
        assertThat(List.of(there.at(PlateField.HERTZ), there.at(PlateField.RPM), there.at(PlateField.LOW_AMPS)))
                .containsExactly("50", "1425", "9.6");
        assertThat(plate.fields().at(PlateField.RPM))
                .as("nobody said where it is to run")
                .isEmpty();
        PlateText dual =
                PlateText.read("HP 1/2 V 115/230 A 8/4 HZ 60/50 RPM 1725/1425").at(60);
        assertThat(dual.value(Kind.AMPS)).as("amps of two voltages").hasValue("8/4");
        PlateText one = PlateText.read("HP 1/2 V 115 A 8 HZ 60 RPM 1725");
        assertThat(one.at(50).pieces()).as("a plate for one frequency").isEqualTo(one.pieces());
    }

    @Test
    void fieldsAreFilledForTheForm() {
        TypedPlate typed = PlateText.read(
                        "1-1/2 HP 115/208-230 V 18.4/9.6-9.2 A 1PH 60HZ 1725 RPM CODE K START CAP 500 MFD")
                .fields();

        assertThat(typed)
                .isEqualTo(TypedPlate.of(
                        "1-1/2",
                        "hp",
                        "115",
                        "18.4",
                        "208-230",
                        "9.6-9.2",
                        "60",
                        "1725",
                        "",
                        "K",
                        "500",
                        "",
                        typed.at(PlateField.TEXT)));
        assertThat(PlateReader.read(typed).problems()).isEmpty();
    }

    static LongStream seeds() {
        return LongStream.range(0, 400);
    }

    /** Printing a plate in any of many styles and reading it back gives it again. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void whatIsPrintedIsReadBack(long seed) {
        Random random = new Random(seed);
        boolean metric = random.nextBoolean();
        String output =
                pick(random, metric ? List.of("0.18", "0.37", "1.1", "2.2") : List.of("1/4", "3/4", "1-1/2", "5"));
        boolean dual = !metric && random.nextBoolean();
        String volts = dual ? "115/230" : metric ? "230" : "115";
        String amps = dual ? "13.8/6.9" : pick(random, List.of("2.9", "7.4", "12"));
        String hertz = metric ? "50" : "60";
        String rpm = pick(random, metric ? List.of("1420", "2850", "940") : List.of("1725", "3450", "1140"));
        boolean comma = metric && random.nextBoolean();
        boolean labelFirst = random.nextBoolean();
        List<String> parts = new java.util.ArrayList<>(List.of(
                labelFirst && !metric
                        ? "HP " + output
                        : output + pick(random, List.of("", " ")) + (metric ? "kW" : "HP"),
                labelFirst ? "VOLTS " + volts : volts + pick(random, List.of("V", " V", " VOLTS", " VAC")),
                labelFirst ? "AMPS " + amps : amps + pick(random, List.of("A", " A", " AMPS")),
                labelFirst ? "HZ " + hertz : hertz + pick(random, List.of("HZ", " Hz", " CY")),
                labelFirst ? "RPM " + rpm : rpm + pick(random, List.of("RPM", " RPM", " r/min"))));
        java.util.Collections.shuffle(parts, random);
        String text = String.join(pick(random, List.of(" ", "  ", ", ", "\n")), parts);
        if (comma) {
            text = text.replaceAll("(\\d)\\.(\\d)", "$1,$2");
        }

        PlateText plate = PlateText.read(text);

        assertThat(plate.value(Kind.OUTPUT)).as(text).hasValue(output + (metric ? " kW" : " hp"));
        assertThat(plate.value(Kind.VOLTS)).as(text).hasValue(volts);
        assertThat(plate.value(Kind.AMPS)).as(text).hasValue(amps);
        assertThat(plate.value(Kind.FREQUENCY)).as(text).hasValue(hertz);
        assertThat(plate.value(Kind.SPEED)).as(text).hasValue(rpm);
        assertThat(plate.doubts()).as(text).isEmpty();
    }

    private static String pick(Random random, List<String> from) {
        return from.get(random.nextInt(from.size()));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void nothingTypedMakesItFail(long seed) {
        Random random = new Random(seed);
        StringBuilder text = new StringBuilder();
        int length = random.nextInt(300);
        for (int i = 0; i < length; i++) {
            text.append(
                    random.nextInt(4) > 0
                            ? "0123456789/-., VAHPCWRM%°µ~".charAt(random.nextInt(27))
                            : (char) random.nextInt(0xD7FF));
        }

        assertThatCode(() -> {
                    PlateText plate = PlateText.read(text.toString());
                    plate.fields();
                    int before = 0;
                    for (PlatePiece piece : plate.pieces()) {
                        assertThat(piece.start()).isGreaterThanOrEqualTo(before);
                        before = piece.end();
                    }
                })
                .as("seed %d: %s", seed, text)
                .doesNotThrowAnyException();
    }
}
