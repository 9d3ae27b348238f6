package gatepin.web.gate.windings;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.core.winding.Eye;
import gatepin.core.winding.Found;
import gatepin.core.winding.Guide;
import gatepin.core.winding.MarkProposal;
import gatepin.core.winding.MarkProposal.Marked;
import gatepin.core.winding.MarkProposal.Scheme;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.OhmsReader;
import gatepin.core.winding.PadReader;
import gatepin.core.winding.Part;
import gatepin.core.winding.SenseTest;
import gatepin.core.winding.SenseTest.Sense;
import gatepin.core.winding.WindingRecord;
import gatepin.web.drawing.RingPicture;
import gatepin.web.gate.windings.TrialStore.Trial;
import gatepin.web.gate.windings.WindingStore.PadLead;
import gatepin.web.gate.windings.WindingStore.Taken;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.StaleEdit;
import gatepin.web.photo.PhotoReader;
import gatepin.web.photo.PhotoRoomStore;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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

/** The Windings gate: the reading pad, what the readings say, and the marks that follow. */
@Controller
class WindingController {
    private static final int LONGEST_NOTE = 300;

    private final JobPages pages;
    private final WindingDesk desk;
    private final PhotoRoomStore photoRoom;

    WindingController(JobPages pages, WindingDesk desk, PhotoRoomStore photoRoom) {
        this.photoRoom = photoRoom;
        this.pages = pages;
        this.desk = desk;
    }

    /** The marks of one scheme. */
    public record MarkedBy(Scheme scheme, List<Marked> leads) {
        public String words() {
            return scheme == Scheme.IEC ? "Mark them U, V, Z" : "Mark them T1 to T8";
        }
    }

    @GetMapping("/jobs/{id}/windings")
    String show(@PathVariable long id, Model model) {
        return page(model, pages.file(id), Map.of());
    }

    private String page(Model model, JobFile file, Map<String, String> typed) {
        long id = file.job().id();
        pages.fill(model, file, Gate.WINDINGS);
        WindingRecord record = file.windings();
        Found found = record.found();
        List<PadLead> pad = desk.pad(file);
        List<Taken> taken = desk.readings(file);
        model.addAttribute("typed", typed);
        model.addAttribute("record", record);
        model.addAttribute("found", found);
        model.addAttribute(
                "padTyped",
                typed.getOrDefault("leads", String.join(" ", pad.isEmpty() ? marks(file) : names(pad, false))));
        model.addAttribute(
                "asideTyped",
                typed.getOrDefault(
                        "aside",
                        pad.stream()
                                .filter(l -> !l.aside().isBlank())
                                .map(l -> l.name() + ": " + l.aside())
                                .collect(Collectors.joining("\n"))));
        model.addAttribute("simulated", desk.hasSimulatedMeter(file));
        model.addAttribute("ring", RingPicture.of(record.leads(), record.readings(), found));
        model.addAttribute("points", points(record));
        model.addAttribute("next", next(found));
        model.addAttribute("taken", taken.stream().map(WindingWords::line).toList());
        MeterReading last = taken.isEmpty() ? null : taken.get(taken.size() - 1).reading();
        model.addAttribute(
                "zero", typed.getOrDefault("zero", last == null ? "0.0" : WindingWords.plain(last.zeroOhms())));
        model.addAttribute(
                "celsius", typed.getOrDefault("celsius", last == null ? "20" : WindingWords.plain(last.celsius())));
        List<Finding> findings = new ArrayList<>(WindingWords.findings(record, found, file.wording()));
        WindingWords.misfit(file).ifPresent(findings::add);
        model.addAttribute("findings", findings);
        model.addAttribute(
                "parts",
                found.certain().stream().map(p -> WindingWords.part(p, record)).toList());
        model.addAttribute("open", WindingWords.open(found));
        marks(model, file, record, found);
        model.addAttribute("guides", Guide.values());
        model.addAttribute("eye", WindingDesk.eye(file));
        model.addAttribute("trials", desk.trials(file));
        model.addAttribute("outcomes", TrialStore.Outcome.values());
        return "gate/windings";
    }

