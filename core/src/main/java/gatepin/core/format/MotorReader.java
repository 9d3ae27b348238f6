package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.HeatBudget;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.Stated;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Reads the motor of a wiring file: fitted from its plate, or part by part. */
final class MotorReader {
    private final JsonNode node;
    private final Optional<Connection> connection;
    private final List<Problem> problems;
    private final List<Terminal> leads = new ArrayList<>();

    /** The motor, its fit if it was fitted, and its rated point. */
    record Result(Motor motor, Optional<FittedMotor> fitted, RatedPoint rated, Plate plate) {}

    /**
     * Reads a motor.
     *
     * @param connection the column of its diagram, where the file gives it
     */
    MotorReader(JsonNode node, Optional<Connection> connection, List<Problem> problems) {
        this.node = node;
        this.connection = connection;
        this.problems = problems;
    }

    /** Empty when there are problems. */
    Optional<Result> read() {
        Set<String> tags = new HashSet<>();
        node.path("capacitorTags").forEach(t -> tags.add(t.asText()));
        for (int i = 0; i < node.path("leads").size(); i++) {
            String mark = node.path("leads").get(i).path("mark").asText();
            Terminal lead = Terminal.motor(mark);
            if (tags.contains(mark)) {
                continue;
            }
            if (lead.equals(Terminal.MOTOR_FRAME) || leads.contains(lead)) {
                problem(
                        "/motor/leads/" + i + "/mark",
                        mark,
                        lead.equals(Terminal.MOTOR_FRAME)
                                ? "G is the ground screw of the motor; give the lead another mark."
                                : "Lead " + mark + " stands twice.");
            }
            leads.add(lead);
        }
        for (int i = 0; i < node.path("capacitorTags").size(); i++) {
            tag(node.path("capacitorTags").get(i).asText(), "/motor/capacitorTags/" + i);
        }
        Plate plate = plate();
        ratings(plate);
        if (plate.slip() <= 0 || plate.slip() >= 0.25) {
            problem(
                    "/motor/plate/rpm",
                    "" + plate.rpm(),
                    String.format(
                            Locale.ROOT,
                            "%d rpm is no speed of an induction motor at %d Hz: under load it turns a little slower than"
                                    + " %.0f rpm.",
                            plate.rpm(),
                            plate.hertz(),
                            plate.synchronousRpm()));
        }
        if (!problems.isEmpty()) {
            return Optional.empty();
        }
        Optional<Result> result = node.has("parts") ? parts(plate) : fitted(plate);
        return problems.isEmpty() ? result : Optional.empty();
    }

    private void tag(String mark, String path) {
        Terminal tag = Terminal.capacitor(mark);
        if (leads.contains(tag) || leads.contains(Terminal.motor(mark))) {
            problem(path, mark, mark + " is a mark already.");
        } else {
            leads.add(tag);
        }
    }

    /** Lowest voltage first, and no more and no less current than a motor of this output can take. */
    private void ratings(Plate plate) {
        for (int i = 0; i < plate.ratings().size(); i++) {
            Plate.Rating rating = plate.ratings().get(i);
            String path = "/motor/plate/ratings/" + i;
            if (i > 0 && rating.volts() <= plate.ratings().get(i - 1).volts()) {
                problem(path + "/volts", "" + rating.volts(), "Ratings stand in order, the lowest voltage first.");
                return;
            }
            rating.amps()
                    .flatMap(a -> PlateFit.implausibleAmps(plate.ratedOutputWatts(), rating.volts(), a))
                    .ifPresent(m -> problem(path + "/amps", "" + rating.amps().orElse(0.0), m));
        }
    }

    private void problem(String path, String value, String message) {
        problems.add(new Problem(path, value, message));
    }

