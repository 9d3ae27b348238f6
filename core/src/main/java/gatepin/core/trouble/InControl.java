package gatepin.core.trouble;

import gatepin.core.Effort;
import gatepin.core.check.Symptom;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.ControlFault;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlSupply;
import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Simulation;
import gatepin.core.control.Simulation.Act;
import gatepin.core.control.Simulation.Moment;
import gatepin.core.control.Simulation.Run;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The causes that are in a control circuit: each of its faults is put in, and the buttons are pressed as a hand would. */
final class InControl {
    private static final int READY = 300;
    private static final int PRESS = 1000;
    private static final int SETTLES = 400;
    /** A circuit with more faults than this, or one that takes longer to go through, is left to the proof. */
    private static final int MOST_FAULTS = 2000;

    private static final Duration LONGEST = Duration.ofSeconds(3);
    private static final double COASTS = 0.1;
    private static final List<HandlePosition> WAYS = List.of(HandlePosition.FORWARD, HandlePosition.REVERSE);

    private final Ladder ladder;
    private final ControlNet net;
    private final int press;
    private final Effort effort = Effort.of(LONGEST);

    private InControl(Ladder ladder) {
        this.ladder = ladder;
        this.net = ControlNet.of(ladder);
        double waits =
                ladder.of(Kind.TIMER).stream().mapToDouble(Part::seconds).max().orElse(0);
        this.press = PRESS + (int) Math.round(1000 * waits);
    }

    static List<Cause> causes(Ladder ladder) {
        return new InControl(ladder).causes();
    }

    /** What one way does. */
    private record Seen(boolean before, boolean pressed, boolean held, boolean after, boolean chatters) {}

    private List<Cause> causes() {
        List<Cause> causes = new ArrayList<>(List.of(
                Cause.known(Repair.CONTROL_FUSE, "", Symptom.DEAD),
                Cause.known(Repair.ARMATURE, "", Symptom.BUZZES),
                Cause.known(Repair.COIL_VOLTAGE, "", Symptom.BUZZES),
                Cause.known(Repair.COIL_VOLTAGE, "", Symptom.DEAD)));
        if (ladder.supply().source() == ControlSupply.Source.TRANSFORMER) {
            causes.add(Cause.known(Repair.TRANSFORMER, "", Symptom.DEAD));
        }
        ladder.of(Kind.OVERLOAD).forEach(p -> causes.add(Cause.known(Repair.OVERLOAD_RELAY, p.name(), Symptom.DEAD)));
        ladder.of(Kind.EMERGENCY_STOP)
                .forEach(p -> causes.add(Cause.known(Repair.EMERGENCY_STOP, p.name(), Symptom.DEAD)));
        try {
            causes.addAll(inside());
        } catch (Effort.TooMuch e) {
            // what is known of any control circuit stays
        }
        return causes;
    }

    private List<Cause> inside() {
        List<ControlFault> faults = ControlFault.all(net);
        if (faults.size() > MOST_FAULTS) {
            return List.of();
        }
        List<Cause> causes = new ArrayList<>();
        List<Seen> sound = seen(ControlFault.NONE);
        for (ControlFault fault : faults) {
            Set<Symptom> does = does(sound, seen(fault));
            if (!does.isEmpty()) {
                causes.add(new Cause(repair(fault), part(fault), 1, does, fault.words(), List.of()));
            }
        }
        return causes;
    }

    private List<Seen> seen(ControlFault fault) {
        return WAYS.stream().flatMap(w -> seen(fault, w).stream()).toList();
    }

