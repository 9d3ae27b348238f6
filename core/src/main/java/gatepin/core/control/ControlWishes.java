package gatepin.core.control;

import static gatepin.core.control.Branch.beside;
import static gatepin.core.control.Branch.nc;
import static gatepin.core.control.Branch.no;
import static gatepin.core.control.Branch.series;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Ladder.Guards;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a control circuit is to do, and the ladder that does it.
 *
 * @param supply what feeds it
 * @param start how it is started
 * @param before what has to pass before the other way
 * @param waitSeconds how long a timer waits, s
 * @param with what else it has
 */
public record ControlWishes(ControlSupply supply, Start start, Before before, double waitSeconds, Set<With> with) {
    /** How the machine is started. */
    public enum Start {
        /** Push-buttons that seal in. */
        BUTTONS,
        /** A selector that stays where it is put. */
        SELECTOR,
        /** Push-buttons that have to be held: jog. */
        JOG
    }

    /** What has to pass before the machine is driven the other way. */
    public enum Before {
        NOTHING,
        /** A timer, set longer than the machine coasts. */
        TIMER,
        /** A switch on the shaft that tells when it stands still. */
        STANDSTILL
    }

    /** What else a control circuit has. */
    public enum With {
        EMERGENCY_STOP,
        SECOND_STATION,
        LIMITS,
        LAMPS,
        /** Each button opens the other way's circuit with its back contact. */
        BUTTON_INTERLOCK,
        MECHANICAL_INTERLOCK,
        MIRROR_CONTACTS,
        /** It may start by itself when power returns. */
        RESTART
    }

    /** What most machines get: 24 V, buttons, an emergency stop, both interlocks. */
    public static final ControlWishes USUAL = new ControlWishes(
            ControlSupply.LOW,
            Start.BUTTONS,
            Before.NOTHING,
            5,
            EnumSet.of(
                    With.EMERGENCY_STOP,
                    With.BUTTON_INTERLOCK,
                    With.MECHANICAL_INTERLOCK,
                    With.MIRROR_CONTACTS,
                    With.LAMPS));

