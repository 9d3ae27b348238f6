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
        long others = drops.stream().filter(d -> d.gate() != gate).count();
        return new ModelAndView(
                "redirect:/jobs/" + jobId + "/" + gate.word() + "?saved" + (others > 0 ? "&dropped=" + others : ""));
    }
}
