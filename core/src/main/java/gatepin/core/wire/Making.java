package gatepin.core.wire;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wire.Run;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.supply.Region;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * What it takes to make the wires of a plan.
 *
 * @param wires every wire in working order, with colour, length and fittings
 * @param splices the joints in the motor box
 * @param boxFill the room the switch's box must have; empty where the region has no such rule or the size is not known
 * @param toBuy what to cut and buy, a line each
 */
public record Making(List<WireDetail> wires, List<Splice> splices, Optional<BoxFill> boxFill, List<String> toBuy) {
    /** Slack at each end of a conductor, m; the length of a jumper, m; stripping, mm (common practice). */
    private static final double SLACK = 0.15;

    private static final double JUMPER = 0.12;
    private static final int STRIP_SCREW = 9;
    private static final int STRIP_CONNECTOR = 12;

    /** Conductors that flexible cords commonly come with, ground counted (common practice). */
    private static final List<Integer> CORDS = List.of(3, 4, 5, 7, 12);

    /** What a capacitor's voltage is as a share of the line's, and the voltages they come in (common practice). */
    private static final double RUN_CAPACITOR_SHARE = 1.6;

    private static final double START_CAPACITOR_SHARE = 1.1;
    private static final List<Integer> RUN_CAPACITOR_VOLTS = List.of(250, 370, 440);
    private static final List<Integer> START_CAPACITOR_VOLTS = List.of(125, 165, 250, 330);

    public Making {
        wires = List.copyOf(wires);
        splices = List.copyOf(splices);
        toBuy = List.copyOf(toBuy);
    }

    /** The same with one thing more to buy. */
    public Making andToBuy(String more) {
        List<String> all = new ArrayList<>(toBuy);
        all.add(more);
        return new Making(wires, splices, boxFill, all);
    }

    /**
     * Works it out.
     *
     * @param circuit the plan's wires with motor and switch
     * @param order its wires in working order
     * @param leads the motor's leads, which have their own colours
     * @param region whose colours and rules hold
     * @param size the branch circuit's conductor; blank while it is not sized
     * @param lengths how long the cables are
     */
    public static Making of(
            Circuit circuit, List<Wire> order, Leads leads, Region region, String size, CableLengths lengths) {
        return new Work(circuit, order, leads, region, size, lengths).done();
    }

    private static final class Work {
        private final Circuit circuit;
        private final List<Wire> order;
        private final Leads leads;
        private final Region region;
        private final String size;
        private final CableLengths lengths;
        private final Nodes fixed;
        private final Nodes inMotorBox;
        private final Map<Wire, String> colours = new HashMap<>();
        private final Map<Wire, Integer> bands = new HashMap<>();

        Work(Circuit circuit, List<Wire> order, Leads leads, Region region, String size, CableLengths lengths) {
            this.circuit = circuit;
            this.order = order;
            this.leads = leads;
            this.region = region;
            this.size = size;
            this.lengths = lengths;
            this.fixed = Nodes.of(circuit.wires(), List.of());
            this.inMotorBox = Nodes.of(
                    circuit.wires().stream()
                            .filter(w -> w.run() == Run.MOTOR_BOX)
                            .toList(),
                    List.of());
            colour();
        }

        /** Ground and neutral have their colours by rule. */
        private void colour() {
            for (Wire wire : order) {
                if (wire.isGround()) {
                    colours.put(wire, region.code().colours().ground());
                } else if (isNeutral(wire)) {
                    colours.put(wire, region.code().colours().neutral());
                } else if (wire.run() == Run.SUPPLY_CABLE) {
                    boolean second = wire.lands(Terminal.L2);
                    colours.put(wire, region.code().colours().lines().get(second ? 1 : 0));
                } else if (wire.run() == Run.SWITCH_BOX) {
                    colours.put(wire, hots().get(0));
                }
            }
            colourMotorCable();
        }

        private List<String> hots() {
            return region.code().colours().hots();
        }

        /**
         * A conductor keeps the colour of a lead it meets where the cable has it. The others take colours that no lead of the
         * motor has, so that none goes over from one lead to another; when those run out, bands of tape tell them apart.
         */
        private void colourMotorCable() {
            Map<String, Integer> uses = new HashMap<>();
            List<Wire> left = new ArrayList<>();
            for (Wire wire : order) {
                if (wire.run() != Run.MOTOR_CABLE || colours.containsKey(wire)) {
                    continue;
                }
                Optional<String> own = leadColours(l -> inMotorBox.same(wire.from(), l.terminal())).stream()
                        .filter(c -> hots().contains(c) && !uses.containsKey(c))
                        .findFirst();
                own.ifPresentOrElse(c -> take(wire, c, uses), () -> left.add(wire));
            }
            SortedSet<String> ofLeads = leadColours(l -> true);
            List<String> free =
                    hots().stream().filter(c -> !ofLeads.contains(c)).toList();
            List<String> cable = free.isEmpty() ? hots() : free;
            if (free.isEmpty()) {
                // plain, each of these is the colour of a lead
                hots().forEach(c -> uses.putIfAbsent(c, 1));
            }
            for (Wire wire : left) {
                String least = cable.stream()
                        .min(Comparator.comparing(c -> uses.getOrDefault(c, 0)))
                        .orElseThrow();
                take(wire, least, uses);
            }
        }

