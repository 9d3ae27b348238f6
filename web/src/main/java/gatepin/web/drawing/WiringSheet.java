package gatepin.web.drawing;

import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.web.drawing.Router.Heading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/** Lays out motor box, splices, switch and supply: side by side on a wide sheet, one below the other on a tall one. */
final class WiringSheet {
    private static final int WIDE_UNIT = 18;
    private static final int TALL_UNIT = 15;
    private static final int TITLE_LETTER = 9;
    /** How many letters go across a tag of the tall sheet. */
    private static final int TALL_LETTERS = 3;
    /** From one splice to the next: a wire may come in between. */
    private static final int SPLICE_PITCH = 2;

    /** Columns on either side of the splices where wires run up and down. */
    private static final int CHANNEL = 4;

    /** Rows of a switch's box above its first terminals, and below its last: the ground screw has its place there. */
    private static final int FACE_ROOM = 11;

    private final WiringPicture picture;
    private final List<Lead> leads;
    private final List<Lead> tags;
    /** How much room is left between things, beyond what most wirings need. */
    private final int room;

    WiringSheet(WiringPicture picture, int room) {
        this.picture = picture;
        this.room = room;
        List<Lead> all = sideBySide(picture.leads());
        this.leads = all.stream().filter(l -> !l.isCapacitorTag()).toList();
        this.tags = all.stream().filter(Lead::isCapacitorTag).toList();
    }

    /** Leads of one winding side by side, so that its humps fit between them; a lead of two windings between both. */
    private static List<Lead> sideBySide(Leads leads) {
        List<Winding> windings = leads.windings().stream()
                .sorted(Comparator.comparing((Winding w) -> order(w.role())).thenComparing(Winding::name))
                .toList();
        Set<Terminal> placed = new LinkedHashSet<>();
        for (Winding winding : windings) {
            boolean likeIsShared =
                    windings.stream().filter(w -> w.has(winding.like())).count() > 1;
            placed.add(likeIsShared && !placed.contains(winding.like()) ? winding.other() : winding.like());
            placed.addAll(List.of(winding.like(), winding.other()));
        }
        return placed.stream().map(t -> leads.find(t.mark()).orElseThrow()).toList();
    }

    private static int order(Winding.Role circuit) {
        return switch (circuit) {
            case PROTECTOR -> 0;
            case RUN -> 1;
            case START -> 2;
            case CAPACITOR -> 3;
        };
    }

    /** How much deeper the motor box is for what sits inside beside the windings, in units of so many pixels. */
    private int deeper(int unit) {
        boolean inside = picture.leads().windings().stream()
                .anyMatch(w -> !Inside.of(picture.circuit().motor(), w).isNothing());
        return inside ? (InsidePainter.LONGEST + unit - 1) / unit - 1 : 0;
    }

    /** How long the tags must be for the longest mark, in units of so many pixels, and no shorter than usual. */
    private int tagUnits(int unit, int usual) {
        int longest =
                leads.stream().mapToInt(l -> Sheet.tagLength(l.mark())).max().orElse(0);
        return Math.max(usual, (longest + unit - 1) / unit);
    }

