package com.keenreel.app.practice;

import com.keenreel.app.access.Settings;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.AbstractProtocol;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** The practice site's own port, on the loopback address: another site than the application's for every browser. */
@Component
class PracticeConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final Settings settings;

    PracticeConnector(Settings settings) {
        this.settings = settings;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        Connector connector = new Connector("HTTP/1.1");
        connector.setPort(settings.sitePort());
        connector.setProperty("address", "127.0.0.1");
        if (connector.getProtocolHandler() instanceof AbstractProtocol<?> protocol) {
            protocol.setMaxThreads(20);
        }
        factory.addAdditionalConnectors(connector);
    }
}
