package gatepin.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Link;
import gatepin.web.drawing.Chart.Line;
import gatepin.web.drawing.Chart.Moment;
import gatepin.web.drawing.Chart.Tick;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Charts and boards keep inside their frame, and nothing written in them touches. */
class ChartTest {
    private static final double[] X = {0, 0.1, 0.25, 0.5};

    private static List<Chart> chart(double... y) {
        return new ChartPainter("Speed", "words", "s", "rpm")
                .curve("run", "one", X, y)
                .curve("start", "two", X, new double[] {0, 0, 0, 0})
                .curve("line", "three", X, new double[] {1, 1, 1, 0.1})
                .ribbon("run", X, new double[] {0, 0, 0, 0}, y)
                .moment(0.1, "first")
                .moment(0.105, "second")
                .moment(0.4, "third")
                .paint();
    }

    @ParameterizedTest
    @CsvSource({"1735", "0.004", "27", "-1735", "1e5"})
    void curvesStayInsideAndTicksAreRound(double most) {
        for (Chart chart : chart(0, most / 2, most, most)) {
            for (Line line : chart.lines()) {
                for (double[] point : points(line.path())) {
                    assertThat(point[0]).isBetween(chart.left() - 0.1, chart.right() + 0.1);
                    assertThat(point[1]).isBetween(chart.top() - 0.1, chart.bottom() + 0.1);
                }
            }
            assertThat(chart.yTicks()).hasSizeBetween(2, 8);
            assertThat(chart.yTicks())
                    .extracting(Tick::text)
                    .doesNotHaveDuplicates()
                    .contains(zero(chart));
            assertThat(chart.zero()).isBetween((double) chart.top(), (double) chart.bottom());
        }
    }

    private static String zero(Chart chart) {
        return chart.yTicks().stream()
                .filter(t -> Math.abs(t.at() - chart.zero()) < 0.1)
                .findFirst()
                .orElseThrow()
                .text();
    }

    private static List<double[]> points(String path) {
        return Arrays.stream(path.split("[ML]"))
                .filter(p -> !p.isBlank())
                .map(p -> Arrays.stream(p.trim().split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toList();
    }

    @Test
    void namesAndLettersDoNotTouch() {
        for (Chart chart : chart(0, 1, 2, 0.05)) {
            List<Double> names =
                    chart.lines().stream().map(Line::nameY).sorted().toList();
            for (int i = 1; i < names.size(); i++) {
                assertThat(names.get(i) - names.get(i - 1)).isGreaterThanOrEqualTo(18.9);
            }
            assertThat(names.get(names.size() - 1)).isLessThanOrEqualTo(chart.bottom());
            assertThat(chart.moments()).extracting(Moment::letter).containsExactly("a", "b", "c");
            assertThat(chart.moments().get(0).textY())
                    .as("letters near each other stand one above the other")
                    .isNotEqualTo(chart.moments().get(1).textY());
        }
    }

    @Test
    void aBoardMarksWhatMovesAndStaysInItsFrame() {
        StudBoard board = new StudBoard(List.of(List.of("U1", "V1"), List.of("U2", "V2")));
        Layout found = new Layout(
                new TreeSet<>(List.of(new Link("V1", "U1"), new Link("U2", "V2"))),
                new TreeMap<>(Map.of("L1", "U1", "L2", "U2", "Z1", "U1")));
        Layout wanted = new Layout(
                new TreeSet<>(List.of(new Link("U1", "V1"))),
                new TreeMap<>(Map.of("L1", "U1", "L2", "V2", "Z1", "U1")));

        BoardPicture picture = BoardPicture.of("As found", board, found, wanted);

        assertThat(picture.links()).filteredOn(BoardPicture.Bar::changes).hasSize(1);
        assertThat(picture.leads())
                .filteredOn(BoardPicture.Tag::changes)
                .extracting(BoardPicture.Tag::mark)
                .containsExactly("L2");
        assertThat(picture.leads()).allSatisfy(t -> {
            assertThat(t.x() + 22).isLessThan(picture.width());
            assertThat(t.y() + 14).isLessThan(picture.height());
        });
        assertThat(picture.leads().stream().map(t -> t.x() + "," + t.y())).doesNotHaveDuplicates();
    }
}
