package gatepin.web.lane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Kept;
import gatepin.core.job.Lane;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.paper.Paper;
import gatepin.core.paper.PaperRecord;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.ABeltGuard.Guard;
import gatepin.web.pages.Gates;
import gatepin.web.pages.Visit;
import gatepin.web.parcel.Parcels;
import gatepin.web.shop.Shops;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The walk of a part (docs/architecture.md): {@link ABeltGuard} is declared in one place, and all else follows. */
class PartTest {
    private static final AtomicInteger COUNT = new AtomicInteger();

    private final Acts acts = RunningGatePin.get().bean(Acts.class);
    private final PartStore parts = RunningGatePin.get().bean(PartStore.class);
    private final JobFiles files = RunningGatePin.get().bean(JobFiles.class);
    private final Parcels parcels = RunningGatePin.get().bean(Parcels.class);
    private final LogStore log = RunningGatePin.get().bean(LogStore.class);
    private final Pins pins = RunningGatePin.get().bean(Pins.class);
    private final Shops shops = RunningGatePin.get().bean(Shops.class);

    private long takeIn(byte[] zip) {
        return parcels.unpack(1, new ByteArrayInputStream(zip))
                .value()
                .orElseThrow()
                .jobId();
    }

    /** A machine that is handed over, without its evidence, and with its cover sheet printed. */
    private long handedOver() {
        long job = Long.parseLong(new Gates(new Visit())
                .wireListOfASixLeadMotor("Guarded machine " + COUNT.incrementAndGet())
                .replaceAll("\\D", ""));
        Visit visit = new Visit().go("/jobs/" + job + "/handover").type("#isolator", "the plug");
        visit.press("Write it down").press(visit.one("form[action$='/papers/cover/taken'] button"));
        for (Gate gate : Gate.values()) {
            if (!files.file(job).lane().pin(gate).isOpen()) {
                pins.pull(
                        job,
                        gate,
                        files.file(job).evidence().lack(gate).isPresent() ? "It ran on the bench before." : "");
            }
        }
        return job;
    }

    private List<Lane.Drop> save(long job, int version, Guard guard) {
        return acts.on(job, Seen.of(ABeltGuard.PART, version), act -> {
            parts.write(act.job(), ABeltGuard.PART, guard);
            act.saved("log.unpacked", ABeltGuard.PART.words());
            return ABeltGuard.PART.change(act.before().facts().kept(), guard, Sentence.of("change.run"));
        });
    }

    private PaperRecord.Standing cover(long job) {
        JobFile file = files.file(job);
        return file.facts().papers().standing(Paper.COVER, file.workup().paperMark(Paper.COVER));
    }

    @Test
    @DisplayName("a part declared in one place is stored, logged, versioned, shown on papers, and drops its pins")
    void theWalkOfAPart() {
        long job = handedOver();
        assertThat(files.file(job).facts().kept().find(ABeltGuard.PART)).isEmpty();
        assertThat(cover(job)).isEqualTo(PaperRecord.Standing.TRUE);
        assertThat(files.file(job).evidence().lack(Gate.SAFE)).isEmpty();

        Guard guard = new Guard(4, Optional.of("on the \"bench\" – left"));
        assertThat(save(job, 0, guard).stream().map(Lane.Drop::gate))
                .as("pins that drop")
                .contains(Gate.LIVE, Gate.HANDOVER)
                .doesNotContain(Gate.SAFE, Gate.COLD);
        JobFile file = files.file(job);
        assertThat(file.facts().kept().find(ABeltGuard.PART)).as("stored").contains(guard);
        assertThat(file.version(ABeltGuard.PART)).isEqualTo(1);
        assertThat(log.entries(job).stream()
                        .filter(e -> e.kind() == LogStore.Kind.SAVED)
                        .findFirst()
                        .orElseThrow()
                        .gate())
                .as("the log's gate")
                .contains(Gate.SAFE);
        assertThat(cover(job)).as("a paper that shows it").isEqualTo(PaperRecord.Standing.OLD);
        assertThatThrownBy(() -> save(job, 0, new Guard(2, Optional.empty())))
                .as("somebody saved since")
                .isInstanceOf(StaleEdit.class)
                .hasMessageContaining("the belt's guard");

        assertThat(save(job, 1, guard)).as("the same again").isEmpty();
        save(job, 2, new Guard(0, Optional.empty()));
        assertThat(files.file(job).evidence().lack(Gate.SAFE)).as("its gate").isPresent();
        assertThat(files.file(job).lane().pin(Gate.SAFE).isOpen())
                .as("lost its evidence")
                .isFalse();
        for (Gate gate : Gate.values()) {
            assertThat(new Visit().statusOf("/jobs/" + job + "/" + gate.word()))
                    .as(gate.word())
                    .isEqualTo(200);
        }
    }