    Sheet wide() {
        int deeper = deeper(WIDE_UNIT);
        int tag = tagUnits(WIDE_UNIT, 5);
        // the edge of the motor box, where the tags' wires leave
        int edge = 4 + deeper + tag;
        int faceRows = picture.gear().map(g -> g.rows().size()).orElse(1);
        int faceColumns = picture.gear().map(WiringSheet::columns).orElse(1);
        int columnPitch = (faceColumns > 3 ? 4 : 5) + room;
        int boxWidth = Math.max(17 + 2 * room, 9 + columnPitch * (faceColumns - 1) + room);
        int capacitorRows = tags.isEmpty() ? 0 : 2 * tags.size() + 4;
        int gearRows =
                picture.gear().isPresent() ? Math.max(faceColumns > 2 ? 24 : 21, FACE_ROOM + 3 * (faceRows - 1)) : 15;
        int rows = Math.max(
                Math.max(leads.size() * 2 + 5 + capacitorRows, gearRows) + 2 * room,
                splices().size() * SPLICE_PITCH + 6);
        int switchX = edge + 2 * CHANNEL + 2 * room;
        int width = picture.gear().isPresent() ? switchX + boxWidth + 11 + room : switchX + 16;
        Sheet sheet = new Sheet("wide", WIDE_UNIT, width, rows + 2);
        int motorRows = rows - capacitorRows;
        sheet.box("motor", 1, 1, edge - 1, motorRows, "MOTOR BOX");
        sheet.router.block(0, 0, edge, rows + 2);
        // nothing runs along the upper or lower edge, where half of it would be cut off
        sheet.router.block(0, 0, width, 0);
        sheet.router.block(0, rows + 1, width, rows + 2);
        sheet.coilLine = 3 * WIDE_UNIT - 6;
        sheet.tagEdge = (edge - tag) * WIDE_UNIT;
        int y = 4;
        Optional<Lead> before = Optional.empty();
        for (Lead lead : leads) {
            boolean sameWinding = before.map(lead::sharesWindingWith).orElse(true);
            boolean roomy = leads.size() * 2 + 4 + picture.leads().windings().size() <= motorRows;
            y += !sameWinding && roomy ? 1 : 0;
            sheet.tag(lead.terminal(), "lead", edge, y, tag, Heading.EAST, lead.mark(), lead.colour());
            before = Optional.of(lead);
            y += 2;
        }
        int motorGround = motorRows - 1;
        sheet.tag(Terminal.MOTOR_FRAME, "ground", edge, motorGround, 2, Heading.EAST, "G", "");
        if (!tags.isEmpty()) {
            sheet.box("capacitor", 1, motorRows + 2, edge - 1, capacitorRows - 1, "CAPACITOR");
            for (int i = 0; i < tags.size(); i++) {
                Lead own = tags.get(i);
                sheet.tag(
                        own.terminal(),
                        "lead",
                        edge,
                        motorRows + 5 + 2 * i,
                        tag,
                        Heading.EAST,
                        own.mark(),
                        own.colour());
            }
        }
        int groundRow = rows - 1;
        places(s -> sheet.spot(s).y(), 3, sheet.height - 4)
                .forEach((splice, at) -> sheet.splice(splice, edge + CHANNEL + room, at, Heading.EAST));
        int supplyX = width - 6;
        picture.gear().ifPresent(kind -> {
            List<String> title = title(kind, boxWidth * WIDE_UNIT);
            sheet.box("switch", switchX, 1, boxWidth, rows, title, 1);
            // the box is walled where no cable can come in
            sheet.router.block(switchX, 1, switchX + boxWidth, 1);
            sheet.router.block(switchX + 1, 2, switchX + 2 + longest(title) / 2, 1 + title.size());
            // a wire along the box's edge would look like the edge
            edges(sheet, switchX, 1, boxWidth, rows);
            // two columns stand nearer the supply: most wires come from the motor
            int left =
                    faceColumns > 2 ? switchX + (boxWidth - columnPitch * (faceColumns - 1)) / 2 : switchX + 8 + room;
            face(sheet, kind, left, 8, columnPitch, Math.min(5, (rows - FACE_ROOM) / Math.max(1, faceRows - 1)));
            int ground = switchX + boxWidth / 2 + 2;
            sheet.tag(kind.chart().frame(), "ground", ground, rows - 1, 2, Heading.EAST, "G", "");
            sheet.router.block(ground - 2, rows - 2, ground, rows);
            sheet.spots.computeIfPresent(kind.chart().frame(), (t, s) -> bothSides(s, 2));
        });
        sheet.box("supply", supplyX, 1, 5, rows, "SUPPLY");
        sheet.router.block(supplyX, 0, width, rows + 2);
        List<Terminal> lines = linesByPartner(sheet, Sheet.Spot::y);
        sheet.tag(lines.get(0), "feed", supplyX, 6, 4, Heading.WEST, name(lines.get(0)), "");
        sheet.tag(lines.get(1), "feed", supplyX, 12, 4, Heading.WEST, name(lines.get(1)), "");
        sheet.tag(Terminal.GROUND, "ground", supplyX, groundRow, 4, Heading.WEST, "G", "");
        return sheet;
    }

