package gatepin.core.plate;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Field;
import gatepin.core.plate.Plate.Rating;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a plate typed field by field, and refuses what no plate can say. */
public final class PlateReader {
    private static final Field MICROFARADS = Field.of(0.5, 2000, "µf", "μf", "uf", "mfd", "mf");
    private static final Field AMPS = Field.of(0.05, 150, "a", "amp", "amps");
    /** What the table of motors holds. */
    private static final int LONGEST_OUTPUT = 20;

    private static final Pattern OUTPUT =
            Pattern.compile("(?:(\\d+)[\\s-]+)?(\\d+)\\s*/\\s*(\\d+)|(\\d+(?:[.,]\\d+)?)", Pattern.CASE_INSENSITIVE);
    private static final double MOST_HP = 15;
    /** More slip than this at rated load is no plate but a misread one (common practice). */
    private static final double MOST_SLIP = 0.2;

    private static final int MOST_TEXT = 600;

    private final List<Problem> problems = new ArrayList<>();

    private PlateReader() {}

    /** Reads a plate. Problems carry the names of {@link PlateField}. */
    public static Reading<Plate> read(TypedPlate typed) {
        return new PlateReader().doRead(typed);
    }

    /** Whether the figures of a plate can be those of a motor of this kind at all, whoever read them. */
    public static boolean isPossible(Plate plate) {
        return plate.ratedOutputWatts() >= 5
                && plate.ratedOutputWatts() <= MOST_HP * Plate.WATTS_PER_HP
                && (plate.hertz() == 50 || plate.hertz() == 60)
                && plate.rpm() >= 100
                && plate.rpm() < 60 * plate.hertz()
                && !plate.ratings().isEmpty()
                && plate.ratings().stream()
                        .allMatch(r -> r.volts() >= 24
                                && r.volts() <= 600
                                && r.amps().map(a -> a > 0 && a <= 150).orElse(true));
    }

    private Reading<Plate> doRead(TypedPlate typed) {
        Optional<Double> output = output(typed.at(PlateField.OUTPUT));
        boolean kilowatts = typed.at(PlateField.OUTPUT_UNIT).strip().equalsIgnoreCase("kW");
        double watts = output.orElse(0.0) * (kilowatts ? 1000 : Plate.WATTS_PER_HP);
        if (output.isPresent() && (watts < 5 || watts > MOST_HP * Plate.WATTS_PER_HP)) {
            problems.add(new Problem(
                    "output",
                    typed.at(PlateField.OUTPUT),
                    typed.at(PlateField.OUTPUT).strip() + (kilowatts ? " kW" : " hp")
                            + " is no single-phase motor of this kind: expected up to 15 hp (11 kW). Check the unit."));
        }
        List<Rating> low = ratings("low", typed.at(PlateField.LOW_VOLTS), typed.at(PlateField.LOW_AMPS), true);
        List<Rating> high = ratings("high", typed.at(PlateField.HIGH_VOLTS), typed.at(PlateField.HIGH_AMPS), false);
        Optional<Integer> hertz = whole("hertz", typed.at(PlateField.HERTZ), "frequency", 50, 60, true);
        hertz.filter(h -> h != 50 && h != 60)
                .ifPresent(h -> problems.add(new Problem(
                        "hertz", typed.at(PlateField.HERTZ), h + " Hz is no mains frequency: it is 50 or 60.")));
        Optional<Integer> rpm = whole("rpm", typed.at(PlateField.RPM), "rated speed", 100, 3600, true);
        if (!low.isEmpty()
                && !high.isEmpty()
                && VoltageRange.same(high.get(0).volts(), last(low).volts())) {
            problems.add(new Problem(
                    "highVolts",
                    typed.at(PlateField.HIGH_VOLTS),
                    typed.at(PlateField.HIGH_VOLTS).strip() + " V needs no other connection than "
                            + typed.at(PlateField.LOW_VOLTS).strip() + " V. Write both into the first field, as "
                            + typed.at(PlateField.LOW_VOLTS).strip() + "-"
                            + typed.at(PlateField.HIGH_VOLTS).strip() + "."));
        } else if (!low.isEmpty()
                && !high.isEmpty()
                && high.get(0).volts() <= last(low).volts()) {
            problems.add(new Problem(
                    "highVolts",
                    typed.at(PlateField.HIGH_VOLTS),
                    "The higher voltage must be above " + last(low).volts()
                            + " V. Leave it empty on a motor for one voltage."));
        }
        Plate.Extras extras = extras(typed);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        List<Rating> ratings = new ArrayList<>(low);
        ratings.addAll(high);
        Plate plate = new Plate(
                watts,
                typed.at(PlateField.OUTPUT).strip() + (kilowatts ? " kW" : " hp"),
                ratings,
                hertz.orElseThrow(),
                rpm.orElseThrow(),
                extras);
        impossible(plate, typed);
        return problems.isEmpty() ? Reading.of(plate) : Reading.failed(problems);
    }

