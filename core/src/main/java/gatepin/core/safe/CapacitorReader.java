package gatepin.core.safe;

import gatepin.core.Problem;
import gatepin.core.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a capacitor as typed from its can. */
public final class CapacitorReader {
    private CapacitorReader() {}

    /** The fields as typed; {@code bleedOhms} blank where no resistor was seen. */
    public record Typed(String name, String microfarads, String volts, String bleedOhms) {}

    /** Reads it. Problems carry the names of the fields of {@link Typed}. */
    public static Reading<CapacitorCheck> read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        String name = typed.name().strip();
        if (name.isEmpty() || name.length() > 40) {
            problems.add(new Problem("name", name, "Call it something, such as start capacitor. At most 40 letters."));
        }
        Optional<Double> farads =
                number("microfarads", typed.microfarads(), "(?i)\\s*([µμu]f|mfd|mf)$", 0.5, 2000, "µF", problems);
        Optional<Double> volts = number("volts", typed.volts(), "(?i)\\s*v(ac)?$", 24, 1000, "V", problems);
        Optional<Double> bleed = typed.bleedOhms().isBlank()
                ? Optional.empty()
                : number("bleedOhms", typed.bleedOhms(), "(?i)\\s*(ohms?|Ω)$", 100, 10e6, "Ω", problems);
        return problems.isEmpty()
                ? Reading.of(new CapacitorCheck(
                        name, farads.orElseThrow(), (int) Math.round(volts.orElseThrow()), bleed, Optional.empty()))
                : Reading.failed(problems);
    }

    /** Reads the volts a meter showed across a capacitor. Problems carry the field {@code measured}. */
    public static Reading<Double> volts(String typed) {
        List<Problem> problems = new ArrayList<>();
        Optional<Double> volts = number("measured", typed, "(?i)\\s*v$", 0, 2000, "V", problems);
        return problems.isEmpty() ? Reading.of(volts.orElseThrow()) : Reading.failed(problems);
    }

    private static Optional<Double> number(
            String field,
            String typed,
            String unit,
            double least,
            double most,
            String unitName,
            List<Problem> problems) {
        String text = typed.strip().replaceFirst(unit, "").replace(',', '.').strip();
        double times = 1;
        if (text.matches("(?i)[\\d.]+\\s*k")) {
            times = 1000;
            text = text.replaceFirst("(?i)\\s*k$", "");
        }
        try {
            double value = times * Double.parseDouble(text);
            if (value >= least && value <= most) {
                return Optional.of(value);
            }
            problems.add(new Problem(
                    field,
                    typed,
                    String.format(
                            java.util.Locale.ROOT,
                            "%s is out of range: expected %.0f to %.0f %s.",
                            typed.strip(),
                            least,
                            most,
                            unitName)));
        } catch (NumberFormatException e) {
            problems.add(new Problem(
                    field,
                    typed,
                    typed.isBlank()
                            ? "Read it off and write it here, in " + unitName + "."
                            : "“" + typed.strip() + "” is no number of " + unitName + "."));
        }
        return Optional.empty();
    }
}
