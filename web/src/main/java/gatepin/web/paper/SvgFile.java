package gatepin.web.paper;

import gatepin.web.drawing.Drawing;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Drawings as files of their own: SVG with its style inside, in ink alone. */
@Component
public class SvgFile {
    private static final String STYLE = "static/assets/paper-drawing.css";

    private final ITemplateEngine templates;

    SvgFile(ITemplateEngine templates) {
        this.templates = templates;
    }

    /**
     * A drawing as a file.
     *
     * @param at the setting it is drawn in
     * @param label what it shows, in words
     */
    public String of(Drawing drawing, String at, String label) {
        Context context = new Context();
        context.setVariable("d", drawing);
        context.setVariable("at", at);
        context.setVariable("label", label);
        String html = templates.process("drawing-file", Set.of(), context);
        Document document = Jsoup.parse(html, "", Parser.xmlParser());
        Element svg = document.getElementsByTag("svg").get(0);
        svg.removeAttr("data-mm");
        svg.attr("width", String.valueOf(drawing.width())).attr("height", String.valueOf(drawing.height()));
        svg.prependElement("rect").attr("width", "100%").attr("height", "100%").attr("fill", "#ffffff");
        svg.prependElement("style").appendText(style() + "\ntext { font-family: sans-serif }");
        return svg.outerHtml();
    }

    private static String style() {
        try (var in = new ClassPathResource(STYLE).getInputStream()) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(STYLE + " is not in the application", e);
        }
    }
}
