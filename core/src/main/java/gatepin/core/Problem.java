package gatepin.core;

/**
 * Something typed that cannot be used as it stands.
 *
 * @param field the name of the field it was typed into
 * @param value what was typed there
 * @param message what is wrong with it and how to mend it, for the person who typed it
 */
public record Problem(String field, String value, String message) {}
