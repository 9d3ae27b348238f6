package gatepin.web.desk;

import gatepin.web.store.BoardStore;
import gatepin.web.store.BoardStore.Board;
import gatepin.web.store.JobStore;
import gatepin.web.store.JobStore.Job;
import gatepin.web.store.LogStore;
import gatepin.web.store.LogStore.Kind;
import gatepin.web.store.PhotoStore;
import gatepin.web.store.ShopStore;
import gatepin.web.store.StaleEdit;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a person writes down about a motor and its shop beside the facts that gates rely on: nothing here drops a pin. */
@Service
@Transactional
public class MotorDesk {
    private final JobStore jobs;
    private final BoardStore boards;
    private final PhotoStore photos;
    private final ShopStore shops;
    private final LogStore log;

    MotorDesk(JobStore jobs, BoardStore boards, PhotoStore photos, ShopStore shops, LogStore log) {
        this.jobs = jobs;
        this.boards = boards;
        this.photos = photos;
        this.shops = shops;
        this.log = log;
    }

    private Job job(long jobId) {
        return jobs.job(jobId).orElseThrow(() -> new IllegalArgumentException("there is no job " + jobId));
    }

    private void note(Job job, String words) {
        log.add(job, shops.ownerOf(job.shopId()), Kind.SAVED, words);
    }

    /** The outlets the job's shop has. */
    @Transactional(readOnly = true)
    public Set<String> outlets(long jobId) {
        return shops.outlets(job(jobId).shopId());
    }

    /** Writes down which outlets the job's shop has. */
    public void saveOutlets(long jobId, Collection<String> outlets) {
        shops.setOutlets(job(jobId).shopId(), outlets);
    }

    /** The photo of the plate as JPEG; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<byte[]> platePhoto(long jobId) {
        return photos.plate(job(jobId).motorId());
    }

    @Transactional(readOnly = true)
    public boolean hasPlatePhoto(long jobId) {
        return photos.hasPlate(job(jobId).motorId());
    }

    /** Keeps a photo of the plate in place of the one before. */
    public void savePlatePhoto(long jobId, byte[] jpeg, int width, int height) {
        Job job = job(jobId);
        photos.setPlate(job.motorId(), jpeg, width, height);
        note(job, "Photo of the plate added.");
    }

    /** The motor's stud board; empty where it has none. */
    @Transactional(readOnly = true)
    public Optional<Board> board(long jobId) {
        return boards.board(job(jobId).motorId());
    }

    /**
     * Saves the stud board.
     *
     * @throws StaleEdit when somebody saved the motor after {@code version}
     */
    public void saveBoard(long jobId, int version, Board board) {
        Job job = job(jobId);
        boards.save(job.motorId(), version, board);
        note(
                job,
                "Stud board saved: found linked for " + board.foundVolts() + " V ("
                        + board.found().links().stream().map(Object::toString).collect(Collectors.joining(", "))
                        + ").");
    }
}
