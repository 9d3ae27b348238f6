package gatepin.core.winding;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.winding.Found.State;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;

/**
 * Rebuilds the windings of a motor from an ohmmeter's readings between its leads, in any order and as far as they go. It
 * names a winding only when no other arrangement fits the readings within the meter's error, and says which pair to probe
 * next as long as a reading can tell more.
 */
public final class WindingFinder {
    /** A sound winding has more than this to the frame, Ω (common practice: one megohm is the shop's floor). */
    public static final double SOUND_TO_FRAME = 1e6;
    /** Below this to the frame it is no damp but a fault, Ω (common practice). */
    private static final double FAULT_TO_FRAME = 1e5;
    /** Halves of a winding with shorted turns differ by up to this share. */
    private static final double HURT = 0.45;

    private static final double LEAST_USUAL_RATIO = 1.9;
    private static final double MOST_USUAL_RATIO = 3.2;

    private static final Span ANYTHING = new Span(0, 1e5);

    private final List<String> leads;
    private final List<MeterReading> readings;
    private final Hints hints;
    private final MeterError error;
    private final Map<String, MeterReading> latest = new LinkedHashMap<>();
    private final Map<String, Span> spans = new LinkedHashMap<>();
    private final Set<String> behindStartSwitch = new HashSet<>();
    private final List<ParallelStart> parallelStarts = new ArrayList<>();
    private final List<Remark> remarks = new ArrayList<>();
    private boolean disputed;

    private WindingFinder(List<String> leads, List<MeterReading> readings, Hints hints, MeterError error) {
        this.leads = List.copyOf(leads);
        this.readings = List.copyOf(readings);
        this.hints = hints;
        this.error = error;
    }

    /**
     * Says what the readings say.
     *
     * @param leads every lead of the motor that is to be named
     * @param readings the readings in the order they were taken; a later one between the same points corrects an earlier
     *     one, and is held against it
     * @throws IllegalArgumentException when a reading names a lead that is not there
     */
    public static Found find(List<String> leads, List<MeterReading> readings, Hints hints, MeterError error) {
        for (MeterReading reading : readings) {
            if (!leads.contains(reading.a()) || !(reading.isToFrame() || leads.contains(reading.b()))) {
                throw new IllegalArgumentException(
                        "the reading " + reading.a() + " to " + reading.b() + " names a lead that is not in " + leads);
            }
        }
        return new WindingFinder(leads, readings, hints, error).find();
    }

    private Found find() {
        List<MeterReading> between =
                readings.stream().filter(r -> !r.isToFrame()).toList();
        between.stream().filter(r -> r.startSwitch() == StartSwitch.AT_REST).forEach(this::take);
        between.stream()
                .filter(r -> r.startSwitch() == StartSwitch.HELD_OPEN)
                .filter(this::isLast)
                .forEach(this::heldOpen);
        Islands islands = new Islands(leads, latest);
        frame(islands);
        List<MeterReading> broken = islands.contradictions();
        Optional<Probe> next = islands.unreadBetween().or(islands::unreadInside);
        List<Arrangement> fits = List.of();
        State state = State.MEASURING;
        if (!broken.isEmpty()) {
            state = State.CONTRADICTION;
            openInside(broken);
        } else if (!latest.isEmpty() && islands.isComplete() && next.isEmpty()) {
            fits = asSeen(asOnPlate(islands));
            state = judge(islands, fits);
            if (state == State.SETTLED) {
                unusual(fits.get(0));
            }
        }
        remarks.sort(Comparator.comparing(Remark::severity).reversed());
        return new Found(
                state,
                fits,
                next,
                frameLeft(islands),
                islands.all().stream().map(List::copyOf).toList(),
                List.copyOf(parallelStarts),
                List.copyOf(remarks));
    }

