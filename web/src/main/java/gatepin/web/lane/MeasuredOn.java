package gatepin.web.lane;

import gatepin.core.found.FoundRecord;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * What a page's evidence is measured on: the motor, the wiring and the things beside them that stood on it. Every form carries it along, and
 * what is sent is held against what is there while the job's row is held: a reading of a motor that has been exchanged since is no
 * reading of the new one.
 *
 * @param motor the motor's number
 * @param wiring which wiring: the plan, or the wires as found
 * @param things what else has a face of its own, such as a switch that is being mapped
 * @param words what a person knows the motor by
 */
public record MeasuredOn(long motor, String wiring, String things, String words) {
    /** The field of every form that carries it. */
    public static final String FIELD = "measuredOn";

    private static final String HELD_AGAINST = MeasuredOn.class.getName() + ".heldAgainst";
    private static final String BETWEEN = "|";
    private static final Set<Part<?>> OF_THE_MOTOR =
            Set.of(Parts.WINDINGS, Plate.PART, Parts.FOUND_PHOTOS, Parts.PLATE_PHOTOS);
    /** Of a motor and its wiring. */
    private static final Set<Part<?>> OF_THE_WIRING = Set.of(Parts.CHECKS, Parts.WIRES);

    /** What a room keeps that readings are taken of: another is told by another word. */
    public interface Thing {
        /** Stands for the thing as long as readings of it stay good. */
        String measuredAs();
    }

    /** Evidence was sent of something that is not there any more; nothing was written. */
    public static final class Another extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final String then;
        private final String now;

        Another(String then, String now) {
            super("measured on another thing than is there now");
            this.then = then;
            this.now = now;
        }

        /** What it was measured on. */
        public String then() {
            return then;
        }

        /** What is there now. */
        public String now() {
            return now;
        }
    }

    static MeasuredOn of(JobFile file, String words) {
        return new MeasuredOn(
                file.job().motorId(),
                file.job()
                        .planId()
                        .map(p -> "plan " + p)
                        .orElse("the wires as found, " + file.version(FoundRecord.PART)),
                file.rooms().values().stream()
                        .filter(Thing.class::isInstance)
                        .map(t -> ((Thing) t).measuredAs())
                        .sorted()
                        .collect(Collectors.joining(", ")),
                words);
    }

    /** As a form carries it. */
    public String written() {
        return String.join(
                BETWEEN, List.of("" + motor, wiring, things.replace(BETWEEN, "/"), words.replace(BETWEEN, "/")));
    }

    private static Optional<MeasuredOn> read(String written) {
        String[] part = written.split(Pattern.quote(BETWEEN), -1);
        try {
            return part.length == 4
                    ? Optional.of(new MeasuredOn(Long.parseLong(part[0]), part[1], part[2], part[3]))
                    : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** Puts it into every form of the page that is being made. */
    static void onPage(MeasuredOn shown) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(FIELD, shown.written(), RequestAttributes.SCOPE_REQUEST);
        }
    }

    /** What the page that is being made puts into its forms; blank where it is of no job. */
    public static String onPage(HttpServletRequest request) {
        return request.getAttribute(FIELD) instanceof String written ? written : "";
    }

    /**
     * Holds what was sent against what is there, until it was found the same: what the act itself then changes is no other thing.
     *
     * @throws Another when it was measured on something else
     */
    static void holdAgainst(JobFile now, Map<Part<?>, Integer> parts, String words) {
        if (parts.keySet().stream().noneMatch(p -> isEvidence(p) && isAdded(parts, p))
                || !(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request)
                || request.getAttribute(HELD_AGAINST, RequestAttributes.SCOPE_REQUEST) != null) {
            return;
        }
        holdAgainst(request.getRequest(), now, parts, words);
        settled(true);
    }

    /** From here on the request has done something; or it has not, and is held against what is there anew when it is tried again. */
    static void settled(boolean done) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null && done) {
            request.setAttribute(HELD_AGAINST, true, RequestAttributes.SCOPE_REQUEST);
        } else if (request != null) {
            request.removeAttribute(HELD_AGAINST, RequestAttributes.SCOPE_REQUEST);
        }
    }

    /** Holds what one request sent against what is there. */
    static void holdAgainst(HttpServletRequest request, JobFile now, Map<Part<?>, Integer> parts, String words) {
        String written = request.getParameter(FIELD);
        read(written == null ? "" : written).ifPresent(then -> then.holdAgainst(of(now, words), parts));
    }

    private void holdAgainst(MeasuredOn now, Map<Part<?>, Integer> parts) {
        boolean ofMotor = OF_THE_MOTOR.stream().anyMatch(p -> isAdded(parts, p));
        boolean ofWiring = OF_THE_WIRING.stream().anyMatch(p -> isAdded(parts, p));
        if ((ofMotor || ofWiring) && motor != now.motor) {
            throw new Another(words, now.words);
        }
        if (ofWiring && !wiring.equals(now.wiring)) {
            throw new Another(wiring, now.wiring);
        }
        if (isAdded(parts, Parts.MAP) && !things.equals(now.things.replace(BETWEEN, "/"))) {
            throw new Another(things, now.things);
        }
    }

    private static boolean isEvidence(Part<?> part) {
        return OF_THE_MOTOR.contains(part) || OF_THE_WIRING.contains(part) || part == Parts.MAP;
    }

    private static boolean isAdded(Map<Part<?>, Integer> parts, Part<?> part) {
        return parts.getOrDefault(part, 0) == Seen.ANY;
    }
}
