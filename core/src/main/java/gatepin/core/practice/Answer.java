package gatepin.core.practice;

import gatepin.core.TypedNumber;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** The right answer to a question, and how it may be typed. */
sealed interface Answer {
    /** Whether this says the same. */
    boolean is(String typed);

    /** As it is shown to who did not find it. */
    String shown();

    /** One of the question's options. */
    record Word(String word) implements Answer {
        @Override
        public boolean is(String typed) {
            return word.equals(typed);
        }

        @Override
        public String shown() {
            return word;
        }
    }

    /** A number, within some distance. */
    record Number(double value, double within) implements Answer {
        private static final double MOST = 1e7;

        @Override
        public boolean is(String typed) {
            TypedNumber number = TypedNumber.read(
                    typed, TypedNumber.Field.of(0, MOST, "v", "a", "hz", "hp", "rpm", "w", "µf", "uf"));
            return switch (number.kind()) {
                case GOOD -> near(number.value());
                case EITHER -> near(number.value()) || near(number.other());
                default -> false;
            };
        }

        private boolean near(double typed) {
            return Math.abs(typed - value) <= within;
        }

        @Override
        public String shown() {
            return value == Math.rint(value) ? "" + Math.round(value) : "" + Math.round(value * 1000) / 1000.0;
        }
    }

    /** Groups of marks, such as {@code T1 T3 T5 / T2 T4}: neither the order of the groups nor that in them counts. */
    record Groups(String right) implements Answer {
        @Override
        public boolean is(String typed) {
            return groups(typed).equals(groups(right));
        }

        private static Set<Set<String>> groups(String typed) {
            return Arrays.stream(typed.toUpperCase(Locale.ROOT).split("[/;\\n]+"))
                    .map(g -> (Set<String>) Arrays.stream(g.strip().split("[\\s,+-]+"))
                            .filter(w -> !w.isBlank())
                            .collect(Collectors.toCollection(TreeSet::new)))
                    .filter(g -> !g.isEmpty())
                    .collect(Collectors.toSet());
        }

        @Override
        public String shown() {
            return right;
        }
    }
}
