package gatepin.web.gate.cold;

import gatepin.core.Problem;
import gatepin.core.check.Band;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.Meter;
import gatepin.core.check.Read;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.winding.MeterError;
import gatepin.core.winding.OhmsReader;
import gatepin.web.check.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Reads what a person types of a reading with the plug pulled, and of his meter. */
final class ColdForm {
    private static final double MOST_ZERO = 10;
    private static final double A_THOUSAND = 1000;
    /** Below this a reading says little of where it was taken, Ω. */
    private static final double SAYS_LITTLE = 0.4;

    private final Map<String, String> typed;
    private final ColdCheck check;
    private final Circuit circuit;
    private final Meter meter;
    private final List<Problem> problems = new ArrayList<>();

    ColdForm(Map<String, String> typed, ColdCheck check, Circuit circuit, Meter meter) {
        this.typed = typed;
        this.check = check;
        this.circuit = circuit;
        this.meter = meter;
    }

    List<Problem> problems() {
        return problems;
    }

    private String field(String name) {
        return typed.getOrDefault(name, "").strip();
    }

    /** What was read: the two points and the setting, or a capacitor. */
    Optional<Read> read() {
        String capacitor = field("capacitor");
        if (!capacitor.isEmpty()) {
            boolean known = circuit.capacitors().stream().anyMatch(c -> c.name().equals(capacitor));
            return known ? Optional.of(new Read.OfCapacitor(capacitor)) : Optional.empty();
        }
        Optional<Terminal> a = point("a");
        Optional<Terminal> b = point("b");
        Optional<Setting> setting = circuit.settings().stream()
                .filter(s -> s.word().equals(field("setting")))
                .findFirst();
        if (setting.isEmpty()) {
            problems.add(new Problem("setting", field("setting"), "Say where the handle stands."));
        }
        if (a.isPresent() && a.equals(b)) {
            problems.add(
                    new Problem("b", field("b"), "Both probes are on one point. Choose another one for one of them."));
        }
        return problems.isEmpty()
                ? Optional.of(new Read.Ohms(
                        a.orElseThrow(),
                        b.orElseThrow(),
                        setting.orElseThrow(),
                        !field("held").isEmpty()))
                : Optional.empty();
    }

    private Optional<Terminal> point(String name) {
        Optional<Terminal> point = circuit.terminals().stream()
                .filter(t -> !t.is(Device.Type.INSIDE) && t.id().equals(field(name)))
                .findFirst();
        if (point.isEmpty()) {
            problems.add(new Problem(name, field(name), "There is no such point on this wiring. Choose one."));
        }
        return point;
    }

    /** The whole reading; empty where something is not right, or has to be asked about. */
    Optional<Taken> taken() {
        Optional<Read> read = read();
        if (read.isEmpty()) {
            return Optional.empty();
        }
        double zero = zero();
        double celsius = celsius();
        Optional<Taken> taken = read.orElseThrow() instanceof Read.OfCapacitor
                ? ofCapacitor(read.orElseThrow())
                : OhmsReader.read("ohms", field("ohms"))
                        .value()
                        .map(o -> new Taken(read.orElseThrow(), o, Taken.Kind.OHMS, zero, celsius));
        if (taken.isEmpty() && problems.isEmpty()) {
            problems.addAll(OhmsReader.read("ohms", field("ohms")).problems());
        }
        taken.filter(t -> field("sure").isEmpty()).ifPresent(this::ask);
        return problems.isEmpty() ? taken : Optional.empty();
    }

    private double zero() {
        String text = field("zero");
        Optional<Double> zero = text.isEmpty()
                ? Optional.of(0.0)
                : OhmsReader.read("zero", text).value();
        if (zero.filter(z -> z <= MOST_ZERO).isEmpty()) {
            problems.add(
                    new Problem(
                            "zero",
                            text,
                            "With its probes held together a meter shows some tenths of an ohm. Look at its leads and battery."));
        }
        return zero.orElse(0.0);
    }

