package gatepin.web.upgrade;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings the database up to this version. The server cannot take back changes of tables, so a copy is made first; a change that fails,
 * or that was cut off, is undone by it. Data of a newer version is left alone.
 */
@Component
final class Upgrade implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(Upgrade.class);

    private final Backups backups;

    Upgrade(Backups backups) {
        this.backups = backups;
    }

    @Override
    public void migrate(Flyway flyway) {
        backups.unsettled().ifPresent(copy -> {
            LOG.warn("a change of the database was cut off; it is put back as it was before: {}", copy);
            backups.restore(copy);
            backups.settled();
        });
        MigrationInfoService info = flyway.info();
        refuseNewer(info);
        if (Arrays.stream(info.all()).anyMatch(m -> m.getState() == MigrationState.FAILED)) {
            flyway.repair();
        }
        if (info.pending().length > 0) {
            change(flyway, info.applied().length > 0);
        } else {
            flyway.validate();
        }
        Grants.give(flyway.getConfiguration().getDataSource());
    }

    private void change(Flyway flyway, boolean hasData) {
        Optional<Path> copy = hasData ? Optional.of(backups.begin()) : Optional.empty();
        copy.ifPresent(c -> LOG.info("the database is brought up to date; its copy is {}", c));
        try {
            flyway.migrate();
        } catch (FlywayException e) {
            copy.ifPresent(backups::restore);
            backups.settled();
            throw new Refused(
                    "Bringing the database up to date failed: " + firstLine(e)
                            + (hasData ? " All your data is as it was before." : ""),
                    copy.map(c -> "Start the version you had before; it goes on with the same data. A copy is " + c
                                    + ".")
                            .orElse("Delete the folder var/db and start again: there was nothing in it yet."),
                    e);
        }
        backups.settled();
    }

    private static void refuseNewer(MigrationInfoService info) {
        for (MigrationInfo done : info.all()) {
            if (done.getState() == MigrationState.FUTURE_SUCCESS || done.getState() == MigrationState.FUTURE_FAILED) {
                throw new Refused(
                        "This data was written by a newer Gate Pin: its tables are of version " + done.getVersion()
                                + ", which this one does not know.",
                        "Nothing was changed. Start the newer version, or bring back a copy from var/backup.");
            }
        }
    }

    private static String firstLine(FlywayException e) {
        return e.getMessage() == null
                ? "no reason given."
                : e.getMessage().lines().filter(l -> !l.isBlank()).findFirst().orElse("") + ".";
    }
}
