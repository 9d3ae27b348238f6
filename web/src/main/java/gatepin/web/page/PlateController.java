package gatepin.web.page;

import gatepin.core.Reading;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import gatepin.web.store.StaleEdit;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Plate gate. */
@Controller
class PlateController {
    private final JobDesk desk;
    private final JobPages pages;

    PlateController(JobDesk desk, JobPages pages) {
        this.desk = desk;
        this.pages = pages;
    }

    /** The form, with what was typed. */
    public record Form(
            String output,
            String outputUnit,
            String lowVolts,
            String lowAmps,
            String highVolts,
            String highAmps,
            String hertz,
            String rpm,
            String family,
            String code,
            String startMicrofarads,
            String runMicrofarads,
            int version) {
        PlateReader.Typed typed() {
            return new PlateReader.Typed(
                    text(output),
                    text(outputUnit),
                    text(lowVolts),
                    text(lowAmps),
                    text(highVolts),
                    text(highAmps),
                    text(hertz),
                    text(rpm),
                    text(family),
                    text(code),
                    text(startMicrofarads),
                    text(runMicrofarads));
        }

        /** A field missing from the request counts as left blank. */
        private static String text(@org.jspecify.annotations.Nullable String typed) {
            return typed == null ? "" : typed;
        }
    }

    @GetMapping("/jobs/{id}/plate")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute("typed", JobDesk.typed(file.motor(), file.ratings()));
        return page(model, file);
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.PLATE);
        model.addAttribute("families", MotorFamily.values());
        model.addAttribute("findings", file.plate().map(PlateWords::findings).orElse(List.of()));
        return "plate";
    }

    @PostMapping("/jobs/{id}/plate")
    ModelAndView save(@PathVariable long id, Form form, @RequestParam(defaultValue = "") String pull, Model model) {
        Reading<Plate> read = PlateReader.read(form.typed());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            return again(id, form, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.savePlate(
                    id, form.version(), form.typed(), read.value().orElseThrow());
            return Saved.redirect(id, Gate.PLATE, drops);
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            model.addAttribute("conflict", Conflict.plate(form.typed(), JobDesk.typed(now.motor(), now.ratings())));
            return again(id, form, model, HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(long id, Form form, Model model, HttpStatusCode status) {
        model.addAttribute("typed", form.typed());
        model.addAttribute("retyped", true);
        String view = page(model, pages.file(id));
        return new ModelAndView(view, model.asMap(), status);
    }
}
