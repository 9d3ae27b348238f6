package gatepin.core;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.TypedNumber.Field;
import gatepin.core.TypedNumber.Kind;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedNumberTest {
    private static final Field WIDE = Field.of(0.001, 1e9, "v", "volts").and("k", 1e3);

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "12        | GOOD   | 12",
                "12.5      | GOOD   | 12.5",
                "12,5 V    | GOOD   | 12.5",
                ".5        | GOOD   | 0.5",
                "5.        | GOOD   | 5",
                "0,200     | GOOD   | 0.2",
                "1200,500  | GOOD   | 1200.5",
                "1 200     | GOOD   | 1200",
                "1'200'300 | GOOD   | 1200300",
                "1,200,300 | GOOD   | 1200300",
                "1,200.5   | GOOD   | 1200.5",
                "1.200,5 v | GOOD   | 1200.5",
                "1,200     | EITHER | 1.2",
                "1.200     | EITHER | 1.2",
                "12.500 k  | EITHER | 12500",
                "+3        | GOOD   | 3",
                "15k       | GOOD   | 15000",
                "          | BLANK  | 0",
                "-3        | OUT_OF_RANGE | -3",
                "1,20,300  | NO_NUMBER | 0",
                "1.2.3     | NO_NUMBER | 0",
                "1 20      | NO_NUMBER | 0",
                "12 A      | NO_NUMBER | 0",
                "1e3       | NO_NUMBER | 0",
                "NaN       | NO_NUMBER | 0",
                "--3       | NO_NUMBER | 0",
                "V         | NO_NUMBER | 0"
            })
    void aNumberIsReadOrAsked(String typed, Kind kind, double value) {
        TypedNumber number = TypedNumber.read(typed == null ? "" : typed, WIDE);
        assertThat(number.kind()).isEqualTo(kind);
        assertThat(number.value()).isEqualTo(value);
    }

    @Test
    @DisplayName("where only one meaning is possible in the field, that is what it means")
    void theFieldDecidesWhereItCan() {
        assertThat(TypedNumber.read("1,200", Field.of(24, 2000)).value()).isEqualTo(1200);
        assertThat(TypedNumber.read("1,200", Field.of(0.5, 10)).value()).isEqualTo(1.2);
        assertThat(TypedNumber.read("1.200", WIDE.fromADisplay()).value()).isEqualTo(1.2);
        assertThat(TypedNumber.read("1,200", WIDE.fromADisplay()).kind()).isEqualTo(Kind.EITHER);
        assertThat(TypedNumber.read("1,200", WIDE).question("1,200")).contains("can be 1.2 or 1200.");
    }

    @Test
    void whatIsWrittenInAnyUsualWayIsReadAsItWasMeant() {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            double meant = Math.round(random.nextDouble() * Math.pow(10, random.nextInt(6)) * 100) / 100.0;
            String plain = String.format(Locale.ROOT, "%.2f", meant);
            String grouped = String.format(Locale.ROOT, "%,.2f", meant);
            for (String typed : new String[] {
                plain,
                plain.replace('.', ','),
                grouped,
                grouped.replace(',', ' '),
                grouped.replace('.', '#').replace(',', '.').replace('#', ','),
                plain + " V",
                " " + plain + "v "
            }) {
                TypedNumber number = TypedNumber.read(typed, Field.of(0, 1e9, "v"));
                assertThat(number.kind()).as(typed).isEqualTo(Kind.GOOD);
                assertThat(number.value()).as(typed).isEqualTo(meant);
            }
        }
    }

    @Test
    void noTextMakesItThrowOrTakeLong() {
        Random random = new Random(12);
        String letters = "0123456789.,' -+kVΩµ\u00a0\u0661x";
        for (int i = 0; i < 50_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(i % 100 == 0 ? 5000 : 14); k >= 0; k--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            TypedNumber number = TypedNumber.read(text.toString(), WIDE);
            assertThat(Double.isFinite(number.value())).as(text.toString()).isTrue();
        }
    }
}
