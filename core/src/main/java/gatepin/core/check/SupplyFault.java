package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.List;

/** Something wrong before the plug. */
public sealed interface SupplyFault extends Fault {
    /** A supply that is another than the wiring is made for: a wrong voltage, or the plug on a wrong outlet. */
    record OtherSupply(Supply supply, boolean outlet) implements SupplyFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            return circuit.on(supply);
        }

        @Override
        public String key() {
            return (outlet ? "outlet-" : "supply-") + supply.volts() + "-" + supply.kind();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(outlet ? "fault.outlet" : "fault.supply", supply.volts());
        }

        @Override
        public double oftenness() {
            return outlet ? 0.3 : 0.4;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(Terminal.L1, Terminal.L2);
        }
    }

    /** Line and neutral are exchanged before the plug, in the outlet. */
    record OutletExchanged() implements SupplyFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            // seen from the machine the same as both lines exchanged at its own end of the cord
            List<Wire> wires = circuit.wires().stream()
                    .map(w -> new Wire(exchanged(w.from()), exchanged(w.to()), w.run()))
                    .toList();
            return circuit.rewired(wires);
        }

        private static Terminal exchanged(Terminal terminal) {
            return terminal.equals(Terminal.L1) ? Terminal.L2 : terminal.equals(Terminal.L2) ? Terminal.L1 : terminal;
        }

        @Override
        public String key() {
            return "outlet-exchanged";
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.outletExchanged");
        }

        @Override
        public double oftenness() {
            return 0.2;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(Terminal.L1, Terminal.L2);
        }
    }
}
