package gatepin.web.why;

import gatepin.core.circuit.ContactChart;
import gatepin.core.diagram.Connection;
import gatepin.core.job.Gate;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.practice.Exercise;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Exercises;
import gatepin.core.why.Why;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** Why this motor does what it does. */
@Controller
class WhyController {
    private final JobPages pages;

    WhyController(JobPages pages) {
        this.pages = pages;
    }

    @GetMapping("/jobs/{id}/why")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.SWITCH);
        why(file).ifPresent(w -> model.addAttribute("why", new WhyPage(w)));
        return "why/why";
    }

    /** The same of an exercise's motor. */
    @GetMapping("/practice/{number}/why")
    String ofExercise(@PathVariable String number, Model model) {
        Why why = ExerciseNumber.read(number)
                .map(Exercises::of)
                .flatMap(Exercise::why)
                .orElseThrow(() -> new ResponseStatusException(
                        HttpStatus.NOT_FOUND, "there is no motor with a diagram in that exercise"));
        model.addAttribute("why", new WhyPage(why));
        model.addAttribute("number", number);
        return "why/why";
    }

    /** The motor straight on its supply by its column and by the one that reverses it; empty until both are known. */
    private static Optional<Why> why(JobFile file) {
        Optional<Connection> column = file.column().map(c -> c.connection());
        Optional<InCircuit> direct = column.flatMap(c -> onBench(file, c));
        Optional<InCircuit> reversed = column.map(Connection::reversed).flatMap(c -> onBench(file, c));
        return direct.flatMap(d -> reversed.map(r -> file.workup()
                .once("why", () -> Why.of(d.circuit(), r.circuit(), d.analysis().rated()))));
    }

    private static Optional<InCircuit> onBench(JobFile file, Connection column) {
        return file.workup().inCircuit(column.direct(file.workup().wiredLeads()), ContactChart.NONE);
    }
}
