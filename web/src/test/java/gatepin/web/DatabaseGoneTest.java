package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Visit;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The database is killed while people work: pages say so, nothing that was confirmed is lost, and work goes on when it is back. */
@Tag("alone")
class DatabaseGoneTest {
    private static final int PEOPLE = 6;
    private static final Duration LONGEST = Duration.ofSeconds(5);

    private record Answer(int status, Duration took) {}

    @Test
    void pagesSaySoAndGoOnWhenItIsBack() throws Exception {
        RunningDatabase database = RunningDatabase.startNew("gone");
        Collection<Answer> answers = new ConcurrentLinkedQueue<>();
        Collection<String> confirmed = new ConcurrentLinkedQueue<>();
        try (var context = RunningGatePin.on(database)) {
            String address = RunningGatePin.address(context);
            AtomicBoolean over = new AtomicBoolean();
            ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
            for (int p = 0; p < PEOPLE; p++) {
                int person = p;
                people.submit(() -> work(address, person, over, answers, confirmed));
            }
            TimeUnit.SECONDS.sleep(4);
            int before = confirmed.size();
            for (int kill = 0; kill < 2; kill++) {
                database.process().destroyForcibly();
                TimeUnit.SECONDS.sleep(2);
                Visit visit = new Visit(address);
                assertThat(visit.statusOf("/")).isEqualTo(503);
                assertThat(visit.body("/"))
                        .contains("The database does not answer", "tries again by itself", "in the log");
                database.start();
                TimeUnit.SECONDS.sleep(3);
            }
            over.set(true);
            people.shutdown();
            assertThat(people.awaitTermination(30, TimeUnit.SECONDS)).isTrue();

            assertThat(answers)
                    .extracting(Answer::status)
                    .isSubsetOf(200, 302, 503)
                    .contains(503);
            assertThat(answers).extracting(Answer::took).allMatch(t -> t.compareTo(LONGEST) < 0);
            Figures.say(
                    "database killed twice under %d people: %d answers, %d of them 503, %d machines confirmed",
                    PEOPLE,
                    answers.size(),
                    answers.stream().filter(a -> a.status() == 503).count(),
                    confirmed.size());
            assertThat(before).as("machines before").isPositive();
            assertThat(confirmed.size()).as("machines in all").isGreaterThan(before);
            String yard = new Visit(address).go("/").text("main");
            assertThat(confirmed)
                    .as("every machine that was confirmed is there")
                    .allMatch(yard::contains);
        }
    }

    private static void work(
            String address, int person, AtomicBoolean over, Collection<Answer> answers, Collection<String> confirmed) {
        List<String> pages = List.of("/", "/jobs/1/plate", "/jobs/1/rotation", "/jobs/2/switch", "/jobs/3/wire");
        Visit visit = new Visit(address).go("/jobs/new");
        for (int i = 0; !over.get(); i++) {
            String page = pages.get((person + i) % pages.size());
            answers.add(timed(() -> visit.statusOf(page)));
            String name = "Machine " + person + " number " + i + ".";
            Answer made = timed(
                    () -> visit.post("/jobs", "shop", "1", "machine", name).statusCode());
            answers.add(made);
            if (made.status() / 100 == 3) {
                confirmed.add(name);
            }
        }
    }

    private static Answer timed(java.util.function.IntSupplier ask) {
        long start = System.nanoTime();
        int status = ask.getAsInt();
        return new Answer(status, Duration.ofNanos(System.nanoTime() - start));
    }
}
