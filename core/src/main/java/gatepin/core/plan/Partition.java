package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** Points in groups, as an array of group numbers that count up in the order of the points. */
final class Partition {
    private Partition() {}

    /**
     * The group of each point; a point that is in no group is a group of its own.
     *
     * @throws IllegalArgumentException when a group names a point that is not there, or joins both lines
     */
    static int[] of(List<Terminal> points, List<SortedSet<Terminal>> groups) {
        int[] groupOf = new int[points.size()];
        Arrays.fill(groupOf, -1);
        for (int group = 0; group < groups.size(); group++) {
            SortedSet<Terminal> members = groups.get(group);
            if (members.contains(Terminal.L1) && members.contains(Terminal.L2)) {
                throw new IllegalArgumentException("a group joins both lines: " + members);
            }
            for (Terminal member : members) {
                int point = points.indexOf(member);
                if (point < 0) {
                    throw new IllegalArgumentException("a group names " + member + ", which the motor does not have");
                }
                groupOf[point] = group;
            }
        }
        int next = groups.size();
        for (int point = 0; point < groupOf.length; point++) {
            groupOf[point] = groupOf[point] < 0 ? next++ : groupOf[point];
        }
        return counted(groupOf);
    }

    /** The same groups, numbered in the order of their first points. */
    static int[] counted(int[] groupOf) {
        int[] counted = new int[groupOf.length];
        int groups = 0;
        for (int point = 0; point < groupOf.length; point++) {
            counted[point] = -1;
            for (int before = 0; before < point; before++) {
                if (groupOf[before] == groupOf[point]) {
                    counted[point] = counted[before];
                    break;
                }
            }
            if (counted[point] < 0) {
                counted[point] = groups++;
            }
        }
        return counted;
    }

    static int groups(int[] groupOf) {
        int most = -1;
        for (int group : groupOf) {
            most = Math.max(most, group);
        }
        return most + 1;
    }

    static List<SortedSet<Terminal>> groupsOf(List<Terminal> points, int[] groupOf) {
        List<SortedSet<Terminal>> groups = new ArrayList<>();
        for (int group = 0; group < groups(groupOf); group++) {
            groups.add(new TreeSet<>());
        }
        for (int point = 0; point < groupOf.length; point++) {
            groups.get(groupOf[point]).add(points.get(point));
        }
        groups.sort(java.util.Comparator.comparing(SortedSet::first));
        return groups;
    }

    /** How many pairs of points are together in one and apart in the other. */
    static int distance(int[] one, int[] other) {
        int distance = 0;
        for (int a = 0; a < one.length; a++) {
            for (int b = 0; b < a; b++) {
                distance += (one[a] == one[b]) != (other[a] == other[b]) ? 1 : 0;
            }
        }
        return distance;
    }

    /** Points that are together in both. */
    static int[] meet(int[] one, int[] other) {
        int[] both = new int[one.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = one[i] * one.length + other[i];
        }
        return counted(both);
    }
}
