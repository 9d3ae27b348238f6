package gatepin.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import gatepin.core.supply.BranchCircuit.Asked;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tables and sizing against the published values; every source is named with its figure and was recalled from memory. */
class BranchCircuitTest {
    private static BranchCircuit size(double hp, int volts, double plate, double start, double sf, double metres) {
        return BranchCircuit.size(
                        new Asked(Region.NORTH_AMERICA, volts, volts > 200, hp, Optional.of(plate), start, sf, metres))
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} hp at {1} V: {2} A (NEC Table 430.248, from memory)")
    @CsvSource({
        "0.1667, 115, 4.4",
        "0.25, 230, 2.9",
        "0.3333, 208, 4.0",
        "0.5, 115, 9.8",
        "0.75, 230, 6.9",
        "1, 200, 9.2",
        "1.5, 115, 20",
        "2, 230, 12",
        "3, 208, 18.7",
        "5, 230, 28",
        "7.5, 230, 40",
        "10, 115, 100",
        "0.6, 115, 13.8"
    })
    void fullLoadAmps(double hp, int volts, double amps) {
        assertThat(FullLoadAmps.amps(hp, volts)).hasValue(amps);
    }

    @ParameterizedTest(name = "three-phase, {0} hp: {1} A at 230 V (NEC Table 430.250, from memory)")
    @CsvSource({"0.5, 2.2", "1, 4.2", "3, 9.6", "5, 15.2", "10, 28"})
    void threePhaseFullLoadAmps(double hp, double amps) {
        assertThat(FullLoadAmps.threePhase(hp, 230)).hasValue(amps);
        assertThat(FullLoadAmps.threePhase(hp, 460)).hasValue(amps / 2);
        assertThat(FullLoadAmps.threePhase(hp, 115)).isEmpty();
    }

    @Test
    void theTableEnds() {
        assertThat(FullLoadAmps.amps(15, 230)).isEmpty();
        assertThat(FullLoadAmps.amps(1, 277)).isEmpty();
    }

    @Test
    @DisplayName("5 hp, 230 V: 28 A × 125 % = 35 A takes 8 AWG; breaker up to 250 % = 70 A; fuse up to 175 % = 50 A"
            + " (NEC 430.22, 310.16, 430.52, from memory)")
    void fiveHorsepower() {
        BranchCircuit circuit = size(5, 230, 23, 120, 1.15, 10);

        assertThat(circuit.conductor().name()).isEqualTo("8 AWG");
        assertThat(circuit.breakerHigh()).isEqualTo(70);
        assertThat(circuit.dualElementFuse()).isEqualTo(50);
        assertThat(circuit.ground()).isEqualTo("8 AWG");
        assertThat(circuit.overloadAmps())
                .as("23 A × 1.25 (NEC 430.32, from memory)")
                .isCloseTo(28.75, within(1e-9));
        assertThat(circuit.overloadMost()).as("up to 1.40").isCloseTo(32.2, within(1e-9));
        assertThat(circuit.plug()).isEqualTo("NEMA 6-50");
        assertThat(circuit.whiteIsHot()).isTrue();
    }

