package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Networks;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/** Judges overload relays: one protects what passes through it, in each way, told by what still flows with all its poles open. */
final class OverloadJudge {
    /** Less than this share of the line current is nothing: what the solution leaves in a pole that is idle. */
    private static final double IDLE = 0.005;
    /** A relay with so many poles counts on current in each (IEC 60947-4-1, from memory: it looks for a phase that fails). */
    private static final int POLES = 3;

    private final Networks networks;
    private final Circuit circuit;
    private final Map<Setting, Judge.Solved> solved;
    private final List<Verdict> verdicts = new ArrayList<>();

    OverloadJudge(Networks networks, Map<Setting, Judge.Solved> solved) {
        this.networks = networks;
        this.circuit = networks.circuit();
        this.solved = solved;
    }

    /** What is found; a relay through which all current passes is good only where nothing else is a danger. */
    List<Verdict> verdicts(boolean sound) {
        circuit.devices().stream()
                .filter(d -> d.type() == Device.Type.OVERLOAD_RELAY)
                .forEach(d -> judge(d, sound));
        return verdicts;
    }

    private void judge(Device relay, boolean sound) {
        List<Contact> all = circuit.chart().contacts().stream()
                .filter(c -> c.a().device().equals(relay) && c.b().device().equals(relay))
                .toList();
        List<Contact> poles = all.stream().filter(c -> !isAuxiliary(c)).toList();
        Networks open = Networks.of(circuit.with(circuit.chart().without(all)));
        List<Setting> run = circuit.settings().stream()
                .filter(Setting::isMeantToRun)
                .filter(s -> !in(s).standstill().nodes().same(Terminal.L1, Terminal.L2))
                .toList();
        boolean passed = !run.isEmpty();
        for (Setting setting : run) {
            passed &= passes(relay, poles, open, setting);
        }
        if (passed && sound && verdicts.stream().noneMatch(v -> v.severity() == Severity.DANGER)) {
            verdicts.add(Verdict.of(Rule.OVERLOAD_PASSED, Severity.GOOD).about(relay.name()));
        }
    }

    private boolean passes(Device relay, List<Contact> poles, Networks open, Setting setting) {
        double slip = in(setting).running().slip();
        AcSolution running = networks.in(State.atSpeed(setting)).at(slip);
        double standingLeft = open.atRest(setting).lineAmps();
        double runningLeft = open.in(State.atSpeed(setting)).at(slip).lineAmps();
        double flowing = Math.max(networks.atRest(setting).lineAmps(), running.lineAmps());
        double nothing = Carrying.NOTHING_AMPS + IDLE * flowing;
        if (flowing <= Carrying.NOTHING_AMPS) {
            return false;
        }
        if (Math.max(standingLeft, runningLeft) > nothing) {
            verdicts.add(Verdict.of(Rule.OVERLOAD_BESIDE, runningLeft > nothing ? Severity.DANGER : Severity.WARN)
                    .in(setting)
                    .about(relay.name())
                    .reading(Math.max(standingLeft, runningLeft), flowing));
            return false;
        }
        List<Contact> idle = poles.stream()
                .filter(c -> circuit.chart().closedIn(setting).contains(c))
                .filter(c -> running.current(c).norm() < IDLE * running.lineAmps())
                .toList();
        if (poles.size() >= POLES && !idle.isEmpty()) {
            verdicts.add(Verdict.of(Rule.OVERLOAD_POLE_IDLE, Severity.WARN)
                    .in(setting)
                    .about(relay.name())
                    .at(idle.stream().flatMap(c -> Stream.of(c.a(), c.b())).toList()));
        }
        return true;
    }

    private Judge.Solved in(Setting setting) {
        return Objects.requireNonNull(solved.get(setting));
    }

    /** The contact that a relay moves, and no pole of it (IEC 60947: 95 to 98, from memory). */
    private static boolean isAuxiliary(Contact contact) {
        return contact.a().mark().matches("9[5-8]") || contact.b().mark().matches("9[5-8]");
    }
}
