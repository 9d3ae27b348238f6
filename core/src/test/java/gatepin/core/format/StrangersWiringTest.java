package gatepin.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Given;
import gatepin.core.machine.PlateFit;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a job takes of a wiring that somebody else made. */
class StrangersWiringTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "examples");

    private static String example(String name) throws IOException {
        return Files.readString(EXAMPLES.resolve(name + ".json"));
    }

    private static StrangersWiring read(String text) {
        var read = StrangersWiring.read(text);
        assertThat(read.problems()).isEmpty();
        return read.value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "apple-scratter, CAPACITOR_START, 6, 11",
        "hay-loft-winch, CAPACITOR_START, 6, 12",
        "honey-extractor, PERMANENT_SPLIT_CAPACITOR, 6, 13",
        "potters-wheel, CAPACITOR_START, 6, 7",
        "seed-auger, CAPACITOR_START_CAPACITOR_RUN, 6, 17",
        "sorting-belt-blower, SPLIT_PHASE, 5, 4",
        "tapping-drill, SPLIT_PHASE, 4, 9"
    })
    void everyExampleOfOnePhase(String name, MotorFamily family, int points, int wires) throws IOException {
        StrangersWiring wiring = read(example(name));

        assertThat(wiring.plate().likelyFamily()).isEqualTo(family);
        assertThat(wiring.leads().all()).hasSize(points);
        assertThat(wiring.wires()).hasSize(wires);
    }

    @ParameterizedTest
    @ValueSource(strings = {"apple-scratter", "hay-loft-winch", "seed-auger", "tapping-drill"})
    void whatWasNotMeasuredIsNotMadeUp(String name) throws IOException {
        JsonNode measured = JSON.readTree(example(name)).path("motor").path("measured");
        Plate.Extras extras = read(example(name)).plate().extras();

        assertThat(extras.startMicrofarads().isPresent()).isEqualTo(measured.has("startMicrofarads"));
        assertThat(extras.runMicrofarads().isPresent()).isEqualTo(measured.has("runMicrofarads"));
    }

    @Test
    void whatTheFileSaysIsNotSoundIsNotLost() throws IOException {
        ObjectNode file = (ObjectNode) JSON.readTree(example("potters-wheel"));
        ((ObjectNode) file.path("motor").path("parts").path("coils").get(1)).put("health", "shorted");
        ((ObjectNode) file.path("motor").path("parts").path("contacts").get(0)).put("health", "stuck-open");

        assertThat(read(file.toString()).unwell()).containsExactly("start switch stuck open", "run V shorted");
        assertThat(read(example("potters-wheel")).unwell()).isEmpty();
    }

    @Test
    void threePhasesAreToldByTheCoilThatShowsThem() throws IOException {
        assertThat(StrangersWiring.read(example("tool-grinder")).problems())
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("phase 2 a", "one phase"));
    }

    /** A motor of any family, taken apart into coils, capacitors and contacts, is known again. */
    @ParameterizedTest
    @EnumSource
    void partsTellTheFamily(MotorFamily family) {
        Random chance = new Random(family.ordinal());
        for (int i = 0; i < 25; i++) {
            double watts = 90 + chance.nextInt(1400);
            int volts = chance.nextBoolean() ? 115 : 230;
            Motor motor = motor(family, watts, volts, chance.nextBoolean());
            StrangersWiring wiring = read(file(motor, watts, volts).toString());

            assertThat(wiring.plate().likelyFamily()).isEqualTo(family);
            assertThat(wiring.plate().extras().startMicrofarads().isPresent())
                    .isEqualTo(family == MotorFamily.CAPACITOR_START
                            || family == MotorFamily.CAPACITOR_START_CAPACITOR_RUN);
            assertThat(wiring.plate().extras().runMicrofarads().isPresent())
                    .isEqualTo(family == MotorFamily.PERMANENT_SPLIT_CAPACITOR
                            || family == MotorFamily.CAPACITOR_START_CAPACITOR_RUN);
            assertThat(wiring.leads().windings())
                    .extracting(Winding::role, Winding::like, Winding::other)
                    .containsExactlyInAnyOrderElementsOf(motor.windings().stream()
                            .map(w -> org.assertj.core.groups.Tuple.tuple(w.role(), w.like(), w.other()))
                            .toList());
        }
    }

    private static Motor motor(MotorFamily family, double watts, int volts, boolean halves) {
        List<String> marks = halves ? List.of("T1", "T2", "T3", "T4", "T5", "T8") : List.of("T1", "T4", "T5", "T8");
        List<Terminal> leads = marks.stream().map(Terminal::motor).toList();
        List<Winding> windings = new ArrayList<>();
        for (int i = 0; i < leads.size(); i += 2) {
            windings.add(
                    new Winding("w" + i, i + 2 < leads.size() ? Role.RUN : Role.START, leads.get(i), leads.get(i + 1)));
        }
        return PlateFit.fit(Given.typical(family, watts, volts, 60, 0.045))
                .value()
                .orElseThrow()
                .values()
                .motor(leads, windings);
    }

    private static String plain(Terminal terminal) {
        return terminal.id().replace(' ', '-');
    }

    private static ObjectNode file(Motor motor, double watts, int volts) {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", "gatepin-wiring").put("version", 2).put("machine", "Made up");
        ObjectNode written = root.putObject("motor");
        ObjectNode plate = written.putObject("plate");
        plate.put("output", Math.round(watts) / 1000.0)
                .put("unit", "kW")
                .put("hertz", 60)
                .put("rpm", 1719);
        plate.putArray("ratings").addObject().put("volts", volts);
        ArrayNode leads = written.putArray("leads");
        motor.leads().forEach(l -> leads.addObject().put("mark", l.mark()));
        ObjectNode parts = written.putObject("parts");
        ArrayNode coils = parts.putArray("coils");
        for (Coil coil : motor.coils()) {
            coils.addObject()
                    .put("name", coil.name())
                    .put("circuit", coil.role().word())
                    .put("like", plain(coil.like()))
                    .put("other", plain(coil.other()))
                    .put("turns", coil.turns())
                    .put("ohms", coil.ohms())
                    .put("leakageOhms", coil.leakageOhms())
                    .put("ratedVolts", coil.ratedVolts());
        }
        ArrayNode capacitors = parts.putArray("capacitors");
        for (Capacitor capacitor : motor.capacitors()) {
            capacitors
                    .addObject()
                    .put("name", capacitor.name())
                    .put("a", plain(capacitor.a()))
                    .put("b", plain(capacitor.b()))
                    .put("microfarads", capacitor.microfarads())
                    .put("esrOhms", capacitor.esrOhms());
        }
        ArrayNode contacts = parts.putArray("contacts");
        for (InnerContact contact : motor.contacts()) {
            contacts.addObject()
                    .put("name", contact.name())
                    .put("kind", contact.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("a", plain(contact.a()))
                    .put("b", plain(contact.b()));
        }
        parts.putObject("rotor")
                .put("poles", motor.rotor().poles())
                .put("ohms", motor.rotor().ohms())
                .put("leakageOhms", motor.rotor().leakageOhms())
                .put("magnetizingOhms", motor.rotor().magnetizingOhms());
        root.putObject("supply")
                .put("volts", volts)
                .put("hertz", 60)
                .put("kind", volts == 115 ? "hot-and-neutral" : "two-hot");
        ArrayNode wires = root.putArray("wires");
        wires.addObject().put("from", "motor.T1").put("to", "supply.L1").put("run", "motor-cable");
        wires.addObject().put("from", "motor.T4").put("to", "supply.L2").put("run", "motor-cable");
        return root;
    }
}
