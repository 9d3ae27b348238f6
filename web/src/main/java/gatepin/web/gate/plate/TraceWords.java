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
            said.add(finding(file, Severity.WARN, "powerClass.none"));
            return said;
        }
        PowerClass size = band.orElseThrow();
        said.add(finding(
                file,
                size.agree() ? Severity.GOOD : Severity.WARN,
                size.agree() ? "powerClass" : "powerClass.disagree",
                size.agree() ? size.words() : size.words(),
                size.mostWords()));
        size.clues().forEach(c -> said.add(Findings.of(Severity.GOOD, c.words(), Sentence.none(), file.wording())));
        said.add(finding(file, Severity.WARN, "powerClass.overload"));
        return said;
    }

    private static Finding finding(JobFile file, Severity severity, String key, Object... values) {
        return Findings.of(
                severity,
                Sentence.of(key + ".title", values),
                Sentence.of(key + ".words", values.length > 1 ? new Object[] {values[1]} : values),
                file.wording());
    }
}
