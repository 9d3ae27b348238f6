package gatepin.core.gear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.gear.SwitchRating.MotorRating;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is stamped on switches, as makers write it (common practice). */
class SwitchRatingTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 HP 120 V, 2 HP 240 V        | 0.75 | 115 | ",
                "1 HP 120 V, 2 HP 240 V        | 1.5  | 230 | ",
                "1 HP 120 V, 2 HP 240 V        | 1.5  | 115 | rated for 1.00 hp at 115 V; the motor has 1.50 hp",
                "3/4HP 115V                    | 0.75 | 115 | ",
                "1-1/2 HP 120-240V             | 1.5  | 230 | ",
                "1 1/2 hp 240 V                | 2    | 230 | rated for 1.50 hp",
                "0,35 kW 230 V                 | 0.5  | 230 | rated for 0.47 hp at 230 V; the motor has 0.50 hp",
                "0.75 kW 230 V                 | 0.5  | 230 | ",
                "2 HP 240 V                    | 0.5  | 115 | other voltages, not for 115 V",
                "20 A 125 V lighting           | 0.5  | 115 | no rating for motors",
                "250V 1HP 125V 1/2HP           | 1    | 115 | rated for 0.50 hp at 115 V",
                "250V 1HP 125V 1/2HP           | 1    | 230 | ",
                "120 VAC - 1 HP / 240 VAC - 2 HP | 2  | 115 | rated for 1.00 hp at 115 V",
                "15A 125VAC 10A 250VAC 3/4HP 125-250VAC | 0.75 | 115 | ",
                "15A 125V 3/4HP, 10A 250V 1-1/2HP | 1.5 | 115 | rated for 0.75 hp at 115 V",
                "125V 1/2HP 250V 1HP 15A 125V  | 1    | 115 | other voltages, not for 115 V",
                "125V 1/2HP 250V 1HP 15A 125V  | 1    | 230 | rated for 0.50 hp",
                "250V 1HP 125V                 | 1    | 115 | other voltages, not for 115 V",
                "1HP 250V 1/2HP                | 1    | 230 | rated for 0.50 hp",
                "15A 125V 1/2HP 1HP 250V       | 1    | 115 | rated for 0.50 hp at 115 V",
                "15A 125V 1/2HP 1HP 250V       | 1    | 230 | ",
                "1HP 120V 2HP 208V 3HP 240V    | 3    | 230 | ",
                "3/4HP 120V 1/2HP 120V         | 0.75 | 115 | rated for 0.50 hp at 115 V",
                "¾ HP 125 V                    | 0.75 | 115 | ",
                "16(8)A 250V~                  | 0.5  | 230 | ",
                "16(8)A 250V~                  | 2    | 230 | motors of 8.00 A at 230 V; this one takes 12.00 A",
                "16(8)A 250V~                  | 0.5  | 115 | no rating for motors",
                "16A 250V~                     | 0.5  | 230 | no rating for motors",
                "''                            | 5    | 115 | "
            })
    void aHorsepowerRatingAtTheVoltageMustCoverTheMotor(String stamped, double hp, int volts, String objection) {
        var found = SwitchRating.read(stamped).objection(hp, volts, Optional.of(12 * hp / 2));

        if (objection == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found)
                    .hasValueSatisfying(o ->
                            assertThat(Wording.of(Region.NORTH_AMERICA).say(o)).contains(objection));
        }
    }

    @Test
    @DisplayName("1 hp = 745.7 W")
    void kilowattsAreReadAsHorsepower() {
        assertThat(SwitchRating.read("1.5 kW 230 V").motorRatings())
                .singleElement()
                .satisfies(r -> assertThat(r.horsepower()).isCloseTo(2.0115, within(0.001)));
        assertThat(SwitchRating.read("1 HP 120/240 V").motorRatings())
                .containsExactly(new MotorRating(1, 120), new MotorRating(1, 240));
        assertThat(SwitchRating.read("1/0 HP 5 V HP kW 99999999999 HP 1").motorRatings())
                .isEmpty();
    }

    @Test
    void aToggleKeepsItsContactsInColumnsADrumDoesNot() {
        assertThat(SwitchKind.TPDT_CENTRE_OFF.hasColumnsApart()).isTrue();
        assertThat(SwitchKind.CROSS_CORNER_DRUM.hasColumnsApart()).isFalse();
        assertThat(SwitchKind.SPRING_DRUM.springReturn()).isTrue();
        assertThat(SwitchKind.SPRING_DRUM.chart()).isEqualTo(SwitchKind.CROSS_CORNER_DRUM.chart());
    }
}
