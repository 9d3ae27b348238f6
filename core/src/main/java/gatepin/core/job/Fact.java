package gatepin.core.job;

/** The facts of a job that gates rely on. */
public enum Fact implements Relied {
    /** How the machine was made safe. */
    SAFE("the lock-out"),
    /** What the ohmmeter says of the windings. */
    WINDINGS("the windings"),
    /** What the motor's plate states. */
    PLATE("the plate"),
    /** The motor's leads and the windings they belong to. */
    LEADS("the leads"),
    /** The voltage the motor is to run on. */
    VOLTAGE("the supply voltage"),
    /** The diagram's column for that voltage. */
    CONNECTION("the connection"),
    /** The reversing switch. */
    SWITCH("the switch"),
    /** The chosen way to wire it. */
    PLAN("the wiring plan"),
    /** The control circuit of contactors. */
    CONTROL("the control circuit"),
    /** What stands between panel and gear. */
    AHEAD("what stands ahead of it"),
    /** The wires that are made. */
    WIRES("the wires"),
    /** Something was wrong with the wiring, and was mended. */
    MENDED("what was mended"),
    /** What isolates the machine: it stands on the papers. */
    PAPERS("what stands on the papers");

    private final String words;

    Fact(String words) {
        this.words = words;
    }

    /** The fact as it stands in a sentence. */
    public String words() {
        return words;
    }

    @Override
    public boolean isReliedOnBy(Gate gate) {
        return gate.reliesOn().contains(this);
    }
}
