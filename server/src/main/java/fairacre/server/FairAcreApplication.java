package fairacre.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the program. */
@SpringBootApplication
public class FairAcreApplication {

    public static void main(String[] arguments) {
        SpringApplication.run(FairAcreApplication.class, arguments);
    }
}