    private void take(MeterReading reading) {
        String key = Islands.key(reading.a(), reading.b());
        MeterReading before = latest.put(key, reading);
        if (before != null && !agree(before, reading)) {
            long same = readings.stream()
                    .filter(r -> r.isBetween(reading.a(), reading.b()) && r.startSwitch() == StartSwitch.AT_REST)
                    .filter(r -> agree(r, reading))
                    .count();
            if (same < 2 && isLast(reading)) {
                disputed = true;
                List<String> pair = List.of(reading.a(), reading.b());
                remarks.add(Remark.of(
                        Severity.WARN, "twice", pair, reading.a(), reading.b(), words(before), words(reading)));
            }
        }
        if (reading.isOpen()) {
            spans.remove(key);
        } else {
            spans.put(key, Span.of(reading.ohms(), error));
        }
    }

    private boolean isLast(MeterReading reading) {
        return readings.stream()
                .filter(r -> r.isBetween(reading.a(), reading.b()) && r.startSwitch() == reading.startSwitch())
                .reduce((one, two) -> two)
                .map(r -> r == reading)
                .orElse(false);
    }

    private boolean agree(MeterReading one, MeterReading other) {
        return one.isOpen() == other.isOpen()
                && (one.isOpen() || Span.of(one.ohms(), error).meets(Span.of(other.ohms(), error)));
    }

    /** What changes when the start switch is held open is behind it. */
    private void heldOpen(MeterReading held) {
        String key = Islands.key(held.a(), held.b());
        MeterReading closed = latest.get(key);
        if (closed == null || closed.isOpen() || agree(closed, held)) {
            return;
        }
        if (held.isOpen()) {
            behindStartSwitch.add(key);
        } else if (held.ohms() > closed.ohms()) {
            ParallelStart start = ParallelStart.of(held.a(), held.b(), closed.ohms(), held.ohms(), error);
            parallelStarts.add(start);
            spans.put(key, Span.of(held.ohms(), error));
            remarks.add(Remark.of(
                    Severity.GOOD,
                    "beside",
                    List.of(held.a(), held.b()),
                    start.startOhms(),
                    held.a(),
                    held.b(),
                    closed.ohms(),
                    held.ohms(),
                    start.band()));
        } else {
            // opening a contact takes a branch away, and never adds one
            disputed = true;
            remarks.add(Remark.of(
                    Severity.WARN,
                    "heldLower",
                    List.of(held.a(), held.b()),
                    held.a(),
                    held.b(),
                    words(held),
                    words(closed)));
        }
    }

    private static String words(MeterReading reading) {
        return ohms(reading.isOpen() ? reading.shownOhms() : reading.ohms());
    }

    /** A resistance as a person reads it: OL, ohms, kilohms or megohms. */
    public static String ohms(double ohms) {
        if (Double.isInfinite(ohms)) {
            return "OL";
        }
        if (ohms >= 1e6) {
            return String.format(Locale.ROOT, "%.1f MΩ", ohms / 1e6);
        }
        return ohms >= 1000
                ? String.format(Locale.ROOT, "%.1f kΩ", ohms / 1e3)
                : String.format(Locale.ROOT, ohms < 10 ? "%.2f Ω" : "%.1f Ω", ohms);
    }

    private List<Arrangement> fitting(Islands islands, double alike) {
        return fitting(islands, spans, alike);
    }

    private List<Arrangement> fitting(Islands islands, Map<String, Span> read, double alike) {
        return Arrangements.fitting(islands.all(), read, hints, behindStartSwitch, alike).stream()
                .sorted(Comparator.comparing(Arrangement::kind))
                .toList();
    }

    private State judge(Islands islands, List<Arrangement> fits) {
        if (fits.isEmpty()) {
            nothingFits(islands);
            return State.CONTRADICTION;
        }
        silent(fits.get(0));
        boolean oneWay = fits.stream().map(Arrangement::circuits).distinct().count() == 1;
        if (oneWay && !disputed) {
            return State.SETTLED;
        }
        return disputed ? State.CONTRADICTION : State.OPEN;
    }

