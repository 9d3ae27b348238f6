package gatepin.core.control;

import gatepin.core.control.ControlSupply.Source;
import gatepin.core.control.Part.Kind;
import java.util.List;
import java.util.Optional;

/**
 * How large contactors, transformer and fuse of a control circuit are.
 *
 * @param contactor the contactor's size; blank where the motor is larger than the table goes
 * @param sealedVoltAmperes what all of it takes while it holds, VA
 * @param inrushVoltAmperes what it takes while one contactor pulls in and the rest holds, VA
 * @param transformerVoltAmperes the least usual transformer, VA; empty where the line feeds it
 * @param fuseAmperes the control fuse, A
 */
public record ControlSizing(
        String contactor,
        int sealedVoltAmperes,
        int inrushVoltAmperes,
        Optional<Integer> transformerVoltAmperes,
        double fuseAmperes) {
    /** Sizes of NEMA ICS 2 with the most horsepower on one phase at 115 V and at 230 V (from memory), and the coil's VA (common practice). */
    private enum Size {
        SIZE_00("NEMA size 00", 1.0 / 3, 1, 20, 165),
        SIZE_0("NEMA size 0", 1, 2, 20, 165),
        SIZE_1("NEMA size 1", 2, 3, 27, 220),
        SIZE_1P("NEMA size 1P", 3, 5, 27, 220),
        SIZE_2("NEMA size 2", 3, 7.5, 38, 310),
        SIZE_3("NEMA size 3", 7.5, 15, 50, 700);

        private final String words;
        private final double horsepower115;
        private final double horsepower230;
        private final int sealed;
        private final int inrush;

        Size(String words, double horsepower115, double horsepower230, int sealed, int inrush) {
            this.words = words;
            this.horsepower115 = horsepower115;
            this.horsepower230 = horsepower230;
            this.sealed = sealed;
            this.inrush = inrush;
        }

        boolean carries(double horsepower, int volts) {
            return horsepower <= (volts < 160 ? horsepower115 : horsepower230) + 1e-9;
        }
    }

    private static final int RELAY_VOLT_AMPERES = 5;
    private static final int RELAY_INRUSH_VOLT_AMPERES = 15;
    private static final int LAMP_VOLT_AMPERES = 2;
    /** For a moment a small control transformer gives some four times its rating at a voltage that still pulls in (common practice). */
    private static final double FOR_A_MOMENT = 4;

    private static final List<Integer> TRANSFORMERS = List.of(25, 50, 75, 100, 150, 200, 250, 300, 350, 500, 750, 1000);
    private static final List<Double> FUSES = List.of(0.5, 1.0, 1.6, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 15.0, 20.0);
    /** Of the secondary's full load, below 9 A (NEC table 450.3(B), from memory). */
    private static final double FUSE_OF_FULL_LOAD = 1.67;

    /** Sizes what a ladder takes for a motor. */
    public static ControlSizing of(Ladder ladder, double horsepower, int motorVolts) {
        Optional<Size> size = List.of(Size.values()).stream()
                .filter(s -> s.carries(horsepower, motorVolts))
                .findFirst();
        Size coil = size.orElse(Size.SIZE_3);
        int relays = ladder.of(Kind.RELAY, Kind.TIMER).size();
        int lamps = ladder.of(Kind.LAMP).size();
        // of two contactors that lock each other out only one is in
        boolean pair = !ladder.of(Kind.CONTACTOR).isEmpty();
        int held = (pair ? coil.sealed : 0) + relays * RELAY_VOLT_AMPERES + lamps * LAMP_VOLT_AMPERES;
        int inrush = (pair ? coil.inrush : RELAY_INRUSH_VOLT_AMPERES)
                + relays * RELAY_VOLT_AMPERES
                + lamps * LAMP_VOLT_AMPERES;
        double wanted = Math.max(held, inrush / FOR_A_MOMENT);
        Optional<Integer> transformer = ladder.supply().source() == Source.LINE
                ? Optional.empty()
                : TRANSFORMERS.stream().filter(t -> t >= wanted).findFirst();
        double most = transformer
                .map(t -> FUSE_OF_FULL_LOAD * t / ladder.supply().volts())
                .orElse(15.0);
        double fuse =
                FUSES.stream().filter(f -> f <= most + 1e-9).reduce((a, b) -> b).orElse(FUSES.get(0));
        return new ControlSizing(
                size.map(s -> s.words).orElse(""),
                held,
                inrush,
                transformer,
                transformer.isPresent() ? fuse : Math.min(fuse, 10));
    }
}
