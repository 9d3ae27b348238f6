package gatepin.web.ahead;

import gatepin.core.Problem;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.job.Gate;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** What stands ahead of the gear: part of the Switch, Wire and Cold check gates. */
@Controller
class AheadController {
    private final AheadDesk desk;
    private final JobPages pages;

    AheadController(AheadDesk desk, JobPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    @GetMapping("/jobs/{id}/ahead")
    String show(@PathVariable long id, Model model) {
        return page(model, pages.file(id));
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.SWITCH);
        model.addAttribute("planned", file.plannedCircuit().isPresent());
        if (file.plannedCircuit().isPresent()) {
            model.addAttribute("ahead", new AheadPage(file));
        }
        model.addAttribute("decided", file.facts().ahead().isPresent());
        model.asMap().putIfAbsent("typed", Map.of());
        return "ahead/ahead";
    }

    @PostMapping("/jobs/{id}/ahead")
    ModelAndView choose(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Map<Kind, Chosen> chosen = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            String stands = typed.getOrDefault(kind.name(), "");
            if (stands.isEmpty()) {
                continue;
            }
            String reason = typed.getOrDefault(kind.name() + "-reason", "").strip();
            if (reason.length() > AheadRecord.LONGEST_REASON) {
                problems.add(new Problem(
                        kind.name(), reason, "Use at most " + AheadRecord.LONGEST_REASON + " letters for the reason."));
            }
            boolean known =
                    List.of(Stands.values()).stream().anyMatch(s -> s.name().equals(stands));
            boolean must = file.workup().standsAhead().asked().stream().anyMatch(a -> a.kind() == kind && a.must());
            if (!known) {
                problems.add(new Problem(kind.name(), stands, "Choose what becomes of it."));
            } else if (must && stands.equals(Stands.LEFT_OUT.name()) && reason.isEmpty()) {
                problems.add(
                        new Problem(
                                kind.name(),
                                stands,
                                "It is needed here. Say what stands in its place, or why there is none; it goes into the log."));
            } else {
                chosen.put(
                        kind, new Chosen(Stands.valueOf(stands), stands.equals(Stands.LEFT_OUT.name()) ? reason : ""));
            }
        }
        int version = JobPages.version(typed);
        model.addAttribute("typed", typed);
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, Seen.of(AheadRecord.PART, version));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            desk.choose(id, version, chosen);
        } catch (StaleEdit stale) {
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/ahead?saved");
    }

    private ModelAndView stale(Model model, long id) {
        model.addAttribute("stale", true);
        return new ModelAndView(page(model, pages.file(id)), model.asMap(), HttpStatus.CONFLICT);
    }
}
