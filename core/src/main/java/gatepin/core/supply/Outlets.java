package gatepin.core.supply;

import java.util.List;
import java.util.stream.Stream;

/** Plugs and outlets by their standard designations (NEMA WD 6, IEC 60309, IEC 60884; all from memory). */
public final class Outlets {
    /** No outlet: wired for good. */
    public static final String FIXED = "fixed wiring";

    private Outlets() {}

    /**
     * The outlet class for a motor.
     *
     * @param amps what it has to carry, A
     */
    public static String forMotor(Region region, int volts, boolean twoHots, double amps) {
        int size = amps(region, amps);
        return size == 0
                ? "none: wire it fixed, with a lockable disconnect"
                : region.code().outlet(size, volts, twoHots, amps);
    }

    /** The smallest standard outlet that carries so many amps, A; 0 where there is none. */
    static int amps(Region region, double amps) {
        return region.code().outletAmps().stream()
                .filter(a -> a >= amps)
                .findFirst()
                .orElse(0);
    }

    /** The outlets a shop is likely to have, to choose from. */
    public static List<String> usual(Region region) {
        return region == Region.IEC
                ? List.of(
                        "household outlet 16 A",
                        "IEC 60309 16 A 2P+E 6h (blue)",
                        "IEC 60309 32 A 2P+E 6h (blue)",
                        FIXED)
                : List.of("NEMA 5-15", "NEMA 5-20", "NEMA 6-15", "NEMA 6-20", "NEMA 6-30", "NEMA 14-50", FIXED);
    }

    /** The outlet that a recommendation names first; blank where it names none. */
    static String first(Region region, String recommended) {
        return all(region).stream().filter(recommended::startsWith).findFirst().orElse("");
    }

    /** The others that may be met. */
    public static List<String> rare(Region region) {
        return Outlet.of(region).stream()
                .map(Outlet::name)
                .filter(o -> !usual(region).contains(o))
                .toList();
    }

    /** Every one that may be met, the usual first, and fixed wiring. */
    public static List<String> all(Region region) {
        return Stream.concat(usual(region).stream(), rare(region).stream()).toList();
    }
}
