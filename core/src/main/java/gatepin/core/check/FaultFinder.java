package gatepin.core.check;

import gatepin.core.check.ColdReadings.Stand;
import gatepin.core.check.Suspects.Suspect;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds what is wrong with a wiring from what a meter showed: each single fault is put into the circuit and the readings are computed
 * again; what comes nearest to all of them, weighed by how often such a thing happens, stands first. Two are put in together where
 * neither explains everything alone.
 */
public final class FaultFinder {
    /** How much rarer two faults are together than the one and the other (made up: one wiring in twenty has a second). */
    private static final double TOGETHER = 0.05;
    /** How often nothing is wrong, beside one fault. */
    private static final double SOUND = 20;
    /** A reading that cannot be with a fault counts against it so much, in units of half a squared deviation. */
    private static final double IMPOSSIBLE = 12;
    /** So many standard deviations of the meter are a band's half width. */
    private static final double HALF_WIDTH = 2;

    private static final int MOST_PAIRS = 1500;
    private static final int SHOWN = 12;
    /** An explanation that has this share beside the others is settled. */
    private static final double CERTAIN = 0.97;

    private final CheckRequest request;
    private final ColdReadings readings;
    private final List<Fault> faults;
    private final List<Taken> taken;
    private final Meter meter;
    private final double[] sound;

    private record Weighed(List<Fault> faults, Circuit circuit, double[] shown, double weight, boolean explains) {}

    private FaultFinder(CheckRequest request, List<Taken> taken) {
        this.request = request;
        this.meter = request.meter();
        this.readings = new ColdReadings(request.circuit(), request.hasOff());
        this.faults = Faults.of(request.circuit(), request.links());
        this.taken = List.copyOf(taken);
        this.sound = shown(request.circuit());
    }

    /**
     * Ranks what may be wrong.
     *
     * @param taken the readings that count: the last of each
     */
    public static Suspects rank(CheckRequest request, List<Taken> taken) {
        return new FaultFinder(request, taken).rank();
    }

    /** The readings that a fault moves out of their bands: what has to be read again once it is mended. */
    public static Set<String> moved(CheckRequest request, Fault fault, List<Read> reads) {
        ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
        ColdReadings.On was = readings.on(request.circuit());
        ColdReadings.On is = readings.on(fault.applyTo(request.circuit()));
        Set<String> moved = new HashSet<>();
        for (Read read : reads) {
            if (!ColdReadings.band(read, was.shown(read), request.meter())
                    .meets(ColdReadings.band(read, is.shown(read), request.meter()))) {
                moved.add(read.key());
            }
        }
        return moved;
    }

    /** Whether some reading cannot be with a fault. */
    public static boolean contradicts(CheckRequest request, Fault fault, List<Taken> taken) {
        ColdReadings.On is = new ColdReadings(request.circuit(), request.hasOff()).on(fault.applyTo(request.circuit()));
        return taken.stream()
                .anyMatch(t ->
                        t.against(ColdReadings.band(t.read(), is.shown(t.read()), request.meter()), request.meter())
                                == Taken.Standing.DISAGREES);
    }

    /** Whether no reading there is tells two faults apart. */
    public static boolean isAlike(CheckRequest request, Fault one, Fault other) {
        if (one.equals(other)) {
            return true;
        }
        ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
        Circuit first = one.applyTo(request.circuit());
        Circuit second = other.applyTo(request.circuit());
        boolean moves = false;
        for (Stand stand : readings.stands()) {
            double[][] was = readings.all(request.circuit(), stand);
            double[][] is = readings.all(first, stand);
            if (!Arrays.deepEquals(is, readings.all(second, stand))) {
                return false;
            }
            moves |= !Arrays.deepEquals(was, is);
        }
        return moves;
    }

    private double[] shown(Circuit circuit) {
        ColdReadings.On on = readings.on(circuit);
        return taken.stream().mapToDouble(t -> on.shown(t.read())).toArray();
    }

