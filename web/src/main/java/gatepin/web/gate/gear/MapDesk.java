package gatepin.web.gate.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.Recognised;
import gatepin.core.gear.SimulatedBuzzer;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchMap;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Parts;
import gatepin.web.gate.gear.SwitchMapStore.Mapping;
import gatepin.web.lane.Acts;
import gatepin.web.lane.Seen;
import gatepin.web.lane.StaleEdit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What a person does to find out how a switch is wired inside. */
@Service
public class MapDesk {
    private final Acts acts;
    private final SwitchMapStore maps;
    private final SwitchStore switches;
    private final SwitchDesk desk;

    MapDesk(Acts acts, SwitchMapStore maps, SwitchStore switches, SwitchDesk desk) {
        this.acts = acts;
        this.maps = maps;
        this.switches = switches;
        this.desk = desk;
    }

    public Optional<Mapping> mapping(long jobId) {
        return maps.mapping(jobId);
    }

    /**
     * Begins a mapping, or changes its face.
     *
     * @throws StaleEdit when somebody saved it after {@code version}
     */
    public void face(long jobId, int version, String name, boolean springReturn, Set<Contact> links, SwitchMap face) {
        acts.on(jobId, Seen.of(Parts.MAP, version), act -> {
            maps.save(jobId, name, springReturn, links, face);
            return List.of();
        });
    }

    /** Writes down readings. */
    public void heard(long jobId, List<Buzz> buzzes) {
        acts.on(jobId, Seen.any(Parts.MAP), act -> {
            Mapping mapping = maps.mapping(jobId).orElseThrow();
            buzzes.forEach(b -> maps.add(mapping.id(), b));
            return List.of();
        });
    }

    /** The simulated meter; empty where there is only the real one. */
    Optional<SimulatedBuzzer> simulated(long jobId, List<Terminal> face) {
        return maps.simulated(jobId, face);
    }

    /** Hides a chart for the simulated meter to find. */
    public void hide(long jobId, HandlePosition position, String contacts, String worn) {
        maps.hide(jobId, position, contacts, worn);
    }

    /** The switch as mapped so far. */
    static SwitchKind kind(Mapping mapping) {
        SwitchMap map = mapping.map();
        Optional<Recognised> known = Recognised.in(map.chart(), mapping.springReturn(), map.hasOff());
        Set<Terminal> worn = map.intermittent().stream()
                .flatMap(b -> Stream.of(b.pair().a(), b.pair().b()))
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

    /**
     * Puts a mapped switch on the shop's shelf and takes it for the job.
     *
     * @throws StaleEdit when somebody chose another switch after {@code version}
     */
    List<Drop> take(long jobId, int version, Mapping mapping) {
        return acts.on(jobId, Seen.of(Parts.GEAR, version), act -> {
            SwitchKind kind = kind(mapping);
            long device = switches.put(act.job().shopId(), kind);
            act.saved("log.mapped", kind.name(), mapping.map().buzzes().size());
            return desk.choose(act, device, act.job().switchRating());
        });
    }
}
