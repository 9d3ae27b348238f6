package gatepin.web.lane;

import gatepin.core.Problem;
import gatepin.core.Sentence;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.job.Taken;
import gatepin.core.lane.Parts;
import java.util.HashMap;
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
public class JobPages {
    private static final String STILL_SEEN = "stillSeen";

    private final JobFiles files;

    JobPages(JobFiles files) {
        this.files = files;
    }

    public JobFile file(long jobId) {
        return files.find(jobId)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no job " + jobId));
    }

    /** Fence, names and the pin of the gate on the screen. */
    public void fill(Model model, JobFile file, Gate here) {
        model.addAttribute("file", file);
        model.addAttribute("job", file.job());
        model.addAttribute("ground", file.ground());
        model.addAttribute("live", file.job().region().live());
        model.addAttribute("hot", file.job().region().hot());
        model.addAttribute("residual", file.job().region().residual());
        model.addAttribute("hasOff", file.gear().map(SwitchKind::hasOff).orElse(true));
        model.addAttribute("about", about(file));
        model.addAttribute("fence", Post.fence(file.lane(), Optional.of(here)));
        model.addAttribute("gate", here);
        model.addAttribute("pin", file.lane().pin(here));
        model.addAttribute("pinReason", file.say(file.lane().pin(here).reason()));
        model.addAttribute(
                "hindrances",
                file.lane().hindrances(here, file.evidence().lack(here)).stream()
                        .map(file::say)
                        .toList());
        model.addAttribute("takenAsUsual", takenAsUsual(file, here));
        Gate[] gates = Gate.values();
        model.addAttribute("before", here.ordinal() == 0 ? null : gates[here.ordinal() - 1]);
        model.addAttribute("ways", file.ways());
        model.addAttribute("charged", file.workup().checks().mayHoldCharge());
        model.addAttribute("after", here.ordinal() == gates.length - 1 ? null : gates[here.ordinal() + 1]);
        model.asMap().putIfAbsent("wrong", Map.of());
        Map<String, Integer> seen = new HashMap<>();
        for (Part<?> part : Parts.all()) {
            seen.put(part.key(), file.version(part));
        }
        if (model.getAttribute(STILL_SEEN) instanceof Seen still) {
            still.versions().forEach((part, version) -> seen.put(part.key(), version));
        }
        model.addAttribute("seen", seen);
        MeasuredOn shown = MeasuredOn.of(file, about(file));
        MeasuredOn.onPage(shown);
        model.addAttribute(MeasuredOn.FIELD, shown.written());
    }

    /** What the gate took as usual and lacks for that; blank where nothing. */
    private static String takenAsUsual(JobFile file, Gate here) {
        Optional<Sentence> taken = file.facts().kept().find(Taken.PART).flatMap(t -> t.at(here));
        return taken.filter(t -> file.evidence().lack(here).equals(Optional.of(t)))
                .map(file::say)
                .orElse("");
    }

    /** The motor in a line, by its plate. */
    public static String about(JobFile file) {
        String known = file.workup().powerClass().isPresent() ? "no plate, about " : "";
        return file.plate()
                .map(p -> known + p.outputAsWritten() + ", "
                        + String.join(
                                "/",
                                p.ratings().stream().map(r -> "" + r.volts()).toList())
                        + " V" + (known.isEmpty() ? ", " + p.rpm() + " rpm" : ""))
                .orElse("plate not read yet");
    }

    /** Shows a form again that was not saved: it goes on from the versions that the person saw at first. */
    public static void stillSeen(Model model, Seen seen) {
        model.addAttribute(STILL_SEEN, seen);
    }

    /** How often a part was saved when the form was shown; below nothing where the form does not say. */
    public static int version(Map<String, String> typed) {
        try {
            return Integer.parseInt(typed.getOrDefault("version", "-1"));
        } catch (NumberFormatException e) {
            return -1;
        }
    }

    /** Messages by field; the first one for a field is the one to mend first. */
    public static Map<String, String> byField(List<Problem> problems) {
        Map<String, String> wrong = new LinkedHashMap<>();
        problems.forEach(p -> wrong.putIfAbsent(p.field(), p.message()));
        return wrong;
    }
}
