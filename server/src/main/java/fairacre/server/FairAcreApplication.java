package fairacre.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the program. */
@SpringBootApplication
@EnableScheduling
public class FairAcreApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(FairAcreApplication.class, arguments);
    }
}
