package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Given;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.StatedRotation;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Writes a job's wiring in the open format; {@link WiringReader} reads it back. */
public final class WiringWriter {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private WiringWriter() {}

    /**
     * Whose wiring it is.
     *
     * @param machine the machine's name
     * @param plate the motor's plate
     * @param leads its leads, and its capacitor's tags
     * @param gear the switch; none where it hangs straight on its supply
     * @param given what its equivalent circuit was fitted to, measured values among it
     * @param connection the column of its diagram; empty where none is written down, or it speaks of other leads
     */
    public record Described(
            String machine,
            Plate plate,
            Leads leads,
            Optional<SwitchKind> gear,
            Given given,
            Optional<Connection> connection) {}

    /**
     * Writes a wiring.
     *
     * @param plusIs what the engine's plus direction looks like
     * @return the file's text
     */
    public static String write(Described described, Circuit wiring, StatedRotation plusIs) {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", "gatepin-wiring").put("version", 2).put("machine", described.machine());
        motor(root.putObject("motor"), described);
        described.gear().ifPresent(kind -> {
            if (kind.hasCoils()) {
                contactors(root.putObject("gear"), kind);
            } else {
                gear(root.putObject("switch"), kind);
            }
        });
        Supply supply = wiring.supply();
        root.putObject("supply")
                .put("volts", supply.volts())
                .put("hertz", supply.hertz())
                .put("kind", supply.kind() == Supply.Kind.TWO_HOT ? "two-hot" : "hot-and-neutral");
        ArrayNode wires = root.putArray("wires");
        wiring.wires()
                .forEach(w -> wires.addObject()
                        .put("from", w.from().id())
                        .put("to", w.to().id())
                        .put("run", w.run().name().toLowerCase(Locale.ROOT).replace('_', '-')));
        described
                .connection()
                .filter(c -> Stream.concat(c.marks().stream().flatMap(Set::stream), c.swap().marks().stream())
                        .allMatch(m -> described.leads().find(m).isPresent()))
                .ifPresent(c -> connection(root.putObject("connection"), c));
        if (plusIs.isStated()) {
            root.putObject("direction")
                    .put(
                            "plus",
                            plusIs.direction() == StatedRotation.Direction.CLOCKWISE
                                    ? "clockwise"
                                    : "counter-clockwise")
                    .put("seenFrom", plusIs.seenFrom() == StatedRotation.End.SHAFT_END ? "shaft-end" : "opposite-end");
        }
        try {
            return JSON.writeValueAsString(root) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a wiring is always JSON", e);
        }
    }

    private static void motor(ObjectNode node, Described described) {
        Plate plate = described.plate();
        Leads leads = described.leads();
        node.put("family", plate.likelyFamily().key());
        ObjectNode p = node.putObject("plate");
        boolean kilowatts = plate.outputAsWritten().endsWith("kW");
        p.put("output", plate.ratedOutputWatts() / (kilowatts ? 1000 : Plate.WATTS_PER_HP))
                .put("unit", kilowatts ? "kW" : "hp");
        ArrayNode ratings = p.putArray("ratings");
        plate.ratings().forEach(r -> {
            ObjectNode rating = ratings.addObject().put("volts", r.volts());
            r.amps().ifPresent(a -> rating.put("amps", a));
        });
        p.put("hertz", plate.hertz()).put("rpm", plate.rpm());
        plate.extras().code().ifPresent(c -> p.put("code", c.name()));
        plate.extras().startMicrofarads().ifPresent(c -> p.put("startMicrofarads", c));
        plate.extras().runMicrofarads().ifPresent(c -> p.put("runMicrofarads", c));
        ArrayNode marks = node.putArray("leads");
        leads.all().stream().filter(l -> !l.isCapacitorTag()).forEach(l -> {
            ObjectNode lead = marks.addObject().put("mark", l.mark());
            if (!l.colour().isBlank()) {
                lead.put("colour", l.colour());
            }
        });
        ArrayNode windings = node.putArray("windings");
        List<Lead> tags = leads.all().stream().filter(Lead::isCapacitorTag).toList();
        if (!tags.isEmpty()) {
            ArrayNode written = node.putArray("capacitorTags");
            tags.forEach(t -> written.add(t.mark()));
        }
        for (Winding winding : leads.windings()) {
            windings.addObject()
                    .put("name", winding.name())
                    .put("circuit", winding.role().word())
                    .put("like", winding.like().mark())
                    .put("other", winding.other().mark());
        }
        ObjectNode measured = node.putObject("measured");
        described.given().runOhms().ifPresent(o -> measured.put("runOhms", o));
        described.given().startOhms().ifPresent(o -> measured.put("startOhms", o));
        Given given = described.given();
        given.startInHand().or(given::startMicrofarads).ifPresent(c -> measured.put("startMicrofarads", c));
        given.runInHand().or(given::runMicrofarads).ifPresent(c -> measured.put("runMicrofarads", c));
        if (given.equalWindings()) {
            node.put("equalWindings", true);
        }
    }

    private static void connection(ObjectNode node, Connection column) {
        column.line1().forEach(node.putArray("line1")::add);
        column.line2().forEach(node.putArray("line2")::add);
        if (!column.joined().isEmpty()) {
            ArrayNode joined = node.putArray("joined");
            column.joined().forEach(g -> g.forEach(joined.addArray()::add));
        }
        if (!column.swap().isNone()) {
            node.putArray("swap").add(column.swap().first()).add(column.swap().second());
        }
    }

    /** Devices and settings: what contactors are. */
    private static void contactors(ObjectNode node, SwitchKind kind) {
        node.put("name", kind.name());
        ArrayNode devices = node.putArray("devices");
        Map<Device, ArrayNode> marks = new TreeMap<>();
        kind.chart()
                .terminals()
                .forEach(t -> marks.computeIfAbsent(
                                t.device(),
                                d -> devices.addObject().put("name", d.name()).putArray("marks"))
                        .add(t.mark()));
        ArrayNode settings = node.putArray("settings");
        kind.chart()
                .settings()
                .forEach(s -> settings.addObject()
                        .put("name", s.title())
                        .put("purpose", s.purpose().name().toLowerCase(Locale.ROOT)));
        ArrayNode contacts = node.putArray("contacts");
        for (Contact contact : kind.chart().contacts()) {
            ArrayNode closedIn = contacts.addObject()
                    .put("a", contact.a().id())
                    .put("b", contact.b().id())
                    .putArray("closedIn");
            kind.chart().settingsOf(contact).forEach(s -> closedIn.add(s.title()));
        }
    }

    private static void gear(ObjectNode node, SwitchKind kind) {
        node.put("name", kind.name());
        ArrayNode face = node.putArray("face");
        kind.rows().forEach(row -> {
            ArrayNode marks = face.addArray();
            row.forEach(t -> marks.add(t.mark()));
        });
        ObjectNode closed = node.putObject("closed");
        for (HandlePosition position : HandlePosition.values()) {
            ArrayNode contacts = closed.putArray(position.word());
            kind.chart()
                    .closedIn(position)
                    .forEach(c -> contacts.addArray().add(c.a().mark()).add(c.b().mark()));
        }
    }
}
