package gatepin.core.wire;

import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What hands made of a job's wires, and what an ohmmeter showed of the wirings that have no winding in them; each wire and each reading by its
 * name.
 *
 * @param made the wires that are made, as {@code T5>1}
 * @param reads the readings since the wiring they belong to was last changed, later ones of the same thing last
 */
public record Done(Map<Section, Set<String>> made, Map<Section, List<DeadRead>> reads) {
    /** Nobody has touched it. */
    public static final Done NOTHING = new Done(Map.of(), Map.of());

    public Done {
        Map<Section, Set<String>> allMade = new EnumMap<>(Section.class);
        made.forEach((s, names) -> allMade.put(s, Set.copyOf(names)));
        Map<Section, List<DeadRead>> allReads = new EnumMap<>(Section.class);
        reads.forEach((s, its) -> allReads.put(s, List.copyOf(its)));
        allMade.values().removeIf(Set::isEmpty);
        allReads.values().removeIf(List::isEmpty);
        made = Map.copyOf(allMade);
        reads = Map.copyOf(allReads);
    }

    /** The wires of a section that are made, by their names. */
    public Set<String> madeOf(Section section) {
        return made.getOrDefault(section, Set.of());
    }

    public boolean isMade(Section section, String wire) {
        return madeOf(section).contains(wire);
    }

    /** What was read of a section since it was last changed. */
    public List<DeadRead> readsOf(Section section) {
        return reads.getOrDefault(section, List.of());
    }

    /** What was shown last of a reading; empty where it was not taken. */
    public Optional<Shows> shown(Section section, String about) {
        return readsOf(section).stream()
                .filter(r -> r.about().equals(about))
                .reduce((before, last) -> last)
                .map(DeadRead::shows);
    }

    /** The same, and a wire more or less that is made. */
    public Done with(Section section, String wire, boolean isMade) {
        Map<Section, Set<String>> all = new EnumMap<>(Section.class);
        all.putAll(made);
        Set<String> its = new LinkedHashSet<>(madeOf(section));
        if (isMade) {
            its.add(wire);
        } else {
            its.remove(wire);
        }
        all.put(section, its);
        return new Done(all, reads);
    }

    /** The same, and a reading more. */
    public Done with(Section section, DeadRead read) {
        List<DeadRead> its = new ArrayList<>(readsOf(section));
        its.add(read);
        return withReads(section, its);
    }

    /** The same after a section was changed: what was read of it before counts no more. */
    public Done changed(Section section) {
        return withReads(section, List.of());
    }

    private Done withReads(Section section, List<DeadRead> its) {
        Map<Section, List<DeadRead>> all = new EnumMap<>(Section.class);
        all.putAll(reads);
        all.put(section, its);
        return new Done(made, all);
    }
}
