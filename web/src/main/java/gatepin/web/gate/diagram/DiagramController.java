package gatepin.web.gate.diagram;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.diagram.DiagramText;
import gatepin.core.diagram.LikeEnds;
import gatepin.core.diagram.Misread.Mend;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.machine.Leads;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.words.Wording;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.Flag;
import gatepin.web.drawing.PatternPicture;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Finding;
import gatepin.web.lane.Findings;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.StaleEdit;
import gatepin.web.lane.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Diagram gate. */
@Controller
class DiagramController {
    private final DiagramDesk desk;
    private final JobPages pages;
    private final Computing computing;

    DiagramController(DiagramDesk desk, JobPages pages, Computing computing) {
        this.desk = desk;
        this.pages = pages;
        this.computing = computing;
    }

    @GetMapping("/jobs/{id}/diagram")
    String show(@PathVariable long id, @RequestParam(defaultValue = "0") int volts, Model model) {
        JobFile file = pages.file(id);
        int wanted = volts > 0
                ? volts
                : file.job()
                        .volts()
                        .orElse(file.plateVolts().stream().findFirst().orElse(0));
        Optional<Column> column = file.facts().diagram().at(wanted);
        model.addAttribute("form", DiagramForm.of(file, wanted, column));
        return page(model, file, wanted, column);
    }

    private String page(Model model, JobFile file, int volts, Optional<Column> column) {
        pages.fill(model, file, Gate.DIAGRAM);
        model.addAttribute("voltsShown", volts);
        model.addAttribute("second", secondLine(file));
        model.addAttribute("patterns", patterns(volts, file.plateVolts(), secondLine(file)));
        model.addAttribute(
                "rebuildFrom",
                ColumnCheck.of(file).rebuildFrom(volts).map(Connection::volts).orElse(0));
        column.ifPresent(c -> {
            Run run = Run.of(file, c);
            model.addAttribute("column", c);
            run.asPlate()
                    .ifPresent(
                            a -> model.addAttribute("asPlate", draw(file.leads(), a, run.forward(), file.wording())));
            run.opposite()
                    .ifPresent(
                            o -> model.addAttribute("opposite", draw(file.leads(), o, run.reverse(), file.wording())));
            model.addAttribute("turns", run.turns(c));
            List<Finding> findings = findings(file, c, run);
            if (!findings.isEmpty()) {
                model.addAttribute("findings", findings);
            }
            model.addAttribute("mends", ColumnCheck.of(file).mends(c.connection(), file.supplyAt(volts)));
        });
        return "gate/diagram";
    }

    /** A column run as the plate writes it, and with its two leads interchanged where it names any; empty where it cannot be run. */
    private record Run(
            Optional<Circuit> asPlate,
            Optional<Circuit> opposite,
            Optional<InCircuit> forward,
            Optional<InCircuit> reverse) {
        static Run of(JobFile file, Column column) {
            Connection connection = column.connection();
            Supply supply = file.supplyAt(connection.volts());
            Optional<Circuit> asPlate = direct(file, connection, supply);
            Optional<Circuit> opposite =
                    connection.swap().isNone() ? Optional.empty() : direct(file, connection.reversed(), supply);
            return new Run(
                    asPlate,
                    opposite,
                    asPlate.flatMap(file.workup()::inCircuit),
                    opposite.flatMap(file.workup()::inCircuit));
        }

        List<Turn> turns(Column column) {
            if (column.connection().swap().isNone() && forward.isPresent()) {
                return List.of(Turn.alone(forward.orElseThrow()));
            }
            return forward.isPresent() && reverse.isPresent()
                    ? Turn.computed(forward.orElseThrow(), reverse.orElseThrow())
                    : Turn.stated(column.rotation());
        }
    }

    /** What is to be said of a column; nothing where it cannot be run. */
    private static List<Finding> findings(JobFile file, Column column, Run run) {
        Connection connection = column.connection();
        boolean oneWay = connection.swap().isNone();
        if (run.forward().isEmpty() || (!oneWay && run.reverse().isEmpty())) {
            return List.of();
        }
        Analysis forward = run.forward().orElseThrow().analysis();
        List<Finding> findings = new ArrayList<>();
        if (oneWay) {
            findings.add(NO_INTERCHANGE);
            findings.addAll(Findings.of(forward, file.wording()).findings());
        } else {
            findings.addAll(bothWays(forward, run.reverse().orElseThrow().analysis(), file.wording()));
        }
        ColumnCheck.of(file)
                .beside(connection, file.supplyAt(connection.volts()))
                .ifPresent(findings::add);
        return findings;
    }

