package gatepin.core.winding;

import gatepin.core.winding.Arrangement.Kind;
import gatepin.core.winding.Part.Role;
import gatepin.core.winding.Shapes.Edge;
import gatepin.core.winding.Shapes.Fork;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;

/**
 * Every arrangement of windings that readings allow. Islands of leads are matched with the motors there are; what a pair is
 * follows from how the resistances compare (common practice): halves are alike; a start winding has no less than four
 * fifths of the run winding's ohms and no more than eight times; a protector has next to none; a thermistor or heater has
 * many times more than any winding.
 */
final class Arrangements {
    /** Halves of one winding differ by no more than this in a sound motor (common practice). */
    static final double ALIKE = 0.03;

    private static final double LEAST_START = 0.8;
    private static final double MOST_START = 8;
    /** Against one half of a run winding whose two halves lie side by side on the voltage of the start winding. */
    private static final double LEAST_START_OF_HALF = 0.6;

    private static final double MOST_START_OF_HALF = 4;
    private static final double LEAST_UNRELATED = 8;
    private static final double LEAST_UNRELATED_OHMS = 20;
    private static final int MOST_UNRELATED = 2;

    private final Shapes shapes;
    private final double alike;
    private final Hints hints;
    /** Pairs that went open with the start switch held open. */
    private final Set<String> behindStartSwitch;

    private final Set<Arrangement> found = new LinkedHashSet<>();

    private Arrangements(Map<String, Span> spans, Hints hints, Set<String> behindStartSwitch, double alike) {
        this.shapes = new Shapes(spans);
        this.hints = hints;
        this.behindStartSwitch = behindStartSwitch;
        this.alike = alike;
    }

    /**
     * All that fit.
     *
     * @param islands which leads hang together
     * @param spans the resistance of every pair inside an island
     * @param behindStartSwitch pairs that read OL with the start switch held open
     * @param alike by what share halves may differ
     */
    static Set<Arrangement> fitting(
            List<SortedSet<String>> islands,
            Map<String, Span> spans,
            Hints hints,
            Set<String> behindStartSwitch,
            double alike) {
        Arrangements all = new Arrangements(spans, hints, behindStartSwitch, alike);
        all.overTriples(islands, new Split());
        return all.found;
    }

    /** How the islands were taken apart on one branch of the search. */
    private static final class Split {
        private final List<Edge> windings = new ArrayList<>();
        private final List<Edge> unrelated = new ArrayList<>();
        private final List<SortedSet<String>> triples = new ArrayList<>();
        private final List<SortedSet<String>> quads = new ArrayList<>();
        private final List<Part> beside = new ArrayList<>();
        private boolean protector;
    }

    /** Sorts the islands by size; a triple can be a protector of three terminals. */
    private void overTriples(List<SortedSet<String>> islands, Split split) {
        List<Edge> pairs = new ArrayList<>();
        for (SortedSet<String> island : islands) {
            switch (island.size()) {
                case 1 -> split.beside.add(new Part(Role.SILENT, island.first()));
                case 2 -> pairs.add(shapes.edge(island.first(), island.last()));
                case 3 -> split.triples.add(island);
                case 4 -> split.quads.add(island);
                default -> {
                    return;
                }
            }
        }
        overPairs(pairs, 0, split);
        for (SortedSet<String> triple : List.copyOf(split.triples)) {
            if (shapes.isThreeTerminalProtector(triple)) {
                split.triples.remove(triple);
                split.beside.add(new Part(Role.PROTECTOR, List.copyOf(triple)));
                split.protector = true;
                overPairs(pairs, 0, split);
                split.protector = false;
                split.beside.remove(split.beside.size() - 1);
                split.triples.add(triple);
            }
        }
    }

    /** Each pair is a winding, the protector, or none of the motor's. */
    private void overPairs(List<Edge> pairs, int next, Split split) {
        if (next == pairs.size()) {
            motors(split);
            return;
        }
        Edge pair = pairs.get(next);
        if (pair.canBeWinding()) {
            split.windings.add(pair);
            overPairs(pairs, next + 1, split);
            split.windings.remove(split.windings.size() - 1);
        }
        if (pair.canBeProtector() && !split.protector) {
            split.protector = true;
            split.beside.add(pair.as(Role.PROTECTOR));
            overPairs(pairs, next + 1, split);
            split.beside.remove(split.beside.size() - 1);
            split.protector = false;
        }
        if (pair.span().high() >= LEAST_UNRELATED_OHMS && split.unrelated.size() < MOST_UNRELATED) {
            split.unrelated.add(pair);
            overPairs(pairs, next + 1, split);
            split.unrelated.remove(split.unrelated.size() - 1);
        }
    }