    /** Those that go with the plate; where none does, those that the meter alone finds, and a remark: a plate can be another motor's. */
    private List<Arrangement> asOnPlate(Islands islands) {
        List<Arrangement> fits = fitting(islands, Arrangements.ALIKE);
        if (!fits.isEmpty() || hints.dualVoltage().isEmpty()) {
            return fits;
        }
        List<Arrangement> byMeter = Arrangements.fitting(
                        islands.all(),
                        spans,
                        new Hints(Optional.empty(), hints.phases(), hints.eye()),
                        behindStartSwitch,
                        Arrangements.ALIKE)
                .stream()
                .sorted(Comparator.comparing(Arrangement::kind))
                .toList();
        if (!byMeter.isEmpty()) {
            remarks.add(Remark.of(Severity.WARN, "plate", List.of()));
        }
        return byMeter;
    }

    /** Those that go with what was seen of the wires; all of them, and a remark, where none does: an eye can err. */
    private List<Arrangement> asSeen(List<Arrangement> fits) {
        List<Arrangement> seen = fits.stream().filter(hints.eye()::allows).toList();
        if (seen.isEmpty() && !fits.isEmpty()) {
            remarks.add(Remark.of(Severity.WARN, "eye", List.of()));
            return fits;
        }
        return seen;
    }

    /** A start winding has two to three times the ohms of its run winding (common practice); others are unusual, and not wrong. */
    private void unusual(Arrangement fit) {
        List<Double> run = ohms(fit, Role.RUN, Role.RUN_HALF);
        List<Double> start = ohms(fit, Role.START);
        if (run.isEmpty() || start.size() != 1 || hints.eye().saysPermanentCapacitor()) {
            return;
        }
        double half = run.stream().mapToDouble(o -> o).average().orElse(1);
        // halves lie side by side where the start winding has the voltage of one: it is held against both of them, and
        // against one
        double most = start.get(0) / (half / run.size());
        double least = start.get(0) / half;
        if (most < 1) {
            remarks.add(Remark.of(Severity.WARN, "startBelow", List.of(), ohms(start.get(0)), ohms(half / run.size())));
        } else if (most < LEAST_USUAL_RATIO || least > MOST_USUAL_RATIO) {
            remarks.add(Remark.of(Severity.WARN, "ratio", List.of(), run.size() > 1 ? least : most));
        }
    }

    private List<Double> ohms(Arrangement fit, Role... roles) {
        return fit.inOrder().stream()
                .filter(p -> List.of(roles).contains(p.role()) && p.leads().size() == 2)
                .map(this::middle)
                .filter(o -> o > 0)
                .toList();
    }

    private void silent(Arrangement fit) {
        List<String> silent = fit.parts().stream()
                .filter(p -> p.role() == Role.SILENT)
                .map(p -> p.leads().get(0))
                .sorted()
                .toList();
        if (!silent.isEmpty()) {
            // with no capacitor on the motor only a break can be in the way
            boolean noCapacitor = hints.eye().humps().equals(Optional.of(0));
            remarks.add(Remark.of(
                    Severity.WARN, noCapacitor ? "silentWithoutCapacitor" : "silent", silent, silent, silent.size()));
        }
    }

    /** An OL between leads that other readings join. */
    private void openInside(List<MeterReading> broken) {
        for (MeterReading open : broken) {
            List<Sentence> likely = new ArrayList<>();
            for (MeterReading candidate : latest.values()) {
                Map<String, MeterReading> without = new LinkedHashMap<>(latest);
                without.remove(Islands.key(candidate.a(), candidate.b()));
                if (new Islands(leads, without).contradictions().isEmpty()) {
                    likely.add(Sentence.of("pair", candidate.a(), candidate.b()));
                }
            }
            List<String> pair = List.of(open.a(), open.b());
            remarks.add(either(likely)
                    .map(e -> Remark.of(Severity.DANGER, "openInside", pair, open.a(), open.b(), e))
                    .orElseGet(() -> Remark.of(Severity.DANGER, "severalWrong", pair, open.a(), open.b())));
        }
    }

    /** One of them, or another; empty where there is none. */
    private static Optional<Sentence> either(List<Sentence> several) {
        return several.stream().reduce((one, other) -> Sentence.of("or", one, other));
    }

