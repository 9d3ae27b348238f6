package gatepin.core.supply;

import static gatepin.core.supply.LengthUnit.FEET;
import static gatepin.core.supply.LengthUnit.METRES;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LengthUnitTest {
    @Test
    void aFootIsAFoot() {
        assertThat(FEET.metres("50").getAsDouble()).isEqualTo(15.24);
        assertThat(FEET.metres("12,5 ft").getAsDouble()).isEqualTo(3.81);
        assertThat(FEET.metres("3 m").getAsDouble()).isEqualTo(3);
        assertThat(METRES.metres("10 feet").getAsDouble()).isEqualTo(3.048);
        assertThat(METRES.metres("far")).isEmpty();
        assertThat(METRES.metres("")).isEmpty();
        assertThat(METRES.metres("-4")).isEmpty();
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
                assertThat(unit.metres(unit.typed(metres)).getAsDouble()).isCloseTo(metres, within(0.06));
            }
            assertThat(Double.parseDouble(METRES.cut(metres).replace(" m", ""))).isGreaterThanOrEqualTo(metres - 1e-6);
            assertThat(Double.parseDouble(FEET.toBuy(metres).replace(" ft", "")) * 0.3048)
                    .isGreaterThanOrEqualTo(metres - 1e-6);
        }
    }
}
