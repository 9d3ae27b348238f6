package gatepin.web.yard;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.circuit.Supply;
import gatepin.core.lane.Parts;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.LogStore.Kind;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.shop.ShopStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Bringing machines into the yard, and what they are called. */
@Service
public class Machines {
    /** An act that writes no part of what a gate shows. */
    private static final Seen NOTHING = new Seen(Map.of());

    /** The most letters of a machine's name. */
    public static final int LONGEST_NAME = 80;

    /** The most letters of what is noted of a machine. */
    public static final int LONGEST_NOTE = 400;

    private final JobStore jobs;
    private final LogStore log;
    private final ShopStore shops;
    private final YardStore yard;
    private final Acts acts;

    Machines(JobStore jobs, LogStore log, ShopStore shops, YardStore yard, Acts acts) {
        this.yard = yard;
        this.acts = acts;
        this.jobs = jobs;
        this.log = log;
        this.shops = shops;
    }

    /** Opens a job for a new machine; gives its id, or what is wrong with the name. */
    @Transactional
    public Reading<Long> bringIn(long shopId, String machine, String note) {
        List<Problem> problems = problems(machine, note);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        String name = machine.strip();
        Optional<ShopStore.Shop> shop = shops.shop(shopId);
        if (shop.isEmpty()) {
            return wrong("shop", "" + shopId, "Choose the shop the machine stands in.");
        }
        if (jobs.machineExists(shopId, name)) {
            return wrong("machine", machine, shop.orElseThrow().name() + " already has a machine called " + name + ".");
        }
        long id = jobs.open(shopId, name, note.strip(), Supply.Kind.HOT_AND_NEUTRAL);
        log.add(
                jobs.job(id).orElseThrow(),
                shops.ownerOf(shopId),
                Optional.empty(),
                Kind.OPENED,
                Sentence.of("log.opened", name));
        // asks the gates for the first time
        acts.on(id, NOTHING, act -> List.of());
        return Reading.of(id);
    }

    private static List<Problem> problems(String machine, String note) {
        List<Problem> problems = new ArrayList<>();
        if (machine.isBlank()) {
            problems.add(new Problem("machine", machine, "Give the machine a name, such as Apple scratter."));
        } else if (machine.strip().length() > LONGEST_NAME) {
            problems.add(new Problem("machine", machine, "Use at most " + LONGEST_NAME + " letters."));
        }
        if (note.strip().length() > LONGEST_NOTE) {
            problems.add(new Problem("note", note, "Use at most " + LONGEST_NOTE + " letters."));
        }
        return problems;
    }

    /**
     * Calls a machine otherwise; gives what is wrong with what was typed.
     *
     * @param version how often it had been called otherwise when the person saw it
     * @throws StaleEdit when somebody did so since
     */
    List<Problem> rename(long jobId, int version, String machine, String note) {
        List<Problem> problems = problems(machine, note);
        if (!problems.isEmpty()) {
            return problems;
        }
        long machineId = yard.machineOf(jobId);
        String name = machine.strip();
        if (yard.isTaken(machineId, name)) {
            return List.of(new Problem("machine", machine, "The shop already has a machine called " + name + "."));
        }
        acts.on(jobId, Seen.of(Parts.MACHINE, version), act -> {
            yard.rename(machineId, name, note.strip());
            if (!act.job().machine().equals(name)) {
                act.saved("log.renamed", act.job().machine(), name);
            }
            return List.of();
        });
        return List.of();
    }

    /** Sets a machine with its job aside, or brings it back. */
    void setAside(long jobId, boolean aside) {
        acts.on(jobId, NOTHING, act -> {
            yard.setAside(yard.machineOf(jobId), aside);
            act.saved(aside ? "log.setAside" : "log.broughtBack");
            return List.of();
        });
    }

    private static Reading<Long> wrong(String field, String typed, String message) {
        return Reading.failed(List.of(new Problem(field, typed, message)));
    }
}
