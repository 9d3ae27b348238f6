package gatepin.core.ahead;

import gatepin.core.Sentence;
import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.check.FewestReads;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What an ohmmeter has to show of a line-up that is dead: the fewest readings that tell every single fault which an ohmmeter can tell there. The
 * panel's own lines are not probed: they are somebody else's to make dead.
 *
 * @param reads what to read
 * @param unseen the faults that no reading tells
 */
public record DeadLineUp(List<Read> reads, List<Fault> unseen) {
    /** What it costs to open a device by hand, against a reading with everything closed. */
    private static final int OPENING = 100;

    /**
     * One reading.
     *
     * @param a where one probe lies
     * @param b where the other lies
     * @param open the device that is opened by hand; all others are closed by hand
     * @param joined whether it shows next to nothing, and not OL
     */
    public record Read(Terminal a, Terminal b, Optional<Kind> open, boolean joined) {
        /** Stands for it wherever it is kept: the same as long as the same is asked. */
        public String key() {
            return a.id() + "|" + b.id() + "|" + open.map(Kind::device).orElse("");
        }

        /** Whether what was shown is what it has to show. */
        public boolean agrees(Shows shows) {
            return shows == (joined ? Shows.JOINED : Shows.OPEN);
        }
    }

    /** One thing wrong in a line-up. */
    public sealed interface Fault {
        /** Changes what is wired and what is closed. */
        void applyTo(List<Wire> wires, List<Contact> closed);

