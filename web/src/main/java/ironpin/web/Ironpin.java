package ironpin.web;

import ironpin.store.UnusableFolder;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.PortInUseException;

/** Starts Ironpin on this machine. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Ironpin {
    public static void main(String[] args) {
        try {
            SpringApplication.run(Ironpin.class, args);
        } catch (RuntimeException problem) {
            String said = inWords(problem);
            if (said.isEmpty()) {
                throw problem;
            }
            System.err.println(said);
            System.exit(1);
        }
    }

    /** What a cook can do something about, in one sentence; empty for anything else. */
    static String inWords(Throwable problem) {
        for (Throwable one = problem; one != null; one = one.getCause()) {
            if (one instanceof UnusableFolder) {
                return one.getMessage();
            }
            if (one instanceof PortInUseException port) {
                return "Port " + port.getPort() + " is taken by another program; choose one with --port.";
            }
        }
        return "";
    }
}
