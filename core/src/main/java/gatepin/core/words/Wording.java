package gatepin.core.words;

import gatepin.core.Sentence;
import gatepin.core.rotation.Ways;
import gatepin.core.supply.Region;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.text.Format;
import java.text.MessageFormat;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Puts sentences into the words of a region. The book of sentences is {@code sentences.properties}: patterns of {@link MessageFormat},
 * in which {@code {ground}} and other words in braces stand for what the region calls it ({@code term.ground.…} in the same book).
 */
public final class Wording {
    private static final ResourceBundle BOOK = ResourceBundle.getBundle("gatepin.core.words.sentences", Locale.ROOT);
    private static final Pattern TERM = Pattern.compile("\\{([a-zA-Z]+)}");
    private static final Map<Region, Wording> OF = new EnumMap<>(Region.class);

    static {
        for (Region region : Region.values()) {
            OF.put(region, new Wording(region));
        }
    }

    private final Region region;
    private final Ways ways;
    private final Map<String, MessageFormat> patterns;

    private Wording(Region region) {
        this(region, Ways.USUAL, new ConcurrentHashMap<>());
    }

    private Wording(Region region, Ways ways, Map<String, MessageFormat> patterns) {
        this.region = region;
        this.ways = ways;
        this.patterns = patterns;
    }

    /**
     * The same words for a machine whose two ways have names of their own.
     *
     * @param handle what the first and the other position of its handle are called
     */
    public Wording with(Ways handle) {
        return new Wording(region, handle, patterns);
    }

    /** What a position of the handle is called on this machine; {@code title} as it is where it is no way of it. */
    public String way(String title) {
        return switch (title) {
            case "FORWARD" -> ways.work();
            case "REVERSE" -> ways.back();
            default -> title;
        };
    }

    /** The words of a region. */
    public static Wording of(Region region) {
        return java.util.Objects.requireNonNull(OF.get(region), "every region has words");
    }

    /**
     * Says a sentence; its first letter is made a capital one, unless a person wrote it.
     *
     * @throws MissingResourceException when the book has no such sentence
     */
    public String say(Sentence sentence) {
        String words = sentence.isOwn() ? inside(sentence) : inside(sentence).strip();
        return words.isEmpty() || sentence.isOwn()
                ? words
                : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** The same as part of another sentence: its first letter as it is in the book. */
    private String inside(Sentence sentence) {
        if (sentence.isOwn()) {
            // what a person wrote stays as he wrote it
            return String.valueOf(sentence.args().get(0));
        }
        Object[] words = sentence.args().stream().map(this::word).toArray();
        // a message format is not safe for several threads
        MessageFormat pattern = (MessageFormat)
                patterns.computeIfAbsent(sentence.key(), this::pattern).clone();
        return pattern.format(words);
    }

    private Object word(Object arg) {
        if (arg instanceof Sentence inner) {
            return inside(inner);
        }
        if (arg instanceof Sentence.Metres length) {
            return region.lengths().distance(length.metres());
        }
        if (arg instanceof Sentence.Size size) {
            return region.lengths().size(size.millimetres());
        }
        if (arg instanceof List<?> list) {
            return list.stream().map(this::word).map(Wording::plain).collect(Collectors.joining(", "));
        }
        return arg instanceof String name ? way(name) : arg;
    }

    private static String plain(Object word) {
        return word instanceof Number number ? numbers().format(number) : word.toString();
    }

    private static Format numbers() {
        return new DecimalFormat("0.###", DecimalFormatSymbols.getInstance(Locale.ROOT));
    }

    private MessageFormat pattern(String key) {
        MessageFormat pattern = new MessageFormat(inTerms(BOOK.getString(key)), Locale.ROOT);
        Format[] formats = pattern.getFormatsByArgumentIndex();
        for (int i = 0; i < formats.length; i++) {
            if (formats[i] == null) {
                pattern.setFormatByArgumentIndex(i, new PlainFormat());
            }
        }
        return pattern;
    }

    private String inTerms(String pattern) {
        Matcher terms = TERM.matcher(pattern);
        return terms.replaceAll(
                t -> Matcher.quoteReplacement(BOOK.getString("term." + t.group(1) + "." + region.name())));
    }

    /** Text as it stands, and numbers without the commas between thousands that a decimal comma could be taken for. */
    private static final class PlainFormat extends Format {
        private static final long serialVersionUID = 1;

        @Override
        public StringBuffer format(Object word, StringBuffer to, java.text.FieldPosition position) {
            return to.append(plain(word));
        }

        @Override
        public Object parseObject(String source, java.text.ParsePosition position) {
            throw new UnsupportedOperationException("sentences are not read back");
        }
    }
}
