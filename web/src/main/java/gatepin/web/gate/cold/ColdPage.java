package gatepin.web.gate.cold;

import gatepin.core.Sentence;
import gatepin.core.check.Band;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.Fault;
import gatepin.core.check.Harm;
import gatepin.core.check.Read;
import gatepin.core.check.Suspects;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.web.check.CheckLines;
import gatepin.web.check.CheckWords;
import gatepin.web.drawing.Drawing;
import gatepin.web.drawing.Flag;
import gatepin.web.drawing.WiringPicture;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The Cold check gate as it is shown. */
final class ColdPage {
    private static final int SHOWN = 4;

    private final JobFile file;
    private final CheckLines lines;
    private final CheckRequest request;
    private final ColdCheck check;
    private final Optional<Suspects> suspects;
    private final Optional<Read> asked;

    /** What is read now. */
    public record Now(
            String key,
            String a,
            String b,
            String capacitor,
            String first,
            String second,
            String setting,
            String stands,
            boolean held,
            String expected,
            String within,
            String why) {
        public boolean isOfCapacitor() {
            return !capacitor.isEmpty();
        }
    }

    /** One explanation. */
    public record Suspicion(int number, List<Wrong> wrong, String share, boolean explains) {}

    /** One thing that may be wrong. */
    public record Wrong(String key, String words) {}

    /** What no reading shows, by what catches it. */
    public record Unseen(String caught, List<String> words) {}

    ColdPage(JobFile file, CheckRequest request, ColdCheck check, Optional<String> wanted) {
        this.file = file;
        this.lines = new CheckLines(file);
        this.request = request;
        this.check = check;
        this.suspects = file.workup().once("suspects", check::suspects);
        this.asked = asked(wanted);
    }

    private Optional<Read> asked(Optional<String> wanted) {
        Optional<Read> chosen = wanted.flatMap(key -> lines(check).stream()
                .map(l -> l.step().read())
                .filter(r -> r.key().equals(key))
                .findFirst());
        if (chosen.isPresent()) {
            return chosen;
        }
        return suspects.isPresent()
                ? suspects.flatMap(Suspects::next)
                : check.between().or(() -> check.next().map(ColdPlan.Step::read));
    }

    private static List<ColdCheck.Line> lines(ColdCheck check) {
        List<ColdCheck.Line> lines = new ArrayList<>(check.lines());
        lines.addAll(check.besides());
        return lines;
    }

    Optional<Now> now() {
        return asked.map(read -> {
            Band band = check.expected(read);
            double zero = request.meter().zeroOhms();
            String why = suspects.isPresent()
                    ? "It tells most of what may be wrong apart."
                    : check.between().equals(asked)
                            ? "It lies beside what it should be. Clean the points, press the probes on, read it again."
                            : check.lines().stream()
                                            .anyMatch(l -> l.step().read().equals(read))
                                    ? ""
                                    : "Read besides the plan.";
            String expected = CheckWords.expected(read, band, zero);
            String within = CheckWords.within(read, band, zero);
            if (read instanceof Read.Ohms ohms) {
                return new Now(
                        read.key(),
                        ohms.a().id(),
                        ohms.b().id(),
                        "",
                        lines.point(ohms.a()),
                        lines.point(ohms.b()),
                        ohms.setting().word(),
                        CheckWords.stands(file, ohms.setting()),
                        ohms.heldOpen(),
                        expected,
                        within,
                        why);
            }
            String capacitor = ((Read.OfCapacitor) read).capacitor();
            return new Now(read.key(), "", "", capacitor, capacitor, "", "off", "", false, expected, within, why);
        });
    }

    private String named(Terminal terminal) {
        return file.say((Sentence) Read.named(terminal, request.circuit()));
    }

    List<CheckLines.Cold> lines() {
        return lines.of(request, check);
    }

    List<Suspicion> suspicions() {
        List<Suspicion> shown = new ArrayList<>();
        for (Suspects.Suspect suspect : suspects.map(Suspects::likely).orElse(List.of())) {
            if (shown.size() == SHOWN || (!shown.isEmpty() && suspect.share() < 0.02)) {
                break;
            }
            shown.add(new Suspicion(
                    shown.size() + 1,
                    suspect.faults().stream().map(this::wrong).toList(),
                    suspect.share() > 0.99 ? "nothing else fits" : Math.round(100 * suspect.share()) + " in 100",
                    suspect.explains()));
        }
        return shown;
    }

    private Wrong wrong(Fault fault) {
        return new Wrong(fault.key(), file.say(fault.words(request.circuit())));
    }

    boolean isSettled() {
        return suspects.filter(s -> s.next().isEmpty()).isPresent();
    }

    /** What no meter shows there, by what catches it. */
    List<Unseen> unseen(ColdPlan plan) {
        Map<String, List<String>> by = new LinkedHashMap<>();
        for (ColdPlan.Unseen unseen : plan.unseen()) {
            by.computeIfAbsent(file.say(Sentence.of("caught." + unseen.caught().word())), k -> new ArrayList<>())
                    .add(file.say(unseen.fault().words(request.circuit()))
                            + (unseen.harm() == Harm.PERSON ? ": can hurt a person" : ""));
        }
        return by.entrySet().stream()
                .map(e -> new Unseen(e.getKey(), e.getValue()))
                .toList();
    }

    /** The drawing with both probes on it, and flags where something may be wrong. */
    List<Drawing> drawings() {
        Circuit circuit = request.circuit();
        List<Flag> flags = new ArrayList<>();
        asked.ifPresent(read -> {
            if (read instanceof Read.Ohms ohms) {
                flags.add(new Flag(1, "probe", "", List.of(ohms.a())));
                flags.add(new Flag(2, "probe", "", List.of(ohms.b())));
            }
        });
        int number = 0;
        for (Suspects.Suspect suspect : suspects.map(Suspects::likely).orElse(List.of())) {
            if (++number > Math.min(SHOWN, suspicions().size())) {
                break;
            }
            List<Terminal> places = suspect.faults().stream()
                    .flatMap(f -> f.places(circuit).stream())
                    .filter(t -> !t.is(Device.Type.INSIDE))
                    .distinct()
                    .toList();
            flags.add(new Flag(number, "danger", "", places));
        }
        return new WiringPicture(file.wiredLeads(), file.gear(), circuit, circuit.wires(), flags).draw();
    }

    /** The points to choose from, by their addresses. */
    Map<String, String> points() {
        Map<String, String> points = new LinkedHashMap<>();
        List<Terminal> all = new ArrayList<>(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND));
        all.addAll(request.circuit().frames());
        request.circuit().terminals().stream()
                .filter(t -> !t.is(Device.Type.INSIDE))
                .sorted()
                .forEach(all::add);
        all.forEach(t -> points.putIfAbsent(t.id(), named(t)));
        return points;
    }

    /** The settings to choose from. */
    Map<String, String> settings() {
        Map<String, String> settings = new LinkedHashMap<>();
        for (Setting setting : request.circuit().settings()) {
            if (request.hasOff() || setting.purpose() != Setting.Purpose.OFF) {
                settings.put(setting.word(), CheckWords.setting(file, setting));
            }
        }
        return settings;
    }
}
