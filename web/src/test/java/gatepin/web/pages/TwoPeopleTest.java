package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.lane.Facts;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Two people, or two tabs, on one job. */
@Tag("alone")
class TwoPeopleTest {
    private static final ExecutorService PEOPLE = Executors.newFixedThreadPool(4);
    private static final AtomicInteger COUNT = new AtomicInteger();

    /** An act as a person has it on his screen, ready to be sent off. */
    private interface Ready {
        void send();
    }

    /** What a person may do to a job. */
    private interface Deed {
        Ready prepare(String job);
    }

    private record Named(String name, Deed deed) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Named form(String name, String page, String button, java.util.function.Consumer<Visit> typing) {
        return new Named(name, job -> {
            Visit visit = new Visit().go(job + page);
            typing.accept(visit);
            return () -> visit.press(button);
        });
    }

    private static Named post(String name, String page, String path, String... fields) {
        return new Named(name, job -> {
            Visit visit = new Visit().go(job + page);
            return () -> assertThat(visit.post(job + path, fields).statusCode())
                    .as(name)
                    .isLessThan(500);
        });
    }

    private static Named tick(String name, int step, boolean made) {
        return new Named(name, job -> {
            Visit visit = new Visit().go(job + "/wire");
            Element wire = visit.all(".step").get(step);
            return () -> assertThat(new Gates(visit).tick(wire, made).statusCode())
                    .as(name)
                    .isIn(200, 409);
        });
    }

    private static final List<Named> DEEDS = List.of(
            form(
                    "another plate",
                    "/plate",
                    "Save the plate",
                    v -> v.type("#output", "1").type("#lowAmps", "16").type("#highAmps", "8")),
            form(
                    "the other voltage",
                    "/diagram?volts=115",
                    "Save the diagram",
                    v -> v.type("#volts", "115")
                            .choose("#supplyKind", "HOT_AND_NEUTRAL")
                            .type("#line1", "T1 T3 T5")
                            .type("#line2", "T2 T4 T8")
                            .type("#joined", "")
                            .type("#swap", "T5 T8")),
            form("farther from the panel", "/supply", "Save the supply", v -> v.type("#distance", "90")),
            form("another machine to turn", "/rotation", "Save the rotation", v -> v.type("#work", "press")),
            form("one way only", "/rotation", "Save the rotation", v -> v.type("#coast", "9")),
            form("another lock", "/safe", "Save the lock-out", v -> v.type("#note", "my lock")),
            form(
                    "a capacitor",
                    "/safe",
                    "Add this capacitor",
                    v -> v.type("#microfarads", "300").type("#volts", "165")),
            form("a reading", "/windings", "Put them on the pad", v -> v.type("#leads", "T1 T2 T3")),
            form("longer cables", "/wire", "Count again", v -> v.type("#motorCable", "9")),
            form("a wish", "/switch", "Plan with these", v -> v.type("#mostConductors", "4")),
            form(
                    "the wires as found",
                    "/found",
                    "Save the wires",
                    v -> v.tick("input[name='nothingConnected']")
                            .type("[name='wires[0].oneEnd']", "T1")
                            .type("[name='wires[0].otherEnd']", "L1")),
            form(
                    "another plan",
                    "/switch",
                    "Use plan",
                    v -> v.press(v.all("a.plan-choice").get(1))),
            new Named("another switch", job -> {
                Visit visit = new Visit().go(job + "/switch");
                visit.all("input[name='device']").forEach(d -> d.removeAttr("checked"));
                visit.all("label.plan-choice").stream()
                        .filter(l -> l.text().contains("Centre-swap drum"))
                        .findFirst()
                        .orElseThrow()
                        .selectFirst("input")
                        .attr("checked", "checked");
                return () -> visit.press("Use this switch");
            }),
            tick("a wire taken back", 3, false),
            post("the last pin", "/wire", "/wire/pin"));

    private static String job() {
        Visit visit = new Visit();
        Gates gates = new Gates(visit);
        String job = gates.wireListOfASixLeadMotor("Two people " + COUNT.incrementAndGet());
        visit.all(".step").forEach(step -> gates.tick(step, true));
        return job;
    }

    private static JobFile file(String job) {
        return RunningGatePin.get().bean(JobFiles.class).file(Long.parseLong(job.replaceAll("\\D", "")));
    }

    private static Facts facts(String job) {
        return file(job).facts();
    }

    @AfterAll
    static void goHome() {
        PEOPLE.shutdown();
    }

    @Test
    @DisplayName(
            "two acts at once leave the job as one after the other would, and no pin out whose evidence does not hold")
    void actsAreAsIfOneAfterTheOther() throws Exception {
        List<Named[]> pairs = new ArrayList<>();
        for (int i = 0; i < DEEDS.size(); i++) {
            for (int j = i; j < DEEDS.size(); j++) {
                pairs.add(new Named[] {DEEDS.get(i), DEEDS.get(j)});
            }
        }
        Collections.shuffle(pairs, new Random(Long.getLong("gatepin.seed", 5)));
        int most = Integer.getInteger("gatepin.pairs", 10);
        for (Named[] pair : pairs.subList(0, Math.min(most, pairs.size()))) {
            String first = serial(pair[0], pair[1]);
            String second = serial(pair[1], pair[0]);
            String together = together(pair[0], pair[1]);
            assertThat(facts(together)).as("%s and %s", pair[0], pair[1]).isIn(facts(first), facts(second));
            for (String job : List.of(first, second, together)) {
                assertThat(file(job).workup().fallen())
                        .as("pins out without evidence after %s and %s", pair[0], pair[1])
                        .isEmpty();
            }
        }
    }

