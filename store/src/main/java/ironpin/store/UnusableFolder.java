package ironpin.store;

import java.io.IOException;
import java.sql.SQLException;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.h2.api.ErrorCode;

/** A data folder that cannot be used; the message says why in a cook's words. */
public final class UnusableFolder extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why a database could not be opened, where a cook can do something about it; else the problem itself. */
    static RuntimeException of(RuntimeException problem, DataFolder home) {
        if (problem instanceof UnusableFolder) {
            return problem;
        }
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
                return damaged("The database in this data folder is damaged.", home, problem);
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

    private final boolean damaged;

    UnusableFolder(String message, Throwable cause) {
        this(message, cause, false);
    }

    private UnusableFolder(String message, Throwable cause, boolean damaged) {
        super(message, cause);
        this.damaged = damaged;
    }

    /** What is in it is no database any more, which a backup may help. @param what is wrong with it */
    static UnusableFolder damaged(String what, DataFolder home, Throwable cause) {
        return new UnusableFolder(what + home.offered(), cause, true);
    }

    boolean isDamaged() {
        return damaged;
    }
}
