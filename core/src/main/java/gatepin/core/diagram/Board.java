package gatepin.core.diagram;

import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import java.util.Collections;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A motor's stud board, and what is on it.
 *
 * @param studs where the studs stand
 * @param foundVolts the voltage it was linked for when it was found
 * @param found what was on it
 * @param diagram what the diagram shows, by voltage
 */
public record Board(StudBoard studs, int foundVolts, Layout found, SortedMap<Integer, Layout> diagram) {
    /** What a person sees on a stud board. */
    public static final Part<Board> PART =
            Part.of("board", "the stud board", Gate.DIAGRAM, Board.class).ofTheMotor();

    /**
     * A board of studs with its layouts.
     *
     * @throws IllegalArgumentException where a layout speaks of a stud that is not there
     */
    public Board {
        diagram = Collections.unmodifiableSortedMap(new TreeMap<>(diagram));
        check(studs, found);
        StudBoard board = studs;
        diagram.values().forEach(l -> check(board, l));
    }

    private static void check(StudBoard studs, Layout layout) {
        boolean allThere = layout.links().stream().allMatch(l -> studs.has(l.a()) && studs.has(l.b()))
                && layout.leads().values().stream().allMatch(studs::has);
        if (!allThere) {
            throw new IllegalArgumentException("there is no such stud");
        }
    }
}
