package gatepin.core.ahead;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.ahead.Ahead.Asked;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.rotation.Tool;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What stands ahead of a switch (common practice; IEC 60204-1 and NEC 430, from memory). */
class AheadTest {
    private static List<Kind> musts(Asked asked) {
        return Ahead.of(asked).stream().filter(Ahead::must).map(Ahead::kind).toList();
    }

    @Test
    void aDisconnectAndFusesStandAheadOfEverything() {
        assertThat(musts(new Asked(false, false, false, true, 0, 0, ""))).containsExactly(Kind.DISCONNECT, Kind.FUSES);
    }

    @Test
    void anOverloadIsNeededWhereNoProtectorCarriesAllOfTheCurrent() {
        assertThat(musts(new Asked(false, false, false, true, 1, 6.9, ""))).contains(Kind.OVERLOAD);
        assertThat(musts(new Asked(false, false, false, false, 0, 6.9, ""))).contains(Kind.OVERLOAD);
        assertThat(musts(new Asked(true, false, false, true, 0, 6.9, ""))).contains(Kind.OVERLOAD);
        assertThat(musts(new Asked(false, true, true, true, 0, 6.9, ""))).doesNotContain(Kind.OVERLOAD);
    }

    @Test
    void sawsLathesAndMillsHurtWhenTheyStartUnseen() {
        assertThat(List.of(Tool.LATHE, Tool.MILL, Tool.TABLE_SAW, Tool.BAND_SAW))
                .allMatch(Tool::hurtsUnseen);
        assertThat(List.of(Tool.FAN, Tool.PUMP, Tool.OTHER)).noneMatch(Tool::hurtsUnseen);
    }

    @Test
    void aHandleThatStaysOnALatheNeedsANoVoltReleaseAndContactorsHaveOne() {
        assertThat(musts(new Asked(false, true, true, true, 0, 0, ""))).contains(Kind.NO_VOLT_RELEASE);
        assertThat(musts(new Asked(false, true, false, true, 0, 0, ""))).doesNotContain(Kind.NO_VOLT_RELEASE);
        assertThat(Ahead.of(new Asked(true, true, true, true, 0, 0, "")))
                .extracting(Ahead::kind)
                .doesNotContain(Kind.NO_VOLT_RELEASE);
        assertThat(Ahead.of(new Asked(false, false, true, true, 0, 0, "")))
                .extracting(Ahead::kind)
                .doesNotContain(Kind.NO_VOLT_RELEASE);
    }
}
