package gatepin.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.BenchMotors;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Standstill currents against ngspice, a general circuit simulator, on wirings right and wrong. */
class SpiceNetlistTest {
    private static final Supply V115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply V230 = new Supply(230, 60, Supply.Kind.TWO_HOT);
    private static final Supply V230_50 = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Pattern PRINTED = Pattern.compile("(i\\(\\w+\\)) = (\\S+?),\\s*(\\S+)");

    @TempDir
    Path folder;

    static Stream<Arguments> wirings() {
        return Stream.of(
                wiring("1/4 hp, right", BenchMotors.quarterHp(), V115, "T1-L1 T5-L1 T4-L2 T8-L2"),
                wiring("1/4 hp, start ends interchanged", BenchMotors.quarterHp(), V115, "T1-L1 T8-L1 T4-L2 T5-L2"),
                wiring("1/4 hp, start not connected", BenchMotors.quarterHp(), V115, "T1-L1 T4-L2"),
                wiring("1/4 hp, start in series with run", BenchMotors.quarterHp(), V115, "T1-L1 T4-T5 T8-L2"),
                wiring("1/4 hp, run shorted on itself", BenchMotors.quarterHp(), V115, "T1-T4 T5-L1 T8-L2"),
                wiring("six leads, low, right", BenchMotors.sixLead(), V115, "T1-L1 T3-L1 T5-L1 T2-L2 T4-L2 T8-L2"),
                wiring("six leads, high, right", BenchMotors.sixLead(), V230, "T1-L1 T2-T3 T5-T2 T4-L2 T8-L2"),
                wiring(
                        "six leads, low joins on 230 V",
                        BenchMotors.sixLead(),
                        V230,
                        "T1-L1 T3-L1 T5-L1 T2-L2 T4-L2 T8-L2"),
                wiring(
                        "six leads, halves opposing in series",
                        BenchMotors.sixLead(),
                        V230,
                        "T1-L1 T2-T4 T5-T2 T3-L2 T8-L2"),
                wiring(
                        "six leads, halves opposing in parallel",
                        BenchMotors.sixLead(),
                        V115,
                        "T1-L1 T4-L1 T5-L1 T2-L2 T3-L2 T8-L2"),
                wiring(
                        "six leads, start across both halves",
                        BenchMotors.sixLead(),
                        V230,
                        "T1-L1 T2-T3 T5-L1 T4-L2 T8-L2"),
                wiring(
                        "six leads, one half to the frame",
                        BenchMotors.sixLead(),
                        V230,
                        "T1-L1 T2-T3 T4-L2 T5-T2 T8-L2 T3-FRAME FRAME-G"),
                wiring(
                        "six leads on two legs of a 208 V wye, one half to the frame",
                        BenchMotors.sixLead(),
                        new Supply(208, 60, Supply.Kind.TWO_HOT),
                        "T1-L1 T2-T3 T4-L2 T5-T2 T8-L2 T3-FRAME FRAME-G"),
                wiring("PSC at 50 Hz, right", BenchMotors.psc(), V230_50, "U1-L1 Z1-L1 U2-L2 Z2-L2"),
                wiring("PSC on 60 Hz", BenchMotors.psc(), V230, "U1-L1 Z1-L1 U2-L2 Z2-L2"),
                wiring("three phases, one phase fed", threePhase(), V230, "T1-L1 T2-L2"),
                wiring("three phases, two joined", threePhase(), V230, "T1-L1 T2-L2 T3-L2"));
    }

    private static Motor threePhase() {
        Terminal star = Terminal.inside("star");
        List<Coil> phases = Stream.of("T1", "T2", "T3")
                .map(mark -> new Coil(
                        "phase " + mark,
                        Role.RUN,
                        Terminal.motor(mark),
                        star,
                        120 * (mark.charAt(1) - '1'),
                        1,
                        2,
                        2.5,
                        133,
                        500))
                .toList();
        return new Motor(
                List.of(Terminal.motor("T1"), Terminal.motor("T2"), Terminal.motor("T3")),
                phases,
                List.of(),
                List.of(),
                new Rotor(4, 60, 2, 2, 60, 40, 0.01));
    }

    private static Arguments wiring(String name, Motor motor, Supply supply, String wires) {
        return Arguments.of(name, BenchMotors.wired(motor, supply, wires));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("wirings")
    void currentsAgreeWithNgspiceWithinHalfAPercent(String name, Circuit wired) throws Exception {
        State state = State.atRest(HandlePosition.OFF);
        AcSolution solution = AcNetwork.of(wired, state).at(1);
        SpiceNetlist netlist = SpiceNetlist.standstill(wired, state, name);

        Map<String, Complex> spice = run(netlist);

        double scale = Math.max(solution.lineAmps(), 1e-3);
        for (Element element : wired.elements()) {
            assertClose(element.name(), solution.current(element), spice, netlist, scale);
        }
        for (Terminal line : List.of(Terminal.L1, Terminal.L2, Terminal.GROUND)) {
            assertClose(line.mark(), solution.lineCurrent(line), spice, netlist, scale);
        }
        assertThat(solution.lineAmps()).as("the wiring draws something").isGreaterThan(1);
    }

    private static void assertClose(
            String what, Complex ours, Map<String, Complex> spice, SpiceNetlist netlist, double scale) {
        Complex theirs = spice.get(netlist.ammeters().get(what));
        assertThat(theirs).as("ngspice prints the current of " + what).isNotNull();
        assertThat(ours.subtract(theirs).norm())
                .as("%s: %s here, %s in ngspice", what, ours, theirs)
                .isLessThan(0.005 * Math.max(theirs.norm(), 0.01 * scale));
    }

    private Map<String, Complex> run(SpiceNetlist netlist) throws IOException, InterruptedException {
        Path file = Files.writeString(folder.resolve("net.cir"), netlist.text());
        Process process = new ProcessBuilder("ngspice", "-b", file.toString())
                .redirectErrorStream(true)
                .start();
        String printed = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(printed).isZero();
        Map<String, Complex> currents = new HashMap<>();
        Matcher matcher = PRINTED.matcher(printed);
        while (matcher.find()) {
            currents.put(
                    matcher.group(1),
                    new Complex(Double.parseDouble(matcher.group(2)), Double.parseDouble(matcher.group(3))));
        }
        assertThat(currents).as(printed).isNotEmpty();
        return currents;
    }
}
