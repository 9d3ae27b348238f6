package gatepin.web.yard;

import gatepin.core.Reading;
import gatepin.core.job.Gate;
import gatepin.core.lane.Parts;
import gatepin.core.words.Wording;
import gatepin.web.form.Conflict;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Post;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import gatepin.web.yard.YardStore.Row;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The yard: all machines and what each waits for; bringing machines in, renaming them, setting them aside. */
@Controller
class YardController {
    /** From so many machines on, the last ones stand in front and the others in rows. */
    private static final int MANY = 16;

    private static final int IN_FRONT = 6;

    private final Machines machines;
    private final JobPages pages;
    private final Shops shops;
    private final YardStore yard;

    YardController(Machines machines, JobPages pages, Shops shops, YardStore yard) {
        this.machines = machines;
        this.pages = pages;
        this.shops = shops;
        this.yard = yard;
    }

    /**
     * A machine in the yard.
     *
     * @param found the words it is found by
     * @param passed how many gates are open
     */
    public record Stall(
            long jobId,
            String shop,
            String machine,
            String note,
            String plate,
            String figure,
            String waitsFor,
            List<Post> fence,
            long passed,
            boolean done,
            String found) {
        static Stall of(Row row) {
            List<Post> fence = Post.fence(row.lane(), Optional.empty());
            return new Stall(
                    row.jobId(),
                    row.shop(),
                    row.machine(),
                    row.note(),
                    row.plate(),
                    Figures.of(row.machine(), row.note()),
                    Wording.of(row.region()).say(row.waits()),
                    fence,
                    Arrays.stream(Gate.values())
                            .filter(g -> row.lane().pin(g).isOpen())
                            .count(),
                    row.isDone(),
                    String.join(" ", row.machine(), row.note(), row.shop(), row.plate(), row.marks())
                            .toLowerCase(Locale.ROOT));
        }

        boolean has(List<String> words) {
            return words.stream().allMatch(found::contains);
        }
    }

    /** A shop with its machines. */
    public record Section(long id, String name, List<Stall> stalls) {}

    @GetMapping("/")
    String yard(@RequestParam(defaultValue = "") String q, Model model) {
        List<Shop> allShops = shops.all();
        if (allShops.isEmpty()) {
            // before there is a yard there are wires
            return "forward:/wires";
        }
        List<String> words = Arrays.stream(q.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
        List<Row> all = yard.all();
        List<Row> here = all.stream().filter(r -> !r.aside()).toList();
        // what is done waits for nobody
        List<Row> inOrder = new ArrayList<>(here);
        inOrder.sort(Comparator.comparing(Row::isDone));
        List<Section> sections = new ArrayList<>();
        int shown = 0;
        for (Shop shop : allShops) {
            List<Stall> stalls = inOrder.stream()
                    .filter(r -> r.shopId() == shop.id())
                    .map(Stall::of)
                    .filter(s -> s.has(words))
                    .toList();
            shown += stalls.size();
            if (!shop.aside() && (words.isEmpty() || !stalls.isEmpty())) {
                sections.add(new Section(shop.id(), shop.name(), stalls));
            }
        }
        boolean many = here.size() >= MANY;
        model.addAttribute("q", q);
        model.addAttribute("sections", sections);
        model.addAttribute("shown", shown);
        model.addAttribute("many", many);
        model.addAttribute("machines", here.size());
        model.addAttribute(
                "lately",
                many && words.isEmpty()
                        ? inOrder.stream().limit(IN_FRONT).map(Stall::of).toList()
                        : List.of());
        model.addAttribute(
                "aside", all.stream().anyMatch(Row::aside) || allShops.stream().anyMatch(Shop::aside));
        return "yard/yard";
    }

    /** What was set aside, to be brought back. */
    @GetMapping("/aside")
    String aside(Model model) {
        List<Shop> all = shops.all();
        model.addAttribute("shops", all.stream().filter(Shop::aside).toList());
        model.addAttribute(
                "machines",
                yard.all().stream()
                        .filter(Row::aside)
                        .filter(r -> all.stream().noneMatch(s -> s.id() == r.shopId() && s.aside()))
                        .map(Stall::of)
                        .toList());
        return "yard/aside";
    }

    @GetMapping("/jobs/new")
    String newJob(@RequestParam(defaultValue = "0") long shop, Model model) {
        return newJobForm(model, "", "", shop, Map.of());
    }

    private String newJobForm(Model model, String machine, String note, long shop, Map<String, String> wrong) {
        model.addAttribute("machine", machine);
        model.addAttribute("note", note);
        model.addAttribute("shop", shop);
        model.addAttribute(
                "allShops", shops.all().stream().filter(s -> !s.aside()).toList());
        model.addAttribute("wrong", wrong);
        return "yard/new-job";
    }

    @PostMapping("/jobs")
    ModelAndView open(
            @RequestParam(defaultValue = "") String machine,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "0") long shop,
            Model model) {
        Reading<Long> opened;
        try {
            opened = machines.bringIn(shop, machine, note);
        } catch (DuplicateKeyException sameMoment) {
            // somebody brought in the same: asked again, it is told by its field
            opened = machines.bringIn(shop, machine, note);
        }
        return opened.value().isPresent()
                ? new ModelAndView("redirect:/jobs/" + opened.value().orElseThrow() + "/safe")
                : new ModelAndView(
                        newJobForm(model, machine, note, shop, JobPages.byField(opened.problems())),
                        model.asMap(),
                        HttpStatus.UNPROCESSABLE_ENTITY);
    }

