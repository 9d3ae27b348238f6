package gatepin.web.lane;

import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import java.util.List;
import org.springframework.web.servlet.ModelAndView;

/** Where to go after a save. */
public final class Saved {
    private Saved() {}

    /** Back to the gate, saying that it is saved and how many other pins dropped. */
    public static ModelAndView redirect(long jobId, Gate gate, List<Drop> drops) {
        return to(jobId, gate, "saved", drops);
    }

    /**
     * The same where it is worked out what was saved comes to: unless that is all good, and anything at all, somebody who asked for the
     * next gate at the same press looks at it first ({@link PullOnSave} leaves it alone).
     */
    public static ModelAndView redirect(long jobId, Gate gate, List<Drop> drops, List<Finding> findings) {
        boolean good = !findings.isEmpty() && findings.stream().allMatch(f -> f.level() == Finding.Level.GOOD);
        return to(jobId, gate, good ? "saved" : "look&saved", drops);
    }

    private static ModelAndView to(long jobId, Gate gate, String says, List<Drop> drops) {
        long others = drops.stream().filter(d -> d.gate() != gate).count();
        return new ModelAndView(
                "redirect:/jobs/" + jobId + "/" + gate.word() + "?" + says + (others > 0 ? "&dropped=" + others : ""));
    }
}
