package gatepin.web.gate.plate;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import gatepin.core.plate.PlatePiece;
import gatepin.core.plate.PlateText;
import gatepin.web.photo.PhotoEye.Word;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A piece of a plate as a machine took a photo to say it: a guess, until a person has looked at the place it came from.
 *
 * @param text the piece
 * @param meaning what it would mean
 * @param doubtful nothing of it is understood
 * @param left where it stands in the photo, percent of its width
 * @param top percent of its height
 * @param width percent of its width
 * @param height percent of its height
 */
public record GuessedPiece(
        String text, String meaning, boolean doubtful, double left, double top, double width, double height) {
    /** With so many pieces understood a photo is not read another way. */
    static final double ENOUGH = 7;

    private static final Pattern GLUED = Pattern.compile("(CODE|INS|CLASS|FRAME)([A-Z])");
    private static final ObjectMapper JSON = new ObjectMapper();

    static String write(List<Word> words) {
        try {
            return JSON.writeValueAsString(words);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Word> words(String written) {
        try {
            return Arrays.stream(JSON.readValue(written, Word[].class))
                    .map(GuessedPiece::parted)
                    .toList();
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A label and its letter without a gap between them, as narrow type is taken: CODEL, INSB. */
    private static Word parted(Word w) {
        Matcher glued = GLUED.matcher(w.text());
        String text = glued.matches() ? glued.group(1) + " " + glued.group(2) : w.text();
        return new Word(w.line(), w.left(), w.top(), w.width(), w.height(), text);
    }

    /** How many pieces of a reading are understood. */
    static double understood(List<Word> words) {
        return of(words).stream().filter(g -> !g.doubtful()).count();
    }

    /** The pieces of a photo's words that could be something, those that are understood first. */
    static List<GuessedPiece> of(String written) {
        return of(words(written));
    }

    private static List<GuessedPiece> of(List<Word> words) {
        StringBuilder text = new StringBuilder();
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            if (i > 0) {
                text.append(words.get(i).line() == words.get(i - 1).line() ? ' ' : '\n');
            }
            starts.add(text.length());
            text.append(words.get(i).text());
        }
        List<GuessedPiece> pieces = new ArrayList<>();
        for (PlatePiece piece : PlateText.read(text.toString()).pieces()) {
            List<Word> under = new ArrayList<>();
            for (int i = 0; i < words.size(); i++) {
                int end = starts.get(i) + words.get(i).text().length();
                if (starts.get(i) < piece.end() && end > piece.start()) {
                    under.add(words.get(i));
                }
            }
            boolean nothing = under.isEmpty() || piece.kind() == PlatePiece.Kind.IGNORED || isSpeck(piece);
            if (!nothing) {
                pieces.add(at(piece, under));
            }
        }
        pieces.sort(Comparator.comparing(GuessedPiece::doubtful));
        return pieces;
    }

    /** Scratches are taken for single letters and strokes; what says nothing and is too short to be a word is one. */
    private static boolean isSpeck(PlatePiece piece) {
        long signs = piece.text().chars().filter(Character::isLetterOrDigit).count();
        boolean figures = piece.text().chars().anyMatch(Character::isDigit);
        return signs < 2 || piece.isDoubtful() && (signs < 3 || !figures && signs < 6);
    }

    private static GuessedPiece at(PlatePiece piece, List<Word> words) {
        double left = words.stream().mapToDouble(Word::left).min().orElse(0);
        double top = words.stream().mapToDouble(Word::top).min().orElse(0);
        double right =
                words.stream().mapToDouble(w -> w.left() + w.width()).max().orElse(0);
        double foot =
                words.stream().mapToDouble(w -> w.top() + w.height()).max().orElse(0);
        return new GuessedPiece(
                piece.text(),
                piece.isDoubtful() ? "not understood" : piece.meaning(),
                piece.isDoubtful(),
                left,
                top,
                right - left,
                foot - top);
    }
}
