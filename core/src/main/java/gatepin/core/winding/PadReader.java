package gatepin.core.winding;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reads the names of the leads that are to be measured, and of those set aside with the reason. */
public final class PadReader {
    private static final int MOST_LETTERS = 12;

    private PadReader() {}

    /** The leads on the pad, and those set aside, each with its reason. */
    public record Pad(List<String> leads, Map<String, String> aside) {}

    /**
     * Reads both. Problems carry the fields {@code leads} and {@code aside}.
     *
     * @param leads names set apart by spaces or commas
     * @param aside one lead a line, with a colon before its reason
     */
    public static Reading<Pad> read(String leads, String aside) {
        List<Problem> problems = new ArrayList<>();
        Map<String, String> reasons = new LinkedHashMap<>();
        for (String line : aside.split("[\\n\\r]+")) {
            if (line.isBlank()) {
                continue;
            }
            String[] parts = line.strip().split("\\s*:\\s*", 2);
            String reason = parts.length < 2 ? "" : parts[1].strip();
            if (reason.isEmpty() || reason.length() > 80) {
                problems.add(new Problem(
                        "aside", line, "Say why, in at most 80 letters, such as “" + parts[0] + ": heater contact”."));
            }
            for (String name : parts[0].split("[\\s,]+")) {
                name(name, "aside", problems);
                reasons.put(name, reason);
            }
        }
        Set<String> names = new LinkedHashSet<>();
        for (String name : leads.strip().split("[\\s,]+")) {
            if (name.isBlank() || reasons.containsKey(name)) {
                continue;
            }
            name(name, "leads", problems);
            if (!names.add(name)) {
                problems.add(new Problem("leads", name, name + " is here twice. Give one a name of its own."));
            }
        }
        if (names.size() < 2 && problems.isEmpty()) {
            problems.add(new Problem(
                    "leads",
                    leads,
                    "Name at least two leads, such as 1 2 3 4 5, or by their colours. Stick the names on first."));
        }
        if (names.size() > Leads.MOST) {
            problems.add(new Problem("leads", leads, "At most " + Leads.MOST + " leads fit here."));
        }
        return problems.isEmpty() ? Reading.of(new Pad(List.copyOf(names), reasons)) : Reading.failed(problems);
    }

    private static void name(String name, String field, List<Problem> problems) {
        if (name.equalsIgnoreCase(MeterReading.FRAME)) {
            problems.add(new Problem(field, name, "“frame” is the motor's bare metal. Call the lead something else."));
        } else if (!name.matches("[\\p{L}\\p{N}][\\p{L}\\p{N}/.'-]{0," + (MOST_LETTERS - 1) + "}")) {
            problems.add(new Problem(
                    field, name, "“" + name + "” cannot be a name: use up to 12 letters and digits, no spaces."));
        }
    }
}