    private void nothingFits(Islands islands) {
        for (SortedSet<String> island : islands.all()) {
            sum(island);
        }
        List<Arrangement> hurt = fitting(islands, HURT);
        if (!hurt.isEmpty()) {
            halvesDiffer(hurt.get(0));
        }
        List<Sentence> doubtful = new ArrayList<>();
        for (MeterReading reading : latest.values()) {
            if (!reading.isOpen()) {
                Map<String, Span> other = new LinkedHashMap<>(spans);
                other.put(Islands.key(reading.a(), reading.b()), ANYTHING);
                if (!fitting(islands, other, Arrangements.ALIKE).isEmpty()) {
                    doubtful.add(Sentence.of("reading", reading.a(), reading.b(), words(reading)));
                }
            }
        }
        remarks.add(either(doubtful)
                .map(e -> Remark.of(Severity.WARN, "oneWrong", List.of(), e))
                .orElseGet(() -> Remark.of(Severity.WARN, "unknown", List.of())));
    }

    /** Of three leads with a common one, the two lower readings together make the highest. */
    private void sum(SortedSet<String> island) {
        if (island.size() != 3) {
            return;
        }
        List<MeterReading> three = latest.values().stream()
                .filter(r -> island.contains(r.a()) && island.contains(r.b()) && !r.isOpen())
                .sorted(Comparator.comparingDouble(MeterReading::ohms))
                .toList();
        if (three.size() == 3
                && new Shapes(spans).forks(island, Shapes.MOST_PROTECTOR_OHMS).isEmpty()) {
            double sum = three.get(0).ohms() + three.get(1).ohms();
            remarks.add(Remark.of(
                    Severity.WARN,
                    "sum",
                    List.copyOf(island),
                    words(three.get(0)),
                    words(three.get(1)),
                    ohms(sum),
                    words(three.get(2)),
                    three.get(2).a(),
                    three.get(2).b()));
        }
    }

    private void halvesDiffer(Arrangement hurt) {
        for (Role role : List.of(Role.RUN_HALF, Role.START_HALF)) {
            List<Part> halves =
                    hurt.parts().stream().filter(p -> p.role() == role).toList();
            if (halves.size() != 2) {
                continue;
            }
            Part low = halves.get(0);
            Part high = halves.get(1);
            if (middle(low) > middle(high)) {
                low = halves.get(1);
                high = halves.get(0);
            }
            double share = 1 - middle(low) / middle(high);
            if (share > Arrangements.ALIKE) {
                List<String> leads = low.leads();
                remarks.add(Remark.of(
                        Severity.DANGER, "halves", leads, 100 * share, leads.get(0), leads.get(leads.size() - 1)));
            }
        }
    }

    private double middle(Part part) {
        Span span = spans.get(Islands.key(part.leads().get(0), part.leads().get(1)));
        return span == null ? 0 : span.middle();
    }

    private void frame(Islands islands) {
        for (SortedSet<String> island : islands.all()) {
            List<MeterReading> low = readings.stream()
                    .filter(r -> r.isToFrame() && island.contains(r.a()) && r.ohms() < SOUND_TO_FRAME)
                    .sorted(Comparator.comparingDouble(MeterReading::ohms))
                    .toList();
            if (low.isEmpty()) {
                continue;
            }
            MeterReading worst = low.get(0);
            boolean fault = worst.ohms() < FAULT_TO_FRAME;
            Sentence nearer = low.size() > 1
                    ? Sentence.of("windings.nearer", low.get(1).a(), words(low.get(1)), worst.a())
                    : Sentence.none();
            remarks.add(Remark.of(
                    fault ? Severity.DANGER : Severity.WARN,
                    fault ? "touches" : "damp",
                    List.of(worst.a()),
                    worst.a(),
                    words(worst),
                    nearer));
        }
    }

    private List<Probe> frameLeft(Islands islands) {
        return islands.all().stream()
                .filter(i -> readings.stream().noneMatch(r -> r.isToFrame() && i.contains(r.a())))
                .map(i -> new Probe(i.first(), MeterReading.FRAME))
                .toList();
    }
}
