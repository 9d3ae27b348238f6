package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.job.Gate;
import gatepin.core.straight.Choices;
import gatepin.core.straight.Mains;
import gatepin.web.Figures;
import gatepin.web.RunningDatabase;
import gatepin.web.RunningGatePin;
import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Straight to the wires over HTTP: nothing named, nothing saved; then a job of it. */
class StraightTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    @Test
    @DisplayName("four taps to the wires in an empty yard, under five hundred words at each; one more and it is a job")
    void aNewcomer() {
        try (var context = RunningGatePin.on(RunningDatabase.startNew("straight"), "gatepin.demo=false")) {
            Visit first = new Visit(RunningGatePin.address(context));
            first.go("/");
            for (String tile : List.of("Four leads", "120 V", "3PDT toggle, centre off", "both ways")) {
                assertThat(first.all(".bench"))
                        .as("the answer stands there from the first")
                        .hasSize(2);
                assertThat(first.all("details.question[open]")).hasSize(1);
                new Gates(first).tapTile(tile);
            }
            assertThat(first.all("details.question[open]")).isEmpty();
            assertThat(first.all(".wires-told li")).hasSizeGreaterThan(8);
            Figures.say("newcomer: the first wires on the first page, his own after 4 taps, %d words", words(first));
            assertThat(words(first)).isLessThan(500);
            assertThat(first.all(".good"))
                    .as("nothing is green where nothing was proved")
                    .isEmpty();
            first.press("Make it a job");
            assertThat(first.path()).endsWith("/safe");
            assertThat(first.text("header")).contains("My shop", "New machine");
        }
    }

    private static long words(Visit visit) {
        visit.all("dialog, .tiles, details:not([open]) > *:not(summary), [hidden], svg")
                .forEach(Element::remove);
        return visit.text("body").split("\\s+").length;
    }

    @Test
    @DisplayName("what was chosen is carried into the gates; what was taken is said at its gate until that is passed")
    void intoAJob() {
        visit.go("/wires?motor=six-lead&supply=240&switch=cross-corner-drum&turns=counter-clockwise");
        List<String> shown =
                visit.all(".wires-told strong").stream().map(Element::text).toList();
        visit.type("#machine", "Straight grinder").press("Make it a job");
        String job = visit.path().replace("/safe", "");
        for (Gate gate : Gate.values()) {
            assertThat(gates.post(gate.title())).as(gate.title()).isNotEqualTo("passed");
            assertThat(visit.go(job + "/" + gate.word()).status()).isEqualTo(200);
        }
        assertThat(visit.go(job + "/diagram").text(".sheet")).contains("read off no lid yet: leads T1 T2 T3 T4 T5 T8");
        assertThat(visit.go(job + "/rotation").text(".sheet")).contains("nothing lies between the motor's shaft");
        assertThat(visit.go(job + "/wire").all(".step[data-section='GEAR']").stream()
                        .map(w -> w.attr("data-from") + " to " + w.attr("data-to")))
                .as("the very wires that were shown")
                .containsExactlyElementsOf(shown);
        assertThat(visit.go(job + "/log").text("main")).contains("Made straight from the wires");
        gates.passUpToThePlateOf(job);
        visit.go(job + "/plate");
        gates.typePlate("3/4", "115", "13.8", "230", "6.9", "1725").pullPin();
        visit.post(job + "/diagram/pin");
        visit.go(job + "/diagram");
        assertThat(gates.post("Diagram"))
                .as("nobody has looked: its pin stays in")
                .isNotEqualTo("passed");
        visit.press("Save the diagram");
        assertThat(visit.text(".sheet"))
                .as("what he saved himself is not taken any more")
                .doesNotContain("read off no lid");
        gates.pullPin();
        assertThat(gates.post("Diagram")).isEqualTo("passed");
    }

    @Test
    @DisplayName("a name that is there already is said at its field, and what was chosen stays")
    void aTakenName() {
        gates.bringIntoAShopOfItsOwn("Straight saw");
        visit.go("/wires?motor=four-lead&supply=120&switch=on-off-2&turns=clockwise");
        visit.type("#machine", "Straight saw").press("Make it a job");
        assertThat(visit.status()).isEqualTo(422);
        assertThat(visit.complaints()).isNotEmpty();
        assertThat(visit.value("#machine")).isEqualTo("Straight saw");
        assertThat(visit.text(".questions")).contains("Four leads, one voltage", "120 V", "only clockwise");
    }

    @Test
    @DisplayName(
            "every switch on every supply has an answer: wires, or why there are none; an address that names nothing known says so")
    void everyChoice() {
        for (Mains mains : Mains.values()) {
            Choices.GEAR.forEach(gear -> {
                visit.go("/wires?motor=six-lead-protector&supply=" + mains.key() + "&switch=" + gear.key()
                        + "&turns=both");
                assertThat(visit.status()).isEqualTo(200);
                assertThat(visit.all(".wires-told li").isEmpty())
                        .as(gear.key())
                        .isEqualTo(!visit.all(".sheet .bad").isEmpty());
            });
        }
        visit.go("/wires?motor=nine-lead&supply=%3Cb%3E");
        assertThat(visit.status()).isEqualTo(200);
        assertThat(visit.text(".notice")).contains("nine-lead, <b>");
    }

    @Test
    @DisplayName(
            "what is typed of plate and lid takes the place of the usual; what is not certain is asked, and nothing typed is lost")
    void plateAndLid() {
        String lid = "230 V: L1: T1, L2: T4-T5, join T2-T3-T8. CCW facing shaft end, reverse T5 T8";
        visit.go("/wires")
                .type("#lid", lid)
                .type("#plate", "3/4 HP 115/230 V 11/5.? A 1725 RPM 60 HZ")
                .press("Read them");
        assertThat(visit.text("[role='alert']")).contains("cannot be read");
        assertThat(visit.value("#lid")).isEqualTo(lid);
        assertThat(visit.text(".questions")).contains("By your lid: T1 T2 T3 T4 T5 T8");
        assertThat(visit.text(".sheet")).contains("By your lid; nothing is measured yet.", "counter-clockwise");
        visit.type("#plate", "3/4 HP 115/230 V 11/5.5 A 1725 RPM 60 HZ").press("Read them");
        assertThat(visit.all("[role='alert']")).isEmpty();

        visit.type("#machine", "Straight by its lid").press("Make it a job");
        String job = visit.path().replace("/safe", "");
        assertThat(visit.go(job + "/plate").value("#output")).isEqualTo("3/4");
        assertThat(visit.go(job + "/diagram?volts=230").value("#line2")).isEqualTo("T4 T5");
        assertThat(visit.text(".sheet")).doesNotContain("read off no lid");
    }
}