        private void take(Wire wire, String colour, Map<String, Integer> uses) {
            colours.put(wire, colour);
            bands.put(wire, uses.merge(colour, 1, Integer::sum) - 1);
        }

        private SortedSet<String> leadColours(Predicate<Lead> which) {
            return leads.all().stream()
                    .filter(which)
                    .map(l -> l.colour().strip().toLowerCase(Locale.ROOT))
                    .collect(Collectors.toCollection(TreeSet::new));
        }

        /** Joined to the neutral in every position, by wires alone. */
        private boolean isNeutral(Wire wire) {
            return circuit.supply().kind() == Supply.Kind.HOT_AND_NEUTRAL && fixed.same(wire.from(), Terminal.L2);
        }

        /** A cord of two conductors brings a second hot on the wire that is coloured for the neutral. */
        private String remark(Wire wire) {
            boolean secondHot = wire.run() == Run.SUPPLY_CABLE
                    && wire.lands(Terminal.L2)
                    && circuit.supply().isHot(Terminal.L2);
            return secondHot ? region.code().colours().remark() : "";
        }

        Making done() {
            List<WireDetail> details = order.stream().map(this::detail).toList();
            List<Splice> splices = splices();
            long conductors = order.stream()
                    .filter(w -> !w.isGround() && (w.run() == Run.MOTOR_CABLE || w.run() == Run.SUPPLY_CABLE))
                    .count();
            Optional<BoxFill> fill = region == Region.IEC ? Optional.empty() : BoxFill.of((int) conductors, size);
            return new Making(details, splices, fill, toBuy(splices));
        }

        private WireDetail detail(Wire wire) {
            boolean lead = wire.run() == Run.MOTOR_BOX;
            Optional<Lead> own = leads.find(wire.from().mark())
                    .filter(l -> lead && l.terminal().equals(wire.from()));
            String colour = lead
                    ? own.map(Lead::colour).filter(c -> !c.isBlank()).orElse("as it is")
                    : colours.getOrDefault(wire, "");
            return new WireDetail(
                    wire,
                    colour,
                    bands.getOrDefault(wire, 0),
                    remark(wire),
                    lead ? "" : size,
                    lead ? 0 : cut(wire),
                    strip(wire.from()),
                    strip(wire.to()),
                    fitting(wire.from()),
                    fitting(wire.to()));
        }

        private double cut(Wire wire) {
            return switch (wire.run()) {
                case MOTOR_CABLE -> lengths.onMotor() ? cutOnMotor() : lengths.motorCableMetres() + 2 * SLACK;
                case SUPPLY_CABLE -> lengths.supplyCordMetres() + 2 * SLACK;
                default -> JUMPER;
            };
        }

        /** Through a bushing from one box into the other, m. */
        private static double cutOnMotor() {
            return 2 * SLACK;
        }

        private static int strip(Terminal end) {
            return end.is(Type.MOTOR) && !end.isGround() || end.is(Type.SPLICE) ? STRIP_CONNECTOR : STRIP_SCREW;
        }

        private String fitting(Terminal end) {
            String of = size.isEmpty() ? "" : " for " + size;
            if (end.isGround()) {
                return end.is(Type.SUPPLY)
                        ? region.ground() + " pin or bar"
                        : "ring" + of + " under the " + region.ground() + " screw";
            }
            return switch (end.device().type()) {
                case MOTOR, SPLICE -> "closed connector";
                case CAPACITOR -> "insulated push-on terminal" + of + ", for the capacitor's tag";
                case SWITCH -> "ring or fork" + of + ", torque as stamped on the switch";
                default -> "plug or disconnect terminal, torque as stamped";
            };
        }

        /** A joint for each conductor that meets leads, and for each set of leads joined among themselves. */
        private List<Splice> splices() {
            List<Splice> splices = new ArrayList<>();
            for (Wire wire : order) {
                boolean single = wire.run() == Run.MOTOR_CABLE && wire.from().is(Type.MOTOR) && !wire.isGround();
                if (single) {
                    splices.add(splice(wire.from().mark(), List.of(wire.from()), 1));
                }
            }
            Map<Terminal, List<Terminal>> joined = new TreeMap<>();
            order.stream()
                    .filter(w -> w.run() == Run.MOTOR_BOX)
                    .forEach(w -> joined.computeIfAbsent(w.to(), k -> new ArrayList<>())
                            .add(w.from()));
            joined.forEach((nut, in) -> {
                long conductors = order.stream()
                        .filter(w -> w.run() == Run.MOTOR_CABLE && w.lands(nut))
                        .count();
                splices.add(splice(nut.mark(), in.stream().sorted().toList(), (int) conductors));
            });
            return splices;
        }