    @Test
    @DisplayName(
            "3/4 hp: 115 V takes 12 AWG, 230 V 14 AWG; service factor 1.0 sets the overload to 115 % (from memory)")
    void threeQuarters() {
        BranchCircuit low = size(0.75, 115, 13.8, 55, 1.0, 5);
        BranchCircuit high = size(0.75, 230, 6.9, 27, 1.0, 5);

        assertThat(low.conductor().name()).isEqualTo("12 AWG");
        assertThat(high.conductor().name()).isEqualTo("14 AWG");
        assertThat(low.overloadAmps()).isCloseTo(15.87, within(1e-9));
        assertThat(low.ground())
                .as(
                        "35 A would ask for 10 AWG, but not more than the circuit's own 12 AWG (NEC 250.122(A), from memory)")
                .isEqualTo("12 AWG");
        assertThat(low.plug()).isEqualTo("NEMA 5-20");
        assertThat(high.plug()).isEqualTo("NEMA 6-15");
        assertThat(low.whiteIsHot()).isFalse();
        assertThat(low.outletAmps()).isEqualTo(20);
        assertThat(size(1, 115, 16, 100, 1.0, 5).outgrowsOutlet()).isTrue();
        assertThat(high.outgrowsOutlet()).isFalse();
        assertThat(high.figures())
                .as(
                        "6.9 A on a circuit of 15 A: 18 AWG would carry it but is not protected (NEC 240.5(B), from memory)")
                .anyMatch(f -> f.name().equals("Flexible cord") && f.value().startsWith("16 AWG"));
        assertThat(low.figures())
                .as("13.8 A × 125 % on a cord of two loaded conductors (NEC Table 400.5(A)(1), from memory)")
                .anyMatch(f -> f.name().equals("Flexible cord") && f.value().startsWith("14 AWG"));
    }

    @Test
    @DisplayName("2 × 60 m × 12 A × 4.07 Ω/km (10 AWG, NEC chapter 9 table 8, from memory) = 5.9 V of 230 V")
    void voltageDropTakesALargerSize() {
        BranchCircuit circuit = size(2, 230, 12, 55, 1.0, 60);

        assertThat(circuit.forCurrent().name()).isEqualTo("14 AWG");
        assertThat(circuit.conductor().name()).isEqualTo("10 AWG");
        assertThat(circuit.dropRunning() * 230).isCloseTo(5.86, withinPercentage(1));
        assertThat(circuit.startsWeakly()).as("some 12 % dropped at start").isTrue();
        assertThat(size(2, 230, 12, 55, 1.0, 5).startsWeakly()).isFalse();
        assertThat(circuit.startingTorqueLeft())
                .isCloseTo(Math.pow(1 - 55.0 / 12 * circuit.dropRunning(), 2), within(1e-9));
    }

    @Test
    void metricCircuitsGoByThePlate() {
        BranchCircuit circuit = BranchCircuit.size(new Asked(Region.IEC, 230, false, 0.5, Optional.of(2.9), 14, 1, 20))
                .orElseThrow();

        assertThat(circuit.sizingAmps()).isEqualTo(2.9);
        assertThat(circuit.conductor().name()).isEqualTo("1.5 mm²");
        assertThat(circuit.plug()).contains("IEC 60309 16 A");
        assertThat(circuit.figures()).allSatisfy(f -> assertThat(f.source()).isNotBlank());
        assertThat(circuit.figures()).extracting(BranchCircuit.Figure::value).noneMatch(v -> v.contains("AWG"));
    }

    @Test
    void withoutTableAndPlateThereIsNothingToSize() {
        assertThat(BranchCircuit.size(new Asked(Region.IEC, 230, false, 0.5, Optional.empty(), 14, 1, 20)))
                .isEmpty();
        assertThat(BranchCircuit.size(new Asked(Region.NORTH_AMERICA, 115, false, 0.5, Optional.empty(), 40, 1, 2000)))
                .as("no size keeps the drop in bounds over two kilometres")
                .isEmpty();
    }

    @ParameterizedTest(
            name = "{0}: {1} Ω/1000 ft (NEC chapter 9 table 8, from memory), {2} A (NEC 310.16, from memory)")
    @CsvSource({
        "14 AWG, 3.14, 15",
        "12 AWG, 1.98, 20",
        "10 AWG, 1.24, 30",
        "8 AWG, 0.778, 40",
        "6 AWG, 0.491, 55",
        "4 AWG, 0.308, 70",
        "2 AWG, 0.194, 95"
    })
    void conductors(String name, double ohms, double amps) {
        ConductorSize size = ConductorSize.AWG.stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();

        assertThat(size.ohmsPerKilometre() * 0.3048).isCloseTo(ohms, withinPercentage(0.01));
        assertThat(size.amps()).isEqualTo(amps);
    }
}
