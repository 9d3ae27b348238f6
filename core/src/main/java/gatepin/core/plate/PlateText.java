package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads a plate typed as it stands, in one go: "1-1/2 HP 115/208-230 V 18.4/9.6-9.2 A 1PH 60HZ 1725 RPM". Every piece is
 * kept with its place in the text, understood, ignored, or doubtful; nothing typed makes it fail.
 */
public final class PlateText {
    private static final int LONGEST = 2000;
    private static final Map<Kind, String> UNITS =
            Map.of(Kind.OUTPUT, "HP", Kind.VOLTS, "V", Kind.AMPS, "A", Kind.FREQUENCY, "HZ", Kind.SPEED, "RPM");
    /** Two outputs this far apart, as a factor, are one in two units. */
    private static final double ROUNDED = 1.05;

    /** Pn = 1,1 kW: its unit says that it is an output. */
    private static final Pattern POWER = Pattern.compile("\\bP[Nn2]?\\s?=\\s?(?=\\d)");

    /** V1 115 V2 230: the first and the second, where there is a second; their numbers are no figures. */
    private static final Pattern INDEX = Pattern.compile(
            "\\b([VAUI])[12](?=\\s{1,3}[:=]?\\s{0,3}\\d{1,3}(?:[.,]\\d{1,2})?(?![\\d/]))", Pattern.CASE_INSENSITIVE);

    private static final Pattern SECOND =
            Pattern.compile("\\b[VU]2\\s{1,3}[:=]?\\s{0,3}\\d{2,3}\\b", Pattern.CASE_INSENSITIVE);

    /** The last of such words before a figure says that it goes in. */
    private static final Pattern GOES_IN = Pattern.compile(
            "\\b(?:INPUT(?![A-Z])|P1\\b)(?!.*\\b(?:OUTPUT(?![A-Z])|P2\\b))", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** So many letters behind the word INPUT still belong to it. */
    private static final int INPUT_REACH = 30;

    private static final Pattern WORD = Pattern.compile("[^\\s,;|]+");

    private final String text;
    private final List<PlatePiece> pieces = new ArrayList<>();
    /** The pieces before it is asked which of two frequencies they are for. */
    private final List<PlatePiece> stated = new ArrayList<>();

    private PlateText(String text) {
        this.text = text;
    }

    /** Reads a plate's text, whatever it is. */
    public static PlateText read(String typed) {
        String text = typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed;
        String written = text.replace("½", " 1/2")
                .replace("¼", " 1/4")
                .replace("¾", " 3/4")
                .replace("⅓", " 1/3")
                .replace("⅛", " 1/8")
                .replace("⅙", " 1/6");
        written = POWER.matcher(written).replaceAll(m -> " ".repeat(m.group().length()));
        if (SECOND.matcher(written).find()) {
            written = INDEX.matcher(written).replaceAll("$1 ");
        }
        PlateText plate = new PlateText(written.length() > LONGEST ? written.substring(0, LONGEST) : written);
        plate.find();
        return plate;
    }

    private void find() {
        boolean[] taken = new boolean[text.length()];
        PlateWords.NUMBERED.forEach(rule -> find(rule, taken));
        List<Scratched> scratched = scratched(taken);
        PlateWords.BY_WORD.forEach(rule -> find(rule, taken));
        pieces.addAll(FigureReader.read(text, taken));
        PlateWords.NOISE.forEach(rule -> find(rule, taken));
        leftover(taken);
        pieces.sort(Comparator.comparingInt(PlatePiece::start));
        gears();
        capacitors();
        resets();
        inputs();
        Together.voltages(pieces, text);
        Together.signs(pieces, text);
        twice();
        beside(scratched);
        guesses();
        stated.addAll(pieces);
        frequencies();
    }

    /** What cannot be read as a whole is asked; and so is what is only a part beside it. */
    private List<Scratched> scratched(boolean[] taken) {
        List<Scratched> all = Scratched.in(text, taken);
        for (Scratched figure : all) {
            java.util.Arrays.fill(taken, figure.start(), figure.end(), true);
            pieces.add(figure.piece(text));
        }
        return all;
    }

    private void beside(List<Scratched> scratched) {
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (!piece.isDoubtful() && piece.kind().isFigure()) {
                Optional<Scratched> other =
                        scratched.stream().filter(s -> s.touches(piece, text)).findFirst();
                if (other.isPresent()) {
                    pieces.set(
                            i,
                            piece.asked("Beside it stands “"
                                    + text.substring(
                                            other.get().start(), other.get().end())
                                    + "”, of which a part cannot be read. Is “" + piece.text()
                                    + "” all of the " + piece.kind().words() + "?"));
                }
            }
        }
    }

