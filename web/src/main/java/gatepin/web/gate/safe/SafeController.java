package gatepin.web.gate.safe;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.job.Gate;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.safe.CapacitorReader;
import gatepin.core.safe.Discharge;
import gatepin.core.safe.Discharge.Bleeder;
import gatepin.core.safe.SafeRecord;
import gatepin.core.safe.SafeRecord.Disconnect;
import gatepin.web.drawing.DischargeCurve;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Saved;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The Safe gate. */
@Controller
class SafeController {
    private static final List<String> WAYS =
            List.of("a bleeding resistor", "its own bleed resistor, by waiting", "a lamp", "a screwdriver's blade");

    private final JobPages pages;
    private final SafeDesk desk;

    SafeController(JobPages pages, SafeDesk desk) {
        this.pages = pages;
        this.desk = desk;
    }

    /** A capacitor with what it can hold and what to do with it. */
    public record Shown(CapacitorCheck check, Discharge discharge, Bleeder bleeder, DischargeCurve curve) {
        static Shown of(CapacitorCheck check) {
            Bleeder bleeder = check.discharge().bleeder();
            return new Shown(check, check.discharge(), bleeder, DischargeCurve.of(check.discharge(), bleeder.ohms()));
        }

        public String holds() {
            return String.format(
                    Locale.ROOT,
                    "Can be left at %.0f V and hold %s%s",
                    discharge.chargedVolts(),
                    discharge.joules() < 10
                            ? String.format(Locale.ROOT, "%.1f J", discharge.joules())
                            : String.format(Locale.ROOT, "%.0f J", discharge.joules()),
                    discharge.joules() > Discharge.HURTS_JOULES ? ": enough to hurt." : ".");
        }

        public String bleed() {
            return String.format(
                    Locale.ROOT,
                    "Bleed it through %s, %d W or more (it takes %.0f W at first), for %.0f s.",
                    ohms(bleeder.ohms()),
                    bleeder.watts(),
                    Math.max(1, bleeder.peakWatts()),
                    Math.ceil(bleeder.seconds()));
        }

        /** What its own bleed resistor would do. */
        public String own() {
            return check.bleedOhms()
                    .map(own -> String.format(
                            Locale.ROOT,
                            "Its own resistor of %s needs %.0f s. It may be open: its presence proves nothing.",
                            ohms(own),
                            Math.ceil(discharge.secondsThrough(own))))
                    .orElse("No bleed resistor was seen: it can hold its charge for days.");
        }

        private static String ohms(double ohms) {
            return ohms >= 1000
                    ? String.format(Locale.ROOT, ohms % 1000 == 0 ? "%.0f kΩ" : "%.1f kΩ", ohms / 1000)
                    : String.format(Locale.ROOT, "%.0f Ω", ohms);
        }

        public String state() {
            return check.voltsAfter()
                    .map(v -> String.format(
                            Locale.ROOT,
                            check.isDischarged() ? "measured %.1f V: discharged" : "measured %.1f V: still charged",
                            v))
                    .orElse("not measured");
        }
    }

    @GetMapping("/jobs/{id}/safe")
    String show(@PathVariable long id, Model model) {
        return page(model, pages.file(id), Map.of());
    }

    private String page(Model model, JobFile file, Map<String, String> typed) {
        pages.fill(model, file, Gate.SAFE);
        model.addAttribute("typed", typed);
        // what is typed of a capacitor says nothing of the lock-out above it
        model.addAttribute("lock", typed.containsKey("version") ? typed : Map.of());
        model.addAttribute("ways", Disconnect.values());
        model.addAttribute("discharges", WAYS);
        model.addAttribute("safe", file.facts().bench().safe().orElse(null));
        List<CapacitorCheck> capacitors = desk.capacitors(file.job().id());
        model.addAttribute("capacitors", capacitors.stream().map(Shown::of).toList());
        model.addAttribute("findings", findings(file, capacitors));
        return "gate/safe";
    }

