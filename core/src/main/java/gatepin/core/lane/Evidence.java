package gatepin.core.lane;

import gatepin.core.Problem;
import java.util.List;
import java.util.Optional;

/**
 * What a job has to show for its gates.
 *
 * @param safeLack what the lock-out lacks, as a sentence
 * @param foundLack what is missing of the wires as found, as a sentence
 * @param windingsLack what the windings' readings lack, as a sentence
 * @param rotationLack what is missing of the rotation, as a sentence
 * @param plateRead the plate is typed and possible
 * @param plateObstacle why the motor cannot be run and reversed here as it is, as a sentence without its full stop
 * @param voltageChosen the voltage to run on is chosen
 * @param connectionRead the diagram's column for that voltage is read into groups
 * @param connectionDanger what the engine finds dangerous in that connection, as a sentence without its full stop
 * @param supplyKnown the way from the panel and the plug are written down
 * @param switchChosen a reversing switch is chosen
 * @param switchObjection why the switch must not carry the motor, as a sentence without its full stop
 * @param planChosen a wiring plan is chosen
 * @param planDanger what the engine finds dangerous in that plan, as a sentence without its full stop
 * @param wiresLeft wires of the plan that are not made yet
 */
public record Evidence(
        Optional<String> safeLack,
        Optional<String> foundLack,
        Optional<String> windingsLack,
        Optional<String> rotationLack,
        boolean plateRead,
        Optional<String> plateObstacle,
        boolean voltageChosen,
        boolean connectionRead,
        Optional<String> connectionDanger,
        boolean supplyKnown,
        boolean switchChosen,
        Optional<String> switchObjection,
        boolean planChosen,
        Optional<String> planDanger,
        int wiresLeft) {

    /** What a gate's own evidence lacks. */
    public List<Problem> missing(Gate gate) {
        return switch (gate) {
            case SAFE -> lacking(safeLack);
            case FOUND -> lacking(foundLack);
            case WINDINGS -> lacking(windingsLack);
            case ROTATION -> lacking(rotationLack);
            case PLATE ->
                first(
                        lacking(plateRead, "The plate is not read yet: fill it in and save."),
                        lacking(
                                plateObstacle.isEmpty(),
                                "By its plate this motor is not for this job: " + plateObstacle.orElse("") + "."));
            case DIAGRAM ->
                first(
                        lacking(voltageChosen, "Choose the voltage the motor is to run on."),
                        lacking(connectionRead, "The column for this voltage is not read yet: fill it in and save."),
                        lacking(
                                connectionDanger.isEmpty(),
                                "Connected like this, the motor is in danger: " + connectionDanger.orElse("")
                                        + ". Read the diagram again."));
            case SUPPLY ->
                first(
                        lacking(voltageChosen, "Choose the voltage the motor is to run on."),
                        lacking(supplyKnown, "Say how far it is from the panel and which plug is on it now."));
            case SWITCH ->
                first(
                        lacking(switchChosen, "Choose the reversing switch."),
                        lacking(
                                switchObjection.isEmpty(),
                                "The switch is not for this motor. " + switchObjection.orElse("") + "."),
                        lacking(planChosen, "No wiring plan is chosen yet."),
                        soundPlan());
            case WIRE ->
                first(
                        lacking(planChosen, "There is no wiring plan to work from. Choose one at the Switch gate."),
                        lacking(
                                switchObjection.isEmpty(),
                                "The switch is not for this motor. " + switchObjection.orElse("") + "."),
                        soundPlan(),
                        lacking(
                                wiresLeft == 0,
                                wiresLeft == 1 ? "One wire is not made yet." : wiresLeft + " wires are not made yet."));
        };
    }

    private List<Problem> soundPlan() {
        return lacking(
                planDanger.isEmpty(),
                "Wired by this plan, the motor is in danger: " + planDanger.orElse("") + ". Choose another one.");
    }

    private static List<Problem> lacking(Optional<String> lack) {
        return lack.map(l -> List.of(new Problem("pin", "", l))).orElse(List.of());
    }

    private static List<Problem> lacking(boolean there, String message) {
        return there ? List.of() : List.of(new Problem("pin", "", message));
    }

    @SafeVarargs
    private static List<Problem> first(List<Problem>... checks) {
        return java.util.Arrays.stream(checks)
                .filter(c -> !c.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** Convenience for a gate's first lack, in words. */
    public Optional<String> firstLack(Gate gate) {
        return missing(gate).stream().map(Problem::message).findFirst();
    }
}
