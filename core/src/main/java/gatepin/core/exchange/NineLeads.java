package gatepin.core.exchange;

import java.util.List;

/**
 * How a three-phase motor of nine leads and two voltages is joined, star-connected (NEMA MG 1 part 2, from memory): for one that stays in
 * its machine behind a converter.
 *
 * @param volts "low" or "high" voltage of its plate
 * @param lines what goes to each of the converter's three lines
 * @param joined what is joined and insulated
 */
public record NineLeads(String volts, List<String> lines, List<String> joined) {
    /** Both halves of each phase side by side. */
    public static final NineLeads LOW = new NineLeads("low", List.of("T1 T7", "T2 T8", "T3 T9"), List.of("T4 T5 T6"));
    /** Both halves of each phase one after the other. */
    public static final NineLeads HIGH =
            new NineLeads("high", List.of("T1", "T2", "T3"), List.of("T4 T7", "T5 T8", "T6 T9"));

    /** Both of them. */
    public static final List<NineLeads> BOTH = List.of(LOW, HIGH);

    public NineLeads {
        lines = List.copyOf(lines);
        joined = List.copyOf(joined);
    }
}
