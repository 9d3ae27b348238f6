package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Plates of which a part cannot be read: what is gone is asked, and never turns into another figure. */
class ScratchedPlateTest {
    private static final List<String> GAPS = List.of("?", "_", "x", "*", "#", "…", "X");
    private static final Map<Character, String> LIKE = Map.of('0', "O", '1', "l", '5', "S", '8', "B", '2', "Z");
    /** Seeds that nobody looked at while the reader was made. */
    private static final long HELD_OUT = 1_000_000;

    private static String scratched(String text, PlateText sound, Random random) {
        List<Integer> digits = new ArrayList<>();
        for (PlatePiece piece : sound.pieces()) {
            for (int i = piece.start(); i < piece.end(); i++) {
                boolean ofAUnit = text.substring(0, i).endsWith("min-");
                if (piece.kind().isFigure() && !piece.isDoubtful() && !ofAUnit && Character.isDigit(text.charAt(i))) {
                    digits.add(i);
                }
            }
        }
        if (digits.isEmpty()) {
            return text;
        }
        int at = digits.get(random.nextInt(digits.size()));
        String gap = random.nextInt(4) == 0 && LIKE.containsKey(text.charAt(at))
                ? LIKE.get(text.charAt(at))
                : GAPS.get(random.nextInt(GAPS.size()));
        return text.substring(0, at) + gap + text.substring(at + 1);
    }

    @Test
    @DisplayName(
            "a digit that is gone from a printed plate of any style never makes another figure of it, nor of its neighbours")
    void neverInSilence() {
        List<String> wrong = new ArrayList<>();
        int scratched = 0;
        for (long seed = HELD_OUT; seed < HELD_OUT + 6_000; seed++) {
            String text = PlatePrinter.print(seed).text();
            PlateText sound = PlateText.read(text);
            String gone = scratched(text, sound, new Random(seed));
            if (gone.equals(text)) {
                continue;
            }
            scratched++;
            assertThat(sound.doubts())
                    .as("a sound plate has no gap")
                    .noneMatch(d -> d.question().contains("cannot be read"));
            PlateText read = PlateText.read(gone);
            for (Kind kind : Kind.FIGURES) {
                Optional<String> is = read.value(kind);
                if (is.isPresent() && !is.equals(sound.value(kind))) {
                    wrong.add(kind + " of " + gone + ": " + is.orElseThrow());
                } else if (!is.equals(sound.value(kind)) && read.doubts().isEmpty()) {
                    wrong.add(kind + " of " + gone + ": gone without a question");
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(scratched).isGreaterThan(5_900);
    }

    @ParameterizedTest
    @DisplayName("figures as people type them from a worn plate")
    @CsvSource(delimiter = '|', textBlock = """
                    1? HP 115/230V 13.8/6.9A 1725RPM 60HZ        | OUTPUT
                    3/4 HP 1?5/230 VOLTS 8.8/4.4 AMPS 60 CY      | VOLTS
                    HP 3/4 V 115/230 A 8.?/4.4 RPM 1725 HZ 60    | AMPS
                    HP 1/_ V 115 A 8.6 RPM 1725 HZ 60            | OUTPUT
                    V…115/230 A…8.4/4.2 HP…/4 RPM…1725 HZ…60     | OUTPUT
                    1/2 HP 115 V 7.x A 1725 RPM 60 CYCLES        | AMPS
                    1/2 HP 115 V 7.2 A l725 RPM 60 CYCLES        | SPEED
                    1/2 HP 115 V 7.2 A 17Z5 RPM 60 CYCLES        | SPEED
                    1/2 HP 11S V 7.2 A 1725 RPM 60 CYCLES        | VOLTS
                    1/2 HP 115 V 7.2 A 1725 RPM 6O CYCLES        | FREQUENCY
                    0,?7 kW 230 V 2,9 A 50 Hz 1420 min-1         | OUTPUT
                    0,37 kW 2#0 V 2,9 A 50 Hz 1420 min-1         | VOLTS
                    0,37 kW 230 V ?,9 A 50 Hz 1420 min-1         | AMPS
                    VOLTS 115 / 2*0   AMPS 11 / 5.5  HP 3/4      | VOLTS
                    VOLTS: 115-230  AMPS: 11.0-5._  RPM: 1725    | AMPS
                    1725/…425 RPM  60/50 HZ  230 V  1 HP  6 A    | SPEED
                    DREHZAHL 14?0 SPANNUNG 230 STROM 2,9 FREQUENZ 50 | SPEED
                    1/2 HP 115 VOLTS 7.2 AMPS 17?5 REVS 60 CYCLES    | SPEED
                    HORSEPOWER 1/? VOLTAGE 115 CURRENT 7.2 SPEED 1725 | OUTPUT
                    0,5 KW 230 VOLT 2,? AMPERE 50 HERTZ 1425 TR/MIN  | AMPS
                    1/2 HP 115 V 7.2 A 60 ~ 1?25 REV. PER MIN        | SPEED
                    HP x  VOLTS 230  AMPS 12  RPM 1725  HZ 60    | OUTPUT
                    """)
    void asTyped(String text, Kind gone) {
        PlateText read = PlateText.read(text);
        assertThat(read.value(gone)).as("%s", read).isEmpty();
        assertThat(read.doubts()).anyMatch(d -> d.question().contains("cannot be read") || d.kind() == Kind.UNKNOWN);
        for (Kind kind : Kind.FIGURES) {
            if (kind != gone) {
                read.value(kind)
                        .ifPresent(v -> assertThat(text.replace(',', '.')).contains(v.replaceAll("[^\\d.].*", "")));
            }
        }
    }

    @Test
    @DisplayName("it says what it may be, of what such a figure can be")
    void whatItMayBe() {
        assertThat(question("1/2 HP 11? V 7.2 A")).contains("It may be 115 or 110.");
        assertThat(question("1/2 HP 115 V 17?5 RPM")).contains("It may be 1725.");
        assertThat(question("1/2 HP 115 V ?0 HZ")).contains("It may be 60 or 50.");
    }

    private static String question(String text) {
        return PlateText.read(text).doubts().get(0).question();
    }

    @Test
    @DisplayName("numbers that are no figures may have gaps, frames and duties end in letters, leaders lead")
    void whatIsNoGap() {
        PlateText plate = PlateText.read(
                "MODEL 5K?42 SER 12#44 FR 56Z HP ___1/2___ VOLTS....115 AMPS…7.2 RPM ... 1725 HZ: 60 S1 IP5X IEC 100L");
        assertThat(plate.value(Kind.OUTPUT)).contains("1/2 hp");
        assertThat(plate.value(Kind.VOLTS)).contains("115");
        assertThat(plate.value(Kind.AMPS)).contains("7.2");
        assertThat(plate.value(Kind.SPEED)).contains("1725");
        assertThat(plate.value(Kind.FREQUENCY)).contains("60");
        assertThat(plate.value(Kind.FRAME)).contains("56Z");
    }
}
