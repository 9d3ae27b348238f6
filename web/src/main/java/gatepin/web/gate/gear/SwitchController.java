package gatepin.web.gate.gear;

import gatepin.core.Reading;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Turning;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Wishes;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.rotation.StatedRotation;
import gatepin.web.drawing.FacePicture;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.gate.gear.SwitchMapStore.Mapping;
import gatepin.web.gate.gear.SwitchStore.Device;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Computing.Answer;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.Turn;
import gatepin.web.lane.WiringWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.plan.PlanWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Switch gate: choose the switch, see the plans, take one. */
@Controller
class SwitchController {
    private static final int MOST_RATING = 120;

    private final SwitchDesk desk;
    private final JobPages pages;
    private final SwitchStore switches;
    private final Computing computing;

    SwitchController(SwitchDesk desk, JobPages pages, SwitchStore switches, Computing computing) {
        this.desk = desk;
        this.pages = pages;
        this.switches = switches;
        this.computing = computing;
    }

    /** A switch to choose, with its face. */
    public record Choosable(Device device, FacePicture face) {}

    /** A plan to choose from. */
    public record Choice(String key, String letter, String name, String price, boolean shown, boolean chosen) {}

    @GetMapping("/jobs/{id}/switch")
    String show(@PathVariable long id, @RequestParam(defaultValue = "") String plan, Model model) {
        return page(model, pages.file(id), plan);
    }

    /** What turns one way only is not offered where it must turn both ways; where it need not, it comes first. */
    private List<Device> forTheJob(JobFile file) {
        boolean oneWay = file.workup().isOneWay();
        return switches.devices(file.job().shopId()).stream()
                .filter(d -> oneWay
                        || !switches.kind(d.id()).isOneWay()
                        || file.job().switchId().equals(Optional.of(d.id())))
                .sorted(Comparator.comparing(
                        d -> oneWay && !switches.kind(d.id()).isOneWay()))
                .toList();
    }

