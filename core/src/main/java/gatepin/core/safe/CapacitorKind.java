package gatepin.core.safe;

/** Capacitors as they are met on motors, and what their prints say (common practice; tolerances EIA-463 and usual, from memory). */
public enum CapacitorKind {
    START(
            "start capacitor",
            "black, round, short; bakelite or plastic; often a hump of its own",
            "a range such as 161-193 MFD, 110 to 330 VAC, “intermittent”",
            0,
            0.20),
    RUN(
            "run capacitor",
            "metal or plastic can, oil-filled; oval or round",
            "one value such as 12.5 µF ± 6 %, 370 or 440 VAC, “P2” or “S0”, class A to D",
            -0.06,
            0.06),
    DUAL(
            "two-section capacitor",
            "one can with three tags: C, and one tag for each section",
            "two values such as 35+5 µF",
            -0.06,
            0.06);

    private final String words;
    private final String look;
    private final String print;
    private final double least;
    private final double most;

    CapacitorKind(String words, String look, String print, double least, double most) {
        this.words = words;
        this.look = look;
        this.print = print;
        this.least = least;
        this.most = most;
    }

    public String words() {
        return words;
    }

    public String look() {
        return look;
    }

    /** What stands on it. */
    public String print() {
        return print;
    }

    /** How far below its print it may be, as a share; below zero. */
    public double least() {
        return least;
    }

    /** How far above its print it may be, as a share. */
    public double most() {
        return most;
    }
}
