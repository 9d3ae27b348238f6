package gatepin.web.shop;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.Region;
import gatepin.web.shop.ShopStore.Shop;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opening shops, and what is said of them. */
@Service
@Transactional
public class Shops {
    private static final int LONGEST_NAME = 80;

    private final ShopStore shops;
    private final ApplicationEventPublisher events;

    Shops(ShopStore shops, ApplicationEventPublisher events) {
        this.shops = shops;
        this.events = events;
    }

    /** A shop was opened: its rooms get ready for it in the same transaction. */
    public record Opened(long id) {}

    /** All shops, oldest first, those set aside too. */
    @Transactional(readOnly = true)
    public List<Shop> all() {
        return shops.shops();
    }

    @Transactional(readOnly = true)
    public Optional<Shop> shop(long id) {
        return shops.shop(id);
    }

    /** Opens a shop; gives its id, or what is wrong with what was typed. */
    public Reading<Long> open(String name, String region, String zone, Collection<String> outlets) {
        List<Problem> problems = problems(Optional.empty(), name, region, zone);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        Region named = Region.valueOf(region);
        long id = shops.addShop(name.strip(), named, ZoneId.of(zone));
        shops.addPerson(id, "Owner");
        shops.setOutlets(id, usual(named, outlets));
        events.publishEvent(new Opened(id));
        return Reading.of(id);
    }

    /** Somebody else saved the shop since; nothing was written. */
    static final class SavedSince extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /**
     * Renames a shop, or says otherwise where it is and which outlets it has; gives what is wrong with what was typed.
     *
     * @param version how often it had been saved when the person saw it
     * @throws SavedSince when somebody saved it after that
     */
    List<Problem> change(long id, int version, String name, String region, String zone, Collection<String> outlets) {
        if (shops.hold(id) != version) {
            throw new SavedSince();
        }
        List<Problem> problems = problems(Optional.of(id), name, region, zone);
        if (problems.isEmpty()) {
            Region named = Region.valueOf(region);
            shops.change(id, name.strip(), named, ZoneId.of(zone));
            shops.setOutlets(id, usual(named, outlets));
        }
        return problems;
    }

    private List<Problem> problems(Optional<Long> id, String name, String region, String zone) {
        List<Problem> problems = new ArrayList<>();
        if (name.isBlank()) {
            problems.add(new Problem("name", name, "Give the shop a name."));
        } else if (name.strip().length() > LONGEST_NAME) {
            problems.add(new Problem("name", name, "Use at most " + LONGEST_NAME + " letters."));
        } else if (shops.shops().stream()
                .anyMatch(s -> s.name().equalsIgnoreCase(name.strip()) && !id.equals(Optional.of(s.id())))) {
            problems.add(new Problem("name", name, "There is a shop of this name already."));
        }
        if (Arrays.stream(Region.values()).noneMatch(r -> r.name().equals(region))) {
            problems.add(new Problem("region", region, "Choose where the shop is: its words, sizes and rules follow."));
        }
        if (!ZoneId.getAvailableZoneIds().contains(zone)) {
            problems.add(new Problem(
                    "zone",
                    zone,
                    "A time zone is written as its continent and city, such as America/Chicago, or UTC."));
        }
        return problems;
    }

    /** What the owner of a shop is called. */
    @Transactional(readOnly = true)
    public String owner(long id) {
        return shops.nameOf(shops.ownerOf(id));
    }

    private static List<String> usual(Region region, Collection<String> outlets) {
        return outlets.stream().filter(Outlets.all(region)::contains).toList();
    }

    /** Sets a shop aside with all that is in it, or brings it back. */
    public void setAside(long id, boolean aside) {
        shops.setAside(id, aside);
    }

    @Transactional(readOnly = true)
    public java.util.Set<String> outlets(long id) {
        return shops.outlets(id);
    }
}
