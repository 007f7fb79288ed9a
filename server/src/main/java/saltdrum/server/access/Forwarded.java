package saltdrum.server.access;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Where people sign in, a server in front of this one tells who calls and whether by HTTPS; it is believed only where it
 * stands in a private network (the valve's own list).
 */
@Component
final class Forwarded implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final SignIn signIn;

    Forwarded(SignIn signIn) {
        this.signIn = signIn;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (signIn.required()) {
            RemoteIpValve valve = new RemoteIpValve();
            valve.setProtocolHeader("X-Forwarded-Proto");
            factory.addEngineValves(valve);
        }
    }
}
