package gatepin.core.lane;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRequest;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.LiveCheck;
import gatepin.core.check.LivePlan;
import gatepin.core.check.LiveStep;
import gatepin.core.check.Meter;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.control.ControlRecord;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.Ladder;
import gatepin.core.control.UnderPower;
import gatepin.core.found.FoundWiring;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Given;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The job's wiring as it is checked, cold and under power. */
public final class Checks {
    private final Workup workup;
    private final JobMotor motor;
    private final Memory memory;
    private final Memo memo;

    Checks(Workup workup, JobMotor motor, Memory memory, Memo memo) {
        this.workup = workup;
        this.motor = motor;
        this.memory = memory;
        this.memo = memo;
    }

    private Facts facts() {
        return workup.facts();
    }

    boolean isPlanned() {
        return facts().gear().plan().isPresent();
    }

    /** Whether something in it may hold a charge once it ran: always, unless somebody looked and its family has no capacitor. */
    public boolean mayHoldCharge() {
        return facts().bench().safe().filter(s -> s.noCapacitor()).isEmpty()
                || workup.given()
                        .map(Given::family)
                        .filter(f -> f.hasStartCapacitor() || f.hasRunCapacitor())
                        .isPresent();
    }

    /** The wires that are checked: those of the chosen plan; where nobody planned any, those that were found. */
    public Optional<Circuit> circuit() {
        return isPlanned() ? workup.plannedCircuit() : found();
    }

    /** The wiring as it was found; empty where it was not, or not all of it. */
    public Optional<Circuit> found() {
        return memo.of("foundCircuit", this::foundCircuit);
    }

    private Optional<Circuit> foundCircuit() {
        ContactChart chart = facts().gear().kind().map(SwitchKind::chart).orElse(ContactChart.NONE);
        FoundWiring found = new FoundWiring(facts().found().wires(), chart);
        List<Wire> wires = found.bench();
        boolean whole = wires.stream().anyMatch(w -> w.from().isLine() || w.to().isLine())
                && found.unknownEnds(facts().motor().leads()).isEmpty();
        return whole ? workup.supply().flatMap(s -> workup.circuit(wires, chart)) : Optional.empty();
    }

    /** What is to be checked, with the meter in hand; empty while there is no wiring, or no motor that the engine could run. */
    public Optional<CheckRequest> request() {
        return memo.of("checkRequest", this::workRequest);
    }

    private Optional<CheckRequest> workRequest() {
        return motor.rated()
                .flatMap(rated -> circuit().map(as -> {
                    Measured.Known known = Measured.known(
                            as.motor(), facts().bench(), facts().motor().leads());
                    Circuit circuit = as.with(known.motor());
                    Meter meter = facts().checks().meter().on(known.everyCoil() ? Meter.MEASURED : Meter.ESTIMATED);
                    Set<Contact> links = facts().gear()
                            .kind()
                            .map(g -> g.linksToTakeOut(circuit.wires()))
                            .orElse(Set.of());
                    return new CheckRequest(circuit, rated, workup.hasOff(), links, meter);
                }));
    }

    /** The motor on a switch as it might be, for a complaint of a machine whose wiring nobody wrote down. */
    public Optional<CheckRequest> usualRequest() {
        boolean runs = facts().motor().leads().all().stream().anyMatch(l -> l.isOf(Role.RUN));
        return motor.rated()
                .filter(rated -> runs)
                .flatMap(rated -> workup.supply()
                        .or(() -> facts().motor().volts().stream().findFirst().map(workup::supplyAt))
                        .flatMap(s -> CheckRequest.asIsUsual(
                                motor.fitted()
                                        .orElseThrow()
                                        .values()
                                        .motor(facts().motor().leads()),
                                rated,
                                s)));
    }

    /** The control circuit of the job's contactors: the written one, or else as it is usually made; empty where a hand throws the switch. */
    public Optional<Ladder> ladder() {
        return facts().gear()
                .kind()
                .filter(k -> k.hasCoils())
                .map(k -> facts().control().map(ControlRecord::ladder).orElseGet(ControlWishes.USUAL::ladder));
    }

    /** What to read with the plug pulled. */
    public Optional<ColdPlan> coldPlan() {
        return request().map(memory::coldPlan);
    }

    /** How the cold check stands. */
    public Optional<ColdCheck> cold() {
        return memo.of("coldCheck", () -> request().map(r -> ColdCheck.of(r, memory.coldPlan(r), facts().checks())));
    }

    /** How the live check stands; the shaft is looked at from the end the person said. */
    public Optional<LiveCheck> live() {
        return memo.of(
                "liveCheck",
                () -> request()
                        .map(r -> new LiveCheck(LivePlan.of(r, plusSeen(r)).with(ofControl()), facts().checks())));
    }

    /** What the control circuit has to show under power; nothing where there is none. */
    private List<LiveStep> ofControl() {
        return facts().control()
                .filter(c -> facts().gear().kind().filter(SwitchKind::hasCoils).isPresent())
                .map(c -> UnderPower.steps(c.ladder(), c.asked()))
                .orElse(List.of());
    }

    /**
     * What the plus direction looks like from the end the person stands at: by the diagram's own statement; where that is silent, such that
     * the first way of the handle is the one the work needs. The bump decides.
     */
    public StatedRotation plusSeen(CheckRequest request) {
        StatedRotation stated = plusStated(request);
        return stated.isStated() ? stated : fromHere(plusNeeded(request));
    }

    /** The same by the diagram alone; not stated where it is silent. */
    public StatedRotation plusStated(CheckRequest request) {
        boolean known = facts().motor().column().isPresent()
                && motor.fitted().isPresent()
                && workup.supply().isPresent();
        return fromHere(known ? workup.plus(request.rated()) : StatedRotation.NOT_STATED);
    }

    private StatedRotation plusNeeded(CheckRequest request) {
        StatedRotation work = facts().rotation().map(RotationPlan::shaft).orElse(StatedRotation.NOT_STATED);
        return request.circuit().settings().stream()
                .filter(s -> s.purpose() == Setting.Purpose.FORWARD)
                .findFirst()
                .map(s -> memory.analysis(request.circuit(), request.rated())
                        .in(s)
                        .way())
                .map(way -> switch (way) {
                    case PLUS -> work;
                    case MINUS -> work.reversed();
                    case NONE -> StatedRotation.NOT_STATED;
                })
                .orElse(StatedRotation.NOT_STATED);
    }

    /** As it looks from where the person stands. */
    public StatedRotation fromHere(StatedRotation rotation) {
        return facts().checks().ready().map(rotation::seenFrom).orElse(rotation);
    }

    /** The worst the engine finds in the wiring that is checked; empty where nothing is dangerous. */
    public Optional<Sentence> danger() {
        return isPlanned()
                ? workup.planDanger()
                : memo.of("foundDanger", () -> circuit().flatMap(workup::worst));
    }
}
