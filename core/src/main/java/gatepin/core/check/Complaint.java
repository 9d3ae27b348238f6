package gatepin.core.check;

import gatepin.core.check.Suspects.Suspect;
import gatepin.core.check.WiringFault.WireOut;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Setting.Purpose;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What may be wrong by what is complained of. Every single fault is put into the circuit and run; those whose run looks, sounds and trips
 * as complained of stand first, weighed by how often such a thing happens.
 */
public final class Complaint {
    /** What a fault loses where it should show something that was not said. */
    private static final double NOT_SAID = 0.5;
    /** What it loses where something was said that it does not bring about. */
    private static final double NOT_SHOWN = 0.02;

    /** How much rarer two faults are together than the one and the other. */
    private static final double TOGETHER = 0.3;

    private static final int MOST = 12;

    /** A current to ground that a ground-fault breaker feels, A (IEC 61008: 30 mA, from memory). */
    private static final double FELT_TO_GROUND = 0.03;

    /** More line current under load than this beside the sound motor's warms it. */
    private static final double HOT_AMPS = 1.25;

    private static final double SLOWER = 0.03;
    private static final double LOUDER = 1.6;
    private static final double TRIPS_AFTER_SECONDS = 900;
    private static final double TRIPS_STANDSTILL = 3;

    private final Circuit sound;
    private final RatedPoint rated;
    private final List<Setting> settings;
    private final List<Behaviour> asItShould;

    private Complaint(CheckRequest request) {
        this.sound = request.circuit();
        this.rated = request.rated();
        this.settings = sound.settings().stream()
                .filter(s -> s.purpose() != Purpose.NEVER)
                .filter(s -> request.hasOff() || s.purpose() != Purpose.OFF)
                .toList();
        this.asItShould =
                settings.stream().map(s -> Behaviour.of(sound, rated, s)).toList();
    }

    /**
     * Ranks the single faults of a wiring.
     *
     * @param seen what is complained of
     */
    public static List<Suspect> rank(CheckRequest request, Set<Symptom> seen) {
        return rank(request, seen, List.of());
    }

    /**
     * The same where the wiring was read cold: what those readings contradict is not wrong.
     *
     * @param taken the readings that count
     */
    public static List<Suspect> rank(CheckRequest request, Set<Symptom> seen, List<Taken> taken) {
        List<Fault> possible = Faults.of(request.circuit(), request.links()).stream()
                .filter(f -> !FaultFinder.contradicts(request, f, taken))
                .toList();
        return new Complaint(request).rank(possible, seen);
    }

    /** What would be complained of with a fault in it. */
    public static Set<Symptom> of(CheckRequest request, List<Fault> wrong) {
        Circuit circuit = request.circuit();
        for (Fault fault : wrong) {
            circuit = fault.applyTo(circuit);
        }
        return new Complaint(request).symptoms(circuit);
    }

    private record Weighed(List<Fault> faults, double weight, boolean explains) {}

    private List<Suspect> rank(List<Fault> faults, Set<Symptom> seen) {
        Alike<Set<Symptom>> alike = new Alike<>(sound);
        List<Fault> bonds = seen.contains(Symptom.SHOCK)
                ? faults.stream()
                        .filter(f -> f instanceof WireOut out
                                && sound.wires().get(out.wire()).isGround())
                        .toList()
                : List.of();
        List<Weighed> weighed = new ArrayList<>();
        for (Fault fault : faults) {
            Circuit faulty = fault.applyTo(sound);
            Set<Symptom> shown = alike.of(faulty, this::symptoms);
            weigh(List.of(fault), shown, seen).ifPresent(weighed::add);
            // a frame is alive where its insulation is gone and its bond too
            if (shown.contains(Symptom.GROUND_FAULT_TRIPS)) {
                bonds.forEach(b -> weigh(List.of(fault, b), symptoms(b.applyTo(faulty)), seen)
                        .ifPresent(weighed::add));
            }
        }
        double sum = weighed.stream().mapToDouble(Weighed::weight).sum();
        return weighed.stream()
                .sorted(Comparator.comparingDouble(Weighed::weight).reversed())
                .limit(MOST)
                .map(w -> new Suspect(w.faults(), w.weight() / sum, w.explains()))
                .toList();
    }

    private static Optional<Weighed> weigh(List<Fault> wrong, Set<Symptom> shown, Set<Symptom> seen) {
        double weight = wrong.size() > 1 ? TOGETHER : 1;
        for (Fault fault : wrong) {
            weight *= fault.oftenness();
        }
        boolean explains = true;
        boolean any = false;
        for (Symptom symptom : Symptom.values()) {
            boolean said = seen.contains(symptom);
            boolean is = shown.contains(symptom);
            weight *= said == is ? 1 : said ? NOT_SHOWN : NOT_SAID;
            explains &= !said || is;
            any |= said && is;
        }
        return any ? Optional.of(new Weighed(wrong, weight, explains)) : Optional.empty();
    }

    private Set<Symptom> symptoms(Circuit circuit) {
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        List<Way> ways = new ArrayList<>();
        boolean dead = true;
        boolean otherWay = true;
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

    private void running(Behaviour is, Behaviour should, Set<Symptom> symptoms) {
        if (is.trips() || is.standstillAmps() > TRIPS_STANDSTILL * should.standstillAmps()) {
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
        if (switched && should.clicks() && !is.clicks()) {
            symptoms.add(Symptom.NO_CLICK);
        }
        if (is.loadSlip() > should.loadSlip() + SLOWER) {
            symptoms.add(Symptom.SLOW);
        }
        if (is.loadAmps() > HOT_AMPS * should.loadAmps() || is.seconds() < TRIPS_AFTER_SECONDS) {
            symptoms.add(Symptom.HOT);
            symptoms.add(Symptom.TRIPS_LATER);
        }
        if (is.hum() > LOUDER * should.hum()) {
            symptoms.add(Symptom.NOISY);
        }
    }
}
