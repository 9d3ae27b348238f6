package gatepin.web.gate.diagram;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.Severity;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Move;
import gatepin.core.diagram.StudBoardReader;
import gatepin.core.job.Gate;
import gatepin.core.machine.Lead;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.VerdictWords;
import gatepin.web.drawing.BoardPicture;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** A motor's stud board: what was found, what the diagram shows, and every link and lead that must move. */
@Controller
class BoardController {
    private final DiagramDesk desk;
    private final JobPages pages;
    private final Computing computing;

    BoardController(DiagramDesk desk, JobPages pages, Computing computing) {
        this.desk = desk;
        this.pages = pages;
        this.computing = computing;
    }

    @GetMapping("/jobs/{id}/board")
    String show(@PathVariable long id, @RequestParam(defaultValue = "0") int target, Model model) {
        JobFile file = pages.file(id);
        Optional<Board> board = file.facts().kept().find(Board.PART);
        model.addAttribute("typed", board.map(BoardController::typed).orElse(new LinkedHashMap<>()));
        return page(model, file, board, target);
    }

    private static Map<String, String> typed(Board board) {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put(
                "studs",
                board.studs().rows().stream().map(r -> String.join(" ", r)).collect(Collectors.joining("\n")));
        typed.put("foundVolts", "" + board.foundVolts());
        put(typed, "found", board.found());
        board.diagram().forEach((volts, layout) -> put(typed, "" + volts, layout));
        return typed;
    }

    private static void put(Map<String, String> typed, String name, Layout layout) {
        typed.put(
                "links-" + name,
                layout.links().stream().map(l -> l.a() + "-" + l.b()).collect(Collectors.joining(" ")));
        typed.put(
                "leads-" + name,
                layout.leads().entrySet().stream()
                        .map(e -> e.getKey() + " on " + e.getValue())
                        .collect(Collectors.joining(", ")));
    }

    private String page(Model model, JobFile file, Optional<Board> board, int wanted) {
        pages.fill(model, file, Gate.DIAGRAM);
        model.addAttribute("volts", file.workup().connectionVolts());
        board.ifPresent(b -> {
            int target = b.diagram().containsKey(wanted)
                    ? wanted
                    : b.diagram().keySet().stream()
                            .filter(v -> v != b.foundVolts())
                            .reduce((x, y) -> y)
                            .orElse(b.foundVolts());
            Optional<Layout> layout = Optional.ofNullable(b.diagram().get(target));
            layout.ifPresent(t -> result(model, file, b, target, t));
        });
        return "gate/board";
    }

    private void result(Model model, JobFile file, Board board, int target, Layout layout) {
        StudBoard studs = board.studs();
        List<Move> moves = studs.moves(board.found(), layout);
        model.addAttribute("target", target);
        model.addAttribute("moves", moves);
        model.addAttribute(
                "pictures",
                List.of(
                        BoardPicture.of(
                                "As found, linked for " + board.foundVolts() + " V", studs, board.found(), layout),
                        BoardPicture.of("As it must be for " + target + " V", studs, layout, board.found())));
        List<Finding> findings = new ArrayList<>();
        Layout shown = board.diagram().get(board.foundVolts());
        if (shown != null) {
            findings.add(
                    studs.isEqual(board.found(), shown, file.leads())
                            ? Finding.good(
                                    "What is there equals the diagram for " + board.foundVolts() + " V",
                                    "Now, with these links. That says nothing of another voltage.")
                            : Finding.bad(
                                    "What is there is not what the diagram says for " + board.foundVolts() + " V",
                                    "Somebody landed it otherwise. Do not power it before it is understood."));
        }
        Layout linksOnly = studs.linksMovedOnly(board.found(), layout);
        if (studs.isEqual(linksOnly, layout, file.leads())) {
            findings.add(Finding.good("Moving the links is enough", "Every lead is on a stud where it may stay."));
        } else {
            String traps = moves.stream().filter(Move::trap).map(Move::what).collect(Collectors.joining(", "));
            findings.add(Finding.bad(
                    "Moving the links alone is a trap",
                    (traps.isEmpty()
                                    ? "Leads must move as well."
                                    : traps + " sit on the far stud of a link that comes out.")
                            + burns(file, studs.connection(linksOnly, file.leads(), target, swap(file)), target)));
        }
        check(file, studs.connection(layout, file.leads(), target, swap(file)), target)
                .ifPresent(c -> findings.add(c.danger()
                        .map(d -> Finding.bad(
                                "The diagram for " + target + " V cannot be right as typed",
                                file.say(d) + ". Read it again."))
                        .orElse(Finding.good(
                                "As the diagram shows it, it runs on " + target + " V",
                                "Computed from the windings."))));
        model.addAttribute("findings", findings);
    }

