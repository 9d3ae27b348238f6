package gatepin.web.gate.plate;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.machine.PowerClass;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said of a motor without a plate. */
final class TraceWords {
    private TraceWords() {}

    static List<Finding> findings(JobFile file) {
        List<Finding> said = new ArrayList<>();
        Optional<PowerClass> band = file.workup().powerClass();
        if (band.isEmpty()) {
            said.add(finding(file, "powerClass.none"));
            return said;
        }
        PowerClass size = band.orElseThrow();
        String key = size.agree() ? "powerClass" : "powerClass.disagree";
        said.add(Findings.of(
                size.agree() ? Severity.GOOD : Severity.WARN,
                Sentence.of(key + ".title", size.words()),
                Sentence.of(key + ".words", size.mostWords()),
                file.wording()));
        size.clues().forEach(c -> said.add(Findings.of(Severity.GOOD, c.words(), Sentence.none(), file.wording())));
        said.add(finding(file, "powerClass.overload"));
        return said;
    }

    private static Finding finding(JobFile file, String key) {
        return Findings.of(Severity.WARN, Sentence.of(key + ".title"), Sentence.of(key + ".words"), file.wording());
    }
}
