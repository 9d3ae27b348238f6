package gatepin.core.supply;

import java.math.BigDecimal;

/**
 * How the supply gets to the machine.
 *
 * @param metres from the panel, one way, m
 * @param presentPlug the plug on it now, as it is called; "fixed wiring" where there is none
 */
public record PanelRun(BigDecimal metres, String presentPlug) {}