    private Suspects rank() {
        Weighed nothing = weigh(List.of(), request.circuit(), sound);
        if (agrees()) {
            // all that was read agrees: nothing is suspected
            return new Suspects(List.of(), Optional.empty(), true);
        }
        List<Weighed> singles = new ArrayList<>();
        for (Fault fault : faults) {
            Circuit faulty = fault.applyTo(request.circuit());
            singles.add(weigh(List.of(fault), faulty, shown(faulty)));
        }
        List<Weighed> all = new ArrayList<>(singles);
        if (!nothing.explains()) {
            all.addAll(pairs(singles));
        }
        boolean any = all.stream().anyMatch(Weighed::explains);
        List<Weighed> likely = all.stream()
                .filter(w -> w.explains() || !any)
                .sorted(Comparator.comparingDouble(Weighed::weight).reversed())
                .limit(4L * SHOWN)
                .toList();
        double sum = likely.stream().mapToDouble(Weighed::weight).sum();
        List<Suspect> suspects = likely.stream()
                .limit(SHOWN)
                .map(w -> new Suspect(w.faults(), sum > 0 ? w.weight() / sum : 0, w.explains()))
                .toList();
        return new Suspects(suspects, nothing.explains() ? Optional.empty() : next(likely, sum), nothing.explains());
    }

    private boolean agrees() {
        for (int i = 0; i < sound.length; i++) {
            Taken one = taken.get(i);
            if (one.against(ColdReadings.band(one.read(), sound[i], meter), meter) != Taken.Standing.AGREES) {
                return false;
            }
        }
        return true;
    }

    private Weighed weigh(List<Fault> wrong, Circuit circuit, double[] shown) {
        double weight = wrong.isEmpty() ? SOUND : 1;
        for (Fault fault : wrong) {
            weight *= fault.oftenness();
        }
        if (wrong.size() > 1) {
            weight *= TOGETHER;
        }
        double against = 0;
        boolean explains = true;
        for (int i = 0; i < shown.length; i++) {
            double one = against(i, shown[i]);
            against += one;
            explains &= one < IMPOSSIBLE;
        }
        return new Weighed(wrong, circuit, shown, weight * Math.exp(-against), explains);
    }

    /** How much a reading speaks against what would be shown: half the square of how far it is off, by the meter's measure. */
    private double against(int reading, double shown) {
        Taken one = taken.get(reading);
        double value = one.value();
        Band band = ColdReadings.band(one.read(), shown, meter);
        if (band.isOpen() || Double.isInfinite(value)) {
            return band.isOpen() && Double.isInfinite(value) ? 0 : IMPOSSIBLE;
        }
        if (one.kind() == Taken.Kind.SWINGS || band == ColdReadings.SWINGS) {
            return band.holds(value) || (band == ColdReadings.SWINGS && one.kind() == Taken.Kind.MICROFARADS)
                    ? 0
                    : IMPOSSIBLE;
        }
        double width = (band.most() - band.least()) / 2;
        double off = Math.abs(value - Math.max(0, shown))
                / Math.max(width, meter.error().ohms())
                * HALF_WIDTH;
        return Math.min(IMPOSSIBLE, off * off / 2);
    }

    /**
     * Two faults: the first brings some reading nearer that nothing else explains, the second changes what the first leaves unexplained.
     * Those that should do best if the one did not touch the other are tried first.
     */
    private List<Weighed> pairs(List<Weighed> singles) {
        record Pair(Weighed one, Weighed other, double against) {}
        int n = taken.size();
        Effect[] effects = singles.stream().map(Effect::new).toArray(Effect[]::new);
        List<Pair> pairs = new ArrayList<>();
        for (Effect one : effects) {
            if (one.single.explains() || !one.helps) {
                continue;
            }
            for (Effect other : effects) {
                // where one of the two explains everything, the other adds nothing
                if (one == other || other.single.explains()) {
                    continue;
                }
                boolean leaves = false;
                double against = 0;
                for (int i = 0; i < n; i++) {
                    leaves |= one.against[i] >= IMPOSSIBLE && other.moves[i];
                    against += !other.moves[i]
                            ? one.against[i]
                            : one.moves[i] ? Math.min(one.against[i], other.against[i]) : other.against[i];
                }
                if (leaves) {
                    pairs.add(new Pair(
                            one.single,
                            other.single,
                            against - Math.log(oftenness(one.single) * oftenness(other.single))));
                }
            }
        }
        pairs.sort(Comparator.comparingDouble(Pair::against));
        List<Weighed> weighed = new ArrayList<>();
        Set<Set<Fault>> told = new HashSet<>();
        for (Pair pair : pairs) {
            Fault one = pair.one().faults().get(0);
            Fault other = pair.other().faults().get(0);
            if (told.size() == MOST_PAIRS) {
                break;
            }
            if (told.add(Set.of(one, other)) && go(one, other)) {
                Circuit both = other.applyTo(pair.one().circuit());
                weighed.add(weigh(List.of(one, other), both, shown(both)));
            }
        }
        return weighed;
    }

