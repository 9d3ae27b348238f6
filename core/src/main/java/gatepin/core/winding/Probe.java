package gatepin.core.winding;

/**
 * Two points to hold the meter's probes on.
 *
 * @param a a lead
 * @param b another lead, or {@link MeterReading#FRAME}
 */
public record Probe(String a, String b) {}
