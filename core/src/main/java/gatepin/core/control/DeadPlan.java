package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.check.FewestReads;
import gatepin.core.control.ControlNet.Contact;
import gatepin.core.control.ControlNet.Load;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Paths.Way;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What to read of a control circuit that is dead: nothing held, and each starter alone, over the whole circuit (common practice); and with
 * them the fewest readings that tell every single fault of contact and wire which changes what a coil does. Stops, overload, limits and
 * armatures are held meanwhile. The lamps are out: a lamp beside a coil hides that the coil is lost, and one of today shows an ohmmeter
 * nothing at all. What no reading over the circuit or at a coil tells is read where it shows: between two wires, or at a contact alone.
 *
 * @param checks the readings in the order of work
 * @param unseen the faults that change what a coil does and that none of them tells
 * @param whole every fault was gone through; false where there are too many of them: then nobody knows what the readings leave untold
 */
public record DeadPlan(List<DeadCheck> checks, List<ControlFault> unseen, boolean whole) {
    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final Memory MEMORY = new Memory();

    public DeadPlan {
        checks = List.copyOf(checks);
        unseen = List.copyOf(unseen);
    }

    /** What its check lacks, given what was read: a reading that shows something else, one that was not taken, or a fault that none tells. */
    public Optional<Sentence> lack(Done done) {
        if (!whole) {
            return Optional.of(Sentence.of("lack.controlTooLarge"));
        }
        long open = checks.stream().filter(c -> shown(done, c).isEmpty()).count();
        return checks.stream()
                .filter(c -> shown(done, c).filter(s -> !c.agrees(s)).isPresent())
                .findFirst()
                .map(c -> c.hold().isEmpty()
                        ? Sentence.of("lack.controlWrong.nothing")
                        : Sentence.of("lack.controlWrong", String.join(", ", c.hold())))
                .or(() -> open > 0 ? Optional.of(Sentence.of("lack.controlReads", open)) : Optional.empty())
                .or(() -> unseen.stream().findFirst().map(f -> Sentence.of("lack.controlUntold", f.words())));
    }

    private static Optional<Shows> shown(Done done, DeadCheck check) {
        return done.shown(Section.CONTROL, check.key());
    }

    /** The last ones: they are asked for again and again while a ladder is read. */
    private static final class Memory {
        private static final int MOST = 8;
        private final Map<Ladder, DeadPlan> plans = new LinkedHashMap<>();

        /** Nobody waits for the plan of another ladder. */
        DeadPlan of(Ladder ladder) {
            return known(ladder).orElseGet(() -> {
                DeadPlan plan = new Maker(ladder).plan();
                keep(ladder, plan);
                return plan;
            });
        }

        private synchronized Optional<DeadPlan> known(Ladder ladder) {
            return Optional.ofNullable(plans.get(ladder));
        }

        private synchronized void keep(Ladder ladder, DeadPlan plan) {
            plans.put(ladder, plan);
            if (plans.size() > MOST) {
                plans.remove(plans.keySet().iterator().next());
            }
        }
    }

    /** What to read of a ladder. */
    public static DeadPlan of(Ladder ladder) {
        return MEMORY.of(ladder);
    }

    private static final class Maker {
        /** What it takes to get at a place: over the whole circuit least, a wire taken off most. */
        private static final int AT_A_COIL = 2;

        private static final int BETWEEN_WIRES = 4;
        private static final int WIRE_OFF = 9;
        /** So many faults with so many things held are gone through; every circuit that can be wished here stays below it. */
        private static final long MOST_WORK = 200_000;

        private final Ladder ladder;
        private final ControlNet net;
        private final Effort effort = Effort.of(LONGEST);
        private final Paths sound;
        private final Set<Integer> lamps = new HashSet<>();
        private final List<List<String>> holds;
        private final List<DeadCheck> reads = new ArrayList<>();
        private final List<Integer> access = new ArrayList<>();

