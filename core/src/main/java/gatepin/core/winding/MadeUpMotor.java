package gatepin.core.winding;

import gatepin.core.winding.Arrangement.Kind;
import gatepin.core.winding.HiddenMotor.Way;
import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * A made-up motor of a kind, with leads marked at random, for practice and for tests.
 *
 * @param kind what it is
 * @param hidden its inside
 * @param parts what lies between its leads
 */
public record MadeUpMotor(Kind kind, HiddenMotor hidden, Set<Part> parts) {
    private static final List<Kind> KINDS = List.of(
            Kind.SINGLE_VOLTAGE,
            Kind.SINGLE_VOLTAGE,
            Kind.DUAL_VOLTAGE,
            Kind.DUAL_VOLTAGE,
            Kind.DUAL_VOLTAGE,
            Kind.DUAL_VOLTAGE_START_HALVES,
            Kind.COMMON_LEAD,
            Kind.DUAL_VOLTAGE_JOINED,
            Kind.PROTECTED_RUN,
            Kind.THREE_PHASE_SIX,
            Kind.THREE_PHASE_STAR,
            Kind.THREE_PHASE_NINE_STAR,
            Kind.THREE_PHASE_NINE_DELTA);
    private static final List<String> MARKS =
            List.of("1", "2", "3", "4", "5", "6", "7", "8", "9", "A", "B", "C", "D", "E", "F", "G", "H", "K");
    private static final int MOST_LEADS = 9;

    /** Draws a motor: three to nine leads, resistances as such motors have them (common practice). */
    public static MadeUpMotor draw(Random random) {
        return new Draw(random).motor(KINDS.get(random.nextInt(KINDS.size())));
    }

    private static final class Draw {
        private final Random random;
        private final List<String> marks = new ArrayList<>(MARKS);
        private final List<String> leads = new ArrayList<>();
        private final List<Way> ways = new ArrayList<>();
        private final Set<Part> parts = new HashSet<>();

        Draw(Random random) {
            this.random = random;
            Collections.shuffle(marks, random);
        }

        private double between(double least, double most) {
            return least + (most - least) * random.nextDouble();
        }

        /** Spread evenly over the sizes of motors, from a few horsepower on 115 V to a fraction of one on 230 V. */
        private double runOhms() {
            return Math.exp(between(Math.log(0.6), Math.log(12)));
        }

        private String lead() {
            String mark = marks.remove(marks.size() - 1);
            leads.add(mark);
            return mark;
        }

        /** Two windings that are made alike. */
        private double alike(double ohms) {
            return ohms * between(0.993, 1.007);
        }

        private void winding(Role role, String a, String b, double ohms) {
            ways.add(new Way(a, b, ohms));
            parts.add(new Part(role, a, b));
        }

        private void pair(Role role, double ohms) {
            winding(role, lead(), lead(), ohms);
        }

        MadeUpMotor motor(Kind kind) {
            double run = runOhms();
            switch (kind) {
                case SINGLE_VOLTAGE -> {
                    pair(Role.RUN, run);
                    pair(Role.START, run * startTimes());
                }
                case DUAL_VOLTAGE -> {
                    halves(Role.RUN_HALF, run);
                    pair(Role.START, run * between(1.0, 2.0));
                }
                case DUAL_VOLTAGE_START_HALVES -> {
                    halves(Role.RUN_HALF, run);
                    halves(Role.START_HALF, run * between(1.6, 3));
                }
                case COMMON_LEAD -> {
                    String common = lead();
                    winding(Role.RUN, common, lead(), run);
                    winding(Role.START, common, lead(), run * startTimes());
                }
                case DUAL_VOLTAGE_JOINED -> {
                    String common = lead();
                    winding(Role.RUN_HALF, common, lead(), alike(run));
                    winding(Role.START, common, lead(), run * between(1.0, 2.0));
                    pair(Role.RUN_HALF, alike(run));
                }
                case PROTECTED_RUN -> {
                    String joint = lead();
                    winding(Role.PROTECTOR, joint, lead(), between(0.01, 0.08));
                    winding(Role.RUN, joint, lead(), run);
                    pair(Role.START, run * startTimes());
                }
                case THREE_PHASE_SIX -> {
                    for (int i = 0; i < 3; i++) {
                        pair(Role.PHASE, alike(run));
                    }
                }
                case THREE_PHASE_STAR -> star(run);
                case THREE_PHASE_NINE_STAR -> {
                    for (int i = 0; i < 3; i++) {
                        pair(Role.PHASE, alike(run));
                    }
                    star(run);
                }
                case THREE_PHASE_NINE_DELTA -> {
                    for (int i = 0; i < 3; i++) {
                        String corner = lead();
                        winding(Role.PHASE, corner, lead(), alike(run));
                        winding(Role.PHASE, corner, lead(), alike(run));
                    }
                }
                default -> throw new IllegalArgumentException("no made-up motor of the kind " + kind);
            }
            beside(kind, run);
            Collections.shuffle(leads, random);
            return new MadeUpMotor(kind, new HiddenMotor(leads, ways), Set.copyOf(parts));
        }

        private double startTimes() {
            return random.nextInt(12) == 0 ? between(0.98, 1.02) : between(1.4, 4);
        }

        private void halves(Role role, double ohms) {
            pair(role, alike(ohms));
            pair(role, alike(ohms));
        }

        private void star(double ohms) {
            String a = lead();
            String b = lead();
            String c = lead();
            for (String lead : List.of(a, b, c)) {
                ways.add(new Way(lead, "star", alike(ohms)));
            }
            parts.add(new Part(Role.STAR, a, b, c));
        }

        /** Protector, thermistor, heater, or a contact of something else. */
        private void beside(Kind kind, double run) {
            boolean threePhase = kind.name().startsWith("THREE_PHASE");
            if (!threePhase && kind != Kind.PROTECTED_RUN && leads.size() + 2 <= MOST_LEADS && random.nextInt(3) == 0) {
                pair(Role.PROTECTOR, between(0.01, 0.08));
            }
            if (leads.size() + 2 <= MOST_LEADS && random.nextInt(5) == 0) {
                pair(Role.UNRELATED, Math.max(60, run * between(40, 120)));
            }
            if (leads.size() + 2 <= MOST_LEADS && random.nextInt(8) == 0) {
                // a contact that is open at rest: nothing conducts
                parts.add(new Part(Role.SILENT, lead()));
                parts.add(new Part(Role.SILENT, lead()));
            }
        }
    }
}
