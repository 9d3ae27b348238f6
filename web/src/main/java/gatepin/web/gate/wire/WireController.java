package gatepin.web.gate.wire;

import gatepin.core.Reading;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Gate;
import gatepin.core.lane.WireList;
import gatepin.core.supply.LengthUnit;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Making;
import gatepin.core.wire.Section;
import gatepin.web.ahead.AheadPage;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.MeasuredOn;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.WiringWords;
import gatepin.web.plan.MakingWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.wire.WireLine;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Wire gate: one wire at a time, ticked as it is made; and where everything for it is bought and cut. */
@Controller
class WireController {
    private final WireDesk desk;
    private final JobPages pages;

    WireController(WireDesk desk, JobPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    @GetMapping("/jobs/{id}/wire")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.WIRE);
        fillWiring(model, file);
        return "gate/wire";
    }

    private static void fillWiring(Model model, JobFile file) {
        if (file.kept(ChosenPlan.class).isEmpty() || file.plannedCircuit().isEmpty()) {
            return;
        }
        ChosenPlan plan = file.kept(ChosenPlan.class).orElseThrow();
        model.addAttribute("plan", plan);
        model.addAttribute("ahead", new AheadPage(file));
        List<Wire> wires = plan.wires();
        Making making = MakingWords.of(file, file.plannedCircuit().orElseThrow(), wires);
        model.addAttribute("lines", WireLine.all(file, plan, making));
        model.addAttribute("list", file.workup().wireList());
        model.addAttribute(
                "noControl", file.workup().hasCoils() && file.facts().control().isEmpty());
        model.addAttribute("making", making);
        model.addAttribute(
                "splices", making.splices().stream().map(MakingWords::splice).toList());
        model.addAttribute(
                "linksOut", file.gear().map(g -> g.linksToTakeOut(wires)).orElse(Set.of()));
        LengthUnit unit = file.job().region().lengths();
        model.addAttribute("unit", unit.word());
        model.asMap().putIfAbsent("motorCable", unit.typed(file.facts().cables().motorCableMetres()));
        model.asMap().putIfAbsent("supplyCord", unit.typed(file.facts().cables().supplyCordMetres()));
        model.addAttribute(
                "drawings",
                new WiringPicture(
                                file.wiredLeads(),
                                file.gear(),
                                file.plannedCircuit().orElseThrow(),
                                wires)
                        .draw());
        model.addAttribute("words", WiringWords.of(file.plannedCircuit().orElseThrow()));
        model.addAttribute("supply", file.supply().orElseThrow());
        model.addAttribute("rotation", file.column().orElseThrow().rotation());
    }

    /** How long the cables are. */
    @PostMapping("/jobs/{id}/wire/lengths")
    ModelAndView lengths(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String motorCable,
            @RequestParam(defaultValue = "") String supplyCord,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        Reading<CableLengths> read =
                CableLengths.read(motorCable, supplyCord, file.job().region().lengths());
        model.addAttribute("motorCable", motorCable);
        model.addAttribute("supplyCord", supplyCord);
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            JobPages.stillSeen(model, Seen.of(CableLengths.PART, version));
            return lengthsAgain(file, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            desk.lengths(id, version, read.value().orElseThrow());
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return lengthsAgain(pages.file(id), model, HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/wire?saved#buy");
    }

    private ModelAndView lengthsAgain(JobFile file, Model model, HttpStatus status) {
        pages.fill(model, file, Gate.WIRE);
        fillWiring(model, file);
        return new ModelAndView("gate/wire", model.asMap(), status);
    }

    /** Ticks a wire. The answer comes after the database has it for good. */
    @PostMapping(path = "/jobs/{id}/wires", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Map<String, Object>> tick(
            @PathVariable long id,
            @RequestParam Section section,
            @RequestParam String wire,
            @RequestParam boolean made) {
        pages.file(id);
        try {
            desk.tick(id, section, wire, made);
        } catch (StaleEdit stale) {
            return notSaved("the wire list was changed in another window, and has no such wire any more.");
        } catch (MeasuredOn.Another another) {
            return notSaved(
                    "the motor or the plan was changed in another window; this page shows the wires of before.");
        }
        JobFile file = pages.file(id);
        WireList now = file.workup().wireList();
        String words = now.isComplete()
                ? "Saved. " + file.evidence().lack(Gate.WIRE).map(file::say).orElse("Every wire is made.")
                : "Saved. " + now.made() + " of " + now.entries().size() + " made.";
        return ResponseEntity.ok(Map.of("message", words, "made", now.made()));
    }

    private static ResponseEntity<Map<String, Object>> notSaved(String why) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(Map.of("message", "Not saved: " + why + " Reload the page to see how it stands now."));
    }
}
