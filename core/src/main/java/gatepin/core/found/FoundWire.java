package gatepin.core.found;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;

/**
 * A wire as somebody left it, before anything was undone.
 *
 * @param number which one it is, counted from 1 as they were written down
 * @param mark what is on it; blank where nothing is
 * @param colour its colour; blank where nobody noted it
 * @param bands how many bands of tape tell it from others of its colour; 0 for none
 * @param oneEnd where one end sits
 * @param otherEnd where the other end sits
 * @param aside why it is set aside as no part of the motor's circuit; blank where it is one
 */
public record FoundWire(
        int number, String mark, String colour, int bands, Terminal oneEnd, Terminal otherEnd, String aside) {
    private static final int LONGEST_MARK = 12;
    private static final int LONGEST_COLOUR = 30;
    private static final int LONGEST_REASON = 80;
    private static final int MOST_BANDS = 9;

    public FoundWire {
        if (oneEnd.equals(otherEnd)
                || bands < 0
                || bands > MOST_BANDS
                || mark.length() > LONGEST_MARK
                || colour.length() > LONGEST_COLOUR
                || aside.length() > LONGEST_REASON) {
            throw new IllegalArgumentException("wire " + number + " is none that anybody finds");
        }
    }

    /** It belongs to something else: a heater contact, a thermistor, a lamp. */
    public boolean isAside() {
        return !aside.isBlank();
    }

    /** What a person calls it: its mark, or else its number with what tells it from others. */
    public String name() {
        String looks = colour + (bands > 0 ? (colour.isBlank() ? "" : " with ") + bands(bands) : "");
        return "wire " + (mark.isBlank() ? number + (looks.isBlank() ? "" : " (" + looks + ")") : mark);
    }

    /** Bands in words. */
    public static String bands(int bands) {
        return bands == 1 ? "one band" : bands == 2 ? "two bands" : bands + " bands";
    }

    Wire wire() {
        boolean inOrder = oneEnd.device().compareTo(otherEnd.device()) <= 0;
        Terminal from = inOrder ? oneEnd : otherEnd;
        Terminal to = inOrder ? otherEnd : oneEnd;
        return new Wire(from, to, run(from, to));
    }

    private static Wire.Run run(Terminal from, Terminal to) {
        return switch (to.device().type()) {
            case SUPPLY -> Wire.Run.SUPPLY_CABLE;
            case MOTOR, CAPACITOR, SPLICE, INSIDE -> Wire.Run.MOTOR_BOX;
            default -> from.device().equals(to.device()) ? Wire.Run.SWITCH_BOX : Wire.Run.MOTOR_CABLE;
        };
    }
}