    private static final Finding NO_INTERCHANGE = Finding.warn(
            "No interchange is written",
            "As far as the diagram tells it turns one way only. Where it must turn both ways, the Switch gate looks for a way in its windings.");

    /** A usual pattern as it is offered. */
    public record Offered(String key, String name, PatternPicture picture) {}

    /** What the second line is called on the job's supply. */
    private static String secondLine(JobFile file) {
        return file.supply().map(s -> s.nameOf(Terminal.L2)).orElse("L2");
    }

    private static List<Offered> patterns(int volts, List<Integer> plateVolts, String secondLine) {
        return DiagramPattern.ALL.stream()
                .map(p -> {
                    Leads leads = Leads.read(p.leads()).value().orElseThrow();
                    Connection column = ConnectionReader.read(p.column(volts == 0 ? 115 : volts, plateVolts), leads)
                            .value()
                            .orElseThrow();
                    return new Offered(p.key(), p.name(), PatternPicture.of(column, leads, secondLine));
                })
                .toList();
    }

    private static Optional<Circuit> direct(JobFile file, Connection connection, Supply supply) {
        return file.workup().circuit(connection.direct(file.leads()), ContactChart.NONE, supply);
    }

    /** The groups as the server reads them, for the crossbar. */
    @PostMapping(path = "/jobs/{id}/diagram/groups", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<List<List<String>>> groups(@PathVariable long id, @ModelAttribute("form") DiagramForm form) {
        return ResponseEntity.ok(ConnectionReader.groups(form.typedConnection()));
    }

    /** A usual pattern into the fields; nothing is saved yet. */
    @PostMapping("/jobs/{id}/diagram/pattern")
    String pattern(@PathVariable long id, @ModelAttribute("form") DiagramForm form, Model model) {
        JobFile file = pages.file(id);
        List<Integer> plate = file.plateVolts();
        DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(form.getPattern()))
                .findFirst()
                .ifPresent(p -> {
                    form.fillLeads(p.leads());
                    form.fill(p.column(voltsOf(form, plate), plate));
                    model.addAttribute(
                            "filled", "Filled in from “" + p.name() + "”. Make it agree with your own plate.");
                });
        return filled(file, form, model);
    }

    private static int voltsOf(DiagramForm form, List<Integer> plate) {
        String typed = form.getVolts().strip();
        return typed.matches("\\d{2,3}") ? Integer.parseInt(typed) : plate.isEmpty() ? 0 : plate.get(0);
    }

    /** The diagram as the plate writes it, into the fields. */
    @PostMapping("/jobs/{id}/diagram/read")
    String read(@PathVariable long id, @ModelAttribute("form") DiagramForm form, Model model) {
        JobFile file = pages.file(id);
        DiagramText text = DiagramText.read(form.getText(), form.marks());
        int volts = voltsOf(form, file.plateVolts());
        Optional<DiagramText.Column> column = text.columnFor(volts, file.plateVolts());
        // a lead that one column leaves out is a lead of the motor all the same
        text.columns().forEach(c -> form.addLeads(c.leads()));
        column.ifPresent(c -> {
            form.fill(c.fields("" + volts));
            if (c.direction() != StatedRotation.Direction.NOT_STATED) {
                form.setRotationStated(c.direction());
            }
        });
        text.seenFrom().ifPresent(end -> form.setSeenFrom(end.name()));
        List<String> also = text.columns().stream()
                .filter(c -> !Optional.of(c).equals(column))
                .map(c -> c.heading().isBlank() ? "a column without a heading" : c.heading())
                .toList();
        model.addAttribute(
                "filled",
                (column.isPresent()
                                ? "Read into the fields below. Look it over and save."
                                : "No column for " + volts + " V was found in it. Write the voltage before its groups.")
                        + (also.isEmpty() ? "" : " Also found: " + String.join(", ", also) + ".")
                        + (text.doubts().isEmpty()
                                ? ""
                                : " Not understood: " + String.join(", ", text.doubts()) + "."));
        List<String> questions = new ArrayList<>(text.questions());
        if (!text.columns().isEmpty()) {
            understand(Understood.of(file, form.typedLeads(), Understood.columns(text, volts, file.plateVolts())), form)
                    .putInto(model, questions);
        }
        model.addAttribute("questions", questions);
        return filled(file, form, model);
    }

