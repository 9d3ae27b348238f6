package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.photo.PlatePainter;
import java.util.List;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The motor shelf and the exchange over HTTP: off, onto the shelf, into another machine, and back. */
class ExchangeTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private void shelve(String name, String plate) {
        visit.go("/shops/1/motors")
                .type("#name", name)
                .type("#plate", plate)
                .type("#shaft", "5/8")
                .type("#height", "3 1/2")
                .tick("input[name='fixing'][value='FEET']")
                .choose("#startEnds", "out")
                .tick("input[name='tested']")
                .press("Put it on the shelf");
    }

    private String candidate(String name) {
        return visit.all(".candidates > li").stream()
                .map(Element::text)
                .filter(t -> t.contains(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName(
            "a machine for three phases gets a motor from the shelf; the old one lies there with its plate, the lane goes on")
    void fromThreePhasesToOne() {
        String job = gates.bringIn("Exchanged grinder");
        visit.type("#text", "1 HP 230/460 V 3.4/1.7 A 60 HZ 1725 RPM 3 PH").press("Read it into the fields");
        visit.press("Save the plate");
        assertThat(visit.text(".ticket")).contains("Exchange it for another motor");
        shelve("Ex strong", "1 HP 115/230 V 16/8 A 60 HZ 1725 RPM FR 56");
        shelve("Ex weak", "1/4 HP 115 V 4.6 A 60 HZ 1725 RPM");
        visit.go(job + "/exchange");
        assertThat(visit.value("#rpm")).isEqualTo("1725");
        assertThat(visit.one("input[name='threePhase']").hasAttr("checked")).isTrue();
        visit.type("#pulley", "63 mm")
                .type("#shaft", "5/8")
                .type("#height", "3 1/2")
                .tick("input[name='fixing'][value='FEET']")
                .press("Write it down");

        assertThat(candidate("Ex strong")).contains("would do", "third conductor falls away", "in place of 3.4 A");
        assertThat(candidate("Ex weak")).contains("does not do", "Weaker by 75 %");
        visit.press(visit.all(".candidates > li").stream()
                .filter(l -> l.text().contains("Ex strong"))
                .findFirst()
                .orElseThrow()
                .selectFirst("button"));

        assertThat(visit.path()).contains("/plate");
        assertThat(visit.value("#output")).isEqualTo("1");
        assertThat(visit.value("#lowAmps")).as("the plate came with it").isEqualTo("16");
        visit.go("/shops/1/motors");
        assertThat(visit.text(".shelf-board"))
                .contains("Motor of the Exchanged grinder", "three phases")
                .doesNotContain("Ex strong");
        visit.go(job + "/log");
        assertThat(visit.text("main")).contains("Motor Ex strong from the shelf put in");

        visit.go(job + "/exchange").type("#name", "Ex strong again").press("Put it on the shelf");
        assertThat(visit.text(".candidates")).as("and back").contains("Ex strong again");
        visit.go(job + "/plate");
        assertThat(visit.value("#output"))
                .as("nothing is known of what is in now")
                .isEmpty();
    }

    @Test
    @DisplayName("leads, columns and windings go with a motor; pins drop and say why; the job keeps what is its own")
    void knowledgeGoesWithIt() {
        String donor = gates.wireListOfASixLeadMotor("Donor machine");
        byte[] picture = PlatePainter.paint(List.of("3/4 HP 115/230 V"), PlatePainter.Look.PRINTED, 3);
        assertThat(visit.upload(donor + "/plate/photos", "photo", "plate.jpg", picture))
                .isEqualTo(302);
        visit.go(donor + "/exchange").type("#name", "Known motor").press("Put it on the shelf");
        visit.go("/shops/1/motors");
        assertThat(visit.text(".shelf-board")).contains("T1 T2 T3 T4 T5 T8: not measured");
        String photo = visit.one(".spare img").attr("src");
        assertThat(visit.statusOf(photo)).isEqualTo(200);
        assertThat(visit.statusOf(photo.replace("/shops/1/", "/shops/2/")))
                .as("of that shop alone")
                .isEqualTo(404);
        visit.go(donor + "/plate");
        assertThat(visit.value("#output")).isEmpty();
        assertThat(gates.post("Plate")).contains("dropped");
        assertThat(gates.post("Rotation")).as("the machine's own").contains("passed");
        String taker = gates.bringIn("Taker machine");
        visit.go(taker + "/exchange")
                .type("#horsepower", "1/2")
                .type("#rpm", "1725")
                .press("Write it down");
        assertThat(visit.complaints())
                .as("a fraction is no decimal number here")
                .hasSizeLessThan(2);
        visit.type("#horsepower", "0.5").press("Write it down");
        visit.press(visit.all(".candidates > li").stream()
                .filter(l -> l.text().contains("Known motor"))
                .findFirst()
                .orElseThrow()
                .selectFirst("button"));
        visit.go(taker + "/diagram");
        assertThat(visit.all("[name$='.mark']").stream().map(Element::val))
                .contains("T1", "T2", "T3", "T4", "T5", "T8");
        for (String page : new String[] {
            "safe",
            "found",
            "plate",
            "diagram",
            "windings",
            "supply",
            "rotation",
            "switch",
            "wire",
            "cold",
            "live",
            "handover"
        }) {
            assertThat(visit.statusOf(donor + "/" + page)).as(page).isEqualTo(200);
            assertThat(visit.statusOf(taker + "/" + page)).as(page).isEqualTo(200);
        }
    }

    @Test
    @DisplayName("of two who write down what was measured of an old motor one is told with both figures")
    void measuredByTwo() {
        String job = gates.bringIn("Measured by two");
        Visit other = new Visit();
        visit.go(job + "/exchange").type("#horsepower", "0.5").type("#rpm", "1725");
        other.go(job + "/exchange")
                .type("#horsepower", "0.75")
                .type("#rpm", "1725")
                .press("Write it down");
        visit.press("Write it down");
        assertThat(visit.status()).isEqualTo(409);
        assertThat(visit.text("[role=alert]"))
                .contains("Horsepower", "0.75", "0.50")
                .doesNotContain("Rpm");
        visit.press("Write it down");
        assertThat(visit.go(job + "/exchange").value("#horsepower")).isEqualTo("0.50");
    }

    @Test
    @DisplayName("what is typed wrong is said by its field and kept; a motor that is gone is not put in twice")
    void wrong() {
        visit.go("/shops/1/motors")
                .type("#name", "")
                .type("#plate", "nothing at all")
                .type("#shaft", "900 mm")
                .press("Put it on the shelf");
        assertThat(visit.complaints()).hasSize(3);
        assertThat(visit.value("#plate")).isEqualTo("nothing at all");
        shelve("Twice motor", "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM");
        shelve("Twice motor", "1/2 HP 115 V 8.8 A 60 HZ 1725 RPM");
        assertThat(visit.complaints()).singleElement().asString().contains("of this name");
        String job = gates.bringIn("Exchanged twice machine");
        visit.go(job + "/exchange")
                .type("#horsepower", "0.5")
                .type("#rpm", "1725")
                .press("Write it down");
        Element form = visit.all(".candidates form").stream()
                .filter(f -> f.parents().stream()
                        .anyMatch(p -> p.is("li") && p.text().contains("Twice motor")))
                .findFirst()
                .orElseThrow();
        String motor = form.selectFirst("[name='motor']").val();
        assertThat(visit.post(job + "/exchange/in", "motor", motor).statusCode())
                .isEqualTo(302);
        assertThat(visit.post(job + "/exchange/in", "motor", motor).statusCode())
                .isEqualTo(409);
        assertThat(visit.post(job + "/exchange/in", "motor", "999999").statusCode())
                .isEqualTo(409);
        assertThat(visit.statusOf("/shops/999/motors")).isEqualTo(404);
    }
}
