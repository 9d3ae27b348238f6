package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What each kind of piece says, brought into one notation. */
final class PieceReader {
    /** A capacitor named neither start nor run is a run capacitor below this, µF (common practice). */
    static final double MOST_RUN_MICROFARADS = 61;

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?|[.,]\\d+");

    private PieceReader() {}

    /** The numbers in a text, in order, with points. */
    static List<String> numbers(String text) {
        List<String> numbers = new ArrayList<>();
        Matcher matcher = NUMBER.matcher(text);
        while (matcher.find()) {
            numbers.add(plain(matcher.group()));
        }
        return numbers;
    }

    private static String plain(String number) {
        String point = number.replace(',', '.');
        return point.startsWith(".") ? "0" + point : point;
    }

    static PlatePiece piece(Kind kind, int start, int end, String text, List<String> groups) {
        String first = groups.isEmpty() ? "" : groups.get(0);
        String upper = text.toUpperCase(Locale.ROOT);
        return switch (kind) {
            case PHASE -> {
                String phases = first.matches("[13]")
                        ? first
                        : upper.startsWith("SINGLE") || upper.startsWith("ONE") ? "1" : "3";
                yield said(kind, start, end, text, phases, phases.equals("1") ? "single phase" : "three phase");
            }
            case POLES -> said(kind, start, end, text, first, first + " poles");
            case SERVICE_FACTOR -> said(kind, start, end, text, plain(first), "service factor " + plain(first));
            case CODE -> said(kind, start, end, text, first.toUpperCase(Locale.ROOT), "code letter " + first);
            case INSULATION ->
                said(kind, start, end, text, first.toUpperCase(Locale.ROOT), "insulation class " + first);
            case AMBIENT -> said(kind, start, end, text, first, first + " °C ambient");
            case RISE -> said(kind, start, end, text, first, first + " K rise");
            case DUTY -> duty(start, end, text, first.toUpperCase(Locale.ROOT));
            case FRAME -> said(kind, start, end, text, first.toUpperCase(Locale.ROOT), "frame " + first);
            case ROTATION -> rotation(start, end, text, groups);
            case REVERSIBLE -> said(kind, start, end, text, "yes", "reversible");
            case NOT_REVERSIBLE -> said(kind, start, end, text, "no", "said not to be reversible");
            case PROTECTION -> {
                boolean none = upper.matches("(?:NOT|NO|W/O|WITHOUT)\\b.*");
                String kindOf = none
                        ? "none"
                        : upper.contains("MAN") ? "manual" : upper.contains("IMP") ? "impedance" : "automatic";
                yield said(kind, start, end, text, kindOf, none ? "no protector" : "protector, " + kindOf);
            }
            case FAMILY -> {
                MotorFamily family = family(upper);
                yield said(kind, start, end, text, family.key(), family.words());
            }
            case RATIO -> said(kind, start, end, text, plain(first), "gear ratio " + plain(first) + " to 1");
            case OUTPUT_SPEED -> said(kind, start, end, text, plain(first), plain(first) + " rpm behind the gear");
            case TORQUE -> said(kind, start, end, text, plain(first), text + " behind the gear");
            case OTHER_FAMILY -> other(start, end, text, upper);
            case START_CAPACITOR, RUN_CAPACITOR, CAPACITOR -> capacitor(kind, start, end, text, groups);
            case OUTPUT, VOLTS, AMPS, FREQUENCY, SPEED, IGNORED, UNKNOWN ->
                said(Kind.IGNORED, start, end, text, text, "not needed here");
        };
    }

    private static PlatePiece said(Kind kind, int start, int end, String text, String value, String meaning) {
        return new PlatePiece(start, end, text, kind, value, meaning, "");
    }

    /** Of a range the middle: what is stamped so is anything between. */
    private static PlatePiece capacitor(Kind kind, int start, int end, String text, List<String> groups) {
        String low = plain(groups.get(0));
        if (groups.size() < 2) {
            return said(kind, start, end, text, low, kind.words() + " " + low + " µF");
        }
        String high = plain(groups.get(1));
        double middle = (Double.parseDouble(low) + Double.parseDouble(high)) / 2;
        String value = new BigDecimal(middle)
                .round(new MathContext(3))
                .stripTrailingZeros()
                .toPlainString();
        return said(
                kind,
                start,
                end,
                text,
                value,
                kind.words() + " " + low + " to " + high + " µF, " + value + " in the middle");
    }

    private static PlatePiece duty(int start, int end, String text, String word) {
        String value = word.startsWith("CONT") || word.startsWith("24") || word.equals("S1")
                ? "continuous"
                : word.startsWith("INT") ? "intermittent" : word.toLowerCase(Locale.ROOT);
        return said(
                Kind.DUTY,
                start,
                end,
                text,
                value,
                value.equals("air over") ? "only in an air stream" : value + " duty");
    }

    private static PlatePiece rotation(int start, int end, String text, List<String> groups) {
        String way = groups.get(0).toUpperCase(Locale.ROOT).replace(".", "");
        boolean clockwise = way.equals("CW") || way.equals("CLOCKWISE");
        String direction = clockwise ? "clockwise" : "counter-clockwise";
        if (groups.size() < 2) {
            return said(Kind.ROTATION, start, end, text, direction, direction)
                    .asked("“" + text + "” does not say from which end. Write it, such as CW facing shaft end.");
        }
        String from = groups.get(1).toUpperCase(Locale.ROOT).replaceAll("[\\s.]+", " ");
        boolean opposite = from.startsWith("OP")
                || from.startsWith("OD")
                || from.equals("NDE")
                || from.equals("LE")
                || from.startsWith("LEAD")
                || from.startsWith("NON");
        String end1 = opposite ? "opposite-end" : "shaft-end";
        PlatePiece piece = said(
                Kind.ROTATION,
                start,
                end,
                text,
                direction + " " + end1,
                direction + (opposite ? ", facing the end opposite the shaft" : ", facing the shaft end"));
        return from.startsWith("L")
                ? piece.asked("The lead end is taken as the end opposite the shaft. Look whether it is.")
                : piece;
    }

    private static MotorFamily family(String upper) {
        String squeezed = upper.replaceAll("[\\s.,/&-]|AND", "");
        if (squeezed.contains("SPLITPH") || squeezed.equals("RSIR")) {
            return MotorFamily.SPLIT_PHASE;
        }
        if (squeezed.contains("SPLITCAP") || squeezed.equals("PSC")) {
            return MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        }
        boolean runs = squeezed.matches(".*CAP(ACITOR)?RUN.*") || squeezed.equals("CSCR") || squeezed.equals("CSR");
        return runs ? MotorFamily.CAPACITOR_START_CAPACITOR_RUN : MotorFamily.CAPACITOR_START;
    }

    private static PlatePiece other(int start, int end, String text, String upper) {
        String which = "universal";
        if (upper.startsWith("REP")) {
            which = "repulsion";
        } else if (upper.startsWith("SHADED")) {
            which = "shaded-pole";
        } else if (upper.matches("HERMETIC.*|SEALED.*|COMPRESSOR")) {
            which = "sealed";
        }
        return said(Kind.OTHER_FAMILY, start, end, text, which, which + " motor");
    }
}
