package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Wiring;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.StatedRotation;
import java.util.Locale;
import java.util.Optional;

/** Writes a job's wiring in the open format; {@link WiringReader} reads it back. */
public final class WiringWriter {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private WiringWriter() {}

    /**
     * Writes a wiring.
     *
     * @param plusIs what the engine's plus direction looks like
     * @return the file's text
     */
    public static String write(
            String machine, Plate plate, Leads leads, Optional<SwitchKind> gear, Wiring wiring, StatedRotation plusIs) {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", "gatepin-wiring").put("version", 1).put("machine", machine);
        motor(root.putObject("motor"), plate, leads, wiring);
        gear.ifPresent(kind -> gear(root.putObject("switch"), kind));
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

    private static void motor(ObjectNode node, Plate plate, Leads leads, Wiring wiring) {
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
        ArrayNode marks = node.putArray("leads");
        leads.all().forEach(l -> {
            ObjectNode lead = marks.addObject().put("mark", l.mark());
            if (!l.colour().isBlank()) {
                lead.put("colour", l.colour());
            }
        });
        ArrayNode windings = node.putArray("windings");
        for (Winding winding : wiring.windings()) {
            windings.addObject()
                    .put("name", winding.name())
                    .put("circuit", winding.circuit().word())
                    .put("like", winding.like().mark())
                    .put("other", winding.other().mark());
        }
        ObjectNode measured = node.putObject("measured");
        plate.extras().startMicrofarads().ifPresent(c -> measured.put("startMicrofarads", c));
        plate.extras().runMicrofarads().ifPresent(c -> measured.put("runMicrofarads", c));
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
