package gatepin.core.winding;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the eye and the ear say of a motor beside its readings (common practice): run windings are of thick wire and start windings of
 * thin; a hump is a capacitor; a click on run-up and coast-down is a start switch; a colour and the same with a tracer are one winding.
 *
 * @param thick leads of thick wire
 * @param thin leads of thin wire
 * @param humps capacitors seen on it, if somebody looked
 * @param click whether it clicks on run-up and coast-down, if somebody listened
 */
public record Eye(Set<String> thick, Set<String> thin, Optional<Integer> humps, Optional<Boolean> click) {
    /** Nobody looked. */
    public static final Eye SHUT = new Eye(Set.of(), Set.of(), Optional.empty(), Optional.empty());

    private static final int MOST_HUMPS = 3;
    private static final Pattern TRACER = Pattern.compile("([a-z]{2,})[/-][a-z]{2,}");

    public Eye {
        thick = Set.copyOf(thick);
        thin = Set.copyOf(thin);
    }

    /** Reads what was typed of the wires; problems carry the fields {@code thick}, {@code thin} and {@code humps}. */
    public static Reading<Eye> read(String thick, String thin, String humps, String click, List<String> leads) {
        List<Problem> problems = new ArrayList<>();
        Set<String> thicker = leads("thick", thick, leads, problems);
        Set<String> thinner = leads("thin", thin, leads, problems);
        thinner.stream()
                .filter(thicker::contains)
                .findFirst()
                .ifPresent(l -> problems.add(new Problem("thin", l, l + " cannot be both thick and thin.")));
        Optional<Integer> number = Optional.empty();
        if (!humps.isBlank()) {
            boolean known = humps.strip().matches("[0-" + MOST_HUMPS + "]");
            number = known ? Optional.of(Integer.parseInt(humps.strip())) : Optional.empty();
            if (!known) {
                problems.add(new Problem("humps", humps, "Humps are counted from 0 to " + MOST_HUMPS + "."));
            }
        }
        Optional<Boolean> clicks = click.isBlank() ? Optional.empty() : Optional.of(click.equals("yes"));
        return problems.isEmpty() ? Reading.of(new Eye(thicker, thinner, number, clicks)) : Reading.failed(problems);
    }

    private static Set<String> leads(String field, String typed, List<String> leads, List<Problem> problems) {
        Set<String> named = new LinkedHashSet<>();
        for (String name : typed.strip().split("[\\s,]+")) {
            if (name.isEmpty()) {
                continue;
            }
            Optional<String> lead =
                    leads.stream().filter(l -> l.equalsIgnoreCase(name)).findFirst();
            lead.ifPresentOrElse(
                    named::add,
                    () -> problems.add(new Problem(
                            field,
                            name,
                            "There is no lead " + name + " on the pad. Its leads are " + String.join(", ", leads)
                                    + ".")));
        }
        return named;
    }

    /** Two capacitors or one, and no click: a start switch is not to be looked for. */
    boolean saysPermanentCapacitor() {
        return click.equals(Optional.of(false)) && humps.map(h -> h > 0).orElse(false);
    }

    /** Whether an arrangement goes with what was seen of the wires. */
    boolean allows(Arrangement arrangement) {
        return arrangement.parts().stream().allMatch(p -> goesWith(p, arrangement)) && pairsKept(arrangement);
    }

    private boolean goesWith(Part part, Arrangement arrangement) {
        boolean run = part.role() == Role.RUN || part.role() == Role.RUN_HALF;
        boolean start = part.role() == Role.START || part.role() == Role.START_HALF;
        // a lead that ends several windings is as thick as the thickest asks
        return part.leads().stream()
                .filter(l -> arrangement.parts().stream()
                                .filter(o -> o.leads().contains(l))
                                .count()
                        == 1)
                .noneMatch(l -> run && thin.contains(l) || start && thick.contains(l));
    }

    /** Names such as black and black/yellow are the two ends of one winding, where both are leads of it. */
    private static boolean pairsKept(Arrangement arrangement) {
        List<Part> windings =
                arrangement.parts().stream().filter(p -> p.leads().size() == 2).toList();
        Set<String> names = new LinkedHashSet<>();
        windings.forEach(p -> names.addAll(p.leads()));
        for (String name : names) {
            Matcher tracer = TRACER.matcher(name.toLowerCase(Locale.ROOT));
            if (!tracer.matches()) {
                continue;
            }
            Optional<String> plain = names.stream()
                    .filter(n -> n.equalsIgnoreCase(tracer.group(1)))
                    .findFirst();
            if (plain.isPresent()
                    && windings.stream().noneMatch(p -> p.leads().containsAll(List.of(name, plain.orElseThrow())))) {
                return false;
            }
        }
        return true;
    }
}
