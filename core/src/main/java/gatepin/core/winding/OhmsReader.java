package gatepin.core.winding;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Field;
import gatepin.core.TypedNumber.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Reads what a meter shows as a person types it: 1.8, 1,8, 2.2k, 5M, OL, open. */
public final class OhmsReader {
    /** A meter's display has a decimal point, and no marks between thousands. */
    private static final Field OHMS = Field.of(0, 1e9, "ω", "ohm", "ohms")
            .and("k", 1e3)
            .and("kω", 1e3)
            .and("kohm", 1e3)
            .and("m", 1e6)
            .and("mω", 1e6)
            .and("mohm", 1e6)
            .fromADisplay();

    private static final Field CELSIUS =
            Field.of(-40, 200, "c", "°c", "°", "° c").fromADisplay();
    private static final Field SENSE_VOLTS = Field.of(0, 60, "v", "volts").fromADisplay();
    private static final Field MICROFARADS =
            Field.of(0, 5000, "µf", "μf", "uf", "mfd", "mf").fromADisplay();
    private static final Pattern OPEN = Pattern.compile("O\\.?L\\.?|0L|OPEN|OVER|INF(?:INITE)?|∞");

    private OhmsReader() {}

    /** Reads ohms; infinite for an open circuit. Problems carry the given field. */
    public static Reading<Double> read(String field, String typed) {
        String text = typed.strip().toUpperCase(Locale.ROOT);
        if (OPEN.matcher(text).matches()) {
            return Reading.of(Double.POSITIVE_INFINITY);
        }
        TypedNumber number = TypedNumber.read(typed, OHMS);
        if (number.kind() == Kind.GOOD) {
            return Reading.of(number.value());
        }
        if (number.kind() == Kind.EITHER) {
            return Reading.failed(List.of(new Problem(field, typed, number.question(typed))));
        }
        String message = text.isEmpty()
                ? "What does the meter show? A number of ohms, or OL."
                : text.startsWith("-")
                        ? "“" + typed.strip()
                                + "”: no winding has less than nothing. Zero the meter's leads and read again."
                        : "“" + typed.strip() + "” is no reading. Write ohms, such as 1.8, or 2.2k, or OL.";
        return Reading.failed(List.of(new Problem(field, typed, message)));
    }

    /**
     * One reading as typed.
     *
     * @param a where one probe was held
     * @param b where the other was held
     * @param ohms what the meter showed
     * @param zero what it shows with its probes together; blank for nothing
     * @param celsius temperature of the windings; blank for 20
     * @param heldOpen whether the start switch was held open
     */
    public record Typed(String a, String b, String ohms, String zero, String celsius, boolean heldOpen) {}

    /**
     * Reads a whole reading. Problems carry the names of the fields of {@link Typed}.
     *
     * @param leads the leads on the pad
     */
    public static Reading<MeterReading> reading(Typed typed, List<String> leads) {
        List<Problem> problems = new ArrayList<>();
        point("a", typed.a(), leads, problems);
        point("b", typed.b(), leads, problems);
        if (problems.isEmpty() && typed.a().equals(typed.b())) {
            problems.add(
                    new Problem("b", typed.b(), "Both probes are on " + typed.a() + ". Choose another lead for one."));
        }
        Reading<Double> ohms = read("ohms", typed.ohms());
        problems.addAll(ohms.problems());
        Reading<Double> zero = typed.zero().isBlank() ? Reading.of(0.0) : read("zero", typed.zero());
        problems.addAll(zero.problems());
        if (zero.value().orElse(0.0) > 10) {
            problems.add(
                    new Problem(
                            "zero",
                            typed.zero(),
                            "With its probes held together a meter shows some tenths of an ohm. Look at its leads and battery."));
        }
        Reading<Double> celsius = celsius(typed.celsius());
        problems.addAll(celsius.problems());
        return problems.isEmpty()
                ? Reading.of(new MeterReading(
                        typed.a(),
                        typed.b(),
                        ohms.value().orElseThrow(),
                        zero.value().orElseThrow(),
                        celsius.value().orElseThrow(),
                        typed.heldOpen() ? MeterReading.StartSwitch.HELD_OPEN : MeterReading.StartSwitch.AT_REST))
                : Reading.failed(problems);
    }

    private static void point(String field, String typed, List<String> leads, List<Problem> problems) {
        if (!leads.contains(typed) && !typed.equals(MeterReading.FRAME)) {
            problems.add(new Problem(
                    field, typed, typed.isBlank() ? "Choose a lead." : "There is no lead “" + typed + "” on the pad."));
        }
    }

    private static Reading<Double> celsius(String typed) {
        TypedNumber number = TypedNumber.read(typed, CELSIUS);
        return switch (number.kind()) {
            case BLANK -> Reading.of(20.0);
            case GOOD -> Reading.of(number.value());
            default ->
                Reading.failed(List.of(new Problem(
                        "celsius", typed, "“" + typed.strip() + "” is no temperature of a winding: −40 to 200 °C.")));
        };
    }

    /** Reads volts of a sense test. */
    public static Reading<Double> volts(String field, String typed) {
        TypedNumber number = TypedNumber.read(typed, SENSE_VOLTS);
        boolean fedNothing = field.equals("fedVolts") && number.value() == 0;
        if (number.kind() == Kind.GOOD && !fedNothing) {
            return Reading.of(number.value());
        }
        return Reading.failed(List.of(new Problem(
                field,
                typed,
                number.kind() == Kind.BLANK
                        ? "Write what the meter shows, in volts."
                        : "“" + typed.strip() + "” is no low voltage: this test is made with 60 V or less.")));
    }

    /** Reads what a meter shows of a capacitor, µF. */
    public static Reading<Double> microfarads(String field, String typed) {
        TypedNumber number = TypedNumber.read(typed, MICROFARADS);
        return number.kind() == Kind.GOOD
                ? Reading.of(number.value())
                : Reading.failed(List.of(new Problem(
                        field, typed, "Write what the meter shows of the capacitor, in µF: 0 for nothing at all.")));
    }
}
