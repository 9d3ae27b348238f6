package gatepin.core.found;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads wires as typed into a table: "T5" is a motor lead or stud, "switch 3" or "3" a terminal of the switch, L1, L2 or N a
 * line, "cap 1" a tag of the capacitor, "frame", "switch frame" and "ground" the grounds; any other word is a point of its
 * own, such as a terminal of a contactor.
 */
public final class FoundWireReader {
    /** Most wires on one machine here. */
    public static final int MOST = 30;

    private static final Pattern SWITCH = Pattern.compile("(?:SW(?:ITCH)?\\s*)?(\\d{1,2}[A-Z]?)");
    private static final Pattern CAPACITOR = Pattern.compile("CAP(?:ACITOR)?\\s*([A-Z0-9]{1,4})");
    private static final Pattern LEAD = Pattern.compile("(?:LEAD|STUD)\\s+([A-Z0-9/']{1,12})");
    private static final Pattern STANDARD = Pattern.compile("[TPUVWZ]\\d{1,2}");
    private static final Pattern CAPACITOR_TAG = Pattern.compile("C[12]");
    private static final Pattern POINT = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N} :/.'-]{0,15}");

    private FoundWireReader() {}

    /** One row as typed. */
    public record Typed(String mark, String colour, String bands, String oneEnd, String otherEnd, String aside) {
        boolean isBlank() {
            return (mark + colour + bands + oneEnd + otherEnd + aside).isBlank();
        }
    }

    /**
     * Reads the rows; blank ones are passed over. Problems name the field as {@code wires[row].oneEnd}.
     *
     * @param knownLeads the motor's leads, and its capacitor's tags, as far as they are written down
     */
    public static Reading<List<FoundWire>> read(List<Typed> rows, List<Terminal> knownLeads) {
        List<Problem> problems = new ArrayList<>();
        List<FoundWire> wires = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Typed row = rows.get(i);
            if (row.isBlank()) {
                continue;
            }
            String field = "wires[" + i + "].";
            int before = problems.size();
            length(field + "mark", row.mark(), 12, problems);
            length(field + "colour", row.colour(), 30, problems);
            length(field + "aside", row.aside(), 80, problems);
            int bands = bands(field + "bands", row.bands(), problems);
            List<Terminal> ends = new ArrayList<>();
            end(field + "oneEnd", row.oneEnd(), knownLeads, problems, ends);
            end(field + "otherEnd", row.otherEnd(), knownLeads, problems, ends);
            if (ends.size() == 2 && ends.get(0).equals(ends.get(1))) {
                problems.add(new Problem(
                        field + "otherEnd",
                        row.otherEnd(),
                        "Both ends sit on " + row.otherEnd().strip() + ". Look where the other end goes."));
            }
            if (problems.size() == before) {
                wires.add(new FoundWire(
                        wires.size() + 1,
                        row.mark().strip(),
                        row.colour().strip(),
                        bands,
                        ends.get(0),
                        ends.get(1),
                        row.aside().strip()));
            }
        }
        if (wires.size() > MOST) {
            problems.add(new Problem("wires", "" + wires.size(), "At most " + MOST + " wires fit here."));
        }
        return problems.isEmpty() ? Reading.of(wires) : Reading.failed(problems);
    }

    private static void length(String field, String typed, int most, List<Problem> problems) {
        if (typed.strip().length() > most) {
            problems.add(new Problem(field, typed, "Use at most " + most + " letters."));
        }
    }

    private static int bands(String field, String typed, List<Problem> problems) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return 0;
        }
        if (text.matches("[0-9]")) {
            return Integer.parseInt(text);
        }
        problems.add(new Problem(field, typed, "“" + text + "” is no number of bands: 0 to 9."));
        return 0;
    }

    private static void end(
            String field, String typed, List<Terminal> knownLeads, List<Problem> problems, List<Terminal> ends) {
        String text = typed.strip().replaceAll("\\s+", " ");
        if (text.isEmpty()) {
            problems.add(new Problem(field, typed, "Where does this end sit? Such as T5, switch 3, L1 or cap 1."));
            return;
        }
        String upper = text.toUpperCase(Locale.ROOT);
        for (Terminal lead : knownLeads) {
            if (lead.mark().equalsIgnoreCase(text)) {
                ends.add(lead);
                return;
            }
        }
        switch (upper) {
            case "L1", "LINE 1", "HOT" -> ends.add(Terminal.L1);
            case "L2", "LINE 2", "N", "NEUTRAL" -> ends.add(Terminal.L2);
            case "G", "PE", "GROUND", "EARTH" -> ends.add(Terminal.GROUND);
            case "FRAME", "MOTOR FRAME" -> ends.add(Terminal.MOTOR_FRAME);
            case "SWITCH FRAME", "BOX" -> ends.add(Terminal.SWITCH_FRAME);
            default -> other(field, text, upper, problems, ends);
        }
    }

    private static void other(String field, String text, String upper, List<Problem> problems, List<Terminal> ends) {
        Matcher onSwitch = SWITCH.matcher(upper);
        Matcher onCapacitor = CAPACITOR.matcher(upper);
        Matcher onLead = LEAD.matcher(upper);
        if (onSwitch.matches()) {
            ends.add(Terminal.onSwitch(onSwitch.group(1)));
        } else if (onCapacitor.matches()) {
            ends.add(Terminal.capacitor(onCapacitor.group(1)));
        } else if (onLead.matches()) {
            ends.add(Terminal.motor(onLead.group(1)));
        } else if (CAPACITOR_TAG.matcher(upper).matches()) {
            ends.add(Terminal.capacitor(upper));
        } else if (STANDARD.matcher(upper).matches()) {
            ends.add(Terminal.motor(upper));
        } else if (POINT.matcher(text).matches()) {
            ends.add(Terminal.splice(text));
        } else {
            problems.add(new Problem(
                    field,
                    text,
                    "“" + text
                            + "” cannot be a place: use up to 16 letters and digits, such as T5, switch 3 or K1 14."));
        }
    }

    /** A terminal as it is typed. */
    public static String words(Terminal terminal) {
        return switch (terminal.device().type()) {
            case SWITCH -> terminal.equals(Terminal.SWITCH_FRAME) ? "switch frame" : "switch " + terminal.mark();
            case CAPACITOR ->
                CAPACITOR_TAG.matcher(terminal.mark()).matches() ? terminal.mark() : "cap " + terminal.mark();
            case MOTOR -> terminal.equals(Terminal.MOTOR_FRAME) ? "frame" : terminal.mark();
            case SUPPLY -> terminal.equals(Terminal.GROUND) ? "ground" : terminal.mark();
            default -> terminal.mark();
        };
    }
}
