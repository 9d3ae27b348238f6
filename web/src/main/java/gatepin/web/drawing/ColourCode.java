package gatepin.web.drawing;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Colours in two letters (IEC 60757, from memory), where their words are too long for a tag. */
final class ColourCode {
    private static final Map<String, String> CODES = Map.ofEntries(
            Map.entry("black", "BK"),
            Map.entry("brown", "BN"),
            Map.entry("red", "RD"),
            Map.entry("orange", "OG"),
            Map.entry("yellow", "YE"),
            Map.entry("green", "GN"),
            Map.entry("blue", "BU"),
            Map.entry("violet", "VT"),
            Map.entry("purple", "VT"),
            Map.entry("grey", "GY"),
            Map.entry("gray", "GY"),
            Map.entry("white", "WH"),
            Map.entry("pink", "PK"));

    private ColourCode() {}

    /** The colour as it fits: in words, in codes, or cut short. */
    static String fitted(String colour, int letters) {
        if (colour.length() <= letters) {
            return colour;
        }
        String coded = Arrays.stream(colour.toLowerCase(Locale.ROOT).split("\\s*[/-]\\s*|\\s+"))
                .map(word -> CODES.getOrDefault(word, word))
                .collect(Collectors.joining("/"));
        return coded.length() <= letters ? coded : coded.substring(0, Math.max(1, letters - 1)) + "…";
    }
}
