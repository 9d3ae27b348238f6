package gatepin.web.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.jsoup.nodes.Document;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Turns the page of a paper into a PDF: tagged, with its fonts embedded and its text to be selected. It loads nothing but the
 * application's own style and fonts.
 */
@Component
public class PdfPrinter {
    /** What a PDF's first letters are. */
    public static final String MAGIC = "%PDF";

    private static final String STYLE = "static/assets/paper.css";

    static {
        // every rule that it does not know would be a line in the log
        XRLog.setLoggingEnabled(false);
    }

    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    /**
     * Prints a page.
     *
     * @param html the page as a browser gets it
     * @param sheet the size of paper, as CSS names it
     */
    public byte[] print(String html, String sheet) {
        Document page = Jsoup.parse(html);
        page.select("link, script, .no-print").remove();
        page.head().appendElement("style").appendText("@page { size: " + sheet + " }\n" + text(STYLE));
        DrawnText.lift(page);
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        builder.usePdfUaAccessibility(true);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useUriResolver((base, uri) -> null);
        fonts(builder);
        builder.withW3cDocument(new W3CDom().fromJsoup(page), null);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("a PDF was not written", e);
        }
        return out.toByteArray();
    }

    /** The same faces as on the screen; signs that they lack come from the last family. */
    private static void fonts(PdfRendererBuilder builder) {
        for (String part : new String[] {"latin", "latin-ext"}) {
            font(builder, "atkinson-hyperlegible-next-" + part + "-400-normal", "text-" + part, REGULAR);
            font(builder, "atkinson-hyperlegible-next-" + part + "-700-normal", "text-" + part, BOLD);
            font(builder, "atkinson-hyperlegible-mono-" + part + "-400-normal", "reading-" + part, REGULAR);
            font(builder, "archivo-" + part + "-800-normal", "plate-" + part, BOLD);
        }
        font(builder, "DejaVuSans", "signs", REGULAR);
        font(builder, "DejaVuSans-Bold", "signs", BOLD);
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> open("paper-fonts/" + file + ".ttf"), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream open(String path) {
        try {
            return new ClassPathResource(path).getInputStream();
        } catch (IOException e) {
            throw new UncheckedIOException(path + " is not in the application", e);
        }
    }

    private static String text(String path) {
        try (InputStream in = open(path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(path + " was not read", e);
        }
    }
}
