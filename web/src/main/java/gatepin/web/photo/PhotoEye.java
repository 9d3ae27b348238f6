package gatepin.web.photo;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.ToDoubleFunction;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;

/**
 * What a machine takes a photo to say: tesseract, where it is installed. The picture is flattened first, so that glare, grease and
 * low light matter less: every spot is held against the brightness around it. It is read as it is and turned over, dark on light and
 * light on dark, and the reading that is worth most counts. All of it is a guess.
 */
@Component
public class PhotoEye {
    private static final int PATIENCE_SECONDS = 20;
    /** The width at which a plate's letters are of a size that is read best, pixels. */
    private static final int WORKING_WIDTH = 1800;

    /** Words less sure than this are left out, percent. */
    private static final double LEAST_SURE = 30;

    private static final double SURE = 60;
    private final Semaphore turn = new Semaphore(1, true);
    private final String command;

    public PhotoEye() {
        this("tesseract");
    }

    PhotoEye(String command) {
        this.command = command;
    }

    /**
     * A word in a photo.
     *
     * @param line the number of its line
     * @param left as a share of the photo's width, percent
     * @param top as a share of its height, percent
     * @param width as a share of its width, percent
     * @param height as a share of its height, percent
     * @param text the word
     */
    public record Word(int line, double left, double top, double width, double height, String text) {
        private double middle() {
            return top + height / 2;
        }
    }

    /**
     * The words, line by line; none where nothing can be made out, empty where there is no reader on this machine.
     *
     * @param worth how much a reading is worth: the one that is worth most is given
     * @param enough a reading that is worth as much is good enough to ask no further
     */
    public Optional<List<Word>> read(byte[] jpeg, ToDoubleFunction<List<Word>> worth, double enough)
            throws IOException {
        BufferedImage photo = ImageIO.read(new ByteArrayInputStream(jpeg));
        if (photo == null) {
            return Optional.of(List.of());
        }
        BufferedImage flat = flat(photo);
        List<Word> best = List.of();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        for (String layout : List.of("11", "6")) {
            for (boolean light : new boolean[] {false, true}) {
                Optional<List<Word>> words = ask(light ? inverted(flat) : flat, layout);
                if (words.isEmpty()) {
                    return Optional.empty();
                }
                List<Word> read = words.orElseThrow();
                best = worth.applyAsDouble(read) > worth.applyAsDouble(best) ? read : best;
                if (worth.applyAsDouble(best) >= enough || System.nanoTime() > until) {
                    return Optional.of(best);
                }
            }
        }
        return Optional.of(best);
    }

