package gatepin.web.drawing;

import gatepin.core.winding.Found;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.Part;
import gatepin.core.winding.Part.Role;
import gatepin.core.winding.WindingFinder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The leads of a motor on a ring, with what the meter read between them on the chords, and the frame in the middle.
 *
 * @param nodes the leads and the frame
 * @param chords the readings
 */
public record RingPicture(List<Node> nodes, List<Chord> chords) {
    /** Width and height of the picture. */
    public static final int SIZE = 460;

    private static final double RADIUS = 178;
    private static final double MIDDLE = SIZE / 2.0;

    /** A lead, or the frame. */
    public record Node(String name, int x, int y, boolean frame) {}

    /**
     * A reading between two of them.
     *
     * @param look winding (run, start, protector, phase), some (a reading not named yet), open, or fault
     * @param words what was read
     * @param x where the words stand
     * @param y where the words stand
     * @param last whether it is the newest
     */
    public record Chord(String path, String look, String words, int x, int y, boolean last) {
        /** Nothing is written on an open chord: the dots say it. */
        public boolean hasWords() {
            return !look.equals("open");
        }

        /** Half the width of the words' plate, in pixels. */
        public int half() {
            return 7 + words.length() * 11 / 2;
        }
    }

    /** Draws the pad as it stands. */
    public static RingPicture of(List<String> leads, List<MeterReading> readings, Found found) {
        Map<String, Node> nodes = new LinkedHashMap<>();
        for (int i = 0; i < leads.size(); i++) {
            double angle = -Math.PI / 2 + 2 * Math.PI * i / Math.max(1, leads.size());
            nodes.put(
                    leads.get(i),
                    new Node(
                            leads.get(i),
                            (int) Math.round(MIDDLE + RADIUS * Math.cos(angle)),
                            (int) Math.round(MIDDLE + RADIUS * Math.sin(angle)),
                            false));
        }
        Node frame = new Node(MeterReading.FRAME, 46, 452, true);
        nodes.put(MeterReading.FRAME, frame);
        Map<String, MeterReading> latest = new LinkedHashMap<>();
        for (MeterReading reading : readings) {
            if (reading.startSwitch() == MeterReading.StartSwitch.AT_REST
                    && nodes.containsKey(reading.a())
                    && nodes.containsKey(reading.b())) {
                latest.remove(reading.a() + "\n" + reading.b());
                latest.put(reading.a() + "\n" + reading.b(), reading);
            }
        }
        List<Chord> chords = new ArrayList<>();
        List<double[]> taken = new ArrayList<>();
        nodes.values().forEach(n -> taken.add(new double[] {n.x(), n.y(), 30}));
        int number = 0;
        for (MeterReading reading : latest.values()) {
            Node a = nodes.getOrDefault(reading.a(), frame);
            Node b = nodes.getOrDefault(reading.b(), frame);
            chords.add(chord(reading, new Bow(a, b), look(reading, found), ++number == latest.size(), taken));
        }
        // what is open lies under what conducts
        chords.sort((one, other) -> Boolean.compare(one.hasWords(), other.hasWords()));
        return new RingPicture(List.copyOf(nodes.values()), chords);
    }

    /** A chord, bowed a little to the outside. */
    private record Bow(Node a, Node b) {
        private static final double DEPTH = 0.09;

        double[] control() {
            double mx = (a.x() + b.x()) / 2.0;
            double my = (a.y() + b.y()) / 2.0;
            double nx = -(b.y() - a.y());
            double ny = b.x() - a.x();
            double outwards = (mx - MIDDLE) * nx + (my - MIDDLE) * ny >= 0 ? 1 : -1;
            return new double[] {mx + outwards * 2 * DEPTH * nx, my + outwards * 2 * DEPTH * ny};
        }

        /** A point of it; 0 is one end, 1 the other. */
        double[] at(double share) {
            double[] c = control();
            double rest = 1 - share;
            return new double[] {
                rest * rest * a.x() + 2 * rest * share * c[0] + share * share * b.x(),
                rest * rest * a.y() + 2 * rest * share * c[1] + share * share * b.y()
            };
        }
    }

    private static String look(MeterReading reading, Found found) {
        if (reading.isToFrame()) {
            return reading.ohms() < WindingFinder.SOUND_TO_FRAME ? "fault" : "open";
        }
        if (reading.isOpen()) {
            return "open";
        }
        return found.certain().stream()
                .filter(p -> p.leads().equals(new Part(Role.RUN, List.of(reading.a(), reading.b())).leads()))
                .findFirst()
                .map(p -> switch (p.role()) {
                    case RUN, RUN_HALF -> "run";
                    case START, START_HALF -> "start";
                    case PROTECTOR -> "protector";
                    case PHASE -> "phase";
                    default -> "some";
                })
                .orElse("some");
    }

    private static Chord chord(MeterReading reading, Bow bow, String look, boolean last, List<double[]> taken) {
        double[] c = bow.control();
        String path = String.format(
                Locale.ROOT,
                "M%d %dQ%.0f %.0f %d %d",
                bow.a().x(),
                bow.a().y(),
                c[0],
                c[1],
                bow.b().x(),
                bow.b().y());
        String words = WindingFinder.ohms(reading.isOpen() ? reading.shownOhms() : reading.ohms());
        double[] place = bow.at(0.5);
        if (!look.equals("open")) {
            place = freest(bow, taken);
            taken.add(new double[] {place[0], place[1], 36});
        }
        return new Chord(path, look, words, (int) Math.round(place[0]), (int) Math.round(place[1]), last);
    }

    /** Where along a chord its words cover least of what is there already. */
    private static double[] freest(Bow bow, List<double[]> taken) {
        double[] best = bow.at(0.5);
        double room = -1;
        for (double share : new double[] {0.5, 0.42, 0.58, 0.34, 0.66, 0.27, 0.73}) {
            double[] at = bow.at(share);
            double nearest = taken.stream()
                    .mapToDouble(t -> Math.hypot((at[0] - t[0]) / 2, at[1] - t[1]) - t[2] / 2)
                    .min()
                    .orElse(0);
            if (nearest > room + 4) {
                room = nearest;
                best = at;
            }
        }
        return best;
    }
}