    /** The ground screw of the switch takes a wire on either side. */
    private static Sheet.Spot bothSides(Sheet.Spot spot, int width) {
        return new Sheet.Spot(
                spot.x(),
                spot.y(),
                List.of(
                        Router.Port.beside(spot.x(), spot.y(), Heading.EAST),
                        Router.Port.beside(spot.x() - width, spot.y(), Heading.WEST)));
    }

    /**
     * Where each splice stands: near the middle of what it joins, and never next to another. In the order of where they would
     * like to be each takes the first free place; those that went past the end move back.
     *
     * @param along where a terminal stands along the line of splices
     */
    private Map<Terminal, Integer> places(ToIntFunction<Terminal> along, int first, int last) {
        if (!picture.nuts().isEmpty()) {
            return inARow(first, last);
        }
        List<Map.Entry<Terminal, Double>> wanted = splices().entrySet().stream()
                .map(s -> Map.entry(
                        s.getKey(),
                        s.getValue().stream().mapToInt(along).average().orElse(first)))
                .sorted(Map.Entry.comparingByValue())
                .toList();
        int[] place = new int[wanted.size()];
        for (int i = 0; i < place.length; i++) {
            int free = i == 0 ? first : place[i - 1] + SPLICE_PITCH;
            place[i] = Math.max(free, (int) Math.round(wanted.get(i).getValue()));
        }
        for (int i = place.length - 1; i >= 0; i--) {
            int end = i == place.length - 1 ? last : place[i + 1] - SPLICE_PITCH;
            place[i] = Math.min(place[i], end);
        }
        Map<Terminal, Integer> places = new LinkedHashMap<>();
        for (int i = 0; i < place.length; i++) {
            places.put(wanted.get(i).getKey(), place[i]);
        }
        return places;
    }

    /** Nuts that lie ready keep their places whatever is joined. */
    private Map<Terminal, Integer> inARow(int first, int last) {
        int pitch = (last - first) / Math.max(1, picture.nuts().size() - 1) > SPLICE_PITCH
                ? SPLICE_PITCH + 1
                : SPLICE_PITCH;
        Map<Terminal, Integer> places = new LinkedHashMap<>();
        for (Terminal nut : picture.nuts()) {
            places.put(nut, first + pitch * places.size());
        }
        return places;
    }

    /** The splices, and what is joined to each; another splice does not tell where one would like to be. */
    private Map<Terminal, List<Terminal>> splices() {
        Map<Terminal, List<Terminal>> splices = new LinkedHashMap<>();
        picture.nuts().forEach(n -> splices.put(n, new ArrayList<>()));
        for (Wire wire : picture.wires()) {
            partner(splices, wire.to(), wire.from());
            partner(splices, wire.from(), wire.to());
        }
        return splices;
    }

    private static void partner(Map<Terminal, List<Terminal>> splices, Terminal splice, Terminal other) {
        if (splice.is(Type.SPLICE)) {
            List<Terminal> partners = splices.computeIfAbsent(splice, k -> new ArrayList<>());
            if (other.is(Type.MOTOR) || other.is(Type.CAPACITOR)) {
                partners.add(other);
            }
        }
    }