    private Optional<List<Word>> ask(BufferedImage picture, String layout) throws IOException {
        boolean mine;
        try {
            mine = turn.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.of(List.of());
        }
        if (!mine) {
            return Optional.of(List.of());
        }
        try {
            ProcessBuilder builder =
                    new ProcessBuilder(command, "stdin", "stdout", "-l", "eng", "--dpi", "150", "--psm", layout, "tsv");
            builder.environment().put("OMP_THREAD_LIMIT", "1");
            builder.redirectError(ProcessBuilder.Redirect.DISCARD);
            Process process;
            try {
                process = builder.start();
            } catch (IOException e) {
                // it is not installed: everything else works without it
                return Optional.empty();
            }
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", png);
            CompletableFuture<Boolean> fed = CompletableFuture.supplyAsync(() -> feed(process, png.toByteArray()));
            CompletableFuture<byte[]> told = CompletableFuture.supplyAsync(() -> listen(process));
            if (!process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                process.destroyForcibly();
                return Optional.of(List.of());
            }
            fed.join();
            return Optional.of(
                    words(new String(told.join(), StandardCharsets.UTF_8), picture.getWidth(), picture.getHeight()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.of(List.of());
        } finally {
            turn.release();
        }
    }

    private static boolean feed(Process process, byte[] png) {
        try (OutputStream in = process.getOutputStream()) {
            in.write(png);
            return true;
        } catch (IOException e) {
            // it ended before it had read all: what it says then is all there is
            return false;
        }
    }

    private static byte[] listen(Process process) {
        try {
            return process.getInputStream().readAllBytes();
        } catch (IOException e) {
            return new byte[0];
        }
    }

    /** Its answer is a table: level, page, block, paragraph, line, word, left, top, width, height, confidence, text. */
    private static List<Word> words(String table, int width, int height) {
        List<Word> words = new ArrayList<>();
        for (String row : table.split("\n")) {
            String[] cells = row.split("\t");
            if (cells.length < 12 || !cells[0].equals("5") || cells[11].isBlank()) {
                continue;
            }
            double sure = Double.parseDouble(cells[10]);
            String text = cells[11].strip();
            boolean speck = text.chars().noneMatch(Character::isLetterOrDigit)
                    || text.length() < 4 && text.chars().noneMatch(Character::isDigit) && sure < SURE;
            if (sure >= LEAST_SURE && !speck) {
                words.add(new Word(
                        0,
                        percent(cells[6], width),
                        percent(cells[7], height),
                        percent(cells[8], width),
                        percent(cells[9], height),
                        text));
            }
        }
        return inLines(words);
    }

    /** Words on one height are one line, whatever gaps lie between them, as boxes of a plate do; a line may run askew. */
    private static List<Word> inLines(List<Word> words) {
        List<List<Word>> lines = new ArrayList<>();
        List<Word> fromLeft = new ArrayList<>(words);
        fromLeft.sort(Comparator.comparingDouble(Word::left));
        for (Word word : fromLeft) {
            Optional<List<Word>> line = lines.stream()
                    .filter(l -> isLevel(l.get(l.size() - 1), word))
                    .min(Comparator.comparingDouble(
                            l -> Math.abs(l.get(l.size() - 1).middle() - word.middle())));
            line.ifPresentOrElse(l -> l.add(word), () -> lines.add(new ArrayList<>(List.of(word))));
        }
        lines.sort(Comparator.comparingDouble(l -> l.get(0).middle()));
        List<Word> sorted = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            int line = i;
            lines.get(i).forEach(w -> sorted.add(new Word(line, w.left(), w.top(), w.width(), w.height(), w.text())));
        }
        return sorted;
    }

    private static boolean isLevel(Word before, Word word) {
        return Math.abs(before.middle() - word.middle()) < 0.6 * Math.max(before.height(), word.height());
    }

    private static double percent(String pixels, int of) {
        return Math.round(1000.0 * Integer.parseInt(pixels) / of) / 10.0;
    }

    private static BufferedImage inverted(BufferedImage grey) {
        BufferedImage other = new BufferedImage(grey.getWidth(), grey.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
        byte[] from = ((DataBufferByte) grey.getRaster().getDataBuffer()).getData();
        byte[] to = ((DataBufferByte) other.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < from.length; i++) {
            to[i] = (byte) ~from[i];
        }
        return other;
    }

    /** Grey, of a working width, each spot against the mean and the spread of brightness around it. */
    static BufferedImage flat(BufferedImage photo) {
        double scale = Math.min(3, (double) WORKING_WIDTH / photo.getWidth());
        int w = (int) Math.max(1, photo.getWidth() * scale);
        int h = (int) Math.max(1, photo.getHeight() * scale);
        BufferedImage grey = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = grey.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(photo, 0, 0, w, h, null);
        pen.dispose();
        byte[] spots = ((DataBufferByte) grey.getRaster().getDataBuffer()).getData();
        long[] sum = new long[(w + 1) * (h + 1)];
        long[] squares = new long[(w + 1) * (h + 1)];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int v = spots[y * w + x] & 0xff;
                int at = (y + 1) * (w + 1) + x + 1;
                sum[at] = v + sum[at - 1] + sum[at - w - 1] - sum[at - w - 2];
                squares[at] = (long) v * v + squares[at - 1] + squares[at - w - 1] - squares[at - w - 2];
            }
        }
        BufferedImage flat = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        byte[] out = ((DataBufferByte) flat.getRaster().getDataBuffer()).getData();
        int reach = Math.max(12, w / 36);
        // where nothing is written, the grain of the picture is not blown up to letters
        double n0 = (double) w * h;
        double whole = area(sum, w, 0, 0, w, h) / n0;
        double least = Math.max(4, 0.45 * Math.sqrt(Math.max(0, area(squares, w, 0, 0, w, h) / n0 - whole * whole)));
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int x0 = Math.max(0, x - reach);
                int x1 = Math.min(w, x + reach);
                int y0 = Math.max(0, y - reach);
                int y1 = Math.min(h, y + reach);
                double n = (double) (x1 - x0) * (y1 - y0);
                double mean = area(sum, w, x0, y0, x1, y1) / n;
                double spread = Math.sqrt(Math.max(0, area(squares, w, x0, y0, x1, y1) / n - mean * mean));
                double v = ((spots[y * w + x] & 0xff) - mean) / Math.max(least, spread);
                out[y * w + x] = (byte) Math.max(0, Math.min(255, 165 + v * 62));
            }
        }
        return flat;
    }

    private static double area(long[] sum, int w, int x0, int y0, int x1, int y1) {
        return sum[y1 * (w + 1) + x1] - sum[y0 * (w + 1) + x1] - sum[y1 * (w + 1) + x0] + sum[y0 * (w + 1) + x0];
    }
}
