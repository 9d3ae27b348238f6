package gatepin.web.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.springframework.core.io.ClassPathResource;

/**
 * Makes drawings fit for a PDF: they get a size and a style of their own, and their words are lifted out of them and laid over them as
 * words of the page. Otherwise words in a drawing become outlines, which nobody can search, select or have read out.
 */
final class DrawnText {
    private static final String STYLE = "static/assets/paper-drawing.css";
    /** Where the baseline of a line as high as its letters lies, as a share of that height. */
    private static final double BASELINE = 0.98;
    /** Wide enough for any word of a drawing, in letters. */
    private static final int LETTERS = 40;

    private static final Pattern TRANSLATE = Pattern.compile("translate\\((-?[0-9.]+) (-?[0-9.]+)\\)");

    private DrawnText() {}

    /** Lifts the words out of every drawing of a page that says how wide it is to be ({@code data-mm}). */
    static void lift(Document page) {
        String style = style();
        for (Element svg : page.select("svg[data-mm]")) {
            String[] box = svg.attr("viewBox").split(" ");
            double scale = Double.parseDouble(svg.attr("data-mm")) / Double.parseDouble(box[2]);
            double height = scale * Double.parseDouble(box[3]);
            svg.attr("width", mm(Double.parseDouble(svg.attr("data-mm"))));
            svg.attr("height", mm(height));
            svg.attr("alt", svg.attr("aria-label"));
            svg.removeAttr("aria-label");
            svg.select("title").remove();
            svg.prependElement("style").appendText(style);
            Element drawn = new Element("div").addClass("drawn");
            drawn.attr("style", "width:" + mm(scale * Double.parseDouble(box[2])) + ";height:" + mm(height));
            svg.replaceWith(drawn);
            drawn.appendChild(svg);
            svg.select("text").forEach(text -> {
                if (text.parents().stream().noneMatch(p -> p.hasClass("flag"))) {
                    drawn.appendChild(over(text, scale, Double.parseDouble(box[0]), Double.parseDouble(box[1])));
                }
                text.remove();
            });
        }
    }

    private static double number(Element text, String attribute) {
        String written = text.attr(attribute);
        return written.isEmpty() ? 0 : Double.parseDouble(written);
    }

    /** How far the groups that hold it are moved, across (1) or down (2). */
    private static double moved(Element text, int which) {
        double moved = 0;
        for (Element parent : text.parents()) {
            Matcher translate = TRANSLATE.matcher(parent.attr("transform"));
            if (translate.matches()) {
                moved += Double.parseDouble(translate.group(which));
            }
        }
        return moved;
    }

    /** A word where it stands on a sheet whose upper left corner has these coordinates. */
    private static Element over(Element text, double scale, double firstX, double firstY) {
        double size = number(text, "font-size");
        double width = LETTERS * size;
        double x = number(text, "x") + moved(text, 1) - firstX;
        String anchor = text.attr("text-anchor");
        double left = switch (anchor) {
            case "middle" -> x - width / 2;
            case "end" -> x - width;
            default -> x;
        };
        double top = number(text, "y") + moved(text, 2) - firstY - BASELINE * size;
        Element over = new Element("div").addClass("on").text(text.text());
        text.classNames().forEach(over::addClass);
        over.attr(
                "style",
                "left:" + mm(scale * left) + ";top:" + mm(scale * top) + ";width:" + mm(scale * width) + ";font-size:"
                        + mm(scale * size)
                        + ";text-align:"
                        + switch (anchor) {
                            case "middle" -> "center";
                            case "end" -> "right";
                            default -> "left";
                        }
                        + (text.hasAttr("fill") ? ";color:" + text.attr("fill") : "")
                        + (text.hasAttr("transform") ? ";transform:rotate(-90deg)" : ""));
        return over;
    }

    private static String mm(double millimetres) {
        return String.format(Locale.ROOT, "%.3fmm", millimetres);
    }

    private static String style() {
        try (InputStream in = new ClassPathResource(STYLE).getInputStream()) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(STYLE + " is not in the application", e);
        }
    }
}
