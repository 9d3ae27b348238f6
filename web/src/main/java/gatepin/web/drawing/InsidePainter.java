package gatepin.web.drawing;

/**
 * Draws what sits inside a motor in series with a winding, along the way from the winding to its lead: the start switch as a break
 * contact and capacitors as two plates (symbols as in IEC 60617, from memory).
 */
final class InsidePainter {
    /** Lengths along the way, in pixels. */
    private static final int CONTACT = 24;

    private static final int PLATES = 6;
    private static final int BETWEEN = 14;
    /** How far beside the way a second branch runs, and how long a plate is from its middle. */
    private static final int BESIDE = 13;

    private static final int HALF_PLATE = 7;

    /** What the longest of them needs along the way. */
    static final int LONGEST = BETWEEN + CONTACT + BETWEEN + PLATES + BETWEEN;

    private final boolean upright;
    private final StringBuilder path = new StringBuilder();

    private InsidePainter(boolean upright) {
        this.upright = upright;
    }

    /**
     * The path of the symbols.
     *
     * @param from where the winding's line is, along the way
     * @param to where the lead's tag begins
     * @param at where the way runs, across
     * @param upright whether the way runs down rather than to the right
     */
    static String path(Inside inside, int from, int to, int at, boolean upright) {
        InsidePainter painter = new InsidePainter(upright);
        if (inside.startSwitch()) {
            painter.switched(inside.startCapacitor(), from, to, at);
            if (inside.runCapacitor()) {
                painter.beside(from, to, at);
            }
        } else {
            painter.plates(from, to, at, (from + to) / 2);
        }
        return painter.path.toString();
    }

    private void switched(boolean capacitor, int from, int to, int at) {
        int contact = capacitor ? from + BETWEEN : (from + to - CONTACT) / 2;
        line(from, contact, at);
        // the fixed side with its stop, and the blade that lies against it
        move(contact, at).to(contact, at - 11);
        move(contact + CONTACT, at).to(contact - 4, at - 10);
        int after = contact + CONTACT;
        if (capacitor) {
            plates(after, to, at, (after + to) / 2);
        } else {
            line(after, to, at);
        }
    }

    /** A capacitor past the switch. */
    private void beside(int from, int to, int at) {
        int near = from + 3;
        int far = to - 3;
        move(near, at).to(near, at + BESIDE);
        plates(near, far, at + BESIDE, (near + far) / 2);
        move(far, at + BESIDE).to(far, at);
    }

    private void plates(int from, int to, int at, int middle) {
        line(from, middle - PLATES / 2, at);
        move(middle - PLATES / 2, at - HALF_PLATE).to(middle - PLATES / 2, at + HALF_PLATE);
        move(middle + PLATES / 2, at - HALF_PLATE).to(middle + PLATES / 2, at + HALF_PLATE);
        line(middle + PLATES / 2, to, at);
    }

    private void line(int from, int to, int at) {
        move(from, at).to(to, at);
    }

    private InsidePainter move(int along, int across) {
        return point('M', along, across);
    }

    private void to(int along, int across) {
        point('L', along, across);
    }

    private InsidePainter point(char act, int along, int across) {
        path.append(act).append(upright ? across : along).append(' ').append(upright ? along : across);
        return this;
    }
}
