package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A way to land the motor on the switch.
 *
 * @param wires every wire, grounds included
 * @param cost what it costs
 * @param forward how leads and lines are joined at FORWARD
 * @param reverse how they are joined at REVERSE
 */
public record Plan(List<Wire> wires, PlanCost cost, RunningConnection forward, RunningConnection reverse) {
    public Plan {
        wires = List.copyOf(wires);
    }

    /**
     * What a plan is called by: the same for the same wires, whatever other plans stand beside it. Twelve letters and digits.
     */
    public String key() {
        String text = wires.stream().map(Wire::toString).sorted().collect(Collectors.joining("\n"));
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 6);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** The leads that the switch moves from one line to the other, onto a line or off it. */
    public List<Terminal> interchanged() {
        return forward.movedFor(reverse);
    }
}
