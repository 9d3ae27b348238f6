package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.practice.Sensed.Effect;
import gatepin.core.safe.Discharge;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Make it safe, then take the cover off. What was left out hurts: by how much, the capacitors' charge says. */
final class SafeExercise extends Exercise {
    private static final int LOW_VOLTS = 120;

    private static final int HIGH_VOLTS = 240;
    /** A bleed resistor has had this long by the time a hand gets to the capacitor, s. */
    private static final double WALKED_SECONDS = 120;

    private record Can(String id, Discharge charge, boolean bleedWhole) {
        double volts() {
            return bleedWhole ? 0 : charge.chargedVolts();
        }
    }

    private final boolean plug;
    private final boolean secondFeed;
    private final boolean deadMeter;
    private final boolean loose;
    private final int volts;
    private final List<Can> cans = new ArrayList<>();

    SafeExercise(ExerciseNumber number) {
        this(number, number.chance(102).nextBoolean() ? LOW_VOLTS : HIGH_VOLTS);
    }

    /** A machine on a voltage. */
    SafeExercise(ExerciseNumber number, int about) {
        super(number);
        Random chance = number.chance(2);
        this.plug = chance.nextBoolean();
        this.volts = about < 200 ? LOW_VOLTS : HIGH_VOLTS;
        this.deadMeter = isAtLeast(Grade.MIDDLING) && chance.nextInt(3) == 0;
        this.secondFeed = isAtLeast(Grade.HARD) && chance.nextBoolean();
        this.loose = chance.nextInt(3) == 0;
        int count = isAtLeast(Grade.MIDDLING) ? 1 + chance.nextInt(2) : chance.nextInt(2);
        for (int i = 0; i < count; i++) {
            double microfarads = i == 0 ? 60 + 20 * chance.nextInt(12) : 10 + 5 * chance.nextInt(6);
            cans.add(new Can("C" + (i + 1), Discharge.onAlternating(microfarads, volts), chance.nextBoolean()));
        }
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of(plug ? "practice.safe.plug" : "practice.safe.disconnect", volts));
        brief.add(Sentence.of(loose ? "practice.safe.loose" : "practice.safe.bolted"));
        for (Can can : cans) {
            brief.add(Sentence.of(
                    "practice.safe.can", can.id(), Math.round(can.charge().microfarads())));
        }
        if (isAtLeast(Grade.HARD)) {
            brief.add(Sentence.of("practice.safe.conduits", 2));
        }
        brief.add(Sentence.of("practice.safe.task"));
        return brief;
    }

    @Override
    public Scene scene(List<Act> acts) {
        return new Scene.Bare();
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        tools.add(Tool.counted(plug ? "unplug" : "open", 0));
        tools.add(Tool.counted("lock", 0));
        tools.add(Tool.counted("meter-on-live", 0));
        tools.add(Tool.counted("battery", 0));
        tools.add(Tool.counted("volts", 2));
        if (isAtLeast(Grade.HARD)) {
            tools.add(Tool.counted("second-feed", 0));
        }
        if (!cans.isEmpty()) {
            tools.add(Tool.counted("bleed", 1));
            tools.add(Tool.counted("screwdriver", 1));
        }
        tools.add(Tool.counted("strap", 0));
        tools.add(Tool.counted("cover-off", 0));
        return tools;
    }

    @Override
    public List<Point> points(List<Act> acts) {
        List<Point> points = new ArrayList<>();
        points.add(new Point("L", "L"));
        points.add(new Point("N", volts == LOW_VOLTS ? "N" : "L2"));
        points.add(new Point("PE", "G"));
        for (Can can : cans) {
            points.add(new Point(can.id() + "+", can.id() + " left"));
            points.add(new Point(can.id() + "-", can.id() + " right"));
        }
        return points;
    }

    private boolean fed(List<Act> before) {
        boolean first = before.stream().noneMatch(a -> a.by("unplug") || a.by("open"));
        boolean second = secondFeed && before.stream().noneMatch(a -> a.by("second-feed"));
        return first || second;
    }

    private boolean meterWorks(List<Act> before) {
        return !deadMeter || before.stream().anyMatch(a -> a.by("battery"));
    }

    private double left(Can can, List<Act> before) {
        boolean bled = before.stream()
                .anyMatch(a -> (a.by("bleed") || a.by("screwdriver")) && a.one().startsWith(can.id()));
        return bled ? 0 : can.volts();
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        return switch (act.tool()) {
            case "meter-on-live" ->
                meterWorks(before)
                        ? Sensed.of("practice.safe.sensed.live", volts)
                        : Sensed.of("practice.safe.sensed.silent");
            case "volts" -> measured(before, act);
            case "bleed", "screwdriver" ->
                cans.stream().noneMatch(c -> act.one().startsWith(c.id()))
                        ? Sensed.of("practice.safe.sensed.noCan")
                        : act.by("bleed") ? bled(before, can(act.one())) : shorted(before, can(act.one()));
            case "second-feed" ->
                Sensed.of(secondFeed ? "practice.safe.sensed.second" : "practice.safe.sensed.noSecond");
            case "cover-off" -> opened(before);
            default -> Sensed.of("practice.safe.sensed." + act.tool());
        };
    }

    private Can can(String point) {
        return cans.stream().filter(c -> point.startsWith(c.id())).findFirst().orElse(cans.get(0));
    }

    private Sensed measured(List<Act> before, Act act) {
        if (!meterWorks(before)) {
            return Sensed.of("practice.safe.sensed.volts", act.one(), act.other(), 0);
        }
        boolean ofCan = cans.stream()
                .anyMatch(c -> act.one().startsWith(c.id()) && act.other().startsWith(c.id()));
        double shown = act.one().equals(act.other())
                ? 0
                : ofCan ? left(can(act.one()), before) : !fed(before) || isOfCan(act) ? 0 : between(act);
        return Sensed.of("practice.safe.sensed.volts", act.one(), act.other(), Math.round(shown));
    }

    private static boolean isOfCan(Act act) {
        return act.one().startsWith("C") || act.other().startsWith("C");
    }

    private double between(Act act) {
        boolean toGround = act.one().equals("PE") || act.other().equals("PE");
        boolean neutral = act.one().equals("N") || act.other().equals("N");
        // a low voltage has a neutral, which is at ground; the higher one has two hots
        return !toGround ? volts : volts == LOW_VOLTS ? neutral ? 0 : volts : volts / 2.0;
    }

    private Sensed bled(List<Act> before, Can can) {
        if (fed(before)) {
            return new Sensed(Sentence.of("practice.safe.sensed.bleedLive", can.id()), Effect.HURT);
        }
        return Sensed.of(
                "practice.safe.sensed.bleed",
                can.id(),
                Math.round(can.charge().bleeder().ohms()),
                Math.round(can.charge().bleeder().seconds() * 10) / 10.0);
    }

    private Sensed shorted(List<Act> before, Can can) {
        double joules = left(can, before) > 0 ? can.charge().joules() : 0;
        if (fed(before)) {
            return new Sensed(Sentence.of("practice.safe.sensed.bleedLive", can.id()), Effect.HURT);
        }
        return Sensed.of("practice.safe.sensed.screwdriver", can.id(), Math.round(joules * 10) / 10.0);
    }

    private Sensed opened(List<Act> before) {
        if (fed(before)) {
            return new Sensed(Sentence.of("practice.safe.sensed.shock", volts), Effect.HURT);
        }
        for (Can can : cans) {
            double left = left(can, before);
            double joules = 0.5 * can.charge().microfarads() * 1e-6 * left * left;
            if (joules > Discharge.HURTS_JOULES) {
                return new Sensed(
                        Sentence.of(
                                "practice.safe.sensed.charge",
                                can.id(),
                                Math.round(left),
                                Math.round(joules * 10) / 10.0),
                        Effect.HURT);
            }
        }
        return Sensed.of("practice.safe.sensed.open-well", Math.round(WALKED_SECONDS / 60));
    }

    @Override
    List<Question> questions() {
        return List.of();
    }

    @Override
    List<Marked.Answered> judged(List<Act> acts) {
        boolean off = acts.stream().anyMatch(a -> a.by("cover-off"));
        return List.of(judged("practice.safe.judged", off));
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        int end = index(acts, "cover-off", acts.size());
        List<Act> before = acts.subList(0, end);
        int dead = index(before, "volts", -1);
        int first = index(before, "meter-on-live", -1);
        int last = lastIndex(before, "meter-on-live");
        int lastVolts = lastIndexOfLines(before);
        if (index(before, "lock", -1) < 0) {
            slips.add(Slip.of("unlocked"));
        }
        if (lastVolts < 0) {
            slips.add(Slip.of("unproved"));
        } else if (first < 0 || first > dead) {
            slips.add(Slip.of("meterBefore"));
        } else if (last < lastVolts) {
            slips.add(Slip.of("meterAfter"));
        }
        if (deadMeter && lastVolts >= 0 && index(before, "battery", -1) < 0) {
            slips.add(Slip.of("deadMeter"));
        }
        if (lastVolts >= 0 && !allPairs(before)) {
            slips.add(Slip.of("pairs"));
        }
        for (Can can : cans) {
            boolean measured = before.stream()
                    .anyMatch(a -> a.by("volts")
                            && a.one().startsWith(can.id())
                            && a.other().startsWith(can.id()));
            if (!measured) {
                slips.add(Slip.of("capacitor", can.id()));
            }
        }
        if (before.stream().anyMatch(a -> a.by("screwdriver"))) {
            slips.add(Slip.of("screwdriver"));
        }
        if (loose && index(before, "strap", -1) < 0) {
            slips.add(Slip.of("strap"));
        }
        return slips;
    }

    private static int index(List<Act> acts, String tool, int otherwise) {
        for (int i = 0; i < acts.size(); i++) {
            if (acts.get(i).by(tool)) {
                return i;
            }
        }
        return otherwise;
    }

    private static int lastIndex(List<Act> acts, String tool) {
        int last = -1;
        for (int i = 0; i < acts.size(); i++) {
            last = acts.get(i).by(tool) ? i : last;
        }
        return last;
    }

    private static int lastIndexOfLines(List<Act> acts) {
        int last = -1;
        for (int i = 0; i < acts.size(); i++) {
            last = acts.get(i).by("volts") && !isOfCan(acts.get(i)) ? i : last;
        }
        return last;
    }

    /** Every conductor to every other and to ground. */
    private static boolean allPairs(List<Act> before) {
        return List.of("L N", "L PE", "N PE").stream()
                .allMatch(p ->
                        before.stream().anyMatch(a -> a.by("volts") && a.between(p.split(" ")[0], p.split(" ")[1])));
    }

    @Override
    int fewest() {
        return (int) better().stream().filter(s -> !s.act().tool().isEmpty()).count();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        if (loose) {
            steps.add(Step.of(Act.of("strap"), "practice.safe.why.strap"));
        }
        steps.add(Step.of(Act.of(plug ? "unplug" : "open"), "practice.safe.why.off"));
        if (secondFeed) {
            steps.add(Step.of(Act.of("second-feed"), "practice.safe.why.second"));
        }
        steps.add(Step.of(Act.of("lock"), "practice.safe.why.lock"));
        if (deadMeter) {
            steps.add(Step.of(Act.of("meter-on-live"), "practice.safe.why.silent"));
            steps.add(Step.of(Act.of("battery"), "practice.safe.why.battery"));
        }
        steps.add(Step.of(Act.of("meter-on-live"), "practice.safe.why.before"));
        for (String pair : List.of("L N", "L PE", "N PE")) {
            String[] ends = pair.split(" ");
            steps.add(Step.of(new Act("volts", ends[0], ends[1]), "practice.safe.why.pairs"));
        }
        steps.add(Step.of(Act.of("meter-on-live"), "practice.safe.why.after"));
        for (Can can : cans) {
            steps.add(Step.of(Act.of("bleed", can.id() + "+"), "practice.safe.why.bleed"));
            steps.add(Step.of(new Act("volts", can.id() + "+", can.id() + "-"), "practice.safe.why.measure"));
        }
        steps.add(Step.of(Act.of("cover-off"), "practice.safe.why.cover"));
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(
                Sentence.of("practice.safe.hint.1"),
                Sentence.of("practice.safe.hint.2"),
                Sentence.of("practice.safe.hint.3", fewest()));
    }
}