        Maker(Ladder ladder) {
            this.ladder = ladder;
            this.net = ControlNet.of(ladder);
            this.sound = Paths.of(net, ControlFault.NONE, effort);
            net.loads().stream()
                    .filter(l -> ladder.part(l.part())
                            .map(p -> p.kind() == Kind.LAMP)
                            .orElse(false))
                    .forEach(l -> lamps.add(l.number()));
            this.holds = isTooLarge() ? List.of() : List.copyOf(holds());
        }

        /** Faults times what can be held meanwhile, reckoned before any of it is listed. */
        private boolean isTooLarge() {
            long starters = ladder.of(Kind.BUTTON, Kind.SELECTOR).size();
            long guards = ladder.of(Kind.EMERGENCY_STOP, Kind.STOP, Kind.OVERLOAD, Kind.LIMIT)
                    .size();
            long armatures = ladder.of(Kind.CONTACTOR, Kind.RELAY).size();
            long relays = ladder.of(Kind.RELAY).size();
            long holds =
                    (1 + starters + armatures) * (1 + starters + guards) + relays * starters * (armatures + guards);
            long points = net.terminals().size();
            return holds * (2L * net.contacts().size() + net.wires().size() + points * points / 2) > MOST_WORK;
        }

        DeadPlan plan() {
            return holds.isEmpty() ? plain() : exact();
        }

        /** What everybody reads anyway, of a circuit that is too large for more. */
        private DeadPlan plain() {
            List<DeadCheck> checks = new ArrayList<>(List.of(read(List.of(), ControlNet.HOT, ControlNet.COMMON)));
            ladder.of(Kind.BUTTON, Kind.SELECTOR)
                    .forEach(p -> checks.add(read(List.of(p.name()), ControlNet.HOT, ControlNet.COMMON)));
            return new DeadPlan(checks, List.of(), false);
        }

        private DeadPlan exact() {
            holds.forEach(h -> add(read(h, ControlNet.HOT, ControlNet.COMMON), 1));
            for (Load load : coils()) {
                holds.forEach(h -> add(read(h, ControlNet.HOT, load.a()), AT_A_COIL));
                holds.forEach(h -> add(read(h, load.b(), ControlNet.COMMON), AT_A_COIL));
            }
            List<ControlFault> faults = ControlFault.all(net).stream()
                    .filter(Maker::isElectrical)
                    .filter(this::matters)
                    .toList();
            int everywhere = reads.size();
            List<BitSet> tells = new ArrayList<>();
            reads.forEach(r -> tells.add(new BitSet()));
            BitSet wanted = new BitSet();
            List<ControlFault> unseen = new ArrayList<>();
            for (int f = 0; f < faults.size(); f++) {
                if (tell(faults.get(f), f, 0, tells)) {
                    wanted.set(f);
                }
            }
            for (int f = 0; f < faults.size(); f++) {
                if (!wanted.get(f)) {
                    int from = reads.size();
                    besides(faults.get(f));
                    while (tells.size() < reads.size()) {
                        tells.add(new BitSet());
                    }
                    if (tell(faults.get(f), f, from, tells)) {
                        wanted.set(f);
                    } else {
                        unseen.add(faults.get(f));
                    }
                }
            }
            // what was put in for one fault may tell another as well
            for (int f = 0; f < faults.size(); f++) {
                tell(faults.get(f), f, everywhere, tells);
            }
            List<Integer> always = new ArrayList<>(List.of(0));
            for (Part starter : ladder.of(Kind.BUTTON, Kind.SELECTOR)) {
                always.add(holds.indexOf(List.of(starter.name())));
            }
            List<DeadCheck> chosen = FewestReads.choose(
                            tells, access.stream().mapToInt(Integer::intValue).toArray(), always, wanted)
                    .chosen()
                    .stream()
                    .sorted()
                    .map(reads::get)
                    .toList();
            return new DeadPlan(chosen, unseen, true);
        }

        private void add(DeadCheck read, int price) {
            reads.add(read);
            access.add(price);
        }

        private List<Load> coils() {
            return net.loads().stream().filter(l -> !lamps.contains(l.number())).toList();
        }

