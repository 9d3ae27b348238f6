package gatepin.web.parcel;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.format.WiringReader;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobPages;
import gatepin.web.parcel.Parcels.Unpacked;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.shop.Shops;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** Taking a job away as one file, and taking one in. */
@Controller
class ParcelController {
    /** Larger files are refused, bytes. */
    private static final long MOST_BYTES = 40_000_000;

    private static final int PATIENCE_SECONDS = 20;
    private static final int HEAD = 20;

    private final Parcels parcels;
    private final Strangers strangers;
    private final JobPages pages;
    private final Shops shops;
    /** One at a time: a job with its photos takes a good part of the memory there is. */
    private final Semaphore turn = new Semaphore(1, true);

    ParcelController(Parcels parcels, Strangers strangers, JobPages pages, Shops shops) {
        this.parcels = parcels;
        this.strangers = strangers;
        this.pages = pages;
        this.shops = shops;
    }

    @GetMapping("/jobs/{id}/job.zip")
    ResponseEntity<byte[]> take(@PathVariable long id) throws InterruptedException {
        JobFile file = pages.file(id);
        if (!turn.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .header(HttpHeaders.RETRY_AFTER, "10")
                    .build();
        }
        try {
            String name = file.job().machine().replaceAll("[^\\p{Alnum} -]", "").strip();
            return ResponseEntity.ok()
                    .contentType(MediaType.valueOf("application/zip"))
                    .header(
                            HttpHeaders.CONTENT_DISPOSITION,
                            ContentDisposition.attachment()
                                    .filename((name.isEmpty() ? "job" : name) + ".zip")
                                    .build()
                                    .toString())
                    .body(parcels.pack(id));
        } finally {
            turn.release();
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
        Reading<Unpacked> read = unpack(shop, file);
        if (read.value().isPresent()) {
            return new ModelAndView(
                    "redirect:/jobs/" + read.value().orElseThrow().jobId() + "?takenIn");
        }
        return again(shop, read.problems(), model);
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

    private Reading<Unpacked> unpack(long shop, @org.jspecify.annotations.Nullable MultipartFile file)
            throws IOException, InterruptedException {
        if (file == null || file.isEmpty()) {
            return failed("file", "Choose the file of a job.");
        }
        if (!isOpen(shop)) {
            return failed("shop", "Choose the shop it is to stand in.");
        }
        if (file.getSize() > MOST_BYTES) {
            return failed("file", tooLarge());
        }
        if (!turn.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
            return failed("file", "Another job is being taken in just now. Send it again in a moment.");
        }
        try (InputStream in = file.getInputStream()) {
            return parcels.unpack(shop, in);
        } finally {
            turn.release();
        }
    }

    private static Reading<Unpacked> failed(String field, String message) {
        return Reading.failed(List.of(new Problem(field, "", message)));
    }
}
