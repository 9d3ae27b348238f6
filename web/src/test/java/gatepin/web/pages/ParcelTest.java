package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Reading;
import gatepin.core.format.JobArchive;
import gatepin.core.format.JobSummary;
import gatepin.core.format.WiringFile;
import gatepin.core.format.WiringReader;
import gatepin.core.job.Gate;
import gatepin.core.paper.Paper;
import gatepin.core.verdict.Analysis;
import gatepin.web.RunningDatabase;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import gatepin.web.parcel.Parcels;
import gatepin.web.parcel.Parcels.Unpacked;
import gatepin.web.parcel.Strangers;
import gatepin.web.photo.PlatePainter;
import gatepin.web.shop.Shops;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Jobs in one file: out and in again the same; and files that somebody spoilt do no harm. */
class ParcelTest {
    private static final int DEMO_JOBS = 8;
    private static final int SPOILT = Integer.getInteger("gatepin.spoilt", 250);

    private final ObjectMapper json = new ObjectMapper();
    private final Parcels parcels = RunningGatePin.get().bean(Parcels.class);
    private final JobFiles files = RunningGatePin.get().bean(JobFiles.class);
    private final Strangers strangers = RunningGatePin.get().bean(Strangers.class);
    private final Shops shops = RunningGatePin.get().bean(Shops.class);
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private long shop(String name, String region) {
        return shops.open(name, region, "Europe/Berlin", List.of()).value().orElseThrow();
    }

