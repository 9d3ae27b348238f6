package gatepin.core.lane;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.DeadPlan;
import gatepin.core.control.Duty;
import gatepin.core.control.Prover;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.gear.SwitchRating;
import gatepin.core.job.Gate;
import gatepin.core.job.Lane;
import gatepin.core.job.Lane.Drop;
import gatepin.core.lane.Facts.WirePlan;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.FittedMotor.Residual;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PowerClass;
import gatepin.core.machine.RatedPoint;
import gatepin.core.paper.Paper;
import gatepin.core.plate.Plate;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.SupplyAdvice;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** What the engine makes of a job's facts: the whole of its judgement, without pages or database. */
public final class Workup {
    /** What lies before the panel, Ω a conductor (common practice). */
    private static final double BEFORE_THE_PANEL_OHMS = 0.03;

    private static final double CABLE_REACTANCE_OHMS_A_KILOMETRE = 0.1;

    /** Longer than this no control circuit is gone through before a page. */
    private static final Duration CONTROL_LIMIT = Duration.ofSeconds(3);

    private final Facts facts;
    private final Memory memory;
    private final Memo memo = new Memo();
    private final JobMotor motor;
    private final Checks checks;
    private final Planning planning;
    private final StandsAhead standsAhead;
    private final Turning turning;

    private Workup(Facts facts, Memory memory) {
        this.facts = facts;
        this.memory = memory;
        this.motor = new JobMotor(facts, memory, memo);
        this.checks = new Checks(this, motor, memory, memo);
        this.planning = new Planning(this, motor, memory);
        this.standsAhead = new StandsAhead(this, motor, memo);
        this.turning = new Turning(this, memo);
    }

    /**
     * Works on facts.
     *
     * @param memory what was worked out before, for this job and others
     */
    public static Workup of(Facts facts, Memory memory) {
        return new Workup(facts, memory);
    }

    /**
     * What was worked out of these facts before under that name, or else what {@code work} gives: for words and pictures, which stay the
     * same while the facts do.
     */
    public <T> T once(Object name, Supplier<T> work) {
        return memo.of(name, work);
    }

    public Facts facts() {
        return facts;
    }

    /** What the plate states; where it is gone, what stands in for it by the likely size. */
    public Optional<Plate> plate() {
        return motor.plate();
    }

    /** How strong the motor is where its plate is gone; empty where a plate is read, and while nothing tells its size. */
    public Optional<PowerClass> powerClass() {
        return motor.powerClass();
    }

    /** Stands for all that a paper shows: with another mark, what was printed is of an earlier state. Empty of meaning otherwise. */
    public String paperMark(Paper paper) {
        return memo.of(List.of("paperMark", paper), () -> PaperMark.of(this, paper));
    }

    private Leads leads() {
        return facts.motor().leads();
    }

    Optional<Connection> connection() {
        return facts.motor().column().map(Column::connection);
    }

    /** The supply chosen for the job; empty until its voltage is. */
    public Optional<Supply> supply() {
        int hertz = facts.motor().hertz() == 0 ? 60 : facts.motor().hertz();
        return facts.supply()
                .volts()
                .map(v -> new Supply(v, hertz, facts.supply().kind()));
    }

    /** The supply for a voltage: the job's own, or the usual one of the region. */
    public Supply supplyAt(int volts) {
        int hertz = plate().map(Plate::hertz).orElse(60);
        return supply().filter(s -> s.volts() == volts)
                .orElse(new Supply(volts, hertz, facts.region().usualKind(volts)));
    }

    /** One voltage for each connection of the plate, lowest first. */
    public List<Integer> connectionVolts() {
        return VoltageRange.connections(facts.motor().volts());
    }

    /**
     * The voltages the motor can take, compared for a run of cable; empty until the plate is read, and for a motor that does not run on
     * one phase.
     */
    public Optional<SupplyAdvice> advice(double metres) {
        return plate().filter(p -> p.details().obstacle().isEmpty())
                .map(p -> SupplyAdvice.compare(
                        new SupplyAdvice.Needs(
                                motor.sizingWatts().orElseThrow() / Plate.WATTS_PER_HP,
                                p.details().serviceFactor().orElse(1.0),
                                p.lockedKva(),
                                p.ratings().stream()
                                        .map(r -> new SupplyAdvice.Rated(r.volts(), r.amps()))
                                        .toList()),
                        facts.region(),
                        metres));
    }

