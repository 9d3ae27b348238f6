package gatepin.web.gate.handover;

import gatepin.core.Sentence;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.lane.Parts;
import gatepin.core.paper.Paper;
import gatepin.web.lane.Acts;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import org.springframework.stereotype.Service;

/** What a person does at the Hand over gate. */
@Service
public class HandoverDesk {
    private final Acts acts;
    private final PaperStore papers;

    HandoverDesk(Acts acts, PaperStore papers) {
        this.acts = acts;
        this.papers = papers;
    }

    /**
     * Says what isolates the machine.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public void isolator(long jobId, int version, String name) {
        acts.on(jobId, Seen.of(Parts.PAPERS, version), act -> {
            if (act.before().facts().papers().isolator().equals(name)) {
                return List.of();
            }
            papers.isolator(jobId, name);
            act.saved("log.isolator", name);
            return List.of(new Change(Fact.PAPERS, Sentence.of("change.isolator", name)));
        });
    }

    /**
     * A paper was printed or saved.
     *
     * @param mark what it showed
     * @throws StaleEdit when it would show something else by now
     */
    public void taken(long jobId, Paper paper, String mark) {
        acts.on(jobId, Seen.any(Parts.PAPERS), act -> {
            if (!act.before().workup().paperMark(paper).equals(mark)) {
                throw new StaleEdit(Parts.PAPERS);
            }
            papers.taken(jobId, paper, mark, act.person());
            act.saved("log.paper", Sentence.of("paper." + paper.word()));
            return List.of();
        });
    }
}
