package gatepin.web.bench;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.bench.Added;
import gatepin.core.bench.HandWiring;
import gatepin.core.bench.PowerOn;
import gatepin.core.bench.Probes;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Gate;
import gatepin.core.machine.RunUp.Throw;
import gatepin.core.verdict.Analysis;
import gatepin.web.bench.BenchDesk.Shown;
import gatepin.web.bench.BenchDesk.Start;
import gatepin.web.bench.BenchStore.Copy;
import gatepin.web.drawing.Drawing;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.paper.SvgFile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The bench of a job: wires by hand. */
@Controller
class BenchController {
    private static final TypedNumber.Field MICROFARADS =
            TypedNumber.Field.of(0.1, Added.MOST_MICROFARADS, "µf", "μf", "uf", "mfd");

    /** What stands in its field again where it could not be done. */
    private static final List<String> TYPED = List.of("one", "other", "kind", "microfarads");

    private static final Pattern THROWN = Pattern.compile("(forward|off|reverse)@([0-9]{1,3}(?:\\.[0-9]{1,3})?)");

    /** More is not remembered of how the handle was thrown, and no longer, s: the browser begins anew where the shaft stands. */
    private static final int MOST_THROWS = 12;

    private static final double LONGEST_BEFORE = 100;

    private final BenchDesk desk;
    private final JobPages pages;
    private final SvgFile files;

    BenchController(BenchDesk desk, JobPages pages, SvgFile files) {
        this.desk = desk;
        this.pages = pages;
        this.files = files;
    }

    @GetMapping("/jobs/{id}/bench")
    String show(@PathVariable long id, @RequestParam(defaultValue = "-1") long copy, Model model) {
        return page(pages.file(id), copy, model);
    }

    private String page(JobFile file, long wanted, Model model) {
        long id = file.job().id();
        pages.fill(model, file, Gate.SWITCH);
        List<Copy> copies = desk.copies(id);
        model.addAttribute("copies", copies);
        model.addAttribute(
                "takenOff", desk.takenOff(id).map(t -> t.copy().name()).orElse(""));
        model.addAttribute("canPlan", BenchDesk.start(file, Start.PLAN, "").isPresent());
        model.addAttribute("canFound", BenchDesk.start(file, Start.FOUND, "").isPresent());
        model.addAttribute(
                "ready",
                BenchPage.circuit(file, HandWiring.NOTHING, file.gear()).isPresent());
        model.asMap().putIfAbsent("name", "");
        model.addAttribute("kinds", SwitchKind.ALL);
        Optional<Copy> here = copies.stream()
                .filter(c -> c.id() == wanted)
                .findFirst()
                .or(() -> copies.stream().reduce((before, last) -> last));
        here.flatMap(c -> desk.shown(id, c.id())).ifPresent(s -> model.addAttribute("work", new BenchPage(file, s)));
        return "bench/bench";
    }