    /** The conductors from the panel as the Supply gate sizes them; some usual ones until it can. */
    public Feeder feeder() {
        return memo.of("feeder", this::workFeeder);
    }

    private Feeder workFeeder() {
        if (facts.run().isEmpty() || supply().isEmpty()) {
            return Feeder.USUAL;
        }
        double metres = facts.run().orElseThrow().metres().doubleValue();
        int volts = supply().orElseThrow().volts();
        return advice(metres)
                .flatMap(a -> a.options().stream()
                        .filter(o -> VoltageRange.same(o.volts(), volts))
                        .findFirst())
                .flatMap(SupplyAdvice.Option::circuit)
                .map(BranchCircuit::conductor)
                .map(c -> new Feeder(
                        BEFORE_THE_PANEL_OHMS + metres / 1000 * c.ohmsPerKilometre(),
                        BEFORE_THE_PANEL_OHMS / 2 + metres / 1000 * CABLE_REACTANCE_OHMS_A_KILOMETRE))
                .orElse(Feeder.USUAL);
    }

    // the motor

    /** The leads as they are wired: those written down, and the tags of a capacitor beside the motor. */
    public Leads wiredLeads() {
        return motor.wiredLeads();
    }

    /** The leads that wires speak of: with a capacitor's tags where they name them. */
    public Leads leadsOf(List<Wire> wires) {
        return motor.leadsOf(wires);
    }

    /** What the motor is fitted to: its plate, and what was measured on its windings and read off its capacitors. */
    public Optional<Given> given() {
        return motor.given();
    }

    /** The motor as fitted to its plate and readings; empty while the plate is not read, or says it is none of this kind. */
    public Optional<FittedMotor> fitted() {
        return motor.fitted();
    }

    /** Where plate and readings do not go together; empty where they do, and where nothing was measured. */
    public Optional<Misfit> misfit() {
        return motor.misfit();
    }

    /**
     * Where plate and readings do not go together.
     *
     * @param worst what is furthest off; empty where no motor of this plate can have these readings at all
     */
    public record Misfit(Optional<Residual> worst) {}

    // circuits

    /**
     * Wires with the job's motor, switch, supply and feeder; empty until the leads are written down and the voltage is chosen.
     * While the plate is not read the motor is a typical one.
     */
    public Optional<Circuit> circuit(List<Wire> wires, ContactChart chart) {
        return supply().flatMap(s -> circuit(wires, chart, s));
    }

    /** The same on a supply of one's own choice. */
    public Optional<Circuit> circuit(List<Wire> wires, ContactChart chart, Supply supply) {
        return circuit(wires, chart, supply, leadsOf(wires));
    }

    /** Wires laid by hand: a capacitor beside the motor is in the circuit only where they bring it in. */
    public Optional<Circuit> laid(List<Wire> wires, ContactChart chart) {
        return supply().flatMap(s -> circuit(wires, chart, s, wiredLeads()));
    }

    private Optional<Circuit> circuit(List<Wire> wires, ContactChart chart, Supply supply, Leads wired) {
        boolean runs = leads().all().stream().anyMatch(l -> l.isOf(Role.RUN));
        return runs
                ? Optional.of(new Circuit(
                        fitted().orElseGet(() -> motor.typical(supply)).values().motor(wired),
                        chart,
                        supply,
                        feeder(),
                        wires))
                : Optional.empty();
    }

    /** The circuit of the chosen plan. */
    public Optional<Circuit> plannedCircuit() {
        return memo.of("plannedCircuit", this::workPlannedCircuit);
    }

    private Optional<Circuit> workPlannedCircuit() {
        return facts.gear()
                .plan()
                .map(WirePlan::wires)
                .flatMap(wires -> facts.gear().kind().flatMap(k -> circuit(wires, k.chart())));
    }

    /**
     * A job's motor in one circuit, analysed.
     *
     * @param fitted the motor as fitted to its plate
     * @param analysis what the circuit does
     * @param plusIs what the plus direction looks like, from the diagram's own statement; not stated where it is silent
     */
    public record InCircuit(FittedMotor fitted, Analysis analysis, StatedRotation plusIs) {
        public Circuit circuit() {
            return analysis.circuit();
        }

