package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Pieces of a plate that stand apart and belong together. */
final class Together {
    private static final double SAME_POWER = 0.25;
    private static final Pattern SINGLE = Pattern.compile("\\d+(?:\\.\\d+)?");
    private static final Pattern NAMED = Pattern.compile("\\b(LOW|HIGH)\\W{0,3}$", Pattern.CASE_INSENSITIVE);

    /** The sign or the name of a quantity before its figure (IEC 60034-1, IEC 60027; from memory). */
    private static final Map<Kind, Pattern> SIGNS = Map.of(
            Kind.VOLTS, words("U[N1]?|SPANNUNG|TENS(?:ION)?|VOLTAGE"),
            Kind.AMPS, words("I[N1]?|STROM|CORR(?:ENTE)?|COURANT|CURRENT"),
            Kind.SPEED, words("N[N1]?|DREHZAHL|ROT|VITESSE|SPEED"),
            Kind.FREQUENCY, words("F[N1]?|FREQ(?:UEN(?:CY|Z))?"),
            Kind.OUTPUT, words("P[N2]?|LEISTUNG|POT(?:ENZA|ENCIA)?|PUISSANCE|POWER"));

    /** The unit behind a figure that has its name before it. */
    private static final Map<Kind, Pattern> UNITS =
            Map.of(Kind.VOLTS, words("V(?:OLTS?)?~?"), Kind.AMPS, words("A(?:MPS?)?"), Kind.FREQUENCY, words("HZ|~"));

    private static Pattern words(String any) {
        return Pattern.compile("(?:" + any + ")\\.?", Pattern.CASE_INSENSITIVE);
    }

    private Together() {}

    /**
     * Two voltages each with its own current, one after the other or named low and high, are those of a motor for both: where one is
     * about double the other, and volts times amps come to about the same.
     */
    static void voltages(List<PlatePiece> pieces, String text) {
        List<PlatePiece> volts = single(pieces, Kind.VOLTS);
        List<PlatePiece> amps = single(pieces, Kind.AMPS);
        if (volts.size() != 2 || amps.size() != 2) {
            return;
        }
        boolean inTurn = volts.get(0).start() < amps.get(0).start()
                && amps.get(0).start() < volts.get(1).start()
                && volts.get(1).start() < amps.get(1).start();
        List<PlatePiece> all = new ArrayList<>(volts);
        all.addAll(amps);
        List<String> names = all.stream().map(p -> named(p, text)).toList();
        boolean named = names.equals(List.of("LOW", "HIGH", "LOW", "HIGH"));
        double first = number(volts.get(0)) * number(amps.get(0));
        double second = number(volts.get(1)) * number(amps.get(1));
        boolean dual = VoltageRange.isDual(List.of((int) number(volts.get(0)), (int) number(volts.get(1))));
        if ((inTurn || named) && dual && Math.abs(first - second) <= SAME_POWER * first) {
            boolean rising = number(volts.get(0)) < number(volts.get(1));
            join(pieces, volts, rising, " V");
            join(pieces, amps, rising, " A");
        }
    }

    private static List<PlatePiece> single(List<PlatePiece> pieces, Kind kind) {
        List<PlatePiece> of =
                pieces.stream().filter(p -> p.kind() == kind && !p.isDoubtful()).toList();
        return of.stream().allMatch(p -> SINGLE.matcher(p.value()).matches()) ? of : List.of();
    }

    private static double number(PlatePiece piece) {
        return Double.parseDouble(piece.value());
    }

    private static String named(PlatePiece piece, String text) {
        Matcher name = NAMED.matcher(text.substring(Math.max(0, piece.start() - 8), piece.start()));
        return name.find() ? name.group(1).toUpperCase(java.util.Locale.ROOT) : "";
    }

    private static void join(List<PlatePiece> pieces, List<PlatePiece> two, boolean rising, String unit) {
        String low = two.get(rising ? 0 : 1).value();
        String high = two.get(rising ? 1 : 0).value();
        PlatePiece first = two.get(0);
        PlatePiece second = two.get(1);
        pieces.set(
                pieces.indexOf(first),
                new PlatePiece(
                        first.start(),
                        first.end(),
                        first.text(),
                        first.kind(),
                        low + "/" + high,
                        low + " and " + high + unit,
                        ""));
        pieces.set(
                pieces.indexOf(second),
                new PlatePiece(
                        second.start(),
                        second.end(),
                        second.text(),
                        Kind.IGNORED,
                        second.text(),
                        "read with " + first.text(),
                        ""));
    }

    /** U before volts, I before amps and their like are the names of what follows; a unit behind a named figure is that figure's. */
    static void signs(List<PlatePiece> pieces, String text) {
        for (int i = 0; i < pieces.size(); i++) {
            PlatePiece word = pieces.get(i);
            boolean before = i + 1 < pieces.size()
                    && isOne(SIGNS, word, pieces.get(i + 1))
                    && text.substring(word.end(), pieces.get(i + 1).start()).matches("[\\s:=.]{0,4}");
            boolean behind = i > 0
                    && isOne(UNITS, word, pieces.get(i - 1))
                    && text.substring(pieces.get(i - 1).end(), word.start()).matches("\\s{0,2}");
            if (before || behind) {
                pieces.set(
                        i,
                        new PlatePiece(
                                word.start(),
                                word.end(),
                                word.text(),
                                Kind.IGNORED,
                                word.text(),
                                "belongs to the figure beside it",
                                ""));
            }
        }
    }

    private static boolean isOne(Map<Kind, Pattern> words, PlatePiece word, PlatePiece figure) {
        Optional<Pattern> named = Optional.ofNullable(words.get(figure.kind()));
        return word.isDoubtful()
                && !figure.isDoubtful()
                && named.filter(n -> n.matcher(word.text()).matches()).isPresent();
    }
}
