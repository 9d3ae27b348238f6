package gatepin.core.lane;

import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.CapacitorBeside;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.lane.Workup.Misfit;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PowerClass;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.Stated;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.List;
import java.util.Optional;

/** The job's motor: its leads as they are wired, and its values as fitted to plate and readings. */
final class JobMotor {
    /** The slip of a motor whose plate is not read. */
    static final double TYPICAL_SLIP = 0.045;

    /** Half a horsepower: what a motor is taken for while its plate is not read. */
    private static final double TYPICAL_WATTS = 373;

    /** A thing known this many tolerances off does not belong to this motor. */
    private static final double FAR_OFF = 3;

    private final Facts facts;
    private final Memory memory;
    private final Memo memo;

    JobMotor(Facts facts, Memory memory, Memo memo) {
        this.facts = facts;
        this.memory = memory;
        this.memo = memo;
    }

    /** What the plate states; where it is gone, what stands in for it by the likely size. */
    Optional<Plate> plate() {
        return memo.of("plate", this::workPlate);
    }

    private Optional<Plate> workPlate() {
        return facts.motor()
                .plate()
                .or(() -> powerClass()
                        .map(c -> c.standIn(
                                facts.motor().traces().orElseThrow(),
                                facts.region().hertz())));
    }

    /** How strong it is where its plate is gone, by what is left to see and what was measured; empty where a plate is read. */
    Optional<PowerClass> powerClass() {
        return memo.of("powerClass", this::workPowerClass);
    }

    private Optional<PowerClass> workPowerClass() {
        if (facts.motor().plate().isPresent()) {
            return Optional.empty();
        }
        Optional<Measured.RunCopper> copper = Measured.runCopper(facts.bench(), leads());
        return facts.motor()
                .traces()
                .flatMap(t -> PowerClass.of(
                        t,
                        facts.region().hertz(),
                        copper.map(Measured.RunCopper::ohms),
                        copper.map(Measured.RunCopper::halves).orElse(0)));
    }

    /** What supply and switch have to be good for, W: the plate's output, or the upper end of a class. */
    Optional<Double> sizingWatts() {
        return powerClass().map(c -> c.mostHp() * Plate.WATTS_PER_HP).or(() -> plate().map(Plate::ratedOutputWatts));
    }

    private Leads leads() {
        return facts.motor().leads();
    }

    private Optional<Connection> connection() {
        return facts.motor().column().map(Column::connection);
    }

    /** A PSC motor whose capacitor a person wires; empty for others, and until leads and diagram are read. */
    Optional<CapacitorBeside> beside(Connection connection, List<String> tags) {
        boolean psc = plate().map(p -> p.likelyFamily() == MotorFamily.PERMANENT_SPLIT_CAPACITOR)
                .orElse(false);
        return psc ? CapacitorBeside.of(leads(), connection, tags) : Optional.empty();
    }

    /** The leads as they are wired: those written down, and the tags of a capacitor beside the motor. */
    Leads wiredLeads() {
        return memo.of("wiredLeads", this::workWiredLeads);
    }

    private Leads workWiredLeads() {
        return connection()
                .flatMap(c -> beside(c, CapacitorBeside.TAGS))
                .map(CapacitorBeside::leads)
                .orElse(leads());
    }

    /** The leads that wires speak of: with a capacitor's tags where they name them. */
    Leads leadsOf(List<Wire> wires) {
        List<String> tags = wires.stream()
                .flatMap(w -> List.of(w.from(), w.to()).stream())
                .filter(t -> t.is(Type.CAPACITOR))
                .map(Terminal::mark)
                .distinct()
                .sorted()
                .toList();
        if (tags.isEmpty()) {
            return leads();
        }
        return connection()
                .flatMap(c -> beside(c, tags.size() == 2 ? tags : CapacitorBeside.TAGS))
                .map(CapacitorBeside::leads)
                .orElse(leads());
    }

    /** What the motor is fitted to: its plate, and what was measured on its windings and read off its capacitors. */
    Optional<Given> given() {
        return memo.of("given", this::workGiven);
    }

    private Optional<Given> workGiven() {
        return plate().map(p -> {
            Given stated = Measured.of(facts.bench(), leads()).refine(Connection.given(p, connection(), leads()));
            return connection().map(c -> c.alike(stated, leads())).orElse(stated);
        });
    }

    /** The motor as fitted to its plate and readings; empty while the plate is not read, or says it is none of this kind. */
    Optional<FittedMotor> fitted() {
        return memo.of("fitted", this::workFitted);
    }

    private Optional<FittedMotor> workFitted() {
        return given().filter(g -> plate().flatMap(p -> p.details().obstacle()).isEmpty())
                .flatMap(g -> memory.fit(g)
                        .value()
                        // readings that no such motor can have are a finding, and the plate alone has to do
                        .or(() -> memory.fit(g.measured(Optional.empty(), Optional.empty()))
                                .value()));
    }

    /** Where plate and readings do not go together; empty where they do, and where nothing was measured. */
    Optional<Misfit> misfit() {
        return memo.of("misfit", this::workMisfit);
    }

    private Optional<Misfit> workMisfit() {
        Optional<Given> measured = given().filter(Given::isMeasured).filter(g -> fitted().isPresent());
        if (measured.isEmpty()) {
            return Optional.empty();
        }
        Optional<FittedMotor> fit = memory.fit(measured.orElseThrow()).value();
        if (fit.isEmpty()) {
            return Optional.of(new Misfit(Optional.empty()));
        }
        return fit.map(FittedMotor::worst)
                .filter(r -> Math.abs(r.tolerances()) > FAR_OFF)
                .map(r -> new Misfit(Optional.of(r)));
    }

    /** Where the motor works as its plate says. */
    Optional<RatedPoint> rated() {
        return fitted().map(f -> new RatedPoint(
                plate().orElseThrow().slip(), f.given().ratedNm(), Stated.of(plate().orElseThrow(), f.values())));
    }

    /** A motor as it might be, for what does not hang on its values: what is joined, hot and lit. */
    FittedMotor typical(Supply supply) {
        boolean capacitor = leads().all().stream().anyMatch(l -> l.isOf(Role.CAPACITOR));
        boolean alike =
                connection().filter(c -> c.reversesByOtherWinding(leads())).isPresent();
        double volts = supply.volts()
                / (double) connection().map(c -> c.runHalvesInSeries(leads())).orElse(1);
        Given given = Given.typical(
                capacitor || alike ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START,
                TYPICAL_WATTS,
                volts,
                supply.hertz(),
                TYPICAL_SLIP);
        return memory.fit(alike ? given.withEqualWindings() : given).value().orElseThrow();
    }
}
