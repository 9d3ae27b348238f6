package gatepin.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * From gesture to answer on the bench of a running application: wires joined and taken off by one person and by twenty, each on a
 * wiring of his own, on the biggest of the demo jobs. Run it against a database that may be thrown away.
 */
public final class HandBench {
    private static final int PEOPLE = 20;
    private static final int GESTURES = 40;
    private static final int THINKS_MILLIS = 1500;
    /** Two contactors: the most terminals of the demo. */
    private static final String JOB = "/jobs/3";

    private static final String[][] WIRES = {
        {"T2", "T3"},
        {"T2", "T5"},
        {"T8", "K1.1"},
        {"K1.1", "K2.1"},
        {"T1", "K1.4"},
        {"T4", "K1.2"},
        {"K1.2", "K1.6"},
        {"K1.4", "K2.2"},
        {"K1.6", "K2.6"},
        {"K2.2", "K2.4"},
        {"K1.3", "K2.3"},
        {"K1.5", "K2.5"},
        {"K2.3", "L1"},
        {"K2.5", "L2"}
    };

    private final String address;

    private HandBench(String address) {
        this.address = address;
    }

    /** Measures; the one argument is the address, without a slash at its end. */
    public static void main(String[] arguments) throws Exception {
        HandBench bench = new HandBench(arguments.length > 0 ? arguments[0] : "http://127.0.0.1:7788");
        bench.person(0, 0);
        System.out.println("From gesture to answer on the bench, two contactors and six leads, ms");
        print("one person", bench.person(0, 0));
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<List<Double>>> running = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            int who = i;
            running.add(people.submit(() -> bench.person(who, THINKS_MILLIS)));
        }
        List<Double> all = new ArrayList<>();
        for (Future<List<Double>> one : running) {
            all.addAll(one.get());
        }
        people.shutdown();
        print(PEOPLE + " people", all);
        System.exit(0);
    }

    private static void print(String who, List<Double> times) {
        Collections.sort(times);
        System.out.printf(
                Locale.ROOT,
                "  %-12s %4d gestures   median %5.1f   95 of 100 within %5.1f   slowest %6.1f%n",
                who,
                times.size(),
                times.get(times.size() / 2),
                times.get(times.size() * 95 / 100),
                times.get(times.size() - 1));
    }

    /** One person at a wiring of his own: joins, takes off, goes back and on. */
    private List<Double> person(int who, int thinks) throws Exception {
        LoadBench visitor = new LoadBench(address);
        String there =
                visitor.post(JOB + "/bench", "name", "Load " + who + " " + System.nanoTime(), "start", "NOTHING");
        Matcher copy = Pattern.compile("copy=(\\d+)").matcher(there);
        if (!copy.find()) {
            throw new IllegalStateException("no wiring was laid out: " + there);
        }
        String base = JOB + "/bench/" + copy.group(1);
        LoadBench.Token token = visitor.token();
        Random chance = new Random(who);
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < GESTURES; i++) {
            if (thinks > 0) {
                Thread.sleep(thinks / 2 + chance.nextInt(thinks));
            }
            String[] wire = WIRES[i % WIRES.length];
            String act = i % 7 == 5 ? "undo" : i % 7 == 6 ? "redo" : i >= 2 * WIRES.length ? "part" : "join";
            long start = System.nanoTime();
            visitor.ask(base + "/" + act, token, "one", wire[0], "other", wire[1]);
            times.add((System.nanoTime() - start) / 1e6);
        }
        visitor.post(base + "/remove");
        return times;
    }
}
