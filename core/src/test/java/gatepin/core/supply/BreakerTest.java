package gatepin.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.supply.Breaker.Ride;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Instantaneous bands of IEC 60898-1 (from memory): B 3–5, C 5–10, D 10–20 times the rating. */
class BreakerTest {
    @ParameterizedTest
    @CsvSource({
        "B, 16, 40, 0.2, HOLDS",
        "B, 16, 60, 0.2, MAY_TRIP",
        "B, 16, 90, 0.2, TRIPS",
        "C, 16, 60, 0.2, HOLDS",
        "C, 16, 100, 0.2, MAY_TRIP",
        "D, 16, 150, 0.02, HOLDS",
        "INVERSE_TIME, 15, 60, 0.25, HOLDS",
        "INVERSE_TIME, 15, 60, 3, MAY_TRIP",
        "INVERSE_TIME, 15, 60, 40, TRIPS",
        "INVERSE_TIME, 15, 18, 3600, HOLDS"
    })
    void startingCurrents(Breaker type, double rating, double amps, double seconds, Ride ride) {
        assertThat(type.ride(rating, amps, seconds)).isEqualTo(ride);
    }

    @Test
    void theSmallestThatHolds() {
        assertThat(Breaker.INVERSE_TIME.smallestThatHolds(6.9, 28, 0.3)).isEqualTo(15);
        assertThat(Breaker.C.smallestThatHolds(6.9, 90, 0.1)).isEqualTo(20);
        assertThat(Breaker.B.smallestThatHolds(6.9, 1000, 0.1)).isZero();
    }
}
