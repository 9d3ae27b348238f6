package gatepin.web.page;

import gatepin.core.Reading;
import gatepin.core.lane.Gate;
import gatepin.web.desk.JobDesk;
import gatepin.web.desk.JobFile;
import gatepin.web.store.LogStore;
import gatepin.web.store.ShopStore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The yard: all machines and what each waits for; new jobs; the log and the paper of a job. */
@Controller
class YardController {
    private final JobDesk desk;
    private final JobPages pages;
    private final ShopStore shops;
    private final LogStore log;

    YardController(JobDesk desk, JobPages pages, ShopStore shops, LogStore log) {
        this.desk = desk;
        this.pages = pages;
        this.shops = shops;
        this.log = log;
    }

    /** A machine in the yard. */
    public record Stall(JobFile file, String figure, String waitsFor, List<Post> fence) {
        static Stall of(JobFile file) {
            String waits = file.lane()
                    .next()
                    .map(g -> file.evidence()
                            .firstLack(g)
                            .map(l -> g.title() + ": " + l)
                            .orElse(g.title() + ": ready, pull the pin."))
                    .orElse("Done. Every gate is open.");
            return new Stall(
                    file,
                    Figures.of(file.job().machine(), file.job().note()),
                    waits,
                    Post.fence(file.lane(), java.util.Optional.empty()));
        }
    }

    @GetMapping("/")
    String yard(Model model) {
        Map<String, List<Stall>> shopStalls = new LinkedHashMap<>();
        for (JobFile file : desk.yard()) {
            shopStalls
                    .computeIfAbsent(file.job().shop(), k -> new ArrayList<>())
                    .add(Stall.of(file));
        }
        model.addAttribute("shops", shopStalls);
        return "yard";
    }

    @GetMapping("/jobs/new")
    String newJob(Model model) {
        return newJobForm(model, "", "", 0, Map.of());
    }

    private String newJobForm(Model model, String machine, String note, long shop, Map<String, String> wrong) {
        model.addAttribute("machine", machine);
        model.addAttribute("note", note);
        model.addAttribute("shop", shop);
        model.addAttribute("allShops", shops.shops());
        model.addAttribute("wrong", wrong);
        return "new-job";
    }

    @PostMapping("/jobs")
    String open(
            @RequestParam(defaultValue = "") String machine,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "0") long shop,
            Model model) {
        Reading<Long> opened = desk.newJob(shop, machine, note);
        if (opened.value().isEmpty()) {
            return newJobForm(model, machine, note, shop, JobPages.byField(opened.problems()));
        }
        return "redirect:/jobs/" + opened.value().orElseThrow() + "/safe";
    }

    /** The gate where the work goes on. */
    @GetMapping("/jobs/{id}")
    String job(@PathVariable long id) {
        Gate next = pages.file(id).lane().next().orElse(Gate.WIRE);
        return "redirect:/jobs/" + id + "/" + next.word();
    }

    @GetMapping("/jobs/{id}/log")
    String log(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        pages.fill(model, file, file.lane().next().orElse(Gate.WIRE));
        model.addAttribute("fence", Post.fence(file.lane(), java.util.Optional.empty()));
        model.addAttribute("entries", log.entries(id));
        return "log";
    }
}
