package gatepin.core.machine;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Circuit;

/**
 * A lead that comes out of the motor.
 *
 * @param mark its mark, such as T1 or U1; unique in the motor
 * @param colour its colour in words; empty where it has none or nobody noted it
 * @param winding the winding it belongs to
 */
public record Lead(String mark, String colour, WindingEnd winding) {
    /**
     * One end of a winding.
     *
     * @param circuit the circuit of the winding
     * @param number 1 for the first winding of that circuit, 2 for its second half
     * @param like whether this is the like end (odd mark)
     */
    public record WindingEnd(Circuit circuit, int number, boolean like) {
        public String windingName() {
            return circuit.word() + " " + number;
        }
    }

    public Terminal terminal() {
        return Terminal.motor(mark);
    }
}
