package gatepin.web.gate.rotation;

import gatepin.core.Reading;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.RotationReader;
import gatepin.core.rotation.Tool;
import gatepin.web.drawing.TrainPicture;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Rotation gate. */
@Controller
class RotationController {
    /** Where the plate is not read: the usual speed of a four-pole motor at 60 Hz, 1/min. */
    private static final int USUAL_RPM = 1725;

    private final JobPages pages;
    private final RotationDesk desk;

    RotationController(JobPages pages, RotationDesk desk) {
        this.pages = pages;
        this.desk = desk;
    }

    @GetMapping("/jobs/{id}/rotation")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute("form", RotationForm.of(file.facts().rotation(), file.version(RotationPlan.PART)));
        return page(model, file, file.facts().rotation());
    }

    /** @param shown the plan that is drawn: as it is saved, or as it stands on the screen */
    private String page(Model model, JobFile file, Optional<RotationPlan> shown) {
        pages.fill(model, file, Gate.ROTATION);
        model.addAttribute("tools", Tool.values());
        if (model.getAttribute("form") instanceof RotationForm form) {
            Tool tool = Tool.of(form.getTool());
            model.addAttribute("tool", form.getTool().isBlank() ? null : tool);
            model.addAttribute("motions", tool.motions());
        }
        model.addAttribute("kinds", DriveStage.Kind.values());
        model.addAttribute("hazardKinds", Hazard.values());
        int rpm = file.plate().map(Plate::rpm).orElse(USUAL_RPM);
        shown.ifPresent(plan -> {
            model.addAttribute("plan", plan);
            model.addAttribute("train", TrainPicture.of(plan, rpm));
            model.addAttribute("ends", List.of(plan.shaft(), RotationPlan.fromOtherEnd(plan.shaft())));
            model.addAttribute("drawnTool", plan.machine().tool());
            model.addAttribute("findings", RotationWords.findings(file, plan, rpm));
        });
        return "gate/rotation";
    }

    @PostMapping("/jobs/{id}/rotation")
    ModelAndView save(@PathVariable long id, @ModelAttribute("form") RotationForm form, Model model) {
        form.fillRows();
        JobFile file = pages.file(id);
        Reading<RotationPlan> read = RotationReader.read(form.typed());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            JobPages.stillSeen(model, Seen.of(RotationPlan.PART, form.getVersion()));
            return again(model, file, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.save(id, form.getVersion(), read.value().orElseThrow());
            return Saved.redirect(id, Gate.ROTATION, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("conflict", List.of());
            return again(model, pages.file(id), HttpStatus.CONFLICT);
        }
    }

    /** Another machine, one more piece or one less: drawn at once, and not saved yet. */
    @PostMapping("/jobs/{id}/rotation/change")
    String change(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String pick,
            @RequestParam(defaultValue = "") String add,
            @RequestParam(defaultValue = "-1") int drop,
            @ModelAttribute("form") RotationForm form,
            Model model) {
        form.fillRows();
        if (!pick.isBlank()) {
            form.pick(Tool.of(pick));
        }
        if (Arrays.stream(DriveStage.Kind.values()).anyMatch(k -> k.name().equals(add))) {
            form.add(add);
        }
        form.drop(drop);
        model.addAttribute("retyped", true);
        model.addAttribute("changed", true);
        JobPages.stillSeen(model, Seen.of(RotationPlan.PART, form.getVersion()));
        JobFile file = pages.file(id);
        return page(
                model,
                file,
                RotationReader.read(form.typed()).value().or(() -> file.facts().rotation()));
    }

    private ModelAndView again(Model model, JobFile file, HttpStatus status) {
        model.addAttribute("retyped", true);
        return new ModelAndView(page(model, file, file.facts().rotation()), model.asMap(), status);
    }
}
