package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.pages.Visit;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * The disk gets full under the database, on a small file system that {@code ./gatepin test} makes for it where it may (property
 * {@code gatepin.smallDisk}): it is said, nothing that was confirmed is lost, and work goes on when there is room again.
 */
@Tag("alone")
class DiskFullProbe {
    private static final int MOST = 6000;
    private static final Duration SOON = Duration.ofSeconds(60);

    @Test
    void itIsSaidAndWorkGoesOnWhenThereIsRoom() throws Exception {
        Path disk = Path.of(Objects.requireNonNull(System.getProperty("gatepin.smallDisk"), "run ./gatepin probe"));
        RunningDatabase database = RunningDatabase.startNew("full", disk);
        try (var context = RunningGatePin.on(database)) {
            Visit visit = new Visit(RunningGatePin.address(context)).go("/jobs/new");
            Path ballast = disk.resolve("ballast");
            fill(ballast);
            Map<Integer, Integer> answers = new TreeMap<>();
            List<String> confirmed = new ArrayList<>();
            for (int i = 0; i < MOST && !answers.containsKey(507); i++) {
                confirmed.addAll(bringIn(visit, "Ballast " + i + ".", answers));
            }
            assertThat(answers).as("what is answered on a full disk").containsKey(507);
            assertThat(answers.keySet()).isSubsetOf(302, 507, 503);
            assertThat(visit.statusOf("/jobs/1/plate"))
                    .as("pages are shown even so")
                    .isIn(200, 503);

            Files.delete(ballast);
            long start = System.nanoTime();
            int status = 0;
            for (int i = 0; status != 302 && System.nanoTime() - start < SOON.toNanos(); i++) {
                status = visit.post("/jobs", "shop", "1", "machine", "Room again " + i + ".")
                        .statusCode();
                TimeUnit.MILLISECONDS.sleep(200);
            }
            assertThat(status).as("with room again").isEqualTo(302);
            String yard = visit.go("/").page().text();
            assertThat(confirmed).as("what was confirmed").allMatch(yard::contains);
            Figures.say(
                    "disk full: answers %s, nothing of %d confirmed lost, on again %.1f s after there was room",
                    answers, confirmed.size(), (System.nanoTime() - start) / 1e9);
        }
    }

    private static List<String> bringIn(Visit visit, String name, Map<Integer, Integer> answers) {
        int status = visit.post("/jobs", "shop", "1", "machine", name, "note", "n".repeat(200))
                .statusCode();
        answers.merge(status, 1, Integer::sum);
        return status == 302 ? List.of(name) : List.of();
    }

    private static void fill(Path ballast) throws IOException {
        byte[] block = new byte[4096];
        try (OutputStream out = Files.newOutputStream(ballast)) {
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            assertThat(Files.size(ballast)).isPositive();
        }
    }
}