    @Test
    @DisplayName(
            "it goes out in a job's file and comes in; one that nobody here knows is kept, said, and goes out again")
    void inAFile() throws IOException {
        long job = handedOver();
        Guard guard = new Guard(3, Optional.empty());
        save(job, 0, guard);
        byte[] out = parcels.pack(job);
        assertThat(files.file(takeIn(out)).facts().kept().find(ABeltGuard.PART)).contains(guard);

        String strange = "{\"teeth\":[1,2.50,\"œ\"],\"of\":null}";
        long in = takeIn(with(out, "gearbox", strange));
        assertThat(files.file(in).facts().kept().unknown()).containsKey("gearbox");
        assertThat(log.entries(in).stream().map(e -> files.file(in).say(e.words())))
                .anyMatch(w -> w.contains("what this version does not know") && w.contains("gearbox"));
        ObjectMapper json = new ObjectMapper();
        assertThat(json.readTree(files.file(takeIn(parcels.pack(in)))
                        .facts()
                        .kept()
                        .unknown()
                        .get("gearbox")))
                .isEqualTo(json.readTree(strange));
        assertThat(new Visit().statusOf("/jobs/" + in + "/safe")).isEqualTo(200);
    }

    @Test
    @DisplayName("what is no value of a part is refused, and nothing of the file comes in")
    void noValue() throws IOException {
        byte[] out = parcels.pack(1);
        long shop = shops.open("Shop of strange parts", "IEC", "Europe/Berlin", List.of())
                .value()
                .orElseThrow();
        for (String bad : List.of(
                "{\"screws\":21,\"lies\":null}",
                "{\"screws\":\"3\",\"lies\":null}",
                "{\"lies\":null}",
                "{\"screws\":3,\"lies\":null,\"more\":1}",
                "[]",
                "null",
                "7")) {
            assertThat(parcels.unpack(shop, new ByteArrayInputStream(with(out, "belt-guard", bad)))
                            .problems())
                    .as(bad)
                    .hasSize(1);
        }
        for (String bad : List.of("{\"motorCableMetres\":-1,\"supplyCordMetres\":2}", "{\"motorCableMetres\":1}")) {
            assertThat(parcels.unpack(shop, new ByteArrayInputStream(with(out, "cables", bad)))
                            .problems())
                    .as(bad)
                    .hasSize(1);
        }
        assertThat(parcels.unpack(shop, new ByteArrayInputStream(with(out, "gear", "{}")))
                        .problems())
                .as("a part that is kept in rows")
                .hasSize(1);
    }

    @Test
    @DisplayName("a document that is no value of its part breaks no page, and is not thrown away")
    void damaged() {
        long job = takeIn(parcels.pack(1));
        acts.on(job, Seen.of(ABeltGuard.PART, 0), act -> {
            parts.write(act.job(), new Kept(Map.of(), Map.of("belt-guard", "{\"screws\":\"many\"}")));
            return List.of();
        });
        assertThat(files.file(job).facts().kept().find(ABeltGuard.PART)).isEmpty();
        assertThat(files.file(job).facts().kept().unknown()).containsKey("belt-guard");
        assertThat(new Visit().statusOf("/jobs/" + job + "/safe")).isEqualTo(200);

        Guard guard = new Guard(1, Optional.empty());
        save(job, files.file(job).version(ABeltGuard.PART), guard);
        assertThat(files.file(job).facts().kept().find(ABeltGuard.PART)).contains(guard);
        assertThat(files.file(job).facts().kept().unknown()).isEmpty();
    }

    @Test
    @DisplayName("every part has a key and words of its own")
    void keys() {
        Set<String> keys = new HashSet<>();
        for (Part<?> part : Parts.all()) {
            assertThat(keys.add(part.key())).as(part.key()).isTrue();
            assertThat(Parts.of(part.key()).orElseThrow()).isSameAs(part);
            assertThat(part.words()).as(part.key()).matches("(the|what|how|which) .+");
        }
        assertThat(Parts.all()).contains(ABeltGuard.PART);
    }

    /** The same file with one part put beside the others. */
    private static byte[] with(byte[] zip, String key, String value) throws IOException {
        ObjectMapper json = new ObjectMapper();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
                ZipOutputStream other = new ZipOutputStream(out)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                byte[] bytes = in.readAllBytes();
                if (entry.getName().equals("job.json")) {
                    ObjectNode root = (ObjectNode) json.readTree(bytes);
                    ((ObjectNode) root.path("facts").path("kept")).set(key, json.readTree(value));
                    bytes = json.writeValueAsBytes(root);
                }
                other.putNextEntry(new ZipEntry(entry.getName()));
                other.write(bytes);
            }
        }
        return out.toByteArray();
    }
}
