package gatepin.web.plan;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.found.FoundWire;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.ConductorSize;
import gatepin.core.supply.LengthUnit;
import gatepin.core.supply.Outlets;
import gatepin.core.supply.PanelRun;
import gatepin.core.supply.Region;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.wire.Making;
import gatepin.core.wire.Splice;
import gatepin.core.wire.WireDetail;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.WiringWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What it takes to make the wires, in words. */
public final class MakingWords {
    private MakingWords() {}

    /** What it takes to make the wires of a circuit, in their working order. */
    public static Making of(JobFile file, Circuit circuit, List<Wire> wires) {
        double metres = file.facts().run().map(r -> r.metres().doubleValue()).orElse(0.0);
        Optional<BranchCircuit> branch = file.workup()
                .advice(metres)
                .flatMap(a -> file.job().volts().flatMap(a::at))
                .flatMap(SupplyAdvice.Option::circuit);
        Making making = Making.of(
                circuit,
                wires,
                file.wiredLeads(),
                file.job().region(),
                branch.map(BranchCircuit::conductor).map(ConductorSize::name).orElse(""),
                file.facts().cables());
        String plug = file.facts().run().map(PanelRun::presentPlug).orElse(Outlets.FIXED);
        return branch.flatMap(b -> b.plugToBuy(plug).map(o -> "Plug: " + b.plug() + ". " + o.screws()))
                .map(making::andToBuy)
                .orElse(making);
    }

    /** Colour, bands, size and length. */
    public static String facts(WireDetail detail, Region region) {
        List<String> facts = new ArrayList<>();
        String colour = detail.colour() + (detail.bands() > 0 ? " with " + FoundWire.bands(detail.bands()) : "");
        if (!colour.isBlank() && detail.cutMetres() > 0) {
            facts.add("wire: " + colour);
        }
        if (!detail.size().isEmpty()) {
            facts.add(detail.size());
        }
        if (detail.cutMetres() > 0) {
            facts.add("cut " + region.lengths().cut(detail.cutMetres()));
        }
        if (!detail.remark().isEmpty()) {
            facts.add(detail.remark());
        }
        return String.join(", ", facts);
    }

    /** How both ends are made. */
    public static String fittings(WireDetail detail, Region region) {
        LengthUnit unit = region.lengths();
        return end(
                        detail.wire().from(),
                        region.ground(),
                        unit.strip(detail.stripFromMillimetres()),
                        detail.fromFitting())
                + "; "
                + end(detail.wire().to(), region.ground(), unit.strip(detail.stripToMillimetres()), detail.toFitting());
    }

    private static String end(Terminal end, String ground, String strip, String fitting) {
        return (end.isGround() ? WiringWords.enclosure(end) + " " + ground : end.label()) + ": strip " + strip + ", "
                + fitting;
    }

    /** What is joined in a splice, and with what. */
    public static String splice(Splice splice) {
        return joined(splice) + ": " + splice.connector();
    }

    /** What is joined in a splice, whatever holds it. */
    public static String joined(Splice splice) {
        return splice.leads().stream().map(Terminal::mark).collect(Collectors.joining(" + "))
                + (splice.conductors() == 0
                        ? ""
                        : splice.conductors() == 1 ? " + one conductor" : " + " + splice.conductors() + " conductors");
    }
}
