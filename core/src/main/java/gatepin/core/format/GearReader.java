package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads the gear of a wiring file: a switch with a handle, or devices with settings of their own. */
final class GearReader {
    private final JsonNode root;
    private final List<Problem> problems;

    GearReader(JsonNode root, List<Problem> problems) {
        this.root = root;
        this.problems = problems;
    }

    private void problem(String path, String value, String message) {
        problems.add(new Problem(path, value, message));
    }

    /** Gives {@link ContactChart#NONE} when there are problems, and where the file has no gear. */
    ContactChart read() {
        if (root.has("gear") && root.has("switch")) {
            problem("/switch", "", "Give either switch or gear, not both.");
            return ContactChart.NONE;
        }
        return root.has("gear") ? gear(root.path("gear")) : handle(root.path("switch"));
    }

    /** Gear without one handle: devices, settings, and for each contact in which of them it is closed. */
    private ContactChart gear(JsonNode node) {
        Set<Terminal> terminals = new LinkedHashSet<>();
        for (int d = 0; d < node.path("devices").size(); d++) {
            JsonNode device = node.path("devices").get(d);
            for (int m = 0; m < device.path("marks").size(); m++) {
                Terminal terminal = Terminal.fromId(device.path("name").asText() + "."
                        + device.path("marks").get(m).asText());
                String path = "/gear/devices/" + d + "/marks/" + m;
                if (terminal.isFrame()) {
                    problem(path, terminal.id(), terminal.id() + " is a ground screw; give the terminal another mark.");
                } else if (!terminals.add(terminal)) {
                    problem(path, terminal.id(), "There is a terminal " + terminal.id() + " already.");
                }
            }
        }
        Map<String, Setting> settings = new LinkedHashMap<>();
        for (int i = 0; i < node.path("settings").size(); i++) {
            JsonNode setting = node.path("settings").get(i);
            String name = setting.path("name").asText();
            Setting.Purpose purpose =
                    Setting.Purpose.valueOf(setting.path("purpose").asText().toUpperCase(Locale.ROOT));
            if (settings.put(name, new Stand(name, purpose)) != null) {
                problem("/gear/settings/" + i + "/name", name, "There is a setting " + name + " already.");
            }
        }
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        settings.values().forEach(s -> closed.put(s, new LinkedHashSet<>()));
        Map<Contact, Health> faults = new LinkedHashMap<>();
        for (int i = 0; i < node.path("contacts").size(); i++) {
            contact(node.path("contacts").get(i), "/gear/contacts/" + i, terminals, settings, closed, faults);
        }
        if (!problems.isEmpty()) {
            return ContactChart.NONE;
        }
        ContactChart chart = new ContactChart(List.copyOf(terminals), closed);
        for (Map.Entry<Contact, Health> fault : faults.entrySet()) {
            chart = chart.with(fault.getKey(), fault.getValue());
        }
        return chart;
    }

    private void contact(
            JsonNode node,
            String path,
            Set<Terminal> terminals,
            Map<String, Setting> settings,
            Map<Setting, Set<Contact>> closed,
            Map<Contact, Health> faults) {
        Terminal a = Terminal.fromId(node.path("a").asText());
        Terminal b = Terminal.fromId(node.path("b").asText());
        for (Terminal end : List.of(a, b)) {
            if (!terminals.contains(end)) {
                problem(path + (end.equals(a) ? "/a" : "/b"), end.id(), "The gear has no terminal " + end.id() + ".");
                return;
            }
        }
        if (a.equals(b)) {
            problem(path, a.id(), "A contact joins two terminals, not " + a.id() + " with itself.");
            return;
        }
        Contact contact = new Contact(a, b);
        for (int s = 0; s < node.path("closedIn").size(); s++) {
            String name = node.path("closedIn").get(s).asText();
            Setting setting = settings.get(name);
            if (setting == null) {
                problem(path + "/closedIn/" + s, name, "There is no setting " + name + ".");
            } else {
                closed.getOrDefault(setting, new LinkedHashSet<>()).add(contact);
            }
        }
        if (node.path("closedIn").isEmpty()) {
            problem(path + "/closedIn", "", "A contact that closes in no setting is none; leave it out.");
        }
        Health health = MotorReader.health(node.path("health"));
        if (health != Health.WORKS) {
            faults.put(contact, health);
        }
    }

    private ContactChart handle(JsonNode node) {
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        List<Terminal> terminals = new ArrayList<>();
        for (int row = 0; row < node.path("face").size(); row++) {
            for (int column = 0; column < node.path("face").get(row).size(); column++) {
                String mark = node.path("face").get(row).get(column).asText();
                Terminal terminal = Terminal.onSwitch(mark);
                if (terminals.contains(terminal) || mark.equals("G")) {
                    problem(
                            "/switch/face/" + row + "/" + column,
                            mark,
                            mark.equals("G")
                                    ? "G is the ground screw of the switch; give the contact's terminal another mark."
                                    : "The switch has a terminal " + mark + " already.");
                }
                terminals.add(terminal);
            }
        }
        for (HandlePosition position : HandlePosition.values()) {
            // a handle has a place for OFF, and for the ways that the file knows
            if (position != HandlePosition.OFF && !node.path("closed").has(position.word())) {
                continue;
            }
            JsonNode pairs = node.path("closed").path(position.word());
            Set<Contact> contacts = new LinkedHashSet<>();
            for (int i = 0; i < pairs.size(); i++) {
                String path = "/switch/closed/" + position.word() + "/" + i;
                contact(pairs.get(i), path, terminals).ifPresent(contact -> {
                    if (!contacts.add(contact)) {
                        problem(path, contact.toString(), contact + " stands twice in " + position.word() + ".");
                    }
                });
            }
            closed.put(position, contacts);
        }
        return problems.isEmpty() ? new ContactChart(terminals, closed) : ContactChart.NONE;
    }

    private Optional<Contact> contact(JsonNode pair, String path, List<Terminal> terminals) {
        for (int i = 0; i < 2; i++) {
            String mark = pair.get(i).asText();
            if (!terminals.contains(Terminal.onSwitch(mark))) {
                problem(path + "/" + i, mark, "The switch has no terminal " + mark + ".");
                return Optional.empty();
            }
        }
        String a = pair.get(0).asText();
        if (a.equals(pair.get(1).asText())) {
            problem(path, a, "A contact joins two terminals, not " + a + " with itself.");
            return Optional.empty();
        }
        return Optional.of(Contact.between(a, pair.get(1).asText()));
    }
}
