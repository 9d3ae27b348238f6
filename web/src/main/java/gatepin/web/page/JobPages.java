package gatepin.web.page;

import gatepin.core.Problem;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Gate;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.server.ResponseStatusException;

/** What all pages of a job have in common. */
@Component
class JobPages {
    private final JobDesk desk;

    JobPages(JobDesk desk) {
        this.desk = desk;
    }

    JobFile file(long jobId) {
        return desk.open(jobId)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no job " + jobId));
    }

    /** Fence, names and the pin of the gate on the screen. */
    void fill(Model model, JobFile file, Gate here) {
        model.addAttribute("file", file);
        model.addAttribute("job", file.job());
        model.addAttribute("hasOff", file.gear().map(SwitchKind::hasOff).orElse(true));
        model.addAttribute("about", about(file));
        model.addAttribute("fence", Post.fence(file.lane(), Optional.of(here)));
        model.addAttribute("gate", here);
        model.addAttribute("pin", file.lane().pin(here));
        model.addAttribute(
                "hindrances", file.lane().hindrances(here, file.evidence().missing(here)));
        Gate[] gates = Gate.values();
        model.addAttribute("before", here.ordinal() == 0 ? null : gates[here.ordinal() - 1]);
        model.addAttribute("after", here.ordinal() == gates.length - 1 ? null : gates[here.ordinal() + 1]);
        model.asMap().putIfAbsent("wrong", Map.of());
    }

    private static String about(JobFile file) {
        return file.plate()
                .map(p -> p.outputAsWritten() + ", "
                        + String.join(
                                "/",
                                p.ratings().stream().map(r -> "" + r.volts()).toList())
                        + " V, " + p.rpm() + " rpm")
                .orElse("plate not read yet");
    }

    /** Messages by field; the first one for a field is the one to mend first. */
    static Map<String, String> byField(List<Problem> problems) {
        Map<String, String> wrong = new LinkedHashMap<>();
        problems.forEach(p -> wrong.putIfAbsent(p.field(), p.message()));
        return wrong;
    }
}