    private static Rating last(List<Rating> ratings) {
        return ratings.get(ratings.size() - 1);
    }

    /** One voltage, or a range with a hyphen; amps for each, or one figure for the highest. */
    private List<Rating> ratings(String field, String typedVolts, String typedAmps, boolean needed) {
        List<String> parts = parts(typedVolts);
        List<Optional<Double>> amps =
                parts(typedAmps).stream().map(a -> amps(field + "Amps", a)).toList();
        if (parts.isEmpty() && needed) {
            problems.add(new Problem(field + "Volts", typedVolts, "What voltage does the plate state?"));
        } else if (parts.isEmpty() && !amps.isEmpty()) {
            problems.add(
                    new Problem(field + "Volts", "", "There are amps for a second voltage, but no second voltage."));
        }
        List<Integer> volts = new ArrayList<>();
        for (String part : parts) {
            whole(field + "Volts", part, "voltage", 24, 600, true).ifPresent(volts::add);
        }
        if (volts.isEmpty() || volts.size() < parts.size()) {
            return List.of();
        }
        if (volts.size() > 2
                || !VoltageRange.same(volts.get(0), volts.get(volts.size() - 1))
                || (volts.size() == 2 && volts.get(0) >= volts.get(1))) {
            problems.add(new Problem(
                    field + "Volts",
                    typedVolts,
                    "“" + typedVolts.strip()
                            + "” is no range of one connection, such as 208-230. The voltage of another"
                            + " connection has a field of its own."));
            return List.of();
        }
        if (amps.size() > volts.size()) {
            problems.add(new Problem(
                    field + "Amps", typedAmps, "There are more amps here than voltages: one figure for each."));
        }
        List<Rating> ratings = new ArrayList<>();
        for (int i = 0; i < volts.size(); i++) {
            int from = amps.size() - volts.size() + i;
            ratings.add(new Rating(volts.get(i), from < 0 || from >= amps.size() ? Optional.empty() : amps.get(from)));
        }
        return ratings;
    }

    private static List<String> parts(String typed) {
        return java.util.Arrays.stream(typed.strip().split("(?<=\\S)\\s*(?:-|–|/|\\bto\\b)\\s*"))
                .filter(p -> !p.isBlank())
                .toList();
    }

    private Plate.Extras extras(TypedPlate typed) {
        Optional<MotorFamily> family = MotorFamily.of(typed.at(PlateField.FAMILY));
        if (family.isEmpty() && !typed.at(PlateField.FAMILY).isBlank()) {
            problems.add(new Problem(
                    "family", typed.at(PlateField.FAMILY), "Choose one of the families listed, or “not known”."));
        }
        Optional<CodeLetter> code = CodeLetter.of(typed.at(PlateField.CODE));
        if (code.isEmpty() && !typed.at(PlateField.CODE).isBlank()) {
            problems.add(new Problem(
                    "code",
                    typed.at(PlateField.CODE),
                    "“" + typed.at(PlateField.CODE).strip()
                            + "” is no code letter: they run from A to V, without I, O and Q."));
        }
        Optional<Double> start = microfarads("startMicrofarads", typed.at(PlateField.START_MICROFARADS));
        Optional<Double> run = microfarads("runMicrofarads", typed.at(PlateField.RUN_MICROFARADS));
        family.ifPresent(known -> {
            if (start.isPresent() && !known.hasStartCapacitor()) {
                problems.add(new Problem(
                        "startMicrofarads",
                        typed.at(PlateField.START_MICROFARADS),
                        "A motor that is " + known.words() + " has no start capacitor. Leave this empty, or choose"
                                + " another family."));
            }
            if (run.isPresent() && !known.hasRunCapacitor()) {
                problems.add(new Problem(
                        "runMicrofarads",
                        typed.at(PlateField.RUN_MICROFARADS),
                        "A motor that is " + known.words() + " has no run capacitor. Leave this empty, or choose"
                                + " another family."));
            }
        });
        if (typed.at(PlateField.TEXT).length() > MOST_TEXT) {
            problems.add(new Problem("text", "", "The text is too long: at most " + MOST_TEXT + " letters."));
        }
        return new Plate.Extras(
                family, code, start, run, typed.at(PlateField.TEXT).strip());
    }

    /** A capacitor as stamped; "MFD", "mF" and "MF" on a motor mean microfarads (common practice). */
    private Optional<Double> microfarads(String field, String typed) {
        return number(
                field,
                typed,
                MICROFARADS,
                " is out of range: motor capacitors have 0.5 to 2000 µF.",
                "” is no capacitance, such as 300.");
    }

