package gatepin.core.gear;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz.Probe;
import gatepin.core.gear.Buzz.Result;
import gatepin.core.gear.SwitchMap.Known;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class SwitchMapTest {
    static final List<SwitchKind> KINDS = SwitchKind.ALL;

    private static SwitchMap face(String typed) {
        return new SwitchMap(FaceReader.face("face", typed).value().orElseThrow(), true, false, List.of());
    }

    private static Buzz buzz(String pair, Result result) {
        String[] ends = pair.split("-");
        return new Buzz(HandlePosition.FORWARD, Contact.between(ends[0], ends[1]), result);
    }

    @Test
    void whatJoinsWhatFollowsFromFewerReadings() {
        SwitchMap map = face("1 2 / 3 4")
                .with(buzz("1-2", Result.CLOSED))
                .with(buzz("2-3", Result.CLOSED))
                .with(buzz("1-4", Result.OPEN));

        assertThat(map.known(HandlePosition.FORWARD, Contact.between("1", "3"))).isEqualTo(Known.JOINED);
        assertThat(map.known(HandlePosition.FORWARD, Contact.between("3", "4"))).isEqualTo(Known.APART);
        assertThat(map.known(HandlePosition.REVERSE, Contact.between("1", "2"))).isEqualTo(Known.OPEN_QUESTION);
        assertThat(map.next()).map(Probe::position).contains(HandlePosition.OFF);
    }

    @Test
    void inASwitchOfPairsATerminalWithItsPartnerJoinsNothingElse() {
        SwitchMap pairs = new SwitchMap(face("1 2 / 3 4").rows(), true, true, List.of(buzz("1-2", Result.CLOSED)));

        assertThat(pairs.known(HandlePosition.REVERSE, Contact.between("1", "3")))
                .isEqualTo(Known.APART);
        assertThat(pairs.known(HandlePosition.REVERSE, Contact.between("1", "2")))
                .isEqualTo(Known.OPEN_QUESTION);
        assertThat(pairs.with(buzz("2-3", Result.CLOSED)).moreThanAPair()).contains(Terminal.onSwitch("2"));
    }

    @Test
    void readingsThatCannotAllBeTrueAreNamedWithTheWayRound() {
        SwitchMap map = face("A B C")
                .with(buzz("A-B", Result.CLOSED))
                .with(buzz("B-C", Result.CLOSED))
                .with(buzz("A-C", Result.OPEN));

        assertThat(map.contradictions()).singleElement().satisfies(c -> {
            assertThat(c.apart()).isEqualTo(Contact.between("A", "C"));
            assertThat(c.by()).extracting(Terminal::mark).containsExactly("A", "B", "C");
        });
        assertThat(map.isSettled()).isFalse();
        assertThat(map.with(buzz("A-C", Result.CLOSED)).contradictions())
                .as("the later reading counts")
                .isEmpty();
        assertThat(map.buzzes()).as("none is taken away").hasSize(3);
    }

    @Test
    void oneTapSaysThatNothingElseBuzzes() {
        SwitchMap map = face("1 2 / 3 4 / 5 6").with(buzz("1-3", Result.CLOSED));
        for (Buzz silent : map.nothingElse(HandlePosition.FORWARD, Terminal.onSwitch("1"))) {
            map = map.with(silent);
        }

        for (String other : List.of("2", "4", "5", "6")) {
            assertThat(map.known(HandlePosition.FORWARD, Contact.between("3", other)))
                    .isEqualTo(Known.APART);
        }
    }

    @Test
    void wornIdleAndAlwaysJoinedTerminalsAreFound() {
        SwitchMap map = face("1 2 3 4");
        for (HandlePosition position : HandlePosition.values()) {
            map = map.with(new Buzz(position, Contact.between("1", "2"), Result.CLOSED));
        }
        map = map.with(buzz("2-3", Result.SOMETIMES));

        assertThat(map.alwaysJoined()).containsExactly(Contact.between("1", "2"));
        assertThat(map.intermittent()).extracting(Buzz::pair).containsExactly(Contact.between("2", "3"));
        assertThat(map.idle()).containsExactly(Terminal.onSwitch("4"));
    }

    /** The kind with its terminals in another order on the face and under other numbers. */
    private static SwitchKind renumbered(SwitchKind kind, Random chance, boolean exchanged) {
        List<Terminal> terminals = kind.chart().terminals();
        List<Terminal> others = new ArrayList<>();
        for (int i = 0; i < terminals.size(); i++) {
            others.add(Terminal.onSwitch("" + (char) ('A' + i)));
        }
        List<Terminal> turned = new ArrayList<>(others);
        Collections.shuffle(turned, chance);
        Map<Terminal, Terminal> to = new HashMap<>();
        for (int i = 0; i < terminals.size(); i++) {
            to.put(terminals.get(i), turned.get(i));
        }
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : HandlePosition.values()) {
            HandlePosition there = !exchanged || position == HandlePosition.OFF
                    ? position
                    : position == HandlePosition.FORWARD ? HandlePosition.REVERSE : HandlePosition.FORWARD;
            Set<Contact> contacts = new LinkedHashSet<>();
            kind.chart().closedIn(position).forEach(c -> contacts.add(new Contact(at(to, c.a()), at(to, c.b()))));
            closed.put(there, contacts);
        }
        return new SwitchKind(
                "x",
                "x",
                "",
                List.of(others),
                ContactChart.ofHandle(others, closed),
                kind.springReturn(),
                kind.hasOff(),
                Set.of(),
                Set.of());
    }

    private static Terminal at(Map<Terminal, Terminal> to, Terminal terminal) {
        Terminal found = to.get(terminal);
        assertThat(found).isNotNull();
        return found == null ? terminal : found;
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void everyKindIsRecognisedHoweverItIsNumberedTurnedOrThrown(SwitchKind kind) {
        Random chance = new Random(7);
        for (int turn = 0; turn < 40; turn++) {
            SwitchKind other = renumbered(kind, chance, turn % 2 == 1);
            Recognised found = Recognised.in(other.chart(), kind.springReturn(), kind.hasOff())
                    .orElseThrow();

            assertThat(joins(found.kind())).as("a kind that joins the same").isEqualTo(joins(kind));
            assertThat(found.numbers().values())
                    .doesNotHaveDuplicates()
                    .hasSameSizeAs(kind.chart().terminals());
        }
    }

    /** How many terminals each position joins: enough to tell the library's kinds apart. */
    private static List<Integer> joins(SwitchKind kind) {
        return List.of(
                kind.chart().closedIn(HandlePosition.FORWARD).size(),
                kind.chart().closedIn(HandlePosition.REVERSE).size(),
                kind.chart().terminals().size());
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void theMeterFindsTheChartWithFewerReadingsThanThereArePairs(SwitchKind kind) {
        Random chance = new Random(kind.key().hashCode());
        SwitchKind hidden = renumbered(kind, chance, false);
        SimulatedBuzzer meter = new SimulatedBuzzer(hidden.chart(), Set.of(), 3);
        SwitchMap map = new SwitchMap(hidden.rows(), kind.hasOff(), kind.key().startsWith("cam"), List.of());
        int readings = 0;
        while (map.next().isPresent()) {
            Probe probe = map.next().orElseThrow();
            map = map.with(new Buzz(
                    probe.position(),
                    probe.pair(),
                    meter.read(probe.position(), probe.pair()).result()));
            readings++;
        }

        int pairs = hidden.chart().terminals().size()
                * (hidden.chart().terminals().size() - 1)
                / 2
                * map.positions().size();
        assertThat(map.isSettled()).isTrue();
        assertThat(readings).isLessThan(pairs);
        for (HandlePosition position : map.positions()) {
            assertThat(sets(map.chart(), position)).isEqualTo(sets(hidden.chart(), position));
        }
    }

    private static Set<Set<Terminal>> sets(ContactChart chart, HandlePosition position) {
        Set<Set<Terminal>> sets = new LinkedHashSet<>();
        for (Contact contact : chart.closedIn(position)) {
            Set<Terminal> joined = new LinkedHashSet<>(Set.of(contact.a(), contact.b()));
            sets.removeIf(s -> {
                boolean touches = !Collections.disjoint(s, joined);
                if (touches) {
                    joined.addAll(s);
                }
                return touches;
            });
            sets.add(joined);
        }
        return new java.util.HashSet<>(sets);
    }

    @Test
    void theMeterTellsAWornContact() {
        ContactChart chart = SwitchKind.CROSS_CORNER_DRUM.chart();
        SimulatedBuzzer meter = new SimulatedBuzzer(chart, Set.of(Contact.between("5", "6")), 1);

        assertThat(meter.read(HandlePosition.FORWARD, Contact.between("5", "6")).result())
                .isEqualTo(Result.SOMETIMES);
        assertThat(meter.read(HandlePosition.FORWARD, Contact.between("1", "3")).ohms())
                .isBetween(0.1, 0.4);
        assertThat(meter.read(HandlePosition.OFF, Contact.between("1", "3")).ohms())
                .isInfinite();
    }

    @Test
    void aFaceThatCannotBeReadSaysWhy() {
        assertThat(FaceReader.face("face", "1 2 / 2 3").problems())
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("two terminals 2"));
        assertThat(FaceReader.face("face", "").problems())
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("1 2 / 3 4 / 5 6"));
        assertThat(FaceReader.face("face", "1 2 ?? 4").problems()).hasSize(1);
        List<Terminal> face = face("1 2 / 3 4").terminals();
        assertThat(FaceReader.contacts("c", "1-9", face).problems())
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("9, which is not on the face"));
        assertThat(FaceReader.contacts("c", "1-1", face).problems()).hasSize(1);
        assertThat(FaceReader.contacts("c", " 1-2-4, 3=1 ", face).value().orElseThrow())
                .hasSize(3);
    }
}
