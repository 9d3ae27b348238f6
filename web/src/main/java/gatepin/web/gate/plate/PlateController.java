package gatepin.web.gate.plate;

import gatepin.core.Reading;
import gatepin.core.lane.Gate;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateOpinion;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.web.lane.Conflict;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.JobPart;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.photo.PhotoReader;
import gatepin.web.photo.TooLarge;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** The Plate gate. */
@Controller
class PlateController {
    private final PlateDesk desk;
    private final JobPages pages;

    PlateController(PlateDesk desk, JobPages pages) {
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
            String text,
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
                    text(runMicrofarads),
                    text(text));
        }

        /** A field missing from the request counts as left blank. */
        private static String text(@Nullable String typed) {
            return typed == null ? "" : typed;
        }
    }

    @GetMapping("/jobs/{id}/plate")
    String show(@PathVariable long id, @RequestParam(required = false) @Nullable String tooLarge, Model model) {
        JobFile file = pages.file(id);
        TooLarge.say(tooLarge != null, model);
        model.addAttribute("typed", typed(file));
        return page(model, file);
    }

    /** The plate as it was typed. */
    private static PlateReader.Typed typed(JobFile file) {
        return file.kept(PlateReader.Typed.class).orElseThrow();
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.PLATE);
        model.addAttribute("families", MotorFamily.values());
        model.addAttribute("hasPhoto", desk.hasPhoto(file.job().motorId()));
        model.addAttribute(
                "findings",
                file.plate().map(p -> PlateOpinion.of(p, file.job().region())).orElse(List.of()).stream()
                        .map(o -> Findings.of(o.severity(), o.title(), o.words(), file.wording()))
                        .toList());
        return "gate/plate";
    }

    @GetMapping(path = "/jobs/{id}/plate/photo", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable long id) {
        return desk.photo(pages.file(id).job().motorId())
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache())
                        .body(jpeg))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @PostMapping("/jobs/{id}/plate/photo")
    ModelAndView addPhoto(@PathVariable long id, @RequestParam("photo") MultipartFile photo, Model model)
            throws IOException {
        JobFile file = pages.file(id);
        Reading<PhotoReader.Photo> read = PhotoReader.read(photo.getBytes());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            model.addAttribute("typed", typed(file));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        PhotoReader.Photo kept = read.value().orElseThrow();
        desk.savePhoto(id, kept.jpeg(), kept.width(), kept.height());
        return new ModelAndView("redirect:/jobs/" + id + "/plate");
    }

    /**
     * Reads the plate's text into the fields and shows each piece; nothing is saved yet.
     *
     * @param guess where a piece begins that was offered as a guess and is confirmed now; −1 where none is
     */
    @PostMapping("/jobs/{id}/plate/read")
    String read(@PathVariable long id, Form form, @RequestParam(defaultValue = "-1") int guess, Model model) {
        JobFile file = pages.file(id);
        PlateText first = PlateText.read(form.typed().text());
        PlateText text = (guess < 0 ? first : PlateText.read(first.confirmed(guess)))
                .at(file.job().region().hertz());
        String shown = guess < 0 ? form.typed().text() : text.text();
        model.addAttribute("typed", filledFrom(text.fields(), form.typed(), shown));
        model.addAttribute("pieces", text.pieces());
        model.addAttribute("doubts", text.doubts());
        model.addAttribute("retyped", true);
        JobPages.stillSeen(model, Seen.of(JobPart.PLATE, form.version()));
        return page(model, file);
    }

    /** What the text says goes into the fields; where it is silent, what was typed there stays. */
    private static PlateReader.Typed filledFrom(PlateReader.Typed read, PlateReader.Typed before, String text) {
        boolean output = !read.output().isBlank();
        return new PlateReader.Typed(
                or(read.output(), before.output()),
                output ? read.outputUnit() : before.outputUnit(),
                or(read.lowVolts(), before.lowVolts()),
                or(read.lowAmps(), before.lowAmps()),
                read.lowVolts().isBlank() ? before.highVolts() : read.highVolts(),
                read.lowAmps().isBlank() ? before.highAmps() : read.highAmps(),
                or(read.hertz(), before.hertz()),
                or(read.rpm(), before.rpm()),
                or(read.family(), before.family()),
                or(read.code(), before.code()),
                or(read.startMicrofarads(), before.startMicrofarads()),
                or(read.runMicrofarads(), before.runMicrofarads()),
                text);
    }

    private static String or(String read, String before) {
        return read.isBlank() ? before : read;
    }

    @PostMapping("/jobs/{id}/plate")
    ModelAndView save(@PathVariable long id, Form form, @RequestParam(defaultValue = "") String pull, Model model) {
        Reading<Plate> read = PlateReader.read(form.typed());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            JobPages.stillSeen(model, Seen.of(JobPart.PLATE, form.version()));
            return again(id, form, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops =
                    desk.save(id, form.version(), form.typed(), read.value().orElseThrow());
            return Saved.redirect(id, Gate.PLATE, drops);
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            model.addAttribute("conflict", Conflict.plate(form.typed(), typed(now)));
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
