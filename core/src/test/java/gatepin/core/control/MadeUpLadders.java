package gatepin.core.control;

import gatepin.core.control.ControlSupply.Source;
import gatepin.core.control.ControlWishes.Before;
import gatepin.core.control.ControlWishes.Start;
import gatepin.core.control.ControlWishes.With;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Wishes and ladders that are made up: every kind of start and wait, with and without everything else. */
final class MadeUpLadders {
    private MadeUpLadders() {}

    /** Each start with each wait, plain and with all that can be had. */
    static List<ControlWishes> wishes() {
        List<ControlWishes> all = new ArrayList<>();
        for (Start start : Start.values()) {
            for (Before before : Before.values()) {
                all.add(wishes(start, before, EnumSet.of(With.EMERGENCY_STOP)));
                all.add(wishes(
                        start,
                        before,
                        EnumSet.of(
                                With.EMERGENCY_STOP,
                                With.LIMITS,
                                With.BUTTON_INTERLOCK,
                                With.LAMPS,
                                With.MIRROR_CONTACTS)));
            }
        }
        return all;
    }

    static ControlWishes wishes(Start start, Before before, Set<With> with) {
        return new ControlWishes(new ControlSupply(24, Source.TRANSFORMER, true, false), start, before, 5, with);
    }

    /** Anything at all that can be wished. */
    static ControlWishes any(Random random) {
        Set<With> with = EnumSet.noneOf(With.class);
        for (With one : With.values()) {
            if (random.nextBoolean() && one != With.RESTART) {
                with.add(one);
            }
        }
        return new ControlWishes(
                new ControlSupply(
                        random.nextBoolean() ? 24 : 120,
                        random.nextBoolean() ? Source.LINE : Source.TRANSFORMER,
                        random.nextInt(4) > 0,
                        false),
                Start.values()[random.nextInt(3)],
                Before.values()[random.nextInt(3)],
                1 + random.nextInt(9),
                with);
    }
}
