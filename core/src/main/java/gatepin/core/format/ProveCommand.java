package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlFault;
import gatepin.core.control.Duty;
import gatepin.core.control.LadderText;
import gatepin.core.control.Mends;
import gatepin.core.control.Proof;
import gatepin.core.control.Proof.Outcome;
import gatepin.core.control.Proof.Standing;
import gatepin.core.control.Prover;
import gatepin.core.control.Trace;
import gatepin.core.format.ControlReader.Control;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Rule;
import gatepin.core.words.Wording;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin prove FILE}: what holds of a control circuit, or the shortest sequence of events that breaks it. */
@Command(
        name = "prove",
        mixinStandardHelpOptions = true,
        description =
                "Proves a control circuit in every state it can get into, with every single failed part, or shows how it fails.")
final class ProveCommand implements Callable<Integer> {
    private static final Duration LONGEST = Duration.ofMinutes(2);
    private static final Wording WORDING = Wording.of(Region.NORTH_AMERICA);

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Parameters(
            paramLabel = "FILE",
            description =
                    "A wiring as JSON with a control circuit, or a ladder as text (docs/formats); - for standard input.")
    private String file = "";

    @Option(names = "--restart", description = "It may start by itself when power returns.")
    private boolean restart;

    @Option(names = "--standstill-first", description = "The shaft must stand still before it is driven the other way.")
    private boolean standstillFirst;

    @Override
    public Integer call() throws JsonProcessingException {
        Reading<String> text = InputFile.text(file);
        Reading<Control> read = text.value().map(this::read).orElseGet(() -> Reading.failed(text.problems()));
        if (read.value().isEmpty()) {
            return InputFile.refuse(file, read.problems(), spec.commandLine().getErr());
        }
        Control control = read.value().orElseThrow();
        try {
            spec.commandLine()
                    .getOut()
                    .println(new ObjectMapper()
                            .enable(SerializationFeature.INDENT_OUTPUT)
                            .writeValueAsString(json(control, duty(text.value().orElseThrow()), Effort.of(LONGEST))));
            return 0;
        } catch (Effort.TooMuch e) {
            return InputFile.refuse(
                    file,
                    List.of(new Problem("", "", e.why())),
                    spec.commandLine().getErr());
        }
    }

    private Reading<Control> read(String text) {
        if (!text.stripLeading().startsWith("{")) {
            return LadderText.read(text)
                    .value()
                    .map(l -> Reading.of(new Control(l, new Asked(restart, standstillFirst))))
                    .orElseGet(() -> Reading.failed(LadderText.read(text).problems()));
        }
        Reading<JsonNode> root = WiringReader.root(text);
        if (root.value().isEmpty()) {
            return Reading.failed(root.problems());
        }
        JsonNode control = root.value().orElseThrow().path("control");
        return control.isMissingNode()
                ? Reading.failed(List.of(new Problem("", "", "The wiring has no control circuit.")))
                : ControlReader.read(control);
    }

    /** What the power circuit of the same file asks of it; empty where the file has none. */
    private static Optional<Duty> duty(String text) {
        return text.stripLeading().startsWith("{")
                ? WiringReader.read(text).value().flatMap(f -> Duty.of(f.circuit(), isProtectedByItself(f)))
                : Optional.empty();
    }

    private static boolean isProtectedByItself(WiringFile file) {
        return Analysis.of(file.circuit(), file.rated()).verdicts().stream().anyMatch(v -> v.rule() == Rule.PROTECTED);
    }

    private static ObjectNode json(Control written, Optional<Duty> duty, Effort effort) {
        Control control =
                new Control(duty.map(d -> d.told(written.ladder())).orElse(written.ladder()), written.asked());
        Proof proof = Prover.prove(control.ladder(), control.asked(), duty, effort);
        ObjectNode root = new ObjectMapper()
                .createObjectNode()
                .put("format", "gatepin-proof")
                .put("version", 1)
                .put("sound", proof.isSound())
                .put("states", proof.states())
                .put("faults", proof.faults());
        ArrayNode findings = root.putArray("findings");
        proof.findings()
                .forEach(f -> findings.addObject().put("danger", f.danger()).put("words", say(f.words())));
        ArrayNode claims = root.putArray("claims");
        for (Outcome outcome : proof.outcomes()) {
            claim(claims.addObject(), control, outcome, effort);
        }
        ArrayNode live = root.putArray("liveOnEmergencyStop");
        proof.liveOnEmergencyStop().forEach(l -> {
            ArrayNode numbers = live.addObject().put("stop", l.part()).putArray("wires");
            l.wireNumbers().forEach(numbers::add);
        });
        return root;
    }

    private static void claim(ObjectNode node, Control control, Outcome outcome, Effort effort) {
        node.put("claim", outcome.claim().key())
                .put("words", say(outcome.claim().words()))
                .put(
                        "standing",
                        outcome.standing().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        if (!outcome.brokenBy().isEmpty()) {
            ArrayNode by = node.putArray("brokenBy");
            outcome.brokenBy().stream()
                    .map(ControlFault::words)
                    .map(ProveCommand::say)
                    .forEach(by::add);
        }
        outcome.trace().ifPresent(t -> trace(node.putArray("trace"), t));
        if (outcome.standing() == Standing.FAILS) {
            Optional<Mends.Mend> mend = Mends.of(control.ladder(), control.asked(), outcome.claim(), effort);
            mend.ifPresent(m -> node.put("mend", say(m.words())));
        }
    }

    private static void trace(ArrayNode node, Trace trace) {
        trace.steps()
                .forEach(s -> node.addObject()
                        .put("by", s.by().name().toLowerCase(Locale.ROOT))
                        .put("words", say(s.words())));
    }

    private static String say(Sentence sentence) {
        return WORDING.say(sentence);
    }
}
