package gatepin.web.exchange;

import gatepin.core.Sentence;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Diagram;
import gatepin.core.exchange.Exchange;
import gatepin.core.exchange.Match;
import gatepin.core.exchange.Mount;
import gatepin.core.exchange.Spare;
import gatepin.core.exchange.Wanted;
import gatepin.core.job.Fact;
import gatepin.core.job.Lane.Change;
import gatepin.core.lane.Parts;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plate.Plate;
import gatepin.core.supply.Region;
import gatepin.web.exchange.SpareStore.Scrapped;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import gatepin.web.shop.ShopStore;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Spare motors, and which goes into which machine. */
@Service
public class ExchangeDesk {
    /** Everything that a job knows of its motor. */
    private static final Seen THE_MOTOR = Seen.any(Plate.PART)
            .and(Diagram.PART, Seen.ANY)
            .and(Board.PART, Seen.ANY)
            .and(Parts.WINDINGS, Seen.ANY);

    private final Acts acts;
    private final JobStore jobs;
    private final PartStore parts;
    private final SpareStore spares;
    private final OldMountStore mounts;
    private final ShopStore shops;

    ExchangeDesk(Acts acts, JobStore jobs, PartStore parts, SpareStore spares, OldMountStore mounts, ShopStore shops) {
        this.acts = acts;
        this.jobs = jobs;
        this.parts = parts;
        this.spares = spares;
        this.mounts = mounts;
        this.shops = shops;
    }

    /**
     * A spare motor with all that is known of it.
     *
     * @param leads their marks
     * @param readings how often an ohmmeter was held on them
     * @param photos its photos
     */
    public record OnShelf(Kept kept, Spare spare, List<String> leads, int readings, List<Long> photos) {}

    @Transactional(readOnly = true)
    public List<OnShelf> shelf(long shop) {
        return spares.onShelf(shop).stream().map(this::known).toList();
    }

    private OnShelf known(Kept kept) {
        gatepin.core.job.Kept known = parts.ofMotor(kept.motorId());
        Leads leads = known.find(Diagram.PART).orElse(Diagram.NONE).leads();
        boolean startLeads = leads.all().stream().anyMatch(l -> l.isOf(Role.START));
        return new OnShelf(
                kept,
                new Spare(
                        kept.name(),
                        known.find(Plate.PART),
                        kept.startEndsOut().or(() -> startLeads ? Optional.of(true) : Optional.empty()),
                        Mount.read(kept.mount()).value().orElse(Mount.UNMEASURED),
                        kept.tested()),
                leads.all().stream().map(Lead::mark).toList(),
                spares.readings(kept.motorId()),
                spares.photos(kept.motorId()));
    }

    /** A photo of a motor on the shelf as JPEG; empty where there is no such. */
    Optional<byte[]> photo(long shop, long motor, long photo) {
        return spares.photo(shop, motor, photo);
    }

    /** Puts a motor on the shelf that was in no machine here; gives false where one is called so already. */
    @Transactional
    public boolean put(long shop, Kept described, Optional<Plate> plate) {
        if (spares.isCalled(shop, described.name())) {
            return false;
        }
        long motor = spares.blank(shop);
        plate.ifPresent(p -> parts.writeOfMotor(motor, Plate.PART, p));
        spares.put(
                new Kept(
                        motor,
                        described.name(),
                        described.cameFrom(),
                        described.note(),
                        described.tested(),
                        described.startEndsOut(),
                        described.mount()),
                shops.ownerOf(shop));
        return true;
    }

    /** Scraps a motor of the shelf; gives false where it lies there no more. */
    @Transactional
    public boolean scrap(long shop, long motor, String why) {
        if (spares.hold(shop, motor).isEmpty()) {
            return false;
        }
        spares.scrap(motor, why);
        return true;
    }

    @Transactional(readOnly = true)
    List<Scrapped> scrapped(long shop) {
        return spares.scrapped(shop);
    }

    Optional<OldMotor> old(long job) {
        return mounts.of(job);
    }