        /** Marks the readings from one on that tell a fault; whether any does. */
        private boolean tell(ControlFault fault, int number, int from, List<BitSet> tells) {
            Paths faulty = Paths.of(net, fault, effort);
            Set<Integer> out = new HashSet<>(lamps);
            if (fault instanceof ControlFault.DeadCoil dead) {
                net.load(dead.part()).ifPresent(l -> out.add(l.number()));
            }
            Map<List<String>, Paths.Joined> joined = new HashMap<>();
            boolean told = false;
            for (int r = from; r < reads.size(); r++) {
                DeadCheck read = reads.get(r);
                Shows shown = read.wireOff()
                        ? alone(read, fault)
                        : joined.computeIfAbsent(read.hold(), h -> faulty.joined(closed(h), out))
                                .between(read.from(), read.to());
                if (shown != read.expected()) {
                    tells.get(r).set(number);
                    told = true;
                }
            }
            return told;
        }

        /** What a contact shows that stands alone. */
        private Shows alone(DeadCheck read, ControlFault fault) {
            int contact = net.contacts().stream()
                    .filter(c -> c.a().equals(read.from()))
                    .mapToInt(Contact::number)
                    .findFirst()
                    .orElseThrow();
            boolean open = fault instanceof ControlFault.StuckOpen stuck && stuck.contact() == contact;
            boolean shut = fault instanceof ControlFault.StuckClosed stuck && stuck.contact() == contact;
            return open ? Shows.OPEN : shut ? Shows.JOINED : read.expected();
        }

        private Set<List<String>> holds() {
            Set<List<String>> holds = new LinkedHashSet<>();
            holds.add(List.of());
            List<Part> starters = ladder.of(Kind.BUTTON, Kind.SELECTOR);
            List<Part> guards = ladder.of(Kind.EMERGENCY_STOP, Kind.STOP, Kind.OVERLOAD, Kind.LIMIT);
            starters.forEach(s -> holds.add(List.of(s.name())));
            for (Part starter : starters) {
                guards.stream()
                        .filter(g -> g.way().isEmpty() || g.way().equals(starter.way()))
                        .forEach(g -> holds.add(List.of(starter.name(), g.name())));
                starters.stream()
                        .filter(s -> starter.way().isPresent()
                                && s.way().isPresent()
                                && !s.way().equals(starter.way()))
                        .forEach(s -> holds.add(List.of(starter.name(), s.name())));
            }
            for (Part armature : ladder.of(Kind.CONTACTOR, Kind.RELAY)) {
                holds.add(List.of(armature.name()));
                guards.stream()
                        .filter(g -> g.way().isEmpty() || g.way().equals(armature.way()))
                        .forEach(g -> holds.add(List.of(armature.name(), g.name())));
                for (Part starter : starters) {
                    if (starter.way().isPresent() && !starter.way().equals(armature.way())) {
                        holds.add(List.of(armature.name(), starter.name()));
                    }
                }
            }
            // where a relay has to be on first, its armature is pushed in too
            for (Part relay : ladder.of(Kind.RELAY)) {
                for (Part starter : starters) {
                    ladder.of(Kind.CONTACTOR).forEach(k -> holds.add(List.of(relay.name(), starter.name(), k.name())));
                    guards.forEach(g -> holds.add(List.of(relay.name(), starter.name(), g.name())));
                }
            }
            return holds;
        }

        private BitSet closed(List<String> hold) {
            BitSet closed = new BitSet();
            for (Contact contact : net.contacts()) {
                closed.set(
                        contact.number(),
                        hold.contains(contact.touch().part()) != contact.touch().normallyClosed());
            }
            return closed;
        }

