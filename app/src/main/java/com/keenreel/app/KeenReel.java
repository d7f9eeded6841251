package com.keenreel.app;

import com.keenreel.app.backup.Command;
import com.keenreel.app.store.Backup;
import com.keenreel.app.store.InUse;
import java.io.IOException;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class KeenReel {
    /**
     * Starts with {@code --keen-reel.data}, {@code --keen-reel.port}, {@code --keen-reel.site-port}, {@code
     * --keen-reel.public-port} and {@code --keen-reel.public-address}; or does {@code backup FILE FOLDER} or {@code
     * restore FILE FOLDER} with a data folder, and ends.
     */
    public static void main(String[] args) {
        if (args.length == 3 && (args[0].equals("backup") || args[0].equals("restore"))) {
            // a command says its own sentences, and nothing of the libraries it uses
            LoggingSystem.get(KeenReel.class.getClassLoader())
                    .setLogLevel(LoggingSystem.ROOT_LOGGER_NAME, LogLevel.WARN);
            System.exit(Command.run(args[0], Path.of(args[1]), Path.of(args[2])));
        }
        start(args);
    }

    /** Starts and hands back the running application. */
    public static ConfigurableApplicationContext start(String... args) {
        SpringApplication application = new SpringApplication(KeenReel.class);
        application.addInitializers(context -> {
            Path data = Path.of(context.getEnvironment().getRequiredProperty("keen-reel.data"));
            String origin = "http://localhost:" + context.getEnvironment().getProperty("keen-reel.port");
            try {
                InUse ours = InUse.take(data, origin).orElseThrow(() -> new InUse.Taken(data));
                context.addApplicationListener((ContextClosedEvent closed) -> ours.letGo());
                Backup.tidy(data);
            } catch (IOException refused) {
                throw new IllegalStateException(
                        "The data folder " + data + " cannot be made: " + refused.getMessage(), refused);
            }
        });
        return application.run(args);
    }
}
