package gatepin.web.yard;

import java.util.List;
import java.util.Locale;

/** Which little drawing stands for a machine, from the words it is called by. */
final class Figures {
    private record Rule(String figure, List<String> words) {}

    private static final List<Rule> RULES = List.of(
            new Rule("drill", List.of("drill", "tapping", "mill", "lathe")),
            new Rule("winch", List.of("winch", "hoist", "lift")),
            new Rule("wheel", List.of("potter", "wheel")),
            new Rule("grinder", List.of("grinder", "saw", "buff")),
            new Rule("blower", List.of("blower", "fan")),
            new Rule("auger", List.of("auger", "conveyor", "belt")),
            new Rule("extractor", List.of("extractor", "mixer", "churn")),
            new Rule("scratter", List.of("scratter", "mill", "crusher", "press")));

    private Figures() {}

    static String of(String machine, String note) {
        String name = machine.toLowerCase(Locale.ROOT);
        String all = name + " " + note.toLowerCase(Locale.ROOT);
        return find(name).orElseGet(() -> find(all).orElse("motor"));
    }

    private static java.util.Optional<String> find(String text) {
        return RULES.stream()
                .filter(r -> r.words().stream().anyMatch(text::contains))
                .map(Rule::figure)
                .findFirst();
    }
}
