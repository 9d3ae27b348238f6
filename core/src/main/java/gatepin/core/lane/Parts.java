package gatepin.core.lane;

import gatepin.core.ahead.AheadRecord;
import gatepin.core.control.ControlRecord;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Diagram;
import gatepin.core.found.FoundRecord;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.job.Taken;
import gatepin.core.machine.Traces;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.supply.PanelRun;
import gatepin.core.wire.CableLengths;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The parts a job is made of, in the order of work: a part more is one line in this list. */
public final class Parts {
    public static final Part<Void> MACHINE = Part.inRows("machine", "the machine's name and note");
    public static final Part<Void> SAFE = Part.inRows("safe", "the lock-out", Gate.SAFE);
    public static final Part<Void> FOUND_PHOTOS = Part.inRows("found-photos", "the photos of the wires", Gate.FOUND);
    public static final Part<Void> PLATE_PHOTOS = Part.inRows("plate-photos", "the photos of the plate", Gate.PLATE);
    public static final Part<Void> WINDINGS = Part.inRows("windings", "the windings", Gate.WINDINGS);
    public static final Part<Void> SUPPLY = Part.inRows("supply", "the supply", Gate.SUPPLY);
    public static final Part<Void> GEAR = Part.inRows("gear", "the switch", Gate.SWITCH);
    public static final Part<Void> MAP = Part.inRows("map", "the switch's face", Gate.SWITCH);
    public static final Part<Void> PLAN = Part.inRows("plan", "the wiring plan", Gate.SWITCH);
    public static final Part<Void> WIRES = Part.inRows("wires", "the wires", Gate.WIRE);
    public static final Part<Void> CHECKS = Part.inRows("checks", "the checks", Gate.COLD);
    public static final Part<Void> PAPERS = Part.inRows("papers", "the papers", Gate.HANDOVER);
    public static final Part<Void> MOUNT = Part.inRows("mount", "what was measured of the old motor");

    private static final List<Part<?>> ALL = all(List.of(
            MACHINE,
            SAFE,
            FoundRecord.PART,
            FOUND_PHOTOS,
            PLATE_PHOTOS,
            Plate.PART,
            Traces.Typed.PART,
            Diagram.PART,
            Board.PART,
            Taken.PART,
            WINDINGS,
            SUPPLY,
            PanelRun.PART,
            RotationPlan.PART,
            GEAR,
            MAP,
            Wishes.PART,
            ControlRecord.PART,
            AheadRecord.PART,
            PLAN,
            WIRES,
            CableLengths.PART,
            CHECKS,
            PAPERS,
            MOUNT));
    private static final Map<String, Part<?>> BY_KEY =
            ALL.stream().collect(Collectors.toMap(Part::key, Function.identity()));

    private Parts() {}

    /** Parts of a room that is not of this house: found as a service (java.util.ServiceLoader). */
    public interface More {
        /** The parts, each at a gate of its own choice. */
        List<Part<?>> parts();
    }

    private static List<Part<?>> all(List<Part<?>> ours) {
        List<Part<?>> all = new ArrayList<>(ours);
        ServiceLoader.load(More.class).forEach(m -> all.addAll(m.parts()));
        return Collections.unmodifiableList(all);
    }

    /** Every part there is. */
    public static List<Part<?>> all() {
        return ALL;
    }

    /** The part of a key; empty where there is none. */
    public static Optional<Part<?>> of(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }
}