    private String page(Model model, JobFile file, String wanted) {
        pages.fill(model, file, Gate.SWITCH);
        model.addAttribute(
                "devices",
                forTheJob(file).stream()
                        .map(d -> new Choosable(d, FacePicture.of(switches.kind(d.id()))))
                        .toList());
        model.asMap().putIfAbsent("rating", file.job().switchRating());
        Answer<Optional<PlanResult>> answer = computing.plans(file);
        wishes(model, file);
        model.addAttribute("mapping", file.kept(Mapping.class).isPresent());
        model.addAttribute(
                "wired",
                Stream.concat(PlanWords.otherSwitch(file).stream(), RepairWords.of(file, computing).stream())
                        .toList());
        if (answer.value().isEmpty()) {
            model.addAttribute("computing", answer);
            return "gate/switch";
        }
        Optional<PlanResult> result = answer.value().orElseThrow();
        if (result.isEmpty()) {
            return "gate/switch";
        }
        SwitchKind gear = file.gear().orElseThrow();
        List<Plan> plans = result.orElseThrow().plans();
        model.addAttribute("workedOut", true);
        if (plans.isEmpty()) {
            model.addAttribute("none", PlanWords.none(file, result.orElseThrow(), gear, () -> wouldDo(file)));
            return "gate/switch";
        }
        Optional<Integer> chosen = chosen(file, plans);
        int shown = place(plans, wanted).or(() -> chosen).orElse(0);
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < plans.size(); i++) {
            choices.add(new Choice(
                    plans.get(i).key(),
                    "" + (char) ('A' + i),
                    file.say(plans.get(i).cost().name()),
                    PlanWords.price(plans.get(i), file),
                    i == shown
                            && !(isByHand(file, chosen) && place(plans, wanted).isEmpty()),
                    chosen.equals(Optional.of(i))));
        }
        Plan plan = plans.get(shown);
        List<Wire> wires = WorkingOrder.of(plan);
        model.addAttribute("choices", choices);
        model.addAttribute("handInForce", isByHand(file, chosen));
        if (isByHand(file, chosen) && place(plans, wanted).isEmpty()) {
            byHand(model, file, gear);
            return "gate/switch";
        }
        model.addAttribute("choice", choices.get(shown));
        model.addAttribute("use", use(model, file, choices.get(shown).letter(), isByHand(file, chosen)));
        model.addAttribute("nextPlan", choices.get((shown + 1) % choices.size()).key());
        Circuit circuit = file.workup().circuit(plan.wires(), gear.chart()).orElseThrow();
        Optional<InCircuit> wired = file.workup().inCircuit(circuit);
        Optional<Findings> found = wired.map(b -> Findings.of(b.analysis(), gear.hasOff(), file.wording()));
        List<Finding> findings = new ArrayList<>(found.map(Findings::findings).orElse(List.of()));
        findings.addAll(0, PlanWords.trade(plan, gear, circuit.supply()));
        findings.addAll(0, PlanWords.gear(file, gear));
        shown(file, wired).forEach(findings::add);
        if (found.isPresent()) {
            findings.add(PlanWords.effort(plan, file.ground()));
        } else {
            findings.addAll(PlanWords.withoutEngine(plan, circuit, file.job().region()));
        }
        model.addAttribute("findings", findings);
        model.addAttribute("ahead", PlanWords.ahead(file, plan));
        draw(model, file, circuit, wires, wired, found);
        return "gate/switch";
    }

    /** What the button says that takes a plan. */
    private static String use(Model model, JobFile file, String letter, boolean byHand) {
        String use = "Use plan " + letter;
        if (model.containsAttribute("ask")) {
            return "Put mine aside, use plan " + letter;
        }
        return byHand
                ? use + " instead of my wires"
                : file.lane().pin(Gate.SWITCH).isOpen() ? use : use + ", pull the pin";
    }

    /** What the wires that are shown mean on the machine: which position works the tool, and whether one must not be live. */
    private static List<Finding> shown(JobFile file, Optional<InCircuit> wired) {
        List<Finding> findings = new ArrayList<>();
        Turning turning = file.workup().turning();
        StatedRotation forward = wired.map(b -> turning.turns(b.analysis(), HandlePosition.FORWARD))
                .orElseGet(() -> turning.turns(HandlePosition.FORWARD));
        wired.flatMap(b -> HandleWords.oneWay(file, b.analysis())).ifPresent(findings::add);
        HandleWords.of(file, forward).ifPresent(findings::add);
        return findings;
    }

    /** Wires that nobody planned are in force: they are shown first, and replaced only on purpose. */
    private static void byHand(Model model, JobFile file, SwitchKind gear) {
        Circuit circuit = file.plannedCircuit().orElseThrow();
        List<Wire> wires = file.kept(ChosenPlan.class).orElseThrow().wires();
        Optional<InCircuit> wired = file.workup().inCircuit(circuit);
        Optional<Findings> found = wired.map(b -> Findings.of(b.analysis(), gear.hasOff(), file.wording()));
        List<Finding> findings = new ArrayList<>(PlanWords.gear(file, gear));
        findings.addAll(shown(file, wired));
        found.map(Findings::findings).ifPresent(findings::addAll);
        model.addAttribute("byHand", true);
        model.addAttribute("findings", findings);
        model.addAttribute(
                "ahead",
                file.workup().standsAhead().asked().stream()
                        .map(a -> file.say(a.why()))
                        .toList());
        draw(model, file, circuit, wires, wired, found);
    }

    /** The sheet: the wires in each position, and which way the shaft turns there. */
    private static void draw(
            Model model,
            JobFile file,
            Circuit circuit,
            List<Wire> wires,
            Optional<InCircuit> wired,
            Optional<Findings> found) {
        model.addAttribute("canRunUp", wired.isPresent());
        model.addAttribute(
                "drawings",
                new WiringPicture(
                                file.workup().leadsOf(wires),
                                file.gear(),
                                circuit,
                                wires,
                                found.map(Findings::flags).orElse(List.of()))
                        .draw());
        model.addAttribute("words", WiringWords.of(circuit));
        model.addAttribute(
                "turns",
                wired.map(Turn::computed)
                        .orElse(Turn.stated(file.column().orElseThrow().rotation())));
    }

    private static boolean isByHand(JobFile file, Optional<Integer> chosen) {
        return chosen.isEmpty()
                && file.kept(ChosenPlan.class).isPresent()
                && file.plannedCircuit().isPresent();
    }

    /** The library's switches that can do this job. */
    private String wouldDo(JobFile file) {
        Answer<List<SwitchKind>> able = computing.wouldDo(file);
        if (able.value().isEmpty()) {
            return able.isUnderWay() ? "reload the page in a moment to read which would do" : able.failure();
        }
        List<String> names =
                able.value().orElseThrow().stream().map(SwitchKind::name).toList();
        return names.isEmpty() ? "none in the library does" : String.join("; ", names);
    }

    private static void wishes(Model model, JobFile file) {
        model.asMap().putIfAbsent("wished", WishForm.of(file.facts().wishes()));
        model.addAttribute("asFound", WishForm.asFound(file.found()));
        model.addAttribute("anyWish", !file.facts().wishes().areNone());
        model.addAttribute("hasProtector", file.leads().all().stream().anyMatch(l -> l.isOf(Role.PROTECTOR)));
    }

    private static Optional<Integer> place(List<Plan> plans, String key) {
        return IntStream.range(0, plans.size())
                .filter(i -> plans.get(i).key().equals(key))
                .boxed()
                .findFirst();
    }

    private static Optional<Integer> chosen(JobFile file, List<Plan> plans) {
        List<Wire> made = file.kept(ChosenPlan.class).map(ChosenPlan::wires).orElse(List.of());
        for (int i = 0; i < plans.size(); i++) {
            if (WorkingOrder.of(plans.get(i)).equals(made)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    @PostMapping("/jobs/{id}/switch")
    ModelAndView choose(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long device,
            @RequestParam(defaultValue = "") String rating,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        if (rating.strip().length() > MOST_RATING) {
            model.addAttribute("rating", rating);
            model.addAttribute("wrong", java.util.Map.of("rating", "Use at most " + MOST_RATING + " letters."));
            return new ModelAndView(page(model, file, ""), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        if (switches.devices(file.job().shopId()).stream().noneMatch(d -> d.id() == device)) {
            model.addAttribute("wrong", java.util.Map.of("device", "Choose one of the switches listed."));
            return new ModelAndView(page(model, file, ""), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.choose(id, version, device, rating);
            return Saved.redirect(id, Gate.SWITCH, drops);
        } catch (StaleEdit stale) {
            return stale(id, model);
        }
    }

    /** What is asked of a plan besides. */
    @PostMapping("/jobs/{id}/switch/wishes")
    ModelAndView wish(
            @PathVariable long id,
            @ModelAttribute WishForm form,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        Reading<Wishes> read =
                file.gear().map(gear -> form.read(file.wiredLeads(), gear)).orElse(Reading.of(Wishes.NONE));
        if (read.value().isEmpty()) {
            model.addAttribute("wished", form);
            JobPages.stillSeen(model, Seen.of(Wishes.PART, version));
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            return new ModelAndView(page(model, file, ""), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            desk.wish(id, version, read.value().orElseThrow());
        } catch (StaleEdit stale) {
            model.addAttribute("wished", form);
            return stale(id, model);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/switch?saved");
    }

    /** Takes the plan on the screen and pulls the pin. */
    @PostMapping("/jobs/{id}/switch/plan")
    ModelAndView take(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String plan,
            @RequestParam(defaultValue = "false") boolean instead,
            Model model) {
        JobFile before = pages.file(id);
        List<Plan> plans = computing
                .plans(before)
                .value()
                .flatMap(r -> r)
                .map(PlanResult::plans)
                .orElse(List.of());
        if (!instead
                && !plans.isEmpty()
                && isByHand(before, chosen(before, plans))
                && place(plans, plan).isPresent()) {
            model.addAttribute("ask", true);
            return new ModelAndView(page(model, before, plan), model.asMap(), HttpStatus.CONFLICT);
        }
        Optional<Boolean> open = desk.take(id, plan);
        if (open.isEmpty()) {
            model.addAttribute(
                    "wrong",
                    java.util.Map.of(
                            "plan",
                            "That plan is no longer among the plans for this job: something it was made for has changed."
                                    + " These are the plans now; choose again."));
            return new ModelAndView(page(model, pages.file(id), ""), model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView(
                "redirect:/jobs/" + id + (open.orElseThrow() ? "/wire?passed=switch" : "/switch?saved"));
    }

    /** Ends what is being worked out for a job, when somebody does not want to wait. */
    @PostMapping("/jobs/{id}/stop-computing")
    String stop(@PathVariable long id) {
        computing.stop(id);
        return "redirect:/jobs/" + id + "/switch";
    }

    private ModelAndView stale(long id, Model model) {
        model.addAttribute("stale", true);
        return new ModelAndView(page(model, pages.file(id), ""), model.asMap(), HttpStatus.CONFLICT);
    }
}