        /** What a direction looks like. */
        public StatedRotation seen(Way way) {
            return switch (way) {
                case PLUS -> plusIs;
                case MINUS -> plusIs.reversed();
                case NONE -> StatedRotation.NOT_STATED;
            };
        }
    }

    /** Analyses wires with the job's motor; empty while plate, leads or diagram are not read. */
    public Optional<InCircuit> inCircuit(List<Wire> wires, ContactChart chart) {
        return circuit(wires, chart).flatMap(this::inCircuit);
    }

    /** Analyses a circuit of the job's motor; empty while plate or diagram are not read. */
    public Optional<InCircuit> inCircuit(Circuit circuit) {
        if (fitted().isEmpty() || connection().isEmpty() || supply().isEmpty()) {
            return Optional.empty();
        }
        RatedPoint rated = motor.rated().orElseThrow();
        return Optional.of(new InCircuit(fitted().orElseThrow(), judged(circuit, rated), plusIs(rated)));
    }

    /** The diagram says which way its own connection turns; the engine says what sign that is. */
    private StatedRotation plusIs(RatedPoint rated) {
        StatedRotation stated = facts.motor().column().orElseThrow().rotation();
        Circuit direct = new Circuit(
                fitted().orElseThrow().values().motor(leads()),
                ContactChart.NONE,
                supply().orElseThrow(),
                Feeder.STIFF,
                connection().orElseThrow().direct(leads()));
        return switch (memory.analysis(direct, rated).in(HandlePosition.FORWARD).way()) {
            case PLUS -> stated;
            case MINUS -> stated.reversed();
            case NONE -> StatedRotation.NOT_STATED;
        };
    }

    /** Which way the shaft turns, and what that makes of the handle. */
    public Turning turning() {
        return turning;
    }

    /** Hangs the job's motor on a supply by a column of its diagram; empty while plate or leads are not read. */
    public Optional<ConnectionCheck> check(Connection connection, Supply supply) {
        if (leads().all().isEmpty()) {
            return Optional.empty();
        }
        return motor.rated()
                .map(r -> memory.check(
                        connection, leads(), fitted().orElseThrow().values().motor(leads()), r, supply));
    }

    /** How the job's switch can be wired. */
    public Planning planning() {
        return planning;
    }

    // checks

    /** The wiring as it is checked, cold and under power. */
    public Checks checks() {
        return checks;
    }

    StatedRotation plus(RatedPoint rated) {
        return plusIs(rated);
    }

    /** What a circuit of the job's motor does; empty while the engine has no such motor. It needs no diagram. */
    public Optional<Analysis> analysis(Circuit circuit) {
        return motor.rated().map(r -> judged(circuit, r));
    }

    private Analysis judged(Circuit circuit, RatedPoint rated) {
        Analysis analysis = memory.analysis(circuit, rated);
        return isOneWay() ? analysis.forOneWay() : analysis;
    }

    Optional<Sentence> worst(Circuit circuit) {
        return analysis(circuit).flatMap(a -> worst(a, hasOff()));
    }

    /** The handle has a place for OFF, or there is none. */
    boolean hasOff() {
        return facts.gear().kind().map(SwitchKind::hasOff).orElse(true);
    }

    // evidence

    /** The worst the engine finds in the diagram's column the job runs on; empty where nothing is dangerous. */
    public Optional<Sentence> connectionDanger() {
        return memo.of("connectionDanger", this::workConnectionDanger);
    }

    /** The machine is to turn one way only. */
    public boolean isOneWay() {
        return facts.rotation().filter(r -> !r.bothWays()).isPresent();
    }

    private Optional<Sentence> workConnectionDanger() {
        return connection()
                .flatMap(c -> check(c, supply().orElseThrow()))
                .flatMap(k -> isOneWay() || connection().orElseThrow().swap().isNone() ? k.dangerOneWay() : k.danger());
    }

