package saltdrum.server.access;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import saltdrum.server.Settings;
import saltdrum.server.access.http.TrustedProxies;
import saltdrum.server.access.signin.SignIn;

/**
 * When people sign in, a proxy reports the caller's address and scheme; it is trusted only if its own address is
 * configured.
 */
@Component
final class ForwardedHeaders implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final SignIn signIn;
    private final String proxies;

    ForwardedHeaders(SignIn signIn, Settings settings) {
        this.proxies = TrustedProxies.pattern(settings.proxies());
        this.signIn = signIn;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (signIn.required()) {
            RemoteIpValve valve = new RemoteIpValve();
            valve.setProtocolHeader("X-Forwarded-Proto");
            valve.setInternalProxies(proxies);
            factory.addEngineValves(valve);
        }
    }
}
