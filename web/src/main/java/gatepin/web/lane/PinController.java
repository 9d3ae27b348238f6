package gatepin.web.lane;

import gatepin.core.job.Gate;
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
        return reason.length() > LONGEST_REASON ? Pins.held(id, named) : pins.pulled(id, named, reason);
    }

    private static Gate gate(String word) {
        return Gate.of(word.toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no gate " + word));
    }
}
