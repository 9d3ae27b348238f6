package gatepin.web.desk;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.Recognised;
import gatepin.core.gear.SimulatedBuzzer;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchMap;
import gatepin.core.lane.Lane.Drop;
import gatepin.core.plan.Wishes;
import gatepin.core.wire.CableLengths;
import gatepin.web.store.CableStore;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.SwitchMapStore;
import gatepin.web.store.SwitchMapStore.Mapping;
import gatepin.web.store.SwitchStore;
import gatepin.web.store.WishStore;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person does to find out a switch, and what he says of its wiring. */
@Service
@Transactional
public class SwitchDesk {
    private final JobDesk desk;
    private final SwitchMapStore maps;
    private final SwitchStore switches;
    private final WishStore wishes;
    private final CableStore cables;
    private final Changes changes;

    SwitchDesk(
            JobDesk desk,
            SwitchMapStore maps,
            SwitchStore switches,
            WishStore wishes,
            CableStore cables,
            Changes changes) {
        this.desk = desk;
        this.maps = maps;
        this.switches = switches;
        this.wishes = wishes;
        this.cables = cables;
        this.changes = changes;
    }

    public void wish(long jobId, Wishes asked) {
        wishes.save(jobId, asked);
    }

    public void lengths(long jobId, CableLengths lengths) {
        cables.save(jobId, lengths);
    }

    @Transactional(readOnly = true)
    public Optional<Mapping> mapping(long jobId) {
        return maps.mapping(jobId);
    }

    /**
     * Begins a mapping, or changes its face.
     *
     * @throws gatepin.web.store.StaleEdit when somebody saved it after {@code version}
     */
    public void face(long jobId, int version, String name, boolean springReturn, Set<Contact> links, SwitchMap face) {
        maps.save(jobId, version, name, springReturn, links, face);
    }

    /** Writes down readings. */
    public void heard(long jobId, List<Buzz> buzzes) {
        Mapping mapping = maps.mapping(jobId).orElseThrow();
        buzzes.forEach(b -> maps.add(mapping.id(), b));
    }

    /** The simulated meter; empty where there is only the real one. */
    @Transactional(readOnly = true)
    public Optional<SimulatedBuzzer> simulated(long jobId, List<Terminal> face) {
        return maps.simulated(jobId, face);
    }

    /** Hides a chart for the simulated meter to find. */
    public void hide(long jobId, HandlePosition position, String contacts, String worn) {
        maps.hide(jobId, position, contacts, worn);
    }

    /** The switch as mapped so far. */
    public static SwitchKind kind(Mapping mapping) {
        SwitchMap map = mapping.map();
        Optional<Recognised> known = Recognised.in(map.chart(), mapping.springReturn(), map.hasOff());
        Set<Terminal> worn = map.intermittent().stream()
                .flatMap(b -> List.of(b.pair().a(), b.pair().b()).stream())
                .collect(Collectors.toSet());
        return new SwitchKind(
                "mapped-" + mapping.id(),
                mapping.name(),
                known.map(k -> "Mapped here: wired inside like the "
                                + lower(k.kind().name()))
                        .orElse("Mapped here with a buzzer"),
                map.rows(),
                map.chart(),
                mapping.springReturn(),
                map.hasOff(),
                mapping.links(),
                worn);
    }

    private static String lower(String name) {
        return Character.isUpperCase(name.charAt(1)) ? name : Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    /** Puts a mapped switch on the shop's shelf and takes it for the job. */
    public List<Drop> take(long jobId, int version, Mapping mapping) {
        JobFile file = desk.file(jobId);
        SwitchKind kind = kind(mapping);
        long device = switches.put(file.job().shopId(), kind);
        changes.note(
                file.job(),
                Kind.SAVED,
                "Switch mapped: " + kind.name() + ", " + mapping.map().buzzes().size() + " readings.");
        return desk.chooseSwitch(jobId, version, device, file.job().switchRating());
    }
}
