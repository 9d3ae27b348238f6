package gatepin.core.practice;

/**
 * A place for a probe or a wire's end.
 *
 * @param id its word, unique in an exercise
 * @param label as it is marked
 */
public record Point(String id, String label) {}