    /** Lays a new wiring out. */
    @PostMapping("/jobs/{id}/bench")
    ModelAndView open(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String gear,
            @RequestParam(defaultValue = "NOTHING") String start,
            @RequestParam(defaultValue = "false") boolean studs,
            Model model) {
        JobFile file = pages.file(id);
        Start begins = Arrays.stream(Start.values())
                .filter(s -> s.name().equals(start))
                .findFirst()
                .orElse(Start.NOTHING);
        Reading<Long> opened = desk.open(file, name, gear, begins, studs);
        if (opened.value().isEmpty()) {
            model.addAttribute("name", name);
            model.addAttribute("wrong", JobPages.byField(opened.problems()));
            return new ModelAndView(page(file, -1, model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        return new ModelAndView(
                "redirect:/jobs/" + id + "/bench?copy=" + opened.value().orElseThrow());
    }

    @PostMapping("/jobs/{id}/bench/{copy}/remove")
    String remove(@PathVariable long id, @PathVariable long copy) {
        pages.file(id);
        desk.remove(id, copy);
        return "redirect:/jobs/" + id + "/bench";
    }

    /** Puts the wiring back that was taken off last. */
    @PostMapping("/jobs/{id}/bench/put-back")
    String putBack(@PathVariable long id) {
        pages.file(id);
        return desk.putBack(id)
                .map(copy -> "redirect:/jobs/" + id + "/bench?copy=" + copy)
                .orElse("redirect:/jobs/" + id + "/bench");
    }

    /** What is on it now, for a page that was left alone for a while. */
    @GetMapping("/jobs/{id}/bench/{copy}/work")
    String work(@PathVariable long id, @PathVariable long copy, Model model) {
        return fragment(pages.file(id), desk.shown(id, copy).orElseThrow(BenchController::gone), model);
    }

    private String fragment(JobFile file, Shown shown, Model model) {
        model.addAttribute("work", new BenchPage(file, shown));
        model.asMap().putIfAbsent("wrong", Map.of());
        model.addAttribute("job", file.job());
        model.addAttribute("ways", file.ways());
        model.addAttribute("ground", file.ground());
        model.addAttribute("live", file.job().region().live());
        return "bench/bench :: work";
    }

    private static ResponseStatusException gone() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND, "that wiring is not on the bench any more");
    }

    /** Joins two points, or parts them, puts a device beside the switch, throws it or takes it away, clears all, goes a step back or on. */
    @PostMapping("/jobs/{id}/bench/{copy}/{act:join|part|device|throw|away|clear|undo|redo}")
    Object lay(
            @PathVariable long id,
            @PathVariable long copy,
            @PathVariable String act,
            @RequestParam Map<String, String> typed,
            @RequestHeader(defaultValue = "") String accept,
            Model model) {
        JobFile file = pages.file(id);
        boolean asked = accept.startsWith(MediaType.APPLICATION_JSON_VALUE);
        Shown shown = desk.shown(id, copy).orElseThrow(BenchController::gone);
        Reading<Shown> done = done(file, shown.copy(), act, typed).orElseThrow(BenchController::gone);
        if (done.value().isEmpty()) {
            Problem why = done.problems().get(0);
            if (asked) {
                return ResponseEntity.status(HttpStatus.UNPROCESSABLE_ENTITY)
                        .body(Map.of("message", why.message(), "at", why.field()));
            }
            boolean wire = act.equals("join") || act.equals("part");
            model.addAttribute("wrong", Map.of(wire ? "other" : why.field(), why.message()));
            TYPED.forEach(field -> model.addAttribute(field, typed.getOrDefault(field, "")));
            return new ModelAndView(page(file, copy, model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        return asked
                ? fragment(file, done.value().orElseThrow(), model)
                : "redirect:/jobs/" + id + "/bench?copy=" + copy;
    }

    private Optional<Reading<Shown>> done(JobFile file, Copy held, String act, Map<String, String> typed) {
        long id = file.job().id();
        long copy = held.id();
        return switch (act) {
            case "undo" -> desk.step(id, copy, true);
            case "redo" -> desk.step(id, copy, false);
            default -> desk.lay(id, copy, wiring -> laid(file, held, act, typed, wiring));
        };
    }

    private static Reading<HandWiring> laid(
            JobFile file, Copy held, String act, Map<String, String> typed, HandWiring wiring) {
        String name = typed.getOrDefault("name", "");
        return switch (act) {
            case "clear" -> Reading.of(wiring.cleared());
            case "away" -> wiring.without(name);
            case "throw" ->
                wiring.thrown(
                        name,
                        typed.getOrDefault("stand", "").matches("[0-9]") ? Integer.parseInt(typed.get("stand")) : -1);
            case "device" ->
                kind(typed.getOrDefault("kind", ""))
                        .map(kind -> wiring.with(kind, microfarads(typed), points(file, held, wiring)))
                        .orElseGet(() -> Reading.failed(List.of(
                                new Problem("device", typed.getOrDefault("kind", ""), "Choose one of those listed."))));
            default ->
                wired(
                        act.equals("join"),
                        typed.getOrDefault("one", ""),
                        typed.getOrDefault("other", ""),
                        wiring,
                        points(file, held, wiring));
        };
    }

    private static List<Terminal> points(JobFile file, Copy held, HandWiring wiring) {
        return BenchPage.circuit(file, wiring, BenchDesk.gear(file, held.gear()))
                .map(c -> BenchDesk.points(c, wiring))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.CONFLICT, "no leads yet"));
    }

    private static Reading<HandWiring> wired(
            boolean join, String one, String other, HandWiring wiring, List<Terminal> points) {
        Optional<Terminal> first = point(one, points);
        Optional<Terminal> second = point(other, points);
        if (first.isEmpty() || second.isEmpty()) {
            String missing = first.isEmpty() ? one : other;
            return Reading.failed(List.of(new Problem(
                    first.isEmpty() ? "one" : "other",
                    missing,
                    missing.isBlank()
                            ? "Which two points? Type their marks."
                            : "There is no " + missing + " on this bench.")));
        }
        return join ? wiring.join(first.get(), second.get(), points) : wiring.part(first.get(), second.get());
    }

    private static Optional<Added.Kind> kind(String word) {
        return Arrays.stream(Added.Kind.values())
                .filter(k -> k.name().equals(word))
                .findFirst();
    }

    private static double microfarads(Map<String, String> typed) {
        TypedNumber number = TypedNumber.read(typed.getOrDefault("microfarads", ""), MICROFARADS);
        return number.kind() == TypedNumber.Kind.GOOD ? number.value() : 0;
    }

    /** A point by its id, or as it is marked: a mark of the motor before one of the gear. */
    private static Optional<Terminal> point(String typed, List<Terminal> points) {
        String mark = typed.strip();
        return points.stream()
                .filter(p -> p.id().equals(mark))
                .findFirst()
                .or(() -> points.stream()
                        .filter(p ->
                                p.label().equalsIgnoreCase(mark) || p.mark().equalsIgnoreCase(mark))
                        .findFirst())
                .or(() -> mark.equalsIgnoreCase("N") ? Optional.of(Terminal.L2) : Optional.empty());
    }

    /** What a meter shows. */
    public record Metered(String words) {}

    /** Both probes on the wiring. */
    @GetMapping(value = "/jobs/{id}/bench/{copy}/meter", produces = "application/json")
    @ResponseBody
    Metered meter(
            @PathVariable long id,
            @PathVariable long copy,
            @RequestParam String one,
            @RequestParam String other,
            @RequestParam(defaultValue = "forward") String at) {
        JobFile file = pages.file(id);
        Shown shown = desk.shown(id, copy).orElseThrow(BenchController::gone);
        Circuit circuit = new BenchPage(file, shown).circuit().orElseThrow(BenchController::gone);
        List<Terminal> points = BenchDesk.points(circuit, shown.wiring());
        Optional<Terminal> a = point(one, points);
        Optional<Terminal> b = point(other, points);
        Optional<Analysis> analysis = file.workup().analysis(circuit);
        if (a.isEmpty() || b.isEmpty() || analysis.isEmpty()) {
            return new Metered(analysis.isEmpty() ? "Read the plate first." : "The probes lie on nothing.");
        }
        Probes probes = Probes.on(analysis.get(), position(at, circuit), a.get(), b.get());
        return new Metered(a.get().label() + " to " + b.get().label() + ": dead "
                + (Double.isInfinite(probes.ohms()) ? "OL" : number(probes.ohms()) + " Ω") + "; under power "
                + volts(probes.standing()) + " at standstill, " + volts(probes.running()) + " running.");
    }

    private static String volts(Optional<Double> volts) {
        return volts.map(v -> Math.round(v) + " V").orElse("nothing steady (it floats)");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, value < 10 ? "%.2f" : "%.1f", value);
    }

    /** A clamp around a wire. */
    @GetMapping(value = "/jobs/{id}/bench/{copy}/clamp", produces = "application/json")
    @ResponseBody
    Metered clamp(
            @PathVariable long id,
            @PathVariable long copy,
            @RequestParam String one,
            @RequestParam String other,
            @RequestParam(defaultValue = "forward") String at) {
        JobFile file = pages.file(id);
        Shown shown = desk.shown(id, copy).orElseThrow(BenchController::gone);
        Circuit circuit = new BenchPage(file, shown).circuit().orElseThrow(BenchController::gone);
        Optional<Wire> wire = shown.wiring().wires().stream()
                .filter(w -> w.from().id().equals(one) && w.to().id().equals(other))
                .findFirst();
        Optional<Analysis> analysis = file.workup().analysis(circuit);
        if (wire.isEmpty() || analysis.isEmpty()) {
            return new Metered(wire.isEmpty() ? "That wire is off." : "Read the plate first.");
        }
        Probes.Clamped clamped = Probes.Clamped.on(analysis.get(), position(at, circuit), wire.get());
        return new Metered("Clamp: " + number(clamped.standing()) + " A at standstill, " + number(clamped.running())
                + " A running.");
    }

    /** Where the handle stands; where there is none the motor hangs straight on the supply. */
    private static HandlePosition position(String word, Circuit circuit) {
        return Arrays.stream(HandlePosition.values())
                .filter(p -> p.word().equals(word) && circuit.settings().contains(p))
                .findFirst()
                .orElse(HandlePosition.FORWARD);
    }

    /** Power on, the handle as it stands. */
    @GetMapping(value = "/jobs/{id}/bench/{copy}/power", produces = "application/json")
    @ResponseBody
    PowerShown power(
            @PathVariable long id,
            @PathVariable long copy,
            @RequestParam(defaultValue = "forward") String at,
            @RequestParam(defaultValue = "") String before,
            @RequestParam(defaultValue = "0") double after) {
        JobFile file = pages.file(id);
        Shown shown = desk.shown(id, copy).orElseThrow(BenchController::gone);
        Optional<Double> breaker = file.workup().standsAhead().branch().map(b -> (double) b.breakerHigh());
        return new BenchPage(file, shown)
                .circuit()
                .flatMap(file.workup()::inCircuit)
                .map(b -> {
                    HandlePosition position = position(at, b.circuit());
                    List<Throw> throwsBefore = thrown(before, b.circuit());
                    double when = Double.isFinite(after) ? Math.min(LONGEST_BEFORE, after) : 0;
                    Throw now = new Throw(Math.max(last(throwsBefore), when), position);
                    return PowerShown.of(
                            PowerOn.of(
                                    b.fitted(),
                                    b.analysis(),
                                    throwsBefore,
                                    throwsBefore.isEmpty() ? new Throw(0, position) : now,
                                    breaker),
                            position,
                            b.plusIs());
                })
                .orElse(PowerShown.nothing("Read plate and diagram first."));
    }

    /** How the handle was thrown before: {@code forward@0,off@2.5}, positions and when, s. What is no throw is left out. */
    private static List<Throw> thrown(String text, Circuit circuit) {
        List<Throw> list = new ArrayList<>();
        Matcher thrown = THROWN.matcher(text);
        while (thrown.find() && list.size() < MOST_THROWS) {
            double when = Math.min(LONGEST_BEFORE, Double.parseDouble(thrown.group(2)));
            list.add(new Throw(Math.max(last(list), when), position(thrown.group(1), circuit)));
        }
        return list;
    }

    private static double last(List<Throw> list) {
        return list.isEmpty() ? 0 : list.get(list.size() - 1).seconds();
    }

    /** The drawing as a file, the handle as it stands. */
    @GetMapping(value = "/jobs/{id}/bench/{copy}/drawing.svg", produces = "image/svg+xml")
    ResponseEntity<String> svg(
            @PathVariable long id, @PathVariable long copy, @RequestParam(defaultValue = "forward") String at) {
        JobFile file = pages.file(id);
        BenchPage work = new BenchPage(file, desk.shown(id, copy).orElseThrow(BenchController::gone));
        Drawing drawing = work.drawings().stream()
                .filter(d -> d.shape().equals("wide"))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(
                        HttpStatus.NOT_FOUND, "these wires find no clear way on a drawing"));
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml;charset=UTF-8"))
                .body(files.of(drawing, at.matches("forward|off|reverse") ? at : "forward", work.name()));
    }

