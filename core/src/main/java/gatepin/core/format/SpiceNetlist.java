package gatepin.core.format;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.hipparchus.complex.Complex;

/**
 * A wired motor at standstill as a netlist for SPICE: the rotor is a shorted winding on each of two axes, and every coil
 * is coupled with it and with the other coils by the cosine of the angle between them. Runs with {@code ngspice -b}.
 */
public final class SpiceNetlist {
    /** Ties parts that float to ground so loosely that no current notices, Ω. */
    private static final String LOOSE = "1e9";

    private final Circuit circuit;
    private final Nodes nodes;
    private final Map<Terminal, Integer> numbers = new LinkedHashMap<>();
    private final StringBuilder text = new StringBuilder();
    private final Map<String, String> ammeters = new LinkedHashMap<>();
    private int joints;

    private SpiceNetlist(Circuit circuit, State state, String title) {
        this.circuit = circuit;
        this.nodes = circuit.nodes(state);
        line("* " + title.replaceAll("[^\\p{Print}]", " ") + ", standstill, handle at "
                + state.setting().word());
        feeders();
        for (Element element : circuit.elements()) {
            add(element);
        }
        couplings();
        numbers.forEach((terminal, number) -> line("Rloose" + number + " n" + number + " 0 " + LOOSE));
        control();
    }

    /** The netlist of a wired motor that stands still in the given state. */
    public static SpiceNetlist standstill(Circuit circuit, State state, String title) {
        return new SpiceNetlist(circuit, state, title);
    }

    /** The whole file. */
    public String text() {
        return text.toString();
    }

    /** The vector that holds an element's current, by the element's name; lines by their marks. */
    public Map<String, String> ammeters() {
        return Map.copyOf(ammeters);
    }

    private void line(String line) {
        text.append(line).append('\n');
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.12g", value);
    }

    private String node(Terminal terminal) {
        return "n" + numbers.computeIfAbsent(nodes.nodeOf(terminal), k -> numbers.size() + 1);
    }

    private String joint() {
        return "j" + ++joints;
    }

    private double radians() {
        return 2 * Math.PI * circuit.supply().hertz();
    }

    /** Inductance of a reactance stated at the motor's rated frequency, H. */
    private double henries(double ohms) {
        return ohms / (2 * Math.PI * circuit.motor().rotor().ratedHertz());
    }

    private void feeders() {
        feeder(Terminal.L1, circuit.supply().emf(Terminal.L1));
        feeder(Terminal.L2, circuit.supply().emf(Terminal.L2));
        feeder(Terminal.GROUND, Complex.ZERO);
    }

    private void feeder(Terminal terminal, Complex volts) {
        Feeder feeder = circuit.feeder();
        String source = joint();
        String metered = joint();
        String name = terminal.mark().toLowerCase(Locale.ROOT);
        line("Vsrc" + name + " " + source + " 0 ac " + number(volts.norm()) + " "
                + number(Math.toDegrees(volts.getArgument())));
        ammeter(terminal.mark(), name, source, metered);
        String after = feeder.reactanceOhms() > 0 ? joint() : node(terminal);
        line("Rfeed" + name + " " + metered + " " + after + " " + number(feeder.ohms()));
        if (feeder.reactanceOhms() > 0) {
            line("Lfeed" + name + " " + after + " " + node(terminal) + " "
                    + number(feeder.reactanceOhms() / radians()));
        }
    }

    private void ammeter(String what, String suffix, String from, String to) {
        line("Vam" + suffix + " " + from + " " + to + " 0");
        ammeters.put(what, "i(vam" + suffix + ")");
    }

    private void add(Element element) {
        String id = "e" + (circuit.elements().indexOf(element) + 1);
        line("* " + element.name());
        String start = joint();
        ammeter(element.name(), id, node(element.a()), start);
        if (element instanceof Coil coil) {
            boolean wound = coil.presentTurns() > 0;
            // burnt together it makes no field: nothing is left but a little of its ohms and its leakage
            String afterOhms = wound || coil.presentLeakageOhms() > 0 ? joint() : node(coil.other());
            line("R" + id + " " + start + " " + afterOhms + " " + number(coil.presentOhms()));
            String afterLeakage = afterOhms;
            if (coil.presentLeakageOhms() > 0) {
                afterLeakage = wound ? joint() : node(coil.other());
                line("Lleak" + id + " " + afterOhms + " " + afterLeakage + " "
                        + number(henries(coil.presentLeakageOhms())));
            }
            if (!wound) {
                return;
            }
            double main = coil.turns()
                    * coil.turns()
                    * henries(circuit.motor().rotor().magnetizingOhms());
            line("L" + id + " " + afterLeakage + " " + node(coil.other()) + " " + number(main));
        } else if (element instanceof Capacitor capacitor) {
            String between = capacitor.esrOhms() > 0 ? joint() : start;
            if (capacitor.esrOhms() > 0) {
                line("R" + id + " " + start + " " + between + " " + number(capacitor.esrOhms()));
            }
            line("C" + id + " " + between + " " + node(capacitor.b()) + " " + number(capacitor.microfarads() / 1e6));
        } else if (element instanceof Resistor resistor) {
            line("R" + id + " " + start + " " + node(resistor.b()) + " " + number(resistor.ohms()));
        }
    }

    private void couplings() {
        Rotor rotor = circuit.motor().rotor();
        for (String axis : List.of("d", "q")) {
            line("* rotor, " + axis + " axis");
            line("Lrot" + axis + " r" + axis + " 0 " + number(henries(rotor.magnetizingOhms())));
            line("Rrot" + axis + " r" + axis + " s" + axis + " " + number(rotor.ohms()));
            line(
                    rotor.leakageOhms() > 0
                            ? "Lrleak" + axis + " s" + axis + " 0 " + number(henries(rotor.leakageOhms()))
                            : "Vrleak" + axis + " s" + axis + " 0 0");
        }
        List<Element> elements = circuit.elements();
        List<Coil> coils = circuit.motor().coils().stream()
                .filter(c -> elements.contains(c) && c.presentTurns() > 0)
                .toList();
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < coils.size(); i++) {
            double angle = Math.toRadians(coils.get(i).degrees());
            String own = "Le" + (elements.indexOf(coils.get(i)) + 1);
            couple(lines, own, "Lrotd", Math.cos(angle));
            couple(lines, own, "Lrotq", Math.sin(angle));
            for (int j = 0; j < i; j++) {
                couple(
                        lines,
                        own,
                        "Le" + (elements.indexOf(coils.get(j)) + 1),
                        Math.cos(angle - Math.toRadians(coils.get(j).degrees())));
            }
        }
        lines.forEach(this::line);
    }

    private static void couple(List<String> lines, String a, String b, double factor) {
        if (Math.abs(factor) > 1e-9) {
            lines.add("K" + (lines.size() + 1) + " " + a + " " + b + " " + number(factor));
        }
    }

    private void control() {
        line(".control");
        line("set numdgt=10");
        line("ac lin 1 " + circuit.supply().hertz() + " " + circuit.supply().hertz());
        ammeters.forEach((name, vector) -> {
            line("* " + name);
            line("print " + vector);
        });
        line("quit");
        line(".endc");
        line(".end");
    }
}
