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
    private static final String NUMBER = "(?<!\\d)\\d{1,6}(?:[.,]\\d{1,4})?|[.,]\\d{1,4}";
    /** One, two or a range: 115/208-230, 18.4/9.6-9.2. */
    private static final String SEVERAL = "(?:" + NUMBER + ")(?:\\s?[-–/]\\s?(?:" + NUMBER + "))*";

    private static final String END = "OPE|ODE|SE|LE|NDE|DE"
            + "|OPP(?:OSITE)?\\.?\\s{0,4}(?:TO\\s)?(?:THE\\s)?(?:SHAFT|PULLEY|DRIVE)(?:\\sEND)?"
            + "|(?:SHAFT|PULLEY|LEAD|NON[\\s-]DRIVE|DRIVE)\\s?END";
    private static final String CAPACITOR =
            "(?:CAP(?:ACITOR)?\\.?|CONDENSER|KOND\\.?|COND\\.?)?[:=.…_\\s]{0,12}(" + NUMBER + ")(?:\\s?[-–]\\s?(?:"
                    + NUMBER + "))?\\s{0,4}(?:[µμu]F|MFD|MF)\\b\\.?(?:\\s{0,4}/?\\s{0,4}\\d{3}\\s{0,4}V(?:AC|DB)?\\b)?";

    private static final int LONGEST = 2000;
    private static final Map<Kind, String> UNITS =
            Map.of(Kind.OUTPUT, "HP", Kind.VOLTS, "V", Kind.AMPS, "A", Kind.FREQUENCY, "HZ", Kind.SPEED, "RPM");
    /** Two outputs this far apart, as a factor, are one in two units. */
    private static final double ROUNDED = 1.05;

    private static final String TORQUE_UNIT =
            "(?:IN|FT|OZ)[\\s.-]?(?:LBS?|IN|OZ)\\b\\.?|LBS?[\\s.-]?(?:IN|FT)\\b\\.?|N\\s?\\.?\\s?M\\b";

    private record Rule(Kind kind, Pattern pattern) {}

    /** What can be told apart by its own words; the first rule that fits a stretch of text takes it. */
    private static final List<Rule> BY_WORD = List.of(
            rule(
                    Kind.IGNORED,
                    "(?:SERIAL|SER|S/N)\\b\\.?\\s{0,4}(?:NO\\.?|NR\\.?)?[:#]?\\s{0,4}(?:[A-Z0-9./-]*\\d[A-Z0-9./-]*)"),
            rule(
                    Kind.IGNORED,
                    "\\b(?:MODEL|MOD|STYLE|CAT|PART|P/N|TYPE|TYP|DATE|FORM|ID)\\b\\.?\\s{0,4}(?:NO\\b\\.?|NR\\b\\.?)?[:#]?\\s{0,4}"
                            + "(?:[A-Z0-9./-]*\\d[A-Z0-9./-]*)"),
            rule(
                    Kind.IGNORED,
                    "(?:\\b(?:BEARINGS?|BRGS?|LAGER|D\\.?E|N?O\\.?D\\.?E|SHAFT END|OPP\\.? END)\\b\\.?[:=.…_\\s]{0,12})+(?:62|63|60)\\d{2}[A-Z0-9-]*"),
            rule(Kind.IGNORED, "\\b(?:62|63)\\d{2}(?:-?(?:2?RS|ZZ|2Z|Z|LL|C3|2RS1?)[A-Z0-9/]*)+"),
            rule(Kind.IGNORED, "\\bS\\.?F\\.?A\\b\\.?[:=.…_\\s]{0,12}(?:" + SEVERAL + ")"),
            rule(
                    Kind.IGNORED,
                    "(?:\\bCOS\\s?(?:φ|PHI)?|\\bP\\.?F\\b\\.?|(?:\\bNOM\\.?\\s?)?\\bEFF\\b\\.?|η)[:=.…_\\s]{0,12}(?:"
                            + NUMBER + ")\\s?%?"),
            rule(Kind.IGNORED, "\\bIP\\s?\\d[\\dX]"),
            rule(
                    Kind.RATIO,
                    "\\b(?:GEAR\\s?)?RATIO[:=.…_\\s]{0,12}(" + NUMBER + ")(?:\\s?(?::|TO|/)\\s?1\\b)?|(" + NUMBER
                            + ")\\s?(?::|TO)\\s?1(?:\\s?(?:GEAR\\s?)?RATIO)?\\b"),
            rule(
                    Kind.OUTPUT_SPEED,
                    "\\b(?:OUTPUT|OUT|GEAR)\\s(?:SHAFT\\s)?(?:RPM|R\\.P\\.M\\.|SPEED)[:=.…_\\s]{0,12}(" + NUMBER
                            + ")(?:\\s?RPM\\b)?|(" + NUMBER + ")\\s?(?:RPM|R\\.P\\.M\\.)\\s(?:OUTPUT|OUT)\\b"),
            rule(
                    Kind.TORQUE,
                    "(?:\\b(?:OUTPUT\\s)?TORQUE[:=.…_\\s]{0,12})(" + NUMBER + ")(?:\\s?(?:" + TORQUE_UNIT + "))?|("
                            + NUMBER + ")\\s?(?:" + TORQUE_UNIT + ")(?:\\s?TORQUE)?"),
            rule(Kind.IGNORED, "\\bTHRUST[:=.…_\\s]{0,12}(?:" + NUMBER + ")(?:\\s?(?:LBS?|N|KG)\\b)?"),
            rule(Kind.IGNORED, "\\b(?:IEC|EN)\\s?(?:60)?034(?:-1)?|\\bVDE\\s?0530"),
            rule(Kind.IGNORED, "(?:" + NUMBER + ")\\s?(?:KG|LBS?)\\b"),
            rule(Kind.IGNORED, "\\b(?:MADE IN|MFG\\.?|MFD BY)\\s+[A-Z]+"),
            rule(Kind.START_CAPACITOR, "\\b(?:START(?:ING)?|ANLAUF|C\\.?A\\.?(?=[\\s:=\\d]))[\\s:=-]*" + CAPACITOR),
            rule(Kind.RUN_CAPACITOR, "\\b(?:RUN(?:NING)?|BETRIEBS?|C\\.?B\\.?(?=[\\s:=\\d]))[\\s:=-]*" + CAPACITOR),
            rule(Kind.CAPACITOR, "(?:\\bC\\b)?" + CAPACITOR),
            rule(
                    Kind.SERVICE_FACTOR,
                    "(?:\\bS\\.?\\s?F\\b\\.?|\\bSERV(?:ICE)?\\.?\\s?FACT(?:OR)?\\.?)[:=.…_\\s]{0,12}(" + NUMBER + ")"),
            rule(Kind.CODE, "(?:\\bKVA\\s{0,4})?\\bCODE\\b[:=.…_\\s]{0,12}([A-HJ-NPR-V])\\b"),
            rule(
                    Kind.AMBIENT,
                    "(?:\\bMAX\\.?\\s{0,4})?\\bAMB(?:IENT)?\\b\\.?[:=.…_\\s]{0,12}(?:TEMP\\.?\\s{0,4})?(\\d{2})\\s?°?\\s?C?\\b"
                            + "|\\b(\\d{2})\\s?°?\\s?C\\s{0,4}(?:MAX\\.?\\s{0,4})?AMB(?:IENT)?\\b\\.?"),
            rule(
                    Kind.RISE,
                    "(?:\\bTEMP(?:ERATURE)?\\.?\\s{0,4})?\\bRISE\\b[:=.…_\\s]{0,12}(\\d{2,3})\\s?°?\\s?C?\\b"
                            + "|\\b(\\d{2,3})\\s?°?\\s?C\\s{0,4}RISE\\b"),
            rule(
                    Kind.INSULATION,
                    "\\b(?:INSUL(?:ATION)?|INS|ISO|I\\.?CL|TH)\\b\\.?\\s{0,4}-?(?:CL(?:ASS)?\\b\\.?|KL\\b\\.?)?[:=.…_\\s]{0,12}([ABEFH])\\b"
                            + "|\\b(?:CLASS|CL\\.|KL\\.)\\s{0,4}([ABEFH])\\b"),
            rule(
                    Kind.DUTY,
                    "(?:\\b(?:DUTY|TIME RATING|RATING|TIME|BETRIEB)\\b[:=.…_\\s]{0,12})?"
                            + "(\\bCONT(?:INUOUS|\\.)?(?=\\W|$)\\.?|\\bS[1-9]\\b(?:\\s?-?\\s?\\d{1,3}\\s?%)?"
                            + "|\\bINT(?:ERMITTENT|\\.)?(?=\\W|$)\\.?|\\b\\d{1,3}\\s?MIN\\b(?!-1|⁻)\\.?|\\b24\\s?HRS?\\b|\\bAIR\\s?OVER\\b)"),
            rule(
                    Kind.FRAME,
                    "\\b(?:FRAME|FR)\\b\\.?[:=.…_\\s]{0,12}([A-Z]?\\d{2,3}[A-Z]{0,4})\\b|\\bIEC\\s?(\\d{2,3}[A-Z]?)\\b|\\bBG\\s?(\\d{2,3})\\b"
                            + "|\\b(\\d{2,3}TC?)\\b"),
            rule(Kind.NOT_REVERSIBLE, "\\bNON?[\\s-]?REV(?:ERSIBLE|\\.)?|\\bNOT REVERSIBLE"),
            rule(Kind.REVERSIBLE, "\\bREV(?:ERSIBLE|\\.)(?=\\s|$|[,;])"),
            rule(
                    Kind.ROTATION,
                    "(?:\\b(?:ROT(?:ATION|\\.)?|DIR(?:ECTION|\\.)?)[:=.…_\\s]{0,12})?\\b(C\\.?C\\.?W|C\\.?W|CLOCKWISE"
                            + "|COUNTER[\\s-]?CLOCKWISE|ANTI[\\s-]?CLOCKWISE|ACW)"
                            + "(?:\\b\\.?(?:[\\s,(]{0,4}(?:FACING|FAC\\.?|VIEWED FROM|SEEN FROM|LOOKING AT|FROM)?\\s{0,4}(?:THE\\s)?("
                            + END
                            + ")\\b\\)?)?|(OPE|ODE|SE|LE|PE|DE|NDE)\\b)"),
            rule(
                    Kind.PROTECTION,
                    "(?:\\b(?:NOT|NO|W/O|WITHOUT)\\s+)?(?:\\bTHERM(?:AL(?:LY)?|\\.)?\\s{0,4}(?:OVERLOAD\\s{0,4})?PROT(?:ECT(?:ED|ION|OR)|\\.)?"
                            + "|\\bTHERMOGUARD|\\bIMP(?:EDANCE|\\.)?\\s{0,4}PROT(?:ECTED|\\.)?|\\bINHERENT(?:LY)?\\s{0,4}PROT(?:ECTED|\\.)?"
                            + "|\\bOVERLOAD PROTECT(?:ED|OR))(?:\\s{0,4}[-:,]?\\s{0,4}(AUTO(?:MATIC)?|MAN(?:UAL)?)\\b\\.?)?(?:\\s{0,4}RESET)?"
                            + "|\\bT\\.?P\\b\\.?[\\s:]*(AUTO|MAN)\\b\\.?"),
            rule(
                    Kind.FAMILY,
                    "\\bCAP(?:ACITOR|\\.)?[\\s.-]*START(?:[\\s,/&-]*(?:AND\\s)?(?:CAP(?:ACITOR|\\.)?[\\s.-]*RUN|INDUCTION[\\s-]{0,4}RUN))?"
                            + "|\\bSPLIT[\\s-]{0,4}PH(?:ASE|\\.)?|\\bPERM(?:ANENT|\\.)?[\\s-]{0,4}SPLIT[\\s-]{0,4}CAP(?:ACITOR|\\.)?"
                            + "|\\bP\\.?S\\.?C\\b\\.?|\\bCSCR\\b|\\bCSIR\\b|\\bCSR\\b|\\bRSIR\\b"),
            rule(
                    Kind.OTHER_FAMILY,
                    "\\bUNIVERSAL\\b|\\bAC\\s?/\\s?DC\\b|\\bREPULSION(?:[\\s-]{0,4}START)?(?:[\\s-]{0,4}INDUCTION)?(?:[\\s-]{0,4}RUN)?"
                            + "|\\bSHADED[\\s-]{0,4}POLE|\\bHERMETIC(?:ALLY SEALED)?\\b|\\bSEALED (?:UNIT|MOTOR)\\b|\\bCOMPRESSOR\\b|\\bSERIES WOUND|\\bBRUSH(?:ED)?\\b"),
            rule(Kind.IGNORED, "\\bUSABLE (?:AT|ON) \\d{3}\\s?V(?:OLTS?)?\\b"),
            rule(Kind.PHASE, "\\b(SINGLE|ONE|THREE)[\\s-]PH(?:ASE|\\.)?(?![A-Z])"),
            rule(Kind.POLES, "\\b(\\d{1,2})[\\s-]{0,4}POLES?\\b|\\bPOLES?[:=.…_\\s]{0,12}(\\d{1,2})\\b"));

    /** Words that mean nothing here. */
    private static final List<Rule> NOISE = List.of(rule(
            Kind.IGNORED,
            "\\b(?:TEFC|TENV|ODP|DRIP[\\s-]{0,4}PROOF|TOTALLY ENCLOSED|FAN COOLED|OPEN|ENCL(?:OSURE)?\\b\\.?|AC|A\\.C\\.|MOTOR|INDUCTION|ELECTRIC"
                    + "|GEARMOTOR|FARM|DUTY|BALL|SLEEVE|HOUSING|LOW|HIGH|MOT\\.?|FULL LOAD|LR|NO\\.?|NR\\.?"
                    + "|REVERSING|P|BEARINGS?)(?=\\s|$|[.,;:])"));

    private static final Pattern WORD = Pattern.compile("[^\\s,;|]+");

    private final String text;
    private final List<PlatePiece> pieces = new ArrayList<>();

    private PlateText(String text) {
        this.text = text;
    }

    private static Rule rule(Kind kind, String pattern) {
        return new Rule(
                kind,
                Pattern.compile(
                        pattern, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS));
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
        PlateText plate = new PlateText(written.length() > LONGEST ? written.substring(0, LONGEST) : written);
        plate.find();
        return plate;
    }

    private void find() {
        boolean[] taken = new boolean[text.length()];
        BY_WORD.forEach(rule -> find(rule, taken));
        pieces.addAll(FigureReader.read(text, taken));
        NOISE.forEach(rule -> find(rule, taken));
        leftover(taken);
        pieces.sort(Comparator.comparingInt(PlatePiece::start));
        frequencies();
        gears();
        twice();
        guesses();
    }

    private void find(Rule rule, boolean[] taken) {
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

    /** A plate for two frequencies: which of its figures hold here is for a person to say. */
    private void frequencies() {
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
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
        Set<Kind> stated = pieces.stream()
                .map(PlatePiece::kind)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Kind.class)));
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece piece = pieces.get(i);
            if (piece.kind() == Kind.UNKNOWN) {
                Set<Kind> could = FigureReader.couldBe(piece.text(), stated);
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
            }
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
    public PlateReader.Typed fields() {
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
        return new PlateReader.Typed(
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