        /** A wire that is not there, or lies open. */
        record Missing(Wire wire) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                wires.remove(wire);
            }
        }

        /** One end of a wire that sits on another terminal. */
        record Landed(Wire wire, boolean firstEnd, Terminal on) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                wires.remove(wire);
                wires.add(firstEnd ? new Wire(on, wire.to(), wire.run()) : new Wire(wire.from(), on, wire.run()));
            }
        }

        /** A pole that stays closed when its device is opened. */
        record Welded(Contact pole) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                closed.add(pole);
            }
        }

        /** A pole that never closes. */
        record Dead(Contact pole) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                closed.remove(pole);
            }
        }

        /** Two terminals of a device that touch: line to line. */
        record Touching(Terminal one, Terminal other) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                closed.add(new Contact(one, other));
            }
        }

        /** Two wires that are taken for each other: each ends where the other should. */
        record Exchanged(Wire one, Wire other) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                wires.remove(one);
                wires.remove(other);
                wires.add(new Wire(one.from(), other.to(), one.run()));
                wires.add(new Wire(other.from(), one.to(), other.run()));
            }
        }

        /** A terminal that touches the enclosure. */
        record ToFrame(Terminal at, Terminal frame) implements Fault {
            @Override
            public void applyTo(List<Wire> wires, List<Contact> closed) {
                closed.add(new Contact(at, frame));
            }
        }
    }

    public DeadLineUp {
        reads = List.copyOf(reads);
        unseen = List.copyOf(unseen);
    }

    /** What its check lacks, given what was read: a reading that shows something else, or ones that were not taken. */
    public Optional<Sentence> lack(Done done) {
        long left = reads.stream().filter(r -> shown(done, r).isEmpty()).count();
        return reads.stream()
                .filter(r -> shown(done, r).filter(s -> !r.agrees(s)).isPresent())
                .findFirst()
                .map(r -> Sentence.of("lack.aheadWrong", r.a().id(), r.b().id()))
                .or(() -> left > 0 ? Optional.of(Sentence.of("lack.aheadReads", left)) : Optional.empty());
    }

    private static Optional<Shows> shown(Done done, Read read) {
        return done.shown(Section.AHEAD, read.key());
    }

    /** What to read of a line-up. */
    public static DeadLineUp of(LineUp lineUp) {
        return lineUp.isEmpty() ? new DeadLineUp(List.of(), List.of()) : new Finder(lineUp).find();
    }

    private static final class Finder {
        private final LineUp lineUp;
        private final List<Terminal> points;
        private final List<Optional<Kind>> stands = new ArrayList<>();
        private final List<Wire> wires;

        Finder(LineUp lineUp) {
            this.lineUp = lineUp;
            this.points = new ArrayList<>(lineUp.terminals());
            lineUp.wires().stream().filter(Wire::isGround).forEach(w -> points.add(w.from()));
            points.add(Terminal.GROUND);
            stands.add(Optional.empty());
            lineUp.stages().stream().filter(Stage::opens).forEach(s -> stands.add(Optional.of(s.kind())));
            this.wires = lineUp.wires().stream().filter(w -> !w.to().isLine()).toList();
        }

        DeadLineUp find() {
            List<int[]> sound =
                    stands.stream().map(s -> nodes(wires, lineUp.closed(s))).toList();
            List<Read> candidates = new ArrayList<>();
            for (int s = 0; s < stands.size(); s++) {
                for (int a = 0; a < points.size(); a++) {
                    for (int b = a + 1; b < points.size(); b++) {
                        candidates.add(new Read(
                                points.get(a), points.get(b), stands.get(s), sound.get(s)[a] == sound.get(s)[b]));
                    }
                }
            }
            List<BitSet> covers = new ArrayList<>();
            candidates.forEach(c -> covers.add(new BitSet()));
            List<Fault> unseen = new ArrayList<>();
            BitSet rows = new BitSet();
            int row = 0;
            for (Fault fault : faults()) {
                int at = 0;
                boolean seen = false;
                for (int s = 0; s < stands.size(); s++) {
                    int[] broken = with(fault, stands.get(s));
                    for (int a = 0; a < points.size(); a++) {
                        for (int b = a + 1; b < points.size(); b++, at++) {
                            if ((broken[a] == broken[b]) != candidates.get(at).joined()) {
                                covers.get(at).set(row);
                                seen = true;
                            }
                        }
                    }
                }
                if (seen) {
                    rows.set(row++);
                } else {
                    unseen.add(fault);
                }
            }
            int[] access = candidates.stream()
                    .mapToInt(c -> c.open().isPresent() ? OPENING : 0)
                    .toArray();
            List<Read> reads = FewestReads.choose(covers, access, List.of(), rows).chosen().stream()
                    .sorted()
                    .map(candidates::get)
                    .toList();
            return new DeadLineUp(reads, unseen);
        }

        private List<Fault> faults() {
            List<Fault> faults = new ArrayList<>();
            for (Wire wire : wires) {
                faults.add(new Fault.Missing(wire));
                if (wire.isGround()) {
                    continue;
                }
                for (Terminal other : lineUp.terminals()) {
                    if (!wire.lands(other)) {
                        faults.add(new Fault.Landed(wire, true, other));
                        faults.add(new Fault.Landed(wire, false, other));
                    }
                }
            }
            for (int i = 0; i < wires.size(); i++) {
                for (Wire other : wires.subList(i + 1, wires.size())) {
                    if (!wires.get(i).isGround() && !other.isGround()) {
                        faults.add(new Fault.Exchanged(wires.get(i), other));
                    }
                }
            }
            for (Stage stage : lineUp.stages()) {
                for (int i = 1; i < stage.poles().size(); i++) {
                    faults.add(new Fault.Touching(
                            stage.poles().get(i - 1).a(), stage.poles().get(i).a()));
                    faults.add(new Fault.Touching(
                            stage.poles().get(i - 1).b(), stage.poles().get(i).b()));
                }
                for (Contact pole : stage.poles()) {
                    faults.add(new Fault.Dead(pole));
                    if (stage.opens()) {
                        faults.add(new Fault.Welded(pole));
                    }
                    faults.add(new Fault.ToFrame(pole.a(), lineUp.frame()));
                    faults.add(new Fault.ToFrame(pole.b(), lineUp.frame()));
                }
            }
            return faults;
        }

        private int[] with(Fault fault, Optional<Kind> open) {
            List<Wire> landed = new ArrayList<>(wires);
            List<Contact> closed = new ArrayList<>(lineUp.closed(open));
            fault.applyTo(landed, closed);
            return nodes(landed, closed);
        }

        /** For each point the first point that is the same electrically. */
        private int[] nodes(List<Wire> joined, List<Contact> closed) {
            Nodes nodes =
                    Nodes.over(points).joinWires(joined).joinContacts(closed).build();
            List<Terminal> roots = points.stream().map(nodes::nodeOf).toList();
            return IntStream.range(0, roots.size())
                    .map(i -> roots.indexOf(roots.get(i)))
                    .toArray();
        }
    }
}
