package gatepin.web.practice;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Grade;
import gatepin.core.practice.Level;
import gatepin.core.practice.Repeats;
import gatepin.core.rotation.Ways;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import gatepin.web.practice.PracticeDesk.Standing;
import gatepin.web.practice.PracticeStore.Attempt;
import gatepin.web.practice.PracticeStore.Person;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** The practice yard: what there is to practise, an exercise, how it went. */
@Controller
class PracticeController {
    private static final String COOKIE = "practises";
    /** No tool is named: what hands do from point to point. */
    private static final String BY_HAND = "by-hand";

    private static final int LONGEST_NAME = 60;
    private static final Duration KEPT = Duration.ofDays(365);

    private final PracticeDesk desk;
    private final Shops shops;

    PracticeController(PracticeDesk desk, Shops shops) {
        this.desk = desk;
        this.shops = shops;
    }

    /** The words of the first shop's region: exercises belong to no shop. */
    private Wording wording() {
        return Wording.of(shops.all().stream().map(Shop::region).findFirst().orElse(Region.NORTH_AMERICA));
    }

    /** A kind of exercise, and how far somebody is with it. */
    public record Cell(String level, String grade, String gradeTitle, long solved, int best, boolean due) {}

    /** A level with its grades. */
    public record Row(String title, List<Cell> cells) {}

    @GetMapping("/practice")
    String yard(@CookieValue(name = COOKIE, defaultValue = "") String cookie, Model model) {
        return yard(desk.person(cookie), model);
    }

    private String yard(Person person, Model model) {
        Wording wording = wording();
        List<Attempt> ended = desk.ended(person);
        List<Repeats.Of> due = desk.due(person);
        model.addAttribute("person", person);
        model.addAttribute("people", desk.people());
        model.addAttribute(
                "rows",
                Arrays.stream(Level.values())
                        .map(l -> new Row(
                                wording.say(l.title()),
                                Arrays.stream(Grade.values())
                                        .map(g -> cell(l, g, ended, due, wording))
                                        .toList()))
                        .toList());
        Optional<Repeats.Of> next = desk.next(person);
        model.addAttribute("next", next.map(n -> cell(n.level(), n.grade(), ended, due, wording)));
        model.addAttribute(
                "nextTitle", next.map(n -> wording.say(n.level().title())).orElse(""));
        model.addAttribute("ended", ended.size());
        model.asMap().putIfAbsent("wrong", Map.of());
        model.asMap().putIfAbsent("typed", "");
        return "practice/yard";
    }

    private static Cell cell(Level level, Grade grade, List<Attempt> ended, List<Repeats.Of> due, Wording wording) {
        List<Attempt> mine = ended.stream()
                .filter(a -> a.number().level() == level && a.number().grade() == grade)
                .toList();
        return new Cell(
                level.word(),
                grade.word(),
                wording.say(grade.title()).toLowerCase(java.util.Locale.ROOT),
                mine.stream().filter(Attempt::solved).count(),
                mine.stream().mapToInt(Attempt::points).max().orElse(0),
                due.contains(new Repeats.Of(level, grade)));
    }

