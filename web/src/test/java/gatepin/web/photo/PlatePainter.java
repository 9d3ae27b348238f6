package gatepin.web.photo;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** Paints a plate as a photo would show it: stamped or printed, askew, with glare, grease or in low light. */
public final class PlatePainter {
    private static final int WIDTH = 1500;
    private static final int HEIGHT = 900;

    /** What a photo suffers from. */
    public enum Look {
        PRINTED,
        STAMPED,
        LIGHT_ON_DARK,
        PERSPECTIVE,
        GLARE,
        GREASE,
        LOW_LIGHT
    }

    private PlatePainter() {}

    /** A JPEG of a plate with these lines. */
    public static byte[] paint(List<String> lines, Look look, long seed) {
        Random random = new Random(seed);
        BufferedImage picture = plate(lines, look, random);
        BufferedImage seen = switch (look) {
            case PERSPECTIVE -> perspective(picture, random);
            case GLARE -> glare(picture, random);
            case GREASE -> grease(picture, random);
            default -> picture;
        };
        noise(seen, random, look == Look.LOW_LIGHT);
        return jpeg(seen);
    }

    private static BufferedImage plate(List<String> lines, Look look, Random random) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        boolean dark = look == Look.LIGHT_ON_DARK;
        pen.setPaint(
                dark
                        ? new Color(28, 30, 33)
                        : new GradientPaint(0, 0, new Color(205, 206, 200), WIDTH, HEIGHT, new Color(172, 174, 170)));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.rotate(Math.toRadians(random.nextDouble() * 4 - 2), WIDTH / 2.0, HEIGHT / 2.0);
        int size = Math.min(64, 560 / Math.max(1, lines.size()));
        pen.setFont(new Font(random.nextBoolean() ? Font.SANS_SERIF : Font.MONOSPACED, Font.BOLD, size));
        int y = 120;
        for (String line : lines) {
            if (look == Look.STAMPED) {
                // a stamped letter has a dark and a bright flank
                pen.setColor(new Color(235, 236, 232));
                pen.drawString(line, 83, y + 3);
                pen.setColor(new Color(96, 98, 98));
                pen.drawString(line, 80, y);
            } else {
                pen.setColor(dark ? new Color(205, 205, 198) : new Color(38, 40, 42));
                pen.drawString(line, 80, y);
            }
            y += size * 1.65;
        }
        pen.dispose();
        return picture;
    }

    /** Seen from the side: the far edge is shorter, and what lies between is drawn together as by a lens. */
    private static BufferedImage perspective(BufferedImage flat, Random random) {
        BufferedImage seen = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        double depth = 0.18 + random.nextDouble() * 0.14;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double u = (double) x / WIDTH;
                double w = 1 + depth * u;
                double sx = u * (1 + depth) / w;
                double sy = 0.5 + ((double) y / HEIGHT - 0.5) * (1 + depth * sx);
                int fx = (int) (sx * (WIDTH - 1));
                int fy = (int) (sy * (HEIGHT - 1));
                boolean inside = fx >= 0 && fx < WIDTH && fy >= 0 && fy < HEIGHT;
                seen.setRGB(x, y, inside ? flat.getRGB(fx, fy) : 0xff505452);
            }
        }
        return seen;
    }

    private static BufferedImage glare(BufferedImage picture, Random random) {
        Graphics2D pen = picture.createGraphics();
        Point2D at = new Point2D.Double(WIDTH * random.nextDouble(), HEIGHT * random.nextDouble());
        pen.setPaint(new RadialGradientPaint(
                at, 420, new float[] {0, 1}, new Color[] {new Color(255, 255, 255, 205), new Color(255, 255, 255, 0)}));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.dispose();
        return picture;
    }

    private static BufferedImage grease(BufferedImage picture, Random random) {
        Graphics2D pen = picture.createGraphics();
        for (int i = 0; i < 26; i++) {
            pen.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, 0.12f + random.nextFloat() * 0.3f));
            pen.setColor(new Color(52, 40, 26));
            double r = 20 + random.nextDouble() * 110;
            pen.fill(new Ellipse2D.Double(random.nextDouble() * WIDTH, random.nextDouble() * HEIGHT, r, r * 0.7));
        }
        pen.dispose();
        return picture;
    }

    private static void noise(BufferedImage picture, Random random, boolean lowLight) {
        double light = lowLight ? 0.22 : 1;
        double grain = lowLight ? 7 : 5;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int rgb = picture.getRGB(x, y);
                int n = (int) (random.nextGaussian() * grain);
                picture.setRGB(
                        x,
                        y,
                        channel(rgb >> 16, light, n) << 16 | channel(rgb >> 8, light, n) << 8 | channel(rgb, light, n));
            }
        }
    }

    private static int channel(int value, double light, int noise) {
        return Math.max(0, Math.min(255, (int) ((value & 0xff) * light) + noise));
    }

    private static byte[] jpeg(BufferedImage picture) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(picture, "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
