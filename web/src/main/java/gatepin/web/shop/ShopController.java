package gatepin.web.shop;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.Region;
import gatepin.web.form.Conflict;
import gatepin.web.shop.ShopStore.Shop;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** A shop of one's own: opening it, renaming it, setting it aside. */
@Controller
class ShopController {
    private final Shops shops;

    ShopController(Shops shops) {
        this.shops = shops;
    }

    /** What was typed of a shop. */
    private record Typed(String name, String region, String zone, Collection<String> outlets) {}

    @GetMapping("/shops/new")
    String fresh(Model model) {
        return page(
                model,
                new Typed(
                        "", Region.NORTH_AMERICA.name(), ZoneId.systemDefault().getId(), Set.of()),
                List.of());
    }

    private static String page(Model model, Typed typed, List<Problem> problems) {
        model.addAttribute("heading", model.getAttribute("shop") instanceof Shop shop ? shop.name() : "New shop");
        model.addAttribute("name", typed.name());
        model.addAttribute("region", typed.region());
        model.addAttribute("zone", typed.zone());
        model.addAttribute("zones", new TreeSet<>(ZoneId.getAvailableZoneIds()));
        model.addAttribute("regions", Region.values());
        model.addAttribute("has", Set.copyOf(typed.outlets()));
        model.addAttribute("outletsOf", byRegion(Outlets::usual));
        model.addAttribute("rareOf", byRegion(Outlets::rare));
        Map<String, String> wrong = problems.stream()
                .collect(Collectors.toMap(Problem::field, Problem::message, (a, b) -> a, LinkedHashMap::new));
        model.addAttribute("wrong", wrong);
        return "shop/shop";
    }

    @PostMapping("/shops")
    ModelAndView open(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String region,
            @RequestParam(defaultValue = "UTC") String zone,
            @RequestParam(defaultValue = "") List<String> outlet,
            Model model) {
        Reading<Long> opened;
        try {
            opened = shops.open(name, region, zone.strip(), outlet);
        } catch (DuplicateKeyException sameMoment) {
            // somebody opened the same: asked again, it is told by its field
            opened = shops.open(name, region, zone.strip(), outlet);
        }
        return opened.value().isPresent()
                ? new ModelAndView("redirect:/jobs/new?shop=" + opened.value().orElseThrow())
                : again(model, new Typed(name, region, zone, outlet), opened.problems());
    }

    private static Map<String, List<String>> byRegion(Function<Region, List<String>> outlets) {
        return Stream.of(Region.values())
                .collect(Collectors.toMap(
                        Region::name,
                        r -> outlets.apply(r).stream()
                                .filter(o -> !o.equals(Outlets.FIXED))
                                .toList()));
    }

    private static ModelAndView again(Model model, Typed typed, List<Problem> problems) {
        return new ModelAndView(page(model, typed, problems), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    @GetMapping("/shops/{id}")
    String show(@PathVariable long id, Model model) {
        Shop shop = shop(id);
        model.addAttribute("shop", shop);
        return page(
                model, new Typed(shop.name(), shop.region().name(), shop.zone().getId(), shops.outlets(id)), List.of());
    }

    private Shop shop(long id) {
        return shops.shop(id)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND, "there is no shop " + id));
    }

    @PostMapping("/shops/{id}")
    ModelAndView change(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String region,
            @RequestParam(defaultValue = "UTC") String zone,
            @RequestParam(defaultValue = "") List<String> outlet,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        Typed typed = new Typed(name, region, zone, outlet);
        model.addAttribute("shop", shop(id));
        List<Problem> problems;
        try {
            problems = shops.change(id, version, name, region, zone.strip(), outlet);
        } catch (Shops.SavedSince stale) {
            Shop now = shop(id);
            model.addAttribute("shop", now);
            model.addAttribute("conflict", conflicts(typed, now, shops.outlets(id)));
            return new ModelAndView(page(model, typed, List.of()), model.asMap(), HttpStatus.CONFLICT);
        }
        model.addAttribute("version", version);
        return problems.isEmpty()
                ? new ModelAndView("redirect:/shops/" + id + "?saved")
                : again(model, typed, problems);
    }

    private static List<Conflict> conflicts(Typed yours, Shop theirs, Collection<String> outlets) {
        List<Conflict> conflicts = new ArrayList<>();
        Conflict.compare(conflicts, "Name", yours.name(), theirs.name());
        Conflict.compare(
                conflicts, "Where it is", yours.region(), theirs.region().name());
        Conflict.compare(conflicts, "Time zone", yours.zone(), theirs.zone().getId());
        Conflict.compare(
                conflicts,
                "Outlets",
                String.join(", ", new TreeSet<>(yours.outlets())),
                String.join(", ", new TreeSet<>(outlets)));
        return conflicts;
    }

    @PostMapping("/shops/{id}/aside")
    String setAside(@PathVariable long id, @RequestParam boolean aside) {
        shop(id);
        shops.setAside(id, aside);
        return aside ? "redirect:/aside" : "redirect:/";
    }
}