    private Plate plate() {
        JsonNode plate = node.path("plate");
        String unit = plate.path("unit").asText();
        double output = plate.path("output").asDouble();
        List<Plate.Rating> ratings = new ArrayList<>();
        for (JsonNode rating : plate.path("ratings")) {
            ratings.add(new Plate.Rating(rating.path("volts").asInt(), number(rating, "amps")));
        }
        return new Plate(
                output * (unit.equals("kW") ? 1000 : Plate.WATTS_PER_HP),
                output + " " + unit,
                ratings,
                plate.path("hertz").asInt(),
                plate.path("rpm").asInt(),
                new Plate.Extras(
                        MotorFamily.of(node.path("family").asText("")),
                        CodeLetter.of(plate.path("code").asText("")),
                        number(plate, "startMicrofarads").or(() -> number(node.path("measured"), "startMicrofarads")),
                        number(plate, "runMicrofarads").or(() -> number(node.path("measured"), "runMicrofarads")),
                        ""));
    }

    private static Optional<Double> number(JsonNode node, String field) {
        return node.has(field) ? Optional.of(node.path(field).asDouble()) : Optional.empty();
    }

    private static RatedPoint rated(Plate plate, Stated stated) {
        return new RatedPoint(plate.slip(), plate.ratedOutputWatts() / (plate.rpm() * Math.PI / 30), stated);
    }

    private Optional<Result> fitted(Plate plate) {
        List<Winding> windings = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (int i = 0; i < node.path("windings").size(); i++) {
            JsonNode winding = node.path("windings").get(i);
            String path = "/motor/windings/" + i;
            String name = winding.path("name").asText();
            if (!names.add(name)) {
                problem(path + "/name", name, "Two windings are called " + name + ".");
            }
            Terminal like = lead(winding, "like", path);
            Terminal other = lead(winding, "other", path);
            if (like.equals(other)) {
                problem(path, name, name + " has both ends on " + like.mark() + ".");
                continue;
            }
            windings.add(new Winding(
                    name, Role.valueOf(winding.path("circuit").asText().toUpperCase(Locale.ROOT)), like, other));
        }
        if (windings.stream().noneMatch(w -> w.role() == Role.RUN)) {
            problem("/motor/windings", "", "There is no run winding. A motor has at least one.");
        }
        JsonNode measured = node.path("measured");
        Leads between = Leads.of(windings);
        Given stated = Connection.given(plate, connection, between)
                .measured(number(measured, "runOhms"), number(measured, "startOhms"))
                .withCapacitors(number(measured, "startMicrofarads"), number(measured, "runMicrofarads"));
        Given given = node.path("equalWindings").asBoolean()
                ? stated.withEqualWindings()
                : connection.map(c -> c.alike(stated, between)).orElse(stated);
        Reading<FittedMotor> fit = PlateFit.fit(given);
        fit.problems().forEach(p -> problem(pathOf(p.field()), p.value(), p.message()));
        if (!problems.isEmpty()) {
            return Optional.empty();
        }
        FittedMotor fitted = fit.value().orElseThrow();
        Motor motor = fitted.values().motor(leads, windings).with(Kind.START_SWITCH, health(node.path("startSwitch")));
        return Optional.of(
                new Result(motor, Optional.of(fitted), rated(plate, Stated.of(plate, fitted.values())), plate));
    }

    private static String pathOf(String field) {
        return switch (field) {
            case "volts", "amps" -> "/motor/plate/ratings/0/" + field;
            case "rpm", "output" -> "/motor/plate/" + field;
            default -> "/motor/measured/" + field;
        };
    }

    private Terminal lead(JsonNode winding, String end, String path) {
        String mark = winding.path(end).asText();
        Terminal tag = Terminal.capacitor(mark);
        Terminal lead = leads.contains(tag) ? tag : Terminal.motor(mark);
        if (!leads.contains(lead)) {
            problem(path + "/" + end, mark, "The motor has no lead " + mark + ".");
        }
        return lead;
    }

