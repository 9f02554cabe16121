package ironpin.web.door;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.security.auth.x500.X500Principal;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The household's own certificate: an authority that a device is told to trust once, and what it signs for the addresses of the day. The
 * authority may only speak for addresses and names within a house, so that whoever steals its key can pretend to be nothing else.
 */
final class HouseCertificate {
    /** Of the key that the door shows. */
    static final String DOOR = "door";
    /** The file lies beside the database and is readable by its owner alone; a password in this code would keep nobody out. */
    static final char[] PASSWORD = "ironpin".toCharArray();

    private static final String FILE = "house.p12";
    private static final String HOUSE = "house";
    private static final Duration TRUSTED = Duration.ofDays(3650);
    /** Browsers want one that ends within 398 days. */
    private static final Duration SHOWN = Duration.ofDays(397);

    private static final Duration RENEWED = Duration.ofDays(30);
    private static final List<String> WITHIN = List.of(
            "10.0.0.0/8",
            "172.16.0.0/12",
            "192.168.0.0/16",
            "169.254.0.0/16",
            "127.0.0.0/8",
            "fc00::/7",
            "fe80::/10",
            "::1/128");
    private static final List<String> NAMES = List.of("local", "lan", "home.arpa", "internal", "localhost");
    private static final SecureRandom RANDOM = new SecureRandom();

    private final KeyStore store;

    private HouseCertificate(KeyStore store) {
        this.store = store;
    }

    /** Made on first use; signed anew for other addresses and before it ends. @param hosts addresses and names it is reached by */
    static HouseCertificate of(Path folder, Set<String> hosts, Instant now)
            throws IOException, GeneralSecurityException {
        Path file = folder.resolve(FILE);
        KeyStore store = KeyStore.getInstance("PKCS12");
        if (Files.exists(file)) {
            try (InputStream in = Files.newInputStream(file)) {
                store.load(in, PASSWORD);
            }
        } else {
            store.load(null, PASSWORD);
        }
        if (!holds(store, hosts, now)) {
            sign(store, hosts, now);
            if (!speaksFor(store, now)) {
                makeAuthority(store, hosts, now);
                sign(store, hosts, now);
            }
            write(store, file);
        }
        return new HouseCertificate(store);
    }

    KeyStore store() {
        return store;
    }

    /** What a device is told to trust. */
    X509Certificate authority() throws GeneralSecurityException {
        return (X509Certificate) store.getCertificate(HOUSE);
    }

    private static boolean holds(KeyStore store, Set<String> hosts, Instant now) throws GeneralSecurityException {
        X509Certificate shown = (X509Certificate) store.getCertificate(DOOR);
        return shown != null
                && shown.getNotAfter().toInstant().isAfter(now.plus(RENEWED))
                && names(shown).equals(new TreeSet<>(hosts))
                && speaksFor(store, now);
    }

    private static Set<String> names(X509Certificate one) throws GeneralSecurityException {
        Set<String> names = new TreeSet<>();
        one.getSubjectAlternativeNames().forEach(name -> names.add(String.valueOf(name.get(1))));
        return names;
    }

    /** Whether the authority may sign what is shown, as a browser would find. */
    private static boolean speaksFor(KeyStore store, Instant now) throws GeneralSecurityException {
        X509Certificate authority = (X509Certificate) store.getCertificate(HOUSE);
        X509Certificate shown = (X509Certificate) store.getCertificate(DOOR);
        if (authority == null || shown == null) {
            return false;
        }
        // Java looks at constraints on the way only, not at those of an anchor.
        TrustAnchor anchor = new TrustAnchor(authority.getSubjectX500Principal(), authority.getPublicKey(), null);
        PKIXParameters how = new PKIXParameters(Set.of(anchor));
        how.setRevocationEnabled(false);
        how.setDate(Date.from(now));
        try {
            CertPathValidator.getInstance("PKIX")
                    .validate(CertificateFactory.getInstance("X.509").generateCertPath(List.of(shown, authority)), how);
            return true;
        } catch (CertPathValidatorException not) {
            return false;
        }
    }