    public ControlWishes {
        with = with.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(with));
        if (!(waitSeconds > 0 && waitSeconds <= 600)) {
            throw new IllegalArgumentException("a machine is waited for 0 to 600 s, not " + waitSeconds);
        }
    }

    /** Whether it has something. */
    public boolean has(With what) {
        return with.contains(what);
    }

    /** What its circuit has to keep to. */
    public Asked asked() {
        return new Asked(has(With.RESTART), before != Before.NOTHING);
    }

    /** The ladder that does it. */
    public Ladder ladder() {
        return new Maker(this).ladder();
    }

    private static final class Maker {
        private final ControlWishes wishes;
        private final List<Part> parts = new ArrayList<>();
        private final List<Rung> rungs = new ArrayList<>();

        Maker(ControlWishes wishes) {
            this.wishes = wishes;
        }

        Ladder ladder() {
            Branch head = head();
            starters();
            if (wishes.has(With.LIMITS)) {
                parts.add(Part.of("B1", Kind.LIMIT, HandlePosition.FORWARD));
                parts.add(Part.of("B2", Kind.LIMIT, HandlePosition.REVERSE));
            }
            parts.add(Part.of("K1", Kind.CONTACTOR, HandlePosition.FORWARD));
            parts.add(Part.of("K2", Kind.CONTACTOR, HandlePosition.REVERSE));
            if (isControlOn()) {
                parts.add(Part.of("K0", Kind.RELAY));
                rungs.add(Rung.of("K0", beside(no("S5"), no("K0"))));
            }
            rungs.add(way("K1", "K2", "S1", "S2", "S11", "S12", "B1"));
            rungs.add(way("K2", "K1", "S2", "S1", "S12", "S11", "B2"));
            if (wishes.before() == Before.TIMER) {
                parts.add(Part.timer("K3", wishes.waitSeconds()));
                // it counts whether or not a stop is pressed meanwhile
                rungs.add(new Rung("K3", series(nc("K1"), nc("K2")), Branch.WIRE, false));
            } else if (wishes.before() == Before.STANDSTILL) {
                parts.add(Part.of("B3", Kind.STANDSTILL));
            }
            lamps();
            return new Ladder(
                    parts,
                    wishes.supply(),
                    new Guards(wishes.has(With.MECHANICAL_INTERLOCK), wishes.has(With.MIRROR_CONTACTS)),
                    head,
                    rungs);
        }

        private Branch head() {
            List<Branch> head = new ArrayList<>();
            if (wishes.has(With.EMERGENCY_STOP)) {
                parts.add(Part.of("S9", Kind.EMERGENCY_STOP));
                head.add(nc("S9"));
            }
            parts.add(Part.of("S0", Kind.STOP));
            head.add(nc("S0"));
            if (wishes.has(With.SECOND_STATION)) {
                parts.add(Part.of("S10", Kind.STOP));
                head.add(nc("S10"));
            }
            parts.add(Part.of("F2", Kind.OVERLOAD));
            head.add(nc("F2"));
            return series(head);
        }

        /** A selector would start by itself when power returns or a stop is let go: a relay that a button pulls in comes first. */
        private boolean isControlOn() {
            return wishes.start() == Start.SELECTOR && !wishes.has(With.RESTART);
        }

        private void starters() {
            boolean selects = wishes.start() == Start.SELECTOR;
            Kind kind = selects ? Kind.SELECTOR : Kind.BUTTON;
            if (isControlOn()) {
                parts.add(Part.of("S5", Kind.BUTTON));
            }
            parts.add(Part.of("S1", kind, HandlePosition.FORWARD));
            parts.add(Part.of("S2", kind, HandlePosition.REVERSE));
            if (isSecondStarts()) {
                parts.add(Part.of("S11", Kind.BUTTON, HandlePosition.FORWARD));
                parts.add(Part.of("S12", Kind.BUTTON, HandlePosition.REVERSE));
            }
        }

        /** A selector is one: a second station can only stop it. */
        private boolean isSecondStarts() {
            return wishes.has(With.SECOND_STATION) && wishes.start() != Start.SELECTOR;
        }

        private Rung way(
                String own, String other, String start, String back, String second, String secondBack, String limit) {
            List<Branch> series = new ArrayList<>();
            Branch pressed = isSecondStarts() ? beside(no(start), no(second)) : no(start);
            List<Branch> waits = switch (wishes.before()) {
                case NOTHING -> List.of();
                case TIMER -> List.of(no("K3"));
                case STANDSTILL -> List.of(nc("B3"));
            };
            switch (wishes.start()) {
                case BUTTONS -> {
                    List<Branch> begin = new ArrayList<>(List.of(pressed));
                    begin.addAll(waits);
                    series.add(beside(no(own), series(begin)));
                }
                case JOG -> {
                    series.add(pressed);
                    held(own, waits, series);
                }
                case SELECTOR -> {
                    if (isControlOn()) {
                        series.add(no("K0"));
                    }
                    series.add(no(start));
                    held(own, waits, series);
                }
            }
            if (wishes.has(With.BUTTON_INTERLOCK) && wishes.start() != Start.SELECTOR) {
                series.add(nc(back));
                if (isSecondStarts()) {
                    series.add(nc(secondBack));
                }
            }
            if (wishes.has(With.LIMITS)) {
                series.add(nc(limit));
            }
            series.add(nc(other));
            return Rung.of(own, series(series));
        }

        /** Where no button seals in, the contactor itself holds past what it had to wait for. */
        private static void held(String own, List<Branch> waits, List<Branch> series) {
            if (!waits.isEmpty()) {
                series.add(beside(no(own), series(waits)));
            }
        }

        private void lamps() {
            if (!wishes.has(With.LAMPS)) {
                return;
            }
            for (String lamp : List.of("H1", "H2", "H3")) {
                parts.add(Part.of(lamp, Kind.LAMP));
            }
            rungs.add(new Rung("H1", no("K1"), Branch.WIRE, false));
            rungs.add(new Rung("H2", no("K2"), Branch.WIRE, false));
            rungs.add(new Rung("H3", no("F2"), Branch.WIRE, false));
        }
    }
}
