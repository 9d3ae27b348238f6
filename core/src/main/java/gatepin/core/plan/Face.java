package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * A switch as the search sees it: its terminals fall into blocks that no contact leads out of, and blocks of one
 * pattern are alike, so that one order of them stands for all.
 */
final class Face {
    /** Blocks larger than this are not searched for ways to turn them onto themselves. */
    static final int MOST_TURNED = 6;

    /**
     * A block of terminals.
     *
     * @param pattern which pattern it follows
     * @param terminals its terminals, in the order of the pattern's places
     */
    record Block(int pattern, int[] terminals) {}

    static final int FREE = -1;
    static final int UNUSABLE = -2;

    final int terminals;
    final List<BlockPattern> patterns = new ArrayList<>();
    final List<Block> blocks = new ArrayList<>();
    /** For each block, how many more joins it and the later ones can make at FORWARD. */
    final int[] forwardRankFrom;
    /** The same at REVERSE. */
    final int[] reverseRankFrom;
    /** For each block, how many terminals it and the later ones have. */
    final int[] terminalsFrom;
    /** By block and number of joins, both ways counted: the fewest landings that can make them on it and the later ones. */
    private final int[][] leastLandings;

    Face(PlanRequest request) {
        List<Terminal> face = request.chart().terminals();
        List<Terminal> points = request.points();
        this.terminals = face.size();
        int[] label = new int[terminals];
        for (int t = 0; t < terminals; t++) {
            label[t] = request.wishes().unusable().contains(face.get(t)) ? UNUSABLE : FREE;
            for (Wire kept : request.wishes().kept()) {
                if (kept.lands(face.get(t))) {
                    label[t] = points.indexOf(kept.from().equals(face.get(t)) ? kept.to() : kept.from());
                }
            }
        }
        int[] blockOf = new int[terminals];
        Arrays.setAll(blockOf, i -> i);
        for (Contact contact : request.chart().contacts()) {
            int a = blockOf[face.indexOf(contact.a())];
            int b = blockOf[face.indexOf(contact.b())];
            for (int i = 0; i < terminals; i++) {
                blockOf[i] = blockOf[i] == b ? a : blockOf[i];
            }
        }
        Map<Integer, List<Integer>> members = new LinkedHashMap<>();
        for (int t = 0; t < terminals; t++) {
            members.computeIfAbsent(blockOf[t], k -> new ArrayList<>()).add(t);
        }
        for (List<Integer> block : members.values()) {
            int[] here = block.stream().mapToInt(t -> t).toArray();
            if (here.length > MOST_TURNED) {
                here = alongContacts(here, request, face);
            }
            place(here, pattern(here, request, face, label));
        }
        blocks.sort(java.util.Comparator.comparingInt(Block::pattern));
        this.forwardRankFrom = rankFrom(HandlePosition.FORWARD);
        this.reverseRankFrom = rankFrom(HandlePosition.REVERSE);
        this.terminalsFrom = terminalsFrom();
        this.leastLandings = leastLandings(forwardRankFrom[0] + reverseRankFrom[0]);
    }

