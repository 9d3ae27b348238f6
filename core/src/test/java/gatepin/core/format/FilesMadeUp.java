package gatepin.core.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Connection;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.Plate;
import gatepin.core.verdict.HealthyMotors;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Made-up motors as files: by plate and windings as the application writes them, and part by part as others may. */
final class FilesMadeUp {
    private static final ObjectMapper JSON = new ObjectMapper();

    private FilesMadeUp() {}

    /** The plate of a made-up motor, its capacitors among what it states. */
    static Plate plate(HealthyMotors m) {
        int poles = m.motor().rotor().poles();
        int hertz = (int) m.motor().rotor().ratedHertz();
        int rpm = (int) Math.round(120.0 * hertz / poles * (1 - m.rated().slip()));
        double watts = m.rated().torqueNm() * rpm * Math.PI / 30;
        return new Plate(
                watts,
                watts / 1000 + " kW",
                m.rated().stated().ratings(),
                hertz,
                rpm,
                new Plate.Extras(
                        m.rated().stated().family(),
                        rpm % 2 == 0 ? CodeLetter.of("K") : Optional.empty(),
                        m.rated().stated().startMicrofarads(),
                        m.rated().stated().runMicrofarads(),
                        ""));
    }

    /** A circuit as a file that gives its motor part by part, whatever sits inside or beside it. */
    static String partByPart(Plate plate, Circuit circuit, Optional<Connection> connection) {
        ObjectNode root = JSON.createObjectNode()
                .put("format", "gatepin-wiring")
                .put("version", 2)
                .put("machine", "Made up");
        Motor motor = circuit.motor();
        ObjectNode m = root.putObject("motor");
        ObjectNode p = m.putObject("plate")
                .put("output", plate.ratedOutputWatts() / 1000)
                .put("unit", "kW")
                .put("hertz", plate.hertz())
                .put("rpm", plate.rpm());
        ArrayNode ratings = p.putArray("ratings");
        plate.ratings().forEach(r -> {
            ObjectNode rating = ratings.addObject().put("volts", r.volts());
            r.amps().ifPresent(a -> rating.put("amps", a));
        });
        ArrayNode leads = m.putArray("leads");
        ArrayNode tags = JSON.createArrayNode();
        motor.leads().forEach(l -> {
            if (l.is(Device.Type.CAPACITOR)) {
                tags.add(l.mark());
            } else {
                leads.addObject().put("mark", l.mark());
            }
        });
        if (!tags.isEmpty()) {
            m.set("capacitorTags", tags);
        }
        ObjectNode parts = m.putObject("parts");
        ArrayNode coils = parts.putArray("coils");
        for (Coil c : motor.coils()) {
            coils.addObject()
                    .put("name", c.name())
                    .put("circuit", c.role().word())
                    .put("like", id(c.like()))
                    .put("other", id(c.other()))
                    .put("degrees", c.degrees())
                    .put("turns", c.turns())
                    .put("ohms", c.ohms())
                    .put("leakageOhms", c.leakageOhms())
                    .put("ratedVolts", c.ratedVolts());
        }
        ArrayNode capacitors = parts.putArray("capacitors");
        motor.capacitors().forEach(c -> capacitor(capacitors.addObject(), c));
        ArrayNode contacts = parts.putArray("contacts");
        for (InnerContact c : motor.contacts()) {
            contacts.addObject()
                    .put("name", c.name())
                    .put("kind", word(c.kind()))
                    .put("a", id(c.a()))
                    .put("b", id(c.b()))
                    .put("health", word(c.health()));
        }
        parts.putObject("rotor")
                .put("poles", motor.rotor().poles())
                .put("ohms", motor.rotor().ohms())
                .put("leakageOhms", motor.rotor().leakageOhms())
                .put("magnetizingOhms", motor.rotor().magnetizingOhms())
                .put("rotationalWatts", motor.rotor().rotationalWatts());
        gear(root, circuit.chart());
        root.putObject("supply")
                .put("volts", circuit.supply().volts())
                .put("hertz", circuit.supply().hertz())
                .put("kind", circuit.supply().kind() == Supply.Kind.TWO_HOT ? "two-hot" : "hot-and-neutral");
        ArrayNode outside = root.putArray("outside");
        circuit.capacitors().stream()
                .filter(c -> !motor.capacitors().contains(c))
                .forEach(c -> capacitor(outside.addObject(), c));
        ArrayNode wires = root.putArray("wires");
        circuit.wires()
                .forEach(w -> wires.addObject()
                        .put("from", id(w.from()))
                        .put("to", id(w.to()))
                        .put("run", word(w.run())));
        connection.ifPresent(c -> {
            ObjectNode node = root.putObject("connection");
            c.line1().forEach(node.putArray("line1")::add);
            c.line2().forEach(node.putArray("line2")::add);
            ArrayNode joined = node.putArray("joined");
            c.joined().forEach(g -> g.forEach(joined.addArray()::add));
            node.putArray("swap").add(c.swap().first()).add(c.swap().second());
        });
        return root.toString();
    }

    private static void capacitor(ObjectNode node, Capacitor c) {
        node.put("name", c.name())
                .put("a", id(c.a()))
                .put("b", id(c.b()))
                .put("microfarads", c.microfarads())
                .put("esrOhms", c.esrOhms());
    }

    private static void gear(ObjectNode root, ContactChart chart) {
        if (chart.terminals().isEmpty()) {
            return;
        }
        ObjectNode gear = root.putObject("gear").put("name", "Gear");
        ArrayNode devices = gear.putArray("devices");
        List<Device> all =
                chart.terminals().stream().map(Terminal::device).distinct().toList();
        for (Device device : all) {
            ArrayNode marks = devices.addObject().put("name", device.name()).putArray("marks");
            chart.terminals().stream().filter(t -> t.device().equals(device)).forEach(t -> marks.add(t.mark()));
        }
        ArrayNode settings = gear.putArray("settings");
        chart.settings()
                .forEach(s -> settings.addObject().put("name", s.title()).put("purpose", word(s.purpose())));
        ArrayNode contacts = gear.putArray("contacts");
        for (Contact c : chart.contacts()) {
            ArrayNode in = contacts.addObject()
                    .put("a", c.a().id())
                    .put("b", c.b().id())
                    .putArray("closedIn");
            chart.settingsOf(c).forEach(s -> in.add(s.title()));
        }
    }

    /** Marks of points inside have no spaces in a file. */
    private static String id(Terminal terminal) {
        return terminal.id().replace(' ', '_');
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
