package gatepin.core.check;

import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Setting.Purpose;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a person complains of where something is wrong with a wiring: the circuit as it then is, run by the engine in every setting and held
 * against the sound one. No table of complaints stands behind it.
 */
public final class Complaint {
    /** A current to ground that a ground-fault breaker feels, A (IEC 61008: 30 mA, from memory). */
    private static final double FELT_TO_GROUND = 0.03;

    /** More line current under load than this beside the sound motor's warms it. */
    private static final double HOT_AMPS = 1.25;

    private static final double SLOWER = 0.03;
    private static final double LOUDER = 1.6;
    private static final double TRIPS_AFTER_SECONDS = 900;
    private static final double TRIPS_STANDSTILL = 3;

    /** More than this beside rated amps drops a breaker within seconds (common practice). */
    private static final double SOON_AMPS = 2.2;

    /** A motor of more than this beside rated torque at standstill was chosen for work that starts hard (common practice). */
    private static final double STARTS_HARD = 1;
    /** With this share of its torque at standstill it does not start that work. */
    private static final double TOO_LITTLE = 0.5;

    private final Circuit sound;
    private final RatedPoint rated;
    private final List<Setting> settings;
    private final List<Behaviour> asItShould;
    private final Alike<Set<Symptom>> alike;

    /** What is complained of, of a wiring. */
    public Complaint(CheckRequest request) {
        this.sound = request.circuit();
        this.rated = request.rated();
        this.settings = sound.settings().stream()
                .filter(s -> s.purpose() != Purpose.NEVER)
                .filter(s -> request.hasOff() || s.purpose() != Purpose.OFF)
                .toList();
        this.asItShould =
                settings.stream().map(s -> Behaviour.of(sound, rated, s)).toList();
        this.alike = new Alike<>(sound);
    }

    /** What is complained of with a fault in it. */
    public static Set<Symptom> of(CheckRequest request, List<Fault> wrong) {
        return new Complaint(request).of(wrong);
    }

    /** The same; circuits that do the same are run once. */
    public Set<Symptom> of(List<Fault> wrong) {
        Circuit circuit = sound;
        for (Fault fault : wrong) {
            circuit = fault.applyTo(circuit);
        }
        return alike.of(circuit, this::symptoms);
    }

    private Set<Symptom> symptoms(Circuit circuit) {
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        List<Way> ways = new ArrayList<>();
        boolean dead = true;
        boolean otherWay = true;
        int runs = 0;
        int trips = 0;
        for (int i = 0; i < settings.size(); i++) {
            Setting setting = settings.get(i);
            Behaviour is = Behaviour.of(circuit, rated, setting);
            if (is.frameVolts() > Carrying.FELT_VOLTS) {
                symptoms.add(Symptom.SHOCK);
            }
            if (is.groundAmps() > FELT_TO_GROUND) {
                symptoms.add(Symptom.GROUND_FAULT_TRIPS);
            }
            if (setting.purpose() == Purpose.OFF && is.carries()) {
                symptoms.add(Symptom.RUNS_IN_OFF);
            }
            if (setting.isMeantToRun()) {
                dead &= !is.carries() && !is.trips();
                runs++;
                trips += trips(is, asItShould.get(i)) ? 1 : 0;
                ways.add(is.way());
                Behaviour should = asItShould.get(i);
                otherWay &= is.way() != Way.NONE && should.way() != Way.NONE && is.way() != should.way();
                running(is, should, symptoms);
            }
        }
        if (dead) {
            symptoms.add(Symptom.DEAD);
            symptoms.remove(Symptom.NO_CLICK);
        } else if (otherWay) {
            symptoms.add(Symptom.WRONG_WAY);
        }
        if (trips > 0 && trips < runs) {
            symptoms.add(Symptom.TRIPS_ONE_WAY);
        }
        if (ways.size() > 1) {
            boolean both = ways.get(0) != Way.NONE && ways.get(1) != Way.NONE;
            if (both && ways.get(0) == ways.get(1)) {
                symptoms.add(Symptom.SAME_WAY);
            } else if (!both && (ways.get(0) != Way.NONE || ways.get(1) != Way.NONE)) {
                symptoms.add(Symptom.ONE_WAY_ONLY);
            }
        }
        return symptoms;
    }

    private static boolean trips(Behaviour is, Behaviour should) {
        return is.trips() || is.standstillAmps() > TRIPS_STANDSTILL * should.standstillAmps();
    }

    private void running(Behaviour is, Behaviour should, Set<Symptom> symptoms) {
        if (trips(is, should)) {
            symptoms.add(Symptom.TRIPS_AT_ONCE);
            return;
        }
        boolean switched = sound.motor().has(InnerContact.Kind.START_SWITCH);
        if (is.way() == Way.NONE) {
            if (is.carries()) {
                symptoms.add(Symptom.HUMS);
                symptoms.add(Symptom.TRIPS_LATER);
                symptoms.add(Symptom.HOT);
                if (is.byHand()) {
                    symptoms.add(Symptom.BY_HAND_ONLY);
                }
            }
            return;
        }
        if (should.startShare() > STARTS_HARD && is.startShare() < TOO_LITTLE * should.startShare()) {
            // it turns with its belt off, and stands and hums before its work
            symptoms.add(Symptom.HUMS);
            symptoms.add(Symptom.SLOW);
        }
        if (switched && should.clicks() && !is.clicks()) {
            symptoms.add(Symptom.NO_CLICK);
        }
        if (is.loadSlip() > should.loadSlip() + SLOWER) {
            symptoms.add(Symptom.SLOW);
        }
        if (is.loadAmps() > HOT_AMPS * should.loadAmps() || is.seconds() < TRIPS_AFTER_SECONDS) {
            symptoms.add(Symptom.HOT);
            symptoms.add(is.loadAmps() > SOON_AMPS * should.loadAmps() ? Symptom.TRIPS_SOON : Symptom.TRIPS_LATER);
        }
        if (is.hum() > LOUDER * should.hum()) {
            symptoms.add(Symptom.NOISY);
        }
    }
}
