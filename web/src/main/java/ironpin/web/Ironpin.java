package ironpin.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts Ironpin on this machine. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Ironpin {
    public static void main(String[] args) {
        SpringApplication.run(Ironpin.class, args);
    }
}
