package gatepin.web.exchange;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedMeasure;
import gatepin.core.TypedNumber.Field;
import gatepin.core.exchange.Match;
import gatepin.core.exchange.Mount;
import gatepin.core.exchange.NineLeads;
import gatepin.core.job.Gate;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.plate.TypedPlate;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.words.Wording;
import gatepin.web.exchange.ExchangeDesk.OnShelf;
import gatepin.web.form.Conflict;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.lane.Post;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
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

/** The motor shelf of a shop, and the exchange of a machine's motor. */
@Controller
class ExchangeController {
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_REASON = 200;

    /** What is written down of an old motor, as the page calls it. */
    private static final Map<String, String> FIELDS = fields();

    private static Map<String, String> fields() {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("horsepower", "Horsepower");
        fields.put("rpm", "Rpm");
        fields.put("amps", "Amps");
        fields.put("threePhase", "Three phases");
        fields.put("bothWays", "Both ways");
        fields.put("turned", "Turned");
        fields.put("seenFrom", "Seen from");
        fields.put("pulley", "a: pulley");
        fields.put("face", "b: its face");
        fields.put("shaft", "c: shaft");
        fields.put("key", "Key");
        fields.put("height", "d: feet to shaft");
        fields.put("clearance", "e: room to a cover");
        fields.put("fixing", "How it is fixed");
        fields.put("note", "What else to remember");
        return fields;
    }

    private final ExchangeDesk desk;
    private final JobPages pages;
    private final Shops shops;

    ExchangeController(ExchangeDesk desk, JobPages pages, Shops shops) {
        this.desk = desk;
        this.pages = pages;
        this.shops = shops;
    }

    /** A motor as it lies on the shelf. */
    public record Lying(
            long motorId,
            String name,
            String plate,
            String leads,
            String cameFrom,
            String note,
            List<String> unknown,
            List<Long> photos) {}

    /** One thing compared. */
    public record PointLine(String standing, String words) {}

    /** A candidate. */
    public record Candidate(
            long motorId,
            String name,
            String plate,
            boolean does,
            boolean known,
            List<PointLine> points,
            List<String> changes) {}

    private Shop shop(long id) {
        return shops.shop(id)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no shop " + id));
    }

    private static String plate(Optional<Plate> plate) {
        return plate.map(p -> p.outputAsWritten() + ", "
                        + p.ratings().stream().map(r -> "" + r.volts()).collect(Collectors.joining("/")) + " V, "
                        + p.hertz() + " Hz, " + p.rpm() + " rpm"
                        + (p.details().phases().equals(Optional.of(3)) ? ", three phases" : ""))
                .orElse("plate not read");
    }

    @GetMapping("/shops/{id}/motors")
    String shelf(@PathVariable long id, Model model) {
        return shelf(shop(id), model, Map.of());
    }

    private String shelf(Shop shop, Model model, Map<String, String> typed) {
        Wording wording = Wording.of(shop.region());
        model.addAttribute("shop", shop);
        model.addAttribute("typed", typed);
        model.addAttribute(
                "motors",
                desk.shelf(shop.id()).stream()
                        .map(m -> new Lying(
                                m.kept().motorId(),
                                m.kept().name(),
                                plate(m.spare().plate()),
                                leads(m),
                                m.kept().cameFrom(),
                                m.kept().note(),
                                unknown(m, wording),
                                m.photos()))
                        .toList());
        model.addAttribute("scrapped", desk.scrapped(shop.id()));
        model.asMap().putIfAbsent("wrong", Map.of());
        return "exchange/shelf";
    }

    private static String leads(OnShelf motor) {
        if (motor.leads().isEmpty()) {
            return "";
        }
        String measured = motor.readings() == 0
                ? "not measured"
                : motor.readings() + (motor.readings() == 1 ? " reading" : " readings") + " of its windings";
        return String.join(" ", motor.leads()) + ": " + measured;
    }

