package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.format.WiringFile.Probe;
import gatepin.core.machine.Estimate;
import gatepin.core.machine.FittedMotor;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.InSetting;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import org.hipparchus.complex.Complex;

/** Writes the analysis of a wiring as JSON. Amps, volts and ohms are rms at the supply's frequency and at 20 °C. */
public final class AnalysisWriter {
    private final ObjectMapper json = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
    private final WiringFile file;
    private final Analysis analysis;

    private AnalysisWriter(WiringFile file) {
        this.file = file;
        this.analysis = Analysis.of(file.circuit(), file.rated());
    }

    /** Analyses a wiring in every position and state; gives the JSON text. */
    public static String analyse(WiringFile file) {
        try {
            AnalysisWriter writer = new AnalysisWriter(file);
            return writer.json.writeValueAsString(writer.document());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("an analysis is always JSON", e);
        }
    }

    private ObjectNode document() {
        ObjectNode root = json.createObjectNode();
        root.put("format", "gatepin-analysis").put("version", 2).put("machine", file.machine());
        file.fitted().ifPresent(fitted -> fit(root.putObject("fit"), fitted));
        ObjectNode settings = root.putObject("settings");
        for (Setting setting : analysis.settings().keySet()) {
            setting(settings.putObject(setting.word()), setting);
        }
        ArrayNode whole = root.putArray("verdicts");
        analysis.verdicts().stream().filter(v -> v.setting().isEmpty()).forEach(v -> whole.add(verdict(v)));
        root.put("worst", analysis.worst().word());
        return root;
    }

    private void fit(ObjectNode node, FittedMotor fitted) {
        node.put("misfit", rounded(fitted.misfit()));
        ArrayNode residuals = node.putArray("residuals");
        fitted.residuals()
                .forEach(r -> residuals
                        .addObject()
                        .put("what", r.what())
                        .put("wanted", rounded(r.wanted()))
                        .put("got", rounded(r.got()))
                        .put("tolerances", rounded(r.tolerances())));
    }