    private static List<String> marks(JobFile file) {
        return file.leads().all().stream().map(Lead::mark).toList();
    }

    private static List<String> names(List<PadLead> pad, boolean aside) {
        return pad.stream()
                .filter(l -> l.aside().isBlank() != aside)
                .map(PadLead::name)
                .toList();
    }

    private static List<String> points(WindingRecord record) {
        List<String> points = new ArrayList<>(record.leads());
        points.add(MeterReading.FRAME);
        return points;
    }

    private static gatepin.core.winding.@org.jspecify.annotations.Nullable Probe next(Found found) {
        return found.next().or(() -> found.frameLeft().stream().findFirst()).orElse(null);
    }

    private static void marks(Model model, JobFile file, WindingRecord record, Found found) {
        Scheme scheme = file.job().region() == Region.IEC ? Scheme.IEC : Scheme.NORTH_AMERICAN;
        boolean turn = record.turnSecondHalf().orElse(false);
        List<Scheme> schemes = scheme == Scheme.IEC
                ? List.of(Scheme.IEC, Scheme.NORTH_AMERICAN)
                : List.of(Scheme.NORTH_AMERICAN, Scheme.IEC);
        List<MarkedBy> marked = schemes.stream()
                .map(s -> new MarkedBy(
                        s, found.settled().map(a -> MarkProposal.of(a, s, turn)).orElse(List.of())))
                .filter(m -> !m.leads().isEmpty())
                .toList();
        model.addAttribute("marked", marked);
        List<Part> halves = found.settled().stream()
                .flatMap(a -> a.inOrder().stream())
                .filter(p -> p.role() == Part.Role.RUN_HALF)
                .toList();
        if (halves.size() == 2) {
            model.addAttribute("halves", halves);
            double ohms = record.readings().stream()
                    .filter(r -> r.isBetween(
                            halves.get(0).leads().get(0), halves.get(0).leads().get(1)))
                    .reduce((a, b) -> b)
                    .map(MeterReading::ohms)
                    .orElse(1.0);
            model.addAttribute("senseVolts", SenseTest.volts(ohms));
        }
    }

    @PostMapping("/jobs/{id}/windings/leads")
    ModelAndView leads(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<PadReader.Pad> read = PadReader.read(typed.getOrDefault("leads", ""), typed.getOrDefault("aside", ""));
        if (read.value().isEmpty()) {
            return again(model, file, typed, read.problems());
        }
        PadReader.Pad pad = read.value().orElseThrow();
        List<PadLead> leads = new ArrayList<>(
                pad.leads().stream().map(l -> new PadLead(l, "")).toList());
        pad.aside().forEach((lead, why) -> leads.add(new PadLead(lead, why)));
        return saved(file, typed, model, version -> desk.setPad(id, version, leads));
    }