    @GetMapping("/shops/{id}/motors/{motor}/photos/{photo}")
    ResponseEntity<byte[]> photo(@PathVariable long id, @PathVariable long motor, @PathVariable long photo) {
        return desk.photo(id, motor, photo)
                .map(jpeg -> ResponseEntity.ok()
                        .contentType(MediaType.IMAGE_JPEG)
                        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate())
                        .body(jpeg))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no photo " + photo));
    }

    private static List<String> unknown(OnShelf motor, Wording wording) {
        return motor.spare().unknown().stream().map(s -> lower(wording.say(s))).toList();
    }

    private static String lower(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    @PostMapping("/shops/{id}/motors")
    ModelAndView put(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        Shop shop = shop(id);
        List<Problem> problems = new ArrayList<>();
        String name = name(typed, problems);
        String text = typed.getOrDefault("plate", "").strip();
        Optional<TypedPlate> fields = Optional.of(text)
                .filter(t -> !t.isEmpty())
                .map(t -> PlateText.read(t).fields());
        Optional<Reading<Plate>> plate = fields.map(PlateReader::read);
        plate.flatMap(r -> r.problems().stream().findFirst())
                .ifPresent(p ->
                        problems.add(new Problem("plate", text, p.message() + " Power, volts and speed at least.")));
        Mount.Typed mount = mount(typed);
        problems.addAll(Mount.read(mount).problems());
        note(typed, problems);
        if (problems.isEmpty()) {
            Kept kept = new Kept(
                    0,
                    name,
                    typed.getOrDefault("cameFrom", "").strip(),
                    typed.getOrDefault("note", "").strip(),
                    typed.containsKey("tested"),
                    switch (typed.getOrDefault("startEnds", "")) {
                        case "out" -> Optional.of(true);
                        case "in" -> Optional.of(false);
                        default -> Optional.empty();
                    },
                    mount);
            if (desk.put(id, kept, plate.flatMap(Reading::value))) {
                return new ModelAndView("redirect:/shops/" + id + "/motors?saved");
            }
            problems.add(new Problem("name", name, "There is a motor of this name on the shelf."));
        }
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(shelf(shop, model, typed), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    /** Scraps a motor; why is kept with what is known of it. */
    @PostMapping("/shops/{id}/motors/{motor}/scrap")
    ModelAndView scrap(
            @PathVariable long id, @PathVariable long motor, @RequestParam(defaultValue = "") String why, Model model) {
        Shop shop = shop(id);
        String reason = why.strip();
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            model.addAttribute(
                    "wrong",
                    Map.of(
                            "why-" + motor,
                            reason.isEmpty()
                                    ? "Say why, such as: start winding burnt through."
                                    : "Use at most " + LONGEST_REASON + " letters."));
            model.addAttribute("why", why);
            return new ModelAndView(shelf(shop, model, Map.of()), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        if (!desk.scrap(id, motor, reason)) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no motor " + motor + " on the shelf");
        }
        return new ModelAndView("redirect:/shops/" + id + "/motors?saved");
    }

    private static String name(Map<String, String> typed, List<Problem> problems) {
        String name = typed.getOrDefault("name", "").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            problems.add(new Problem(
                    "name",
                    name,
                    name.isEmpty() ? "Give it a name, such as pump motor, grey." : "Use at most 80 letters."));
        }
        return name;
    }

    private static void note(Map<String, String> typed, List<Problem> problems) {
        if (typed.getOrDefault("note", "").strip().length() > LONGEST_NOTE) {
            problems.add(new Problem("note", "", "Use at most 500 letters."));
        }
        if (typed.getOrDefault("cameFrom", "").strip().length() > LONGEST_NAME) {
            problems.add(new Problem("cameFrom", "", "Use at most 80 letters."));
        }
    }

    private static Mount.Typed mount(Map<String, String> typed) {
        String fixing = typed.getOrDefault("fixing", "");
        return new Mount.Typed(
                short20(typed, "pulley"),
                short20(typed, "face"),
                short20(typed, "shaft"),
                short20(typed, "key"),
                short20(typed, "height"),
                short20(typed, "clearance"),
                fixing.isEmpty() ? Mount.Fixing.UNKNOWN.name() : fixing);
    }

    private static String short20(Map<String, String> typed, String field) {
        String value = typed.getOrDefault(field, "").strip();
        return value.length() > 20 ? value.substring(0, 20) : value;
    }

    @GetMapping("/jobs/{id}/exchange")
    String exchange(@PathVariable long id, Model model) {
        JobFile file = pages.file(id);
        return exchange(file, model, typed(file, desk.old(id)));
    }

    /** What is written down, or else what plate and Rotation gate tell. */
    private static Map<String, String> typed(JobFile file, Optional<OldMotor> old) {
        Map<String, String> typed = new HashMap<>();
        Optional<Plate> plate = file.plate();
        plate.ifPresent(p -> {
            typed.put("horsepower", String.format(Locale.ROOT, "%.2f", p.ratedOutputWatts() / Plate.WATTS_PER_HP));
            typed.put("rpm", "" + p.rpm());
            if (p.details().phases().equals(Optional.of(3))) {
                typed.put("threePhase", "yes");
            }
            // at the highest voltage that the shop can have given it
            p.ratings().stream()
                    .filter(r -> r.volts()
                            <= 1.1
                                    * file.job()
                                            .region()
                                            .volts()
                                            .get(file.job().region().volts().size() - 1))
                    .reduce((low, high) -> high)
                    .flatMap(Plate.Rating::amps)
                    .ifPresent(a -> typed.put("amps", String.format(Locale.ROOT, "%.1f", a)));
        });
        file.facts().rotation().filter(r -> r.bothWays()).ifPresent(r -> typed.put("bothWays", "yes"));
        old.ifPresent(o -> {
            typed.put("horsepower", String.format(Locale.ROOT, "%.2f", o.horsepower()));
            typed.put("rpm", "" + o.rpm());
            typed.remove("threePhase");
            typed.remove("bothWays");
            if (o.threePhase()) {
                typed.put("threePhase", "yes");
            }
            if (o.bothWays()) {
                typed.put("bothWays", "yes");
            }
            o.amps().ifPresent(a -> typed.put("amps", String.format(Locale.ROOT, "%.1f", a)));
            typed.put("turned", o.turned().direction().name());
            typed.put("seenFrom", o.turned().seenFrom().name());
            typed.put("pulley", o.mount().pulley());
            typed.put("face", o.mount().face());
            typed.put("shaft", o.mount().shaft());
            typed.put("key", o.mount().key());
            typed.put("height", o.mount().height());
            typed.put("clearance", o.mount().clearance());
            typed.put("fixing", o.mount().fixing());
            typed.put("note", o.note());
        });
        return typed;
    }

    private String exchange(JobFile file, Model model, Map<String, String> typed) {
        pages.fill(model, file, file.lane().next().orElse(Gate.PLATE));
        model.addAttribute("fence", Post.fence(file.lane(), Optional.empty()));
        model.addAttribute("typed", typed);
        Optional<OldMotor> old = desk.old(file.job().id());
        List<OnShelf> shelf = desk.shelf(file.job().shopId());
        model.addAttribute(
                "known", file.plate().isPresent() || !file.leads().all().isEmpty());
        model.addAttribute("measured", old.isPresent());
        model.addAttribute("nineLeads", typed.containsKey("threePhase") ? NineLeads.BOTH : List.of());
        model.addAttribute("shelved", shelf.size());
        model.addAttribute("face", old.map(o -> o.mount().face()).orElse(""));
        model.addAttribute(
                "candidates",
                old.map(o -> desk.matches(file, o, shelf).stream()
                                .map(m -> candidate(file, shelf, m))
                                .toList())
                        .orElse(List.of()));
        return "exchange/exchange";
    }

    private static Candidate candidate(JobFile file, List<OnShelf> shelf, Match match) {
        OnShelf motor = shelf.stream()
                .filter(s -> s.spare().equals(match.spare()))
                .findFirst()
                .orElseThrow();
        return new Candidate(
                motor.kept().motorId(),
                match.spare().name(),
                plate(match.spare().plate()),
                match.does(),
                match.isKnown(),
                match.points().stream()
                        .map(p -> new PointLine(p.standing().name().toLowerCase(Locale.ROOT), file.say(p.words())))
                        .toList(),
                match.changes().stream().map(file::say).toList());
    }

    @PostMapping("/jobs/{id}/exchange")
    ModelAndView measured(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        Optional<Double> horsepower = TypedMeasure.number(
                problems,
                "horsepower",
                typed.getOrDefault("horsepower", ""),
                Field.of(0.01, 20, "hp"),
                "0.01 to 20 hp");
        Optional<Double> rpm = TypedMeasure.number(
                problems, "rpm", typed.getOrDefault("rpm", ""), Field.of(200, 3600, "rpm"), "200 to 3600 rpm");
        Optional<Double> amps = TypedMeasure.number(
                problems, "amps", typed.getOrDefault("amps", ""), Field.of(0.05, 200, "a"), "0.05 to 200 A");
        if (horsepower.isEmpty() && problems.isEmpty()) {
            problems.add(new Problem("horsepower", "", "How strong was it? Its plate or its size tells."));
        }
        if (rpm.isEmpty() && problems.stream().noneMatch(p -> p.field().equals("rpm"))) {
            problems.add(new Problem("rpm", "", "How fast did it turn? The pulleys are made for that."));
        }
        Mount.Typed mount = mount(typed);
        problems.addAll(Mount.read(mount).problems());
        note(typed, problems);
        if (!problems.isEmpty()) {
            model.addAttribute("wrong", JobPages.byField(problems));
            JobPages.stillSeen(model, Seen.of(Parts.MOUNT, JobPages.version(typed)));
            return new ModelAndView(exchange(file, model, typed), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        OldMotor old = new OldMotor(
                horsepower.orElseThrow(),
                (int) Math.round(rpm.orElseThrow()),
                typed.containsKey("threePhase"),
                amps,
                typed.containsKey("bothWays"),
                turned(typed),
                mount,
                typed.getOrDefault("note", "").strip());
        try {
            desk.measured(id, JobPages.version(typed), old);
        } catch (StaleEdit stale) {
            JobFile now = pages.file(id);
            model.addAttribute("conflict", conflicts(typed(file, Optional.of(old)), typed(now, desk.old(id))));
            return new ModelAndView(exchange(now, model, typed), model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/exchange?saved");
    }

    private static List<Conflict> conflicts(Map<String, String> yours, Map<String, String> theirs) {
        List<Conflict> conflicts = new ArrayList<>();
        FIELDS.forEach((field, words) ->
                Conflict.compare(conflicts, words, yours.getOrDefault(field, ""), theirs.getOrDefault(field, "")));
        return conflicts;
    }

    private static StatedRotation turned(Map<String, String> typed) {
        Direction direction = java.util.Arrays.stream(Direction.values())
                .filter(d -> d.name().equals(typed.get("turned")))
                .findFirst()
                .orElse(Direction.NOT_STATED);
        End end = "OPPOSITE_END".equals(typed.get("seenFrom")) ? End.OPPOSITE_END : End.SHAFT_END;
        return new StatedRotation(direction, end);
    }

    @PostMapping("/jobs/{id}/exchange/off")
    ModelAndView takeOff(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
        JobFile file = pages.file(id);
        List<Problem> problems = new ArrayList<>();
        String name = name(typed, problems);
        note(typed, problems);
        if (problems.isEmpty()) {
            try {
                desk.takeOff(id, name, typed.getOrDefault("note", "").strip());
                return new ModelAndView("redirect:/jobs/" + id + "/exchange?saved");
            } catch (StaleEdit taken) {
                problems.add(new Problem("name", name, "There is a motor of this name on the shelf."));
            }
        }
        Map<String, String> again = new HashMap<>(typed(file, desk.old(id)));
        again.put("name", name);
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(exchange(file, model, again), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    @PostMapping("/jobs/{id}/exchange/in")
    ModelAndView putIn(@PathVariable long id, @RequestParam(defaultValue = "0") long motor, Model model) {
        JobFile file = pages.file(id);
        try {
            desk.putIn(id, motor);
        } catch (StaleEdit gone) {
            model.addAttribute("stale", true);
            return new ModelAndView(
                    exchange(file, model, typed(file, desk.old(id))), model.asMap(), HttpStatus.CONFLICT);
        }
        return new ModelAndView("redirect:/jobs/" + id + "/plate?saved");
    }
}
