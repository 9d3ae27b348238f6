package gatepin.web.lane;

import gatepin.core.Sentence;

/** What a job waits for: the first gate that is not open, and what it lacks. */
final class Waiting {
    private Waiting() {}

    static Sentence of(JobFile file) {
        return file.lane()
                .next()
                .map(gate -> file.evidence()
                        .lack(gate)
                        .map(lack -> Sentence.of("waits.lack", gate.title(), lack))
                        .orElse(Sentence.of("waits.ready", gate.title())))
                .orElse(Sentence.of("waits.done"));
    }
}