    /**
     * Writes down what the next motor has to match.
     *
     * @param version how often it had been written down when the person saw it
     * @throws StaleEdit when somebody did so since
     */
    public void measured(long jobId, int version, OldMotor old) {
        acts.on(jobId, Seen.of(Parts.MOUNT, version), act -> {
            mounts.save(jobId, old);
            act.saved("log.exchange.measured");
            return List.of();
        });
    }

    /** The motors on the shelf held against what the machine needs, the best first. */
    public List<Match> matches(JobFile file, OldMotor old, List<OnShelf> shelf) {
        Region region = file.job().region();
        Wanted wanted = new Wanted(
                old.horsepower(),
                old.rpm(),
                old.threePhase(),
                old.amps(),
                old.bothWays(),
                old.turned(),
                Mount.read(old.mount()).value().orElse(Mount.UNMEASURED),
                region.volts(),
                region.hertz(),
                region,
                file.facts().run().map(r -> r.metres().doubleValue()).orElse(0.0),
                file.job().switchRating());
        return Exchange.rank(wanted, shelf.stream().map(OnShelf::spare).toList());
    }

    /**
     * Takes a machine's motor off and puts it on the shelf, with all that is known of it. The machine has a motor of which nothing is known
     * then.
     *
     * @throws StaleEdit when the shelf has one of that name by now
     */
    public void takeOff(long jobId, String name, String note) {
        acts.on(jobId, THE_MOTOR, act -> {
            long shop = act.job().shopId();
            if (spares.isCalled(shop, name)) {
                throw new StaleEdit(Plate.PART);
            }
            shelve(act.before(), name, note, act.person());
            spares.into(spares.blank(shop), Optional.of(spares.machine(jobId)));
            jobs.clearVolts(jobId);
            act.saved("log.exchange.off", name);
            return changes();
        });
    }

    private void shelve(JobFile file, String name, String note, long person) {
        long motor = file.job().motorId();
        spares.into(motor, Optional.empty());
        Mount.Typed mount = mounts.of(file.job().id()).map(OldMotor::mount).orElse(Mount.Typed.NONE);
        spares.put(
                new Kept(
                        motor,
                        name,
                        file.job().machine(),
                        note,
                        false,
                        Optional.empty(),
                        new Mount.Typed(
                                "",
                                "",
                                mount.shaft(),
                                mount.key(),
                                mount.height(),
                                "",
                                mount.fixing().isEmpty() ? Mount.Fixing.UNKNOWN.name() : mount.fixing())),
                person);
    }

    private static List<Change> changes() {
        Sentence another = Sentence.of("change.exchange");
        return List.of(
                new Change(Fact.PLATE, another),
                new Change(Fact.LEADS, another),
                new Change(Fact.WINDINGS, another),
                new Change(Fact.VOLTAGE, another),
                new Change(Fact.CONNECTION, another));
    }

    /**
     * Puts a motor from the shelf into a machine. One of which anything is known goes onto the shelf in its place.
     *
     * @throws StaleEdit when it does not lie there any more
     */
    public void putIn(long jobId, long motorId) {
        acts.on(jobId, THE_MOTOR, act -> {
            long shop = act.job().shopId();
            Kept spare = spares.hold(shop, motorId).orElseThrow(() -> new StaleEdit(Plate.PART));
            boolean known = act.before().plate().isPresent()
                    || !act.before().leads().all().isEmpty();
            if (known) {
                shelve(act.before(), free(shop, act.job().machine()), "", act.person());
            } else {
                spares.into(act.job().motorId(), Optional.empty());
                spares.drop(act.job().motorId());
            }
            spares.into(motorId, Optional.of(spares.machine(jobId)));
            jobs.clearVolts(jobId);
            act.saved("log.exchange.in", spare.name());
            return changes();
        });
    }

    private String free(long shop, String machine) {
        String name = "Motor of the " + machine;
        String free = name.substring(0, Math.min(name.length(), 74));
        for (int number = 2; spares.isCalled(shop, free); number++) {
            free = name.substring(0, Math.min(name.length(), 74)) + " (" + number + ")";
        }
        return free;
    }
}
