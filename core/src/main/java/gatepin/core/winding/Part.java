package gatepin.core.winding;

import gatepin.core.circuit.Marks;
import java.util.List;

/**
 * What lies between leads, as the readings show it.
 *
 * @param role what it is
 * @param leads the leads it ends at, in order: two, three for a star joined inside, one for a lead that reads nothing
 */
public record Part(Role role, List<String> leads) {
    /** What a part of a motor can be. */
    public enum Role {
        /** The whole run winding. */
        RUN("run winding", "the lower of two"),
        /** One half of the run winding. */
        RUN_HALF("half of the run winding", "like the other half"),
        /** The start winding. */
        START("start winding", "more than the run winding, or unlike its halves"),
        /** One half of the start winding. */
        START_HALF("half of the start winding", "like the other half, more than the run halves"),
        /** A contact that is closed at rest: the thermal protector. */
        PROTECTOR("protector", "next to nothing: a closed contact"),
        /** One phase of a three-phase motor. */
        PHASE("phase winding", "all alike"),
        /** Three phases joined inside. */
        STAR("three phases joined inside", "all three pairs read alike"),
        /** A pair that is no winding: a thermistor or a heater. */
        UNRELATED("no winding: a thermistor or a heater", "many times more than any winding"),
        /** A lead that reads OL to every other. */
        SILENT("nothing that the meter sees", "OL to every other lead");

        private final String words;
        private final String sign;

        Role(String words, String sign) {
            this.words = words;
            this.sign = sign;
        }

        /** What in its reading shows that it is this. */
        public String sign() {
            return sign;
        }

        public String words() {
            return words;
        }
    }

    public Part {
        leads = leads.stream().sorted(Marks.NATURAL_ORDER).toList();
    }

    /** The same with the role of the whole winding where this is a half. */
    Part asWhole() {
        return switch (role) {
            case RUN_HALF -> new Part(Role.RUN, leads);
            case START_HALF -> new Part(Role.START, leads);
            default -> this;
        };
    }

    Part(Role role, String... leads) {
        this(role, List.of(leads));
    }
}
