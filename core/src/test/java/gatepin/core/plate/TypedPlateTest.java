package gatepin.core.plate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A plate in the fields of a form. */
class TypedPlateTest {
    @Test
    @DisplayName("the fields of a plate read as that plate again, for every plate of the corpus that can be one")
    void thereAndBack() {
        AtomicInteger plates = new AtomicInteger();
        PlateTextTest.corpus().forEach(line -> {
            Optional<Plate> plate = PlateReader.read(
                            PlateText.read(line.split("=>")[0].strip()).fields())
                    .value();
            plate.ifPresent(p -> {
                plates.incrementAndGet();
                assertThat(PlateReader.read(TypedPlate.of(p)).value()).as(line).contains(p);
            });
        });
        assertThat(plates.get()).isGreaterThan(100);
    }

    @Test
    @DisplayName("what a text says fills the fields, and where it is silent what was typed stays")
    void filling() {
        TypedPlate typed = TypedPlate.of("1/2", "hp", "115", "8.8", "230", "4.4", "60", "1725", "split-phase", "K");

        TypedPlate silent = typed.filledFrom(TypedPlate.NOTHING);
        assertThat(silent).isEqualTo(typed);

        TypedPlate other = typed.filledFrom(TypedPlate.of("0.37", "kW", "230", "2.9", "", "", "", "1420"));
        assertThat(other)
                .as("another output with its unit, one voltage instead of two")
                .isEqualTo(TypedPlate.of("0.37", "kW", "230", "2.9", "", "", "60", "1420", "split-phase", "K"));
    }

    @Test
    @DisplayName("every field has a key of its own, and a form that lacks one leaves it blank")
    void keys() {
        assertThat(PlateField.values()).extracting(PlateField::key).doesNotHaveDuplicates();
        TypedPlate form = TypedPlate.of(key -> key.equals("rpm") ? "1725" : null);
        assertThat(form.at(PlateField.RPM)).isEqualTo("1725");
        assertThat(form.at(PlateField.OUTPUT)).isEmpty();
    }
}
