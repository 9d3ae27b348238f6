package gatepin.web.page;

import gatepin.core.Problem;
import gatepin.core.circuit.Supply;
import gatepin.core.lane.Gate;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.supply.SupplyAdvice.Option;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import gatepin.web.desk.MotorDesk;
import gatepin.web.store.StaleEdit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
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

/** The Supply gate: the voltages side by side, what each takes, and the one to use. */
@Controller
class SupplyController {
    private static final double METRES_PER_FOOT = 0.3048;
    private static final double FIRST_GUESS_METRES = 15;

    private final JobDesk desk;
    private final MotorDesk motorDesk;
    private final JobPages pages;

    SupplyController(JobDesk desk, MotorDesk motorDesk, JobPages pages) {
        this.desk = desk;
        this.motorDesk = motorDesk;
        this.pages = pages;
    }

    /** A voltage on the screen. */
    public record Column(
            int volts, String name, boolean chosen, boolean recommended, List<BranchCircuit.Figure> figures) {}

    @GetMapping("/jobs/{id}/supply")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute(
                "distance",
                file.run().map(r -> plain(r.metres(), file.job().region())).orElse(""));
        model.addAttribute("plug", file.run().map(PanelRun::presentPlug).orElse(""));
        return page(model, file, file.run().map(r -> r.metres().doubleValue()).orElse(FIRST_GUESS_METRES));
    }

    private static String plain(BigDecimal metres, Region region) {
        double value = region == Region.NORTH_AMERICA ? metres.doubleValue() / METRES_PER_FOOT : metres.doubleValue();
        return BigDecimal.valueOf(Math.round(value * 10) / 10.0)
                .stripTrailingZeros()
                .toPlainString();
    }

    private String page(Model model, JobFile file, double metres) {
        pages.fill(model, file, Gate.SUPPLY);
        Region region = file.job().region();
        model.addAttribute("unit", region == Region.NORTH_AMERICA ? "feet" : "metres");
        model.addAttribute("outlets", Outlets.usual(region));
        Set<String> shopHas = motorDesk.outlets(file.job().id());
        model.addAttribute("shopHas", shopHas);
        Optional<SupplyAdvice> advice = file.advice(metres);
        if (advice.isEmpty()) {
            return "supply";
        }
        List<Column> columns = new ArrayList<>();
        for (Option option : advice.orElseThrow().options()) {
            columns.add(new Column(
                    option.volts(),
                    option.name(region),
                    file.job().volts().equals(Optional.of(option.volts())),
                    advice.orElseThrow().recommended().equals(Optional.of(option)),
                    option.circuit().map(BranchCircuit::figures).orElse(List.of())));
        }
        model.addAttribute("columns", columns);
        model.addAttribute("findings", SupplyWords.findings(file, advice.orElseThrow(), shopHas));
        return "supply";
    }

    @PostMapping("/jobs/{id}/supply")
    ModelAndView save(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int volts,
            @RequestParam(defaultValue = "") String distance,
            @RequestParam(defaultValue = "") String plug,
            @RequestParam(defaultValue = "") List<String> outlet,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Region region = file.job().region();
        Optional<BigDecimal> metres = metres(distance, region, problems);
        if (!Outlets.usual(region).contains(plug) && !plug.equals("none")) {
            problems.add(new Problem("plug", plug, "Choose the plug that is on the cord now, or none."));
        }
        Optional<Option> option = file.advice(FIRST_GUESS_METRES).flatMap(a -> a.at(volts));
        if (option.isEmpty()) {
            problems.add(new Problem("volts", "" + volts, "Choose one of the voltages the plate states."));
        }
        model.addAttribute("distance", distance);
        model.addAttribute("plug", plug);
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            return new ModelAndView(
                    page(model, file, FIRST_GUESS_METRES), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        Supply.Kind kind = option.orElseThrow().twoHots() ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
        motorDesk.saveOutlets(
                id, outlet.stream().filter(Outlets.usual(region)::contains).toList());
        try {
            List<Drop> drops = desk.saveSupply(id, version, volts, kind, new PanelRun(metres.orElseThrow(), plug));
            return Saved.redirect(id, Gate.SUPPLY, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(
                    page(model, pages.file(id), metres.orElseThrow().doubleValue()),
                    model.asMap(),
                    HttpStatus.CONFLICT);
        }
    }

    private static Optional<BigDecimal> metres(String typed, Region region, List<Problem> problems) {
        boolean feet = region == Region.NORTH_AMERICA;
        String text = typed.strip().replace(',', '.').replaceFirst("(?i)\\s*(ft|feet|m|metres|meters)$", "");
        try {
            double value = Double.parseDouble(text) * (feet ? METRES_PER_FOOT : 1);
            if (value >= 0 && value <= 1000) {
                return Optional.of(BigDecimal.valueOf(Math.round(value * 10)).movePointLeft(1));
            }
            problems.add(new Problem(
                    "distance",
                    typed,
                    typed.strip() + " is out of range: up to " + (feet ? "3280 feet." : "1000 metres.")));
        } catch (NumberFormatException e) {
            problems.add(new Problem(
                    "distance",
                    typed,
                    text.isEmpty()
                            ? "How far is the machine from the panel? Pace it out; a guess is better than nothing."
                            : "“" + text + "” is no number of " + (feet ? "feet." : "metres.")));
        }
        return Optional.empty();
    }
}
