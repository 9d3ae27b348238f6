package gatepin.core.machine;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Health;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Place;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Circuit;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.List;

/**
 * The equivalent circuit of a motor of a family, its whole run winding in parallel as on the lower voltage.
 *
 * @param family the family
 * @param ratedVolts the lower voltage, V: what belongs across each run half and across the start circuit
 * @param ratedAmps line current at rated load on that voltage, A
 * @param runOhms resistance of the run winding, Ω at 20 °C
 * @param runLeakageOhms its leakage reactance, Ω
 * @param rotor the rotor, seen from the run winding
 * @param startOhms resistance of the start winding, Ω at 20 °C
 * @param startTurns effective turns of the start winding relative to the run winding
 * @param startMicrofarads start capacitor, µF; 0 where the family has none
 * @param runMicrofarads run capacitor, µF; 0 where the family has none
 */
public record MotorValues(
        MotorFamily family,
        double ratedVolts,
        double ratedAmps,
        double runOhms,
        double runLeakageOhms,
        Rotor rotor,
        double startOhms,
        double startTurns,
        double startMicrofarads,
        double runMicrofarads) {
    /** Series resistance of a capacitor as a share of its reactance: electrolytic to start, oil-filled to run. */
    private static final double START_LOSS = 0.08;

    private static final double RUN_LOSS = 0.005;

    /** Both windings are alike: either can be the main one, and is laid out for it. */
    public boolean hasEqualWindings() {
        return startTurns == 1 && startOhms == runOhms;
    }

    /** The start winding's leakage reactance, Ω: that of the run winding by the square of the turns. */
    public double startLeakageOhms() {
        return runLeakageOhms * startTurns * startTurns;
    }

    /**
     * The motor between the leads it has: run halves each with its share of the copper, the start circuit with whatever
     * the family puts in series inside, the protector as a contact. Where a capacitor has leads of its own, they stand for
     * the whole capacitor box, and the start winding comes out without it.
     *
     * @throws IllegalArgumentException when there is no run winding
     */
    public Motor motor(Leads leads) {
        return motor(leads.terminals(), leads.windings());
    }

    /**
     * A motor built like another one, with these values: the same leads, windings and state of its contacts.
     *
     * @throws IllegalArgumentException when the other was not built by this class
     */
    public Motor like(Motor other) {
        List<Winding> windings = new ArrayList<>();
        for (Coil coil : other.coils()) {
            Terminal end = coil.other().place() == Place.INSIDE ? farEnd(other, coil.other()) : coil.other();
            windings.add(new Winding(coil.name(), coil.circuit(), coil.like(), end));
        }
        other.contacts().stream()
                .filter(c -> c.kind() == Kind.PROTECTOR)
                .forEach(c -> windings.add(new Winding(c.name(), Circuit.PROTECTOR, c.a(), c.b())));
        other.capacitors().stream()
                .filter(c -> c.a().place() != Place.INSIDE && c.b().place() != Place.INSIDE)
                .findFirst()
                .ifPresent(c -> windings.add(new Winding("capacitor 1", Circuit.CAPACITOR, c.a(), c.b())));
        Motor made = motor(other.leads(), windings);
        for (InnerContact contact : other.contacts()) {
            made = made.with(contact.kind(), contact.health());
        }
        return made;
    }

    private static Terminal farEnd(Motor motor, Terminal inside) {
        for (Capacitor capacitor : motor.capacitors()) {
            if (capacitor.a().equals(inside)) {
                return capacitor.b().place() == Place.INSIDE ? farEnd(motor, capacitor.b()) : capacitor.b();
            }
        }
        for (InnerContact contact : motor.contacts()) {
            if (contact.a().equals(inside)) {
                return contact.b();
            }
        }
        throw new IllegalArgumentException("nothing leads on from " + inside);
    }

    /** The same between given windings. */
    public Motor motor(List<Terminal> leads, List<Winding> windings) {
        List<Winding> run = of(windings, Circuit.RUN);
        List<Winding> start = of(windings, Circuit.START);
        if (run.isEmpty()) {
            throw new IllegalArgumentException("a motor has at least one run winding");
        }
        List<Coil> coils = new ArrayList<>();
        List<Capacitor> capacitors = new ArrayList<>();
        List<InnerContact> contacts = new ArrayList<>();
        for (Winding half : run) {
            double ohms = runOhms * run.size();
            coils.add(new Coil(
                    half.name(),
                    Circuit.RUN,
                    half.like(),
                    half.other(),
                    Coil.RUN_AXIS,
                    1,
                    ohms,
                    runLeakageOhms * run.size(),
                    ratedVolts,
                    Copper.joulesPerKelvinForContinuous(ohms, ratedAmps / run.size())));
        }
        List<Winding> boxes = of(windings, Circuit.CAPACITOR);
        for (Winding half : start) {
            if (boxes.isEmpty()) {
                addStart(half, start.size(), coils, capacitors, contacts);
            } else {
                addBareStart(half, start.size(), coils, contacts);
            }
        }
        boxes.stream().limit(1).forEach(box -> addBox(box, capacitors, contacts));
        for (Winding protector : of(windings, Circuit.PROTECTOR)) {
            contacts.add(new InnerContact(
                    protector.name(), Kind.PROTECTOR, protector.like(), protector.other(), Health.WORKS));
        }
        return new Motor(leads, coils, capacitors, contacts, rotor);
    }

    private static List<Winding> of(List<Winding> windings, Circuit circuit) {
        return windings.stream().filter(w -> w.circuit() == circuit).toList();
    }

    /** Start winding and, on a capacitor start motor, the centrifugal switch; the capacitor is outside. */
    private void addBareStart(Winding half, int halves, List<Coil> coils, List<InnerContact> contacts) {
        boolean switched = family.hasStartSwitch() && !family.hasRunCapacitor();
        Terminal afterCoil = switched ? new Terminal(Place.INSIDE, half.name() + " a") : half.other();
        coils.add(startCoil(half, afterCoil, halves));
        if (switched) {
            String suffix = halves == 1 ? "" : " of " + half.name();
            contacts.add(new InnerContact(
                    "start switch" + suffix, Kind.START_SWITCH, afterCoil, half.other(), Health.WORKS));
        }
    }

    /** The capacitor between its own leads; where there are two, the start capacitor with its switch beside the other. */
    private void addBox(Winding box, List<Capacitor> capacitors, List<InnerContact> contacts) {
        if (family.hasRunCapacitor()) {
            capacitors.add(capacitor("run capacitor", box.like(), box.other(), runMicrofarads));
        }
        if (family.hasStartCapacitor()) {
            Terminal far = family.hasRunCapacitor() ? new Terminal(Place.INSIDE, box.name() + " a") : box.other();
            capacitors.add(capacitor("start capacitor", box.like(), far, startMicrofarads));
            if (family.hasRunCapacitor()) {
                contacts.add(new InnerContact("start switch", Kind.START_SWITCH, far, box.other(), Health.WORKS));
            }
        }
    }

    private Coil startCoil(Winding half, Terminal end, int halves) {
        double ohms = startOhms * halves;
        return new Coil(
                half.name(),
                Circuit.START,
                half.like(),
                end,
                Coil.START_AXIS,
                startTurns,
                ohms,
                startLeakageOhms() * halves,
                ratedVolts,
                startJoulesPerKelvin(ohms, halves));
    }

    /** A start winding that is switched out is laid out to start only, one that stays in with its capacitor for its current. */
    private double startJoulesPerKelvin(double ohms, int halves) {
        double toStart = Copper.joulesPerKelvinForStarting(
                ohms, startAmpsAtStandstill(startMicrofarads + runMicrofarads) / halves);
        if (!family.hasRunCapacitor()) {
            return toStart;
        }
        double lasting = Copper.joulesPerKelvinForContinuous(
                ohms, Math.max(startAmpsAtStandstill(runMicrofarads), runCapacitorAmps()) / halves);
        double asMain = hasEqualWindings() ? Copper.joulesPerKelvinForContinuous(ohms, ratedAmps / halves) : 0;
        return Math.max(asMain, family.hasStartSwitch() ? Math.max(toStart, lasting) : lasting);
    }

    /**
     * What the run capacitor passes at speed, A: with main and auxiliary winding in quadrature it lies at V √(1 + a²), a being
     * the ratio of turns (any textbook of electric machinery).
     */
    private double runCapacitorAmps() {
        double volts = ratedVolts * Math.hypot(1, startTurns);
        return 2 * Math.PI * rotor.ratedHertz() * runMicrofarads * 1e-6 * volts;
    }

    private void addStart(
            Winding half, int halves, List<Coil> coils, List<Capacitor> capacitors, List<InnerContact> contacts) {
        Terminal afterCoil = new Terminal(Place.INSIDE, half.name() + " a");
        Terminal afterCapacitor = new Terminal(Place.INSIDE, half.name() + " b");
        coils.add(startCoil(half, afterCoil, halves));
        String suffix = halves == 1 ? "" : " of " + half.name();
        if (family.hasRunCapacitor()) {
            capacitors.add(capacitor("run capacitor" + suffix, afterCoil, half.other(), runMicrofarads / halves));
        }
        if (family.hasStartCapacitor()) {
            capacitors.add(capacitor("start capacitor" + suffix, afterCoil, afterCapacitor, startMicrofarads / halves));
        }
        if (family.hasStartSwitch()) {
            contacts.add(new InnerContact(
                    "start switch" + suffix,
                    Kind.START_SWITCH,
                    family.hasStartCapacitor() ? afterCapacitor : afterCoil,
                    half.other(),
                    Health.WORKS));
        }
    }

    private Capacitor capacitor(String name, Terminal a, Terminal b, double microfarads) {
        double loss = name.startsWith("start") ? START_LOSS : RUN_LOSS;
        double reactance = 1e6 / (2 * Math.PI * rotor.ratedHertz() * microfarads);
        return new Capacitor(name, a, b, microfarads, loss * reactance);
    }

    /** What the start winding carries at standstill on its rated voltage through a capacitor, A; 0 µF for none. */
    private double startAmpsAtStandstill(double microfarads) {
        org.hipparchus.complex.Complex impedance = rotor.fieldImpedance(1, rotor.ratedHertz())
                .multiply(startTurns * startTurns)
                .add(new org.hipparchus.complex.Complex(startOhms, startLeakageOhms()));
        if (microfarads > 0) {
            impedance = impedance.subtract(
                    new org.hipparchus.complex.Complex(0, 1e6 / (2 * Math.PI * rotor.ratedHertz() * microfarads)));
        }
        return ratedVolts / impedance.norm();
    }
}
