package gatepin.web.drawing;

import gatepin.core.circuit.Terminal;
import gatepin.web.drawing.Drawing.Box;
import gatepin.web.drawing.Drawing.Splice;
import gatepin.web.drawing.Drawing.Stud;
import gatepin.web.drawing.Drawing.Tag;
import gatepin.web.drawing.Drawing.TitleLine;
import gatepin.web.drawing.Router.Heading;
import gatepin.web.drawing.Router.Port;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Where everything of a picture sits, before the wires are laid. All places are on the grid. */
final class Sheet {
    /**
     * A point where wires land.
     *
     * @param x its column on the grid
     * @param y its row on the grid
     * @param ports where a wire that ends here may come in
     * @param starts where a wire that begins here may leave
     */
    record Spot(int x, int y, List<Port> ports, List<Port> starts) {
        Spot(int x, int y, List<Port> ports) {
            this(x, y, ports, ports);
        }
    }

    final String shape;
    final int unit;
    final int width;
    final int height;
    final Router router;
    final List<Box> boxes = new ArrayList<>();
    final List<Tag> tags = new ArrayList<>();
    final List<Stud> studs = new ArrayList<>();
    final List<Splice> splices = new ArrayList<>();
    final Map<Terminal, Spot> spots = new LinkedHashMap<>();
    /** The upper right corner of each tag and stud, in pixels. */
    final Map<Terminal, Router.Cell> corners = new HashMap<>();
    /** Where the humps of the windings stand: x in a wide sheet, y in a tall one, in pixels. */
    int coilLine;
    /** Where the leads' tags begin, as seen from the windings, in pixels. */
    int tagEdge;

    Sheet(String shape, int unit, int width, int height) {
        this.shape = shape;
        this.unit = unit;
        this.width = width;
        this.height = height;
        this.router = new Router(width + 1, height + 1);
    }

    /** Whether wires can land on a terminal here. */
    boolean has(Terminal terminal) {
        return spots.containsKey(terminal);
    }

    /**
     * Where wires land on a terminal.
     *
     * @throws IllegalStateException when the sheet has no place for it
     */
    Spot spot(Terminal terminal) {
        Spot spot = spots.get(terminal);
        if (spot == null) {
            throw new IllegalStateException("the sheet has no place for " + terminal);
        }
        return spot;
    }

    /** Where a flag about a terminal stands; empty where the sheet does not show it. */
    Optional<Router.Cell> corner(Terminal terminal) {
        return Optional.ofNullable(corners.get(terminal));
    }

    boolean isTall() {
        return shape.equals("tall");
    }

    void box(String kind, int x, int y, int w, int h, String title) {
        box(kind, x, y, w, h, List.of(title), y);
    }

    /** An enclosure whose title begins in the given row. */
    void box(String kind, int x, int y, int w, int h, List<String> title, int titleRow) {
        List<TitleLine> lines = new ArrayList<>();
        // a second line takes its room above, where the row is at the lower edge
        int lift = titleRow == y ? 0 : TITLE_LINE * (title.size() - 1) / 2;
        for (int i = 0; i < title.size(); i++) {
            lines.add(new TitleLine(title.get(i), x * unit + 12, titleRow * unit + 22 - lift + TITLE_LINE * i));
        }
        boxes.add(new Box(kind, x * unit, y * unit, w * unit, h * unit, lines));
    }

    private static final int TITLE_LINE = 16;
    /** Width of a letter on a tag, and of a small one beside it, in pixels. */
    private static final int LETTER = 11;

    private static final int SMALL_LETTER = 7;
    private static final int TAG_MARGIN = 16;

    /** How long a tag must be for a mark on it, in pixels. */
    static int tagLength(String mark) {
        return mark.length() * LETTER + TAG_MARGIN;
    }

    /** A tag whose wires leave on one side; {@code x}, {@code y} is the middle of that side. */
    void tag(Terminal terminal, String kind, int x, int y, int longSide, Heading side, String mark, String note) {
        int w = side.dx != 0 ? longSide * unit : unit * 5 / 2;
        int h = side.dx != 0 ? unit * 5 / 3 : unit * 2;
        int left = side.dx > 0 ? x * unit - w : side.dx < 0 ? x * unit : x * unit - w / 2;
        int top = side.dy > 0 ? y * unit - h : side.dy < 0 ? y * unit : y * unit - h / 2;
        boolean turned = side.dy != 0 && tagLength(mark) > w + LETTER;
        int beside = (w - tagLength(mark)) / SMALL_LETTER;
        String colour =
                side.dx != 0 && beside > 0 && !note.equalsIgnoreCase(mark) ? ColourCode.fitted(note, beside) : "";
        // a colour that had to be cut short says less than none
        boolean split = !colour.isEmpty() && (colour.length() == note.length() || !colour.endsWith("…"));
        tags.add(new Tag(
                kind,
                left,
                top,
                w,
                h,
                mark,
                split ? colour : "",
                split ? left + 10 : left + w / 2,
                left + w - 8,
                top + h / 2 + 6,
                turned,
                terminal.id()));
        corners.put(terminal, new Router.Cell(left + w - 4, top));
        List<Port> ports = new ArrayList<>();
        ports.add(Port.beside(x, y, side));
        spots.put(terminal, new Spot(x, y, ports));
    }

    void stud(Terminal terminal, int x, int y, List<Heading> open) {
        studs.add(new Stud(x * unit, y * unit, terminal.label(), terminal.id()));
        corners.put(terminal, new Router.Cell(x * unit + 13, y * unit - 13));
        List<Port> ports = open.stream().map(h -> Port.beside(x, y, h)).toList();
        router.block(x, y, x, y);
        for (Heading h : Heading.values()) {
            router.avoid(x + h.dx, y + h.dy);
        }
        spots.put(terminal, new Spot(x, y, ports));
    }

    /** A wire nut that its leads enter on three sides and its conductor leaves on the fourth. */
    void splice(Terminal terminal, int x, int y, Heading out) {
        int cx = x * unit;
        int cy = y * unit;
        int s = unit * 4 / 5;
        String nut = out.dx != 0
                ? "M" + (cx - s) + " " + (cy - s) + " L" + (cx + s) + " " + (cy - s / 2) + " L" + (cx + s) + " "
                        + (cy + s / 2) + " L" + (cx - s) + " " + (cy + s) + " Z"
                : "M" + (cx - s) + " " + (cy - s) + " L" + (cx - s / 2) + " " + (cy + s) + " L" + (cx + s / 2) + " "
                        + (cy + s) + " L" + (cx + s) + " " + (cy - s) + " Z";
        // a name of several words is too long for the nut: its last one will do
        String mark = terminal.mark().substring(terminal.mark().lastIndexOf(' ') + 1);
        splices.add(new Splice(mark, nut, cx, cy + (out.dx != 0 ? 4 : 2), terminal.id()));
        router.block(x, y, x, y);
        List<Port> into = new ArrayList<>();
        for (Heading h : Heading.values()) {
            router.avoid(x + h.dx, y + h.dy);
            if (h != out) {
                into.add(Port.beside(x, y, h));
            }
        }
        spots.put(terminal, new Spot(x, y, into, List.of(Port.beside(x, y, out))));
    }
}
