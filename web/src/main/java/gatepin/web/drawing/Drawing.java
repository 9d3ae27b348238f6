package gatepin.web.drawing;

import java.util.List;

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
        List<Trace> traces,
        List<Splice> splices,
        List<Joint> joints,
        List<Mark> marks) {

    /** What a part carries with the handle in each position: "run", "start", "ground", "idle", with "hot" in OFF. */
    public record States(String forward, String off, String reverse) {
        static final States IDLE = new States("idle", "idle", "idle");
    }

    /** An enclosure with its title. */
    public record Box(String kind, int x, int y, int width, int height, String title, int titleX, int titleY) {}

    /** A mark in a frame, with a word beside it such as the lead's colour. */
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
            int textY) {}

    /** A round terminal. */
    public record Stud(int x, int y, String mark) {}

    /** A contact, drawn as a thick bar while it is closed. */
    public record ContactBar(int x1, int y1, int x2, int y2, String name, States states) {}

    /** A winding: its line with the humps. */
    public record Coil(String path, String name, States states) {}

    /**
     * A wire.
     *
     * @param step its number in the wire list, 0 while there is none
     * @param path its line
     * @param alongside the line of dots that says it is hot
     */
    public record Trace(int step, String name, String path, String alongside, States states) {}

    /** A wire nut. */
    public record Splice(String mark, String path, int textX, int textY) {}

    /** A numbered flag; {@code at} names the handle positions it shows in, blank for all. */
    public record Mark(int number, String kind, String at, int x, int y) {}

    /** A dot where wires part. */
    public record Joint(int x, int y) {}
}
