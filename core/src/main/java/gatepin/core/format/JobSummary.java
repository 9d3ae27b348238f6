package gatepin.core.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Pin;
import gatepin.core.lane.Facts;
import gatepin.core.lane.Memory;
import gatepin.core.lane.Workup;
import gatepin.core.paper.Paper;
import gatepin.core.plate.Plate;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import gatepin.core.words.Wording;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the engine makes of a job's facts, without pages and database: the same judgement, as JSON and as text. */
public final class JobSummary {
    private final String machine;
    private final Workup workup;
    private final Wording wording;

    /** Of a job. */
    public JobSummary(String machine, Facts facts) {
        this(machine, Workup.of(facts, new Memory()));
    }

    /** Of a job that is worked out already. */
    public JobSummary(String machine, Workup workup) {
        this.machine = machine;
        this.workup = workup;
        this.wording = Wording.of(workup.facts().region()).with(workup.turning().ways());
    }

    private Pin pin(Gate gate) {
        return workup.facts().lane().pin(gate);
    }

    private Optional<Analysis> analysis() {
        return workup.checks().circuit().flatMap(workup::analysis);
    }

    private List<Verdict> verdicts() {
        return analysis().map(Analysis::verdicts).orElse(List.of());
    }

    private String say(Verdict verdict) {
        VerdictWords words =
                VerdictWords.of(verdict, workup.checks().circuit().orElseThrow().supply());
        return wording.say(words.title()) + ". " + wording.say(words.words());
    }

    /** As JSON: gate by gate how its pin stands and what it lacks, and what is said of the wiring. */
    public ObjectNode json() {
        ObjectMapper json = new ObjectMapper();
        ObjectNode root = json.createObjectNode();
        root.put("format", "gatepin-judgement").put("version", 1).put("machine", machine);
        ArrayNode gates = root.putArray("gates");
        for (Gate gate : Gate.values()) {
            ObjectNode node = gates.addObject()
                    .put("gate", gate.word())
                    .put("pin", pin(gate).state().name().toLowerCase(Locale.ROOT));
            workup.evidence().lack(gate).ifPresent(l -> node.put("lacks", wording.say(l)));
        }
        workup.checks().danger().ifPresent(d -> root.put("danger", wording.say(d)));
        ArrayNode verdicts = root.putArray("verdicts");
        verdicts().forEach(v -> {
            ObjectNode node = verdicts.addObject()
                    .put("rule", v.rule().key())
                    .put("severity", v.severity().word());
            v.setting().ifPresent(s -> node.put("setting", s.word()));
            node.put("words", say(v));
        });
        ObjectNode marks = root.putObject("paperMarks");
        for (Paper paper : Paper.values()) {
            marks.put(paper.word(), workup.paperMark(paper));
        }
        return root;
    }

    /** As text, for a person who has nothing but this file. */
    public String text() {
        StringBuilder text = new StringBuilder();
        line(text, machine);
        line(text, "");
        workup.facts().motor().plate().ifPresent(p -> line(text, "Motor: " + plate(p)));
        workup.supply().ifPresent(s -> line(text, "Wired for: " + s.volts() + " V, " + s.hertz() + " Hz"));
        workup.facts().gear().kind().ifPresent(k -> line(text, "Switch: " + k.name()));
        if (!workup.facts().papers().isolator().isBlank()) {
            line(text, "Isolated by: " + workup.facts().papers().isolator());
        }
        line(text, "");
        line(text, "Gates:");
        for (Gate gate : Gate.values()) {
            String lacks = workup.evidence()
                    .lack(gate)
                    .map(wording::say)
                    .map(l -> ". " + l)
                    .orElse("");
            line(
                    text,
                    "  " + gate.title() + ": "
                            + pin(gate).state().name().toLowerCase(Locale.ROOT)
                            + reason(pin(gate).reason()) + (pin(gate).isOpen() ? "" : lacks));
        }
        List<Wire> wires = workup.checks().circuit().map(Circuit::wires).orElse(List.of());
        if (!wires.isEmpty()) {
            line(text, "");
            line(text, "Wires:");
            wires.forEach(w -> line(text, "  " + w.from().id() + " to " + w.to().id()));
            line(text, "");
            line(text, "What the engine says of it:");
            verdicts().forEach(v -> line(text, "  " + v.severity().word() + ": " + say(v)));
        }
        line(text, "");
        line(
                text,
                "The switch controls, it does not isolate. This file proves no circuit dead; local electrical code decides.");
        return text.toString();
    }

    private String reason(Sentence reason) {
        String words = wording.say(reason);
        return words.isBlank() ? "" : " (" + words + ")";
    }

    private static String plate(Plate plate) {
        return plate.outputAsWritten() + ", "
                + plate.ratings().stream().map(r -> r.volts() + " V").collect(Collectors.joining("/")) + ", "
                + plate.hertz() + " Hz, " + plate.rpm() + " rpm";
    }

    private static void line(StringBuilder text, String words) {
        text.append(words).append('\n');
    }
}