    /** What came of asking what the marks mean. */
    private record Answer(Understood understood, Optional<Leads> taken) {
        void putInto(Model model, List<String> questions) {
            if (taken.isPresent()) {
                model.addAttribute("workedOut", Understood.words(taken.orElseThrow()));
            } else if (!understood.isAsSaid() && understood.all().isEmpty()) {
                questions.add("No meaning of these marks makes every column run and reverse."
                        + (understood.mends().isEmpty()
                                ? " More than one lead is misread, or one is missing."
                                : " It would if: " + String.join(" Or: ", understood.mends())));
            } else if (!understood.isAsSaid()) {
                model.addAttribute("meanings", understood.choices());
                model.addAttribute(
                        "meaningsMore",
                        understood.all().size() - understood.choices().size());
                model.addAttribute("meaningsApart", understood.whatTellsThemApart());
            }
        }
    }

    /** Puts the one meaning there is into the lead table, unless the marks are understood already. */
    private static Answer understand(Understood understood, DiagramForm form) {
        Optional<Leads> taken =
                understood.isAsSaid() || understood.asSaid().isPresent() ? Optional.empty() : understood.only();
        taken.ifPresent(m -> form.fillLeads(Understood.rows(m, form.typedLeads())));
        return new Answer(understood, taken);
    }

    /** What the marks mean, worked out from what is on the screen; with a number, the meaning a person chose. */
    @PostMapping("/jobs/{id}/diagram/meaning")
    String meaning(
            @PathVariable long id,
            @RequestParam(defaultValue = "-1") int meaning,
            @ModelAttribute("form") DiagramForm form,
            Model model) {
        JobFile file = pages.file(id);
        Understood understood = Understood.of(file, form.typedLeads(), columnsOn(form, file));
        List<String> questions = new ArrayList<>();
        if (meaning >= 0 && meaning < understood.all().size()) {
            Leads chosen = understood.all().get(meaning);
            form.fillLeads(Understood.rows(chosen, form.typedLeads()));
            model.addAttribute("workedOut", Understood.words(chosen));
        } else if (understood.isAsSaid()) {
            model.addAttribute("workedOut", Understood.words(understood.asSaid().orElseThrow()));
        } else {
            understand(understood, form).putInto(model, questions);
        }
        model.addAttribute("questions", questions);
        return filled(file, form, model);
    }

    /** The columns on the screen: those of the text, or the one in the fields with those that were saved for other voltages. */
    private static List<Connection> columnsOn(DiagramForm form, JobFile file) {
        int volts = voltsOf(form, file.plateVolts());
        DiagramText text = DiagramText.read(form.getText(), form.marks());
        if (!text.columns().isEmpty()) {
            return Understood.columns(text, volts, file.plateVolts());
        }
        List<Connection> all = new ArrayList<>(List.of(form.asGroups(volts)));
        file.facts().diagram().columns().forEach((v, c) -> {
            if (!VoltageRange.same(v, volts)) {
                all.add(c.connection());
            }
        });
        return all;
    }

    /** A mend of the column on the screen, into the fields. */
    @PostMapping("/jobs/{id}/diagram/mend")
    String mend(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int volts,
            @RequestParam(defaultValue = "0") int number,
            Model model) {
        JobFile file = pages.file(id);
        Optional<Column> column = file.facts().diagram().at(volts);
        DiagramForm form = DiagramForm.of(file, volts, column);
        column.ifPresent(c -> {
            List<Mend> mends = ColumnCheck.of(file).mends(c.connection(), file.supplyAt(volts));
            if (number >= 0 && number < mends.size()) {
                form.fill(mends.get(number).connection());
                model.addAttribute(
                        "filled", mends.get(number).words() + " Compare it with the plate once more, then save.");
            }
        });
        model.addAttribute("form", form);
        return filled(file, form, model);
    }

    /** The other column's mirror for this voltage, into the fields. */
    @PostMapping("/jobs/{id}/diagram/rebuild")
    String rebuild(@PathVariable long id, @RequestParam(defaultValue = "0") int volts, Model model) {
        JobFile file = pages.file(id);
        DiagramForm form = DiagramForm.of(file, volts, Optional.empty());
        ColumnCheck.of(file).rebuilt(volts).ifPresent(c -> {
            form.fill(c);
            form.setRebuilt(true);
            model.addAttribute(
                    "filled", "Rebuilt from the other column: computed, not read. Plates differ; the bump decides.");
        });
        model.addAttribute("form", form);
        return filled(file, form, model);
    }

