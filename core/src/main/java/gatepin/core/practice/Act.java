package gatepin.core.practice;

import java.util.List;

/**
 * Something that was done: a tool used on none, one or two points.
 *
 * @param tool the tool's word
 * @param one the first point; blank where the tool needs none
 * @param other the second point; blank where the tool needs no second
 */
public record Act(String tool, String one, String other) {
    public Act {
        if (List.of(tool, one, other).stream().anyMatch(w -> w.indexOf('\n') >= 0 || w.indexOf('\t') >= 0)) {
            throw new IllegalArgumentException("no word of an act has a line end or a tab in it");
        }
    }

    public static Act of(String tool) {
        return new Act(tool, "", "");
    }

    public static Act of(String tool, String one) {
        return new Act(tool, one, "");
    }

    /** Whether it was done with a tool. */
    boolean by(String word) {
        return tool.equals(word);
    }

    /** Whether it lay on two points, in whichever order. */
    boolean between(String a, String b) {
        return one.equals(a) && other.equals(b) || one.equals(b) && other.equals(a);
    }
}
