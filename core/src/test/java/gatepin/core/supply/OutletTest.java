package gatepin.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.supply.BranchCircuit.Asked;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which plug a motor may hang on (NEMA WD 6, IEC 60309, IEC 60884, from memory). */
class OutletTest {
    private static BranchCircuit circuit(Region region, int volts, double horsepower, double amps) {
        return BranchCircuit.size(new Asked(
                        region,
                        volts,
                        region == Region.NORTH_AMERICA && volts > 200,
                        horsepower,
                        Optional.of(amps),
                        5 * amps,
                        1,
                        10))
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} V, {1} hp: {3} {4}")
    @CsvSource({
        "230, 1, 8, NEMA 6-20, stays",
        "230, 1, 8, NEMA 6-15, stays",
        "230, 1, 8, NEMA 6-30, stays",
        "230, 1, 8, NEMA L6-20, stays",
        "230, 1, 8, NEMA 14-30, stays",
        "230, 1, 8, NEMA 10-30, NO_GROUND",
        "230, 1, 8, NEMA 5-15, OTHER_VOLTAGE",
        "230, 1, 8, NEMA L5-20, OTHER_VOLTAGE",
        "230, 3, 17, NEMA 6-15, TOO_SMALL",
        "230, 3, 17, NEMA 6-20, TOO_SMALL",
        "230, 3, 17, NEMA 6-30, stays",
        "115, 0.33, 6, NEMA 5-20, stays",
        "115, 0.33, 6, NEMA 5-15, stays",
        "115, 0.33, 6, NEMA 6-15, OTHER_VOLTAGE",
        "115, 0.33, 6, NEMA 14-50, OTHER_VOLTAGE",
        "115, 1, 16, NEMA 5-15, TOO_SMALL"
    })
    void inNorthAmerica(int volts, double horsepower, double amps, String plug, String what) {
        assertThat(circuit(Region.NORTH_AMERICA, volts, horsepower, amps)
                        .objection(Outlet.named(plug).orElseThrow())
                        .map(Enum::name)
                        .orElse("stays"))
                .isEqualTo(what);
    }

    @ParameterizedTest(name = "{0} A: {1} {2}")
    @CsvSource({
        "5.1, household outlet 16 A, stays",
        "12.5, household outlet 16 A, stays",
        "13.5, household outlet 16 A, TOO_SMALL",
        "9, household outlet 10 A, TOO_SMALL",
        "9, 'household outlet 13 A, fused plug', stays",
        "14, IEC 60309 16 A 2P+E 6h (blue), stays",
        "20, IEC 60309 16 A 2P+E 6h (blue), TOO_SMALL",
        "20, IEC 60309 32 A 2P+E 6h (blue), stays"
    })
    void whereTheMainsAre230Volts(double amps, String plug, String what) {
        assertThat(circuit(Region.IEC, 230, amps / 7, amps)
                        .objection(Outlet.named(plug).orElseThrow())
                        .map(Enum::name)
                        .orElse("stays"))
                .isEqualTo(what);
    }

    @Test
    @DisplayName("a plug of 15 A goes into a straight outlet of 20 A of its own voltage, and into no other")
    void plugs() {
        for (Outlet outlet : Outlet.of(Region.NORTH_AMERICA)) {
            for (Outlet plug : Outlet.of(Region.NORTH_AMERICA)) {
                boolean taken = outlet.equals(plug)
                        || outlet.name().equals("NEMA 5-20") && plug.name().equals("NEMA 5-15")
                        || outlet.name().equals("NEMA 6-20") && plug.name().equals("NEMA 6-15");
                assertThat(outlet.takesPlugOf(plug))
                        .as("%s into %s", plug.name(), outlet.name())
                        .isEqualTo(taken);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Region.class)
    @DisplayName("every name that can be chosen is that of an outlet, once, and what is recommended can be chosen")
    void names(Region region) {
        assertThat(new HashSet<>(Outlets.all(region))).hasSameSizeAs(Outlets.all(region));
        Outlets.all(region).stream()
                .filter(o -> !o.equals(Outlets.FIXED))
                .forEach(o -> assertThat(Outlet.named(o)).as(o).isPresent());
        for (double amps = 1; amps < 60; amps += 0.5) {
            for (int volts : region.volts()) {
                String asked = Outlets.forMotor(region, volts, volts > 200, amps);
                if (!asked.startsWith("none")) {
                    assertThat(Outlets.all(region)).as(asked).anyMatch(asked::startsWith);
                }
            }
        }
    }

    @Test
    @DisplayName(
            "a plug of another land's mains never stays, whatever the motor, and is never one that the shop has for it")
    void ofAnotherLand() {
        for (Region here : Region.values()) {
            for (int volts : here.volts()) {
                for (double amps = 1; amps < 14; amps += 1.5) {
                    BranchCircuit circuit = circuit(here, volts, amps / 12, amps);
                    for (Region there : Region.values()) {
                        for (Outlet plug : Outlet.of(there)) {
                            boolean stays = circuit.objection(plug).isEmpty();
                            assertThat(stays && here != there)
                                    .as("%s at %d V in %s", plug.name(), volts, here)
                                    .isFalse();
                            assertThat(circuit.plugToBuy(plug.name()).isEmpty())
                                    .as("%s at %d V, %.1f A in %s is bought or stays", plug.name(), volts, amps, here)
                                    .isEqualTo(stays);
                            assertThat(circuit.fitsOneOf(List.of(plug)) && here != there)
                                    .isFalse();
                        }
                    }
                    for (String none : List.of("none", "a plug that nobody knows")) {
                        assertThat(circuit.plugToBuy(none)).as(none).isPresent();
                    }
                    assertThat(circuit.plugToBuy(Outlets.FIXED)).isEmpty();
                }
            }
        }
    }

    @Test
    @DisplayName("an outlet as large as the breaker answers that the recommended one is smaller than it")
    void breakers() {
        BranchCircuit starts = BranchCircuit.size(
                        new Asked(Region.NORTH_AMERICA, 230, true, 1, Optional.of(8.0), 60, 1, 10))
                .orElseThrow();
        assertThat(starts.outgrowsOutlet()).isTrue();
        assertThat(starts.outgrowsOutlet(Optional.empty())).isTrue();
        assertThat(starts.outgrowsOutlet(Outlet.named("NEMA 6-15"))).isTrue();
        assertThat(starts.outgrowsOutlet(Outlet.named("NEMA 6-20"))).isFalse();
        assertThat(starts.outgrowsOutlet(Outlet.named("NEMA 5-20")))
                .as("another voltage")
                .isTrue();
        assertThat(starts.mayBeBrokenTooLate(Outlet.named("NEMA 14-50").orElseThrow()))
                .isTrue();
        assertThat(starts.mayBeBrokenTooLate(Outlet.named("NEMA 6-15").orElseThrow()))
                .isFalse();
    }
}
