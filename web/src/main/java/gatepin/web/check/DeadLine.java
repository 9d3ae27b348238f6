package gatepin.web.check;

import gatepin.core.check.DeadRead.Shows;
import gatepin.core.wire.Section;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A reading of a dead wiring that has no winding in it, as it is read out.
 *
 * @param key what it is kept as, within its section
 * @param points where the probes are held
 * @param with what is held or opened meanwhile
 * @param shows what it has to show
 * @param read what it showed: {@code OPEN}, {@code LOAD} or {@code JOINED}; blank where it was not taken
 * @param agrees it was taken, and showed what it has to show
 */
public record DeadLine(
        Section section, String key, String points, String with, String shows, String read, boolean agrees) {
    /** A reading, taken or not. */
    public static DeadLine of(
            Section section,
            String key,
            String points,
            String with,
            String shows,
            Optional<Shows> shown,
            Predicate<Shows> agrees) {
        return new DeadLine(
                section,
                key,
                points,
                with,
                shows,
                shown.map(Enum::name).orElse(""),
                shown.filter(agrees).isPresent());
    }
}
