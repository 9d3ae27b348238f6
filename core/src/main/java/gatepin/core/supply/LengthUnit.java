package gatepin.core.supply;

import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Field;
import java.util.Locale;

/** How a region measures cable and wire: feet and inches, or metres. Inside, every length is in metres. */
public enum LengthUnit {
    /** An international foot is 0.3048 m (NIST Handbook 44, from memory). */
    FEET("feet", "ft", 0.3048, 3280),
    METRES("metres", "m", 1, 1000);

    private static final double METRES_PER_INCH = 0.0254;
    /** What bounds give way by, for what was rounded. */
    private static final double TINY = 1e-6;

    private final String word;
    private final String letters;
    private final double metresEach;
    private final int perKilometre;

    LengthUnit(String word, String letters, double metresEach, int perKilometre) {
        this.word = word;
        this.letters = letters;
        this.metresEach = metresEach;
        this.perKilometre = perKilometre;
    }

    /** What is measured with a rule: inches to the hundredth, or millimetres to the tenth. */
    public String size(double millimetres) {
        double number = this == FEET
                ? Math.rint(millimetres / 1000 / METRES_PER_INCH * 100) / 100
                : Math.rint(millimetres * 10) / 10;
        String words = String.format(Locale.ROOT, "%s", number);
        return words.replaceFirst("\\.0$", "") + (this == FEET ? " in" : " mm");
    }

    /** Its name in the plural. */
    public String word() {
        return word;
    }

    /** Its symbol. */
    public String letters() {
        return letters;
    }

    /** How many of them a kilometre has, for the bound of a field. */
    public int perKilometre() {
        return perKilometre;
    }

    /**
     * Reads a number of them, or of what is written behind it.
     *
     * @param leastMetres the shortest that can be, m
     * @param mostMetres the longest that can be, m
     * @return the number in metres, to the millimetre
     */
    public TypedNumber read(String typed, double leastMetres, double mostMetres) {
        double foot = FEET.metresEach / metresEach;
        double metre = METRES.metresEach / metresEach;
        Field field = Field.of(leastMetres / metresEach - TINY, mostMetres / metresEach + TINY)
                .and("ft", foot)
                .and("feet", foot)
                .and("foot", foot)
                .and("'", foot)
                .and("m", metre)
                .and("metre", metre)
                .and("metres", metre)
                .and("meter", metre)
                .and("meters", metre);
        TypedNumber number = TypedNumber.read(typed, field);
        return number.kind() == TypedNumber.Kind.GOOD
                ? new TypedNumber(number.kind(), toMillimetre(number.value()), toMillimetre(number.value()))
                : number;
    }

    private double toMillimetre(double number) {
        return Math.round(number * metresEach * 1000) / 1000.0;
    }

    /** The number to show in a field: to a tenth, without a useless zero. */
    public String typed(double metres) {
        double number = Math.round(metres / metresEach * 10) / 10.0;
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }

    /** A distance to the nearest whole unit: "72 ft". */
    public String distance(double metres) {
        return Math.round(metres / metresEach) + " " + letters;
    }

    /** A length to cut a wire to: "5 ft 11 in" or "1.80 m"; never shorter than asked. */
    public String cut(double metres) {
        if (this == METRES) {
            return String.format(Locale.ROOT, "%.2f m", Math.ceil(metres * 100 - 1e-9) / 100);
        }
        int inches = (int) Math.ceil(metres / METRES_PER_INCH - 1e-9);
        int feet = inches / 12;
        int rest = inches % 12;
        return feet == 0 ? rest + " in" : rest == 0 ? feet + " ft" : feet + " ft " + rest + " in";
    }

    /** A length to buy, in tenths of a metre or half feet, rounded up. */
    public String toBuy(double metres) {
        if (this == METRES) {
            return String.format(Locale.ROOT, "%.1f m", Math.ceil(metres * 10 - 1e-9) / 10);
        }
        double feet = Math.ceil(metres / metresEach * 2 - 1e-9) / 2;
        return (feet == Math.rint(feet) ? String.valueOf((long) feet) : String.valueOf(feet)) + " ft";
    }

    /** What to strip off a wire: "3/8 in" or "9 mm", to the nearest eighth or millimetre. */
    public String strip(int millimetres) {
        if (this == METRES) {
            return millimetres + " mm";
        }
        int eighths = (int) Math.round(millimetres / 25.4 * 8);
        int by = eighths % 4 == 0 ? 4 : eighths % 2 == 0 ? 2 : 1;
        return eighths / by + "/" + 8 / by + " in";
    }
}