    /** One after the other, both as they had the job on their screens at first. */
    private static String serial(Named one, Named other) {
        String job = job();
        Ready first = one.deed().prepare(job);
        Ready second = other.deed().prepare(job);
        first.send();
        second.send();
        return job;
    }

    private static String together(Named one, Named other) throws Exception {
        String job = job();
        List<Ready> ready = List.of(one.deed().prepare(job), other.deed().prepare(job));
        CountDownLatch go = new CountDownLatch(1);
        List<Future<?>> done = new ArrayList<>();
        for (Ready act : ready) {
            done.add(PEOPLE.submit(() -> {
                go.await();
                act.send();
                return null;
            }));
        }
        go.countDown();
        for (Future<?> future : done) {
            future.get();
        }
        return job;
    }

    @Test
    @DisplayName("of two saves of one version one is kept and the other is told, for every form that has a version")
    void noUpdateIsLost() throws Exception {
        for (Named deed : DEEDS) {
            if (deed.name().startsWith("a capacitor") || !isForm(deed)) {
                continue;
            }
            String job = job();
            Visit one = new Visit();
            Ready first = deed.deed().prepare(job);
            Ready second = deed.deed().prepare(job);
            first.send();
            int revision = file(job).job().revision();
            second.send();
            assertThat(file(job).job().revision())
                    .as(deed.name() + ": the second is told, and nothing is written")
                    .isEqualTo(revision);
            assertThat(one.statusOf(job + "/log")).isEqualTo(200);
        }
    }

    private static boolean isForm(Named deed) {
        return !List.of("a wire taken back", "the last pin", "another plan").contains(deed.name());
    }

    @Test
    @DisplayName("a form sent twice counts once: a reading, a capacitor, a machine; with other words it is another one")
    void aFormSentTwiceCountsOnce() throws Exception {
        Visit visit = new Visit();
        Gates gates = new Gates(visit);
        String job = gates.bringIn("Twice machine");
        visit.go(job + "/windings").type("#leads", "1 2 3").press("Put them on the pad");
        visit.choose("#a", "1").choose("#b", "2").type("#ohms", "2.2");
        twice(visit, "readings");
        assertThat(facts(job).bench().windings().readings()).hasSize(1);
        visit.choose("#a", "1").choose("#b", "3").type("#ohms", "OL").press("Write it down");
        assertThat(facts(job).bench().windings().readings()).hasSize(2);

        visit.go("/jobs/new").type("#machine", "Machine sent twice");
        twice(visit, "/jobs");
        visit.go("/?q=sent+twice");
        assertThat(visit.all("[data-found]")).hasSize(1);
    }

    @Test
    @DisplayName(
            "two who bring in the same machine or open the same shop at once: one is there, the other is told by the field")
    void theSameNameAtOnceIsTold() throws Exception {
        for (int round = 0; round < 8; round++) {
            String name = "Both at once " + round;
            atOnce("/jobs/new", "/jobs", "#machine", name);
            atOnce("/shops/new", "/shops", "#name", name);
        }
    }

    private static void atOnce(String page, String action, String field, String name) throws Exception {
        List<Future<Integer>> answers = new ArrayList<>();
        for (int person = 0; person < 2; person++) {
            Visit visit = new Visit().go(page).type(field, name);
            var form = visit.one("form[action='" + action + "']");
            answers.add(PEOPLE.submit(() -> visit.statusOfSubmitting(form, List.of())));
        }
        List<Integer> told = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            told.add(answer.get());
        }
        assertThat(told).as(name).containsExactlyInAnyOrder(302, 422);
    }

    private static void twice(Visit visit, String action) throws Exception {
        var form = visit.one("form[action$='" + action + "']");
        List<Future<Integer>> answers = List.of(
                PEOPLE.submit(() -> visit.statusOfSubmitting(form, List.of())),
                PEOPLE.submit(() -> visit.statusOfSubmitting(form, List.of())));
        for (Future<Integer> answer : answers) {
            assertThat(answer.get()).isEqualTo(302);
        }
    }

    @Test
    @DisplayName("four people on four jobs do not fall over each other")
    void nobodyFallsOverAnother() throws Exception {
        List<String> jobs = List.of(job(), job(), job(), job());
        List<Future<?>> done = new ArrayList<>();
        for (String job : jobs) {
            done.add(PEOPLE.submit(() -> {
                for (int i = 0; i < 10; i++) {
                    Visit visit = new Visit().go(job + "/found");
                    visit.type("[name='wires[0].oneEnd']", "T1")
                            .type("[name='wires[0].otherEnd']", "nut " + (char) ('a' + i));
                    if (visit.one("[name='nothingConnected']").hasAttr("checked")) {
                        visit.tick("[name='nothingConnected']");
                    }
                    visit.press("Save the wires");
                    assertThat(visit.status()).isEqualTo(200);
                    // the outlets are the shop's: all four write the same ones
                    visit.go(job + "/supply").type("#distance", "" + (20 + i)).press("Save the supply");
                    assertThat(visit.status()).isEqualTo(200);
                    visit.go(job + "/rotation").type("#coast", "" + (i + 1)).press("Save the rotation");
                    assertThat(visit.status()).isEqualTo(200);
                }
                return null;
            }));
        }
        for (Future<?> future : done) {
            future.get();
        }
        for (String job : jobs) {
            assertThat(facts(job).found().wires().get(0).otherEnd().mark()).endsWith("j");
            assertThat(facts(job).rotation().orElseThrow().coastSeconds()).hasValue(10.0);
        }
    }
}