    /** What a single fault does to the readings. */
    private final class Effect {
        private final Weighed single;
        private final boolean[] moves;
        private final double[] against;
        /** It brings some reading nearer that is wrong without it. */
        private final boolean helps;

        Effect(Weighed single) {
            this.single = single;
            int n = taken.size();
            this.moves = new boolean[n];
            this.against = new double[n];
            boolean nearer = false;
            for (int i = 0; i < n; i++) {
                double shown = single.shown()[i];
                moves[i] = shown != sound[i];
                against[i] = against(i, shown);
                boolean opens = Double.isInfinite(shown) != Double.isInfinite(sound[i]);
                nearer |= moves[i] && against(i, sound[i]) >= IMPOSSIBLE && (against[i] < IMPOSSIBLE || opens);
            }
            this.helps = nearer;
        }
    }

    private static double oftenness(Weighed single) {
        return single.faults().get(0).oftenness();
    }

    /** Two faults that can be together: not two of one contact, one coil, one capacitor or one wire's end. */
    private static boolean go(Fault one, Fault other) {
        return !(one instanceof MotorFault.CoilBad a
                        && other instanceof MotorFault.CoilBad b
                        && a.coil().equals(b.coil()))
                && !(one instanceof MotorFault.HalvesExchanged || other instanceof MotorFault.HalvesExchanged)
                && !(one instanceof MotorFault.CapacitorBad c
                        && other instanceof MotorFault.CapacitorBad d
                        && c.capacitor().equals(d.capacitor()))
                && !(one instanceof WiringFault.ContactStuck e
                        && other instanceof WiringFault.ContactStuck f
                        && e.contact().equals(f.contact()));
    }

    /** The reading that leaves least behind: explanations that it tells apart are sure to lose each other. */
    private Optional<Read> next(List<Weighed> likely, double sum) {
        if (likely.size() < 2 || likely.get(0).weight() > CERTAIN * sum) {
            return Optional.empty();
        }
        Set<String> done = new HashSet<>();
        taken.forEach(t -> done.add(t.read().key()));
        List<Terminal> points = readings.probed();
        Best best = new Best(likely.stream().mapToDouble(w -> w.weight() / sum).toArray());
        for (Stand stand : readings.stands()) {
            List<double[][]> shown =
                    likely.stream().map(w -> readings.all(w.circuit(), stand)).toList();
            for (int i = 0; i < points.size(); i++) {
                for (int j = i + 1; j < points.size(); j++) {
                    int a = i;
                    int b = j;
                    double[] here = shown.stream().mapToDouble(s -> s[a][b]).toArray();
                    best.look(
                            new Read.Ohms(points.get(i), points.get(j), stand.setting(), stand.heldOpen()), here, done);
                }
            }
        }
        for (Capacitor capacitor : request.circuit().capacitors()) {
            Read read = new Read.OfCapacitor(capacitor.name());
            best.look(
                    read,
                    likely.stream()
                            .mapToDouble(w -> ColdReadings.ofCapacitor(w.circuit(), capacitor.name()))
                            .toArray(),
                    done);
        }
        return Optional.ofNullable(best.read);
    }

    /** The best reading so far. */
    private final class Best {
        /** A reading has to take this much of what is left, or it is not worth holding the probes on. */
        private static final double WORTH = 0.02;

        private final double[] shares;
        private double left;
        private int access = Integer.MAX_VALUE;
        private @org.jspecify.annotations.Nullable Read read;

        Best(double[] shares) {
            this.shares = shares;
            this.left = 1 - WORTH;
        }

        void look(Read candidate, double[] shown, Set<String> done) {
            Band[] bands = new Band[shown.length];
            boolean alike = true;
            for (int i = 0; i < shown.length; i++) {
                alike &= shown[i] == shown[0];
            }
            if (alike) {
                return;
            }
            for (int i = 0; i < shown.length; i++) {
                bands[i] = ColdReadings.band(candidate, shown[i], meter);
            }
            double together = 0;
            for (int i = 0; i < shown.length; i++) {
                for (int j = 0; j < shown.length; j++) {
                    together += bands[i].meets(bands[j]) ? shares[i] * shares[j] : 0;
                }
            }
            int price = ColdPlanner.access(candidate);
            if ((together < left - 1e-9 || (together < left + 1e-9 && price < access))
                    && !done.contains(candidate.key())) {
                left = together;
                access = price;
                read = candidate;
            }
        }
    }
}
