package gatepin.core.plate;

import gatepin.core.plate.FigureToken.Name;
import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Finds which number of a plate is which figure. A name may stand before its number or a unit behind it, in a row of headings over a row
 * of numbers, or on each part; which way this plate is written is found from all of it at once: of all ways to give numbers to names,
 * the one that leaves least over and reads most evenly. A number that could be two figures in ways that are nearly as good is asked
 * about, and nothing gets a figure that it cannot be.
 */
final class FigureReader {
    private static final int BEAM = 64;
    private static final int MOST_NUMBERS = 24;
    /** Ways that score within this of the best one are as good to a person who reads the plate for the first time. */
    private static final int AS_GOOD = 2;

    private static final int GIVEN = 10;
    private static final int LEFT_OVER = -8;
    private static final int SECOND_OF_A_KIND = -6;

    /** How a number came by its name. */
    private enum Way {
        BEFORE,
        BEHIND,
        OWN,
        HEADING,
        COLUMN
    }

    /**
     * A number with the figure it is.
     *
     * @param number which token it is
     * @param name the name or unit it got; of a column, that of the number before it
     * @param label which token that is; −1 where there is none of its own
     * @param value what it says, in one notation
     */
    private record Given(int number, Name name, int label, Way way, String value) {}

    private record Partial(List<Given> given, Set<Integer> used, int score) {}

    private final String text;
    private final List<FigureToken> tokens;

    private FigureReader(String text, List<FigureToken> tokens) {
        this.text = text;
        this.tokens = tokens;
    }

    /** The figures in what nothing else has taken; what they take is marked so. */
    static List<PlatePiece> read(String text, boolean[] taken) {
        FigureReader reader = new FigureReader(text, FigureToken.of(text, taken));
        List<PlatePiece> pieces = reader.pieces(reader.best());
        for (PlatePiece piece : pieces) {
            Arrays.fill(taken, piece.start(), piece.end(), true);
        }
        return pieces;
    }