    private void setting(ObjectNode node, Setting setting) {
        Circuit circuit = file.circuit();
        InSetting in = analysis.in(setting);
        ArrayNode contacts = node.putArray("contactsClosed");
        for (Contact contact : circuit.chart().closedIn(setting)) {
            contacts.addArray().add(contact.a().id()).add(contact.b().id());
        }
        ArrayNode groups = node.putArray("groups");
        List<Terminal> points = new ArrayList<>(circuit.motor().leads());
        points.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND, Terminal.MOTOR_FRAME));
        for (SortedSet<Terminal> group : in.standstill().nodes().groupsAmong(points)) {
            ArrayNode marks = groups.addArray();
            group.forEach(t -> marks.add(t.id()));
        }
        node.put("direction", direction(in.way()));
        solution(node.putObject("standstill"), in.standstill(), setting);
        solution(node.putObject("running"), in.running(), setting);
        solution(node.putObject("protectorOpen"), in.protectorOpen(), setting);
        ArrayNode ohms = node.putArray("ohms");
        for (Probe probe : file.probes()) {
            double reading = in.meter().ohms(probe.from(), probe.to());
            ObjectNode entry = ohms.addObject()
                    .put("from", probe.from().id())
                    .put("to", probe.to().id());
            if (reading == Ohmmeter.OPEN) {
                entry.put("ohms", "OL");
            } else {
                entry.put("ohms", rounded(reading));
            }
        }
        ArrayNode verdicts = node.putArray("verdicts");
        analysis.verdicts().stream()
                .filter(v -> v.setting().filter(p -> p.equals(setting)).isPresent())
                .forEach(v -> verdicts.add(verdict(v)));
    }

    private String direction(Way way) {
        if (way == Way.NONE) {
            return "none";
        }
        StatedRotation rotation =
                way == Way.PLUS ? file.plusIs() : file.plusIs().reversed();
        return rotation.isStated()
                ? rotation.direction().words() + ", " + rotation.seenFrom().words()
                : way == Way.PLUS ? "plus" : "minus";
    }

    private void solution(ObjectNode node, AcSolution solution, Setting setting) {
        node.put("startSwitch", solution.state().startSwitchClosed() ? "closed" : "open");
        node.put("protector", solution.state().protectorClosed() ? "closed" : "open");
        node.put("slip", rounded(solution.slip()));
        node.put("lineAmps", rounded(solution.lineAmps()));
        node.put("torqueNm", rounded(solution.torqueNm()));
        node.put("inputWatts", rounded(solution.inputWatts()));
        file.fitted().ifPresent(fitted -> bands(node.putObject("bands"), fitted, solution));
        ObjectNode currents = node.putObject("amps");
        currents.put("L1", rounded(solution.lineCurrent(Terminal.L1).norm()));
        currents.put("L2", rounded(solution.lineCurrent(Terminal.L2).norm()));
        currents.put("G", rounded(solution.lineCurrent(Terminal.GROUND).norm()));
        for (Element element : file.circuit().elements()) {
            currents.put(element.name(), rounded(solution.current(element).norm()));
        }
        ObjectNode volts = node.putObject("voltsAcross");
        for (Element element : file.circuit().elements()) {
            volts.put(element.name(), rounded(solution.voltage(element).norm()));
        }
        ObjectNode potentials = node.putObject("voltsToGround");
        for (Terminal terminal : new TreeSet<>(file.circuit().motor().leads())) {
            solution.potential(terminal)
                    .map(Complex::norm)
                    .ifPresentOrElse(
                            v -> potentials.put(terminal.id(), rounded(v)),
                            () -> potentials.put(terminal.id(), "floating"));
        }
    }

    /** Nine of ten motors with such a plate lie within these. */
    private void bands(ObjectNode node, FittedMotor fitted, AcSolution solution) {
        band(node, "lineAmps", fitted, solution, AcSolution::lineAmps);
        band(node, "torqueNm", fitted, solution, AcSolution::torqueNm);
    }

    private void band(
            ObjectNode node,
            String name,
            FittedMotor fitted,
            AcSolution solution,
            ToDoubleFunction<AcSolution> figure) {
        State state = solution.state();
        Estimate estimate = fitted.estimate(values -> figure.applyAsDouble(
                AcNetwork.of(file.circuit().with(values.like(file.circuit().motor())), state)
                        .at(solution.slip())));
        node.putArray(name).add(rounded(estimate.low())).add(rounded(estimate.high()));
    }

    private ObjectNode verdict(Verdict verdict) {
        ObjectNode node = json.createObjectNode();
        node.put("rule", verdict.rule().key())
                .put("severity", verdict.severity().word());
        if (!verdict.part().isEmpty()) {
            node.put("part", verdict.part());
        }
        ArrayNode terminals = node.putArray("terminals");
        verdict.terminals().forEach(t -> terminals.add(t.id()));
        if (!verdict.path().isEmpty()) {
            ArrayNode path = node.putArray("path");
            verdict.path().forEach(t -> path.add(t.id()));
        }
        if (verdict.value() != 0) {
            node.put("value", rounded(verdict.value()));
        }
        if (verdict.expected() != 0) {
            node.put("expected", rounded(verdict.expected()));
        }
        VerdictWords words = VerdictWords.of(verdict, file.circuit().supply());
        Wording wording = Wording.of(Region.at(file.circuit().supply().hertz()));
        return node.put("title", wording.say(words.title())).put("words", wording.say(words.words()));
    }

    /** Four figures: more would pretend. */
    private static double rounded(double value) {
        if (value == 0 || !Double.isFinite(value)) {
            return value;
        }
        if (Math.abs(value) < 1e-6) {
            return 0;
        }
        return new java.math.BigDecimal(value)
                .round(new java.math.MathContext(4))
                .doubleValue();
    }
}
