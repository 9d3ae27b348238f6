package gatepin.core.rotation;

/**
 * What the two ways of a machine are called: on its handle, in its drawing, on its papers.
 *
 * @param work the way it works
 * @param back the other way
 */
public record Ways(String work, String back) {
    /** Where nobody named them. */
    public static final Ways USUAL = new Ways("FORWARD", "REVERSE");

    /** Of gear that only makes and breaks. */
    public static final Ways ON = new Ways("ON", "");

    /** More letters do not fit on a handle. */
    public static final int LONGEST = 12;

    /** The same with its two words in each other's place: on a handle whose first position turns the tool back. */
    public Ways exchanged() {
        return new Ways(back, work);
    }
}