    private double celsius() {
        String text = field("celsius").replace(',', '.');
        try {
            double celsius = text.isEmpty() ? 20 : Double.parseDouble(text);
            if (celsius >= -40 && celsius <= 200) {
                return celsius;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        problems.add(new Problem("celsius", text, "“" + text + "” is no temperature of a winding: −40 to 200 °C."));
        return 20;
    }

    private Optional<Taken> ofCapacitor(Read read) {
        String text = field("ohms");
        if (!field("swings").isEmpty() || text.toLowerCase(Locale.ROOT).startsWith("swing")) {
            return Optional.of(new Taken(read, 0, Taken.Kind.SWINGS, 0, 20));
        }
        String number = text.replaceAll("(?i)\\s*(µf|uf|mfd|μf)$", "");
        boolean farads = !number.equals(text);
        Optional<Double> value = OhmsReader.read("ohms", number).value();
        if (value.isPresent() && Double.isInfinite(value.orElseThrow())) {
            return value.map(v -> new Taken(read, v, Taken.Kind.OHMS, 0, 20));
        }
        if (value.isPresent() && (farads || meter.measuresCapacitance())) {
            return value.map(v -> new Taken(read, v, Taken.Kind.MICROFARADS, 0, 20));
        }
        if (value.isPresent() && value.orElseThrow() < SAYS_LITTLE + zero()) {
            return value.map(v -> new Taken(read, v, Taken.Kind.OHMS, zero(), 20));
        }
        problems.add(new Problem(
                "ohms",
                text,
                "Does it swing low and climb? Then “swings”. Does it stay at 0, or show OL at once? A meter that shows"
                        + " microfarads gives µF."));
        return Optional.empty();
    }

    /** A reading that only makes sense with another unit, or between two other points, is asked about first. */
    private void ask(Taken taken) {
        Band expected = check.expected(taken.read());
        if (taken.against(expected, meter) != Taken.Standing.DISAGREES
                || taken.kind() != Taken.Kind.OHMS
                || Double.isInfinite(taken.shown())) {
            return;
        }
        for (double factor : List.of(A_THOUSAND, 1 / A_THOUSAND)) {
            Taken other =
                    new Taken(taken.read(), taken.shown() * factor, taken.kind(), taken.zeroOhms(), taken.celsius());
            if (!expected.isOpen()
                    && expected.likely() > SAYS_LITTLE
                    && other.against(expected, meter) == Taken.Standing.AGREES) {
                problems.add(new Problem(
                        "ohms",
                        field("ohms"),
                        "Is the unit right? " + CheckWords.number(other.shown())
                                + " Ω would be what belongs here. If it really is so, say so below."));
                return;
            }
        }
        for (ColdCheck.Line line : check.lines()) {
            boolean fits = line.taken().isEmpty()
                    && line.step().read() instanceof Read.Ohms
                    && line.step().expected().likely() > SAYS_LITTLE
                    && taken.against(line.step().expected(), meter) == Taken.Standing.AGREES;
            if (fits && line.step().read() instanceof Read.Ohms ohms) {
                problems.add(new Problem(
                        "ohms",
                        field("ohms"),
                        "That is what " + ohms.a().mark() + " and " + ohms.b().mark() + " show in "
                                + ohms.setting().title()
                                + ". Are the probes where they should be? If it really is so, say so below."));
                return;
            }
        }
    }

    /** What a person says of his meter. */
    static Optional<Meter> meter(Map<String, String> typed, List<Problem> problems) {
        double percent = number(typed, "percent", 0, 20, "A meter's error is between 0 and 20 percent.", problems);
        double ohms = number(typed, "plusOhms", 0, 5, "What is added to it is between 0 and 5 Ω.", problems);
        double zero = number(
                typed,
                "together",
                0,
                MOST_ZERO,
                "With its probes together a meter shows between 0 and 10 Ω.",
                problems);
        return problems.isEmpty()
                ? Optional.of(new Meter(
                        new MeterError(percent / 100, ohms), zero, typed.containsKey("farads"), Meter.MEASURED))
                : Optional.empty();
    }

    private static double number(
            Map<String, String> typed,
            String field,
            double least,
            double most,
            String message,
            List<Problem> problems) {
        String text = typed.getOrDefault(field, "").strip();
        Optional<Double> value = OhmsReader.read(field, text).value();
        if (value.filter(v -> v >= least && v <= most).isEmpty()) {
            problems.add(new Problem(field, text, message));
        }
        return value.orElse(0.0);
    }
}
