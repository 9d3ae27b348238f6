package gatepin.core.lane;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Column;
import gatepin.core.rotation.StatedRotation;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.stream.Collectors;

/** The mark of what a job's papers show. */
final class PaperMark {
    private static final int BYTES = 12;

    private PaperMark() {}

    /** Wires, supply, switch, the names of the two ways, and what isolates it. */
    static String of(Workup workup) {
        Facts facts = workup.facts();
        StatedRotation stated = facts.motor().column().map(Column::rotation).orElse(StatedRotation.NOT_STATED);
        String shown = String.join(
                "\n",
                workup.checks().circuit().map(Circuit::wires).stream()
                        .flatMap(w -> w.stream().map(PaperMark::wire))
                        .collect(Collectors.joining(" ")),
                workup.supply()
                        .map(s -> s.volts() + " " + s.hertz() + " " + s.kind())
                        .orElse(""),
                facts.gear().kind().map(k -> k.name()).orElse(""),
                facts.ways().work() + " " + facts.ways().back(),
                String.valueOf(stated),
                facts.papers().isolator());
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(shown.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static String wire(Wire wire) {
        return wire.from().id() + "-" + wire.to().id() + "/" + wire.run();
    }
}