        private Splice splice(String name, List<Terminal> in, int conductors) {
            int wires = in.size() + conductors;
            return new Splice(
                    name,
                    in,
                    conductors,
                    "connector listed for " + wires + " wires" + (size.isEmpty() ? "" : " up to " + size));
        }

        private List<String> toBuy(List<Splice> splices) {
            List<String> list = new ArrayList<>();
            int motor = count(Run.MOTOR_CABLE);
            list.add(
                    lengths.onMotor()
                            ? "No motor cable, the switch sits on the motor: "
                                    + region.lengths().toBuy((motor + 1) * cutOnMotor())
                                    + " of single wire" + (size.isEmpty() ? "" : ", " + size) + ", " + motor + " and a "
                                    + region.ground()
                            : cable("Motor cable", motor, lengths.motorCableMetres()));
            list.add(cable("Supply cord", count(Run.SUPPLY_CABLE), lengths.supplyCordMetres()));
            int jumpers = count(Run.SWITCH_BOX);
            if (jumpers > 0) {
                list.add("Wire for " + jumpers + (jumpers == 1 ? " jumper: " : " jumpers: ")
                        + region.lengths().toBuy(jumpers * JUMPER) + (size.isEmpty() ? "" : ", " + size));
            }
            Map<String, Integer> connectors = new TreeMap<>();
            splices.forEach(s -> connectors.merge(s.connector(), 1, Integer::sum));
            connectors.forEach((kind, number) -> list.add(number + " × " + kind));
            long screws = order.stream()
                    .flatMap(w -> List.of(w.from(), w.to()).stream())
                    .filter(t -> t.isGear() || t.isFrame())
                    .count();
            long tags = order.stream()
                    .flatMap(w -> List.of(w.from(), w.to()).stream())
                    .filter(t -> t.is(Type.CAPACITOR))
                    .count();
            if (tags > 0) {
                circuit.motor().capacitors().stream()
                        .filter(c -> c.a().is(Type.CAPACITOR))
                        .forEach(c -> list.add(capacitor(c)));
                list.add(tags + " × insulated push-on terminal" + (size.isEmpty() ? "" : " for " + size)
                        + ", for the capacitor's tags");
            }
            list.add(screws + " × ring or fork terminal" + (size.isEmpty() ? "" : " for " + size)
                    + ", to fit the screws");
            list.add(
                    lengths.onMotor()
                            ? "1 × gland or clamp with collar, for the cord; 1 × bushing between the two boxes"
                            : "3 × gland or clamp with collar: motor box, and both sides of the switch box");
            long labelled = order.stream().filter(w -> !w.isGround()).count();
            list.add(2 * labelled + " × wire label, one for each end");
            if (order.stream().anyMatch(w -> !remark(w).isEmpty())) {
                list.add("Tape to re-mark the second " + region.hot());
            }
            return list;
        }

        /** A run capacitor stands the voltage that its winding and the line's make together (common practice: next size up). */
        private String capacitor(Capacitor c) {
            boolean toRun = c.name().startsWith("run");
            double stands = (toRun ? RUN_CAPACITOR_SHARE : START_CAPACITOR_SHARE) * startVolts();
            String volts = (toRun ? RUN_CAPACITOR_VOLTS : START_CAPACITOR_VOLTS)
                    .stream()
                            .filter(v -> v >= stands)
                            .findFirst()
                            .map(v -> ", " + v + " V AC or more")
                            .orElse("");
            return String.format(
                    Locale.ROOT,
                    "%s: %s µF%s, bolted beside the motor under a cover; the one that is there will do if it measures right",
                    Character.toUpperCase(c.name().charAt(0)) + c.name().substring(1),
                    c.microfarads() < 9.5
                            ? String.format(Locale.ROOT, "%.1f", c.microfarads())
                            : Math.round(c.microfarads()),
                    volts);
        }

        /** What belongs across the start circuit, V. */
        private double startVolts() {
            return circuit.motor().coils(Role.START).stream()
                    .mapToDouble(Coil::ratedVolts)
                    .max()
                    .orElse(circuit.supply().volts());
        }

        private int count(Run run) {
            return (int)
                    order.stream().filter(w -> w.run() == run && !w.isGround()).count();
        }

        private String cable(String name, int conductors, double metres) {
            int withGround = conductors + 1;
            String comes = CORDS.stream()
                    .filter(c -> c >= withGround)
                    .findFirst()
                    .map(c -> c == withGround ? "" : " (comes with " + c + ": " + (c - withGround) + " spare)")
                    .orElse(" (more than one cable)");
            return name + ": " + region.lengths().toBuy(metres + 2 * SLACK) + " of " + withGround + " conductors with "
                    + region.ground() + (size.isEmpty() ? "" : ", " + size) + comes;
        }
    }
}
