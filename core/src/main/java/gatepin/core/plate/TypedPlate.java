package gatepin.core.plate;

import static gatepin.core.plate.PlateField.CODE;
import static gatepin.core.plate.PlateField.FAMILY;
import static gatepin.core.plate.PlateField.HERTZ;
import static gatepin.core.plate.PlateField.HIGH_AMPS;
import static gatepin.core.plate.PlateField.HIGH_VOLTS;
import static gatepin.core.plate.PlateField.LOW_AMPS;
import static gatepin.core.plate.PlateField.LOW_VOLTS;
import static gatepin.core.plate.PlateField.OUTPUT;
import static gatepin.core.plate.PlateField.OUTPUT_UNIT;
import static gatepin.core.plate.PlateField.RPM;
import static gatepin.core.plate.PlateField.RUN_MICROFARADS;
import static gatepin.core.plate.PlateField.START_MICROFARADS;
import static gatepin.core.plate.PlateField.TEXT;

import gatepin.core.plate.Plate.Rating;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A plate as it is typed, field by field.
 *
 * @param fields what stands in each field; a field that is not there is blank
 */
public record TypedPlate(Map<PlateField, String> fields) {
    /** Nothing is typed yet. */
    public static final TypedPlate NOTHING = of("", "hp");

    public TypedPlate {
        fields = Map.copyOf(fields);
    }

    /** What is typed, in the order of the fields; those after the last are blank. */
    public static TypedPlate of(String... typed) {
        Map<PlateField, String> fields = new EnumMap<>(PlateField.class);
        for (int i = 0; i < typed.length; i++) {
            fields.put(PlateField.values()[i], typed[i]);
        }
        return new TypedPlate(fields);
    }

    /** What a form holds under each field's key; what it lacks is blank. */
    public static TypedPlate of(Function<String, @Nullable String> form) {
        return new TypedPlate(Arrays.stream(PlateField.values())
                .collect(Collectors.toMap(
                        f -> f, f -> Optional.ofNullable(form.apply(f.key())).orElse(""))));
    }

    /** The fields that read as this plate. */
    public static TypedPlate of(Plate plate) {
        List<Rating> lower = plate.lowerConnection();
        List<Rating> higher =
                plate.ratings().subList(lower.size(), plate.ratings().size());
        String written = plate.outputAsWritten();
        int unit = written.lastIndexOf(' ');
        Plate.Extras extras = plate.extras();
        return NOTHING.with(OUTPUT, unit < 0 ? written : written.substring(0, unit))
                .with(OUTPUT_UNIT, unit < 0 ? "hp" : written.substring(unit + 1))
                .with(LOW_VOLTS, volts(lower))
                .with(LOW_AMPS, amps(lower))
                .with(HIGH_VOLTS, volts(higher))
                .with(HIGH_AMPS, amps(higher))
                .with(HERTZ, "" + plate.hertz())
                .with(RPM, "" + plate.rpm())
                .with(FAMILY, extras.family().map(MotorFamily::key).orElse(""))
                .with(CODE, extras.code().map(CodeLetter::name).orElse(""))
                .with(
                        START_MICROFARADS,
                        extras.startMicrofarads().map(TypedPlate::plain).orElse(""))
                .with(
                        RUN_MICROFARADS,
                        extras.runMicrofarads().map(TypedPlate::plain).orElse(""))
                .with(TEXT, extras.text());
    }

    private static String volts(List<Rating> range) {
        return range.stream().map(r -> "" + r.volts()).collect(Collectors.joining("-"));
    }

    private static String amps(List<Rating> range) {
        return range.stream()
                .flatMap(r -> r.amps().stream())
                .map(TypedPlate::plain)
                .collect(Collectors.joining("-"));
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    /** What stands in a field; blank where nothing does. */
    public String at(PlateField field) {
        return fields.getOrDefault(field, "");
    }

    /** What stands in a field, the output with its unit, as it is shown to people. */
    public String said(PlateField field) {
        return field == OUTPUT ? (at(OUTPUT) + " " + at(OUTPUT_UNIT)).strip() : at(field);
    }

    /** The same with this in one field. */
    public TypedPlate with(PlateField field, String typed) {
        Map<PlateField, String> more = new EnumMap<>(PlateField.class);
        more.putAll(fields);
        more.put(field, typed);
        return new TypedPlate(more);
    }

    /** What a text says goes into the fields; where it is silent, what stood there stays. A unit and a higher voltage go with their first. */
    public TypedPlate filledFrom(TypedPlate read) {
        TypedPlate filled = this;
        for (PlateField field : PlateField.values()) {
            PlateField saysIt = switch (field) {
                case OUTPUT_UNIT -> OUTPUT;
                case HIGH_VOLTS -> LOW_VOLTS;
                case HIGH_AMPS -> LOW_AMPS;
                default -> field;
            };
            if (!read.at(saysIt).isBlank()) {
                filled = filled.with(field, read.at(field));
            }
        }
        return filled;
    }
}
