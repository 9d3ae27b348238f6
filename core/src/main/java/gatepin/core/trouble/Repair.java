package gatepin.core.trouble;

import static gatepin.core.check.Symptom.*;

import gatepin.core.check.Symptom;
import java.util.EnumSet;
import java.util.Set;

/**
 * Kinds of things to mend. How often each is the cause, of a hundred machines that used to run and of a hundred that were just wired, is
 * common practice: figures differ, their order hardly.
 */
public enum Repair {
    START_CAPACITOR(20, 4, 3, SOMETIMES, SMELLS),
    RUN_CAPACITOR(12, 3, 3, SOMETIMES, WEAKER, SMELLS),
    START_SWITCH(14, 3, 4, SOMETIMES, SMELLS, SPARKS, TRIPS_LATER),
    PROTECTOR(5, 1, 3, STOPS, SOMETIMES, HOT),
    WINDING(6, 2, 4, SMELLS, WEAKER, STOPS, TRIPS_LATER),
    INSULATION(4, 1.5, 2, TRIPS_LATER, SOMETIMES),
    LEAK_WITHOUT_GROUND(6, 4, 2, GROUND_FAULT_TRIPS),
    LIVE_METAL_WITHOUT_GROUND(0.6, 1, 2, GROUND_FAULT_TRIPS),
    LOOSE(10, 13, 2, STOPS, SOMETIMES, SPARKS, SMELLS),
    GROUND_MISSING(0.5, 2, 1),
    CONTACT(9, 1, 3, SPARKS, STOPS, SOMETIMES, SMELLS),
    /** The same of a contactor: made for more than a drum is. */
    MAIN_CONTACT(3, 0.5, 3, SPARKS, STOPS, SOMETIMES, SMELLS),
    WRONG_TERMINAL(0.4, 22, 2, SMELLS),
    STRAND(0.3, 4, 2, SMELLS, SPARKS),
    CHAFED(2.5, 1.5, 2, SMELLS, SPARKS),
    LINK(0.1, 5, 2, SMELLS),
    ENDS_MARKED_WRONG(0.1, 6, 4, SMELLS),
    VOLTAGE(2, 9, 1, SMELLS, TRIPS_LATER, TRIPS_SOON, HUMS, NOISY),
    HANDLE(1, 0.7, 2),
    OUTLET_EXCHANGED(0.3, 0.6, 1),
    NO_SUPPLY(9, 4, 1),
    ONE_LEG(2.5, 1, 1, HUMS, SLOW, STOPS),
    THIN_CORD(4, 2, 1, HOT, TRIPS_LATER, TRIPS_SOON, HUMS, STOPS, SOMETIMES, NOISY),
    BEARINGS(9, 1.5, 1, HOT, SLOW, STUCK, TRIPS_LATER, SMELLS, HUMS),
    JAMMED(4, 1.5, 1, TRIPS_LATER, TRIPS_SOON, SMELLS, HOT),
    LOAD(5, 2, 1, TRIPS_LATER, TRIPS_SOON, STOPS, SMELLS, HUMS, NOISY, SPARKS),
    THROWN_TOO_SOON(3, 1, 1, SPARKS, SOMETIMES),
    COIL(5, 1.5, 2, SMELLS, SOMETIMES, BUZZES, STOPS),
    COIL_VOLTAGE(0.3, 4, 1, SMELLS, BUZZES, HOT, SOMETIMES),
    ARMATURE(5, 0.7, 3, HOT, SMELLS, SOMETIMES, NOISY, SPARKS),
    BUTTON(5, 1.5, 2, SOMETIMES),
    AUXILIARY(6, 3, 2, SOMETIMES),
    INTERLOCK(2, 4, 2, SOMETIMES),
    WELDED(3, 0.3, 2, SPARKS, SMELLS, RUNS_IN_OFF, TRIPS_AT_ONCE),
    OVERLOAD_RELAY(7, 2, 1, STOPS, SOMETIMES, TRIPS_LATER, TRIPS_SOON),
    CONTROL_FUSE(5, 3, 1, STOPS),
    TRANSFORMER(2, 1, 2, SMELLS, STOPS),
    EMERGENCY_STOP(3, 2, 1),
    LIMIT(3, 2, 2, STOPS, SOMETIMES),
    TIMER(1, 1, 2, SOMETIMES),
    CONTROL_WIRE(4, 16, 2, STOPS, SOMETIMES);

    private final double usedToRun;
    private final double justWired;
    private final int trouble;
    private final Set<Symptom> besides;

    Repair(double usedToRun, double justWired, int trouble, Symptom... besides) {
        this.usedToRun = usedToRun;
        this.justWired = justWired;
        this.trouble = trouble;
        this.besides = EnumSet.noneOf(Symptom.class);
        this.besides.addAll(Set.of(besides));
    }

    /** Of a hundred machines with such a past so many have this. */
    public double oftenness(Past past) {
        return past == Past.USED_TO_RUN ? usedToRun : justWired;
    }

    /** What its test costs: 1 is a look or a hand, 4 opens the motor. */
    public int trouble() {
        return trouble;
    }

    /** What it may also do, besides what the engine finds. */
    Set<Symptom> besides() {
        return besides;
    }
}
