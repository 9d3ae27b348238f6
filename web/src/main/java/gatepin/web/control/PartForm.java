package gatepin.web.control;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderEdit;
import gatepin.core.control.LadderText;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** A part that is put into a ladder by hand, or taken out of it. */
final class PartForm {
    /** What can be put in. */
    static final List<Kind> KINDS = List.of(
            Kind.BUTTON,
            Kind.STOP,
            Kind.EMERGENCY_STOP,
            Kind.SELECTOR,
            Kind.LIMIT,
            Kind.OVERLOAD,
            Kind.STANDSTILL,
            Kind.RELAY,
            Kind.TIMER,
            Kind.LAMP,
            Kind.CONTACTOR);

    private static final TypedNumber.Field WAIT = TypedNumber.Field.of(0.1, 3600, "s", "sec");

    private PartForm() {}

    /** The ladder as it is then; or what is wrong with what was typed. */
    static Reading<Ladder> read(Map<String, String> typed, Ladder ladder) {
        String out = typed.getOrDefault("out", "");
        if (!out.isEmpty()) {
            return ladder.part(out).isEmpty()
                    ? failed("newPart", out, "There is no " + out + " any more.")
                    : checked(LadderEdit.without(ladder, out));
        }
        Optional<Kind> kind = KINDS.stream()
                .filter(k -> k.name().equals(typed.getOrDefault("kind", "")))
                .findFirst();
        if (kind.isEmpty()) {
            return failed("newPart", "", "Choose what is put in.");
        }
        Optional<Part> contact = ladder.part(typed.getOrDefault("contact", "")).filter(p -> p.kind() != Kind.LAMP);
        if (kind.get().isLoad() && contact.isEmpty()) {
            return failed("newContact", "", "Choose the first contact of its rung.");
        }
        double seconds = 0;
        if (kind.get() == Kind.TIMER) {
            TypedNumber wait = TypedNumber.read(typed.getOrDefault("seconds", ""), WAIT);
            if (wait.kind() != TypedNumber.Kind.GOOD) {
                return failed("newSeconds", typed.getOrDefault("seconds", ""), "Type how long it waits, up to 3600 s.");
            }
            seconds = wait.value();
        }
        Optional<HandlePosition> way = Stream.of(HandlePosition.FORWARD, HandlePosition.REVERSE)
                .filter(w -> w.name().equals(typed.getOrDefault("way", "")))
                .findFirst();
        return checked(LadderEdit.plus(
                ladder,
                kind.get(),
                way,
                seconds,
                new Touch(
                        contact.map(Part::name).orElse(""),
                        typed.getOrDefault("normally", "no").equals("nc"))));
    }

    /** As its text would be read: what that refuses is refused here. */
    private static Reading<Ladder> checked(Ladder changed) {
        Reading<Ladder> read = LadderText.read(LadderText.write(changed));
        if (read.value().isPresent()) {
            return read;
        }
        List<Problem> problems = new ArrayList<>();
        read.problems().forEach(p -> problems.add(new Problem("newPart", p.value(), p.message())));
        return Reading.failed(problems);
    }

    private static Reading<Ladder> failed(String field, String value, String message) {
        return Reading.failed(List.of(new Problem(field, value, message)));
    }
}
