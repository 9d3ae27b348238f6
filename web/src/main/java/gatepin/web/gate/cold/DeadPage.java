package gatepin.web.gate.cold;

import gatepin.core.control.ControlRecord;
import gatepin.core.control.DeadPlan;
import gatepin.core.control.Ladder;
import gatepin.web.ahead.AheadPage;
import gatepin.web.check.DeadLine;
import gatepin.web.control.ControlPage;
import gatepin.web.lane.JobFile;
import java.util.List;
import java.util.Optional;

/** What to read, dead, of the wirings that have no winding in them: the control circuit, and what stands ahead. */
public final class DeadPage {
    private final JobFile file;
    private final Optional<Ladder> ladder;
    private final AheadPage ahead;

    DeadPage(JobFile file) {
        this.file = file;
        this.ladder = file.workup().control().map(ControlRecord::ladder);
        this.ahead = new AheadPage(file);
    }

    /** The readings of the control circuit; none where there is none. */
    public List<DeadLine> control() {
        return ladder.map(l -> ControlPage.dead(l, file.facts().gear().done())).orElse(List.of());
    }

    /** What its readings still lack; blank where nothing. */
    public String controlLack() {
        return file.workup().controlDeadLack().map(file::say).orElse("");
    }

    /** What no reading of the control circuit tells. */
    public List<String> untold() {
        return ladder.map(ControlPage::untold).orElse(List.of()).stream()
                .map(file::say)
                .toList();
    }

    /** Every fault of the control circuit was gone through. */
    public boolean whole() {
        return ladder.map(DeadPlan::of).map(DeadPlan::whole).orElse(true);
    }

    /** A contact that no hand moves has to be joined or opened. */
    public boolean unmoved() {
        return ladder.filter(ControlPage::hasUnmoved).isPresent();
    }

    /** What stands ahead. */
    public AheadPage ahead() {
        return ahead;
    }

    /** What its readings still lack; blank where nothing. */
    public String aheadLack() {
        return file.workup().standsAhead().deadLack().map(file::say).orElse("");
    }
}
