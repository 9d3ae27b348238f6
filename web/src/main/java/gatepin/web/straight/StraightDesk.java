package gatepin.web.straight;

import gatepin.core.Reading;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Taken;
import gatepin.core.lane.Parts;
import gatepin.core.plan.Plan;
import gatepin.core.straight.OnTheBench;
import gatepin.core.supply.Region;
import gatepin.web.gate.diagram.DiagramDesk;
import gatepin.web.gate.gear.SwitchDesk;
import gatepin.web.gate.gear.SwitchStore;
import gatepin.web.gate.plate.PlateDesk;
import gatepin.web.gate.rotation.RotationDesk;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import gatepin.web.yard.Machines;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes a job of what was chosen on the way straight to the wires. */
@Service
class StraightDesk {
    private static final String SHOP = "My shop";
    private static final String MACHINE = "New machine";

    private final Shops shops;
    private final Machines machines;
    private final JobStore jobs;
    private final PlateDesk plate;
    private final DiagramDesk diagram;
    private final RotationDesk rotation;
    private final SwitchDesk gear;
    private final SwitchStore switches;
    private final Acts acts;
    private final PartStore parts;

    StraightDesk(
            Shops shops,
            Machines machines,
            JobStore jobs,
            PlateDesk plate,
            DiagramDesk diagram,
            RotationDesk rotation,
            SwitchDesk gear,
            SwitchStore switches,
            Acts acts,
            PartStore parts) {
        this.shops = shops;
        this.machines = machines;
        this.jobs = jobs;
        this.plate = plate;
        this.diagram = diagram;
        this.rotation = rotation;
        this.gear = gear;
        this.switches = switches;
        this.acts = acts;
        this.parts = parts;
    }

    /**
     * Where the machine stands.
     *
     * @param shop one of the shops; 0 for the only one, or for one to be opened
     * @param zone the time zone of whoever asks
     */
    record Where(long shop, String zone) {}

    /** The shops where such a supply is found, the one opened last first. */
    List<Shop> shopsOf(Region region) {
        return shops.all().stream()
                .filter(s -> s.region() == region && !s.aside())
                .sorted(Comparator.comparing(Shop::id).reversed())
                .toList();
    }

    /** Nobody has opened a shop yet. */
    boolean hasNoShop() {
        return shops.all().isEmpty();
    }

    /** A name that is still free in every shop. */
    String offeredName() {
        Set<String> taken = jobs.machinesCalled(MACHINE);
        return IntStream.rangeClosed(1, taken.size() + 1)
                .mapToObj(n -> n == 1 ? MACHINE : MACHINE + " " + n)
                .filter(name -> !taken.contains(name.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Opens a job with what was chosen; no pin is pulled by it. Gives its id, or what is wrong with the name.
     *
     * @param plan how it is wired; none where no plan was found
     * @param where where the machine stands; a shop is opened where there is none of that supply
     */
    @Transactional
    public Reading<Long> make(OnTheBench bench, Optional<Plan> plan, Where where, String machine) {
        Region region = bench.choices().mains().region();
        List<Shop> fit = shopsOf(region);
        long in = fit.stream()
                .filter(s -> s.id() == where.shop())
                .findFirst()
                .or(() -> fit.stream().findFirst())
                .map(Shop::id)
                .orElseGet(() -> openShop(region, where.zone()));
        Reading<Long> opened = machines.bringIn(in, machine, "");
        if (opened.value().isEmpty()) {
            return opened;
        }
        long job = opened.value().orElseThrow();
        bench.stamped().ifPresent(p -> plate.save(job, Seen.ANY, p));
        bench.columns()
                .forEach(column -> diagram.save(
                        job,
                        Seen.any(Diagram.PART).and(Parts.SUPPLY, Seen.ANY),
                        bench.leads(),
                        column,
                        bench.choices().mains().supply().kind()));
        if (!bench.choices().turns().bothWays()) {
            rotation.save(job, Seen.ANY, bench.rotation());
        }
        switches.devices(in).stream()
                .filter(d -> d.kind().equals(bench.choices().gear().key()))
                .findFirst()
                .ifPresent(d -> {
                    gear.choose(job, Seen.ANY, d.id(), "");
                    plan.ifPresent(p -> gear.put(job, p));
                });
        acts.on(job, Seen.any(Taken.PART), act -> {
            Taken taken = bench.intoAJob();
            if (!taken.all().isEmpty()) {
                parts.write(act.job(), Taken.PART, taken);
            }
            act.saved("log.straight");
            return List.of();
        });
        return opened;
    }

    private long openShop(Region region, String zone) {
        String known = ZoneId.getAvailableZoneIds().contains(zone) ? zone : "UTC";
        int number = 1;
        while (true) {
            Reading<Long> opened =
                    shops.open(number == 1 ? SHOP : SHOP + " " + number, region.name(), known, List.of());
            if (opened.value().isPresent()) {
                return opened.value().orElseThrow();
            }
            number++;
        }
    }
}