    private static Map<String, byte[]> unzip(byte[] zip) throws IOException {
        Map<String, byte[]> entries = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    private Reading<Unpacked> unpack(long shop, byte[] zip) {
        return parcels.unpack(shop, new ByteArrayInputStream(zip));
    }

    private ObjectNode job(byte[] zip) throws IOException {
        return (ObjectNode) json.readTree(unzip(zip).get("job.json"));
    }

    /** The record with keys made alike: a row is known by where it stands, and not by its number in a database. */
    private JsonNode alike(byte[] zip) throws IOException {
        ObjectNode tables = (ObjectNode) job(zip).path("record").path("tables");
        ObjectNode alike = json.createObjectNode();
        tables.properties().forEach(table -> {
            ArrayNode rows = alike.putArray(table.getKey());
            for (JsonNode row : table.getValue()) {
                ObjectNode kept = rows.addObject();
                row.properties().stream()
                        .filter(c -> !c.getKey().equals("id")
                                && !c.getKey().endsWith("_id")
                                && !List.of(
                                                "swap_first",
                                                "swap_second",
                                                "made_by",
                                                "terminal_a",
                                                "terminal_b",
                                                "revision",
                                                "touched_at",
                                                "jpeg")
                                        .contains(c.getKey()))
                        .forEach(c -> kept.set(c.getKey(), c.getValue()));
            }
        });
        // that it was taken in stands in its log as well
        ArrayNode log = (ArrayNode) alike.path("log_entry");
        for (Iterator<JsonNode> rows = log.iterator(); rows.hasNext(); ) {
            if (rows.next().path("words").asText().contains("log.unpacked")) {
                rows.remove();
            }
        }
        return alike;
    }

    @Test
    @DisplayName(
            "every demo job goes into another shop and comes out of it as it was, row by row, fact by fact, page by page")
    void thereAndBack() throws IOException {
        long there = shop("Parcel shop", "IEC");
        for (long id = 1; id <= DEMO_JOBS; id++) {
            byte[] out = parcels.pack(id);
            Reading<Unpacked> read = unpack(there, out);
            assertThat(read.problems()).as("job %d", id).isEmpty();
            Unpacked in = read.value().orElseThrow();
            byte[] again = parcels.pack(in.jobId());

            assertThat(alike(again)).as("job %d", id).isEqualTo(alike(out));
            assertThat(unzip(again).keySet()).hasSameSizeAs(unzip(out).keySet());
            JobFile before = files.file(id);
            JobFile after = files.file(in.jobId());
            assertThat(after.facts().gear()).isEqualTo(before.facts().gear());
            for (Gate gate : Gate.values()) {
                assertThat(after.lane().pin(gate))
                        .as("%s of job %d", gate, id)
                        .isEqualTo(before.lane().pin(gate));
                assertThat(visit.statusOf("/jobs/" + in.jobId() + "/" + gate.word()))
                        .as(gate.word())
                        .isEqualTo(200);
            }
        }
        Unpacked second = unpack(there, parcels.pack(1)).value().orElseThrow();
        assertThat(second.machine()).as("a name that is taken gets a number").isEqualTo("Apple scratter (2)");
    }

    @Test
    @DisplayName("a job's file of an earlier landing comes in, with every fact as it has it, and every page opens")
    void ofEarlierLandings() throws IOException {
        long there = shop("Landed shop", "NORTH_AMERICA");
        List<Path> landed;
        try (Stream<Path> all = Files.list(Path.of("src/test/resources/landings/jobs"))) {
            landed = all.sorted().toList();
        }
        assertThat(landed).hasSizeGreaterThanOrEqualTo(DEMO_JOBS);
        for (Path file : landed) {
            byte[] old = Files.readAllBytes(file);
            Reading<Unpacked> in = unpack(there, old);

            assertThat(in.problems()).as("%s", file).isEmpty();
            long id = in.value().orElseThrow().jobId();
            sameMotor(
                    job(old).path("facts"), job(parcels.pack(id)).path("facts").path("kept"), file);
            // facts equal, or it would have been refused; what was done stands in the log
            assertThat(job(parcels.pack(id)).path("log").size())
                    .isGreaterThan(job(old).path("log").size());
            for (Gate gate : Gate.values()) {
                assertThat(visit.statusOf("/jobs/" + id + "/" + gate.word()))
                        .as("%s of %s", gate, file)
                        .isEqualTo(200);
            }
        }
    }

    /** Up to version 29 plate, leads and the chosen column stood among the facts. */
    private static void sameMotor(JsonNode before, JsonNode kept, Path file) {
        JsonNode motor = before.path("motor");
        if (motor.path("plate").isObject()) {
            assertThat(kept.path("plate")).as("%s", file).isEqualTo(motor.path("plate"));
        }
        assertThat(kept.path("traces").isObject())
                .as("%s: traces", file)
                .isEqualTo(motor.path("traces").isObject());
        assertThat(kept.path("diagram").path("leads").path("all"))
                .as("%s: leads", file)
                .hasSameSizeAs(motor.path("leads").path("all"));
        String volts = before.path("supply").path("volts").asText();
        if (motor.path("column").isObject()) {
            assertThat(kept.path("diagram").path("leads")).as("%s", file).isEqualTo(motor.path("leads"));
            assertThat(kept.path("diagram").path("columns").path(volts))
                    .as("%s: column for %s V", file, volts)
                    .isEqualTo(motor.path("column"));
        }
    }

    @Test
    @DisplayName("a long log goes along with its newest entries, and more rows than a job has come in nowhere")
    void longLogs() throws IOException {
        long id = unpack(shop("Long shop", "NORTH_AMERICA"), parcels.pack(1))
                .value()
                .orElseThrow()
                .jobId();
        ObjectNode longer = job(parcels.pack(id));
        ArrayNode rows = (ArrayNode) longer.path("record").path("tables").path("log_entry");
        JsonNode one = rows.get(0);
        for (int i = rows.size(); i < 6000; i++) {
            rows.add(((ObjectNode) one.deepCopy()).put("id", 1_000_000 + i));
        }
        Map<String, byte[]> entries = unzip(parcels.pack(id));
        long many = unpack(shop("Longer shop", "NORTH_AMERICA"), with(entries, "job.json", longer.toString()))
                .value()
                .orElseThrow()
                .jobId();
        ObjectNode out = job(parcels.pack(many));
        assertThat(out.path("log")).hasSize(5000);
        assertThat(out.path("record").path("tables").path("log_entry")).hasSize(5000);
        assertThat(out.path("log").get(0).path("what").asText())
                .as("the newest")
                .contains("Long shop");
        for (int i = 0; i < 6000; i++) {
            rows.add(((ObjectNode) one.deepCopy()).put("id", 2_000_000 + i));
        }
        assertThat(sentence(with(entries, "job.json", longer.toString()))).contains("no job can hold");
    }

    @Test
    @DisplayName("the command line judges the file exactly as the pages judge the job")
    void judgedAlike() {
        for (long id = 1; id <= DEMO_JOBS; id++) {
            JobArchive archive = JobArchive.read(new ByteArrayInputStream(parcels.pack(id)))
                    .value()
                    .orElseThrow();
            JobFile file = files.file(id);
            JsonNode judged = new JobSummary(archive.machine(), archive.facts()).json();
            for (JsonNode gate : judged.path("gates")) {
                Gate named = Gate.valueOf(gate.path("gate").asText().toUpperCase(java.util.Locale.ROOT));
                assertThat(gate.path("lacks").asText())
                        .as("%s of job %d", named, id)
                        .isEqualTo(file.evidence().lack(named).map(file::say).orElse(""));
            }
            for (Paper paper : Paper.values()) {
                assertThat(judged.path("paperMarks").path(paper.word()).asText())
                        .isEqualTo(file.workup().paperMark(paper));
            }
        }
    }

    @Test
    @DisplayName("the photos of a made-up job travel with it")
    void withPhotos() throws IOException {
        String job = gates.wireListOfASixLeadMotor("Travelling machine");
        gates.tickEveryWire();
        byte[] picture =
                PlatePainter.paint(List.of("3/4 HP 115/230 V", "1725 RPM 60 HZ"), PlatePainter.Look.PRINTED, 5);
        assertThat(visit.upload(job + "/plate/photos", "photo", "plate.jpg", picture))
                .isBetween(200, 399);
        long id = Long.parseLong(job.replaceAll("\\D", ""));
        byte[] out = parcels.pack(id);
        Map<String, byte[]> entries = unzip(out);
        String photo = entries.keySet().stream()
                .filter(n -> n.startsWith("photos/"))
                .findFirst()
                .orElseThrow();

        Unpacked in = unpack(shop("Photo shop", "NORTH_AMERICA"), out).value().orElseThrow();

        Map<String, byte[]> again = unzip(parcels.pack(in.jobId()));
        byte[] there = again.get(again.keySet().stream()
                .filter(n -> n.startsWith("photos/"))
                .findFirst()
                .orElseThrow());
        assertThat(there).as("bit by bit").isEqualTo(entries.get(photo));
        entries.put(photo, "<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8));
        assertThat(unpack(1, zip(entries)).problems())
                .as("a picture that is none")
                .hasSize(1);
    }

    @Test
    @DisplayName(
            "what is no job is refused with one sentence: no zip, a bomb, paths that climb, other versions, contradictions")
    void refused() throws IOException {
        byte[] good = parcels.pack(1);
        Map<String, byte[]> entries = unzip(good);
        assertThat(sentence("nothing".getBytes(StandardCharsets.UTF_8))).contains("no job");
        assertThat(sentence(Arrays.copyOf(good, good.length / 2))).isNotEmpty();
        assertThat(sentence(with(entries, "../../etc/passwd", "x"))).contains("belongs to no job");
        assertThat(sentence(with(entries, "photos/../../x.jpg", "x"))).contains("belongs to no job");
        assertThat(sentence(with(entries, "job.json", "{\"format\":\"gatepin-job\",\"version\":2}")))
                .contains("version");
        assertThat(sentence(with(entries, "job.json", "[".repeat(100_000)))).isNotEmpty();
        Map<String, byte[]> bomb = new HashMap<>(entries);
        bomb.put("photos/bomb.jpg", new byte[(int) JobArchive.MOST_BYTES + 1]);
        assertThat(sentence(zip(bomb))).contains("larger than any job");
        ObjectNode newer = job(good);
        newer.put("schema", 99);
        assertThat(sentence(with(entries, "job.json", newer.toString()))).contains("newer version");
        ObjectNode lie = job(good);
        ((ObjectNode) lie.path("facts").path("supply")).put("volts", 115);
        assertThat(sentence(with(entries, "job.json", lie.toString()))).contains("contradicts itself: supply");
        ObjectNode other = job(good);
        ((ObjectNode) other.path("record").path("tables"))
                .putArray("mysql_user")
                .addObject()
                .put("host", "%");
        assertThat(sentence(with(entries, "job.json", other.toString()))).contains("no job can hold");
    }

    private static byte[] with(Map<String, byte[]> entries, String name, String text) throws IOException {
        Map<String, byte[]> more = new HashMap<>(entries);
        more.put(name, text.getBytes(StandardCharsets.UTF_8));
        return zip(more);
    }

    private String sentence(byte[] zip) {
        int before = files();
        Reading<Unpacked> read = unpack(1, zip);
        assertThat(read.value()).isEmpty();
        assertThat(read.problems()).hasSize(1);
        assertThat(files()).as("nothing of it is there").isEqualTo(before);
        return read.problems().get(0).message();
    }

    private int files() {
        return visit.go("/").all(".stall, a.row").size();
    }

    @Test
    @DisplayName("files with something spoilt in them are refused, or come in as a job whose every page opens")
    void spoilt() throws IOException {
        Random random = new Random(15);
        List<byte[]> good = new ArrayList<>();
        for (long id = 1; id <= DEMO_JOBS; id++) {
            good.add(parcels.pack(id));
        }
        long there = shop("Spoilt shop", "NORTH_AMERICA");
        int refused = 0;
        for (int i = 0; i < SPOILT; i++) {
            byte[] zip = good.get(i % good.size());
            byte[] spoilt = random.nextInt(4) == 0 ? bytes(zip, random) : spoil(zip, random);
            Reading<Unpacked> read = unpack(there, spoilt);
            if (read.value().isEmpty()) {
                refused++;
                assertThat(read.problems()).as("file %d", i).hasSize(1);
                continue;
            }
            long id = read.value().orElseThrow().jobId();
            for (Gate gate : Gate.values()) {
                assertThat(visit.statusOf("/jobs/" + id + "/" + gate.word()))
                        .as("%s of file %d", gate, i)
                        .isEqualTo(200);
            }
        }
        System.out.println("figure: spoilt files " + SPOILT + ", refused " + refused);
        assertThat(refused).isGreaterThan(SPOILT / 2);
    }

    private static byte[] bytes(byte[] zip, Random random) {
        byte[] spoilt = zip.clone();
        for (int i = 0; i <= random.nextInt(4); i++) {
            spoilt[random.nextInt(spoilt.length)] = (byte) random.nextInt();
        }
        return spoilt;
    }

    /** One value of job.json becomes another, in the facts, in the record, or in both alike. */
    private byte[] spoil(byte[] zip, Random random) throws IOException {
        Map<String, byte[]> entries = unzip(zip);
        JsonNode root = json.readTree(entries.get("job.json"));
        List<ObjectNode> objects = new ArrayList<>();
        collect(root, objects);
        ObjectNode there = objects.get(random.nextInt(objects.size()));
        List<String> names = new ArrayList<>();
        there.fieldNames().forEachRemaining(names::add);
        if (!names.isEmpty()) {
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(7)) {
                case 0 -> there.remove(name);
                case 1 -> there.putNull(name);
                case 2 -> there.put(name, random.nextInt());
                case 3 -> there.put(name, "<script>alert('" + random.nextInt() + "')</script>");
                case 4 -> there.put(name, "x".repeat(1 + random.nextInt(5000)));
                case 5 -> there.put(name, random.nextBoolean());
                default -> there.put(name + "x", -1.5e300);
            }
        }
        entries.put("job.json", root.toString().getBytes(StandardCharsets.UTF_8));
        return zip(entries);
    }

    private static void collect(@Nullable JsonNode node, List<ObjectNode> into) {
        if (node instanceof ObjectNode object) {
            into.add(object);
        }
        if (node != null) {
            node.forEach(n -> collect(n, into));
        }
    }

    static Stream<String> wirings() {
        return Stream.of(
                "apple-scratter",
                "tapping-drill",
                "hay-loft-winch",
                "honey-extractor",
                "potters-wheel",
                "sorting-belt-blower");
    }

    @Test
    @DisplayName("a stranger's wiring that burns a motor is condemned before anything is touched")
    void strangersMistake() throws IOException {
        String text = Files.readString(
                        RunningDatabase.projectRoot().resolve("docs/formats/examples/apple-scratter.json"))
                .replace("\"from\": \"motor.T1\"", "\"from\": \"motor.TX\"")
                .replace("\"from\": \"motor.T2\"", "\"from\": \"motor.T1\"")
                .replace("\"from\": \"motor.TX\"", "\"from\": \"motor.T2\"");
        long id = strangers
                .takeIn(shop("Mistaken shop", "NORTH_AMERICA"), text)
                .value()
                .orElseThrow();

        assertThat(visit.go("/jobs/" + id + "/found").text("main")).contains("against each other");
        assertThat(visit.go("/jobs/" + id + "/cold").text(".ticket")).contains("must not get power");
    }

    @ParameterizedTest
    @MethodSource("wirings")
    @DisplayName("a stranger's wiring comes in as found, and is judged as the command line judges its file")
    void strangersWiring(String name) throws IOException {
        String text =
                Files.readString(RunningDatabase.projectRoot().resolve("docs/formats/examples/" + name + ".json"));
        long there = shop("Shop of " + name, "NORTH_AMERICA");
        visit.go("/jobs/in");
        assertThat(visit.upload(
                        "/jobs/in", "file", "w.json", text.getBytes(StandardCharsets.UTF_8), "shop", "" + there))
                .isEqualTo(302);
        long id = visit.go("/").all("section[data-shop]").stream()
                .filter(e -> e.text().contains("Shop of " + name))
                .flatMap(e -> e.select("a[href^=/jobs/]").stream())
                .map(a -> a.attr("href").replaceAll("\\D", ""))
                .filter(n -> !n.isEmpty())
                .mapToLong(Long::parseLong)
                .findFirst()
                .orElseThrow();
        JobFile job = files.file(id);
        WiringFile file = WiringReader.read(text).value().orElseThrow();
        assertThat(job.facts().found().wires()).hasSameSizeAs(file.circuit().wires());
        for (Gate gate : Gate.values()) {
            assertThat(visit.statusOf("/jobs/" + id + "/" + gate.word()))
                    .as(gate.word())
                    .isEqualTo(200);
        }
        Set<String> judged = new TreeSet<>();
        new JobSummary(name, job.workup())
                .json()
                .path("verdicts")
                .forEach(v -> judged.add(v.path("rule").asText()));
        Set<String> should = new TreeSet<>();
        Analysis.of(file.circuit().behind(job.workup().feeder()), file.rated())
                .verdicts()
                .forEach(v -> should.add(v.rule().key()));
        assertThat(judged).isEqualTo(should).isNotEmpty();
        if (job.gear().isPresent()) {
            assertThat(visit.go("/jobs/" + id + "/found").text("main"))
                    .contains("FORWARD and REVERSE turn opposite ways");
        }
    }

    @Test
    @DisplayName("a stranger's contactor box comes in with its pair of contactors")
    void aStrangersContactors() throws IOException {
        String text = Files.readString(RunningDatabase.projectRoot().resolve("docs/formats/examples/seed-auger.json"))
                .replace("\"machine\": \"Seed auger\"", "\"machine\": \"Stranger's auger\"");
        visit.go("/jobs/in");
        assertThat(visit.upload("/jobs/in", "file", "w.json", text.getBytes(StandardCharsets.UTF_8), "shop", "1"))
                .isEqualTo(302);
        visit.go("/");
        String job = visit.all("a").stream()
                .filter(a -> a.text().contains("Stranger's auger"))
                .findFirst()
                .orElseThrow()
                .attr("href");
        visit.go(job.replaceAll("\\?.*", "") + "/switch");
        assertThat(visit.text("main")).contains("Two contactors, three poles");
    }

    @Test
    @DisplayName("a wiring that is none, or that no job can hold, is told by one sentence")
    void noWiring() throws IOException {
        visit.go("/jobs/in");
        for (String bad : List.of(
                "{",
                "{\"format\":\"gatepin-wiring\",\"version\":2}",
                Files.readString(RunningDatabase.projectRoot().resolve("docs/formats/examples/seed-auger.json"))
                        .replace("K2.6", "K3.6")
                        .replace("\"6\" ] }\n  ]", "\"6\" ] }, { \"name\": \"K3\", \"marks\": [ \"5\", \"6\" ] } ]"),
                Files.readString(RunningDatabase.projectRoot().resolve("docs/formats/examples/tool-grinder.json")))) {
            int before = files();
            visit.go("/jobs/in");
            assertThat(visit.upload("/jobs/in", "file", "w.json", bad.getBytes(StandardCharsets.UTF_8), "shop", "1"))
                    .isEqualTo(422);
            assertThat(files()).isEqualTo(before);
        }
    }

    /** Sends a job's file; gives where the answer leads. */
    private String send(byte[] zip, String shop) {
        return URI.create(visit.go("/jobs/in")
                        .answerToUpload("/jobs/in", "file", "job.zip", zip, "shop", shop)
                        .headers()
                        .firstValue("Location")
                        .orElseThrow())
                .getPath();
    }

    @Test
    @DisplayName(
            "a job of many photos says how far it is, goes on to the job by itself, and leaves nothing where it is stopped")
    void aJobThatTakesItsTime() throws Exception {
        String job = gates.wireListOfASixLeadMotor("Much photographed");
        BufferedImage grass = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(3);
        for (int i = 0; i < 2400 * 1800; i++) {
            grass.setRGB(i % 2400, i / 2400, random.nextInt(32) * 0x40404);
        }
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(grass, "jpg", jpeg);
        for (int i = 0; i < 20; i++) {
            visit.go(job + "/plate").upload(job + "/plate/photos", "photo", i + ".jpg", jpeg.toByteArray());
        }
        byte[] zip = parcels.pack(Long.parseLong(job.replaceAll("\\D", "")));
        String there = "" + shop("Shop of many photos", "NORTH_AMERICA");
        int before = files();
        String way = send(zip, there);
        assertThat(way).as("it is not there within a second").matches("/jobs/in/\\d+");
        assertThat(visit.go(way).text("main")).containsPattern("looked through: \\d+ %");
        visit.press("Stop it");
        while (visit.go(way).text("main").contains("looked through")) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        assertThat(visit.text("main")).contains("It was stopped. Nothing of it was taken in.");
        assertThat(files()).isEqualTo(before);

        way = send(zip, there);
        while (visit.statusOf(way) == 200) {
            TimeUnit.MILLISECONDS.sleep(100);
        }
        assertThat(visit.go(way).text("title")).contains("Much photographed");
        assertThat(files()).isEqualTo(before + 1);
        assertThat(visit.statusOf("/jobs/in/1")).isEqualTo(404);
    }

    @Test
    @DisplayName("by the pages: a file is taken away and taken in; what is none is told by its field")
    void byThePages() {
        byte[] zip = visit.bytes("/jobs/1/job.zip");
        assertThat(visit.go("/jobs/in").text("h1")).contains("Take in a job");
        assertThat(visit.upload("/jobs/in", "file", "job.zip", zip, "shop", "1"))
                .isEqualTo(302);
        assertThat(visit.upload("/jobs/in", "file", "job.zip", "no zip".getBytes(StandardCharsets.UTF_8), "shop", "1"))
                .isEqualTo(422);
        assertThat(visit.upload("/jobs/in", "file", "job.zip", zip, "shop", "99999"))
                .isEqualTo(422);
    }
}
