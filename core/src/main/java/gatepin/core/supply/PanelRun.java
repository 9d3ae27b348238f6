package gatepin.core.supply;

import java.math.BigDecimal;

/**
 * How the supply gets to the machine.
 *
 * @param metres from the panel, one way, m
 * @param presentPlug the plug on it now, as it is called; "fixed wiring" where there is none
 */
public record PanelRun(BigDecimal metres, String presentPlug) {
    public PanelRun {
        // 20 m and 20.000 m are one way, however a table or a file writes it
        BigDecimal plain = metres.stripTrailingZeros();
        metres = plain.scale() < 0 ? plain.setScale(0) : plain;
    }
}
