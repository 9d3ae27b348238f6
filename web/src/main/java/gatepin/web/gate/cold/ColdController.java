package gatepin.web.gate.cold;

import gatepin.core.Problem;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.DeadRead;
import gatepin.core.check.Faults;
import gatepin.core.check.Meter;
import gatepin.core.check.Read;
import gatepin.core.check.Taken;
import gatepin.core.circuit.InnerContact;
import gatepin.core.job.Gate;
import gatepin.core.wire.Section;
import gatepin.web.check.CheckDesk;
import gatepin.web.check.CheckWords;
import gatepin.web.check.DeadDesk;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Cold check gate: the two probes, the handle, what to expect, and a number pad. */
@Controller
class ColdController {
    private final CheckDesk desk;
    private final DeadDesk dead;
    private final JobPages pages;

    ColdController(CheckDesk desk, DeadDesk dead, JobPages pages) {
        this.desk = desk;
        this.dead = dead;
        this.pages = pages;
    }

    @GetMapping("/jobs/{id}/cold")
    String show(@PathVariable long id, @RequestParam(defaultValue = "") String read, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.COLD);
        fill(model, file, read);
        return "gate/cold";
    }

    private static void fill(Model model, JobFile file, String wanted) {
        model.addAttribute(
                "danger", file.workup().checks().danger().map(file::say).orElse(""));
        model.addAttribute("oneWay", HandleWords.oneWay(file).orElse(null));
        model.addAttribute("planned", file.facts().gear().plan().isPresent());
        model.asMap().putIfAbsent("typed", Map.of());
        model.addAttribute("dead", new DeadPage(file));
        Optional<CheckRequest> request = file.workup().checks().request();
        Optional<ColdPlan> plan = file.workup().checks().coldPlan();
        if (request.isEmpty() || plan.isEmpty()) {
            return;
        }
        ColdCheck check = file.workup().checks().cold().orElseThrow();
        ColdPage page = new ColdPage(
                file, request.orElseThrow(), check, Optional.of(wanted).filter(w -> !w.isEmpty()));
        Meter meter = request.orElseThrow().meter();
        model.addAttribute("cold", plan.orElseThrow());
        model.addAttribute("now", page.now().orElse(null));
        model.addAttribute("lines", page.lines());
        model.addAttribute(
                "left", check.lines().stream().filter(l -> l.taken().isEmpty()).count());
        model.addAttribute("suspicions", page.suspicions());
        model.addAttribute("settled", page.isSettled());
        model.addAttribute("unseen", page.unseen(plan.orElseThrow()));
        model.addAttribute("drawings", page.drawings());
        model.addAttribute("points", page.points());
        model.addAttribute("fixed", file.workup().standsAhead().isFixed());
        model.addAttribute("settings", page.settings());
        model.addAttribute("canHold", request.orElseThrow().circuit().motor().has(InnerContact.Kind.START_SWITCH));
        model.addAttribute("simulated", CheckDesk.isSimulated(file));
        Map<String, String> mine = new HashMap<>();
        mine.put("percent", CheckWords.number(100 * meter.error().relative()));
        mine.put("plusOhms", CheckWords.number(meter.error().ohms()));
        mine.put("together", CheckWords.number(meter.zeroOhms()));
        model.asMap().putIfAbsent("mine", mine);
        model.addAttribute("farads", meter.measuresCapacitance());
        model.addAttribute("measured", meter.windingsKnown() <= Meter.MEASURED);
    }

    /** Writes a reading down, as typed. */
    @PostMapping("/jobs/{id}/cold/readings")
    ModelAndView take(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        if (file.workup().checks().cold().isEmpty()) {
            return new ModelAndView("redirect:/jobs/" + id + "/cold");
        }
        ColdForm form = form(file, typed);
        Optional<Taken> taken = form.taken();
        if (taken.isEmpty()) {
            return again(file, model, typed, form.problems());
        }
        desk.read(id, taken.orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/cold?saved");
    }

    private static ColdForm form(JobFile file, Map<String, String> typed) {
        CheckRequest request = file.workup().checks().request().orElseThrow();
        return new ColdForm(typed, file.workup().checks().cold().orElseThrow(), request.circuit(), request.meter());
    }

    private ModelAndView again(JobFile file, Model model, Map<String, String> typed, List<Problem> problems) {
        model.addAttribute("typed", typed);
        model.addAttribute("wrong", JobPages.byField(problems));
        pages.fill(model, file, Gate.COLD);
        fill(model, file, typed.getOrDefault("read", ""));
        return new ModelAndView("gate/cold", model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    /** Writes down what the ohmmeter showed of a wiring that has no winding in it. */
    @PostMapping("/jobs/{id}/cold/dead")
    ModelAndView dead(
            @PathVariable long id,
            @RequestParam Section section,
            @RequestParam(defaultValue = "") String about,
            @RequestParam DeadRead.Shows shows,
            Model model) {
        JobFile file = pages.file(id);
        try {
            dead.read(id, section, new DeadRead(about, shows));
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            pages.fill(model, file, Gate.COLD);
            fill(model, file, "");
            return new ModelAndView("gate/cold", model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/cold#dead");
    }

    /** Holds the simulated meter on. */
    @PostMapping("/jobs/{id}/cold/probe")
    ModelAndView probe(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        if (file.workup().checks().cold().isEmpty()) {
            return new ModelAndView("redirect:/jobs/" + id + "/cold");
        }
        ColdForm form = form(file, typed);
        Optional<Read> read = form.read();
        if (read.isEmpty()) {
            return again(file, model, typed, form.problems());
        }
        desk.probe(file, read.orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/cold?saved");
    }

    /** Something was wrong and is mended. */
    @PostMapping("/jobs/{id}/cold/mended")
    ModelAndView mended(@PathVariable long id, @RequestParam String fault) {
        boolean known = pages.file(id)
                .workup()
                .checks()
                .request()
                .flatMap(r -> Faults.named(fault, Faults.of(r.circuit(), r.links())))
                .isPresent();
        if (known) {
            desk.mended(id, fault);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/cold?saved");
    }

    /** A person's meter. */
    @PostMapping("/jobs/{id}/cold/meter")
    ModelAndView meter(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Optional<Meter> meter = ColdForm.meter(typed, problems);
        if (meter.isEmpty()) {
            model.addAttribute("mine", typed);
            return again(file, model, typed, problems);
        }
        desk.meter(id, meter.orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/cold?saved");
    }
}
