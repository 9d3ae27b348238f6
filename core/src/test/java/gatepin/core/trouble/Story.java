package gatepin.core.trouble;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.Complaint;
import gatepin.core.check.Fault;
import gatepin.core.check.Symptom;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.control.ControlWishes;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import gatepin.core.supply.Region;
import gatepin.core.trouble.Trouble.Machine;
import gatepin.core.verdict.HealthyMotors;
import gatepin.core.words.Wording;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What somebody said of a machine, and what it was.
 *
 * @param held it was not looked at while causes were weighed
 * @param cause a repair; behind a > what the planted fault brings about
 */
record Story(boolean held, String machine, Past past, Set<Symptom> said, String cause) {
    private static final Map<String, CheckRequest> WIRED = new ConcurrentHashMap<>();

    /** Those of the file. */
    static List<Story> all() {
        try (InputStream in = Story.class.getResourceAsStream("stories.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(Story::read)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Story read(String line) {
        String[] part = line.split("\\|");
        Set<Symptom> said = EnumSet.noneOf(Symptom.class);
        for (String word : part[3].strip().split(" ")) {
            said.add(symptom(word));
        }
        return new Story(
                part[0].strip().equals("held"),
                part[1].strip(),
                part[2].strip().equals("used") ? Past.USED_TO_RUN : Past.JUST_WIRED,
                said,
                part[4].strip());
    }

    private static Symptom symptom(String word) {
        return Arrays.stream(Symptom.values())
                .filter(s -> s.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no symptom " + word));
    }

    Trouble trouble() {
        return Trouble.of(wired(), said);
    }

    Machine wired() {
        return new Machine(
                request(),
                machine.equals("contactors") ? Optional.of(ControlWishes.USUAL.ladder()) : Optional.empty(),
                past,
                List.of());
    }

    private CheckRequest request() {
        return WIRED.computeIfAbsent(machine, m -> switch (m) {
            case "drum" -> on(SampleMotors.SIX_LEAD_HIGH, SwitchKind.CROSS_CORNER_DRUM);
            case "saw" -> on(SampleMotors.FOUR_LEAD, SwitchKind.CROSS_CORNER_DRUM);
            case "psc" -> on(SampleMotors.PERMANENT_CAPACITOR, SwitchKind.CROSS_CORNER_DRUM);
            case "protected" -> on(SampleMotors.PROTECTED, SwitchKind.CAM_12);
            case "contactors" -> on(SampleMotors.SIX_LEAD_HIGH, SwitchKind.CONTACTORS_4);
            case "two" -> twoCapacitors();
            default -> throw new IllegalArgumentException("no machine " + m);
        });
    }

    private static CheckRequest on(SampleMotors motor, SwitchKind kind) {
        return CheckRequest.of(
                new Circuit(
                        motor.motor(),
                        kind.chart(),
                        motor.supply(),
                        Feeder.USUAL,
                        Planner.search(motor.on(kind)).plans().get(0).wires()),
                motor.rated());
    }

    private static CheckRequest twoCapacitors() {
        for (long seed = 1; ; seed++) {
            Optional<HealthyMotors> made = HealthyMotors.madeUp(seed);
            Optional<CheckRequest> usual = made.filter(
                            m -> m.motor().capacitors().size() == 2)
                    .flatMap(m -> CheckRequest.asIsUsual(m.motor(), m.rated(), m.supply()));
            if (usual.isPresent()) {
                return usual.orElseThrow();
            }
        }
    }

    /** At which place the cause stands, from 1; a thousand where it does not. */
    int place() {
        List<Suspicion> suspicions = trouble().suspicions();
        for (int i = 0; i < suspicions.size(); i++) {
            if (isIn(suspicions.get(i))) {
                return i + 1;
            }
        }
        return 1000;
    }

    private boolean isIn(Suspicion suspicion) {
        String[] byEffect = cause.split(">");
        Repair repair = Repair.valueOf(byEffect[0]);
        if (byEffect.length == 1) {
            return suspicion.repair() == repair;
        }
        List<Fault> planted = planted(repair, symptom(byEffect[1]));
        return suspicion.repair() == repair && suspicion.faults().contains(planted);
    }

    /** The first fault of the repair that brings it about. */
    private List<Fault> planted(Repair repair, Symptom symptom) {
        Complaint complaint = new Complaint(request());
        return InWiring.causes(wired(), complaint).stream()
                .filter(c -> c.repair() == repair && c.does().contains(symptom))
                .map(Cause::faults)
                .findFirst()
                .orElseThrow(() -> new AssertionError(this + ": no fault does that"));
    }

    /** In words, for any region. */
    static String say(Sentence sentence) {
        return Wording.of(Region.NORTH_AMERICA).say(sentence);
    }

    @Override
    public String toString() {
        return machine + ", " + past.word() + ", " + said + ": " + cause;
    }
}