    /** Takes it over as the job's plan. */
    @PostMapping("/jobs/{id}/bench/{copy}/plan")
    ModelAndView takeOver(@PathVariable long id, @PathVariable long copy, Model model) {
        JobFile file = pages.file(id);
        Shown shown = desk.shown(id, copy).orElseThrow(BenchController::gone);
        BenchPage work = new BenchPage(file, shown);
        String wrong = file.gear().isEmpty() || work.isElsewhere()
                ? "These wires lie on another switch than the job's. Choose it at the Switch gate, then lay them out on it."
                : shown.wiring().wires().isEmpty()
                        ? "Nothing is laid yet."
                        : !work.isJudged()
                                ? "Read the plate first: nobody can say yet what these wires do."
                                : work.leavesOutACapacitor()
                                        ? "The capacitor is not wired in: nothing lies on one of its tags."
                                        : !work.added().isEmpty()
                                                ? "A plan has the job’s own switch alone. Take away what you put beside it first."
                                                : work.isDangerous() ? "Not with what was found: mend it first." : "";
        if (!wrong.isEmpty()) {
            model.addAttribute("wrong", Map.of("plan", wrong));
            return new ModelAndView(page(file, copy, model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        desk.takeOver(file, shown);
        return new ModelAndView("redirect:/jobs/" + id + "/wire?saved");
    }
}
