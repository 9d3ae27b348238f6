package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.read.ListAppender;
import gatepin.web.Figures;
import gatepin.web.RunningGatePin;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Whatever is typed into any field of any form, no page fails, and every page opens afterwards. */
class HostileTest {
    private static final String CANARY = "nobody may read this in a log";
    private static final List<String> WORDS = List.of(
            "",
            CANARY,
            " ",
            "0",
            "-1",
            "1,200",
            "1.200",
            "1 200",
            "999999999999999999999",
            "1e309",
            "NaN",
            "1/0",
            "½",
            "3/4",
            "115",
            "230",
            "a A",
            "A: heater",
            "a b",
            "Stárt",
            "start",
            "E É",
            "ä Ä a A",
            "T1 T2 T3 T4 T5 T8",
            "T1-T3",
            "T1 T1",
            "1 2 3 4 5 6 7 8 9 10",
            "1 2 3 4 5 6 7 8 9 10 11 12 / A",
            "A B / C D / E F",
            "1-2 2-3 3-4 4-5 5-6 6-7 7-8 8-9",
            "T1 on 1, T2 on 2, T3 on 3",
            "L1 to T1",
            "U1 V1 / U2 V2",
            "<script>alert(1)</script>",
            "'; drop table job; --",
            "{0} {ground} ''",
            "${7*7} #{x} @{y}",
            "../../etc/passwd",
            "\u0001\u0007",
            "\u202eabc",
            "😀😀😀",
            "ﬁ Å ß İ ı",
            "T1\nT2\r\nT3",
            "on",
            "true",
            "FORWARD",
            "TWO_HOT",
            "IEC",
            "x".repeat(81),
            "x".repeat(700),
            "1-".repeat(2500),
            "9".repeat(5000),
            "T1 ".repeat(300),
            "(".repeat(2000));

    /** Nobody waits longer than this for an answer that may be no. */
    private static final Duration HANG = Duration.ofSeconds(Integer.getInteger("gatepin.hang", 5));

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private static int howMany() {
        return Integer.getInteger("gatepin.probe", 900);
    }