    /** The terminals of a block so that each has as many contacts to those before it as can be: contacts close early. */
    private static int[] alongContacts(int[] here, PlanRequest request, List<Terminal> face) {
        List<Integer> left = new ArrayList<>(Arrays.stream(here).boxed().toList());
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            int best = left.get(0);
            long most = -1;
            for (int terminal : left) {
                long before = request.chart().contacts().stream()
                        .filter(c -> order.contains(other(c, terminal, face)))
                        .count();
                if (before > most) {
                    most = before;
                    best = terminal;
                }
            }
            order.add(best);
            left.remove((Integer) best);
        }
        return order.stream().mapToInt(t -> t).toArray();
    }

    /** The terminal that a contact joins with one; −1 where it does not touch it. */
    private static int other(Contact contact, int terminal, List<Terminal> face) {
        Terminal one = face.get(terminal);
        if (contact.a().equals(one)) {
            return face.indexOf(contact.b());
        }
        return contact.b().equals(one) ? face.indexOf(contact.a()) : -1;
    }

    private static BlockPattern pattern(int[] here, PlanRequest request, List<Terminal> face, int[] label) {
        List<int[][]> contacts = new ArrayList<>();
        for (HandlePosition position : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE, HandlePosition.OFF)) {
            contacts.add(request.chart().closedIn(position).stream()
                    .map(c -> new int[] {place(here, face.indexOf(c.a())), place(here, face.indexOf(c.b()))})
                    .filter(c -> c[0] >= 0)
                    .toArray(int[][]::new));
        }
        int[] labels = Arrays.stream(here).map(t -> label[t]).toArray();
        return BlockPattern.of(contacts.get(0), contacts.get(1), contacts.get(2), labels, List.of());
    }

    private static int place(int[] here, int terminal) {
        for (int i = 0; i < here.length; i++) {
            if (here[i] == terminal) {
                return i;
            }
        }
        return -1;
    }

    /** Files a block under a pattern it can be laid over, or under a new one. */
    private void place(int[] here, BlockPattern fresh) {
        for (int p = 0; p < patterns.size(); p++) {
            List<int[]> ways = new ArrayList<>();
            ways(patterns.get(p), fresh, ways::add);
            if (!ways.isEmpty()) {
                int[] way = ways.get(0);
                int[] ordered = new int[here.length];
                for (int i = 0; i < here.length; i++) {
                    ordered[i] = here[way[i]];
                }
                blocks.add(new Block(p, ordered));
                return;
            }
        }
        List<int[]> turns = new ArrayList<>();
        int[] plain = new int[fresh.size()];
        Arrays.setAll(plain, i -> i);
        turns.add(plain);
        ways(fresh, fresh, way -> {
            if (!Arrays.equals(way, plain)) {
                turns.add(way);
            }
        });
        patterns.add(BlockPattern.of(fresh.forward(), fresh.reverse(), fresh.off(), fresh.label(), List.copyOf(turns)));
        blocks.add(new Block(patterns.size() - 1, here));
    }

    /** Every way to lay one pattern over another: {@code way[i]} is the place of the other that place i comes to lie on. */
    private static void ways(BlockPattern one, BlockPattern other, Consumer<int[]> found) {
        if (one.size() != other.size()
                || one.size() > MOST_TURNED
                || one.forward().length != other.forward().length
                || one.reverse().length != other.reverse().length
                || one.off().length != other.off().length) {
            return;
        }
        lay(one, other, 0, new int[one.size()], found);
    }

    private static void lay(BlockPattern one, BlockPattern other, int place, int[] way, Consumer<int[]> found) {
        if (place == way.length) {
            found.accept(way.clone());
            return;
        }
        for (int to = 0; to < way.length; to++) {
            boolean fits = one.label()[place] == other.label()[to];
            for (int before = 0; before < place && fits; before++) {
                fits = way[before] != to
                        && has(one.forward(), before, place) == has(other.forward(), way[before], to)
                        && has(one.reverse(), before, place) == has(other.reverse(), way[before], to)
                        && has(one.off(), before, place) == has(other.off(), way[before], to);
            }
            if (fits) {
                way[place] = to;
                lay(one, other, place + 1, way, found);
            }
        }
    }

    private static boolean has(int[][] contacts, int a, int b) {
        for (int[] c : contacts) {
            if ((c[0] == a && c[1] == b) || (c[0] == b && c[1] == a)) {
                return true;
            }
        }
        return false;
    }

    private int[] rankFrom(HandlePosition position) {
        int[] from = new int[blocks.size() + 1];
        for (int b = blocks.size() - 1; b >= 0; b--) {
            BlockPattern pattern = patterns.get(blocks.get(b).pattern());
            from[b] = from[b + 1]
                    + pattern.rank(position == HandlePosition.FORWARD ? pattern.forward() : pattern.reverse());
        }
        return from;
    }

    /**
     * How many landings are still needed at least, less the nets of jumpers alone that they bring: each of those takes two landings
     * and one join more.
     *
     * @param block the first block still free
     * @param joins the joins still missing, both ways counted
     * @param nets the nets that must still land
     * @param jumperNets how many nets of jumpers alone there can still be
     */
    int leastToCome(int block, int joins, int nets, int jumperNets) {
        int least = Integer.MAX_VALUE / 2;
        for (int more = 0; more <= jumperNets && joins + more < leastLandings[block].length; more++) {
            least = Math.min(least, Math.max(nets + 2 * more, leastLandings[block][joins + more]) - more);
        }
        return least;
    }

    /** The blocks that give most for a landing first, as if a block could be filled in part. */
    private int[][] leastLandings(int mostJoins) {
        int[][] least = new int[blocks.size() + 1][mostJoins + 1];
        double[] worth =
                patterns.stream().mapToDouble(BlockPattern::joinsForALanding).toArray();
        for (int from = 0; from <= blocks.size(); from++) {
            List<Block> rest = new ArrayList<>(blocks.subList(from, blocks.size()));
            rest.sort(java.util.Comparator.comparingDouble(b -> -worth[b.pattern()]));
            for (int joins = 1; joins <= mostJoins; joins++) {
                double landings = 0;
                int missing = joins;
                for (Block block : rest) {
                    BlockPattern pattern = patterns.get(block.pattern());
                    int here = Math.min(missing, pattern.rank(pattern.forward()) + pattern.rank(pattern.reverse()));
                    if (here > 0) {
                        landings += here / worth[block.pattern()];
                        missing -= here;
                    }
                }
                least[from][joins] = missing > 0 ? Integer.MAX_VALUE / 2 : (int) Math.ceil(landings - 1e-9);
            }
        }
        return least;
    }

    private int[] terminalsFrom() {
        int[] from = new int[blocks.size() + 1];
        for (int b = blocks.size() - 1; b >= 0; b--) {
            from[b] = from[b + 1] + blocks.get(b).terminals().length;
        }
        return from;
    }

    /** The same landing on other terminals of the same kinds, as tidy as turning and exchanging blocks makes it. */
    Landing tidied(Landing landing) {
        Landing best = landing;
        boolean better = true;
        while (better) {
            better = false;
            for (int b = 0; b < blocks.size(); b++) {
                for (Landing other : variants(best, b)) {
                    if (other.untidiness() < best.untidiness()) {
                        best = other;
                        better = true;
                    }
                }
            }
        }
        return best;
    }

    private List<Landing> variants(Landing landing, int number) {
        List<Landing> variants = new ArrayList<>();
        Block block = blocks.get(number);
        for (int[] turn : patterns.get(block.pattern()).turns()) {
            int[] netOn = landing.netOn().clone();
            for (int i = 0; i < turn.length; i++) {
                netOn[block.terminals()[i]] = landing.netOn()[block.terminals()[turn[i]]];
            }
            variants.add(landing.on(netOn));
        }
        for (int other = number + 1; other < blocks.size(); other++) {
            if (blocks.get(other).pattern() == block.pattern()) {
                int[] netOn = landing.netOn().clone();
                for (int i = 0; i < block.terminals().length; i++) {
                    int here = block.terminals()[i];
                    int there = blocks.get(other).terminals()[i];
                    netOn[here] = landing.netOn()[there];
                    netOn[there] = landing.netOn()[here];
                }
                variants.add(landing.on(netOn));
            }
        }
        return variants;
    }

    /** Contacts are closed in OFF, or terminals set apart by wishes: then it matters which bundle lands where. */
    boolean setsApart() {
        return patterns.stream()
                .anyMatch(p -> p.off().length > 0 || Arrays.stream(p.label()).anyMatch(l -> l != FREE));
    }

    /** The contacts closed in OFF, as pairs of terminals. */
    List<int[]> offContacts() {
        List<int[]> contacts = new ArrayList<>();
        for (Block block : blocks) {
            for (int[] contact : patterns.get(block.pattern()).off()) {
                contacts.add(new int[] {block.terminals()[contact[0]], block.terminals()[contact[1]]});
            }
        }
        return contacts;
    }
}