    private void motors(Split split) {
        int pairs = split.windings.size();
        int triples = split.triples.size();
        int quads = split.quads.size();
        if (triples == 0 && quads == 0) {
            ofPairs(split, pairs);
        } else if (triples == 1 && pairs == 0 && quads == 0) {
            ofTriple(split, split.triples.get(0));
        } else if (triples == 1 && pairs == 1 && quads == 0) {
            shapes.forks(split.triples.get(0), 0).forEach(f -> ofForkAndPair(split, f, split.windings.get(0)));
        } else if (triples == 1 && pairs == 3 && quads == 0) {
            nineLeadStar(split);
        } else if (triples == 3 && pairs == 0 && quads == 0) {
            nineLeadDelta(split);
        } else if (quads == 1 && pairs == 0 && triples == 0) {
            shapes.forks(split.quads.get(0), 0).forEach(f -> protectedCommon(split, f));
        }
    }

    private void ofPairs(Split split, int pairs) {
        List<Edge> w = split.windings;
        switch (pairs) {
            case 1 -> {
                add(split, Kind.RUN_ONLY, w, List.of(w.get(0).as(Role.RUN)));
                if (hasSilent(split)) {
                    add(split, Kind.BROKEN_WINDING, w, List.of(w.get(0).as(Role.START)));
                }
            }
            case 2 -> {
                runAndStart(split, Kind.SINGLE_VOLTAGE, w.get(0), w.get(1), List.of());
                runAndStart(split, Kind.SINGLE_VOLTAGE, w.get(1), w.get(0), List.of());
                if (alike(w.get(0), w.get(1))) {
                    add(split, Kind.TWO_HALVES, w, all(w, Role.RUN_HALF));
                }
                brokenHalf(split, w.get(0), w.get(1));
                brokenHalf(split, w.get(1), w.get(0));
            }
            case 3 -> {
                for (int start = 0; start < 3; start++) {
                    dualVoltage(split, w.get((start + 1) % 3), w.get((start + 2) % 3), w.get(start));
                }
                if (alike(w.get(0), w.get(1)) && alike(w.get(1), w.get(2)) && alike(w.get(0), w.get(2))) {
                    add(split, Kind.THREE_PHASE_SIX, w, all(w, Role.PHASE));
                }
            }
            case 4 -> {
                for (int i = 0; i < 4; i++) {
                    for (int j = i + 1; j < 4; j++) {
                        List<Edge> start = new ArrayList<>(w);
                        List<Edge> run = List.of(w.get(i), w.get(j));
                        start.removeAll(run);
                        startHalves(split, run, start);
                    }
                }
            }
            default -> {}
        }
    }

    private static boolean hasSilent(Split split) {
        return split.beside.stream().anyMatch(p -> p.role() == Role.SILENT);
    }

    /** Leads that read nothing may be the other half of the run winding, broken. */
    private void brokenHalf(Split split, Edge half, Edge start) {
        if (hasSilent(split) && start.span().canBeTimes(half.span(), LEAST_START_OF_HALF, MOST_START_OF_HALF)) {
            add(
                    split,
                    Kind.BROKEN_WINDING,
                    List.of(half, start),
                    List.of(half.as(Role.RUN_HALF), start.as(Role.START)));
        }
    }

    private static List<Part> all(List<Edge> edges, Role role) {
        return edges.stream().map(e -> e.as(role)).toList();
    }

    private boolean alike(Edge one, Edge other) {
        return one.span().canEqual(other.span(), alike);
    }

    private void runAndStart(Split split, Kind kind, Edge run, Edge start, List<Part> also) {
        if (start.span().canBeTimes(run.span(), LEAST_START, MOST_START)
                && run.canBeWinding()
                && start.canBeWinding()) {
            List<Part> parts = new ArrayList<>(also);
            parts.add(run.as(Role.RUN));
            parts.add(start.as(Role.START));
            add(split, kind, List.of(run, start), parts);
        }
    }

    private void dualVoltage(Split split, Edge one, Edge other, Edge start) {
        if (alike(one, other)
                && start.span().canBeTimes(one.span(), LEAST_START_OF_HALF, MOST_START_OF_HALF)
                && start.span().canBeTimes(other.span(), LEAST_START_OF_HALF, MOST_START_OF_HALF)) {
            add(
                    split,
                    Kind.DUAL_VOLTAGE,
                    List.of(one, other, start),
                    List.of(one.as(Role.RUN_HALF), other.as(Role.RUN_HALF), start.as(Role.START)));
        }
    }

    private void startHalves(Split split, List<Edge> run, List<Edge> start) {
        if (alike(run.get(0), run.get(1))
                && alike(start.get(0), start.get(1))
                && start.get(0).span().canBeTimes(run.get(0).span(), LEAST_START, MOST_START)) {
            List<Part> parts = new ArrayList<>(all(run, Role.RUN_HALF));
            parts.addAll(all(start, Role.START_HALF));
            List<Edge> edges = new ArrayList<>(run);
            edges.addAll(start);
            add(split, Kind.DUAL_VOLTAGE_START_HALVES, edges, parts);
        }
    }

