package gatepin.core.gear;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Reads a switch's face and its contacts as a person types them. */
public final class FaceReader {
    private FaceReader() {}

    /** Reads the terminals as they stand: rows set apart by lines or strokes, terminals by spaces. */
    public static Reading<List<List<Terminal>>> face(String field, String typed) {
        List<List<String>> rows = Arrays.stream(typed.split("[\\n\\r/;]+"))
                .map(r -> Arrays.stream(r.strip().split("[\\s,]+"))
                        .filter(s -> !s.isBlank())
                        .map(s -> s.toUpperCase(Locale.ROOT))
                        .toList())
                .filter(r -> !r.isEmpty())
                .toList();
        List<String> marks = rows.stream().flatMap(List::stream).toList();
        if (marks.size() < 3 || marks.size() > SwitchMap.MOST) {
            return failed(
                    field,
                    typed,
                    "Write the terminals as they stand on the face, row by row, such as 1 2 / 3 4 / 5 6: from 3 to "
                            + SwitchMap.MOST + " of them.");
        }
        Set<String> seen = new HashSet<>();
        for (String mark : marks) {
            if (!mark.matches("[\\p{L}\\d']{1,4}")) {
                return failed(field, mark, "“" + mark + "” cannot be a terminal: use up to 4 letters and digits.");
            }
            if (!seen.add(mark)) {
                return failed(field, mark, "There are two terminals " + mark + ". Give one a letter of your own.");
            }
        }
        return Reading.of(rows.stream()
                .map(r -> r.stream().map(Terminal::onSwitch).toList())
                .toList());
    }

    /** Reads contacts as 1-3 2-4, or sets of joined terminals as 1-2-4; nothing is nothing closed. */
    public static Reading<Set<Contact>> contacts(String field, String typed, List<Terminal> terminals) {
        Set<Contact> contacts = new LinkedHashSet<>();
        for (String word : typed.strip().toUpperCase(Locale.ROOT).split("[\\s,;]+")) {
            if (word.isEmpty()) {
                continue;
            }
            List<Terminal> ends = new ArrayList<>();
            for (String mark : word.split("[-–=+]")) {
                Optional<Terminal> end =
                        terminals.stream().filter(t -> t.mark().equals(mark)).findFirst();
                if (end.isEmpty()) {
                    return failed(
                            field,
                            word,
                            "“" + word + "” names " + (mark.isEmpty() ? "nothing" : mark)
                                    + ", which is not on the face. Write joined terminals with a dash, such as 1-3 2-4.");
                }
                ends.add(end.orElseThrow());
            }
            if (ends.size() < 2 || ends.stream().distinct().count() < ends.size()) {
                return failed(
                        field, word, "“" + word + "” is no contact: it takes two different terminals, such as 1-3.");
            }
            for (int i = 1; i < ends.size(); i++) {
                contacts.add(new Contact(ends.get(i - 1), ends.get(i)));
            }
        }
        return Reading.of(contacts);
    }

    private static <T> Reading<T> failed(String field, String value, String message) {
        return Reading.failed(List.of(new Problem(field, value, message)));
    }
}
