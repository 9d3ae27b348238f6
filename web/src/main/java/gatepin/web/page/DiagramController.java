package gatepin.web.page;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wiring;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Drop;
import gatepin.core.machine.Leads;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.web.desk.Engine;
import gatepin.web.desk.Engine.OnBench;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import gatepin.web.drawing.Bench;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.Flag;
import gatepin.web.store.MotorStore;
import gatepin.web.store.MotorStore.Column;
import gatepin.web.store.StaleEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
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
    private final JobDesk desk;
    private final JobPages pages;
    private final MotorStore motors;
    private final Engine engine;

    DiagramController(JobDesk desk, JobPages pages, MotorStore motors, Engine engine) {
        this.desk = desk;
        this.pages = pages;
        this.motors = motors;
        this.engine = engine;
    }

    @GetMapping("/jobs/{id}/diagram")
    String show(@PathVariable long id, @RequestParam(defaultValue = "0") int volts, Model model) {
        JobFile file = pages.file(id);
        int wanted = volts > 0
                ? volts
                : file.job()
                        .volts()
                        .orElse(file.ratings().stream()
                                .map(MotorStore.Rating::volts)
                                .findFirst()
                                .orElse(0));
        Optional<Column> column = motors.column(file.motor().id(), wanted);
        model.addAttribute("form", DiagramForm.of(file, wanted, column));
        return page(model, file, wanted, column);
    }

    private String page(Model model, JobFile file, int volts, Optional<Column> column) {
        pages.fill(model, file, Gate.DIAGRAM);
        model.addAttribute("windingNames", DiagramForm.windingNames());
        model.addAttribute("voltsShown", volts);
        column.ifPresent(c -> {
            Supply supply = file.supply()
                    .filter(s -> s.volts() == volts)
                    .orElse(new Supply(volts, 60, Supply.Kind.HOT_AND_NEUTRAL));
            model.addAttribute("column", c);
            // the engine speaks of the column the job runs on
            boolean chosen = file.supply().equals(Optional.of(supply));
            Wiring asPlate = c.connection().direct(file.leads(), supply);
            Wiring opposite = c.connection().reversed().direct(file.leads(), supply);
            Optional<OnBench> forward = chosen ? engine.bench(file, asPlate) : Optional.empty();
            Optional<OnBench> reverse = chosen ? engine.bench(file, opposite) : Optional.empty();
            model.addAttribute("asPlate", draw(file.leads(), asPlate, forward));
            model.addAttribute("opposite", draw(file.leads(), opposite, reverse));
            if (forward.isPresent() && reverse.isPresent()) {
                model.addAttribute("turns", Turn.computed(forward.orElseThrow(), reverse.orElseThrow()));
                model.addAttribute(
                        "findings",
                        bothWays(
                                forward.orElseThrow().analysis(),
                                reverse.orElseThrow().analysis()));
            } else {
                model.addAttribute("turns", Turn.stated(c.rotation()));
            }
        });
        return "diagram";
    }

    /** What the engine says of the connection, and whether the interchange really reverses it. */
    private static List<Finding> bothWays(Analysis forward, Analysis reverse) {
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
        Findings.of(forward).findings().forEach(f -> findings.add(f.in(HandlePosition.FORWARD)));
        Findings.of(reverse).findings().forEach(f -> findings.add(f.in(HandlePosition.REVERSE)));
        return findings;
    }

    /** A bare connection: the leads, what they are joined with, and the lines. */
    private static List<Drawing> draw(Leads leads, Wiring wiring, Optional<OnBench> bench) {
        List<Flag> flags = bench.map(b -> Findings.of(b.analysis()).flags()).orElse(List.of());
        return new Bench(leads, Optional.empty(), wiring, wiring.wires(), flags).draw();
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
            return again(id, form, model, HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            List<Drop> drops = desk.saveDiagram(
                    id,
                    form.getMotorVersion(),
                    form.getJobVersion(),
                    leads.value().orElseThrow(),
                    new Column(connection.orElseThrow(), form.readRotation()),
                    form.readSupplyKind());
            return Saved.redirect(id, Gate.DIAGRAM, drops);
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            int volts = connection.orElseThrow().volts();
            DiagramForm theirs =
                    DiagramForm.of(now, volts, motors.column(now.motor().id(), volts));
            model.addAttribute("conflict", form.conflictsWith(theirs));
            form.setMotorVersion(now.motor().version());
            form.setJobVersion(now.job().version());
            return again(id, form, model, HttpStatus.CONFLICT);
        }
    }

    private static Optional<Problem> voltsOnThePlate(JobFile file, Connection connection) {
        List<Integer> volts =
                file.ratings().stream().map(MotorStore.Rating::volts).toList();
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
