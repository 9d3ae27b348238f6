package gatepin.web.control;

import gatepin.core.Effort;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.bench.ShaftBehind;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.ControlSizing;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.Examined;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderEdit;
import gatepin.core.control.LadderText;
import gatepin.core.control.Part;
import gatepin.core.control.Simulation.Act;
import gatepin.core.control.Simulation.Run;
import gatepin.core.job.Gate;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.plate.Plate;
import gatepin.core.supply.Region;
import gatepin.core.wire.Section;
import gatepin.web.control.ControlPage.Shown;
import gatepin.web.drawing.LadderPicture;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Computing.Answer;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.Station;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The control circuit of a job's contactors: built, entered, drawn, proved and run. */
@Controller
class ControlController {
    private static final int MOST_LETTERS = 12_000;
    private static final int MOST_ACTS = 300;
    private static final Pattern ACT = Pattern.compile("([A-Za-z][A-Za-z0-9]{0,7})([+-])([0-9]{1,7})");
    private static final int LONGEST_RUN = 3_600_000;
    private final ControlDesk desk;
    private final JobPages pages;
    private final Computing computing;

    ControlController(ControlDesk desk, JobPages pages, Computing computing) {
        this.desk = desk;
        this.pages = pages;
        this.computing = computing;
    }

    @GetMapping("/jobs/{id}/control")
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String how,
            @RequestParam(defaultValue = "-1") int fault,
            @RequestParam(defaultValue = "-1") int contact,
            Model model) {
        JobFile file = pages.file(id);
        model.addAttribute("how", how);
        model.addAttribute("faultNumber", fault);
        model.addAttribute("picked", contact);
        return page(model, file);
    }

    private String page(Model model, JobFile file) {
        pages.fill(model, file, Gate.SWITCH);
        Optional<ControlRecord> kept = file.facts().control();
        ControlWishes wishes = kept.flatMap(k -> ControlForm.recall(k.wishes())).orElse(ControlWishes.USUAL);
        model.asMap().putIfAbsent("wished", ControlForm.of(wishes));
        model.addAttribute("saved", kept.isPresent());
        model.addAttribute("own", kept.map(k -> k.wishes().isEmpty()).orElse(false));
        Ladder ladder = kept.map(ControlRecord::ladder).orElseGet(ControlWishes.USUAL::ladder);
        Asked asked = kept.map(ControlRecord::asked).orElseGet(ControlWishes.USUAL::asked);
        model.asMap().putIfAbsent("text", LadderText.write(ladder));
        model.addAttribute("asked", asked);
        ControlNet net = ControlNet.of(ladder);
        model.addAttribute("ladder", LadderPicture.of(net, file.job().region() == Region.IEC));
        model.addAttribute(
                "atRest",
                Shown.of(
                        net,
                        ControlDesk.run(ladder, List.of(), ShaftBehind.USUAL_COAST, 0)
                                .moments()
                                .get(0)
                                .look()));
        model.addAttribute("hands", Station.hands(file, ladder));
        model.addAttribute("coast", String.format(Locale.ROOT, "%.1f", coast(file)));
        model.addAttribute("byEngine", shaft(file).isPresent());
        model.addAttribute("lamps", ladder.of(Part.Kind.LAMP));
        model.addAttribute(
                "toMake", file.workup().wireList().of(Section.CONTROL).size());
        model.addAttribute("parts", ladder.parts());
        model.asMap().putIfAbsent("typedPart", Map.of());
        model.addAttribute("newParts", PartForm.KINDS);
        sizing(model, file, ladder);
        picked(model, ladder);
        Answer<Examined> answer = computing.examined(file, new ControlRecord(ladder, asked, ""));
        if (answer.value().isEmpty()) {
            model.addAttribute("computing", answer);
            return "control/control";
        }
        Examined examined = answer.value().orElseThrow();
        model.addAttribute("proof", examined.proof());
        model.addAttribute("worst", ControlPage.worst(examined.proof()).name().toLowerCase(Locale.ROOT));
        model.addAttribute("claims", ControlPage.claims(file, examined));
        model.addAttribute("live", ControlPage.live(examined.proof()));
        model.addAttribute(
                "plain",
                examined.proof().findings().stream()
                        .map(f -> Map.of("danger", f.danger(), "words", file.say(f.words())))
                        .toList());
        String how = (String) model.asMap().getOrDefault("how", "");
        if (!how.isEmpty()) {
            int fault = (int) model.asMap().getOrDefault("faultNumber", -1);
            model.addAttribute("steps", ControlPage.steps(file, ladder, examined, how, fault));
            examined.proof().outcomes().stream()
                    .filter(o -> o.claim().key().equals(how))
                    .findFirst()
                    .ifPresent(o -> {
                        model.addAttribute("broken", file.say(o.claim().words()));
                        model.addAttribute(
                                "with",
                                fault >= 0 && fault < o.brokenBy().size()
                                        ? file.say(o.brokenBy().get(fault).words())
                                        : "");
                    });
        }
        return "control/control";
    }

    private static void sizing(Model model, JobFile file, Ladder ladder) {
        Optional<Plate> plate = file.plate();
        Optional<Integer> volts = file.job().volts();
        if (plate.isPresent() && volts.isPresent()) {
            model.addAttribute(
                    "sizing",
                    ControlSizing.of(ladder, plate.get().ratedOutputWatts() / Plate.WATTS_PER_HP, volts.get()));
        }
    }

    /** The contact that is being changed on the ladder. */
    private static void picked(Model model, Ladder ladder) {
        int number = (int) model.asMap().getOrDefault("picked", -1);
        if (number >= 0 && number < ladder.touches().size()) {
            model.addAttribute("pickedContact", ControlNet.of(ladder).contacts().get(number));
        }
    }

    /** Builds it from wishes. */
    @PostMapping("/jobs/{id}/control")
    ModelAndView build(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        ControlForm form = new ControlForm(typed);
        int version = JobPages.version(typed);
        Reading<ControlWishes> read = form.read();
        if (read.value().isEmpty()) {
            model.addAttribute("wished", form);
            return refused(model, file, read.problems(), version);
        }
        try {
            desk.build(id, version, read.value().orElseThrow());
        } catch (StaleEdit stale) {
            model.addAttribute("wished", form);
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/control?saved");
    }

    /** Takes a ladder as a person wrote it down. */
    @PostMapping("/jobs/{id}/control/text")
    ModelAndView enter(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        String text = typed.getOrDefault("ladder", "");
        int version = JobPages.version(typed);
        Reading<Ladder> read = text.length() > MOST_LETTERS
                ? Reading.failed(List.of(new Problem("line 1", "", "Use at most " + MOST_LETTERS + " letters.")))
                : LadderText.read(text);
        model.addAttribute("text", text);
        if (read.value().isEmpty()) {
            model.addAttribute("lines", read.problems());
            return refused(model, file, read.problems(), version);
        }
        try {
            desk.enter(
                    id,
                    version,
                    read.value().orElseThrow(),
                    new Asked(typed.containsKey("restart"), typed.containsKey("standstillFirst")));
        } catch (StaleEdit stale) {
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/control?saved");
    }

    /** Changes one contact on the ladder. */
    @PostMapping("/jobs/{id}/control/contact")
    ModelAndView change(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        ControlRecord kept = file.facts().control().orElseThrow(ControlController::none);
        int version = JobPages.version(typed);
        List<Problem> problems = new ArrayList<>();
        String part = typed.getOrDefault("part", "");
        boolean takesOther = !List.of("turn", "take_out").contains(typed.getOrDefault("act", ""));
        boolean known =
                kept.ladder().part(part).filter(p -> p.kind() != Part.Kind.LAMP).isPresent();
        if (takesOther && !known) {
            problems.add(new Problem("part", part, "Choose one of the parts that have contacts."));
        }
        Optional<LadderEdit.Act> act = Arrays.stream(LadderEdit.Act.values())
                .filter(a -> a.name().equalsIgnoreCase(typed.getOrDefault("act", "")))
                .findFirst();
        int number;
        try {
            number = Integer.parseInt(typed.getOrDefault("contact", "-1"));
        } catch (NumberFormatException e) {
            number = -1;
        }
        if (act.isEmpty() || number < 0 || number >= kept.ladder().touches().size()) {
            problems.add(new Problem("act", "", "That contact is not there any more. Choose it on the ladder again."));
        }
        if (!problems.isEmpty()) {
            return refused(model, file, problems, version);
        }
        try {
            Ladder changed = LadderEdit.at(
                    kept.ladder(),
                    number,
                    act.orElseThrow(),
                    new Touch(
                            known ? part : "S0",
                            typed.getOrDefault("normally", "nc").equals("nc")));
            desk.enter(id, version, changed, kept.asked());
        } catch (StaleEdit stale) {
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/control?saved");
    }

    /** Puts one part more into the ladder, or takes one out with all its contacts. */
    @PostMapping("/jobs/{id}/control/part")
    ModelAndView part(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        ControlRecord kept = file.facts().control().orElseThrow(ControlController::none);
        Reading<Ladder> read = PartForm.read(typed, kept.ladder());
        int version = JobPages.version(typed);
        model.addAttribute("typedPart", typed);
        if (read.value().isEmpty()) {
            return refused(model, file, read.problems(), version);
        }
        try {
            desk.enter(id, version, read.value().orElseThrow(), kept.asked());
        } catch (StaleEdit stale) {
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/control?saved");
    }

    private static ResponseStatusException none() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no control circuit yet");
    }

    /** Does what was advised. */
    @PostMapping("/jobs/{id}/control/mend")
    ModelAndView mend(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String claim,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        ControlRecord control = file.facts().control().orElseThrow(ControlController::none);
        Optional<Ladder> mended = computing.examined(file, control).value().stream()
                .flatMap(e -> e.mends().entrySet().stream())
                .filter(e -> e.getKey().key().equals(claim))
                .map(e -> e.getValue().after())
                .findFirst();
        try {
            desk.enter(id, version, mended.orElseThrow(() -> new StaleEdit(ControlRecord.PART)), control.asked());
        } catch (StaleEdit stale) {
            return stale(model, id);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/control?saved");
    }

    private ModelAndView refused(Model model, JobFile file, List<Problem> problems, int version) {
        model.addAttribute("wrong", JobPages.byField(problems));
        JobPages.stillSeen(model, Seen.of(ControlRecord.PART, version));
        return new ModelAndView(page(model, file), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    /** The motor behind the contactors on the chosen plan; empty while plan or plate are missing. */
    private static Optional<ShaftBehind> shaft(JobFile file) {
        return file.plannedCircuit()
                .flatMap(file.workup()::inCircuit)
                .map((InCircuit b) -> ShaftBehind.of(b.circuit(), b.fitted()));
    }

    /** How long it coasts from full speed, s. */
    private static double coast(JobFile file) {
        return file.workup()
                .once(
                        "coast of the shaft",
                        () -> shaft(file).map(ShaftBehind::coast).orElse(ShaftBehind.USUAL_COAST));
    }

    private ModelAndView stale(Model model, long id) {
        model.addAttribute("stale", true);
        return new ModelAndView(page(model, pages.file(id)), model.asMap(), HttpStatus.CONFLICT);
    }

    /** A moment of a run, as the browser shows it. */
    public record Frame(int at, Shown shown, String motion, boolean power) {}

    /**
     * A run.
     *
     * @param speeds how fast the shaft turns, in the way of the first button; none while the engine has no motor for it
     */
    public record Played(List<Frame> frames, boolean chatters, List<ShaftBehind.Spin> speeds) {}

    /** Runs it: {@code acts} are {@code S1+400} and {@code S1-900}, part, pressed or let go, and when in ms. */
    @GetMapping(value = "/jobs/{id}/control/run", produces = "application/json")
    @ResponseBody
    Played run(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String acts,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "10000") int until) {
        JobFile file = pages.file(id);
        Ladder ladder = file.facts().control().map(ControlRecord::ladder).orElseGet(ControlWishes.USUAL::ladder);
        List<Act> read = acts(acts, ladder);
        if (until < 0 || until > LONGEST_RUN) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, "a run lasts up to an hour");
        }
        Run run;
        try {
            run = ControlDesk.run(ladder, read, coast(file), until);
        } catch (Effort.TooMuch e) {
            throw new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, e.why(), e);
        }
        ControlNet net = ControlNet.of(ladder);
        return new Played(
                run.moments().stream()
                        .filter(m -> m.millis() >= from)
                        .map(m -> new Frame(
                                m.millis(),
                                Shown.of(net, m.look()),
                                m.motion().word(),
                                m.look().power()))
                        .toList(),
                run.chatters(),
                shaft(file).map(s -> s.speeds(ladder, run.moments(), until)).orElse(List.of()));
    }

    private static List<Act> acts(String text, Ladder ladder) {
        List<Act> acts = new ArrayList<>();
        Matcher act = ACT.matcher(text);
        int last = 0;
        while (act.find()) {
            int at = Math.max(last, Integer.parseInt(act.group(3)));
            boolean known =
                    act.group(1).equals("power") || ladder.part(act.group(1)).isPresent();
            if (known && acts.size() < MOST_ACTS) {
                acts.add(new Act(at, act.group(1), act.group(2).equals("+")));
                last = at;
            }
        }
        return acts;
    }
}
