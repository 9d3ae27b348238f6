package gatepin.core.supply;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.paper.Paper;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * How the supply gets to the machine.
 *
 * @param metres from the panel, one way, m
 * @param presentPlug the plug on it now, as it is called; "fixed wiring" where there is none
 */
public record PanelRun(BigDecimal metres, String presentPlug) {
    /** How the supply gets to the machine of a job. */
    public static final Part<PanelRun> PART = Part.of("run", "the supply", Gate.SUPPLY, PanelRun.class)
            .reliedOnBy(Gate.SUPPLY, Gate.LIVE, Gate.HANDOVER)
            .shownOn(Paper.LABELS, Paper.BUYING, Paper.SHEET)
            .lacking(run -> run.isPresent() ? Optional.empty() : Optional.of(Sentence.of("lack.supply")));

    private static final BigDecimal MOST_METRES = BigDecimal.valueOf(2000);
    private static final int LONGEST_PLUG = 60;

    public PanelRun {
        if (metres.signum() < 0 || metres.compareTo(MOST_METRES) > 0 || presentPlug.length() > LONGEST_PLUG) {
            throw new IllegalArgumentException("a way from the panel is 0 to " + MOST_METRES
                    + " m, a plug's name at most " + LONGEST_PLUG + " letters");
        }
        // 20 m and 20.000 m are one way, however a table or a file writes it
        BigDecimal plain = metres.stripTrailingZeros();
        metres = plain.scale() < 0 ? plain.setScale(0) : plain;
    }
}
