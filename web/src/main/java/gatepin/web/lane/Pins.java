package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Pin;
import gatepin.web.lane.LogStore.Kind;
import java.util.List;
import org.springframework.stereotype.Service;

/** Pulling the pins of gates. */
@Service
public class Pins {
    private final Acts acts;
    private final PinStore pins;

    Pins(Acts acts, PinStore pins) {
        this.acts = acts;
        this.pins = pins;
    }

    /**
     * Pulls the pin of a gate. What the gate lacks is asked while the job's row is held.
     *
     * @param override why the gate is passed without its evidence; blank to pass it with
     * @return what kept the pin in; empty when it is out
     */
    public List<Sentence> pull(long jobId, Gate gate, String override) {
        return acts.onPins(jobId, act -> {
            JobFile file = act.before();
            if (file.lane().pin(gate).isOpen()) {
                return List.of();
            }
            List<Sentence> hindrances =
                    file.lane().hindrances(gate, file.evidence().lack(gate));
            if (hindrances.isEmpty()) {
                pins.set(jobId, gate, new Pin(Pin.State.PULLED, Sentence.none()));
                act.at(gate).note(Kind.PULLED, Sentence.of("log.pulled", gate.title()));
                return List.of();
            }
            if (override.isBlank()) {
                return hindrances;
            }
            Sentence reason = Sentence.own(override.strip());
            pins.set(jobId, gate, new Pin(Pin.State.OVERRIDDEN, reason));
            act.at(gate).note(Kind.OVERRIDDEN, Sentence.of("log.overridden", gate.title(), reason));
            return List.of();
        });
    }

    /** Pulls the pin; gives the view to go on to: the next gate, or the same one where it stays in. */
    String pulled(long jobId, Gate gate, String override) {
        if (!pull(jobId, gate, override).isEmpty()) {
            return held(jobId, gate);
        }
        Gate[] gates = Gate.values();
        Gate next = gates[Math.min(gate.ordinal() + 1, gates.length - 1)];
        return "redirect:/jobs/" + jobId + "/" + next.word() + "?passed=" + gate.word();
    }

    static String held(long jobId, Gate gate) {
        return "redirect:/jobs/" + jobId + "/" + gate.word() + "?held";
    }
}