    Sheet tall() {
        int deeper = deeper(TALL_UNIT);
        // a mark that is too long for its tag is written upwards, on tags that are high enough
        int tag = leads.stream().anyMatch(l -> l.mark().length() > TALL_LETTERS) ? tagUnits(TALL_UNIT, 2) : 2;
        int edge = 7 + deeper + tag;
        int splices = splices().size();
        int count = leads.size() + tags.size() + 1;
        int pitch = count > 6 ? 3 : 4;
        int width =
                Math.max(26 + 2 * room, Math.max(SPLICE_PITCH * splices + 4, pitch * count + (tags.isEmpty() ? 2 : 4)));
        int switchTop = edge + 6 + (splices > 0 ? 2 : 0) + 2 * room;
        int faceRows = picture.gear().map(g -> g.rows().size()).orElse(0);
        int rowPitch = 4 + Math.min(1, room);
        int switchHeight = picture.gear().isPresent() ? 10 + rowPitch * (faceRows - 1) + room : 0;
        int supplyTop = switchTop + switchHeight + (picture.gear().isPresent() ? 5 + room : 0);
        Sheet sheet = new Sheet("tall", TALL_UNIT, width, supplyTop + 5);
        int left = (width - (tags.isEmpty() ? 0 : 2)) / 2 - pitch * (count - 1) / 2;
        int capacitorLeft = left + pitch * (leads.size() + 1) + 2 - pitch / 2;
        sheet.box("motor", 0, 0, tags.isEmpty() ? width : capacitorLeft - 1, edge, "MOTOR BOX");
        sheet.router.block(0, 0, width, edge);
        sheet.coilLine = 4 * TALL_UNIT;
        sheet.tagEdge = (edge - tag) * TALL_UNIT;
        for (int i = 0; i < leads.size(); i++) {
            Lead lead = leads.get(i);
            sheet.tag(lead.terminal(), "lead", left + pitch * i, edge, tag, Heading.SOUTH, lead.mark(), lead.colour());
        }
        sheet.tag(Terminal.MOTOR_FRAME, "ground", left + pitch * leads.size(), edge, 2, Heading.SOUTH, "G", "");
        if (!tags.isEmpty()) {
            sheet.box("capacitor", capacitorLeft, 0, width - capacitorLeft, edge, "CAP");
            for (int i = 0; i < tags.size(); i++) {
                int x = left + pitch * (leads.size() + 1 + i) + 2;
                sheet.tag(
                        tags.get(i).terminal(),
                        "lead",
                        x,
                        edge,
                        2,
                        Heading.SOUTH,
                        tags.get(i).mark(),
                        "");
            }
        }
        places(s -> sheet.spot(s).x(), 2, width - 2)
                .forEach((splice, x) -> sheet.splice(splice, x, edge + 4 + room, Heading.SOUTH));
        picture.gear().ifPresent(kind -> {
            int top = switchTop;
            int bottom = top + switchHeight - 2;
            int boxWidth = width - 2;
            List<String> title = title(kind, boxWidth * TALL_UNIT);
            sheet.box("switch", 1, top, boxWidth, switchHeight, title, bottom);
            sheet.router.block(1, bottom + 1, 1 + longest(title) * 5 / 8, bottom + 1);
            edges(sheet, 1, top, boxWidth, switchHeight);
            int columns = columns(kind);
            int columnPitch = columns > 3 ? Math.max(2, (15 + 2 * room) / (columns - 1)) : 6;
            face(
                    sheet,
                    kind,
                    // a wide face leaves room for the ground screw beside it
                    columns > 2 ? width / 2 - columnPitch * (columns - 1) / 2 - columns / 4 : width / 2 - 3,
                    top + 5,
                    columnPitch,
                    rowPitch);
            int ground = width - 3;
            sheet.tag(kind.chart().frame(), "ground", ground, top + switchHeight - 4, 2, Heading.SOUTH, "G", "");
            sheet.spots.computeIfPresent(
                    kind.chart().frame(),
                    (t, s) -> new Sheet.Spot(
                            s.x(),
                            s.y(),
                            List.of(
                                    Router.Port.beside(s.x(), s.y(), Heading.SOUTH),
                                    Router.Port.beside(s.x(), s.y() - 2, Heading.NORTH))));
            sheet.router.block(ground - 1, top + switchHeight - 6, ground + 1, top + switchHeight - 4);
        });
        sheet.box("supply", 0, supplyTop, width, 4, "SUPPLY");
        sheet.router.block(0, supplyTop, width, supplyTop + 5);
        List<Terminal> lines = linesByPartner(sheet, Sheet.Spot::x);
        int feed = width / 2;
        sheet.tag(lines.get(0), "feed", feed, supplyTop, 3, Heading.NORTH, name(lines.get(0)), "");
        sheet.tag(lines.get(1), "feed", feed + 5, supplyTop, 3, Heading.NORTH, name(lines.get(1)), "");
        sheet.tag(Terminal.GROUND, "ground", width - 3, supplyTop, 3, Heading.NORTH, "G", "");
        return sheet;
    }