    private static Kind kind(String kind) {
        return Kind.valueOf(kind.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    static Health health(JsonNode health) {
        return Health.valueOf(health.asText("works").toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    private Optional<Result> parts(Plate plate) {
        JsonNode parts = node.path("parts");
        JsonNode r = parts.path("rotor");
        Rotor rotor = new Rotor(
                r.path("poles").asInt(),
                plate.hertz(),
                r.path("ohms").asDouble(),
                r.path("leakageOhms").asDouble(),
                r.path("magnetizingOhms").asDouble(),
                r.path("rotationalWatts").asDouble(0),
                r.path("inertiaKgM2").asDouble(0.01));
        if (r.path("poles").asInt() != plate.poles()) {
            problem(
                    "/motor/parts/rotor/poles",
                    r.path("poles").asText(),
                    "The plate's " + plate.rpm() + " rpm at " + plate.hertz() + " Hz belong to " + plate.poles()
                            + " poles.");
        }
        List<Coil> coils = new ArrayList<>();
        for (int i = 0; i < parts.path("coils").size(); i++) {
            coils.add(coil(parts.path("coils").get(i), "/motor/parts/coils/" + i));
        }
        List<Capacitor> capacitors = new ArrayList<>();
        for (int i = 0; i < parts.path("capacitors").size(); i++) {
            JsonNode c = parts.path("capacitors").get(i);
            String path = "/motor/parts/capacitors/" + i;
            capacitors.add(WiringReader.capacitor(c, point(c, "a", path), point(c, "b", path)));
        }
        List<InnerContact> contacts = new ArrayList<>();
        for (int i = 0; i < parts.path("contacts").size(); i++) {
            JsonNode c = parts.path("contacts").get(i);
            String path = "/motor/parts/contacts/" + i;
            Terminal a = point(c, "a", path);
            Terminal b = point(c, "b", path);
            if (a.equals(b)) {
                problem(path, a.id(), "A contact joins two terminals, not one with itself.");
                continue;
            }
            contacts.add(new InnerContact(
                    c.path("name").asText(), kind(c.path("kind").asText()), a, b, health(c.path("health"))));
        }
        if (!problems.isEmpty()) {
            return Optional.empty();
        }
        try {
            Motor motor = new Motor(leads, coils, capacitors, contacts, rotor);
            return Optional.of(new Result(motor, Optional.empty(), rated(plate, Stated.of(plate)), plate));
        } catch (IllegalArgumentException e) {
            problem("/motor/parts", "", e.getMessage() + ".");
            return Optional.empty();
        }
    }

    /** The same motor, with the heat of coils of which the file does not say it: from the plate's amps, and what the sound motor takes. */
    Motor laidOut(Motor motor, List<Capacitor> capacitors, RatedPoint rated) {
        JsonNode written = node.path("parts").path("coils");
        if (written.isMissingNode()) {
            return motor;
        }
        Motor usual = HeatBudget.laidOut(motor, capacitors, rated);
        List<Coil> coils = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            coils.add((written.get(i).has("joulesPerKelvin") ? motor : usual)
                    .coils()
                    .get(i));
        }
        return motor.withCoils(coils);
    }

    private Coil coil(JsonNode c, String path) {
        Role role = Role.valueOf(c.path("circuit").asText().toUpperCase(Locale.ROOT));
        double turns = c.path("turns").asDouble(1);
        double ohms = c.path("ohms").asDouble();
        double leakage = c.path("leakageOhms").asDouble();
        double volts = c.path("ratedVolts").asDouble();
        return new Coil(
                c.path("name").asText(),
                role,
                point(c, "like", path),
                point(c, "other", path),
                c.path("degrees").asDouble(role == Role.RUN ? Coil.RUN_AXIS : Coil.START_AXIS),
                turns,
                ohms,
                leakage,
                volts,
                c.path("joulesPerKelvin").asDouble(1),
                Coil.Health.valueOf(c.path("health").asText("sound").toUpperCase(Locale.ROOT)));
    }

    /** A lead of the motor or a joint inside it. */
    private Terminal point(JsonNode part, String end, String path) {
        Terminal terminal = Terminal.fromId(part.path(end).asText());
        if (!terminal.is(Type.INSIDE) && !leads.contains(terminal)) {
            problem(
                    path + "/" + end,
                    terminal.id(),
                    terminal.id() + " is neither a lead of the motor nor a joint inside it.");
        }
        return terminal;
    }
}
