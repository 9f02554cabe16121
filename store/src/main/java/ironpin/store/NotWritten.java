package ironpin.store;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.h2.mvstore.MVStoreException;

/** A change that the disk did not take: it is full, or may not be written. Nothing of it is kept; what was kept before is there. */
public final class NotWritten extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** What to say to a cook. */
    public static final String SAID =
            "The disk is full or cannot be written, so this was not kept. Make room and try again; nothing that was kept is lost.";

    private static final Set<Integer> OF_THE_DISK = Set.of(
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.DATABASE_IS_READ_ONLY,
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
            ErrorCode.CONNECTION_BROKEN_1,
            ErrorCode.FILE_CREATION_FAILED_1);

    /** @param cause what the disk said */
    public NotWritten(Throwable cause) {
        super(SAID, cause);
    }

    /** Whether this is the disk's doing. */
    static boolean is(Throwable problem) {
        for (Throwable one = problem; one != null; one = one.getCause()) {
            if (one instanceof IOException
                    || one instanceof MVStoreException
                    || one instanceof SQLException sql && OF_THE_DISK.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }
}
