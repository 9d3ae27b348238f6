package gatepin.web.gate.plate;

import gatepin.core.Reading;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.machine.Traces;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateField;
import gatepin.core.plate.PlateOpinion;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.plate.TypedPlate;
import gatepin.web.form.Conflict;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.photo.PhotoEye;
import gatepin.web.photo.PhotoReader;
import gatepin.web.photo.PhotoRoomStore;
import gatepin.web.photo.TooLarge;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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
    private final PhotoEye eye;
    private final PhotoRoomStore photoRoom;

    PlateController(PlateDesk desk, JobPages pages, PhotoEye eye, PhotoRoomStore photoRoom) {
        this.photoRoom = photoRoom;
        this.eye = eye;
        this.desk = desk;
        this.pages = pages;
    }

    @GetMapping("/jobs/{id}/plate")
    String show(@PathVariable long id, @RequestParam(required = false) @Nullable String tooLarge, Model model) {
        JobFile file = pages.file(id);
        TooLarge.say(tooLarge != null, model);
        model.addAttribute("typed", typed(file));
        return page(model, file);
    }

    /** The plate as it was typed. */
    private static TypedPlate typed(JobFile file) {
        return file.facts().motor().plate().map(TypedPlate::of).orElse(TypedPlate.NOTHING);
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.PLATE);
        model.addAttribute("families", MotorFamily.values());
        model.addAttribute("photoCount", photoRoom.count(file.job().id()));
        model.addAttribute("mostPhotos", PhotoRoomStore.MOST_OF_A_JOB);
        model.addAttribute(
                "photos",
                desk.photos(file.job().motorId()).stream()
                        .map(p -> new Shown(
                                p.id(),
                                p.words().map(GuessedPiece::of).orElse(List.of()),
                                p.words().isPresent()))
                        .toList());
        Traces.Typed left = file.facts().kept().find(Traces.Typed.PART).orElse(Traces.Typed.NONE);
        if (!model.containsAttribute("traces")) {
            model.addAttribute("traces", left);
        }
        model.addAttribute(
                "plateGone", !left.isBlank() && file.facts().motor().plate().isEmpty());
        if (file.facts().motor().plate().isEmpty()
                && file.facts().motor().traces().isPresent()) {
            model.addAttribute("findings", TraceWords.findings(file));
            return "gate/plate";
        }
        model.addAttribute("findings", findings(file));
        return "gate/plate";
    }

    /** What is to be said of the plate. */
    private static List<Finding> findings(JobFile file) {
        return file
                .facts()
                .motor()
                .plate()
                .map(p -> PlateOpinion.of(p, file.job().region()))
                .orElse(List.of())
                .stream()
                .map(o -> Findings.of(o.severity(), o.title(), o.words(), file.wording()))
                .toList();
    }

    /**
     * A photo as it is shown.
     *
     * @param pieces what a machine takes it to say
     * @param read a machine was asked
     */
    public record Shown(long id, List<GuessedPiece> pieces, boolean read) {}

    @GetMapping(path = "/jobs/{id}/plate/photos/{photo}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable long id, @PathVariable long photo) {
        return desk.photo(pages.file(id).job().motorId(), photo)
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache())
                        .body(jpeg))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @PostMapping("/jobs/{id}/plate/photos")
    ModelAndView addPhoto(@PathVariable long id, @RequestParam("photo") MultipartFile photo, Model model)
            throws IOException {
        JobFile file = pages.file(id);
        Reading<PhotoReader.Photo> read = photoRoom.read(id, photo.getBytes());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            model.addAttribute("typed", typed(file));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        PhotoReader.Photo kept = read.value().orElseThrow();
        desk.addPhoto(id, kept.jpeg(), kept.width(), kept.height());
        return new ModelAndView("redirect:/jobs/" + id + "/plate");
    }

    /** Asks a machine what a photo says: a first guess, of which nothing is taken for read. */
    @PostMapping("/jobs/{id}/plate/photos/{photo}/read")
    String readPhoto(
            @PathVariable long id,
            @PathVariable long photo,
            @RequestParam Map<String, String> form,
            @RequestParam int version,
            Model model)
            throws IOException {
        JobFile file = pages.file(id);
        Optional<byte[]> jpeg = desk.photo(file.job().motorId(), photo);
        if (jpeg.isPresent()) {
            Optional<List<PhotoEye.Word>> words =
                    eye.read(jpeg.orElseThrow(), GuessedPiece::understood, GuessedPiece.ENOUGH);
            words.ifPresent(w -> desk.keepWords(photo, GuessedPiece.write(w)));
            if (words.isEmpty()) {
                model.addAttribute(
                        "eyeless", "Photos are not read on this machine: tesseract is not installed. Type the plate.");
            }
        }
        model.addAttribute("typed", TypedPlate.of(form::get));
        model.addAttribute("retyped", true);
        JobPages.stillSeen(model, Seen.of(Plate.PART, version));
        return page(model, pages.file(id));
    }

    /** What a person saw on the photo, too, is put to the plate's text and read with it. */
    @PostMapping("/jobs/{id}/plate/guessed")
    String guessed(
            @PathVariable long id,
            @RequestParam(defaultValue = "") List<String> seen,
            @RequestParam Map<String, String> form,
            @RequestParam int version,
            Model model) {
        String more = seen.stream()
                .map(s -> form.getOrDefault("guess-" + s, "").strip())
                .filter(g -> !g.isEmpty())
                .collect(Collectors.joining("\n"));
        String text = (form.getOrDefault("text", "").strip() + "\n" + more).strip();
        return readInto(pages.file(id), TypedPlate.of(form::get), version, text, -1, model);
    }

    /** Saves what is left to see of a motor whose plate is gone. */
    @PostMapping("/jobs/{id}/plate/traces")
    ModelAndView saveTraces(@PathVariable long id, TraceForm traces, Model model) {
        Reading<Traces> read = Traces.read(traces.typed());
        JobFile file = pages.file(id);
        model.addAttribute("traces", traces.typed());
        model.addAttribute("typed", typed(file));
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            model.addAttribute("tracesWrong", true);
            JobPages.stillSeen(model, Seen.of(Plate.PART, traces.version()));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.saveTraces(
                    id, traces.version(), traces.typed(), read.value().orElseThrow());
            return Saved.redirect(id, Gate.PLATE, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("conflict", List.of());
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.CONFLICT);
        }
    }

    /** A field missing from the request counts as left blank. */
    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed;
    }

    /** What is left to see, with what was typed. */
    public record TraceForm(
            @Nullable String cordVolts,
            @Nullable String shaft,
            @Nullable String height,
            @Nullable String startPrint,
            @Nullable String runPrint,
            @Nullable String conductor,
            @Nullable String idleAmps,
            @Nullable String seenRpm,
            @Nullable String seenFamily,
            int version) {
        Traces.Typed typed() {
            return new Traces.Typed(
                    text(cordVolts),
                    text(shaft),
                    text(height),
                    text(startPrint),
                    text(runPrint),
                    text(conductor),
                    text(idleAmps),
                    text(seenRpm),
                    text(seenFamily));
        }
    }

    /**
     * Reads the plate's text into the fields and shows each piece; nothing is saved yet.
     *
     * @param guess where a piece begins that was offered as a guess and is confirmed now; −1 where none is
     */
    @PostMapping("/jobs/{id}/plate/read")
    String read(
            @PathVariable long id,
            @RequestParam Map<String, String> form,
            @RequestParam int version,
            @RequestParam(defaultValue = "-1") int guess,
            Model model) {
        return readInto(pages.file(id), TypedPlate.of(form::get), version, form.getOrDefault("text", ""), guess, model);
    }

    private String readInto(JobFile file, TypedPlate before, int version, String typed, int guess, Model model) {
        PlateText first = PlateText.read(typed);
        PlateText text = (guess < 0 ? first : PlateText.read(first.confirmed(guess)))
                .at(file.job().region().hertz());
        String shown = guess < 0 ? typed : text.text();
        model.addAttribute("typed", before.filledFrom(text.fields()).with(PlateField.TEXT, shown));
        model.addAttribute("pieces", text.pieces());
        model.addAttribute("doubts", text.doubts());
        model.addAttribute("retyped", true);
        JobPages.stillSeen(model, Seen.of(Plate.PART, version));
        return page(model, file);
    }

    @PostMapping("/jobs/{id}/plate")
    ModelAndView save(
            @PathVariable long id, @RequestParam Map<String, String> form, @RequestParam int version, Model model) {
        TypedPlate typed = TypedPlate.of(form::get);
        Reading<Plate> read = PlateReader.read(typed);
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            JobPages.stillSeen(model, Seen.of(Plate.PART, version));
            return again(id, typed, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.save(id, version, read.value().orElseThrow());
            return Saved.redirect(id, Gate.PLATE, drops, findings(pages.file(id)));
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            model.addAttribute("conflict", Conflict.plate(typed, typed(now)));
            return again(id, typed, model, HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(long id, TypedPlate typed, Model model, HttpStatusCode status) {
        model.addAttribute("typed", typed);
        model.addAttribute("retyped", true);
        String view = page(model, pages.file(id));
        return new ModelAndView(view, model.asMap(), status);
    }
}
