package gatepin.web.gate.supply;

import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.supply.SupplyAdvice.Option;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** A supply in words. */
final class SupplyWords {
    private SupplyWords() {}

    static List<Finding> findings(JobFile file, SupplyAdvice advice, Set<String> shopHas) {
        List<Finding> findings = new ArrayList<>();
        Region region = file.job().region();
        advice.recommended()
                .ifPresentOrElse(
                        best -> findings.add(
                                Finding.good("Recommended: " + best.name(region), String.join(" ", advice.reasons()))),
                        () -> findings.add(
                                Finding.warn("Nothing can be recommended yet", String.join(" ", advice.reasons()))));
        Optional<Option> chosen = file.job().volts().flatMap(advice::at);
        if (chosen.isEmpty()) {
            return findings;
        }
        if (!advice.recommended().equals(chosen)) {
            findings.add(Finding.warn(
                    "Chosen: " + chosen.orElseThrow().name(region),
                    "Another voltage is recommended. Yours works too; look at what it takes."));
        }
        chosen.flatMap(Option::circuit).ifPresent(c -> {
            outlet(c, shopHas, findings);
            breaker(c, findings);
            plug(file.facts().run(), c, findings);
            torque(c, findings);
        });
        return findings;
    }

    private static void outlet(BranchCircuit circuit, Set<String> shopHas, List<Finding> findings) {
        if (!shopHas.isEmpty() && shopHas.stream().noneMatch(o -> circuit.plug().startsWith(o))) {
            findings.add(Finding.warn(
                    "The shop has no outlet for it",
                    "It takes " + circuit.plug() + "; the shop has "
                            + String.join(", ", new java.util.TreeSet<>(shopHas))
                            + ". Have one put in, or wire it fixed with a lockable disconnect."));
        }
    }

    private static void breaker(BranchCircuit circuit, List<Finding> findings) {
        if (circuit.outgrowsOutlet()) {
            findings.add(
                    Finding.warn(
                            "A " + circuit.breakerLow() + " A breaker and a " + circuit.outletAmps()
                                    + " A outlet do not go together",
                            "The outlet carries the motor, but an outlet alone on its circuit must be rated for the breaker ahead of it"
                                    + " (NEC 210.21, from memory), and a breaker of " + circuit.outletAmps()
                                    + " A is likely to trip when this motor starts. Wire it fixed with a lockable disconnect, fit an"
                                    + " outlet and plug of the breaker's size, or take the higher voltage if the plate has one."));
        }
    }

    private static void plug(Optional<PanelRun> run, BranchCircuit circuit, List<Finding> findings) {
        run.map(PanelRun::presentPlug)
                .filter(p -> !p.equals("none") && !p.equals(Outlets.FIXED))
                .ifPresent(present -> {
                    if (circuit.plug().startsWith(present)) {
                        findings.add(Finding.good(
                                "The plug stays", present + " is the right one for this voltage and current."));
                    } else {
                        findings.add(
                                Finding.bad(
                                        "The plug must go",
                                        present + " is on the cord; this takes " + circuit.plug()
                                                + ". A plug that fits the wrong outlet is a trap: change it with the connection."));
                    }
                });
    }

    private static void torque(BranchCircuit circuit, List<Finding> findings) {
        if (circuit.startsWeakly()) {
            findings.add(Finding.warn(
                    String.format(
                            Locale.ROOT,
                            "Only %.0f %% of the starting torque is left",
                            100 * circuit.startingTorqueLeft()),
                    "The cable takes the rest at start. A larger conductor, a nearer panel, or less load."));
        }
    }
}
