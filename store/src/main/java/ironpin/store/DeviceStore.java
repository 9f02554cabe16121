package ironpin.store;

import static ironpin.store.db.Tables.DEVICE;

import ironpin.refusal.NotThere;
import ironpin.refusal.Refused;
import ironpin.store.Cupboard.Question;
import ironpin.store.db.tables.records.DeviceRecord;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Who was let in: other devices of the house, guests who look at one batch, and scripts. */
public final class DeviceStore {
    /** Of all kinds together. */
    public static final int MOST = 50;

    /** A visit is written down this often. */
    private static final Duration EVERY = Duration.ofMinutes(5);

    private static final int TOKEN_BYTES = 32;
    private static final int LONGEST_NAME = 60;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Cupboard cupboard;

    public DeviceStore(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** What one may do. */
    public enum Kind {
        /** Everything, like a page on this machine. */
        DEVICE,
        /** Look at one batch. */
        GUEST,
        /** Send readings, and read. */
        SCRIPT
    }

    /**
     * One of them.
     *
     * @param id its number
     * @param kind what it may do
     * @param name what it is called
     * @param batch what a guest looks at
     * @param letIn when it was let in
     * @param seen when it was here last, within some minutes
     */
    public record Device(long id, Kind kind, String name, Optional<Long> batch, Instant letIn, Instant seen) {}

    /** Lets one in. @return what it shows for it from then on; it is told once and not kept here */
    public String letIn(Kind kind, String name, Optional<Long> batch, Instant now) {
        byte[] secret = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(secret);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        cupboard.write(dsl -> {
            if (dsl.fetchCount(DEVICE) >= MOST) {
                throw new Refused("at most " + MOST + " devices, guests and scripts are let in: send one away first");
            }
            batch.ifPresent(id -> BatchStore.locked(dsl, id));
            return dsl.insertInto(DEVICE)
                    .set(DEVICE.KIND, kind.name())
                    .set(DEVICE.NAME, name.substring(0, Math.min(LONGEST_NAME, name.length())))
                    .set(DEVICE.TOKEN_DIGEST, digest(token))
                    .set(DEVICE.BATCH_ID, batch.orElse(null))
                    .set(DEVICE.LET_IN_AT, Times.kept(now))
                    .set(DEVICE.SEEN_AT, Times.kept(now))
                    .execute();
        });
        return token;
    }

    /** Whose this is, if it is anybody's; its visit is written down. */
    public Optional<Device> of(String token, Instant now) {
        String digest = digest(token);
        Optional<Device> found = rows().stream()
                .filter(row -> row.getTokenDigest().equals(digest))
                .findFirst()
                .map(DeviceStore::device);
        found.filter(one -> Duration.between(one.seen(), now).compareTo(EVERY) > 0)
                .ifPresent(one -> cupboard.write(dsl -> dsl.update(DEVICE)
                        .set(DEVICE.SEEN_AT, Times.kept(now))
                        .where(DEVICE.ID.eq(one.id()))
                        .execute()));
        return found;
    }

    /** All of them, the one that was here last first. */
    public List<Device> all() {
        return rows().stream().map(DeviceStore::device).toList();
    }

    private List<DeviceRecord> rows() {
        return cupboard.remembered(
                new Question(Set.of(DEVICE), "devices", 0),
                dsl -> List.copyOf(dsl.selectFrom(DEVICE)
                        .orderBy(DEVICE.SEEN_AT.desc(), DEVICE.ID)
                        .fetch()));
    }

    /** Sends one away: what it shows is nobody's any more. @throws NotThere if there is none of this number */
    public void sendAway(long id) {
        cupboard.write(dsl -> {
            if (dsl.deleteFrom(DEVICE).where(DEVICE.ID.eq(id)).execute() == 0) {
                throw NotThere.called("device", String.valueOf(id));
            }
            return id;
        });
    }

    private static Device device(DeviceRecord row) {
        return new Device(
                row.getId(),
                Kind.valueOf(row.getKind()),
                row.getName(),
                Optional.ofNullable(row.getBatchId()),
                Times.read(row.getLetInAt()),
                Times.read(row.getSeenAt()));
    }

    private static String digest(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
