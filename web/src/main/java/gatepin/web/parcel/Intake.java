package gatepin.web.parcel;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.web.parcel.Parcels.Unpacked;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/**
 * Jobs on their way in, one after another, beside the request that sends them: a page waits a second for one, and then shows how far it is.
 * One that is stopped, or takes too long, leaves nothing behind.
 */
@Component
class Intake {
    private static final Duration PATIENCE = Duration.ofSeconds(1);
    private static final Duration LIMIT = Duration.ofMinutes(2);
    /** So many wait for the one that is being read; each of them is a file on the disk. */
    private static final int WAITING = 8;

    private static final int MOST_REMEMBERED = 1000;
    private static final Duration REMEMBERED = Duration.ofMinutes(10);
    private static final Logger LOG = LoggerFactory.getLogger(Intake.class);

    private final Parcels parcels;
    private final Cache<Long, Coming> coming = Caffeine.newBuilder()
            .expireAfterAccess(REMEMBERED)
            .maximumSize(MOST_REMEMBERED)
            .build();
    private final AtomicLong last = new AtomicLong(System.currentTimeMillis());
    private final ThreadPoolExecutor one =
            new ThreadPoolExecutor(1, 1, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(WAITING), work -> {
                Thread thread = new Thread(work, "intake");
                thread.setDaemon(true);
                return thread;
            });

    Intake(Parcels parcels) {
        this.parcels = parcels;
    }

    private record Coming(long shop, Effort effort, Future<Reading<Unpacked>> job) {}

    /**
     * A job on its way in.
     *
     * @param shop where it is to stand
     * @param job what came of it, once that is known
     * @param percent how far it is
     */
    record Look(long shop, Optional<Reading<Unpacked>> job, int percent) {}

    /** Begins to take a job in; gives the number to look for it by, none where too many are waiting. */
    Optional<Long> begin(long shop, MultipartFile sent) throws IOException {
        InputStream in = taken(sent);
        try {
            Effort effort = Effort.of(LIMIT);
            long number = last.incrementAndGet();
            coming.put(number, new Coming(shop, effort, one.submit(() -> takeIn(shop, in, effort))));
            return Optional.of(number);
        } catch (RejectedExecutionException e) {
            in.close();
            return Optional.empty();
        }
    }

    /** The file as it was sent, kept beyond the request under no name: whatever ends the application, nothing of it is left. */
    private static InputStream taken(MultipartFile sent) throws IOException {
        Path file = Files.createTempFile("gatepin-in", ".zip");
        try {
            sent.transferTo(file);
            return Files.newInputStream(file);
        } finally {
            Files.delete(file);
        }
    }

    private Reading<Unpacked> takeIn(long shop, InputStream sent, Effort effort) throws IOException {
        try (InputStream in = sent) {
            return parcels.unpack(shop, in, effort);
        } catch (Effort.TooMuch e) {
            return failed(e.why() + " Nothing of it was taken in.");
        }
    }

    /** Looks for a job, and waits a little for it; empty where nobody knows that number any more. */
    Optional<Look> look(long number) throws InterruptedException {
        Coming its = coming.getIfPresent(number);
        if (its == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new Look(its.shop(), Optional.of(its.job().get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)), 100));
        } catch (TimeoutException e) {
            return Optional.of(new Look(
                    its.shop(), Optional.empty(), (int) (100 * its.effort().share())));
        } catch (ExecutionException e) {
            LOG.error("a job that was to come in", e.getCause());
            return Optional.of(new Look(
                    its.shop(), Optional.of(failed("It could not be taken in just now; nothing of it was.")), 100));
        }
    }

    /** Stops one that is under way; what is done is done. */
    void stop(long number) {
        Coming its = coming.getIfPresent(number);
        if (its != null) {
            its.effort().stop();
        }
    }

    private static Reading<Unpacked> failed(String message) {
        return Reading.failed(List.of(new Problem("file", "", message)));
    }

    @PreDestroy
    void close() {
        one.shutdownNow();
    }
}
