package gatepin.web.drawing;

import gatepin.core.control.Branch;
import gatepin.core.control.Branch.InSeries;
import gatepin.core.control.Branch.SideBySide;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlNet.Contact;
import gatepin.core.control.ControlNet.Load;
import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Rung;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A ladder as it is drawn, from the net that the prover goes through: contacts with the symbols of IEC 60617 or NFPA 79 (from memory), the
 * shared contacts on a line of their own, wire numbers, rung numbers, and beside each coil where its contacts are.
 *
 * @param width width of the picture
 * @param height its height
 * @param iec whether its symbols are those of IEC 60617
 */
public record LadderPicture(
        int width,
        int height,
        boolean iec,
        List<Line> lines,
        List<Symbol> contacts,
        List<Coil> coils,
        List<Label> labels) {
    private static final int CELL = 92;
    private static final int ROW = 86;
    private static final int LEFT = 44;
    private static final int SECOND = 42;
    private static final int COIL = 84;
    private static final int NOTES = 120;
    private static final int GAP = 15;

    /** A wire; {@code point} tells which are one. */
    public record Line(String path, int point) {}

    /**
     * A contact.
     *
     * @param number its number in the net
     * @param actuator what operates it: button, stop, limit and so on
     */
    public record Symbol(
            int number,
            String part,
            String marks,
            String actuator,
            boolean normallyClosed,
            int x,
            int y,
            String title) {}

    /** A coil or lamp. */
    public record Coil(String part, boolean lamp, boolean timer, int x, int y, int point) {}

    /** Words on the sheet; {@code look} is number, rung or note. */
    public record Label(String text, int x, int y, String look) {}

    /** Draws a net. */
    public static LadderPicture of(ControlNet net, boolean iec) {
        return new Drawer(net, iec).draw();
    }

    private static final class Drawer {
        private final ControlNet net;
        private final Ladder ladder;
        private final boolean iec;
        private final List<Line> lines = new ArrayList<>();
        private final List<Symbol> symbols = new ArrayList<>();
        private final List<Coil> coils = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();
        private final Set<Integer> numbered = new HashSet<>();
        private int next;

        Drawer(ControlNet net, boolean iec) {
            this.net = net;
            this.ladder = net.ladder();
            this.iec = iec;
        }

        LadderPicture draw() {
            int most = ladder.head().isWire() ? 1 : columns(ladder.head());
            for (Rung rung : ladder.rungs()) {
                most = Math.max(most, columns(rung.before()) + columns(rung.after()));
            }
            int coilX = LEFT + SECOND + most * CELL + 10;
            int right = coilX + COIL;
            int y = 64;
            int hotTop = y;
            int second = LEFT;
            int secondTop = y;
            if (!ladder.head().isWire()) {
                int end = LEFT + SECOND + columns(ladder.head()) * CELL;
                wire(LEFT, y, LEFT + SECOND, y, net.root(0));
                branch(ladder.head(), LEFT + SECOND, y, net.root(0));
                int behind = behind();
                int turn = y + rows(ladder.head()) * ROW - 40;
                second = LEFT + SECOND / 2;
                path("M" + end + " " + y + "V" + turn + "H" + second, behind);
                secondTop = turn;
                y = turn + 62;
            }
            int secondBottom = secondTop;
            List<Integer> order = new ArrayList<>();
            for (int r = 0; r < ladder.rungs().size(); r++) {
                if (ladder.rungs().get(r).afterHead()) {
                    order.add(r);
                }
            }
            for (int r = 0; r < ladder.rungs().size(); r++) {
                if (!ladder.rungs().get(r).afterHead()) {
                    order.add(r);
                }
            }
            int last = y;
            int lastHot = hotTop;
            for (int r : order) {
                Rung rung = ladder.rungs().get(r);
                // contacts are numbered rung by rung, whatever order they are drawn in
                next = first(r);
                int from = rung.afterHead() ? second : LEFT;
                rung(r, rung, from, coilX, right, y);
                if (rung.afterHead()) {
                    secondBottom = y;
                }
                lastHot = rung.afterHead() && !ladder.head().isWire() ? lastHot : y;
                last = y;
                y += Math.max(1, Math.max(rows(rung.before()), rows(rung.after()))) * ROW;
            }
            path("M" + LEFT + " " + (hotTop - 30) + "V" + lastHot, net.root(0));
            if (second != LEFT) {
                path("M" + second + " " + secondTop + "V" + secondBottom, behind());
            }
            path("M" + right + " " + (hotTop - 30) + "V" + last, net.root(1));
            labels.add(new Label("1", LEFT + 8, hotTop - 18, "number"));
            labels.add(new Label("0", right - 14, hotTop - 18, "number"));
            labels.add(new Label(ladder.supply().volts() + " V", LEFT, hotTop - 40, "note"));
            return new LadderPicture(right + NOTES, y - 10, iec, lines, symbols, coils, labels);
        }

        private int behind() {
            return net.contacts().stream()
                    .filter(c -> c.rung() < 0)
                    .reduce((a, b) -> b)
                    .map(c -> net.root(c.to()))
                    .orElse(net.root(0));
        }

        private int first(int rung) {
            return (int) net.contacts().stream().filter(c -> c.rung() < rung).count();
        }

        private void rung(int number, Rung rung, int from, int coilX, int right, int y) {
            Load load = net.loads().stream()
                    .filter(l -> l.rung() == number)
                    .findFirst()
                    .orElseThrow();
            int start = LEFT + SECOND;
            int startPoint = rung.before().isWire()
                    ? net.root(load.from())
                    : net.root(net.contacts().get(next).from());
            wire(from, y, start, y, startPoint);
            labels.add(new Label("" + (number + 1), 8, y + 5, "rung"));
            int at = start;
            if (!rung.before().isWire()) {
                branch(rung.before(), start, y, startPoint);
                at = start + columns(rung.before()) * CELL;
            }
            int afterWidth = columns(rung.after()) * CELL;
            int loadX = coilX - (rung.after().isWire() ? 0 : afterWidth);
            int a = net.root(load.from());
            int b = net.root(load.to());
            wire(at, y, loadX + 14, y, a);
            number(a, at + 6, y);
            Kind kind = ladder.part(rung.load()).map(Part::kind).orElse(Kind.RELAY);
            coils.add(new Coil(rung.load(), kind == Kind.LAMP, kind == Kind.TIMER, loadX + 32, y, b));
            wire(loadX + 50, y, rung.after().isWire() ? right : loadX + COIL - 24, y, b);
            if (!rung.after().isWire()) {
                branch(rung.after(), loadX + COIL - 24, y, b);
                wire(loadX + COIL - 24 + afterWidth, y, right, y, net.root(1));
            }
            labels.add(new Label(whereItsContactsAre(rung.load()), right + 10, y + 5, "note"));
        }

        /** The rungs in which a coil has contacts; those that open are told apart by a stroke before them. */
        private String whereItsContactsAre(String part) {
            return net.contacts().stream()
                    .filter(c -> c.touch().part().equals(part))
                    .map(c -> (c.touch().normallyClosed() ? "/" : "") + (c.rung() + 1))
                    .collect(Collectors.joining(" "));
        }

        /** Draws contacts from a place on; gives the point where they end. */
        private int branch(Branch branch, int x, int y, int point) {
            if (branch instanceof Touch touch) {
                return contact(touch, x, y);
            }
            if (branch instanceof InSeries series) {
                int at = x;
                int here = point;
                for (Branch part : series.parts()) {
                    here = branch(part, at, y, here);
                    at += columns(part) * CELL;
                }
                return here;
            }
            SideBySide beside = (SideBySide) branch;
            int width = columns(beside) * CELL;
            int row = y;
            int end = point;
            for (Branch part : beside.parts()) {
                if (row > y) {
                    path("M" + x + " " + y + "V" + row, point);
                }
                if (part.isWire()) {
                    wire(x, row, x + width, row, point);
                } else {
                    end = branch(part, x, row, point);
                    wire(x + columns(part) * CELL, row, x + width, row, end);
                }
                if (row > y) {
                    path("M" + (x + width) + " " + y + "V" + row, end);
                }
                row += rows(part) * ROW;
            }
            return end;
        }

        private int contact(Touch touch, int x, int y) {
            Contact contact = net.contacts().get(next++);
            int middle = x + CELL / 2;
            int from = net.root(contact.from());
            int to = net.root(contact.to());
            wire(x, y, middle - GAP, y, from);
            wire(middle + GAP, y, x + CELL, y, to);
            number(from, x + 6, y);
            symbols.add(new Symbol(
                    contact.number(),
                    touch.part(),
                    contact.title().substring(touch.part().length() + 1),
                    ladder.part(touch.part())
                            .map(p -> p.kind().name().toLowerCase(Locale.ROOT))
                            .orElse("button"),
                    touch.normallyClosed(),
                    middle,
                    y,
                    contact.title()));
            return to;
        }

        private void number(int point, int x, int y) {
            if (numbered.add(point) && point != net.root(0) && point != net.root(1)) {
                labels.add(new Label("" + net.wireNumber(point), x, y - 6, "number"));
            }
        }

        private void wire(int x1, int y1, int x2, int y2, int point) {
            if (x1 != x2 || y1 != y2) {
                path("M" + x1 + " " + y1 + "L" + x2 + " " + y2, point);
            }
        }

        private void path(String path, int point) {
            lines.add(new Line(path, point));
        }

        private static int columns(Branch branch) {
            if (branch instanceof InSeries series) {
                return series.parts().stream().mapToInt(Drawer::columns).sum();
            }
            return branch instanceof SideBySide beside
                    ? Math.max(
                            1,
                            beside.parts().stream()
                                    .mapToInt(Drawer::columns)
                                    .max()
                                    .orElse(1))
                    : 1;
        }

        private static int rows(Branch branch) {
            if (branch instanceof InSeries series) {
                return series.parts().stream().mapToInt(Drawer::rows).max().orElse(1);
            }
            return branch instanceof SideBySide beside
                    ? beside.parts().stream().mapToInt(Drawer::rows).sum()
                    : 1;
        }
    }
}
