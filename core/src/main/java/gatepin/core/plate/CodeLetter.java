package gatepin.core.plate;

import java.util.Locale;
import java.util.Optional;

/** Locked-rotor code letters: kVA per horsepower with the rotor held (NEC Table 430.7(B), from memory). */
public enum CodeLetter {
    A(0, 3.15),
    B(3.15, 3.55),
    C(3.55, 4.0),
    D(4.0, 4.5),
    E(4.5, 5.0),
    F(5.0, 5.6),
    G(5.6, 6.3),
    H(6.3, 7.1),
    J(7.1, 8.0),
    K(8.0, 9.0),
    L(9.0, 10.0),
    M(10.0, 11.2),
    N(11.2, 12.5),
    P(12.5, 14.0),
    R(14.0, 16.0),
    S(16.0, 18.0),
    T(18.0, 20.0),
    U(20.0, 22.4),
    V(22.4, 25.0);

    private final double from;
    private final double below;

    CodeLetter(double from, double below) {
        this.from = from;
        this.below = below;
    }

    /** Least kVA per horsepower of the letter. */
    public double from() {
        return from;
    }

    /** First kVA per horsepower that belongs to the next letter; for V, which has no end, 25. */
    public double below() {
        return below;
    }

    /** Middle of the letter's band, kVA per horsepower. */
    public double middle() {
        return (Math.max(from, 2.5) + below) / 2;
    }

    /** The letter as typed; empty for what is no code letter (I, O and Q are none). */
    public static Optional<CodeLetter> of(String typed) {
        for (CodeLetter letter : values()) {
            if (letter.name().equals(typed.strip().toUpperCase(Locale.ROOT))) {
                return Optional.of(letter);
            }
        }
        return Optional.empty();
    }
}
