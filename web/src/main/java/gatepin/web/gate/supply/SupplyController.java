package gatepin.web.gate.supply;

import gatepin.core.Problem;
import gatepin.core.TypedNumber;
import gatepin.core.circuit.Supply;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.BranchCircuit.Figure;
import gatepin.core.supply.LengthUnit;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.supply.SupplyAdvice.Option;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
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
    private static final double FIRST_GUESS_METRES = 15;
    private static final double FARTHEST_METRES = 1000;

    private final SupplyDesk desk;
    private final JobPages pages;

    SupplyController(SupplyDesk desk, JobPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    /** A voltage on the screen. */
    public record Column(int volts, String name, boolean chosen, boolean recommended) {}

    /** A figure at every voltage, with the rule that it comes from. */
    public record Row(String name, String rule, List<String> values) {
        /** Where the library keeps its table; null where there is none. */
        public @Nullable String shelf() {
            return switch (name) {
                case "Current to size from" -> "full-load";
                case "Conductors" -> rule.contains("IEC") ? "conductors-metric" : "conductors";
                case "Flexible cord" -> "cords";
                case "Breaker", "Or dual-element fuse" -> "breakers";
                case "Equipment ground", "Protective earth" -> "grounds";
                case "Plug and outlet" -> "plugs";
                default -> null;
            };
        }
    }

    @GetMapping("/jobs/{id}/supply")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute(
                "distance",
                file.facts()
                        .run()
                        .map(r -> file.job().region().lengths().typed(r.metres().doubleValue()))
                        .orElse(""));
        model.addAttribute("plug", file.facts().run().map(PanelRun::presentPlug).orElse(""));
        return page(
                model,
                file,
                file.facts().run().map(r -> r.metres().doubleValue()).orElse(FIRST_GUESS_METRES));
    }

    private String page(Model model, JobFile file, double metres) {
        pages.fill(model, file, Gate.SUPPLY);
        Region region = file.job().region();
        model.addAttribute("unit", region.lengths().word());
        model.addAttribute("outlets", Outlets.all(region));
        model.addAttribute("rare", Outlets.rare(region));
        Set<String> shopHas = desk.outlets(file.job().shopId());
        model.addAttribute("shopHas", shopHas);
        model.addAttribute("hasRare", !Collections.disjoint(shopHas, Outlets.rare(region)));
        Optional<SupplyAdvice> advice = file.workup().advice(metres);
        if (advice.isEmpty()) {
            return "gate/supply";
        }
        List<Column> columns = new ArrayList<>();
        for (Option option : advice.orElseThrow().options()) {
            columns.add(new Column(
                    option.volts(),
                    option.name(region),
                    file.job().volts().equals(Optional.of(option.volts())),
                    advice.orElseThrow().recommended().equals(Optional.of(option))));
        }
        model.addAttribute("rows", rows(advice.orElseThrow().options()));
        model.addAttribute("columns", columns);
        model.addAttribute("findings", SupplyWords.findings(file, advice.orElseThrow(), shopHas));
        return "gate/supply";
    }

    /** A row for each figure that any voltage has, in the order in which they come. */
    private static List<Row> rows(List<Option> options) {
        Map<String, Figure> named = new LinkedHashMap<>();
        List<Map<String, String>> values = new ArrayList<>();
        for (Option option : options) {
            Map<String, String> mine = new HashMap<>();
            for (Figure figure : option.circuit().map(BranchCircuit::figures).orElse(List.of())) {
                named.putIfAbsent(figure.name(), figure);
                mine.put(figure.name(), figure.value());
            }
            values.add(mine);
        }
        return named.values().stream()
                .map(f -> new Row(
                        f.name(),
                        f.rule() + " · " + f.source(),
                        values.stream().map(v -> v.getOrDefault(f.name(), "–")).toList()))
                .toList();
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
        Optional<BigDecimal> metres = metres(distance, region.lengths(), problems);
        if (!Outlets.all(region).contains(plug) && !plug.equals("none")) {
            problems.add(new Problem("plug", plug, "Choose the plug that is on the cord now, or none."));
        }
        Optional<Option> option = file.workup().advice(FIRST_GUESS_METRES).flatMap(a -> a.at(volts));
        if (option.isEmpty()) {
            problems.add(new Problem("volts", "" + volts, "Choose one of the voltages the plate states."));
        }
        model.addAttribute("distance", distance);
        model.addAttribute("plug", plug);
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, Seen.of(Parts.SUPPLY, version));
            return new ModelAndView(
                    page(model, file, FIRST_GUESS_METRES), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        Supply.Kind kind = option.orElseThrow().twoHots() ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
        try {
            List<Drop> drops = desk.save(
                    id,
                    version,
                    volts,
                    kind,
                    new PanelRun(metres.orElseThrow(), plug),
                    outlet.stream().filter(Outlets.all(region)::contains).toList());
            return Saved.redirect(id, Gate.SUPPLY, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(
                    page(model, pages.file(id), metres.orElseThrow().doubleValue()),
                    model.asMap(),
                    HttpStatus.CONFLICT);
        }
    }

    private static Optional<BigDecimal> metres(String typed, LengthUnit unit, List<Problem> problems) {
        TypedNumber metres = unit.read(typed, 0, FARTHEST_METRES);
        String message = switch (metres.kind()) {
            case GOOD -> "";
            case BLANK -> "How far is the machine from the panel? Pace it out; a guess is better than nothing.";
            case EITHER -> metres.question(typed);
            case OUT_OF_RANGE ->
                typed.strip() + " is out of range: up to " + unit.perKilometre() + " " + unit.word() + ".";
            case NO_NUMBER -> "“" + typed.strip() + "” is no number of " + unit.word() + ".";
        };
        if (message.isEmpty()) {
            return Optional.of(BigDecimal.valueOf(metres.value()));
        }
        problems.add(new Problem("distance", typed, message));
        return Optional.empty();
    }
}
