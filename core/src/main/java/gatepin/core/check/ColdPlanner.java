package gatepin.core.check;

import gatepin.core.check.ColdPlan.Step;
import gatepin.core.check.ColdPlan.Unseen;
import gatepin.core.check.ColdReadings.Stand;
import gatepin.core.check.MotorFault.CoilBad;
import gatepin.core.check.WiringFault.HandleSlipped;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Chooses the fewest readings that show every single fault which can hurt a person or the motor and which this meter can see at all:
 * each such fault moves at least one of them out of its band. Whatever else they show, the bond of every frame, the insulation of
 * every winding, that OFF is off and that the two ways differ are always among them (common practice: at the plug in every position,
 * then to the frame, then the ground).
 */
public final class ColdPlanner {
    private final CheckRequest request;
    private final ColdReadings readings;
    private final List<Read> reads = new ArrayList<>();
    private final List<Band> expected = new ArrayList<>();
    private final List<BitSet> shows = new ArrayList<>();
    private final Alike<BitSet> alike;

    private ColdPlanner(CheckRequest request) {
        this.request = request;
        this.readings = new ColdReadings(request.circuit(), request.hasOff());
        this.alike = new Alike<>(request.circuit(), readings.probed());
    }

    /**
     * A fault looked at.
     *
     * @param found what it does
     * @param moved the readings that it moves out of their bands
     */
    private record Judged(Fault fault, Harms.Found found, BitSet moved) {}

    /** Plans the cold check of a wiring. */
    public static ColdPlan plan(CheckRequest request) {
        return new ColdPlanner(request).plan();
    }

    private ColdPlan plan() {
        Circuit circuit = request.circuit();
        List<Fault> faults = Faults.of(circuit, request.links());
        candidates();
        Harms harms = new Harms(circuit, request.rated(), request.hasOff());
        List<Judged> judged = faults.parallelStream()
                .map(f -> new Judged(f, harms.of(f), movedBy(f)))
                .toList();
        BitSet wanted = new BitSet();
        List<Unseen> unseen = new ArrayList<>();
        int dangers = 0;
        for (int f = 0; f < judged.size(); f++) {
            Judged one = judged.get(f);
            int number = f;
            one.moved().stream().forEach(r -> shows.get(r).set(number));
            boolean danger = one.found().harm().isDanger();
            dangers += danger ? 1 : 0;
            if (!one.moved().isEmpty()) {
                wanted.set(f, danger || isAlwaysIn(one.fault()));
            } else if (danger) {
                unseen.add(new Unseen(
                        one.fault(), one.found().harm(), one.found().caught().get()));
            }
        }
        List<Integer> always = always();
        FewestReads.Choice choice = FewestReads.choose(
                shows, reads.stream().mapToInt(ColdPlanner::access).toArray(), always, wanted);
        unseen.sort(Comparator.comparing(Unseen::harm).reversed().thenComparing(Unseen::caught));
        return new ColdPlan(
                ProbeOrder.least(choice.chosen().stream()
                        .map(c -> new Step(reads.get(c), expected.get(c)))
                        .toList()),
                dangers,
                unseen,
                choice.leastNumber(),
                reads.size(),
                cover(wanted, always));
    }

    private ColdPlan.Cover cover(BitSet wanted, List<Integer> always) {
        Map<String, BitSet> byKey = new HashMap<>();
        for (int r = 0; r < reads.size(); r++) {
            byKey.put(reads.get(r).key(), shows.get(r));
        }
        return new ColdPlan.Cover(
                byKey, wanted, always.stream().map(r -> reads.get(r).key()).collect(Collectors.toSet()));
    }

    /** Insulation, and that the handle's settings differ. */
    private static boolean isAlwaysIn(Fault fault) {
        return fault instanceof HandleSlipped || (fault instanceof CoilBad bad && bad.how() == CoilBad.How.TO_FRAME);
    }

    private void candidates() {
        List<Terminal> points = readings.probed();
        for (Stand stand : readings.stands()) {
            double[][] ohms = readings.all(request.circuit(), stand);
            for (int i = 0; i < points.size(); i++) {
                for (int j = i + 1; j < points.size(); j++) {
                    add(new Read.Ohms(points.get(i), points.get(j), stand.setting(), stand.heldOpen()), ohms[i][j]);
                }
            }
        }
        for (Capacitor capacitor : request.circuit().capacitors()) {
            add(new Read.OfCapacitor(capacitor.name()), capacitor.microfarads());
        }
    }

    private void add(Read read, double shown) {
        reads.add(read);
        expected.add(ColdReadings.band(read, shown, request.meter()));
        shows.add(new BitSet());
    }

    /** The readings that a fault moves out of their bands. */
    private BitSet movedBy(Fault fault) {
        return alike.of(fault.applyTo(request.circuit()), this::moved);
    }

    private BitSet moved(Circuit faulty) {
        BitSet moved = new BitSet();
        int at = 0;
        int points = readings.probed().size();
        for (Stand stand : readings.stands()) {
            double[][] ohms = readings.all(faulty, stand);
            for (int i = 0; i < points; i++) {
                for (int j = i + 1; j < points; j++) {
                    moved.set(at, isMoved(at, ohms[i][j]));
                    at++;
                }
            }
        }
        for (; at < reads.size(); at++) {
            Read read = reads.get(at);
            double shown = ColdReadings.ofCapacitor(faulty, ((Read.OfCapacitor) read).capacitor());
            moved.set(at, !ColdReadings.band(read, shown, request.meter()).meets(expected.get(at)));
        }
        return moved;
    }

    private boolean isMoved(int at, double ohms) {
        Band was = expected.get(at);
        return was.likely() != ohms && !request.meter().ohms(ohms).meets(was);
    }

    /** What is read whatever else is: at the plug in every setting that there is, and the bond of every frame. */
    private List<Integer> always() {
        List<Integer> always = new ArrayList<>();
        Optional<Setting> off = readings.stands().stream()
                .map(Stand::setting)
                .filter(s -> s.purpose() == Setting.Purpose.OFF)
                .findFirst();
        off.ifPresent(s -> always.add(at(new Read.Ohms(Terminal.L1, Terminal.L2, s, false))));
        Setting first = off.orElse(readings.stands().get(0).setting());
        for (Terminal frame : request.circuit().frames()) {
            always.add(at(new Read.Ohms(Terminal.GROUND, frame, first, false)));
        }
        readings.stands().stream()
                .filter(s -> !s.heldOpen() && !off.equals(Optional.of(s.setting())))
                .forEach(s -> always.add(at(new Read.Ohms(Terminal.L1, Terminal.L2, s.setting(), false))));
        return always;
    }

    private int at(Read read) {
        return reads.indexOf(read);
    }

    /** What it takes to get at two points: the plug and bare metal cost nothing, what lies in the motor's box most. */
    static int access(Read read) {
        if (read instanceof Read.Ohms ohms) {
            return access(ohms.a()) + access(ohms.b()) + (ohms.heldOpen() ? 3 : 0);
        }
        return 4;
    }

    static int access(Terminal terminal) {
        if (terminal.isFrame()) {
            return 0;
        }
        return switch (terminal.device().type()) {
            case SUPPLY -> 0;
            case MOTOR, SPLICE, CAPACITOR -> 2;
            case INSIDE -> 9;
            default -> 1;
        };
    }
}
