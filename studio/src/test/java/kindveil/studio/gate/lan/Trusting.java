package kindveil.studio.gate.lan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;

/** TLS of a device that trusts the certificate a studio keeps in its folder. */
final class Trusting {
    private Trusting() {
    }

    static SSLContext of(Path folder) throws IOException, GeneralSecurityException {
        KeyStore keys = KeyStore.getInstance("PKCS12");
        try (var in = Files.newInputStream(folder.resolve("lan.p12"))) {
            keys.load(in, Certificate.PASSWORD.toCharArray());
        }
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("studio", keys.getCertificate("studio"));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext trusting = SSLContext.getInstance("TLS");
        trusting.init(null, trust.getTrustManagers(), null);
        return trusting;
    }
}
