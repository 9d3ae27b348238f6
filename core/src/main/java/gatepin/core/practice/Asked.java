package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.List;

/**
 * A question as it is put to a person.
 *
 * @param field its word
 * @param words the question
 * @param choices what can be answered; none where something is typed
 */
public record Asked(String field, Sentence words, List<Choice> choices) {
    /** One of several answers. */
    public record Choice(String word, Sentence label) {}
}
