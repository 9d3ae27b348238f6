package gatepin.web.gate.handover;

import gatepin.core.Problem;
import gatepin.core.ahead.Ahead;
import gatepin.core.job.Gate;
import gatepin.core.lane.Parts;
import gatepin.core.paper.Paper;
import gatepin.core.paper.PaperRecord;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.paper.PdfPrinter;
import gatepin.web.shop.Shops;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** The Hand over gate, the last one: what stays with the machine. */
@Controller
class HandoverController {
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final HandoverDesk desk;
    private final JobPages pages;
    private final Shops shops;
    private final PdfPrinter printer;
    private final ITemplateEngine templates;
    private final Clock clock;

    HandoverController(
            HandoverDesk desk,
            JobPages pages,
            Shops shops,
            PdfPrinter printer,
            ITemplateEngine templates,
            Clock clock) {
        this.desk = desk;
        this.pages = pages;
        this.shops = shops;
        this.printer = printer;
        this.templates = templates;
        this.clock = clock;
    }

    /** A paper as it lies on the table. */
    public record OnTable(Paper paper, String mark, PaperRecord.Standing standing, boolean needed, boolean empty) {}

    @GetMapping("/jobs/{id}/handover")
    String show(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        model.addAttribute("isolator", suggested(file));
        return page(file, model);
    }

    private String page(JobFile file, Model model) {
        pages.fill(model, file, Gate.HANDOVER);
        PaperPage papers = new PaperPage(file);
        List<OnTable> table = new ArrayList<>();
        List<Paper> order = new ArrayList<>(PaperRecord.NEEDED);
        Arrays.stream(Paper.values()).filter(p -> !order.contains(p)).forEach(order::add);
        for (Paper paper : order) {
            String mark = file.workup().paperMark(paper);
            boolean empty = !papers.isWired() && paper != Paper.SHEET && paper != Paper.DANGER;
            table.add(new OnTable(
                    paper,
                    mark,
                    file.facts().papers().standing(paper, mark),
                    PaperRecord.NEEDED.contains(paper),
                    empty));
        }
        model.addAttribute("table", table);
        model.addAttribute("named", !file.facts().papers().isolator().isBlank());
        model.addAttribute("longest", PaperRecord.LONGEST_ISOLATOR);
        return "gate/handover";
    }

    /** What is said, or else what the lock-out tells. */
    private static String suggested(JobFile file) {
        String said = file.facts().papers().isolator();
        if (!said.isBlank()) {
            return said;
        }
        boolean own =
                file.workup().standsAhead().lineUp().stages().stream().anyMatch(s -> s.kind() == Ahead.Kind.DISCONNECT);
        if (own) {
            return "the disconnect " + Ahead.Kind.DISCONNECT.device();
        }
        return file.facts()
                .bench()
                .safe()
                .map(s -> switch (s.disconnect()) {
                    case PLUG ->
                        "the plug"
                                + file.facts()
                                        .run()
                                        .map(PanelRun::presentPlug)
                                        .filter(p -> !p.equals(Outlets.FIXED))
                                        .map(p -> " (" + p + ")")
                                        .orElse("");
                    case LOCKED -> "the disconnect";
                    case FUSES -> "the fuses";
                    case LOOSE -> "";
                })
                .orElse("");
    }

    @PostMapping("/jobs/{id}/handover")
    ModelAndView isolator(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String isolator,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        String name = isolator.strip();
        model.addAttribute("isolator", isolator);
        if (name.isEmpty() || name.length() > PaperRecord.LONGEST_ISOLATOR) {
            String wrong = name.isEmpty()
                    ? "By what name is it known: the plug behind the press, disconnect 3?"
                    : "Use at most " + PaperRecord.LONGEST_ISOLATOR + " letters: it stands on a label.";
            model.addAttribute("wrong", JobPages.byField(List.of(new Problem("isolator", isolator, wrong))));
            JobPages.stillSeen(model, Seen.of(Parts.PAPERS, version));
            return new ModelAndView(page(file, model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        try {
            desk.isolator(id, version, name);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(page(pages.file(id), model), model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/handover?saved");
    }

    /** A paper was printed or saved. */
    @PostMapping("/jobs/{id}/papers/{paper}/taken")
    ModelAndView taken(
            @PathVariable long id,
            @PathVariable String paper,
            @RequestParam(defaultValue = "") String mark,
            Model model) {
        JobFile file = pages.file(id);
        try {
            desk.taken(id, paper(paper), mark);
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            model.addAttribute("isolator", suggested(file));
            return new ModelAndView(page(pages.file(id), model), model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/handover?saved");
    }

    private static Paper paper(String word) {
        return Paper.of(word)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no paper " + word));
    }

    /** A paper to be looked at, and printed by the browser. */
    @GetMapping("/jobs/{id}/papers/{paper:[a-z]+}")
    String look(@PathVariable long id, @PathVariable String paper, Model model) {
        JobFile file = pages.file(id);
        model.addAllAttributes(content(file, paper(paper), true));
        return template(paper(paper));
    }

    /** The same as a PDF. */
    @GetMapping("/jobs/{id}/papers/{paper:[a-z]+}.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id, @PathVariable String paper) {
        JobFile file = pages.file(id);
        Paper named = paper(paper);
        Context context = new Context(Locale.ENGLISH, content(file, named, false));
        byte[] pdf = printer.print(
                templates.process(template(named), context), sheet(file.job().region()));
        String name = (file.job().machine() + " " + named.title()).replaceAll("[^\\p{Alnum} -]", "");
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name.strip() + ".pdf")
                                .build()
                                .toString())
                .body(pdf);
    }

    private static String template(Paper paper) {
        return "gate/papers/" + paper.word();
    }

    private static String sheet(Region region) {
        return region == Region.NORTH_AMERICA ? "letter" : "A4";
    }

    private Map<String, Object> content(JobFile file, Paper paper, boolean onScreen) {
        ZoneId zone = shops.shop(file.job().shopId()).map(s -> s.zone()).orElse(ZoneId.of("UTC"));
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/jobs/" + file.job().id())
                .toUriString();
        Map<String, Object> content = new HashMap<>();
        PaperPage page = new PaperPage(file);
        content.put("page", page);
        content.put("paper", paper);
        content.put("job", file.job());
        content.put("ground", file.ground());
        content.put("live", file.job().region().live());
        content.put("about", pages.about(file));
        content.put("onScreen", onScreen);
        content.put("sheet", sheet(file.job().region()).toLowerCase(Locale.ROOT));
        content.put("address", address);
        content.put("code", PaperPage.code(address));
        content.put("date", DATE.format(clock.instant().atZone(zone)));
        content.put("by", shops.owner(file.job().shopId()));
        Optional<List<List<List<PaperPage.EndLabel>>>> labels = paper == Paper.LABELS
                ? Optional.of(
                        file.job().region() == Region.NORTH_AMERICA ? page.labelSheets(3, 10) : page.labelSheets(3, 8))
                : Optional.empty();
        content.put("labelSheets", labels.orElse(List.of()));
        return content;
    }
}
