package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.plate.PlatePiece.Kind;
import gatepin.core.plate.PlatePrinter.Printed;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Made-up plates printed in fifteen styles and read back: right as a rule, asked about now and then, silently wrong never. */
class PlateStylesTest {
    private static final int PLATES = Integer.getInteger("gatepin.plates", 3000);
    private static final double RIGHT = 0.99;

    private static Map<Kind, String> wanted(Printed plate) {
        Map<Kind, String> wanted = new LinkedHashMap<>();
        wanted.put(Kind.OUTPUT, plate.output());
        wanted.put(Kind.VOLTS, plate.volts());
        wanted.put(Kind.AMPS, plate.amps());
        wanted.put(Kind.FREQUENCY, plate.hertz());
        wanted.put(Kind.SPEED, plate.rpm());
        return wanted;
    }

    @Test
    @DisplayName("at least 99 % of the figures of printed plates are read, none is read as something else")
    void printedPlatesAreReadBack() {
        int fields = 0;
        List<String> asked = new ArrayList<>();
        List<String> wrong = new ArrayList<>();
        for (long seed = 0; seed < PLATES; seed++) {
            Printed printed = PlatePrinter.print(seed);
            PlateText read = PlateText.read(printed.text());
            for (Map.Entry<Kind, String> figure : wanted(printed).entrySet()) {
                fields++;
                String got = read.value(figure.getKey()).orElse("");
                String about = printed.style() + " " + printed.text() + ": " + figure.getKey() + " read as " + got;
                if (got.isEmpty()) {
                    asked.add(about);
                } else if (!got.equals(figure.getValue())) {
                    wrong.add(about);
                }
            }
        }
        assertThat(wrong).as("silently wrong").isEmpty();
        assertThat(asked).as("not read").hasSizeLessThan((int) ((1 - RIGHT) * fields));
    }
}
