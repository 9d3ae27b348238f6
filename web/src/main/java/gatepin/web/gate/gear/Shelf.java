package gatepin.web.gate.gear;

import gatepin.core.gear.SwitchKind;
import gatepin.web.gate.gear.SwitchStore.Device;
import gatepin.web.shop.ShopStore;
import gatepin.web.shop.Shops;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gives every shop the kinds of switches it does not have yet: those that came with a newer version of the library. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class Shelf implements ApplicationRunner {
    private final ShopStore shops;
    private final SwitchStore switches;

    Shelf(ShopStore shops, SwitchStore switches) {
        this.shops = shops;
        this.switches = switches;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        shops.shops().forEach(shop -> fill(shop.id()));
    }

    /** A new shop has the switches of the library on its shelf. */
    @EventListener
    void opened(Shops.Opened shop) {
        fill(shop.id());
    }

    private void fill(long shopId) {
        Set<String> there = switches.devices(shopId).stream().map(Device::kind).collect(Collectors.toSet());
        Stream.concat(SwitchKind.ALL.stream(), SwitchKind.ONE_WAY.stream())
                .filter(kind -> !there.contains(kind.key()))
                .forEach(kind -> switches.add(shopId, kind));
    }
}