    private String filled(JobFile file, DiagramForm form, Model model) {
        form.fillRows();
        model.addAttribute("retyped", true);
        JobPages.stillSeen(model, form.seen());
        int volts = voltsOf(form, file.plateVolts());
        return page(model, file, volts, file.facts().diagram().at(volts));
    }

    /** What the engine says of the connection, and whether the interchange really reverses it. */
    private static List<Finding> bothWays(Analysis forward, Analysis reverse, Wording wording) {
        List<Finding> findings = new ArrayList<>();
        Way way = forward.in(HandlePosition.FORWARD).way();
        Way back = reverse.in(HandlePosition.FORWARD).way();
        if (way != Way.NONE && back != Way.NONE) {
            findings.add(
                    way == back.opposite()
                            ? Finding.good("Interchanging really reverses it", "Computed from the windings.")
                            : Finding.bad(
                                    "Interchanging these two does not reverse it",
                                    "The shaft turns the same way before and after. Read the diagram again."));
        }
        Findings.of(forward, wording).findings().forEach(f -> findings.add(f.in(HandlePosition.FORWARD)));
        Findings.of(reverse, wording).findings().forEach(f -> findings.add(f.in(HandlePosition.REVERSE)));
        return findings;
    }

    /** A bare connection: the leads, what they are joined with, and the lines. */
    private static List<Drawing> draw(Leads leads, Circuit circuit, Optional<InCircuit> wired, Wording wording) {
        List<Flag> flags =
                wired.map(b -> Findings.of(b.analysis(), wording).flags()).orElse(List.of());
        return new WiringPicture(leads, Optional.empty(), circuit, circuit.wires(), flags).draw();
    }

    @PostMapping("/jobs/{id}/diagram")
    ModelAndView save(@PathVariable long id, @ModelAttribute("form") DiagramForm form, Model model) {
        form.fillRows();
        List<Problem> problems = new ArrayList<>();
        Reading<Leads> leads = Leads.read(form.typedLeads());
        problems.addAll(leads.problems());
        Optional<Connection> connection = Optional.empty();
        if (leads.value().isPresent()) {
            Reading<Connection> read =
                    ConnectionReader.read(form.typedConnection(), leads.value().orElseThrow());
            problems.addAll(read.problems());
            connection = read.value();
        }
        if (connection.isPresent()) {
            voltsOnThePlate(pages.file(id), connection.orElseThrow()).ifPresent(problems::add);
        }
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, form.seen());
            return again(id, form, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.save(
                    id,
                    form.seen(),
                    LikeEnds.settled(leads.value().orElseThrow(), connection.orElseThrow()),
                    new Column(connection.orElseThrow(), form.readRotation(), form.isRebuilt()),
                    form.readSupplyKind());
            JobFile now = pages.file(id);
            Column saved = now.column().orElseThrow();
            return Saved.redirect(id, Gate.DIAGRAM, drops, findings(now, saved, Run.of(now, saved)));
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            int volts = connection.orElseThrow().volts();
            DiagramForm theirs =
                    DiagramForm.of(now, volts, now.facts().diagram().at(volts));
            model.addAttribute("conflict", form.conflictsWith(theirs));
            return again(id, form, model, HttpStatus.CONFLICT);
        }
    }

    private static Optional<Problem> voltsOnThePlate(JobFile file, Connection connection) {
        List<Integer> volts = file.plateVolts();
        if (volts.isEmpty() || volts.contains(connection.volts())) {
            return Optional.empty();
        }
        return Optional.of(new Problem(
                "volts",
                "" + connection.volts(),
                "The plate has no column for " + connection.volts() + " V. It states "
                        + String.join(" and ", volts.stream().map(v -> v + " V").toList()) + "."));
    }

    private ModelAndView again(long id, DiagramForm form, Model model, HttpStatusCode status) {
        model.addAttribute("retyped", true);
        JobFile file = pages.file(id);
        String view = page(model, file, file.job().volts().orElse(0), file.column());
        return new ModelAndView(view, model.asMap(), status);
    }
}
