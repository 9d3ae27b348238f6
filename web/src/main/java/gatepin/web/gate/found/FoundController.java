package gatepin.web.gate.found;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Terminal;
import gatepin.core.found.FoundRecord;
import gatepin.core.found.FoundWire;
import gatepin.core.found.FoundWireReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.web.gate.found.FoundStore.PhotoPin;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.photo.PhotoReader;
import gatepin.web.photo.PhotoRoomStore;
import gatepin.web.photo.TooLarge;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** The As found gate: photos with pins, the table of wires, and what that wiring does. */
@Controller
class FoundController {
    private final JobPages pages;
    private final FoundDesk desk;
    private final FoundWords words;
    private final PhotoRoomStore photoRoom;

    FoundController(JobPages pages, FoundDesk desk, PhotoRoomStore photoRoom) {
        this.photoRoom = photoRoom;
        this.pages = pages;
        this.desk = desk;
        this.words = new FoundWords();
    }

    @GetMapping("/jobs/{id}/found")
    String show(@PathVariable long id, @RequestParam(required = false) @Nullable String tooLarge, Model model) {
        JobFile file = pages.file(id);
        TooLarge.say(tooLarge != null, model);
        model.addAttribute("form", FoundForm.of(file.found(), file.version(FoundRecord.PART)));
        return page(model, file);
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.FOUND);
        model.addAttribute("photos", desk.photos(file.job().id()));
        model.addAttribute("photoCount", photoRoom.count(file.job().id()));
        model.addAttribute("mostPhotos", PhotoRoomStore.MOST_OF_A_JOB);
        model.addAttribute("places", places(file));
        model.addAttribute("findings", file.workup().once("found findings", () -> words.findings(file)));
        model.addAttribute("does", file.workup().once("found does", () -> words.does(file)));
        model.addAttribute("drawings", file.workup().once("found drawing", () -> words.drawing(file)));
        model.addAttribute("traced", file.workup().once("found traced", () -> words.traced(file)));
        model.asMap().putIfAbsent("pinTyped", Map.of());
        return "gate/found";
    }

    /** Places a wire's end can be tapped onto. */
    private static List<String> places(JobFile file) {
        Set<String> places = new LinkedHashSet<>(file.wiredLeads().marks());
        file.gear()
                .map(SwitchKind::chart)
                .ifPresent(
                        c -> c.terminals().stream().map(FoundWireReader::words).forEach(places::add));
        for (FoundWire wire : file.found().wires()) {
            for (Terminal end : List.of(wire.oneEnd(), wire.otherEnd())) {
                places.add(FoundWireReader.words(end));
            }
        }
        places.addAll(List.of(
                "L1", file.supply().map(s -> s.nameOf(Terminal.L2)).orElse("L2"), "cap 1", "cap 2", "ground", "frame"));
        return List.copyOf(places);
    }

    @PostMapping("/jobs/{id}/found")
    ModelAndView save(@PathVariable long id, @ModelAttribute("form") FoundForm form, Model model) {
        form.fillRows();
        JobFile file = pages.file(id);
        Reading<List<FoundWire>> read =
                FoundWireReader.read(form.typed(), file.wiredLeads().terminals());
        List<Problem> problems = new ArrayList<>(read.problems());
        if (problems.isEmpty()
                && form.isNothingConnected()
                && !read.value().orElseThrow().isEmpty()) {
            problems.add(new Problem("wires", "", "There are wires in the table: then something is connected."));
        }
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, Seen.of(FoundRecord.PART, form.getVersion()));
            return again(model, file, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.save(
                    id,
                    form.getVersion(),
                    new FoundRecord(form.isNothingConnected(), read.value().orElseThrow()));
            return Saved.redirect(id, Gate.FOUND, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("conflict", List.of());
            return again(model, pages.file(id), HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(Model model, JobFile file, HttpStatus status) {
        model.addAttribute("retyped", true);
        return new ModelAndView(page(model, file), model.asMap(), status);
    }

    @PostMapping("/jobs/{id}/found/photos")
    ModelAndView addPhoto(@PathVariable long id, @RequestParam("photo") MultipartFile photo, Model model)
            throws IOException {
        JobFile file = pages.file(id);
        Reading<PhotoReader.Photo> read = photoRoom.read(id, photo.getBytes());
        if (read.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(read.problems()));
            model.addAttribute("form", FoundForm.of(file.found(), file.version(FoundRecord.PART)));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        PhotoReader.Photo kept = read.value().orElseThrow();
        desk.addPhoto(id, kept.jpeg(), kept.width(), kept.height());
        return back(id);
    }

    private static ModelAndView back(long id) {
        return new ModelAndView("redirect:/jobs/" + id + "/found#photos");
    }

    @GetMapping(path = "/jobs/{id}/found/photos/{photo}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long photo) {
        return desk.picture(id, photo)
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.noCache())
                        .body(jpeg))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @PostMapping("/jobs/{id}/found/photos/{photo}/pins")
    ModelAndView addPin(
            @PathVariable long id, @PathVariable long photo, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        String mark = typed.getOrDefault("mark", "").strip();
        String colour = typed.getOrDefault("colour", "").strip();
        String bands = typed.getOrDefault("bands", "").strip();
        if (mark.isEmpty() || mark.length() > 16) {
            problems.add(new Problem(
                    "pin", mark, "Say what the pin shows: the wire's mark or the terminal, at most 16 letters."));
        }
        if (colour.length() > 30 || !bands.matches("[0-9]?")) {
            problems.add(new Problem("pin", bands, "A colour of at most 30 letters, and 0 to 9 bands."));
        }
        if (!typed.getOrDefault("x", "").matches("\\d{1,3}|1000")
                || !typed.getOrDefault("y", "").matches("\\d{1,3}|1000")) {
            problems.add(new Problem("pin", "", "Tap the photo where the pin belongs."));
        }
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            model.addAttribute("pinTyped", typed);
            model.addAttribute("pinPhoto", photo);
            model.addAttribute("form", FoundForm.of(file.found(), file.version(FoundRecord.PART)));
            return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        boolean there = desk.addPin(
                id,
                photo,
                new PhotoPin(
                        0,
                        Integer.parseInt(typed.getOrDefault("x", "0")),
                        Integer.parseInt(typed.getOrDefault("y", "0")),
                        mark,
                        colour,
                        bands.isEmpty() ? 0 : Integer.parseInt(bands)));
        return there ? back(id) : gone(model, file, "That photo is not here any more. The pin was not set.");
    }

    @PostMapping("/jobs/{id}/found/pins/{pin}/remove")
    ModelAndView removePin(@PathVariable long id, @PathVariable long pin, Model model) {
        JobFile file = pages.file(id);
        return desk.removePin(id, pin)
                ? back(id)
                : gone(model, file, "That pin is not here any more: somebody took it out already.");
    }

    private ModelAndView gone(Model model, JobFile file, String message) {
        model.addAttribute("wrong", Map.of("photo", message));
        model.addAttribute("form", FoundForm.of(file.found(), file.version(FoundRecord.PART)));
        return new ModelAndView(page(model, file), model.asMap(), HttpStatus.NOT_FOUND);
    }

    /** Labels to print, two for each wire: wrap-around and flag. */
    @GetMapping("/jobs/{id}/found/labels")
    String labels(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, Gate.FOUND);
        model.addAttribute("labels", FoundWords.labels(file.found()));
        model.addAttribute("photos", desk.photos(id));
        return "gate/labels";
    }
}
