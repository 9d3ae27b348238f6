package gatepin.web.gate.gear;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.Buzz.Probe;
import gatepin.core.gear.Buzz.Result;
import gatepin.core.gear.FaceReader;
import gatepin.core.gear.SimulatedBuzzer;
import gatepin.core.gear.SwitchMap;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.web.drawing.FacePicture;
import gatepin.web.gate.gear.SwitchMapStore.Mapping;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Switch gate's map: find out a switch with a buzzer, or type its chart. */
@Controller
class MapController {
    private static final int MOST_NAME = 80;

    private final JobPages pages;
    private final MapDesk desk;

    MapController(JobPages pages, MapDesk desk) {
        this.pages = pages;
        this.desk = desk;
    }

    @GetMapping("/jobs/{id}/switch/map")
    String show(@PathVariable long id, @RequestParam(defaultValue = "") String at, Model model) {
        return page(model, pages.file(id), at, Map.of());
    }

    private String page(Model model, JobFile file, String at, Map<String, String> typed) {
        pages.fill(model, file, Gate.SWITCH);
        Optional<Mapping> mapping = file.kept(Mapping.class);
        model.addAttribute("typed", typed);
        model.addAttribute("mapping", mapping.orElse(null));
        model.addAttribute(
                "name", typed.getOrDefault("name", mapping.map(Mapping::name).orElse("")));
        model.addAttribute(
                "face",
                typed.getOrDefault(
                        "face",
                        mapping.map(m -> SwitchMapStore.faceText(m.map())).orElse("")));
        model.addAttribute(
                "links",
                typed.getOrDefault(
                        "links",
                        mapping.map(m -> SwitchMapStore.contactText(m.links())).orElse("")));
        mapping.ifPresent(m -> map(model, file, m, at, typed));
        return "gate/map";
    }

    private void map(Model model, JobFile file, Mapping mapping, String at, Map<String, String> typed) {
        SwitchMap map = mapping.map();
        Optional<Probe> next = map.next();
        HandlePosition position =
                position(at, map).orElse(next.map(Probe::position).orElse(HandlePosition.FORWARD));
        Optional<Probe> here = map.openQuestions().stream()
                .filter(p -> p.position() == position)
                .findFirst();
        int pairs = map.terminals().size()
                * (map.terminals().size() - 1)
                / 2
                * map.positions().size();
        model.addAttribute("positions", map.positions());
        model.addAttribute("position", position);
        model.addAttribute("picture", FacePicture.of(map, position, mapping.links()));
        model.addAttribute(
                "terminals", map.terminals().stream().map(Terminal::mark).toList());
        model.addAttribute("next", here.orElse(null));
        model.addAttribute("nextElsewhere", here.isEmpty() ? next.orElse(null) : null);
        model.addAttribute("pairs", pairs);
        model.addAttribute("open", map.openQuestions().size());
        model.addAttribute("findings", MapWords.findings(mapping));
        model.addAttribute("chart", MapWords.chart(map));
        List<String> taken =
                new ArrayList<>(map.buzzes().stream().map(MapWords::line).toList());
        java.util.Collections.reverse(taken);
        model.addAttribute("taken", taken);
        model.addAttribute("settled", map.isSettled());
        model.addAttribute(
                "simulated", desk.simulated(file.job().id(), map.terminals()).isPresent());
    }

    private static Optional<HandlePosition> position(String word, SwitchMap map) {
        return map.positions().stream().filter(p -> p.word().equals(word)).findFirst();
    }

    @PostMapping("/jobs/{id}/switch/map/face")
    ModelAndView face(
            @PathVariable long id,
            @RequestParam(defaultValue = "-1") int version,
            @RequestParam Map<String, String> typed,
            Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        String name = typed.getOrDefault("name", "").strip();
        if (name.isEmpty() || name.length() > MOST_NAME) {
            problems.add(new Problem(
                    "name",
                    name,
                    name.isEmpty()
                            ? "Give the switch a name, such as Cam switch of the tapping drill."
                            : "Use at most " + MOST_NAME + " letters."));
        }
        Reading<List<List<Terminal>>> face = FaceReader.face("face", typed.getOrDefault("face", ""));
        problems.addAll(face.problems());
        List<Terminal> terminals = face.value().stream()
                .flatMap(List::stream)
                .flatMap(List::stream)
                .toList();
        Reading<Set<Contact>> links = face.value().isEmpty()
                ? Reading.of(Set.of())
                : FaceReader.contacts("links", typed.getOrDefault("links", ""), terminals);
        problems.addAll(links.problems());
        if (!problems.isEmpty()) {
            JobPages.stillSeen(model, Seen.of(Parts.MAP, version));
            return again(model, file, "", typed, problems);
        }
        try {
            desk.face(
                    id,
                    version,
                    name,
                    typed.containsKey("springReturn"),
                    links.value().orElseThrow(),
                    new SwitchMap(
                            face.value().orElseThrow(),
                            !typed.containsKey("noOff"),
                            typed.containsKey("pairsOnly"),
                            List.of()));
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(page(model, pages.file(id), "", typed), model.asMap(), HttpStatus.CONFLICT);
        }
        return back(id, "");
    }

