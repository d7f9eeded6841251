package com.keenreel.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class KeenReel {
    /**
     * Starts with {@code --keen-reel.data}, {@code --keen-reel.port}, {@code --keen-reel.site-port}, {@code
     * --keen-reel.public-port} and {@code --keen-reel.public-address}.
     */
    public static void main(String[] args) {
        start(args);
    }

    /** Starts and hands back the running application. */
    public static ConfigurableApplicationContext start(String... args) {
        SpringApplication application = new SpringApplication(KeenReel.class);
        application.addInitializers(context -> {
            Path data = Path.of(context.getEnvironment().getRequiredProperty("keen-reel.data"));
            try {
                Files.createDirectories(data); // SQLite makes no folder
            } catch (IOException refused) {
                throw new IllegalStateException(
                        "The data folder " + data + " cannot be made: " + refused.getMessage(), refused);
            }
        });
        return application.run(args);
    }
}
