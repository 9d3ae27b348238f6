package gatepin.web.drawing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import java.util.List;
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
 */
public record Bench(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires, List<Flag> flags) {
    /** A roomier sheet than this helps no more. */
    private static final int MOST_ROOM = 4;

    private static final Cache<Bench, List<Drawing>> LATELY =
            Caffeine.newBuilder().maximumSize(300).build();

    /** A bench without flags. */
    public Bench(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires) {
        this(leads, gear, circuit, wires, List.of());
    }

    Optional<Supply> supply() {
        return Optional.of(circuit.supply());
    }

    /**
     * Draws it for a wide screen and for a tall one; none where no way was found to lay its wires clearly. What was drawn lately is not
     * drawn again.
     */
    public List<Drawing> draw() {
        return LATELY.get(this, Bench::drawn);
    }

    private List<Drawing> drawn() {
        Optional<Drawing> wide = clear(BenchSheet::wide);
        Optional<Drawing> tall = clear(BenchSheet::tall);
        return wide.isPresent() && tall.isPresent() ? List.of(wide.orElseThrow(), tall.orElseThrow()) : List.of();
    }

    /** The first picture in which every wire is clear of all others, on ever roomier sheets. */
    private Optional<Drawing> clear(Function<BenchSheet, Sheet> shape) {
        for (int room = 0; room <= MOST_ROOM; room++) {
            Sheet sheet = shape.apply(new BenchSheet(this, room));
            boolean hasAll = wires.stream().allMatch(w -> sheet.has(w.from()) && sheet.has(w.to()));
            if (!hasAll) {
                // a wire goes to something that is not on the sheet: half a drawing would lie
                return Optional.empty();
            }
            Optional<Drawing> drawing = new BenchPainter(this, sheet).paint();
            if (drawing.isPresent()) {
                return drawing;
            }
        }
        return Optional.empty();
    }
}
