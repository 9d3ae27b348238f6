package gatepin.web.gate.gear;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.plan.Wishes;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.util.Arrays;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What people wish of the plan for a job. */
@Repository
class WishStore implements Keeper {
    private final JdbcClient jdbc;

    WishStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        jdbc.sql("select every_hot_broken, whole_current_protected, most_conductors, unusable, kept"
                        + " from plan_wish where job_id = :job")
                .param("job", job.id())
                .query((row, n) -> new Wishes(
                        row.getBoolean("every_hot_broken"),
                        row.getBoolean("whole_current_protected"),
                        row.getObject("most_conductors") == null
                                ? OptionalInt.empty()
                                : OptionalInt.of(row.getInt("most_conductors")),
                        words(row.getString("unusable")).map(Terminal::fromId).collect(Collectors.toSet()),
                        words(row.getString("kept")).map(WishStore::wire).collect(Collectors.toSet())))
                .optional()
                .ifPresent(into::wishes);
    }

    private static java.util.stream.Stream<String> words(String text) {
        return Arrays.stream(text.split(" ")).filter(w -> !w.isEmpty());
    }

    private static Wire wire(String ids) {
        String[] ends = ids.split(">");
        return new Wire(Terminal.fromId(ends[0]), Terminal.fromId(ends[1]), Wire.Run.MOTOR_CABLE);
    }

    public void save(long jobId, Wishes wishes) {
        jdbc.sql("replace into plan_wish (job_id, every_hot_broken, whole_current_protected, most_conductors, unusable,"
                        + " kept) values (:job, :broken, :protected, :most, :unusable, :kept)")
                .param("job", jobId)
                .param("broken", wishes.everyHotBroken())
                .param("protected", wishes.wholeCurrentProtected())
                .param(
                        "most",
                        wishes.mostConductors().isPresent()
                                ? wishes.mostConductors().getAsInt()
                                : null)
                .param("unusable", ids(wishes.unusable()))
                .param(
                        "kept",
                        wishes.kept().stream()
                                .map(w -> w.from().id() + ">" + w.to().id())
                                .sorted()
                                .collect(Collectors.joining(" ")))
                .update();
    }

    private static String ids(Set<Terminal> terminals) {
        return terminals.stream().sorted().map(Terminal::id).collect(Collectors.joining(" "));
    }
}
