package ironpin.web.kitchen;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.List;

/** The addresses that this machine has in whatever networks it is in. */
public final class OwnAddresses {
    private OwnAddresses() {}

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