    private String burns(JobFile file, Connection wrong, int volts) {
        return check(file, wrong, volts)
                .map(c -> c.asWritten().verdicts().stream()
                        .filter(v -> v.severity() == Severity.DANGER)
                        .map(v -> file.say(VerdictWords.of(v.anywhere(), file.supplyAt(volts))
                                .title()))
                        .distinct()
                        .limit(3)
                        .collect(Collectors.joining("; ")))
                .filter(w -> !w.isBlank())
                .map(w -> " On " + volts + " V then: " + w + ".")
                .orElse("");
    }

    private Optional<ConnectionCheck> check(JobFile file, Connection connection, int volts) {
        return file.workup().check(connection, file.supplyAt(volts));
    }

    /** What the diagram interchanges, or else the two ends of the start winding. */
    private static Swap swap(JobFile file) {
        if (file.column().isPresent()) {
            return file.column().orElseThrow().connection().swap();
        }
        List<String> start = file.leads().all().stream()
                .filter(l -> l.isOf(Role.START))
                .map(Lead::mark)
                .toList();
        return start.size() < 2 ? new Swap("L1", "L2") : new Swap(start.get(0), start.get(start.size() - 1));
    }

    @PostMapping("/jobs/{id}/board")
    ModelAndView save(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute("typed", typed);
        List<Problem> problems = new ArrayList<>();
        Reading<StudBoard> studs = StudBoardReader.board(text(typed, "studs"));
        problems.addAll(studs.problems());
        SortedMap<Integer, Layout> diagram = new TreeMap<>();
        Optional<Layout> found = Optional.empty();
        if (studs.value().isPresent()) {
            found = layout(studs.value().orElseThrow(), file, typed, "found", problems);
            for (int volts : file.workup().connectionVolts()) {
                layout(studs.value().orElseThrow(), file, typed, "" + volts, problems)
                        .ifPresent(l -> diagram.put(volts, l));
            }
        }
        int foundVolts = number(text(typed, "foundVolts"));
        if (!file.workup().connectionVolts().contains(foundVolts)) {
            problems.add(new Problem("foundVolts", "", "Choose the voltage it was linked for."));
        }
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, Seen.of(Board.PART, number(text(typed, "version"))));
            return again(file, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            desk.saveBoard(
                    id,
                    number(text(typed, "version")),
                    new Board(studs.value().orElseThrow(), foundVolts, found.orElseThrow(), diagram));
            return new ModelAndView("redirect:/jobs/" + id + "/board?saved");
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return again(file, model, HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(JobFile file, Model model, HttpStatus status) {
        String view = page(model, pages.file(file.job().id()), Optional.empty(), 0);
        return new ModelAndView(view, model.asMap(), status);
    }

    private static Optional<Layout> layout(
            StudBoard studs, JobFile file, Map<String, String> typed, String name, List<Problem> problems) {
        Reading<Layout> read = StudBoardReader.layout(
                studs,
                file.leads(),
                text(typed, "links-" + name),
                "links-" + name,
                text(typed, "leads-" + name),
                "leads-" + name);
        problems.addAll(read.problems());
        return read.value();
    }

    private static String text(Map<String, String> typed, String field) {
        return typed.getOrDefault(field, "");
    }

    private static int number(String text) {
        return text.matches("\\d{1,9}") ? Integer.parseInt(text) : -1;
    }
}
