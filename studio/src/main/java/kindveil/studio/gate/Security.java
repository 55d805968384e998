package kindveil.studio.gate;

import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import kindveil.studio.page.device.Caller;
import jakarta.servlet.DispatcherType;
import org.apache.catalina.core.StandardHost;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.util.unit.DataSize;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import kindveil.studio.page.Visit;
import kindveil.studio.gate.lan.LanGate;
import kindveil.studio.work.DiskRoom;
import kindveil.studio.work.device.Doorkeeper;
import kindveil.studio.work.device.Lan;

/** One person on one machine: no log-in, but nothing from outside gets in; other devices by a passcode, where they are asked in. */
@Configuration
@EnableMethodSecurity
class Security {
    static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' blob:; font-src 'self'; "
            + "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain gate(HttpSecurity http, @Value("${server.port}") int port, @Value("${kindveil.largest-upload}") DataSize most, DiskRoom room, Lan lan, Doorkeeper keeper) {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        // other servers of this machine share its cookies: ours is called by its port
        tokens.setCookieName("kindveil-" + port);
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return http
                .addFilterAfter(new OwnHostOnly(lan), HeaderWriterFilter.class)
                .addFilterAfter(new LanGate(keeper, lan), OwnHostOnly.class)
                .addFilterBefore(new OwnPagesOnly(), CsrfFilter.class)
                .addFilterBefore(new UploadLimit(most), CsrfFilter.class)
                .addFilterBefore(new RoomToWrite(room), UploadLimit.class)
                .authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD, DispatcherType.ASYNC).permitAll()
                        .requestMatchers(LanGate.THE_WAY_IN).permitAll().anyRequest().hasAnyRole(Caller.OWNER, Caller.LET_IN))
                .exceptionHandling(refused -> refused.authenticationEntryPoint(LanGate.wayIn()))
                // in a cookie of its own, so that a bench left open over a restart can still be told
                .csrf(csrf -> csrf.csrfTokenRepository(tokens))
                .headers(headers -> headers
                        // it would be remembered for this machine's own address too, which is not asked for it
                        .httpStrictTransportSecurity(strict -> strict.disable())
                        .contentSecurityPolicy(csp -> csp.policyDirectives(POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        // what a page in part was answered must not come back as the whole of it
                        .addHeaderWriter(new StaticHeadersWriter("Vary", Visit.PART))
                        .cacheControl(cache -> cache.disable()))
                .build();
    }

    /** What the server refuses by itself looks like everything else. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> reports() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(PlainReports.class.getName());
            }
        });
    }

    /** Without accounts there is nobody to log in; this keeps a default one from being made. */
    @Bean
    UserDetailsService nobody() {
        return new InMemoryUserDetailsManager();
    }
}
