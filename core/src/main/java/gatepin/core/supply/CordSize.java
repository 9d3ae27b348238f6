package gatepin.core.supply;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A flexible cord with two loaded conductors.
 *
 * @param name its size as it is asked for: "16 AWG" or "1.5 mm²"
 * @param amps what it may carry, A (NEC Table 400.5(A)(1) column B; for metric sizes the usual of flexible cords, IEC 60364-5-52; both
 *     from memory)
 */
public record CordSize(String name, double amps) {
    /** American sizes, smallest first. The first one is not protected by a breaker of 15 or 20 A (NEC 240.5(B), from memory). */
    public static final List<CordSize> AWG = List.of(
            new CordSize("18 AWG", 10),
            new CordSize("16 AWG", 13),
            new CordSize("14 AWG", 18),
            new CordSize("12 AWG", 25),
            new CordSize("10 AWG", 30),
            new CordSize("8 AWG", 40));

    /** Metric sizes, smallest first. */
    public static final List<CordSize> METRIC = List.of(
            new CordSize("0.5 mm²", 3),
            new CordSize("0.75 mm²", 6),
            new CordSize("1 mm²", 10),
            new CordSize("1.5 mm²", 16),
            new CordSize("2.5 mm²", 25),
            new CordSize("4 mm²", 32),
            new CordSize("6 mm²", 40));

    private static final Pattern SIZE =
            Pattern.compile("(?:no\\.?|#)?\\s*([0-9]{1,2}(?:[.,][0-9]{1,2})?)\\s*(awg|ga|gauge|mm2|mm²|sq ?mm|mm)?");

    /** The cord of a size as typed; empty for what is none. Without a unit a size of both lists counts as AWG from 8 on. */
    public static Optional<CordSize> of(String typed) {
        Matcher size = SIZE.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (!size.matches()) {
            return Optional.empty();
        }
        double number = Double.parseDouble(size.group(1).replace(',', '.'));
        boolean metric = size.group(2) != null && size.group(2).contains("m");
        Optional<CordSize> american = metric ? Optional.empty() : in(AWG, number);
        return american.or(() -> size.group(2) == null || metric ? in(METRIC, number) : Optional.empty());
    }

    private static Optional<CordSize> in(List<CordSize> sizes, double number) {
        return sizes.stream()
                .filter(s -> Double.parseDouble(s.name().substring(0, s.name().indexOf(' '))) == number)
                .findFirst();
    }

    /** The smallest that carries a current on a branch circuit of a region; empty where none in the list does. */
    static Optional<CordSize> carrying(Region region, double amps) {
        return region.code().cords().stream().filter(s -> s.amps() >= amps).findFirst();
    }
}
