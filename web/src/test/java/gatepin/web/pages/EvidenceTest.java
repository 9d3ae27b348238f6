package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import gatepin.web.photo.PhotoRoomStore;
import gatepin.web.photo.PlatePainter;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is measured belongs to what it was measured on; what is sent twice counts once, and what is sent anew counts anew. */
class EvidenceTest {
    private final Visit one = new Visit();
    private final Visit other = new Visit();

    private String wired(String machine) {
        Gates gates = new Gates(one);
        String job = gates.wireListOfASixLeadMotor(machine);
        gates.tickEveryWire();
        return job;
    }

    private void refused(String... told) {
        assertThat(one.status()).isEqualTo(409);
        assertThat(one.text()).contains("That was measured on something else").contains(told);
    }

    @Test
    @DisplayName("an ohm reading of a motor that was put on the shelf meanwhile is no reading of the next one")
    void ohmsOfAnExchangedMotor() {
        String job = wired("Evidence grinder");
        one.go(job + "/windings").type("#leads", "T1 T2").press("Put them on the pad");
        one.choose("#a", "T1").choose("#b", "T2").type("#ohms", "1.8");
        other.go(job + "/exchange").type("#name", "Taken out meanwhile").press("Put it on the shelf");

        one.press("Write it down");

        refused("3/4 hp", "plate not read yet", "1.8");
        other.go(job + "/log");
        assertThat(other.text("main")).doesNotContain("T2 1.80 Ω");
    }

    @Test
    @DisplayName(
            "a cold reading of wires that were planned anew meanwhile is refused with both, and so is 'ready for power'")
    void readingsOfAnotherPlan() {
        String job = wired("Evidence lathe");
        one.go(job + "/cold").type("#ohms", "OL");
        other.go(job + "/diagram?volts=115")
                .type("#volts", "115")
                .choose("#supplyKind", "HOT_AND_NEUTRAL")
                .type("#line1", "T1 T3 T5")
                .type("#line2", "T2 T4 T8")
                .type("#joined", "")
                .type("#swap", "T5 T8")
                .press("Save the diagram");

        one.press("Write it down");

        refused("plan ", "the wires as found", "OL");
    }

    @Test
    @DisplayName("a wire that was made on one plan, or on one motor, is none of another's, though it has the same name")
    void wiresOfAnotherPlanOrMotor() {
        Gates gates = new Gates(one);
        String job = gates.wireListOfASixLeadMotor("Evidence jointer");
        one.all(".step").forEach(wire -> gates.tick(wire, true));
        other.go(job + "/switch").press(other.all("a.plan-choice").get(1)).press("Use plan");
        other.go(job + "/wire");
        List<Element> inBoth = other.all(".step.is-made");
        assertThat(inBoth).isNotEmpty();

        var answer = gates.tick(inBoth.get(0), false);

        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("Not saved: the motor or the plan was changed in another window");
        assertThat(other.go(job + "/wire").all(".step.is-made")).hasSameSizeAs(inBoth);

        one.go(job + "/wire");
        other.go(job + "/exchange").type("#name", "Wired before").press("Put it on the shelf");
        assertThat(gates.tick(inBoth.get(0), true).statusCode()).isEqualTo(409);
    }

    @Test
    @DisplayName("a buzz between terminals of a face that was drawn anew meanwhile is refused")
    void buzzesOfAnotherFace() {
        String job = new Gates(one).bringIn("Evidence saw");
        draw(one, job, "1 2\n3 4");
        draw(other, job, "1 2 3\n4 5 6");

        one.press(one.one("button[name='result'][value='CLOSED']"));

        refused("1 2 / 3 4", "1 2 3 / 4 5 6");
    }

    private static void draw(Visit visit, String job, String face) {
        visit.go(job + "/switch/map")
                .type("#name", "Found in the scrap")
                .type("#face", face)
                .press(visit.one("form[action$='/switch/map/face'] button"));
    }

    @Test
    @DisplayName("a form that says A, then B, then A again is three acts; the same twice is one")
    void thereAndBack() {
        String job = wired("Evidence drill");
        one.go(job + "/windings").type("#leads", "T1 T2").press("Put them on the pad");
        var form = one.one("form[action$='/windings/readings']");
        for (String ohms : new String[] {"1.8", "1.8", "2.6", "1.8"}) {
            one.choose("#a", "T1").choose("#b", "T2").type("#ohms", ohms);
            assertThat(one.statusOfSubmitting(form, List.of())).isEqualTo(302);
        }
        one.go(job + "/log");
        assertThat(one.text("main").split("T2 1\\.80 Ω", -1)).hasSize(3);
        assertThat(one.text("main").split("T2 2\\.60 Ω", -1)).hasSize(2);
    }

