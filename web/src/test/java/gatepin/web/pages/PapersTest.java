package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The papers of jobs: as pages, and as PDF opened again. */
class PapersTest {
    private static final List<String> PAPERS = List.of("sheet", "cover", "labels", "danger", "checks", "buying");
    private static final float POINT = 1f;
    private static final int DEMO_JOBS = 8;

    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private PDDocument pdf(String job, String paper) {
        try {
            return Loader.loadPDF(visit.bytes(job + "/papers/" + paper + ".pdf"));
        } catch (IOException e) {
            throw new UncheckedIOException(paper + " is no PDF", e);
        }
    }

    private static String text(PDDocument pdf) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setSortByPosition(true);
        return stripper.getText(pdf).replaceAll("\\s+", " ");
    }

    private static Set<String> fontsThatAreNotEmbedded(PDDocument pdf) throws IOException {
        Set<String> loose = new TreeSet<>();
        for (PDPage page : pdf.getPages()) {
            for (COSName name : page.getResources().getFontNames()) {
                if (!page.getResources().getFont(name).isEmbedded()) {
                    loose.add(page.getResources().getFont(name).getName());
                }
            }
        }
        return loose;
    }

    /** The share of a page that is not white. */
    private static double ink(PDDocument pdf, int page) throws IOException {
        var image = new PDFRenderer(pdf).renderImageWithDPI(page, 40);
        long dark = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                dark += (image.getRGB(x, y) & 0xff) < 128 ? 1 : 0;
            }
        }
        return (double) dark / image.getWidth() / image.getHeight();
    }

    @Test
    @DisplayName(
            "every paper of every demo job: its page opens, its PDF is tagged, of the region's size, with its fonts in it")
    void everyPaper() throws IOException {
        Set<Float> widths = new TreeSet<>();
        for (int id = 1; id <= DEMO_JOBS; id++) {
            String job = "/jobs/" + id;
            String machine = visit.go(job + "/handover").text(".about strong");
            for (String paper : PAPERS) {
                assertThat(visit.statusOf(job + "/papers/" + paper))
                        .as("%s of %s", paper, machine)
                        .isEqualTo(200);
                try (PDDocument pdf = pdf(job, paper)) {
                    String text = text(pdf);
                    if (!paper.equals("labels")) {
                        assertThat(text).as(paper).contains(machine);
                    }
                    assertThat(fontsThatAreNotEmbedded(pdf))
                            .as("%s of %s", paper, machine)
                            .isEmpty();
                    assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked())
                            .isTrue();
                    assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
                    PDRectangle size = pdf.getPage(0).getMediaBox();
                    widths.add(size.getWidth());
                    PDRectangle is = Math.abs(size.getWidth() - PDRectangle.A4.getWidth()) < POINT
                            ? PDRectangle.A4
                            : PDRectangle.LETTER;
                    assertThat(size.getHeight()).isBetween(is.getHeight() - POINT, is.getHeight() + POINT);
                }
            }
        }
        assertThat(widths).as("both regions have their own paper").hasSize(2);
    }

    @Test
    @DisplayName("drawing, labels and danger label say what the job says, in words that can be searched")
    void whatTheyShow() throws IOException {
        String job = gates.wireListOfASixLeadMotor("Printed machine");
        visit.go(job + "/handover");
        visit.type("#isolator", "  ").press("Write it down");
        assertThat(visit.complaints()).singleElement().asString().contains("By what name");
        visit.type("#isolator", "x".repeat(61)).press("Write it down");
        assertThat(visit.complaints()).singleElement().asString().contains("60 letters");
        assertThat(visit.value("#isolator")).isEqualTo("x".repeat(61));
        visit.type("#isolator", "disconnect <9> & fuses").press("Write it down");

        try (PDDocument danger = pdf(job, "danger")) {
            assertThat(text(danger))
                    .contains("This switch does not isolate.")
                    .contains("Open and lock disconnect <9> & fuses before removing covers.");
            assertThat(danger.getNumberOfPages()).isEqualTo(1);
        }
        try (PDDocument cover = pdf(job, "cover")) {
            assertThat(text(cover))
                    .contains(
                            "MOTOR BOX", "CROSS-CORNER DRUM", "SUPPLY", "230 V, 60 Hz", "Contacts closed: 1–3 2–4 5–6")
                    .contains("T5", "T8");
            assertThat(ink(cover, 0)).as("the wires are drawn, too").isGreaterThan(0.02);
        }
        try (PDDocument labels = pdf(job, "labels")) {
            String text = text(labels);
            visit.go(job + "/wire");
            List<String> ends = new ArrayList<>();
            for (String mark : List.of("T1", "T5", "T8")) {
                ends.add("here: motor " + mark);
                ends.add("other end: motor " + mark);
            }
            assertThat(text).contains(ends);
        }
        visit.go(job + "/papers/labels");
        assertThat(visit.all(".mark.upside").stream().map(e -> e.text()).distinct())
                .as("6 and 9 are underlined, and nothing else")
                .isNotEmpty()
                .allMatch(m -> m.contains("6") || m.contains("9"));
    }

    @Test
    @DisplayName("the last gate wants both checks, a name, and both papers; what changes on them makes them old")
    void theLastGate() {
        String job = gates.wireListOfASixLeadMotor("Handed machine");
        gates.tickEveryWire();
        visit.go(job + "/handover").type("#isolator", "the plug").press("Write it down");
        String mark = visit.one("[name='mark']").attr("value");
        assertThat(visit.all(".leaf.open")).hasSize(6);
        visit.press(visit.one("form[action$='/papers/danger/taken'] button"));
        assertThat(visit.all(".leaf.true")).hasSize(1);
        assertThat(visit.text(".ticket")).contains("Cold check");

        visit.go(job + "/handover").type("#isolator", "disconnect 4").press("Write it down");

        assertThat(visit.all(".leaf.old h2").stream().map(e -> e.text())).containsExactly("Danger label");
        assertThat(visit.post(job + "/papers/cover/taken", "mark", mark).statusCode())
                .as("what was looked at before is no longer true")
                .isEqualTo(409);
        assertThat(visit.post(job + "/papers/nothing/taken", "mark", mark).statusCode())
                .isEqualTo(404);
        assertThat(visit.statusOf(job + "/papers/nothing.pdf")).isEqualTo(404);
        visit.go(job + "/log?gate=handover");
        assertThat(visit.text("main"))
                .contains("disconnect 4", "The danger label was printed")
                .doesNotContain("made.");
        assertThat(visit.body(job + "/log.csv"))
                .startsWith("at,who,gate,kind,what")
                .contains("disconnect 4");
        assertThat(visit.body(job + "/log.json?gate=wire"))
                .startsWith("[{\"at\":")
                .doesNotContain("handover");
    }

    @Test
    @DisplayName(
            "each paper is old by what stands on it: a reading by the check record and the sheet, a length by labels and lists")
    void eachByWhatItShows() {
        String job = gates.wireListOfASixLeadMotor("Papered machine");
        gates.tickEveryWire();
        visit.go(job + "/handover").type("#isolator", "the plug").press("Write it down");
        for (String paper : PAPERS) {
            visit.press(visit.one("form[action$='/papers/" + paper + "/taken'] button"));
        }
        assertThat(visit.all(".leaf.true")).hasSize(PAPERS.size());

        visit.go(job + "/wire").type("#motorCable", "9 ft").press("Count again");
        assertThat(old(job)).containsExactlyInAnyOrder("Job sheet", "Wire labels", "Buying list");
        visit.go(job + "/cold").type("#ohms", "OL").press("Write it down");

        assertThat(old(job)).containsExactlyInAnyOrder("Job sheet", "Wire labels", "Buying list", "Check record");
    }

    private List<String> old(String job) {
        visit.go(job + "/handover");
        return visit.all(".leaf.old h2").stream().map(e -> e.text()).toList();
    }
}
