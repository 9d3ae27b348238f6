package gatepin.web.log;

import gatepin.core.job.Gate;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.Post;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The log of a job: to be read, and to be taken away. */
@Controller
class LogController {
    private static final CSVFormat CSV = CSVFormat.RFC4180
            .builder()
            .setHeader("at", "who", "gate", "kind", "what")
            .get();
    /** A spreadsheet takes what begins so for a formula. */
    private static final String FORMULA = "=+-@\t\r";

    private final JobPages pages;
    private final LogStore log;
    private final Shops shops;

    LogController(JobPages pages, LogStore log, Shops shops) {
        this.pages = pages;
        this.log = log;
        this.shops = shops;
    }

    private LogPage page(JobFile file) {
        return new LogPage(file, log.entries(file.job().id()), zone(file));
    }

    private ZoneId zone(JobFile file) {
        return shops.shop(file.job().shopId()).map(Shop::zone).orElse(ZoneId.of("UTC"));
    }

    @GetMapping("/jobs/{id}/log")
    String log(@PathVariable long id, @RequestParam(defaultValue = "") String gate, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, file.lane().next().orElse(Gate.WIRE));
        LogPage page = page(file);
        model.addAttribute("fence", Post.fence(file.lane(), Optional.empty()));
        model.addAttribute("days", page.days(Gate.of(gate)));
        model.addAttribute("gates", page.gates());
        model.addAttribute("at", Gate.of(gate).map(Gate::word).orElse(""));
        model.addAttribute("zone", zone(file).getId());
        return "log/log";
    }

    @GetMapping(path = "/jobs/{id}/log.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<byte[]> csv(@PathVariable long id, @RequestParam(defaultValue = "") String gate) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSV)) {
            for (LogPage.Line line : page(pages.file(id)).lines(Gate.of(gate))) {
                printer.printRecord(line.at(), cell(line.who()), line.gate(), line.kind(), cell(line.what()));
            }
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, named("log-" + id + ".csv"))
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static String cell(String text) {
        return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static String named(String file) {
        return ContentDisposition.attachment().filename(file).build().toString();
    }

    @GetMapping(path = "/jobs/{id}/log.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<List<LogPage.Line>> json(@PathVariable long id, @RequestParam(defaultValue = "") String gate) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, named("log-" + id + ".json"))
                .body(page(pages.file(id)).lines(Gate.of(gate)));
    }
}
