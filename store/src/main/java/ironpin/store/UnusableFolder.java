package ironpin.store;

import java.io.IOException;
import java.sql.SQLException;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.h2.api.ErrorCode;

/** A data folder that cannot be used; the message says why in a cook's words. */
public final class UnusableFolder extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why a database could not be opened, where a cook can do something about it; else the problem itself. */
    static RuntimeException of(RuntimeException problem) {
        for (Throwable one = problem; one != null; one = one.getCause()) {
            if (one instanceof SQLException sql && sql.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
                return new UnusableFolder(
                        "Another Ironpin is using this data folder; stop it first, or choose another with --data.",
                        problem);
            }
            if (one instanceof FlywayValidateException) {
                return new UnusableFolder(
                        "This data folder was made by another version of Ironpin, which this one cannot read; choose another "
                                + "with --data. A demo is made anew with --fresh.",
                        problem);
            }
            if (one instanceof SQLException sql && sql.getErrorCode() == ErrorCode.FILE_CORRUPTED_1) {
                return new UnusableFolder(
                        "The database in this data folder is damaged; stop Ironpin and unzip a backup over it.",
                        problem);
            }
        }
        for (Throwable one = problem; one != null; one = one.getCause()) {
            if (one instanceof IOException) {
                return new UnusableFolder(
                        "The data folder cannot be written: " + one.getMessage()
                                + ". Make room on the disk, and start again; nothing that was kept is lost.",
                        problem);
            }
        }
        return problem;
    }

    UnusableFolder(String message, Throwable cause) {
        super(message, cause);
    }
}