    private void find(PlateWords.Rule rule, boolean[] taken) {
        Matcher matcher = rule.pattern().matcher(text);
        int from = 0;
        while (from <= text.length() && matcher.find(from)) {
            from = Math.max(matcher.end(), matcher.start() + 1);
            if (free(taken, matcher.start(), matcher.end())) {
                take(taken, rule.kind(), matcher.toMatchResult());
            }
        }
    }

    /** A gearmotor that states only the speed behind its gear: the motor's own is that times the ratio. */
    private void gears() {
        Optional<Double> ratio = value(Kind.RATIO).map(Double::parseDouble);
        if (ratio.isEmpty() || value(Kind.SPEED).isPresent()) {
            return;
        }
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (piece.kind() == Kind.OUTPUT_SPEED) {
                long own = Math.round(ratio.orElseThrow() * Double.parseDouble(piece.value()));
                pieces.set(
                        i,
                        piece.asked("That is the speed behind the gear. The motor itself then turns about " + own
                                + " rpm: is that so? Write " + own + " RPM into its field."));
            }
        }
    }

    /** Two capacitors of which neither is named: the small one runs, the large one starts, where only that can be. */
    private void capacitors() {
        List<PlatePiece> unnamed =
                pieces.stream().filter(p -> p.kind() == Kind.CAPACITOR).toList();
        if (unnamed.size() < 2) {
            return;
        }
        for (PlatePiece piece : unnamed) {
            boolean runs = Double.parseDouble(piece.value()) < PieceReader.MOST_RUN_MICROFARADS;
            boolean onlyOne = unnamed.size() == 2
                    && unnamed.stream()
                                    .filter(p ->
                                            Double.parseDouble(p.value()) < PieceReader.MOST_RUN_MICROFARADS == runs)
                                    .count()
                            == 1;
            Kind kind = runs ? Kind.RUN_CAPACITOR : Kind.START_CAPACITOR;
            pieces.set(
                    pieces.indexOf(piece),
                    onlyOne && value(kind).isEmpty()
                            ? new PlatePiece(
                                    piece.start(),
                                    piece.end(),
                                    piece.text(),
                                    kind,
                                    piece.value(),
                                    kind.words() + " " + piece.value() + " µF, by its size",
                                    "")
                            : piece.asked("Which of the capacitors starts, and which runs? Write START or RUN before "
                                    + piece.text() + "."));
        }
    }

    /** How it is reset may stand apart from that it is protected. */
    private void resets() {
        List<PlatePiece> protection =
                pieces.stream().filter(p -> p.kind() == Kind.PROTECTION).toList();
        protection.stream()
                .filter(p -> p.text().toUpperCase(Locale.ROOT).contains("RESET")
                        && p.value().equals("manual"))
                .findFirst()
                .ifPresent(said -> protection.stream()
                        .filter(p -> p.value().equals("automatic")
                                && !p.text().toUpperCase(Locale.ROOT).contains("AUTO"))
                        .forEach(p -> pieces.set(
                                pieces.indexOf(p),
                                new PlatePiece(
                                        p.start(), p.end(), p.text(), p.kind(), said.value(), said.meaning(), ""))));
    }

    /** Watts behind INPUT, with volts or hertz in between, are what goes in. */
    private void inputs() {
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            String before = text.substring(Math.max(0, piece.start() - INPUT_REACH), piece.start());
            if (piece.kind() == Kind.OUTPUT
                    && piece.value().endsWith("kW")
                    && GOES_IN.matcher(before).find()) {
                pieces.set(
                        i,
                        new PlatePiece(
                                piece.start(),
                                piece.end(),
                                piece.text(),
                                Kind.IGNORED,
                                piece.text(),
                                "what goes in",
                                ""));
            }
        }
    }

    /** A plate for two frequencies: which of its figures hold here is for a person to say. */
    private void frequencies() {
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (piece.isDoubtful()) {
                continue;
            }
            if (piece.kind() == Kind.FREQUENCY && piece.value().contains("/")) {
                String[] both = piece.value().split("/");
                pieces.set(
                        i,
                        piece.asked("The plate allows " + both[0] + " and " + both[1]
                                + " Hz; its other figures belong to one of them. Leave only the one you have."));
            }
            if (piece.kind() == Kind.SPEED && piece.value().contains("/")) {
                pieces.set(
                        i,
                        piece.asked("Two speeds, " + piece.value().replace("/", " and ")
                                + " rpm: one for each frequency, or for each voltage. Leave only the one you have."));
            }
        }
    }

    /** A number without a unit that only one figure can be is offered as that. */
    private void guesses() {
        Set<Kind> kinds = pieces.stream()
                .map(PlatePiece::kind)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Kind.class)));
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (piece.kind() == Kind.UNKNOWN) {
                Set<Kind> could = FigureReader.couldBe(piece.text(), kinds);
                if (could.size() == 1) {
                    Kind kind = could.iterator().next();
                    pieces.set(i, piece.guessed(kind));
                }
            }
        }
    }

    private static boolean free(boolean[] taken, int start, int end) {
        for (int i = start; i < end; i++) {
            if (taken[i]) {
                return false;
            }
        }
        return end > start;
    }

    private void take(boolean[] taken, Kind kind, MatchResult match) {
        int start = match.start();
        int end = match.end();
        while (start < end && " \t\n:".indexOf(text.charAt(start)) >= 0) {
            start++;
        }
        if (start == end) {
            return;
        }
        java.util.Arrays.fill(taken, start, end, true);
        List<String> groups = new ArrayList<>();
        for (int g = 1; g <= match.groupCount(); g++) {
            if (match.group(g) != null) {
                groups.add(match.group(g).strip());
            }
        }
        pieces.add(
                PieceReader.piece(kind, start, end, text.substring(start, end).strip(), groups));
    }

    private void leftover(boolean[] taken) {
        Matcher words = WORD.matcher(text);
        while (words.find()) {
            int start = words.start();
            int end = words.end();
            if (free(taken, start, end) && text.substring(start, end).matches(".*[\\p{L}\\d].*")) {
                pieces.add(PlatePiece.doubtful(start, end, text.substring(start, end)));
            } else {
                rests(taken, start, end);
            }
        }
    }

    /** What is left of a word that was understood in part: digits in it are asked for. */
    private void rests(boolean[] taken, int start, int end) {
        int at = start;
        while (at < end) {
            int to = at;
            while (to < end && !taken[to]) {
                to++;
            }
            String rest = text.substring(at, to);
            if (rest.matches(".*\\d.*")) {
                pieces.add(PlatePiece.doubtful(at, to, rest));
            }
            at = Math.max(to, at + 1);
        }
    }

    /** A second piece of one kind is asked about: a plate has one output, one speed, one frequency. */
    private void twice() {
        Map<Kind, PlatePiece> seen = new EnumMap<>(Kind.class);
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (!piece.kind().isSingle()) {
                continue;
            }
            PlatePiece first = seen.putIfAbsent(piece.kind(), piece);
            if (first != null && !first.value().equals(piece.value()) && !isSameOutput(first, piece)) {
                pieces.set(
                        i,
                        piece.asked("A second " + piece.kind().words() + ": the plate already says " + first.text()
                                + ". Which one is it?"));
            }
        }
    }

    /** Kilowatts and horsepower on one plate are one output, as far as plates round. */
    private static boolean isSameOutput(PlatePiece one, PlatePiece other) {
        double ratio = FigureValue.watts(one.value()) / FigureValue.watts(other.value());
        return one.kind() == Kind.OUTPUT && Math.abs(Math.log(ratio)) < Math.log(ROUNDED);
    }

    /** The text as it was understood, with fractions written out. */
    public String text() {
        return text;
    }

    /**
     * The same on a supply of that frequency: of a plate for two frequencies the figures that stand at its place, speeds and amps among
     * them; as it is where the plate is for one, or for another one.
     */
    public PlateText at(int hertz) {
        Optional<PlatePiece> both = stated.stream()
                .filter(p -> p.kind() == Kind.FREQUENCY
                        && !p.isDoubtful()
                        && p.value().contains("/"))
                .findFirst();
        List<String> frequencies =
                List.of(both.map(PlatePiece::value).orElse("").split("/"));
        int place = frequencies.indexOf("" + hertz);
        if (both.isEmpty() || place < 0) {
            return this;
        }
        boolean oneVoltage = !value(Kind.VOLTS).orElse("").contains("/");
        PlateText chosen = new PlateText(text);
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = stated.get(i);
            boolean belongs = piece.kind() == Kind.FREQUENCY
                    || piece.kind() == Kind.SPEED
                    || piece.kind() == Kind.AMPS && oneVoltage;
            List<String> parts = List.of(piece.value().split("/"));
            chosen.pieces.add(
                    belongs && !piece.isDoubtful() && parts.size() == frequencies.size()
                            ? piece.chosen(parts.get(place), "at " + hertz + " Hz, of " + piece.meaning())
                            : pieces.get(i));
        }
        return chosen;
    }

    /** The text with the unit written behind a guess that somebody has confirmed; as it is where no guess stands there. */
    public String confirmed(int start) {
        return pieces.stream()
                .filter(p -> p.isGuess() && p.start() == start)
                .findFirst()
                .map(p -> text.substring(0, p.end()) + " " + UNITS.get(p.kind()) + text.substring(p.end()))
                .orElse(text);
    }

    /** Every piece in the order of the text. */
    public List<PlatePiece> pieces() {
        return List.copyOf(pieces);
    }

    /** The pieces somebody has to look at. */
    public List<PlatePiece> doubts() {
        return pieces.stream().filter(PlatePiece::isDoubtful).toList();
    }

    /** What the first understood piece of a kind says. */
    public Optional<String> value(Kind kind) {
        return pieces.stream()
                .filter(p -> p.kind() == kind && !p.isDoubtful())
                .map(PlatePiece::value)
                .findFirst();
    }

    /** The plate's fields as far as they were understood; the rest is blank. */
    public TypedPlate fields() {
        List<String> volts = PieceReader.numbers(value(Kind.VOLTS).orElse(""));
        List<String> amps = PieceReader.numbers(value(Kind.AMPS).orElse(""));
        String output = value(Kind.OUTPUT).orElse("");
        boolean kilowatts = output.endsWith("kW");
        Optional<String> capacitor = value(Kind.CAPACITOR);
        Optional<MotorFamily> family = value(Kind.FAMILY).flatMap(MotorFamily::of);
        boolean capacitorRuns = family.map(f -> !f.hasStartCapacitor())
                .orElseGet(() -> capacitor
                        .map(c -> Double.parseDouble(c) < PieceReader.MOST_RUN_MICROFARADS)
                        .orElse(false));
        int low = (int) volts.stream()
                .filter(v -> VoltageRange.same(whole(v), whole(volts.get(0))))
                .count();
        boolean inStep = amps.size() == volts.size();
        int lowAmps = inStep ? low : Math.min(1, amps.size());
        boolean dual = low < volts.size();
        return TypedPlate.of(
                output.replaceFirst("\\s*(hp|kW)$", ""),
                kilowatts ? "kW" : "hp",
                String.join("-", volts.subList(0, low)),
                String.join("-", amps.subList(0, lowAmps)),
                String.join("-", volts.subList(low, volts.size())),
                !dual
                        ? ""
                        : String.join(
                                "-", amps.subList(inStep ? lowAmps : Math.max(lowAmps, amps.size() - 1), amps.size())),
                value(Kind.FREQUENCY).orElse(""),
                value(Kind.SPEED).orElse(""),
                value(Kind.FAMILY).orElse(""),
                value(Kind.CODE).orElse(""),
                value(Kind.START_CAPACITOR)
                        .or(() -> capacitor.filter(c -> !capacitorRuns))
                        .orElse(""),
                value(Kind.RUN_CAPACITOR)
                        .or(() -> capacitor.filter(c -> capacitorRuns))
                        .orElse(""),
                text.strip());
    }

    private static int whole(String volts) {
        return (int) Math.round(Double.parseDouble(volts));
    }

    @Override
    public String toString() {
        return pieces.stream()
                .map(p -> p.kind().name().toLowerCase(Locale.ROOT) + "=" + p.value())
                .collect(Collectors.joining(" "));
    }
}
