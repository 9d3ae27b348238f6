package gatepin.core.trouble;

import gatepin.core.Sentence;
import gatepin.core.check.Complaint;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultFinder;
import gatepin.core.check.Faults;
import gatepin.core.check.MotorFault.CapacitorBad;
import gatepin.core.check.MotorFault.CapacitorsExchanged;
import gatepin.core.check.MotorFault.CoilBad;
import gatepin.core.check.MotorFault.HalvesExchanged;
import gatepin.core.check.MotorFault.InnerStuck;
import gatepin.core.check.SupplyFault.OtherSupply;
import gatepin.core.check.SupplyFault.OutletExchanged;
import gatepin.core.check.Symptom;
import gatepin.core.check.WiringFault.Bridged;
import gatepin.core.check.WiringFault.ContactStuck;
import gatepin.core.check.WiringFault.EndsExchanged;
import gatepin.core.check.WiringFault.HandleSlipped;
import gatepin.core.check.WiringFault.PoorJoint;
import gatepin.core.check.WiringFault.WireElsewhere;
import gatepin.core.check.WiringFault.WireEnd;
import gatepin.core.check.WiringFault.WireOut;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.trouble.Trouble.Machine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The causes that are in the wiring, the motor and the supply's voltage: each fault is put in, and the engine says what it does. */
final class InWiring {
    private static final double OF_ONE_WINDING = 15;
    private static final double BESIDE = 3;

    private final Circuit circuit;
    private final Complaint complaint;

    private InWiring(Circuit circuit, Complaint complaint) {
        this.circuit = circuit;
        this.complaint = complaint;
    }

    static List<Cause> causes(Machine machine, Complaint complaint) {
        List<Fault> possible = Faults.of(
                        machine.request().circuit(), machine.request().links())
                .stream()
                .filter(f -> !FaultFinder.contradicts(machine.request(), f, machine.taken()))
                .toList();
        return new InWiring(machine.request().circuit(), complaint).causes(possible);
    }

    private List<Cause> causes(List<Fault> possible) {
        List<Fault> bonds = possible.stream().filter(this::isBond).toList();
        List<Cause> causes = new ArrayList<>();
        for (Fault fault : possible) {
            Set<Symptom> does = complaint.of(List.of(fault));
            Repair repair = repair(fault);
            Set<Symptom> shows = EnumSet.noneOf(Symptom.class);
            shows.addAll(does);
            shows.addAll(known(fault));
            if (!shows.isEmpty()) {
                causes.add(
                        new Cause(repair, part(fault), oftenness(fault), shows, fault.words(circuit), List.of(fault)));
            }
            // a frame is alive where its insulation is gone and its bond too; what trips the breaker while bonded is
            // the rarer of the two
            if (does.contains(Symptom.GROUND_FAULT_TRIPS) && (repair == Repair.INSULATION || repair == Repair.CHAFED)) {
                for (Fault bond : bonds) {
                    Set<Symptom> both = complaint.of(List.of(fault, bond));
                    if (both.contains(Symptom.SHOCK)) {
                        causes.add(new Cause(
                                repair == Repair.INSULATION
                                        ? Repair.LEAK_WITHOUT_GROUND
                                        : Repair.LIVE_METAL_WITHOUT_GROUND,
                                "",
                                fault.oftenness(),
                                both,
                                Sentence.of("trouble.both", fault.words(circuit), bond.words(circuit)),
                                List.of(fault, bond)));
                    }
                }
            }
        }
        return causes;
    }

    /** What everybody knows of it besides what the engine finds (common practice). */
    private Set<Symptom> known(Fault fault) {
        if (fault instanceof CapacitorBad bad && bad.how() == CapacitorBad.How.HALF && !isStart(bad.capacitor())) {
            return EnumSet.of(Symptom.WEAKER);
        }
        boolean burnt = fault instanceof CoilBad coil
                && (coil.how() == CoilBad.How.SHORTED || coil.how() == CoilBad.How.SHORTED_TURNS);
        if (burnt) {
            return EnumSet.of(Symptom.SMELLS);
        }
        boolean opens = fault instanceof InnerStuck stuck && stuck.open() && repair(fault) == Repair.PROTECTOR;
        return opens ? EnumSet.of(Symptom.STOPS) : Set.of();
    }

