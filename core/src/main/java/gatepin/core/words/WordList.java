package gatepin.core.words;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** What people look up by a word: the glossary of the trade, and the cautions. */
public enum WordList {
    GLOSSARY("glossary.txt"),
    CAUTIONS("cautions.txt");

    private final List<Entry> entries;

    WordList(String file) {
        this.entries = read(file);
    }

    /** A word and what is said of it. */
    public record Entry(String word, String meaning) {}

    public List<Entry> entries() {
        return entries;
    }

    private static List<Entry> read(String file) {
        try (InputStream in = WordList.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException(file + " is missing");
            }
            return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(l -> new Entry(l.substring(0, l.indexOf('|')), l.substring(l.indexOf('|') + 1)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
