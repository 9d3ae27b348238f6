package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PlateOpinionTest {
    private static final Wording SAID = Wording.of(Region.NORTH_AMERICA);

    private static List<PlateOpinion> opinions(String text, Region region) {
        return PlateOpinion.of(
                PlateReader.read(PlateText.read(text).fields()).value().orElseThrow(), region);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM | DANGER | three-phase motor | hums and burns",
                "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM | GOOD | Nine leads | T4 T5 T6 joined",
                "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM | GOOD | exchange | shaft diameter and key",
                "1 HP 3 PH 230/460 V 3.4/1.7 A 60 HZ 1725 RPM | GOOD | 230 V: 1354 VA in | √3 × volts × amps",
                "5 HP 3 PH 230/460 V 38/19 A 60 HZ 1725 RPM | WARN | far from the table's 15.2 A | Table 430.250",
                "UNIVERSAL 1/3 HP 115 V 6 A 60 HZ 3450 RPM | DANGER | universal motor | armature or field",
                "SHADED POLE 1/20 HP 115 V 1.9 A 1550 RPM 60 HZ | DANGER | shaded-pole | cannot be reversed",
                "HERMETIC 1/3 HP 115 V 6 A 60 HZ 3450 RPM | DANGER | sealed motor | not meant to reverse",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM | WARN | Family not stated | One hump and a click",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM SPLIT PHASE | GOOD | Family: split phase | follow from it",
                "3/4 HP 115 V 13.8 A 60 HZ 1725 RPM CODE K | GOOD | 52 to 59 A at 115 V | Code K: 8.00 to 9.00 kVA",
                "3/4 HP 115 V 25 A 60 HZ 1725 RPM | WARN | far from the table's 13.8 A | misread",
                "3/4 HP 115/230 V 13.8/13.8 A 60 HZ 1725 RPM | WARN | do not agree | about 6.9 A",
                "0.37 kW 230 V 2.9 A 50 Hz 1420 rpm | WARN | 50 Hz motor on 60 Hz | about 1704 rpm",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM DUTY 15 MIN | WARN | all day | 15 min",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM SF 1.25 | GOOD | Service factor 1.25 | 25 % overload",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM NON-REVERSIBLE | WARN | not reversible | joined inside",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM T.P. AUTO | WARN | resets by itself | without warning",
                "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM CCW OPE | GOOD | counter-clockwise | end opposite the shaft"
            })
    void whatAPlateTells(String text, Severity severity, String title, String words) {
        assertThat(opinions(text, Region.NORTH_AMERICA)).anySatisfy(o -> {
            assertThat(o.severity()).isEqualTo(severity);
            assertThat(SAID.say(o.title())).contains(title);
            assertThat(SAID.say(o.words())).contains(words);
        });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("gatepin.core.plate.PlateTextTest#corpus")
    void everyReadablePlateGetsItsOpinions(String line) {
        PlateReader.read(PlateText.read(line.split("=>")[0]).fields())
                .value()
                .ifPresent(plate -> assertThat(PlateOpinion.of(plate, Region.IEC))
                        .hasSizeGreaterThanOrEqualTo(3)
                        .allSatisfy(o -> assertThat(SAID.say(o.title()) + SAID.say(o.words()))
                                .doesNotContain("NaN", "null", "%%")
                                .isNotBlank()));
    }
}
