package gatepin.core.practice;

import gatepin.core.bench.HandWiring;
import gatepin.core.check.CheckRequest;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.practice.MadeUp.Want;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A made-up machine: a motor on a switch, wired as the exact planner would.
 *
 * @param motor the motor
 * @param kind the switch
 * @param wires the wires as they should be
 */
record Plant(MadeUp motor, SwitchKind kind, List<Wire> wires) {
    private static final List<SwitchKind> EASY = List.of(SwitchKind.CROSS_CORNER_DRUM, SwitchKind.TPDT_CENTRE_OFF);
    private static final List<SwitchKind> HARD = List.of(
            SwitchKind.CENTRE_SWAP_DRUM,
            SwitchKind.CAM_10,
            SwitchKind.CAM_12,
            SwitchKind.FOURPDT_CENTRE_OFF,
            SwitchKind.CONTACTORS_3);

    /** Draws one of a grade: a plain motor on a usual switch, or any on any. */
    static Plant draw(Random chance, Grade grade) {
        while (true) {
            MadeUp motor = MadeUp.draw(
                    chance,
                    switch (grade) {
                        case EASY -> Want.PLAIN;
                        case MIDDLING -> Want.SWITCHED;
                        case HARD -> Want.ANY;
                    });
            List<SwitchKind> kinds = grade == Grade.HARD ? HARD : EASY;
            SwitchKind kind = kinds.get(chance.nextInt(kinds.size()));
            Optional<Plan> plan = WireExercise.plan(motor, kind);
            if (plan.isPresent()) {
                return new Plant(motor, kind, plan.get().wires());
            }
        }
    }

    /** As it should be. */
    Circuit circuit() {
        return WireExercise.circuit(motor, kind, wires);
    }

    CheckRequest request() {
        return CheckRequest.of(circuit(), motor.rated()).on(kind.hasOff(), kind.linksToTakeOut(wires));
    }

    /** The wiring drawn as it should be. */
    Scene drawn() {
        return new Scene.Wired(motor.leads(), Optional.of(kind), circuit(), new HandWiring(wires), false);
    }

    /** The wiring drawn as somebody left it. */
    Scene drawn(Circuit circuit) {
        return new Scene.Wired(motor.leads(), Optional.of(kind), circuit, new HandWiring(circuit.wires()), true);
    }
}