    private static List<Finding> findings(JobFile file, List<CapacitorCheck> capacitors) {
        List<Finding> findings = new ArrayList<>();
        boolean lacking = file.evidence().lack(Gate.SAFE).isPresent();
        for (CapacitorCheck capacitor : capacitors) {
            if (capacitor.voltsAfter().isPresent() && !capacitor.isDischarged()) {
                findings.add(Finding.bad(
                        "The " + capacitor.name() + " is charged",
                        "Keep your hands off. Bleed it again, then measure again."));
            }
        }
        if (!lacking) {
            findings.add(Finding.good("Safe as far as it was measured", "It stays so only while the lock is on."));
        }
        boolean capacitorByPlate = file.plate()
                .map(Plate::likelyFamily)
                .map(f -> f.hasStartCapacitor() || f.hasRunCapacitor())
                .orElse(false);
        if (capacitorByPlate && capacitors.isEmpty()) {
            findings.add(Finding.warn(
                    "By its plate this motor has a capacitor",
                    "Look under the hump, and in the motor box. Write it down here."));
        }
        return findings;
    }

    @PostMapping("/jobs/{id}/safe")
    ModelAndView save(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Optional<Disconnect> way = Disconnect.of(typed.getOrDefault("disconnect", ""));
        if (way.isEmpty()) {
            problems.add(new Problem("disconnect", "", "Say how the machine is disconnected."));
        }
        String note = typed.getOrDefault("note", "").strip();
        if (note.length() > 200) {
            problems.add(new Problem("note", note, "Use at most 200 letters."));
        }
        String seen = typed.getOrDefault("version", "");
        int version = seen.matches("\\d{1,9}") ? Integer.parseInt(seen) : -1;
        if (!problems.isEmpty()) {
            JobPages.stillSeen(model, Seen.of(Parts.SAFE, version));
            return again(model, file, typed, problems);
        }
        SafeRecord record = new SafeRecord(
                way.orElseThrow(),
                note,
                typed.containsKey("meterBefore"),
                typed.containsKey("dead"),
                typed.containsKey("meterAfter"),
                typed.containsKey("noCapacitor"),
                desk.capacitors(id));
        try {
            return Saved.redirect(id, Gate.SAFE, desk.save(id, version, record));
        } catch (StaleEdit stale) {
            model.addAttribute("stale", true);
            return new ModelAndView(page(model, pages.file(id), typed), model.asMap(), HttpStatus.CONFLICT);
        }
    }

    private ModelAndView again(Model model, JobFile file, Map<String, String> typed, List<Problem> problems) {
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(page(model, file, typed), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    @PostMapping("/jobs/{id}/safe/capacitors")
    ModelAndView add(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<CapacitorCheck> read = CapacitorReader.read(new CapacitorReader.Typed(
                typed.getOrDefault("name", ""),
                typed.getOrDefault("microfarads", ""),
                typed.getOrDefault("volts", ""),
                typed.getOrDefault("bleedOhms", "")));
        if (read.value().isEmpty()) {
            return again(model, file, typed, read.problems());
        }
        if (!desk.add(id, read.value().orElseThrow())) {
            return again(
                    model,
                    file,
                    typed,
                    List.of(new Problem(
                            "name",
                            typed.getOrDefault("name", ""),
                            "There is a capacitor of this name already. Call it something else.")));
        }
        return back(id);
    }

    private static ModelAndView back(long id) {
        return new ModelAndView("redirect:/jobs/" + id + "/safe#capacitors");
    }

    @PostMapping("/jobs/{id}/safe/measured")
    ModelAndView measured(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        Reading<Double> volts = CapacitorReader.volts(typed.getOrDefault("measured", ""));
        if (volts.value().isEmpty()) {
            return again(model, file, typed, volts.problems());
        }
        String how = typed.getOrDefault("how", "");
        boolean there = desk.measured(
                id,
                typed.getOrDefault("capacitor", ""),
                volts.value().orElseThrow(),
                WAYS.contains(how) ? how : WAYS.get(0));
        return there ? back(id) : again(model, pages.file(id), typed, List.of(gone()));
    }

    @PostMapping("/jobs/{id}/safe/remove")
    ModelAndView remove(@PathVariable long id, @RequestParam(defaultValue = "") String capacitor, Model model) {
        pages.file(id);
        return desk.remove(id, capacitor) ? back(id) : again(model, pages.file(id), Map.of(), List.of(gone()));
    }

    private static Problem gone() {
        return new Problem(
                "name", "", "That capacitor is not on the list any more: somebody took it off. Nothing was written.");
    }
}