    /** Says who practises; kept in a cookie of this browser. */
    @PostMapping("/practice/who")
    Object who(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @RequestParam(defaultValue = "") String name,
            Model model) {
        String stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > LONGEST_NAME) {
            model.addAttribute(
                    "wrong",
                    Map.of("name", stripped.isEmpty() ? "Give a name." : "Use at most " + LONGEST_NAME + " letters."));
            return new ModelAndView(yard(desk.person(cookie), model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        ResponseCookie kept = ResponseCookie.from(
                        COOKIE, "" + desk.called(stripped).id())
                .path("/practice")
                .httpOnly(true)
                .sameSite("Strict")
                .maxAge(KEPT)
                .build();
        return ResponseEntity.status(HttpStatus.FOUND)
                .header(HttpHeaders.SET_COOKIE, kept.toString())
                .header(HttpHeaders.LOCATION, "/practice")
                .build();
    }

    /** An exercise of a kind that this person never had. */
    @GetMapping("/practice/new")
    String fresh(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @RequestParam(defaultValue = "") String level,
            @RequestParam(defaultValue = "") String grade) {
        Level wanted = Level.of(level).orElseThrow(PracticeController::none);
        Grade how = Grade.of(grade).orElseThrow(PracticeController::none);
        return "redirect:/practice/" + desk.fresh(desk.person(cookie), wanted, how);
    }

    /** The exercise of a number that somebody was told. */
    @GetMapping("/practice/by-number")
    Object byNumber(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @RequestParam(defaultValue = "") String number,
            Model model) {
        Optional<ExerciseNumber> read = ExerciseNumber.read(number.strip().toLowerCase(java.util.Locale.ROOT));
        if (read.isEmpty()) {
            model.addAttribute(
                    "wrong", Map.of("number", "Write it as it stands on the exercise, such as drum-easy-4711."));
            model.addAttribute("typed", number);
            return new ModelAndView(yard(desk.person(cookie), model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
        }
        return "redirect:/practice/" + read.get();
    }

    private static ResponseStatusException none() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no such exercise");
    }

    private Standing standing(String cookie, String number) {
        return desk.standing(desk.person(cookie), ExerciseNumber.read(number).orElseThrow(PracticeController::none));
    }

    @GetMapping("/practice/{number}")
    String show(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @PathVariable String number,
            @RequestParam(defaultValue = "") String one,
            @RequestParam(defaultValue = "") String other,
            @RequestParam(defaultValue = "0") int step,
            Model model) {
        Standing standing = standing(cookie, number);
        return standing.isEnded() ? review(standing, step, model) : exercise(standing, one, other, model);
    }

    private String exercise(Standing standing, String one, String other, Model model) {
        model.addAttribute("work", new PracticePage(standing, wording()));
        model.addAttribute("one", one);
        model.addAttribute("other", other);
        model.addAttribute("ways", Ways.USUAL);
        model.asMap().putIfAbsent("wrong", Map.of());
        return "practice/exercise";
    }

    private String review(Standing standing, int step, Model model) {
        int steps = standing.exercise().better().size();
        int at = Math.max(0, Math.min(steps, step));
        PracticePage walked = new PracticePage(standing, wording(), PracticePage.walked(standing, at));
        model.addAttribute("work", new PracticePage(standing, wording()));
        model.addAttribute("walked", walked);
        model.addAttribute("ways", Ways.USUAL);
        model.addAttribute("step", at);
        model.addAttribute("steps", steps);
        model.addAttribute("look", String.join(" ", walked.points(at)));
        model.addAttribute("level", standing.exercise().number().level().word());
        model.addAttribute("gradeWord", standing.exercise().number().grade().word());
        model.asMap().putIfAbsent("wrong", Map.of());
        return "practice/review";
    }

    @PostMapping("/practice/{number}/act")
    ModelAndView act(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @PathVariable String number,
            @RequestParam Map<String, String> typed,
            Model model) {
        Standing standing = standing(cookie, number);
        if (standing.isEnded()) {
            return new ModelAndView("redirect:/practice/" + standing.exercise().number());
        }
        Person person = standing.person();
        String one = typed.getOrDefault("one", "");
        String other = typed.getOrDefault("other", "");
        ExerciseNumber read = standing.exercise().number();
        // what was answered so far is not lost by taking up a tool
        desk.keep(person, read, typed);
        String tool = typed.getOrDefault("tool", "");
        boolean isDone = tool.equals(BY_HAND)
                ? position(typed.getOrDefault("at", ""))
                        .filter(at -> desk.byHand(person, read, one, other, at))
                        .isPresent()
                : desk.act(person, read, tool, one, other);
        if (!isDone) {
            model.addAttribute("wrong", Map.of("tool", "That cannot be done there. Choose a tool and its points."));
            return new ModelAndView(
                    exercise(desk.standing(person, read), one, other, model),
                    model.asMap(),
                    HttpStatus.UNPROCESSABLE_ENTITY);
        }
        return new ModelAndView("redirect:/practice/" + read + "?one=" + encoded(one) + "&other=" + encoded(other));
    }

    private static Optional<HandlePosition> position(String word) {
        return Arrays.stream(HandlePosition.values())
                .filter(p -> p.name().equalsIgnoreCase(word))
                .findFirst();
    }

    private static String encoded(String word) {
        return URLEncoder.encode(word, StandardCharsets.UTF_8);
    }

    @PostMapping("/practice/{number}/{what:hint|done|give-up|again}")
    String end(
            @CookieValue(name = COOKIE, defaultValue = "") String cookie,
            @PathVariable String number,
            @PathVariable String what,
            @RequestParam Map<String, String> typed) {
        Standing standing = standing(cookie, number);
        ExerciseNumber read = standing.exercise().number();
        if (standing.isEnded() && !what.equals("again")) {
            return "redirect:/practice/" + read;
        }
        switch (what) {
            case "hint" -> {
                desk.keep(standing.person(), read, typed);
                desk.hint(standing.person(), read);
            }
            case "again" -> desk.begin(standing.person(), read);
            default -> desk.end(standing.person(), read, typed, what.equals("give-up"));
        }
        return "redirect:/practice/" + read;
    }
}
