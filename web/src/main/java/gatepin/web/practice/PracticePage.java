package gatepin.web.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.Marks;
import gatepin.core.practice.Act;
import gatepin.core.practice.Asked;
import gatepin.core.practice.Exercise.Hand;
import gatepin.core.practice.Marked;
import gatepin.core.practice.Point;
import gatepin.core.practice.Scene;
import gatepin.core.practice.Sensed.Effect;
import gatepin.core.practice.Step;
import gatepin.core.practice.Tool;
import gatepin.core.words.Wording;
import gatepin.web.drawing.BoardPicture;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.practice.PracticeDesk.Standing;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** An exercise in words and pictures. */
final class PracticePage {
    private final Standing standing;
    private final Wording wording;
    private final List<Act> acts;

    /** Worked out once for a page. */
    private @Nullable Marked marked;

    PracticePage(Standing standing, Wording wording) {
        this(standing, wording, standing.acts());
    }

    /** The same after other acts than the person's: those of the better way. */
    PracticePage(Standing standing, Wording wording, List<Act> acts) {
        this.standing = standing;
        this.wording = wording;
        this.acts = acts;
    }

    private List<String> said(List<Sentence> sentences) {
        return sentences.stream().map(wording::say).toList();
    }

    public String number() {
        return standing.exercise().number().toString();
    }

    public String title() {
        return wording.say(standing.exercise().number().level().title());
    }

    public String grade() {
        return wording.say(standing.exercise().number().grade().title());
    }

    public int seed() {
        return standing.exercise().number().seed();
    }

    public String person() {
        return standing.person().name();
    }

    public List<String> brief() {
        return said(standing.exercise().brief(acts));
    }

    /** A tool as it is shown. */
    public record Held(String word, String title, int points) {}

    public List<Held> tools() {
        return standing.exercise().tools(acts).stream()
                .map((Tool t) -> new Held(t.word(), wording.say(t.title()), t.points()))
                .toList();
    }

    public List<Point> points() {
        return standing.exercise().points(acts);
    }

    /** What hands do from point to point, for the script; blank where a tool is to be named. */
    public String hand() {
        Hand hand = standing.exercise().hand(acts);
        return hand == Hand.NONE ? "" : hand.name().toLowerCase(Locale.ROOT);
    }

    /** The same in words. */
    public String idle() {
        Hand hand = standing.exercise().hand(acts);
        return hand == Hand.NONE ? "" : wording.say(Sentence.of("practice.hand." + hand.name()));
    }

    public boolean needsPoints() {
        return tools().stream().anyMatch(t -> t.points() > 0);
    }

    public boolean needsTwoPoints() {
        return tools().stream().anyMatch(t -> t.points() > 1);
    }

    /** A line of the notebook. */
    public record Note(int number, String words, String harm) {}

