package gatepin.web.runup;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.web.runup.RunUpView.Asked;
import gatepin.web.runup.RunUpView.Typed;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RunUpTest {
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
