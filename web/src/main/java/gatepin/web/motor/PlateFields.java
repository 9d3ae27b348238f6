package gatepin.web.motor;

import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.VoltageRange;
import gatepin.web.motor.MotorStore.Motor;
import gatepin.web.motor.MotorStore.Rating;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A stored plate in the words it was typed in. */
final class PlateFields {
    private PlateFields() {}

    /** A stored plate in the fields it was typed into. */
    static PlateReader.Typed of(Motor motor, List<Rating> ratings) {
        List<Rating> lower = ratings.stream()
                .filter(r -> VoltageRange.same(r.volts(), ratings.get(0).volts()))
                .toList();
        List<Rating> higher = ratings.subList(lower.size(), ratings.size());
        return new PlateReader.Typed(
                motor.output(),
                motor.outputUnit(),
                volts(lower),
                amps(lower),
                volts(higher),
                amps(higher),
                motor.hertz() == 0 ? "" : "" + motor.hertz(),
                motor.rpm() == 0 ? "" : "" + motor.rpm(),
                motor.extras().family().map(MotorFamily::key).orElse(""),
                motor.extras().code().map(CodeLetter::name).orElse(""),
                plain(motor.extras().startMicrofarads().map(BigDecimal::valueOf)),
                plain(motor.extras().runMicrofarads().map(BigDecimal::valueOf)),
                motor.extras().text());
    }

    private static String volts(List<Rating> range) {
        return range.stream().map(r -> "" + r.volts()).collect(Collectors.joining("-"));
    }

    private static String amps(List<Rating> range) {
        return range.stream()
                .map(Rating::amps)
                .flatMap(Optional::stream)
                .map(a -> plain(Optional.of(a)))
                .collect(Collectors.joining("-"));
    }

    private static String plain(Optional<BigDecimal> number) {
        return number.map(a -> a.stripTrailingZeros().toPlainString()).orElse("");
    }
}
