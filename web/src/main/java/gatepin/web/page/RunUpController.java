package gatepin.web.page;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Wiring;
import gatepin.core.format.SpiceNetlist;
import gatepin.core.format.WiringWriter;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanResult;
import gatepin.core.supply.Region;
import gatepin.web.desk.Engine;
import gatepin.web.desk.Engine.OnBench;
import gatepin.web.desk.JobFile;
import gatepin.web.page.RunUpView.Asked;
import java.nio.charset.StandardCharsets;
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
    private final Engine engine;

    RunUpController(JobPages pages, Engine engine) {
        this.pages = pages;
        this.engine = engine;
    }

    @GetMapping("/jobs/{id}/run-up")
    String show(@PathVariable long id, RunUpView.Typed typed, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, gatepin.core.job.Gate.SWITCH);
        model.addAttribute("typed", typed.filled());
        Optional<OnBench> bench = onBench(file);
        if (bench.isEmpty()) {
            return "run-up";
        }
        var asked = Asked.read(typed.filled());
        if (asked.value().isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(asked.problems()));
        }
        RunUpView view = RunUpView.of(
                bench.orElseThrow(),
                asked.value().orElse(Asked.USUAL),
                file.job().region() == Region.IEC);
        model.addAttribute("view", view);
        model.addAttribute(
                "assumedFamily", file.plate().orElseThrow().extras().family().isEmpty());
        return "run-up";
    }

    /** The chosen plan's wiring, or the best plan's, or the bare connection of the diagram. */
    private Optional<Wiring> wiring(JobFile file) {
        Optional<Wiring> planned = file.plannedWiring()
                .or(() -> engine.plans(file)
                        .map(PlanResult::plans)
                        .filter(p -> !p.isEmpty())
                        .map(p -> p.get(0))
                        .map(Plan::wiring));
        if (planned.isPresent() || file.column().isEmpty() || file.supply().isEmpty()) {
            return planned;
        }
        return Optional.of(file.column()
                .orElseThrow()
                .connection()
                .direct(file.leads(), file.supply().orElseThrow()));
    }

    private Optional<OnBench> onBench(JobFile file) {
        return wiring(file).flatMap(w -> engine.bench(file, w));
    }

    /** The wiring in the open format. */
    @GetMapping("/jobs/{id}/wiring.json")
    ResponseEntity<byte[]> wiringFile(@PathVariable long id) {
        JobFile file = pages.file(id);
        Wiring wiring = wiring(file)
                .filter(w -> file.plate().isPresent())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no wiring yet"));
        String text = WiringWriter.write(
                file.job().machine(),
                file.plate().orElseThrow(),
                file.leads(),
                file.gear().filter(g -> !wiring.chart().terminals().isEmpty()),
                wiring,
                engine.bench(file, wiring)
                        .map(OnBench::plusIs)
                        .orElse(gatepin.core.rotation.StatedRotation.NOT_STATED));
        return download(text, MediaType.APPLICATION_JSON, fileName(file) + ".json");
    }

    /** The wiring at standstill as a netlist for SPICE. */
    @GetMapping("/jobs/{id}/wiring.cir")
    ResponseEntity<byte[]> netlist(@PathVariable long id, @RequestParam(defaultValue = "FORWARD") HandlePosition at) {
        JobFile file = pages.file(id);
        OnBench bench = onBench(file)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no wiring yet"));
        String text = SpiceNetlist.standstill(
                        bench.wired(),
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
