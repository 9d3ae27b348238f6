package gatepin.core.rotation;

import gatepin.core.rotation.RotationPlan.Hazard;
import java.util.Arrays;
import java.util.List;

/** A machine as people know it: what its tool must do, what reversing it can hurt, and what its two ways are called (common practice). */
public enum Tool {
    LATHE("lathe", List.of(ToolMotion.LATHE), List.of(Hazard.SCREWED_ON), "FORWARD", "REVERSE"),
    DRILL("drill press", List.of(ToolMotion.DRILL), List.of(), "IN", "OUT"),
    MILL("mill spindle", List.of(ToolMotion.MILL), List.of(Hazard.BLADE), "FORWARD", "REVERSE"),
    TABLE_SAW(
            "table saw",
            List.of(ToolMotion.SAW_LEFT, ToolMotion.SAW_RIGHT),
            List.of(Hazard.BLADE),
            "FORWARD",
            "REVERSE"),
    BAND_SAW("band saw", List.of(ToolMotion.BAND_SAW), List.of(Hazard.BLADE), "FORWARD", "REVERSE"),
    GRINDER(
            "grinder",
            List.of(ToolMotion.GRINDER_RIGHT, ToolMotion.GRINDER_LEFT),
            List.of(Hazard.SCREWED_ON),
            "FORWARD",
            "REVERSE"),
    FAN("fan or blower", List.of(ToolMotion.SEEN), List.of(Hazard.FAN), "BLOW", "BACK"),
    COMPRESSOR("compressor", List.of(ToolMotion.SEEN), List.of(Hazard.OIL_PUMP, Hazard.FAN), "FORWARD", "REVERSE"),
    PUMP("pump", List.of(ToolMotion.SEEN), List.of(Hazard.ONE_WAY_PUMP), "PUMP", "BACK"),
    HOIST("hoist or winch", List.of(ToolMotion.SEEN), List.of(), "UP", "DOWN"),
    AUGER(
            "auger",
            List.of(ToolMotion.AUGER_AWAY, ToolMotion.AUGER_TOWARDS),
            List.of(Hazard.ONE_WAY_GEARBOX),
            "OUT",
            "IN"),
    CONVEYOR("conveyor", List.of(ToolMotion.BELT_LEFT, ToolMotion.BELT_RIGHT), List.of(), "OUT", "IN"),
    ROLLER("roller", List.of(ToolMotion.BELT_LEFT, ToolMotion.BELT_RIGHT), List.of(), "IN", "OUT"),
    WHEEL("potter's wheel", List.of(ToolMotion.WHEEL_COUNTER, ToolMotion.WHEEL_CLOCKWISE), List.of(), "LEFT", "RIGHT"),
    DOOR("door or gate", List.of(ToolMotion.SEEN), List.of(), "OPEN", "CLOSE"),
    WINDER("winder or reel", List.of(ToolMotion.SEEN), List.of(), "WIND", "UNWIND"),
    CRUSHER("crusher or mill", List.of(ToolMotion.SEEN), List.of(), "FORWARD", "CLEAR"),
    OTHER("something else", List.of(ToolMotion.SEEN), List.of(), "FORWARD", "REVERSE");

    private final String words;
    private final List<ToolMotion> motions;
    private final List<Hazard> hazards;
    private final Ways ways;

    Tool(String words, List<ToolMotion> motions, List<Hazard> hazards, String work, String back) {
        this.words = words;
        this.motions = List.copyOf(motions);
        this.hazards = List.copyOf(hazards);
        this.ways = new Ways(work, back);
    }

    public String words() {
        return words;
    }

    /** The word used in addresses and style sheets. */
    public String key() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** What it can be asked to do; the usual first. */
    public List<ToolMotion> motions() {
        return motions;
    }

    /** What reversing it can hurt: proposed, for a person to confirm. */
    public List<Hazard> hazards() {
        return hazards;
    }

    /** Whether it cuts, grips or draws in, so that it hurts by itself when it starts with nobody looking (common practice). */
    public boolean hurtsUnseen() {
        return switch (this) {
            case LATHE, DRILL, MILL, TABLE_SAW, BAND_SAW, GRINDER, AUGER, ROLLER, WINDER, CRUSHER -> true;
            case FAN, COMPRESSOR, PUMP, HOIST, CONVEYOR, WHEEL, DOOR, OTHER -> false;
        };
    }

    /** What its two ways are usually called. */
    public Ways ways() {
        return ways;
    }

    /** The tool of this name; something else for what is none. */
    public static Tool of(String name) {
        return Arrays.stream(values())
                .filter(t -> t.name().equals(name))
                .findFirst()
                .orElse(OTHER);
    }

    /** A tool that is asked for this motion, for jobs from before there were tools. */
    public static Tool with(ToolMotion motion) {
        return Arrays.stream(values())
                .filter(t -> motion != ToolMotion.SEEN && t.motions().contains(motion))
                .findFirst()
                .orElse(OTHER);
    }
}