    /** The two lines in the order of what they go to, so that their wires need not cross. */
    private List<Terminal> linesByPartner(Sheet sheet, ToIntFunction<Sheet.Spot> along) {
        if (!picture.nuts().isEmpty()) {
            return List.of(Terminal.L1, Terminal.L2);
        }
        return java.util.stream.Stream.of(Terminal.L1, Terminal.L2)
                .sorted(Comparator.comparingDouble(line -> picture.wires().stream()
                        .filter(w -> w.lands(line))
                        .map(w -> w.to().equals(line) ? w.from() : w.to())
                        .filter(t -> !t.is(Type.SUPPLY))
                        .mapToInt(t -> along.applyAsInt(sheet.spot(t)))
                        .average()
                        .orElse(0)))
                .toList();
    }

    /** The switch's face. Wires come to a stud from outside only: its inside belongs to the contacts. */
    private static void face(Sheet sheet, SwitchKind kind, int left, int top, int columnPitch, int rowPitch) {
        int rows = kind.rows().size();
        int columns = columns(kind);
        boolean apart = kind.hasColumnsApart();
        // a stud with others on all sides can only be reached over the contacts
        boolean over = !apart && rows > 2 && columns > 2;
        if (over) {
            kind.places()
                    .values()
                    .forEach(place -> sheet.router.block(
                            left + columnPitch * place[1],
                            top + rowPitch * place[0],
                            left + columnPitch * place[1],
                            top + rowPitch * place[0]));
        } else if (apart) {
            for (int column = 0; column < columns; column++) {
                int x = left + columnPitch * column;
                sheet.router.block(x, top, x, top + rowPitch * (rows - 1));
            }
        } else {
            sheet.router.block(left, top, left + columnPitch * (columns - 1), top + rowPitch * (rows - 1));
        }
        kind.places().forEach((terminal, place) -> {
            List<Heading> open = new ArrayList<>();
            if (place[1] == 0 || apart || over) {
                open.add(Heading.WEST);
            }
            if (place[1] == columns - 1 || apart || over) {
                open.add(Heading.EAST);
            }
            if (place[0] == 0 || over) {
                open.add(Heading.NORTH);
            }
            if (place[0] == rows - 1 || over) {
                open.add(Heading.SOUTH);
            }
            sheet.stud(terminal, left + columnPitch * place[1], top + rowPitch * place[0], open);
        });
    }

    private static void edges(Sheet sheet, int x, int y, int width, int height) {
        for (int down = y; down <= y + height; down++) {
            sheet.router.avoid(x, down);
            sheet.router.avoid(x + width, down);
        }
        for (int across = x; across <= x + width; across++) {
            sheet.router.avoid(across, y);
            sheet.router.avoid(across, y + height);
        }
    }

    /** The switch's name, in as many lines as it takes. */
    private static List<String> title(SwitchKind kind, int pixels) {
        int most = pixels / TITLE_LETTER - 2;
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : kind.name().toUpperCase(java.util.Locale.ROOT).split(" ")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > most) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    private static int longest(List<String> title) {
        return title.stream().mapToInt(String::length).max().orElse(0);
    }

    private static int columns(SwitchKind kind) {
        return kind.rows().stream().mapToInt(List::size).max().orElse(1);
    }

    private String name(Terminal line) {
        return picture.supply().map(Supply::kind).isPresent()
                ? picture.supply().orElseThrow().nameOf(line)
                : line.mark();
    }
}