    private List<Partial> best() {
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < tokens.size() && numbers.size() < MOST_NUMBERS; i++) {
            if (tokens.get(i).isNumber()) {
                numbers.add(i);
            }
        }
        List<Partial> beam = List.of(new Partial(List.of(), Set.of(), 0));
        for (int number : numbers) {
            List<Partial> next = new ArrayList<>();
            for (Partial partial : beam) {
                next.add(new Partial(partial.given(), partial.used(), partial.score() + LEFT_OVER));
                for (Given given : ways(partial, number)) {
                    next.add(with(partial, given));
                }
            }
            next.sort(Comparator.comparingInt(Partial::score).reversed());
            beam = next.subList(0, Math.min(BEAM, next.size()));
        }
        return beam;
    }

    private Partial with(Partial partial, Given given) {
        List<Given> all = new ArrayList<>(partial.given());
        Set<Integer> used = new HashSet<>(partial.used());
        int score = partial.score() + GIVEN + closeness(given);
        if (given.way() != Way.COLUMN
                && all.stream().anyMatch(g -> g.name().kind() == given.name().kind())) {
            score += SECOND_OF_A_KIND;
        }
        if (!all.isEmpty() && all.get(all.size() - 1).way() == given.way()) {
            score += 1;
        }
        all.add(given);
        if (given.label() >= 0) {
            used.add(given.label());
        }
        return new Partial(all, used, score);
    }

    private int closeness(Given given) {
        return switch (given.way()) {
            case OWN -> 4;
            case HEADING -> 1;
            case COLUMN -> -3;
            case BEFORE -> closeness(gap(given.label(), given.number()), true);
            case BEHIND -> closeness(gap(given.number(), given.label()), false);
        };
    }

    /** Glued, or with a colon or dots to lead the eye, two belong together; over a line's end they hardly do. */
    private static int closeness(String gap, boolean nameFirst) {
        boolean led = gap.matches("\\s*[:=.…_-]+\\s*");
        if (gap.isEmpty() || led && nameFirst) {
            return 3;
        }
        return led || gap.contains("\n") ? -3 : gap.contains(",") || gap.contains(";") ? -2 : 1;
    }

    private String gap(int one, int other) {
        return text.substring(tokens.get(one).end(), tokens.get(other).start());
    }

    private List<Given> ways(Partial partial, int number) {
        List<Given> ways = new ArrayList<>();
        FigureToken token = tokens.get(number);
        if (token.ownUnit().isPresent()) {
            give(number, token.ownUnit().orElseThrow(), -1, Way.OWN).ifPresent(ways::add);
            return ways;
        }
        nameAt(number - 1)
                .filter(n -> n.before() && !partial.used().contains(number - 1) && !isHeadingOver(number))
                .flatMap(n -> give(number, n, number - 1, Way.BEFORE))
                .ifPresent(ways::add);
        nameAt(number + 1)
                .filter(Name::after)
                .flatMap(n -> give(number, n, number + 1, Way.BEHIND))
                .ifPresent(ways::add);
        heading(number)
                .filter(h -> !partial.used().contains(h))
                .flatMap(h -> give(number, tokens.get(h).name().orElseThrow(), h, Way.HEADING))
                .ifPresent(ways::add);
        if (!partial.given().isEmpty()) {
            Given last = partial.given().get(partial.given().size() - 1);
            boolean columns = last.number() == number - 1
                    && (last.way() == Way.BEFORE || last.way() == Way.COLUMN)
                    && (last.name().kind() == Kind.VOLTS || last.name().kind() == Kind.AMPS);
            if (columns) {
                give(number, last.name(), -1, Way.COLUMN).ifPresent(ways::add);
            }
        }
        return ways;
    }

    /** The name before stands in a row of names, and the number on another line: it is a heading of a column. */
    private boolean isHeadingOver(int number) {
        return gap(number - 1, number).contains("\n")
                && nameAt(number - 2).isPresent()
                && !gap(number - 2, number - 1).contains("\n");
    }

    private Optional<Name> nameAt(int index) {
        return index < 0 || index >= tokens.size()
                ? Optional.empty()
                : tokens.get(index).name();
    }

    /** In a row of headings over as many numbers: the heading of a number, by its place. */
    private Optional<Integer> heading(int number) {
        int first = number;
        while (first > 0 && tokens.get(first - 1).isNumber()) {
            first--;
        }
        int last = number;
        while (last + 1 < tokens.size() && tokens.get(last + 1).isNumber()) {
            last++;
        }
        int count = last - first + 1;
        int headings = first - count;
        if (count < 2 || headings < 0) {
            return Optional.empty();
        }
        for (int i = headings; i < first; i++) {
            if (tokens.get(i).name().isEmpty()) {
                return Optional.empty();
            }
        }
        boolean more = headings > 0 && nameAt(headings - 1).isPresent();
        return more ? Optional.empty() : Optional.of(headings + number - first);
    }

    private Optional<Given> give(int number, Name name, int label, Way way) {
        String digits = tokens.get(number).text();
        // the wave means alternating current: behind a 1 or 3 that many phases, behind 50 or 60 cycles
        boolean cycles = label >= 0 && tokens.get(label).text().equals("~") && digits.matches("[56]0");
        Name meant = cycles ? new Name(Kind.FREQUENCY, "", false, true) : name;
        return FigureValue.of(meant, digits).map(v -> new Given(number, meant, label, way, v));
    }

    // pieces

    private List<PlatePiece> pieces(List<Partial> beam) {
        List<PlatePiece> pieces = new ArrayList<>();
        Partial best = beam.get(0);
        for (int i = 0; i < best.given().size(); i++) {
            Given given = best.given().get(i);
            int columns = i + 1;
            while (columns < best.given().size() && best.given().get(columns).way() == Way.COLUMN) {
                columns++;
            }
            List<Given> figure = best.given().subList(i, columns);
            PlatePiece piece = piece(figure);
            Set<String> others = others(beam, given);
            String number = tokens.get(given.number()).text();
            if (given.way() == Way.BEFORE
                    && number.startsWith(".")
                    && gap(given.label(), given.number()).isEmpty()) {
                piece = piece.asked("Is it " + number + " or " + number.substring(1)
                        + "? The point may belong to the name before it. Write 0" + number + ", or a space.");
            }
            pieces.add(
                    others.isEmpty()
                            ? piece
                            : piece.asked("Is " + tokens.get(given.number()).text() + " the "
                                    + given.name().kind().words() + ", or the " + String.join(", or the ", others)
                                    + "? Write its unit beside it."));
            i = columns - 1;
            if (given.way() == Way.HEADING) {
                FigureToken heading = tokens.get(given.label());
                pieces.add(PieceReader.piece(Kind.IGNORED, heading.start(), heading.end(), heading.text(), List.of()));
            }
        }
        return pieces;
    }

    private PlatePiece piece(List<Given> figure) {
        Given first = figure.get(0);
        FigureToken number = tokens.get(first.number());
        FigureToken last = tokens.get(figure.get(figure.size() - 1).number());
        boolean besideLabel = first.label() >= 0 && first.way() != Way.HEADING;
        int start =
                besideLabel ? Math.min(number.start(), tokens.get(first.label()).start()) : number.start();
        int end = Math.max(last.end(), besideLabel ? tokens.get(first.label()).end() : 0);
        String value = figure.stream().map(Given::value).collect(Collectors.joining("/"));
        return FigureValue.piece(first.name(), start, end, text.substring(start, end), value);
    }

    /** What else this number is in ways that are nearly as good. */
    private static Set<String> others(List<Partial> beam, Given given) {
        Set<String> others = new LinkedHashSet<>();
        for (Partial other : beam) {
            if (other.score() < beam.get(0).score() - AS_GOOD) {
                break;
            }
            other.given().stream()
                    .filter(g -> g.number() == given.number()
                            && g.name().kind() != given.name().kind())
                    .forEach(g -> others.add(g.name().kind().words()));
        }
        return others;
    }

    /** Figures that a number without a name could be, of those that the plate does not state otherwise. */
    static Set<Kind> couldBe(String number, Set<Kind> stated) {
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        for (Kind kind : Kind.FIGURES) {
            String unit = kind == Kind.OUTPUT ? "hp" : "";
            if (!stated.contains(kind)
                    && FigureValue.of(new Name(kind, unit, true, true), number).isPresent()) {
                kinds.add(kind);
            }
        }
        return kinds;
    }
}
