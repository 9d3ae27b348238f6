package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.why.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** An exercise: what lies there, what hands can do to it, what is asked, and how a solution is marked. Immutable; safe to share. */
public abstract class Exercise {
    private final ExerciseNumber number;

    Exercise(ExerciseNumber number) {
        this.number = number;
    }

    public final ExerciseNumber number() {
        return number;
    }

    final boolean isAtLeast(Grade grade) {
        return number.grade().isAtLeast(grade);
    }

    /** What it is about and what is to be found out. */
    public abstract List<Sentence> brief();

    /** The same once something was done: what a later stage is about. */
    public List<Sentence> brief(List<Act> acts) {
        return brief();
    }

    /** What is to be seen after what was done. */
    public abstract Scene scene(List<Act> acts);

    /** What a hand can take up. */
    public abstract List<Tool> tools();

    /** What a hand can take up after what was done. */
    public List<Tool> tools(List<Act> acts) {
        return tools();
    }

    /** The questions that can be answered after what was done. */
    public List<Asked> asked(List<Act> acts) {
        return asked();
    }

    /** Where probes and wires can go after what was done. */
    public abstract List<Point> points(List<Act> acts);

    /** What is asked. */
    abstract List<Question> questions();

    /**
     * What an act finds and does.
     *
     * @param before what was done before it
     * @return empty where it cannot be done: no such tool, no such point
     */
    public final Optional<Sensed> act(List<Act> before, Act act) {
        Optional<Tool> tool =
                tools(before).stream().filter(t -> t.word().equals(act.tool())).findFirst();
        List<String> ids = points(before).stream().map(Point::id).toList();
        boolean lies = tool.isPresent()
                && (tool.get().points() < 1 ? act.one().isEmpty() : ids.contains(act.one()))
                && (tool.get().points() < 2 ? act.other().isEmpty() : ids.contains(act.other()));
        return lies && before.size() < MOST_ACTS ? Optional.of(sense(before, act)) : Optional.empty();
    }

    /** More is done to no exercise. */
    public static final int MOST_ACTS = 400;

    /** What hands do from one point to another without naming a tool. */
    public enum Hand {
        /** Nothing: a tool is to be named. */
        NONE,
        /** They lay a wire. */
        WIRE,
        /** They set a link, or move a line. */
        LINK,
        /** They lay a probe on each: ohms, with the handle where it stands. */
        PROBE,
        /** They lay a probe on each where there is no handle: ohms. */
        OHMS
    }

    /** What hands do here, after what was done, from one point to another. */
    public Hand hand(List<Act> before) {
        return Hand.NONE;
    }

    /** What a hand does from one point to another, with the handle where it stands; empty where a tool is to be named. */
    public Optional<Act> byHand(List<Act> before, String one, String other, HandlePosition at) {
        return switch (hand(before)) {
            case NONE -> Optional.empty();
            case WIRE -> Optional.of(new Act("join", one, other));
            case LINK -> Optional.of(new Act("link-on", one, other));
            case OHMS -> Optional.of(new Act("ohms", one, other));
            case PROBE -> Optional.of(new Act("ohms-" + at.name().toLowerCase(Locale.ROOT), one, other));
        };
    }

    /** What an act that can be done finds and does. */
    abstract Sensed sense(List<Act> before, Act act);

    /** What went wrong on the way, beside what acts did: what was left out, what came too early. */
    abstract List<Slip> slips(List<Act> acts);

    /** How many uses of what counts the best way takes. */
    abstract int fewest();

    /** The better way, step by step. */
    public abstract List<Step> better();

    /** The motor that it is about; empty where there is none with a diagram. */
    Optional<MadeUp> motorInHand() {
        return Optional.empty();
    }

    /** Whether its motor can say why: known without working it out. */
    public final boolean canAskWhy() {
        return motorInHand().isPresent();
    }

    /** Why its motor does what it does; empty where there is no motor with a diagram in it. */
    public final Optional<Why> why() {
        return motorInHand().map(MadeUp::why);
    }

    /** What helps; each costs. */
    public abstract List<Sentence> hints();

    /** The questions as they are put. */
    public final List<Asked> asked() {
        return questions().stream().map(Question::asked).toList();
    }

    /** The right answers by their questions' words: for who gives up. */
    public final Map<String, String> answers() {
        Map<String, String> answers = new java.util.LinkedHashMap<>();
        questions().forEach(q -> answers.put(q.field(), q.right().shown()));
        return answers;
    }

    /** How many uses of what counts there were. */
    public int used(List<Act> acts) {
        List<String> counted =
                tools().stream().filter(Tool::counts).map(Tool::word).toList();
        return (int) acts.stream().filter(a -> counted.contains(a.tool())).count();
    }

    /** Marks a solution. */
    public final Marked mark(List<Act> acts, Map<String, String> typed, int hints) {
        List<Marked.Answered> answered = new ArrayList<>(judged(acts));
        for (Question question : questions()) {
            String given = typed.getOrDefault(question.field(), "");
            boolean right = question.isRight(given);
            answered.add(new Marked.Answered(
                    question.words(),
                    question.label(given),
                    question.label(question.right().shown()),
                    right,
                    right ? Sentence.none() : consequence(question, given)));
        }
        List<Slip> slips = new ArrayList<>();
        List<Act> before = new ArrayList<>();
        for (Act act : acts) {
            Sensed sensed = sense(before, act);
            if (sensed.effect().isHarm()) {
                slips.add(new Slip(sensed.effect().name().toLowerCase(Locale.ROOT), sensed.words(), true));
            }
            before.add(act);
        }
        slips.addAll(slips(acts));
        return new Marked(answered, used(acts), fewest(), slips, hints);
    }

    /** What a wrong answer would have brought about, as the engine finds it; nothing where nobody is the worse for it. */
    Sentence consequence(Question question, String given) {
        return Sentence.none();
    }

    /** Something that hands should have made so. */
    static Marked.Answered judged(String key, boolean isSo, Object... args) {
        return new Marked.Answered(
                Sentence.of(key, args),
                Sentence.of(isSo ? "practice.yes" : "practice.no"),
                Sentence.of("practice.yes"),
                isSo,
                Sentence.none());
    }

    /** What hands made, judged as an answer, too. */
    List<Marked.Answered> judged(List<Act> acts) {
        return List.of();
    }
}
