package gatepin.web.lane;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.format.WiringFile;
import gatepin.core.format.WiringReader;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.words.Wording;
import gatepin.web.RunningDatabase;
import gatepin.web.drawing.Flag;
import gatepin.web.lane.Finding.Level;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** Verdicts on their way to the screen. */
class FindingsTest {
    private static Findings of(String example) throws IOException {
        WiringFile file = WiringReader.read(Files.readString(
                        RunningDatabase.projectRoot().resolve("docs/formats/examples/" + example + ".json")))
                .value()
                .orElseThrow();
        return Findings.of(Analysis.of(file.circuit(), file.rated()), Wording.of(Region.NORTH_AMERICA));
    }

    @Test
    void whatHoldsInBothPositionsIsSaidOnce() throws IOException {
        Findings found = of("apple-scratter");

        assertThat(found.findings())
                .filteredOn(f -> f.title().equals("It starts"))
                .singleElement()
                .satisfies(f -> assertThat(f.at()).isEqualTo("forward reverse"));
        assertThat(found.findings())
                .filteredOn(f -> f.title().contains("hot in OFF"))
                .as("what holds in OFF is read before the handle gets there")
                .singleElement()
                .satisfies(f -> assertThat(f.at()).isEmpty());
    }

    @Test
    void flagsCarryTheNumbersOfTheirFindingsAndShowWhereTheyHold() throws IOException {
        Findings found = of("apple-scratter");

        assertThat(found.flags()).extracting(Flag::number).containsExactly(1, 2);
        assertThat(found.flags()).extracting(Flag::at).containsOnly("off");
        assertThat(found.findings())
                .filteredOn(f -> f.flag() == 1)
                .singleElement()
                .satisfies(f -> assertThat(f.title()).contains("hot in OFF"));
        assertThat(found.findings())
                .filteredOn(f -> f.level() == Level.GOOD)
                .allSatisfy(f -> assertThat(f.flag()).isZero());
    }

    @Test
    void withoutASwitchNothingSpeaksOfPositions() throws IOException {
        Findings found = of("potters-wheel");

        assertThat(found.findings().get(0).level()).isEqualTo(Level.BAD);
        assertThat(found.findings()).allSatisfy(f -> {
            assertThat(f.at()).isEmpty();
            assertThat(f.title() + f.words()).doesNotContain("FORWARD", "REVERSE");
        });
    }
}
