package gatepin.web.lane;

import gatepin.core.lane.Gate;
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
    private static final int LONGEST_REASON = 500;

    private final Pins pins;
    private final JobPages pages;

    PinController(Pins pins, JobPages pages) {
        this.pins = pins;
        this.pages = pages;
    }

    @PostMapping("/jobs/{id}/{gate}/pin")
    String pull(@PathVariable long id, @PathVariable String gate, @RequestParam(defaultValue = "") String reason) {
        pages.file(id);
        Gate named = gate(gate);
        if (reason.length() > LONGEST_REASON || !pins.pull(id, named, reason).isEmpty()) {
            return "redirect:/jobs/" + id + "/" + named.word() + "?held";
        }
        Gate[] gates = Gate.values();
        String next = gates[Math.min(named.ordinal() + 1, gates.length - 1)].word();
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
