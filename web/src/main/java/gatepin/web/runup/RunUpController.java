package gatepin.web.runup;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.diagram.Column;
import gatepin.core.format.SpiceNetlist;
import gatepin.core.format.WiringWriter;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.plan.PlanResult;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.web.lane.Computing;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.runup.RunUpView.Asked;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The motor over time, and the job's wiring as files. */
@Controller
class RunUpController {
    private final JobPages pages;
    private final Computing computing;

    RunUpController(JobPages pages, Computing computing) {
        this.pages = pages;
        this.computing = computing;
    }

    @GetMapping("/jobs/{id}/run-up")
    String show(@PathVariable long id, RunUpView.Typed typed, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, gatepin.core.job.Gate.SWITCH);
        model.addAttribute("typed", typed.filled());
        Optional<InCircuit> wired = wired(file);
        if (wired.isEmpty()) {
            return "runup/run-up";
        }
        var asked = Asked.read(typed.filled());
        if (asked.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(asked.problems()));
        }
        Asked load = asked.value().orElse(Asked.USUAL);
        RunUpView view = file.workup()
                .once(
                        List.of("run-up", load, wired.orElseThrow().circuit()),
                        () -> RunUpView.of(wired.orElseThrow(), load, file.job().region() == Region.IEC));
        model.addAttribute("view", view);
        model.addAttribute(
                "assumedFamily", file.plate().orElseThrow().extras().family().isEmpty());
        return "runup/run-up";
    }

    /** The chosen plan's circuit, or the best plan's, or the bare connection of the diagram. */
    private Optional<Circuit> circuit(JobFile file) {
        Optional<Circuit> planned = file.plannedCircuit()
                .or(() -> computing
                        .plans(file)
                        .value()
                        .flatMap(r -> r)
                        .map(PlanResult::plans)
                        .filter(p -> !p.isEmpty())
                        .flatMap(p -> file.workup()
                                .circuit(
                                        p.get(0).wires(),
                                        file.gear().orElseThrow().chart())));
        return planned.or(() -> file.column()
                .flatMap(c -> file.workup().circuit(c.connection().direct(file.leads()), ContactChart.NONE)));
    }

    private Optional<InCircuit> wired(JobFile file) {
        return circuit(file).flatMap(file.workup()::inCircuit);
    }

    /** The wiring in the open format. */
    @GetMapping("/jobs/{id}/wiring.json")
    ResponseEntity<byte[]> wiringFile(@PathVariable long id) {
        JobFile file = pages.file(id);
        Circuit circuit = circuit(file)
                .filter(c -> file.workup().fitted().isPresent())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no wiring yet"));
        String text = WiringWriter.write(
                new WiringWriter.Described(
                        file.job().machine(),
                        file.plate().orElseThrow(),
                        file.workup().leadsOf(circuit.wires()),
                        file.gear().filter(g -> !circuit.chart().terminals().isEmpty()),
                        file.workup().given().orElseThrow(),
                        file.column().map(Column::connection)),
                circuit,
                file.workup().inCircuit(circuit).map(InCircuit::plusIs).orElse(StatedRotation.NOT_STATED));
        return download(text, MediaType.APPLICATION_JSON, fileName(file) + ".json");
    }

    /** The wiring at standstill as a netlist for SPICE. */
    @GetMapping("/jobs/{id}/wiring.cir")
    ResponseEntity<byte[]> netlist(@PathVariable long id, @RequestParam(defaultValue = "FORWARD") HandlePosition at) {
        JobFile file = pages.file(id);
        InCircuit wired = wired(file)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no wiring yet"));
        String text = SpiceNetlist.standstill(
                        wired.circuit(),
                        gatepin.core.circuit.State.atRest(at),
                        file.job().machine())
                .text();
        return download(text, MediaType.TEXT_PLAIN, fileName(file) + ".cir");
    }

    private static String fileName(JobFile file) {
        String plain = file.job().machine().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return plain.replaceAll("^-|-$", "").isEmpty() ? "wiring" : plain.replaceAll("^-|-$", "");
    }

    private static ResponseEntity<byte[]> download(String text, MediaType type, String name) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(type);
        headers.setContentDisposition(
                ContentDisposition.attachment().filename(name).build());
        return new ResponseEntity<>(text.getBytes(StandardCharsets.UTF_8), headers, HttpStatus.OK);
    }
}
