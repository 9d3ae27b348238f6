package gatepin.core.safe;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Field;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a capacitor as typed from its can. */
public final class CapacitorReader {
    private CapacitorReader() {}

    /** The fields as typed; {@code bleedOhms} blank where no resistor was seen. */
    public record Typed(String name, String microfarads, String volts, String bleedOhms) {}

    private static final Field MICROFARADS = Field.of(0.5, 2000, "µf", "μf", "uf", "mfd", "mf");
    private static final Field VOLTS = Field.of(24, 1000, "v", "vac", "volts");
    private static final Field BLEED = Field.of(100, 10e6, "ohm", "ohms", "ω", "Ω", "r")
            .and("k", 1e3)
            .and("kω", 1e3)
            .and("kohm", 1e3)
            .and("k ohm", 1e3)
            .and("k ohms", 1e3);
    /** As cans print it: 270-324 MFD, 110-125 VAC. */
    private static final Pattern RANGE = Pattern.compile(
            "\\s*(\\d+(?:\\.\\d+)?)\\s*(?:-|–|/|to)\\s*(\\d+(?:\\.\\d+)?)(\\s*\\p{L}*)\\s*", Pattern.CASE_INSENSITIVE);

    private static final Field MEASURED = Field.of(0, 2000, "v", "volts").fromADisplay();

    /** Reads it. Problems carry the names of the fields of {@link Typed}. */
    public static Reading<CapacitorCheck> read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > 40) {
            problems.add(new Problem("name", name, "Call it something, such as start capacitor. At most 40 letters."));
        }
        Optional<Double> farads = number("microfarads", typed.microfarads(), MICROFARADS, "µF", problems);
        Optional<Double> volts = number("volts", typed.volts(), VOLTS, "V", problems);
        Optional<Double> bleed = typed.bleedOhms().isBlank()
                ? Optional.empty()
                : number("bleedOhms", typed.bleedOhms(), BLEED, "Ω", problems);
        return problems.isEmpty()
                ? Reading.of(new CapacitorCheck(
                        name, farads.orElseThrow(), (int) Math.round(volts.orElseThrow()), bleed, Optional.empty()))
                : Reading.failed(problems);
    }

    /** Reads the volts a meter showed across a capacitor. Problems carry the field {@code measured}. */
    public static Reading<Double> volts(String typed) {
        List<Problem> problems = new ArrayList<>();
        Optional<Double> volts = number("measured", typed, MEASURED, "V", problems);
        return problems.isEmpty() ? Reading.of(volts.orElseThrow()) : Reading.failed(problems);
    }

    private static Optional<Double> number(
            String field, String typed, Field bounds, String unit, List<Problem> problems) {
        Matcher range = RANGE.matcher(typed);
        if (range.matches()) {
            double least = Double.parseDouble(range.group(1));
            double most = Double.parseDouble(range.group(2));
            if (least < most && most < 2 * least) {
                // a can's range means any value in it; of volts the lower one is sure
                String one = Double.toString(field.equals("microfarads") ? (least + most) / 2 : least);
                return number(field, one + range.group(3), bounds, unit, problems);
            }
        }
        TypedNumber number = TypedNumber.read(typed, bounds);
        String shown = typed.strip();
        String message = switch (number.kind()) {
            case GOOD -> "";
            case BLANK -> "Read it off and write it here, in " + unit + ".";
            case EITHER -> number.question(typed);
            case OUT_OF_RANGE ->
                String.format(
                        Locale.ROOT,
                        "%s is out of range: expected %s to %s %s.",
                        shown,
                        plain(bounds.least()),
                        plain(bounds.most()),
                        unit);
            case NO_NUMBER -> "“" + shown + "” is no number of " + unit + ".";
        };
        if (!message.isEmpty()) {
            problems.add(new Problem(field, typed, message));
            return Optional.empty();
        }
        return Optional.of(number.value());
    }

    private static String plain(double bound) {
        return BigDecimal.valueOf(bound).stripTrailingZeros().toPlainString();
    }
}
