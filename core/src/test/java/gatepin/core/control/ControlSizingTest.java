package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.control.ControlSupply.Source;
import gatepin.core.control.ControlWishes.Before;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sizes of NEMA ICS 2, single phase (from memory); coils of usual contactors (common practice). */
class ControlSizingTest {
    private static Ladder on(ControlSupply supply) {
        ControlWishes usual = ControlWishes.USUAL;
        return new ControlWishes(supply, usual.start(), Before.NOTHING, 5, usual.with()).ladder();
    }

    @ParameterizedTest
    @CsvSource({
        "0.33, 115, NEMA size 00",
        "1, 230, NEMA size 00",
        "1, 115, NEMA size 0",
        "2, 230, NEMA size 0",
        "2, 115, NEMA size 1",
        "3, 230, NEMA size 1",
        "3, 115, NEMA size 1P",
        "5, 230, NEMA size 1P",
        "7.5, 230, NEMA size 2",
        "7.5, 115, NEMA size 3",
        "15, 230, NEMA size 3",
        "20, 230, ''"
    })
    void theContactorCarriesTheMotor(double horsepower, int volts, String size) {
        assertThat(ControlSizing.of(on(ControlSupply.LOW), horsepower, volts).contactor())
                .isEqualTo(size);
    }

    @ParameterizedTest
    @CsvSource({"1, 24", "5, 24", "7.5, 120", "15, 120"})
    void theTransformerHoldsAllAndPullsOneIn(double horsepower, int volts) {
        ControlSizing sizing =
                ControlSizing.of(on(new ControlSupply(volts, Source.TRANSFORMER, true, false)), horsepower, 230);
        int transformer = sizing.transformerVoltAmperes().orElseThrow();
        assertThat(transformer).isGreaterThanOrEqualTo(sizing.sealedVoltAmperes());
        assertThat(4.0 * transformer).isGreaterThanOrEqualTo(sizing.inrushVoltAmperes());
        // NEC table 450.3(B), from memory
        assertThat(sizing.fuseAmperes()).isLessThanOrEqualTo(1.67 * transformer / volts);
        assertThat(sizing.fuseAmperes() * volts).isGreaterThanOrEqualTo(sizing.sealedVoltAmperes());
    }

    @ParameterizedTest
    @CsvSource({"120", "230"})
    void theLineNeedsNoTransformer(int volts) {
        assertThat(ControlSizing.of(on(new ControlSupply(volts, Source.LINE, true, false)), 2, 230)
                        .transformerVoltAmperes())
                .isEqualTo(Optional.empty());
    }
}