    @Test
    @DisplayName("generated hostile forms: no answer of 500, nothing lost, every page opens")
    void noFormFails() {
        String wired = gates.wireListOfASixLeadMotor("Hostile machine");
        String fresh = gates.bringIn("Hostile fresh machine");
        visit.go(fresh + "/switch/map")
                .type("#name", "Face")
                .type("#face", "1 2 / 3 4 / 5 6")
                .press("Lay the face out");
        List<String> pages = new ArrayList<>(List.of("/jobs/new", "/shops/new", "/library", "/"));
        for (String job : List.of(wired, fresh)) {
            for (String page : List.of(
                    "safe",
                    "found",
                    "plate",
                    "diagram",
                    "board",
                    "windings",
                    "supply",
                    "rotation",
                    "switch",
                    "switch/map",
                    "wire",
                    "cold",
                    "live",
                    "trouble",
                    "machine",
                    "run-up",
                    "ahead",
                    "bench",
                    "control")) {
                pages.add(job + "/" + page);
            }
        }
        Random random = new Random(Long.getLong("gatepin.seed", 7));
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).addAppender(log);
        List<String> failed = new ArrayList<>();
        Map<Integer, Integer> answers = new TreeMap<>();
        int sent = 0;
        long slowest = 0;
        String slowForm = "";
        while (sent < howMany()) {
            String page = pages.get(random.nextInt(pages.size()));
            visit.go(page);
            List<Element> forms = visit.all("form").stream()
                    // what is set aside is out of reach, and nothing else of it is of interest here
                    .filter(f -> !f.attr("action").endsWith("/aside"))
                    .toList();
            for (Element form : forms) {
                sent++;
                String what = spoil((FormElement) form, random);
                long start = System.nanoTime();
                int status = visit.statusOfSubmitting(form, extra(random));
                long took = System.nanoTime() - start;
                if (took > slowest) {
                    slowest = took;
                    slowForm = form.attr("action") + " " + what;
                }
                answers.merge(status, 1, Integer::sum);
                if (status >= 500 || status == 403) {
                    failed.add(status + " " + form.attr("action") + " " + what);
                }
            }
        }
        assertThat(failed).isEmpty();
        assertThat(log.list)
                .as("what somebody typed does not get into the log")
                .extracting(e -> e.getFormattedMessage()
                        + (e.getThrowableProxy() == null ? "" : ThrowableProxyUtil.asString(e.getThrowableProxy())))
                .noneMatch(m -> m.contains(CANARY));
        assertThat(answers).as("some is taken and some refused").containsKeys(302, 422);
        assertThat(Duration.ofNanos(slowest))
                .as("the slowest answer, to %s", slowForm)
                .isLessThan(HANG);
        Figures.say("hostile forms: %d sent, answers %s, the slowest in %.2f s", sent, answers, slowest / 1e9);
        for (String page : pages) {
            assertThat(visit.statusOf(page)).as(page).isEqualTo(200);
        }
    }

    @Test
    @DisplayName("every route there is, with numbers, words and fields that nobody would send: no answer of 500")
    void noRouteFails() {
        // a job of its own: those of the demo are looked at by other tests
        String own = gates.bringIn("Hostile routes machine").replaceAll("\\D", "");
        visit.go("/jobs/new");
        Random random = new Random(Long.getLong("gatepin.seed", 7));
        List<String> numbers = List.of("0", "-1", own, own, "999999999", "9".repeat(30), "abc", "1.5", "%00", "%2e%2e");
        List<String> names =
                List.of("mark", "name", "version", "plan", "made", "volts", "wires[0].mark", "leads[3].mark", "q");
        Map<Integer, Integer> answers = new TreeMap<>();
        List<String> failed = new ArrayList<>();
        List<RequestMappingInfo> routes = new ArrayList<>(RunningGatePin.get()
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet());
        int sent = 0;
        long slowest = 0;
        for (int round = 0; sent < howMany() / 2; round++) {
            for (RequestMappingInfo route : routes) {
                String path = route.getPatternValues().iterator().next();
                while (path.contains("{")) {
                    path = path.replaceFirst("\\{[^}]*}", numbers.get(random.nextInt(numbers.size())));
                }
                // what is set aside is out of reach; the page of errors is called by the server, and is one whenever it
                // is
                if (path.endsWith("/aside") || path.equals("/error")) {
                    continue;
                }
                List<String> fields = new ArrayList<>();
                for (int i = random.nextInt(4); i > 0; i--) {
                    fields.add(names.get(random.nextInt(names.size())));
                    fields.add(WORDS.get(random.nextInt(WORDS.size())));
                }
                boolean posted = route.getMethodsCondition().getMethods().contains(RequestMethod.POST);
                long start = System.nanoTime();
                int status = posted
                        ? visit.post(path, fields.toArray(String[]::new)).statusCode()
                        : visit.statusOf(path + "?"
                                + Visit.pairs(fields)
                                        .substring(
                                                0,
                                                Math.min(
                                                        3000,
                                                        Visit.pairs(fields).length()))
                                        .replaceAll("%[0-9A-F]?$", ""));
                slowest = Math.max(slowest, System.nanoTime() - start);
                sent++;
                answers.merge(status, 1, Integer::sum);
                if (status >= 500) {
                    failed.add(status + " " + path + " " + fields);
                }
            }
        }
        assertThat(failed).isEmpty();
        assertThat(answers).containsKeys(200, 404);
        assertThat(Duration.ofNanos(slowest)).as("the slowest answer").isLessThan(HANG);
        Figures.say(
                "%d routes: %d requests, answers %s, the slowest in %.2f s",
                routes.size(), sent, answers, slowest / 1e9);
    }

    @Test
    void successIsOnlySaidOfWhatHappened() {
        String job = gates.bringIn("Missing things machine");
        visit.go(job + "/safe");
        assertThat(visit.post(job + "/safe/measured", "capacitor", "nobody", "measured", "3")
                        .statusCode())
                .isEqualTo(422);
        assertThat(visit.post(job + "/safe/remove", "capacitor", "nobody").body())
                .contains("not on the list any more");
        assertThat(visit.post(job + "/found/photos/999999/pins", "mark", "T1", "x", "5", "y", "5")
                        .statusCode())
                .isEqualTo(404);
        assertThat(visit.post(job + "/found/pins/999999/remove").statusCode()).isEqualTo(404);
        assertThat(visit.post(job + "/windings/step", "guide", "NONE", "step", "x")
                        .statusCode())
                .isEqualTo(422);
        assertThat(visit.go(job + "/log").text("table")).doesNotContain("measured:", "taken off", "done.");
    }

    /** Puts odd words into some fields; says which. */
    private static String spoil(FormElement form, Random random) {
        StringBuilder what = new StringBuilder();
        for (Element field : form.elements()) {
            if (field.attr("name").equals("_csrf") || field.tagName().equals("button") || random.nextInt(3) == 0) {
                continue;
            }
            String word = WORDS.get(random.nextInt(WORDS.size()));
            if (field.tagName().equals("textarea")) {
                field.text(word);
            } else if (field.tagName().equals("select")) {
                List<Element> options = field.select("option");
                options.forEach(o -> o.removeAttr("selected"));
                Element option = options.isEmpty() ? null : options.get(random.nextInt(options.size()));
                if (option != null) {
                    option.attr("selected", "selected");
                    if (random.nextInt(6) == 0) {
                        option.attr("value", word);
                    }
                    word = option.val();
                }
            } else if (field.attr("type").equals("checkbox")
                    || field.attr("type").equals("radio")) {
                if (random.nextBoolean()) {
                    field.attr("checked", "checked");
                }
                word = field.val();
            } else if (!field.attr("name").equals("version") || random.nextInt(4) == 0) {
                field.val(word);
            }
            what.append(' ').append(field.attr("name")).append('=').append(word, 0, Math.min(30, word.length()));
        }
        return what.toString();
    }

    /** Fields that no page has. */
    private static List<String> extra(Random random) {
        return switch (random.nextInt(12)) {
            case 0 -> List.of("leads[256].mark", "T1");
            case 1 -> List.of("wires[-1].mark", "T1");
            case 2 -> List.of("stages[abc].kind", "BELT");
            case 3 -> List.of("nobody", "x");
            case 4 ->
                IntStream.range(0, 200)
                        .boxed()
                        .flatMap(i -> java.util.stream.Stream.of("stages[" + i + "].kind", "BELT"))
                        .toList();
            case 5 -> List.of("version", "x", "version", "-7");
            case 6 -> List.of("leads[0].mark.x.y", "1");
            default -> List.of();
        };
    }
}
