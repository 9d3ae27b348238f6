package gatepin.web.gate.plate;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.plate.PlateField;
import gatepin.core.plate.PlateText;
import gatepin.core.plate.TypedPlate;
import gatepin.web.Figures;
import gatepin.web.photo.PhotoEye;
import gatepin.web.photo.PlatePainter;
import gatepin.web.photo.PlatePainter.Look;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Photos of plates with known fields, printed and stamped, askew, with glare, grease and in low light (all made up). */
class PlatePhotosTest {
    /** Plates for each look. */
    private static final int PLATES = Integer.getInteger("gatepin.photos", 1);

    /** Of plates that are clean and lit, so many fields come out right. */
    private static final double LEAST_RIGHT = 0.6;

    private record Plate(List<String> lines, Map<String, String> fields) {}

    private static String pick(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    private static Plate plate(long seed) {
        Random random = new Random(seed);
        String hp = pick(random, "1/4", "1/3", "1/2", "3/4", "1", "1-1/2", "2");
        String rpm = pick(random, "1725", "1140", "3450", "1740");
        String low = pick(random, "8.6", "10.8", "13.8", "6.4", "16.2");
        String high = "" + Double.parseDouble(low) / 2;
        String code = pick(random, "K", "L", "J", "M");
        List<String> lines = List.of(
                "MODEL " + (4000 + random.nextInt(5000)) + "  SER " + (10000 + random.nextInt(80000)),
                "HP " + hp + "   V 115/230   PH 1",
                "A " + low + "/" + high + "   RPM " + rpm,
                "HZ 60   SF 1.15   CODE " + code,
                "FR 56   DUTY CONT   INS B",
                "CAP START   AMB 40C");
        Map<String, String> fields = new TreeMap<>();
        fields.put("output", hp);
        fields.put("volts", "115/230");
        fields.put("amps", low + "/" + high);
        fields.put("hertz", "60");
        fields.put("rpm", rpm);
        fields.put("code", code);
        fields.put("family", "capacitor-start");
        return new Plate(lines, fields);
    }

    private static Map<String, String> fields(TypedPlate typed) {
        Map<String, String> fields = new TreeMap<>();
        fields.put("output", typed.at(PlateField.OUTPUT));
        fields.put(
                "volts",
                typed.at(PlateField.LOW_VOLTS)
                        + (typed.at(PlateField.HIGH_VOLTS).isBlank() ? "" : "/" + typed.at(PlateField.HIGH_VOLTS)));
        fields.put(
                "amps",
                typed.at(PlateField.LOW_AMPS)
                        + (typed.at(PlateField.HIGH_AMPS).isBlank() ? "" : "/" + typed.at(PlateField.HIGH_AMPS)));
        fields.put("hertz", typed.at(PlateField.HERTZ));
        fields.put("rpm", typed.at(PlateField.RPM));
        fields.put("code", typed.at(PlateField.CODE));
        fields.put("family", typed.at(PlateField.FAMILY));
        fields.values().removeIf(String::isBlank);
        return fields;
    }

    /** What would go into the fields if a person ticked every guess that is understood. */
    private static Map<String, String> ticked(List<PhotoEye.Word> words) {
        String text = String.join(
                "\n",
                GuessedPiece.of(GuessedPiece.write(words)).stream()
                        .filter(g -> !g.doubtful())
                        .map(GuessedPiece::text)
                        .toList());
        return fields(PlateText.read(text).at(60).fields());
    }

    @Test
    @DisplayName(
            "of a photo in each condition, the share of fields guessed right is measured; a clean one is mostly right")
    void measures() throws IOException {
        PhotoEye eye = new PhotoEye();
        Map<Look, int[]> counts = new TreeMap<>();
        List<String> wrong = new ArrayList<>();
        long slowest = 0;
        for (Look look : Look.values()) {
            int[] count = counts.computeIfAbsent(look, k -> new int[3]);
            for (int i = 0; i < PLATES; i++) {
                Plate plate = plate(100L * look.ordinal() + i);
                byte[] jpeg = PlatePainter.paint(plate.lines(), look, i);
                long start = System.nanoTime();
                Map<String, String> got = ticked(eye.read(jpeg, GuessedPiece::understood, GuessedPiece.ENOUGH)
                        .orElseThrow());
                slowest = Math.max(slowest, System.nanoTime() - start);
                plate.fields().forEach((field, value) -> {
                    int kind = !got.containsKey(field) ? 1 : value.equals(got.get(field)) ? 0 : 2;
                    count[kind]++;
                    if (kind == 2) {
                        wrong.add(look + " " + field + " " + value + " guessed as " + got.get(field));
                    }
                });
            }
        }
        counts.forEach((look, c) ->
                Figures.say("photo %s: %d fields right, %d not guessed, %d guessed wrong", look, c[0], c[1], c[2]));
        report(counts, slowest / 1_000_000, wrong);
        int[] clean = counts.get(Look.PRINTED);
        assertThat((double) clean[0] / (clean[0] + clean[1] + clean[2])).isGreaterThanOrEqualTo(LEAST_RIGHT);
    }

    /** Into the file that the property names, if one does. */
    private static void report(Map<Look, int[]> counts, long slowest, List<String> wrong) throws IOException {
        String file = System.getProperty("gatepin.photoReport", "");
        if (file.isEmpty()) {
            return;
        }
        StringBuilder table =
                new StringBuilder("| photos | fields right | not guessed | guessed wrong |\n|---|---|---|---|\n");
        int[] all = new int[3];
        counts.forEach((look, c) -> {
            table.append(String.format(
                    Locale.ROOT,
                    "| %s | %d of %d | %d | %d |%n",
                    look.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                    c[0],
                    c[0] + c[1] + c[2],
                    c[1],
                    c[2]));
            for (int i = 0; i < all.length; i++) {
                all[i] += c[i];
            }
        });
        int sum = all[0] + all[1] + all[2];
        table.append(String.format(
                Locale.ROOT,
                "%nIn all %d of %d fields right (%d %%), %d guessed wrong and asked about like every guess; %d ms for the slowest photo.%n"
                        + "Wrong guesses: %s.%n",
                all[0],
                sum,
                100 * all[0] / sum,
                all[2],
                slowest,
                wrong.isEmpty() ? "none" : String.join("; ", wrong)));
        Files.writeString(Path.of(file), table);
    }
}