        private DeadCheck read(List<String> hold, String from, String to) {
            BitSet closed = closed(hold);
            Shows shows = sound.joined(closed, lamps).between(from, to);
            boolean across = from.equals(ControlNet.HOT) && to.equals(ControlNet.COMMON);
            boolean lamp =
                    lamps.stream().anyMatch(l -> sound.joined(closed, allBut(l)).between(from, to) == Shows.LOAD);
            return new DeadCheck(
                    hold,
                    from,
                    to,
                    false,
                    shows,
                    shows == Shows.LOAD && across ? coils(from, to, closed) : List.of(),
                    lamp);
        }

        /** The coils that show by themselves; where none does, they stand in a row. */
        private List<String> coils(String from, String to, BitSet closed) {
            List<String> alone = coils().stream()
                    .filter(l -> sound.joined(closed, allBut(l.number())).between(from, to) == Shows.LOAD)
                    .map(Load::part)
                    .toList();
            return alone.isEmpty() ? coils().stream().map(Load::part).toList() : alone;
        }

        private Set<Integer> allBut(int load) {
            Set<Integer> out = new HashSet<>();
            net.loads().stream().map(Load::number).filter(n -> n != load).forEach(out::add);
            return out;
        }

        /** Whether it is a matter of wires and contacts: welds, worn interlocks and timers are tried by hand. */
        private static boolean isElectrical(ControlFault fault) {
            return !(fault instanceof ControlFault.Welded
                    || fault instanceof ControlFault.LooseAuxiliaries
                    || fault instanceof ControlFault.NoWait
                    || fault instanceof ControlFault.NoMechanicalInterlock);
        }

        /** Whether anything but a lamp can then be fed otherwise than it should. */
        private boolean matters(ControlFault fault) {
            if (fault instanceof ControlFault.DeadCoil) {
                return true;
            }
            Paths faulty = Paths.of(net, fault, effort);
            try {
                return !ways(sound.shorts()).equals(ways(faulty.shorts()))
                        || coils().stream()
                                .anyMatch(l -> !ways(sound.to(l.number())).equals(ways(faulty.to(l.number()))));
            } catch (Effort.TooMuch e) {
                // nobody knows: then it does
                return true;
            }
        }

        /** What passes another load first pulls no coil in. */
        private static Set<BitSet> ways(List<Way> ways) {
            Set<BitSet> contacts = new HashSet<>();
            ways.stream().filter(w -> !w.throughLoad()).forEach(w -> contacts.add(w.contacts()));
            return contacts;
        }

        /** The readings that may tell what none over the circuit or at a coil does. */
        private void besides(ControlFault fault) {
            if (fault instanceof ControlFault.Broken broken) {
                holds.forEach(
                        h -> add(read(h, broken.wire().from(), broken.wire().to()), BETWEEN_WIRES));
            }
            if (fault instanceof ControlFault.Touching touching) {
                String one = first(touching.onePoint());
                String other = first(touching.otherPoint());
                holds.forEach(h -> add(read(h, one, other), BETWEEN_WIRES));
                // what a closed contact joins anyway is read with that contact open
                net.contacts().stream()
                        .map(c -> List.of(c.touch().part()))
                        .filter(h -> !holds.contains(h))
                        .distinct()
                        .forEach(h -> add(read(h, one, other), BETWEEN_WIRES));
            }
            if (fault instanceof ControlFault.Earth earth) {
                holds.forEach(h -> add(read(h, first(earth.point()), ControlNet.COMMON), BETWEEN_WIRES));
            }
            net.contacts().stream()
                    .filter(c -> fault instanceof ControlFault.StuckOpen open && open.contact() == c.number()
                            || fault instanceof ControlFault.StuckClosed shut && shut.contact() == c.number())
                    .forEach(c -> {
                        for (List<String> hold :
                                List.of(List.<String>of(), List.of(c.touch().part()))) {
                            boolean joined = hold.isEmpty() == c.touch().normallyClosed();
                            Shows shows = joined ? Shows.JOINED : Shows.OPEN;
                            add(new DeadCheck(hold, c.a(), c.b(), true, shows, List.of(), false), WIRE_OFF);
                        }
                    });
        }

        private String first(int point) {
            return Objects.requireNonNull(net.terminals().get(point)).get(0);
        }
    }
}
