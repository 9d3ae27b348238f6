package gatepin.web.lane;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.Effort;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.Examined;
import gatepin.core.found.FoundWiring;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.FewestChanges;
import gatepin.core.plan.PlanResult;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Work that may take long, done beside the request that asks for it: a page waits a second for it, and then shows how far it is. Each
 * piece has a limit and can be stopped, what came of it is kept while the facts stay the same, and there is room for only so many: what one page asks for never takes others with it.
 */
@Component
public class Computing {
    private static final Duration PATIENCE = Duration.ofSeconds(1);
    private static final Duration LIMIT = Duration.ofSeconds(20);
    private static final int THREADS = 2;
    private static final int WAITING = 40;
    private static final int KEPT = 300;
    private static final Logger LOG = LoggerFactory.getLogger(Computing.class);

    private final ThreadPoolExecutor pool =
            new ThreadPoolExecutor(THREADS, THREADS, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(WAITING), work -> {
                Thread thread = new Thread(work, "computing");
                thread.setDaemon(true);
                return thread;
            });
    private final Map<String, Task<?>> tasks = new LinkedHashMap<>();
    private final Cache<String, Done<?>> done =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    record Task<T>(Object of, Effort effort, Future<T> future) {}

    private record Done<T>(Object of, T value) {}

    /**
     * What came of asking.
     *
     * @param value the answer, once it is there
     * @param percent how far it is, while it is under way
     * @param failure why there will be none, as a sentence; blank otherwise
     */
    public record Answer<T>(Optional<T> value, int percent, String failure) {
        static <T> Answer<T> of(T value) {
            return new Answer<>(Optional.of(value), 100, "");
        }

        static <T> Answer<T> failed(String failure) {
            return new Answer<>(Optional.empty(), 0, failure);
        }

        public boolean isUnderWay() {
            return value.isEmpty() && failure.isBlank();
        }
    }

    /** The plans for a job; none while the diagram or the switch is missing. */
    public Answer<Optional<PlanResult>> plans(JobFile file) {
        return ask(file, "plans", effort -> file.workup().planning().plans(effort));
    }

    /** The switches of the library that could do a job. */
    public Answer<List<SwitchKind>> wouldDo(JobFile file) {
        return ask(file, "switches", effort -> file.workup().planning().wouldDo(effort));
    }

    /** The fewest changes that make the switch as found right; none of both while that cannot be said. */
    public Answer<Optional<Optional<FewestChanges>>> repair(JobFile file, FoundWiring found) {
        return ask(
                file,
                "repair",
                effort -> file.workup()
                        .planning()
                        .planRequest(effort)
                        .map(request -> FewestChanges.of(found.bench(), request, effort)));
    }

    /** What holds of the control circuit of a job's contactors, and what mends the rest. */
    public Answer<Examined> examined(JobFile file, ControlRecord control) {
        return ask(
                file.job().id(),
                List.of(control.ladder(), control.asked(), file.workup().controlDuty()),
                "control",
                effort -> Examined.of(
                        control.ladder(), control.asked(), file.workup().controlDuty(), effort));
    }

    /** Ends whatever is worked out for a job; what came of it is forgotten. */
    public void stop(long jobId) {
        synchronized (tasks) {
            tasks.entrySet().stream()
                    .filter(t -> t.getKey().startsWith(jobId + " "))
                    .forEach(t -> t.getValue().effort().stop());
        }
    }

    private <T> Answer<T> ask(JobFile file, String what, Function<Effort, T> work) {
        return ask(file.job().id(), file.facts().forPlanning(), what, work);
    }

    /** One task for each job and kind of work: asked again for the same facts it goes on, for others it starts anew. */
    <T> Answer<T> ask(long jobId, Object facts, String what, Function<Effort, T> work) {
        String key = jobId + " " + what;
        @SuppressWarnings("unchecked") // a key always has answers of one type
        Done<T> known = (Done<T>) done.getIfPresent(key);
        if (known != null && known.of().equals(facts)) {
            return Answer.of(known.value());
        }
        return begin(key, facts, work)
                .map(task -> answer(key, task))
                .orElseGet(() -> Answer.failed("Too much is being worked out at once. Ask again in a moment."));
    }

    /** The task under way for these facts, begun if need be; empty where there is no room for one more. */
    <T> Optional<Task<T>> begin(String key, Object facts, Function<Effort, T> work) {
        synchronized (tasks) {
            @SuppressWarnings("unchecked") // a key always has tasks of one type
            Task<T> known = (Task<T>) tasks.get(key);
            if (known != null && known.of().equals(facts)) {
                return Optional.of(known);
            }
            if (known != null) {
                known.effort().stop();
            }
            Effort effort = Effort.of(LIMIT);
            try {
                Task<T> fresh = new Task<>(facts, effort, pool.submit(() -> work.apply(effort)));
                tasks.put(key, fresh);
                return Optional.of(fresh);
            } catch (RejectedExecutionException e) {
                return Optional.empty();
            }
        }
    }

    private <T> Answer<T> answer(String key, Task<T> task) {
        try {
            T value = task.future().get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
            done.put(key, new Done<>(task.of(), value));
            forget(key, task);
            return Answer.of(value);
        } catch (TimeoutException e) {
            return new Answer<>(
                    Optional.empty(), (int) Math.round(100 * task.effort().share()), "");
        } catch (ExecutionException e) {
            forget(key, task);
            if (e.getCause() instanceof Effort.TooMuch tooMuch) {
                return Answer.failed(tooMuch.why());
            }
            LOG.error("job and question {}: not worked out", key, e.getCause());
            return Answer.failed("The engine could not work this out. What is typed is safe; the log says more.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Answer.failed("The application is being stopped.");
        }
    }

    private void forget(String key, Task<?> task) {
        synchronized (tasks) {
            tasks.remove(key, task);
        }
    }

    @PreDestroy
    void close() {
        pool.shutdownNow();
    }
}
