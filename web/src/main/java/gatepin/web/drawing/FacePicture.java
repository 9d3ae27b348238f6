package gatepin.web.drawing;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchMap;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The face of a switch that is being mapped, with what is known of it in one handle position.
 *
 * @param width width of the picture
 * @param height its height
 * @param nodes the terminals
 * @param bars what joins them
 */
public record FacePicture(int width, int height, List<Node> nodes, List<Bar> bars) {
    private static final int PITCH = 110;
    private static final int MARGIN = 60;

    /**
     * A terminal.
     *
     * @param settled everything is known of it in this position
     */
    public record Node(String name, int x, int y, boolean settled) {}

    /**
     * Two terminals that are joined.
     *
     * @param look joined, worn (only now and then) or link
     */
    public record Bar(String path, String look) {}

    /** Draws the face in a handle position. */
    public static FacePicture of(SwitchMap map, HandlePosition position, Set<Contact> links) {
        int columns = map.rows().stream().mapToInt(List::size).max().orElse(1);
        Map<Terminal, int[]> at = new HashMap<>();
        List<Terminal> open = new ArrayList<>();
        map.openQuestions().stream()
                .filter(p -> p.position() == position)
                .forEach(p -> open.addAll(List.of(p.pair().a(), p.pair().b())));
        List<Node> nodes = new ArrayList<>();
        for (int row = 0; row < map.rows().size(); row++) {
            List<Terminal> here = map.rows().get(row);
            for (int column = 0; column < here.size(); column++) {
                int x = MARGIN + PITCH * column + PITCH * (columns - here.size()) / 2;
                int y = MARGIN + PITCH * row;
                at.put(here.get(column), new int[] {x, y});
                nodes.add(new Node(here.get(column).mark(), x, y, !open.contains(here.get(column))));
            }
        }
        List<Contact> worn = map.intermittent().stream()
                .filter(b -> b.position() == position)
                .map(Buzz::pair)
                .toList();
        List<Bar> bars = new ArrayList<>();
        for (Contact contact : map.chart().closedIn(position)) {
            bars.add(new Bar(
                    path(at.getOrDefault(contact.a(), new int[2]), at.getOrDefault(contact.b(), new int[2])),
                    worn.contains(contact) ? "worn" : "joined"));
        }
        for (Contact link : links) {
            bars.add(new Bar(
                    path(at.getOrDefault(link.a(), new int[2]), at.getOrDefault(link.b(), new int[2])), "link"));
        }
        int rows = map.rows().size();
        return new FacePicture(2 * MARGIN + PITCH * (columns - 1), 2 * MARGIN + PITCH * (rows - 1), nodes, bars);
    }

    /** The face of a known switch with what it joins at FORWARD, to know it by. */
    public static FacePicture of(SwitchKind kind) {
        return of(kind, HandlePosition.FORWARD);
    }

    /** The face of a known switch with what it joins in a position of its handle. */
    public static FacePicture of(SwitchKind kind, HandlePosition position) {
        Map<Terminal, int[]> at = new HashMap<>();
        List<Node> nodes = new ArrayList<>();
        kind.places().forEach((terminal, place) -> {
            int[] here = {MARGIN + PITCH * place[1], MARGIN + PITCH * place[0]};
            at.put(terminal, here);
            nodes.add(new Node(terminal.label(), here[0], here[1], true));
        });
        List<Bar> bars = kind.chart().closedIn(position).stream()
                .map(c ->
                        new Bar(path(at.getOrDefault(c.a(), new int[2]), at.getOrDefault(c.b(), new int[2])), "joined"))
                .toList();
        int columns = kind.rows().stream().mapToInt(List::size).max().orElse(1);
        return new FacePicture(
                2 * MARGIN + PITCH * (columns - 1),
                2 * MARGIN + PITCH * (kind.rows().size() - 1),
                nodes,
                bars);
    }

    /** Straight to a neighbour; around what lies between otherwise. */
    private static String path(int[] a, int[] b) {
        int dx = b[0] - a[0];
        int dy = b[1] - a[1];
        boolean neighbours = Math.abs(dx) <= PITCH && Math.abs(dy) <= PITCH;
        if (neighbours) {
            return "M" + a[0] + " " + a[1] + "L" + b[0] + " " + b[1];
        }
        int bend = dx == 0 ? PITCH / 2 : 0;
        int rise = dx == 0 ? 0 : PITCH / 2;
        return "M" + a[0] + " " + a[1] + "Q" + ((a[0] + b[0]) / 2 + bend) + " " + ((a[1] + b[1]) / 2 + rise) + " "
                + b[0] + " " + b[1];
    }
}
