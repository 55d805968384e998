package kindveil.studio.gate.lan;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import org.bouncycastle.util.IPAddress;

/**
 * What the studio shows to other devices so that nobody listens: signed by itself, made at first use, kept in the studio's folder.
 *
 * @param keys with the one certificate in them
 * @param fingerprint SHA-256 in pairs, to be compared by eye
 */
record Certificate(KeyStore keys, String fingerprint) {
    /** The file is its owner's alone; a password that stands beside it would add nothing. */
    static final String PASSWORD = "kindveil";
    private static final String FILE = "lan.p12";
    private static final String NAME = "studio";
    /** As long as browsers bear. */
    private static final Duration LASTS = Duration.ofDays(820);
    private static final Duration MADE_ANEW_BEFORE = Duration.ofDays(30);
    private static final Duration EARLIER = Duration.ofDays(1);
    private static final int SERIAL_BITS = 120;

    /** The one kept in a folder, or a new one where there is none, it runs out or it cannot be read. */
    static Certificate in(Path folder, List<String> hosts, Instant now) throws IOException, GeneralSecurityException {
        Path file = folder.resolve(FILE);
        if (Files.exists(file)) {
            try (InputStream in = Files.newInputStream(file)) {
                KeyStore keys = KeyStore.getInstance("PKCS12");
                keys.load(in, PASSWORD.toCharArray());
                if (keys.getCertificate(NAME) instanceof X509Certificate kept && kept.getNotAfter().toInstant().isAfter(now.plus(MADE_ANEW_BEFORE))) {
                    return new Certificate(keys, fingerprint(kept));
                }
            } catch (IOException | GeneralSecurityException damaged) {
                // another one is as good; its fingerprint is shown
            }
        }
        KeyStore keys = made(hosts, now);
        Files.createDirectories(folder);
        Path beside = Files.createTempFile(folder, "lan", ".new");
        try (OutputStream out = Files.newOutputStream(beside)) {
            keys.store(out, PASSWORD.toCharArray());
        }
        Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return new Certificate(keys, fingerprint((X509Certificate) keys.getCertificate(NAME)));
    }

    private static KeyStore made(List<String> hosts, Instant now) throws GeneralSecurityException, IOException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        KeyPair pair = generator.generateKeyPair();
        X500Name name = new X500Name("CN=Kind Veil studio");
        GeneralName[] names = hosts.stream().map(host -> new GeneralName(IPAddress.isValid(host) ? GeneralName.iPAddress : GeneralName.dNSName, host)).toArray(GeneralName[]::new);
        try {
            JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(name, new BigInteger(SERIAL_BITS, new SecureRandom()), Date.from(now.minus(EARLIER)), Date.from(now.plus(LASTS)), name, pair.getPublic());
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
            builder.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
            builder.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(names));
            X509Certificate certificate = new JcaX509CertificateConverter().getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(pair.getPrivate())));
            KeyStore keys = KeyStore.getInstance("PKCS12");
            keys.load(null, null);
            keys.setKeyEntry(NAME, pair.getPrivate(), PASSWORD.toCharArray(), new X509Certificate[] {certificate});
            return keys;
        } catch (OperatorCreationException unsigned) {
            throw new GeneralSecurityException(unsigned);
        }
    }

    private static String fingerprint(X509Certificate certificate) throws GeneralSecurityException {
        return HexFormat.ofDelimiter(" ").withUpperCase().formatHex(MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded()));
    }
}
