package ironpin.web.kitchen;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.List;

/** The addresses that this machine has in whatever networks it is in. */
public final class OwnAddresses {
    private OwnAddresses() {}

    /** Whether who listens there hears this machine alone. @param bound as the server was told */
    public static boolean loopback(String bound) {
        return bound.startsWith("127.") || bound.equals("localhost") || bound.equals("::1");
    }

    /** Whether who listens there hears every network. */
    public static boolean everywhere(String bound) {
        return bound.equals("0.0.0.0") || bound.equals("::");
    }

    /** All of them; none where the machine does not say. */
    public static List<InetAddress> all() {
        try {
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(one -> Collections.list(one.getInetAddresses()).stream())
                    .toList();
        } catch (SocketException unknown) {
            return List.of();
        }
    }
}