    /** Why the switch must not carry the motor, by what is stamped on it; empty where nothing speaks against it. */
    public Optional<Sentence> switchObjection() {
        return plate().flatMap(p -> facts.supply()
                .volts()
                .flatMap(v -> SwitchRating.read(facts.gear().rating())
                        .objection(motor.sizingWatts().orElseThrow() / Plate.WATTS_PER_HP, v, p.ampsAt(v))));
    }

    /** What the switch must at least be rated for, W, while nobody wrote down what is stamped on it; coils have contacts of their own. */
    public Optional<Double> unratedSwitch() {
        return plate().filter(p -> facts.supply().volts().isPresent()
                        && !hasCoils()
                        && facts.gear().rating().isBlank())
                .flatMap(p -> motor.sizingWatts());
    }

    /** The worst the engine finds in the chosen plan; empty where nothing is dangerous. */
    Optional<Sentence> planDanger() {
        return memo.of("planDanger", this::workPlanDanger);
    }

    private Optional<Sentence> workPlanDanger() {
        return facts.gear()
                .plan()
                .flatMap(p -> facts.gear().kind().flatMap(k -> inCircuit(p.wires(), k.chart())))
                .flatMap(b -> worst(b.analysis(), hasOff()));
    }

    private static Optional<Sentence> worst(Analysis analysis, boolean hasOff) {
        return analysis.verdicts().stream()
                .filter(v -> v.severity() == Severity.DANGER)
                // what the cable leaves is the Supply gate's to mend
                .filter(v -> v.rule() != Rule.FEEDER_WEAKENS)
                .filter(v -> hasOff || !v.isOfOff())
                .findFirst()
                .map((Verdict v) ->
                        VerdictWords.of(v, analysis.circuit().supply()).title());
    }

    /** Whether coils move the job's gear and not a hand. */
    public boolean hasCoils() {
        return facts.gear().kind().map(SwitchKind::hasCoils).orElse(false);
    }

    /** What the control circuit of the job's contactors lacks; empty where it holds, and where there are none. */
    Optional<Sentence> controlLack() {
        return memo.of("controlLack", this::workControlLack);
    }

    private Optional<Sentence> workControlLack() {
        if (!hasCoils()) {
            return Optional.empty();
        }
        return facts.control()
                .map(c -> Prover.objection(c.ladder(), c.asked(), controlDuty(), Effort.of(CONTROL_LIMIT)))
                .orElse(Optional.of(Sentence.of("lack.control")));
    }

    /** What the wired power circuit asks of the control circuit; empty while no wires are chosen. */
    public Optional<Duty> controlDuty() {
        return memo.of("controlDuty", () -> plannedCircuit().flatMap(c -> Duty.of(c, isProtectedByItself(c))));
    }

    /** All current passes the motor's own protector, whichever way it runs. */
    private boolean isProtectedByItself(Circuit circuit) {
        return analysis(circuit)
                .filter(a -> a.verdicts().stream().anyMatch(v -> v.rule() == Rule.PROTECTED))
                .isPresent();
    }

    /** The control circuit that is wired: of gear with coils, once its wires are planned. */
    public Optional<ControlRecord> control() {
        return facts.control().filter(c -> hasCoils() && checks.isPlanned());
    }

    /** What was read of a dead control circuit, while there is one: what that lacks. */
    public Optional<Sentence> controlDeadLack() {
        return control().flatMap(c -> DeadPlan.of(c.ladder()).lack(facts.gear().done()));
    }

    /** Every wire of the job that hands make. */
    public WireList wireList() {
        return memo.of("wireList", () -> WireList.of(this));
    }

    /** What stands between the panel and the gear. */
    public StandsAhead standsAhead() {
        return standsAhead;
    }

    /** What the job has to show for its gates: each gate's room is asked what it lacks. */
    public Evidence evidence() {
        return memo.of("evidence", () -> Evidence.of(this));
    }

    /** The pins that are out though their evidence no longer holds: they drop. An override stays: it was never evidence. */
    public List<Drop> fallen() {
        Evidence evidence = evidence();
        List<Drop> drops = new ArrayList<>();
        for (Gate gate : Gate.values()) {
            if (facts.lane().pin(gate).state() == Lane.Pin.State.PULLED) {
                evidence.lack(gate).ifPresent(lack -> drops.add(new Drop(gate, lack)));
            }
        }
        return drops;
    }
}
