package gatepin.web.photo;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.web.photo.PhotoReader.Photo;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How many photos a job and a shop may have: no more than a job's file takes along, and than a backup gets done. */
@Repository
public class PhotoRoomStore {
    /** Photos of one job, with those of its motor. */
    public static final int MOST_OF_A_JOB = 40;

    /** What they may take up, bytes. */
    public static final long MOST_BYTES_OF_A_JOB = 30_000_000;

    /** Photos of one shop, with those of the motors on its shelf. */
    private static final int MOST_OF_A_SHOP = 2000;

    private final JdbcClient jdbc;

    PhotoRoomStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private record Taken(int photos, long bytes) {}

    /** Reads a photo that is to be kept with a job; problems carry the field {@code photo}. */
    public Reading<Photo> read(long job, byte[] bytes) {
        Taken its = taken(job);
        if (its.photos() >= MOST_OF_A_JOB) {
            return failed("This job has " + MOST_OF_A_JOB + " photos, and a job keeps no more.");
        }
        if (ofShop(job) >= MOST_OF_A_SHOP) {
            return failed("This shop has " + MOST_OF_A_SHOP + " photos, and a shop keeps no more.");
        }
        Reading<Photo> read = PhotoReader.read(bytes);
        long size = read.value().map(p -> (long) p.jpeg().length).orElse(0L);
        return its.bytes() + size > MOST_BYTES_OF_A_JOB
                ? failed("With it the photos of this job have more than " + MOST_BYTES_OF_A_JOB / 1_000_000
                        + " MB, and a job keeps no more.")
                : read;
    }

    /** How many photos a job has. */
    public int count(long job) {
        return of(job, "0").photos();
    }

    private Taken taken(long job) {
        return of(job, "length(jpeg)");
    }

    /** The pictures themselves are only touched where their bytes are asked for. */
    private Taken of(long job, String bytes) {
        return jdbc.sql("""
                        with its as (
                          select job.id, motor.id as motor from job join motor on motor.machine_id = job.machine_id where job.id = :job)
                        select count(*), coalesce(sum(bytes), 0) from (
                          select %1$s as bytes from found_photo join its on found_photo.job_id = its.id
                          union all select %1$s from motor_photo join its on motor_photo.motor_id = its.motor
                          union all select %1$s from start_trial join its on start_trial.motor_id = its.motor
                            where jpeg is not null) photos
                        """.formatted(bytes))
                .param("job", job)
                .query((row, n) -> new Taken(row.getInt(1), row.getLong(2)))
                .single();
    }

    private int ofShop(long job) {
        return jdbc.sql("""
                        select (select count(*) from found_photo join job on job.id = found_photo.job_id where job.shop_id = its.shop_id)
                             + (select count(*) from motor_photo join motor on motor.id = motor_photo.motor_id
                                where motor.shop_id = its.shop_id)
                        from job its where its.id = :job
                        """).param("job", job).query(Integer.class).single();
    }

    private static Reading<Photo> failed(String message) {
        return Reading.failed(List.of(new Problem("photo", "", message)));
    }
}
