package gatepin.core.check;

import gatepin.core.check.ColdPlan.Step;
import gatepin.core.check.Suspects.Suspect;
import gatepin.core.circuit.Circuit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A person with a meter before a wiring with something wrong in it: reads what the plan asks, then what the finder asks. */
final class Hunt {
    private static final int MOST_MORE = 12;

    private final CheckRequest request;
    private final SimulatedReading meter;
    private final Circuit actual;
    private final Map<String, Taken> taken = new LinkedHashMap<>();
    private Suspects suspects = new Suspects(List.of(), java.util.Optional.empty(), true);
    private int disagreed;
    private int more;

    private Hunt(CheckRequest request, Circuit actual, long seed) {
        this.request = request;
        this.actual = actual;
        this.meter = new SimulatedReading(actual, request.meter(), seed);
    }

    static Hunt of(CheckRequest request, ColdPlan plan, Circuit actual, long seed) {
        Hunt hunt = new Hunt(request, actual, seed);
        for (Step step : plan.steps()) {
            Taken reading = hunt.meter.take(step.read());
            hunt.taken.put(step.read().key(), reading);
            hunt.disagreed += reading.against(step.expected(), request.meter()) != Taken.Standing.AGREES ? 1 : 0;
        }
        hunt.suspects = FaultFinder.rank(request, List.copyOf(hunt.taken.values()));
        while (hunt.suspects.next().isPresent() && hunt.more < MOST_MORE) {
            Read next = hunt.suspects.next().orElseThrow();
            hunt.taken.put(next.key(), hunt.meter.take(next));
            hunt.more++;
            hunt.suspects = FaultFinder.rank(request, List.copyOf(hunt.taken.values()));
        }
        return hunt;
    }

    boolean isNoticed() {
        return disagreed > 0;
    }

    int more() {
        return more;
    }

    Suspects suspects() {
        return suspects;
    }

    /**
     * The same for two faults: the pair itself, or one of the two among the first five and, once that is mended and all is read again, the
     * other.
     */
    int placeOfBoth(List<Fault> planted, ColdPlan plan, long seed) {
        int place = place();
        for (Fault mended : planted) {
            boolean named =
                    suspects.likely().stream().limit(5).anyMatch(s -> s.faults().equals(List.of(mended)));
            if (place > 5 && named) {
                Fault left = planted.get(0).equals(mended) ? planted.get(1) : planted.get(0);
                place = Math.min(
                        place,
                        of(request, plan, left.applyTo(request.circuit()), seed).place());
            }
        }
        return place;
    }

    /** At which place what is wrong stands, or something that no meter could tell from it; 99 where it does not. */
    int place() {
        ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
        List<Suspect> likely = suspects.likely();
        for (int i = 0; i < likely.size(); i++) {
            Circuit circuit = request.circuit();
            for (Fault fault : likely.get(i).faults()) {
                circuit = fault.applyTo(circuit);
            }
            if (isAlike(readings, circuit)) {
                return i + 1;
            }
        }
        return 99;
    }

    /** No reading between any two points in any setting, nor on a capacitor, differs by more than the meter may be off. */
    private boolean isAlike(ColdReadings readings, Circuit other) {
        for (ColdReadings.Stand stand : readings.stands()) {
            double[][] one = readings.all(actual, stand);
            double[][] two = readings.all(other, stand);
            for (int i = 0; i < one.length; i++) {
                for (int j = 0; j < i; j++) {
                    if (!request.meter().ohms(one[i][j]).meets(request.meter().ohms(two[i][j]))) {
                        return false;
                    }
                }
            }
        }
        List<Boolean> alike = new ArrayList<>();
        request.circuit().capacitors().forEach(c -> {
            Read read = new Read.OfCapacitor(c.name());
            alike.add(ColdReadings.band(read, ColdReadings.ofCapacitor(actual, c.name()), request.meter())
                    .meets(ColdReadings.band(read, ColdReadings.ofCapacitor(other, c.name()), request.meter())));
        });
        return !alike.contains(false);
    }
}