    /** Whatever has to be on is put on, the way's button is pressed and let go, then the stop. */
    private Optional<Seen> seen(ControlFault fault, HandlePosition way) {
        Optional<Part> starter = ladder.of(Kind.BUTTON, Kind.SELECTOR).stream()
                .filter(p -> p.way().equals(Optional.of(way)))
                .findFirst();
        Optional<Part> stop = ladder.of(Kind.STOP, Kind.EMERGENCY_STOP).stream().findFirst();
        if (starter.isEmpty()) {
            return Optional.empty();
        }
        List<Act> acts = new ArrayList<>();
        for (Part first : ladder.of(Kind.BUTTON, Kind.SELECTOR)) {
            if (first.way().isEmpty()) {
                acts.add(new Act(READY, first.name(), true));
                if (first.kind().springsBack()) {
                    acts.add(new Act(READY + SETTLES / 2, first.name(), false));
                }
            }
        }
        Part pressed = starter.orElseThrow();
        acts.add(new Act(press, pressed.name(), true));
        if (pressed.kind().springsBack()) {
            acts.add(new Act(press + SETTLES, pressed.name(), false));
        }
        int stops = press + 3 * SETTLES;
        stop.ifPresent(s -> acts.add(new Act(stops, s.name(), true)));
        Run run = Simulation.run(ladder, fault, acts, COASTS, stops + SETTLES, effort);
        return Optional.of(new Seen(
                runs(run, press - 1, WAYS),
                runs(run, press + SETTLES - 1, List.of(way)),
                runs(run, stops - 1, List.of(way)),
                runs(run, stops + SETTLES, WAYS),
                run.chatters()));
    }

    private boolean runs(Run run, int at, List<HandlePosition> ways) {
        Set<String> in = run.moments().stream()
                .filter(m -> m.millis() <= at)
                .reduce((a, b) -> b)
                .map((Moment m) -> m.look().in())
                .orElse(Set.of());
        return ways.stream()
                .anyMatch(w -> ladder.contactors(w).stream()
                        .anyMatch(c -> c.way().equals(Optional.of(w)) && in.contains(c.name())));
    }

    private static Set<Symptom> does(List<Seen> sound, List<Seen> seen) {
        Set<Symptom> does = EnumSet.noneOf(Symptom.class);
        int dead = 0;
        for (int i = 0; i < seen.size(); i++) {
            Seen is = seen.get(i);
            Seen was = sound.get(i);
            if (is.chatters() && !was.chatters()) {
                does.add(Symptom.BUZZES);
            } else if (is.before() && !was.before()) {
                does.add(Symptom.BY_ITSELF);
            } else if (was.pressed() && !is.pressed()) {
                dead++;
            } else if (was.held() && !is.held()) {
                does.add(Symptom.WHILE_HELD);
            }
            if (is.after() && !was.after()) {
                does.add(Symptom.WILL_NOT_STOP);
            }
        }
        if (dead > 0) {
            does.add(dead == seen.size() ? Symptom.DEAD : Symptom.ONE_WAY_ONLY);
        }
        return does;
    }

    private Repair repair(ControlFault fault) {
        if (fault instanceof ControlFault.StuckOpen || fault instanceof ControlFault.StuckClosed) {
            return switch (kind(part(fault))) {
                case STOP, BUTTON, SELECTOR -> Repair.BUTTON;
                case EMERGENCY_STOP -> Repair.EMERGENCY_STOP;
                case LIMIT -> Repair.LIMIT;
                case OVERLOAD -> Repair.OVERLOAD_RELAY;
                case TIMER -> Repair.TIMER;
                default -> touch(fault).filter(Touch::normallyClosed).isPresent() ? Repair.INTERLOCK : Repair.AUXILIARY;
            };
        }
        if (fault instanceof ControlFault.DeadCoil) {
            return Repair.COIL;
        }
        if (fault instanceof ControlFault.Welded) {
            return Repair.WELDED;
        }
        if (fault instanceof ControlFault.LooseAuxiliaries) {
            return Repair.AUXILIARY;
        }
        return fault instanceof ControlFault.NoWait ? Repair.TIMER : Repair.CONTROL_WIRE;
    }

    private Kind kind(String part) {
        return ladder.part(part).map(Part::kind).orElse(Kind.RELAY);
    }

    private Optional<Touch> touch(ControlFault fault) {
        int contact = fault instanceof ControlFault.StuckOpen open
                ? open.contact()
                : fault instanceof ControlFault.StuckClosed closed ? closed.contact() : -1;
        return net.contacts().stream()
                .filter(c -> c.number() == contact)
                .map(ControlNet.Contact::touch)
                .findFirst();
    }

    private String part(ControlFault fault) {
        if (fault instanceof ControlFault.DeadCoil dead) {
            return dead.part();
        }
        if (fault instanceof ControlFault.Welded welded) {
            return welded.contactor();
        }
        if (fault instanceof ControlFault.LooseAuxiliaries loose) {
            return loose.contactor();
        }
        return fault instanceof ControlFault.NoWait timer
                ? timer.timer()
                : touch(fault).map(Touch::part).orElse("");
    }
}
