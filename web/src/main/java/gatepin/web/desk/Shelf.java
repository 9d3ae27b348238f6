package gatepin.web.desk;

import gatepin.core.gear.SwitchKind;
import gatepin.web.store.ShopStore;
import gatepin.web.store.SwitchStore;
import gatepin.web.store.SwitchStore.Device;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
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
        for (ShopStore.Shop shop : shops.shops()) {
            Set<String> there =
                    switches.devices(shop.id()).stream().map(Device::kind).collect(Collectors.toSet());
            SwitchKind.ALL.stream()
                    .filter(kind -> !there.contains(kind.key()))
                    .forEach(kind -> switches.add(shop.id(), kind));
        }
    }
}
