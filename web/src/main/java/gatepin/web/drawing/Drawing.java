package gatepin.web.drawing;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Marks;
import java.util.Arrays;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A picture of a wiring, in the units of its view box. Everything that depends on the handle carries its state for
 * each position, so that a page can throw the handle without asking again.
 *
 * @param shape "wide" or "tall"
 * @param boxes motor box, switch box, supply
 * @param tags leads, lines and ground screws: marks in a frame
 * @param studs terminals of the switch
 * @param contacts contacts between studs
 * @param coils windings inside the motor box
 * @param inner what sits in series with them inside
 * @param traces wires, those drawn last lie on top
 * @param splices wire nuts
 * @param joints dots where wires that share a terminal part
 * @param marks numbered flags beside what a finding is about
 */
public record Drawing(
        String shape,
        int width,
        int height,
        List<Box> boxes,
        List<Tag> tags,
        List<Stud> studs,
        List<ContactBar> contacts,
        List<Coil> coils,
        List<Inner> inner,
        List<Trace> traces,
        List<Splice> splices,
        List<Joint> joints,
        List<Mark> marks) {

    /**
     * How a part looks in each setting: "run", "start", "ground" or "idle" by what it carries, "hot" where it is alive in OFF,
     * "closed" where it is a contact that joins, "plain" where nothing is said of it.
     *
     * @param looks by the word of the setting; several words where several hold
     */
    public record States(SortedMap<String, String> looks) {
        /** The same look in every setting that a person can choose. */
        static States always(String look) {
            return of(position -> look);
        }

        static States of(Function<HandlePosition, String> look) {
            SortedMap<String, String> looks = new TreeMap<>();
            for (HandlePosition position : HandlePosition.values()) {
                looks.put(position.word(), look.apply(position));
            }
            return new States(looks);
        }

        /** The classes it has in a setting, such as "is-closed is-run". */
        public String in(String setting) {
            return classes(looks.getOrDefault(setting, "idle"));
        }

        /** Of each look only these words; "plain" where none is left. */
        States only(String... words) {
            SortedMap<String, String> left = new TreeMap<>();
            looks.forEach((setting, look) -> left.put(
                    setting,
                    Arrays.stream(look.split(" "))
                            .filter(Arrays.asList(words)::contains)
                            .reduce((a, b) -> a + " " + b)
                            .orElse("plain")));
            return new States(left);
        }

        private static String classes(String look) {
            return Arrays.stream(look.split(" ")).map(w -> "is-" + w).collect(Collectors.joining(" "));
        }

        /** All of it for the script that throws the handle: "forward: is-run; off: is-idle is-hot". */
        public String inAll() {
            return looks.entrySet().stream()
                    .map(e -> e.getKey() + ": " + classes(e.getValue()))
                    .collect(Collectors.joining("; "));
        }
    }

    /** Half the width of the widest line: what runs along the edge of the sheet is not cut. */
    private static final int EDGE = 3;

    /** What is seen of the sheet, for SVG: all of it, and its edge. */
    public String viewBox() {
        return -EDGE + " " + -EDGE + " " + (width + 2 * EDGE) + " " + (height + 2 * EDGE);
    }

    /** The same without what the engine knows: wires as the eye sees them, grounds by their colour, contacts open or closed. */
    public Drawing unlit() {
        return new Drawing(
                shape,
                width,
                height,
                boxes,
                tags,
                studs,
                contacts.stream()
                        .map(c -> new ContactBar(
                                c.x1(),
                                c.y1(),
                                c.x2(),
                                c.y2(),
                                c.name(),
                                c.states().only("closed")))
                        .toList(),
                coils.stream()
                        .map(c -> new Coil(c.path(), c.name(), c.states().only()))
                        .toList(),
                inner.stream()
                        .map(i -> new Inner(i.path(), i.name(), i.states().only()))
                        .toList(),
                traces.stream()
                        .map(t -> new Trace(
                                t.step(), t.name(), t.path(), "", t.states().only("ground"), t.ends()))
                        .toList(),
                splices,
                joints,
                List.of());
    }

    /** An enclosure with its title, a line or more. */
    public record Box(String kind, int x, int y, int width, int height, List<TitleLine> title) {}

    /** A line of a title. */
    public record TitleLine(String words, int x, int y) {}

    /** A mark in a frame, with a word beside it such as the lead's colour; {@code turned} where it is written upwards; the terminal by its id. */
    public record Tag(
            String kind,
            int x,
            int y,
            int width,
            int height,
            String mark,
            String note,
            int markX,
            int noteX,
            int textY,
            boolean turned,
            String terminal) {
        /** Upside down it reads as another mark. */
        public boolean readsUpsideDown() {
            return Marks.readsUpsideDown(mark);
        }
    }

    /** A round terminal, by its id. */
    public record Stud(int x, int y, String mark, String terminal) {
        /** Upside down it reads as another mark. */
        public boolean readsUpsideDown() {
            return Marks.readsUpsideDown(mark);
        }
    }

    /** A contact, drawn as a thick bar while it is closed. */
    public record ContactBar(int x1, int y1, int x2, int y2, String name, States states) {}

    /** Start switch and capacitors inside the motor, as symbols. */
    public record Inner(String path, String name, States states) {}

    /** A winding: its line with the humps. */
    public record Coil(String path, String name, States states) {}

    /**
     * A wire.
     *
     * @param step its number in the wire list, 0 while there is none
     * @param path its line
     * @param alongside the line of dots that says it is hot
     * @param ends both its terminals by their ids
     */
    public record Trace(int step, String name, String path, String alongside, States states, String ends) {}

    /** A wire nut, by its terminal's id. */
    public record Splice(String mark, String path, int textX, int textY, String terminal) {}

    /** A numbered flag. */
    public record Mark(int number, String kind, States states, int x, int y) {}

    /** A dot where wires part. */
    public record Joint(int x, int y) {}
}
