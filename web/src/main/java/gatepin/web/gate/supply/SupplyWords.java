package gatepin.web.gate.supply;

import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.Outlet;
import gatepin.core.supply.Outlet.Objection;
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
import java.util.TreeSet;

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
            Optional<Outlet> present = file.facts().run().flatMap(r -> Outlet.named(r.presentPlug()));
            outlet(c, shopHas, findings);
            breaker(c, present, findings);
            present.ifPresent(p -> plug(p, c, findings));
            file.facts()
                    .run()
                    .map(PanelRun::presentPlug)
                    .filter(p -> present.isEmpty() && !p.equals("none") && !p.equals(Outlets.FIXED))
                    .ifPresent(p -> findings.add(Finding.bad("The plug must go", notHere(p, c))));
            torque(c, findings);
        });
        return findings;
    }

    private static void outlet(BranchCircuit circuit, Set<String> shopHas, List<Finding> findings) {
        List<Outlet> there =
                shopHas.stream().flatMap(o -> Outlet.named(o).stream()).toList();
        if (!there.isEmpty() && !circuit.fitsOneOf(there)) {
            findings.add(Finding.warn(
                    "The shop has no outlet for it",
                    "It takes " + circuit.plug() + "; the shop has " + String.join(", ", new TreeSet<>(shopHas))
                            + ". Have one put in, or wire it fixed with a lockable disconnect."));
        }
    }

    /** The breaker that lets it start may ask for a larger outlet than its current does; the plug that is on it may be that one. */
    private static void breaker(BranchCircuit circuit, Optional<Outlet> present, List<Finding> findings) {
        if (circuit.outgrowsOutlet(present)) {
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

    private static void plug(Outlet present, BranchCircuit circuit, List<Finding> findings) {
        Optional<Objection> objection = circuit.objection(present);
        if (objection.isEmpty()) {
            findings.add(Finding.good(
                    "The plug stays",
                    present.name() + " is right for this voltage and carries the current."
                            + (present.lines() == Outlet.Lines.HIGH_AND_NEUTRAL
                                    ? " Its neutral stays unused: capped in the box, joined to nothing."
                                    : "")));
            if (circuit.mayBeBrokenTooLate(present)) {
                findings.add(Finding.warn(
                        "Such an outlet often hangs on a breaker of " + present.amps() + " A",
                        "This motor's may be " + circuit.breakerHigh()
                                + " A at most. Look at the breaker; where it is larger, put one of the right size between outlet and"
                                + " switch."));
            }
            return;
        }
        findings.add(Finding.bad(
                "The plug must go",
                switch (objection.orElseThrow()) {
                    case ELSEWHERE -> notHere(present.name(), circuit);
                    case OTHER_VOLTAGE ->
                        present.name() + " is on the cord; this takes " + circuit.plug()
                                + ". A plug that fits the wrong outlet is a trap: change it with the connection.";
                    case NO_GROUND ->
                        present.name() + " is on the cord and has no contact for the ground; the frame would hang on"
                                + " nothing. This takes " + circuit.plug() + ".";
                    case TOO_SMALL ->
                        present.name()
                                + " is on the cord and is rated for less than the rules ask of this motor; this takes "
                                + circuit.plug() + ".";
                }));
    }

    private static String notHere(String plug, BranchCircuit circuit) {
        return plug + " is on the cord, and no outlet here is made for it; this takes " + circuit.plug() + ".";
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
