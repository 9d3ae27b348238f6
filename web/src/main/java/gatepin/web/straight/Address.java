package gatepin.web.straight;

import gatepin.core.straight.Choices;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * What stands in the address of the page: the four choices as far as they were made, and the plan that is looked at.
 *
 * @param chosen by their names; what was not chosen is not there
 * @param choices the same with the usual in place of what is missing
 * @param unknown what it names and nobody here knows
 */
record Address(Map<String, String> chosen, Choices choices, List<String> unknown) {
    static final String PATH = "/wires";
    static final String MOTOR = "motor";
    static final String MAINS = "supply";
    static final String GEAR = "switch";
    static final String TURNS = "turns";
    static final String PLAN = "plan";
    static final String PLATE = "plate";
    static final String LID = "lid";

    /** The most letters of a plate or a lid that an address carries. */
    static final int LONGEST = 800;

    private static final List<String> QUESTIONS = List.of(MOTOR, MAINS, GEAR, TURNS);

    static Address of(Map<String, String> typed) {
        Choices.Read read = Choices.read(said(typed, MOTOR), said(typed, MAINS), said(typed, GEAR), said(typed, TURNS));
        Map<String, String> chosen = new LinkedHashMap<>();
        for (String name : QUESTIONS) {
            String said = said(typed, name);
            if (!said.isEmpty() && !read.unknown().contains(said)) {
                chosen.put(name, said);
            }
        }
        for (String name : List.of(PLATE, LID, PLAN)) {
            String said = said(typed, name);
            if (!said.isEmpty()) {
                chosen.put(name, said.length() > LONGEST ? said.substring(0, LONGEST) : said);
            }
        }
        return new Address(chosen, read.choices(), read.unknown());
    }

    private static String said(Map<String, String> typed, String name) {
        return typed.getOrDefault(name, "").strip();
    }

    /** What was typed or chosen under a name; blank where nothing was. */
    String at(String name) {
        return chosen.getOrDefault(name, "");
    }

    /** All but the plan that is looked at: what the plans are worked out for. */
    Map<String, String> asked() {
        Map<String, String> asked = new LinkedHashMap<>(chosen);
        asked.remove(PLAN);
        return asked;
    }

    /** Whether this question is the first that is not answered; what stands under the lid answers for the motor. */
    boolean asks(String question) {
        return QUESTIONS.stream()
                .filter(q -> !chosen.containsKey(q) && !(q.equals(MOTOR) && chosen.containsKey(LID)))
                .findFirst()
                .filter(question::equals)
                .isPresent();
    }

    /** The same with another choice: a plan belongs to what it was worked out for, and a pattern takes the place of a lid. */
    String with(String name, String value) {
        Map<String, String> other = asked();
        if (name.equals(MOTOR)) {
            other.remove(LID);
        }
        other.put(name, value);
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(PATH);
        other.forEach((n, v) -> address.queryParam(n, "{" + n + "}"));
        return address.encode().buildAndExpand(other).toUriString();
    }
}
