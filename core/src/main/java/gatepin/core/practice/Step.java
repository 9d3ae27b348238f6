package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.List;

/**
 * A step of the better way.
 *
 * @param act what is done; a tool of no name where something is only thought
 * @param why why
 * @param points where to look on the drawing
 */
public record Step(Act act, Sentence why, List<String> points) {
    static Step of(Act act, String key, Object... args) {
        return new Step(
                act,
                Sentence.of(key, args),
                List.of(act.one(), act.other()).stream()
                        .filter(p -> !p.isEmpty())
                        .toList());
    }

    static Step thought(String key, Object... args) {
        return new Step(Act.of(""), Sentence.of(key, args), List.of());
    }
}