    /** The two ends of one winding are taken for each other far more often than any other two; a neighbour is hit more often than a stranger. */
    private double oftenness(Fault fault) {
        if (fault instanceof EndsExchanged swap) {
            boolean pair = circuit.motor().windings().stream()
                    .anyMatch(w -> leads(swap.one()).contains(w.like())
                                    && leads(swap.other()).contains(w.other())
                            || leads(swap.one()).contains(w.other())
                                    && leads(swap.other()).contains(w.like()));
            return fault.oftenness() * (pair ? OF_ONE_WINDING : 1);
        }
        if (fault instanceof WireElsewhere elsewhere) {
            List<Terminal> face = circuit.chart().terminals();
            List<Terminal> places = elsewhere.places(circuit);
            int one = face.indexOf(places.get(0));
            int other = face.indexOf(places.get(1));
            return fault.oftenness() * (one >= 0 && other >= 0 && Math.abs(one - other) <= 2 ? BESIDE : 1);
        }
        return fault.oftenness();
    }

    private Set<Terminal> leads(WireEnd end) {
        Wire wire = circuit.wires().get(end.wire());
        return Set.of(wire.from(), wire.to());
    }

    private boolean isBond(Fault fault) {
        return fault instanceof WireOut out && circuit.wires().get(out.wire()).isGround();
    }

    private Repair repair(Fault fault) {
        if (fault instanceof CapacitorBad bad) {
            return isStart(bad.capacitor()) ? Repair.START_CAPACITOR : Repair.RUN_CAPACITOR;
        }
        if (fault instanceof InnerStuck stuck) {
            return circuit.motor().contacts().stream()
                            .anyMatch(c -> c.name().equals(stuck.contact()) && c.kind() == InnerContact.Kind.PROTECTOR)
                    ? Repair.PROTECTOR
                    : Repair.START_SWITCH;
        }
        if (fault instanceof CoilBad bad) {
            return switch (bad.how()) {
                case TO_FRAME -> Repair.INSULATION;
                case TURNED -> Repair.ENDS_MARKED_WRONG;
                case OPEN, SHORTED, SHORTED_TURNS -> Repair.WINDING;
            };
        }
        if (fault instanceof Bridged bridged) {
            return switch (bridged.by()) {
                case STRAND -> Repair.STRAND;
                case LINK -> Repair.LINK;
                case METAL -> Repair.CHAFED;
            };
        }
        if (fault instanceof WireOut || fault instanceof PoorJoint) {
            return isBond(fault) || isPoorBond(fault) ? Repair.GROUND_MISSING : Repair.LOOSE;
        }
        if (fault instanceof WireElsewhere || fault instanceof EndsExchanged || fault instanceof CapacitorsExchanged) {
            return Repair.WRONG_TERMINAL;
        }
        if (fault instanceof HalvesExchanged) {
            return Repair.ENDS_MARKED_WRONG;
        }
        if (fault instanceof ContactStuck stuck) {
            return stuck.contact().a().is(Device.Type.CONTACTOR) ? Repair.MAIN_CONTACT : Repair.CONTACT;
        }
        if (fault instanceof HandleSlipped) {
            return Repair.HANDLE;
        }
        if (fault instanceof OutletExchanged) {
            return Repair.OUTLET_EXCHANGED;
        }
        if (fault instanceof OtherSupply) {
            return Repair.VOLTAGE;
        }
        throw new IllegalArgumentException("nobody said what mends " + fault);
    }

    private boolean isPoorBond(Fault fault) {
        return fault instanceof PoorJoint poor
                && circuit.wires().get(poor.wire()).isGround();
    }

    /** Of two capacitors the larger starts; one alone starts where a start switch takes it out. */
    private boolean isStart(String capacitor) {
        return circuit.motor().has(InnerContact.Kind.START_SWITCH)
                && circuit.capacitors().stream()
                        .max(Comparator.comparingDouble(Capacitor::microfarads))
                        .filter(c -> c.name().equals(capacitor))
                        .isPresent();
    }

    private String part(Fault fault) {
        if (fault instanceof CapacitorBad bad) {
            return bad.capacitor();
        }
        if (fault instanceof InnerStuck stuck) {
            return stuck.contact();
        }
        return fault instanceof CoilBad bad && bad.how() != CoilBad.How.TURNED ? bad.coil() : "";
    }
}
