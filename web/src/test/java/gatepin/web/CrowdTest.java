package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.paper.Paper;
import gatepin.web.pages.Visit;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Many who want papers, photos and jobs at once, of the application in the memory it is given. */
@Tag("alone")
class CrowdTest {
    private static final int CROWD = Integer.getInteger("gatepin.crowd", 12);
    private static final int JOBS = 8;

    @SuppressWarnings("NullAway.Init")
    private ScriptFolder folder;

    @BeforeEach
    void aFolderOfItsOwn() throws IOException {
        folder = new ScriptFolder();
    }

    @AfterEach
    void nothingIsLeft() throws Exception {
        folder.close();
    }

    /** As large as a telephone takes them, and as hard to pack as grass. */
    private static byte[] photo() throws IOException {
        Random random = new Random(4);
        BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int grey = 96 + random.nextInt(64);
                image.setRGB(x, y, grey << 16 | grey << 8 | grey);
            }
        }
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", jpeg);
        return jpeg.toByteArray();
    }

    /** What somebody wants who is at the gate already: his own telephone is not what is measured. */
    private Callable<Integer> want(Function<Visit, Integer> what) {
        Visit his = new Visit(folder.address()).go("/");
        return () -> what.apply(his);
    }

    @Test
    @DisplayName(
            "papers, photos and whole jobs asked for by a crowd: some are told to come back, none ends the application")
    void aCrowd() throws Exception {
        folder.start(Map.of("GATEPIN_DEMO", "true"));
        long application = folder.the("-Dgatepin.home=").pid();
        folder.waitUntilItIsWarm();
        byte[] photo = photo();
        byte[] whole = new Visit(folder.address()).bytes("/jobs/1/job.zip");
        List<Callable<Integer>> wants = new ArrayList<>();
        for (int i = 0; i < CROWD; i++) {
            String job = "/jobs/" + (1 + i % JOBS);
            String paper = Paper.values()[i % Paper.values().length].word();
            wants.add(want(v -> v.statusOf(job + "/papers/" + paper + ".pdf")));
            if (i % 3 == 0) {
                wants.add(want(v -> v.go(job + "/plate").upload(job + "/plate/photos", "photo", "grass.jpg", photo)));
            }
            if (i % 4 == 0) {
                wants.add(want(v -> v.statusOf(job + "/job.zip")));
                wants.add(want(v -> v.go("/jobs/in").upload("/jobs/in", "file", "job.zip", whole, "shop", "1")));
            }
        }
        Visit passerBy = new Visit(folder.address());
        passerBy.go("/jobs/2/supply");
        ExecutorService people = Executors.newFixedThreadPool(wants.size());
        try {
            List<Future<Integer>> answers = new ArrayList<>();
            wants.forEach(w -> answers.add(people.submit(w)));
            List<Double> pages = new ArrayList<>();
            while (answers.stream().anyMatch(a -> !a.isDone())) {
                long start = System.nanoTime();
                assertThat(passerBy.statusOf("/jobs/2/supply")).isEqualTo(200);
                pages.add((System.nanoTime() - start) / 1e9);
                Thread.sleep(100);
            }
            Map<Integer, Integer> told = new TreeMap<>();
            for (Future<Integer> answer : answers) {
                told.merge(answer.get(), 1, Integer::sum);
            }
            Figures.say(
                    "a crowd of %d at papers, photos and jobs: %s; %d pages besides, half in %.2f s, nine of ten in %.2f s, the slowest in %.2f s",
                    wants.size(),
                    told,
                    pages.size(),
                    pages.stream().sorted().toList().get(pages.size() / 2),
                    pages.stream().sorted().toList().get(pages.size() * 9 / 10),
                    pages.stream().mapToDouble(p -> p).max().orElseThrow());
            // a job that finds no room among those coming in is 422 by its field
            assertThat(told.keySet()).isSubsetOf(200, 302, 422, 503);
            assertThat(told.getOrDefault(200, 0)).isPositive();
        } finally {
            people.shutdown();
        }
        assertThat(folder.the("-Dgatepin.home=").pid())
                .as("the same application")
                .isEqualTo(application);
    }
}