    private static void makeAuthority(KeyStore store, Set<String> hosts, Instant now)
            throws GeneralSecurityException, CertIOException {
        KeyPair keys = keys();
        X500Principal house = new X500Principal("CN=Ironpin of this house");
        JcaX509v3CertificateBuilder made = builder(house, house, keys, now, TRUSTED);
        made.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        made.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        GeneralSubtree[] within = Stream.of(
                        WITHIN.stream().map(net -> new GeneralName(GeneralName.iPAddress, net)),
                        NAMES.stream().map(name -> new GeneralName(GeneralName.dNSName, name)),
                        hosts.stream().map(HouseCertificate::only))
                .flatMap(one -> one)
                .map(GeneralSubtree::new)
                .toArray(GeneralSubtree[]::new);
        made.addExtension(Extension.nameConstraints, true, new NameConstraints(within, null));
        store.setKeyEntry(HOUSE, keys.getPrivate(), PASSWORD, new X509Certificate[] {signed(made, keys.getPrivate())});
    }

    private static GeneralName only(String host) {
        return address(host)
                ? new GeneralName(GeneralName.iPAddress, host + (host.contains(":") ? "/128" : "/32"))
                : new GeneralName(GeneralName.dNSName, host);
    }

    private static boolean address(String host) {
        return host.matches("[0-9.]+|[0-9a-f:]*:[0-9a-f:.]*");
    }

    private static void sign(KeyStore store, Set<String> hosts, Instant now)
            throws GeneralSecurityException, CertIOException {
        PrivateKey house = (PrivateKey) store.getKey(HOUSE, PASSWORD);
        X509Certificate authority = (X509Certificate) store.getCertificate(HOUSE);
        if (house == null) {
            return;
        }
        KeyPair keys = keys();
        JcaX509v3CertificateBuilder made =
                builder(authority.getSubjectX500Principal(), new X500Principal("CN=Ironpin"), keys, now, SHOWN);
        made.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
        made.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
        made.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        List<GeneralName> names = new ArrayList<>();
        hosts.forEach(
                host -> names.add(new GeneralName(address(host) ? GeneralName.iPAddress : GeneralName.dNSName, host)));
        made.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(names.toArray(GeneralName[]::new)));
        store.setKeyEntry(DOOR, keys.getPrivate(), PASSWORD, new X509Certificate[] {signed(made, house), authority});
    }

    private static JcaX509v3CertificateBuilder builder(
            X500Principal by, X500Principal of, KeyPair keys, Instant now, Duration time) {
        return new JcaX509v3CertificateBuilder(
                by,
                new BigInteger(120, RANDOM).setBit(120),
                Date.from(now.minus(Duration.ofDays(1))),
                Date.from(now.plus(time)),
                of,
                keys.getPublic());
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder made, PrivateKey by)
            throws GeneralSecurityException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(made.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by)));
        } catch (OperatorCreationException odd) {
            throw new GeneralSecurityException(odd);
        }
    }

    private static KeyPair keys() throws GeneralSecurityException {
        KeyPairGenerator keys = KeyPairGenerator.getInstance("EC");
        keys.initialize(new ECGenParameterSpec("secp256r1"), RANDOM);
        return keys.generateKeyPair();
    }

    /** Whole or not at all, and never readable by others. */
    private static void write(KeyStore store, Path file) throws IOException, GeneralSecurityException {
        Path draft = file.resolveSibling(FILE + ".new");
        Files.deleteIfExists(draft);
        if (Files.getFileStore(file.getParent()).supportsFileAttributeView("posix")) {
            Files.createFile(draft, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        }
        try (OutputStream out = Files.newOutputStream(draft)) {
            store.store(out, PASSWORD);
        }
        Files.move(draft, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /** That it is the right one, as a device shows it too. */
    static String fingerprint(X509Certificate one) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(one.getEncoded());
            return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
        } catch (GeneralSecurityException never) {
            throw new IllegalStateException(never);
        }
    }
}
