package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.List;

/**
 * What is asked in the end.
 *
 * @param field its word, unique in an exercise
 * @param words the question
 * @param options what can be answered; none where a number or some marks are typed
 * @param right the answer
 */
record Question(String field, Sentence words, List<Option> options, Answer right) {
    Question {
        options = List.copyOf(options);
    }

    static Question choice(String field, Sentence words, List<Option> options, String right) {
        return new Question(field, words, options, new Answer.Word(right));
    }

    static Question yesNo(String field, Sentence words, boolean right) {
        return choice(
                field,
                words,
                List.of(new Option("yes", Sentence.of("practice.yes")), new Option("no", Sentence.of("practice.no"))),
                right ? "yes" : "no");
    }

    static Question number(String field, Sentence words, double right, double within) {
        return new Question(field, words, List.of(), new Answer.Number(right, within));
    }

    static Question groups(String field, Sentence words, String right) {
        return new Question(field, words, List.of(), new Answer.Groups(right));
    }

    /** One of several answers. */
    record Option(String word, Sentence label) {}

    /** How it is shown to a person: without its answer. */
    Asked asked() {
        return new Asked(
                field,
                words,
                options.stream().map(o -> new Asked.Choice(o.word(), o.label())).toList());
    }

    /** How an answer is called. */
    Sentence label(String answer) {
        return options.stream()
                .filter(o -> o.word().equals(answer))
                .map(Option::label)
                .findFirst()
                .orElseGet(() -> answer.isBlank() ? Sentence.of("practice.blank") : Sentence.own(answer));
    }

    /** Whether this answers it. */
    boolean isRight(String typed) {
        return right.is(typed.strip());
    }
}
