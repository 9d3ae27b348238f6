package gatepin.bench;

import gatepin.core.Effort;
import gatepin.core.control.Branch;
import gatepin.core.control.Branch.InSeries;
import gatepin.core.control.Branch.SideBySide;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlSupply;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.ControlWishes.Before;
import gatepin.core.control.ControlWishes.Start;
import gatepin.core.control.ControlWishes.With;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderText;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Proof.Standing;
import gatepin.core.control.Prover;
import gatepin.core.control.Rung;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A general model checker's opinion on ladders: each is written as Promela, one contact moving at a time and every button free, and SPIN
 * (Debian's package of that name) looks for both contactors in at once. Prints a line a ladder with both answers, times and states.
 */
public final class SpinOpinion {
    private static final Pattern STATES = Pattern.compile("([0-9.e+]+) states, stored");
    private static final Pattern ERRORS = Pattern.compile("errors: ([0-9]+)");

    private final Ladder ladder;
    private final List<Touch> touches;

    private SpinOpinion(Ladder ladder) {
        this.ladder = ladder;
        this.touches = ladder.touches();
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        for (Map.Entry<String, Ladder> entry : ladders().entrySet()) {
            new SpinOpinion(entry.getValue()).compare(entry.getKey());
        }
    }

    private static Map<String, Ladder> ladders() {
        Map<String, Ladder> all = new LinkedHashMap<>();
        EnumSet<With> plain = EnumSet.of(With.EMERGENCY_STOP, With.BUTTON_INTERLOCK);
        EnumSet<With> large = EnumSet.copyOf(plain);
        large.addAll(EnumSet.of(With.SECOND_STATION, With.LIMITS));
        for (Start start : Start.values()) {
            for (EnumSet<With> with : List.of(plain, large)) {
                all.put(
                        start + (with == plain ? " plain" : " two stations, limits"),
                        new ControlWishes(ControlSupply.LOW, start, Before.NOTHING, 5, with).ladder());
            }
        }
        String parts = "S0 stop\nS1 button forward\nS2 button reverse\nF2 overload\nK1 contactor forward\n"
                + "K2 contactor reverse\nshared: S0 nc - F2 nc\n";
        all.put("no interlock", ladder(parts + "K1: S1 no or K1 no\nK2: S2 no or K2 no"));
        all.put("one interlock", ladder(parts + "K1: S1 no or K1 no\nK2: (S2 no or K2 no) - K1 nc"));
        all.put("buttons only", ladder(parts + "K1: (S1 no or K1 no) - S2 nc\nK2: (S2 no or K2 no) - S1 nc"));
        all.put("open taken for closed", ladder(parts + "K1: (S1 no or K1 no) - K2 no\nK2: (S2 no or K2 no) - K1 nc"));
        all.put("both interlocks", ladder(parts + "K1: (S1 no or K1 no) - K2 nc\nK2: (S2 no or K2 no) - K1 nc"));
        return all;
    }

    private static Ladder ladder(String text) {
        return LadderText.read(text).value().orElseThrow();
    }

    private void compare(String name) throws IOException, InterruptedException {
        long began = System.nanoTime();
        boolean ours = Prover.prove(ladder, Asked.USUAL, Effort.unlimited()).outcomes().stream()
                .anyMatch(o -> o.claim().key().equals("never-both") && o.standing() == Standing.FAILS);
        double ourSeconds = (System.nanoTime() - began) / 1e9;
        Path folder = Files.createTempDirectory("ladder");
        Files.writeString(folder.resolve("ladder.pml"), promela());
        run(folder, "spin", "-a", "ladder.pml");
        run(folder, "gcc", "-O2", "-DSAFETY", "-DVECTORSZ=2048", "-o", "pan", "pan.c");
        began = System.nanoTime();
        String said = run(folder, "./pan", "-m1000000", "-w26");
        double theirSeconds = (System.nanoTime() - began) / 1e9;
        System.out.printf(
                "%-36s ours %-5s %6.3f s (all claims, all faults)   spin %-5s %6.3f s, %s states (one claim, no fault)%n",
                name,
                ours ? "fails" : "holds",
                ourSeconds,
                errors(said) ? "fails" : "holds",
                theirSeconds,
                states(said));
    }

    private static boolean errors(String said) {
        Matcher errors = ERRORS.matcher(said);
        return errors.find() && !errors.group(1).equals("0");
    }

    private static String states(String said) {
        Matcher states = STATES.matcher(said);
        return states.find() ? states.group(1) : "?";
    }

    private static String run(Path folder, String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0 && said.isBlank()) {
            throw new IOException(String.join(" ", command) + " failed without a word");
        }
        return said;
    }

    private boolean hasCoil(String part) {
        return ladder.part(part).orElseThrow().kind().hasCoil();
    }

    private String promela() {
        StringBuilder model = new StringBuilder();
        for (int i = 0; i < touches.size(); i++) {
            model.append("bool c").append(i).append(";\n");
        }
        ladder.of(Kind.CONTACTOR)
                .forEach(k -> model.append("bool m").append(k.name()).append(";\n"));
        model.append("active proctype box() {\ndo\n");
        for (int i = 0; i < touches.size(); i++) {
            if (!hasCoil(touches.get(i).part())) {
                model.append(":: atomic { c")
                        .append(i)
                        .append(" = !c")
                        .append(i)
                        .append(" }\n");
            }
        }
        int[] number = {0};
        String head = closed(ladder.head(), number);
        for (Rung rung : ladder.rungs()) {
            String live = (rung.afterHead() ? head : "1") + " && " + closed(rung.before(), number) + " && "
                    + closed(rung.after(), number);
            coil(model, rung.load(), live);
        }
        return model.append("od }\n").toString();
    }

    private void coil(StringBuilder model, String load, String live) {
        if (!hasCoil(load)) {
            return;
        }
        List<String> openers = new ArrayList<>();
        List<String> makers = new ArrayList<>();
        for (int i = 0; i < touches.size(); i++) {
            if (touches.get(i).part().equals(load)) {
                (touches.get(i).normallyClosed() ? openers : makers).add("c" + i);
            }
        }
        boolean contactor = ladder.part(load).map(Part::kind).orElseThrow() == Kind.CONTACTOR;
        if (contactor) {
            makers.add("m" + load);
        }
        String opened = all(openers, "");
        String made = all(makers, "!");
        openers.forEach(o -> {
            model.append(":: atomic { !" + o + " && (" + live + ") -> " + o + " = 1 }\n");
            model.append(":: atomic { " + o + " && " + made + " -> " + o + " = 0 }\n");
        });
        makers.forEach(m -> {
            String both = m.startsWith("m")
                    ? "; assert(!("
                            + ladder.of(Kind.CONTACTOR).stream()
                                    .map(k -> "m" + k.name())
                                    .collect(Collectors.joining(" && "))
                            + "))"
                    : "";
            model.append(":: atomic { !" + m + " && " + opened + " && (" + live + ") -> " + m + " = 1" + both + " }\n");
            model.append(":: atomic { " + m + " -> " + m + " = 0 }\n");
        });
    }

    private static String all(List<String> bits, String before) {
        return bits.isEmpty() ? "1" : bits.stream().map(b -> before + b).collect(Collectors.joining(" && ", "(", ")"));
    }

    private String closed(Branch branch, int[] number) {
        if (branch instanceof Touch touch) {
            int here = number[0]++;
            return (touch.normallyClosed() ? "!c" : "c") + here;
        }
        if (branch instanceof InSeries series) {
            return series.parts().isEmpty()
                    ? "1"
                    : series.parts().stream().map(b -> closed(b, number)).collect(Collectors.joining(" && ", "(", ")"));
        }
        return ((SideBySide) branch)
                .parts().stream().map(b -> closed(b, number)).collect(Collectors.joining(" || ", "(", ")"));
    }
}
