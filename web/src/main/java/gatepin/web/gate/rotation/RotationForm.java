package gatepin.web.gate.rotation;

import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationReader;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The form of the Rotation gate, with what was typed. */
public final class RotationForm {
    private String tool = "";
    private String work = "";
    private String back = "";
    private String motion = "";
    private String direction = "";
    private boolean fromDrive;
    private List<Stage> stages = new ArrayList<>();
    private boolean shaftOtherWay;
    private boolean bothWays;
    private List<String> hazards = new ArrayList<>();
    private boolean secured;
    private String coast = "";
    private boolean momentary;
    private int version;

    /** One stage of the drive. */
    public static final class Stage {
        private String kind = "";
        private String driver = "";
        private String driven = "";
        private boolean turned;

        public String getKind() {
            return kind;
        }

        public void setKind(String kind) {
            this.kind = kind;
        }

        public String getDriver() {
            return driver;
        }

        public void setDriver(String driver) {
            this.driver = driver;
        }

        public String getDriven() {
            return driven;
        }

        public void setDriven(String driven) {
            this.driven = driven;
        }

        public boolean isTurned() {
            return turned;
        }

        public void setTurned(boolean turned) {
            this.turned = turned;
        }

        public boolean isBlank() {
            return kind.isBlank();
        }
    }

    static RotationForm of(java.util.Optional<RotationPlan> known, int version) {
        RotationForm form = new RotationForm();
        form.version = version;
        form.bothWays = true;
        known.ifPresent(plan -> {
            form.tool = plan.machine().tool().name();
            form.work = plan.machine().ways().work();
            form.back = plan.machine().ways().back();
            form.motion = plan.motion().name();
            form.direction = plan.motion() == ToolMotion.SEEN ? plan.tool().name() : Direction.NOT_STATED.name();
            for (DriveStage stage : plan.train().stages()) {
                Stage row = new Stage();
                row.kind = stage.kind().name();
                row.driver = stage.kind().hasSizes() ? plain(stage.driver()) : "";
                row.driven = stage.kind().hasSizes() ? plain(stage.driven()) : "";
                row.turned = stage.turned();
                form.stages.add(row);
            }
            form.shaftOtherWay = !plan.train().shaftPointsLikeTool();
            form.bothWays = plan.bothWays();
            plan.hazards().forEach(h -> form.hazards.add(h.name()));
            form.secured = plan.secured();
            form.coast = plan.coastSeconds().map(RotationForm::plain).orElse("");
            form.momentary = plan.momentary();
        });
        form.fillRows();
        return form;
    }

    private static String plain(double number) {
        return number == Math.rint(number)
                ? String.format(Locale.ROOT, "%.0f", number)
                : String.format(Locale.ROOT, "%s", number);
    }

    void fillRows() {
        while (stages.size() < RotationReader.MOST_STAGES) {
            stages.add(new Stage());
        }
    }

    RotationReader.Typed typed() {
        return new RotationReader.Typed(
                tool,
                work,
                back,
                motion,
                direction,
                fromDrive,
                stages.stream()
                        .map(s -> new RotationReader.Stage(s.kind, s.driver, s.driven, s.turned))
                        .toList(),
                !shaftOtherWay,
                bothWays,
                hazards,
                secured,
                coast,
                momentary);
    }

    /** Another machine: what is usual for it is filled in, for a person to confirm. */
    void pick(Tool picked) {
        tool = picked.name();
        work = picked.ways().work();
        back = picked.ways().back();
        motion = picked.motions().get(0).name();
        hazards = new ArrayList<>(picked.hazards().stream().map(Enum::name).toList());
        secured = false;
        momentary = picked == Tool.HOIST || momentary;
    }

    /** One more piece between the motor and the tool. */
    void add(String kind) {
        stages.removeIf(Stage::isBlank);
        if (stages.size() < RotationReader.MOST_STAGES) {
            Stage stage = new Stage();
            stage.kind = kind;
            stages.add(stage);
        }
        fillRows();
    }

    /** Takes a piece out. */
    void drop(int number) {
        if (number >= 0 && number < stages.size()) {
            stages.remove(number);
        }
        fillRows();
    }

    public String getTool() {
        return tool;
    }

    public void setTool(String tool) {
        this.tool = tool;
    }

    public String getWork() {
        return work;
    }

    public void setWork(String work) {
        this.work = work;
    }

    public String getBack() {
        return back;
    }

    public void setBack(String back) {
        this.back = back;
    }

    public String getMotion() {
        return motion;
    }

    public void setMotion(String motion) {
        this.motion = motion;
    }

    public String getDirection() {
        return direction;
    }

    public void setDirection(String direction) {
        this.direction = direction;
    }

    public boolean isFromDrive() {
        return fromDrive;
    }

    public void setFromDrive(boolean fromDrive) {
        this.fromDrive = fromDrive;
    }

    public List<Stage> getStages() {
        return stages;
    }

    public void setStages(List<Stage> stages) {
        this.stages = stages;
    }

    public boolean isShaftOtherWay() {
        return shaftOtherWay;
    }

    public void setShaftOtherWay(boolean shaftOtherWay) {
        this.shaftOtherWay = shaftOtherWay;
    }

    public boolean isBothWays() {
        return bothWays;
    }

    public void setBothWays(boolean bothWays) {
        this.bothWays = bothWays;
    }

    public List<String> getHazards() {
        return hazards;
    }

    public void setHazards(List<String> hazards) {
        this.hazards = hazards;
    }

    public boolean isSecured() {
        return secured;
    }

    public void setSecured(boolean secured) {
        this.secured = secured;
    }

    public String getCoast() {
        return coast;
    }

    public void setCoast(String coast) {
        this.coast = coast;
    }

    public boolean isMomentary() {
        return momentary;
    }

    public void setMomentary(boolean momentary) {
        this.momentary = momentary;
    }

    public int getVersion() {
        return version;
    }

    public void setVersion(int version) {
        this.version = version;
    }
}
