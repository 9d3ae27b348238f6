package gatepin.web.page;

import gatepin.core.Problem;
import gatepin.core.lane.Gate;
import gatepin.web.desk.JobDesk;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Pulling pins. */
@Controller
class PinController {
    private final JobDesk desk;
    private final JobPages pages;

    PinController(JobDesk desk, JobPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    @PostMapping("/jobs/{id}/{gate}/pin")
    String pull(@PathVariable long id, @PathVariable String gate, @RequestParam(defaultValue = "") String reason) {
        pages.file(id);
        Gate named = gate(gate);
        List<Problem> problems = desk.pull(id, named, reason);
        if (!problems.isEmpty()) {
            return "redirect:/jobs/" + id + "/" + named.word() + "?held";
        }
        Gate[] gates = Gate.values();
        boolean last = named.ordinal() == gates.length - 1;
        String next = last ? "paper" : gates[named.ordinal() + 1].word();
        return "redirect:/jobs/" + id + "/" + next + "?passed=" + named.word();
    }

    private static Gate gate(String word) {
        for (Gate gate : Gate.values()) {
            if (gate.word().equals(word.toLowerCase(Locale.ROOT))) {
                return gate;
            }
        }
        throw new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no gate " + word);
    }
}
