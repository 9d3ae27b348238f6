package gatepin.web.log;

import gatepin.core.job.Gate;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.LogStore.Entry;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The log of a job in the shop's time, day by day. */
final class LogPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private final JobFile file;
    private final List<Entry> entries;
    private final ZoneId zone;

    /**
     * A line of the log.
     *
     * @param at when, with the shop's offset from UTC
     * @param gate the word of the gate it was done at; blank where it was at none
     */
    record Line(OffsetDateTime at, String who, String gate, String kind, String what) {
        public String clock() {
            return CLOCK.format(at);
        }
    }

    /** A day with its lines. */
    record Day(String name, List<Line> lines) {}

    LogPage(JobFile file, List<Entry> entries, ZoneId zone) {
        this.file = file;
        this.entries = entries;
        this.zone = zone;
    }

    /** Every line done at a gate, or all of them, newest first. */
    List<Line> lines(Optional<Gate> at) {
        return entries.stream()
                .map(e -> new Line(
                        e.at().atZone(zone).toOffsetDateTime().truncatedTo(ChronoUnit.MILLIS),
                        e.who(),
                        e.gate().map(Gate::word).orElse(""),
                        e.kind().name().toLowerCase(Locale.ROOT),
                        file.say(e.words())))
                .filter(l -> at.isEmpty() || l.gate().equals(at.orElseThrow().word()))
                .toList();
    }

    /** The same grouped by day. */
    List<Day> days(Optional<Gate> at) {
        Map<LocalDate, List<Line>> days = new LinkedHashMap<>();
        lines(at)
                .forEach(l -> days.computeIfAbsent(l.at().toLocalDate(), d -> new ArrayList<>())
                        .add(l));
        return days.entrySet().stream()
                .map(d -> new Day(DAY.format(d.getKey()), d.getValue()))
                .toList();
    }

    /** The gates at which anything was done. */
    List<Gate> gates() {
        Set<String> words = new java.util.HashSet<>();
        lines(Optional.empty()).forEach(l -> words.add(l.gate()));
        return Arrays.stream(Gate.values())
                .filter(g -> words.contains(g.word()))
                .toList();
    }
}
