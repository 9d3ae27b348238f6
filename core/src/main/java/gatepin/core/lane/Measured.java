package gatepin.core.lane;

import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.lane.Facts.BenchFacts;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.safe.CapacitorCheck;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What was measured on the motor and read off its capacitors, as far as it tells what the engine computes with.
 *
 * @param runOhms the run winding with all its halves in parallel, Ω at 20 °C
 * @param startOhms the start winding with its halves in parallel, Ω at 20 °C
 * @param capacitors the capacitors that were written down
 */
record Measured(Optional<Double> runOhms, Optional<Double> startOhms, List<CapacitorCheck> capacitors) {
    static Measured of(BenchFacts bench, Leads leads) {
        return new Measured(
                parallel(bench, leads, Role.RUN),
                parallel(bench, leads, Role.START),
                bench.safe().map(s -> s.capacitors()).orElse(List.of()));
    }

    /** The run winding's halves in parallel, Ω at 20 °C, and how many halves there are. */
    record RunCopper(double ohms, int halves) {}

    /** The run winding as it was measured: between the leads as they are understood, or as the readings alone tell. */
    static Optional<RunCopper> runCopper(BenchFacts bench, Leads leads) {
        int halves = (int)
                leads.windings().stream().filter(w -> w.role() == Role.RUN).count();
        Optional<Double> known = parallel(bench, leads, Role.RUN);
        if (known.isPresent()) {
            return known.map(k -> new RunCopper(k, halves));
        }
        List<Double> run = bench.windings().found().settled().stream()
                .flatMap(a -> a.inOrder().stream())
                .filter(p -> p.role() == Part.Role.RUN || p.role() == Part.Role.RUN_HALF)
                .filter(p -> p.leads().size() == 2)
                .flatMap(p -> ohms(bench, p.leads().get(0), p.leads().get(1)).stream())
                .toList();
        double conductance = run.stream().mapToDouble(o -> 1 / o).sum();
        return run.isEmpty() ? Optional.empty() : Optional.of(new RunCopper(1 / conductance, run.size()));
    }

    /** All halves in parallel; a half that nobody measured is like those that somebody did. */
    private static Optional<Double> parallel(BenchFacts bench, Leads leads, Role role) {
        List<Winding> windings =
                leads.windings().stream().filter(w -> w.role() == role).toList();
        List<Double> ohms = new ArrayList<>();
        windings.forEach(w -> ohms(bench, w).ifPresent(ohms::add));
        if (ohms.isEmpty()) {
            return Optional.empty();
        }
        double conductance = ohms.stream().mapToDouble(o -> 1 / o).sum() / ohms.size() * windings.size();
        return Optional.of(1 / conductance);
    }

    /**
     * A motor with the ohms that were measured on it.
     *
     * @param motor the motor
     * @param everyCoil every one of its windings was measured, or the half beside it
     */
    record Known(Motor motor, boolean everyCoil) {}

    /** Puts into a motor what was measured between its leads, winding by winding. */
    static Known known(Motor motor, BenchFacts bench, Leads leads) {
        List<Coil> coils = new ArrayList<>();
        boolean every = true;
        for (Coil coil : motor.coils()) {
            Optional<Double> own = leads.windings().stream()
                    .filter(w -> w.name().equals(coil.name()))
                    .findFirst()
                    .flatMap(w -> ohms(bench, w));
            Optional<Double> beside = leads.windings().stream()
                    .filter(w -> w.role() == coil.role())
                    .flatMap(w -> ohms(bench, w).stream())
                    .findFirst();
            Optional<Double> measured = own.or(() -> beside);
            every &= measured.isPresent();
            coils.add(measured.map(coil::measuring).orElse(coil));
        }
        return new Known(motor.withCoils(coils), every);
    }

    /** The last reading between a winding's two leads that shows its copper; less the meter's zero, at 20 °C. */
    private static Optional<Double> ohms(BenchFacts bench, Winding winding) {
        return ohms(bench, winding.like().mark(), winding.other().mark());
    }

    private static Optional<Double> ohms(BenchFacts bench, String one, String other) {
        return bench.windings().readings().stream()
                .filter(r -> r.isBetween(one, other))
                .filter(r -> !r.isOpen() && r.ohms() > 0)
                .reduce((before, last) -> last)
                .map(MeterReading::ohms);
    }

    /** What is given with all this taken into account; what is measured goes before what the plate prints. */
    Given refine(Given given) {
        boolean both = given.family().hasStartCapacitor() && given.family().hasRunCapacitor();
        return given.measured(runOhms, startOhms)
                .withCapacitors(
                        given.family().hasStartCapacitor() ? capacitor("start", both) : Optional.empty(),
                        given.family().hasRunCapacitor() ? capacitor("run", both) : Optional.empty());
    }

    /** The capacitor of a name; on a motor that has one only, whatever it is called. */
    private Optional<Double> capacitor(String name, boolean both) {
        return capacitors.stream()
                .filter(c -> c.name().toLowerCase(Locale.ROOT).contains(name) || (!both && capacitors.size() == 1))
                .findFirst()
                .map(CapacitorCheck::microfarads);
    }
}
