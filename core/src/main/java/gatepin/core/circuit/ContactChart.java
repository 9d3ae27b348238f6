package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which contacts of the gear between motor and supply are closed in each setting: those of a drum by its handle, those of
 * a contactor pair by what is in.
 *
 * @param terminals every terminal of the gear, in the order seen on its face
 * @param closed the closed contacts by setting; a handle that has no place for a way has no such setting
 */
public record ContactChart(List<Terminal> terminals, Map<Setting, Set<Contact>> closed) {
    /** No gear at all: the motor hangs straight on its supply. */
    public static final ContactChart NONE = new ContactChart(List.of(), Map.of());

    public ContactChart {
        terminals = List.copyOf(terminals);
        Map<Setting, Set<Contact>> copy = new LinkedHashMap<>();
        for (Map.Entry<Setting, Set<Contact>> entry : closed.entrySet()) {
            for (Contact contact : entry.getValue()) {
                for (Terminal end : List.of(contact.a(), contact.b())) {
                    if (!terminals.contains(end)) {
                        throw new IllegalArgumentException(
                                "contact " + contact + " names " + end.label() + ", which the switch does not have");
                    }
                }
            }
            copy.put(entry.getKey(), Collections.unmodifiableSet(new LinkedHashSet<>(entry.getValue())));
        }
        closed = Collections.unmodifiableMap(copy);
    }

    /** The chart of a switch with a handle that goes both ways; in a position without an entry nothing is closed. */
    public static ContactChart ofHandle(List<Terminal> terminals, Map<HandlePosition, Set<Contact>> closed) {
        Map<Setting, Set<Contact>> all = new LinkedHashMap<>();
        Arrays.stream(HandlePosition.values()).forEach(p -> all.put(p, closed.getOrDefault(p, Set.of())));
        return new ContactChart(terminals, all);
    }

    /** The same gear with some contacts open for good, as an overload relay's poles when its heaters are burnt through. */
    public ContactChart without(Collection<Contact> open) {
        Map<Setting, Set<Contact>> changed = new LinkedHashMap<>();
        closed.forEach((setting, contacts) -> {
            Set<Contact> here = new LinkedHashSet<>(contacts);
            here.removeAll(open);
            changed.put(setting, here);
        });
        return new ContactChart(terminals, changed);
    }

    /**
     * The same with the settings of a handle: for gear that has one setting for each way and one for OFF, whatever they are called. Settings
     * that must never be stay as they are. Empty for other gear.
     */
    public Optional<ContactChart> asHandle() {
        Map<Setting, Set<Contact>> named = new LinkedHashMap<>();
        for (HandlePosition position : HandlePosition.values()) {
            List<Setting> meant = closed.keySet().stream()
                    .filter(s -> s.purpose() == position.purpose())
                    .toList();
            if (meant.size() != 1) {
                return Optional.empty();
            }
            named.put(position, closedIn(meant.get(0)));
        }
        closed.forEach((setting, contacts) -> {
            if (setting.purpose() == Setting.Purpose.NEVER) {
                named.put(setting, contacts);
            }
        });
        return Optional.of(new ContactChart(terminals, named));
    }

    /**
     * The same with the settings of a handle, one for each choice of a setting for each way where there are several: a jog, a second speed,
     * another place of a cam. What a chosen one does the others have to be held against. Empty where a way has no setting.
     */
    public List<ContactChart> asHandles() {
        List<ContactChart> all = new ArrayList<>();
        for (Setting forward : meant(Setting.Purpose.FORWARD)) {
            for (Setting reverse : meant(Setting.Purpose.REVERSE)) {
                for (Setting off : meant(Setting.Purpose.OFF)) {
                    Map<Setting, Set<Contact>> chosen = new LinkedHashMap<>();
                    closed.forEach((setting, contacts) -> {
                        if (setting.purpose() == Setting.Purpose.NEVER
                                || setting.equals(forward)
                                || setting.equals(reverse)
                                || setting.equals(off)) {
                            chosen.put(setting, contacts);
                        }
                    });
                    new ContactChart(terminals, chosen).asHandle().ifPresent(all::add);
                }
            }
        }
        return all;
    }

    private List<Setting> meant(Setting.Purpose purpose) {
        return closed.keySet().stream().filter(s -> s.purpose() == purpose).toList();
    }

    /** Where its gear is grounded: the ground screw of the switch, or of the box that contactors stand in. */
    public Terminal frame() {
        return terminals.stream()
                .flatMap(t -> t.device().frame().stream())
                .findFirst()
                .orElse(Terminal.SWITCH_FRAME);
    }

    /** The settings there are: a handle's three, or those of the gear. */
    public List<Setting> settings() {
        return List.copyOf(closed.keySet());
    }

    /** The contacts closed in a setting; none in one that the gear does not have. */
    public Set<Contact> closedIn(Setting setting) {
        return closed.getOrDefault(setting, Set.of());
    }

    /** Every contact that closes in some setting, each once. */
    public List<Contact> contacts() {
        Set<Contact> all = new LinkedHashSet<>();
        closed.values().forEach(all::addAll);
        return new ArrayList<>(all);
    }

    /** The settings in which a contact is closed, in their order. */
    public List<Setting> settingsOf(Contact contact) {
        return closed.keySet().stream()
                .filter(s -> closedIn(s).contains(contact))
                .toList();
    }

    /**
     * The same gear with a contact in some health: one that is stuck is closed in every setting or in none.
     *
     * @throws IllegalArgumentException when the gear has no such contact
     */
    public ContactChart with(Contact contact, Health health) {
        if (!contacts().contains(contact)) {
            throw new IllegalArgumentException("there is no contact " + contact);
        }
        Map<Setting, Set<Contact>> changed = new LinkedHashMap<>();
        closed.forEach((setting, contacts) -> {
            Set<Contact> here = new LinkedHashSet<>(contacts);
            if (health == Health.STUCK_CLOSED) {
                here.add(contact);
            } else if (health == Health.STUCK_OPEN) {
                here.remove(contact);
            }
            changed.put(setting, here);
        });
        return new ContactChart(terminals, changed);
    }
}