    /** Saves for the version that the form was shown with; one that is stale is shown again with what was typed. */
    private ModelAndView saved(JobFile file, Map<String, String> typed, Model model, IntFunction<List<Drop>> save) {
        String version = typed.getOrDefault("version", "");
        try {
            List<Drop> drops = save.apply(version.matches("\\d{1,9}") ? Integer.parseInt(version) : -1);
            return Saved.redirect(file.job().id(), Gate.WINDINGS, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            JobFile now = pages.file(file.job().id());
            return new ModelAndView(page(model, now, typed), model.asMap(), HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(Model model, JobFile file, Map<String, String> typed, List<Problem> problems) {
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(page(model, file, typed), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    @PostMapping("/jobs/{id}/windings/readings")
    ModelAndView add(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<MeterReading> read = OhmsReader.reading(
                new OhmsReader.Typed(
                        typed.getOrDefault("a", ""),
                        typed.getOrDefault("b", ""),
                        typed.getOrDefault("ohms", ""),
                        typed.getOrDefault("zero", ""),
                        typed.getOrDefault("celsius", ""),
                        typed.containsKey("heldOpen")),
                file.windings().leads());
        if (read.value().isEmpty()) {
            return again(model, file, typed, read.problems());
        }
        desk.add(id, read.value().orElseThrow());
        return back(id);
    }

    private static ModelAndView back(long id) {
        return new ModelAndView("redirect:/jobs/" + id + "/windings");
    }

    /** Holds the simulated meter on two leads. */
    @PostMapping("/jobs/{id}/windings/probe")
    ModelAndView probe(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<String> points = points(file.windings());
        String a = typed.getOrDefault("a", "");
        String b = typed.getOrDefault("b", "");
        if (!points.contains(a) || !points.contains(b) || a.equals(b)) {
            return again(
                    model,
                    file,
                    typed,
                    List.of(new Problem("b", b, "Hold the probes on two different points of this motor.")));
        }
        desk.probe(file, a, b, typed.containsKey("heldOpen") ? StartSwitch.HELD_OPEN : StartSwitch.AT_REST);
        return back(id);
    }

    /** What is said of the windings beside the readings. */
    @PostMapping("/jobs/{id}/windings/said")
    ModelAndView say(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String trusted,
            @RequestParam(defaultValue = "") String dual,
            @RequestParam Map<String, String> typed,
            Model model) {
        JobFile file = pages.file(id);
        WindingRecord now = file.windings();
        Optional<Boolean> dualVoltage = dual.isEmpty()
                ? WindingDesk.saidDual(file)
                : dual.equals("unknown") ? Optional.empty() : Optional.of(dual.equals("two"));
        boolean relied = trusted.isEmpty() ? now.marksTrusted() : trusted.equals("yes");
        return saved(file, typed, model, version -> desk.say(id, version, relied, dualVoltage, now.turnSecondHalf()));
    }

    /** What eye and ear say. */
    @PostMapping("/jobs/{id}/windings/eye")
    ModelAndView look(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<Eye> eye = Eye.read(
                typed.getOrDefault("thick", ""),
                typed.getOrDefault("thin", ""),
                typed.getOrDefault("humps", ""),
                typed.getOrDefault("click", ""),
                file.windings().leads());
        if (eye.value().isEmpty()) {
            return again(model, file, typed, eye.problems());
        }
        return saved(
                file,
                typed,
                model,
                version -> desk.look(id, version, eye.value().orElseThrow()));
    }

    /** A start winding that was tried, or put back. */
    @PostMapping("/jobs/{id}/windings/trials")
    ModelAndView tried(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            @RequestParam(name = "photo", required = false) @Nullable MultipartFile photo,
            Model model)
            throws IOException {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Trial trial = trial(typed, problems);
        Optional<byte[]> jpeg = Optional.empty();
        if (photo != null && !photo.isEmpty()) {
            Reading<PhotoReader.Photo> read = photoRoom.read(id, photo.getBytes());
            problems.addAll(read.problems());
            jpeg = read.value().map(PhotoReader.Photo::jpeg);
        }
        if (!problems.isEmpty()) {
            return again(model, file, typed, problems);
        }
        desk.tried(id, trial, jpeg);
        return new ModelAndView("redirect:/jobs/" + id + "/windings?saved#trials");
    }

    private static Trial trial(Map<String, String> typed, List<Problem> problems) {
        List<String> ends = List.of(
                typed.getOrDefault("firstEnd", "").strip(),
                typed.getOrDefault("secondEnd", "").strip());
        for (int i = 0; i < 2; i++) {
            if (!ends.get(i).matches("[A-Za-z0-9][A-Za-z0-9/.']{0,11}")) {
                problems.add(new Problem(
                        i == 0 ? "firstEnd" : "secondEnd",
                        ends.get(i),
                        "Name this end as it is labelled, with up to 12 letters and digits."));
            }
        }
        if (ends.get(0).equalsIgnoreCase(ends.get(1)) && problems.isEmpty()) {
            problems.add(new Problem("secondEnd", ends.get(1), "A winding has two ends with a name each."));
        }
        return new Trial(
                0,
                typed.getOrDefault("winding", "A").equals("B") ? "B" : "A",
                ends.get(0),
                ends.get(1),
                named(TrialStore.Outcome.values(), typed.getOrDefault("outcome", "")),
                new StatedRotation(
                        named(StatedRotation.Direction.values(), typed.getOrDefault("direction", "")),
                        named(StatedRotation.End.values(), typed.getOrDefault("seenFrom", ""))),
                typed.getOrDefault("trialNote", "").strip().transform(n -> n.substring(0, Math.min(300, n.length()))),
                false);
    }

    private static <E extends Enum<E>> E named(E[] all, String name) {
        return Arrays.stream(all).filter(e -> e.name().equals(name)).findFirst().orElse(all[0]);
    }

    @GetMapping(path = "/jobs/{id}/windings/trials/{trial}/photo", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> trialPhoto(@PathVariable long id, @PathVariable long trial) {
        return ResponseEntity.of(desk.trialPhoto(pages.file(id), trial));
    }

    /** The sense test of the run halves. */
    @PostMapping("/jobs/{id}/windings/sense")
    ModelAndView sense(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<Double> fed = OhmsReader.volts("fedVolts", typed.getOrDefault("fedVolts", ""));
        Reading<Double> series = OhmsReader.volts("seriesVolts", typed.getOrDefault("seriesVolts", ""));
        List<Problem> problems = new ArrayList<>(fed.problems());
        problems.addAll(series.problems());
        if (!problems.isEmpty()) {
            return again(model, file, typed, problems);
        }
        Sense sense =
                SenseTest.byVolts(fed.value().orElseThrow(), series.value().orElseThrow());
        if (sense == Sense.UNSURE) {
            return again(
                    model,
                    file,
                    typed,
                    List.of(new Problem(
                            "seriesVolts",
                            typed.getOrDefault("seriesVolts", ""),
                            "It should be near nothing or near double what is fed. Check the joint, and that the rotor"
                                    + " stands still, and measure again.")));
        }
        WindingRecord now = file.windings();
        return saved(
                file,
                typed,
                model,
                version -> desk.say(
                        id,
                        version,
                        now.marksTrusted(),
                        WindingDesk.saidDual(file),
                        Optional.of(sense == Sense.OPPOSING)));
    }

    /** Makes the proposed marks the motor's leads. */
    @PostMapping("/jobs/{id}/windings/marks")
    ModelAndView useMarks(@PathVariable long id, @RequestParam(defaultValue = "") String scheme, Model model) {
        JobFile file = pages.file(id);
        WindingRecord record = file.windings();
        List<Leads.Typed> rows = record.found().settled().stream()
                .flatMap(a -> MarkProposal.of(
                        a,
                        scheme.equals(Scheme.IEC.name()) ? Scheme.IEC : Scheme.NORTH_AMERICAN,
                        record.turnSecondHalf().orElse(false))
                        .stream())
                .map(m -> new Leads.Typed(m.typed().mark(), m.lead(), m.typed().winding()))
                .toList();
        Reading<Leads> leads = Leads.read(rows);
        if (leads.value().isEmpty()) {
            return again(model, file, Map.of(), List.of(new Problem("marks", "", "These marks cannot be used yet.")));
        }
        desk.useMarks(id, file.version(Diagram.PART), leads.value().orElseThrow());
        return new ModelAndView("redirect:/jobs/" + id + "/diagram?saved");
    }

    /** A step of guided work, done. */
    @PostMapping("/jobs/{id}/windings/step")
    ModelAndView step(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String guide,
            @RequestParam(defaultValue = "") String step,
            @RequestParam(defaultValue = "") String note,
            Model model) {
        JobFile file = pages.file(id);
        Optional<Guide.Step> known = Guide.step(guide, step);
        if (known.isEmpty()) {
            return again(
                    model,
                    file,
                    Map.of(),
                    List.of(new Problem("step", step, "There is no such step. Nothing was written into the log.")));
        }
        String seen = note.strip();
        desk.note(
                id,
                Guide.valueOf(guide).title(),
                known.orElseThrow().name(),
                seen.substring(0, Math.min(LONGEST_NOTE, seen.length())));
        return new ModelAndView("redirect:/jobs/" + id + "/windings?saved#guides");
    }
}
