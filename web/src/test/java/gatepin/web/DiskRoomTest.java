package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiskRoomTest {
    @ParameterizedTest(name = "{1} of {0} bytes left: {2}")
    @CsvSource(
            nullValues = "-",
            value = {
                "1000000000, 500000000, -",
                "1000000000, 100000000, -",
                "1000000000,  70000000, 'The disk is 93 % full, 70 MB are left.'",
                "1000000000,         0, 'The disk is 100 % full, 0 MB are left.'",
                "         0,         0, -"
            })
    void itIsSaidFromNinetyPercentOn(long total, long usable, String words) {
        if (words == null) {
            assertThat(DiskRoom.words(total, usable)).isEmpty();
        } else {
            assertThat(DiskRoom.words(total, usable)).startsWith(words);
        }
    }
}
