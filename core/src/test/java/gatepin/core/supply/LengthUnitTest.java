package gatepin.core.supply;

import static gatepin.core.supply.LengthUnit.FEET;
import static gatepin.core.supply.LengthUnit.METRES;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Kind;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LengthUnitTest {
    private static double read(LengthUnit unit, String typed) {
        TypedNumber number = unit.read(typed, 0, 1000);
        assertThat(number.kind()).as(typed).isEqualTo(Kind.GOOD);
        return number.value();
    }

    @Test
    void aFootIsAFoot() {
        assertThat(read(FEET, "50")).isEqualTo(15.24);
        assertThat(read(FEET, "12,5 ft")).isEqualTo(3.81);
        assertThat(read(FEET, "3 m")).isEqualTo(3);
        assertThat(read(METRES, "10 feet")).isEqualTo(3.048);
        assertThat(METRES.read("far", 0, 1000).kind()).isEqualTo(Kind.NO_NUMBER);
        assertThat(METRES.read("", 0, 1000).kind()).isEqualTo(Kind.BLANK);
        assertThat(METRES.read("-4", 0, 1000).kind()).isEqualTo(Kind.OUT_OF_RANGE);
        assertThat(FEET.read("1,000 ft", 0, 1000).kind())
                .as("a thousand feet, or one")
                .isEqualTo(Kind.EITHER);
    }

    @Test
    void wordsOfEachRegion() {
        assertThat(FEET.distance(22)).isEqualTo("72 ft");
        assertThat(METRES.distance(22)).isEqualTo("22 m");
        assertThat(FEET.cut(1.8)).isEqualTo("5 ft 11 in");
        assertThat(FEET.cut(0.12)).isEqualTo("5 in");
        assertThat(FEET.cut(0.6096)).isEqualTo("2 ft");
        assertThat(METRES.cut(1.8)).isEqualTo("1.80 m");
        assertThat(FEET.toBuy(1.824)).isEqualTo("6 ft");
        assertThat(METRES.toBuy(1.824)).isEqualTo("1.9 m");
        assertThat(FEET.strip(9)).isEqualTo("3/8 in");
        assertThat(FEET.strip(12)).isEqualTo("1/2 in");
        assertThat(METRES.strip(12)).isEqualTo("12 mm");
    }

    @Test
    void whatIsShownIsReadBackAndNothingIsCutShort() {
        Random random = new Random(1);
        for (int i = 0; i < 500; i++) {
            double metres = random.nextDouble() * 100;
            for (LengthUnit unit : LengthUnit.values()) {
                assertThat(read(unit, unit.typed(metres))).isCloseTo(metres, within(0.06));
            }
            assertThat(Double.parseDouble(METRES.cut(metres).replace(" m", ""))).isGreaterThanOrEqualTo(metres - 1e-6);
            assertThat(Double.parseDouble(FEET.toBuy(metres).replace(" ft", "")) * 0.3048)
                    .isGreaterThanOrEqualTo(metres - 1e-6);
        }
    }
}
