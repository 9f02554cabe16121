package ironpin.web.door;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class HouseCertificateTest {
    private static final Instant NOW = Instant.parse("2026-12-05T17:00:00Z");
    private static final Set<String> AT_HOME = Set.of("192.168.1.20", "kitchen.local");

    private Path folder;

    @BeforeMethod
    public void inAFolderOfItsOwn() throws IOException {
        folder = Files.createTempDirectory(Path.of("target"), "house");
    }

    private HouseCertificate of(Set<String> hosts, Instant now) throws IOException, GeneralSecurityException {
        return HouseCertificate.of(folder, hosts, now);
    }

    private static X509Certificate shown(HouseCertificate house) throws GeneralSecurityException {
        return (X509Certificate) house.store().getCertificate(HouseCertificate.DOOR);
    }

    @Test
    public void itIsMadeOnceAndSignedAgainBeforeItEnds() throws IOException, GeneralSecurityException {
        HouseCertificate first = of(AT_HOME, NOW);
        shown(first).verify(first.authority().getPublicKey());
        assertTrue(Duration.between(
                                shown(first).getNotBefore().toInstant(),
                                shown(first).getNotAfter().toInstant())
                        .toDays()
                <= 398);
        assertEquals(shown(of(AT_HOME, NOW.plus(Duration.ofDays(366)))), shown(first));
        HouseCertificate later = of(AT_HOME, NOW.plus(Duration.ofDays(368)));
        assertNotEquals(shown(later), shown(first));
        assertEquals(later.authority(), first.authority(), "no device has to trust anything new");
        assertEquals(
                PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("house.p12"))), "rw-------");
    }

    @Test
    public void anotherAddressInTheHouseIsTheSameAuthorityOneOutsideIsNot()
            throws IOException, GeneralSecurityException {
        HouseCertificate first = of(AT_HOME, NOW);
        HouseCertificate moved = of(Set.of("10.0.0.7", "fd00::7", "pantry.lan"), NOW);
        assertEquals(moved.authority(), first.authority());
        // The first may not speak for it: whoever trusts the house trusts it for nothing out there.
        HouseCertificate outside = of(Set.of("203.0.113.9"), NOW);
        assertNotEquals(outside.authority(), first.authority());
        shown(outside).verify(outside.authority().getPublicKey());
    }
}
