package gatepin.core.winding;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.Severity;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What eye and ear say beside the readings: it narrows, and never overrules the meter. */
class EyeTest {
    /** Four leads, two windings of the same ohms: the meter alone cannot say which is which. */
    private static final List<String> LEADS = List.of("1", "2", "3", "4");

    private static Found find(double one, double other, Eye eye) {
        return WindingFinder.find(
                LEADS,
                List.of(
                        MeterReading.of("1", "2", one),
                        MeterReading.of("3", "4", other),
                        MeterReading.of("1", "3", Double.POSITIVE_INFINITY)),
                new Hints(Optional.of(false), Optional.of(1), eye),
                MeterError.USUAL);
    }

    private static List<String> remarks(Found found) {
        return found.remarks().stream().map(r -> r.title().key()).toList();
    }

    private static Eye eye(String thick, String thin) {
        return Eye.read(thick, thin, "", "", LEADS).value().orElseThrow();
    }

    @Test
    @DisplayName("of two windings of nearly the same ohms, the thick one is the run winding")
    void thickIsRun() {
        assertThat(find(4.0, 4.4, Eye.SHUT).fits().size()).isGreaterThan(1);
        Found found = find(4.0, 4.4, eye("3 4", "1 2"));
        assertThat(found.settled())
                .hasValueSatisfying(a -> assertThat(a.parts())
                        .contains(
                                new Part(Part.Role.RUN, List.of("3", "4")),
                                new Part(Part.Role.START, List.of("1", "2"))));
        assertThat(remarks(found)).contains("windings.startBelow.title");
    }

    @Test
    @DisplayName("an eye that no reading goes with is said to differ, and the meter's word is kept")
    void theMetersWordIsKept() {
        Found found = find(2.0, 12.0, eye("3 4", "1 2"));
        assertThat(remarks(found)).contains("windings.eye.title");
        assertThat(found.settled())
                .hasValueSatisfying(a -> assertThat(a.parts()).contains(new Part(Part.Role.RUN, List.of("1", "2"))));
    }

    @Test
    @DisplayName(
            "a sound motor with two halves is not condemned because its plate names one voltage: that is said, and it is settled")
    void aPlateDoesNotCondemn() {
        List<String> leads = List.of("1", "2", "3", "4", "5", "6");
        double open = Double.POSITIVE_INFINITY;
        Found found = WindingFinder.find(
                leads,
                List.of(
                        MeterReading.of("1", "2", 3.0),
                        MeterReading.of("3", "4", 3.0),
                        MeterReading.of("5", "6", 7.5),
                        MeterReading.of("1", "3", open),
                        MeterReading.of("1", "5", open),
                        MeterReading.of("3", "5", open)),
                new Hints(Optional.of(false), Optional.of(1)),
                MeterError.USUAL);
        assertThat(found.state()).isEqualTo(Found.State.SETTLED);
        assertThat(found.fits().get(0).kind()).isEqualTo(Arrangement.Kind.DUAL_VOLTAGE);
        assertThat(remarks(found)).contains("windings.plate.title");
    }

    @Test
    @DisplayName("a ratio outside two to three is unusual and not wrong; inside it nothing is said")
    void unusualRatio() {
        Found far = find(2.0, 11.0, Eye.SHUT);
        assertThat(far.remarks())
                .filteredOn(r -> r.title().key().equals("windings.ratio.title"))
                .hasSize(1)
                .allSatisfy(r -> assertThat(r.severity()).isEqualTo(Severity.WARN));
        assertThat(far.state()).isEqualTo(Found.State.SETTLED);
        assertThat(remarks(find(2.0, 5.0, Eye.SHUT)))
                .doesNotContain("windings.ratio.title", "windings.startBelow.title");
    }

    @Test
    @DisplayName("a colour and the same with a tracer are one winding")
    void tracers() {
        List<String> leads = List.of("black", "black/yellow", "blue", "blue/yellow");
        Arrangement asPaired = new Arrangement(
                Arrangement.Kind.SINGLE_VOLTAGE,
                Set.of(
                        new Part(Part.Role.RUN, List.of("black", "black/yellow")),
                        new Part(Part.Role.START, List.of("blue", "blue/yellow"))));
        Arrangement crossed = new Arrangement(
                Arrangement.Kind.SINGLE_VOLTAGE,
                Set.of(
                        new Part(Part.Role.RUN, List.of("black", "blue")),
                        new Part(Part.Role.START, List.of("black/yellow", "blue/yellow"))));
        Eye eye = Eye.read("", "", "1", "no", leads).value().orElseThrow();
        assertThat(eye.allows(asPaired)).isTrue();
        assertThat(eye.allows(crossed)).isFalse();
    }

    @Test
    @DisplayName("what cannot be is said by its field, and nothing is taken of it")
    void badInput() {
        assertThat(Eye.read("9", "1", "7", "", LEADS).problems())
                .extracting(Problem::field)
                .containsExactly("thick", "humps");
        assertThat(Eye.read("1", "1", "", "", LEADS).problems())
                .extracting(Problem::field)
                .containsExactly("thin");
    }
}
