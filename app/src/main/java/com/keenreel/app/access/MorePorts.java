package com.keenreel.app.access;

import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * The ports beside the application's own, all on the loopback address: the practice site, which is another site for every
 * browser, and, where it is wanted, published addresses alone.
 */
@Component
class MorePorts implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** Published answers are ready to be sent: more threads than that would only wait for each other. */
    private static final String PUBLISHED_THREADS = "32";

    private final Settings settings;

    MorePorts(Settings settings) {
        this.settings = settings;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addConnectorCustomizers(MorePorts::sendAtOnce);
        factory.addAdditionalConnectors(connector(settings.sitePort()));
        if (settings.publicPort() > 0) {
            Connector published = connector(settings.publicPort());
            published.setProperty("maxThreads", PUBLISHED_THREADS);
            factory.addAdditionalConnectors(published);
        }
    }

    private static Connector connector(int port) {
        Connector connector = new Connector("HTTP/1.1");
        connector.setPort(port);
        connector.setProperty("address", "127.0.0.1");
        sendAtOnce(connector);
        return connector;
    }

    /** Most answers leave in one piece, copied once. */
    private static void sendAtOnce(Connector connector) {
        connector.setProperty("socket.appWriteBufSize", "65536");
        connector.setProperty("socket.directBuffer", "true");
    }
}
