package gatepin.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Sentence;
import gatepin.core.check.ColdCheck;
import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Board;
import gatepin.core.format.FactsJson;
import gatepin.core.format.JobArchive;
import gatepin.core.job.Gate;
import gatepin.core.lane.Facts;
import gatepin.core.lane.Memory;
import gatepin.core.lane.WireList;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import gatepin.core.supply.PanelRun;
import gatepin.core.wire.CableLengths;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import gatepin.web.parcel.Parcels;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.io.ByteArrayInputStream;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** Filled databases of landings before this one are carried over without loss, and every page of them opens. */
class LandingsTest {
    private static final Path FOLDER = RunningDatabase.projectRoot().resolve("web/src/test/resources/landings");

    /** The same jobs stand in all of them: what is worked out of one serves the others. */
    private static final Memory SHARED = new Memory();

    static Stream<String> landings() throws Exception {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files
                    .map(f -> f.getFileName().toString())
                    .filter(n -> n.endsWith(".sql"))
                    .sorted(Comparator.comparing(n -> Integer.parseInt(n.replaceAll("\\D", ""))))
                    .toList()
                    .stream();
        }
    }

    /** The application on a database of a landing. */
    private static ConfigurableApplicationContext on(String landing) throws Exception {
        RunningDatabase database = RunningDatabase.startNew("landing-" + landing);
        Map<String, String> environment = database.environment();
        Process load = new ProcessBuilder(
                        "mariadb",
                        "--no-defaults",
                        "--host=127.0.0.1",
                        "--port=" + environment.get("GATEPIN_DB_PORT"),
                        "--user=gatepin_owner",
                        "--password=" + environment.get("GATEPIN_DB_OWNER_PASSWORD"),
                        "gatepin")
                .redirectInput(FOLDER.resolve(landing).toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        assertThat(load.waitFor()).isZero();
        Map<String, Object> properties = new HashMap<>(environment);
        properties.put("server.port", "0");
        SpringApplication application = new SpringApplication(GatePin.class);
        application.addInitializers(context -> ((GenericApplicationContext) context)
                .registerBean("shared", Memory.class, () -> SHARED, bean -> bean.setPrimary(true)));
        return application.run(properties.entrySet().stream()
                .map(e -> "--" + e.getKey() + "=" + e.getValue())
                .toArray(String[]::new));
    }

    private static JobFile job(ConfigurableApplicationContext context, long id) {
        return context.getBean(JobFiles.class).file(id);
    }

    private static long made(JobFile job) {
        return job.workup().wireList().of(Section.GEAR).stream()
                .filter(WireList.Entry::made)
                .count();
    }

    private static List<Wire> wires(JobFile job) {
        return job.kept(ChosenPlan.class).orElseThrow().wires();
    }

    private static final List<String> PAGES = List.of(
            "safe",
            "found",
            "plate",
            "diagram",
            "windings",
            "supply",
            "rotation",
            "switch",
            "wire",
            "cold",
            "live",
            "trouble?seen=hums",
            "handover",
            "papers/sheet",
            "exchange",
            "log",
            "run-up",
            "bench",
            "ahead",
            "control",
            "board",
            "switch/map");

    private static List<Long> jobs(ConfigurableApplicationContext context) {
        List<Long> jobs = LongStream.rangeClosed(1, 9)
                .filter(id -> context.getBean(JobFiles.class).find(id).isPresent())
                .boxed()
                .toList();
        assertThat(jobs).hasSizeGreaterThan(7);
        return jobs;
    }

    @ParameterizedTest
    @MethodSource("landings")
    void everyJobGoesOutAndIn(String landing) throws Exception {
        try (ConfigurableApplicationContext context = on(landing)) {
            for (long id : jobs(context)) {
                Parcels parcels = context.getBean(Parcels.class);
                assertThat(parcels.unpack(1, new ByteArrayInputStream(parcels.pack(id)))
                                .problems())
                        .as("job %d", id)
                        .isEmpty();
            }
        }
    }

    /** What lies between the oldest and the newest opens as they do: its facts are read by the same stores. */
    @Test
    void everyPageOfTheOldestAndOfTheNewestOpens() throws Exception {
        List<String> all = landings().toList();
        for (String landing : List.of(all.get(0), all.get(all.size() - 1))) {
            try (ConfigurableApplicationContext context = on(landing)) {
                HttpClient client = HttpClient.newHttpClient();
                String address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
                for (long id : jobs(context)) {
                    for (String page : PAGES) {
                        var answer = client.send(
                                HttpRequest.newBuilder(URI.create(address + "/jobs/" + id + "/" + page))
                                        .build(),
                                BodyHandlers.ofString());
                        assertThat(answer.statusCode())
                                .as("%s: job %d, %s", landing, id, page)
                                .isEqualTo(200);
                    }
                }
            }
        }
    }

    @Test
    void whatStoodInRowsUpToTheTwentyEighthIsTheSameAsAWhole() throws Exception {
        try (ConfigurableApplicationContext context = on("V28.sql")) {
            Facts first = job(context, 1).facts();
            assertThat(first.wishes())
                    .isEqualTo(new Wishes(
                            true,
                            false,
                            OptionalInt.of(7),
                            Set.of(Terminal.fromId("S1.5"), Terminal.fromId("S1.6")),
                            Set.of(
                                    new Wire(
                                            Terminal.fromId("motor.T1"), Terminal.fromId("S1.2"), Wire.Run.MOTOR_CABLE),
                                    new Wire(
                                            Terminal.fromId("motor.T4"),
                                            Terminal.fromId("S1.3"),
                                            Wire.Run.MOTOR_CABLE))));
            assertThat(first.cables()).isEqualTo(new CableLengths(1.524, 12.5));
            assertThat(first.run()).contains(new PanelRun(new BigDecimal("18.288"), "NEMA 6-15"));
            assertThat(first.found().wires()).hasSize(11);
            assertThat(first.found().wires().get(1).aside()).isEqualTo("a \"lamp\" \\ its heater");
            RotationPlan crusher = first.rotation().orElseThrow();
            assertThat(crusher.machine().tool()).isEqualTo(Tool.CRUSHER);
            assertThat(crusher.train().stages()).containsExactly(new DriveStage(DriveStage.Kind.BELT, 63, 200, false));
            assertThat(crusher.coastSeconds()).contains(4.0);

            assertThat(job(context, 2).facts().wishes())
                    .isEqualTo(new Wishes(false, true, OptionalInt.empty(), Set.of(), Set.of()));
            assertThat(job(context, 2).facts().cables()).isEqualTo(CableLengths.USUAL);

            RotationPlan saw = job(context, 3).facts().rotation().orElseThrow();
            assertThat(saw.machine().tool())
                    .as("from before there were machines")
                    .isEqualTo(Tool.TABLE_SAW);
            assertThat(saw.motion()).isEqualTo(ToolMotion.SAW_LEFT);
            assertThat(saw.hazards()).containsExactly(Hazard.BLADE, Hazard.FAN);
            assertThat(saw.train().stages()).hasSize(2);
            assertThat(saw.train().stages().get(1))
                    .isEqualTo(new DriveStage(DriveStage.Kind.GEAR_PAIR, 1e-3, 2.5e10, true));
            assertThat(job(context, 3).version(RotationPlan.PART)).isPositive();
            assertThat(job(context, 5).facts().rotation()).isEmpty();
        }
    }

    /** The same jobs went out as files before; what the file says of the motor became its parts by another way. */
    @Test
    void whatWasKnownOfMotorsUpToTheTwentyNinthIsTheSameAsAWhole() throws Exception {
        try (ConfigurableApplicationContext context = on("V29.sql")) {
            for (long id : List.of(1L, 3L, 5L, 8L)) {
                Facts file = JobArchive.read(Files.newInputStream(FOLDER.resolve("jobs/schema-29-job-" + id + ".zip")))
                        .value()
                        .orElseThrow()
                        .facts();
                assertThat(job(context, id).facts().kept()).as("job %d", id).isEqualTo(file.kept());
                assertThat(job(context, id).facts().motor()).as("job %d", id).isEqualTo(file.motor());
            }
            Facts scratter = job(context, 1).facts();
            assertThat(scratter.diagram().columns()).containsOnlyKeys(115, 230);
            assertThat(scratter.diagram().columns().get(115).rebuilt()).isTrue();
            assertThat(scratter.diagram().leads().all().get(0).colour()).isEqualTo("a \"blue\" \\ one");
            Plate auger = job(context, 3).plate().orElseThrow();
            assertThat(auger.ratedOutputWatts()).isEqualTo(1.5 * 745.7);
            assertThat(auger.extras().code()).contains(CodeLetter.K);
            assertThat(auger.extras().text()).isEqualTo("HP 1-1/2 \"old\"");
            assertThat(job(context, 5).facts().motor().traces().orElseThrow().volts())
                    .isEqualTo(120);
            assertThat(job(context, 7).plate().orElseThrow().isThreePhase()).isTrue();
            assertThat(job(context, 8)
                            .facts()
                            .kept()
                            .find(Board.PART)
                            .orElseThrow()
                            .diagram())
                    .containsOnlyKeys(115, 230);
            assertThat(job(context, 9)
                            .column()
                            .orElseThrow()
                            .connection()
                            .swap()
                            .isNone())
                    .isTrue();
        }
    }

    @Test
    void whatHandsDidUpToTheTwentyNinthIsTheSameAsEvents() throws Exception {
        try (ConfigurableApplicationContext context = on("V29.sql")) {
            Done auger = job(context, 3).facts().gear().done();
            assertThat(auger.made()).isEqualTo(Map.of(Section.CONTROL, Set.of("S9.12>S0.21")));
            assertThat(auger.readsOf(Section.CONTROL))
                    .as("since the circuit was changed")
                    .containsExactly(new DeadRead("S1", Shows.LOAD), new DeadRead("S1", Shows.OPEN));
            assertThat(auger.shown(Section.CONTROL, "S1")).contains(Shows.OPEN);
            Done ninth = job(context, 9).facts().gear().done();
            assertThat(ninth.madeOf(Section.AHEAD)).containsExactly("F2.5>K0.4");
            assertThat(ninth.readsOf(Section.AHEAD)).containsExactly(new DeadRead("K0.1|F2.2|", Shows.JOINED));
        }
    }

    @Test
    void whatHandsDidInAFileOfTheTwentyNinthIsTheSameAsEvents() throws Exception {
        ObjectNode job = json("jobs/schema-29-job-3.zip");
        ObjectNode facts = (ObjectNode) job.path("facts");
        ObjectNode tables = (ObjectNode) job.path("record").path("tables");
        long id = tables.path("job").path(0).path("id").asLong();
        ((ObjectNode) facts.path("gear").path("control"))
                .put("left", 20)
                .putArray("reads")
                .addObject()
                .put("about", "S1")
                .put("shows", "LOAD");
        tables.putArray("control_wire_made")
                .addObject()
                .put("job_id", id)
                .put("from_terminal", "S9.12")
                .put("to_terminal", "S0.21")
                .put("made_at", "2026-11-30T15:28:00Z")
                .put("made_by", 1);
        tables.withArray("dead_reading")
                .addObject()
                .put("job_id", id)
                .put("part", "CONTROL")
                .put("about", "S1")
                .put("shows", "LOAD")
                .put("at", "2026-11-30T15:29:00Z")
                .put("person_id", 1);

        Facts read = FactsJson.read(facts, tables);

        assertThat(read.gear().done())
                .isEqualTo(new Done(
                        Map.of(Section.CONTROL, Set.of("S9.12>S0.21")),
                        Map.of(Section.CONTROL, List.of(new DeadRead("S1", Shows.LOAD)))));
        assertThat(tables.path("job_event").findValuesAsText("what")).containsExactly("MADE", "CHANGED", "LOAD");
        assertThat(tables.has("control_circuit")).isFalse();
    }

    private static ObjectNode json(String file) throws Exception {
        try (ZipFile zip = new ZipFile(FOLDER.resolve(file).toFile())) {
            return (ObjectNode) new ObjectMapper().readTree(zip.getInputStream(zip.getEntry("job.json")));
        }
    }

    @Test
    void plansTicksAndPinsOfTheEleventhAreAsTheyWere() throws Exception {
        try (ConfigurableApplicationContext context = on("V11.sql")) {
            assertThat(made(job(context, 1))).isEqualTo(11);
            assertThat(made(job(context, 2))).isEqualTo(3);
            assertThat(made(job(context, 6))).isEqualTo(5);
            assertThat(made(job(context, 9))).isEqualTo(2);
            for (long id : List.of(1L, 2L, 6L)) {
                assertThat(job(context, id).lane().pin(Gate.SWITCH).isOpen())
                        .as("job " + id)
                        .isTrue();
            }
            assertThat(wires(job(context, 1)))
                    .extracting(Wire::toString)
                    .contains("motor.T1 → S1.2", "motor.T2 → splice.X1");
            assertThat(job(context, 1).found().wires()).hasSize(11);
            assertThat(job(context, 1).found().wires().get(0).otherEnd().id()).isEqualTo("S1.5");
            // the leads of a capacitor are its tags
            assertThat(wires(job(context, 9)))
                    .extracting(Wire::toString)
                    .contains("capacitor.C1 → splice.X1", "capacitor.C2 → S1.1");
            // a plan made before capacitors were drawn is judged as it was
            assertThat(wires(job(context, 2))).noneMatch(w -> w.from().is(Type.CAPACITOR));
            assertThat(job(context, 2).evidence().lack(Gate.SWITCH)).isEmpty();
        }
    }

    @Test
    void papersTakenAtTheTwentiethAreStillTrue() throws Exception {
        try (ConfigurableApplicationContext context = on("V20.sql")) {
            JobFile job = job(context, 1);
            assertThat(job.facts().papers().isolator()).contains("the disconnect Q1 by the door");
            assertThat(job.facts().papers().lack(job.workup()::paperMark)).isEmpty();
        }
    }

    @Test
    void checksOfTheEighteenthAreAsTheyWereAndTheLastGateIsNext() throws Exception {
        try (ConfigurableApplicationContext context = on("V18.sql")) {
            JobFile job = job(context, 1);
            assertThat(job.lane().pin(Gate.COLD).isOpen()).isTrue();
            assertThat(job.lane().pin(Gate.LIVE).isOpen()).isTrue();
            assertThat(job.lane().next()).contains(Gate.HANDOVER);
            assertThat(job.facts().checks().entries()).hasSizeGreaterThan(15);
            ColdCheck cold = job.workup().checks().cold().orElseThrow();
            assertThat(cold.counting()).hasSizeGreaterThan(10);
            assertThat(cold.disagrees()).isFalse();
            assertThat(cold.between()).isEmpty();
            // read at the plug in OFF alone, as was asked then; it is asked in every setting now, and that is said
            List<String> left = cold.lines().stream()
                    .filter(l -> l.taken().isEmpty())
                    .map(l -> l.step().read().key())
                    .toList();
            assertThat(left).containsExactly("supply.L1/supply.L2/reverse");
            assertThat(job.evidence().lack(Gate.COLD)).hasValue(Sentence.of("lack.cold.left", (long) left.size()));
            assertThat(job.evidence().lack(Gate.LIVE)).isEmpty();
        }
    }
}
