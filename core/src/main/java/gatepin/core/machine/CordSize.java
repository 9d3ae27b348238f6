package gatepin.core.machine;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a flexible cord with two loaded conductors may carry, A (NEC Table 400.5(A)(1) column B, and IEC 60364-5-52 practice for
 * flexible cords, both from memory).
 */
final class CordSize {
    private static final Map<Integer, Double> AWG = Map.of(18, 10.0, 16, 13.0, 14, 18.0, 12, 25.0, 10, 30.0, 8, 40.0);
    private static final Map<String, Double> METRIC =
            Map.of("0.5", 3.0, "0.75", 6.0, "1", 10.0, "1.5", 16.0, "2.5", 25.0, "4", 32.0, "6", 40.0);
    private static final Pattern SIZE =
            Pattern.compile("(?:no\\.?|#)?\\s*([0-9]{1,2}(?:[.,][0-9]{1,2})?)\\s*(awg|ga|gauge|mm2|mm²|sq ?mm|mm)?");

    private CordSize() {}

    /** The amps for a size as typed; empty for what is none. Without a unit, 8 and more is AWG. */
    static Optional<Double> amps(String typed) {
        Matcher size = SIZE.matcher(typed.strip().toLowerCase(Locale.ROOT));
        if (!size.matches()) {
            return Optional.empty();
        }
        String number = size.group(1)
                .replace(',', '.')
                .replaceFirst("(\\.\\d*?)0+$", "$1")
                .replaceFirst("\\.$", "");
        boolean metric = size.group(2) != null && size.group(2).contains("m");
        boolean whole = !number.contains(".");
        if (!metric && whole && AWG.containsKey(Integer.parseInt(number))) {
            return Optional.ofNullable(AWG.get(Integer.parseInt(number)));
        }
        return size.group(2) == null || metric ? Optional.ofNullable(METRIC.get(number)) : Optional.empty();
    }
}
