package gatepin.web.drawing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What lies on the bench to be drawn.
 *
 * @param leads the motor's leads with their colours
 * @param gear the switch; none where a bare connection is drawn
 * @param circuit the circuit that the engine computed on
 * @param wires the wires in the order of the wire list
 * @param flags what was found, to be shown beside what it is about
 * @param nuts the wire nuts that lie ready, each in a place of its own; none where only those in use are drawn
 */
public record WiringPicture(
        Leads leads,
        Optional<SwitchKind> gear,
        Circuit circuit,
        List<Wire> wires,
        List<Flag> flags,
        List<Terminal> nuts) {
    /** A roomier sheet than this helps no more. */
    private static final int MOST_ROOM = 4;

    private static final Cache<WiringPicture, List<Drawing>> LATELY =
            Caffeine.newBuilder().maximumSize(300).build();

    /** A bench without flags. */
    public WiringPicture(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires) {
        this(leads, gear, circuit, wires, List.of());
    }

    /** A bench with the nuts that its wires need. */
    public WiringPicture(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires, List<Flag> flags) {
        this(leads, gear, circuit, wires, flags, List.of());
    }

    /**
     * A bench as it was drawn, with where its wires lie.
     *
     * @param drawings for a wide screen and for a tall one; none where no clear way was found
     * @param ways where the wires lie in each of them, by their ends
     * @param room how much room was left on each sheet
     */
    public record Laid(List<Drawing> drawings, List<Map<String, List<Router.Cell>>> ways, List<Integer> room) {
        /** Nothing was drawn before. */
        public static final Laid NOTHING = new Laid(List.of(), List.of(), List.of());
    }

    Optional<Supply> supply() {
        return Optional.of(circuit.supply());
    }

    /**
     * Draws it for a wide screen and for a tall one; none where no way was found to lay its wires clearly. What was drawn lately is not
     * drawn again.
     */
    public List<Drawing> draw() {
        return LATELY.get(this, WiringPicture::drawn);
    }

    private List<Drawing> drawn() {
        return lay(Laid.NOTHING).drawings();
    }

    /**
     * Draws it such that what lay on it before stays where it lay, as far as that leaves the new wires a clear way.
     *
     * @param before how it was drawn before
     */
    public Laid lay(Laid before) {
        List<Drawing> drawings = new ArrayList<>();
        List<Map<String, List<Router.Cell>>> ways = new ArrayList<>();
        List<Integer> rooms = new ArrayList<>();
        List<Function<WiringSheet, Sheet>> shapes = List.of(WiringSheet::wide, WiringSheet::tall);
        for (int i = 0; i < shapes.size(); i++) {
            boolean known = before.drawings().size() == shapes.size();
            Optional<Painted> painted = clear(
                    shapes.get(i),
                    known ? before.room().get(i) : 0,
                    known ? before.ways().get(i) : Map.of());
            painted.ifPresent(p -> {
                drawings.add(p.drawing());
                ways.add(p.ways());
                rooms.add(p.room());
            });
        }
        return drawings.size() == shapes.size() ? new Laid(drawings, ways, rooms) : Laid.NOTHING;
    }

    private record Painted(Drawing drawing, Map<String, List<Router.Cell>> ways, int room) {}

    /** The first picture in which every wire is clear of all others, on ever roomier sheets; first on the sheet where it lay before. */
    private Optional<Painted> clear(
            Function<WiringSheet, Sheet> shape, int firstRoom, Map<String, List<Router.Cell>> known) {
        if (!known.isEmpty()) {
            Optional<Painted> kept = painted(shape, firstRoom, known);
            if (kept.isPresent()) {
                return kept;
            }
        }
        for (int room = known.isEmpty() ? 0 : firstRoom; room <= MOST_ROOM; room++) {
            Optional<Painted> painted = painted(shape, room, Map.of());
            if (painted.isPresent()) {
                return painted;
            }
        }
        return Optional.empty();
    }

    private Optional<Painted> painted(
            Function<WiringSheet, Sheet> shape, int room, Map<String, List<Router.Cell>> known) {
        Sheet sheet = shape.apply(new WiringSheet(this, room));
        // a wire goes to something that is not on the sheet: half a drawing would lie
        if (!wires.stream().allMatch(w -> sheet.has(w.from()) && sheet.has(w.to()))) {
            return Optional.empty();
        }
        WiringPainter painter = new WiringPainter(this, sheet);
        return painter.paint(known).map(d -> new Painted(d, painter.ways(), room));
    }
}
