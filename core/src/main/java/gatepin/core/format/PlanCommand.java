package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.WorkingOrder;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin plan FILE}: every plan of which none is worse than another in every figure. */
@Command(
        name = "plan",
        mixinStandardHelpOptions = true,
        description = {
            "Finds every way to wire a motor to its switch of which none is worse than another in every figure.",
            "The file is a wiring; its wires may be empty. How the motor is joined it reads from \"connection\", and else"
                    + " joins it as motors are as a rule for that voltage."
        })
final class PlanCommand implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "A wiring as JSON (docs/formats); - for standard input.")
    private String file = "";

    @Option(names = "--seconds", paramLabel = "S", defaultValue = "60", description = "Give up after this long.")
    private int seconds;

    @Override
    public Integer call() throws JsonProcessingException {
        Reading<String> text = InputFile.text(file);
        Effort effort = Effort.of(Duration.ofSeconds(seconds));
        Reading<PlanFile.Ready> ready =
                text.value().map(t -> PlanFile.read(t, effort)).orElseGet(() -> Reading.failed(text.problems()));
        if (ready.value().isEmpty()) {
            return InputFile.refuse(file, ready.problems(), spec.commandLine().getErr());
        }
        try {
            Reading<PlanResult> result = ready.value().orElseThrow().search(effort);
            if (result.value().isEmpty()) {
                return InputFile.refuse(
                        file, result.problems(), spec.commandLine().getErr());
            }
            spec.commandLine().getOut().println(json(result.value().orElseThrow()));
            return 0;
        } catch (Effort.TooMuch e) {
            return InputFile.refuse(
                    file,
                    List.of(new Problem("", "", e.why())),
                    spec.commandLine().getErr());
        }
    }

    private static String json(PlanResult result) throws JsonProcessingException {
        ObjectMapper mapper = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
        ObjectNode root = mapper.createObjectNode();
        root.put("format", "gatepin-plans").put("version", 1);
        root.put("arrangements", result.arrangements());
        if (result.plans().isEmpty()) {
            root.put(
                    "hindrance",
                    result.hindrance().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        ArrayNode plans = root.putArray("plans");
        for (Plan plan : result.plans()) {
            ObjectNode node = plans.addObject().put("key", plan.key());
            PlanCost cost = plan.cost();
            node.putObject("price")
                    .put("hotLeadsInOff", cost.hotLeadsInOff())
                    .put("hotLinesUnbroken", cost.hotLinesUnbroken())
                    .put("neutralSwitched", cost.neutralSwitched())
                    .put("besideProtector", cost.besideProtector())
                    .put("beyondDiagram", cost.beyondDiagram())
                    .put("conductors", cost.conductors())
                    .put("jumpers", cost.jumpers())
                    .put("mostOnOneTerminal", cost.mostOnOneTerminal());
            ArrayNode wires = node.putArray("wires");
            WorkingOrder.of(plan)
                    .forEach(w -> wires.addObject()
                            .put("from", w.from().id())
                            .put("to", w.to().id())
                            .put("run", w.run().name().toLowerCase(Locale.ROOT).replace('_', '-')));
        }
        return mapper.writeValueAsString(root);
    }
}
