package gatepin.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.supply.SupplyAdvice.Needs;
import gatepin.core.supply.SupplyAdvice.Option;
import gatepin.core.supply.SupplyAdvice.Rated;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SupplyAdviceTest {
    private static Needs dual(double hp, double lowAmps) {
        return new Needs(
                hp,
                1.15,
                8.5 * hp,
                List.of(new Rated(115, Optional.of(lowAmps)), new Rated(230, Optional.of(lowAmps / 2))));
    }

    @ParameterizedTest(name = "{0} hp, {1} A, {2} m: {3} V")
    @CsvSource({"0.75, 13.8, 5, 230", "0.25, 5.0, 5, 115", "0.25, 5.0, 80, 230", "2, 24, 10, 230"})
    void heavyOrFarAwayTakesTheHigherVoltage(double hp, double amps, double metres, int volts) {
        SupplyAdvice advice = SupplyAdvice.compare(dual(hp, amps), Region.NORTH_AMERICA, metres);

        assertThat(advice.recommended().orElseThrow().volts()).isEqualTo(volts);
        assertThat(advice.reasons()).isNotEmpty();
        assertThat(advice.options()).hasSize(2);
    }

    @Test
    void aShopWithoutTheLowerVoltageIsNotSentThere() {
        SupplyAdvice advice = SupplyAdvice.compare(dual(0.25, 5), Region.IEC, 5);

        assertThat(advice.recommended().map(Option::volts)).contains(230);
        assertThat(advice.at(230).orElseThrow().name(Region.IEC)).contains("line and neutral");
        assertThat(advice.at(115)).isPresent();
        assertThat(advice.at(400)).isEmpty();
    }

    @Test
    void linesAreCalledByTheirRegion() {
        SupplyAdvice advice = SupplyAdvice.compare(dual(0.25, 5), Region.NORTH_AMERICA, 5);

        assertThat(advice.at(230).orElseThrow().name(Region.NORTH_AMERICA)).isEqualTo("230 V, two hots");
        assertThat(advice.at(115).orElseThrow().name(Region.NORTH_AMERICA)).isEqualTo("115 V, hot and neutral");
    }

    @Test
    void withoutAnyCurrentNothingIsRecommended() {
        Needs silent = new Needs(0.4, 1, 3, List.of(new Rated(230, Optional.empty())));

        SupplyAdvice advice = SupplyAdvice.compare(silent, Region.IEC, 5);

        assertThat(advice.recommended()).isEmpty();
        assertThat(advice.reasons()).singleElement().asString().contains("No circuit can be sized");
    }
}