    /** A number that may be left blank. */
    private Optional<Double> number(String field, String typed, Field bounds, String outOfRange, String noNumber) {
        TypedNumber number = TypedNumber.read(typed, bounds);
        switch (number.kind()) {
            case GOOD -> {
                return Optional.of(number.value());
            }
            case BLANK -> {
                // it need not be known
            }
            case EITHER -> problems.add(new Problem(field, typed, number.question(typed)));
            case OUT_OF_RANGE -> problems.add(new Problem(field, typed, typed.strip() + outOfRange));
            case NO_NUMBER -> problems.add(new Problem(field, typed, "“" + typed.strip() + noNumber));
        }
        return Optional.empty();
    }

    /** A plate cannot state more out than in, nor a speed at or above synchronous. */
    private void impossible(Plate plate, TypedPlate typed) {
        if (plate.slip() <= 0 || plate.slip() >= MOST_SLIP) {
            problems.add(new Problem(
                    "rpm",
                    typed.at(PlateField.RPM),
                    String.format(
                            java.util.Locale.ROOT,
                            "%d rpm fits no induction motor at %d Hz: under load it turns a little slower than %.0f rpm, or"
                                    + " than %.0f with two poles more. Read the plate again.",
                            plate.rpm(),
                            plate.hertz(),
                            plate.synchronousRpm(),
                            120.0 * plate.hertz() / (plate.poles() + 2))));
        }
        for (Rating rating : plate.ratings()) {
            boolean isLower = plate.lowerConnection().contains(rating);
            double most = plate.efficiencyTimesPowerFactor(rating).orElse(0.0);
            if (most > 1) {
                problems.add(new Problem(
                        isLower ? "lowAmps" : "highAmps",
                        isLower ? typed.at(PlateField.LOW_AMPS) : typed.at(PlateField.HIGH_AMPS),
                        String.format(
                                java.util.Locale.ROOT,
                                "%s%d V × %.1f A is %.0f VA in, but %s is %.0f W out: more comes out than goes in. One"
                                        + " of the three is misread.",
                                plate.isThreePhase() ? "√3 × " : "",
                                rating.volts(),
                                rating.amps().orElse(0.0),
                                plate.voltAmperes(rating).orElse(0.0),
                                plate.outputAsWritten(),
                                plate.ratedOutputWatts())));
            }
        }
    }

    private Optional<Double> output(String typed) {
        if (typed.strip().length() > LONGEST_OUTPUT) {
            problems.add(new Problem("output", typed, "Use at most " + LONGEST_OUTPUT + " letters, such as 1-1/2."));
            return Optional.empty();
        }
        Matcher matcher = OUTPUT.matcher(typed.strip().replaceFirst("(?i)\\s*(hp|kw)$", ""));
        if (matcher.matches()) {
            if (matcher.group(4) != null) {
                return Optional.of(Double.parseDouble(matcher.group(4).replace(',', '.')));
            }
            double whole = matcher.group(1) == null ? 0 : Double.parseDouble(matcher.group(1));
            double denominator = Double.parseDouble(matcher.group(3));
            if (denominator > 0) {
                return Optional.of(whole + Double.parseDouble(matcher.group(2)) / denominator);
            }
        }
        problems.add(new Problem(
                "output",
                typed,
                typed.isBlank()
                        ? "What power does the plate state? Such as 3/4, 1-1/2 or 0.55."
                        : "“" + typed.strip() + "” is no power. Write it as 3/4, 1-1/2 or 0.55."));
        return Optional.empty();
    }

    private Optional<Double> amps(String field, String typed) {
        return number(
                field,
                typed,
                AMPS,
                " A is out of range: expected 0.05 to 150.",
                "” is no number of amps, such as 6.9.");
    }

    private Optional<Integer> whole(String field, String typed, String what, int least, int most, boolean needed) {
        TypedNumber number = TypedNumber.read(
                typed, Field.of(least, most, "v", "volt", "volts", "hz", "rpm", "1/min", "min-1", "min⁻¹"));
        boolean isWhole = number.value() == Math.rint(number.value());
        switch (number.kind()) {
            case GOOD -> {
                if (isWhole) {
                    return Optional.of((int) number.value());
                }
                problems.add(new Problem(field, typed, noWhole(typed, what)));
            }
            case BLANK -> {
                if (needed) {
                    problems.add(new Problem(field, typed, "What " + what + " does the plate state?"));
                }
            }
            case EITHER -> problems.add(new Problem(field, typed, number.question(typed)));
            case OUT_OF_RANGE ->
                problems.add(new Problem(
                        field,
                        typed,
                        isWhole
                                ? typed.strip() + " is out of range for the " + what + ": expected " + least + " to "
                                        + most + "."
                                : noWhole(typed, what)));
            case NO_NUMBER -> problems.add(new Problem(field, typed, noWhole(typed, what)));
        }
        return Optional.empty();
    }

    private static String noWhole(String typed, String what) {
        return "“" + typed.strip() + "” is no whole number for the " + what + ".";
    }
}
