package ironpin.web.door;

import ironpin.web.kitchen.OwnAddresses;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.stereotype.Component;

/** Under which addresses other devices reach this kitchen. */
@Component
class Reached {
    private final String bound;
    private final List<String> names;
    private final WebServerApplicationContext server;

    Reached(
            @Value("${server.address:127.0.0.1}") String bound,
            @Value("${ironpin.hosts:}") List<String> names,
            WebServerApplicationContext server) {
        this.bound = bound;
        this.names = names.stream()
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .toList();
        this.server = server;
    }

    /** As in "http://192.168.1.20:8642"; none if only this machine is listened to. */
    List<String> addresses() {
        int port = server.getWebServer().getPort();
        return hosts().stream().map(host -> "http://" + host + ":" + port).toList();
    }

    /** The addresses and names alone. */
    List<String> hosts() {
        List<String> hosts = OwnAddresses.everywhere(bound) ? ofThisMachine() : ownOf(bound);
        if (hosts.isEmpty()) {
            return List.of();
        }
        return names.isEmpty() ? hosts : names;
    }

    private static List<String> ownOf(String address) {
        return OwnAddresses.loopback(address)
                ? List.of()
                : List.of(address.contains(":") ? "[" + address + "]" : address);
    }

    private static List<String> ofThisMachine() {
        return OwnAddresses.all().stream()
                .filter(one -> one instanceof Inet4Address && !one.isLoopbackAddress() && !one.isLinkLocalAddress())
                .map(InetAddress::getHostAddress)
                .toList();
    }
}