    private ModelAndView again(
            Model model, JobFile file, String at, Map<String, String> typed, List<Problem> problems) {
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(page(model, file, at, typed), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    private static ModelAndView back(long id, String at) {
        return new ModelAndView("redirect:/jobs/" + id + "/switch/map" + (at.isEmpty() ? "" : "?at=" + at));
    }

    /** What the buzzer said, a person's or the simulated one. */
    @PostMapping("/jobs/{id}/switch/map/buzz")
    ModelAndView buzz(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String result,
            @RequestParam Map<String, String> typed,
            Model model) {
        JobFile file = pages.file(id);
        Optional<Mapping> mapping = file.kept(Mapping.class);
        if (mapping.isEmpty()) {
            return back(id, "");
        }
        SwitchMap map = mapping.orElseThrow().map();
        Optional<HandlePosition> position = position(at, map);
        Optional<Terminal> a = terminal(map, typed.getOrDefault("a", ""));
        Optional<Terminal> b = terminal(map, typed.getOrDefault("b", ""));
        if (position.isEmpty() || a.isEmpty() || b.isEmpty() || a.equals(b)) {
            return again(
                    model,
                    file,
                    at,
                    typed,
                    List.of(new Problem("b", "", "Hold the probes on two different terminals of this face.")));
        }
        HandlePosition here = position.orElseThrow();
        Contact pair = new Contact(a.orElseThrow(), b.orElseThrow());
        if (result.equals("NOTHING_ELSE")) {
            desk.heard(id, map.nothingElse(here, a.orElseThrow()));
        } else if (result.equals("SIMULATED")) {
            simulated(id, map, here, pair);
        } else {
            Optional<Result> said = Arrays.stream(Result.values())
                    .filter(r -> r.name().equals(result))
                    .findFirst();
            if (said.isEmpty()) {
                return again(
                        model, file, at, typed, List.of(new Problem("b", result, "Say whether it buzzes or not.")));
            }
            desk.heard(id, List.of(new Buzz(here, pair, said.orElseThrow())));
        }
        boolean more =
                desk.mapping(id).orElseThrow().map().openQuestions().stream().anyMatch(p -> p.position() == here);
        return back(id, more ? at : "");
    }

    private void simulated(long id, SwitchMap map, HandlePosition position, Contact pair) {
        desk.simulated(id, map.terminals())
                .map(m -> m.read(position, pair))
                .map(SimulatedBuzzer.Shown::result)
                .ifPresent(r -> desk.heard(id, List.of(new Buzz(position, pair, r))));
    }

    private static Optional<Terminal> terminal(SwitchMap map, String mark) {
        return map.terminals().stream().filter(t -> t.mark().equals(mark)).findFirst();
    }

    /** A chart that is printed somewhere: what it joins, and that it joins nothing else. */
    @PostMapping("/jobs/{id}/switch/map/chart")
    ModelAndView chart(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Optional<Mapping> mapping = file.kept(Mapping.class);
        if (mapping.isEmpty()) {
            return back(id, "");
        }
        SwitchMap map = mapping.orElseThrow().map();
        List<Problem> problems = new ArrayList<>();
        List<Buzz> buzzes = new ArrayList<>();
        SwitchMap after = new SwitchMap(map.rows(), map.hasOff(), map.pairsOnly(), List.of());
        for (HandlePosition position : map.positions()) {
            Reading<Set<Contact>> read =
                    FaceReader.contacts(position.word(), typed.getOrDefault(position.word(), ""), map.terminals());
            problems.addAll(read.problems());
            for (Contact contact : read.value().orElse(Set.of())) {
                Buzz buzz = new Buzz(position, contact, Result.CLOSED);
                buzzes.add(buzz);
                after = after.with(buzz);
            }
        }
        if (!problems.isEmpty()) {
            return again(model, file, "", typed, problems);
        }
        after.openQuestions().forEach(p -> buzzes.add(new Buzz(p.position(), p.pair(), Result.OPEN)));
        desk.heard(id, buzzes);
        return back(id, "");
    }

    /** Takes the mapped switch for the job. */
    @PostMapping("/jobs/{id}/switch/map/take")
    ModelAndView take(@PathVariable long id, @RequestParam(defaultValue = "-1") int version, Model model) {
        JobFile file = pages.file(id);
        Optional<Mapping> mapping = file.kept(Mapping.class).filter(m -> m.map().isSettled());
        if (mapping.isEmpty()) {
            return again(
                    model,
                    file,
                    "",
                    Map.of(),
                    List.of(new Problem("take", "", "It is not settled yet: try the pairs that are still open.")));
        }
        try {
            List<Drop> drops = desk.take(id, version, mapping.orElseThrow());
            return Saved.redirect(id, Gate.SWITCH, drops);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(page(model, pages.file(id), "", Map.of()), model.asMap(), HttpStatus.CONFLICT);
        }
    }
}
