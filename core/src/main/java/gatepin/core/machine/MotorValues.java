package gatepin.core.machine;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The equivalent circuit of a motor of a family, its whole run winding in parallel as on the lower voltage.
 *
 * @param family the family
 * @param ratedVolts the lower voltage, V: what belongs across each run half and across the start circuit
 * @param ratedAmps line current at rated load on that voltage, A
 * @param ratedSlip slip at rated load
 * @param runOhms resistance of the run winding, Ω at 20 °C
 * @param runLeakageOhms its leakage reactance, Ω
 * @param rotor the rotor, seen from the run winding
 * @param startOhms resistance of the start winding, Ω at 20 °C
 * @param startTurns effective turns of the start winding relative to the run winding
 * @param startMicrofarads start capacitor as it should be, µF; 0 where the family has none
 * @param runMicrofarads run capacitor as it should be, µF; 0 where the family has none
 * @param startInHand start capacitor that is there, µF
 * @param runInHand run capacitor that is there, µF
 * @param startAcross across how many run halves in series the start winding lies; its values are those of one for one half's voltage
 */
public record MotorValues(
        MotorFamily family,
        double ratedVolts,
        double ratedAmps,
        double ratedSlip,
        double runOhms,
        double runLeakageOhms,
        Rotor rotor,
        double startOhms,
        double startTurns,
        double startMicrofarads,
        double runMicrofarads,
        double startInHand,
        double runInHand,
        int startAcross) {
    /** Series resistance of a capacitor as a share of its reactance: electrolytic to start, oil-filled to run. */
    /** The start winding of a motor none of whose leads is its: it is supposed, not seen. */
    public static final String START_INSIDE = "start inside";

    private static final double START_LOSS = 0.08;

    private static final double RUN_LOSS = 0.005;
    /** Stands for the heat budget until it is worked out, J/K. */
    private static final double NOT_YET = 1;

    /** A motor whose capacitors are as they should be. */
    public MotorValues(
            MotorFamily family,
            double ratedVolts,
            double ratedAmps,
            double ratedSlip,
            double runOhms,
            double runLeakageOhms,
            Rotor rotor,
            double startOhms,
            double startTurns,
            double startMicrofarads,
            double runMicrofarads) {
        this(
                family,
                ratedVolts,
                ratedAmps,
                ratedSlip,
                runOhms,
                runLeakageOhms,
                rotor,
                startOhms,
                startTurns,
                startMicrofarads,
                runMicrofarads,
                startMicrofarads,
                runMicrofarads,
                1);
    }

    /** The same with other capacitors in the place of those that should be there, µF. */
    MotorValues inHand(double start, double run) {
        return with(start, run, startAcross);
    }

    /** The same with a start winding that lies across so many run halves in series. */
    MotorValues startAcross(int halves) {
        return with(startInHand, runInHand, halves);
    }

    private MotorValues with(double startThere, double runThere, int halves) {
        return new MotorValues(
                family,
                ratedVolts,
                ratedAmps,
                ratedSlip,
                runOhms,
                runLeakageOhms,
                rotor,
                startOhms,
                startTurns,
                startMicrofarads,
                runMicrofarads,
                startThere,
                runThere,
                halves);
    }

    private int square() {
        return startAcross * startAcross;
    }

    /** The start capacitor that belongs beside the winding as it is wound, µF; empty where the family has none. */
    public Optional<Double> startCapacitor() {
        return startMicrofarads > 0 ? Optional.of(startMicrofarads / square()) : Optional.empty();
    }

    /** The run capacitor that belongs beside the winding as it is wound, µF; empty where the family has none. */
    public Optional<Double> runCapacitor() {
        return runMicrofarads > 0 ? Optional.of(runMicrofarads / square()) : Optional.empty();
    }

    /** What counts as stated of a motor with these values on its lower voltage. */
    private Stated stated() {
        return new Stated(
                List.of(new Plate.Rating((int) Math.round(ratedVolts), Optional.of(ratedAmps))),
                Optional.of(family),
                startCapacitor(),
                runCapacitor());
    }

    /** Both windings are alike: either can be the main one, and is laid out for it. */
    public boolean hasEqualWindings() {
        return startTurns == 1 && startAcross == 1 && startOhms == runOhms;
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
        Motor made = motor(other.leads(), other.windings());
        for (InnerContact contact : other.contacts()) {
            made = made.with(contact.kind(), contact.health());
        }
        return made;
    }

    /** The same between given windings. */
    public Motor motor(List<Terminal> leads, List<Winding> windings) {
        Motor made = unheated(leads, windings);
        // family and capacitors are stated, so that the torque plays no part
        return HeatBudget.laidOut(made, made.capacitors(), new RatedPoint(ratedSlip, 1, stated()));
    }

    /** The same without its heat budget: enough to solve for currents. */
    Motor unheated(List<Terminal> leads, List<Winding> windings) {
        List<Winding> run = of(windings, Role.RUN);
        List<Winding> start = of(windings, Role.START);
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
                    Role.RUN,
                    half.like(),
                    half.other(),
                    Coil.RUN_AXIS,
                    1,
                    ohms,
                    runLeakageOhms * run.size(),
                    ratedVolts,
                    NOT_YET));
        }
        if (start.isEmpty()) {
            // no end of it comes out: it hangs inside on a run winding, and the motor turns one way (common practice)
            Winding across = run.get(0);
            start = List.of(new Winding(START_INSIDE, Role.START, across.like(), across.other()));
        }
        List<Winding> boxes = of(windings, Role.CAPACITOR);
        for (Winding half : start) {
            if (boxes.isEmpty()) {
                addStart(half, start.size(), coils, capacitors, contacts);
            } else {
                addBareStart(half, start.size(), coils, contacts);
            }
        }
        boxes.stream().limit(1).forEach(box -> addBox(box, capacitors, contacts));
        for (Winding protector : of(windings, Role.PROTECTOR)) {
            contacts.add(new InnerContact(
                    protector.name(), Kind.PROTECTOR, protector.like(), protector.other(), Health.WORKS));
        }
        return new Motor(leads, coils, capacitors, contacts, rotor);
    }

    private static List<Winding> of(List<Winding> windings, Role role) {
        return windings.stream().filter(w -> w.role() == role).toList();
    }

    /** Start winding and, on a capacitor start motor, the centrifugal switch; the capacitor is outside. */
    private void addBareStart(Winding half, int halves, List<Coil> coils, List<InnerContact> contacts) {
        boolean switched = family.hasStartSwitch() && !family.hasRunCapacitor();
        Terminal afterCoil = switched ? Terminal.inside(half.name() + " a") : half.other();
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
            capacitors.add(capacitor("run capacitor", box.like(), box.other(), runInHand));
        }
        if (family.hasStartCapacitor()) {
            Terminal far = family.hasRunCapacitor() ? Terminal.inside(box.name() + " a") : box.other();
            capacitors.add(capacitor("start capacitor", box.like(), far, startInHand));
            if (family.hasRunCapacitor()) {
                contacts.add(new InnerContact("start switch", Kind.START_SWITCH, far, box.other(), Health.WORKS));
            }
        }
    }

    private Coil startCoil(Winding half, Terminal end, int halves) {
        double ohms = startOhms * halves * square();
        return new Coil(
                half.name(),
                Role.START,
                half.like(),
                end,
                Coil.START_AXIS,
                startTurns * startAcross,
                ohms,
                startLeakageOhms() * halves * square(),
                ratedVolts * startAcross,
                NOT_YET);
    }

    private void addStart(
            Winding half, int halves, List<Coil> coils, List<Capacitor> capacitors, List<InnerContact> contacts) {
        Terminal afterCoil = Terminal.inside(half.name() + " a");
        Terminal afterCapacitor = Terminal.inside(half.name() + " b");
        coils.add(startCoil(half, afterCoil, halves));
        String suffix = halves == 1 ? "" : " of " + half.name();
        if (family.hasRunCapacitor()) {
            capacitors.add(capacitor("run capacitor" + suffix, afterCoil, half.other(), runInHand / halves));
        }
        if (family.hasStartCapacitor()) {
            capacitors.add(capacitor("start capacitor" + suffix, afterCoil, afterCapacitor, startInHand / halves));
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

    private Capacitor capacitor(String name, Terminal a, Terminal b, double onOneHalf) {
        double microfarads = onOneHalf / square();
        double loss = name.startsWith("start") ? START_LOSS : RUN_LOSS;
        double reactance = 1e6 / (2 * Math.PI * rotor.ratedHertz() * microfarads);
        return new Capacitor(name, a, b, microfarads, loss * reactance);
    }
}
