package gatepin.web.straight;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Memory;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanResult;
import gatepin.core.supply.Region;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Computing.Answer;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobPages;
import gatepin.web.straight.StraightPage.Answered;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** Straight to the wires, and from there into a job. */
@Controller
class StraightController {
    private final Memory memory;
    private final Computing computing;
    private final StraightDesk desk;

    StraightController(Memory memory, Computing computing, StraightDesk desk) {
        this.memory = memory;
        this.computing = computing;
        this.desk = desk;
    }

    @GetMapping(Address.PATH)
    String show(@RequestParam Map<String, String> typed, Model model) {
        fill(model, Address.of(typed), desk.offeredName());
        return "straight/straight";
    }

    private void fill(Model model, Address address, String name) {
        StraightPage page = new StraightPage(address, memory);
        Region region = address.choices().mains().region();
        model.addAttribute("page", page);
        model.addAttribute("chosen", address.chosen());
        model.addAttribute("ground", region.ground());
        model.addAttribute("live", region.live());
        model.addAttribute("hasOff", address.choices().gear().hasOff());
        model.addAttribute("hasCoils", address.choices().gear().hasCoils());
        model.addAttribute("ways", page.asked().ways());
        model.addAttribute("machine", name);
        model.addAttribute("shops", desk.shopsOf(region));
        model.addAttribute("noShop", desk.hasNoShop());
        model.asMap().putIfAbsent("wrong", Map.of());
        Answer<Optional<PlanResult>> answer = computing.plans(page.asked());
        Optional<PlanResult> result = answer.value().flatMap(r -> r);
        if (result.isEmpty()) {
            model.addAttribute("computing", answer);
            return;
        }
        if (result.orElseThrow().plans().isEmpty()) {
            List<Finding> none = List.of(page.none(result.orElseThrow(), () -> wouldDo(page)));
            model.addAttribute("none", none);
            return;
        }
        Plan plan = StraightPage.plan(result.orElseThrow(), address.at(Address.PLAN));
        Answered answered = page.answered(plan);
        model.addAttribute("answer", answered);
        model.addAttribute("offers", page.offers(result.orElseThrow(), plan));
        model.addAttribute("findings", answered.cautions());
    }

    /** The switches that can do it. */
    private String wouldDo(StraightPage page) {
        return computing
                .wouldDo(page.asked())
                .value()
                .map(able -> able.stream().map(SwitchKind::name).collect(Collectors.joining("; ")))
                .filter(names -> !names.isEmpty())
                .orElse("look through the switches above");
    }

    /** Makes a job of it: what was chosen is carried into the gates, and what was taken is said there. */
    @PostMapping("/wires/job")
    ModelAndView makeAJob(
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String machine,
            @RequestParam(defaultValue = "0") long shop,
            @RequestParam(defaultValue = "UTC") String zone,
            Model model) {
        Address address = Address.of(typed);
        StraightPage page = new StraightPage(address, memory);
        Optional<Plan> plan = computing
                .plans(page.asked())
                .value()
                .flatMap(r -> r)
                .filter(r -> !r.plans().isEmpty())
                .map(r -> StraightPage.plan(r, address.at(Address.PLAN)));
        Reading<Long> job = desk.make(page.bench(), plan, new StraightDesk.Where(shop, zone), machine);
        if (job.value().isPresent()) {
            return new ModelAndView("redirect:/jobs/" + job.value().orElseThrow() + "/safe");
        }
        List<Problem> problems = job.problems();
        model.addAttribute("wrong", JobPages.byField(problems));
        fill(model, address, machine);
        return new ModelAndView("straight/straight", model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }
}