    private void ofTriple(Split split, SortedSet<String> triple) {
        for (Fork fork : shapes.forks(triple, Shapes.MOST_PROTECTOR_OHMS)) {
            Edge one = fork.edges().get(0);
            Edge other = fork.edges().get(1);
            runAndStart(split, Kind.COMMON_LEAD, one, other, List.of());
            runAndStart(split, Kind.COMMON_LEAD, other, one, List.of());
            brokenHalf(split, one, other);
            brokenHalf(split, other, one);
            if (alike(one, other) && one.canBeWinding()) {
                add(split, Kind.CENTRE_TAP, fork.edges(), all(fork.edges(), Role.RUN_HALF));
            }
            for (int i = 0; i < 2; i++) {
                Edge run = fork.edges().get(1 - i);
                if (fork.edges().get(i).canBeProtector() && !split.protector && run.canBeWinding()) {
                    add(
                            split,
                            Kind.PROTECTED_RUN,
                            List.of(run),
                            List.of(fork.edges().get(i).as(Role.PROTECTOR), run.as(Role.RUN)));
                }
            }
        }
        if (shapes.isStar(triple, alike)
                && shapes.edge(triple.first(), triple.last()).canBeWinding()) {
            add(split, Kind.THREE_PHASE_STAR, List.of(), List.of(new Part(Role.STAR, List.copyOf(triple))));
        }
    }

    private void ofForkAndPair(Split split, Fork fork, Edge pair) {
        for (int i = 0; i < 2; i++) {
            Edge one = fork.edges().get(i);
            Edge other = fork.edges().get(1 - i);
            if (alike(one, pair)
                    && one.canBeWinding()
                    && other.span().canBeTimes(pair.span(), LEAST_START_OF_HALF, MOST_START_OF_HALF)) {
                add(
                        split,
                        Kind.DUAL_VOLTAGE_JOINED,
                        List.of(one, other, pair),
                        List.of(one.as(Role.RUN_HALF), pair.as(Role.RUN_HALF), other.as(Role.START)));
            }
            if (one.canBeProtector() && !split.protector && other.canBeWinding()) {
                List<Part> also = List.of(one.as(Role.PROTECTOR));
                runAndStart(split, Kind.PROTECTED_RUN, other, pair, also);
                runAndStart(split, Kind.PROTECTED_RUN, pair, other, also);
            }
        }
    }

    private void protectedCommon(Split split, Fork fork) {
        for (int i = 0; i < 3; i++) {
            Edge protector = fork.edges().get(i);
            Edge one = fork.edges().get((i + 1) % 3);
            Edge other = fork.edges().get((i + 2) % 3);
            if (protector.canBeProtector() && !split.protector) {
                runAndStart(split, Kind.PROTECTED_COMMON, one, other, List.of(protector.as(Role.PROTECTOR)));
                runAndStart(split, Kind.PROTECTED_COMMON, other, one, List.of(protector.as(Role.PROTECTOR)));
            }
        }
    }

    /** Three phases come out at both ends, three are joined inside (NEMA MG 1 part 2, from memory). */
    private void nineLeadStar(Split split) {
        SortedSet<String> triple = split.triples.get(0);
        List<Edge> w = split.windings;
        boolean equal = alike(w.get(0), w.get(1)) && alike(w.get(1), w.get(2)) && alike(w.get(0), w.get(2));
        Span joined = shapes.span(triple.first(), triple.last());
        Span twice = w.get(0).span().plus(w.get(1).span());
        if (equal && shapes.isStar(triple, alike) && joined.canEqual(twice, alike)) {
            List<Part> parts = new ArrayList<>(all(w, Role.PHASE));
            parts.add(new Part(Role.STAR, List.copyOf(triple)));
            add(split, Kind.THREE_PHASE_NINE_STAR, w, parts);
        }
    }

    private void nineLeadDelta(Split split) {
        for (Fork first : shapes.forks(split.triples.get(0), 0)) {
            for (Fork second : shapes.forks(split.triples.get(1), 0)) {
                for (Fork third : shapes.forks(split.triples.get(2), 0)) {
                    List<Edge> edges = new ArrayList<>(first.edges());
                    edges.addAll(second.edges());
                    edges.addAll(third.edges());
                    if (edges.stream()
                            .allMatch(e -> e.canBeWinding() && edges.stream().allMatch(o -> alike(e, o)))) {
                        add(split, Kind.THREE_PHASE_NINE_DELTA, edges, all(edges, Role.PHASE));
                    }
                }
            }
        }
    }

    private void add(Split split, Kind kind, List<Edge> windings, List<Part> parts) {
        if (!hints.allow(kind)) {
            return;
        }
        for (Edge unrelated : split.unrelated) {
            for (Edge winding : windings) {
                if (unrelated.span().high() < LEAST_UNRELATED * winding.span().low()) {
                    return;
                }
            }
        }
        for (Part part : parts) {
            boolean behind = part.leads().size() == 2
                    && behindStartSwitch.contains(
                            Islands.key(part.leads().get(0), part.leads().get(1)));
            if (behind && part.role() != Role.START && part.role() != Role.START_HALF) {
                return;
            }
        }
        List<Part> whole = new ArrayList<>(parts);
        whole.addAll(split.beside);
        split.unrelated.forEach(u -> whole.add(u.as(Role.UNRELATED)));
        found.add(new Arrangement(kind, whole));
    }
}
