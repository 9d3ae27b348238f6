package gatepin.web.page;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.format.WiringFile;
import gatepin.core.format.WiringReader;
import gatepin.core.verdict.Analysis;
import gatepin.web.RunningDatabase;
import gatepin.web.drawing.Flag;
import gatepin.web.page.Finding.Level;
import gatepin.web.page.RunUpView.Asked;
import gatepin.web.page.RunUpView.Typed;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Verdicts on their way to the screen. */
class FindingsTest {
    private static Findings of(String example) throws IOException {
        WiringFile file = WiringReader.read(Files.readString(
                        RunningDatabase.projectRoot().resolve("docs/formats/examples/" + example + ".json")))
                .value()
                .orElseThrow();
        return Findings.of(Analysis.of(file.circuit(), file.rated()));
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

    @ParameterizedTest
    @CsvSource({
        "CONSTANT, lots, 100, 4, NOTHING, load",
        "CONSTANT, 500, 100, 4, NOTHING, load",
        "CONSTANT, 100, -1, 4, NOTHING, breakaway",
        "CONSTANT, 100, 100, 0, NOTHING, inertia",
        "CONSTANT, 100, 100, NaN, NOTHING, inertia",
        "STEEP, 100, 100, 4, NOTHING, law",
        "CONSTANT, 100, 100, 4, JUMP, then"
    })
    void aRunUpThatCannotBeIsRefusedByItsField(
            String law, String load, String breakaway, String inertia, String then, String field) {
        List<Problem> problems =
                Asked.read(new Typed(law, load, breakaway, inertia, then)).problems();

        assertThat(problems).singleElement().satisfies(p -> {
            assertThat(p.field()).isEqualTo(field);
            assertThat(p.message()).isNotBlank();
        });
    }

    @Test
    void whatIsLeftBlankIsTheUsual() {
        assertThat(Asked.read(new Typed(null, "", null, null, null).filled()).value())
                .contains(Asked.USUAL);
    }

    @ParameterizedTest
    @CsvSource({"1724.4, 1724", "27.1, 27", "6.94, 6.9", "0.214, 0.21", "-3.21, -3.2"})
    void estimatesHaveAsManyFiguresAsTheyAreWorth(double value, String words) {
        assertThat(RunUpWords.number(value)).isEqualTo(words);
    }
}
