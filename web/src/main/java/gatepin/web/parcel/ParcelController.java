package gatepin.web.parcel;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.format.WiringReader;
import gatepin.web.lane.JobPages;
import gatepin.web.parcel.Parcels.Unpacked;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.ModelAndView;

/** Taking a job away as one file, and taking one in. */
@Controller
class ParcelController {
    /** Larger files are refused, bytes. */
    private static final long MOST_BYTES = 40_000_000;

    private static final int HEAD = 20;

    private final Parcels parcels;
    private final Intake intake;
    private final Strangers strangers;
    /** One at a time: a job with its photos takes a good part of the memory there is. */
    private final Object packing = new Object();

    private final JobPages pages;
    private final Shops shops;

    ParcelController(Parcels parcels, Intake intake, Strangers strangers, JobPages pages, Shops shops) {
        this.parcels = parcels;
        this.intake = intake;
        this.strangers = strangers;
        this.pages = pages;
        this.shops = shops;
    }

    @GetMapping("/jobs/{id}/job.zip")
    void take(@PathVariable long id, HttpServletResponse response) throws IOException {
        String name =
                pages.file(id).job().machine().replaceAll("[^\\p{Alnum} -]", "").strip();
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename((name.isEmpty() ? "job" : name) + ".zip")
                        .build()
                        .toString());
        synchronized (packing) {
            parcels.packed(id).write(response.getOutputStream());
        }
    }

    @ExceptionHandler(Parcels.TooManyPhotos.class)
    ModelAndView tooManyPhotos() {
        HttpStatus status = HttpStatus.PAYLOAD_TOO_LARGE;
        return new ModelAndView(
                "error",
                Map.of(
                        "status",
                        status.value(),
                        "title",
                        "Its photos are too many for one file",
                        "words",
                        "A job's file takes 38 MB of photos along, and this job has more. Nothing is lost: ./gatepin backup"
                                + " takes the whole yard with all of them."),
                status);
    }

    @GetMapping("/jobs/in")
    String ask(
            @RequestParam(defaultValue = "0") long shop, @RequestParam(required = false) String tooLarge, Model model) {
        model.addAttribute("shop", shop);
        model.addAttribute("wrong", tooLarge == null ? Map.of() : Map.of("file", tooLarge()));
        return page(model);
    }

    private static String tooLarge() {
        return "The file is too large: at most " + MOST_BYTES / 1_000_000 + " MB are taken.";
    }

    private String page(Model model) {
        model.addAttribute(
                "allShops", shops.all().stream().filter(s -> !s.aside()).toList());
        return "parcel/in";
    }

    @PostMapping("/jobs/in")
    ModelAndView take(
            @RequestParam(defaultValue = "0") long shop,
            @RequestParam(name = "file", required = false) MultipartFile file,
            Model model)
            throws IOException, InterruptedException {
        if (file != null && isWiring(file)) {
            Reading<Long> stranger = stranger(shop, file);
            if (stranger.value().isPresent()) {
                return new ModelAndView("redirect:/jobs/" + stranger.value().orElseThrow() + "/found?takenIn");
            }
            return again(shop, stranger.problems(), model);
        }
        Reading<Long> begun = begin(shop, file);
        if (begun.value().isEmpty()) {
            return again(shop, begun.problems(), model);
        }
        long number = begun.value().orElseThrow();
        Intake.Look look = look(number);
        return look.job().isPresent() ? done(look, model) : new ModelAndView("redirect:/jobs/in/" + number);
    }

    /** A job on its way in: the job itself once it is there, how far it is until then. */
    @GetMapping("/jobs/in/{number}")
    ModelAndView coming(@PathVariable long number, Model model, HttpServletResponse response)
            throws InterruptedException {
        Intake.Look look = look(number);
        if (look.job().isPresent()) {
            return done(look, model);
        }
        response.setHeader("Refresh", "1");
        return new ModelAndView("parcel/coming", Map.of("number", number, "percent", look.percent()));
    }

    private Intake.Look look(long number) throws InterruptedException {
        return intake.look(number).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private ModelAndView done(Intake.Look look, Model model) {
        Reading<Unpacked> job = look.job().orElseThrow();
        return job.value()
                .map(in -> new ModelAndView("redirect:/jobs/" + in.jobId() + "?takenIn"))
                .orElseGet(() -> again(look.shop(), job.problems(), model));
    }

    @PostMapping("/jobs/in/{number}/stop")
    String stop(@PathVariable long number) {
        intake.stop(number);
        return "redirect:/jobs/in/" + number;
    }

    private ModelAndView again(long shop, List<Problem> problems, Model model) {
        model.addAttribute("shop", shop);
        model.addAttribute("wrong", JobPages.byField(problems));
        return new ModelAndView(page(model), model.asMap(), HttpStatus.UNPROCESSABLE_ENTITY);
    }

    /** A wiring is text that begins with a brace, a job a zip. */
    private static boolean isWiring(MultipartFile file) throws IOException {
        try (InputStream in = file.getInputStream()) {
            return new String(in.readNBytes(HEAD), StandardCharsets.UTF_8)
                    .replace("\uFEFF", "")
                    .strip()
                    .startsWith("{");
        }
    }

    private Reading<Long> stranger(long shop, MultipartFile file) throws IOException {
        if (!isOpen(shop)) {
            return Reading.failed(List.of(new Problem("shop", "", "Choose the shop it is to stand in.")));
        }
        if (file.getSize() > WiringReader.MOST_BYTES) {
            return Reading.failed(List.of(new Problem(
                    "file",
                    "",
                    "A wiring has at most " + WiringReader.MOST_BYTES / 1000 + " kB; this file has more.")));
        }
        try {
            return strangers.takeIn(
                    shop,
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(file.getBytes()))
                            .toString());
        } catch (CharacterCodingException e) {
            return Reading.failed(List.of(new Problem("file", "", "It is not text in UTF-8.")));
        }
    }

    private boolean isOpen(long shop) {
        return shops.all().stream().anyMatch((Shop s) -> s.id() == shop && !s.aside());
    }

    private Reading<Long> begin(long shop, @org.jspecify.annotations.Nullable MultipartFile file) throws IOException {
        if (file == null || file.isEmpty()) {
            return failed("file", "Choose the file of a job.");
        }
        if (!isOpen(shop)) {
            return failed("shop", "Choose the shop it is to stand in.");
        }
        if (file.getSize() > MOST_BYTES) {
            return failed("file", tooLarge());
        }
        return intake.begin(shop, file)
                .map(Reading::of)
                .orElseGet(
                        () -> failed("file", "Too many jobs are being taken in just now. Send it again in a moment."));
    }

    private static Reading<Long> failed(String field, String message) {
        return Reading.failed(List.of(new Problem(field, "", message)));
    }
}