    @Test
    @DisplayName("a photo that an impatient finger sends twice is there once")
    void photosOnce() throws Exception {
        String job = new Gates(one).bringIn("Evidence blower");
        byte[] picture = PlatePainter.paint(List.of("3/4 HP 115/230 V"), PlatePainter.Look.PRINTED, 3);
        String once = "?once=" + UUID.randomUUID();
        for (int i = 0; i < 2; i++) {
            assertThat(one.upload(job + "/plate/photos" + once, "photo", "plate.jpg", picture))
                    .isLessThan(400);
        }
        one.go(job + "/plate");
        assertThat(one.all("img[src*='/plate/photos/']")).hasSize(1);
        assertThat(one.one("form[enctype]").attr("action")).contains("once=");
    }

    @Test
    @DisplayName(
            "a photo of a motor that was put on the shelf meanwhile is none of the next one, wherever it was sent from")
    void photosOfAnExchangedMotor() throws Exception {
        String job = wired("Evidence mangle");
        byte[] picture = PlatePainter.paint(List.of("3/4 HP 115/230 V"), PlatePainter.Look.PRINTED, 3);
        for (String page : List.of("/plate", "/found")) {
            one.go(job + page);
            String then = one.value("form[enctype] [name='measuredOn']");
            other.go(job + "/exchange").type("#name", "Photographed " + page).press("Put it on the shelf");
            assertThat(one.upload(job + page + "/photos", "photo", "plate.jpg", picture, "measuredOn", then))
                    .as(page)
                    .isEqualTo(409);
            assertThat(one.go(job + page).all("img[src*='/photos/']")).isEmpty();
            if (page.equals("/plate")) {
                new Gates(other.go(job + page)).typePlate("1/2", "115", "8.8", "", "", "1725");
            }
        }
    }

    @Test
    @DisplayName("a job keeps so many photos, says how many it has, and no more come in")
    void photosHaveALimit() throws Exception {
        String job = new Gates(one).bringIn("Evidence album");
        byte[] picture = PlatePainter.paint(List.of("A"), PlatePainter.Look.PRINTED, 3);
        for (String page : List.of("/plate", "/found")) {
            assertThat(one.upload(job + page + "/photos", "photo", "p.jpg", picture))
                    .isLessThan(400);
        }
        // as many more as there is room for, as if they had come one by one
        var insert = RunningGatePin.get()
                .bean(JdbcClient.class)
                .sql("insert into found_photo (job_id, width, height, jpeg, added_at) values (:job, 1, 1, 'x', now())")
                .param("job", job.replaceAll("\\D", ""));
        for (int i = 2; i < PhotoRoomStore.MOST_OF_A_JOB; i++) {
            insert.update();
        }
        assertThat(one.go(job + "/plate").text("main")).contains("40 of at most 40 photos of this job");
        assertThat(one.upload(job + "/found/photos", "photo", "p.jpg", picture)).isEqualTo(422);
        assertThat(one.go(job + "/found").all("img[src*='/photos/']")).hasSize(PhotoRoomStore.MOST_OF_A_JOB - 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a=%", "a=%4", "a=%zz", "a=%ff", "%c3%28=1", "a=%ed%a0%80", "a=1&b=%e2%82"})
    @DisplayName("what is no text is 400 on every page, asked for or sent, with all headers")
    void malformed(String words) throws Exception {
        for (String path :
                new String[] {"/", "/jobs/new", "/jobs/1/plate", "/jobs/1/cold", "/shops/1/motors", "/practice"}) {
            String asked = raw("GET " + path + "?" + words, "");
            assertThat(asked).as(path).startsWith("HTTP/1.1 400");
            for (String header : new String[] {
                "Content-Security-Policy", "X-Content-Type-Options", "Permissions-Policy", "Referrer-Policy"
            }) {
                assertThat(asked).as(header).contains(header + ": ");
            }
            assertThat(raw("POST " + path, words)).as(path).startsWith("HTTP/1.1 400");
        }
        assertThat(raw("GET /", "")).startsWith("HTTP/1.1 200").contains("Permissions-Policy: ");
    }

    /** As no kept library would send it. */
    private static String raw(String asked, String body) throws IOException {
        URI address = URI.create(RunningGatePin.get().address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            socket.getOutputStream()
                    .write((asked + " HTTP/1.1\r\nHost: " + address.getAuthority() + "\r\nConnection: close\r\n"
                                    + (body.isEmpty()
                                            ? ""
                                            : "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: "
                                                    + body.length() + "\r\n")
                                    + "\r\n" + body)
                            .getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }
}
