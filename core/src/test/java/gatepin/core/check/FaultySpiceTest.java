package gatepin.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.SupplyFault.OtherSupply;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.format.SpiceNetlist;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Readings and currents of faulty wirings against ngspice, a general circuit simulator. */
class FaultySpiceTest {
    private static final int WIRINGS = 12;
    private static final int FAULTS_EACH = 4;
    private static final double HALF_A_PERCENT = 0.005;
    private static final Pattern PHASOR = Pattern.compile("(i\\(\\w+\\)) = (\\S+?),\\s*(\\S+)");
    private static final Pattern NUMBER = Pattern.compile("(v\\(\\w+\\)) = (\\S+)");

    @TempDir
    Path folder;

    @Test
    void currentsAndReadingsOfFaultyWiringsAreThoseOfNgspice() throws Exception {
        Random chance = new Random(11);
        int compared = 0;
        int read = 0;
        for (MadeUpWirings wiring : MadeUpWirings.some(WIRINGS, 5000)) {
            Circuit sound = wiring.request().circuit();
            List<Fault> faults =
                    new ArrayList<>(Faults.of(sound, wiring.request().links()));
            faults.removeIf(f -> f instanceof OtherSupply);
            for (int i = 0; i < FAULTS_EACH; i++) {
                Fault fault = faults.get(chance.nextInt(faults.size()));
                Circuit faulty = fault.applyTo(sound);
                Setting setting =
                        sound.settings().get(chance.nextInt(sound.settings().size()));
                currents(wiring + ": " + fault.key(), faulty, State.atRest(setting));
                compared++;
                read += readings(wiring + ": " + fault.key(), faulty, State.atRest(setting));
            }
        }
        assertThat(compared).isGreaterThanOrEqualTo(30);
        assertThat(read).as("readings that are neither 0 nor OL").isGreaterThan(100);
    }

    private void currents(String what, Circuit circuit, State state) throws Exception {
        AcSolution ours = AcNetwork.of(circuit, state).at(1);
        SpiceNetlist netlist = SpiceNetlist.standstill(circuit, state, what);
        Map<String, Complex> theirs = new HashMap<>();
        Matcher printed = PHASOR.matcher(run(netlist.text()));
        while (printed.find()) {
            theirs.put(
                    printed.group(1),
                    new Complex(Double.parseDouble(printed.group(2)), Double.parseDouble(printed.group(3))));
        }
        double scale = Math.max(ours.lineAmps(), 0.01);
        for (Element element : circuit.elements()) {
            close(
                    what + ", " + element.name(),
                    ours.current(element),
                    theirs.get(netlist.ammeters().get(element.name())),
                    scale);
        }
        for (Terminal line : List.of(Terminal.L1, Terminal.L2, Terminal.GROUND)) {
            close(
                    what + ", " + line,
                    ours.lineCurrent(line),
                    theirs.get(netlist.ammeters().get(line.mark())),
                    scale);
        }
    }

    private static void close(String what, Complex ours, Complex theirs, double scale) {
        assertThat(theirs).as(what).isNotNull();
        assertThat(ours.subtract(theirs).norm())
                .as("%s: %s here, %s in ngspice", what, ours, theirs)
                .isLessThan(HALF_A_PERCENT * Math.max(theirs.norm(), 0.02 * scale));
    }

    /** One ampere is sent between two points, and the volts are read: so an ohmmeter works. */
    private int readings(String what, Circuit circuit, State state) throws Exception {
        Ohmmeter meter = Ohmmeter.on(circuit, state);
        Nodes nodes = circuit.nodes(state);
        List<Terminal> points = new ArrayList<>(new ColdReadings(circuit, true).probed());
        Map<String, Double> expected = new LinkedHashMap<>();
        StringBuilder net = new StringBuilder("* " + what.replaceAll("[^ -~]", " ") + "\n");
        Map<Terminal, Integer> numbers = new HashMap<>();
        int pair = 0;
        for (int i = 0; i < points.size() && pair < 12; i++) {
            for (int j = 0; j < i && pair < 12; j++) {
                double ohms = meter.ohms(points.get(i), points.get(j));
                if (ohms < 1e-9 || Double.isInfinite(ohms)) {
                    continue;
                }
                pair++;
                // each pair has a copy of the net of its own, with one end on node 0
                net.append(copy(circuit, nodes, points.get(j), numbers, pair));
                net.append("I")
                        .append(pair)
                        .append(" 0 ")
                        .append(node(nodes, points.get(i), points.get(j), numbers, pair))
                        .append(" 1\n");
                expected.put("v(" + node(nodes, points.get(i), points.get(j), numbers, pair) + ")", ohms);
            }
        }
        if (expected.isEmpty()) {
            return 0;
        }
        net.append(".control\nset numdgt=10\nop\n");
        expected.keySet().forEach(v -> net.append("print ").append(v).append('\n'));
        net.append("quit\n.endc\n.end\n");
        Map<String, Double> theirs = new HashMap<>();
        Matcher printed = NUMBER.matcher(run(net.toString()));
        while (printed.find()) {
            theirs.put(printed.group(1), Double.parseDouble(printed.group(2)));
        }
        expected.forEach((name, ohms) -> assertThat(theirs.get(name))
                .as("%s, %s", what, name)
                .isNotNull()
                .isCloseTo(ohms, org.assertj.core.data.Percentage.withPercentage(100 * HALF_A_PERCENT)));
        return expected.size();
    }

    private static String copy(Circuit circuit, Nodes nodes, Terminal zero, Map<Terminal, Integer> numbers, int pair) {
        StringBuilder copy = new StringBuilder();
        int element = 0;
        for (Element e : circuit.elements()) {
            double ohms = e instanceof Coil coil ? coil.presentOhms() : e instanceof Resistor r ? r.ohms() : 0;
            if (ohms > 0) {
                String a = node(nodes, e.a(), zero, numbers, pair);
                String b = node(nodes, e.b(), zero, numbers, pair);
                if (a.equals(b)) {
                    continue;
                }
                copy.append(String.format(Locale.ROOT, "R%dx%d %s %s %.12g%n", pair, ++element, a, b, ohms));
                for (String end : List.of(a, b)) {
                    if (!end.equals("0")) {
                        copy.append("Rl")
                                .append(pair)
                                .append('x')
                                .append(element)
                                .append(end)
                                .append(' ')
                                .append(end)
                                .append(" 0 1e12\n");
                    }
                }
            }
        }
        return copy.toString();
    }

    private static String node(
            Nodes nodes, Terminal terminal, Terminal zero, Map<Terminal, Integer> numbers, int pair) {
        return nodes.same(terminal, zero)
                ? "0"
                : "p" + pair + "n" + numbers.computeIfAbsent(nodes.nodeOf(terminal), k -> numbers.size() + 1);
    }

    private String run(String text) throws IOException, InterruptedException {
        Path file = Files.writeString(folder.resolve("net.cir"), text);
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .start();
        String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(printed).isZero();
        return printed;
    }
}