    /** What was found, the latest first. */
    public List<Note> notes() {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < acts.size(); i++) {
            List<Act> before = acts.subList(0, i);
            int number = i + 1;
            standing.exercise()
                    .act(before, acts.get(i))
                    .ifPresent(s -> notes.add(new Note(
                            number,
                            wording.say(s.words()),
                            s.effect() == Effect.NONE ? "" : s.effect().name().toLowerCase(Locale.ROOT))));
        }
        Collections.reverse(notes);
        return notes;
    }

    /** A question as it is put. */
    public record Put(String field, String words, List<Choice> choices, String given) {}

    /** One of several answers. */
    public record Choice(String word, String label) {}

    public List<Put> questions() {
        return standing.exercise().asked(acts).stream()
                .map((Asked q) -> new Put(
                        "answer." + q.field(),
                        wording.say(q.words()),
                        q.choices().stream()
                                .map(c -> new Choice(c.word(), wording.say(c.label())))
                                .toList(),
                        standing.answers().getOrDefault(q.field(), "")))
                .toList();
    }

    /** The hints that were asked for. */
    public List<String> hints() {
        return said(standing.exercise()
                .hints()
                .subList(
                        0,
                        Math.min(standing.hints(), standing.exercise().hints().size())));
    }

    public boolean hasMoreHints() {
        return standing.hints() < standing.exercise().hints().size();
    }

    public boolean isBegun() {
        return !standing.acts().isEmpty() || standing.hints() > 0;
    }

    // what lies there

    private Scene scene() {
        return standing.exercise().scene(acts);
    }

    /** The drawings of a wiring; none where something else lies there. What flows in copper is drawn when the exercise has ended. */
    public List<Drawing> drawings() {
        if (!(scene() instanceof Scene.Wired wired)) {
            return List.of();
        }
        List<Drawing> drawn = new WiringPicture(
                        wired.leads(),
                        wired.gear(),
                        wired.circuit(),
                        wired.wiring().wires(),
                        List.of(),
                        standing.exercise().hand(acts) == Hand.WIRE
                                ? wired.wiring().nuts()
                                : List.of())
                .draw();
        return wired.isCopper() && !standing.isEnded()
                ? drawn.stream().map(Drawing::unlit).toList()
                : drawn;
    }

    /** Whether a wiring lies there: where it finds no clear way on a drawing its wires are listed. */
    public List<String> wires() {
        return scene() instanceof Scene.Wired wired
                ? wired.wiring().wires().stream()
                        .map(w -> w.from().label() + " to " + w.to().label())
                        .toList()
                : List.of();
    }

    /** What is stamped on a plate or written in a cover. */
    public List<String> lines() {
        return scene() instanceof Scene.Stamped stamped ? stamped.lines() : List.of();
    }

    /** Whether there is nothing to be drawn but the places that a probe can lie on. */
    public boolean isBare() {
        return scene() instanceof Scene.Bare;
    }

    /** Leads that hang out of a motor. */
    public List<String> loose() {
        return scene() instanceof Scene.Loose hanging ? hanging.marks() : List.of();
    }

    /** Whether a mark is another one upside down, and so is underlined. */
    public boolean readsUpsideDown(String mark) {
        return Marks.readsUpsideDown(mark);
    }

    public Optional<BoardPicture> board() {
        return scene() instanceof Scene.Board board
                ? Optional.of(BoardPicture.of("As it stands", board.studs(), board.layout(), board.layout()))
                : Optional.empty();
    }

    /** What lies between motor and tool, from the shaft on: stage by stage. */
    public List<String> train() {
        return scene() instanceof Scene.Train t
                ? t.train().stages().stream()
                        .map(s -> s.kind().words()
                                + (s.kind().hasSizes()
                                        ? ", " + Math.round(s.driver()) + " drives " + Math.round(s.driven())
                                        : ""))
                        .toList()
                : List.of();
    }

    /** Whether there is a motor that can say why. */
    public boolean canAskWhy() {
        return standing.exercise().canAskWhy();
    }

    // how it went

    /** An answer with what is right. */
    public record Judged(String question, String given, String right, boolean isRight, String consequence) {}

    public List<Judged> judged() {
        return marked().answers().stream()
                .map(a -> new Judged(
                        wording.say(a.question()),
                        wording.say(a.given()),
                        wording.say(a.right()),
                        a.isRight(),
                        a.consequence().isNone() ? "" : wording.say(a.consequence())))
                .toList();
    }

    private Marked marked() {
        Marked known = marked;
        if (known == null) {
            known = standing.marked();
            marked = known;
        }
        return known;
    }

    public int marks() {
        return standing.attempt().map(a -> a.gaveUp() ? 0 : marked().points()).orElse(0);
    }

    public boolean gaveUp() {
        return standing.attempt().map(PracticeStore.Attempt::gaveUp).orElse(false);
    }

    public boolean isSolved() {
        return !gaveUp() && marked().isSolved();
    }

    public boolean isRight() {
        return marked().isRight();
    }

    public int used() {
        return marked().used();
    }

    public int fewest() {
        return marked().fewest();
    }

    /** Something that should not have been done. */
    public record Slipped(String words, boolean harm) {}

    public List<Slipped> slips() {
        return marked().slips().stream()
                .map(s -> new Slipped(wording.say(s.words()), s.isHarm()))
                .toList();
    }

    /** A step of the better way. */
    public record Better(int number, String act, String why, boolean here) {}

    /** The better way, a step of it at hand. */
    public List<Better> better(int at) {
        List<Better> better = new ArrayList<>();
        List<Act> before = new ArrayList<>();
        for (Step step : standing.exercise().better()) {
            int number = better.size() + 1;
            better.add(new Better(number, act(step.act(), before), wording.say(step.why()), number == at));
            if (!step.act().tool().isEmpty()) {
                before.add(step.act());
            }
        }
        return better;
    }

    /** An act in words, by the marks of its points. */
    private String act(Act act, List<Act> before) {
        if (act.tool().isEmpty()) {
            return "";
        }
        String tool = standing.exercise().tools().stream()
                .filter(t -> t.word().equals(act.tool()))
                .map(t -> wording.say(t.title()))
                .findFirst()
                .orElse(act.tool());
        return tool
                + (act.one().isEmpty() ? "" : ": " + mark(act.one(), before))
                + (act.other().isEmpty() ? "" : " to " + mark(act.other(), before));
    }

    private String mark(String point, List<Act> before) {
        return standing.exercise().points(before).stream()
                .filter(p -> p.id().equals(point))
                .map(Point::label)
                .findFirst()
                .orElse(point);
    }

    /** The acts of the better way up to a step. */
    static List<Act> walked(Standing standing, int at) {
        return standing.exercise().better().stream()
                .limit(at)
                .map(Step::act)
                .filter(a -> !a.tool().isEmpty())
                .toList();
    }

    /** Where to look on the drawing at a step, by the terminals' ids. */
    List<String> points(int at) {
        List<Step> steps = standing.exercise().better();
        return at >= 1 && at <= steps.size() ? steps.get(at - 1).points() : List.of();
    }
}
