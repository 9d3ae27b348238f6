package gatepin.core.ahead;

import gatepin.core.Sentence;
import java.util.ArrayList;
import java.util.List;

/**
 * What has to stand between the panel and the gear, whatever the gear is: it controls, it does not isolate, it trips on nothing and lets
 * nothing go when power fails.
 *
 * @param kind what it is
 * @param must whether it is needed, or only to be thought of
 * @param why why, with what to set it to
 */
public record Ahead(Kind kind, boolean must, Sentence why) {
    /** A device ahead of the gear, nearest the panel first. */
    public enum Kind {
        DISCONNECT("Q1"),
        FUSES("F1"),
        RESIDUAL_CURRENT("F4"),
        NO_VOLT_RELEASE("K0"),
        OVERLOAD("F2");

        private final String device;

        Kind(String device) {
            this.device = device;
        }

        /** Its name by the letters of IEC 81346-2 as shops use them (from memory). */
        public String device() {
            return device;
        }
    }

    /**
     * What the answer depends on.
     *
     * @param coils contactors stand behind it, with a control circuit that holds nothing in when power fails
     * @param handleStays the handle stays where it is put
     * @param cuts the tool cuts, grips or draws in: it hurts by itself when it starts unseen
     * @param ownProtector the motor has a protector of its own
     * @param besideProtector directions in which some current passes beside it
     * @param overloadAmps what an overload is set to, A; 0 while plate or supply are not known
     * @param breaker the breaker in words; blank while it is not known
     */
    public record Asked(
            boolean coils,
            boolean handleStays,
            boolean cuts,
            boolean ownProtector,
            int besideProtector,
            double overloadAmps,
            String breaker) {}

    /** What must stand ahead, nearest the panel first (common practice; IEC 60204-1, NFPA 79 and NEC 430 from memory). */
    public static List<Ahead> of(Asked asked) {
        List<Ahead> all = new ArrayList<>();
        all.add(new Ahead(Kind.DISCONNECT, true, Sentence.of("ahead.disconnect")));
        all.add(new Ahead(
                Kind.FUSES,
                true,
                asked.breaker().isBlank()
                        ? Sentence.of("ahead.fuses")
                        : Sentence.of("ahead.fuses.of", Sentence.own(asked.breaker()))));
        boolean bypassed = asked.ownProtector() && asked.besideProtector() > 0;
        if (asked.coils() || bypassed || !asked.ownProtector()) {
            String why = asked.coils() ? "coils" : bypassed ? "beside" : "none";
            all.add(new Ahead(
                    Kind.OVERLOAD,
                    true,
                    Sentence.of(
                            "ahead.overload." + why,
                            asked.overloadAmps() > 0
                                    ? Sentence.of("ahead.overload.set", Math.round(asked.overloadAmps() * 10) / 10.0)
                                    : Sentence.of("ahead.overload.plate"))));
        }
        if (!asked.coils() && asked.handleStays()) {
            all.add(new Ahead(
                    Kind.NO_VOLT_RELEASE,
                    asked.cuts(),
                    Sentence.of(asked.cuts() ? "ahead.noVolt.must" : "ahead.noVolt")));
        }
        all.add(new Ahead(Kind.RESIDUAL_CURRENT, false, Sentence.of("ahead.residual")));
        return all;
    }
}
