package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.check.Band;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.ColdPlanner;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultList;
import gatepin.core.check.Read;
import gatepin.core.check.Suspects;
import gatepin.core.check.Suspects.Suspect;
import gatepin.core.supply.Region;
import gatepin.core.trouble.Suspicion;
import gatepin.core.trouble.Trouble;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.VerdictWords;
import gatepin.core.words.Wording;
import java.util.List;
import java.util.Locale;

/** Writes cold-check plans and faults as JSON. Ohms are those of a zeroed meter at 20 °C. */
final class ChecksWriter {
    private static final Wording WORDS = Wording.of(Region.NORTH_AMERICA);

    private final ObjectMapper json = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
    private final String machine;
    private final CheckRequest request;

    ChecksWriter(String machine, CheckRequest request) {
        this.machine = machine;
        this.request = request;
    }

    /** What to read cold. */
    String cold() throws JsonProcessingException {
        ColdPlan plan = ColdPlanner.plan(request);
        ObjectNode root = root("gatepin-cold-check");
        wiring(root);
        root.put("dangers", plan.dangers());
        root.put("fewestProved", plan.isProved());
        root.put("atLeast", plan.leastNumber());
        root.put("outOf", plan.everyReading());
        ArrayNode reads = root.putArray("readings");
        plan.steps().forEach(s -> expected(read(reads.addObject(), s.read()), s.expected()));
        ArrayNode unseen = root.putArray("unseen");
        plan.unseen()
                .forEach(u -> fault(unseen.addObject(), u.fault())
                        .put("hurts", u.harm().name().toLowerCase(Locale.ROOT))
                        .put("caughtBy", u.caught().word()));
        return json.writeValueAsString(root);
    }

    /** What is wrong with the wiring as it is meant to be: a list of readings that agree with a deadly wiring proves nothing good. */
    private void wiring(ObjectNode root) {
        Analysis analysis = Analysis.of(request.circuit(), request.rated());
        ObjectNode wiring =
                root.putObject("wiring").put("worst", analysis.worst().word());
        if (analysis.worst() == Severity.DANGER) {
            wiring.put("first", WORDS.say(Sentence.of("check.wiringFirst")));
        }
        ArrayNode findings = wiring.putArray("findings");
        analysis.verdicts().stream()
                .filter(v -> v.severity() != Severity.GOOD)
                .forEach(v -> findings.addObject()
                        .put("rule", v.rule().key())
                        .put("severity", v.severity().word())
                        .put(
                                "title",
                                WORDS.say(VerdictWords.of(v, request.circuit().supply())
                                        .title())));
    }

    /** Every single fault, with whom it hurts. */
    String faults() throws JsonProcessingException {
        ObjectNode root = root("gatepin-faults");
        wiring(root);
        ArrayNode faults = root.putArray("faults");
        for (FaultList.Judged judged : FaultList.of(request)) {
            fault(faults.addObject(), judged.fault())
                    .put("hurts", judged.harm().name().toLowerCase(Locale.ROOT));
        }
        return json.writeValueAsString(root);
    }

    /** What may be wrong. */
    String suspects(Suspects suspects) throws JsonProcessingException {
        ObjectNode root = root("gatepin-suspects");
        root.put("soundExplains", suspects.soundExplains());
        suspects(root.putArray("likely"), suspects.likely());
        suspects.next().ifPresent(r -> read(root.putObject("next"), r));
        return json.writeValueAsString(root);
    }

    /** What may be wrong by a complaint. */
    String trouble(Trouble trouble) throws JsonProcessingException {
        ObjectNode root = root("gatepin-trouble");
        ArrayNode likely = root.putArray("likely");
        for (Suspicion suspicion : trouble.suspicions()) {
            ObjectNode node = likely.addObject()
                    .put(
                            "repair",
                            suspicion.repair().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("words", WORDS.say(suspicion.title()))
                    .put("test", WORDS.say(suspicion.test()))
                    .put("share", Math.round(1000 * suspicion.share()) / 1000.0)
                    .put("explains", suspicion.explains());
            ArrayNode places = node.putArray("places");
            suspicion.places().forEach(p -> places.add(WORDS.say(p)));
            ArrayNode faults = node.putArray("faults");
            suspicion.faults().forEach(f -> {
                ArrayNode together = faults.addArray();
                f.forEach(one -> together.add(one.key()));
            });
        }
        trouble.first().ifPresent(f -> root.put("first", WORDS.say(f.test())));
        return json.writeValueAsString(root);
    }

    private void suspects(ArrayNode into, List<Suspect> likely) {
        for (Suspect suspect : likely) {
            ObjectNode node = into.addObject()
                    .put("share", Math.round(1000 * suspect.share()) / 1000.0)
                    .put("explains", suspect.explains());
            ArrayNode faults = node.putArray("faults");
            suspect.faults().forEach(f -> fault(faults.addObject(), f));
        }
    }

    private ObjectNode root(String format) {
        return json.createObjectNode().put("format", format).put("version", 1).put("machine", machine);
    }

    private ObjectNode fault(ObjectNode node, Fault fault) {
        return node.put("fault", fault.key()).put("words", WORDS.say(fault.words(request.circuit())));
    }

    private static ObjectNode read(ObjectNode node, Read read) {
        if (read instanceof Read.Ohms ohms) {
            node.put("from", ohms.a().id())
                    .put("to", ohms.b().id())
                    .put("setting", ohms.setting().word());
            if (ohms.heldOpen()) {
                node.put("startSwitch", "held-open");
            }
            return node;
        }
        return node.put("capacitor", ((Read.OfCapacitor) read).capacitor());
    }

    private static void expected(ObjectNode node, Band band) {
        if (band.isOpen()) {
            node.put("expected", "OL");
        } else if (band.likely() > 1e8) {
            node.put("expected", "swings");
        } else {
            node.put("expected", rounded(band.likely()))
                    .put("least", rounded(band.least()))
                    .put("most", rounded(band.most()));
        }
    }

    private static double rounded(double value) {
        return Math.round(1000 * value) / 1000.0;
    }
}
