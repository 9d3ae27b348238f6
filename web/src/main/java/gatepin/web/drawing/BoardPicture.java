package gatepin.web.drawing;

import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Link;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A stud board as a picture.
 *
 * @param title what it shows
 * @param studs the studs in their real places
 * @param links the links as bars
 * @param leads the leads beside the studs they sit on
 */
public record BoardPicture(String title, int width, int height, List<Stud> studs, List<Bar> links, List<Tag> leads) {
    private static final int PITCH_X = 150;
    private static final int PITCH_Y = 130;
    private static final int MARGIN = 60;
    private static final int TAG_PITCH = 52;

    /** A stud. */
    public record Stud(int x, int y, String mark) {}

    /** A link; {@code changes} when it comes out or goes in. */
    public record Bar(int x1, int y1, int x2, int y2, boolean changes) {}

    /** A lead on a stud; {@code changes} when it moves. */
    public record Tag(int x, int y, String mark, boolean changes) {}

    /**
     * Paints a layout.
     *
     * @param other the layout to compare with: what differs is marked
     */
    public static BoardPicture of(String title, StudBoard board, Layout layout, Layout other) {
        Map<String, int[]> places = new LinkedHashMap<>();
        int columns = 1;
        for (int row = 0; row < board.rows().size(); row++) {
            List<String> studs = board.rows().get(row);
            columns = Math.max(columns, studs.size());
            for (int column = 0; column < studs.size(); column++) {
                places.put(studs.get(column), new int[] {MARGIN + column * PITCH_X, MARGIN + row * PITCH_Y});
            }
        }
        List<Stud> studs = new ArrayList<>();
        places.forEach((mark, at) -> studs.add(new Stud(at[0], at[1], mark)));
        List<Bar> bars = new ArrayList<>();
        for (Link link : layout.links()) {
            int[] a = places.getOrDefault(link.a(), new int[2]);
            int[] b = places.getOrDefault(link.b(), new int[2]);
            bars.add(new Bar(a[0], a[1], b[0], b[1], !other.links().contains(link)));
        }
        Map<String, Integer> taken = new HashMap<>();
        List<Tag> tags = new ArrayList<>();
        layout.leads().forEach((lead, stud) -> {
            int[] at = places.getOrDefault(stud, new int[2]);
            int before = taken.merge(stud, 1, Integer::sum) - 1;
            tags.add(new Tag(
                    at[0] - 10 + TAG_PITCH * before,
                    at[1] + 44,
                    lead,
                    !stud.equals(other.leads().getOrDefault(lead, lead))));
        });
        int most = taken.values().stream().mapToInt(Integer::intValue).max().orElse(1);
        return new BoardPicture(
                title,
                20 + 2 * MARGIN + (columns - 1) * PITCH_X + (most - 1) * TAG_PITCH - 20,
                2 * MARGIN + (board.rows().size() - 1) * PITCH_Y + 20,
                studs,
                bars,
                tags);
    }
}
