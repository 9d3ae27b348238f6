package gatepin.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gatepin.core.Sentence;
import gatepin.core.rotation.Ways;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Rule;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class WordingTest {
    private static final ResourceBundle BOOK = ResourceBundle.getBundle("gatepin.core.words.sentences", Locale.ROOT);
    private static final Wording HERE = Wording.of(Region.NORTH_AMERICA);
    private static final Wording THERE = Wording.of(Region.IEC);

    static Stream<String> keys() {
        return BOOK.keySet().stream().sorted();
    }

    @ParameterizedTest
    @MethodSource("keys")
    void everySentenceOfTheBookIsWellFormedInEveryRegion(String key) {
        Sentence sentence = Sentence.of(key, 1, 2, 3, 4, 5, 6);
        for (Region region : Region.values()) {
            assertThat(Wording.of(region).say(sentence)).isNotEmpty().doesNotContain("{", "}", "''", "  ");
        }
    }

    @ParameterizedTest
    @MethodSource("keys")
    void noSentenceSaysByItselfWhatRegionsCallOtherwise(String key) {
        if (!key.startsWith("term.")) {
            assertThat(BOOK.getString(key)).doesNotContainPattern("(?i)(?<!\\{)\\b(ground|earth|feet|metres)\\b(?!})");
        }
    }

    @ParameterizedTest
    @EnumSource(Rule.class)
    void everyRuleHasItsSentences(Rule rule) {
        assertThat(BOOK.containsKey("verdict." + rule.name() + ".title")).isTrue();
        assertThat(BOOK.containsKey("verdict." + rule.name() + ".words")).isTrue();
    }

    @Test
    void whatAPersonWroteStaysAsHeWroteItEvenWhereItIsTheNameOfAPosition() {
        Wording press = HERE.with(new Ways("down", "up"));
        Sentence dropped = Sentence.of("log.overridden", "Live check", Sentence.own("REVERSE"));

        assertThat(press.say(Sentence.own("FORWARD"))).isEqualTo("FORWARD");
        assertThat(press.say(dropped)).contains("REVERSE");
        assertThat(press.way("FORWARD")).isEqualTo("down");
    }

    @Test
    void termsAndLengthsAreThoseOfTheRegion() {
        Sentence dead = Sentence.of("lack.safe.dead");
        Sentence supply = Sentence.of("log.supply", Sentence.of("supply", 230), new Sentence.Metres(18.288), "none");

        assertThat(HERE.say(dead)).endsWith("and to ground.");
        assertThat(THERE.say(dead)).endsWith("and to earth.");
        assertThat(HERE.say(supply)).isEqualTo("Supply saved: 230 V, 60 ft from the panel, present plug: none.");
        assertThat(THERE.say(supply)).isEqualTo("Supply saved: 230 V, 18 m from the panel, present plug: none.");
    }

    @Test
    void numbersAreCountedAndHaveNoCommaThatCouldBeADecimal() {
        assertThat(HERE.say(Sentence.of("lack.wires", 1))).isEqualTo("One wire is not made yet.");
        assertThat(HERE.say(Sentence.of("lack.wires", 7))).isEqualTo("7 wires are not made yet.");
        assertThat(HERE.say(Sentence.of("log.plate", "1 hp", "115/230", 60, 1725)))
                .contains("1725 rpm");
    }

    @Test
    void whatAPersonWroteStandsWordForWord() {
        String typed = "it's {0} O'Brien's, 5 > 3 & {ground}";
        assertThat(HERE.say(Sentence.own(typed))).isEqualTo(typed);
        assertThat(HERE.say(Sentence.of("log.overridden", "Plate", Sentence.own(typed))))
                .endsWith(typed);
    }

    @Test
    void aSentenceIsKeptAndReadBackTheSame() {
        Sentence sentence = Sentence.of(
                "log.diagram",
                Sentence.of("supply.twoHots", 230),
                "T1 \"x\" \\ é",
                List.of("T4", "T8"),
                2.5,
                new Sentence.Metres(3.048));
        assertThat(SentenceText.read(SentenceText.write(sentence))).isEqualTo(sentence);
        assertThatThrownBy(() -> SentenceText.read("no json")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SentenceText.read("[1]")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void anUnknownSentenceIsAnError() {
        assertThatThrownBy(() -> HERE.say(Sentence.of("nobody.wrote.this")))
                .isInstanceOf(MissingResourceException.class);
    }
}
