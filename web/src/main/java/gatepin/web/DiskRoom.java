package gatepin.web;

import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Says on every page when the disk that the data lies on gets full: what is measured after that may find no room. */
@ControllerAdvice
class DiskRoom {
    private static final Logger LOG = LoggerFactory.getLogger(DiskRoom.class);
    private static final double FULL = 0.9;
    private static final double MEGABYTE = 1e6;
    private static final Duration LOOKED_AT_EVERY = Duration.ofSeconds(20);

    private final Path folder;
    private final Clock clock;
    private volatile Look last = new Look(Instant.MIN, "");

    private record Look(Instant at, String words) {}

    DiskRoom(@Value("${gatepin.var:${java.io.tmpdir}}") Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** What to say of the room on the disk; blank while there is enough. */
    @ModelAttribute("diskWords")
    String words() {
        Look look = last;
        Instant now = clock.instant();
        if (look.at().plus(LOOKED_AT_EVERY).isBefore(now)) {
            look = new Look(now, look());
            last = look;
        }
        return look.words();
    }

    private String look() {
        try {
            FileStore store = Files.getFileStore(folder);
            return words(store.getTotalSpace(), store.getUsableSpace());
        } catch (IOException e) {
            LOG.warn("the room on the disk cannot be told: {}", e.getClass().getName());
            return "";
        }
    }

    static String words(long total, long usable) {
        return total <= 0 || usable >= (1 - FULL) * total
                ? ""
                : String.format(
                        Locale.ROOT,
                        "The disk is %.0f %% full, %.0f MB are left. Make room, or soon nothing can be saved.",
                        100 - 100.0 * usable / total,
                        usable / MEGABYTE);
    }
}