    /** The gate where the work goes on. */
    @GetMapping("/jobs/{id}")
    String job(@PathVariable long id) {
        Gate next = pages.file(id).lane().next().orElse(Gate.HANDOVER);
        return "redirect:/jobs/" + id + "/" + next.word();
    }

    /** The machine itself: what it is called. */
    @GetMapping("/jobs/{id}/machine")
    String machine(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        return machinePage(model, file, file.job().machine(), file.job().note(), Map.of());
    }

    private String machinePage(Model model, JobFile file, String machine, String note, Map<String, String> wrong) {
        model.addAttribute("wrong", wrong);
        pages.fill(model, file, file.lane().next().orElse(Gate.HANDOVER));
        model.addAttribute("fence", Post.fence(file.lane(), Optional.empty()));
        model.addAttribute("machine", machine);
        model.addAttribute("note", note);
        model.addAttribute("isAside", yard.isAside(file.job().id()));
        return "yard/machine";
    }

    @PostMapping("/jobs/{id}/machine")
    ModelAndView rename(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String machine,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        JobFile file = pages.file(id);
        Map<String, String> wrong;
        try {
            wrong = JobPages.byField(machines.rename(id, version, machine, note));
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            List<Conflict> conflicts = new ArrayList<>();
            Conflict.compare(conflicts, "Machine", machine, now.job().machine());
            Conflict.compare(conflicts, "Note", note, now.job().note());
            model.addAttribute("conflict", conflicts);
            return new ModelAndView(
                    machinePage(model, now, machine, note, Map.of()), model.asMap(), HttpStatus.CONFLICT);
        }
        if (!wrong.isEmpty()) {
            JobPages.stillSeen(model, Seen.of(Parts.MACHINE, version));
        }
        return wrong.isEmpty()
                ? new ModelAndView("redirect:/jobs/" + id + "/machine?saved")
                : new ModelAndView(
                        machinePage(model, file, machine, note, wrong), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    @PostMapping("/jobs/{id}/aside")
    String setAside(@PathVariable long id, @RequestParam boolean aside) {
        pages.file(id);
        machines.setAside(id, aside);
        return aside ? "redirect:/aside" : "redirect:/jobs/" + id;
    }
}
