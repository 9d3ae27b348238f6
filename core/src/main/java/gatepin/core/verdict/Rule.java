package gatepin.core.verdict;

/** What can be said of a wiring. For each rule: what a verdict's value and expected value are. */
public enum Rule {
    /** L1 and L2 are one point. Value: fault current, A. */
    SHORT,
    /** A hot line reaches the ground, directly or through a winding. Value: current to ground, A. */
    EARTH_FAULT,
    /** The neutral is joined to a frame on the motor's side: a danger where that frame is not bonded. */
    NEUTRAL_ON_FRAME,
    /** A frame, the motor's or that of a switch, is not joined to the supply's ground. */
    FRAME_NOT_BONDED,
    /** A frame is alive. Value: volts to ground. */
    FRAME_LIVE,
    /** No winding carries current in a position that should run. */
    NOTHING_HAPPENS,
    /** Nothing turns, and leads are alive all the same. Value: the highest volts to ground. */
    ALIVE_AT_STANDSTILL,
    /** Windings carry current in OFF. Value: line current, A. */
    RUNS_IN_OFF,
    /** A run winding gets too much. Value and expected: volts. */
    RUN_OVERVOLTAGE,
    /** A run winding gets too little. Value and expected: volts. */
    RUN_UNDERVOLTAGE,
    /** A run half is left out while another carries current. */
    RUN_HALF_IDLE,
    /** The two run halves work against each other. Value: line current at standstill, A. */
    HALVES_OPPOSING,
    /** The two start halves work against each other. Value: their current at standstill, A. */
    START_HALVES_OPPOSING,
    /** The start winding carries nothing at standstill. */
    START_NOT_ENERGISED,
    /** The start winding gets too much at standstill. Value and expected: volts across it. */
    START_OVERVOLTAGE,
    /** The start winding gets too little at standstill. Value and expected: volts across it. */
    START_UNDERVOLTAGE,
    /** The start capacitor is out of circuit at standstill, the run capacitor alone feeds the winding. Value: share of the pull left. */
    START_CAPACITOR_OUT,
    /** A capacitor lies straight across the lines. Value: its current, A. */
    CAPACITOR_ACROSS_LINES,
    /** A capacitor that belongs to no winding lies across the lines: it corrects the power factor. Value: its current, A. */
    CORRECTION_CAPACITOR,
    /** The capacitors in series with the start winding are not those it needs. Value and expected: its current at standstill, A. */
    START_CAPACITOR_WRONG,
    /** The start winding is fed past its capacitor. Value and expected: its current at standstill, A. */
    CAPACITOR_PASSED_BY,
    /** The start winding stays in circuit at speed. Value: its current, A; expected: what it should carry, A. */
    START_LEFT_IN,
    /** The start winding carries too much at speed. Value: its current, A; expected: what it should carry, A. */
    START_OVERLOADED,
    /** The start winding carries too little at speed. Value: its current, A; expected: what it should carry, A. */
    RUN_CAPACITOR_OUT,
    /** It starts with too little torque. Value: torque at standstill, times rated torque; expected: what it should have. */
    STARTS_WEAKLY,
    /** It draws more at rated load than its plate says. Value and expected: line current, A. */
    DRAWS_TOO_MUCH,
    /** It hums and does not start: the torque at standstill is next to nothing. Value: line current, A. */
    HUMS,
    /** It starts. Value: torque at standstill, N·m, its sign the direction; expected: rated torque, N·m. */
    TURNS,
    /** What the feeder leaves of the starting torque. Value: share of it; expected: volts at the machine at standstill. */
    FEEDER_WEAKENS,
    /** Forward and reverse turn opposite ways. */
    REVERSES,
    /** Forward and reverse turn the same way. */
    SAME_WAY,
    /** Two settings that are for one way turn opposite ways. Part: what the other of them is called. */
    WAYS_DIFFER,
    /** No end of the start winding comes out: that it starts rests on the winding's being there, inside. */
    START_INSIDE,
    /** A winding gets too hot. Value: seconds until it is hurt. */
    BURNS,
    /** Leads are hot in OFF. Value: the highest volts to ground. */
    HOT_IN_OFF,
    /** No lead is hot in OFF. */
    DEAD_IN_OFF,
    /** A hot line is not broken in OFF. Value: how many hot lines stay on. */
    LINE_NOT_BROKEN,
    /** The neutral is broken while the hot stays on. */
    NEUTRAL_ALONE_SWITCHED,
    /** The neutral is broken together with the hot. */
    NEUTRAL_SWITCHED_TOO,
    /** A setting that must never be would short the lines. Value: fault current, A. */
    NEEDS_INTERLOCK,
    /** Nothing flows once the protector is open, whichever way it runs. */
    PROTECTED,
    /** Current flows on once the protector is open. Value: what still flows, A; expected: what flowed before, A. */
    PROTECTOR_BYPASSED,
    /** The protector lies in the neutral or behind the windings: what it opens stays hot. Value: volts to ground once it is open. */
    PROTECTOR_IN_NEUTRAL,
    /** All current passes the overload relay. Part: the relay. */
    OVERLOAD_PASSED,
    /** Current flows beside the overload relay. Part: the relay; value: what passes beside it, A; expected: what flows, A. */
    OVERLOAD_BESIDE,
    /** A pole of the overload relay carries nothing. Part: the relay. */
    OVERLOAD_POLE_IDLE,
    /** The supply has another frequency than the plate. Value and expected: hertz. */
    WRONG_FREQUENCY;

    /** The word used in files: lower case with hyphens. */
    public String key() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
