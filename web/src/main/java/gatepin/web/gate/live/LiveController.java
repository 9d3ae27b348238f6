package gatepin.web.gate.live;

import gatepin.core.Problem;
import gatepin.core.check.Caught;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.LiveCheck;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep.Turn;
import gatepin.core.check.Symptom;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Pin;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.trouble.Past;
import gatepin.web.check.CheckDesk;
import gatepin.web.check.CheckWords;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.StaleEdit;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Live check gate: the first power, step by step; and a machine that complains. */
@Controller
class LiveController {
    /** What has to be so before power, by the names of the boxes to tick. */
    private static final Map<String, String> BEFORE = before();

    private final CheckDesk checks;
    private final LiveDesk desk;
    private final JobPages pages;

    LiveController(CheckDesk checks, LiveDesk desk, JobPages pages) {
        this.checks = checks;
        this.desk = desk;
        this.pages = pages;
    }

    private static Map<String, String> before() {
        Map<String, String> before = new LinkedHashMap<>();
        before.put("cover", "Covers on, cord clamped, tools away");
        before.put("strapped", "Motor bolted or strapped down: it jumps");
        before.put("belt", "Belt off, or nothing that a wrong way can hurt");
        before.put("clear", "Hands, sleeves and chuck key clear of the shaft");
        before.put("watcher", "Somebody stands at the plug or disconnect");
        return before;
    }

