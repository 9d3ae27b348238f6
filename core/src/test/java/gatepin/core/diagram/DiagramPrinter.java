package gatepin.core.diagram;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.SortedSet;
import java.util.stream.Collectors;

/** Prints a connection in one of many ways in which plates write it. */
public final class DiagramPrinter {
    /** How it is written. */
    public enum Style {
        NAME_COLON,
        NAME_DASH,
        NAME_SPACE,
        TO_LINE,
        ARROWS,
        LINE_BEHIND,
        SENTENCES,
        NUMBERS,
        AMPERSANDS,
        LINES_OF_A_TABLE,
        EQUALS,
        LINE_A_B,
        TIE_FIRST,
        LOWER_CASE
    }

    /** A connection and how it reads. */
    public record Printed(Style style, String text, Connection connection) {}

    private final Random random;
    private final Style style;

    private DiagramPrinter(long seed, Style style) {
        this.random = new Random(seed);
        this.style = style;
    }

    public static Printed print(Connection connection, long seed) {
        Style style = Style.values()[(int) (seed % Style.values().length)];
        return new Printed(style, new DiagramPrinter(seed, style).text(connection), connection);
    }

    private String pick(String... of) {
        return of[random.nextInt(of.length)];
    }

    private String text(Connection c) {
        List<String> parts = new ArrayList<>();
        parts.add(line(1, c.line1()));
        parts.add(line(2, c.line2()));
        c.joined().forEach(g -> parts.add(joined(leads(g))));
        Collections.shuffle(parts, random);
        String swap =
                pick("TO REVERSE INTERCHANGE ", "FOR OPPOSITE ROTATION INTERCHANGE ", "SWAP ", "INTERCHANGE LEADS ")
                        + mark(c.swap().first())
                        + pick(" AND ", " & ")
                        + mark(c.swap().second());
        String between = switch (style) {
            case LINES_OF_A_TABLE -> "\n";
            case SENTENCES, TO_LINE -> ". ";
            default -> pick("; ", ", ", "\n", ". ");
        };
        String text = String.join(between, parts) + pick("; ", ". ", "\n") + swap + pick("", ".", " TO REVERSE");
        return style == Style.LOWER_CASE ? text.toLowerCase(Locale.ROOT) : text;
    }

    private String mark(String mark) {
        return style == Style.NUMBERS ? mark.replaceFirst("^T(?=\\d$)", "") : mark;
    }

    private String leads(SortedSet<String> group) {
        String sign = switch (style) {
            case NAME_DASH, LINE_BEHIND, LINE_A_B -> "-";
            case AMPERSANDS -> " & ";
            case ARROWS, NUMBERS -> pick("+", "-");
            case TIE_FIRST, EQUALS -> ",";
            default -> " ";
        };
        List<String> marks = group.stream().map(this::mark).collect(Collectors.toList());
        Collections.shuffle(marks, random);
        if (style == Style.SENTENCES && marks.size() > 1) {
            return String.join(" ", marks.subList(0, marks.size() - 1)) + " AND " + marks.get(marks.size() - 1);
        }
        return String.join(sign, marks);
    }

    private String line(int number, SortedSet<String> group) {
        String leads = leads(group);
        return switch (style) {
            case NAME_COLON, LOWER_CASE, AMPERSANDS -> pick("L" + number, "LINE " + number) + ": " + leads;
            case NAME_DASH -> "LINE " + number + " - " + leads;
            case NAME_SPACE, LINES_OF_A_TABLE -> "L" + number + " " + leads;
            case TO_LINE, SENTENCES, TIE_FIRST -> leads + " TO " + pick("LINE ", "L") + number;
            case ARROWS -> leads + " -> L" + number;
            case LINE_BEHIND -> leads + " L" + number;
            case NUMBERS -> leads + " TO L" + number;
            case EQUALS -> "L" + number + "=" + leads;
            case LINE_A_B -> leads + " TO LINE " + (number == 1 ? "A" : "B");
        };
    }

    private String joined(String leads) {
        return switch (style) {
            case TIE_FIRST -> pick("TIE ", "JOIN ", "INS: ") + leads;
            case EQUALS -> "JOIN " + leads;
            case NAME_COLON, LOWER_CASE, NAME_SPACE, LINES_OF_A_TABLE -> pick("INS: ", "JOIN: ", "TIE ") + leads;
            default -> leads + pick(" TOGETHER", " JOINED", " TIED", " INSULATED");
        };
    }
}
