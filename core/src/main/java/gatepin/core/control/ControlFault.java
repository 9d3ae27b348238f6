package gatepin.core.control;

import gatepin.core.Sentence;
import gatepin.core.control.ControlNet.ControlWire;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;

/** One part of a control circuit that has failed. */
public sealed interface ControlFault {
    /** Nothing has. */
    record None() implements ControlFault {}

    /** The main contacts of a contactor are welded: once in, they stay in. */
    record Welded(String contactor) implements ControlFault {}

    /** A coil that does not pull in. */
    record DeadCoil(String part) implements ControlFault {}

    /** The auxiliary contacts of a contactor move at any time beside its main contacts, as a block that sits loose does. */
    record LooseAuxiliaries(String contactor) implements ControlFault {}

    /** A contact that stays closed, or whose two wires touch. */
    record StuckClosed(int contact, String title) implements ControlFault {}

    /** A contact that stays open. */
    record StuckOpen(int contact, String title) implements ControlFault {}

    /** A wire that is broken or off its terminal. */
    record Broken(ControlWire wire) implements ControlFault {}

    /** Two wires that touch. */
    record Touching(int onePoint, int otherPoint, int oneNumber, int otherNumber) implements ControlFault {}

    /** A wire that touches ground. */
    record Earth(int point, int number) implements ControlFault {}

    /** A timer that does not wait. */
    record NoWait(String timer) implements ControlFault {}

    /** The mechanical interlock is worn out. */
    record NoMechanicalInterlock() implements ControlFault {}

    ControlFault NONE = new None();

    /** Every single fault that a ladder can have, but for those of its lamps. */
    static List<ControlFault> all(ControlNet net) {
        Ladder ladder = net.ladder();
        List<ControlFault> all = new ArrayList<>();
        for (Part part : ladder.of(Kind.CONTACTOR)) {
            all.add(new Welded(part.name()));
            all.add(new LooseAuxiliaries(part.name()));
        }
        ladder.of(Kind.CONTACTOR, Kind.RELAY, Kind.TIMER).forEach(p -> all.add(new DeadCoil(p.name())));
        ladder.of(Kind.TIMER).forEach(p -> all.add(new NoWait(p.name())));
        if (ladder.guards().mechanical()) {
            all.add(new NoMechanicalInterlock());
        }
        for (ControlNet.Contact contact : net.contacts()) {
            all.add(new StuckClosed(contact.number(), contact.title()));
            all.add(new StuckOpen(contact.number(), contact.title()));
        }
        net.wires().forEach(w -> all.add(new Broken(w)));
        all.addAll(touching(net));
        return all;
    }

    /** What can touch what. Hot on the common side, or on ground where that is bonded, only blows the fuse. */
    private static List<ControlFault> touching(ControlNet net) {
        boolean grounded = net.ladder().supply().grounded();
        int hot = net.root(0);
        int common = net.root(1);
        List<Integer> points = new ArrayList<>(net.terminals().keySet());
        List<ControlFault> all = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            int one = points.get(i);
            if (grounded && one != common && one != hot) {
                all.add(new Earth(one, net.wireNumber(one)));
            }
            for (int other : points.subList(i + 1, points.size())) {
                boolean onCommon = one == common || other == common;
                boolean blowsFuse = onCommon && (one == hot || other == hot);
                if (!blowsFuse && !(onCommon && grounded)) {
                    all.add(new Touching(one, other, net.wireNumber(one), net.wireNumber(other)));
                }
            }
        }
        return all;
    }

    /** The fault in words. */
    default Sentence words() {
        if (this instanceof Welded f) {
            return Sentence.of("control.fault.welded", f.contactor());
        }
        if (this instanceof DeadCoil f) {
            return Sentence.of("control.fault.dead", f.part());
        }
        if (this instanceof LooseAuxiliaries f) {
            return Sentence.of("control.fault.loose", f.contactor());
        }
        if (this instanceof StuckClosed f) {
            return Sentence.of("control.fault.stuckClosed", f.title());
        }
        if (this instanceof StuckOpen f) {
            return Sentence.of("control.fault.stuckOpen", f.title());
        }
        if (this instanceof Broken f) {
            return Sentence.of("control.fault.broken", f.wire().from(), f.wire().to());
        }
        if (this instanceof Touching f) {
            return Sentence.of("control.fault.touching", "" + f.oneNumber(), "" + f.otherNumber());
        }
        if (this instanceof Earth f) {
            return Sentence.of("control.fault.earth", "" + f.number());
        }
        if (this instanceof NoWait f) {
            return Sentence.of("control.fault.noWait", f.timer());
        }
        return Sentence.of(this instanceof NoMechanicalInterlock ? "control.fault.noInterlock" : "control.fault.none");
    }
}