    @GetMapping("/jobs/{id}/live")
    String show(@PathVariable long id, @RequestParam(defaultValue = "") String step, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.LIVE);
        fill(model, file, step);
        return "gate/live";
    }

    private static void fill(Model model, JobFile file, String wanted) {
        model.asMap().putIfAbsent("typed", Map.of());
        model.addAttribute("firstThese", BEFORE);
        model.addAttribute(
                "danger", file.workup().checks().danger().map(file::say).orElse(""));
        model.addAttribute("oneWay", HandleWords.oneWay(file).orElse(null));
        model.addAttribute("coldOpen", file.lane().pin(Gate.COLD).isOpen());
        model.addAttribute("coldPassedBy", file.lane().pin(Gate.COLD).state() == Pin.State.OVERRIDDEN);
        model.addAttribute(
                "ready", file.facts().checks().ready().map(End::words).orElse(""));
        Optional<LiveCheck> check = file.workup().checks().live();
        if (check.isEmpty()) {
            return;
        }
        LiveCheck live = check.orElseThrow();
        LivePage page = new LivePage(file, live, Optional.of(wanted).filter(w -> !w.isEmpty()));
        model.addAttribute("live", live);
        model.addAttribute("stopAmps", CheckWords.number(live.plan().stopAmps()));
        model.addAttribute("stopSeconds", CheckWords.number(live.plan().stopSeconds()));
        model.addAttribute("now", page.now().orElse(null));
        model.addAttribute("lines", page.lines());
        model.addAttribute(
                "lamp",
                file.workup()
                        .checks()
                        .coldPlan()
                        .filter(p -> p.unseen().stream().anyMatch(u -> u.caught() == Caught.LAMP))
                        .isPresent());
        model.addAttribute("exchange", page.exchange().orElse(null));
        model.addAttribute("suspicions", page.suspicions());
        model.addAttribute("disagrees", live.disagrees());
        model.addAttribute("turns", turns());
        model.addAttribute("simulated", CheckDesk.isSimulated(file));
        model.addAttribute(
                "plan", file.kept(ChosenPlan.class).map(ChosenPlan::id).orElse(0L));
    }

    private static Map<String, String> turns() {
        Map<String, String> turns = new LinkedHashMap<>();
        Arrays.stream(Turn.values()).forEach(t -> turns.put(t.name(), CheckWords.turn(t)));
        return turns;
    }

    /** Made ready for power. */
    @PostMapping("/jobs/{id}/live/ready")
    ModelAndView ready(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        BEFORE.keySet().stream()
                .filter(b -> !typed.containsKey(b))
                .forEach(b -> problems.add(new Problem(b, "", "First this.")));
        if (!file.lane().pin(Gate.COLD).isOpen()) {
            problems.add(new Problem("cold", "", "The cold check is not passed: no power yet."));
        }
        Optional<End> end = Arrays.stream(End.values())
                .filter(e -> e.name().equals(typed.getOrDefault("standsAt", "")))
                .findFirst();
        if (end.isEmpty()) {
            problems.add(new Problem("standsAt", "", "From which end do you look at the shaft?"));
        }
        if (!problems.isEmpty()) {
            return again(file, model, typed, problems);
        }
        checks.ready(id, end.orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/live?saved");
    }

    private ModelAndView again(JobFile file, Model model, Map<String, String> typed, List<Problem> problems) {
        model.addAttribute("typed", typed);
        model.addAttribute("wrong", JobPages.byField(problems));
        pages.fill(model, file, Gate.LIVE);
        fill(model, file, typed.getOrDefault("step", ""));
        return new ModelAndView("gate/live", model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    private static Optional<Expected> step(JobFile file, String key) {
        return file.workup().checks().live().flatMap(c -> c.plan().step(key));
    }

    /** Something was seen. */
    @PostMapping("/jobs/{id}/live/seen")
    ModelAndView seen(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Optional<Expected> step = step(file, typed.getOrDefault("step", ""));
        if (step.isEmpty() || file.facts().checks().ready().isEmpty()) {
            return new ModelAndView("redirect:/jobs/" + id + "/live");
        }
        List<Problem> problems = new ArrayList<>();
        Optional<LiveSeen> seen = LiveForm.seen(step.orElseThrow(), typed, problems);
        if (seen.isEmpty()) {
            return again(file, model, typed, problems);
        }
        checks.see(id, seen.orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/live?saved");
    }

    /** Looks with the simulated instruments. */
    @PostMapping("/jobs/{id}/live/look")
    ModelAndView look(@PathVariable long id, @RequestParam(defaultValue = "") String step) {
        JobFile file = pages.file(id);
        if (file.facts().checks().ready().isPresent()) {
            step(file, step).ifPresent(s -> checks.look(file, s.step()));
        }
        return new ModelAndView("redirect:/jobs/" + id + "/live?saved");
    }

    /** It turns the wrong way: the two ends are exchanged in the plan. */
    @PostMapping("/jobs/{id}/live/exchange")
    ModelAndView exchange(@PathVariable long id, @RequestParam(defaultValue = "0") long plan) {
        pages.file(id);
        try {
            desk.exchange(id, plan);
        } catch (StaleEdit stale) {
            return new ModelAndView("redirect:/jobs/" + id + "/live");
        }
        return new ModelAndView("redirect:/jobs/" + id + "/wire?saved");
    }

    /** What may be wrong by what is complained of, with or without a plan of the wiring. */
    @GetMapping("/jobs/{id}/trouble")
    String trouble(
            @PathVariable long id,
            @RequestParam(defaultValue = "") List<String> seen,
            @RequestParam(defaultValue = "") String past,
            Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.LIVE);
        // a machine whose live check was passed has run; so has one that nobody wired here
        Past lies = Arrays.stream(Past.values())
                .filter(p -> p.word().equals(past))
                .findFirst()
                .orElse(
                        file.lane().pin(Gate.LIVE).isOpen()
                                        || file.workup().checks().request().isEmpty()
                                ? Past.USED_TO_RUN
                                : Past.JUST_WIRED);
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        Arrays.stream(Symptom.values()).filter(s -> seen.contains(s.word())).forEach(symptoms::add);
        Optional<CheckRequest> planned = file.workup().checks().request();
        Optional<CheckRequest> request = planned.or(() -> file.workup().checks().usualRequest());
        model.addAttribute("complaints", LivePage.complaints(file));
        model.addAttribute("past", lies.word());
        model.addAttribute("seen", symptoms.stream().map(Symptom::word).toList());
        model.addAttribute("planned", planned.isPresent());
        model.addAttribute("known", request.isPresent());
        List<LivePage.Suspect> holding = request.map(r -> LivePage.suspicions(file, r, symptoms, lies, true))
                .orElse(List.of());
        // a machine that passed its checks and complains later has changed since: what was read then holds no more
        boolean since = !symptoms.isEmpty() && (holding.isEmpty() || lies == Past.USED_TO_RUN);
        model.addAttribute("since", since && file.facts().checks().hasReadings());
        model.addAttribute(
                "suspicions",
                since
                        ? request.map(r -> LivePage.suspicions(file, r, symptoms, lies, false))
                                .orElse(List.of())
                        : holding);
        return "gate/trouble";
    }
}
