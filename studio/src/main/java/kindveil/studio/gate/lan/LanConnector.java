package kindveil.studio.gate.lan;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.util.List;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Listens beyond this machine. */
@Component
@ConditionalOnProperty("kindveil.lan")
class LanConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** For TLS 1.2, which also knows older ones: by a fresh key each time, with the message authenticated (RFC 9325, 4.2). */
    private static final String AUTHENTICATED = "ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-ECDSA-CHACHA20-POLY1305";
    private static final String EVERYWHERE = "0.0.0.0";
    private final List<String> hosts;
    private final String fingerprint;
    private final Connector connector;
    private final Lan lan;
    /** Asked once the store is open; the server is made before it. */
    private final ObjectProvider<Doorkeeper> keeper;

    LanConnector(@Value("${kindveil.data}") Path folder, @Value("${kindveil.lan-address:" + EVERYWHERE + "}") String address, @Value("${kindveil.lan-port}") int port, @Value("${server.tomcat.max-part-count}") int parts, Lan lan, ObjectProvider<Doorkeeper> keeper, Clock clock)
            throws IOException, GeneralSecurityException {
        this.lan = lan;
        this.keeper = keeper;
        this.hosts = address.equals(EVERYWHERE) ? addresses() : List.of(address);
        Certificate certificate = Certificate.in(folder, hosts, clock.instant());
        this.fingerprint = certificate.fingerprint();
        this.connector = connector(address, port, parts, certificate);
    }

    /** Of this machine, as others of its networks know it. */
    private static List<String> addresses() throws SocketException {
        List<String> found = NetworkInterface.networkInterfaces().filter(LanConnector::up).flatMap(NetworkInterface::inetAddresses)
                .filter(address -> address instanceof Inet4Address && !address.isLoopbackAddress()).sorted(java.util.Comparator.comparing((InetAddress address) -> !address.isSiteLocalAddress())).map(InetAddress::getHostAddress).toList();
        if (found.isEmpty()) {
            throw new IllegalStateException("This machine is in no network: connect it first, or start the studio without --lan.");
        }
        return found;
    }

    private static boolean up(NetworkInterface each) {
        try {
            return each.isUp();
        } catch (SocketException gone) {
            return false;
        }
    }

    private static Connector connector(String address, int port, int parts, Certificate certificate) {
        Connector connector = new Connector();
        connector.setPort(port);
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setMaxPartCount(parts);
        connector.setProperty("address", address);
        connector.setProperty("SSLEnabled", "true");
        if (connector.getProtocolHandler() instanceof AbstractHttp11Protocol<?> http) {
            http.setCompression("on");
            http.setMaxSwallowSize(-1);
        }
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols("TLSv1.2+TLSv1.3");
        config.setCiphers(AUTHENTICATED);
        SSLHostConfigCertificate shown = new SSLHostConfigCertificate(config, SSLHostConfigCertificate.Type.EC);
        shown.setCertificateKeystore(certificate.keys());
        shown.setCertificateKeystorePassword(Certificate.PASSWORD);
        config.addCertificate(shown);
        connector.addSslHostConfig(config);
        return connector;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addAdditionalConnectors(connector);
    }

    @EventListener(WebServerInitializedEvent.class)
    void open() {
        lan.opened(new Lan.Open(hosts, connector.getLocalPort(), fingerprint));
        System.out.println("Other devices: " + String.join(" or ", lan.open().orElseThrow().addresses()));
        keeper.getObject().first().ifPresent(passcode -> System.out.println("Their passcode, shown this once: " + passcode + "  (set your own on the Room page)"));
    }
}
