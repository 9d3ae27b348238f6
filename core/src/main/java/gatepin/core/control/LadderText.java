package gatepin.core.control;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.InSeries;
import gatepin.core.control.Branch.SideBySide;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.ControlSupply.Source;
import gatepin.core.control.Ladder.Guards;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A ladder as people write it down, a line a thing:
 *
 * <pre>
 * supply 24 V transformer grounded
 * S0 stop
 * S1 button forward
 * K1 contactor forward
 * K2 contactor reverse
 * mirror contacts
 * shared: S0 nc
 * K1: (S1 no or K1 no) - K2 nc
 * H1 direct: K1 no
 * </pre>
 *
 * A dash is a wire, "or" stands between branches side by side, "coil" marks the coil where contacts follow it, and "direct" a rung that
 * begins at the fuse. Empty lines and what follows a # say nothing.
 */
public final class LadderText {
    private static final int MOST_LINES = 250;
    private static final int MOST_CONTACTS = 300;
    private static final int LONGEST_LINE = 2000;
    private static final int DEEPEST = 20;
    private static final Pattern NAME = Pattern.compile("[A-Za-z][A-Za-z0-9]{0,7}");
    private static final Pattern RUNG = Pattern.compile("([A-Za-z][A-Za-z0-9]*)(\\s+direct)?\\s*:\\s*(.*)");
    private static final Pattern PART = Pattern.compile("(\\S+)\\s+(.+)");
    private static final Pattern PRINTED = Pattern.compile("(.+?)[ ,]+(?:coil )?([1-9][0-9]{0,2}) ?v");
    private static final Pattern SECONDS = Pattern.compile("timer\\s+([0-9]{1,4}(?:\\.[0-9]{1,2})?)\\s*s?");
    private static final Pattern SUPPLY =
            Pattern.compile("supply\\s+([0-9]{1,4})\\s*V?\\b(.*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern WORD = Pattern.compile("\\(|\\)|-|[A-Za-z0-9]+|\\S");

    private final List<Problem> problems = new ArrayList<>();
    private final Map<String, Part> parts = new LinkedHashMap<>();
    private final List<Rung> rungs = new ArrayList<>();
    private ControlSupply supply = ControlSupply.LOW;
    private Branch head = Branch.WIRE;
    private boolean mechanical;
    private boolean mirror;
    private int contacts;
    private final Map<Touch, String> firstSeen = new LinkedHashMap<>();

    private LadderText() {}

    /** Reads a ladder; each problem names its line as {@code line 3}. */
    public static Reading<Ladder> read(String text) {
        return new LadderText().all(text);
    }

    private Reading<Ladder> all(String text) {
        String[] lines = text.split("\\R", -1);
        if (lines.length > MOST_LINES) {
            return Reading.failed(List.of(new Problem(
                    "line " + (MOST_LINES + 1), "", "A ladder of more than " + MOST_LINES + " lines is not read.")));
        }
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].replaceAll("#.*", "").strip();
            if (line.length() > LONGEST_LINE) {
                problem(i, line.substring(0, 40), "Use at most " + LONGEST_LINE + " letters in a line.");
            } else if (!line.isEmpty()) {
                line(i, line);
            }
        }
        firstSeen.forEach((touch, where) -> {
            if (!parts.containsKey(touch.part())) {
                problems.add(new Problem(
                        where,
                        touch.part(),
                        "There is no " + touch.part() + ". List it on a line of its own, such as \"" + touch.part()
                                + " button\"."));
            } else if (parts.get(touch.part()).kind() == Kind.LAMP) {
                problems.add(new Problem(where, touch.part(), touch.part() + " is a lamp: it has no contacts."));
            }
        });
        if (problems.isEmpty() && rungs.isEmpty()) {
            problems.add(new Problem("line 1", "", "There is no rung. Write one, such as K1: S1 no - K2 nc."));
        }
        if (!problems.isEmpty()) {
            problems.sort(
                    Comparator.comparingInt(p -> Integer.parseInt(p.field().substring(5))));
            return Reading.failed(problems);
        }
        return Reading.of(new Ladder(List.copyOf(parts.values()), supply, new Guards(mechanical, mirror), head, rungs));
    }

    private void problem(int line, String value, String message) {
        problems.add(new Problem("line " + (line + 1), value, message));
    }

    private void line(int number, String line) {
        String low = line.toLowerCase(Locale.ROOT);
        Matcher rung = RUNG.matcher(line);
        Matcher fed = SUPPLY.matcher(line);
        Matcher part = PART.matcher(line);
        if (low.equals("mechanical interlock")) {
            mechanical = true;
        } else if (low.equals("mirror contacts")) {
            mirror = true;
        } else if (rung.matches()) {
            rung(number, name(rung.group(1)), rung.group(2) == null, rung.group(3));
        } else if (fed.matches()) {
            supply(number, line, Integer.parseInt(fed.group(1)), fed.group(2).toLowerCase(Locale.ROOT));
        } else if (part.matches()) {
            part(
                    number,
                    name(part.group(1)),
                    part.group(2).toLowerCase(Locale.ROOT).strip());
        } else {
            problem(number, line, "Write a part, such as S1 button forward, or a rung, such as K1: S1 no - K2 nc.");
        }
    }

    /** A name in capitals but for letters at its end that tell two of a kind apart, such as K1a. */
    private static String name(String typed) {
        return typed.substring(0, 1).toUpperCase(Locale.ROOT) + typed.substring(1);
    }

    private void supply(int number, String line, int volts, String rest) {
        List<String> words =
                Arrays.stream(rest.split("[\\s,]+")).filter(w -> !w.isEmpty()).toList();
        List<String> known = List.of(
                "transformer",
                "line",
                "grounded",
                "earthed",
                "ungrounded",
                "unearthed",
                "ahead",
                "of",
                "the",
                "disconnect");
        Optional<String> strange =
                words.stream().filter(w -> !known.contains(w)).findFirst();
        if (strange.isPresent() || volts < 5 || volts > 690) {
            problem(
                    number,
                    line,
                    strange.map(
                                    w -> "\"" + w
                                            + "\" says nothing of a supply: transformer or line, grounded or ungrounded, ahead of the disconnect.")
                            .orElse("A control circuit has 5 to 690 V."));
            return;
        }
        boolean floating = words.contains("ungrounded") || words.contains("unearthed");
        supply = new ControlSupply(
                volts, words.contains("line") ? Source.LINE : Source.TRANSFORMER, !floating, words.contains("ahead"));
    }

    /** A part, and what is printed on its coil. */
    private void part(int number, String name, String whole) {
        Matcher printed = PRINTED.matcher(whole);
        boolean says = printed.matches();
        String what = says ? printed.group(1) : whole;
        if (says
                && !what.startsWith("contactor")
                && !what.startsWith("relay")
                && !what.startsWith("timer")
                && !what.equals("lamp")) {
            problem(number, whole, "Only a coil or a lamp has a voltage of its own.");
            return;
        }
        kind(number, name, what);
        if (says) {
            parts.computeIfPresent(name, (n, p) -> p.of(Integer.parseInt(printed.group(2))));
        }
    }

    private void kind(int number, String name, String what) {
        if (!NAME.matcher(name).matches()) {
            problem(number, name, "A name is a letter with up to seven letters or digits, such as S1.");
            return;
        }
        if (parts.containsKey(name)) {
            problem(number, name, "There are two parts of the name " + name + ".");
            return;
        }
        Matcher timer = SECONDS.matcher(what);
        if (timer.matches()) {
            double seconds = Double.parseDouble(timer.group(1));
            if (seconds > 0) {
                parts.put(name, Part.timer(name, seconds));
            } else {
                problem(number, what, "A timer waits more than 0 s.");
            }
            return;
        }
        Optional<HandlePosition> way = what.endsWith(" forward")
                ? Optional.of(HandlePosition.FORWARD)
                : what.endsWith(" reverse")
                        ? Optional.of(HandlePosition.REVERSE)
                        : what.equals("contactor both") ? Optional.of(HandlePosition.OFF) : Optional.empty();
        String word = way.isPresent() ? what.substring(0, what.lastIndexOf(' ')).strip() : what;
        Optional<Kind> kind = Arrays.stream(Kind.values())
                .filter(k -> k.word().equals(word) && k != Kind.TIMER)
                .findFirst();
        if (kind.isEmpty()) {
            problem(
                    number,
                    what,
                    word.equals("timer")
                            ? "Say how long it waits, such as " + name + " timer 5 s."
                            : "\"" + what
                                    + "\" is no part: stop, emergency stop, button, selector, limit, overload, standstill,"
                                    + " contactor, relay, timer 5 s or lamp, with forward or reverse behind it where it belongs to one way.");
            return;
        }
        parts.put(name, new Part(name, kind.get(), way, 0));
    }

    private void rung(int number, String load, boolean afterHead, String text) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            words.add(matcher.group());
        }
        int coil = words.indexOf("coil");
        List<String> before = coil < 0 ? words : words.subList(0, coil);
        List<String> after = coil < 0 ? List.of() : words.subList(coil + 1, words.size());
        Optional<Branch> first = branch(number, trimmed(before));
        Optional<Branch> last = branch(number, trimmed(after));
        if (first.isEmpty() || last.isEmpty()) {
            return;
        }
        if (load.equalsIgnoreCase("shared")) {
            if (!head.isWire()) {
                problem(number, load, "There are two shared lines; write one.");
            }
            head = first.get();
            return;
        }
        if (!parts.containsKey(load)) {
            problem(
                    number,
                    load,
                    "There is no " + load + ". List it above its rung, such as \"" + load + " contactor forward\".");
        } else if (!parts.get(load).kind().isLoad()) {
            problem(number, load, load + " has no coil: a rung ends at a contactor, a relay, a timer or a lamp.");
        } else if (rungs.stream().anyMatch(r -> r.load().equals(load))) {
            problem(number, load, "There are two rungs for " + load + ". Write one, with its branches side by side.");
        } else {
            rungs.add(new Rung(load, first.get(), last.get(), afterHead));
        }
    }

    /** Without the dashes that lead to the coil. */
    private static List<String> trimmed(List<String> words) {
        int from = 0;
        int to = words.size();
        while (from < to && words.get(from).equals("-")) {
            from++;
        }
        while (to > from && words.get(to - 1).equals("-")) {
            to--;
        }
        return words.subList(from, to);
    }

    private Optional<Branch> branch(int number, List<String> words) {
        if (words.isEmpty() || words.equals(List.of("wire"))) {
            return Optional.of(Branch.WIRE);
        }
        int[] at = {0};
        Optional<Branch> read = beside(number, words, at, 0);
        if (read.isPresent() && at[0] < words.size()) {
            problem(
                    number,
                    words.get(at[0]),
                    "After \"" + words.get(Math.max(0, at[0] - 1)) + "\" a dash, \"or\" or the end is expected, not \""
                            + words.get(at[0]) + "\".");
            return Optional.empty();
        }
        return read;
    }

    private Optional<Branch> beside(int number, List<String> words, int[] at, int deep) {
        List<Branch> branches = new ArrayList<>();
        do {
            Optional<Branch> one = series(number, words, at, deep);
            if (one.isEmpty()) {
                return one;
            }
            branches.add(one.get());
        } while (take(words, at, "or"));
        return Optional.of(Branch.beside(branches));
    }

    private Optional<Branch> series(int number, List<String> words, int[] at, int deep) {
        List<Branch> parts = new ArrayList<>();
        do {
            Optional<Branch> one = one(number, words, at, deep);
            if (one.isEmpty()) {
                return one;
            }
            parts.add(one.get());
        } while (take(words, at, "-"));
        return Optional.of(Branch.series(parts));
    }

    private static boolean take(List<String> words, int[] at, String word) {
        if (at[0] < words.size() && words.get(at[0]).equalsIgnoreCase(word)) {
            at[0]++;
            return true;
        }
        return false;
    }

    private Optional<Branch> one(int number, List<String> words, int[] at, int deep) {
        String word = at[0] < words.size() ? words.get(at[0]) : "";
        if (word.equals("(")) {
            if (deep >= DEEPEST) {
                problem(number, word, "Use at most " + DEEPEST + " brackets within each other.");
                return Optional.empty();
            }
            at[0]++;
            Optional<Branch> inner = beside(number, words, at, deep + 1);
            if (inner.isPresent() && !take(words, at, ")")) {
                problem(number, "(", "A bracket is open: close it with ).");
                return Optional.empty();
            }
            return inner;
        }
        if (word.equalsIgnoreCase("wire")) {
            at[0]++;
            return Optional.of(Branch.WIRE);
        }
        if (!NAME.matcher(word).matches() || word.equalsIgnoreCase("or")) {
            problem(
                    number,
                    word,
                    word.isEmpty()
                            ? "A contact is expected at the end of the line, such as K2 nc."
                            : "\"" + word + "\" is no contact. Write a name with no or nc, such as K2 nc.");
            return Optional.empty();
        }
        at[0]++;
        boolean closed = take(words, at, "nc");
        if (!closed && !take(words, at, "no")) {
            problem(
                    number,
                    word,
                    "Say of " + word + " whether its contact is no (normally open) or nc (normally closed).");
            return Optional.empty();
        }
        if (++contacts > MOST_CONTACTS) {
            problem(number, word, "A ladder of more than " + MOST_CONTACTS + " contacts is not read.");
            return Optional.empty();
        }
        Touch touch = new Touch(name(word), closed);
        firstSeen.putIfAbsent(touch, "line " + (number + 1));
        return Optional.of(touch);
    }

    /** A ladder as it is read again. */
    public static String write(Ladder ladder) {
        List<String> lines = new ArrayList<>();
        ControlSupply fed = ladder.supply();
        lines.add("supply " + fed.volts() + " V " + fed.source().name().toLowerCase(Locale.ROOT)
                + (fed.grounded() ? " grounded" : " ungrounded")
                + (fed.aheadOfDisconnect() ? " ahead of the disconnect" : ""));
        for (Part part : ladder.parts()) {
            lines.add(part.name() + " " + part.kind().word()
                    + (part.kind() == Kind.TIMER ? " " + seconds(part.seconds()) + " s" : "")
                    + part.way()
                            .map(w -> w == HandlePosition.OFF ? " both" : " " + w.word())
                            .orElse("")
                    + (part.volts() > 0 ? " " + part.volts() + " V" : ""));
        }
        if (ladder.guards().mirror()) {
            lines.add("mirror contacts");
        }
        if (ladder.guards().mechanical()) {
            lines.add("mechanical interlock");
        }
        if (!ladder.head().isWire()) {
            lines.add("shared: " + write(ladder.head(), false));
        }
        for (Rung rung : ladder.rungs()) {
            lines.add(rung.load() + (rung.afterHead() ? "" : " direct") + ": " + write(rung.before(), false)
                    + (rung.after().isWire() ? "" : " - coil - " + write(rung.after(), false)));
        }
        return String.join("\n", lines) + "\n";
    }

    private static String seconds(double seconds) {
        return seconds == Math.rint(seconds) ? "" + (long) seconds : "" + seconds;
    }

    /** Contacts as they are read again; in brackets where they stand within a series. */
    static String write(Branch branch, boolean inside) {
        if (branch instanceof InSeries series) {
            String text = series.parts().isEmpty()
                    ? "wire"
                    : String.join(
                            " - ",
                            series.parts().stream().map(b -> write(b, true)).toList());
            return text;
        }
        if (branch instanceof SideBySide beside) {
            String text = String.join(
                    " or ", beside.parts().stream().map(b -> write(b, false)).toList());
            return inside ? "(" + text + ")" : text;
        }
        return branch.toString();
    }
}
