package gatepin.core.lane;

import gatepin.core.Effort;
import gatepin.core.Reading;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.ColdPlanner;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.ConnectionCheck;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;

/**
 * What was worked out lately, by what it was worked out from. Several who ask for the same at once wait for one computation. Safe for
 * use by several threads.
 */
public final class Memory {
    private static final int KEPT = 200;

    private final Map<Given, CompletableFuture<Reading<FittedMotor>>> fits = new Lately<>();
    private final Map<Ways, CompletableFuture<RunningConnections>> ways = new Lately<>();
    private final Map<PlanRequest, CompletableFuture<PlanResult>> plans = new Lately<>();
    private final Map<Loaded, CompletableFuture<Analysis>> analyses = new Lately<>();
    private final Map<Hung, CompletableFuture<ConnectionCheck>> checks = new Lately<>();

    private final Map<CheckRequest, CompletableFuture<ColdPlan>> coldPlans = new Lately<>();

    private static final class Lately<K, V> extends LinkedHashMap<K, V> {
        private static final long serialVersionUID = 1;

        Lately() {
            super(KEPT, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > KEPT;
        }
    }

    private record Ways(Motor motor, Leads leads, RatedPoint rated, Connection connection, Supply supply) {}

    private record Loaded(Circuit circuit, RatedPoint rated) {}

    private record Hung(Connection connection, Leads leads, Motor motor, RatedPoint rated, Supply supply) {}

    private static <K, V> V once(Map<K, CompletableFuture<V>> known, K key, Supplier<V> computed) {
        CompletableFuture<V> mine = new CompletableFuture<>();
        CompletableFuture<V> there;
        synchronized (known) {
            there = known.putIfAbsent(key, mine);
        }
        if (there != null) {
            try {
                return there.join();
            } catch (CompletionException e) {
                if (e.getCause() instanceof RuntimeException cause) {
                    throw cause;
                }
                throw e;
            }
        }
        try {
            V value = computed.get();
            mine.complete(value);
            return value;
        } catch (RuntimeException | Error e) {
            // the next who asks shall try again
            synchronized (known) {
                known.remove(key, mine);
            }
            mine.completeExceptionally(e);
            throw e;
        }
    }

    /** A plate's fit. */
    Reading<FittedMotor> fit(Given given) {
        return once(fits, given, () -> PlateFit.fit(given));
    }

    /** The connections that run a motor as its diagram does. */
    RunningConnections running(
            Motor motor, Leads leads, RatedPoint rated, Connection connection, Supply supply, Effort effort) {
        return once(
                ways,
                new Ways(motor, leads, rated, connection, supply),
                () -> RunningConnections.of(motor, leads, rated, connection, supply, effort));
    }

    /** The plans for a request. */
    PlanResult plans(PlanRequest request, Effort effort) {
        return once(plans, request, () -> Planner.search(request, effort));
    }

    /** What a circuit does. */
    Analysis analysis(Circuit circuit, RatedPoint rated) {
        return once(analyses, new Loaded(circuit, rated), () -> Analysis.of(circuit, rated));
    }

    /** What a motor does on a supply by a column of its diagram, the supply being as stiff as can be. */
    ConnectionCheck check(Connection connection, Leads leads, Motor motor, RatedPoint rated, Supply supply) {
        return once(
                checks,
                new Hung(connection, leads, motor, rated, supply),
                () -> ConnectionCheck.of(connection, leads, motor, rated, supply, Feeder.STIFF));
    }

    /** What to read cold on a wiring. */
    ColdPlan coldPlan(CheckRequest request) {
        return once(coldPlans, request, () -> ColdPlanner.plan(request));
    }
}
