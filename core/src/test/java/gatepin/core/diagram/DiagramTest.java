package gatepin.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gatepin.core.format.FactsJson;
import gatepin.core.job.Kept;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Leads with the columns of their diagram. */
class DiagramTest {
    private static final DiagramPattern SIX = DiagramPattern.ALL.stream()
            .filter(p -> p.key().equals("six-lead"))
            .findFirst()
            .orElseThrow();
    private static final Leads LEADS = Leads.read(SIX.leads()).value().orElseThrow();
    private static final Diagram BOTH =
            Diagram.NONE.with(LEADS).with(column(115)).with(column(230));

    private static Column column(int volts) {
        return new Column(
                ConnectionReader.read(SIX.column(volts, List.of(115, 230)), LEADS)
                        .value()
                        .orElseThrow(),
                new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END));
    }

    @Test
    @DisplayName("a column serves every voltage of its connection")
    void nearVoltages() {
        assertThat(BOTH.at(240).orElseThrow().connection().volts()).isEqualTo(240);
        assertThat(BOTH.at(240).orElseThrow().connection().marks())
                .isEqualTo(BOTH.columns().get(230).connection().marks());
        assertThat(BOTH.at(460)).isEmpty();
    }

    @Test
    @DisplayName(
            "a lead that is gone leaves the columns; a column that interchanged it goes; the others stay as they are")
    void goneLeads() {
        Leads without2 = new Leads(
                LEADS.all().stream().filter(l -> !l.mark().equals("T2")).toList());
        Diagram left = BOTH.with(without2);
        assertThat(left.columns()).containsOnlyKeys(115, 230);
        assertThat(left.columns().values())
                .allSatisfy(c -> assertThat(c.connection().marks()).noneMatch(g -> g.contains("T2")));

        Leads without5 = new Leads(
                LEADS.all().stream().filter(l -> !l.mark().equals("T5")).toList());
        assertThat(BOTH.with(without5).columns()).as("T5 was interchanged").isEmpty();

        Leads dyed = new Leads(LEADS.all().stream()
                .map(l -> new Lead(l.mark(), "green", l.ends()))
                .toList());
        assertThat(BOTH.with(dyed).columns()).isEqualTo(BOTH.columns());
    }

    @Test
    @DisplayName("a bump turns what states the wrong direction, and nothing else")
    void turned() {
        Diagram mixed = BOTH.with(new Column(BOTH.columns().get(115).connection(), StatedRotation.NOT_STATED));
        Diagram turned = mixed.turned(Direction.CLOCKWISE);
        assertThat(turned.columns().get(230).rotation())
                .isEqualTo(new StatedRotation(Direction.COUNTER_CLOCKWISE, End.SHAFT_END));
        assertThat(turned.columns().get(115)).isEqualTo(mixed.columns().get(115));
        assertThat(turned.turned(Direction.CLOCKWISE)).isEqualTo(turned);
    }

    @Test
    @DisplayName(
            "it is kept and read again as it is, marks in their natural order; what joins no lead of it is refused")
    void asJson() {
        String written = FactsJson.write(BOTH);
        assertThat(FactsJson.with(Kept.NOTHING, "diagram", written).find(Diagram.PART))
                .contains(BOTH);
        for (String bad : List.of(
                written.replaceFirst("\"T1\"", "\"T9\""),
                written.replace("\"volts\":230", "\"volts\":231"),
                written.replace("\"first\":\"T5\"", "\"first\":\"T7\""),
                written.replaceFirst(",\"columns\":\\{.*\\}\\}$", "}"),
                written.replaceFirst("\"colour\":\"[^\"]*\"", "\"colour\":\"" + "x".repeat(31) + "\""))) {
            assertThat(bad).isNotEqualTo(written);
            assertThatThrownBy(() -> FactsJson.with(Kept.NOTHING, "diagram", bad))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> new Diagram(new Leads(List.of()), Map.of(115, column(115))))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
