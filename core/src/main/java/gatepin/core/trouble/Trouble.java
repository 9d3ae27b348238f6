package gatepin.core.trouble;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.Complaint;
import gatepin.core.check.Symptom;
import gatepin.core.check.Taken;
import gatepin.core.control.Ladder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What may be wrong by what is complained of. What is one repair stands together; each is weighed by how often it is the cause in a machine
 * with such a past, times how likely a person who has it would say just this: what the engine finds in the faulty circuit, and what is known
 * of the things that are in no wiring.
 *
 * @param suspicions the likeliest first
 */
public record Trouble(List<Suspicion> suspicions) {
    /** So many of the likeliest are worth a page. */
    private static final int MOST = 12;
    /** So many places of one repair are told. */
    private static final int PLACES = 4;

    /** A place that is so much less likely than the likeliest is not looked at. */
    private static final double BESIDE_THE_LIKELIEST = 0.01;

    /** Under this share a suspicion is not tested first, however easy that is. */
    private static final double WORTH_A_TEST = 0.04;

    public Trouble {
        suspicions = List.copyOf(suspicions);
    }

    /**
     * A machine that complains.
     *
     * @param request its wiring, as it should be
     * @param ladder its control circuit; empty where a hand throws its switch
     * @param past what lies behind it
     * @param taken what was read with the plug pulled, as far as it still holds: what that contradicts is not the cause
     */
    public record Machine(CheckRequest request, Optional<Ladder> ladder, Past past, List<Taken> taken) {
        public Machine {
            taken = List.copyOf(taken);
        }
    }

    /**
     * What may be wrong with it.
     *
     * @param said what is complained of
     */
    public static Trouble of(Machine machine, Set<Symptom> said) {
        Complaint complaint = new Complaint(machine.request());
        List<Cause> causes = new ArrayList<>(InWiring.causes(machine, complaint));
        causes.addAll(
                Besides.causes(machine.request().circuit(), machine.ladder().isPresent()));
        machine.ladder().ifPresent(l -> causes.addAll(InControl.causes(l)));
        return new Trouble(rank(causes, machine.past(), said));
    }

    private record Weighed(Cause cause, double weight) {}

    private static List<Suspicion> rank(List<Cause> causes, Past past, Set<Symptom> said) {
        Map<Repair, Double> ways = new LinkedHashMap<>();
        causes.forEach(c -> ways.merge(c.repair(), c.often(), Double::sum));
        Map<Repair, List<Weighed>> groups = new EnumMap<>(Repair.class);
        for (Cause cause : causes) {
            // a kind is as often the cause as it is, in however many places it can be
            double weight = cause.repair().oftenness(past)
                    * cause.often()
                    / ways.getOrDefault(cause.repair(), 1.0)
                    * cause.told(said);
            boolean does = said.stream()
                    .anyMatch(s ->
                            cause.does().contains(s) || cause.repair().besides().contains(s));
            if (does) {
                groups.computeIfAbsent(cause.repair(), r -> new ArrayList<>()).add(new Weighed(cause, weight));
            }
        }
        double sum = groups.values().stream().mapToDouble(Trouble::weight).sum();
        return groups.entrySet().stream()
                .sorted(Comparator.comparingDouble((Map.Entry<Repair, List<Weighed>> e) -> weight(e.getValue()))
                        .reversed())
                .limit(MOST)
                .map(e -> suspicion(e.getKey(), e.getValue(), sum, said))
                .toList();
    }

    private static double weight(List<Weighed> group) {
        return group.stream().mapToDouble(Weighed::weight).sum();
    }

    private static Suspicion suspicion(Repair repair, List<Weighed> ways, double sum, Set<Symptom> said) {
        double most = ways.stream().mapToDouble(Weighed::weight).max().orElse(0);
        List<Cause> likeliest = ways.stream()
                .filter(w -> w.weight() >= BESIDE_THE_LIKELIEST * most)
                .sorted(Comparator.comparingDouble(Weighed::weight).reversed())
                .map(Weighed::cause)
                .toList();
        return new Suspicion(
                repair,
                likeliest.get(0).part(),
                likeliest.stream()
                        .map(Cause::words)
                        .filter(Predicate.not(Sentence::isNone))
                        .limit(PLACES)
                        .toList(),
                likeliest.stream().map(Cause::faults).filter(f -> !f.isEmpty()).toList(),
                sum > 0 ? weight(ways) / sum : 0,
                likeliest.stream().anyMatch(c -> c.explains(said)));
    }

    /** What to test first: what tells most for the least trouble; empty where nothing is suspected. */
    public Optional<Suspicion> first() {
        return suspicions.stream()
                .filter(s -> s.share() >= WORTH_A_TEST)
                .max(Comparator.comparingDouble(s -> s.share() / s.repair().trouble()))
                .or(() -> suspicions.stream().findFirst());
    }
}
